package oddcradle.core.cure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import oddcradle.core.clearance.Body;
import oddcradle.core.clearance.ClearanceLedger;
import oddcradle.core.clearance.Gap;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.Stage;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.Bodies;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.Cure;
import oddcradle.core.step.seat.SeatFinding;

/** What would open a gap. */
final class SeatCures {
    private static final double FARTHEST_MOVE = 0.060;
    private static final double MOVE_STEP = 1e-4;
    private static final int OFFERED = 2;

    private SeatCures() {}

    static List<Cure> of(Examination examination, Finding finding) {
        return finding.code() == SeatFinding.GAP ? widerGap(examination.job(), examination, finding) : List.of();
    }

    /** The shortest slide along one free direction that opens the gap, found by stepping and bisection. */
    private static List<Cure> widerGap(Job job, Examination examination, Finding finding) {
        List<String> parts = finding.where().ids();
        boolean ofDrive = Stream.concat(
                        job.line().stages().stream().map(Stage::id),
                        job.line().shafts().stream().map(JackShaft::id))
                .anyMatch(parts::contains);
        if (ofDrive) {
            return LineCures.of(examination, finding);
        }
        if (parts.contains(Bodies.SCAN)) {
            // Trying every step against a scan would take too long to be offered.
            return List.of();
        }
        Gap gap = examination.ledger().near().stream()
                .filter(each ->
                        List.of(each.donorPart().id(), each.obstacle().id()).equals(parts))
                .findFirst()
                .orElseThrow();
        List<Cure> cures = new ArrayList<>();
        for (Freedom freedom : Freedom.values()) {
            if (!freedom.slides() || job.seat().isHeld(freedom)) {
                continue;
            }
            for (double sign : new double[] {1, -1}) {
                slideToOpen(examination, gap, freedom.direction().times(sign))
                        .ifPresent(move -> cures.add(Cure.of(new JobEdit.MoveSeat(move))));
            }
        }
        cures.sort(Comparator.comparingDouble(
                cure -> ((JobEdit.MoveSeat) cure.edit()).by().length()));
        return cures.subList(0, Math.min(OFFERED, cures.size()));
    }

    private static Optional<Vec3> slideToOpen(Examination examination, Gap gap, Vec3 direction) {
        Job job = examination.job();
        double shut = 0;
        for (double open = 0.002; open <= FARTHEST_MOVE; open += 0.002) {
            if (marginAfter(job, gap, direction.times(open)) >= 0) {
                while (open - shut > MOVE_STEP / 4) {
                    double middle = (open + shut) / 2;
                    if (marginAfter(job, gap, direction.times(middle)) >= 0) {
                        open = middle;
                    } else {
                        shut = middle;
                    }
                }
                return inWholeSteps(examination, gap, direction, open);
            }
            shut = open;
        }
        return Optional.empty();
    }

    /** A tenth of a millimetre is as fine as anybody sets an engine; with what the pair draws nearer by where it then is. */
    private static Optional<Vec3> inWholeSteps(Examination examination, Gap gap, Vec3 direction, double open) {
        double steps = Math.ceil(open / MOVE_STEP);
        while (steps * MOVE_STEP <= FARTHEST_MOVE) {
            Vec3 move = direction.times(steps * MOVE_STEP);
            Job moved = new JobEdit.MoveSeat(move).applyTo(examination.job());
            double margin = Examination.of(moved, examination).ledger().near().stream()
                    .filter(each -> each.donorPart().id().equals(gap.donorPart().id())
                            && each.obstacle().id().equals(gap.obstacle().id()))
                    .mapToDouble(Gap::margin)
                    .findFirst()
                    .orElse(0);
            if (margin >= 0) {
                return Optional.of(move);
            }
            steps += Math.ceil(-margin / MOVE_STEP);
        }
        return Optional.empty();
    }

    /** The pair keeps its rule and what it draws nearer by; that changes little over so short a move. */
    private static double marginAfter(Job job, Gap gap, Vec3 move) {
        Job moved = new JobEdit.MoveSeat(move).applyTo(job);
        Pose shift =
                new Pose(Mat3.IDENTITY, moved.seat().position().minus(job.seat().position()));
        Body part = Body.of(
                gap.donorPart().id(),
                gap.donorPart().label(),
                gap.donorPart().room(),
                gap.donorPart().nature(),
                gap.donorPart().solids().stream()
                        .map(solid -> solid.placed(shift))
                        .toList());
        boolean follows = job.cradle().member(gap.obstacle().id()).isPresent();
        Body obstacle = follows
                ? Bodies.afresh().obstacles(moved, Seating.of(moved)).stream()
                        .filter(body -> body.id().equals(gap.obstacle().id()))
                        .findFirst()
                        .orElseThrow()
                : gap.obstacle();
        return ClearanceLedger.separationOrAnyOverlap(part, obstacle).distance() - gap.movement() - gap.limit();
    }
}
