package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import oddcradle.core.frame.BucklingAnalysis;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.FrameResult;
import oddcradle.core.frame.MemberResult;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.job.load.LoadCase;

/**
 * How far the loads of each case may grow until the frame as a whole gives way sideways. Cases whose tubes are all pressed with less
 * than a fifth of what they would bear though their ends swayed freely need no look: common practice.
 */
public final class FrameStability {
    private static final double NO_MATTER = 0.2;

    /** Length that a post buckles like whose head sways, a ratio to its own; Euler. */
    private static final double SWAYS = 2;

    private static final int PIECES = 2;

    private FrameStability() {}

    /**
     * Everything that decides it.
     *
     * @param cases with their variants
     */
    public record Input(List<LoadCase> cases, CradleFrame.Built frame, FrameResult result) {}

    /**
     * One case that comes near.
     *
     * @param factor on all its loads at which the frame buckles elastically
     */
    public record Near(LoadCase load, double factor) {}

    /** The cases with a factor, the least first; none where no case comes near. */
    public static List<Near> of(Input input) {
        List<FrameCase> looked = new ArrayList<>();
        Map<String, FreeTube> free = FreeTube.of(input.frame());
        for (int k = 0; k < input.result().cases().size(); k++) {
            if (mayBuckle(input.result().cases().get(k), free)) {
                looked.add(input.frame().input().cases().get(k));
            }
        }
        if (looked.isEmpty()) {
            return List.of();
        }
        Map<String, LoadCase> loads = new HashMap<>();
        input.cases().forEach(load -> loads.put(load.id(), load));
        Optional<List<OptionalDouble>> factors = BucklingAnalysis.lowestFactors(
                        input.frame().input(), looked, PIECES)
                .answer();
        List<Near> near = new ArrayList<>();
        for (int k = 0; factors.isPresent() && k < looked.size(); k++) {
            LoadCase load = loads.get(looked.get(k).id());
            factors.get().get(k).ifPresent(factor -> near.add(new Near(load, factor)));
        }
        near.sort((a, b) -> Double.compare(a.factor(), b.factor()));
        return near;
    }

    private static boolean mayBuckle(CaseResult load, Map<String, FreeTube> free) {
        for (MemberResult piece : load.members()) {
            FreeTube tube = free.get(piece.id());
            double swaying = tube.column().euler() * tube.column().area() / (SWAYS * SWAYS);
            if (TubeStresses.pressure(piece) > NO_MATTER * swaying) {
                return true;
            }
        }
        return false;
    }
}
