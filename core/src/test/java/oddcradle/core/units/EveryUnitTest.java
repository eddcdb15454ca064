package oddcradle.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Locale;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;

/** Whatever a field shows can be typed back into it, in every unit it may be shown in. */
class EveryUnitTest {
    private static double size(Kind kind) {
        return switch (kind) {
            case LENGTH -> 0.5;
            case ANGLE, INERTIA, RATIO, SHARE, TIME -> 1;
            case MASS, FREQUENCY, ROTATION_SPEED, SPEED, ROAD_SPEED, ACCELERATION, COUNT, HARDNESS -> 60;
            case FORCE, TORQUE, TEMPERATURE_RISE -> 500;
            case STIFFNESS, POWER, ENERGY -> 1e5;
            case STRESS -> 2e8;
        };
    }

    @Property(tries = 200)
    void numberInTheShownUnit_isReadBack(
            @ForAll Kind kind, @ForAll UnitStyle style, @ForAll @DoubleRange(min = -1, max = 1) double share) {
        Quantity quantity = new Quantity(size(kind) * share, kind);
        // An instrument's digits: three decimals in metric, five in inches.
        double per = perUnit(kind, style);
        assertThat(Entry.read(style.digits(quantity), kind, style).si())
                .isCloseTo(unitOf(quantity, style), within(6e-4 * per));
    }

    /** A force is shown in kN from a thousand newtons up; its digits alone are read in the unit of small ones. */
    private static double unitOf(Quantity quantity, UnitStyle style) {
        boolean large =
                quantity.kind() == Kind.FORCE && !style.unit(quantity).equals(style.unit(new Quantity(0, Kind.FORCE)));
        return large ? quantity.si() / 1000 : quantity.si();
    }

    /** SI of one of the unit that small numbers of the kind are shown in. */
    private static double perUnit(Kind kind, UnitStyle style) {
        return Entry.read("1", kind, style).si();
    }

    @Property(tries = 200)
    void numberWithItsUnit_isReadBackWhateverTheStyle(
            @ForAll Kind kind,
            @ForAll UnitStyle shown,
            @ForAll UnitStyle typedIn,
            @ForAll @DoubleRange(min = 0.01, max = 1) double share) {
        Quantity quantity = new Quantity(size(kind) * share, kind);
        String unit = shown.unit(quantity);
        double per = Entry.read("1" + unit, kind, typedIn).si();
        String number = String.format(Locale.ROOT, "%.9f", quantity.si() / per);
        assertThat(Entry.read(number + unit, kind, typedIn).si())
                .isCloseTo(quantity.si(), within(1e-8 * per + 1e-9 * quantity.si()));
    }
}
