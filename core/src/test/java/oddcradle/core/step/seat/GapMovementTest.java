package oddcradle.core.step.seat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.clearance.Allowance;
import oddcradle.core.clearance.Gap;
import oddcradle.core.clearance.Rule;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Source;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.edit.CradleEdit;
import oddcradle.core.job.seat.Clearances;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.job.seat.Room;
import oddcradle.core.job.seat.SeatPlan;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.units.UnitStyle;
import oddcradle.core.vibration.Mode;
import org.junit.jupiter.api.Test;

class GapMovementTest {
    private static final Job JOB = TestJobs.plain();

    private static Gap gap(Job job, String part, String other) {
        return Examination.of(job).ledger().all().stream()
                .filter(each -> each.donorPart().id().equals(part)
                        && each.obstacle().id().equals(other))
                .findFirst()
                .orElseThrow();
    }

    private static Job around(Part part, KeepOut... keepOuts) {
        List<Part> parts = new ArrayList<>(JOB.donor().parts());
        parts.add(part);
        List<KeepOut> all = new ArrayList<>(JOB.host().keepOuts());
        all.addAll(List.of(keepOuts));
        return JOB.withDonor(JOB.donor().withParts(parts)).withHost(JOB.host().withKeepOuts(all));
    }

    private static KeepOut ball(String id, Category category, Vec3 at) {
        return KeepOut.still(id, id, category, List.of(new Solid.Sphere(at, 0.02)));
    }

    @Test
    void steelPipeOfAMetre_growsSomeSevenMillimetresAtItsEnd() {
        // Common practice: a steel pipe 1 m long and 500 to 600 K hotter grows 6 to 7 mm.
        Part pipe = new Part(
                "P1",
                "long pipe",
                Category.HOT,
                List.of(new Solid.Capsule(new Vec3(0, 0, 0.6), new Vec3(1, 0, 0.6), 0.02)));
        Vec3 seat = JOB.seat().position();
        Job job = around(pipe, ball("K8", Category.FIXED, seat.plus(new Vec3(1.10, 0, 0.6))));
        double grows = gap(job, "P1", "K8").allowances().stream()
                .filter(each -> each.why().contains("grows"))
                .mapToDouble(Allowance::amount)
                .sum();
        assertThat(grows).isBetween(0.006, 0.007);
        // It grows away from where it is held: not towards what lies behind it.
        Job behind = around(pipe, ball("K8", Category.FIXED, seat.plus(new Vec3(-0.08, 0, 0.6))));
        assertThat(gap(behind, "P1", "K8").allowances())
                .noneMatch(each -> each.why().contains("grows") && each.amount() > 0.001);
    }

    /** Three g sag it by three times as much where the frame is stiff, else by more; packed mounts take the first of the three. */
    @Test
    void threeG_movesTheDonorByThriceItsSag() {
        Examination examination = Examination.of(TestJobs.stiff());
        double sag = -examination
                .shake()
                .answer()
                .orElseThrow()
                .modes()
                .sag()
                .cgDisplacement()
                .z();
        assertThat(fallen(examination, "bump")).isBetween(3 * sag, 4 * sag);
        assertThat(fallen(examination, "standing")).isBetween(sag, 1.4 * sag);
        assertThat(fallen(Examination.of(JOB), "bump")).isGreaterThan(fallen(examination, "bump"));
        Examination packed = Examination.of(new CradleEdit.PackMounts(true).applyTo(TestJobs.stiff()));
        assertThat(fallen(packed, "standing")).isZero();
        assertThat(fallen(packed, "bump"))
                .isCloseTo(fallen(examination, "bump") - fallen(examination, "standing"), within(1e-12));
        List<Mode> modes = examination.shake().answer().orElseThrow().modes().modes();
        assertThat(examination.donorMovement().swings()).isNotEmpty();
        assertThat(modes).hasSize(6);
    }

    private static double fallen(Examination examination, String load) {
        return -examination.donorMovement().pushed().stream()
                .filter(each -> each.id().equals(load))
                .findFirst()
                .orElseThrow()
                .motion()
                .shift()
                .z();
    }

    @Test
    void hardMountedDonor_doesNotMove() {
        Job hard = JOB.withCradle(new Cradle(JOB.cradle().nodes(), JOB.cradle().members(), List.of()));
        assertThat(Examination.of(hard).ledger().all().stream()
                        .flatMap(gap -> gap.allowances().stream())
                        .map(Allowance::why))
                .noneMatch(why -> why.startsWith("rubber"));
    }

    @Test
    void rules_goByKind_forHardAndForIsolated() {
        Clearances rules =
                Clearances.USUAL.withKinds(List.of(new Clearances.KindRule(Category.HOT, Category.HOSE, 0.03, 0.045)));
        Room room = new Room(0.002, 0.01, 0.02, 0.05, null, null);
        assertThat(rules.room(Category.HOSE, Category.HOT, false, room)).isEqualTo(0.03);
        assertThat(rules.room(Category.HOT, Category.HOSE, true, room)).isEqualTo(0.045);
        assertThat(rules.room(Category.FIXED, Category.FIXED, false, room)).isEqualTo(0.002);
        // Common practice: a quarter of an inch at least where something rocks.
        assertThat(rules.room(Category.FIXED, Category.FIXED, true, room)).isEqualTo(0.0064);
        assertThat(rules.room(Category.PEOPLE, Category.HOT, true, room)).isEqualTo(0.05);
    }

    @Test
    void chanceOfAShortGap_isTheNormalLaw() {
        Separation apart = new Separation(0.012, Vec3.ZERO, new Vec3(0.012, 0, 0));
        Gap gap = new Gap(null, null, apart, new Rule(0.010, "fixed", Source.commonPractice()), List.of(), 0.001);
        assertThat(gap.chanceShort()).isCloseTo(0.02275, within(1e-5));
        assertThat(new Gap(null, null, apart, gap.rule(), List.of(new Allowance("x", 0.003)), 0.001).chanceShort())
                .isCloseTo(0.8413, within(1e-4));
        assertThat(new Gap(null, null, apart, gap.rule(), List.of(), 0).chanceShort())
                .isZero();
    }

    private static NeighbourChecks.NeighbourCheck asked(Neighbour neighbour) {
        SeatPlan usual = JOB.plan();
        SeatPlan plan = new SeatPlan(
                usual.wishes(), usual.way(), usual.lifting(), usual.errors(), List.of(), List.of(neighbour));
        return Examination.of(JOB.withPlan(plan)).neighbourChecks().get(0);
    }

    @Test
    void neighbours_answerTheirQuestions() {
        Vec3 seat = JOB.seat().position();
        NeighbourChecks.NeighbourCheck bay =
                asked(new Neighbour.Bay("N1", "bay", Vec3.ZERO, new Vec3(0.1, 0, 0), 0.02));
        assertThat(bay.finding().what().pattern()).contains("must be stretched");
        NeighbourChecks.NeighbourCheck linkage = asked(new Neighbour.Linkage(
                "N1",
                "shift",
                new Vec3(0, 0.2, 0),
                Vec3.Y,
                new Vec3(0, 0.2, -0.05),
                seat.plus(new Vec3(1, 0.2, -0.05)),
                Vec3.X,
                false));
        // Right-handed about left, the lower end of a lever goes rearward: not to engage takes it forward.
        assertThat(linkage.finding().what().pattern()).contains("right way");
        NeighbourChecks.NeighbourCheck run = asked(new Neighbour.Run(
                "N1",
                "cable",
                Neighbour.Line.CABLE,
                Vec3.ZERO,
                Vec3.X,
                seat.plus(new Vec3(0.5, 0, 0)),
                Vec3.X,
                0.006,
                0.08,
                0.45));
        assertThat(run.finding().margin()).isEqualTo(Optional.empty());
        assertThat(run.finding().what().pattern()).contains("too short");
        NeighbourChecks.NeighbourCheck pipe = asked(new Neighbour.PipeRun(
                "N1",
                "pipe",
                new Vec3(0, 0, 1),
                Vec3.X,
                seat.plus(new Vec3(0.4, 0.15, 1)),
                Vec3.X,
                0.04,
                0.0015,
                0.06,
                0));
        assertThat(pipe.figures()).hasSize(5);
        assertThat(pipe.figures().get(0).quantity().si())
                .isCloseTo(pipe.figures().get(1).quantity().si(), within(1e-9));
        NeighbourChecks.NeighbourCheck intake =
                asked(new Neighbour.Intake("N1", "intake", new Vec3(0, 0, 0.5), Vec3.Z, 0.08, 0.1));
        assertThat(intake.finding().what().in(UnitStyle.MILLIMETRES)).contains("above");
        assertThat(Pose.IDENTITY.place(Vec3.X)).isEqualTo(Vec3.X);
    }
}
