package oddcradle.files.mesh;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import oddcradle.core.geometry.mesh.TriangleMesh;

/** STL, binary or as text. The form is told by the length of the file, because some binary headers begin with "solid" too. */
final class StlReader {
    private static final int HEADER = 84;
    private static final int RECORD = 50;
    private static final int RECORDS_AT_ONCE = 20_000;

    private StlReader() {}

    /** @param scale metres in a unit of the file */
    static MeshFile read(Path path, double scale) throws IOException {
        String name = path.getFileName().toString();
        long length = Files.size(path);
        byte[] head = new byte[HEADER];
        int got;
        try (var in = Files.newInputStream(path)) {
            got = in.readNBytes(head, 0, HEADER);
        }
        long claimed = got < HEADER
                ? 0
                : Integer.toUnsignedLong(
                        ByteBuffer.wrap(head).order(ByteOrder.LITTLE_ENDIAN).getInt(HEADER - 4));
        boolean exact = got == HEADER && HEADER + RECORD * claimed == length;
        boolean solid = new String(head, 0, Math.min(5, got), StandardCharsets.US_ASCII).equals("solid");
        if (!exact && solid && looksLikeText(head, got)) {
            return text(path, name, scale);
        }
        if (got < HEADER) {
            throw new UnreadableMesh(name, "is " + length + " bytes long, too short for an STL file; export it again");
        }
        return binary(path, name, length, claimed, scale);
    }

    private static boolean looksLikeText(byte[] head, int length) {
        for (int k = 0; k < length; k++) {
            if (head[k] < 9 || head[k] > 13 && head[k] < 32) {
                return false;
            }
        }
        return true;
    }

    private static MeshFile binary(Path path, String name, long length, long claimed, double scale) throws IOException {
        long held = (length - HEADER) / RECORD;
        List<String> notes = new ArrayList<>();
        if (held != claimed) {
            notes.add(
                    "claims " + claimed + " triangles in its header and holds " + held + "; those it holds are taken");
        } else if ((length - HEADER) % RECORD != 0) {
            notes.add("ends within a triangle; the whole ones are taken");
        }
        if (held == 0) {
            throw new UnreadableMesh(name, "holds no triangle; export it again");
        }
        if (held > TriangleMesh.MOST_TRIANGLES) {
            throw new UnreadableMesh(
                    name,
                    "holds " + held + " triangles, at most " + TriangleMesh.MOST_TRIANGLES
                            + " are taken; thin the mesh out");
        }
        float[] corners = new float[9 * (int) held];
        float factor = (float) scale;
        try (FileChannel channel = FileChannel.open(path)) {
            channel.position(HEADER);
            ByteBuffer buffer =
                    ByteBuffer.allocateDirect(RECORD * RECORDS_AT_ONCE).order(ByteOrder.LITTLE_ENDIAN);
            int next = 0;
            while (next < corners.length) {
                buffer.clear().limit((int) Math.min(buffer.capacity(), RECORD * (held - next / 9)));
                while (buffer.hasRemaining() && channel.read(buffer) >= 0) {
                    // Until the block is full.
                }
                for (int at = 12; at < buffer.position(); at += RECORD) {
                    for (int k = 0; k < 9; k++) {
                        corners[next++] = buffer.getFloat(at + 4 * k) * factor;
                    }
                }
            }
        }
        return new MeshFile(TriangleMesh.of(corners), notes);
    }

    private static MeshFile text(Path path, String name, double scale) throws IOException {
        Corners corners = new Corners(name, 9000);
        int number = 0;
        try (BufferedReader in = Files.newBufferedReader(path, StandardCharsets.ISO_8859_1)) {
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                number++;
                String stripped = line.strip();
                if (stripped.regionMatches(true, 0, "vertex", 0, 6)) {
                    double[] xyz = Numbers.read(name, number, stripped.substring(6), 3);
                    for (double value : xyz) {
                        corners.add(value * scale);
                    }
                } else if (stripped.regionMatches(true, 0, "endfacet", 0, 8) && corners.count() % 9 != 0) {
                    throw new UnreadableMesh(
                            name, "has a facet that is no triangle, ending at line " + number + "; export triangles");
                }
            }
        }
        if (corners.count() == 0) {
            throw new UnreadableMesh(name, "holds no triangle; export it again");
        }
        List<String> notes = new ArrayList<>();
        float[] whole = corners.toArray();
        if (whole.length % 9 != 0) {
            notes.add("ends within a triangle; the whole ones are taken");
            whole = Arrays.copyOf(whole, whole.length / 9 * 9);
        }
        return new MeshFile(TriangleMesh.of(whole), notes);
    }
}
