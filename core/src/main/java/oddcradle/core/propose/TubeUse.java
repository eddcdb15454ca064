package oddcradle.core.propose;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.proof.JointUse;
import oddcradle.core.proof.MountJoints;
import oddcradle.core.proof.TubeJoints;
import oddcradle.core.structure.FrameOfJob;
import oddcradle.core.structure.TubeStress;

/**
 * What is asked of every tube with the welds and holes on it, by one frame solution.
 *
 * @param byTube greatest utilisation by the tube's id, a ratio
 * @param walls the same of walls alone that a tube ends on: a wider tube spares them, or a thicker one under it
 */
record TubeUse(Map<String, Double> byTube, Map<String, Double> walls) {
    /**
     * @param mounts where what hangs on the tubes is designed
     * @return empty where the frame does not stand
     */
    static Optional<TubeUse> of(Job job, Examination mounts) {
        return FrameOfJob.of(job).map(frame -> {
            Map<String, Double> uses = new HashMap<>();
            Map<String, Double> walls = new HashMap<>();
            for (TubeStress use : frame.tubes()) {
                uses.merge(use.tube().id(), use.utilisation(), Math::max);
            }
            for (JointUse use : TubeJoints.of(job, frame.built(), frame.result().cases())) {
                uses.merge(use.tube().id(), use.utilisation(), Math::max);
                if (use.limit() == JointUse.Limit.WALL) {
                    walls.merge(use.tube().id(), use.utilisation(), Math::max);
                    use.chord()
                            .filter(chord -> job.cradle().member(chord).isPresent())
                            .ifPresent(chord -> uses.merge(chord, use.utilisation(), Math::max));
                }
            }
            for (JointUse use : MountJoints.of(
                    job, frame.built(), mounts.mountDesigns(), frame.result().cases())) {
                uses.merge(use.tube().id(), use.utilisation(), Math::max);
            }
            return new TubeUse(uses, walls);
        });
    }

    double worst() {
        return byTube.values().stream().mapToDouble(Double::doubleValue).max().orElse(0);
    }

    double of(Iterable<String> tubes) {
        double worst = 0;
        for (String tube : tubes) {
            worst = Math.max(worst, byTube.getOrDefault(tube, 0.0));
        }
        return worst;
    }

    boolean isWallWorst(Iterable<String> tubes) {
        double worst = of(tubes);
        for (String tube : tubes) {
            if (walls.getOrDefault(tube, 0.0) >= worst) {
                return true;
            }
        }
        return false;
    }
}
