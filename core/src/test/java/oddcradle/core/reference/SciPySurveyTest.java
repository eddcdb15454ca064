package oddcradle.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.List;
import oddcradle.core.math.Vec3;
import oddcradle.core.survey.AdjustedPoint;
import oddcradle.core.survey.DatumPlane;
import oddcradle.core.survey.Instrument;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.Survey;
import oddcradle.core.survey.SurveyAdjustment;
import oddcradle.core.survey.SurveyPoint;
import oddcradle.core.survey.SurveyResult;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The same readings through SciPy's least_squares, and NumPy's inverse of the normal matrix, written on their own there. */
class SciPySurveyTest {
    private static final String SCRIPT =
            """
            import numpy as np
            from scipy.optimize import least_squares
            A=np.array([0,0,0.]);B=np.array([1.2,0,0.1])
            s=np.array([.001,.001,.001,.0004,.0004,.0004,.002,.0026])
            def f(u):
                P=u[:3];Q=u[3:]
                d=lambda a,b:np.linalg.norm(a-b)
                w=Q-P
                p=np.array([d(A,P),d(B,P),P[2],Q[0],Q[1],Q[2],d(P,Q),np.arctan2(w[2],np.hypot(w[0],w[1]))])
                m=np.array([.6368,.7759,.2504,.9014,-.2996,.3512,.7291,.1395])
                return (m-p)/s
            r=least_squares(f,[.5,.3,.2,.9,-.3,.3],xtol=1e-15,ftol=1e-15,gtol=1e-15)
            for x in r.x: print(repr(float(x)))
            C=np.linalg.inv(r.jac.T@r.jac)
            for x in C[:3,:3].ravel(): print(repr(float(x)))
            for x in C[3:,3:].ravel(): print(repr(float(x)))
            H=r.jac@C@r.jac.T
            for x in 1-np.diag(H): print(repr(float(x)))
            """;

    @Test
    void positionsCovariancesAndRedundancies_agreeWithSciPy(@TempDir Path folder) throws Exception {
        double[] reference = ReferenceProgram.python(folder, SCRIPT);
        SurveyResult result = SurveyAdjustment.of(new Survey(
                List.of(
                        SurveyPoint.of("A", "mark", Vec3.ZERO, 0, true),
                        SurveyPoint.of("B", "mark", new Vec3(1.2, 0, 0.1), 0, true),
                        SurveyPoint.of("P", "boss", new Vec3(0.5, 0.3, 0.2), 0, false),
                        SurveyPoint.of("Q", "boss", new Vec3(0.9, -0.3, 0.3), 0, false)),
                List.of(
                        new Reading.Distance("1", "A", "P", 0.6368, Instrument.TAPE, 0.001),
                        new Reading.Distance("2", "B", "P", 0.7759, Instrument.TAPE, 0.001),
                        new Reading.Offset("3", "P", DatumPlane.UP, 0.2504, Instrument.TAPE, 0.001),
                        new Reading.Offset("4", "Q", DatumPlane.FORWARD, 0.9014, Instrument.STEEL_RULE, 0.0004),
                        new Reading.Offset("5", "Q", DatumPlane.LEFT, -0.2996, Instrument.STEEL_RULE, 0.0004),
                        new Reading.Offset("6", "Q", DatumPlane.UP, 0.3512, Instrument.STEEL_RULE, 0.0004),
                        new Reading.Distance("7", "P", "Q", 0.7291, Instrument.TAPE, 0.002),
                        new Reading.Slope("8", "P", "Q", 0.1395, Instrument.ANGLE_GAUGE, 0.0026)),
                List.of(),
                List.of()));
        assertThat(result.suspects()).isEmpty();
        for (int p = 0; p < 2; p++) {
            AdjustedPoint point = result.points().get(2 + p);
            Vec3 expected = new Vec3(reference[3 * p], reference[3 * p + 1], reference[3 * p + 2]);
            assertThat(point.position().distanceTo(expected)).isLessThan(1e-8);
            for (int k = 0; k < 9; k++) {
                // SciPy's derivatives are finite differences, good to about 1e-7
                assertThat(point.covariance().get(k / 3, k % 3))
                        .isCloseTo(reference[6 + 9 * p + k], within(1e-6 * 4e-6));
            }
        }
        for (int k = 0; k < 8; k++) {
            assertThat(result.readings().get(k).redundancy()).isCloseTo(reference[24 + k], within(1e-5));
        }
    }
}
