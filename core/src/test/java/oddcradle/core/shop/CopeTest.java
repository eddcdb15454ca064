package oddcradle.core.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class CopeTest {
    private static final double R = 0.0159;

    private static CopeBranch branch(double angle, double offset, double r) {
        Vec3 direction = new Vec3(Math.cos(angle), 0, Math.sin(angle));
        return new CopeBranch(
                new Vec3(0, offset, 0), direction, r, 0.002, new Vec3(Math.sin(angle), 0, -Math.cos(angle)));
    }

    private static final CopeHeader HEADER = new CopeHeader(Vec3.ZERO, Vec3.X, R);

    /** z = (sqrt(R^2 - (r sin f + e)^2) + r cos f cos t) / sin t, the layout formula of tube shops. */
    @Test
    void oneHeader_followsTheLayoutFormula() {
        double t = Math.toRadians(55);
        double e = 0.003;
        double r = 0.0127;
        CopeResult cope = Cope.of(branch(t, e, r), List.of(HEADER), 36);
        for (int k = 0; k < 36; k++) {
            double f = 2 * Math.PI * k / 36;
            double across = r * Math.sin(f) + e;
            double z = (Math.sqrt(R * R - across * across) + r * Math.cos(f) * Math.cos(t)) / Math.sin(t);
            assertThat(cope.outer().get(k).orElseThrow()).isCloseTo(z, within(1e-12));
            assertThat(onHeader(branch(t, e, r), f, r, cope.outer().get(k).orElseThrow()))
                    .isCloseTo(0, within(1e-12));
        }
        assertThat(cope.circumference()).isCloseTo(2 * Math.PI * r, within(1e-15));
    }

    private static double onHeader(CopeBranch branch, double phi, double radius, double s) {
        Vec3 p = branch.point().along(branch.side(phi), radius).along(branch.direction(), s);
        return Math.hypot(p.y(), p.z()) - R;
    }

    @Test
    void squareCopeOfEqualTubes_isAsDeepAsTheRadius() {
        CopeResult cope = Cope.of(branch(Math.PI / 2, 0, R), List.of(HEADER), 72);
        assertThat(cope.notchDepth()).isCloseTo(R, within(1e-9));
        assertThat(cope.outer().get(18).orElseThrow()).isCloseTo(0, within(1e-9));
        // At the flanks the bore reaches the header first, and the tube is cut to that.
        assertThat(cope.deepest().orElseThrow()).isCloseTo(Math.sqrt(R * R - (R - 0.002) * (R - 0.002)), within(1e-9));
    }

    @Test
    void tubeThatMisses_hasNoEdgeThere() {
        CopeResult cope = Cope.of(branch(Math.PI / 2, 0.02, 0.0127), List.of(HEADER), 36);
        assertThat(cope.outer()).contains(OptionalDouble.empty());
        assertThat(cope.deepest()).isPresent();
        CopeResult along =
                Cope.of(new CopeBranch(new Vec3(0, 0.1, 0), Vec3.X, 0.01, 0.001, Vec3.Z), List.of(HEADER), 36);
        assertThat(along.deepest()).isEmpty();
        assertThat(along.notchDepth()).isZero();
    }

    /** Ray casting, independent of the quadratic: march in from far outside until the ray is inside a header. */
    @Property(tries = 25)
    void everyEdge_isWhereAMarchingRayFirstHits(@ForAll Random random) {
        CopeBranch branch = branch(Math.toRadians(30 + 60 * random.nextDouble()), 0.004 * random.nextDouble(), 0.0111);
        CopeHeader second = new CopeHeader(
                Vec3.ZERO, new Vec3(random.nextGaussian(), random.nextGaussian(), 0.3 * random.nextGaussian()), 0.0127);
        List<CopeHeader> headers = List.of(HEADER, second);
        CopeResult cope = Cope.of(branch, headers, 16);
        for (int k = 0; k < 16; k++) {
            if (cope.outer().get(k).isPresent() && cope.outer().get(k).getAsDouble() < 0.29) {
                double hit = march(branch, cope.phi().get(k), headers);
                assertThat(cope.outer().get(k).getAsDouble()).isCloseTo(hit, within(2e-5));
            }
        }
    }

    private static double march(CopeBranch branch, double phi, List<CopeHeader> headers) {
        Vec3 start = branch.point().along(branch.side(phi), branch.radius());
        for (double s = 0.3; s > -0.3; s -= 1e-5) {
            Vec3 p = start.along(branch.direction(), s);
            for (CopeHeader header : headers) {
                if (p.minus(header.point()).withoutPartAlong(header.direction()).length() <= header.radius()) {
                    return s;
                }
            }
        }
        return Double.NaN;
    }

    @Test
    void wrongInput_namesItsField() {
        assertThatThrownBy(() -> Cope.of(branch(1, 0, R), List.of(), 36))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("headers is empty");
        assertThatThrownBy(() -> Cope.of(branch(1, 0, R), List.of(HEADER), 2)).hasMessageContaining("n is 2");
        assertThatThrownBy(() -> new CopeBranch(Vec3.ZERO, Vec3.Z, 0.01, 0.002, Vec3.Z))
                .hasMessageContaining("ref points along the branch");
        assertThatThrownBy(() -> new CopeBranch(Vec3.ZERO, Vec3.Z, 0.01, 0.01, Vec3.X))
                .hasMessageContaining("wall");
    }
}
