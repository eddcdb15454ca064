package oddcradle.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class RoundedPathTest {
    private static double length(List<Vec3> line) {
        double length = 0;
        for (int k = 1; k < line.size(); k++) {
            length += line.get(k).distanceTo(line.get(k - 1));
        }
        return length;
    }

    /** Legs less R tan(a / 2) each, and R a: what any bender's book says of a bend. */
    @Property(tries = 40)
    void bentRun_isAsLongAsItsStraightsAndItsArc(
            @ForAll @DoubleRange(min = 0.1, max = 2.4) double angle,
            @ForAll @DoubleRange(min = 0.03, max = 0.15) double radius) {
        Vec3 corner = new Vec3(1, 0, 0);
        List<Vec3> corners = List.of(Vec3.ZERO, corner, corner.plus(new Vec3(Math.cos(angle), Math.sin(angle), 0)));
        List<Vec3> line = RoundedPath.of(corners, radius, 400);
        double by = 2 - 2 * radius * Math.tan(angle / 2) + radius * angle;
        assertThat(length(line)).isCloseTo(by, within(1e-5));
        assertThat(line.get(0)).isEqualTo(corners.get(0));
        assertThat(line.get(line.size() - 1)).isEqualTo(corners.get(2));
    }

    /** Every point of an arc is the radius from its middle, and the arc begins and ends along its legs. */
    @Test
    void arc_isRound_andRunsOnFromItsLegs() {
        List<Vec3> corners = List.of(Vec3.ZERO, new Vec3(0.3, 0, 0), new Vec3(0.3, 0, 0.4));
        List<Vec3> arc = RoundedPath.arc(corners, 1, 0.08, 30);
        Vec3 middle = new Vec3(0.22, 0, 0.08);
        assertThat(arc).hasSize(31).allSatisfy(point -> assertThat(point.distanceTo(middle))
                .isCloseTo(0.08, within(1e-12)));
        assertThat(arc.get(0).distanceTo(new Vec3(0.22, 0, 0))).isLessThan(1e-12);
        assertThat(arc.get(30).distanceTo(new Vec3(0.3, 0, 0.08))).isLessThan(1e-12);
    }

    @Test
    void cornerWithoutRoom_staysACorner() {
        List<Vec3> tight = List.of(Vec3.ZERO, new Vec3(0.05, 0, 0), new Vec3(0.05, 0.4, 0));
        assertThat(RoundedPath.of(tight, 0.08, 8)).isEqualTo(tight);
        assertThat(RoundedPath.straight(tight, 1, 0.08)).isCloseTo(-0.03, within(1e-12));
        assertThat(RoundedPath.of(tight, 0, 8)).isEqualTo(tight);
    }

    @Test
    void nodeOnAStraightRun_isNoCorner() {
        List<Vec3> straight = List.of(Vec3.ZERO, new Vec3(0.3, 0, 0), new Vec3(0.6, 0, 0));
        assertThat(RoundedPath.of(straight, 0.1, 8)).isEqualTo(straight);
        assertThat(RoundedPath.tangent(straight, 1, 0.1)).isZero();
        assertThat(RoundedPath.tangent(straight, 0, 0.1)).isZero();
    }
}
