package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.frame.input.EndJoint;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.job.Job;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Tube;
import oddcradle.core.strength.JointFlexibility;

/**
 * What the walls of round tubes give where others end on them, as springs at those ends. Boxes and plates are taken as
 * stiff there, and a gusset as stiff in its plane.
 */
final class JointGive {
    /** A tube that all but runs on in line with the other has no wall across its way, rad. */
    private static final double IN_LINE = Math.toRadians(25);

    private JointGive() {}

    /** The pieces of a frame that was made with stiff welds, in their order. */
    static List<FrameMember> pieces(Job job, CradleFrame.Built stiff) {
        Map<String, EndJoint> first = new HashMap<>();
        Map<String, EndJoint> second = new HashMap<>();
        for (WeldedEnd end : WeldedEnd.of(job, stiff)) {
            of(job, end).ifPresent(joint -> (end.first() ? first : second).put(end.piece(), joint));
        }
        return stiff.input().members().stream()
                .map(piece -> piece.with(
                        first.getOrDefault(piece.id(), piece.jointI()),
                        second.getOrDefault(piece.id(), piece.jointJ())))
                .toList();
    }

    private static Optional<EndJoint> of(Job job, WeldedEnd end) {
        Optional<Member> chord = end.chord();
        if (chord.isEmpty()
                || end.angle() < IN_LINE
                || !(chord.get().remaining() instanceof Tube wide)
                || !(end.tube().remaining() instanceof Tube narrow)) {
            return Optional.empty();
        }
        JointFlexibility gives = JointFlexibility.of(
                wide, narrow, end.angle(), job.material(chord.get()).youngsModulus());
        Vec3 acrossPlane = end.normal().orElseThrow();
        Vec3 withinPlane = Vec3.X.cross(acrossPlane);
        boolean gusseted = end.gusset(job).isPresent();
        List<EndJoint.Give> springs = new ArrayList<>();
        springs.add(new EndJoint.Give(true, withinPlane, 1 / gives.outOfPlane()));
        if (!gusseted) {
            springs.add(new EndJoint.Give(true, acrossPlane, 1 / gives.inPlane()));
        }
        if (!gusseted && gives.axial() > 0) {
            springs.add(new EndJoint.Give(false, Vec3.X, 1 / gives.axial()));
        }
        return Optional.of(new EndJoint(springs));
    }
}
