package oddcradle.files.table;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import oddcradle.core.units.Kind;

/**
 * The pressure in a cylinder over one cycle from a table: {@code angle [deg], pressure [bar]}, absolute, 0 at firing top dead
 * centre, counted from there or on both sides of it; in any order and at any steps.
 */
public final class PressureTable {
    private static final int SAMPLES = 720;
    private static final int FEWEST_ROWS = 36;
    /** A wider hole in the curve is no curve, rad. */
    private static final double WIDEST = Math.toRadians(12);

    /** Of the greatest pressure: one angle cannot have two pressures farther apart. */
    private static final double SAME = 0.02;

    private PressureTable() {}

    /**
     * @param cycle rad: 4 pi for a four-stroke, 2 pi for a two-stroke
     * @return evenly over the cycle from firing top dead centre, Pa
     * @throws UnreadableTable naming what is wrong: too few rows, a part of the cycle missing, ends that do not meet
     */
    public static List<Double> read(Path path, double cycle) throws IOException {
        Table table = Table.read(path);
        List<Double> angles = table.quantities(table.column("angle", "crank", "crank angle"), Kind.ANGLE, "deg");
        List<Double> pressures = table.quantities(table.column("pressure", "p"), Kind.STRESS, "bar");
        if (angles.size() < FEWEST_ROWS) {
            throw new UnreadableTable(
                    table.file(), "has " + angles.size() + " rows, a cycle needs at least " + FEWEST_ROWS);
        }
        double greatest = pressures.stream().mapToDouble(Math::abs).max().orElseThrow();
        TreeMap<Double, Double> curve = new TreeMap<>();
        for (int k = 0; k < angles.size(); k++) {
            double turns = angles.get(k) / cycle;
            // A hair before the end is the beginning.
            double at = Math.rint((turns - Math.floor(turns)) * 1e9) / 1e9 % 1;
            Double before = curve.put(at, pressures.get(k));
            if (before != null && Math.abs(before - pressures.get(k)) > SAME * greatest) {
                throw new UnreadableTable(
                        table.file(),
                        String.format(
                                Locale.ROOT,
                                "does not close: at %.0f° it has both %.2f and %.2f bar; give one whole cycle of"
                                        + " %.0f° from firing top dead centre",
                                Math.toDegrees(at * cycle),
                                before / 1e5,
                                pressures.get(k) / 1e5,
                                Math.toDegrees(cycle)));
            }
        }
        requireWhole(table.file(), curve, cycle);
        List<Double> even = new ArrayList<>();
        for (int k = 0; k < SAMPLES; k++) {
            even.add(at(curve, (double) k / SAMPLES));
        }
        return even;
    }

    private static void requireWhole(String file, TreeMap<Double, Double> curve, double cycle) throws UnreadableTable {
        double last = curve.lastKey() - 1;
        for (double here : curve.keySet()) {
            if ((here - last) * cycle > WIDEST) {
                throw new UnreadableTable(
                        file,
                        String.format(
                                Locale.ROOT,
                                "has nothing between %.0f° and %.0f°; give the whole cycle of %.0f° from firing top dead"
                                        + " centre",
                                Math.toDegrees(last * cycle),
                                Math.toDegrees(here * cycle),
                                Math.toDegrees(cycle)));
            }
            last = here;
        }
    }

    /** Straight between the rows; the cycle begins again behind its end. */
    private static double at(TreeMap<Double, Double> curve, double turn) {
        Map.Entry<Double, Double> low = curve.floorEntry(turn);
        Map.Entry<Double, Double> high = curve.ceilingEntry(turn);
        double from = low == null ? curve.lastKey() - 1 : low.getKey();
        double before = low == null ? curve.lastEntry().getValue() : low.getValue();
        double to = high == null ? curve.firstKey() + 1 : high.getKey();
        double after = high == null ? curve.firstEntry().getValue() : high.getValue();
        return to == from ? before : before + (after - before) * (turn - from) / (to - from);
    }
}
