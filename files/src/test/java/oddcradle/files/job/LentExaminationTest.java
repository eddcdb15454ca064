package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import oddcradle.core.cure.Cures;
import oddcradle.core.engine.Crank;
import oddcradle.core.examine.Analysis;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.cradle.TubeJoint;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.edit.BodyEdit;
import oddcradle.core.job.edit.CradleEdit;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.edit.SeatEdit;
import oddcradle.core.job.make.Part;
import oddcradle.core.job.seat.Clearances;
import oddcradle.core.job.seat.FitErrors;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

/**
 * What an examination takes over from an earlier one is what it would have worked out itself, whatever is edited; and an edit
 * makes nothing be worked out that it does not touch. {@code -Doddcradle.seed} begins elsewhere.
 */
class LentExaminationTest {
    private static final long SEED = Long.getLong("oddcradle.seed", 20261126);
    /** Cures take long: those of so many findings a job. */
    private static final int CURED = 2;

    private static final List<Job> DEMOS = demos();

    private static List<Job> demos() {
        List<Job> jobs = new ArrayList<>();
        for (DemoJobs demo : DemoJobs.values()) {
            jobs.add(demo.load().job());
        }
        return jobs;
    }

    /** With what no demo has and some edits change: a joint, a rule for one pair, a boss without a mount, an opened hole, a shim. */
    private static Job prepared(Job job) {
        Member tube = job.cradle().members().get(0);
        Clearances.PairRule rule = new Clearances.PairRule(
                job.donor().parts().get(0).id(), job.host().members().get(0).id(), 0.012, "agreed");
        Job jointed = new CradleEdit.SetJoint(new TubeJoint(
                        tube.id(), tube.first(), TubeJoint.Kind.BOLTED, "M8", Optional.empty(), Optional.empty()))
                .applyTo(job);
        Isolator last = job.cradle().isolators().get(job.cradle().isolators().size() - 1);
        Job noted = jointed.withBuild(
                jointed.build().withParts(List.of(new Part("paint", Part.State.TO_BUY, "the corner shop", 9))));
        Job fitted = noted.withAsBuilt(noted.asBuilt().shimmed(last.id(), 0.001))
                .withPlan(noted.plan()
                        .withErrors(noted.plan()
                                .errors()
                                .withHoles(List.of(new FitErrors.Hole(last.boss(), 0.013, 0, Vec3.X)))));
        return new CradleEdit.RemoveMount(last.id()).applyTo(new SeatEdit.SetPairRule(rule).applyTo(fitted));
    }

    @Test
    void anySequenceOfAnyEdits_lendsWhatAFreshExaminationFinds() {
        AnyEdit any = new AnyEdit(SEED, DEMOS);
        Set<Class<?>> applied = new HashSet<>();
        for (Job demo : DEMOS) {
            List<Class<?>> order = new ArrayList<>(AnyEdit.kinds());
            Collections.shuffle(order, new Random(SEED + applied.size()));
            applied.addAll(edited(any, prepared(demo), order));
        }
        // What never fitted where its turn came is tried on each job as it was.
        for (Job demo : DEMOS) {
            List<Class<?>> left = new ArrayList<>(AnyEdit.kinds());
            left.removeAll(applied);
            applied.addAll(edited(any, prepared(demo), left));
        }

        assertThat(applied).containsExactlyInAnyOrderElementsOf(AnyEdit.kinds());
    }

    /** One edit after the other; those that could be applied. */
    private static Set<Class<?>> edited(AnyEdit any, Job demo, List<Class<?>> order) {
        Set<Class<?>> applied = new HashSet<>();
        Job job = demo;
        Examination lent = Examination.of(job);
        for (Class<?> kind : order) {
            Optional<Job> after = any.apply(kind, job);
            if (after.isPresent()) {
                applied.add(kind);
                job = after.get();
                lent = Examination.of(job, lent);
                alike(kind, lent, Examination.of(job));
            }
        }
        curedAlike(lent, Examination.of(job));
        return applied;
    }

    private static void alike(Class<?> kind, Examination lent, Examination fresh) {
        for (Step step : Step.values()) {
            assertThat(lent.report(step))
                    .as(step + " after " + kind.getSimpleName())
                    .isEqualTo(fresh.report(step));
        }
        assertThat(lent.tubeStresses()).as(kind.getSimpleName()).isEqualTo(fresh.tubeStresses());
        assertThat(lent.mountDesigns()).as(kind.getSimpleName()).isEqualTo(fresh.mountDesigns());
        assertThat(lent.mountStiffness()).as(kind.getSimpleName()).isEqualTo(fresh.mountStiffness());
        assertThat(lent.roadChart()).as(kind.getSimpleName()).isEqualTo(fresh.roadChart());
    }

    private static void curedAlike(Examination lent, Examination fresh) {
        List<Finding> findings = fresh.findings();
        for (Finding finding : findings.subList(0, Math.min(CURED, findings.size()))) {
            assertThat(Cures.of(lent, finding)).as(finding.code().toString()).isEqualTo(Cures.of(fresh, finding));
        }
    }

    @Test
    void hardnessOfAMount_touchesNoDistance_noCut_noReading() {
        for (Job job : DEMOS) {
            for (Isolator mount : job.cradle().isolators()) {
                Job harder = new JobEdit.SetHardness(List.of(mount.id()), 61.5).applyTo(job);
                if (harder.equals(job)) {
                    continue;
                }
                Examination before = Examination.of(job);
                Examination after = Examination.of(harder, before);

                // Only what moves farther now, so that it may come near.
                Set<String> newlyNear = near(after);
                newlyNear.removeAll(near(before));
                assertThat(after.distancesWorked()).isEqualTo(newlyNear.size());
                assertThat(after.worked())
                        .contains(Analysis.MODES, Analysis.FRAME, Analysis.GAPS)
                        .doesNotContain(
                                Analysis.DONOR_SURVEY,
                                Analysis.HOST_SURVEY,
                                Analysis.WEIGHING,
                                Analysis.CUTS,
                                Analysis.DONOR_REPORT,
                                Analysis.HOST_REPORT,
                                Analysis.MAKE_REPORT);
            }
        }
    }

    private static Set<String> near(Examination examination) {
        return examination.ledger().near().stream()
                .map(gap -> gap.donorPart().id() + " to " + gap.obstacle().id())
                .collect(Collectors.toCollection(HashSet::new));
    }

    @Test
    void slidingTheSeat_leavesModesReadingsAndBodiesAsTheyAre() {
        // A machine on its own feet shakes as a whole: where the donor sits in it counts.
        List<Job> shaking = DEMOS.stream().filter(job -> job.cradle().isSoft()).toList();
        assertThat(shaking).hasSize(3);
        for (Job job : shaking) {
            Job moved = job.withSeat(job.seat().with(Freedom.UP, job.seat().value(Freedom.UP) + 0.002));
            Examination after = Examination.of(moved, Examination.of(job));

            assertThat(after.worked())
                    // Cables and rods reach from the frame to the engine.
                    .contains(Analysis.LINE, Analysis.GAPS, Analysis.SEAT_REPORT, Analysis.RUN_REPORT)
                    .doesNotContain(
                            Analysis.DONOR_SURVEY,
                            Analysis.HOST_SURVEY,
                            Analysis.WEIGHING,
                            Analysis.MODES,
                            Analysis.STARTING,
                            Analysis.DONOR_REPORT,
                            Analysis.HOST_REPORT);
        }
    }

    /** The swing while starting hangs on where the crank lies: gaps and mounts follow it. */
    @Test
    void movedCrank_isNoticedByGapsAndMounts() {
        Job job = DemoJobs.ORCHARD_TUG.load().job();
        Engine engine = job.donor().engine();
        Crank higher = engine.crank().orElseThrow().withCentre(Optional.of(new Vec3(0.03, 0, 0.05)));
        Donor moved = job.donor().withEngine(engine.withCrank(Optional.of(higher)));
        Job changed = new BodyEdit.ChangeDonor(moved, "crank", "crank").applyTo(job);

        Examination lent = Examination.of(changed, Examination.of(job));

        assertThat(lent.worked()).contains(Analysis.STARTING, Analysis.MOVEMENT);
        alike(BodyEdit.ChangeDonor.class, lent, Examination.of(changed));
    }

    @Test
    void sameJobAgain_worksNothingOut() {
        for (Job job : DEMOS) {
            assertThat(Examination.of(job, Examination.of(job)).worked()).isEqualTo(EnumSet.noneOf(Analysis.class));
        }
    }
}
