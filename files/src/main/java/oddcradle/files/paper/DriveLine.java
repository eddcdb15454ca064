package oddcradle.files.paper;

import java.util.List;
import java.util.Optional;
import oddcradle.core.drive.Stage;
import oddcradle.core.structure.StageResult;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;

/** What a stage of the drive has to be bought for. */
final class DriveLine {
    private DriveLine() {}

    /** Count, what, size, where, no price. */
    static Optional<List<String>> of(StageResult result, UnitStyle style) {
        if (result.stage() instanceof Stage.Chain chain && result.chain().isPresent()) {
            return Optional.of(List.of(
                    "1",
                    "roller chain",
                    "pitch " + style.show(Quantity.length(chain.pitch())) + ", "
                            + result.chain().get().links() + " links",
                    chain.driverTeeth() + " to " + chain.drivenTeeth() + " teeth",
                    ""));
        }
        if (result.stage() instanceof Stage.Belt belt) {
            return Optional.of(List.of(
                    "1", belt.kind(), style.show(Quantity.length(belt.beltLength())) + " long", belt.label(), ""));
        }
        if (result.stage() instanceof Stage.Variator belt) {
            return Optional.of(List.of(
                    "1", "variator belt", style.show(Quantity.length(belt.beltLength())) + " long", belt.label(), ""));
        }
        return Optional.empty();
    }
}
