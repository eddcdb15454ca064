package oddcradle.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.List;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.vibration.Harmonic;
import oddcradle.core.vibration.HarmonicResponse;
import oddcradle.core.vibration.ModesResult;
import oddcradle.core.vibration.Mount;
import oddcradle.core.vibration.MountedBody;
import oddcradle.core.vibration.RigidBodyModes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The same body solved by SciPy's generalised eigenvalues and NumPy's complex solve, matrices built on their own there. */
class SciPyModesTest {
    private static final String SCRIPT =
            """
            import numpy as np, scipy.linalg as sl
            m=47.5; I=np.array([[1.12,.03,-.06],[.03,1.58,.01],[-.06,.01,1.34]]); cg=np.array([.172,.004,.078])
            P=np.array([[.33,.10,-.11],[.33,-.10,-.11],[-.04,.10,.13],[-.04,-.10,.13]])
            k=np.diag([752e3,116e3,90e3]); loss=[.1,.1,.2,.05]
            def spin(r): return np.array([[0,-r[2],r[1]],[r[2],0,-r[0]],[-r[1],r[0],0]])
            M=np.zeros((6,6)); M[:3,:3]=m*np.eye(3); M[3:,3:]=I
            K=np.zeros((6,6),complex)
            G=[]
            for p,l in zip(P,loss):
                g=np.hstack([np.eye(3),-spin(p-cg)]); G.append(g)
                K+=g.T@(k*(1+1j*l))@g
            w,v=sl.eigh(K.real,M)
            for x in np.sqrt(w)/2/np.pi: print(repr(float(x)))
            for i in range(6):
                f=v[:,i]; e=f*(M@f)/(f@M@f)*100
                for x in e: print(repr(float(x)))
            q=np.linalg.solve(K.real,np.r_[0,0,-m*9.80665,0,0,0])
            for x in q: print(repr(float(x)))
            om=2*np.pi*21.7
            q=np.linalg.solve(K-om**2*M,np.r_[0,0,1,0,0,0])
            F=sum((k*(1+1j*l))@(g@q) for g,l in zip(G,loss))
            for x in np.abs(F): print(repr(float(x)))
            """;

    @Test
    void modesSagAndResponse_agreeWithSciPy(@TempDir Path folder) throws Exception {
        double[] reference = ReferenceProgram.python(folder, SCRIPT);
        Mat3 inertia = new Mat3(new Vec3(1.12, 0.03, -0.06), new Vec3(0.03, 1.58, 0.01), new Vec3(-0.06, 0.01, 1.34));
        MassProperties body = new MassProperties(47.5, new Vec3(0.172, 0.004, 0.078), inertia);
        Vec3 k = new Vec3(752e3, 116e3, 90e3);
        MountedBody mounted = new MountedBody(
                body,
                List.of(
                        new Mount("1", new Vec3(0.33, 0.10, -0.11), Mat3.IDENTITY, k, 0.1),
                        new Mount("2", new Vec3(0.33, -0.10, -0.11), Mat3.IDENTITY, k, 0.1),
                        new Mount("3", new Vec3(-0.04, 0.10, 0.13), Mat3.IDENTITY, k, 0.2),
                        new Mount("4", new Vec3(-0.04, -0.10, 0.13), Mat3.IDENTITY, k, 0.05)),
                new Vec3(0, 0, -9.80665));
        ModesResult result = RigidBodyModes.solve(mounted).answer().orElseThrow();
        for (int i = 0; i < 6; i++) {
            assertThat(result.modes().get(i).frequencyHz()).isCloseTo(reference[i], within(1e-9 * reference[i]));
            for (int j = 0; j < 6; j++) {
                assertThat(result.modes().get(i).kineticEnergyPercent().get(j))
                        .isCloseTo(reference[6 + 6 * i + j], within(1e-6));
            }
        }
        assertThat(result.sag().cgDisplacement().distanceTo(new Vec3(reference[42], reference[43], reference[44])))
                .isLessThan(1e-12);
        assertThat(result.sag().rotation().distanceTo(new Vec3(reference[45], reference[46], reference[47])))
                .isLessThan(1e-12);
        HarmonicResponse response = RigidBodyModes.respond(
                        mounted, new Harmonic(Vec3.Z, Vec3.ZERO, body.cg(), List.of(21.7), List.of()))
                .get(0);
        assertThat(response.total().distanceTo(new Vec3(reference[48], reference[49], reference[50])))
                .isLessThan(1e-9);
    }
}
