package oddcradle.core.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import oddcradle.core.fatigue.Cycle;
import oddcradle.core.frame.input.ElasticMount;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.PointMass;
import oddcradle.core.frame.input.Theory;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.tube.Member;
import oddcradle.core.material.Material;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;
import oddcradle.core.search.StartLoads;
import oddcradle.core.section.Rect;
import oddcradle.core.structure.CradleFrame;
import oddcradle.core.structure.WeldedEnd;
import org.junit.jupiter.api.Test;

/** A cantilever with the donor at its end, against the formulas of a beam. */
class StartStressTest {
    private static final double LENGTH = 0.5;
    private static final double LUMP = 3;
    private static final Rect BAR = new Rect(0.02, 0.03);
    private static final double MODULUS = 0.02 * 0.03 * 0.03 / 6;

    private static final Member TUBE =
            TestJobs.plain().cradle().members().get(0).withSection(BAR);
    private static final Material STEEL = TestJobs.plain().material(TUBE);

    private static FrameInput cantilever() {
        Vec3 end = new Vec3(LENGTH, 0, 0);
        Vec3 soft = new Vec3(1e5, 1e5, 1e5);
        List<ElasticMount> mounts = List.of(
                new ElasticMount("M1", CradleFrame.DONOR, "tip", end.plus(new Vec3(0.05, 0, 0)), Mat3.IDENTITY, soft),
                new ElasticMount(
                        "M2", CradleFrame.DONOR, "tip", end.plus(new Vec3(-0.05, 0.05, 0)), Mat3.IDENTITY, soft),
                new ElasticMount(
                        "M3", CradleFrame.DONOR, "tip", end.plus(new Vec3(-0.05, -0.05, 0)), Mat3.IDENTITY, soft));
        return new FrameInput(
                Theory.TIMOSHENKO,
                List.of(
                        new FrameNode("wall", Vec3.ZERO),
                        new FrameNode("tip", end),
                        new FrameNode(CradleFrame.DONOR, end)),
                List.of(FrameMember.welded("bar", "wall", "tip", BAR, STEEL)),
                List.of(new FrameSupport("wall", Fixity.ALL)),
                mounts,
                List.of(new PointMass("tip", LUMP, end), new PointMass(CradleFrame.DONOR, 1000, end)),
                List.of());
    }

    private static double widest(Vec3 force, Vec3 moment, SmallMotion machine) {
        StartLoads.Instant rest = new StartLoads.Instant(Vec3.ZERO, Vec3.ZERO, SmallMotion.NONE);
        StartLoads.Instant pushed = new StartLoads.Instant(force, moment, machine);
        WeldedEnd root = new WeldedEnd(TUBE, "bar", true, Vec3.ZERO, Vec3.X, Optional.empty(), Optional.empty());
        List<Cycle> cycles = StartStress.of(
                        cantilever(),
                        List.of(new StartLoads("once", Vec3.ZERO, List.of(rest, pushed, rest))),
                        List.of(root),
                        end -> 1)
                .get(root)
                .get("once");
        return cycles.stream().mapToDouble(Cycle::range).max().orElseThrow();
    }

    @Test
    void donorThatPushesDown_bendsTheRoot() {
        double stress = widest(new Vec3(0, 0, -400), Vec3.ZERO, SmallMotion.NONE);
        assertThat(stress).isCloseTo(400 * LENGTH / MODULUS, within(1e-6 * stress));
        double turned = widest(Vec3.ZERO, new Vec3(0, 70, 0), SmallMotion.NONE);
        assertThat(turned).isCloseTo(70 / MODULUS, within(1e-6 * turned));
    }

    /** The frame's own mass resists, the donor's does not: what that does comes through its mounts. */
    @Test
    void machineThatIsHurried_bendsUnderItsOwnMassAlone() {
        double own = STEEL.density() * BAR.area() * LENGTH;
        double lifted = widest(Vec3.ZERO, Vec3.ZERO, new SmallMotion(Vec3.ZERO, new Vec3(0, 0, 20), Vec3.ZERO));
        assertThat(lifted).isCloseTo(20 * (LUMP + own / 2) * LENGTH / MODULUS, within(1e-6 * lifted));
        double spun = widest(Vec3.ZERO, Vec3.ZERO, new SmallMotion(Vec3.ZERO, Vec3.ZERO, new Vec3(0, 40, 0)));
        double arm = 40 * LENGTH * LENGTH;
        // Half of the bar at its end: a third would be exact, and the difference is on the side of caution.
        assertThat(spun).isBetween(arm * (LUMP + own / 3) / MODULUS, arm * (LUMP + own / 2) / MODULUS * (1 + 1e-9));
    }
}
