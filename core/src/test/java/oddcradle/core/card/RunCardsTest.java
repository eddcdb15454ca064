package oddcradle.core.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.around.Control;
import oddcradle.core.job.around.ControlLink;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.step.run.ControlFound;
import org.junit.jupiter.api.Test;

/** Somebody with no file draws a throttle, puts a bell crank in, and keeps a book. */
class RunCardsTest {
    private static Job added(Job job, String words) {
        return Cards.additions(job, Step.RUN).stream()
                .filter(deed -> deed.words().equals(words))
                .findFirst()
                .orElseThrow()
                .outcome()
                .get()
                .job();
    }

    private static Card card(Job job, String kind) {
        return Cards.of(job).stream()
                .filter(each -> each.step() == Step.RUN && each.kind().equals(kind))
                .findFirst()
                .orElseThrow();
    }

    private static Job done(Job job, String kind, String words) {
        return card(job, kind).deeds().stream()
                .filter(deed -> deed.words().equals(words))
                .findFirst()
                .orElseThrow()
                .outcome()
                .get()
                .job();
    }

    private static <F extends Field> F field(Job job, String kind, String name, Class<F> sort) {
        return card(job, kind).fields().stream()
                .filter(each -> each.name().equals(name))
                .map(sort::cast)
                .findFirst()
                .orElseThrow();
    }

    private static ControlFound found(Job job) {
        return Examination.of(job).run().controls().get(0);
    }

    @Test
    void throttleThatIsAdded_pullsTheRightWay() {
        Job job = added(TestJobs.plain(), "A throttle, pedal and cable");
        assertThat(found(job).work().pulls()).isTrue();
        assertThat(found(job).work().reached()).isPositive();
        assertThat(job.around().controls().get(0).use()).isEqualTo(Control.Use.THROTTLE);
    }

    @Test
    void leverTurnedInsideOutTwice_isAsItWas() {
        Job job = added(TestJobs.plain(), "A throttle, pedal and cable");
        Job over = done(job, "control", "Turn lever 1 inside out");
        assertThat(found(over).work().pulls()).isFalse();
        Job back = done(over, "control", "Turn lever 1 inside out");
        assertThat(back.around().controls().get(0).levers().get(0).out())
                .isEqualTo(job.around().controls().get(0).levers().get(0).out());
    }

    @Test
    void bellCrankComesAndGoes_andALinkIsRodOrCable() {
        Job job = added(TestJobs.plain(), "A clutch, pedal and cable");
        Job cranked = done(job, "control", "A bell crank before the engine's lever");
        assertThat(cranked.around().controls().get(0).levers()).hasSize(3);
        assertThat(found(cranked).work().linkForces()).hasSize(2);
        assertThat(found(cranked).work().pulls()).isTrue();
        assertThat(found(cranked).work().reached()).isPositive();
        Job again = done(cranked, "control", "The last bell crank away");
        assertThat(again.around().controls()).isEqualTo(job.around().controls());
        Job rod = done(job, "control", "A rod for the cable after lever 1");
        assertThat(rod.around().controls().get(0).links().get(0)).isInstanceOf(ControlLink.Rod.class);
        assertThat(found(rod).selfTurn()).isPositive();
        Job cable = done(rod, "control", "A cable for the rod after lever 1");
        assertThat(cable.around().controls().get(0).links().get(0)).isInstanceOf(ControlLink.Cable.class);
    }

    @Test
    void typedValues_reachTheControlAndWrongOnesAreNamed() {
        Job job = added(TestJobs.plain(), "A throttle, pedal and cable");
        Field.Measure wanted = field(job, "control", "engine's lever must turn", Field.Measure.class);
        Job other = wanted.put().apply(Math.toRadians(45));
        assertThat(other.around().controls().get(0).wanted()).isEqualTo(Math.toRadians(45));
        assertThatThrownBy(() -> wanted.put().apply(0.0)).isInstanceOf(InvalidValue.class);
        Field.Measure friction = field(job, "control", "link 1: friction", Field.Measure.class);
        assertThatThrownBy(() -> friction.put().apply(3.0)).hasMessageContaining("friction");
        Field.Vector worked = field(job, "control", "lever 2: worked at", Field.Vector.class);
        Field.Vector pin = field(job, "control", "lever 2: pin", Field.Vector.class);
        assertThatThrownBy(() -> worked.put().apply(pin.now())).hasMessageContaining("no ratio");
    }

    @Test
    void bookIsKeptByCards() {
        Job part = added(TestJobs.plain(), "A part to buy");
        Job task = added(part, "A piece of work");
        Field.Several waits = field(task, "work", "waits for", Field.Several.class);
        assertThat(waits.of()).hasSize(1);
        Job waiting = waits.put().apply(List.of("P1"));
        assertThat(waiting.book().tasks().get(0).needs()).containsExactly("P1");
        assertThatThrownBy(() -> done(waiting, "part to buy", "Take it away")).hasMessageContaining("P1");
        Job line = added(task, "A line of the log");
        Job later = field(line, "log", "hours since it went in", Field.Measure.class)
                .put()
                .apply(7200.0);
        Job second = added(later, "A line of the log");
        assertThat(second.book().log().get(1).hours()).isEqualTo(7200);
        Job paid = done(second, "money", "A payment");
        assertThat(paid.book().money().payments()).hasSize(1);
        assertThat(done(paid, "money", "The last payment away").book().money().payments())
                .isEmpty();
        Job selling = done(paid, "whole donor or bare engine", "A part to sell");
        assertThat(selling.book().deal().sells()).hasSize(1);
    }

    /** What needs something that is drawn at Seat is offered once it is there. */
    @Test
    void guardIsOffered_fuelFeedOnlyWhereATankIsDrawn() {
        Job job = added(TestJobs.plain(), "A guard");
        assertThat(job.around().guards()).hasSize(1);
        assertThat(Cards.additions(job, Step.RUN))
                .extracting(Deed::words)
                .noneMatch(words -> words.startsWith("The fuel feed"));
    }
}
