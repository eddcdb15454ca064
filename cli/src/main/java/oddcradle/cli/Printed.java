package oddcradle.cli;

import oddcradle.core.units.UnitStyle;
import picocli.CommandLine.Option;

/** How a command prints its answer. */
final class Printed {
    @Option(names = "--json", description = "print JSON, SI units; its shape is told in docs/schema")
    private boolean json;

    @Option(names = "--inch", description = "print lengths in decimal inches")
    private boolean inch;

    boolean json() {
        return json;
    }

    UnitStyle style() {
        return inch ? UnitStyle.DECIMAL_INCHES : UnitStyle.MILLIMETRES;
    }
}
