package oddcradle.core.structure;

import java.util.Map;
import java.util.Optional;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.NodeMovement;
import oddcradle.core.math.DenseCholesky;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;

/** What a frame does as a whole: the small motion of a stiff body that comes nearest to that of its nodes, least squares. */
final class RigidPart {
    private final Map<String, Vec3> places;
    /** Empty where the nodes lie in one line and leave a turn open. */
    private final Optional<DenseCholesky> factor;

    /** @param places of the nodes that count, by id, m */
    RigidPart(Map<String, Vec3> places, CaseResult any) {
        this.places = places;
        double[][] normal = new double[6][6];
        for (NodeMovement node : any.nodes()) {
            Vec3 at = places.get(node.node());
            for (int axis = 0; at != null && axis < 3; axis++) {
                double[] row = row(at, axis);
                for (int i = 0; i < 6; i++) {
                    for (int j = 0; j < 6; j++) {
                        normal[i][j] += row[i] * row[j];
                    }
                }
            }
        }
        this.factor = DenseCholesky.of(normal).filter(each -> each.smallestPivotRatio() > 1e-12);
    }

    /** About the origin of the host's axes; no motion where the nodes lie in one line. */
    SmallMotion of(CaseResult result) {
        if (factor.isEmpty()) {
            return SmallMotion.NONE;
        }
        double[] right = new double[6];
        for (NodeMovement node : result.nodes()) {
            Vec3 at = places.get(node.node());
            if (at == null) {
                continue;
            }
            Vec3 moved = node.displacement();
            double[] along = {moved.x(), moved.y(), moved.z()};
            for (int axis = 0; axis < 3; axis++) {
                double[] row = row(at, axis);
                for (int i = 0; i < 6; i++) {
                    right[i] += row[i] * along[axis];
                }
            }
        }
        double[] q = factor.get().solve(right);
        return new SmallMotion(Vec3.ZERO, new Vec3(q[0], q[1], q[2]), new Vec3(q[3], q[4], q[5]));
    }

    /** What the six motions of the whole move a node along one axis. */
    private static double[] row(Vec3 at, int axis) {
        return switch (axis) {
            case 0 -> new double[] {1, 0, 0, 0, at.z(), -at.y()};
            case 1 -> new double[] {0, 1, 0, -at.z(), 0, at.x()};
            default -> new double[] {0, 0, 1, at.y(), -at.x(), 0};
        };
    }
}
