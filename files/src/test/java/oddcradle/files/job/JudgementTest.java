package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.clearance.Gap;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.Output;
import oddcradle.core.job.edit.CandidateEdit;
import oddcradle.core.job.edit.CradleEdit;
import oddcradle.core.job.line.Datum;
import oddcradle.core.job.seat.Bracket;
import oddcradle.core.job.seat.WayPlan;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.search.SeatLimits;
import oddcradle.core.structure.TubeStress;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What is said of the demo jobs must not mislead. */
class JudgementTest {
    private static Job job(DemoJobs demo) {
        return demo.load().job();
    }

    /** With an engine six times as strong, something gives on every machine that is driven by chain or belt. */
    private static Job stronger(Job job) {
        Engine engine = job.donor().engine();
        return job.withDonor(
                job.donor().withEngine(engine.withMaxTorque(6 * engine.maxTorque(), engine.maxTorqueSpeed())));
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void whatCarriesMoreThanIsAllowed_isAStop(DemoJobs demo) {
        for (Job job : List.of(job(demo), stronger(job(demo)))) {
            Examination examination = Examination.of(job);
            for (TubeStress use : examination.tubeStresses()) {
                assertThat(examination.report(Step.LOAD).findings().stream()
                                .filter(finding -> finding.code().id().equals("load.stress"))
                                .filter(finding -> finding.where()
                                        .ids()
                                        .contains(use.tube().id()))
                                .map(Finding::severity))
                        .as(use.tube().id())
                        .allMatch(severity -> (severity == Severity.STOP) == use.utilisation() > 1);
            }
            Quantity whole = Quantity.share(1);
            for (Finding finding : examination.findings()) {
                // Mounts that amplify are no part that carries too much.
                boolean over = finding.step() != Step.SHAKE
                        && finding.limit().filter(whole::equals).isPresent()
                        && finding.measured().orElseThrow().si() > 1;
                if (over) {
                    assertThat(finding.severity()).as(finding.code().id()).isEqualTo(Severity.STOP);
                }
            }
        }
        assertThat(Examination.of(stronger(job(DemoJobs.SALTMARSH_RUNABOUT)))
                        .report(Step.LOAD)
                        .findings())
                .anyMatch(finding -> finding.severity() == Severity.STOP);
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void smallestGap_isTheSmallest(DemoJobs demo) {
        Examination examination = Examination.of(job(demo));
        double told = examination.report(Step.SEAT).figures().stream()
                .filter(figure -> figure.name().equals("smallest gap"))
                .findFirst()
                .orElseThrow()
                .quantity()
                .si();
        assertThat(examination.ledger().near())
                .isNotEmpty()
                .allMatch(gap -> gap.separation().distance() >= told);
    }

    @Test
    void wayTowardsWhatIsTooNearAlready_isNoWay() {
        Examination runabout = Examination.of(job(DemoJobs.SALTMARSH_RUNABOUT));
        Gap worst = runabout.ledger().worst(1).get(0);
        assertThat(worst.margin()).isNegative();
        List<SeatLimits.Limit> limits = SeatLimits.of(runabout);
        SeatLimits.Limit rearward = limits.stream()
                .filter(limit -> limit.way().equals("rearward"))
                .findFirst()
                .orElseThrow();
        assertThat(rearward.free()).isZero();
        assertThat(rearward.tooNear()).isEqualTo(-worst.margin());
        assertThat(rearward.obstacle()).isEqualTo(worst.obstacle().id());
    }

    @Test
    void wayThatIsSaidToBeOpen_bringsNothingTooNear() {
        int open = 0;
        for (DemoJobs demo : DemoJobs.values()) {
            Examination now = Examination.of(job(demo));
            for (SeatLimits.Limit limit : SeatLimits.of(now)) {
                if (limit.free() > 0.001) {
                    open++;
                    Vec3 there = now.job().seat().position().along(limit.direction(), 0.0005);
                    Job moved = now.job().withSeat(now.job().seat().moved(there));
                    assertThat(shortOf(Examination.of(moved)))
                            .as(demo + " " + limit.way())
                            .isLessThan(shortOf(now) + 1e-5);
                }
            }
        }
        assertThat(open).isPositive();
    }

    private static double shortOf(Examination examination) {
        return examination.ledger().near().stream()
                // What the docs call a stop: closed, or less than half its room left.
                .filter(gap -> gap.margin() < 0 && gap.left() < gap.limit() / 2)
                .mapToDouble(gap -> -gap.margin())
                .max()
                .orElse(0);
    }

    @Test
    void outputTurnedAnotherWay_swingsTheDonorAnotherWay() {
        Job before = job(DemoJobs.SALTMARSH_RUNABOUT);
        Output output = before.donor().output();
        Job turned = before.withDonor(before.donor()
                .withOutput(new Output(
                        output.centre(),
                        new Vec3(0.3, 1, 0.2),
                        output.teeth(),
                        output.form(),
                        output.turn(),
                        output.shaft(),
                        output.pitch())));
        Examination lent = Examination.of(turned, Examination.of(before));
        Examination fresh = Examination.of(turned);
        assertThat(lent.report(Step.SEAT)).isEqualTo(fresh.report(Step.SEAT));
        assertThat(lent.mountDesigns()).isEqualTo(fresh.mountDesigns());
        assertThat(lent.report(Step.SEAT)).isNotEqualTo(Examination.of(before).report(Step.SEAT));
    }

    @ParameterizedTest
    @EnumSource(value = DemoJobs.class, names = "SALTMARSH_RUNABOUT")
    void candidate_isSeated_whateverNamesTheOldCradleOrTheOldBosses(DemoJobs demo) {
        Job job = job(demo);
        String tube = job.cradle().members().get(0).id();
        Bracket first = job.plan().brackets().get(0);
        Job named = job.withPlan(job.plan()
                .withWay(new WayPlan(List.of(tube), job.plan().way().room()))
                .withBrackets(List.of(new Bracket(
                        first.id(),
                        first.label(),
                        first.bossHole(),
                        first.bossAxis(),
                        first.frameHole(),
                        first.solids(),
                        job.donor().bosses().get(0).id(),
                        job.cradle().nodes().get(0).id()))));
        for (int k = 0; k < job.candidates().size(); k++) {
            Job seated = new CandidateEdit.SeatCandidate(k).applyTo(named);
            assertThat(seated.donor()).isEqualTo(job.candidates().get(k));
            assertThat(seated.plan().way().removable()).isEmpty();
            assertThat(seated.plan().brackets()).isEmpty();
        }
    }

    @Test
    void donorWithoutThePivotsBoss_leavesTheDatumOpen() {
        Job job = job(DemoJobs.SALTMARSH_RUNABOUT);
        Donor candidate = job.candidates().get(0);
        Datum.Pivot pivot =
                new Datum.Pivot(job.donor().bosses().get(0).id(), Vec3.ZERO, Vec3.Y, 0.012, 0.1, 0.0001, 0.0);
        Job hung = job.withLine(job.line()
                .withDatum(new Datum(Datum.Rule.PIVOT_BOLT, "it hangs on it", Optional.of(pivot), Optional.empty())));
        Donor other = candidate.withBosses(candidate.bosses().stream()
                .filter(boss -> !boss.id().equals(pivot.boss()))
                .toList());
        Job seated = new CandidateEdit.SeatCandidate(0).applyTo(hung.withCandidates(List.of(other)));
        assertThat(seated.line().datum().rule()).isEqualTo(Datum.Rule.FREE);
    }

    @Test
    void tubeThatMayComeOff_canBeRemoved() {
        Job job = job(DemoJobs.SALTMARSH_RUNABOUT);
        List<String> tubes =
                new ArrayList<>(job.cradle().members().stream().map(Member::id).toList());
        Job named = job.withPlan(
                job.plan().withWay(new WayPlan(tubes, job.plan().way().room())));
        Job without = new CradleEdit.RemoveTube(tubes.get(0)).applyTo(named);
        assertThat(without.plan().way().removable()).hasSize(tubes.size() - 1).doesNotContain(tubes.get(0));
    }

    @Test
    void emptyBench_isExaminedWithoutAFault() {
        Examination empty = Examination.of(EmptyBench.load().job());
        assertThat(empty.report(Step.LOAD).worst()).isEqualTo(Severity.NOT_CHECKED);
        assertThat(empty.findings()).allMatch(finding -> finding.measured()
                .filter(value -> value.kind() == Kind.LENGTH && !Double.isFinite(value.si()))
                .isEmpty());
    }
}
