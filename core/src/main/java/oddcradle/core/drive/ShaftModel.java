package oddcradle.core.drive;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.section.Round;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;

/**
 * A stepped shaft on bearings, seen in one plane: how it bends under side loads and how fast it may turn.
 *
 * <p>Beam elements with shear after Timoshenko, their consistent mass with rotary inertia after Friedman and Kosmatka, Computers
 * and Structures 47 (1993) (from memory); Cowper's shear coefficients. Gyroscopic effects are left out, so the critical speed
 * is the natural frequency at standstill.
 *
 * @param young Pa
 * @param density kg/m3
 * @param poisson 0 to 0.5
 * @param shear whether shear gives way; otherwise Euler's beam
 * @param segments from one end to the other, at least one
 * @param discs that ride on it, as points
 * @param bearings at least two
 */
public record ShaftModel(
        double young,
        double density,
        double poisson,
        boolean shear,
        List<Segment> segments,
        List<Disc> discs,
        List<Bearing> bearings) {
    private static final int PIECES = 24;
    private static final int MOST_PARTS = 200;
    private static final double SAME_PLACE = 1e-9;
    private static final double MOST_POISSON = 0.4999;
    /** Deflection that a length with only one bearing in effect would take, in lengths: no longer a shaft on bearings. */
    private static final double APART = 1e-6;

    /** Outside and bore diameter, m; bore 0 for solid. */
    public record Segment(double length, double od, double bore) {
        public Segment {
            Guard.positive("length", length, "m");
            Guard.positive("od", od, "m");
            Guard.notNegative("id", bore, "m");
            if (bore >= od) {
                throw new InvalidValue("id", "is " + bore + " m, must be less than od, " + od + " m");
            }
        }

        Section section() {
            return bore == 0 ? new Round(od) : new Tube(od, (od - bore) / 2);
        }
    }

    /**
     * @param x along the shaft, m
     * @param mass kg
     */
    public record Disc(double x, double mass) {
        public Disc {
            Guard.notNegative("x", x, "m");
            Guard.notNegative("mass", mass, "kg");
        }
    }

    /**
     * @param stiffness N/m; empty where the bearing holds rigidly
     * @param x along the shaft, m
     */
    public record Bearing(double x, Optional<Double> stiffness) {
        public Bearing {
            Guard.notNegative("x", x, "m");
            stiffness.ifPresent(k -> Guard.positive("k", k, "N/m"));
        }
    }

    /** A side load, N, at a place along the shaft. */
    public record Load(double x, double force) {}

    public ShaftModel {
        Guard.positive("E", young, "Pa");
        Guard.positive("rho", density, "kg/m3");
        Guard.within("nu", poisson, 0, MOST_POISSON, "");
        segments = bounded("segments", segments);
        discs = bounded("discs", discs);
        bearings = bounded("bearings", bearings);
        if (segments.isEmpty()) {
            throw new InvalidValue("segments", "is empty, a shaft needs at least one");
        }
        double length = segments.stream().mapToDouble(Segment::length).sum();
        for (int k = 0; k < discs.size(); k++) {
            Guard.within("discs[" + k + "].x", discs.get(k).x(), 0, length, "m");
        }
        for (int k = 0; k < bearings.size(); k++) {
            Guard.within("bearings[" + k + "].x", bearings.get(k).x(), 0, length, "m");
        }
        double first = bearings.stream().mapToDouble(Bearing::x).min().orElse(0);
        double last = bearings.stream().mapToDouble(Bearing::x).max().orElse(0);
        if (last - first < APART * length) {
            throw new InvalidValue(
                    "bearings",
                    "hold the shaft at " + Math.min(1, bearings.size())
                            + " place; it would swing freely, two bearings apart are needed");
        }
    }

    private static <T> List<T> bounded(String field, List<T> parts) {
        if (parts.size() > MOST_PARTS) {
            throw new InvalidValue(field, "has " + parts.size() + " entries, at most " + MOST_PARTS + " are taken");
        }
        return List.copyOf(parts);
    }

    /** m */
    public double length() {
        return segments.stream().mapToDouble(Segment::length).sum();
    }

    /** First lateral critical speed, rad/s. */
    public double criticalSpeed() {
        Beam beam = new Beam(this, List.of(), PIECES);
        double[][] mass = beam.reduced(beam.mass);
        // The eigenvalues of mass against stiffness are one over the squared speeds: the largest belongs to the lowest.
        DenseAlgebra.Eigen eigen = DenseAlgebra.generalised(mass, beam.reduced(beam.stiffness))
                .orElseThrow(() -> new InvalidValue("bearings", "leave the shaft free to move; add one"));
        return 1 / Math.sqrt(eigen.value(eigen.count() - 1));
    }

    /**
     * How it bends.
     *
     * @param x places along the shaft, m, ascending; the loads and bearings are among them
     * @param deflections m
     * @param slopes rad
     * @param moments bending moments, N m
     * @param reactions force of each bearing on the shaft, N, in the order of the bearings
     */
    public record Bending(
            List<Double> x,
            List<Double> deflections,
            List<Double> slopes,
            List<Double> moments,
            List<Double> reactions) {
        /** Index of the station at a place that was given. Index of the node at a place along the shaft, m. */
        public int at(double place) {
            for (int k = 0; k < x.size(); k++) {
                if (Math.abs(x.get(k) - place) <= SAME_PLACE) {
                    return k;
                }
            }
            throw new InvalidValue("x", "is " + place + " m, which is no load and no bearing");
        }
    }

    /** Bent by side loads in one plane. */
    public Bending bentBy(List<Load> loads) {
        for (Load load : loads) {
            Guard.within("load x", load.x(), 0, length(), "m");
        }
        // Point loads bend an even piece exactly, however long it is.
        Beam beam = new Beam(this, loads.stream().map(Load::x).toList(), 1);
        double[] force = new double[2 * beam.x.length];
        for (Load load : loads) {
            force[2 * beam.station(load.x())] += load.force();
        }
        double[] moved = beam.solve(force);
        List<Double> reactions = new ArrayList<>();
        double[] held = beam.times(beam.stiffness, moved);
        for (Bearing bearing : bearings) {
            int at = 2 * beam.station(bearing.x());
            reactions.add(bearing.stiffness().map(k -> -k * moved[at]).orElseGet(() -> held[at] - force[at]));
        }
        List<Double> x = new ArrayList<>();
        List<Double> deflections = new ArrayList<>();
        List<Double> slopes = new ArrayList<>();
        List<Double> moments = new ArrayList<>();
        for (int k = 0; k < beam.x.length; k++) {
            x.add(beam.x[k]);
            deflections.add(moved[2 * k]);
            slopes.add(moved[2 * k + 1]);
            moments.add(moment(beam.x[k], loads, reactions));
        }
        return new Bending(x, deflections, slopes, moments, reactions);
    }

    /** Of everything to the left. */
    private double moment(double x, List<Load> loads, List<Double> reactions) {
        double moment = 0;
        for (Load load : loads) {
            moment += load.force() * Math.max(0, x - load.x());
        }
        for (int k = 0; k < bearings.size(); k++) {
            moment += reactions.get(k) * Math.max(0, x - bearings.get(k).x());
        }
        return moment;
    }

    /** The shaft cut into pieces: deflection and slope at every station. */
    private static final class Beam {
        private final double[] x;
        private final double[][] stiffness;
        private final double[][] mass;
        private final boolean[] fixed;

        Beam(ShaftModel shaft, List<Double> places, int pieces) {
            x = stations(shaft, places, pieces);
            stiffness = new double[2 * x.length][2 * x.length];
            mass = new double[2 * x.length][2 * x.length];
            fixed = new boolean[2 * x.length];
            for (int k = 1; k < x.length; k++) {
                double middle = (x[k - 1] + x[k]) / 2;
                addPiece(shaft, segmentAt(shaft, middle).section(), k - 1, x[k] - x[k - 1]);
            }
            shaft.discs.forEach(disc -> mass[2 * station(disc.x())][2 * station(disc.x())] += disc.mass());
            for (Bearing bearing : shaft.bearings) {
                int at = 2 * station(bearing.x());
                stiffness[at][at] += bearing.stiffness().orElse(0.0);
                fixed[at] |= bearing.stiffness().isEmpty();
            }
        }

        private static double[] stations(ShaftModel shaft, List<Double> places, int perLength) {
            TreeSet<Double> marks = new TreeSet<>(places);
            marks.add(0.0);
            double end = 0;
            for (Segment segment : shaft.segments) {
                end += segment.length();
                marks.add(end);
            }
            shaft.discs.forEach(disc -> marks.add(disc.x()));
            shaft.bearings.forEach(bearing -> marks.add(bearing.x()));
            List<Double> stations = new ArrayList<>(List.of(0.0));
            for (double mark : marks) {
                double from = stations.get(stations.size() - 1);
                if (mark - from <= SAME_PLACE) {
                    continue;
                }
                int pieces = (int) Math.ceil((mark - from) / end * perLength);
                for (int k = 1; k <= pieces; k++) {
                    stations.add(from + (mark - from) * k / pieces);
                }
            }
            return stations.stream().mapToDouble(Double::doubleValue).toArray();
        }

        private static Segment segmentAt(ShaftModel shaft, double place) {
            double end = 0;
            for (Segment segment : shaft.segments) {
                end += segment.length();
                if (place < end) {
                    return segment;
                }
            }
            return shaft.segments.get(shaft.segments.size() - 1);
        }

        private int station(double place) {
            int nearest = 0;
            for (int k = 1; k < x.length; k++) {
                nearest = Math.abs(x[k] - place) < Math.abs(x[nearest] - place) ? k : nearest;
            }
            return nearest;
        }

        private void addPiece(ShaftModel shaft, Section section, int left, double l) {
            double bending = shaft.young * section.secondMomentY();
            double shearModulus = shaft.young / (2 * (1 + shaft.poisson));
            double phi = shaft.shear
                    ? 12 * bending / (section.shearCoefficientY(shaft.poisson) * shearModulus * section.area() * l * l)
                    : 0;
            double k = bending / ((1 + phi) * l * l * l);
            add(stiffness, left, k, new double[][] {
                {12, 6 * l, -12, 6 * l},
                {6 * l, (4 + phi) * l * l, -6 * l, (2 - phi) * l * l},
                {-12, -6 * l, 12, -6 * l},
                {6 * l, (2 - phi) * l * l, -6 * l, (4 + phi) * l * l}
            });
            double p2 = phi * phi;
            double a = 70 * p2 + 147 * phi + 78;
            double b = (35 * p2 + 77 * phi + 44) * l / 4;
            double c = 35 * p2 + 63 * phi + 27;
            double d = (35 * p2 + 63 * phi + 26) * l / 4;
            double e = (7 * p2 + 14 * phi + 8) * l * l / 4;
            double f = (7 * p2 + 14 * phi + 6) * l * l / 4;
            add(mass, left, shaft.density * section.area() * l / (210 * (1 + phi) * (1 + phi)), new double[][] {
                {a, b, c, -d}, {b, e, d, -f}, {c, d, a, -b}, {-d, -f, -b, e}
            });
            double g = (15 * phi - 3) * l;
            double h = (10 * p2 + 5 * phi + 4) * l * l;
            double i = (5 * p2 - 5 * phi - 1) * l * l;
            double rotary = shaft.density * section.secondMomentY() / (30 * (1 + phi) * (1 + phi) * l);
            add(mass, left, rotary, new double[][] {{36, -g, -36, -g}, {-g, h, g, i}, {-36, g, 36, g}, {-g, i, g, h}});
        }

        private static void add(double[][] whole, int left, double factor, double[][] piece) {
            for (int i = 0; i < 4; i++) {
                for (int j = 0; j < 4; j++) {
                    whole[2 * left + i][2 * left + j] += factor * piece[i][j];
                }
            }
        }

        /** Without the rows and columns that rigid bearings hold. */
        double[][] reduced(double[][] whole) {
            int[] free = free();
            double[][] reduced = new double[free.length][free.length];
            for (int i = 0; i < free.length; i++) {
                for (int j = 0; j < free.length; j++) {
                    reduced[i][j] = whole[free[i]][free[j]];
                }
            }
            return reduced;
        }

        private int[] free() {
            List<Integer> free = new ArrayList<>();
            for (int k = 0; k < fixed.length; k++) {
                if (!fixed[k]) {
                    free.add(k);
                }
            }
            return free.stream().mapToInt(Integer::intValue).toArray();
        }

        double[] solve(double[] force) {
            int[] free = free();
            double[] right = new double[free.length];
            for (int k = 0; k < free.length; k++) {
                right[k] = force[free[k]];
            }
            double[] moved = new double[force.length];
            double[] found = DenseAlgebra.solve(reduced(stiffness), right)
                    .orElseThrow(() -> new InvalidValue("bearings", "leave the shaft free to move; add one"));
            for (int k = 0; k < free.length; k++) {
                moved[free[k]] = found[k];
            }
            return moved;
        }

        double[] times(double[][] matrix, double[] vector) {
            double[] product = new double[vector.length];
            for (int i = 0; i < vector.length; i++) {
                for (int j = 0; j < vector.length; j++) {
                    product[i] += matrix[i][j] * vector[j];
                }
            }
            return product;
        }
    }
}
