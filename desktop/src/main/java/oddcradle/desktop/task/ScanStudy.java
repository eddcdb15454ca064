package oddcradle.desktop.task;

import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.fitup.LaidScan;
import oddcradle.core.fitup.ScanOnPlan;
import oddcradle.core.geometry.mesh.TriangleMesh;

/**
 * A scan of the finished mount against the drawing, with a tone for what is drawn of it.
 *
 * @param laid where it lies
 * @param plan what it says
 * @param offs of the corners of every so many triangles, three a triangle, m outside of the nearest skin; NaN where no tube is near
 */
public record ScanStudy(LaidScan laid, ScanOnPlan plan, float[] offs) {
    /** Triangles that are drawn at most, so that the view still turns. */
    private static final int MOST_DRAWN = 60_000;

    /** Of a large scan every so many triangles are drawn. */
    public static int step(TriangleMesh scan) {
        return Math.max(1, (scan.triangles() + MOST_DRAWN - 1) / MOST_DRAWN);
    }

    public static Optional<ScanStudy> of(Examination examination) {
        return LaidScan.of(examination).map(laid -> new ScanStudy(laid, ScanOnPlan.of(laid), offs(laid)));
    }

    private static float[] offs(LaidScan laid) {
        TriangleMesh mesh = laid.scan().mesh();
        int step = step(mesh);
        float[] offs = new float[3 * ((mesh.triangles() + step - 1) / step)];
        for (int k = 0; k < offs.length; k++) {
            offs[k] = laid.tubes()
                    .off(laid.place().place(mesh.corner(k / 3 * step, k % 3)))
                    .map(near -> (float) near.off())
                    .orElse(Float.NaN);
        }
        return offs;
    }
}
