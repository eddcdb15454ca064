package oddcradle.desktop.slate;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Why;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;

class FigureRowsTest {
    private static final Set<String> MOUNTS = Set.of("M1", "M2", "M3");

    private static Figure figure(String name, double newtonsPerMetre) {
        return new Figure(name, Quantity.stiffness(newtonsPerMetre), new Why("k", List.of(), Source.commonPractice()));
    }

    private static final List<Figure> FIGURES = List.of(
            figure("M1 along its axis", 752_000),
            figure("M1 across", 100_000),
            figure("M2 along its axis", 752_000),
            figure("M2 across", 116_000),
            figure("lowest mode", 12),
            figure("M3 along its axis", 752_000),
            figure("M3 across", 90_000),
            figure("M3 alone has this", 5),
            figure("chain: ratio", 2),
            figure("chain: links", 88),
            figure("chain: slack", 5),
            figure("belt: ratio", 3));

    private static List<String> shown(Set<String> open) {
        return FigureRows.of(FIGURES, MOUNTS, open, UnitStyle.MILLIMETRES).stream()
                .map(row -> row instanceof FigureRows.Heading heading
                        ? "# " + heading.words()
                        : row instanceof FigureRows.Many many
                                ? many.parts() + " | " + many.name() + " | " + many.values()
                                : ((FigureRows.One) row).name())
                .toList();
    }

    @Test
    void figuresOfSeveralParts_areOneRow_withWhatLiesBetween() {
        assertThat(shown(Set.of()))
                .containsExactly(
                        "M1 to M3 | along its axis | 752 N/mm",
                        "M1 to M3 | across | 90.0 to 116 N/mm",
                        "lowest mode",
                        "M3 alone has this",
                        "# chain",
                        "ratio",
                        "links",
                        "slack",
                        "belt: ratio");
    }

    @Test
    void openRow_showsEachOfThem_andNoFigureIsLost() {
        assertThat(shown(Set.of("M1 to M3 across"))).containsSubsequence("M1 across", "M2 across", "M3 across");
        long told = FigureRows.of(FIGURES, MOUNTS, Set.of(), UnitStyle.MILLIMETRES).stream()
                .mapToLong(row -> row instanceof FigureRows.Many many
                        ? many.figures().size()
                        : row instanceof FigureRows.One ? 1 : 0)
                .sum();
        assertThat(told).isEqualTo(FIGURES.size());
    }
}
