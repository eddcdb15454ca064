package oddcradle.core.structure;

import java.util.List;
import java.util.Map;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.NodeMovement;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;

/** What a frame does as a whole: the small motion of a stiff body that comes nearest to that of its nodes, least squares. */
final class RigidPart {
    private RigidPart() {}

    /** @param places of the nodes that count, by id, m; no motion where they lie in one line */
    static SmallMotion of(CaseResult result, Map<String, Vec3> places) {
        List<NodeMovement> nodes = result.nodes().stream()
                .filter(each -> places.containsKey(each.node()))
                .toList();
        double[][] normal = new double[6][6];
        double[] right = new double[6];
        for (NodeMovement node : nodes) {
            Vec3 at = places.get(node.node());
            add(
                    normal,
                    right,
                    new double[] {1, 0, 0, 0, at.z(), -at.y()},
                    node.displacement().x());
            add(
                    normal,
                    right,
                    new double[] {0, 1, 0, -at.z(), 0, at.x()},
                    node.displacement().y());
            add(
                    normal,
                    right,
                    new double[] {0, 0, 1, at.y(), -at.x(), 0},
                    node.displacement().z());
        }
        return DenseAlgebra.solve(normal, right)
                .map(q -> new SmallMotion(Vec3.ZERO, new Vec3(q[0], q[1], q[2]), new Vec3(q[3], q[4], q[5])))
                .orElse(SmallMotion.NONE);
    }

    private static void add(double[][] normal, double[] right, double[] row, double moved) {
        for (int i = 0; i < 6; i++) {
            right[i] += row[i] * moved;
            for (int j = 0; j < 6; j++) {
                normal[i][j] += row[i] * row[j];
            }
        }
    }
}
