package oddcradle.core.frame;

import java.util.List;

/**
 * @param cases in the order of the input
 * @param mass of the members alone, kg
 */
public record FrameResult(List<CaseResult> cases, double mass) {
    public FrameResult {
        cases = List.copyOf(cases);
    }
}
