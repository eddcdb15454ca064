package oddcradle.core.catalog;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.StringReader;
import java.util.Comparator;
import java.util.List;
import oddcradle.core.math.InvalidValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ShelvesTest {
    private static ShelfRow row(Shelf shelf, String name) {
        return Shelves.SHIPPED.of(shelf).stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @EnumSource
    void everyShippedRow_hasASourceAndANameOfItsOwn(Shelf shelf) {
        List<ShelfRow> rows = Shelves.SHIPPED.of(shelf);
        assertThat(rows).hasSizeGreaterThan(4).noneMatch(ShelfRow::own);
        assertThat(rows).extracting(ShelfRow::name).doesNotHaveDuplicates();
        assertThat(rows).allSatisfy(each -> assertThat(each.source()).isNotBlank());
    }

    /**
     * Standards, from memory: ISO 606 (chains), ISO/R 773 and ASME B17.1 (keys), ISO 15 (bearings), ISO 261 (threads), ISO 14 and ISO 500
     * (splines), ISO 4183 (pulleys).
     */
    @ParameterizedTest
    @CsvSource({
        "CHAINS, 08B-1, 0, 0.0127",
        "CHAINS, 08B-1, 1, 17800",
        "CHAINS, 10A-1 (50), 0, 0.015875",
        "KEYS, '8 x 7, shafts 22 to 30', 2, 0.008",
        "KEYS, '8 x 7, shafts 22 to 30', 3, 0.004",
        "KEYS, '1/4 in, shafts 7/8 to 1 1/4', 2, 0.00635",
        "BEARINGS, 6205, 0, 0.025",
        "BEARINGS, 6205, 1, 0.052",
        "BEARINGS, 6205, 3, 14000",
        "BELTS, B (classical), 1, 0.017",
        "THREADS, M8x1.25, 0, 0.008",
        "SPLINES, '6 x 23 x 26, straight sides', 1, 0.026",
        "SPLINES, '1 3/8 in, 6 splines, power take-off', 1, 0.0348",
        "PULLEYS, pitch diameter 112, 0, 0.112"
    })
    void sizes_areThoseOfTheStandards(Shelf shelf, String name, int column, double si) {
        assertThat(row(shelf, name).sizes().get(column)).isCloseTo(si, within(si * 1e-3));
    }

    /** Common practice: a larger bearing of one series carries more, and a key is half as deep in its shaft as it is wide. */
    @Test
    void rows_growAsTheyDoInTheTrade() {
        List<Double> ratings = Shelves.SHIPPED.of(Shelf.BEARINGS).stream()
                .filter(each -> each.name().matches("62\\d\\d"))
                .sorted(Comparator.comparing(each -> each.sizes().get(0)))
                .map(each -> each.sizes().get(3))
                .toList();
        assertThat(ratings).hasSizeGreaterThan(5).isSorted();
        assertThat(Shelves.SHIPPED.of(Shelf.KEYS))
                .allSatisfy(key ->
                        assertThat(key.sizes().get(3) / key.sizes().get(2)).isBetween(0.35, 0.65));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "BEARINGS; 'name,bore_mm,outside_mm,width_mm,rating_kn,source|mine,30,25,9,5,me'; bore; contradicts itself",
                "KEYS; 'name,from_mm,to_mm,width_mm,depth_mm,source|mine,20,10,6,3,me'; from; contradicts itself",
                "CHAINS; 'name,pitch_mm,breaking_kn,source|mine,-12.7,10,me'; pitch; must be",
                "CHAINS; 'name,pitch_mm,breaking_kn,source|mine,half an inch,10,me'; pitch_mm; must be a number",
                "CHAINS; 'name,pitch_mm,source|mine,12.7,me'; breaking_kn; is missing",
                "CHAINS; 'name,pitch_mm,breaking_kn,source|mine,12.7,10,'; source; empty",
                "SPLINES; 'name,inner_mm,outer_mm,teeth,source|mine,30,26,6,me'; inner; contradicts itself",
                "SPROCKETS; 'name,pitch_mm,teeth,source|mine,12.7,12.5,me'; teeth; whole number",
                "TYRES; 'name,radius_mm,source|,200,me'; name; empty",
                "TYRES; 'name,radius_mm,source|mine,NaN,me'; radius; NaN"
            })
    void contradictoryRow_isRefusedByItsColumn(Shelf shelf, String table, String column, String words) {
        assertThatThrownBy(() -> Shelves.read(shelf, new StringReader(table.replace("|", "\n")), true))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining(shelf.file())
                .hasMessageContaining(column)
                .hasMessageContaining(words);
    }

    @Test
    void ownRow_comesFirstAndTakesThePlaceOfItsNamesake() throws IOException {
        String table = "name,pitch_mm,breaking_kn,source\n08B-1,12.7,19.6,the box it came in\nmine,15.875,30,me\n";
        List<ShelfRow> own = Shelves.read(Shelf.CHAINS, new StringReader(table), true);
        List<ShelfRow> all = Shelves.SHIPPED.with(Shelf.CHAINS, own).of(Shelf.CHAINS);
        assertThat(all).hasSize(Shelves.SHIPPED.of(Shelf.CHAINS).size() + 1).startsWith(own.get(0), own.get(1));
        assertThat(all).filteredOn(each -> each.name().equals("08B-1")).hasSize(1);
        assertThat(own).allMatch(ShelfRow::own);
    }
}
