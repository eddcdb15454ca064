package oddcradle.files.mesh;

import java.io.BufferedInputStream;
import java.io.DataInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import oddcradle.core.geometry.mesh.TriangleMesh;

/** PLY, as text or binary of either byte order. Faces with more than three corners are cut into fans; other data is skipped. */
final class PlyReader {
    private static final int LONGEST_LINE = 4096;
    private static final int MOST_LINES = 1000;
    private static final int MOST_CORNERS = 64;

    private final String name;
    private final DataInputStream in;
    private final double scale;
    private final List<Element> elements = new ArrayList<>();
    private boolean text;
    private ByteOrder order = ByteOrder.LITTLE_ENDIAN;
    private int line;
    private String[] words = {};
    private int word;

    private PlyReader(String name, InputStream in, double scale) {
        this.name = name;
        this.in = new DataInputStream(in);
        this.scale = scale;
    }

    /** @param count null for a plain property, else the type of a list's length */
    private record Property(String name, String type, String count) {}

    private record Element(String name, long count, List<Property> properties) {}

    static MeshFile read(Path path, double scale) throws IOException {
        String name = path.getFileName().toString();
        try (InputStream in = new BufferedInputStream(Files.newInputStream(path), 1 << 16)) {
            PlyReader reader = new PlyReader(name, in, scale);
            reader.header();
            return reader.body();
        } catch (EOFException ended) {
            throw new UnreadableMesh(name, "ends before all that its header promises; export it again");
        }
    }

    private String readLine() throws IOException {
        StringBuilder text = new StringBuilder();
        for (int c = in.read(); c != '\n'; c = in.read()) {
            if (c < 0) {
                if (text.length() == 0) {
                    throw new EOFException();
                }
                break;
            }
            if (text.length() == LONGEST_LINE) {
                throw new UnreadableMesh(name, "has a line longer than " + LONGEST_LINE + " characters");
            }
            text.append((char) c);
        }
        line++;
        return text.toString().strip();
    }

    private void header() throws IOException {
        if (!readLine().equals("ply")) {
            throw new UnreadableMesh(name, "does not begin with \"ply\"; it is some other kind of file");
        }
        while (line < MOST_LINES) {
            String[] parts = readLine().split("\\s+");
            switch (parts[0]) {
                case "format" -> format(parts.length > 1 ? parts[1] : "");
                case "element" -> element(parts);
                case "property" -> property(parts);
                case "end_header" -> {
                    return;
                }
                default -> {
                    // Comments and what later versions may bring.
                }
            }
        }
        throw new UnreadableMesh(name, "has a header of more than " + MOST_LINES + " lines");
    }

    private void format(String form) throws UnreadableMesh {
        text = form.equals("ascii");
        order = form.equals("binary_big_endian") ? ByteOrder.BIG_ENDIAN : ByteOrder.LITTLE_ENDIAN;
        if (!text && !form.startsWith("binary_")) {
            throw new UnreadableMesh(name, "has the unknown format \"" + form + "\"");
        }
    }

    private void element(String[] parts) throws UnreadableMesh {
        try {
            elements.add(new Element(parts[1], Long.parseLong(parts[2]), new ArrayList<>()));
        } catch (RuntimeException malformed) {
            throw new UnreadableMesh(name, "has a damaged element at line " + line);
        }
    }

    private void property(String[] parts) throws UnreadableMesh {
        boolean list = parts.length == 5 && parts[1].equals("list");
        if (elements.isEmpty() || !list && parts.length != 3) {
            throw new UnreadableMesh(name, "has a damaged property at line " + line);
        }
        Property property = list ? new Property(parts[4], parts[3], parts[2]) : new Property(parts[2], parts[1], null);
        elements.get(elements.size() - 1).properties().add(property);
    }

    private MeshFile body() throws IOException {
        Corners points = new Corners(name, 9000);
        Corners corners = new Corners(name, 9000);
        for (Element element : elements) {
            for (long k = 0; k < element.count(); k++) {
                if (text) {
                    words = readLine().split("\\s+");
                    word = 0;
                }
                if (element.name().equals("vertex")) {
                    vertex(element, points);
                } else {
                    face(element, points, corners);
                }
            }
        }
        if (corners.count() == 0) {
            throw new UnreadableMesh(
                    name,
                    points.count() > 0
                            ? "holds points and no triangles; let the scanner's program mesh it"
                            : "holds no triangle; export it again");
        }
        return new MeshFile(TriangleMesh.of(corners.toArray()), List.of());
    }

    private void vertex(Element element, Corners points) throws IOException {
        double[] xyz = {Double.NaN, Double.NaN, Double.NaN};
        for (Property property : element.properties()) {
            if (property.count() != null) {
                skipList(property);
                continue;
            }
            double value = value(property.type());
            int axis = "xyz".indexOf(property.name());
            if (property.name().length() == 1 && axis >= 0) {
                xyz[axis] = value;
            }
        }
        for (double value : xyz) {
            points.add(value * scale);
        }
    }

    private void face(Element element, Corners points, Corners corners) throws IOException {
        for (Property property : element.properties()) {
            boolean wanted = element.name().equals("face")
                    && property.name().toLowerCase(Locale.ROOT).startsWith("vertex_ind");
            if (property.count() == null) {
                value(property.type());
            } else if (wanted) {
                polygon(property, points, corners);
            } else {
                skipList(property);
            }
        }
    }

    private int length(Property property) throws IOException {
        double length = value(property.count());
        if (!(length >= 0 && length <= MOST_CORNERS)) {
            throw new UnreadableMesh(
                    name, "has a face of " + (long) length + " corners, at most " + MOST_CORNERS + " are taken");
        }
        return (int) length;
    }

    private void skipList(Property property) throws IOException {
        for (int k = length(property); k > 0; k--) {
            value(property.type());
        }
    }

    private void polygon(Property property, Corners points, Corners corners) throws IOException {
        int count = length(property);
        int[] at = new int[count];
        for (int k = 0; k < count; k++) {
            double index = value(property.type());
            if (!(index >= 0 && index < points.count() / 3)) {
                throw new UnreadableMesh(
                        name,
                        "has a face with corner " + (long) index + ", there are " + points.count() / 3 + " points");
            }
            at[k] = (int) index;
        }
        for (int k = 2; k < count; k++) {
            for (int corner : new int[] {at[0], at[k - 1], at[k]}) {
                for (int axis = 0; axis < 3; axis++) {
                    corners.add(points.get(3 * corner + axis));
                }
            }
        }
    }

    private double value(String type) throws IOException {
        if (text) {
            while (word >= words.length || words[word].isEmpty()) {
                words = readLine().split("\\s+");
                word = 0;
            }
            return Numbers.read(name, line, words[word++], 1)[0];
        }
        byte[] bytes = new byte[8];
        int size =
                switch (type) {
                    case "char", "int8", "uchar", "uint8" -> 1;
                    case "short", "int16", "ushort", "uint16" -> 2;
                    case "int", "int32", "uint", "uint32", "float", "float32" -> 4;
                    case "double", "float64" -> 8;
                    default -> throw new UnreadableMesh(name, "has the unknown type \"" + type + "\"");
                };
        in.readFully(bytes, 0, size);
        ByteBuffer buffer = ByteBuffer.wrap(bytes).order(order);
        return switch (type) {
            case "char", "int8" -> bytes[0];
            case "uchar", "uint8" -> bytes[0] & 0xff;
            case "short", "int16" -> buffer.getShort();
            case "ushort", "uint16" -> buffer.getShort() & 0xffff;
            case "int", "int32" -> buffer.getInt();
            case "uint", "uint32" -> Integer.toUnsignedLong(buffer.getInt());
            case "float", "float32" -> buffer.getFloat();
            default -> buffer.getDouble();
        };
    }
}
