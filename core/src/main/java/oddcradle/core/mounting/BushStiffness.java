package oddcradle.core.mounting;

import java.util.Optional;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.ModifiedBessel;

/**
 * Stiffness of a sleeve of rubber bonded to an inner and an outer tube, ends free; incompressible, small strain.
 *
 * <p>Along 2 pi G L / ln and about the axis: Adkins and Gent, Load-deflexion relations of rubber bush mountings, 1954 (from memory),
 * as are the two limits of the stiffness across: a bush so long that nothing bulges, and one so short that nothing holds it in
 * plane. Across at the true length: Horton, Gover and Tupholme, Stiffness of rubber bush mountings subjected to radial loading,
 * Rubber Chemistry and Technology 73, 2000: the rubber swells along the axis in proportion to the distance from the middle, held
 * by {@code alpha^2 = 60 / L^2} (from memory, the rest derived here). Within 6 % of a numerical solution of the elastic body for
 * lengths of half a wall to eight walls, held in the tests.
 *
 * @param axial N/m
 * @param torsional N m/rad
 * @param radial N/m, of the true length
 * @param radialLong N/m, ends held
 * @param radialShort N/m, ends free to bulge all over
 * @param radialLongBulk N/m, ends held, the rubber's volume gives; empty where its bulk modulus is not known
 */
public record BushStiffness(
        double axial,
        double torsional,
        double radial,
        double radialLong,
        double radialShort,
        Optional<Double> radialLongBulk) {
    private static final double ENDS = 60;

    /**
     * @param inner radius, m
     * @param outer radius, m, more than the inner
     * @param length m
     * @param shearModulus Pa
     * @param bulkModulus Pa; empty where it is taken as stiff without end
     */
    public static BushStiffness of(
            double inner, double outer, double length, double shearModulus, Optional<Double> bulkModulus) {
        Guard.positive("inner_radius", inner, "m");
        Guard.positive("outer_radius", outer, "m");
        Guard.positive("length", length, "m");
        Guard.positive("G", shearModulus, "Pa");
        if (outer <= inner) {
            throw new InvalidValue(
                    "outer_radius", "is " + outer + " m, must be more than the inner radius, " + inner + " m");
        }
        double unit = Math.PI * shearModulus * length;
        double log = Math.log(outer / inner);
        double q = (outer * outer - inner * inner) / (outer * outer + inner * inner);
        return new BushStiffness(
                2 * unit / log,
                4 * unit / (1 / (inner * inner) - 1 / (outer * outer)),
                8 * unit * carried(inner, outer, length),
                4 * unit / (log - q),
                80 * unit / (25 * log - 9 * q),
                bulkModulus.map(bulk -> withBulk(unit, log, q, shearModulus, bulk)));
    }

    private static double withBulk(double unit, double log, double q, double shearModulus, double bulk) {
        Guard.positive("bulk", bulk, "Pa");
        double poisson = (3 * bulk - 2 * shearModulus) / (6 * bulk + 2 * shearModulus);
        double k = 3 - 4 * poisson;
        return 2 * unit * k * (k + 1) / (k * k * log - q);
    }

    /**
     * The inner tube moves by 1 m along theta = 0: {@code u = U cos, v = V sin} in the plane and {@code z w cos} along the axis. The
     * pressure is {@code -2 G w} and a harmonic part; w = A I1(alpha r) + B K1(alpha r) + C r + D / r, and only D carries a force
     * through the rubber, 8 pi G D on each metre. Each row: U, V and w of one part of that.
     *
     * @return D, by U = 1, V = -1 on the inner tube, both nil on the outer, and w nil on both; 1 for a metre
     */
    private static double carried(double inner, double outer, double length) {
        double alpha = Math.sqrt(ENDS) / length;
        double[][] atInner = parts(inner, inner, outer, alpha);
        double[][] atOuter = parts(outer, inner, outer, alpha);
        double[][] rows = new double[6][6];
        for (int part = 0; part < 6; part++) {
            for (int field = 0; field < 3; field++) {
                rows[field][part] = atInner[part][field];
                rows[3 + field][part] = atOuter[part][field];
            }
        }
        return DenseAlgebra.solve(rows, new double[] {1, -1, 0, 0, 0, 0})
                .orElseThrow(() -> new InvalidValue("outer_radius", "leaves no wall of rubber"))[3];
    }

    private static double[][] parts(double r, double inner, double outer, double alpha) {
        double x = alpha * r;
        // Scaled to 1 where each is greatest, so that the equations stay solvable for thick and for thin.
        double rising = Math.exp(x - alpha * outer) / ModifiedBessel.i1(alpha * outer);
        double i1 = ModifiedBessel.i1(x) * rising;
        double risingSlope = alpha * (ModifiedBessel.i0(x) * rising - i1 / x);
        double falling = Math.exp(alpha * inner - x) / ModifiedBessel.k1(alpha * inner);
        double k1 = ModifiedBessel.k1(x) * falling;
        double fallingSlope = -alpha * (ModifiedBessel.k0(x) * falling + k1 / x);
        double squared = alpha * alpha;
        double log = Math.log(r / outer);
        return new double[][] {
            {-risingSlope / squared, i1 / squared / r, i1},
            {-fallingSlope / squared, k1 / squared / r, k1},
            {r * r / 8, -11 * r * r / 8, r},
            {1.5 - 2.5 * log, 2.5 * log, 1 / r},
            {1, -1, 0},
            {-1 / (r * r), -1 / (r * r), 0}
        };
    }
}
