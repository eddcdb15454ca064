package oddcradle.core.frame;

import static oddcradle.core.frame.Frames.EA;
import static oddcradle.core.frame.Frames.EI;
import static oddcradle.core.frame.Frames.GJ;
import static oddcradle.core.frame.Frames.STEEL;
import static oddcradle.core.frame.Frames.TUBE;
import static oddcradle.core.frame.Frames.displacement;
import static oddcradle.core.frame.Frames.fixed;
import static oddcradle.core.frame.Frames.force;
import static oddcradle.core.frame.Frames.frame;
import static oddcradle.core.frame.Frames.member;
import static oddcradle.core.frame.Frames.node;
import static oddcradle.core.frame.Frames.rotation;
import static oddcradle.core.frame.Frames.solve;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import oddcradle.core.frame.input.ElasticMount;
import oddcradle.core.frame.input.EndJoint;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.frame.input.PointMass;
import oddcradle.core.frame.input.Theory;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

/** Closed forms of straight beams and plane portals: Roark's Formulas for Stress and Strain, ch. 8 (from memory). */
class FrameClosedFormTest {
    private static final double L = 0.8;

    private static FrameInput cantilever(Theory theory, FrameCase load) {
        return frame(
                theory,
                List.of(node("root", 0, 0, 0), node("tip", L, 0, 0)),
                List.of(member("beam", "root", "tip")),
                List.of(fixed("root")),
                load);
    }

    @Test
    void cantileverTipLoad_matchesClosedForm() {
        CaseResult result = solve(cantilever(Theory.EULER, force("tip", 0, 0, -500)));
        assertThat(displacement(result, "tip").z()).isCloseTo(-500 * L * L * L / (3 * EI), within(1e-12));
        assertThat(rotation(result, "tip").y()).isCloseTo(500 * L * L / (2 * EI), within(1e-12));
        double bending = 500 * L * 0.03175 / 2 / TUBE.secondMomentY();
        assertThat(result.members().get(0).stressMax()).isCloseTo(bending, within(bending * 1e-9));
        assertThat(result.members().get(0).worstAt()).isZero();
        Reaction root = result.reactions().get(0);
        assertThat(root.force().z()).isCloseTo(500, within(1e-8));
        assertThat(root.moment().y()).isCloseTo(-500 * L, within(1e-8));
    }

    @Test
    void shearFlexibility_addsFlOverKappaGa() {
        double plain = displacement(solve(cantilever(Theory.EULER, force("tip", 0, 0, -500))), "tip")
                .z();
        double soft = displacement(solve(cantilever(Theory.TIMOSHENKO, force("tip", 0, 0, -500))), "tip")
                .z();
        double shear = 500 * L / (TUBE.shearCoefficientZ(0.29) * STEEL.shearModulus() * TUBE.area());
        assertThat(plain - soft).isCloseTo(shear, within(shear * 1e-6));
    }

    @Test
    void pullAndTwist_areUncoupled() {
        FrameCase load = new FrameCase(
                "load", List.of(new NodeLoad("tip", new Vec3(1000, 0, 0), new Vec3(50, 0, 0))), Vec3.ZERO);
        CaseResult result = solve(cantilever(Theory.TIMOSHENKO, load));
        assertThat(displacement(result, "tip").x()).isCloseTo(1000 * L / EA, within(1e-14));
        assertThat(rotation(result, "tip").x()).isCloseTo(50 * L / GJ, within(1e-13));
        double axial = 1000 / TUBE.area();
        double shear = 50 * 0.03175 / 2 / TUBE.torsionConstant();
        assertThat(result.members().get(0).vonMisesMax())
                .isCloseTo(Math.sqrt(axial * axial + 3 * shear * shear), within(1.0));
    }

    @Test
    void ownWeightOnAClampedBeam_isWl2Over24InTheMiddle() {
        FrameInput input = new FrameInput(
                Theory.EULER,
                List.of(node("a", 0, 0, 0), node("m", L / 2, 0, 0), node("b", L, 0, 0)),
                List.of(FrameMember.welded("1", "a", "m", TUBE, STEEL), FrameMember.welded("2", "m", "b", TUBE, STEEL)),
                List.of(fixed("a"), fixed("b")),
                List.of(),
                List.of(),
                List.of(new FrameCase("weight", List.of(), new Vec3(0, 0, -9.80665))));
        double w = TUBE.area() * 7850 * 9.80665;
        CaseResult result = solve(input);
        assertThat(Math.abs(result.members().get(0).endJ().moment().y())).isCloseTo(w * L * L / 24, within(1e-9));
        assertThat(displacement(result, "m").z()).isCloseTo(-w * Math.pow(L, 4) / (384 * EI), within(1e-13));
        assertThat(result.reactions().get(0).force().z()).isCloseTo(w * L / 2, within(1e-9));
    }

    @Test
    void ownWeightOnASimpleBeam_peaksInTheMiddleOfOneMember() {
        FrameInput input = frame(
                Theory.EULER,
                List.of(node("a", 0, 0, 0), node("b", L, 0, 0)),
                List.of(new FrameMember(
                        "beam", "a", "b", TUBE, STEEL, EndJoint.PINNED, EndJoint.PINNED, Vec3.ZERO, Vec3.ZERO)),
                List.of(fixed("a"), fixed("b")),
                new FrameCase("weight", List.of(), new Vec3(0, 0, -9.80665)));
        double w = TUBE.area() * 7850 * 9.80665;
        MemberResult beam = solve(input).members().get(0);
        double stress = w * L * L / 8 * 0.03175 / 2 / TUBE.secondMomentY();
        assertThat(beam.stressMax()).isCloseTo(stress, within(stress * 1e-9));
        assertThat(beam.worstAt()).isCloseTo(0.5, within(1e-6));
        assertThat(beam.endI().moment().length()).isCloseTo(0, within(1e-12));
    }

    /** Free to turn in the portal's plane only. */
    private static FrameSupport hingedFoot(String node) {
        return new FrameSupport(node, new Fixity(true, true, true, true, false, true));
    }

    /** Pinned-foot portal under a side load at the beam: column tops take half the load times the height. */
    @Test
    void portalWithPinnedFeet_sharesTheSideLoad() {
        double h = 0.6;
        double b = 0.9;
        FrameInput portal = frame(
                Theory.EULER,
                List.of(node("a", 0, 0, 0), node("b", 0, 0, h), node("c", b, 0, h), node("d", b, 0, 0)),
                List.of(member("left", "a", "b"), member("beam", "b", "c"), member("right", "d", "c")),
                List.of(hingedFoot("a"), hingedFoot("d")),
                new FrameCase(
                        "side",
                        List.of(
                                new NodeLoad("b", new Vec3(200, 0, 0), Vec3.ZERO),
                                new NodeLoad("c", new Vec3(200, 0, 0), Vec3.ZERO)),
                        Vec3.ZERO));
        CaseResult result = solve(portal);
        assertThat(result.members().get(0).endJ().moment().length()).isCloseTo(200 * h, within(1e-6));
        assertThat(result.reactions().get(0).force().x()).isCloseTo(-200, within(1e-6));
        assertThat(result.reactions().get(0).force().z()).isCloseTo(-400 * h / b, within(1e-6));
        // Sway by virtual work with inextensible members; the tubes' stretch adds less than 0.1 %.
        double sway = 200 * h * h * (2 * h + b) / (6 * EI);
        assertThat(displacement(result, "b").x()).isCloseTo(sway, within(sway * 2e-3));
    }

    /** An L in the floor plane, loaded down at its free end: bending of both legs and torsion of the first. */
    @Test
    void spaceBracket_addsBendingAndTorsion() {
        double a = 0.5;
        double b = 0.3;
        FrameInput bracket = frame(
                Theory.EULER,
                List.of(node("wall", 0, 0, 0), node("corner", a, 0, 0), node("tip", a, b, 0)),
                List.of(member("1", "wall", "corner"), member("2", "corner", "tip")),
                List.of(fixed("wall")),
                force("tip", 0, 0, -400));
        CaseResult result = solve(bracket);
        double expected = 400 * (a * a * a + b * b * b) / (3 * EI) + 400 * b * b * a / GJ;
        assertThat(displacement(result, "tip").z()).isCloseTo(-expected, within(expected * 1e-9));
        assertThat(Math.abs(result.members().get(0).endI().moment().x())).isCloseTo(400 * b, within(1e-7));
    }

    @Test
    void rigidArm_makesTheTurningOfItsNodeASlide() {
        FrameMember offset = new FrameMember(
                "beam",
                "root",
                "tip",
                TUBE,
                STEEL,
                EndJoint.FIXED,
                EndJoint.FIXED,
                new Vec3(0, 0, 0.1),
                new Vec3(0, 0, 0.1));
        FrameInput input = frame(
                Theory.EULER,
                List.of(node("root", 0, 0, 0), node("tip", L, 0, 0)),
                List.of(offset),
                List.of(fixed("root")),
                force("tip", 1000, 0, 0));
        CaseResult result = solve(input);
        // The pull acts 0.1 m under the tube: tension and a constant moment.
        double turn = 1000 * 0.1 * L / EI;
        assertThat(rotation(result, "tip").y()).isCloseTo(-turn, within(turn * 1e-9));
        assertThat(displacement(result, "tip").x()).isCloseTo(1000 * L / EA + turn * 0.1, within(1e-12));
        assertThat(result.reactions().get(0).moment().length()).isCloseTo(0, within(1e-7));
    }

    @Test
    void bodyOnOneSpring_sagsByMgOverK() {
        ElasticMount spring =
                new ElasticMount("spring", "body", "post", Vec3.Z, Mat3.IDENTITY, new Vec3(1e5, 2e5, 3e5));
        FrameInput input = new FrameInput(
                Theory.EULER,
                List.of(node("foot", 0, 0, 0), node("post", 0, 0, 0.9), node("body", 0, 0, 1)),
                List.of(member("post", "foot", "post")),
                List.of(fixed("foot"), new FrameSupport("body", new Fixity(false, false, false, true, true, true))),
                List.of(spring),
                List.of(new PointMass("body", 40, new Vec3(0, 0, 1))),
                List.of(new FrameCase("weight", List.of(), new Vec3(0, 0, -10))));
        CaseResult result = solve(input);
        assertThat(result.mounts().get(0).deflection().z()).isCloseTo(-400 / 3e5, within(1e-12));
        assertThat(result.mounts().get(0).forceOnFrame().z()).isCloseTo(-400, within(1e-8));
        assertThat(displacement(result, "body").z()).isCloseTo(-400 / 3e5 - 400 * 0.9 / EA, within(1e-12));
    }
}
