package oddcradle.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import oddcradle.core.around.CablePath;
import oddcradle.core.linkage.ControlTrain;
import oddcradle.core.linkage.Lever;
import oddcradle.core.linkage.Link;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Cables as SciPy's clamped cubic spline, measured by numerical quadrature; levers by root finding on their link's length. */
class SciPyControlTest {
    private static final String SPLINE =
            """
            import numpy as np
            from scipy.interpolate import CubicSpline
            from scipy.integrate import quad
            p = np.array(POINTS); a = np.array(LEAVING); b = np.array(ARRIVING)
            a = a / np.linalg.norm(a); b = b / np.linalg.norm(b)
            t = np.concatenate([[0], np.cumsum(np.linalg.norm(np.diff(p, axis=0), axis=1))])
            s = CubicSpline(t, p, bc_type=((1, a), (1, b)))
            speed = lambda x: np.linalg.norm(s(x, 1))
            curve = lambda x: np.linalg.norm(np.cross(s(x, 1), s(x, 2))) / speed(x)**3
            whole = lambda f: sum(quad(f, t[k], t[k+1], limit=400, epsabs=1e-11)[0] for k in range(len(t) - 1))
            x = np.linspace(0, t[-1], 200001)
            d1, d2 = s(x, 1), s(x, 2)
            k = np.linalg.norm(np.cross(d1, d2), axis=1) / np.linalg.norm(d1, axis=1)**3
            print(whole(speed)); print(1 / k.max()); print(whole(lambda x: curve(x) * speed(x)))
            """;

    @Test
    void cableThroughClips_isTheClampedSpline(@TempDir Path folder) throws Exception {
        List<Vec3> clips = List.of(
                new Vec3(1.62, 0.12, 0.42),
                new Vec3(1.3, 0.22, 0.5),
                new Vec3(0.85, 0.2, 0.92),
                new Vec3(0.62, 0.08, 0.93),
                new Vec3(0.55, 0.05, 0.78));
        Vec3 leaving = new Vec3(-1, 0, 0.1);
        Vec3 arriving = new Vec3(0, 0.1, -1);
        CablePath path = CablePath.through(clips, leaving, arriving);
        double[] theirs = ReferenceProgram.python(
                folder,
                SPLINE.replace(
                                "POINTS",
                                clips.stream().map(SciPyControlTest::list).collect(Collectors.joining(",", "[", "]")))
                        .replace("LEAVING", list(leaving))
                        .replace("ARRIVING", list(arriving)));
        assertThat(path.length()).isCloseTo(theirs[0], within(1e-7));
        // The tightest place lies between two that are looked at.
        assertThat(path.tightest()).isCloseTo(theirs[1], within(1e-3 * theirs[1]));
        assertThat(path.bends()).isCloseTo(theirs[2], within(1e-5));
    }

    private static final String TRAIN =
            """
            import numpy as np
            from scipy.optimize import brentq
            def turned(p, pivot, axis, angle):
                axis = np.array(axis) / np.linalg.norm(axis); r = np.array(p) - pivot
                return pivot + r * np.cos(angle) + np.cross(axis, r) * np.sin(angle) + axis * (axis @ r) * (1 - np.cos(angle))
            P = [np.array(v) for v in PIVOTS]; A = AXES; I = INS; O = OUTS
            mouth, leave = np.array(MOUTH), np.array(EXIT)
            d = np.linalg.norm
            def chain(hand):
                out = turned(O[0], P[0], A[0], hand)
                pulled = d(out - mouth) - d(np.array(O[0]) - mouth)
                rest = d(np.array(I[1]) - leave)
                one = brentq(lambda b: d(turned(I[1], P[1], A[1], b) - leave) - rest + pulled, -0.9, 0.9, xtol=1e-13)
                rod = d(np.array(O[1]) - np.array(I[2]))
                end = turned(O[1], P[1], A[1], one)
                return brentq(lambda b: d(turned(I[2], P[2], A[2], b) - end) - rod, -0.6, 0.6, xtol=1e-13)
            h = 1e-6
            print(chain(HAND)); print((chain(HAND + h) - chain(HAND - h)) / (2 * h))
            """;

    @Test
    void cableBellCrankAndRod_turnTheLastLeverAsExactKinematicsSay(@TempDir Path folder) throws Exception {
        List<Lever> levers = List.of(
                new Lever(new Vec3(0, 0, 0), new Vec3(0.1, 1, 0), new Vec3(0, 0, 0.15), new Vec3(0, 0, -0.065)),
                new Lever(
                        new Vec3(0.87, 0.08, 0),
                        new Vec3(0, 1, 0.2),
                        new Vec3(0.87, 0.08, 0.06),
                        new Vec3(0.87, 0.08, -0.025)),
                new Lever(
                        new Vec3(1, 0.1, 0), new Vec3(0.05, -1, 0), new Vec3(1, 0.1, -0.04), new Vec3(1, 0.1, -0.04)));
        Vec3 mouth = new Vec3(0.05, 0, -0.07);
        Vec3 exit = new Vec3(0.8, 0.09, 0.07);
        ControlTrain train = new ControlTrain(levers, List.of(new Link.Cable(mouth, exit, 1.2, 0.12), new Link.Rod()));
        double hand = 0.42;
        List<ControlTrain.At> way = train.through(hand);
        ControlTrain.At end = way.get(way.size() - 1);
        double[] theirs = ReferenceProgram.python(
                folder,
                TRAIN.replace("PIVOTS", lists(levers, Lever::pivot))
                        .replace("AXES", lists(levers, Lever::axis))
                        .replace("INS", lists(levers, Lever::in))
                        .replace("OUTS", lists(levers, Lever::out))
                        .replace("MOUTH", list(mouth))
                        .replace("EXIT", list(exit))
                        .replace("HAND", Double.toString(hand)));
        assertThat(ControlTrain.isWhole(way, hand)).isTrue();
        assertThat(Math.abs(end.engine())).isGreaterThan(0.05);
        assertThat(end.engine()).isCloseTo(theirs[0], within(1e-9));
        assertThat(end.ratio()).isCloseTo(theirs[1], within(1e-6));
    }

    private static String lists(List<Lever> levers, Function<Lever, Vec3> of) {
        return levers.stream().map(of).map(SciPyControlTest::list).collect(Collectors.joining(",", "[", "]"));
    }

    private static String list(Vec3 v) {
        return "[" + v.x() + "," + v.y() + "," + v.z() + "]";
    }
}
