package oddcradle.core.cure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Stage;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.donor.Output;
import oddcradle.core.job.donor.OutputForm;
import oddcradle.core.job.line.Datum;
import oddcradle.core.job.line.Line;
import oddcradle.core.job.line.SwingArm;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.report.Cure;
import oddcradle.core.step.line.LineCheck;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;

/** Whatever somebody draws as a drive, possible or not: it is examined, every number is one, every cure can be tried. */
class AnyLineTest {
    private final List<String> ids = new ArrayList<>();

    private static double between(Random random, double low, double high) {
        return low + (high - low) * random.nextDouble();
    }

    private static Vec3 somewhere(Random random) {
        return new Vec3(between(random, -0.3, 1), between(random, -0.3, 0.3), between(random, 0, 0.8));
    }

    private static Vec3 axis(Random random) {
        return switch (random.nextInt(4)) {
            case 0 -> Vec3.X;
            case 1 -> new Vec3(between(random, -0.1, 0.1), 1, between(random, -0.1, 0.1));
            default -> Vec3.Y;
        };
    }

    private String id(String letter) {
        ids.add(letter);
        return letter + ids.size();
    }

    private Stage stage(Random random) {
        String id = id("S");
        return switch (random.nextInt(7)) {
            case 0 ->
                new Stage.Belt(
                        id,
                        "belt " + id,
                        random.nextBoolean(),
                        between(random, 0.03, 0.3),
                        between(random, 0.03, 0.3),
                        between(random, 0.3, 2),
                        random.nextBoolean() ? 0 : between(random, 0.5, 0.8),
                        0.02,
                        0.02,
                        0.95);
            case 1 ->
                new Stage.Variator(
                        id,
                        "variator " + id,
                        0.08,
                        between(random, 0.1, 0.2),
                        between(random, 0.5, 2),
                        0.45,
                        0.03,
                        120,
                        between(random, 120, 400),
                        0.85);
            case 2 -> new Stage.Gears(id, "gears " + id, between(random, 0.2, 9), random.nextBoolean(), 0.96);
            case 3 -> new Stage.Coupling(id, "coupling " + id, 0.0005, 0.02, random.nextBoolean() ? 0 : 800);
            case 4 ->
                new Stage.JointShaft(
                        id, "shaft " + id, random.nextBoolean(), between(random, -3, 3), between(random, 0, 0.5), 0.98);
            default ->
                new Stage.Chain(
                        id,
                        "chain " + id,
                        random.nextBoolean() ? 0.0127 : 0.015875,
                        9 + random.nextInt(20),
                        9 + random.nextInt(60),
                        20_000,
                        0.01,
                        0.97);
        };
    }

    private JackShaft shaft(Random random) {
        String id = id("J");
        boolean held = random.nextInt(3) > 0;
        return new JackShaft(
                id,
                "jackshaft " + id,
                somewhere(random),
                axis(random),
                between(random, 0.015, 0.05),
                0,
                between(random, -0.2, 0.2),
                between(random, -0.2, 0.2),
                held ? List.of(-0.1, between(random, 0, 0.3)) : List.of(),
                random.nextBoolean() ? 0 : 9_000,
                random.nextBoolean() ? 0 : 0.003,
                0.006,
                3.5e8,
                held && random.nextBoolean() ? List.of("BL", "BR") : List.of());
    }

    private static Optional<LineEnd> end(Random random) {
        return switch (random.nextInt(4)) {
            case 0 -> Optional.of(new LineEnd.Road(between(random, 0, 2), between(random, 0, 0.1), Optional.empty()));
            case 1 ->
                Optional.of(new LineEnd.Generator(
                        2 * random.nextInt(4), 50, 0.05, 150, between(random, 0, 0.2), between(random, 0, 0.2)));
            case 2 ->
                Optional.of(new LineEnd.Propeller(
                        between(random, 0.3, 2),
                        between(random, 0, 1),
                        50,
                        0.05,
                        0,
                        0.1,
                        1.5,
                        0.1,
                        random.nextBoolean(),
                        2 + random.nextInt(4)));
            default -> Optional.empty();
        };
    }

    private static Datum datum(Random random, Job job) {
        Datum.Rule rule = Datum.Rule.values()[random.nextInt(Datum.Rule.values().length)];
        return new Datum(
                rule,
                "",
                rule == Datum.Rule.PIVOT_BOLT
                        ? Optional.of(new Datum.Pivot(
                                job.donor().bosses().get(0).id(),
                                somewhere(random),
                                axis(random),
                                between(random, 0.004, 0.02),
                                0.03,
                                0.0001,
                                0))
                        : Optional.empty(),
                rule == Datum.Rule.THRUST_LINE
                        ? Optional.of(new Datum.Thrust(somewhere(random), between(random, -0.1, 0.1), 0.02, 0.01))
                        : Optional.empty());
    }

    private Job job(Random random) {
        Job job = TestJobs.plain();
        List<Stage> stages = new ArrayList<>();
        List<JackShaft> shafts = new ArrayList<>();
        for (int k = random.nextInt(4); k > 0; k--) {
            stages.add(stage(random));
        }
        for (int k = 1; k < stages.size(); k++) {
            shafts.add(shaft(random));
        }
        Optional<SwingArm> arm = random.nextBoolean()
                ? Optional.of(
                        new SwingArm(somewhere(random), between(random, 0.2, 0.6), 0.3, -0.2, random.nextBoolean()))
                : Optional.empty();
        Output output = job.donor().output().withForm(OutputForm.values()[random.nextInt(OutputForm.values().length)]);
        return job.withDonor(job.donor().withOutput(output))
                .withLine(new Line(datum(random, job), stages, shafts, between(random, 1, 3), end(random), arm));
    }

    @RepeatedTest(150)
    void anyDrive_isExaminedAndEveryCureCanBeTried(RepetitionInfo repetition) {
        Job job = job(new Random(repetition.getCurrentRepetition()));
        Examination examination = Examination.of(job);
        assertThat(examination.findings()).isNotEmpty();
        for (Figure figure : examination.report(Step.LINE).figures()) {
            assertThat(figure.quantity().si()).as(figure.name()).isNotNaN();
            assertThat(UnitStyle.MILLIMETRES.show(figure.quantity())).isNotBlank();
            assertThat(figure.why().withNumbers(UnitStyle.DECIMAL_INCHES)).isNotBlank();
        }
        examination.load().answer().ifPresent(result -> assertThat(result.cases())
                .allMatch(each -> each.equilibriumError() < 1e-8));
        for (Finding finding : examination.report(Step.LINE).findings()) {
            for (Cure cure : Cures.of(examination, finding)) {
                try {
                    Job cured = cure.edit().applyTo(job);
                    assertThat(LineCheck.of(cured).report().findings().stream()
                                    .filter(each -> each.code().equals(finding.code())
                                            && each.where()
                                                    .ids()
                                                    .equals(finding.where().ids()))
                                    .allMatch(each -> each.severity() == Severity.GOOD))
                            .as(finding.code().id() + ": " + cure.label().in(UnitStyle.MILLIMETRES))
                            .isTrue();
                } catch (InvalidValue refused) {
                    throw new AssertionError("the cure of " + finding.code().id() + " is refused", refused);
                }
            }
        }
    }

    @RepeatedTest(40)
    void examinationWithAnEarlierOne_isTheSame(RepetitionInfo repetition) {
        Random random = new Random(1000 + repetition.getCurrentRepetition());
        Job first = job(random);
        ids.clear();
        Job second = job(random);
        Examination afresh = Examination.of(second);
        Examination lent = Examination.of(second, Examination.of(first));
        assertThat(lent.report(Step.LINE)).isEqualTo(afresh.report(Step.LINE));
        assertThat(distances(lent)).isEqualTo(distances(afresh));
        assertThat(lent.report(Step.LOAD)).isEqualTo(afresh.report(Step.LOAD));
    }

    private static List<Double> distances(Examination examination) {
        return examination.ledger().all().stream()
                .map(gap -> gap.separation().distance())
                .toList();
    }
}
