package oddcradle.core.catalog;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import oddcradle.core.math.InvalidValue;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/**
 * A screw thread in common use.
 *
 * @param designation such as M10x1.25 or 3/8-24
 * @param inch whether its wrench and tap are inch ones
 * @param diameter nominal, m
 * @param pitch m
 * @param stressArea tensile, m2: ISO 898-1 and SAE J429 (from memory)
 * @param plainNut height, m: ISO 4032 and ASME B18.2.2 (from memory)
 * @param lockingNut height, m: ISO 7040 and ASME B18.16.6 (from memory)
 * @param spanner that its head and nut take, in the words of the toolbox: ISO 4014 and ASME B18.2.1 (from memory)
 * @param aircraftTorque what a nut of the aircraft series is tightened to, dry; empty where the series has none of this thread
 */
public record ScrewThread(
        String designation,
        boolean inch,
        double diameter,
        double pitch,
        double stressArea,
        double plainNut,
        double lockingNut,
        String spanner,
        Optional<TorqueRange> aircraftTorque) {
    private static final double MM = 1e-3;
    private static final double INCH_POUND_FORCE = 0.112984829;
    /** Heads and nuts across corners, and heads, by nominal diameter: ISO 4014 roughly; common practice. */
    private static final double ACROSS_CORNERS = 1.75;

    private static final double HEAD = 0.65;
    private static final double WASHER = 2.0;
    private static final double WASHER_THICK = 0.2;

    private static final List<ScrewThread> ALL = load();

    /** N m, dry, tension nuts: FAA AC 43.13-1B, table 7-1 (from memory). */
    public record TorqueRange(double low, double high) {
        public double middle() {
            return (low + high) / 2;
        }
    }

    /** All, thinnest first, coarse before fine. */
    public static List<ScrewThread> all() {
        return ALL;
    }

    /** @param designation as it is written on the bag; a metric one without pitch is the coarse one */
    public static Optional<ScrewThread> find(String designation) {
        String wanted = designation.strip().replace('×', 'x').replace(" ", "");
        return ALL.stream()
                .filter(each -> each.designation.equalsIgnoreCase(wanted)
                        || each.isCoarseMetric() && each.size().equalsIgnoreCase(wanted))
                .findFirst();
    }

    /** @throws InvalidValue if nobody sells it */
    public static ScrewThread of(String field, String designation) {
        return find(designation).orElseThrow(() -> new InvalidValue(field, complaint(designation)));
    }

    private static String complaint(String designation) {
        return "is \"" + designation + "\", must be one of "
                + ALL.stream().map(ScrewThread::designation).collect(Collectors.joining(", "));
    }

    /** The thickest usual thread that goes through a hole: coarse among the metric ones, fine among the inch ones; bore in m. */
    public static Optional<ScrewThread> forBore(double bore, boolean inch) {
        Optional<ScrewThread> best = Optional.empty();
        for (ScrewThread each : ALL) {
            boolean usual = inch ? each.inch && each.isFine() : each.isCoarseMetric();
            if (usual && each.diameter <= bore + 1e-9) {
                best = best.filter(thick -> thick.diameter >= each.diameter).or(() -> Optional.of(each));
            }
        }
        return best;
    }

    public boolean isFine() {
        return ALL.stream().anyMatch(other -> other.inch == inch && other.diameter == diameter && other.pitch > pitch);
    }

    private boolean isCoarseMetric() {
        return !inch && !isFine();
    }

    private String size() {
        return designation.substring(0, designation.indexOf('x'));
    }

    /** Of the round that the head and nut need to turn in, m. */
    public double acrossCorners() {
        return ACROSS_CORNERS * diameter;
    }

    /** m */
    public double nutHeight(Nut nut) {
        return nut == Nut.PLAIN ? plainNut : lockingNut;
    }

    public double headHeight() {
        return HEAD * diameter;
    }

    /** Of its plain washer, m. */
    public double washerDiameter() {
        return WASHER * diameter;
    }

    public double washerThickness() {
        return WASHER_THICK * diameter;
    }

    private static Optional<TorqueRange> torque(CSVRecord row) {
        String low = row.get("aircraft_torque_low_in_lbf");
        return low.isEmpty()
                ? Optional.empty()
                : Optional.of(new TorqueRange(
                        Double.parseDouble(low) * INCH_POUND_FORCE,
                        Double.parseDouble(row.get("aircraft_torque_high_in_lbf")) * INCH_POUND_FORCE));
    }

    private static List<ScrewThread> load() {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (InputStream in = ScrewThread.class.getResourceAsStream("/oddcradle/core/catalog/threads.csv")) {
            List<ScrewThread> threads = new ArrayList<>();
            for (CSVRecord row : format.parse(new InputStreamReader(in, StandardCharsets.UTF_8))) {
                threads.add(new ScrewThread(
                        row.get("designation"),
                        row.get("system").equals("inch"),
                        Double.parseDouble(row.get("diameter_mm")) * MM,
                        Double.parseDouble(row.get("pitch_mm")) * MM,
                        Double.parseDouble(row.get("stress_area_mm2")) * MM * MM,
                        Double.parseDouble(row.get("nut_mm")) * MM,
                        Double.parseDouble(row.get("locking_nut_mm")) * MM,
                        row.get("spanner"),
                        torque(row)));
            }
            return List.copyOf(threads);
        } catch (IOException unreadable) {
            throw new UncheckedIOException("threads.csv inside the program cannot be read", unreadable);
        }
    }
}
