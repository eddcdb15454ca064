package oddcradle.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.Optional;
import oddcradle.core.vibration.RunUp;
import oddcradle.core.vibration.RunUpAnalysis;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A run down onto uneven stops, integrated again by SciPy's eighth-order method with tight tolerances. */
class SciPyRunUpTest {
    private static final String SCRIPT =
            """
            import numpy as np
            from scipy.integrate import solve_ivp
            m, k, c, u, ks, gp, gm, w0, w1, T = 95.0, 1.7e5, 620.0, 0.041, 9e5, 0.0009, 0.0014, 110.0, 12.0, 3.5
            def s(x): return ks*(x-gp) if x > gp else ks*(x+gm) if x < -gm else 0.0
            def f(t, y):
                w = w0 + (w1-w0)*t/T
                th = w0*t + (w1-w0)*t*t/(2*T)
                return [y[1], (u*w*w*np.sin(th) - c*y[1] - k*y[0] - s(y[0]))/m]
            r = solve_ivp(f, (0, T), [0, 0], method='DOP853', rtol=1e-9, atol=1e-13, max_step=2e-4)
            force = [abs(k*x + c*v + s(x)) for x, v in zip(*r.y)]
            best = np.argmax(abs(r.y[0]))
            print(abs(r.y[0][best])); print(r.t[best]); print(max(force))
            """;

    @Test
    void runDownOntoStops_peaksAsInSciPy(@TempDir Path folder) throws Exception {
        double[] expected = ReferenceProgram.python(folder, SCRIPT);
        RunUp.Peaks peaks = RunUpAnalysis.solve(
                new RunUp(95, 1.7e5, 620, 0.041, Optional.of(new RunUp.Snubber(9e5, 0.0009, 0.0014)), 110, 12, 3.5));
        assertThat(peaks.displacement()).isCloseTo(expected[0], within(5e-4 * expected[0]));
        assertThat(peaks.time()).isCloseTo(expected[1], within(1e-3));
        assertThat(peaks.force()).isCloseTo(expected[2], within(1e-3 * expected[2]));
    }
}
