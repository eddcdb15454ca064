package oddcradle.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import oddcradle.core.asbuilt.Aim;
import oddcradle.core.asbuilt.BodyOnHoles;
import oddcradle.core.asbuilt.Hole;
import oddcradle.core.asbuilt.Seated;
import oddcradle.core.asbuilt.ShimSearch;
import oddcradle.core.asbuilt.ShimStacks;
import oddcradle.core.control.Progress;
import oddcradle.core.drive.ShaftDials;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A body bolted down by constrained minimisation, and dials by turning shafts in space, in SciPy and NumPy. */
class SciPyFitTest {
    private static final String BOLTED =
            """
            import numpy as np
            from scipy.optimize import minimize
            places, ups, offs = np.array(PLACES), np.array(UPS), np.array(OFFS)
            give, play, n = np.array(GIVE), PLAY, len(PLACES)
            K = np.linalg.inv(give)
            middle = places.mean(axis=0)
            R = np.zeros((3 * n, 6))
            for k, p in enumerate(places):
                a = p - middle
                R[3*k:3*k+3, :3] = np.eye(3)
                R[3*k:3*k+3, 3:] = np.array([[0, a[2], -a[1]], [-a[2], 0, a[0]], [a[1], -a[0], 0]])
            bases = []
            for u in ups:
                t = np.cross(u, [1, 0, 0] if abs(u[0]) < 0.9 else [0, 1, 0]); t /= np.linalg.norm(t)
                bases.append((t, np.cross(u, t)))
            scale = 1e3
            def taken(e):
                o = offs.copy()
                for k in range(n):
                    o[k] += (e[2*k] * bases[k][0] + e[2*k+1] * bases[k][1]) / scale
                return o.ravel()
            def body(o):
                return np.linalg.solve(R.T @ K @ R, R.T @ K @ o)
            def work(e):
                o = taken(e); r = R @ body(o) - o
                return 0.5 * r @ K @ r
            done = minimize(work, np.zeros(2 * n), method="SLSQP", options=dict(ftol=1e-14, maxiter=2000),
                            constraints=[dict(type="ineq", fun=lambda e, k=k: (play * scale)**2 - e[2*k]**2 - e[2*k+1]**2) for k in range(n)])
            print("\\n".join(str(v) for v in [*body(taken(done.x)), done.fun]))
            """;

    @Test
    void bodyBoltedDown_liesWhereTheWorkIsLeast(@TempDir Path folder) throws Exception {
        SplittableRandom random = new SplittableRandom(11);
        for (int round = 0; round < 3; round++) {
            int n = 4 + round;
            List<Hole> holes = new ArrayList<>();
            for (int k = 0; k < n; k++) {
                Vec3 up = new Vec3(random.nextDouble() - 0.5, random.nextDouble() - 0.5, 1.5).unit();
                holes.add(new Hole("M" + k, vector(random, 0.3), up, vector(random, 0.003), 0.0008));
            }
            double[][] give = give(random, n);
            BodyOnHoles body = BodyOnHoles.of(holes.stream().map(Hole::place).toList(), give);
            Seated seated = body.on(holes);
            double work = 0;
            for (int k = 0; k < n; k++) {
                work += 0.5 * seated.forces().get(k).dot(seated.left().get(k));
            }

            double[] theirs = ReferenceProgram.python(
                    folder,
                    BOLTED.replace(
                                    "PLACES",
                                    list(holes.stream().map(Hole::place).toList()))
                            .replace("UPS", list(holes.stream().map(Hole::up).toList()))
                            .replace("OFFS", list(holes.stream().map(Hole::off).toList()))
                            .replace("GIVE", Arrays.deepToString(give))
                            .replace("PLAY", "0.0008"));

            assertThat(work).isCloseTo(theirs[6], within(1e-4 * theirs[6]));
            Vec3 shift = seated.motion().shift();
            Vec3 turn = seated.motion().turn();
            double[] ours = {shift.x(), shift.y(), shift.z(), turn.x(), turn.y(), turn.z()};
            for (int k = 0; k < 6; k++) {
                assertThat(ours[k]).isCloseTo(theirs[k], within(k < 3 ? 5e-6 : 5e-5));
            }
        }
    }

    private static double[][] give(SplittableRandom random, int n) {
        double[][] half = new double[3 * n][3 * n];
        double[][] give = new double[3 * n][3 * n];
        for (double[] row : half) {
            for (int j = 0; j < row.length; j++) {
                row[j] = random.nextDouble() - 0.5;
            }
        }
        for (int i = 0; i < give.length; i++) {
            for (int j = 0; j < give.length; j++) {
                for (int k = 0; k < give.length; k++) {
                    give[i][j] += 1e-7 * half[i][k] * half[j][k];
                }
            }
            give[i][i] += 2e-7;
        }
        return give;
    }

    private static Vec3 vector(SplittableRandom random, double size) {
        return new Vec3(random.nextDouble() - 0.5, random.nextDouble() - 0.5, random.nextDouble() - 0.5).times(size);
    }

    private static String list(List<Vec3> vectors) {
        return vectors.stream()
                .map(v -> "[" + v.x() + "," + v.y() + "," + v.z() + "]")
                .toList()
                .toString();
    }

    /** A bracket turned with the fixed shaft: its plunger points at the movable shaft's axis, on a rim that is round about that axis, and at a face square to it. */
    private static final String DIALS =
            """
            import numpy as np
            from scipy.optimize import brentq
            v0, vs, h0, hs, rim, d, x = V0, VS, H0, HS, 0.05, 0.11, RIMX
            axis = np.array([1, hs, vs]); axis /= np.linalg.norm(axis)
            through = np.array([0, h0, v0])
            def off(p):
                return np.linalg.norm((p - through) - ((p - through) @ axis) * axis)
            angles = [0, np.pi/2, np.pi, 3*np.pi/2]
            rims, faces = [], []
            face = through + axis * x
            for a in angles:
                out = np.array([0, np.sin(a), np.cos(a)])
                # how far the rim stands out from the fixed axis along the plunger: more pushes it in
                rims.append(brentq(lambda r: off(np.array([x, 0, 0]) + r * out) - rim, rim * 0.5, rim * 1.5, xtol=1e-15))
                # the face seen from the fixed machine: nearer to it pushes the plunger in
                p = out * d / 2
                along = ((face - p) @ axis) / axis[0]
                faces.append(-along)
            print("\\n".join(str(v) for v in [*(np.array(rims) - rims[0]), *(np.array(faces) - faces[0])]))
            """;

    @Test
    void dialsTurnedInSpace_areUndoneByRimAndFace(@TempDir Path folder) throws Exception {
        double[] lie = {0.0004, 0.0015, -0.0006, 0.0009};
        double[] read = ReferenceProgram.python(
                folder,
                DIALS.replace("V0", "" + lie[0])
                        .replace("VS", "" + lie[1])
                        .replace("H0", "" + lie[2])
                        .replace("HS", "" + lie[3])
                        .replace("RIMX", "0.02"));

        ShaftDials found = ShaftDials.rimAndFace(
                new ShaftDials.Dial(read[0], read[1], read[2], read[3]),
                new ShaftDials.Dial(read[4], read[5], read[6], read[7]),
                0.11,
                0.02,
                false,
                false,
                0);

        assertThat(found.vertical().offset()).isCloseTo(lie[0], within(5e-6));
        assertThat(found.vertical().slope()).isCloseTo(lie[1], within(2e-5));
        assertThat(found.horizontal().offset()).isCloseTo(lie[2], within(5e-6));
        assertThat(found.horizontal().slope()).isCloseTo(lie[3], within(2e-5));
    }

    /** Every combination of ten stacks under four feet, by NumPy: the least pieces that hold line and feet. */
    private static final String SHIMS =
            """
            import itertools
            import numpy as np
            sizes, low, aims, allowed, line = SIZES, np.array(MISSING), np.array(AIMS), BOUND, REACH
            stacks = {}
            for n in range(4):
                for c in itertools.combinations_with_replacement(sizes, n):
                    t = round(sum(c), 9)
                    stacks[t] = min(stacks.get(t, 99), n)
            feet = np.array(FEET)
            M = np.column_stack([np.ones(4), feet])
            P = np.linalg.pinv(M)
            A = np.column_stack([np.ones(len(aims)), aims])
            best, tried = 99, 0
            for combo in itertools.product(stacks.items(), repeat=4):
                tried += 1
                o = np.array([c[0] for c in combo]) - low
                plane = P @ o
                if np.abs(M @ plane - o).max() <= allowed and np.abs(A @ plane).max() <= line:
                    best = min(best, sum(c[1] for c in combo))
            print(best)
            print(tried)
            """;

    @Test
    void fewestShims_areThoseOfAnExhaustiveSearch(@TempDir Path folder) throws Exception {
        double[][] feet = {{0.2, 0.1}, {-0.2, 0.12}, {-0.2, -0.1}, {0.22, -0.1}};
        double[][] cases = {
            {0.0022, 0, 0.0001, 0}, {0, 0.0035, 0, 0.0012}, {0.001, 0.0011, 0.0009, 0.001}, {0.0046, 0.0002, 0, 0.002}
        };
        List<Double> sizes = List.of(0.001, 0.0025);
        List<Vec3> aims = List.of(new Vec3(0.4, 0, 0), new Vec3(-0.1, 0, 0));
        int found = 0;
        for (double[] low : cases) {
            List<Hole> holes = new ArrayList<>();
            for (int k = 0; k < 4; k++) {
                holes.add(new Hole("M" + k, new Vec3(feet[k][0], feet[k][1], 0), Vec3.Z, new Vec3(0, 0, -low[k]), 0));
            }
            ShimSearch.Result result = ShimSearch.of(
                    new ShimSearch.Input(
                            BodyOnHoles.apart(holes, 1e7, 1e7),
                            holes,
                            List.of(0.0005, 0.0005, 0.0005, 0.0005),
                            ShimStacks.of(sizes),
                            aims.stream()
                                    .map(place -> new Aim(place, Vec3.Z, 0, 0.0012))
                                    .toList(),
                            List.of()),
                    Progress.UNWATCHED);

            double[] theirs = ReferenceProgram.python(
                    folder,
                    SHIMS.replace("SIZES", sizes.toString())
                            .replace("MISSING", Arrays.toString(low))
                            .replace("AIMS", "[[0.4, 0], [-0.1, 0]]")
                            .replace("BOUND", "0.0005")
                            .replace("REACH", "0.0012")
                            .replace("FEET", Arrays.deepToString(feet)));

            assertThat(result.tried()).isEqualTo((int) theirs[1]);
            assertThat(result.best().get(0).holds()).isEqualTo(theirs[0] < 99);
            if (theirs[0] < 99) {
                found++;
                assertThat(result.best().get(0).pieces()).isEqualTo((int) theirs[0]);
            }
        }
        assertThat(found).isGreaterThan(1);
    }
}
