package oddcradle.core.proof;

import java.util.List;
import java.util.Optional;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.frame.FrameResult;
import oddcradle.core.job.Job;
import oddcradle.core.job.load.Duty;
import oddcradle.core.search.ShakeMaps;
import oddcradle.core.structure.CaseVariants;
import oddcradle.core.structure.FrameStability;
import oddcradle.core.structure.TubeStress;
import oddcradle.core.structure.WeldedEnd;

/**
 * Whether the whole holds, and for how long: what takes seconds and does not follow a hand.
 *
 * @param tubes the hardest worked first
 * @param sways cases whose load comes near to buckling the frame, the nearest first
 * @param joints where something is welded onto a tube or a hole goes through it, the hardest worked first
 * @param duty that lives are told for
 * @param lives of welds, the shortest first
 * @param losses of one part each, the worst first
 */
public record LoadProof(
        List<TubeStress> tubes,
        List<FrameStability.Near> sways,
        List<JointUse> joints,
        Duty duty,
        List<EndLife> lives,
        List<Loss> losses) {
    public LoadProof {
        tubes = List.copyOf(tubes);
        sways = List.copyOf(sways);
        joints = List.copyOf(joints);
        lives = List.copyOf(lives);
        losses = List.copyOf(losses);
    }

    /** Empty where the frame does not stand. */
    public static Optional<LoadProof> of(Examination examination, Progress progress) {
        return examination.load().answer().map(result -> of(examination, result, progress));
    }

    /** The shortest life told of any weld or tube end, s; empty where none is told. */
    public Optional<Double> shortestLife() {
        return lives.stream()
                .flatMapToDouble(each -> each.hours().stream())
                .boxed()
                .min(Double::compare)
                .map(hours -> hours * 3600);
    }

    /** Welds and drilled places alone, the hardest worked first; milliseconds. */
    public static List<JointUse> joints(Examination examination) {
        return examination.load().answer().stream()
                .flatMap(result -> JointUse.of(examination, result.cases()).stream())
                .toList();
    }

    /** Welds alone by how long they last, the shortest first; a second or two. */
    public static List<EndLife> lives(Examination examination) {
        Job job = examination.job();
        return DutyStresses.lives(
                examination, job.duty(), WeldedEnd.of(job, examination.frame()), ShakeMaps.machine(examination));
    }

    private static LoadProof of(Examination examination, FrameResult result, Progress progress) {
        Job job = examination.job();
        List<FrameStability.Near> sways =
                FrameStability.of(new FrameStability.Input(CaseVariants.of(job), examination.frame(), result));
        progress.report(0.2);
        List<JointUse> joints = joints(examination);
        progress.report(0.3);
        Duty duty = job.duty();
        List<EndLife> lives = lives(examination);
        progress.report(0.7);
        return new LoadProof(
                examination.tubeStresses(), sways, joints, duty, lives, Loss.all(examination, progress.part(0.7, 1)));
    }
}
