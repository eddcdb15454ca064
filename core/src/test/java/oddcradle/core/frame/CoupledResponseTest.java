package oddcradle.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.finding.Outcome;
import oddcradle.core.frame.input.EndJoint;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.Theory;
import oddcradle.core.material.Material;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.section.Tube;
import org.junit.jupiter.api.Test;

class CoupledResponseTest {
    private static final Material STEEL = Material.of("steel", 2.05e11, 0.29, 7850, 3.5e8);
    private static final Tube TUBE = new Tube(0.0318, 0.0024);
    private static final MassProperties ENGINE = new MassProperties(
            60, new Vec3(0.5, 0, 0.2), new Mat3(new Vec3(1.1, 0, 0), new Vec3(0, 1.6, 0), new Vec3(0, 0, 1.4)));
    private static final Vec3 SOFT = new Vec3(9e4, 7e4, 1.4e5);

    /** A beam along X from (0, y, 0), held at both ends or at one. */
    private static FrameInput beams(double length, boolean bothEnds, Material material, EndJoint far) {
        List<FrameNode> nodes = new ArrayList<>();
        List<FrameMember> members = new ArrayList<>();
        List<FrameSupport> supports = new ArrayList<>();
        for (int side = -1; side <= 1; side += 2) {
            String name = side < 0 ? "R" : "L";
            nodes.add(new FrameNode(name + 0, new Vec3(0, 0.2 * side, 0)));
            nodes.add(new FrameNode(name + 1, new Vec3(length, 0.2 * side, 0)));
            members.add(new FrameMember(
                    "T" + name, name + 0, name + 1, TUBE, material, EndJoint.FIXED, far, Vec3.ZERO, Vec3.ZERO));
            supports.add(new FrameSupport(name + 0, Fixity.ALL));
            if (bothEnds) {
                supports.add(new FrameSupport(name + 1, Fixity.ALL));
            }
        }
        return new FrameInput(Theory.TIMOSHENKO, nodes, members, supports, List.of(), List.of(), List.of());
    }

    private static List<DampedMount> mounts(Vec3 stiffness, double loss) {
        List<DampedMount> mounts = new ArrayList<>();
        for (String node : List.of("R0", "R1", "L0", "L1")) {
            Vec3 at = new Vec3(node.endsWith("0") ? 0.3 : 0.8, node.startsWith("R") ? -0.2 : 0.2, 0.05);
            mounts.add(new DampedMount("M" + node, node, at, Mat3.IDENTITY, stiffness, loss));
        }
        return mounts;
    }

    private static CoupledResponse solved(ResponseInput input) {
        return CoupledResponse.of(input).answer().orElseThrow();
    }

    /** Blevins, Formulas for Natural Frequency and Mode Shape, table 8-1 (from memory): beta L of a cantilever 1.87510 and 4.69409. */
    @Test
    void slenderCantilever_ringsAsInTheHandbook() {
        double length = 2.5;
        // Mounts so soft that the engine does not hold the beams.
        CoupledResponse response = solved(new ResponseInput(
                beams(length, false, STEEL, EndJoint.FIXED), 0, 12, ENGINE, mounts(new Vec3(0.1, 0.1, 0.1), 0)));
        List<Double> frequencies = response.frequenciesHz(14);
        double unit =
                Math.sqrt(2.05e11 * TUBE.secondMomentY() / (7850 * TUBE.area())) / (2 * Math.PI * length * length);
        // Six of the engine, then each beam both ways.
        for (int k = 6; k < 10; k++) {
            assertThat(frequencies.get(k)).isCloseTo(1.87510 * 1.87510 * unit, within(0.004 * unit * 3.5));
        }
        for (int k = 10; k < 14; k++) {
            assertThat(frequencies.get(k)).isCloseTo(4.69409 * 4.69409 * unit, within(0.01 * unit * 22));
        }
    }

    /** The same: fixed and pinned, 3.92660. A ball at the far end, held in place, leaves the beam free to turn there. */
    @Test
    void releasedEnd_carriesNoMoment() {
        FrameInput held = beams(2.5, true, STEEL, EndJoint.BALL);
        CoupledResponse response = solved(new ResponseInput(held, 0, 12, ENGINE, mounts(new Vec3(0.1, 0.1, 0.1), 0)));
        double unit = Math.sqrt(2.05e11 * TUBE.secondMomentY() / (7850 * TUBE.area())) / (2 * Math.PI * 2.5 * 2.5);
        assertThat(response.frequenciesHz(7).get(6)).isCloseTo(3.92660 * 3.92660 * unit, within(0.006 * unit * 15.4));
    }

    /** Mounts on nodes that cannot move: one mass on springs, whose amplitude and force any handbook gives. */
    @Test
    void onGround_theEngineAnswersAsOneMassOnSprings() {
        double loss = 0.1;
        List<DampedMount> mounts = mounts(SOFT, loss);
        CoupledResponse response =
                solved(new ResponseInput(beams(1, true, STEEL, EndJoint.FIXED), 0.02, 4, ENGINE, mounts));
        // Every mount 0.15 below the centre of gravity, two ahead and two behind alike but for 50 mm: push straight up
        // through their middle.
        Vec3 point = new Vec3(0.55, 0, 0.2);
        double hz = 5;
        ResponseResult up = response.to(
                        new ResponseInput.Harmonic(List.of(hz), new Vec3(0, 0, 100), Vec3.ZERO, point),
                        List.of(ENGINE.cg()),
                        List.of("R1"))
                .get(0);
        assertThat(up.frameNodes().get(0).re().length()).isZero();
        // Quasi-static, a little amplified; the support carries what the mounts do.
        double k = 4 * SOFT.z();
        double amplified = 1 / (1 - 60 * Math.pow(2 * Math.PI * hz, 2) / k);
        assertThat(up.supports().z()).isCloseTo(100 * amplified, within(0.05 * 100 * amplified));
        assertThat(up.mounts().stream().mapToDouble(Vec3::z).sum())
                .isCloseTo(up.supports().z(), within(0.02 * up.supports().z()));
    }

    /** So slowly that nothing has inertia, supports carry what is applied, whatever lies between. */
    @Test
    void slowly_theSupportsCarryTheLoad() {
        Vec3 force = new Vec3(40, -70, 110);
        ResponseResult slow = solved(
                        new ResponseInput(beams(1, false, STEEL, EndJoint.FIXED), 0.03, 3, ENGINE, mounts(SOFT, 0.2)))
                .to(
                        new ResponseInput.Harmonic(List.of(1e-3), force, new Vec3(5, -4, 3), new Vec3(0.4, 0.1, 0.3)),
                        List.of(),
                        List.of())
                .get(0);
        assertThat(slow.supports().x()).isCloseTo(40, within(1e-4));
        assertThat(slow.supports().y()).isCloseTo(70, within(1e-4));
        assertThat(slow.supports().z()).isCloseTo(110, within(1e-4));
    }

    /** Maxwell and Betti: what a push here does there, a push there does here, in every phase. */
    @Test
    void pushesAndMotions_mayChangePlaces() {
        CoupledResponse response = solved(
                new ResponseInput(beams(1.2, false, STEEL, EndJoint.PINNED), 0.03, 3, ENGINE, mounts(SOFT, 0.2)));
        Vec3 here = new Vec3(0.3, 0.2, 0.4);
        Vec3 there = new Vec3(0.7, -0.1, 0.1);
        ResponseResult.Motion across = response.to(
                        new ResponseInput.Harmonic(List.of(31.0), new Vec3(0, 0, 1), Vec3.ZERO, here),
                        List.of(there),
                        List.of())
                .get(0)
                .enginePoints()
                .get(0);
        ResponseResult.Motion back = response.to(
                        new ResponseInput.Harmonic(List.of(31.0), new Vec3(0, 1, 0), Vec3.ZERO, there),
                        List.of(here),
                        List.of())
                .get(0)
                .enginePoints()
                .get(0);
        assertThat(across.re().y())
                .isCloseTo(back.re().z(), within(1e-9 * Math.abs(back.re().z())));
        assertThat(across.im().y())
                .isCloseTo(back.im().z(), within(1e-9 * Math.abs(back.im().z())));
    }

    @Test
    void engineThatNothingHolds_isNamed() {
        Outcome<CoupledResponse> loose = CoupledResponse.of(new ResponseInput(
                beams(1, true, STEEL, EndJoint.FIXED), 0, 2, ENGINE, mounts(new Vec3(0, 5e4, 5e4), 0)));
        assertThat(loose.answer()).isEmpty();
        assertThat(loose.reasons().get(0).what().pattern()
                        + loose.reasons().get(0).what().arguments())
                .contains("engine");
    }
}
