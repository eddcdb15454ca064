package oddcradle.core.placement;

import java.util.Optional;
import oddcradle.core.engine.Crank;
import oddcradle.core.engine.EngineLayout;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.JoinedUnit;
import oddcradle.core.job.donor.Pack;
import oddcradle.core.job.donor.Turn;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/**
 * Where the crank lies in the seated donor; axes turned as the host's.
 *
 * @param fromCg middle of the crank from the donor's centre of gravity, m
 * @param axes columns: along the crank in the sense in which it turns, square to that, and up in the donor
 * @param turns 1 where it turns from upright toward the donor's front, -1 where it turns the other way
 * @param measured false where its place is taken from what else is known
 */
public record CrankPlace(Vec3 fromCg, Mat3 axes, int turns, boolean measured) {
    private static final double UPRIGHT = 0.9;
    private static final double LENGTHWAYS = 0.1;

    /** Of the donor's own engine. */
    public static CrankPlace of(Job job) {
        Donor donor = job.donor();
        Optional<JoinedUnit> unit = Pack.first(donor);
        if (unit.isPresent()) {
            return of(job, unit.get(), donor.engine());
        }
        int turns = turns(donor);
        Vec3 along = (isUpright(donor) ? Vec3.Z.negated() : Vec3.Y).times(turns);
        Vec3 up = isUpright(donor) ? Vec3.Y : Vec3.Z;
        Vec3 centre = donor.engine().crank().flatMap(Crank::centre).orElseGet(() -> likely(donor));
        return lying(job, along, up, centre, turns, donor.engine());
    }

    /** Of an engine that is a unit of the donor: its crank is its shaft, beside the middle of its weight where nobody has measured that. */
    public static CrankPlace of(Job job, JoinedUnit unit, Engine engine) {
        Vec3 shaft = unit.shaft().axis().unit();
        boolean upright = Math.abs(shaft.z()) > UPRIGHT;
        boolean across = Math.abs(shaft.y()) > LENGTHWAYS;
        Vec3 usual = upright ? Vec3.Z.negated() : across ? Vec3.Y : Vec3.X.negated();
        Vec3 sense = unit.turn() == Turn.UNKNOWN
                ? shaft.times(Math.signum(shaft.dot(usual)))
                : shaft.times(unit.turn() == Turn.ANTICLOCKWISE ? 1 : -1);
        Vec3 up = (upright ? Vec3.Y : Vec3.Z).withoutPartAlong(sense).unit();
        Vec3 end = unit.shaft().centre();
        Vec3 centre = engine.crank()
                .flatMap(Crank::centre)
                .orElseGet(() -> end.along(shaft, unit.mass().cg().minus(end).dot(shaft)));
        return lying(job, sense, up, centre, sense.dot(usual) < 0 ? -1 : 1, engine);
    }

    private static CrankPlace lying(Job job, Vec3 along, Vec3 up, Vec3 centre, int turns, Engine engine) {
        Mat3 own = Mat3.ofColumns(along, up.cross(along), up);
        Mat3 seat = job.seat().pose().rotation();
        return new CrankPlace(
                seat.times(centre.minus(job.donor().mass().cg())),
                seat.times(own),
                turns,
                engine.crank().flatMap(Crank::centre).isPresent());
    }

    /** The same seen from another centre of gravity. */
    public CrankPlace shifted(Vec3 by) {
        return new CrankPlace(fromCg.plus(by), axes, turns, measured);
    }

    /** Of the crank, host's axes. */
    public Vec3 axis() {
        return new Vec3(axes.get(0, 0), axes.get(1, 0), axes.get(2, 0));
    }

    private static boolean isUpright(Donor donor) {
        return donor.shape()
                .filter(shape -> shape.layout() == EngineLayout.UTILITY_UPRIGHT_CRANK)
                .isPresent();
    }

    /** The sense of the output, with which a crank turns through one pair of gears in the case and another to the shaft. */
    private static int turns(Donor donor) {
        Turn turn = donor.output().turn();
        if (turn == Turn.UNKNOWN) {
            return 1;
        }
        // Seen from outside, along the axis toward the donor.
        Vec3 sense = donor.output().axis().times(turn == Turn.ANTICLOCKWISE ? 1 : -1);
        return sense.dot(isUpright(donor) ? Vec3.Z.negated() : Vec3.Y) < 0 ? -1 : 1;
    }

    /**
     * The dimensions of an engine are taken from its crank; a crank that drives without gears lies on the output's axis; else it
     * lies near the middle of the weight.
     */
    private static Vec3 likely(Donor donor) {
        if (donor.shape().isPresent()) {
            return Vec3.ZERO;
        }
        Vec3 cg = donor.mass().cg();
        if (donor.engine().primaryRatio() == 1) {
            Vec3 on = donor.output().centre();
            Vec3 axis = donor.output().axis().unit();
            return on.along(axis, cg.minus(on).dot(axis));
        }
        return cg;
    }
}
