package oddcradle.files.wire;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.math.Vec3;

/**
 * Straight lines of a DXF file as they lie in space: single lines and the pieces of polylines. Everything else in it is passed over.
 *
 * <p>Source: DXF reference (group codes, units of a drawing), from memory.
 *
 * @param lines in the numbers of the file
 * @param metresPerUnit where the file says its unit
 */
public record DxfWire(List<Line> lines, Optional<Double> metresPerUnit) {
    private static final long LARGEST = 32L << 20;
    /** More than a frame has. */
    private static final int MOST_LINES = 3_000;

    private static final Map<Integer, Double> UNITS = Map.of(1, 0.0254, 2, 0.3048, 4, 0.001, 5, 0.01, 6, 1.0);

    /** From one place to another. */
    public record Line(Vec3 from, Vec3 to) {}

    public DxfWire {
        lines = List.copyOf(lines);
    }

    /** Two places for each line. */
    public List<List<Vec3>> ends() {
        return lines.stream().map(line -> List.of(line.from(), line.to())).toList();
    }

    /** @throws UnreadableDrawing naming what is wrong: no DXF, too large, no lines in it */
    public static DxfWire read(Path path) throws IOException {
        String file = path.getFileName().toString();
        if (Files.size(path) > LARGEST) {
            throw new UnreadableDrawing(file, "is larger than 32 MB; save the centre lines alone");
        }
        Reading reading = new Reading(file);
        // One byte a letter: names in any alphabet may stand in it, and only numbers are wanted.
        try (BufferedReader in = Files.newBufferedReader(path, StandardCharsets.ISO_8859_1)) {
            String code = in.readLine();
            String value = in.readLine();
            if (code == null
                    || value == null
                    || code.indexOf('\0') >= 0
                    || !code.strip().matches("\\d{1,4}")) {
                throw new UnreadableDrawing(file, "is no DXF in text; save it as text, with the lines in it");
            }
            while (code != null && value != null) {
                reading.take(code.strip(), value.strip());
                code = in.readLine();
                value = in.readLine();
            }
        }
        reading.endEntity("");
        if (reading.lines.isEmpty()) {
            throw new UnreadableDrawing(
                    file, "has no lines; curves and solids are not taken, draw the centre lines of the tubes");
        }
        return new DxfWire(reading.lines, reading.metresPerUnit);
    }

    /** The file pair by pair. */
    private static final class Reading {
        private final String file;
        private final List<Line> lines = new ArrayList<>();
        private final List<Vec3> run = new ArrayList<>();
        private Optional<Double> metresPerUnit = Optional.empty();
        private String header = "";
        private String entity = "";
        private boolean closed;
        private boolean inRun;
        private double elevation;
        private final double[] first = new double[3];
        private final double[] second = new double[3];

        Reading(String file) {
            this.file = file;
        }

        void take(String code, String value) throws UnreadableDrawing {
            switch (code) {
                case "0" -> endEntity(value);
                case "9" -> header = value;
                case "70" -> flag(value);
                case "10" -> corner(value);
                case "20" -> first[1] = number(value);
                case "30" -> first[2] = number(value);
                case "11" -> second[0] = number(value);
                case "21" -> second[1] = number(value);
                case "31" -> second[2] = number(value);
                case "38" -> elevation = number(value);
                default -> {
                    // Colours, layers, names: not needed for where a line lies.
                }
            }
        }

        private void flag(String value) throws UnreadableDrawing {
            int flags = (int) number(value);
            if (entity.isEmpty() && header.equals("$INSUNITS")) {
                metresPerUnit = Optional.ofNullable(UNITS.get(flags));
            } else if (entity.equals("POLYLINE") || entity.equals("LWPOLYLINE")) {
                closed = (flags & 1) == 1;
            }
        }

        private void corner(String value) throws UnreadableDrawing {
            if (entity.equals("LWPOLYLINE")) {
                endCorner();
                inRun = true;
            }
            first[0] = number(value);
        }

        /** A flat polyline tells its corners one after the other. */
        private void endCorner() {
            if (inRun) {
                run.add(new Vec3(first[0], first[1], elevation));
            }
            inRun = false;
        }

        void endEntity(String next) throws UnreadableDrawing {
            switch (entity) {
                case "LINE" -> line(place(first), place(second));
                case "VERTEX" -> run.add(place(first));
                case "LWPOLYLINE" -> {
                    endCorner();
                    endRun();
                }
                case "SEQEND" -> endRun();
                default -> {
                    // A polyline in space goes on with its corners.
                }
            }
            boolean inPolyline = entity.equals("POLYLINE") || entity.equals("VERTEX");
            if (inPolyline && !next.equals("VERTEX") && !next.equals("SEQEND")) {
                endRun();
            }
            entity = next.equals("SECTION") || next.equals("ENDSEC") ? "" : next;
            if (entity.equals("POLYLINE") || entity.equals("LWPOLYLINE")) {
                run.clear();
                closed = false;
                elevation = 0;
            }
            Arrays.fill(first, 0);
            Arrays.fill(second, 0);
        }

        private void endRun() throws UnreadableDrawing {
            for (int k = 1; k < run.size(); k++) {
                line(run.get(k - 1), run.get(k));
            }
            if (closed && run.size() > 2) {
                line(run.get(run.size() - 1), run.get(0));
            }
            run.clear();
        }

        private static Vec3 place(double[] numbers) {
            return new Vec3(numbers[0], numbers[1], numbers[2]);
        }

        private void line(Vec3 from, Vec3 to) throws UnreadableDrawing {
            if (lines.size() == MOST_LINES) {
                throw new UnreadableDrawing(
                        file, "has more than " + MOST_LINES + " lines; save the centre lines of the tubes alone");
            }
            if (!from.equals(to)) {
                lines.add(new Line(from, to));
            }
        }

        private double number(String value) throws UnreadableDrawing {
            try {
                double number = Double.parseDouble(value);
                if (Double.isFinite(number)) {
                    return number;
                }
            } catch (NumberFormatException none) {
                // Told below, as what is no number at all.
            }
            throw new UnreadableDrawing(file, "says \"" + value + "\" where a number must stand; save it again");
        }
    }
}
