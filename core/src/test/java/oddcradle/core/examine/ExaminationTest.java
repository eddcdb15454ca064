package oddcradle.core.examine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.cure.Cures;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.Reaction;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.edit.LineEdit;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Vec3;
import oddcradle.core.report.Cure;
import oddcradle.core.section.Tube;
import oddcradle.core.step.cradle.CradleFinding;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.structure.StageResult;
import oddcradle.core.structure.TubeStress;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;

class ExaminationTest {
    private static final Job JOB = TestJobs.plain();

    private static Finding finding(Examination examination, String code) {
        return examination.findings().stream()
                .filter(each -> each.code().id().equals(code))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no finding " + code));
    }

    private static Job edited(JobEdit... edits) {
        Job job = JOB;
        for (JobEdit edit : edits) {
            job = edit.applyTo(job);
        }
        return job;
    }

    @Test
    void everyFinding_hasStopSeverityFormulaAndSource() {
        Examination examination = Examination.of(edited(new JobEdit.ShiftDrivenSprocket(0.02)));
        assertThat(examination.findings()).isNotEmpty();
        for (Finding finding : examination.findings()) {
            assertThat(finding.why().formula()).isNotBlank();
            assertThat(finding.why().source().words()).isNotBlank();
            assertThat(finding.what().in(UnitStyle.FRACTIONAL_INCHES)).doesNotContain("{}");
        }
        for (Step step : Step.values()) {
            assertThat(examination.report(step).findings()).as(step.title()).isNotEmpty();
        }
        assertThat(examination.findings().get(0).severity()).isEqualTo(Severity.STOP);
    }

    /** 0.125 kN/mm and so on are not the point: the same job from scratch and from an earlier one must agree. */
    @Property(tries = 25)
    void reexamining_givesWhatExaminingAfreshGives(
            @ForAll @DoubleRange(min = -0.02, max = 0.02) double up,
            @ForAll @DoubleRange(min = -0.02, max = 0.02) double forward) {
        Examination earlier = Examination.of(JOB);
        Job moved = edited(new JobEdit.MoveSeat(new Vec3(forward, 0, up)), new JobEdit.SetHardness(List.of("M1"), 55));
        Examination lent = Examination.of(moved, earlier);
        Examination fresh = Examination.of(moved);
        assertThat(lent.findings()).isEqualTo(fresh.findings());
        for (Step step : Step.values()) {
            assertThat(lent.report(step)).isEqualTo(fresh.report(step));
        }
    }

    @Test
    void slidingTheSeat_keepsTheModes_andMovesEverythingElse() {
        Examination before = Examination.of(JOB);
        Examination after = Examination.of(edited(new JobEdit.MoveSeat(new Vec3(0.003, 0, 0.002))), before);
        assertThat(after.shake()).isSameAs(before.shake());
        assertThat(after.line().stages().get(0).alignment().centreDistance())
                .isNotEqualTo(before.line().stages().get(0).alignment().centreDistance());
        assertThat(after.seating().node("S1").z() - before.seating().node("S1").z())
                .isCloseTo(0.002, within(1e-12));
        assertThat(after.cutList().get(0).cutLength())
                .isNotEqualTo(before.cutList().get(0).cutLength());
        assertThat(after.ledger().worst(1)).isNotEqualTo(before.ledger().worst(1));
    }

    @Test
    void groundCarries_allThatWeighs() {
        Examination examination = Examination.of(JOB);
        CaseResult bump = examination.load().answer().orElseThrow().cases().stream()
                .filter(each -> each.id().equals("bump"))
                .findFirst()
                .orElseThrow();
        double up = bump.reactions().stream()
                .map(Reaction::force)
                .mapToDouble(Vec3::z)
                .sum();
        double mass = examination.load().answer().orElseThrow().mass()
                + JOB.donor().mass().mass();
        assertThat(up).isCloseTo(3 * 9.80665 * mass, within(1e-6));
        for (CaseResult each : examination.load().answer().orElseThrow().cases()) {
            assertThat(each.equilibriumError()).isLessThan(1e-9);
        }
    }

    @Test
    void chainPull_isTheLesserOfEngineAndGrip() {
        StageResult pull = Examination.of(JOB).line().stages().get(0);
        double front = 0.015875 / Math.sin(Math.PI / 14) / 2;
        double rear = 0.015875 / Math.sin(Math.PI / 40) / 2;
        assertThat(pull.byEngine()).isCloseTo(20 * 2.5 * 2.5 * 0.95 / front, within(1e-6));
        assertThat(pull.byGrip()).isCloseTo(0.8 * 1500 * 0.28 / rear, within(1e-6));
        assertThat(pull.design()).isCloseTo(1.5 * Math.min(pull.byEngine(), pull.byGrip()), within(1e-6));
    }

    @Test
    void cutTubes_areCopedToWhatTheyLandOn_andAreAsLongAsTheirTips() {
        CutTube cross = Examination.of(JOB).cutList().get(0);
        assertThat(cross.first().landsOn()).containsExactly("H1L");
        assertThat(cross.first().cope()).isPresent();
        // 0.6 m between the rails' centre lines, level: each flank stops where the bore meets the rail.
        double reach = Math.sqrt(0.02 * 0.02 - 0.013 * 0.013);
        assertThat(cross.nodeLength()).isCloseTo(0.6, within(1e-12));
        assertThat(cross.cutLength()).isCloseTo(0.6 - 2 * reach, within(2e-5));
    }

    @Test
    void offsetSprocket_isStoppedWithASpacer_thatMendsIt() {
        Job job = edited(new JobEdit.ShiftDrivenSprocket(0.0046));
        Examination examination = Examination.of(job);
        Finding offset = finding(examination, "line.offset");
        assertThat(offset.severity()).isEqualTo(Severity.STOP);
        assertThat(offset.measured().orElseThrow().si()).isCloseTo(0.0046, within(1e-12));
        List<Cure> cures = Cures.of(examination, offset);
        assertThat(cures.stream().map(cure -> cure.label().in(UnitStyle.MILLIMETRES)))
                .containsExactly("rear sprocket spacer 4.6 mm", "rear sprocket dished 5.0 mm");
        Examination mended = Examination.of(cures.get(0).edit().applyTo(job));
        assertThat(finding(mended, "line.offset").severity()).isEqualTo(Severity.GOOD);
        Job free = new JobEdit.HoldSeat(Freedom.LEFT, false).applyTo(job);
        assertThat(Cures.of(Examination.of(free), offset)).hasSize(3);
    }

    @Test
    void shortGap_isOpenedByTheSmallestSlide() {
        Job low = edited(new JobEdit.MoveSeat(new Vec3(-0.25, 0, -0.075)));
        Examination examination = Examination.of(low);
        Finding gap = examination.findings().stream()
                .filter(each -> each.code().id().equals("seat.gap"))
                .filter(each -> each.severity().isWorseThan(Severity.NOT_CHECKED))
                .filter(each -> !each.where().ids().contains("S1"))
                .findFirst()
                .orElseThrow();
        List<Cure> cures = Cures.of(examination, gap);
        assertThat(cures).isNotEmpty();
        Examination mended = Examination.of(cures.get(0).edit().applyTo(low));
        double margin = mended.ledger().all().stream()
                .filter(each -> List.of(each.donorPart().id(), each.obstacle().id())
                        .equals(gap.where().ids()))
                .findFirst()
                .orElseThrow()
                .margin();
        assertThat(margin).isBetween(-1e-5, 4e-4);
    }

    @Test
    void tubeEndInTheAir_isNamed_andLandsByItsCure() {
        List<Node> nodes = new ArrayList<>(JOB.cradle().nodes());
        nodes.add(new Node("loose", new Anchor.FromBoss("B3", new Vec3(-0.25, 0.19, -0.05))));
        List<Member> tubes = new ArrayList<>(JOB.cradle().members());
        tubes.add(Member.sound("C4", "stay", List.of("S3", "loose"), new Tube(0.02, 0.0015), "steel"));
        Job job = JOB.withCradle(new Cradle(nodes, tubes, JOB.cradle().isolators()));
        Examination examination = Examination.of(job);
        Finding loose = finding(examination, "cradle.loose-end");
        assertThat(loose.what().in(UnitStyle.MILLIMETRES))
                .startsWith("cradle tube ")
                .contains("C4")
                .endsWith(" is held by nothing at its rear end");
        Cure land = Cures.of(examination, loose).get(0);
        assertThat(land.label().in(UnitStyle.MILLIMETRES)).isEqualTo("land loose on H1L");
        assertThat(Examination.of(land.edit().applyTo(job)).findings())
                .extracting(Finding::code)
                .doesNotContain(CradleFinding.LOOSE_END);
    }

    /** A quick idle: hard rubber amplifies it, softer rubber does not. */
    @Test
    void hardRubber_amplifiesIdle_andTheCureIsSofter() {
        Engine engine = JOB.donor().engine();
        Donor quick =
                JOB.donor().withEngine(engine.withSpeeds(1.8 * engine.cruiseSpeed(), 2 * engine.cruiseSpeed(), 0));
        Job hard = new JobEdit.SetHardness(List.of("M1", "M2", "M3", "M4"), 75).applyTo(JOB.withDonor(quick));
        Examination examination = Examination.of(hard);
        Finding idle = finding(examination, "shake.idle");
        assertThat(idle.severity().isWorseThan(Severity.NOTE)).isTrue();
        List<Cure> cures = Cures.of(examination, idle);
        assertThat(cures).isNotEmpty();
        for (Cure cure : cures) {
            assertThat(finding(Examination.of(cure.edit().applyTo(hard)), "shake.idle")
                            .severity())
                    .isEqualTo(Severity.GOOD);
        }
    }

    @Test
    void thinTube_isOverworked_andTheCureHolds() {
        Job thin = edited(
                new JobEdit.SetSection("C1", new Tube(0.016, 0.001)),
                new JobEdit.SetSection("C2", new Tube(0.016, 0.001)));
        Examination examination = Examination.of(thin);
        Finding stress = examination.findings().stream()
                .filter(each -> each.code().id().equals("load.stress") && each.severity() != Severity.GOOD)
                .findFirst()
                .orElseThrow();
        Cure cure = Cures.of(examination, stress).get(0);
        String tube = stress.where().ids().get(0);
        TubeStress after = Examination.of(cure.edit().applyTo(thin)).tubeStresses().stream()
                .filter(use -> use.tube().id().equals(tube))
                .findFirst()
                .orElseThrow();
        assertThat(after.utilisation()).isLessThanOrEqualTo(1);
    }

    @Test
    void sprocketsThatOverlap_leaveNoChainAndNoCrash() {
        Examination examination = Examination.of(edited(new LineEdit.SetTeeth("S1", 14, 160)));
        assertThat(finding(examination, "line.no-chain").severity()).isEqualTo(Severity.STOP);
        assertThat(examination.load().answer()).isPresent();
    }

    @Test
    void cradleWithoutIsolators_isAFindingNotAnException() {
        Job bare = JOB.withCradle(JOB.cradle().withIsolators(List.of()));
        Examination examination = Examination.of(bare);
        assertThat(finding(examination, "cradle.no-isolator").severity()).isEqualTo(Severity.STOP);
        assertThat(finding(examination, "load.floating").what().in(UnitStyle.MILLIMETRES))
                .contains("donor");
        assertThat(examination.report(Step.SHAKE).figures()).isEmpty();
    }

    @Test
    void chainTooShortOfTheTensioner_isMendedBySlidingOrTeeth() {
        for (double forward = 0; forward < 0.016; forward += 0.002) {
            Job job = edited(new JobEdit.MoveSeat(new Vec3(forward, 0, 0)));
            Examination examination = Examination.of(job);
            Finding links = finding(examination, "line.links");
            for (Cure cure : Cures.of(examination, links)) {
                assertThat(finding(Examination.of(cure.edit().applyTo(job)), "line.links")
                                .severity())
                        .isEqualTo(Severity.GOOD);
            }
            assertThat(links.severity() == Severity.GOOD
                            || !Cures.of(examination, links).isEmpty())
                    .isTrue();
        }
    }
}
