package oddcradle.files.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import oddcradle.core.cure.Cures;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Why;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.math.Vec3;
import oddcradle.core.proof.Proven;
import oddcradle.core.report.Cure;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.job.DemoJobs;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What is said of the demos: every number can be asked why, and nothing claims what arithmetic cannot know. */
class EveryWordTest {
    private static final List<String> NEVER = List.of("certified", " safe ", "guaranteed", "approved");

    private static void isExplained(Why why, String of) {
        assertThat(why.formula()).as(of).isNotBlank();
        assertThat(why.source().words()).as(of).isNotBlank();
        assertThat(why.withNumbers(UnitStyle.MILLIMETRES)).as(of).doesNotContain("NaN", "{}");
    }

    private static void isPlain(String words, String of) {
        assertThat(words).as(of).isNotBlank().doesNotContain("{}", "NaN", "null");
        for (String never : NEVER) {
            assertThat(words.toLowerCase(Locale.ROOT)).as(of).doesNotContain(never);
        }
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void everyFigureAndFinding_canBeAskedWhy(DemoJobs demo) {
        Examination examination = Examination.of(demo.load().job());
        for (Step step : Step.values()) {
            Set<String> names = new HashSet<>();
            for (Figure figure : examination.report(step).figures()) {
                assertThat(names.add(figure.name()))
                        .as("two figures are called " + figure.name())
                        .isTrue();
                isPlain(figure.name(), step.title());
                isExplained(figure.why(), figure.name());
            }
            for (Finding finding : examination.report(step).findings()) {
                assertThat(finding.step()).isEqualTo(step);
                assertThat(finding.code().id()).matches("[a-z]+\\.[a-z-]+");
                isExplained(finding.why(), finding.code().id());
                for (UnitStyle style : UnitStyle.values()) {
                    isPlain(finding.what().in(style), finding.code().id());
                }
                for (Cure cure : Cures.of(examination, finding)) {
                    isPlain(
                            cure.label().in(UnitStyle.FRACTIONAL_INCHES),
                            finding.code().id());
                    isPlain(
                            cure.edit().label().in(UnitStyle.MILLIMETRES),
                            finding.code().id());
                }
            }
        }
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void nudgesThereAndBack_leaveNoTrace(DemoJobs demo) {
        Job job = demo.load().job();
        Random random = new Random(3);
        Job moved = job;
        Vec3 sum = Vec3.ZERO;
        for (int k = 0; k < 300; k++) {
            Vec3 by = new Vec3(random.nextInt(21) - 10, random.nextInt(21) - 10, random.nextInt(21) - 10).times(1e-4);
            sum = sum.plus(by);
            moved = new JobEdit.MoveSeat(by).applyTo(moved);
        }
        moved = new JobEdit.MoveSeat(sum.negated()).applyTo(moved);
        for (Freedom freedom : Freedom.values()) {
            assertThat(moved.seat().value(freedom)).isCloseTo(job.seat().value(freedom), within(1e-12));
            boolean held = job.seat().isHeld(freedom);
            assertThat(!held || moved.seat().value(freedom) == job.seat().value(freedom))
                    .as("a held freedom moved: " + freedom)
                    .isTrue();
        }
        Examination before = Examination.of(job);
        Examination after = Examination.of(moved, before);
        assertThat(after.ledger().worst(1).get(0).separation().distance())
                .isCloseTo(before.ledger().worst(1).get(0).separation().distance(), within(1e-9));
    }

    @Test
    void textAndJson_nameTheSameFindings() {
        Examination examination = Examination.of(DemoJobs.ORCHARD_TUG.load().job());
        String text = ResultsText.of(Proven.of(examination), UnitStyle.MILLIMETRES, true);
        String json = ResultsJson.of(Proven.of(examination));
        for (Finding finding : examination.findings()) {
            assertThat(text).contains(finding.what().in(UnitStyle.MILLIMETRES));
            assertThat(json).contains(finding.code().id());
        }
    }
}
