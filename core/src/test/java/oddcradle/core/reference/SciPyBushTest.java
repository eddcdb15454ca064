package oddcradle.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.nio.file.Path;
import java.util.Optional;
import oddcradle.core.mounting.BushStiffness;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Rubber bushes solved again as elastic bodies in SciPy: an incompressible ring between rigid tubes, one wave round the
 * circumference, quadratic displacements and linear pressure on a mesh of radius and length, ends free of stress.
 */
class SciPyBushTest {
    private static final double SHEAR_MODULUS = 1e6;

    /** Inner and outer radius and length, m: thin and thick, half a wall to eight walls long. */
    private static final double[][] BUSHES = {
        {0.006, 0.016, 0.040},
        {0.0125, 0.025, 0.050},
        {0.006, 0.016, 0.020},
        {0.006, 0.016, 0.005},
        {0.006, 0.016, 0.080},
        {0.010, 0.014, 0.030},
        {0.005, 0.030, 0.030}
    };

    private static final String SCRIPT =
            """
            import numpy as np, scipy.sparse as sp, scipy.sparse.linalg as sl
            def shape(x):
                return np.array([x*(x-1)/2, 1-x*x, x*(x+1)/2]), np.array([x-.5, -2*x, x+.5])
            def bush(a, b, L, G, n=10):
                rn = a + (b-a)*0.5*(1-np.cos(np.pi*np.linspace(0, 1, n+1)))
                zn = L/2*np.sin(np.pi/2*np.linspace(0, 1, n+1))
                N1 = 2*n+1
                idx = lambda i, j: i*N1+j
                gp, gw = np.polynomial.legendre.leggauss(3)
                K = sp.lil_matrix((3*N1*N1, 3*N1*N1)); B = sp.lil_matrix((3*n*n, 3*N1*N1))
                for e in range(n):
                    for f in range(n):
                        dof = np.array([3*idx(2*e+i, 2*f+j)+c for i in range(3) for j in range(3) for c in range(3)])
                        k = np.zeros((27, 27)); d = np.zeros((3, 27))
                        for x, wx in zip(gp, gw):
                            for y, wy in zip(gp, gw):
                                nx, dx = shape(x); ny, dy = shape(y)
                                hr, hz = (rn[e+1]-rn[e])/2, (zn[f+1]-zn[f])/2
                                N = np.outer(nx, ny).ravel()
                                Nr = np.outer(dx, ny).ravel()/hr; Nz = np.outer(nx, dy).ravel()/hz
                                r = (rn[e]+rn[e+1])/2 + x*hr
                                w = wx*wy*hr*hz*r*2*np.pi
                                m = np.zeros((6, 27))
                                m[0, 0::3] = Nr
                                m[1, 0::3] = N/r; m[1, 1::3] = N/r
                                m[2, 2::3] = Nz
                                m[3, 0::3] = Nz; m[3, 2::3] = Nr
                                m[4, 0::3] = -N/r; m[4, 1::3] = Nr-N/r
                                m[5, 1::3] = Nz; m[5, 2::3] = -N/r
                                k += w*m.T @ np.diag([2, 2, 2, 1, 1, 1]) @ m * G
                                d += w*np.outer([1, x, y], m[0]+m[1]+m[2])
                        K[np.ix_(dof, dof)] += k
                        B[np.ix_(range(3*(e*n+f), 3*(e*n+f)+3), dof)] += d
                K = K.tocsr(); B = B.tocsr()
                u = np.zeros(3*N1*N1); fixed = set()
                for j in range(N1):
                    fixed |= {3*idx(N1-1, j)+c for c in range(3)} | {3*idx(0, j)+c for c in range(3)} | {3*idx(j, 0)+2}
                    u[3*idx(0, j)] = 1; u[3*idx(0, j)+1] = -1
                free = np.array([q for q in range(len(u)) if q not in fixed])
                A = sp.bmat([[K[free][:, free], B[:, free].T], [B[:, free], -1e-12*sp.eye(3*n*n)/G*L*L]]).tocsc()
                x = sl.spsolve(A, np.concatenate([-(K @ u)[free], -(B @ u)]))
                u[free] = x[:len(free)]
                return u @ (K @ u)
            for a, b, L in bushes:
                print(bush(a, b, L, 1e6))
            """;

    @Test
    void radialStiffness_isThatOfTheElasticBody(@TempDir Path folder) throws Exception {
        StringBuilder bushes = new StringBuilder("bushes = [");
        for (double[] bush : BUSHES) {
            bushes.append("(")
                    .append(bush[0])
                    .append(", ")
                    .append(bush[1])
                    .append(", ")
                    .append(bush[2])
                    .append("), ");
        }
        double[] expected = ReferenceProgram.python(folder, bushes + "]\n" + SCRIPT);
        assertThat(expected).hasSize(BUSHES.length);
        for (int k = 0; k < BUSHES.length; k++) {
            BushStiffness bush =
                    BushStiffness.of(BUSHES[k][0], BUSHES[k][1], BUSHES[k][2], SHEAR_MODULUS, Optional.empty());
            assertThat(bush.radial()).as("bush %s", k).isCloseTo(expected[k], withinPercentage(6.5));
            assertThat(bush.radial()).isBetween(bush.radialShort(), bush.radialLong());
        }
    }
}
