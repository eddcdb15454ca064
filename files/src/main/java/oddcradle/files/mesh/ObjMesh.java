package oddcradle.files.mesh;

import de.javagl.obj.Obj;
import de.javagl.obj.ObjFace;
import de.javagl.obj.ObjReader;
import de.javagl.obj.ObjUtils;
import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import oddcradle.core.geometry.mesh.TriangleMesh;

/** OBJ, read by a library; materials and textures are not looked at. */
final class ObjMesh {
    private static final long LARGEST = 1L << 30;

    private ObjMesh() {}

    static MeshFile read(Path path, double scale) throws IOException {
        String name = path.getFileName().toString();
        if (Files.size(path) > LARGEST) {
            throw new UnreadableMesh(name, "is larger than 1 GB; thin the mesh out or save it as binary STL");
        }
        Obj obj;
        try (BufferedReader in = Files.newBufferedReader(path, StandardCharsets.ISO_8859_1)) {
            obj = ObjUtils.triangulate(ObjReader.read(in));
        } catch (IOException | RuntimeException malformed) {
            throw new UnreadableMesh(
                    name,
                    "is damaged, counts its points from 0, or writes its numbers in a way of its own; export it again");
        }
        Corners corners = new Corners(name, 9 * Math.min(obj.getNumFaces(), TriangleMesh.MOST_TRIANGLES));
        for (int f = 0; f < obj.getNumFaces(); f++) {
            ObjFace face = obj.getFace(f);
            for (int c = 0; c < 3; c++) {
                int vertex = face.getVertexIndex(c);
                if (vertex < 0 || vertex >= obj.getNumVertices()) {
                    throw new UnreadableMesh(
                            name,
                            "has a face with corner " + (vertex + 1) + ", there are " + obj.getNumVertices()
                                    + " points");
                }
                corners.add(obj.getVertex(vertex).getX() * scale);
                corners.add(obj.getVertex(vertex).getY() * scale);
                corners.add(obj.getVertex(vertex).getZ() * scale);
            }
        }
        if (corners.count() == 0) {
            throw new UnreadableMesh(name, "holds no triangle; export it again");
        }
        return new MeshFile(TriangleMesh.of(corners.toArray()), List.of());
    }
}
