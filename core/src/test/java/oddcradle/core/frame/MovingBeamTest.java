package oddcradle.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.frame.input.EndJoint;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.Theory;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Section;

class MovingBeamTest {
    private static final Material STEEL = Material.of("steel", 2.05e11, 0.29, 7850, 3.5e8);
    private static final Section SECTION = new RectTube(0.03, 0.05, 0.002);

    private static MovingBeam beam(Vec3 to, EndJoint far, Vec3 arm) {
        FrameMember member = new FrameMember("b", "i", "j", SECTION, STEEL, EndJoint.FIXED, far, Vec3.ZERO, arm);
        return new MovingBeam(new BeamElement(member, 0, 1, Vec3.ZERO, to.plus(arm), Theory.TIMOSHENKO));
    }

    private static double energy(MovingBeam beam, double[] u, boolean mass) {
        double sum = 0;
        for (int i = 0; i < u.length; i++) {
            for (int j = 0; j < u.length; j++) {
                sum += u[i] * u[j] * (mass ? beam.mass(i, j) : beam.stiffness(i, j));
            }
        }
        return sum;
    }

    private static double[] rigid(MovingBeam beam, Vec3 to, Vec3 shift, Vec3 turn) {
        double[] u = new double[beam.size()];
        Vec3 far = shift.plus(turn.cross(to));
        double[] both = {
            shift.x(), shift.y(), shift.z(), turn.x(), turn.y(), turn.z(),
            far.x(), far.y(), far.z(), turn.x(), turn.y(), turn.z()
        };
        System.arraycopy(both, 0, u, 0, 12);
        return u;
    }

    /** Moved as one stiff piece it weighs rho A L, strains nothing, and is as hard to turn across as any handbook's bar. */
    @Property(tries = 100)
    void asOneStiffPiece_itHasItsMassAndItsInertia_andNoStrain(
            @ForAll @DoubleRange(min = -1, max = 1) double x,
            @ForAll @DoubleRange(min = 0.2, max = 1) double y,
            @ForAll @DoubleRange(min = -1, max = 1) double z) {
        Vec3 to = new Vec3(x, y, z);
        MovingBeam beam = beam(to, EndJoint.FIXED, Vec3.ZERO);
        double m = 7850 * SECTION.area() * to.length();
        assertThat(energy(beam, rigid(beam, to, new Vec3(0.6, 0, 0.8), Vec3.ZERO), true))
                .isCloseTo(m, within(1e-9 * m));
        Vec3 along = to.unit();
        double[] spin = rigid(beam, to, Vec3.ZERO, along);
        double polar = 7850 * (SECTION.secondMomentY() + SECTION.secondMomentZ()) * to.length();
        assertThat(energy(beam, spin, true)).isCloseTo(polar, within(1e-9 * m));
        Vec3 across = along.anyPerpendicular();
        double[] turn = rigid(beam, to, Vec3.ZERO, across);
        double bar = m * to.dot(to) / 3;
        assertThat(energy(beam, turn, true)).isCloseTo(bar, within(0.02 * bar + polar));
        assertThat(energy(beam, turn, true)).isGreaterThan(bar);
        assertThat(energy(beam, turn, false)).isCloseTo(0, within(1e-3));
    }

    /** A released end has unknowns of its own: the node may turn and the beam does not feel it. */
    @Property(tries = 50)
    void nodeAtABall_turnsWithoutTheBeam(
            @ForAll @DoubleRange(min = -1, max = 1) double a, @ForAll @DoubleRange(min = -1, max = 1) double b) {
        MovingBeam beam = beam(new Vec3(0.7, 0.2, 0.4), EndJoint.BALL, Vec3.ZERO);
        assertThat(beam.size()).isEqualTo(15);
        double[] u = new double[15];
        u[9] = a;
        u[10] = b;
        u[11] = 1;
        assertThat(energy(beam, u, false)).isZero();
        assertThat(energy(beam, u, true)).isZero();
    }
}
