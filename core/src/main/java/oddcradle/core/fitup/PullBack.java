package oddcradle.core.fitup;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import oddcradle.core.examine.Examination;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.job.Job;
import oddcradle.core.job.fit.Measuring;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.step.fit.JointPull;
import oddcradle.core.step.fit.MountFound;
import oddcradle.core.step.make.TubeEnd;
import oddcradle.core.workshop.Shrinkage;

/**
 * Whether a mount that welding pulled out of place can be pulled back by the same means: a run laid on the far side of its tube, which shrinks there and turns the tube back about its
 * joint.
 *
 * <p>A run shrinks its side by a tenth of its metal over the wall ({@link Shrinkage}); over the depth of the tube that is an angle, times the arm a way. Half round the tube, so half of that comes
 * back where the other end is welded too. An estimate: after each run it cools and is measured (common practice).
 *
 * @param tube that is bent back
 * @param joint at whose end the run is laid
 * @param side of the tube that it is laid on, unit
 * @param each about how far one run brings it, m
 * @param runs how many, 1 or more
 */
record PullBack(String tube, String joint, Vec3 side, double each, int runs) {
    /** More runs are no cure but a heap, a count; common practice. */
    private static final int MOST_RUNS = 4;

    /** Of what it is off, along the way in which it was pulled. */
    private static final double BY_PULL = 0.6;

    /** Sine of the least angle between the way back and the tube: along itself no run moves it. */
    private static final double ACROSS = 0.7;

    /**
     * Empty where welding was not what moved it, where heat would ruin it, or where it would take too much.
     *
     * @param off what of its offset has to come back, m
     */
    static Optional<PullBack> of(Examination examination, MountFound mount, Vec3 off) {
        Job job = examination.job();
        boolean bare = job.asBuilt()
                .now()
                .filter(now -> now.made() == Measuring.Made.WELDED)
                .isPresent();
        Optional<JointPull> pull = examination.fit().pulls().stream()
                .filter(each -> each.point().equals(mount.id()) && each.isSure())
                .findFirst();
        Optional<MountDesign> design = examination.mountDesigns().stream()
                .filter(each -> each.isolator().id().equals(mount.id()))
                .findFirst();
        if (!bare || pull.isEmpty() || design.isEmpty() || !(pull.get().moved().dot(off) > BY_PULL * off.dot(off))) {
            return Optional.empty();
        }
        Member tube = design.get().tube();
        return tube.madeOf(job.materials()).isLightAlloy()
                ? Optional.empty()
                : bent(examination, tube, design.get().at(), off);
    }

    private static Optional<PullBack> bent(Examination examination, Member tube, Vec3 at, Vec3 off) {
        double beside = 2 * tube.section().outerRadius();
        List<String> ends = Stream.of(tube.first(), tube.last())
                .filter(node -> examination.seating().node(node).distanceTo(at) > beside)
                .sorted(Comparator.comparingDouble(
                        node -> examination.seating().node(node).distanceTo(at)))
                .toList();
        boolean bolted = examination.cutList().stream()
                .filter(cut -> cut.tube().id().equals(tube.id()))
                .flatMap(cut -> cut.ends().stream())
                .anyMatch(TubeEnd::bolted);
        if (ends.isEmpty() || bolted) {
            return Optional.empty();
        }
        String joint = ends.get(0);
        Vec3 arm = at.minus(examination.seating().node(joint));
        Vec3 back = off.negated().withoutPartAlong(arm.unit());
        if (back.length() < ACROSS * off.length()) {
            return Optional.empty();
        }
        double wall = tube.section().wall() > 0
                ? tube.section().wall()
                : tube.section().halfSize(false);
        double angle = Shrinkage.transverse(wall, wall) / (2 * tube.section().halfSize(false));
        double each = angle * arm.length() / ends.size();
        int runs = (int) Math.ceil(back.length() / each);
        // The tube bends towards the side that shrinks.
        return runs > MOST_RUNS
                ? Optional.empty()
                : Optional.of(new PullBack(tube.id(), joint, back.unit(), each, runs));
    }
}
