package oddcradle.core.frame;

import java.util.List;
import oddcradle.core.material.Material;
import oddcradle.core.section.Section;

/**
 * A member that moves: stiffness and consistent mass on the motions of its nodes, and of its ends where these give, each of which is an unknown
 * of its own with its mass. Exact static shapes of the Timoshenko element with rotary inertia: Przemieniecki, Theory of Matrix Structural
 * Analysis, 1968; Friedman and Kosmatka, Computers and Structures 47 (1993), 473 (both from memory).
 */
final class MovingBeam {
    final BeamElement beam;
    /** Motions of its ends that are unknowns of their own. */
    final List<EndGive> gives;

    private final double[][] stiffness;
    private final double[][] mass;

    MovingBeam(BeamElement beam) {
        this.beam = beam;
        this.gives = beam.gives();
        double[][] held = beam.endMotions();
        double[][] onto = new double[12][size()];
        for (int row = 0; row < 12; row++) {
            System.arraycopy(held[row], 0, onto[row], 0, 12);
        }
        for (int g = 0; g < gives.size(); g++) {
            replace(onto, gives.get(g).direction(), 12 + g);
        }
        this.stiffness = congruent(beam.freeStiffness(), onto);
        this.mass = congruent(localMass(beam), onto);
        for (int g = 0; g < gives.size(); g++) {
            addSpring(held, gives.get(g), 12 + g);
        }
    }

    /** Along a direction the end does what an unknown of its own says, whatever its node does. */
    private static void replace(double[][] onto, double[] direction, int own) {
        for (int column = 0; column < 12; column++) {
            double along = 0;
            for (int row = 0; row < 12; row++) {
                along += direction[row] * onto[row][column];
            }
            for (int row = 0; row < 12; row++) {
                onto[row][column] = Math.abs(direction[row]) == 1 ? 0 : onto[row][column] - along * direction[row];
            }
        }
        for (int row = 0; row < 12; row++) {
            onto[row][own] = direction[row];
        }
    }

    /** Between the end's own unknown and what its node would make it do. */
    private void addSpring(double[][] held, EndGive give, int own) {
        if (give.stiffness() == 0) {
            return;
        }
        double[] apart = new double[size()];
        for (int column = 0; column < 12; column++) {
            for (int row = 0; row < 12; row++) {
                apart[column] += give.direction()[row] * held[row][column];
            }
        }
        apart[own] = -1;
        for (int i = 0; i < apart.length; i++) {
            for (int j = 0; j < apart.length; j++) {
                stiffness[i][j] += give.stiffness() * apart[i] * apart[j];
            }
        }
    }

    /** Unknowns: six of node i, six of node j, one for each way to give. */
    int size() {
        return 12 + gives.size();
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
