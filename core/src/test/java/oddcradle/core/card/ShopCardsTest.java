package oddcradle.core.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.edit.SetPart;
import oddcradle.core.job.make.Bar;
import oddcradle.core.job.make.Part;
import oddcradle.core.math.InvalidValue;
import org.junit.jupiter.api.Test;

/** The shop as somebody fills it in: nothing named at first, then a bar, a sheet and a die. */
class ShopCardsTest {
    private static final Job JOB = TestJobs.plain();

    private static final CardHand HAND = new CardHand(Step.MAKE);

    private static Job typed(Job job, String kind, String field, double value) {
        return HAND.field(job, kind, field, Field.Measure.class).put().apply(value);
    }

    @Test
    void emptyShop_hasOnlyItsWaysAndItsPace() {
        assertThat(Cards.of(JOB).stream()
                        .filter(card -> card.step() == Step.MAKE)
                        .map(Card::kind))
                .containsExactly("shop", "time and money");
    }

    @Test
    void barOnTheRack_beginsAsTheCradlesTube_andIsTypedOver() {
        Job job = HAND.added(JOB, "A bar on the rack");
        Bar bar = job.build().shop().stores().bars().get(0);
        assertThat(bar.section()).isEqualTo(JOB.cradle().members().get(0).section());
        Job shorter = typed(typed(job, "bar", "length", 2.4), "bar", "how many, 0 to buy", 3);
        Bar typed = shorter.build().shop().stores().bars().get(0);
        assertThat(typed.length()).isEqualTo(2.4);
        assertThat(typed.count()).isEqualTo(3);
        assertThatThrownBy(() -> typed(job, "bar", "length", 25))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("length is 25 m");
        assertThatThrownBy(() -> typed(job, "bar", "how many, 0 to buy", 1.5)).hasMessageContaining("whole number");
        Job gone = HAND.card(job, "bar").deeds().get(0).outcome().get().job();
        assertThat(gone.build().shop().stores().bars()).isEmpty();
    }

    @Test
    void dieAndSheet_areCheckedAsTheyAreTyped() {
        Job job = HAND.added(HAND.added(JOB, "A die of the bender"), "A sheet of plate");
        assertThat(job.build().shop().tools().dies()).hasSize(1);
        assertThat(job.build().shop().stores().plates()).hasSize(1);
        assertThatThrownBy(() -> typed(job, "die", "radius of the centre line", 0.01))
                .hasMessageContaining("must be more than half the tube");
        assertThatThrownBy(() -> typed(job, "die", "springback, share of the angle", 0.5))
                .hasMessageContaining("springback");
        assertThat(typed(job, "sheet", "thickness", 0.008)
                        .build()
                        .shop()
                        .stores()
                        .plates()
                        .get(0)
                        .thickness())
                .isEqualTo(0.008);
    }

    @Test
    void printersBars_haveToBeNearAHundredMillimetres() {
        assertThat(typed(JOB, "shop", "level printer bar reads", 0.0992)
                        .build()
                        .shop()
                        .tools()
                        .printed()
                        .across())
                .isEqualTo(0.0992);
        assertThatThrownBy(() -> typed(JOB, "shop", "level printer bar reads", 0.0254))
                .hasMessageContaining("across");
    }

    /** A note of a thing replaces the one before; what nobody noted is to be bought. */
    @Test
    void notesOfAThing_areKeptOnce() {
        assertThat(JOB.build().part("bolt M8").state()).isEqualTo(Part.State.TO_BUY);
        Job ordered = new SetPart(new Part("bolt M8", Part.State.ORDERED, "the corner shop", 1.2)).applyTo(JOB);
        Job here = new SetPart(ordered.build().part("bolt M8").withState(Part.State.HERE)).applyTo(ordered);
        assertThat(here.build().parts())
                .isEqualTo(List.of(new Part("bolt M8", Part.State.HERE, "the corner shop", 1.2)));
        assertThat(HAND.card(here, "part").label()).isEqualTo("bolt M8");
        assertThat(new SetPart(here.build().part("bolt M8")).mergeKey())
                .isNotEqualTo(new SetPart(here.build().part("nut M8")).mergeKey());
    }
}
