package oddcradle.files.mesh;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.examine.Scans;
import oddcradle.core.geometry.mesh.MeshTree;
import oddcradle.core.geometry.mesh.TriangleMesh;
import oddcradle.core.job.Job;
import oddcradle.core.job.Scan;

/** Reads the scans that a job names; they lie beside it. */
public final class JobScans {
    private JobScans() {}

    /**
     * @param jobFile where the job is
     * @return the scan made ready; none if the job names none
     * @throws UnreadableMesh naming the file, the place and the cure
     */
    public static Scans read(Job job, Path jobFile) throws IOException {
        Optional<Scan> scan = job.donor().scan();
        if (scan.isEmpty()) {
            return Scans.NONE;
        }
        Path file = jobFile.resolveSibling(scan.get().file());
        TriangleMesh mesh = MeshFiles.read(file, scan.get().metresPerUnit()).mesh();
        return new Scans(Map.of(scan.get().file(), MeshTree.of(mesh)));
    }
}
