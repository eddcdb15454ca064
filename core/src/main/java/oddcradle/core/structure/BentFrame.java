package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.MemberResult;
import oddcradle.core.frame.NodeMovement;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.MemberAxes;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;

/**
 * How a frame and its donor move under one load case: every piece as the line that its end moments bend it to, {@code E I v'' = M}; shear
 * and what a piece sags by itself left out.
 *
 * @param donor about its centre of gravity, as it really moves
 */
public record BentFrame(LoadCase load, List<Piece> pieces, SmallMotion donor) {
    /** Points of a bent piece. */
    private static final int STEPS = 8;

    public BentFrame {
        pieces = List.copyOf(pieces);
    }

    /**
     * One piece between two joints.
     *
     * @param tube it is part of
     * @param points along it at rest, host axes, m
     * @param moves what each of them moves by, m
     * @param axial force in it, N; pulled is more than 0
     */
    public record Piece(String tube, List<Vec3> points, List<Vec3> moves, double axial) {
        public Piece {
            points = List.copyOf(points);
            moves = List.copyOf(moves);
        }
    }

    /** @param result of that case on the frame that was built */
    public static BentFrame of(LoadCase load, CradleFrame.Built built, CaseResult result) {
        Map<String, NodeMovement> nodes = new HashMap<>();
        result.nodes().forEach(node -> nodes.put(node.node(), node));
        Map<String, MemberResult> members = new HashMap<>();
        result.members().forEach(member -> members.put(member.id(), member));
        List<Piece> pieces = new ArrayList<>();
        for (FrameMember piece : built.input().members()) {
            pieces.add(piece(built, piece, nodes, members.get(piece.id())));
        }
        NodeMovement donor = nodes.get(CradleFrame.DONOR);
        return new BentFrame(load, pieces, new SmallMotion(Vec3.ZERO, donor.displacement(), donor.rotation()));
    }

    private static Piece piece(
            CradleFrame.Built built, FrameMember piece, Map<String, NodeMovement> nodes, MemberResult result) {
        Vec3 from = built.pointOn(piece.id(), 0);
        Vec3 to = built.pointOn(piece.id(), 1);
        double length = to.minus(from).length();
        MemberAxes axes = MemberAxes.of(built.wayOf(piece.id()));
        Vec3 first = moved(nodes.get(piece.i()), piece.offsetI());
        Vec3 last = moved(nodes.get(piece.j()), piece.offsetJ());
        double sixth = length * length / (6 * piece.material().youngsModulus());
        double acrossY = sixth / piece.section().secondMomentZ();
        double acrossZ = sixth / piece.section().secondMomentY();
        List<Vec3> points = new ArrayList<>();
        List<Vec3> moves = new ArrayList<>();
        for (int k = 0; k <= STEPS; k++) {
            double share = (double) k / STEPS;
            double nearFirst = share * (1 - share) * (2 - share);
            double nearLast = share * (1 - share * share);
            Vec3 atFirst = result.endI().moment();
            Vec3 atLast = result.endJ().moment();
            points.add(from.towards(to, share));
            moves.add(first.towards(last, share)
                    .along(axes.y(), acrossY * (atFirst.z() * nearFirst - atLast.z() * nearLast))
                    .along(axes.z(), acrossZ * (atLast.y() * nearLast - atFirst.y() * nearFirst)));
        }
        double axial = (result.endJ().force().x() - result.endI().force().x()) / 2;
        return new Piece(built.memberOfPiece().get(piece.id()), points, moves, axial);
    }

    private static Vec3 moved(NodeMovement node, Vec3 arm) {
        return node.displacement().plus(node.rotation().cross(arm));
    }

    /** The farthest that any point of the frame moves, m. */
    public double most() {
        return pieces.stream()
                .flatMap(piece -> piece.moves().stream())
                .mapToDouble(Vec3::length)
                .max()
                .orElse(0);
    }
}
