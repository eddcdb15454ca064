package oddcradle.core.frame;

import oddcradle.core.material.Material;
import oddcradle.core.section.Section;

/**
 * A member that moves: stiffness and consistent mass on the motions of its nodes, and of its ends where these are released, each of which is an unknown
 * of its own with its mass. Exact static shapes of the Timoshenko element with rotary inertia: Przemieniecki, Theory of Matrix Structural
 * Analysis, 1968; Friedman and Kosmatka, Computers and Structures 47 (1993), 473 (both from memory).
 */
final class MovingBeam {
    final BeamElement beam;
    /** Local motions of its ends that are unknowns of their own. */
    final int[] released;

    private final double[][] stiffness;
    private final double[][] mass;

    MovingBeam(BeamElement beam) {
        this.beam = beam;
        this.released = beam.releasedMotions();
        double[][] onto = beam.endMotions(released);
        this.stiffness = congruent(beam.freeStiffness(), onto);
        this.mass = congruent(localMass(beam), onto);
    }

    /** Unknowns: six of node i, six of node j, the released ones. */
    int size() {
        return 12 + released.length;
    }

    double stiffness(int row, int column) {
        return stiffness[row][column];
    }

    double mass(int row, int column) {
        return mass[row][column];
    }

    /** T' A T of a 12 by 12 matrix by rows. */
    private static double[][] congruent(double[] a, double[][] t) {
        int n = t[0].length;
        double[][] half = new double[12][n];
        for (int i = 0; i < 12; i++) {
            for (int k = 0; k < 12; k++) {
                for (int j = 0; j < n; j++) {
                    half[i][j] += a[12 * i + k] * t[k][j];
                }
            }
        }
        double[][] result = new double[n][n];
        for (int i = 0; i < n; i++) {
            for (int k = 0; k < 12; k++) {
                for (int j = 0; j < n; j++) {
                    result[i][j] += t[k][i] * half[k][j];
                }
            }
        }
        return result;
    }

    private static double[] localMass(BeamElement beam) {
        Section section = beam.member.section();
        Material material = beam.member.material();
        double rho = material.density();
        double length = beam.length;
        double line = rho * section.area() * length;
        double[] m = new double[144];
        stretch(m, 0, line);
        stretch(m, 3, rho * (section.secondMomentY() + section.secondMomentZ()) * length);
        bending(m, 1, 5, 1, line, rho * section.secondMomentZ(), length, beam.shearParameter(5));
        bending(m, 2, 4, -1, line, rho * section.secondMomentY(), length, beam.shearParameter(4));
        return m;
    }

    private static void stretch(double[] m, int motion, double whole) {
        put(m, motion, motion, whole / 3);
        put(m, motion + 6, motion + 6, whole / 3);
        put(m, motion, motion + 6, whole / 6);
    }

    /** @param sign +1 where a positive rotation lifts the far end (about z), -1 where it lowers it (about y) */
    private static void bending(
            double[] m, int shift, int turn, int sign, double line, double rhoI, double length, double shear) {
        double f = shear;
        double square = (1 + f) * (1 + f);
        double u = line / square;
        double v = rhoI / (square * length);
        double a = 13.0 / 35 + 7 * f / 10 + f * f / 3;
        double b = sign * (11.0 / 210 + 11 * f / 120 + f * f / 24) * length;
        double c = 9.0 / 70 + 3 * f / 10 + f * f / 6;
        double d = sign * (13.0 / 420 + 3 * f / 40 + f * f / 24) * length;
        double e = (1.0 / 105 + f / 60 + f * f / 120) * length * length;
        double far = (1.0 / 140 + f / 60 + f * f / 120) * length * length;
        double g = sign * (0.1 - f / 2) * length;
        double h = (2.0 / 15 + f / 6 + f * f / 3) * length * length;
        double j = (-1.0 / 30 - f / 6 + f * f / 6) * length * length;
        int shift2 = shift + 6;
        int turn2 = turn + 6;
        put(m, shift, shift, u * a + v * 1.2);
        put(m, shift2, shift2, u * a + v * 1.2);
        put(m, shift, shift2, u * c - v * 1.2);
        put(m, shift, turn, u * b + v * g);
        put(m, shift2, turn2, -u * b - v * g);
        put(m, shift, turn2, -u * d + v * g);
        put(m, turn, shift2, u * d - v * g);
        put(m, turn, turn, u * e + v * h);
        put(m, turn2, turn2, u * e + v * h);
        put(m, turn, turn2, -u * far + v * j);
    }

    private static void put(double[] m, int row, int column, double value) {
        m[12 * row + column] = value;
        m[12 * column + row] = value;
    }
}
