package oddcradle.core.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class RigidFitTest {
    private static Vec3 any(Random random) {
        return new Vec3(random.nextGaussian(), random.nextGaussian(), random.nextGaussian());
    }

    /** Points that were only turned and shifted are laid back where they were. */
    @Property(tries = 60)
    void turnedAndShiftedPoints_areLaidBack(@ForAll int seed) {
        Random random = new Random(seed);
        Mat3 turn = Mat3.rotationAbout(any(random).unit(), 6 * random.nextDouble());
        Vec3 shift = any(random);
        List<Vec3> nominal = new ArrayList<>();
        List<Vec3> measured = new ArrayList<>();
        for (int k = 0; k < 3 + random.nextInt(5); k++) {
            nominal.add(any(random));
            measured.add(turn.times(nominal.get(k)).plus(shift));
        }
        RigidFit fit = RigidFit.of(nominal, measured, Collections.nCopies(nominal.size(), 1.0));
        assertThat(fit.rms()).isLessThan(1e-12);
        assertThat(fit.rotation().times(turn).times(Vec3.X).distanceTo(Vec3.X)).isLessThan(1e-9);
    }

    /** Of mirrored points the best fit is a turn all the same, and no other turn near it fits better. */
    @Property(tries = 40)
    void mirroredPoints_areTurnedAndNeverMirrored(@ForAll int seed) {
        Random random = new Random(seed);
        List<Vec3> nominal = List.of(any(random), any(random), any(random), any(random), any(random));
        List<Vec3> measured = nominal.stream()
                .map(each -> new Vec3(-each.x(), each.y(), each.z()))
                .toList();
        List<Double> weights = List.of(1.0, 2.0, 0.0, 0.5, 3.0);
        RigidFit fit = RigidFit.of(nominal, measured, weights);
        Mat3 r = fit.rotation();
        assertThat(r.times(Vec3.X).cross(r.times(Vec3.Y)).dot(r.times(Vec3.Z))).isCloseTo(1, within(1e-9));
        for (int tries = 0; tries < 20; tries++) {
            Mat3 beside = Mat3.rotationAbout(any(random).unit(), 0.02).times(r);
            double sum = 0;
            double whole = 0;
            Vec3 middle = Vec3.ZERO;
            Vec3 wanted = Vec3.ZERO;
            for (int k = 0; k < 5; k++) {
                middle = middle.along(measured.get(k), weights.get(k) / 6.5);
                wanted = wanted.along(nominal.get(k), weights.get(k) / 6.5);
            }
            for (int k = 0; k < 5; k++) {
                Vec3 off = beside.times(measured.get(k).minus(middle))
                        .minus(nominal.get(k).minus(wanted));
                sum += weights.get(k) * off.squaredLength();
                whole += weights.get(k);
            }
            assertThat(Math.sqrt(sum / whole)).isGreaterThanOrEqualTo(fit.weightedRms() - 1e-12);
        }
    }

    @Test
    void pointsInOneLine_andTooFew_areRefused() {
        List<Vec3> line = List.of(Vec3.ZERO, Vec3.X, Vec3.X.times(2), Vec3.X.times(5));
        List<Double> even = List.of(1.0, 1.0, 1.0, 1.0);
        assertThatThrownBy(() -> RigidFit.of(line, line, even))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("one line");
        List<Vec3> corner = List.of(Vec3.ZERO, Vec3.X, Vec3.Y, Vec3.Z);
        assertThatThrownBy(() -> RigidFit.of(corner, corner, List.of(1.0, 1.0, 0.0, 0.0)))
                .hasMessageContaining("must have 3");
        assertThatThrownBy(() -> RigidFit.of(corner, line.subList(0, 3), even)).hasMessageContaining("as many as");
    }
}
