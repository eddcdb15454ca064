package oddcradle.core.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class BendPlanTest {
    /** A square corner of radius r takes r off each leg and gives back a quarter of a circle: any shop's bend allowance. */
    @Test
    void squareCorner_isShorterThanItsLegsByTheAllowance() {
        BendPlan plan = BendPlan.of(
                List.of(Vec3.ZERO, new Vec3(0.3, 0, 0), new Vec3(0.3, 0.4, 0)), List.of(0.06), 0.0254, 0.95);
        assertThat(plan.straights()).hasSize(2);
        assertThat(plan.straights().get(0)).isCloseTo(0.24, within(1e-12));
        assertThat(plan.straights().get(1)).isCloseTo(0.34, within(1e-12));
        assertThat(plan.developedLength()).isCloseTo(0.7 - 0.12 + Math.PI / 2 * 0.06, within(1e-12));
        assertThat(Math.toDegrees(plan.machineAngles().get(0))).isCloseTo(94.74, within(0.01));
        assertThat(plan.marks().get(0).start()).isCloseTo(0.24, within(1e-12));
    }

    /** The plan carried out, straight by straight and bend by bend, ends where the last corner is. */
    @Test
    void planCarriedOut_endsAtTheLastPoint() {
        List<Vec3> points = List.of(
                new Vec3(0.1, 0, 0.2),
                new Vec3(0.5, 0.05, 0.2),
                new Vec3(0.6, 0.4, 0.35),
                new Vec3(0.2, 0.7, 0.5),
                new Vec3(0.2, 0.9, 0.1));
        List<Double> radii = List.of(0.05, 0.06, 0.04);
        BendPlan plan = BendPlan.of(points, radii, 0.0254, 1);
        Vec3 way = points.get(1).minus(points.get(0)).unit();
        Vec3 axis = way.cross(points.get(2).minus(points.get(1))).unit();
        Vec3 at = points.get(0);
        for (int k = 0; k < radii.size(); k++) {
            at = at.along(way, plan.straights().get(k));
            axis = Mat3.rotationAbout(way, plan.rotations().get(k)).times(axis);
            // Round the middle of the arc.
            Vec3 middle = at.along(axis.cross(way), radii.get(k));
            Mat3 turn = Mat3.rotationAbout(axis, plan.angles().get(k));
            at = middle.plus(turn.times(at.minus(middle)));
            way = turn.times(way);
        }
        at = at.along(way, plan.straights().get(3));
        assertThat(at.distanceTo(points.get(4))).isLessThan(1e-9);
    }

    /**
     * By hand at the bender, which bends to the left: from forward to the left, then from left to up. Behind the tube and looking along it, up has
     * to come to the left: a quarter anticlockwise, though the second bend lies a quarter clockwise of the first.
     */
    @Test
    void tube_isTurnedTheOtherWayRoundThanItsNextBendLies() {
        BendPlan plan = BendPlan.of(
                List.of(Vec3.ZERO, new Vec3(0.3, 0, 0), new Vec3(0.3, 0.4, 0), new Vec3(0.3, 0.4, 0.3)),
                List.of(0.06, 0.06),
                0.0254,
                1);
        assertThat(Math.toDegrees(plan.rotations().get(1))).isCloseTo(90, within(1e-9));
        assertThat(Math.toDegrees(plan.turns().get(1))).isCloseTo(-90, within(1e-9));
    }

    @Test
    void cornersThatAreNone_areRefused() {
        List<Vec3> straight = List.of(Vec3.ZERO, new Vec3(1, 0, 0), new Vec3(2, 0, 0));
        assertThatThrownBy(() -> BendPlan.of(straight, List.of(0.05), 0.0254, 1))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("leave it out");
        List<Vec3> back = List.of(Vec3.ZERO, new Vec3(1, 0, 0), new Vec3(0.5, 0, 0));
        assertThatThrownBy(() -> BendPlan.of(back, List.of(0.05), 0.0254, 1)).hasMessageContaining("turns right back");
        List<Vec3> bent = List.of(Vec3.ZERO, new Vec3(1, 0, 0), new Vec3(1, 1, 0));
        assertThatThrownBy(() -> BendPlan.of(bent, List.of(0.01), 0.0254, 1)).hasMessageContaining("half the diameter");
        assertThatThrownBy(() -> BendPlan.of(bent, List.of(), 0.0254, 1)).hasMessageContaining("one for each");
    }
}
