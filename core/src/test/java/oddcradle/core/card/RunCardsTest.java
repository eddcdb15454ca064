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
import oddcradle.core.job.book.WorkTask;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.step.run.ControlFound;
import org.junit.jupiter.api.Test;

/** Somebody with no file draws a throttle, puts a bell crank in, and keeps a book. */
class RunCardsTest {
    private static final CardHand HAND = new CardHand(Step.RUN);

    private static ControlFound found(Job job) {
        return Examination.of(job).run().controls().get(0);
    }

    @Test
    void throttleThatIsAdded_pullsTheRightWay() {
        Job job = HAND.added(TestJobs.plain(), "A throttle, pedal and cable");
        assertThat(found(job).work().pulls()).isTrue();
        assertThat(found(job).work().reached()).isPositive();
        assertThat(job.around().controls().get(0).use()).isEqualTo(Control.Use.THROTTLE);
    }

    @Test
    void leverTurnedInsideOutTwice_isAsItWas() {
        Job job = HAND.added(TestJobs.plain(), "A throttle, pedal and cable");
        Job over = HAND.done(job, "control", "Turn lever 1 inside out");
        assertThat(found(over).work().pulls()).isFalse();
        Job back = HAND.done(over, "control", "Turn lever 1 inside out");
        assertThat(back.around().controls().get(0).levers().get(0).out())
                .isEqualTo(job.around().controls().get(0).levers().get(0).out());
    }

    @Test
    void bellCrankComesAndGoes_andALinkIsRodOrCable() {
        Job job = HAND.added(TestJobs.plain(), "A clutch, pedal and cable");
        Job cranked = HAND.done(job, "control", "A bell crank before the engine's lever");
        assertThat(cranked.around().controls().get(0).levers()).hasSize(3);
        assertThat(found(cranked).work().linkForces()).hasSize(2);
        assertThat(found(cranked).work().pulls()).isTrue();
        assertThat(found(cranked).work().reached()).isPositive();
        Job again = HAND.done(cranked, "control", "The last bell crank away");
        assertThat(again.around().controls()).isEqualTo(job.around().controls());
        Job rod = HAND.done(job, "control", "A rod for the cable after lever 1");
        assertThat(rod.around().controls().get(0).links().get(0)).isInstanceOf(ControlLink.Rod.class);
        assertThat(found(rod).selfTurn()).isPositive();
        Job cable = HAND.done(rod, "control", "A cable for the rod after lever 1");
        assertThat(cable.around().controls().get(0).links().get(0)).isInstanceOf(ControlLink.Cable.class);
    }

    @Test
    void typedValues_reachTheControlAndWrongOnesAreNamed() {
        Job job = HAND.added(TestJobs.plain(), "A throttle, pedal and cable");
        Field.Measure wanted = HAND.field(job, "control", "engine's lever must turn", Field.Measure.class);
        Job other = wanted.put().apply(Math.toRadians(45));
        assertThat(other.around().controls().get(0).wanted()).isEqualTo(Math.toRadians(45));
        assertThatThrownBy(() -> wanted.put().apply(0.0)).isInstanceOf(InvalidValue.class);
        Field.Measure friction = HAND.field(job, "control", "link 1: friction", Field.Measure.class);
        assertThatThrownBy(() -> friction.put().apply(3.0)).hasMessageContaining("friction");
        Field.Vector worked = HAND.field(job, "control", "lever 2: worked at", Field.Vector.class);
        Field.Vector pin = HAND.field(job, "control", "lever 2: pin", Field.Vector.class);
        assertThatThrownBy(() -> worked.put().apply(pin.now())).hasMessageContaining("no ratio");
    }

    /** What hangs from the seat comes by one deed, is changed at its field, and goes again; what cannot be is named there. */
    @Test
    void splineBoxDrainAndAlternator_comeAreChangedAndGo() {
        Job job = HAND.added(TestJobs.plain(), "A splined joint");
        Field.Measure engaged = HAND.field(job, "splined joint", "length that bears", Field.Measure.class);
        assertThat(engaged.put().apply(0.05).around().splines().get(0).engaged())
                .isEqualTo(0.05);
        assertThatThrownBy(() -> engaged.put().apply(3.0)).hasMessageContaining("engaged");
        assertThat(HAND.done(job, "splined joint", "Take it away").around().splines())
                .isEmpty();
        Job boxed = HAND.added(job, "A box to stay dry");
        Field.Vector size = HAND.field(boxed, "dry box", "size", Field.Vector.class);
        assertThatThrownBy(() -> size.put().apply(Vec3.ZERO)).isInstanceOf(InvalidValue.class);
        Job drained = HAND.added(boxed, "An oil drain");
        assertThat(drained.around().drains()).hasSize(1);
        Job charged = HAND.added(drained, "An alternator's lead");
        assertThat(charged.around().leads().get(0).fuse()).isEqualTo(20);
        Field.Measure fuse = HAND.field(charged, "lead", "fuse, 0 for none", Field.Measure.class);
        assertThat(fuse.put().apply(15.0).around().leads().get(0).fuse()).isEqualTo(15);
    }

    @Test
    void workWaitsForOtherWork_byItsCard_butNotInARing() {
        Job two = HAND.added(HAND.added(TestJobs.plain(), "A piece of work"), "A piece of work");
        Field.Several waits = HAND.field(two, "work", "waits for", Field.Several.class);
        assertThat(waits.of()).extracting(Field.Named::id).containsExactly("T2");
        Job waiting = waits.put().apply(List.of("T2"));
        assertThat(waiting.book().tasks().get(0).needs()).containsExactly("T2");
        List<WorkTask> ring = List.of(
                waiting.book().tasks().get(0), waiting.book().tasks().get(1).withNeeds(List.of("T1")));
        assertThatThrownBy(() -> waiting.book().withTasks(ring)).hasMessageContaining("ring");
    }

    @Test
    void runOut_isReadAtFit() {
        CardHand fit = new CardHand(Step.FIT);
        Job job = fit.added(TestJobs.plain(), "How true: track of the propeller's tips");
        Job read = fit.field(job, "run-out", "high less low, or share that bears", Field.Measure.class)
                .put()
                .apply(0.003);
        assertThat(read.asBuilt().runOuts().get(0).read()).isEqualTo(0.003);
        Job taper = fit.added(TestJobs.plain(), "How true: taper, blued: share that bears");
        Field.Measure share = fit.field(taper, "run-out", "high less low, or share that bears", Field.Measure.class);
        assertThatThrownBy(() -> share.put().apply(2.0)).hasMessageContaining("read");
    }

    @Test
    void bookIsKeptByCards() {
        Job part = HAND.added(TestJobs.plain(), "A part to buy");
        Job task = HAND.added(part, "A piece of work");
        Field.Several waits = HAND.field(task, "work", "waits for", Field.Several.class);
        assertThat(waits.of()).hasSize(1);
        Job waiting = waits.put().apply(List.of("P1"));
        assertThat(waiting.book().tasks().get(0).needs()).containsExactly("P1");
        assertThatThrownBy(() -> HAND.done(waiting, "part to buy", "Take it away"))
                .hasMessageContaining("P1");
        Job line = HAND.added(task, "A line of the log");
        Job later = HAND.field(line, "log", "hours since it went in", Field.Measure.class)
                .put()
                .apply(7200.0);
        Job second = HAND.added(later, "A line of the log");
        assertThat(second.book().log().get(1).hours()).isEqualTo(7200);
        Job paid = HAND.done(second, "money", "A payment");
        assertThat(paid.book().money().payments()).hasSize(1);
        assertThat(HAND.done(paid, "money", "The last payment away")
                        .book()
                        .money()
                        .payments())
                .isEmpty();
        Job selling = HAND.done(paid, "whole donor or bare engine", "A part to sell");
        assertThat(selling.book().deal().sells()).hasSize(1);
    }

    /** What needs something that is drawn at Seat is offered once it is there. */
    @Test
    void guardIsOffered_fuelFeedOnlyWhereATankIsDrawn() {
        Job job = HAND.added(TestJobs.plain(), "A guard");
        assertThat(job.around().guards()).hasSize(1);
        assertThat(Cards.additions(job, Step.RUN))
                .extracting(Deed::words)
                .noneMatch(words -> words.startsWith("The fuel feed"));
    }
}
