package oddcradle.core.asbuilt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.control.Progress;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class ShimsTest {
    private static final double INCH = 0.0254;

    /** Two thin washers of 0.032 in make a sixteenth, two normal ones of 0.063 an eighth; common practice. */
    @Test
    void washers_makeSixteenthAndEighth() {
        ShimStacks washers = ShimStacks.of(List.of(0.032 * INCH, 0.063 * INCH));

        assertThat(washers.nearest(INCH / 16).pieces()).containsExactly(0.063 * INCH);
        assertThat(ShimStacks.of(List.of(0.032 * INCH)).nearest(INCH / 16).pieces())
                .hasSize(2);
        assertThat(washers.nearest(INCH / 8).pieces()).hasSize(2);
        assertThat(washers.nearest(-0.003)).isEqualTo(ShimStacks.Stack.NONE);
        assertThat(ShimStacks.of(List.of()).nearest(0.002)).isEqualTo(ShimStacks.Stack.NONE);
    }

    @Property(tries = 200)
    void noOtherStack_comesNearer(@ForAll @DoubleRange(min = -1, max = 7) double wanted) {
        List<Double> sizes = List.of(0.0001, 0.0003, 0.001, 0.0016);
        ShimStacks.Stack nearest = ShimStacks.of(sizes).nearest(wanted / 1000);

        double least = Double.POSITIVE_INFINITY;
        List<Double> orNone = Stream.concat(Stream.of(0.0), sizes.stream()).toList();
        for (double a : orNone) {
            for (double b : orNone) {
                for (double c : orNone) {
                    least = Math.min(least, Math.abs(a + b + c - wanted / 1000));
                }
            }
        }
        assertThat(Math.abs(nearest.thickness() - wanted / 1000)).isCloseTo(least, within(1e-12));
        assertThat(nearest.pieces()).hasSizeLessThanOrEqualTo(ShimStacks.MOST_PIECES);
    }

    private static List<Hole> feet(double... low) {
        return List.of(
                new Hole("A", new Vec3(0.2, 0.1, 0), Vec3.Z, new Vec3(0, 0, -low[0]), 0.0005),
                new Hole("B", new Vec3(-0.2, 0.1, 0), Vec3.Z, new Vec3(0, 0, -low[1]), 0.0005),
                new Hole("C", new Vec3(-0.2, -0.1, 0), Vec3.Z, new Vec3(0, 0, -low[2]), 0.0005),
                new Hole("D", new Vec3(0.2, -0.1, 0), Vec3.Z, new Vec3(0, 0, -low[3]), 0.0005));
    }

    private static ShimSearch.Result search(List<Hole> holes, List<Aim> aims, List<Room> rooms) {
        return ShimSearch.of(
                new ShimSearch.Input(
                        BodyOnHoles.apart(holes, 1e7, 1e7),
                        holes,
                        List.of(0.0002, 0.0002, 0.0002, 0.0002),
                        ShimStacks.of(List.of(0.0001, 0.0002, 0.0005, 0.001, 0.002)),
                        aims,
                        rooms),
                Progress.UNWATCHED);
    }

    @Test
    void lowFoot_getsWhatItLacks_andNothingElse() {
        ShimSearch.Result result = search(feet(0, 0, 0.0022, 0), List.of(), List.of());

        ShimSearch.Answer best = result.best().get(0);
        assertThat(best.holds()).isTrue();
        assertThat(best.stacks().get(2).thickness()).isCloseTo(0.0022, within(2e-4));
        assertThat(best.pieces()).isLessThanOrEqualTo(2);
        assertThat(result.tried()).isBetween(1_000, ShimSearch.MOST);
    }

    /** Of thirty mounts two choices each would be a thousand million: each gets what it lacks. */
    @Test
    void veryManyMounts_areShimmedWithoutEnd() {
        List<Hole> holes = new ArrayList<>();
        List<Double> gaps = new ArrayList<>();
        for (int k = 0; k < 30; k++) {
            Vec3 place = new Vec3(Math.cos(k), Math.sin(2 * k), 0);
            holes.add(new Hole("M" + k, place, Vec3.Z, new Vec3(0, 0, k == 7 ? -0.002 : 0), 0.0005));
            gaps.add(0.0002);
        }
        ShimSearch.Result result = ShimSearch.of(
                new ShimSearch.Input(
                        BodyOnHoles.apart(holes, 1e7, 1e7),
                        holes,
                        gaps,
                        ShimStacks.of(List.of(0.001, 0.002)),
                        List.of(),
                        List.of()),
                Progress.UNWATCHED);

        assertThat(result.best().get(0).stacks().get(7).thickness()).isEqualTo(0.002);
        assertThat(result.tried()).isLessThanOrEqualTo(ShimSearch.MOST);
    }

    /** A foot too high is none for shims alone, unless the line lets the whole engine come up. */
    @Test
    void highFoot_isAnsweredByTheOthersWhereTheLineAsksNothingOfTheHeight() {
        List<Aim> heights = Stream.of(new Vec3(0.4, 0, 0), new Vec3(-0.4, 0, 0), new Vec3(0, 0.4, 0))
                .map(place -> new Aim(place, Vec3.Z, 0, 0.0003))
                .toList();
        Aim sideways = new Aim(new Vec3(0.4, 0, 0.1), Vec3.Y, 0, 0.0003);
        List<Hole> holes = feet(0, -0.002, 0, 0);

        ShimSearch.Answer held = search(holes, heights, List.of()).best().get(0);
        ShimSearch.Answer free =
                search(holes, List.of(sideways), List.of()).best().get(0);

        assertThat(held.holds()).isFalse();
        assertThat(free.holds()).isTrue();
        assertThat(free.stacks().get(1)).isEqualTo(ShimStacks.Stack.NONE);
        assertThat(free.motion().shift().z()).isGreaterThan(0.0005);
    }

    @Test
    void gapThatWouldClose_forbidsWhatElseWouldDo() {
        Room above = new Room(new Vec3(0, 0, 0.3), Vec3.Z, 0.0004);
        List<Hole> holes = feet(0, -0.002, 0, 0);

        ShimSearch.Answer best = search(holes, List.of(), List.of(above)).best().get(0);

        assertThat(above.left(best.motion())).isEqualTo(best.room());
        assertThat(search(holes, List.of(), List.of())
                        .best()
                        .get(0)
                        .motion()
                        .at(above.place())
                        .z())
                .isGreaterThan(0.0004);
        assertThat(best.holds()).isFalse();
    }

    /** 1.2 in off the back of a part that leans 25 degrees: along its slope it is more; left out, the mount came out low (common practice). */
    @Test
    void wedgeCut_countsTheSlope() {
        WedgeCut cut = WedgeCut.of(0, 1.2 * INCH, 0.08, Math.toRadians(25));

        assertThat(cut.front()).isZero();
        assertThat(cut.back()).isCloseTo(1.2 * INCH * 1.1034, within(1e-6));
        assertThat(Math.toDegrees(cut.angle())).isCloseTo(-20.86, within(0.01));
        assertThatThrownBy(() -> WedgeCut.of(0.01, 0.01, 0.05, Math.toRadians(85)))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("lean");
    }
}
