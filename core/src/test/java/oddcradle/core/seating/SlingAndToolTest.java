package oddcradle.core.seating;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class SlingAndToolTest {
    private static final double G = 9.80665;

    @Test
    void twoStrapsAt60Degrees_carryTheWholeWeightEach() {
        // Common practice: at 60 degrees from the vertical each of two straps carries the whole load.
        double out = Math.tan(Math.toRadians(60));
        Sling.Hang hang =
                Sling.of(List.of("a", "b"), List.of(new Vec3(out, 0, 0), new Vec3(-out, 0, 0)), Vec3.ZERO, 50, 1);
        assertThat(hang.balanced()).isTrue();
        hang.straps().forEach(strap -> {
            assertThat(strap.load()).isCloseTo(50 * G, within(1e-6));
            assertThat(strap.fromVertical()).isCloseTo(Math.toRadians(60), within(1e-9));
            assertThat(strap.length()).isCloseTo(2, within(1e-9));
        });
    }

    @Property(tries = 60)
    void threeStraps_balanceForceAndMoment(
            @ForAll @DoubleRange(min = 0.1, max = 0.4) double a,
            @ForAll @DoubleRange(min = 0.1, max = 0.4) double b,
            @ForAll @DoubleRange(min = 0.3, max = 2) double height) {
        List<Vec3> points = List.of(new Vec3(a, 0, 0.1), new Vec3(-b, 0.2, 0.05), new Vec3(-b, -0.25, 0));
        Vec3 cg = new Vec3(0, -0.01, -0.05);
        Sling.Hang hang = Sling.of(List.of("1", "2", "3"), points, cg, 80, height);
        Vec3 force = Vec3.Z.times(-80 * G);
        Vec3 moment = Vec3.ZERO;
        for (int k = 0; k < 3; k++) {
            Vec3 pull = hang.hook()
                    .minus(points.get(k))
                    .unit()
                    .times(hang.straps().get(k).load());
            force = force.plus(pull);
            moment = moment.plus(points.get(k).minus(cg).cross(pull));
        }
        assertThat(hang.balanced()).isTrue();
        assertThat(force.length()).isLessThan(1e-6);
        assertThat(moment.length()).isLessThan(1e-6);
    }

    @Test
    void pointsOnOneSideOfTheWeight_cannotHoldIt() {
        Sling.Hang hang = Sling.of(
                List.of("1", "2", "3"),
                List.of(new Vec3(0.1, 0.1, 0), new Vec3(0.3, -0.1, 0), new Vec3(0.3, 0.1, 0)),
                Vec3.ZERO,
                40,
                0.6);
        assertThat(hang.balanced()).isFalse();
    }

    @Test
    void pointOverTheHook_isRefused() {
        assertThatThrownBy(() -> Sling.of(
                        List.of("lug", "eye"),
                        List.of(new Vec3(0.1, 0, 0.9), new Vec3(-0.1, 0, 0)),
                        Vec3.ZERO,
                        40,
                        0.6))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("lug");
    }

    private static BodyShape wall(double z) {
        return BodyShape.still(
                "wall", "wall", List.of(new Solid.Cylinder(new Vec3(0, 0, z), new Vec3(0, 0, z + 0.02), 0.5)));
    }

    @Test
    void openEnd_takesEveryTool_aNearWallOnlyASpanner_aNearerOneNone() {
        ToolRoom.Access open = ToolRoom.at(Vec3.ZERO, Vec3.Z, 0.01, List.of());
        assertThat(open.tools()).containsExactly(ToolRoom.Tool.values());
        assertThat(ToolRoom.at(Vec3.ZERO, Vec3.Z, 0.01, List.of(wall(0.06))).tools())
                .containsExactly(ToolRoom.Tool.SPANNER);
        assertThat(ToolRoom.at(Vec3.ZERO, Vec3.Z, 0.01, List.of(wall(0.02))).any())
                .isFalse();
    }

    @Test
    void deepWell_isReachedByTheBarOnly() {
        BodyShape well = BodyShape.still(
                "well",
                "well",
                IntStream.range(0, 24)
                        .mapToObj(k -> {
                            double a = 2 * Math.PI * k / 24;
                            Vec3 at = new Vec3(0.05 * Math.cos(a), 0.05 * Math.sin(a), 0);
                            return (Solid) new Solid.Capsule(at, at.plus(Vec3.Z.times(0.24)), 0.01);
                        })
                        .toList());
        assertThat(ToolRoom.at(Vec3.ZERO, Vec3.Z, 0.01, List.of(well)).tools()).containsExactly(ToolRoom.Tool.BAR);
    }
}
