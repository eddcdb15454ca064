package oddcradle.core.around;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class CablePathTest {
    @Test
    void straightCable_isAsLongAsItsEndsAreApart() {
        CablePath path = CablePath.through(List.of(Vec3.ZERO, new Vec3(0.3, 0, 0), new Vec3(1, 0, 0)), Vec3.X, Vec3.X);
        assertThat(path.length()).isCloseTo(1, within(1e-12));
        assertThat(path.bends()).isCloseTo(0, within(1e-9));
        assertThat(path.tightest()).isGreaterThan(1e6);
    }

    /** Clips on a circle: the arc of a circle is known. */
    @Test
    void clipsOnAHalfCircle_giveItsArcItsRadiusAndHalfATurn() {
        List<Vec3> clips = new ArrayList<>();
        for (int k = 0; k <= 6; k++) {
            double angle = Math.PI * k / 6;
            clips.add(new Vec3(0.2 * Math.cos(angle), 0, 0.2 * Math.sin(angle)));
        }
        CablePath path = CablePath.through(clips, Vec3.Z, Vec3.Z.negated());
        assertThat(path.length()).isCloseTo(0.2 * Math.PI, within(2e-4));
        assertThat(path.tightest()).isCloseTo(0.2, within(0.01));
        assertThat(path.bends()).isCloseTo(Math.PI, within(0.01));
    }

    @Property(tries = 50)
    void cable_isNoShorterThanTheLineThroughItsClipsAndDoesNotCareWhichWayItIsLaid(
            @ForAll @DoubleRange(min = -0.5, max = 0.5) double y,
            @ForAll @DoubleRange(min = -0.5, max = 0.5) double z,
            @ForAll @DoubleRange(min = -1, max = 1) double lean) {
        List<Vec3> clips = List.of(Vec3.ZERO, new Vec3(0.4, y, z), new Vec3(0.9, -y, 0.1));
        Vec3 out = new Vec3(1, lean, 0);
        Vec3 in = new Vec3(1, 0, lean);
        CablePath path = CablePath.through(clips, out, in);
        double line = clips.get(0).distanceTo(clips.get(1)) + clips.get(1).distanceTo(clips.get(2));
        assertThat(path.length()).isGreaterThanOrEqualTo(line - 1e-9);
        CablePath back =
                CablePath.through(List.of(clips.get(2), clips.get(1), clips.get(0)), in.negated(), out.negated());
        assertThat(back.length()).isCloseTo(path.length(), within(1e-9));
        assertThat(back.bends()).isCloseTo(path.bends(), within(1e-6));
    }

    @Test
    void clipOnTheOneBefore_isNamed() {
        assertThatThrownBy(() -> CablePath.through(List.of(Vec3.ZERO, Vec3.X, Vec3.X), Vec3.X, Vec3.X))
                .hasMessageContaining("clips[2]");
    }
}
