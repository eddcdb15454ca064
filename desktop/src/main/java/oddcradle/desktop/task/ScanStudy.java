package oddcradle.desktop.task;

import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.fitup.PlannedTubes;
import oddcradle.core.fitup.ScanOnPlan;
import oddcradle.core.geometry.BestFit;
import oddcradle.core.geometry.mesh.MeshTree;
import oddcradle.core.geometry.mesh.TriangleMesh;
import oddcradle.core.job.body.Scan;
import oddcradle.core.job.edit.Side;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.ScanPlace;

/**
 * A scan of the finished mount against the drawing, with a tone for what is drawn of it.
 *
 * @param plan what it says
 * @param tubes as drawn
 * @param of which scan
 * @param offs of the corners of every so many triangles, three a triangle, m outside of the nearest skin; NaN where no tube is near
 */
public record ScanStudy(ScanOnPlan plan, PlannedTubes tubes, MeshTree of, float[] offs) {
    /** Triangles that are drawn at most, so that the view still turns. */
    private static final int MOST_DRAWN = 60_000;

    /** Of a large scan every so many triangles are drawn. */
    public static int step(TriangleMesh scan) {
        return Math.max(1, (scan.triangles() + MOST_DRAWN - 1) / MOST_DRAWN);
    }

    public static Optional<ScanStudy> of(Examination examination) {
        Optional<MeshTree> tree = examination
                .job()
                .asBuilt()
                .scan()
                .map(Scan::file)
                .flatMap(file -> examination.scans().of(file));
        Optional<ScanOnPlan> plan = ScanOnPlan.of(examination);
        if (tree.isEmpty() || plan.isEmpty()) {
            return Optional.empty();
        }
        Pose place = examination
                .scanPlace(Side.MOUNT)
                .flatMap(ScanPlace::fit)
                .map(BestFit::pose)
                .orElseThrow();
        PlannedTubes tubes = PlannedTubes.of(examination.job(), examination.seating());
        TriangleMesh mesh = tree.get().mesh();
        int step = step(mesh);
        float[] offs = new float[3 * ((mesh.triangles() + step - 1) / step)];
        for (int k = 0; k < offs.length; k++) {
            offs[k] = tubes.off(place.place(mesh.corner(k / 3 * step, k % 3)))
                    .map(near -> (float) near.off())
                    .orElse(Float.NaN);
        }
        return Optional.of(new ScanStudy(plan.get(), tubes, tree.get(), offs));
    }
}
