package oddcradle.core.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class WeldLineTest {
    private static final List<Vec3> HOOK =
            List.of(new Vec3(0, 0, 0), new Vec3(0.05, 0, 0), new Vec3(0.05, 0.04, 0), new Vec3(0.02, 0.05, 0));

    /** Blodgett's section moduli of a line (from memory): pi d2/4 and pi d3/4 of a ring, d2/3 and b d of two lines. */
    @Test
    void handbookLines_areWorkedAsTheirModuliSay() {
        double d = 0.0318;
        assertThat(WeldLine.round(d)
                        .worst(Vec3.ZERO, new Vec3(30, 40, 0), Vec3.ZERO)
                        .lineForce()
                        .length())
                .isCloseTo(50 / (Math.PI * d * d / 4), within(1e-3));
        assertThat(WeldLine.round(d)
                        .worst(Vec3.ZERO, new Vec3(0, 0, 20), Vec3.ZERO)
                        .lineForce()
                        .length())
                .isCloseTo(20 * d / 2 / (Math.PI * d * d * d / 4), within(1e-3));
        double length = 0.06;
        double apart = 0.01;
        WeldLine both = WeldLine.twoLines(length, apart);
        assertThat(both.worst(Vec3.ZERO, new Vec3(0, 12, 0), Vec3.ZERO)
                        .lineForce()
                        .length())
                .isCloseTo(12 / (length * length / 3), within(1e-3));
        assertThat(both.worst(Vec3.ZERO, new Vec3(12, 0, 0), Vec3.ZERO)
                        .lineForce()
                        .length())
                .isCloseTo(12 / (apart * length), within(1e-3));
    }

    /** What the line bears, summed over its points, is what was put on it. */
    @Property(tries = 60)
    void lineForces_addUpToTheLoad(
            @ForAll @DoubleRange(min = -2000, max = 2000) double fx,
            @ForAll @DoubleRange(min = -2000, max = 2000) double fz,
            @ForAll @DoubleRange(min = -90, max = 90) double mx,
            @ForAll @DoubleRange(min = -90, max = 90) double mz) {
        Vec3 force = new Vec3(fx, 700, fz);
        Vec3 moment = new Vec3(mx, 35, mz);
        Vec3 point = new Vec3(0.01, -0.02, 0.03);
        // A run cut in many: the worst of each small run's ends is where it is.
        Vec3 sum = Vec3.ZERO;
        Vec3 turn = Vec3.ZERO;
        WeldLine hook = WeldLine.along(HOOK, false);
        int pieces = 400;
        for (int k = 1; k < HOOK.size(); k++) {
            for (int n = 0; n < pieces; n++) {
                Vec3 at = HOOK.get(k - 1).towards(HOOK.get(k), (n + 0.5) / pieces);
                double length = HOOK.get(k).minus(HOOK.get(k - 1)).length() / pieces;
                Vec3 here = hook.lineForce(at, force, moment, point).times(length);
                sum = sum.plus(here);
                turn = turn.plus(at.minus(point).cross(here));
            }
        }
        assertThat(sum.minus(force).length()).isLessThan(1e-6);
        assertThat(turn.minus(moment).length()).isLessThan(2e-2);
    }

    @Property(tries = 60)
    void turnedWithItsLoad_itIsWorkedTheSame(@ForAll @DoubleRange(min = -3, max = 3) double angle) {
        Mat3 turn = Mat3.rotationAbout(Vec3.Z, angle);
        Vec3 force = new Vec3(900, -300, 1500);
        Vec3 moment = new Vec3(40, -25, 12);
        double before = WeldLine.along(HOOK, true)
                .worst(force, moment, Vec3.ZERO)
                .lineForce()
                .length();
        double after = WeldLine.along(HOOK.stream().map(turn::times).toList(), true)
                .worst(turn.times(force), turn.times(moment), Vec3.ZERO)
                .lineForce()
                .length();
        assertThat(after).isCloseTo(before, within(before * 1e-9));
    }

    @Test
    void oneStraightRun_bearsNoMomentAboutItself() {
        WeldLine run = WeldLine.along(List.of(Vec3.ZERO, new Vec3(0.03, 0.04, 0)), false);
        Vec3 along = new Vec3(0.6, 0.8, 0);
        assertThat(run.worst(Vec3.ZERO, new Vec3(-8, 6, 0), Vec3.ZERO)
                        .lineForce()
                        .length())
                .isCloseTo(10 * 6 / (0.05 * 0.05), within(1e-6));
        assertThatThrownBy(() -> run.worst(Vec3.ZERO, along, Vec3.ZERO))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("weld both sides");
        assertThatThrownBy(() -> WeldLine.along(List.of(Vec3.X, Vec3.X), false)).isInstanceOf(InvalidValue.class);
    }

    /** A tab of 40 x 5 under 1 kN across at 30 mm: M/W = 30/(5 40²/6) N/mm² = 22.5 MPa. */
    @Test
    void tab_isBentAsACantilever() {
        FlatTab tab = new FlatTab(0.04, 0.005, 0.0105, 0.02, 0.01, 0.03);
        FlatTab.Stresses stresses = tab.under(0, 1000, 0);
        assertThat(stresses.rootBending()).isCloseTo(22.5e6, within(1.0));
        assertThat(stresses.bearing()).isCloseTo(20e6, within(1.0));
        assertThatThrownBy(() -> new FlatTab(0.04, 0.005, 0.0105, 0.005, 0.01, 0.03))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("breaks out");
        assertThatThrownBy(() -> new FlatTab(0.04, 0.005, 0.0105, 0.02, 0.011, 0.03))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("larger hole");
    }
}
