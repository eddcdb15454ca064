package oddcradle.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import oddcradle.core.around.Route;
import oddcradle.core.control.Progress;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.odds.BoltUpChance;
import oddcradle.core.seating.Sling;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Odds by linear programs, straps by non-negative least squares and routes by root finding, in SciPy. */
class SciPySeatTest {
    private static String array(Vec3 v) {
        return "[" + v.x() + "," + v.y() + "," + v.z() + "]";
    }

    /**
     * Whether some small placing brings every boss within its clearance: the circle as a polygon of 48 sides, the placing free in
     * slide and turn, a linear program for each draw.
     */
    private static final String ODDS =
            """
            import numpy as np
            from scipy.optimize import linprog
            rng = np.random.default_rng(7)
            places = np.array(PLACES)
            sigma, clearance, tries, fits = SIGMA, CLEARANCE, 1500, 0
            angles = np.arange(48) * 2 * np.pi / 48
            for _ in range(tries):
                rows, right = [], []
                for p in places:
                    e = rng.normal(0, sigma, 2)
                    for a in angles:
                        d = np.array([np.cos(a), np.sin(a)])
                        # (e - shift - turn x p) . d <= clearance
                        rows.append([-d[0], -d[1], p[1] * d[0] - p[0] * d[1]])
                        right.append(clearance - e @ d)
                done = linprog([0, 0, 0], A_ub=rows, b_ub=right, bounds=[(None, None)] * 3, method="highs")
                fits += done.status == 0
            print(fits / tries)
            """;

    @Test
    void oddsOfFiveBosses_agreeWithLinearPrograms(@TempDir Path folder) throws Exception {
        double sigma = 0.0005;
        double clearance = 0.0007;
        SplittableRandom random = new SplittableRandom(2);
        List<Vec3> places = new ArrayList<>();
        for (int k = 0; k < 5; k++) {
            places.add(new Vec3(0.4 * random.nextDouble() - 0.2, 0.3 * random.nextDouble() - 0.15, 0));
        }
        String script = ODDS.replace(
                        "PLACES",
                        places.stream().map(SciPySeatTest::array).toList().toString())
                .replace("SIGMA", Double.toString(sigma))
                .replace("CLEARANCE", Double.toString(clearance));
        double programs = ReferenceProgram.python(folder, script)[0];
        List<BoltUpChance.Bolt> bolts = new ArrayList<>();
        for (int k = 0; k < places.size(); k++) {
            bolts.add(new BoltUpChance.Bolt(
                    "B" + k,
                    places.get(k),
                    Vec3.Z,
                    clearance,
                    0,
                    Vec3.X,
                    Vec3.ZERO,
                    Mat3.IDENTITY.times(sigma * sigma)));
        }
        double drawn = BoltUpChance.of(
                        new BoltUpChance.Input(bolts, List.of(), List.of(), 20_000),
                        new SplittableRandom(1),
                        Progress.UNWATCHED)
                .bolts();
        assertThat(programs).isBetween(0.2, 0.95);
        // Three standard errors of the programs, and what twelve sweeps may miss.
        assertThat(drawn).isCloseTo(programs, within(3 * Math.sqrt(programs * (1 - programs) / 1500) + 0.02));
    }

    @Test
    void strapLoads_agreeWithNonNegativeLeastSquares(@TempDir Path folder) throws Exception {
        SplittableRandom random = new SplittableRandom(4);
        StringBuilder script = new StringBuilder("import numpy as np\nfrom scipy.optimize import nnls\n");
        List<Double> ours = new ArrayList<>();
        for (int k = 0; k < 10; k++) {
            List<Vec3> points = new ArrayList<>();
            for (int s = 0; s < 3; s++) {
                double angle = 2 * Math.PI * s / 3 + 0.5 * random.nextDouble();
                double out = 0.1 + 0.2 * random.nextDouble();
                points.add(new Vec3(out * Math.cos(angle), out * Math.sin(angle), 0.1 * random.nextDouble()));
            }
            double height = 0.5 + random.nextDouble();
            Sling.Hang hang = Sling.of(List.of("a", "b", "c"), points, Vec3.ZERO, 60, height);
            hang.straps().forEach(strap -> ours.add(strap.load()));
            script.append("p = np.array(")
                    .append(points.stream().map(SciPySeatTest::array).toList())
                    .append(")\nd = np.array([0, 0, ")
                    .append(height)
                    .append("]) - p\nd /= np.linalg.norm(d, axis=1)[:, None]\n")
                    .append("x, rest = nnls(d.T, np.array([0, 0, 60 * 9.80665]))\nassert rest < 1e-6\n")
                    .append("print(*x, sep='\\n')\n");
        }
        double[] theirs = ReferenceProgram.python(folder, script.toString());
        for (int k = 0; k < theirs.length; k++) {
            assertThat(ours.get(k)).isCloseTo(theirs[k], within(1e-6));
        }
    }

    @Test
    void routes_agreeWithRootFinding(@TempDir Path folder) throws Exception {
        SplittableRandom random = new SplittableRandom(6);
        StringBuilder script = new StringBuilder(
                """
                import numpy as np
                from scipy.optimize import fsolve
                def angle(a, b):
                    return np.arctan2(np.linalg.norm(np.cross(a, b)), a @ b)
                def length(o, t, i, r):
                    o, i = o / np.linalg.norm(o), i / np.linalg.norm(i)
                    def off(x):
                        run = (t - x[1] * i) - x[0] * o
                        return [x[0] - r * np.tan(angle(o, run) / 2), x[1] - r * np.tan(angle(run, i) / 2)]
                    a, b = fsolve(off, [r / 2, r / 2], xtol=1e-13)
                    run = (t - b * i) - a * o
                    return np.linalg.norm(run) - a - b + r * (angle(o, run) + angle(run, i))
                """);
        List<Double> ours = new ArrayList<>();
        for (int k = 0; k < 25; k++) {
            Vec3 out = new Vec3(1, random.nextDouble() - 0.5, random.nextDouble() - 0.5);
            Vec3 to = new Vec3(0.6 + 0.4 * random.nextDouble(), 0.4 * random.nextDouble(), 0.3 * random.nextDouble());
            Vec3 in = new Vec3(1, random.nextDouble() - 0.5, random.nextDouble() - 0.5);
            ours.add(Route.between(Vec3.ZERO, out, to, in, 0.06).orElseThrow().length());
            script.append("print(length(np.array(")
                    .append(array(out))
                    .append("), np.array(")
                    .append(array(to))
                    .append("), np.array(")
                    .append(array(in))
                    .append("), 0.06))\n");
        }
        double[] theirs = ReferenceProgram.python(folder, script.toString());
        for (int k = 0; k < theirs.length; k++) {
            assertThat(ours.get(k)).isCloseTo(theirs[k], within(1e-8));
        }
    }
}
