package oddcradle.core.seating;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.control.Progress;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import org.junit.jupiter.api.Test;

class WayOutTest {
    private static final Vec3 HALF = new Vec3(0.2, 0.1, 0.1);
    private static final Solid BODY = new Solid.Box(HALF, Pose.IDENTITY);
    private static final List<Vec3> SIDES = List.of(Vec3.Z, Vec3.X, Vec3.X.negated(), Vec3.Y);

    private static Solid wall(double x, double y, double z, double hx, double hy, double hz) {
        return new Solid.Box(new Vec3(hx, hy, hz), new Pose(Pose.IDENTITY.rotation(), new Vec3(x, y, z)));
    }

    private static Optional<WayOut.Way> find(List<Solid> walls, double room) {
        return find(walls, room, 6000, Progress.UNWATCHED);
    }

    private static Optional<WayOut.Way> find(List<Solid> walls, double room, int budget, Progress progress) {
        List<BodyShape> standing = new ArrayList<>();
        for (int k = 0; k < walls.size(); k++) {
            standing.add(BodyShape.still("w" + k, "wall " + k, List.of(walls.get(k))));
        }
        GapFinder bay =
                new GapFinder(List.of(BodyShape.still("body", "body", List.of(BODY))), standing, GapFinder.NONE);
        return WayOut.find(
                new WayOut.Question(
                        bay, Vec3.ZERO, HALF.length(), room, new Vec3(-1, -1, -1), new Vec3(1, 1, 1), SIDES),
                Pose.IDENTITY,
                budget,
                progress);
    }

    /** Fine steps along the way, each measured exactly. */
    private static double leastAlong(WayOut.Way way, List<Solid> walls) {
        double least = Double.POSITIVE_INFINITY;
        for (int leg = 1; leg < way.poses().size(); leg++) {
            for (int step = 0; step <= 400; step++) {
                Pose pose = WayOut.between(way.poses().get(leg - 1), way.poses().get(leg), step / 400.0, Vec3.ZERO);
                for (Solid wall : walls) {
                    least = Math.min(
                            least,
                            SolidDistance.between(BODY.placed(pose), wall).distance());
                }
            }
        }
        return least;
    }

    private static List<Solid> trough() {
        return List.of(
                wall(0, 0, -0.2, 0.6, 0.6, 0.05),
                wall(0.35, 0, 0, 0.05, 0.6, 0.3),
                wall(-0.35, 0, 0, 0.05, 0.6, 0.3),
                wall(0, 0.3, 0, 0.6, 0.05, 0.3),
                wall(0, -0.3, 0, 0.6, 0.05, 0.3));
    }

    @Test
    void openTop_isTakenStraight() {
        WayOut.Way way = find(trough(), 0.005).orElseThrow();
        assertThat(way.straight()).isTrue();
        assertThat(way.side()).isEqualTo(Vec3.Z);
        assertThat(way.poses()).hasSize(2);
        assertThat(leastAlong(way, trough())).isGreaterThan(0.005);
    }

    @Test
    void overhang_isGotRoundSideways_withoutContact() {
        List<Solid> walls = new ArrayList<>(trough().subList(0, 3));
        walls.add(wall(0, 0, 0.25, 0.3, 0.2, 0.02));
        walls.add(wall(0, -0.3, 0, 0.6, 0.05, 0.5));
        WayOut.Way way = find(walls, 0.003).orElseThrow();
        assertThat(leastAlong(way, walls)).isGreaterThan(0.002);
        assertThat(way.tightest().gap()).isGreaterThanOrEqualTo(0.0029);
    }

    @Test
    void slotShorterThanTheBody_needsATilt() {
        // The hole above is 0.36 long; the body of 0.4 by 0.2 only goes through it tilted.
        List<Solid> walls = new ArrayList<>(List.of(
                wall(0, 0, -0.4, 0.95, 0.9, 0.02),
                wall(0.58, 0, 0.4, 0.4, 0.9, 0.02),
                wall(-0.58, 0, 0.4, 0.4, 0.9, 0.02),
                wall(0, 0.9, 0.1, 0.95, 0.02, 0.5),
                wall(0, -0.9, 0.1, 0.95, 0.02, 0.5),
                wall(0.95, 0, 0.1, 0.02, 0.9, 0.5),
                wall(-0.95, 0, 0.1, 0.02, 0.9, 0.5)));
        WayOut.Way way = find(walls, 0.003).orElseThrow();
        assertThat(way.straight()).isFalse();
        assertThat(leastAlong(way, walls)).isGreaterThan(0.002);
    }

    @Test
    void closedBox_hasNoWay_andWhatStopsAStraightOneIsNamed() {
        List<Solid> walls = new ArrayList<>(trough());
        walls.add(wall(0, 0, 0.25, 0.6, 0.6, 0.02));
        assertThat(find(walls, 0.003)).isEmpty();
    }

    @Test
    void clashAtTheStart_isRefused() {
        assertThatThrownBy(() -> find(List.of(wall(0.2, 0, 0, 0.05, 0.05, 0.05)), 0.003))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("body touches wall 0");
        assertThatThrownBy(() -> find(trough(), -0.001)).isInstanceOf(InvalidValue.class);
    }

    @Test
    void sameQuestion_hasTheSameAnswer() {
        assertThat(find(trough(), 0.004)).isEqualTo(find(trough(), 0.004));
    }

    @Test
    void noBudgetAtAll_isStillToldAsAShare() {
        List<Solid> closed = new ArrayList<>(trough());
        closed.add(wall(0, 0, 0.3, 0.6, 0.6, 0.05));
        List<Double> told = new ArrayList<>();
        assertThat(find(closed, 0.003, 0, now -> {
                    told.add(now);
                    return true;
                }))
                .isEmpty();
        assertThat(told).isNotEmpty().allMatch(share -> share >= 0 && share <= 1);
    }
}
