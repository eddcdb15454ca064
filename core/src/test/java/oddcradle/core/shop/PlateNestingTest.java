package oddcradle.core.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.shop.PlateNesting.Laid;
import oddcradle.core.shop.PlateNesting.Part;
import oddcradle.core.shop.PlateNesting.Sheet;
import org.junit.jupiter.api.Test;

class PlateNestingTest {
    private static final double KERF = 0.002;

    private static double[] box(List<Part> parts, Laid laid) {
        Part part = parts.stream()
                .filter(each -> each.id().equals(laid.id()))
                .findFirst()
                .orElseThrow();
        double width = laid.turned() ? part.height() : part.width();
        double height = laid.turned() ? part.width() : part.height();
        return new double[] {laid.x(), laid.y(), laid.x() + width, laid.y() + height};
    }

    /** Whatever is laid lies on the sheet, a kerf from everything else, each piece once. */
    @Property(tries = 60)
    void piecesLieOnTheSheetAndApart(@ForAll Random random) {
        Sheet sheet = new Sheet(0.5, 0.3);
        List<Part> parts = new ArrayList<>();
        for (int k = 0; k < 30; k++) {
            parts.add(new Part("P" + k, 0.02 + 0.1 * random.nextDouble(), 0.02 + 0.1 * random.nextDouble()));
        }
        List<Laid> laid = PlateNesting.onto(sheet, parts, KERF);
        assertThat(laid).isNotEmpty();
        assertThat(laid.stream().map(Laid::id).distinct()).hasSameSizeAs(laid);
        for (int one = 0; one < laid.size(); one++) {
            double[] a = box(parts, laid.get(one));
            assertThat(a[0]).isGreaterThanOrEqualTo(0);
            assertThat(a[1]).isGreaterThanOrEqualTo(0);
            assertThat(a[2]).isLessThan(0.5 + 1e-9);
            assertThat(a[3]).isLessThan(0.3 + 1e-9);
            for (int other = one + 1; other < laid.size(); other++) {
                double[] b = box(parts, laid.get(other));
                double apart = Math.max(Math.max(b[0] - a[2], a[0] - b[2]), Math.max(b[1] - a[3], a[1] - b[3]));
                assertThat(apart).isGreaterThan(KERF - 1e-9);
            }
        }
    }

    /** By hand: 6 by 4 squares of 48 mm with 2 mm between fill 298 by 198 mm to the last. */
    @Test
    void squaresThatFillASheet_allGoOnIt() {
        List<Part> parts = new ArrayList<>();
        for (int k = 0; k < 24; k++) {
            parts.add(new Part("P" + k, 0.048, 0.048));
        }
        assertThat(PlateNesting.onto(new Sheet(0.298, 0.198), parts, KERF)).hasSize(24);
    }

    @Test
    void longPiece_isTurned() {
        List<Laid> laid = PlateNesting.onto(new Sheet(0.3, 0.05), List.of(new Part("long", 0.04, 0.28)), KERF);
        assertThat(laid).hasSize(1);
        assertThat(laid.get(0).turned()).isTrue();
        assertThat(laid.get(0).x()).isCloseTo(0, within(1e-12));
    }

    @Test
    void pieceLargerThanTheSheet_isNamed() {
        assertThatThrownBy(() -> PlateNesting.requireFits(new Sheet(0.3, 0.2), new Part("T1", 0.31, 0.1)))
                .hasMessageContaining("T1 is 310 x 100 mm");
    }
}
