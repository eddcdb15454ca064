package oddcradle.files.mesh;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
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
            requireBytes(path, name);
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
        } catch (UnreadableMesh told) {
            throw told;
        } catch (IOException | RuntimeException damaged) {
            throw new UnreadableMesh(name, "is damaged and cannot be read to its end; export it again");
        }
    }

    /** Text of two bytes a letter looks like nothing to the readers. */
    private static void requireBytes(Path path, String name) throws IOException {
        byte[] start;
        try (InputStream in = Files.newInputStream(path)) {
            start = in.readNBytes(6);
        }
        boolean marked = start.length >= 2
                && (start[0] == (byte) 0xFF && start[1] == (byte) 0xFE
                        || start[0] == (byte) 0xFE && start[1] == (byte) 0xFF);
        if (marked || start.length == 6 && (isSpaced(start, 0) || isSpaced(start, 1))) {
            throw new UnreadableMesh(name, "is written in UTF-16; save it as plain text (UTF-8) or as binary STL");
        }
    }

    /** Every second byte is a nought, the others are letters or signs. */
    private static boolean isSpaced(byte[] start, int noughts) {
        for (int k = 0; k < start.length; k++) {
            if (k % 2 == 1 - noughts ? start[k] != 0 : start[k] < ' ') {
                return false;
            }
        }
        return true;
    }

    /** Binary STL. */
    public static void writeStl(Path path, TriangleMesh mesh, LengthUnit unit) throws IOException {
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(path), 1 << 16)) {
            writeStl(out, mesh, unit);
        }
    }

    /** Binary STL; the stream stays open. */
    public static void writeStl(OutputStream out, TriangleMesh mesh, LengthUnit unit) throws IOException {
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
                record.putFloat((float) corner.x()).putFloat((float) corner.y()).putFloat((float) corner.z());
            }
            out.write(record.array());
        }
    }
}
