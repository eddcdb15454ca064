package oddcradle.core.workshop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.make.Bar;
import oddcradle.core.job.make.Build;
import oddcradle.core.job.make.Shop;
import oddcradle.core.job.make.Stores;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.section.Section;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.workshop.CutPlan.CutBar;
import oddcradle.core.workshop.CutPlan.Piece;
import org.junit.jupiter.api.Test;

/** Which bar gives which tube: two tubes of one section, between 0.3 and 1 m long each. */
class CutPlanTest {
    private static final Job JOB = TestJobs.plain();
    private static final List<CutTube> TUBES = Examination.of(JOB).cutList();
    private static final Section SECTION = TUBES.get(0).tube().section();
    private static final double LENGTH = TUBES.get(0).cutLength();

    private static Build with(Bar... bars) {
        Shop shop = JOB.build().shop();
        return JOB.build().withShop(shop.withStores(new Stores(List.of(bars), List.of())));
    }

    private static Bar bar(String mark, double length, int count, double price) {
        return new Bar(mark, SECTION, "", length, count, price);
    }

    private static List<String> tubes(CutPlan plan) {
        List<String> tubes = new ArrayList<>();
        plan.bars().forEach(bar -> bar.pieces().forEach(piece -> tubes.add(piece.tube())));
        return tubes;
    }

    @Test
    void nothingNamed_isCutFromBarsAsTheyAreSold() {
        CutPlan plan = CutPlan.of(TUBES, JOB.build());
        assertThat(tubes(plan)).containsExactlyInAnyOrder("C1", "C2");
        CutBar bar = plan.bars().get(0);
        assertThat(bar.ordered()).isTrue();
        assertThat(bar.stock().length()).isEqualTo(6);
        Piece second = bar.pieces().get(1);
        assertThat(second.from())
                .isCloseTo(bar.pieces().get(0).length() + JOB.build().kerf(), within(1e-12));
        assertThat(plan.bars()).allSatisfy(each -> assertThat(each.left())
                .isLessThan(each.stock().length()
                        - each.pieces().stream().mapToDouble(Piece::length).sum()));
    }

    @Test
    void offCuts_goFirst_andWhatIsLeftLiesOnTheRackAgain() {
        Build build = with(bar("rest", LENGTH + 0.3, 2, 0), bar("new", 6, 0, 40));
        CutPlan plan = CutPlan.of(TUBES, build);
        assertThat(plan.bars()).allMatch(each -> each.stock().mark().equals("rest"));
        assertThat(plan.price()).isZero();
        Stores left = plan.left(build.shop().stores());
        assertThat(left.bars()).noneMatch(each -> each.mark().equals("rest"));
        assertThat(left.bars()).anySatisfy(each -> {
            assertThat(each.mark()).startsWith("off-cut");
            assertThat(each.length()).isBetween(0.15, 0.31);
        });
    }

    @Test
    void whatIsBought_isPaid_andShortRestsAreScrap() {
        CutPlan plan = CutPlan.of(TUBES, with(bar("new", LENGTH + 0.1, 0, 12.5)));
        assertThat(plan.bars()).hasSize(2);
        assertThat(plan.price()).isEqualTo(25);
        assertThat(plan.bars()).noneMatch(CutBar::isKept);
    }

    @Test
    void barsOfAnotherMetal_areNotCut() {
        Bar other = new Bar("alloy", SECTION, "alloy", 6, 3, 0);
        assertThat(CutPlan.of(TUBES, with(other)).bars())
                .noneMatch(each -> each.stock().mark().equals("alloy"));
    }

    @Test
    void tubeLongerThanAnyBar_isNamed() {
        Build build = with(bar("short", 0.2, 0, 3));
        assertThatThrownBy(() -> CutPlan.of(TUBES, build))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("name a longer bar")
                .hasMessageContaining("200 mm");
    }

    @Test
    void whatIsFittedDown_isSawnLonger() {
        Shop shop = JOB.build().shop();
        Build longer = JOB.build().withShop(shop.withTools(shop.tools().withAllowance(0.002)));
        double sum = CutPlan.of(TUBES, longer).bars().stream()
                .flatMap(bar -> bar.pieces().stream())
                .mapToDouble(Piece::length)
                .sum();
        double finished = TUBES.stream().mapToDouble(CutTube::cutLength).sum();
        assertThat(sum).isCloseTo(finished + 4 * 0.002, within(1e-12));
    }
}
