package oddcradle.cli;

import oddcradle.core.units.UnitStyle;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** How a command prints its answer. */
final class Printed {
    @Option(names = "--json", description = "print JSON, SI units; its shape is told in docs/schema")
    private boolean json;

    @Mixin
    private InchesOrNot lengths;

    boolean json() {
        return json;
    }

    UnitStyle style() {
        return lengths.style();
    }
}
