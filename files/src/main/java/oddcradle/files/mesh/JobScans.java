package oddcradle.files.mesh;

import java.io.IOException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.geometry.mesh.MeshTree;
import oddcradle.core.geometry.mesh.TriangleMesh;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Scan;
import oddcradle.core.job.edit.Side;
import oddcradle.core.placement.Scans;

/** Reads the scans that a job names; they lie beside it. */
public final class JobScans {
    private JobScans() {}

    /**
     * @param jobFile where the job is
     * @return the scans made ready; none if the job names none
     * @throws UnreadableMesh naming the file, the place and the cure
     */
    public static Scans read(Job job, Path jobFile) throws IOException {
        Map<String, MeshTree> trees = new HashMap<>();
        for (Side side : Side.values()) {
            Optional<Scan> scan = side.scan(job);
            if (scan.isPresent() && !trees.containsKey(scan.get().file())) {
                Path file = jobFile.resolveSibling(scan.get().file());
                TriangleMesh mesh =
                        MeshFiles.read(file, scan.get().metresPerUnit()).mesh();
                trees.put(scan.get().file(), MeshTree.of(mesh));
            }
        }
        return new Scans(trees);
    }
}
