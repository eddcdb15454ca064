package oddcradle.core.cure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import oddcradle.core.catalog.SectionStock;
import oddcradle.core.clearance.Body;
import oddcradle.core.clearance.ClearanceLedger;
import oddcradle.core.clearance.Gap;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.Stage;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.frame.FrameAnalysis;
import oddcradle.core.frame.FrameResult;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.edit.Side;
import oddcradle.core.job.edit.SurveyEdit;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.Bodies;
import oddcradle.core.placement.MountedDonor;
import oddcradle.core.placement.PathPoint;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.Cure;
import oddcradle.core.section.Tube;
import oddcradle.core.step.shake.ShakeReport;
import oddcradle.core.structure.CradleFrame;
import oddcradle.core.structure.LineResult;
import oddcradle.core.structure.TubeStresses;
import oddcradle.core.vibration.MountedBody;
import oddcradle.core.vibration.Transmissibility;
import oddcradle.core.weigh.CombinedMass;

/**
 * What would mend a finding. Every cure is tried on the job before it is offered, so that applying it makes its own
 * finding good; what it does to others shows when it is applied.
 */
public final class Cures {
    private static final double FARTHEST_MOVE = 0.060;
    private static final double MOVE_STEP = 1e-4;
    private static final int OFFERED = 2;

    private Cures() {}

    /** @return cures for one finding, the smallest change first; empty if it is good already or none is known */
    public static List<Cure> of(Examination examination, Finding finding) {
        if (!finding.severity().isWorseThan(Severity.NOT_CHECKED)) {
            return List.of();
        }
        Job job = examination.job();
        return switch (finding.code()) {
            case "seat.gap" -> widerGap(job, examination, finding);
            case "cradle.loose-end" -> landing(job, examination.seating(), finding);
            case "shake.idle" -> softer(job, job.donor().engine().idleSpeed(), ShakeReport.MOST_AT_IDLE);
            case "shake.cruise" -> softer(job, job.donor().engine().cruiseSpeed(), ShakeReport.MOST_AT_CRUISE);
            case "load.stress" -> thicker(job, examination, finding);
            case "donor.weighed", "donor.weighed-cg" -> weighedMass(job, examination.weighed());
            case "survey.slip" -> mendedReading(examination, finding);
            case "survey.moved" -> List.of(Cure.of(new SurveyEdit.TakeSurvey(side(finding))));
            case "load.movement" -> harder(job, finding.limit().orElseThrow().si());
            default ->
                finding.step() == Step.CRADLE
                        ? CradleCures.of(examination, finding)
                        : LineCures.of(examination, finding);
        };
    }

    /** What was weighed; where only the mass is known, the rest is kept in proportion. */
    private static List<Cure> weighedMass(Job job, CombinedMass weighed) {
        MassProperties now = job.donor().mass();
        double mass = weighed.mass().map(CombinedMass.Measured::value).orElse(now.mass());
        MassProperties then = new MassProperties(
                mass,
                weighed.cg().orElse(now.cg()),
                weighed.inertia().orElse(now.inertia().times(mass / now.mass())));
        return List.of(Cure.of(new JobEdit.SetMass(then)));
    }

    private static Side side(Finding finding) {
        return finding.step() == Step.DONOR ? Side.DONOR : Side.HOST;
    }

    /** What was probably meant; and always the tape once more. */
    private static List<Cure> mendedReading(Examination examination, Finding finding) {
        String reading = finding.where().parts().get(0);
        List<Cure> cures = new ArrayList<>();
        examination.survey(side(finding)).suspects().stream()
                .filter(suspect -> suspect.reading().id().equals(reading))
                .flatMap(suspect -> suspect.cures().stream().limit(1))
                .forEach(slip -> cures.add(Cure.of(new SurveyEdit.SetReading(side(finding), slip.mended()))));
        cures.add(Cure.of(new SurveyEdit.DropReading(side(finding), reading)));
        return cures;
    }

    /** The shortest slide along one free direction that opens the gap, found by stepping and bisection. */
    private static List<Cure> widerGap(Job job, Examination examination, Finding finding) {
        List<String> parts = finding.where().parts();
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
        return ClearanceLedger.separation(part, obstacle).distance() - gap.movement() - gap.limit();
    }

    /** Onto the host tube that is nearest to the loose end. */
    private static List<Cure> landing(Job job, Seating seating, Finding finding) {
        String tubeId = finding.where().parts().get(0);
        String node = finding.where().parts().get(1);
        Member tube = job.cradle().member(tubeId).orElseThrow();
        String other = node.equals(tube.first()) ? tube.last() : tube.first();
        boolean ownNode =
                job.cradle().nodes().stream().anyMatch(each -> each.id().equals(node));
        if (!ownNode) {
            return List.of();
        }
        return job.host().members().stream()
                .min(Comparator.comparingDouble(member -> distance(seating, member, seating.node(node))))
                .map(member -> List.of(Cure.of(new JobEdit.LandNode(node, member.id(), other))))
                .orElse(List.of());
    }

    private static double distance(Seating seating, Member member, Vec3 point) {
        return PathPoint.nearest(seating.path(member), point).distanceTo(point);
    }

    /** The hardest rubber sold that passes on no more than the limit. */
    private static List<Cure> softer(Job job, double speed, double limit) {
        List<String> all = job.cradle().isolators().stream().map(Isolator::id).toList();
        List<Double> sold = job.cradle().soldHardnesses();
        double firing = job.donor().engine().firingFrequency(speed);
        for (int k = sold.size() - 1; k >= 0; k--) {
            JobEdit edit = new JobEdit.SetHardness(all, sold.get(k));
            MountedBody body = MountedDonor.of(edit.applyTo(job));
            if (Transmissibility.vertical(body, firing) <= limit) {
                return List.of(Cure.of(edit));
            }
        }
        return List.of();
    }

    /** The lightest stock tube that brings the tube's stress under what is allowed, by solving the frame again. */
    private static List<Cure> thicker(Job job, Examination examination, Finding finding) {
        String id = finding.where().parts().get(0);
        Member tube = job.member(id).orElseThrow();
        double needed = finding.measured().orElseThrow().si()
                / finding.limit().orElseThrow().si();
        double modulus = tube.remaining().secondMomentY() / tube.remaining().outerRadius();
        for (Tube stock : SectionStock.tubes()) {
            // A stiffer tube draws more load, so less than the modulus needed at equal load cannot do.
            if (stock.secondMomentY() / stock.outerRadius() < 0.8 * needed * modulus) {
                continue;
            }
            JobEdit edit = new JobEdit.SetSection(id, stock);
            if (holds(edit.applyTo(job), id)) {
                return List.of(Cure.of(edit));
            }
        }
        return List.of();
    }

    /** The softest harder rubber that keeps the sprocket still enough, by solving the frame again. */
    private static List<Cure> harder(Job job, double limit) {
        List<String> all = job.cradle().isolators().stream().map(Isolator::id).toList();
        double now = job.cradle().isolators().stream()
                .flatMapToDouble(isolator -> isolator.element().shore().stream().mapToDouble(Double::doubleValue))
                .max()
                .orElse(Double.POSITIVE_INFINITY);
        for (double hardness : job.cradle().soldHardnesses()) {
            JobEdit edit = new JobEdit.SetHardness(all, hardness);
            if (hardness > now && movementWithin(edit.applyTo(job), limit)) {
                return List.of(Cure.of(edit));
            }
        }
        return List.of();
    }

    private static boolean movementWithin(Job job, double limit) {
        return Examination.of(job).report(Step.LOAD).findings().stream()
                .filter(finding -> finding.code().equals("load.movement"))
                .allMatch(finding -> finding.measured().orElseThrow().si() <= limit);
    }

    private static boolean holds(Job job, String tube) {
        Seating seating = Seating.of(job);
        CradleFrame.Built built = CradleFrame.of(job, seating, LineResult.of(job, seating));
        Optional<FrameResult> result = FrameAnalysis.solve(built.input()).answer();
        return result.isPresent()
                && TubeStresses.of(TubeStresses.input(job, built, result.get())).stream()
                        .filter(use -> use.tube().id().equals(tube))
                        .allMatch(use -> use.utilisation() <= 1);
    }
}
