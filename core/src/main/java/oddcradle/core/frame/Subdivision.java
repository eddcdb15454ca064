package oddcradle.core.frame;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.frame.input.EndJoint;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.math.Vec3;

/** A frame with every member cut into equal pieces. */
final class Subdivision {
    private Subdivision() {}

    /**
     * @param maySpin whether a member with a ball at both ends stays free to spin about itself, as its pieces are then; no torque comes of
     *     holding one
     */
    static FrameInput of(FrameInput input, int pieces, boolean maySpin, List<FrameCase> cases) {
        List<FrameNode> nodes = new ArrayList<>(input.nodes());
        List<FrameMember> members = new ArrayList<>();
        FrameModel model = new FrameModel(input);
        for (BeamElement beam : model.beams) {
            FrameMember member = beam.member;
            boolean spins = member.jointI().spins() && member.jointJ().spins();
            EndJoint jointI = spins && !maySpin ? member.jointI().withoutSpin() : member.jointI();
            Vec3 from = model.position(beam.nodeI).plus(member.offsetI());
            Vec3 to = model.position(beam.nodeJ).plus(member.offsetJ());
            String before = member.i();
            for (int piece = 1; piece <= pieces; piece++) {
                boolean first = piece == 1;
                boolean last = piece == pieces;
                String next = last ? member.j() : member.id() + "/" + piece;
                if (!last) {
                    nodes.add(new FrameNode(next, from.towards(to, (double) piece / pieces)));
                }
                members.add(new FrameMember(
                        member.id() + "/" + piece + "/",
                        before,
                        next,
                        member.section(),
                        member.material(),
                        first ? jointI : EndJoint.FIXED,
                        last ? member.jointJ() : EndJoint.FIXED,
                        first ? member.offsetI() : Vec3.ZERO,
                        last ? member.offsetJ() : Vec3.ZERO));
                before = next;
            }
        }
        return new FrameInput(input.theory(), nodes, members, input.supports(), input.mounts(), input.masses(), cases);
    }
}
