package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import oddcradle.core.control.Progress;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Stage;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.around.Control;
import oddcradle.core.job.book.LogEntry;
import oddcradle.core.keeping.EveningPlan;
import oddcradle.core.keeping.MoneySum;
import oddcradle.core.keeping.StartList;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.pocket.Pocket;
import oddcradle.core.pocket.PocketAnswer;
import oddcradle.core.pocket.Question;
import oddcradle.core.step.run.ControlFound;
import oddcradle.core.step.run.DueList;
import oddcradle.core.step.run.RunFinding;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Run at every demo: what hangs from its seat, its start list and its logbook are true to the machine. */
class DemoRunTest {
    private static final Map<DemoJobs, Examination> EXAMINED = new EnumMap<>(DemoJobs.class);

    @BeforeAll
    static void examine() {
        for (DemoJobs demo : DemoJobs.values()) {
            EXAMINED.put(demo, Examination.of(demo.load().job()));
        }
    }

    private static Job job(DemoJobs demo) {
        return EXAMINED.get(demo).job();
    }

    private static String started(DemoJobs demo) {
        return String.join(
                " ",
                StartList.of(job(demo)).items().stream()
                        .map(StartList.Item::what)
                        .toList());
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void everyControl_pullsTheRightWayAndReaches(DemoJobs demo) {
        List<ControlFound> controls = EXAMINED.get(demo).run().controls();
        assertThat(controls).isNotEmpty();
        for (ControlFound found : controls) {
            assertThat(found.work().whole()).as(found.control().label()).isTrue();
            assertThat(found.work().pulls()).as(found.control().label()).isTrue();
            assertThat(found.work().reached())
                    .as(found.control().label())
                    .isBetween(
                            0.95 * Math.abs(found.control().wanted()),
                            1.2 * Math.abs(found.control().wanted()));
        }
        assertThat(EXAMINED.get(demo).report(Step.RUN).findings())
                .extracting(Finding::severity)
                .doesNotContain(Severity.STOP);
    }

    /** A cable begins at its mouth, ends where it comes out, passes every clip, and is no shorter than that. */
    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void everyCable_passesItsClips(DemoJobs demo) {
        List<ControlFound.Laid> cables = EXAMINED.get(demo).run().controls().stream()
                .flatMap(found -> found.cables().stream())
                .toList();
        assertThat(cables).isNotEmpty();
        for (ControlFound.Laid laid : cables) {
            List<Vec3> points = laid.path().points();
            for (Vec3 clip : laid.given().clips()) {
                assertThat(points.stream().mapToDouble(clip::distanceTo).min().orElseThrow())
                        .isLessThan(1e-9);
            }
            double along = 0;
            for (int k = 1; k < points.size(); k++) {
                along += points.get(k).distanceTo(points.get(k - 1));
            }
            // Chords of a fine polygon are a little shorter than their curve.
            assertThat(laid.path().length()).isBetween(along, 1.002 * along);
            assertThat(laid.path().tightest()).isGreaterThan(laid.given().bendRadius());
        }
    }

    /** The engine's own movement turns a lever only where a link reaches from the frame to it without a conduit. */
    @Test
    void onlyTheShiftRodOfTheRunabout_isWorkedByTheEngine() {
        for (DemoJobs demo : DemoJobs.values()) {
            for (ControlFound found : EXAMINED.get(demo).run().controls()) {
                boolean rod =
                        demo == DemoJobs.SALTMARSH_RUNABOUT && found.control().use() == Control.Use.SHIFT;
                assertThat(found.selfTurn() > 0.01)
                        .as(demo + " " + found.control().label())
                        .isEqualTo(rod);
            }
        }
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void startList_namesWhatTheMachineHasAndNothingElse(DemoJobs demo) {
        Job job = job(demo);
        String words = started(demo);
        Optional<LineEnd> end = job.line().end();
        boolean flies = end.filter(LineEnd.Propeller.class::isInstance).isPresent();
        boolean generates = end.filter(LineEnd.Generator.class::isInstance).isPresent();
        assertThat(words.contains("propeller")).isEqualTo(flies);
        assertThat(words.contains("tail tied")).isEqualTo(flies);
        assertThat(words.contains("breaker open")).isEqualTo(generates);
        assertThat(words.contains("on stands")).isEqualTo(!flies && !generates);
        assertThat(words.contains("slack even"))
                .isEqualTo(job.line().stages().stream().anyMatch(Stage.Chain.class::isInstance));
        assertThat(words.contains("shut the intake")).isEqualTo(demo == DemoJobs.ORCHARD_TUG);
        assertThat(words.contains("coolant")).isEqualTo(demo == DemoJobs.ORCHARD_TUG);
        for (Control control : job.around().controls()) {
            assertThat(words).contains(control.label());
        }
        assertThat(words).contains("extinguisher", "kill switch");
        Set<String> marks = new HashSet<>();
        assertThat(StartList.of(job).items()).allMatch(item -> marks.add(item.mark()));
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void logbook_runsForwardsAndNamesOnlyWhatIsThere(DemoJobs demo) {
        Job job = job(demo);
        List<LogEntry> log = job.book().log();
        assertThat(log).hasSizeGreaterThan(4);
        assertThat(job.book().hours()).isPositive();
        DueList due = DueList.of(job, Optional.empty());
        boolean chain = job.line().stages().stream().anyMatch(Stage.Chain.class::isInstance);
        assertThat(due.items().stream().anyMatch(each -> each.work() == LogEntry.Work.CHAIN))
                .isEqualTo(chain);
        assertThat(log.stream().anyMatch(each -> each.work() == LogEntry.Work.CHAIN))
                .isEqualTo(chain);
        assertThat(due.items()).extracting(DueList.Due::dueAt).isSorted();
        long told = EXAMINED.get(demo).report(Step.RUN).findings().stream()
                .filter(each -> each.code() == RunFinding.DUE)
                .count();
        assertThat(told).isEqualTo(due.now().size());
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void evenings_giveEveryHourThatIsLeftOnce(DemoJobs demo) {
        EveningPlan plan = EveningPlan.of(job(demo).book(), "2026-01-01");
        MoneySum sum = MoneySum.of(EXAMINED.get(demo));
        double planned = plan.evenings().stream()
                .flatMap(each -> each.work().stream())
                .mapToDouble(EveningPlan.Share::time)
                .sum();
        double waiting =
                plan.waiting().stream().mapToDouble(each -> each.task().left()).sum();
        assertThat(planned + waiting).isCloseTo(sum.left(), within(60.0));
        assertThat(sum.left()).isPositive();
        for (EveningPlan.Evening evening : plan.evenings()) {
            assertThat(evening.work().stream()
                            .mapToDouble(EveningPlan.Share::time)
                            .sum())
                    .isLessThanOrEqualTo(6 * 3600.0);
        }
    }

    private static Stream<Arguments> questions() {
        return Stream.of(DemoJobs.values()).flatMap(demo -> Stream.of(Question.values())
                // What looks for ways out takes seconds a demo: one is enough.
                .filter(question -> question != Question.IN || demo == DemoJobs.PIER_PORTER)
                .map(question -> Arguments.of(demo, question)));
    }

    @ParameterizedTest
    @MethodSource("questions")
    void everyQuestion_isAnsweredOfEveryDemoOrNamesWhatItLacks(DemoJobs demo, Question question) {
        try {
            PocketAnswer answer =
                    Pocket.answer(question, Optional.of(EXAMINED.get(demo)), Map.of(), Progress.UNWATCHED);
            assertThat(answer.says()).isNotEmpty();
            for (UnitStyle style : UnitStyle.values()) {
                assertThat(answer.says())
                        .allSatisfy(
                                each -> assertThat(each.in(style)).isNotBlank().doesNotContain("{}", "NaN", "null"));
            }
            assertThat(answer.figures())
                    .allSatisfy(each -> assertThat(each.why().formula()).isNotBlank());
        } catch (InvalidValue missing) {
            assertThat(missing.getMessage()).contains("missing");
        }
    }

    /** Dearer teeth are tried on the real chain: the runabout's known pair tells both ratio and gap. */
    @Test
    void otherSprockets_areTriedOnTheRunaboutsChain() {
        PocketAnswer answer = Pocket.answer(
                Question.TEETH,
                Optional.of(EXAMINED.get(DemoJobs.SALTMARSH_RUNABOUT)),
                Map.of("front", 17.0, "rear", 43.0),
                Progress.UNWATCHED);
        assertThat(answer.figures()).extracting(each -> each.name()).contains("the same before");
        assertThat(answer.says().get(0).in(UnitStyle.MILLIMETRES)).startsWith("faster");
    }

    @Test
    void cableOfTheRunabout_isAnsweredAsTheReportSays() {
        PocketAnswer answer = Pocket.answer(
                Question.CABLE, Optional.of(EXAMINED.get(DemoJobs.SALTMARSH_RUNABOUT)), Map.of(), Progress.UNWATCHED);
        assertThat(answer.says()).hasSize(2).allSatisfy(each -> assertThat(each.in(UnitStyle.MILLIMETRES))
                .contains("tightest bend")
                .doesNotContain("too tight"));
    }
}
