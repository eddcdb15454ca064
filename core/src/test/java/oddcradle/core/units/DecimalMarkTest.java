package oddcradle.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.Locale;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.lifecycle.AfterTry;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class DecimalMarkTest {
    @AfterEach
    @AfterTry
    void pointAgain() {
        DecimalMark.use(DecimalMark.POINT);
    }

    @Test
    void mark_isThatOfTheCountry() {
        assertThat(DecimalMark.of(Locale.GERMANY)).isEqualTo(DecimalMark.COMMA);
        assertThat(DecimalMark.of(new Locale("fr", "FR"))).isEqualTo(DecimalMark.COMMA);
        assertThat(DecimalMark.of(Locale.UK)).isEqualTo(DecimalMark.POINT);
        assertThat(DecimalMark.of(Locale.JAPAN)).isEqualTo(DecimalMark.POINT);
    }

    @Test
    void numbersAreShownAndReadWithAComma_whereThatIsUsed() {
        DecimalMark.use(DecimalMark.COMMA);
        assertThat(UnitStyle.MILLIMETRES.show(Quantity.length(0.0046))).isEqualTo("4,6 mm");
        assertThat(UnitStyle.MILLIMETRES.entry(Quantity.length(0.0123456))).isEqualTo("12,346");
        assertThat(Entry.read("12,5", Kind.LENGTH, UnitStyle.MILLIMETRES).si()).isCloseTo(0.0125, within(1e-12));
        assertThat(Entry.read(",5 in", Kind.LENGTH, UnitStyle.MILLIMETRES).si()).isCloseTo(0.0127, within(1e-12));
        // A point is never a thousand here: who types one means decimals.
        assertThat(Entry.read("12.5", Kind.LENGTH, UnitStyle.MILLIMETRES).si()).isCloseTo(0.0125, within(1e-12));
        assertThatThrownBy(() -> Entry.read("1.250,5", Kind.LENGTH, UnitStyle.MILLIMETRES))
                .isInstanceOf(InvalidValue.class);
    }

    @Test
    void complaintsAreWrittenWithTheComma() {
        DecimalMark.use(DecimalMark.COMMA);
        InvalidValue tooMuch =
                catchThrowableOfType(InvalidValue.class, () -> Guard.within("wall", 0.0125, 0, 0.0104, "m"));
        assertThat(InvalidWords.of(tooMuch, UnitStyle.MILLIMETRES))
                .contains("12,5 mm")
                .contains("10,4 mm");
    }

    /** Where a point is used a comma may be meant for thousands: 1,250 is refused, not read as either. */
    @Test
    void commaIsRefused_whereAPointIsUsed() {
        assertThatThrownBy(() -> Entry.read("1,250", Kind.LENGTH, UnitStyle.MILLIMETRES))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("comma");
    }

    @Property
    void whatIsShown_isReadBack(
            @ForAll @DoubleRange(min = -5, max = 5) double metres, @ForAll UnitStyle style, @ForAll DecimalMark mark) {
        DecimalMark.use(mark);
        double read = Entry.read(style.entry(Quantity.length(metres)), Kind.LENGTH, style)
                .si();
        assertThat(read).isCloseTo(metres, within(2e-3));
    }
}
