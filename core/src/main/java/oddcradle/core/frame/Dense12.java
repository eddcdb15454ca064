package oddcradle.core.frame;

import oddcradle.core.math.Vec3;

/** Small fixed-size matrix steps of a two-ended element; 12 by 12 by rows. */
final class Dense12 {
    private Dense12() {}

    static double[] identity() {
        double[] m = new double[144];
        for (int k = 0; k < 12; k++) {
            m[13 * k] = 1;
        }
        return m;
    }

    static double[] times(double[] a, double[] b) {
        double[] c = new double[144];
        for (int i = 0; i < 12; i++) {
            for (int k = 0; k < 12; k++) {
                double factor = a[12 * i + k];
                if (factor != 0) {
                    for (int j = 0; j < 12; j++) {
                        c[12 * i + j] += factor * b[12 * k + j];
                    }
                }
            }
        }
        return c;
    }

    /** C' K C. */
    static double[] congruent(double[] c, double[] k) {
        double[] kc = times(k, c);
        double[] result = new double[144];
        for (int m = 0; m < 12; m++) {
            for (int i = 0; i < 12; i++) {
                double factor = c[12 * m + i];
                if (factor != 0) {
                    for (int j = 0; j < 12; j++) {
                        result[12 * i + j] += factor * kc[12 * m + j];
                    }
                }
            }
        }
        return result;
    }

    /** Nothing along a unit direction any more, exactly, so that rounding leaves no stiffness behind. */
    static void clear(double[] k, double[] direction) {
        for (int pass = 0; pass < 2; pass++) {
            for (int line = 0; line < 12; line++) {
                double along = 0;
                for (int j = 0; j < 12; j++) {
                    along += direction[j] * (pass == 0 ? k[12 * line + j] : k[12 * j + line]);
                }
                for (int j = 0; j < 12; j++) {
                    int at = pass == 0 ? 12 * line + j : 12 * j + line;
                    k[at] = Math.abs(direction[j]) == 1 ? 0 : k[at] - along * direction[j];
                }
            }
        }
    }

    static double[] times12(double[] m, double[] v) {
        double[] result = new double[12];
        for (int i = 0; i < 12; i++) {
            double sum = 0;
            for (int j = 0; j < 12; j++) {
                sum += m[12 * i + j] * v[j];
            }
            result[i] = sum;
        }
        return result;
    }

    static double[] transposedTimes(double[] m, double[] v) {
        double[] result = new double[12];
        for (int i = 0; i < 12; i++) {
            for (int j = 0; j < 12; j++) {
                result[j] += m[12 * i + j] * v[i];
            }
        }
        return result;
    }

    static double[] toLocal(double[] axes, double x, double y, double z) {
        return new double[] {
            axes[0] * x + axes[1] * y + axes[2] * z,
            axes[3] * x + axes[4] * y + axes[5] * z,
            axes[6] * x + axes[7] * y + axes[8] * z
        };
    }

    /** K local to global in place, block by block: R' K R. */
    static void rotateIntoGlobal(double[] k, double[] r) {
        double[] t = new double[9];
        for (int bi = 0; bi < 12; bi += 3) {
            for (int bj = 0; bj < 12; bj += 3) {
                for (int i = 0; i < 3; i++) {
                    int row = 12 * (bi + i) + bj;
                    for (int j = 0; j < 3; j++) {
                        t[3 * i + j] = k[row] * r[j] + k[row + 1] * r[3 + j] + k[row + 2] * r[6 + j];
                    }
                }
                for (int i = 0; i < 3; i++) {
                    int row = 12 * (bi + i) + bj;
                    for (int j = 0; j < 3; j++) {
                        k[row + j] = r[i] * t[j] + r[3 + i] * t[3 + j] + r[6 + i] * t[6 + j];
                    }
                }
            }
        }
    }

    static void vectorToGlobal(double[] f, double[] r) {
        for (int b = 0; b < 12; b += 3) {
            double x = f[b];
            double y = f[b + 1];
            double z = f[b + 2];
            for (int i = 0; i < 3; i++) {
                f[b + i] = r[i] * x + r[3 + i] * y + r[6 + i] * z;
            }
        }
    }

    /** Node motions to the member ends' motions in local axes. */
    static double[] localMotions(double[] u, double[] r, Vec3 armI, Vec3 armJ) {
        double[] ends = u.clone();
        for (int b = 0; b < 12; b += 6) {
            Vec3 arm = b == 0 ? armI : armJ;
            ends[b] += u[b + 4] * arm.z() - u[b + 5] * arm.y();
            ends[b + 1] += u[b + 5] * arm.x() - u[b + 3] * arm.z();
            ends[b + 2] += u[b + 3] * arm.y() - u[b + 4] * arm.x();
        }
        double[] local = new double[12];
        for (int b = 0; b < 12; b += 3) {
            for (int i = 0; i < 3; i++) {
                local[b + i] = r[3 * i] * ends[b] + r[3 * i + 1] * ends[b + 1] + r[3 * i + 2] * ends[b + 2];
            }
        }
        return local;
    }

    /** Moves forces at the member ends to the nodes: adds arm x force to the moments. */
    static void momentsOfArms(double[] f, Vec3 armI, Vec3 armJ) {
        for (int b = 0; b < 12; b += 6) {
            Vec3 arm = b == 0 ? armI : armJ;
            f[b + 3] += arm.y() * f[b + 2] - arm.z() * f[b + 1];
            f[b + 4] += arm.z() * f[b] - arm.x() * f[b + 2];
            f[b + 5] += arm.x() * f[b + 1] - arm.y() * f[b];
        }
    }

    /** Stiffness at the member ends moved to the nodes. */
    static double[] onArms(double[] k, Vec3 armI, Vec3 armJ) {
        if (armI.equals(Vec3.ZERO) && armJ.equals(Vec3.ZERO)) {
            return k;
        }
        double[] h = identity();
        for (int b = 0; b < 12; b += 6) {
            Vec3 a = b == 0 ? armI : armJ;
            h[12 * b + b + 4] = a.z();
            h[12 * b + b + 5] = -a.y();
            h[12 * (b + 1) + b + 5] = a.x();
            h[12 * (b + 1) + b + 3] = -a.z();
            h[12 * (b + 2) + b + 3] = a.y();
            h[12 * (b + 2) + b + 4] = -a.x();
        }
        return congruent(h, k);
    }
}
