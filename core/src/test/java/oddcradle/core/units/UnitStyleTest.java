package oddcradle.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UnitStyleTest {
    @ParameterizedTest
    @CsvSource({"0.0046,4.6 mm", "-0.00001,0.0 mm", "1.2,1200.0 mm"})
    void lengths_areInTenthsOfAMillimetre(double metres, String shown) {
        assertThat(UnitStyle.MILLIMETRES.show(Quantity.length(metres))).isEqualTo(shown);
    }

    @ParameterizedTest
    @CsvSource({"0.03175,1-1/4 in", "0.0047625,3/16 in", "0.0254,1 in", "0,0 in", "-0.0127,-1/2 in"})
    void fractions_areReducedSixteenths(double metres, String shown) {
        assertThat(UnitStyle.FRACTIONAL_INCHES.show(Quantity.length(metres))).isEqualTo(shown);
    }

    @ParameterizedTest
    @CsvSource({
        "INCHES_BY_32,0.00079375,1/32 in",
        "INCHES_BY_64,0.000396875,1/64 in",
        "INCHES_BY_64,0.0301625,1-3/16 in"
    })
    void finerFractions_areReducedToo(UnitStyle style, double metres, String shown) {
        assertThat(style.show(Quantity.length(metres))).isEqualTo(shown);
    }

    /** What is shown is read as what it shows, in every style and again and again. */
    @Property
    void shownAndReadAgain_doesNotDrift(@ForAll @DoubleRange(min = -20, max = 20) double metres) {
        for (UnitStyle style : UnitStyle.values()) {
            for (Kind kind : new Kind[] {Kind.LENGTH, Kind.MASS, Kind.TORQUE, Kind.STRESS, Kind.ANGLE}) {
                Quantity value = new Quantity(kind == Kind.STRESS ? metres * 1e7 : metres, kind);
                String once = style.show(value);
                Quantity read = Entry.read(once, kind, style);
                assertThat(style.show(read)).isEqualTo(once);
                assertThat(Entry.read(style.show(read), kind, style)).isEqualTo(read);
            }
            // All digits of a length: half a thousandth of a millimetre, or half a hundred-thousandth of an inch.
            double typed = Entry.read(style.digits(Quantity.length(metres)), Kind.LENGTH, style)
                    .si();
            assertThat(typed).isCloseTo(metres, within(6e-7));
        }
    }

    @Test
    void otherQuantities_haveTheirWorkshopUnits() {
        assertThat(UnitStyle.MILLIMETRES.show(Quantity.force(6160))).isEqualTo("6.16 kN");
        assertThat(UnitStyle.MILLIMETRES.show(Quantity.force(880))).isEqualTo("880 N");
        assertThat(UnitStyle.MILLIMETRES.show(Quantity.stress(2.33e8))).isEqualTo("233 MPa");
        assertThat(UnitStyle.DECIMAL_INCHES.show(Quantity.mass(47.5))).isEqualTo("104.7 lb");
        assertThat(UnitStyle.MILLIMETRES.show(Quantity.rotationSpeed(1300 * Math.PI / 30)))
                .isEqualTo("1300 rpm");
        assertThat(UnitStyle.MILLIMETRES.show(Quantity.length(Double.POSITIVE_INFINITY)))
                .isEqualTo("unlimited mm");
    }

    /** A field keeps what was typed; a workshop reads a tenth. */
    @Test
    void entryKeepsDigits_whereShowRounds() {
        Quantity pitch = Quantity.length(0.015875);
        assertThat(UnitStyle.MILLIMETRES.entry(pitch)).isEqualTo("15.875");
        assertThat(UnitStyle.MILLIMETRES.show(pitch)).isEqualTo("15.9 mm");
        assertThat(UnitStyle.DECIMAL_INCHES.entry(pitch)).isEqualTo("0.625");
        assertThat(UnitStyle.MILLIMETRES.entry(Quantity.ratio(2.0625))).isEqualTo("2.063");
        assertThat(UnitStyle.MILLIMETRES.entry(Quantity.mass(47.512))).isEqualTo("47.5");
        assertThat(UnitStyle.MILLIMETRES.show(Quantity.mass(0.31))).isEqualTo("0.310 kg");
    }

    @Test
    void speedsEnergyAndHeat_areShownAsRoadSignsAndWorkshopsDo() {
        assertThat(UnitStyle.MILLIMETRES.show(Quantity.roadSpeed(25))).isEqualTo("90.0 km/h");
        assertThat(UnitStyle.DECIMAL_INCHES.show(Quantity.roadSpeed(26.8224))).isEqualTo("60.0 mph");
        assertThat(UnitStyle.MILLIMETRES.show(new Quantity(200_000, Kind.ENERGY)))
                .isEqualTo("200.0 kJ");
        assertThat(UnitStyle.MILLIMETRES.show(new Quantity(97.8, Kind.TEMPERATURE_RISE)))
                .isEqualTo("98 K");
    }
}
