package oddcradle.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import org.junit.jupiter.api.Test;

class BestFitTest {
    private static Vec3 any(Random random) {
        return new Vec3(random.nextGaussian(), random.nextGaussian(), random.nextGaussian());
    }

    private static List<Vec3> points(Random random) {
        List<Vec3> points = new ArrayList<>();
        for (int k = 0; k < 3 + random.nextInt(8); k++) {
            points.add(any(random));
        }
        return points;
    }

    private static Pose pose(Random random) {
        return Pose.ofYawPitchRoll(
                any(random).times(3), 6 * random.nextDouble(), 6 * random.nextDouble(), 6 * random.nextDouble());
    }

    @Property
    void movedPoints_areFoundBack(@ForAll Random random) {
        List<Vec3> from = points(random);
        Pose pose = pose(random);
        BestFit fit = BestFit.of(from, from.stream().map(pose::place).toList());
        assertThat(fit.rms()).isLessThan(1e-9);
        Vec3 elsewhere = from.get(0).towards(from.get(1), 0.3);
        assertThat(fit.pose().place(elsewhere).distanceTo(pose.place(elsewhere)))
                .isLessThan(1e-8);
    }

    /** No small further move makes the squares less: the fit is the least. */
    @Property(tries = 100)
    void noOtherMoveNearby_isBetter(@ForAll Random random) {
        List<Vec3> from = points(random);
        List<Vec3> to = new ArrayList<>();
        Pose pose = pose(random);
        from.forEach(point -> to.add(pose.place(point).plus(any(random).times(0.05))));
        BestFit fit = BestFit.of(from, to);
        Pose nudge = Pose.ofYawPitchRoll(
                any(random).times(0.01),
                0.01 * random.nextGaussian(),
                0.01 * random.nextGaussian(),
                0.01 * random.nextGaussian());
        double squares = 0;
        for (int k = 0; k < from.size(); k++) {
            double off = nudge.after(fit.pose()).place(from.get(k)).distanceTo(to.get(k));
            squares += off * off;
        }
        assertThat(Math.sqrt(squares / from.size())).isGreaterThanOrEqualTo(fit.rms() - 1e-12);
    }

    @Test
    void pointThatIsOff_hasTheLargestResidual() {
        List<Vec3> from = List.of(Vec3.ZERO, Vec3.X, Vec3.Y, Vec3.Z, new Vec3(1, 1, 1));
        List<Vec3> to = new ArrayList<>(from);
        to.set(3, new Vec3(0, 0, 1.3));
        BestFit fit = BestFit.of(from, to);
        assertThat(fit.worst()).isEqualTo(3);
        assertThat(fit.residuals().get(3)).isBetween(0.1, 0.3);
    }

    @Test
    void mirroredPoints_areNotMirrored() {
        List<Vec3> from = List.of(Vec3.ZERO, Vec3.X, Vec3.Y, Vec3.Z);
        List<Vec3> to = from.stream().map(p -> new Vec3(-p.x(), p.y(), p.z())).toList();
        assertThat(BestFit.of(from, to).pose().rotation().determinant()).isCloseTo(1, within(1e-9));
    }

    @Test
    void tooFewPoints_areRefused() {
        assertThatThrownBy(() -> BestFit.of(List.of(Vec3.X), List.of(Vec3.X))).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> BestFit.of(List.of(Vec3.X, Vec3.Y), List.of(Vec3.X)))
                .hasMessageContaining("as many");
    }
}
