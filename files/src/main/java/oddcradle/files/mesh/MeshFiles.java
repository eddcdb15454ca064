package oddcradle.files.mesh;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Locale;
import oddcradle.core.geometry.mesh.TriangleMesh;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/** Mesh files by their ending. */
public final class MeshFiles {
    private MeshFiles() {}

    /**
     * @param unit of the numbers in the file
     * @throws UnreadableMesh naming the file, the place and the cure
     */
    public static MeshFile read(Path path, LengthUnit unit) throws IOException {
        return read(path, unit.metres());
    }

    /** The same with the metres in a unit of the file. */
    static MeshFile read(Path path, double scale) throws IOException {
        String name = path.getFileName().toString();
        String ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        try {
            return switch (ending) {
                case "stl" -> StlReader.read(path, scale);
                case "obj" -> ObjMesh.read(path, scale);
                case "ply" -> PlyReader.read(path, scale);
                default ->
                    throw new UnreadableMesh(name, "ends in \"" + ending + "\"; meshes are read from stl, obj and ply");
            };
        } catch (NoSuchFileException missing) {
            throw new UnreadableMesh(name, "is not there; choose it again");
        } catch (InvalidValue invalid) {
            throw new UnreadableMesh(name, "cannot be taken: " + invalid.getMessage());
        }
    }

    /** Binary STL. */
    public static void writeStl(Path path, TriangleMesh mesh, LengthUnit unit) throws IOException {
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(path), 1 << 16)) {
            ByteBuffer head = ByteBuffer.allocate(84).order(ByteOrder.LITTLE_ENDIAN);
            head.put("Odd Cradle".getBytes(StandardCharsets.US_ASCII));
            head.putInt(80, mesh.triangles());
            out.write(head.array());
            ByteBuffer record = ByteBuffer.allocate(50).order(ByteOrder.LITTLE_ENDIAN);
            for (int t = 0; t < mesh.triangles(); t++) {
                record.clear();
                record.putFloat(0).putFloat(0).putFloat(0);
                for (int c = 0; c < 3; c++) {
                    Vec3 corner = mesh.corner(t, c).times(1 / unit.metres());
                    record.putFloat((float) corner.x())
                            .putFloat((float) corner.y())
                            .putFloat((float) corner.z());
                }
                out.write(record.array());
            }
        }
    }
}
