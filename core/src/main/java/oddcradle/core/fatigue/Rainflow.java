package oddcradle.core.fatigue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/** Counts the cycles of a history, rainflow by ASTM E1049-85, 5.4.4 and 5.4.5 (from memory). */
public final class Rainflow {
    private static final int MOST = 2_000_000;
    /** Rows nearer than that share of the widest range are one. */
    private static final double ALIKE = 1e-9;

    private Rainflow() {}

    /** Of a history that happens once, Pa: what does not close is half a cycle (5.4.4). */
    public static List<Cycle> once(List<Double> history) {
        return count(turningPoints(checked(history)), false);
    }

    /** Of a block that comes again and again, Pa: it begins at its largest value and all its cycles close (5.4.5). */
    public static List<Cycle> repeating(List<Double> block) {
        List<Double> closed = new ArrayList<>(checked(block));
        if (closed.size() > 1 && closed.get(0).equals(closed.get(closed.size() - 1))) {
            closed.remove(closed.size() - 1);
        }
        int largest = 0;
        for (int k = 1; k < closed.size(); k++) {
            largest = closed.get(k) > closed.get(largest) ? k : largest;
        }
        List<Double> turned = new ArrayList<>(closed.subList(largest, closed.size()));
        turned.addAll(closed.subList(0, largest));
        turned.add(closed.get(largest));
        return count(turningPoints(turned), true);
    }

    /** @param history Pa */
    public static List<Cycle> once(double[] history) {
        return once(Arrays.stream(history).boxed().toList());
    }

    /** @param block Pa */
    public static List<Cycle> repeating(double[] block) {
        return repeating(Arrays.stream(block).boxed().toList());
    }

    private static List<Double> checked(List<Double> history) {
        Guard.within("history", history.size(), 1, MOST, "values");
        for (int k = 0; k < history.size(); k++) {
            if (!Double.isFinite(history.get(k))) {
                throw new InvalidValue("history[" + k + "]", "is " + history.get(k) + ", must be a number");
            }
        }
        return history;
    }

    /** Peaks and valleys, the first and the last value among them. */
    private static List<Double> turningPoints(List<Double> values) {
        List<Double> points = new ArrayList<>();
        for (double value : values) {
            int n = points.size();
            if (n > 0 && points.get(n - 1) == value) {
                continue;
            }
            if (n > 1 && (points.get(n - 1) - points.get(n - 2)) * (value - points.get(n - 1)) > 0) {
                points.set(n - 1, value);
            } else {
                points.add(value);
            }
        }
        return points;
    }

    private static List<Cycle> count(List<Double> points, boolean whole) {
        List<Cycle> cycles = new ArrayList<>();
        List<Double> open = new ArrayList<>();
        for (double point : points) {
            open.add(point);
            while (open.size() >= 3) {
                int n = open.size();
                double last = Math.abs(open.get(n - 1) - open.get(n - 2));
                double before = Math.abs(open.get(n - 2) - open.get(n - 3));
                if (last < before) {
                    break;
                }
                if (n == 3 && !whole) {
                    cycles.add(cycle(open.get(0), open.get(1), 0.5));
                    open.remove(0);
                } else {
                    cycles.add(cycle(open.get(n - 3), open.get(n - 2), 1));
                    open.subList(n - 3, n - 1).clear();
                }
            }
        }
        for (int k = 1; k < open.size(); k++) {
            cycles.add(cycle(open.get(k - 1), open.get(k), 0.5));
        }
        return merged(cycles);
    }

    private static Cycle cycle(double from, double to, double count) {
        return new Cycle(Math.abs(to - from), (from + to) / 2, count);
    }

    private static List<Cycle> merged(List<Cycle> cycles) {
        double widest = cycles.stream().mapToDouble(Cycle::range).max().orElse(0);
        List<Cycle> sorted = new ArrayList<>(cycles);
        sorted.sort((a, b) -> Math.abs(a.range() - b.range()) <= ALIKE * widest
                ? Double.compare(a.mean(), b.mean())
                : Double.compare(a.range(), b.range()));
        List<Cycle> merged = new ArrayList<>();
        for (Cycle each : sorted) {
            Cycle last = merged.isEmpty() ? null : merged.get(merged.size() - 1);
            if (last != null
                    && Math.abs(last.range() - each.range()) <= ALIKE * widest
                    && Math.abs(last.mean() - each.mean()) <= ALIKE * widest) {
                merged.set(merged.size() - 1, new Cycle(last.range(), last.mean(), last.count() + each.count()));
            } else {
                merged.add(each);
            }
        }
        return merged;
    }
}
