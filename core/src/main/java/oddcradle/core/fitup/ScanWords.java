package oddcradle.core.fitup;

import java.util.Map;
import oddcradle.core.examine.Examination;
import oddcradle.core.math.Vec3;

/** What an end of a tube on a scan is called. */
public final class ScanWords {
    /** A node is where it ends if it is so near, m. */
    private static final double THERE = 0.002;

    private ScanWords() {}

    /** The tube, and the node or mount at which the run ends; a bend has no name. */
    public static String place(Examination examination, ScanOnPlan.End end) {
        String node = examination.seating().nodes().entrySet().stream()
                .filter(each -> near(each.getValue(), end.at()))
                .map(Map.Entry::getKey)
                .sorted()
                .findFirst()
                .orElse("");
        String mount = examination.job().cradle().isolators().stream()
                .filter(each -> each.node().equals(node))
                .map(each -> "under " + each.id())
                .findFirst()
                .orElse(node.isEmpty() ? "at a bend" : "at " + node);
        return end.tube() + " " + mount;
    }

    private static boolean near(Vec3 node, Vec3 at) {
        return node.distanceTo(at) < THERE;
    }
}
