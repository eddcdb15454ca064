package oddcradle.core.workshop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import oddcradle.core.catalog.ScrewThread;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.edit.SetPart;
import oddcradle.core.job.make.Part;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a shop is told to do with a cradle. */
class WorkshopPlanTest {
    private static final Job JOB = TestJobs.plain();
    private static final Examination EXAMINED = Examination.of(JOB);
    private static final WorkshopPlan PLAN = WorkshopPlan.of(EXAMINED);
    private static final Material MILD = Material.of("mild", 205e9, 0.3, 7850, 250e6);
    private static final Material ALLOY = Material.of("light", 69e9, 0.33, 2700, 240e6);

    /** Tap drills of the trade for three quarters of full thread, mm; tables of tool makers, from memory. */
    @ParameterizedTest
    @CsvSource({
        "M6, 5.0",
        "M8, 6.8",
        "M10, 8.5",
        "M10x1.25, 8.8",
        "1/4-20, 5.1",
        "1/4-28, 5.5",
        "5/16-18, 6.6",
        "5/16-24, 6.9",
        "3/8-16, 7.9",
        "3/8-24, 8.5"
    })
    void tapDrills_areThoseOfTheTables(String thread, double drill) {
        assertThat(Drilling.tapDrill(ScrewThread.of("thread", thread)) * 1e3).isCloseTo(drill, within(0.101));
    }

    /** 10 mm in mild steel at 25 m/min is 800 rpm; common practice. */
    @Test
    void drills_growInSteps_andTurnAsTheTradeHasIt() {
        List<Drilling.Pass> passes = Drilling.passes(0.010, MILD, false);
        assertThat(passes.get(0).diameter()).isEqualTo(0.003);
        Drilling.Pass last = passes.get(passes.size() - 1);
        assertThat(last.diameter()).isEqualTo(0.010);
        assertThat(last.speed() * 30 / Math.PI).isCloseTo(796, within(5.0));
        for (int k = 1; k < passes.size(); k++) {
            assertThat(passes.get(k).diameter()).isGreaterThan(passes.get(k - 1).diameter());
            assertThat(passes.get(k).diameter() / passes.get(k - 1).diameter()).isLessThan(2);
        }
        assertThat(Drilling.passes(0.010, ALLOY, false).get(0).speed())
                .isGreaterThan(passes.get(0).speed());
        List<Drilling.Pass> reamed = Drilling.passes(0.0095, MILD, true);
        assertThat(reamed.get(reamed.size() - 1).tool()).isEqualTo("reamer");
        assertThat(reamed.get(reamed.size() - 2).diameter()).isCloseTo(0.0092, within(1e-9));
        assertThat(Drilling.passes(0.002, MILD, false)).hasSize(1);
        assertThat(Drilling.passes(0.050, MILD, true))
                .extracting(Drilling.Pass::tool)
                .containsExactly("drill", "hole saw");
    }

    /** By hand in inches: a quarter-inch fillet on a half-inch plate draws 0.1 x 0.03125 / 0.5 = 0.00625. */
    @Test
    void shrinkage_isBlodgetts() {
        double inch = 0.0254;
        assertThat(Shrinkage.transverse(0.25 * inch, 0.5 * inch) / inch).isCloseTo(0.00625, within(1e-9));
    }

    @Test
    void everyEndAndMount_isWeldedOnce_inAnOrderThatKeepsTheMiddle() {
        WeldMap map = PLAN.welds();
        Set<String> names = new HashSet<>();
        map.welds().forEach(weld -> names.add(weld.what()));
        assertThat(names).hasSameSizeAs(map.welds());
        long ends = EXAMINED.cutList().stream()
                .flatMap(tube -> tube.ends().stream())
                .filter(end -> !end.landsOn().isEmpty())
                .count();
        assertThat(map.welds()).hasSize((int) ends + EXAMINED.mountDesigns().size());
        // Half-way through, what is welded lies nearer to the middle of all than the first half of a list along the
        // machine would.
        Vec3 middle = middle(map.welds());
        double balanced = middle(map.welds().subList(0, map.welds().size() / 2)).distanceTo(middle);
        List<WeldMap.Weld> along = map.welds().stream()
                .sorted((one, other) -> Double.compare(one.at().y(), other.at().y()))
                .toList();
        assertThat(balanced)
                .isLessThan(middle(along.subList(0, along.size() / 2)).distanceTo(middle));
    }

    /** Each seam has a test piece of its process, filler and leg, and no two pieces are of one sort; a 4 mm fillet has a throat of 2.8 mm (handbooks). */
    @Test
    void testPieces_standForEverySeamOnce() {
        WeldMap map = PLAN.welds();
        List<TestPiece> pieces = TestPiece.of(map);
        List<String> covered =
                pieces.stream().flatMap(piece -> piece.welds().stream()).toList();

        assertThat(covered)
                .containsExactlyInAnyOrderElementsOf(
                        map.welds().stream().map(WeldMap.Weld::mark).toList());
        assertThat(pieces.size()).isBetween(1, map.welds().size());
        for (WeldMap.Weld weld : map.welds()) {
            TestPiece piece = pieces.stream()
                    .filter(each -> each.welds().contains(weld.mark()))
                    .findFirst()
                    .orElseThrow();
            assertThat(piece.way()).isEqualTo(weld.way());
            assertThat(piece.leg()).isCloseTo(weld.leg(), within(1e-4));
        }
        TestPiece four = new TestPiece("T1", List.of("W1"), pieces.get(0).way(), 0.004);
        assertThat(four.look().in(UnitStyle.MILLIMETRES)).contains("4.0 mm or more", "2.8 mm", "0.40 mm");
        assertThat(four.make().in(UnitStyle.MILLIMETRES)).contains("leg 4.0 mm", "100.0 mm by 50.0 mm");
        assertThat(TestPiece.of(new WeldMap(List.of()))).isEmpty();
    }

    private static Vec3 middle(List<WeldMap.Weld> welds) {
        Vec3 middle = Vec3.ZERO;
        for (WeldMap.Weld weld : welds) {
            middle = middle.along(weld.at(), 1.0 / welds.size());
        }
        return middle;
    }

    @Test
    void alloyAndHardTube_areNotWeldedLikeMildSteel() {
        assertThat(WeldWay.of(ALLOY, 0.003).process()).contains("alternating");
        assertThat(WeldWay.of(MILD, 0.002).filler()).isEqualTo("ER70S-6");
        Material chrome = Material.of("4130 normalised", 205e9, 0.3, 7850, 460e6);
        assertThat(WeldWay.of(chrome, 0.0016).preheat()).isZero();
        assertThat(WeldWay.of(chrome, 0.005).preheat()).isPositive();
    }

    @Test
    void firstHole_isNearestTheOutput_andTheSecondFarthestFromIt() {
        List<String> order =
                PLAN.holes().holes().stream().map(DrillPlan.Hole::where).toList();
        assertThat(order).hasSize(EXAMINED.mountDesigns().size()).doesNotHaveDuplicates();
        Vec3 output = EXAMINED.seating().driverCentre();
        double first = at(order.get(0)).distanceTo(output);
        assertThat(order)
                .allSatisfy(mount -> assertThat(at(mount).distanceTo(output)).isGreaterThan(first - 1e-9));
        double apart = at(order.get(1)).distanceTo(at(order.get(0)));
        assertThat(order).allSatisfy(mount -> assertThat(at(mount).distanceTo(at(order.get(0))))
                .isLessThan(apart + 1e-9));
    }

    private static Vec3 at(String mount) {
        return EXAMINED.mountDesigns().stream()
                .filter(each -> each.isolator().id().equals(mount))
                .findFirst()
                .orElseThrow()
                .at();
    }

    /** Where the dummy has its holes, the donor has its bosses. */
    @Test
    void dummy_putsEveryBossWhereTheSeatHasIt() {
        JigPlan jig = PLAN.jig();
        assertThat(jig.legs()).hasSize(JOB.donor().bosses().size() + 1);
        JigPlan.Leg one = jig.legs().get(0);
        JigPlan.Leg other = jig.legs().get(1);
        Vec3 between =
                EXAMINED.seating().boss(other.mark()).minus(EXAMINED.seating().boss(one.mark()));
        assertThat(other.forward() - one.forward()).isCloseTo(between.x(), within(1e-12));
        assertThat(other.left() - one.left()).isCloseTo(between.y(), within(1e-12));
        assertThat(one.length() - other.length()).isCloseTo(between.z(), within(1e-12));
        assertThat(jig.checks().get(0).straight()).isCloseTo(between.length(), within(1e-12));
        assertThat(jig.legs()).allSatisfy(leg -> {
            assertThat(leg.forward()).isBetween(0.0, jig.length());
            assertThat(leg.left()).isBetween(0.0, jig.width());
            assertThat(leg.length()).isPositive();
        });
    }

    @Test
    void work_goesInAnOrderInWhichNothingWaitsForWhatComesLater() {
        List<BuildOrder.Task> tasks = PLAN.order().tasks();
        assertThat(tasks).hasSizeGreaterThan(8);
        for (int k = 0; k < tasks.size(); k++) {
            int number = k + 1;
            assertThat(tasks.get(k).waitsFor()).allMatch(before -> before >= 1 && before < number);
        }
        int weld = titles(tasks).indexOf("Weld");
        assertThat(titles(tasks).indexOf("Take the support away and look")).isBetween(1, weld);
        assertThat(titles(tasks).indexOf("Take apart and finish")).isGreaterThan(weld);
        assertThat(PLAN.order().time()).isPositive();
    }

    private static List<String> titles(List<BuildOrder.Task> tasks) {
        return tasks.stream().map(BuildOrder.Task::title).toList();
    }

    /** What the program does not know of is on the list too, and what is here is not paid again. */
    @Test
    void thingsNotedByHand_areBoughtWithTheRest() {
        Job paint = new SetPart(new Part("paint", Part.State.TO_BUY, "", 9)).applyTo(JOB);
        Job bolts = new SetPart(PLAN.hardware().lines().get(0).note().withPrice(2)).applyTo(paint);
        HardwareTotals totals = WorkshopPlan.of(Examination.of(bolts)).hardware();
        assertThat(totals.others()).extracting(Part::item).containsExactly("paint");
        assertThat(totals.toPay()).isCloseTo(9 + 2 * totals.lines().get(0).count(), within(1e-12));
        Job here = new SetPart(bolts.build().part("paint").withState(Part.State.HERE)).applyTo(bolts);
        assertThat(WorkshopPlan.of(Examination.of(here)).hardware().toPay())
                .isCloseTo(totals.toPay() - 9, within(1e-12));
    }

    @Test
    void hardware_isTotalled_withTheSpannersItTakes() {
        int bought = EXAMINED.hardware().items().stream()
                .filter(item -> item.outline().isEmpty())
                .mapToInt(item -> item.count())
                .sum();
        assertThat(PLAN.hardware().lines().stream()
                        .mapToInt(HardwareTotals.Line::count)
                        .sum())
                .isEqualTo(bought);
        // M8 takes 13 mm across flats, M10 16: ISO 4014, from memory.
        assertThat(PLAN.hardware().spanners()).isNotEmpty().isSubsetOf("10 mm", "13 mm", "16 mm", "18 mm");
    }
}
