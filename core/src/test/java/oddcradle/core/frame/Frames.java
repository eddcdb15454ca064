package oddcradle.core.frame;

import java.util.List;
import oddcradle.core.frame.input.EndJoint;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.frame.input.Theory;
import oddcradle.core.material.Material;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;

/** Small frames for the tests. */
final class Frames {
    static final Material STEEL = Material.of("steel", 2.05e11, 0.29, 7850, 3.5e8);
    static final Material WEIGHTLESS = Material.of("steel without weight", 2.05e11, 0.29, 0, 3.5e8);
    static final Section TUBE = new Tube(0.03175, 0.002413);
    static final double EI = STEEL.youngsModulus() * TUBE.secondMomentY();
    static final double GJ = STEEL.shearModulus() * TUBE.torsionConstant();
    static final double EA = STEEL.youngsModulus() * TUBE.area();

    private Frames() {}

    static FrameNode node(String id, double x, double y, double z) {
        return new FrameNode(id, new Vec3(x, y, z));
    }

    static FrameMember member(String id, String i, String j) {
        return FrameMember.welded(id, i, j, TUBE, WEIGHTLESS);
    }

    static FrameMember jointed(String id, String i, String j, EndJoint jointI, EndJoint jointJ) {
        return new FrameMember(id, i, j, TUBE, WEIGHTLESS, jointI, jointJ, Vec3.ZERO, Vec3.ZERO);
    }

    static FrameCase force(String node, double x, double y, double z) {
        return new FrameCase("load", List.of(new NodeLoad(node, new Vec3(x, y, z), Vec3.ZERO)), Vec3.ZERO);
    }

    static FrameInput frame(
            Theory theory,
            List<FrameNode> nodes,
            List<FrameMember> members,
            List<FrameSupport> supports,
            FrameCase... cases) {
        return new FrameInput(theory, nodes, members, supports, List.of(), List.of(), List.of(cases));
    }

    static FrameSupport fixed(String node) {
        return new FrameSupport(node, Fixity.ALL);
    }

    static CaseResult solve(FrameInput input) {
        return FrameAnalysis.solve(input).answer().orElseThrow().cases().get(0);
    }

    static Vec3 displacement(CaseResult result, String node) {
        return result.node(node).orElseThrow().displacement();
    }

    static Vec3 rotation(CaseResult result, String node) {
        return result.node(node).orElseThrow().rotation();
    }

    /** A tripod with a brace and a skew arm, loaded all round: nothing about it is symmetric. */
    static FrameInput skewTripod(Vec3 shift, Mat3 turn) {
        List<FrameNode> nodes = List.of(
                new FrameNode("a", turn.times(new Vec3(0, 0, 0)).plus(shift)),
                new FrameNode("b", turn.times(new Vec3(0.7, 0.1, 0)).plus(shift)),
                new FrameNode("c", turn.times(new Vec3(0.2, 0.6, 0.1)).plus(shift)),
                new FrameNode("top", turn.times(new Vec3(0.3, 0.2, 0.5)).plus(shift)),
                new FrameNode("arm", turn.times(new Vec3(0.6, 0.5, 0.7)).plus(shift)));
        FrameMember arm = new FrameMember(
                "arm",
                "top",
                "arm",
                TUBE,
                STEEL,
                EndJoint.FIXED,
                EndJoint.FIXED,
                turn.times(new Vec3(0.01, 0.02, -0.015)),
                Vec3.ZERO);
        List<FrameMember> members = List.of(
                FrameMember.welded("1", "a", "top", TUBE, STEEL),
                FrameMember.welded("2", "b", "top", TUBE, STEEL),
                jointed("3", "c", "top", EndJoint.BALL, EndJoint.FIXED),
                arm);
        FrameCase load = new FrameCase(
                "load",
                List.of(new NodeLoad("arm", turn.times(new Vec3(300, -120, -700)), turn.times(new Vec3(12, 5, -8)))),
                turn.times(new Vec3(2, 3, -30)));
        return frame(Theory.TIMOSHENKO, nodes, members, List.of(fixed("a"), fixed("b"), fixed("c")), load);
    }
}
