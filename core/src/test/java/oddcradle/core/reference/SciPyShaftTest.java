package oddcradle.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import oddcradle.core.drive.ShaftModel;
import oddcradle.core.section.Round;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Stepped shafts solved again by transfer matrices, the exponential of Timoshenko's four first-order equations, in SciPy: no
 * elements at all. The lowest speed at which both free ends stay free is found by bracketing.
 */
class SciPyShaftTest {
    private static final int SHAFTS = 12;
    /** N/m, about ten times as stiff as the shafts; much more would drown the determinant in rounding. */
    private static final double STIFF = 1e9;

    private static final String SCRIPT =
            """
            import numpy as np
            from scipy.linalg import expm
            from scipy.optimize import brentq

            def left(omega, parts):
                t = np.eye(4)
                for kind, a, b, c, d in parts:
                    if kind == 0:
                        shear, bend, mass, rotary = a[1], b, c, d
                        m = np.array([[0, 1, 0, 1 / shear], [0, 0, 1 / bend, 0],
                                      [0, -rotary * omega ** 2, 0, -1], [-mass * omega ** 2, 0, 0, 0]])
                        t = expm(m * a[0]) @ t
                    else:
                        jump = np.eye(4)
                        jump[3, 0] = a - b * omega ** 2
                        t = jump @ t
                return np.linalg.det(t[2:, :2] / 1e3)

            for parts in cases:
                step, omega = 4.0, 2.0
                before = left(omega, parts)
                while True:
                    now = left(omega + step, parts)
                    if before * now < 0:
                        print(brentq(left, omega, omega + step, args=(parts,), xtol=1e-9))
                        break
                    omega, before = omega + step, now
            """;

    private record Mark(double x, double spring, double mass) {}

    private static ShaftModel any(Random random) {
        double first = 0.1 + 0.3 * random.nextDouble();
        double second = 0.1 + 0.3 * random.nextDouble();
        double length = first + second;
        return new ShaftModel(
                205e9,
                7850,
                0.3,
                true,
                List.of(
                        new ShaftModel.Segment(first, 0.02 + 0.03 * random.nextDouble(), 0.01),
                        new ShaftModel.Segment(second, 0.02 + 0.03 * random.nextDouble(), 0)),
                List.of(new ShaftModel.Disc(length * random.nextDouble(), 4 * random.nextDouble())),
                List.of(
                        new ShaftModel.Bearing(0.02, Optional.of(STIFF)),
                        new ShaftModel.Bearing(
                                length - 0.05,
                                Optional.of(random.nextBoolean() ? 2e6 + 5e7 * random.nextDouble() : STIFF))));
    }

    /** Pieces between marks, and what stands at the marks, as Python tuples. */
    private static String parts(ShaftModel shaft) {
        List<Mark> marks = new ArrayList<>();
        shaft.discs().forEach(disc -> marks.add(new Mark(disc.x(), 0, disc.mass())));
        shaft.bearings()
                .forEach(bearing ->
                        marks.add(new Mark(bearing.x(), bearing.stiffness().orElseThrow(), 0)));
        double end = 0;
        for (ShaftModel.Segment segment : shaft.segments()) {
            end += segment.length();
            marks.add(new Mark(end, 0, 0));
        }
        marks.sort((a, b) -> Double.compare(a.x(), b.x()));
        StringBuilder parts = new StringBuilder("[");
        double from = 0;
        for (Mark mark : marks) {
            if (mark.x() > from) {
                parts.append(piece(shaft, (from + mark.x()) / 2, mark.x() - from));
                from = mark.x();
            }
            parts.append(String.format(Locale.ROOT, "(1, %.12g, %.12g, 0, 0), ", mark.spring(), mark.mass()));
        }
        return parts.append("]").toString();
    }

    private static String piece(ShaftModel shaft, double at, double length) {
        ShaftModel.Segment here = at < shaft.segments().get(0).length()
                ? shaft.segments().get(0)
                : shaft.segments().get(1);
        Section section = here.bore() == 0 ? new Round(here.od()) : new Tube(here.od(), (here.od() - here.bore()) / 2);
        double shearModulus = shaft.young() / (2 * (1 + shaft.poisson()));
        return String.format(
                Locale.ROOT,
                "(0, (%.12g, %.12g), %.12g, %.12g, %.12g), ",
                length,
                section.shearCoefficientY(shaft.poisson()) * shearModulus * section.area(),
                shaft.young() * section.secondMomentY(),
                shaft.density() * section.area(),
                shaft.density() * section.secondMomentY());
    }

    @Test
    void criticalSpeeds_areThoseOfTransferMatrices(@TempDir Path folder) throws Exception {
        Random random = new Random(4);
        List<ShaftModel> shafts = new ArrayList<>();
        StringBuilder cases = new StringBuilder("cases = [");
        for (int k = 0; k < SHAFTS; k++) {
            shafts.add(any(random));
            cases.append(parts(shafts.get(k))).append(", ");
        }
        double[] expected = ReferenceProgram.python(folder, cases + "]\n" + SCRIPT);
        assertThat(expected).hasSize(SHAFTS);
        for (int k = 0; k < SHAFTS; k++) {
            assertThat(shafts.get(k).criticalSpeed()).isCloseTo(expected[k], within(2e-4 * expected[k]));
        }
    }
}
