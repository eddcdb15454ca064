package oddcradle.core.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;

class FindingTest {
    private enum Kind implements FindingCode {
        X;

        @Override
        public String area() {
            return "test";
        }
    }

    private static final Why WHY = new Why(
            "offset = (c2 - c1) · a1",
            List.of(Why.input("C", Quantity.length(0.470)), Why.input("pull", Quantity.force(6160))),
            Source.commonPractice());

    @Test
    void oneSentence_isReadInEveryUnit() {
        Phrase phrase = Phrase.of("{} is {} from {}", "pipe", Quantity.length(0.0127), "rail");
        assertThat(phrase.in(UnitStyle.MILLIMETRES)).isEqualTo("pipe is 12.7 mm from rail");
        assertThat(phrase.in(UnitStyle.DECIMAL_INCHES)).isEqualTo("pipe is 0.500 in from rail");
        assertThat(phrase.in(UnitStyle.FRACTIONAL_INCHES)).isEqualTo("pipe is 1/2 in from rail");
        assertThat(Phrase.of("no numbers").in(UnitStyle.MILLIMETRES)).isEqualTo("no numbers");
    }

    @Test
    void bracesInAName_areNotTakenForAPlace() {
        assertThat(Phrase.of("{} to {}", "odd {} name", "rail").in(UnitStyle.MILLIMETRES))
                .isEqualTo("odd {} name to rail");
    }

    @Test
    void margins_arePositiveInside() {
        Finding within = Finding.atMost(
                Kind.X,
                Step.LINE,
                Severity.GOOD,
                Phrase.of("x"),
                Quantity.length(-0.001),
                Quantity.length(0.002),
                Place.of(Subject.MACHINE),
                WHY);
        assertThat(within.margin().orElseThrow().si()).isCloseTo(0.001, within(1e-15));
        Finding below = Finding.atLeast(
                Kind.X,
                Step.SEAT,
                Severity.STOP,
                Phrase.of("x"),
                Quantity.length(-0.001),
                Quantity.length(0.002),
                Place.of(Subject.MACHINE),
                WHY);
        assertThat(below.margin().orElseThrow().si()).isCloseTo(-0.003, within(1e-15));
        assertThat(Finding.statement(Kind.X, Step.RUN, Severity.NOTE, Phrase.of("x"), Place.of(Subject.MACHINE), WHY)
                        .limit())
                .isEmpty();
    }

    @Test
    void why_putsTheNumbersBehindTheFormula() {
        assertThat(WHY.withNumbers(UnitStyle.MILLIMETRES))
                .isEqualTo("offset = (c2 - c1) · a1; C = 470.0 mm, pull = 6.16 kN");
    }

    @Test
    void sources_sayHowFarTheyCanBeLeanedOn() {
        assertThat(Source.commonPractice().words()).isEqualTo("common practice");
        assertThat(Source.fromMemory("ISO 606").words()).isEqualTo("ISO 606 (published, quoted from memory)");
        assertThat(Source.published("ISO 606, table 1").words()).isEqualTo("ISO 606, table 1 (published)");
        assertThat(Source.measured().words()).isEqualTo("measured by you");
        assertThat(Source.derived("statics").words()).isEqualTo("statics (derived)");
    }

    @Test
    void severities_areOrderedWorstFirst() {
        assertThat(Severity.STOP.isWorseThan(Severity.WATCH)).isTrue();
        assertThat(Severity.NOT_CHECKED.isWorseThan(Severity.GOOD)).isTrue();
        assertThat(Severity.GOOD.isWorseThan(Severity.GOOD)).isFalse();
        assertThat(Step.RUN.number()).isEqualTo(10);
    }

    @Test
    void outcome_hasAnAnswerOrReasons() {
        Outcome<String> solved = Outcome.solved("x");
        assertThat(solved.answer()).contains("x");
        assertThat(solved.reasons()).isEmpty();
        Finding reason =
                Finding.statement(Kind.X, Step.LOAD, Severity.STOP, Phrase.of("x"), Place.of(Subject.MACHINE), WHY);
        Outcome<String> open = Outcome.notSolved(reason);
        assertThat(open.answer()).isEmpty();
        assertThat(open.reasons()).containsExactly(reason);
    }
}
