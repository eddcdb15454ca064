package oddcradle.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import oddcradle.core.catalog.BoltGrade;
import oddcradle.core.catalog.ScrewThread;
import oddcradle.core.frame.FactoredFrame;
import oddcradle.core.frame.FrameFlexibility;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.Theory;
import oddcradle.core.joint.BoltGroup;
import oddcradle.core.joint.BoltStrength;
import oddcradle.core.joint.NotchedTube;
import oddcradle.core.material.Material;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.section.Tube;
import oddcradle.core.vibration.ModesOnFrame;
import oddcradle.core.vibration.Mount;
import oddcradle.core.vibration.MountedBody;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Frame flexibility, modes on a frame that gives, bolt groups and notched tubes, worked out another way in NumPy and SciPy. */
class SciPyCradleTest {
    private static final Material STEEL = Material.of("steel", 205e9, 0.29, 7850, 350e6);
    private static final Tube TUBE = new Tube(0.03, 0.002);

    private static String array(Vec3 v) {
        return "[" + v.x() + "," + v.y() + "," + v.z() + "]";
    }

    private static String arrays(List<Vec3> all) {
        return all.stream().map(SciPyCradleTest::array).collect(Collectors.joining(",", "[", "]"));
    }

    /** Euler beams assembled densely in NumPy: a chain of nodes held at its first, asked for what its others give. */
    private static final String FRAME =
            """
            import numpy as np
            P = np.array(NODES); E, G, A, I, J = VALUES
            n = len(P); K = np.zeros((6 * n, 6 * n))
            for a, b in MEMBERS:
                d = P[b] - P[a]; L = np.linalg.norm(d); x = d / L
                up = np.array([0, 0, 1.0]) if abs(x[2]) < 0.9 else np.array([1.0, 0, 0])
                y = np.cross(up, x); y /= np.linalg.norm(y); z = np.cross(x, y)
                T = np.kron(np.eye(4), np.array([x, y, z]))
                k = np.zeros((12, 12))
                for i, j, s in ((0, 6, E * A / L), (3, 9, G * J / L)):
                    k[i, i] += s; k[j, j] += s; k[i, j] -= s; k[j, i] -= s
                c = E * I / L ** 3
                for v, r, sign in ((1, 5, 1), (2, 4, -1)):
                    m = np.array([[12, 6 * L, -12, 6 * L], [6 * L, 4 * L * L, -6 * L, 2 * L * L],
                                  [-12, -6 * L, 12, -6 * L], [6 * L, 2 * L * L, -6 * L, 4 * L * L]]) * c
                    s = np.array([1, sign, 1, sign])
                    at = [v, r, v + 6, r + 6]
                    k[np.ix_(at, at)] += m * np.outer(s, s)
                k = T.T @ k @ T
                at = [6 * a + q for q in range(6)] + [6 * b + q for q in range(6)]
                K[np.ix_(at, at)] += k
            C = np.zeros_like(K); C[6:, 6:] = np.linalg.inv(K[6:, 6:])
            def arm(p, node):
                r = p - P[node]
                R = np.zeros((3, 6 * n)); R[:, 6 * node:6 * node + 3] = np.eye(3)
                R[:, 6 * node + 3:6 * node + 6] = -np.array([[0, -r[2], r[1]], [r[2], 0, -r[0]], [-r[1], r[0], 0]])
                return R
            R = np.vstack([arm(np.array(p), node) for p, node in PROBES])
            F = R @ C @ R.T
            """;

    /** A frame of six random nodes, its probes on arms. */
    private record Sample(List<Vec3> nodes, List<int[]> members, List<Vec3> points, List<Integer> at) {
        static Sample of(long seed) {
            SplittableRandom random = new SplittableRandom(seed);
            List<Vec3> nodes = new ArrayList<>(List.of(Vec3.ZERO));
            List<int[]> members = new ArrayList<>();
            for (int k = 1; k < 6; k++) {
                nodes.add(new Vec3(0.35 * k, 0.5 * random.nextDouble(), 0.5 * random.nextDouble()));
                members.add(new int[] {k - 1, k});
            }
            members.add(new int[] {0, 3});
            members.add(new int[] {2, 5});
            List<Vec3> points = new ArrayList<>();
            List<Integer> at = new ArrayList<>();
            for (int node : new int[] {2, 3, 4, 5}) {
                points.add(nodes.get(node).plus(new Vec3(0, 0.05 * random.nextDouble(), 0.05)));
                at.add(node);
            }
            return new Sample(nodes, members, points, at);
        }

        String script() {
            String pairs = members.stream()
                    .map(each -> "(" + each[0] + "," + each[1] + ")")
                    .collect(Collectors.joining(",", "[", "]"));
            List<String> probes = new ArrayList<>();
            for (int k = 0; k < points.size(); k++) {
                probes.add("(" + array(points.get(k)) + "," + at.get(k) + ")");
            }
            return FRAME.replace("NODES", arrays(nodes))
                    .replace("MEMBERS", pairs)
                    .replace("PROBES", probes.toString())
                    .replace(
                            "VALUES",
                            STEEL.youngsModulus() + "," + STEEL.shearModulus() + "," + TUBE.area() + ","
                                    + TUBE.secondMomentY() + "," + TUBE.torsionConstant());
        }

        FrameFlexibility ours() {
            List<FrameNode> frameNodes = new ArrayList<>();
            for (int k = 0; k < nodes.size(); k++) {
                frameNodes.add(new FrameNode("N" + k, nodes.get(k)));
            }
            List<FrameMember> frameMembers = new ArrayList<>();
            for (int[] pair : members) {
                frameMembers.add(
                        FrameMember.welded("m" + frameMembers.size(), "N" + pair[0], "N" + pair[1], TUBE, STEEL));
            }
            List<FrameFlexibility.Probe> probes = new ArrayList<>();
            for (int k = 0; k < points.size(); k++) {
                for (Vec3 direction : List.of(Vec3.X, Vec3.Y, Vec3.Z)) {
                    probes.add(new FrameFlexibility.Probe("N" + at.get(k), points.get(k), direction));
                }
            }
            FrameInput input = new FrameInput(
                    Theory.EULER,
                    frameNodes,
                    frameMembers,
                    List.of(new FrameSupport("N0", Fixity.ALL)),
                    List.of(),
                    List.of(),
                    List.of());
            return FactoredFrame.of(input).answer().orElseThrow().flexibility(probes);
        }
    }

    @Test
    void flexibilityOfSpaceFrames_agreesWithADenseAssembly(@TempDir Path folder) throws Exception {
        for (long seed = 1; seed <= 3; seed++) {
            Sample sample = Sample.of(seed);
            double[] theirs = ReferenceProgram.python(folder, sample.script() + "print(*F.ravel(), sep='\\n')\n");
            FrameFlexibility ours = sample.ours();
            double size = 0;
            for (double each : theirs) {
                size = Math.max(size, Math.abs(each));
            }
            for (int i = 0; i < 12; i++) {
                for (int j = 0; j < 12; j++) {
                    assertThat(ours.at(i, j)).isCloseTo(theirs[12 * i + j], within(1e-7 * size));
                }
            }
        }
    }

    @Test
    void modesOnAFrame_agreeWithTheGeneralisedEigenvalues(@TempDir Path folder) throws Exception {
        Sample sample = Sample.of(5);
        Vec3 cg = new Vec3(1.1, 0.2, 0.5);
        Vec3 stiffness = new Vec3(3e5, 8e4, 8e4);
        List<Mount> mounts = new ArrayList<>();
        for (int k = 0; k < sample.points().size(); k++) {
            mounts.add(new Mount("M" + k, sample.points().get(k).minus(cg), Mat3.IDENTITY, stiffness, 0.1));
        }
        MountedBody body = new MountedBody(
                new MassProperties(42, Vec3.ZERO, Mat3.diagonal(0.8, 1.3, 1.5)), mounts, new Vec3(0, 0, -9.8));
        String script = sample.script()
                + """
                from scipy.linalg import eigh
                cg = np.array(CG)
                rows = []
                for p, node in PROBES:
                    r = np.array(p) - cg
                    S = np.array([[0, -r[2], r[1]], [r[2], 0, -r[0]], [-r[1], r[0], 0]])
                    rows.append(np.hstack([np.eye(3), -S]))
                A = np.vstack(rows)
                D = np.diag(np.tile(1 / np.array(STIFF), len(rows)))
                K6 = A.T @ np.linalg.inv(F + D) @ A
                M = np.diag([42, 42, 42, 0.8, 1.3, 1.5])
                print(*(np.sqrt(eigh(K6, M, eigvals_only=True)) / 2 / np.pi), sep='\\n')
                """
                        .replace("CG", array(cg))
                        .replace("STIFF", array(stiffness))
                        .replace("PROBES", probesOf(sample));
        double[] theirs = ReferenceProgram.python(folder, script);
        List<Double> ours = ModesOnFrame.frequencies(body, sample.ours()::at).orElseThrow();
        for (int k = 0; k < 6; k++) {
            assertThat(ours.get(k)).isCloseTo(theirs[k], within(1e-5 * theirs[5]));
        }
    }

    private static String probesOf(Sample sample) {
        List<String> probes = new ArrayList<>();
        for (int k = 0; k < sample.points().size(); k++) {
            probes.add("(" + array(sample.points().get(k)) + "," + sample.at().get(k) + ")");
        }
        return probes.toString();
    }

    /** The plate as a rigid body on springs across and along each bolt, solved by least squares: an elastic method of its own. */
    @Test
    void boltGroups_agreeWithAPlateOnSprings(@TempDir Path folder) throws Exception {
        SplittableRandom random = new SplittableRandom(9);
        for (int k = 0; k < 5; k++) {
            List<BoltGroup.Bolt> bolts = new ArrayList<>();
            List<Vec3> places = new ArrayList<>();
            for (int b = 0; b < 5; b++) {
                Vec3 at = new Vec3(0.2 * random.nextDouble(), 0.15 * random.nextDouble(), 0);
                places.add(at);
                bolts.add(new BoltGroup.Bolt(at.x(), at.y(), 58e-6));
            }
            Vec3 force = new Vec3(900 * random.nextDouble(), -700, 1200 * random.nextDouble());
            Vec3 moment = new Vec3(30, -45 * random.nextDouble(), 60);
            Vec3 point = new Vec3(0.1, 0.3, 0.05);
            String script =
                    """
                    import numpy as np
                    P = np.array(PLACES); f = np.array(FORCE); m = np.array(MOMENT) + np.cross(np.array(POINT), f)
                    # Each bolt is a spring in x, y and z; the plate moves by three slides and three turns.
                    rows = []
                    for p in P:
                        S = np.array([[0, -p[2], p[1]], [p[2], 0, -p[0]], [-p[1], p[0], 0]])
                        rows.append(np.hstack([np.eye(3), -S]))
                    A = np.vstack(rows)
                    q = np.linalg.solve(A.T @ A, np.hstack([f, m]))
                    print(*(A @ q), sep='\\n')
                    """
                            .replace("PLACES", arrays(places))
                            .replace("FORCE", array(force))
                            .replace("MOMENT", array(moment))
                            .replace("POINT", array(point));
            double[] theirs = ReferenceProgram.python(folder, script);
            List<BoltGroup.BoltLoad> ours =
                    BoltGroup.of(bolts, force, moment, point).bolts();
            for (int b = 0; b < 5; b++) {
                assertThat(ours.get(b).shearX()).isCloseTo(theirs[3 * b], within(1e-6));
                assertThat(ours.get(b).shearY()).isCloseTo(theirs[3 * b + 1], within(1e-6));
                assertThat(ours.get(b).tension()).isCloseTo(theirs[3 * b + 2], within(1e-6));
            }
            BoltStrength worst = BoltStrength.of(
                    ScrewThread.find("M10").orElseThrow(),
                    BoltGrade.CLASS_8_8,
                    ours.get(0).tension(),
                    ours.get(0).shear(),
                    1,
                    1.5);
            assertThat(worst.utilisation()).isPositive();
        }
    }

    /** The notched wall as a very fine grid of points in NumPy, with its real thickness. */
    @Test
    void notchedTube_agreesWithAGridOfItsMetal(@TempDir Path folder) throws Exception {
        double[] depths = {0.004, 0.008, 0.012};
        for (double depth : depths) {
            String script =
                    """
                    import numpy as np
                    od, t, depth = OD, WALL, DEPTH
                    n = 1200
                    a = (np.arange(n) + 0.5) * 2 * np.pi / n
                    r = od / 2 - t + (np.arange(60) + 0.5) * t / 60
                    R, T = np.meshgrid(r, a); w = R
                    z = R * np.cos(T); cut = od / 2 - depth
                    z = np.where(z > cut, 2 * cut - z, z)
                    mid = (w * z).sum() / w.sum()
                    I = (w * (z - mid) ** 2).sum() * (2 * np.pi / n) * (t / 60)
                    print(I / max(z.max() - mid, mid - z.min()))
                    """
                            .replace("OD", Double.toString(TUBE.od()))
                            .replace("WALL", Double.toString(TUBE.wall()))
                            .replace("DEPTH", Double.toString(depth));
            double theirs = ReferenceProgram.python(folder, script)[0];
            double ours = NotchedTube.of(TUBE, depth, true).sectionModulus();
            // A thin wall on its middle line against a real one.
            assertThat(ours).as("depth %s", depth).isCloseTo(theirs, within(0.06 * theirs));
        }
    }
}
