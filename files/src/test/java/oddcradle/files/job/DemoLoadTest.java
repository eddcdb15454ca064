package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import oddcradle.core.control.Progress;
import oddcradle.core.cure.Cures;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.frame.BucklingAnalysis;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.cradle.MountChoices;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.load.Duty;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.proof.EndLife;
import oddcradle.core.proof.JointUse;
import oddcradle.core.proof.LoadProof;
import oddcradle.core.proof.Loss;
import oddcradle.core.proof.ProofAnswers;
import oddcradle.core.proof.Proven;
import oddcradle.core.propose.MakeHold;
import oddcradle.core.section.Tube;
import oddcradle.core.step.load.LoadFinding;
import oddcradle.core.structure.FrameStability;
import oddcradle.core.structure.TubeStress;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What the Load step promises, on every demo and on demos made worse. */
class DemoLoadTest {
    private static LoadProof proof(Job job) {
        return LoadProof.of(Examination.of(job), Progress.UNWATCHED).orElseThrow();
    }

    private static List<Finding> stops(Examination examination) {
        return examination.report(Step.LOAD).findings().stream()
                .filter(each -> each.severity() == Severity.STOP)
                .toList();
    }

    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void everyDemoHolds_andItsWeldsToo(DemoJobs demo) {
        Examination examination = Examination.of(demo.load().job());
        assertThat(stops(examination)).isEmpty();
        assertThat(LoadProof.joints(examination))
                .isNotEmpty()
                .allMatch(use -> use.utilisation() > 0 && use.utilisation() <= 1);
    }

    /** As before the diagonals of its bay were made wider: 15.9 mm tube, far within its yield, that buckles. */
    private static Job slender() {
        Job job = DemoJobs.WHIMBREL.load().job();
        for (String diagonal : List.of("H7L", "H7R", "H8", "H9")) {
            job = new JobEdit.SetSection(diagonal, new Tube(0.015875, 0.000889)).applyTo(job);
        }
        return job;
    }

    @Test
    void slenderDiagonal_isAStopThoughItsStressIsLow_andIsMended() {
        Examination examination = Examination.of(slender());
        TubeStress worst = examination.tubeStresses().get(0);
        assertThat(worst.limit()).isEqualTo(TubeStress.Limit.COLUMN);
        assertThat(worst.piece().vonMisesMax())
                .isLessThan(examination.job().material(worst.tube()).yieldStrength());
        assertThat(stops(examination)).anyMatch(each -> each.code() == LoadFinding.COLUMN);
        List<MakeHold.Answer> made = MakeHold.of(examination, Progress.UNWATCHED);
        assertThat(made.get(0).holds()).isTrue();
        assertThat(made.get(0).changes()).isNotEmpty();
        assertThat(stops(Examination.of(made.get(0).job()))).isEmpty();
        Finding column = stops(examination).get(0);
        assertThat(Cures.of(examination, column)).isNotEmpty();
    }

    /** The quick look at the whole frame agrees with the fine one within 2 %, and knows the same worst case. */
    @Test
    void wholeFramesFactor_agreesWithTheFineAnalysis() {
        Examination examination = Examination.of(slender());
        List<FrameStability.Near> near = proof(slender()).sways();
        FrameInput frame = examination.frame().input();
        double least = Double.POSITIVE_INFINITY;
        for (FrameCase load : frame.cases()) {
            double fine = BucklingAnalysis.lowestFactor(frame, load)
                    .answer()
                    .orElseThrow()
                    .orElse(Double.POSITIVE_INFINITY);
            least = Math.min(least, fine);
        }
        assertThat(near.get(0).factor()).isCloseTo(least, within(0.02 * least));
        assertThat(Proven.of(examination).report(Step.LOAD).findings())
                .anyMatch(each -> each.code() == LoadFinding.SWAY);
    }

    /** EN 1999-1-1 and the trade: 6061-T6 keeps less than half of its yield beside a weld, cold-drawn steel falls to about 240 MPa. */
    @Test
    void weldSoftensWhatItTouches() {
        Job tug = DemoJobs.ORCHARD_TUG.load().job();
        Job soft = tug;
        for (String rail : List.of("H2L", "H2R")) {
            soft = soft.withHost(soft.host()
                    .withMembers(soft.host().members().stream()
                            .map(each -> each.id().equals(rail) ? each.withMaterial("cold-drawn mild steel") : each)
                            .toList()));
        }
        assertThat(stops(Examination.of(soft)))
                .isNotEmpty()
                .allMatch(each -> each.what().in(UnitStyle.MILLIMETRES).contains("beside its weld"));
        Job unknown = tug.withMaterials(tug.materials().stream()
                .map(each -> each.withWeldedYield(Optional.empty()))
                .toList());
        unknown.materials().forEach(each -> {
            if (each.isLightAlloy()) {
                assertThat(each.yieldBesideWeld()).isBetween(76e6, 110e6);
            } else if (each.name().startsWith("cold")) {
                assertThat(each.yieldBesideWeld()).isCloseTo(240e6, within(5e6));
            }
        });
    }

    /** Where throttle openings wear it, twice as many halve its life; and a stouter tube lasts longer. */
    @Test
    void lifeGoesWithWhatWearsIt() {
        Job job = DemoJobs.ORCHARD_TUG.load().job();
        EndLife first = proof(job).lives().get(0);
        assertThat(first.causes().get(0).words()).isEqualTo("throttle openings");
        Duty duty = job.duty();
        Job busy = job.withBuild(job.build().withDuty(Optional.of(duty.withOpenings(2 * duty.openings()))));
        double then = proof(busy).lives().get(0).hours().orElseThrow();
        assertThat(then).isCloseTo(first.hours().orElseThrow() / 2, within(0.1 * then));
        Member tube = first.end().tube();
        Tube now = (Tube) tube.section();
        Job stouter = new JobEdit.SetSection(tube.id(), new Tube(now.od() * 1.25, now.wall() * 1.4)).applyTo(job);
        double longer = proof(stouter).lives().stream()
                .filter(life -> life.end().tube().id().equals(tube.id()))
                .findFirst()
                .flatMap(life -> life.hours().stream().boxed().findFirst())
                .orElse(Double.POSITIVE_INFINITY);
        assertThat(longer).isGreaterThan(first.hours().orElseThrow());
        Job steady = job.withBuild(job.build()
                .withDuty(Optional.of(duty.withOpenings(0).withStarts(0).withJolts(0))));
        assertThat(proof(steady).lives()).isNotEmpty().allSatisfy(life -> assertThat(life.causes())
                .allMatch(cause -> cause.words().startsWith("running")));
    }

    /** Who holds one speed exactly either sits on a resonance or never meets it; a spread of speeds wears either way, and less at its peak. */
    @Test
    void speedsAreSpread_soThatALifeDoesNotHangOnOneTurnOfTheScrew() {
        Job job = DemoJobs.HUT_SKID.load().job();
        Engine engine = job.donor().engine();
        double here = proof(job).lives().get(0).hours().orElseThrow();
        Job faster = job.withDonor(job.donor().withEngine(engine.withCruiseSpeed(engine.cruiseSpeed() * 1.004)));
        double there = proof(faster).lives().get(0).hours().orElseThrow();
        assertThat(there / here).isBetween(0.6, 1.7);
    }

    /** Trade: a single bolted hard cracks its corners by its own shaking, not by the road. */
    @Test
    void hardMountedSingle_isWornByItsOwnOrders() {
        EndLife first = proof(DemoJobs.REED_CUTTER.load().job()).lives().get(0);
        assertThat(first.causes().get(0).words()).isEqualTo("running at cruise, most of it order 1.0");
        assertThat(first.hours().orElseThrow()).isLessThan(100);
    }

    /** Trade: on soft rubber an engine shakes hardest as it starts and dies; who starts twice as often wears that twice as fast. */
    @Test
    void softMountedEngine_wearsItsRingByStartingAndDying() {
        Job job = DemoJobs.WHIMBREL.load().job();
        EndLife ring = LoadProof.lives(Examination.of(job)).get(0);
        assertThat(ring.causes())
                .filteredOn(cause -> cause.words().contains("resonances of its rubber"))
                .hasSize(2)
                .allMatch(cause -> cause.damage() > 0.1 * ring.damageAnHour());
        Duty duty = job.duty();
        Job often = job.withBuild(job.build().withDuty(Optional.of(duty.withStarts(2 * duty.starts()))));
        EndLife then = LoadProof.lives(Examination.of(often)).get(0);
        assertThat(then.causes().get(0).damage())
                .isCloseTo(2 * ring.causes().get(0).damage(), within(1e-6 * then.damageAnHour()));
    }

    /** Trade: a gusset stiffens and spares the joint it sits in, in its own plane, and no other joint has to pay for it. */
    @Test
    void gusset_sparesItsJoint() {
        Job thin = new JobEdit.SetSection("C1", new Tube(0.03175, 0.001651))
                .applyTo(DemoJobs.SALTMARSH_RUNABOUT.load().job());
        String joint = "left side tube (C7) on front cross tube (C1)";
        double bare = used(thin, joint);
        List<Detail> details = new ArrayList<>(thin.cradle().details());
        details.add(new Detail.Gusset("G9", "TFL", "C7", "C1", 0.05, 0.0024));
        Job gusseted = thin.withCradle(thin.cradle().withDetails(details));
        assertThat(used(gusseted, joint)).isBetween(0.2 * bare, 0.97 * bare);
        String far = "left side tube (C7) on rear cross tube (C2)";
        assertThat(used(gusseted, far)).isCloseTo(used(thin, far), within(0.15));
        assertThat(bare).isGreaterThan(1);
    }

    private static double used(Job job, String words) {
        return LoadProof.joints(Examination.of(job)).stream()
                .filter(use -> use.words().equals(words))
                .mapToDouble(JointUse::utilisation)
                .max()
                .orElseThrow();
    }

    /** Trade: a thin bolt over a long spacer lets it rock; a thicker one, clamped harder, does not. */
    @Test
    void thinBoltOverALongSpacer_isTold() {
        Job skid = DemoJobs.HUT_SKID.load().job();
        assertThat(bolt(skid).utilisation()).isBetween(0.3, 1.0);
        Job thin = skid.withDonor(skid.donor()
                .withBosses(skid.donor().bosses().stream()
                        .map(boss -> boss.withBore(0.009))
                        .toList()));
        assertThat(bolt(thin).utilisation()).isGreaterThan(1);
        assertThat(bolt(thin).why().withNumbers(UnitStyle.MILLIMETRES)).contains("opens on one side");
        assertThat(Proven.of(Examination.of(thin)).report(Step.LOAD).findings())
                .anyMatch(each -> each.severity() == Severity.STOP
                        && each.what().in(UnitStyle.MILLIMETRES).contains("take a thicker bolt"));
    }

    private static JointUse bolt(Job job) {
        return LoadProof.joints(Examination.of(job)).stream()
                .filter(use -> use.limit() == JointUse.Limit.BOLT)
                .findFirst()
                .orElseThrow();
    }

    /** Friction holds in proportion to the bolts: a fourth of them slips four times as easily, one small bolt lets go. */
    @Test
    void clamp_holdsByItsBolts() {
        Job tug = DemoJobs.ORCHARD_TUG.load().job();
        JointUse held = clamp(tug);
        assertThat(held.utilisation()).isBetween(0.02, 0.5);
        JointUse one = clamp(clamped(tug, pad -> pad.withBolts(1)));
        assertThat(one.utilisation()).isCloseTo(4 * held.utilisation(), within(1e-6));
        assertThat(clamp(clamped(tug, pad -> pad.withBolts(1).withThread("M5"))).utilisation())
                .isGreaterThan(1);
        assertThat(held.why().withNumbers(UnitStyle.MILLIMETRES)).contains("tilting");
    }

    private static JointUse clamp(Job job) {
        return LoadProof.joints(Examination.of(job)).stream()
                .filter(use -> use.limit() == JointUse.Limit.GRIP)
                .findFirst()
                .orElseThrow();
    }

    private static Job clamped(Job job, UnaryOperator<Detail.ClampPad> change) {
        return job.withCradle(job.cradle()
                .withDetails(job.cradle().details().stream()
                        .map(each -> each instanceof Detail.ClampPad pad ? change.apply(pad) : each)
                        .toList()));
    }

    /** Trade: a snubber catches a hard landing and stays clear while the engine merely runs. */
    @Test
    void snubber_catchesShocks_andIsTold() {
        Job job = DemoJobs.WHIMBREL.load().job();
        Examination free = Examination.of(job);
        Examination caught = Examination.of(withSnubbers(job, 0.002));
        Vec3 out = new Vec3(0.4, 0, 0);
        double freely = free.donorMovement()
                .towards(out, Vec3.Z.negated())
                .orElseThrow()
                .amount();
        double stopped = caught.donorMovement()
                .towards(out, Vec3.Z.negated())
                .orElseThrow()
                .amount();
        assertThat(stopped).isBetween(0.2 * freely, 0.8 * freely);
        assertThat(snubbers(caught)).isNotEmpty().allMatch(each -> each.severity() == Severity.GOOD);
        List<LoadCase> cases = new ArrayList<>(job.cases());
        cases.add(LoadCase.of("run", "full power on the ground", new Vec3(0, 0, -1), 1));
        assertThat(snubbers(Examination.of(withSnubbers(job.withCases(cases), 0.0002))))
                .anyMatch(each -> each.severity() == Severity.WATCH
                        && each.what().in(UnitStyle.MILLIMETRES).contains("bridged"));
        assertThat(snubbers(free)).isEmpty();
    }

    private static List<Finding> snubbers(Examination examination) {
        return examination.report(Step.LOAD).findings().stream()
                .filter(each -> each.code() == LoadFinding.SNUBBER)
                .toList();
    }

    private static Job withSnubbers(Job job, double way) {
        return job.withCradle(job.cradle()
                .withIsolators(job.cradle().isolators().stream()
                        .map(each -> each.withChoices(each.choices().with(MountChoices.Item.SNUBBER, Optional.of(way))))
                        .toList()));
    }

    @Test
    void lostPart_isTold() {
        LoadProof proof = proof(DemoJobs.SALTMARSH_RUNABOUT.load().job());
        // Ten tubes with a weld at either end, and four mounts.
        assertThat(proof.losses()).hasSize(34);
        assertThat(proof.losses()).extracting(Loss::key).doesNotHaveDuplicates();
        assertThat(proof.losses().get(0).falls()).isPresent();
        assertThat(proof.losses().get(0).part()).contains("cross tube");
        // A weld that goes leaves its tube the other one.
        assertThat(proof.losses())
                .filteredOn(loss -> loss.part().startsWith("weld of"))
                .hasSize(20)
                .allMatch(loss -> loss.falls().isEmpty());
        // On four mounts any one may go.
        assertThat(proof.losses())
                .filteredOn(loss -> loss.part().startsWith("mount"))
                .hasSize(4)
                .allMatch(loss -> loss.staysAboard());
    }

    /** A brace of thin wall is mended by a thicker one of the same diameter, so that no gap changes. */
    @Test
    void weldThatIsWorkedTooHard_getsAThickerWallAndNoWiderTube() {
        Job thin = new JobEdit.SetSection("C7", new Tube(0.0254, 0.000889))
                .applyTo(DemoJobs.SALTMARSH_RUNABOUT.load().job());
        Examination weak = Examination.of(thin);
        assertThat(LoadProof.joints(weak)).anyMatch(use -> use.utilisation() > 1);
        assertThat(ProofAnswers.of(proof(thin)).get(0).words().in(UnitStyle.MILLIMETRES))
                .startsWith("No: ");
        List<MakeHold.Answer> all = MakeHold.of(weak, Progress.UNWATCHED);
        MakeHold.Answer made = all.stream()
                .filter(each -> each.words().in(UnitStyle.MILLIMETRES).startsWith("thicker walls"))
                .findFirst()
                .orElseThrow();
        assertThat(made.holds()).isTrue();
        assertThat(LoadProof.joints(made.proven().examination())).allMatch(use -> use.utilisation() <= 1);
        assertThat(all).hasSizeGreaterThan(1).extracting(MakeHold.Answer::job).doesNotHaveDuplicates();
        assertThat(all).anyMatch(answer -> answer.changes().stream()
                .anyMatch(change -> change.in(UnitStyle.MILLIMETRES).startsWith("gusset G1 between C7 and C1")));
        Tube now = (Tube) made.job().member("C7").orElseThrow().section();
        assertThat(now.od()).isEqualTo(0.0254);
        assertThat(now.wall()).isGreaterThan(0.000889);
    }

    /** Tubes alone may hold where a bolt hole takes half of one away: the answer is no. */
    @Test
    void holeInAWorkedTube_isSeenThoughTheTubeHolds() {
        Job job = DemoJobs.SALTMARSH_RUNABOUT.load().job();
        for (String cross : List.of("C1", "C2")) {
            job = new JobEdit.SetSection(cross, new Tube(0.03175, 0.002413)).applyTo(job);
        }
        LoadProof proof = proof(job);
        assertThat(proof.tubes().get(0).utilisation()).isLessThanOrEqualTo(1);
        assertThat(proof.joints().get(0).limit()).isEqualTo(JointUse.Limit.NET_SECTION);
        assertThat(proof.joints().get(0).utilisation()).isGreaterThan(1.2);
        assertThat(ProofAnswers.of(proof).get(0).words().in(UnitStyle.MILLIMETRES))
                .startsWith("No: ")
                .contains("hole of mount");
    }

    /** Nothing is told twice, and every number of the studies has its why. */
    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void studies_addToTheStepAndSayWhy(DemoJobs demo) {
        Examination examination = Examination.of(demo.load().job());
        Proven proven = Proven.of(examination);
        List<Finding> own = examination.report(Step.LOAD).findings();
        List<Finding> all = proven.report(Step.LOAD).findings();
        assertThat(all).containsAll(own).hasSizeGreaterThan(own.size());
        assertThat(all).doesNotHaveDuplicates();
        assertThat(all).allMatch(each -> !each.why().formula().isBlank());
        assertThat(proven.report(Step.SEAT)).isEqualTo(examination.report(Step.SEAT));
        assertThat(proven.findings()).hasSize(examination.findings().size() + all.size() - own.size());
        assertThat(ProofAnswers.of(proven.proof().orElseThrow()))
                .hasSize(3)
                .allMatch(answer -> answer.number().isPresent()
                        && !answer.words().in(UnitStyle.DECIMAL_INCHES).isBlank());
    }

    @Test
    void dutiesThatAreNone_areRefused() {
        assertThatThrownBy(() -> new Duty(-1, 0, 0, 0, 0, 100)).hasMessageContaining("openings");
        assertThatThrownBy(() -> new Duty(1, 0, 0, 0.7, 0.5, 100)).hasMessageContaining("idle");
        assertThatThrownBy(() -> new Duty(1, 0, 0, 0.7, 0.1, 0)).hasMessageContaining("hoursAYear");
        assertThatThrownBy(
                        () -> DemoJobs.HUT_SKID.load().job().materials().get(0).withWeldedYield(Optional.of(900e6)))
                .hasMessageContaining("weldedYield");
    }

    /** Cases of the user's own may be called anything, also what the duty calls its own. */
    @Test
    void caseNamedLikeTheDutys_isNoTrouble() {
        Job job = DemoJobs.SALTMARSH_RUNABOUT.load().job();
        List<LoadCase> cases = new ArrayList<>(job.cases());
        cases.add(LoadCase.of("duty-opening", "own", new Vec3(0, 0, -2), 0));
        assertThat(proof(job.withCases(cases)).lives()).isNotEmpty();
    }
}
