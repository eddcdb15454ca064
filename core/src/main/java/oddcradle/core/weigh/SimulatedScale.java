package oddcradle.core.weigh;

import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;

/** A stand-in for bathroom scales under a level body of known mass: what each shows, with its noise and steps of 0.1 kg. */
public final class SimulatedScale {
    private static final double STEP = 0.1;

    private SimulatedScale() {}

    /**
     * @param scales where they stand, and how well they read; more than three share the weight as springs alike
     * @return the same with what they show
     */
    public static Weighing.Scales read(Weighing.Scales scales, MassProperties body, RandomGenerator noise) {
        List<Vec3> at =
                scales.readings().stream().map(Weighing.ScaleReading::point).toList();
        double[] shares = shares(at, body.cg());
        List<Weighing.ScaleReading> readings = new ArrayList<>();
        for (int k = 0; k < at.size(); k++) {
            double shown = body.mass() * shares[k] + scales.sigma() * noise.nextGaussian();
            readings.add(new Weighing.ScaleReading(at.get(k), Math.max(0, Math.rint(shown / STEP) * STEP)));
        }
        return new Weighing.Scales(scales.id(), readings, scales.sigma());
    }

    /** Least shares that add up to one and balance the moments; where a moment cannot be balanced, as near as can be. */
    private static double[] shares(List<Vec3> at, Vec3 cg) {
        double[][] normal = new double[3][3];
        for (Vec3 p : at) {
            double[] row = {1, p.x() - cg.x(), p.y() - cg.y()};
            for (int i = 0; i < 3; i++) {
                for (int j = 0; j < 3; j++) {
                    normal[i][j] += row[i] * row[j];
                }
            }
        }
        for (int k = 0; k < 3; k++) {
            normal[k][k] += 1e-12;
        }
        double[] plane = DenseAlgebra.solve(normal, new double[] {1, 0, 0}).orElseThrow();
        double[] shares = new double[at.size()];
        for (int k = 0; k < shares.length; k++) {
            shares[k] = plane[0]
                    + plane[1] * (at.get(k).x() - cg.x())
                    + plane[2] * (at.get(k).y() - cg.y());
        }
        return shares;
    }
}
