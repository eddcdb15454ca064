package oddcradle.core.catalog;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import oddcradle.core.material.Material;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StockMaterialTest {
    private static StockMaterial named(String name) {
        return StockMaterial.all().stream()
                .filter(each -> each.material().name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everyRow_isAMaterialWithItsSource() {
        assertThat(StockMaterial.all()).hasSizeGreaterThanOrEqualTo(10);
        assertThat(StockMaterial.all())
                .extracting(each -> each.material().name())
                .doesNotHaveDuplicates();
        for (StockMaterial each : StockMaterial.all()) {
            assertThat(each.source()).as(each.material().name()).isNotBlank();
            assertThat(each.filler()).as(each.material().name()).isNotBlank();
            // Welding never makes a metal stronger, and what is not welded has no weld to tire.
            each.material().weldedYield().ifPresent(welded -> assertThat(welded)
                    .as(each.material().name())
                    .isLessThanOrEqualTo(each.material().yieldStrength()));
            assertThat(each.fatigueRange().isPresent())
                    .isEqualTo(each.material().weldedYield().isPresent());
        }
    }

    /** Yield and ultimate strength, MPa: EN 10025-2 (up to 16 mm), EN 755-2, AMS 6360; from memory. */
    @ParameterizedTest
    @CsvSource({
        "'mild steel, hot rolled', 235, 360",
        "'structural steel, 355', 355, 470",
        "4130 normalised, 517, 655",
        "'light alloy, 6061-T6', 240, 290",
        "'light alloy, 6082-T6', 260, 310"
    })
    void strengths_areThoseOfTheirStandards(String name, double yield, double ultimate) {
        Material material = named(name).material();
        assertThat(material.yieldStrength() / 1e6).isCloseTo(yield, within(15.0));
        assertThat(material.ultimateStrength().orElseThrow() / 1e6).isCloseTo(ultimate, within(30.0));
    }

    /** Young's modulus over density is the same for steel and light alloy within a tenth; a handbook fact. */
    @Test
    void steelAndLightAlloy_areEquallyStiffForTheirWeight() {
        Material steel = named("mild steel, hot rolled").material();
        for (StockMaterial each : StockMaterial.all()) {
            Material material = each.material();
            double ratio = material.youngsModulus() / material.density() * steel.density() / steel.youngsModulus();
            assertThat(ratio).as(material.name()).isBetween(0.88, 1.12);
            assertThat(material.isLightAlloy()).isEqualTo(material.name().startsWith("light alloy"));
        }
    }

    /** Beside a weld 6061-T6 keeps 76 to 115 MPa, drawn steel falls back to what it was before drawing (common practice). */
    @Test
    void besideAWeld_heatTreatedAndDrawnMetalsAreSoft() {
        assertThat(named("light alloy, 6061-T6").material().weldedYield().orElseThrow() / 1e6)
                .isBetween(76.0, 115.0);
        assertThat(named("cold-drawn mild steel").material().weldedYield().orElseThrow() / 1e6)
                .isBetween(210.0, 260.0);
        assertThat(named("light alloy, 2024-T3").material().weldedYield()).isEmpty();
    }
}
