package oddcradle.files.mesh;

import java.util.List;
import oddcradle.core.geometry.mesh.TriangleMesh;

/**
 * What a mesh file held.
 *
 * @param mesh in metres
 * @param notes what was odd about the file, each a sentence without its subject
 */
public record MeshFile(TriangleMesh mesh, List<String> notes) {
    public MeshFile {
        notes = List.copyOf(notes);
    }
}
