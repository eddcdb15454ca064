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
            case FINE_LENGTH -> 0.002;
            case ANGLE, INERTIA, RATIO, SHARE, TIME, VIBRATION -> 1;
            case DURATION -> 3600;
            case MASS, FREQUENCY, ROTATION_SPEED, SPEED, ROAD_SPEED, ACCELERATION, COUNT, HARDNESS -> 60;
            case FORCE, TORQUE, TEMPERATURE_RISE, TEMPERATURE, CURRENT -> 500;
            case AREA -> 1e-3;
            case VOLUME -> 0.05;
            case MASS_FLOW -> 0.01;
            case PRESSURE -> 1e5;
            case VOLTAGE -> 12;
            case DISTANCE -> 1000;
            case UNBALANCE -> 0.05;
            case DENSITY -> 2e4;
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
        assertThat(Entry.read(style.digits(quantity), kind, style).si()).isCloseTo(quantity.si(), within(6e-4 * per));
    }

    /** What stands in a field is what is read if somebody presses Enter: a chain of 30.4 kN must not become one of 30.4 N. */
    @Property(tries = 400)
    void numberAsAFieldShowsIt_isReadBackInTheUnitBesideIt(
            @ForAll Kind kind, @ForAll UnitStyle style, @ForAll @DoubleRange(min = -1, max = 1) double share) {
        Quantity quantity = new Quantity(100 * size(kind) * share, kind);
        double per = perUnit(kind, style);
        double read = Entry.read(style.entry(quantity), kind, style).si();
        assertThat(read).isCloseTo(quantity.si(), within(0.6 * per + 1e-3 * Math.abs(quantity.si())));
        double withUnit = Entry.read(style.entry(quantity) + " " + style.typedUnit(kind), kind, style)
                .si();
        assertThat(withUnit).isCloseTo(read, within(1e-9 * Math.abs(read)));
    }

    /** SI of one of the unit that small numbers of the kind are shown in. */
    private static double perUnit(Kind kind, UnitStyle style) {
        return Entry.read("2", kind, style).si() - Entry.read("1", kind, style).si();
    }

    @Property(tries = 200)
    void numberWithItsUnit_isReadBackWhateverTheStyle(
            @ForAll Kind kind,
            @ForAll UnitStyle shown,
            @ForAll UnitStyle typedIn,
            @ForAll @DoubleRange(min = 0.01, max = 1) double share) {
        Quantity quantity = new Quantity(size(kind) * share, kind);
        String unit = shown.unit(quantity);
        double zero = Entry.read("0" + unit, kind, typedIn).si();
        double per = Entry.read("1" + unit, kind, typedIn).si() - zero;
        String number = String.format(Locale.ROOT, "%.9f", (quantity.si() - zero) / per);
        assertThat(Entry.read(number + unit, kind, typedIn).si())
                .isCloseTo(quantity.si(), within(1e-8 * per + 1e-9 * quantity.si()));
    }
}
