package oddcradle.core.keeping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.book.Book;
import oddcradle.core.job.book.DonorDeal;
import oddcradle.core.job.book.Evenings;
import oddcradle.core.job.book.Money;
import oddcradle.core.job.book.Purchase;
import oddcradle.core.job.book.WorkTask;
import oddcradle.core.job.fit.Dates;
import oddcradle.core.job.make.Part;
import org.junit.jupiter.api.Test;

class KeepingTest {
    private static final double HOUR = 3600;
    private static final Evenings MONDAYS_AND_TUESDAYS = new Evenings("", 3 * HOUR, 2 * HOUR, 0, 0, 0, 0, 0);

    @Test
    void daysThatAreNone_areRefused() {
        assertThat(Dates.checked("day", "2028-02-29")).isEqualTo("2028-02-29");
        for (String none : List.of("2026-02-29", "2026-13-01", "+12026-01-01", "2026-3-9", "today")) {
            assertThatThrownBy(() -> Dates.checked("day", none)).hasMessageContaining(none);
        }
    }

    private static WorkTask task(String id, double hours, String... needs) {
        return new WorkTask(id, "work " + id, Step.MAKE, hours * HOUR, 0, false, List.of(needs));
    }

    private static Purchase part(String id, Part.State state, String due) {
        return new Purchase(id, "part " + id, 2, 10, state, "", due, true);
    }

    private static Book book(List<Purchase> parts, WorkTask... tasks) {
        return new Book(List.of(), parts, Money.NONE, List.of(tasks), MONDAYS_AND_TUESDAYS, DonorDeal.NONE);
    }

    /** Welding before paint: what the one waits for, the other waits for too. */
    @Test
    void workWaitsForOtherWork_andForWhatThatWaitsFor() {
        WorkTask paint = task("T2", 1, "T1");
        EveningPlan order = EveningPlan.of(book(List.of(), paint, task("T1", 4)), "2026-03-01");
        assertThat(order.ends("T1")).contains("2026-03-03");
        assertThat(order.ends("T2")).contains("2026-03-03");
        EveningPlan late = EveningPlan.of(
                book(List.of(part("P1", Part.State.ORDERED, "2026-03-10")), paint, task("T1", 2, "P1")), "2026-03-01");
        assertThat(late.ends("T1")).contains("2026-03-10");
        assertThat(late.ends("T2")).contains("2026-03-16");
        EveningPlan unknown = EveningPlan.of(
                book(List.of(part("P1", Part.State.TO_BUY, "")), paint, task("T1", 2, "P1")), "2026-03-01");
        assertThat(unknown.waiting()).hasSize(2);
        assertThat(unknown.waiting().get(0).parts()).containsExactly("work T1");
        assertThatThrownBy(() -> book(List.of(), task("T1", 1, "T2"), task("T2", 1, "T1")))
                .hasMessageContaining("ring");
        assertThatThrownBy(() -> book(List.of(), task("T1", 1, "T9"))).hasMessageContaining("T9");
        assertThatThrownBy(() -> book(List.of(part("T1", Part.State.HERE, "")), task("T1", 1)))
                .hasMessageContaining("another mark");
    }

    /** Whatever waits for whatever: nothing before what it waits for, every hour given once, no evening longer than it is. */
    @Property(tries = 80)
    void plansOfAnyWork_keepTheirOrderAndTheirHours(@ForAll int seed) {
        Random random = new Random(seed);
        int count = 2 + random.nextInt(8);
        List<WorkTask> tasks = new ArrayList<>();
        for (int k = 0; k < count; k++) {
            List<String> needs = new ArrayList<>();
            for (int before = 0; before < k; before++) {
                if (random.nextInt(4) == 0) {
                    needs.add("T" + before);
                }
            }
            tasks.add(task("T" + k, 0.5 + random.nextInt(8), needs.toArray(String[]::new)));
        }
        Collections.shuffle(tasks, random);
        EveningPlan plan = EveningPlan.of(book(List.of(), tasks.toArray(WorkTask[]::new)), "2026-03-01");
        assertThat(plan.waiting()).isEmpty();
        Map<String, Double> given = new HashMap<>();
        Set<String> ended = new HashSet<>();
        for (EveningPlan.Evening evening : plan.evenings()) {
            double hours = 0;
            for (EveningPlan.Share share : evening.work()) {
                assertThat(ended).containsAll(share.task().needs());
                given.merge(share.task().id(), share.time(), Double::sum);
                hours += share.time();
                if (share.ends()) {
                    ended.add(share.task().id());
                }
            }
            assertThat(hours).isLessThanOrEqualTo(3 * HOUR);
        }
        assertThat(ended).hasSize(count);
        for (WorkTask task : tasks) {
            assertThat(given.get(task.id())).isCloseTo(task.planned(), within(60.0));
        }
    }

    /** 2026-03-02 is a Monday. */
    @Test
    void fiveHours_takeAMondayAndATuesday() {
        EveningPlan plan = EveningPlan.of(book(List.of(), task("T1", 4), task("T2", 1)), "2026-03-01");
        assertThat(plan.evenings()).extracting(EveningPlan.Evening::date).containsExactly("2026-03-02", "2026-03-03");
        assertThat(plan.ends("T1")).contains("2026-03-03");
        assertThat(plan.evenings().get(1).work()).hasSize(2);
        assertThat(plan.waiting()).isEmpty();
    }

    @Test
    void latePart_movesItsWorkAndLetsTheNextGoFirst() {
        WorkTask waits = task("T1", 2, "P1");
        Book onTime = book(List.of(part("P1", Part.State.ORDERED, "2026-03-02")), waits, task("T2", 3));
        assertThat(EveningPlan.of(onTime, "2026-03-02").ends("T1")).contains("2026-03-02");
        Book late = book(List.of(part("P1", Part.State.ORDERED, "2026-03-10")), waits, task("T2", 3));
        EveningPlan moved = EveningPlan.of(late, "2026-03-02");
        assertThat(moved.ends("T2")).contains("2026-03-02");
        assertThat(moved.ends("T1")).contains("2026-03-10");
        Book unknown = book(List.of(part("P1", Part.State.TO_BUY, "")), waits, task("T2", 3));
        assertThat(EveningPlan.of(unknown, "2026-03-02").waiting())
                .extracting(each -> each.task().id())
                .containsExactly("T1");
        // What was to come yesterday and has not is not taken as here.
        Book over = book(List.of(part("P1", Part.State.ORDERED, "2026-02-20")), waits, task("T2", 3));
        assertThat(EveningPlan.of(over, "2026-03-02").waiting().get(0).parts())
                .containsExactly("part P1 (expected 2026-02-20, late)");
        Book here = book(List.of(part("P1", Part.State.HERE, "2026-03-30")), waits);
        assertThat(EveningPlan.of(here, "2026-03-02").ends("T1")).contains("2026-03-02");
    }

    @Test
    void workThatTookLongerThanPlanned_isNotTakenAsDone() {
        WorkTask over = new WorkTask("T1", "weld", Step.MAKE, 10 * HOUR, 12 * HOUR, false, List.of());
        assertThat(over.left()).isPositive();
        assertThat(over.withDone(true).left()).isZero();
    }

    @Test
    void needOfAPartThatIsNotListed_isNamed() {
        assertThatThrownBy(() -> book(List.of(), task("T1", 2, "P9"))).hasMessageContaining("P9");
        assertThatThrownBy(() -> MONDAYS_AND_TUESDAYS.withMonday(0).withTuesday(0))
                .hasMessageContaining("every other day");
    }

    @Test
    void money_isSpentToComeAndLeft() {
        Job job = TestJobs.plain()
                .withBook(new Book(
                        List.of(),
                        List.of(part("P1", Part.State.HERE, ""), part("P2", Part.State.TO_BUY, "")),
                        new Money("somebody", 500, 40, List.of(new Money.Payment("2026-03-01", 100)), ""),
                        List.of(new WorkTask("T1", "weld", Step.MAKE, 10 * HOUR, 4 * HOUR, false, List.of())),
                        Evenings.USUAL,
                        new DonorDeal(900, 500, 300, List.of(new DonorDeal.Sale("forks", 160, true)))));
        MoneySum sum = MoneySum.of(Examination.of(job));
        assertThat(sum.spent()).isEqualTo(20);
        assertThat(sum.toCome()).isEqualTo(20);
        assertThat(sum.workSpent()).isCloseTo(160, within(1e-9));
        assertThat(sum.workToCome()).isCloseTo(240, within(1e-9));
        assertThat(sum.paid()).isEqualTo(100);
        assertThat(job.book().deal().wholeLess()).isEqualTo(740);
        assertThat(job.book().deal().bareMore()).isEqualTo(800);
    }

    @Test
    void firstStart_namesTheChainOnlyWhereThereIsOne() {
        StartList list = StartList.of(TestJobs.plain());
        String words =
                String.join(" ", list.items().stream().map(StartList.Item::what).toList());
        assertThat(words).contains("extinguisher", "kill switch", "stands").doesNotContain("propeller", "breaker");
        assertThat(list.open()).isEqualTo(list.items().size());
        assertThat(list.items().stream().map(StartList.Item::mark).distinct().count())
                .isEqualTo(list.items().size());
    }
}
