package oddcradle.cli;

import oddcradle.core.units.UnitStyle;
import picocli.CommandLine.Option;

/** In which lengths a command talks. */
final class InchesOrNot {
    @Option(names = "--inch", description = "print lengths in decimal inches")
    private boolean inch;

    UnitStyle style() {
        return inch ? UnitStyle.DECIMAL_INCHES : UnitStyle.MILLIMETRES;
    }
}
