package oddcradle.core.fitup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.asbuilt.Aim;
import oddcradle.core.asbuilt.Room;
import oddcradle.core.clearance.Gap;
import oddcradle.core.drive.Stage;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Step;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Part;
import oddcradle.core.math.Vec3;
import oddcradle.core.search.LineTolerance;
import oddcradle.core.step.line.DatumSeat;
import oddcradle.core.step.line.LineFinding;
import oddcradle.core.units.Quantity;

/** What the engine must not leave when it is shimmed: its line, and the gaps round it. */
final class LineAims {
    /** Second place on a shaft, by which its angle is held, m. */
    private static final double ALONG = 0.3;

    /** Between shafts or planes of which no coupling is named, rad; common practice. */
    private static final double ANGLE = Math.toRadians(0.3);

    /** Of a tolerance that running uses up. */
    private static final double LEAST_SHARE = 0.25;

    private static final int ROOMS = 12;
    private static final double SEEN = 0.0005;
    private static final double UNSEEN_BY_DIAL = 0.00005;

    private LineAims() {}

    /** None where nothing has been chosen that must line up. */
    static List<Aim> of(Examination examination) {
        Job job = examination.job();
        Optional<DatumSeat> datum = DatumSeat.of(job);
        if (datum.isEmpty()) {
            return List.of();
        }
        DatumSeat line = datum.get();
        Vec3 at = examination.seating().pose().place(line.own());
        double tolerance = LineTolerance.of(job, at, line);
        tolerance = Math.max(tolerance * LEAST_SHARE, tolerance - running(examination));
        List<Aim> aims = new ArrayList<>();
        if (line.plane()) {
            aims.add(aim(at, line.way(), at.minus(line.point()).dot(line.way()), tolerance));
            Vec3 towards = line.point().minus(at).withoutPartAlong(line.way());
            if (towards.length() > ALONG / 10) {
                Vec3 beside = at.along(towards.unit(), ALONG);
                aims.add(aim(beside, line.way(), at.minus(line.point()).dot(line.way()), tolerance + ANGLE * ALONG));
            }
            return aims;
        }
        Vec3 first = line.way().anyPerpendicular();
        Vec3 axis = examination.seating().pose().turn(line.ownAxis());
        double angle = job.line().stages().stream()
                .findFirst()
                .filter(Stage.Coupling.class::isInstance)
                .map(stage -> ((Stage.Coupling) stage).angularAllowance())
                .orElse(ANGLE);
        for (Vec3 way : List.of(first, line.way().cross(first))) {
            double off = at.minus(line.point()).dot(way);
            aims.add(aim(at, way, off, tolerance));
            aims.add(aim(at.along(axis, ALONG), way, off + ALONG * axis.dot(way), tolerance + angle * ALONG));
        }
        return aims;
    }

    /** How far the shafts part by themselves while it runs, m: the mounts must leave that much. */
    private static double running(Examination examination) {
        return examination.report(Step.LINE).findings().stream()
                .filter(finding -> finding.code() == LineFinding.MOVED_ASIDE)
                .flatMap(finding -> finding.measured().stream())
                .mapToDouble(Quantity::si)
                .max()
                .orElse(0);
    }

    /** What is out of line as drawn is no fault of the mounts: it must not get worse. */
    private static Aim aim(Vec3 place, Vec3 way, double off, double tolerance) {
        return new Aim(place, way, off, Math.max(tolerance, Math.abs(off) + UNSEEN_BY_DIAL));
    }

    /** The nearest gaps of the donor, less what each must keep. */
    static List<Room> rooms(Examination examination) {
        List<String> own =
                examination.job().donor().bodies().stream().map(Part::id).toList();
        List<Room> rooms = new ArrayList<>();
        for (Gap gap : examination.ledger().near()) {
            Separation apart = gap.separation();
            Vec3 between = apart.pointB().minus(apart.pointA());
            if (own.contains(gap.donorPart().id()) && between.length() > 1e-9 && rooms.size() < ROOMS) {
                Vec3 towards = apart.overlap() ? between.unit().negated() : between.unit();
                // What already lacks as drawn is no fault of the shims: it must not get worse by more than anybody
                // sees.
                rooms.add(new Room(apart.pointA(), towards, Math.max(0, gap.margin()) + SEEN));
            }
        }
        return rooms;
    }
}
