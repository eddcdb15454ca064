package oddcradle.core.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;
import org.junit.jupiter.api.Test;

class CopeTest {
    /** Where rays begin, along the branch, m. */
    private static final double FAR = 0.15;

    private static final double R = 0.0159;

    private static CopeBranch branch(double angle, double offset, double r) {
        Vec3 direction = new Vec3(Math.cos(angle), 0, Math.sin(angle));
        return new CopeBranch(
                new Vec3(0, offset, 0),
                direction,
                new Tube(2 * r, 0.002),
                new Vec3(Math.sin(angle), 0, -Math.cos(angle)));
    }

    private static final CopeHeader.Round HEADER = new CopeHeader.Round(Vec3.ZERO, Vec3.X, R);

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
        assertThat(cope.perimeter()).isCloseTo(2 * Math.PI * r, within(1e-15));
    }

    private static double onHeader(CopeBranch branch, double phi, double radius, double s) {
        Vec3 p = branch.at(radius * Math.cos(phi), radius * Math.sin(phi), s);
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
        CopeResult along = Cope.of(
                new CopeBranch(new Vec3(0, 0.1, 0), Vec3.X, new Tube(0.02, 0.001), Vec3.Z), List.of(HEADER), 36);
        assertThat(along.deepest()).isEmpty();
        assertThat(along.notchDepth()).isZero();
    }

    /**
     * Ray casting, independent of how each header is crossed: march in from far outside until the ray is inside one. Every kind of tube end on
     * several headers of every kind at once.
     */
    @Property(tries = 40)
    void everyEdge_isWhereAMarchingRayFirstHits(@ForAll Random random) {
        Vec3 way = new Vec3(0.6 * random.nextGaussian(), 0.2 * random.nextGaussian(), 1);
        Section section = random.nextBoolean()
                ? new Tube(0.0222, 0.002)
                : new RectTube(0.024, 0.016 + 0.02 * random.nextDouble(), 0.002);
        CopeBranch branch = new CopeBranch(
                new Vec3(0, 0.004 * random.nextDouble(), 0), way, section, new Vec3(1, random.nextGaussian(), 0));
        List<CopeHeader> headers = List.of(
                new CopeHeader.Round(Vec3.ZERO, new Vec3(random.nextGaussian(), random.nextGaussian(), 0.2), R),
                new CopeHeader.Box(Vec3.ZERO, new Vec3(1, random.nextGaussian(), 0.1), Vec3.Z, 0.02, 0.03),
                new CopeHeader.Bent(quarterBend(0.06, random.nextDouble()), 0.014),
                new CopeHeader.Ended(
                        new CopeHeader.Round(new Vec3(0, 0, 0.01), new Vec3(1, random.nextGaussian(), 0.4), 0.012),
                        new Vec3(-0.005, 0, 0.01),
                        new Vec3(random.nextGaussian(), 1, 0.2)),
                new CopeHeader.Face(new Vec3(0, 0, -0.02), new Vec3(0.3 * random.nextGaussian(), 0, 1)));
        CopeResult cope = Cope.of(branch, headers, 24);
        CopeEdge edge = CopeEdge.of(section, 24);
        int met = 0;
        for (int k = 0; k < cope.outer().size(); k++) {
            CopeEdge.Place line = edge.outer().get(k);
            double here = cope.outer().get(k).orElse(Double.NaN);
            Vec3 begin = branch.at(line.c(), line.s(), FAR);
            // A strongly leaning tube may begin within the plate already: no ray comes to it from outside.
            boolean comesFromOutside = headers.stream().noneMatch(header -> isInside(header, begin, 1e-5));
            if (comesFromOutside && here < 0.14) {
                met++;
                assertThat(first(branch, line, headers, here + 1e-5, -1e-5)).isNaN();
                Vec3 end = branch.at(line.c(), line.s(), here);
                assertThat(headers).anyMatch(header -> isInside(header, end, 1e-5));
            }
        }
        assertThat(met).isGreaterThan(0);
    }

    /** A quarter turn level about a centre beside it. */
    private static List<Vec3> quarterBend(double radius, double turned) {
        return IntStream.rangeClosed(0, 90)
                .mapToObj(degree -> turned + Math.toRadians(degree) - Math.PI / 4)
                .map(a -> new Vec3(radius * Math.cos(a) - radius, radius * Math.sin(a), 0))
                .toList();
    }

    /** Where a ray that marches in is first inside a header that is larger all round by so much, not farther than to a place; NaN if it never is. */
    private static double first(
            CopeBranch branch, CopeEdge.Place line, List<CopeHeader> headers, double to, double larger) {
        for (double s = FAR; s > to; s -= 1e-5) {
            Vec3 p = branch.at(line.c(), line.s(), s);
            if (headers.stream().anyMatch(header -> isInside(header, p, larger))) {
                return s;
            }
        }
        return Double.NaN;
    }

    private static boolean isInside(CopeHeader header, Vec3 p, double larger) {
        if (header instanceof CopeHeader.Round round) {
            return p.minus(round.point()).withoutPartAlong(round.direction()).length() <= round.radius() + larger;
        }
        if (header instanceof CopeHeader.Ended ended) {
            return p.minus(ended.end()).dot(ended.outward()) <= larger && isInside(ended.whole(), p, larger);
        }
        if (header instanceof CopeHeader.Face face) {
            return p.minus(face.point()).dot(face.normal()) <= larger;
        }
        if (header instanceof CopeHeader.Box box) {
            Vec3 from = p.minus(box.point());
            return Math.abs(from.dot(box.up())) <= box.height() / 2 + larger
                    && Math.abs(from.dot(box.up().cross(box.direction()))) <= box.width() / 2 + larger;
        }
        CopeHeader.Bent bent = (CopeHeader.Bent) header;
        double middle = Math.hypot(p.x() + 0.06, p.y()) - 0.06;
        double within = Math.atan2(p.y(), p.x() + 0.06);
        Vec3 last = bent.line().get(90);
        double turned = Math.atan2(last.y(), last.x() + 0.06) - Math.PI / 4;
        boolean onArc = Math.abs(within - turned) <= Math.PI / 4;
        return onArc
                ? Math.hypot(middle, p.z()) <= bent.radius() + larger
                : Math.min(p.distanceTo(last), p.distanceTo(bent.line().get(0))) <= bent.radius() + larger;
    }

    /** Box on box at a right angle is a square cut at the header's side: half its height from its middle. */
    @Test
    void boxOnBox_isCutSquare() {
        CopeBranch branch = new CopeBranch(Vec3.ZERO, Vec3.Z, new RectTube(0.04, 0.04, 0.003), Vec3.X);
        CopeResult cope = Cope.of(branch, List.of(new CopeHeader.Box(Vec3.ZERO, Vec3.X, Vec3.Z, 0.04, 0.03)), 72);
        assertThat(cope.deepest().orElseThrow()).isCloseTo(0.015, within(1e-12));
        assertThat(cope.notchDepth()).isCloseTo(0, within(1e-12));
        assertThat(cope.meetsAllRound()).isTrue();
        assertThat(cope.perimeter()).isCloseTo(0.16, within(1e-12));
    }

    /** A box as wide as the round tube that it stands on: its sides run down to the middle, common practice of square-tube work. */
    @Test
    void boxOnRound_isHollowedByTheRadius() {
        CopeBranch branch = new CopeBranch(Vec3.ZERO, Vec3.Z, new RectTube(0.03, 0.03, 0.002), Vec3.X);
        CopeResult cope = Cope.of(branch, List.of(new CopeHeader.Round(Vec3.ZERO, Vec3.X, 0.015)), 72);
        assertThat(cope.notchDepth()).isCloseTo(0.015, within(1e-9));
    }

    /** Hole saw: square joints are set to nought, and the sharp side of a slanting one is where the cut is deepest. */
    @Test
    void notcher_isSetByAngleOffsetAndSharpSide() {
        CopeBranch slanting = branch(Math.toRadians(55), 0, 0.0127);
        Saddle saddle = Saddle.of(slanting, HEADER);
        assertThat(Math.toDegrees(saddle.offSquare())).isCloseTo(35, within(1e-9));
        assertThat(saddle.saw()).isCloseTo(2 * R, within(1e-15));
        CopeResult cope = Cope.of(slanting, List.of(HEADER), 72);
        int sharp = (int) Math.round(saddle.clock() / (2 * Math.PI) * 72) % 72;
        double deepest = cope.outer().stream()
                .mapToDouble(OptionalDouble::getAsDouble)
                .max()
                .orElseThrow();
        assertThat(cope.outer().get(sharp).getAsDouble()).isCloseTo(deepest, within(1e-9));
        assertThat(Saddle.of(branch(Math.PI / 2, 0.004, 0.0127), HEADER).offset())
                .isCloseTo(0.004, within(1e-12));
    }

    /** Equal tubes at a right angle: two cuts of 30 degrees, common practice of those who have only a saw. */
    @Test
    void twoFlatCuts_standForASquareSaddle() {
        FlatCuts flat = FlatCuts.of(branch(Math.PI / 2, 0, R), HEADER);
        assertThat(flat.cuts()).hasSize(2).allSatisfy(cut -> assertThat(Math.toDegrees(cut.offSquare()))
                .isCloseTo(30, within(1e-9)));
        assertThat(flat.light()).isCloseTo(R * (1 / Math.cos(Math.toRadians(30)) - 1), within(1e-12));
    }

    /** Whatever the joint, flat cuts take no more than the saddle does, touch it, and leave no more light than they say. */
    @Property(tries = 40)
    void flatCuts_touchTheHeaderAndLeaveTheLightTheySay(
            @ForAll @DoubleRange(min = 0.60, max = 2.50) double angle,
            @ForAll @DoubleRange(min = -0.40, max = 0.40) double aside) {
        double r = 0.0111;
        CopeBranch branch = branch(angle, aside * 0.01, r);
        FlatCuts flat = FlatCuts.of(branch, HEADER);
        double widest = 0;
        double nearest = Double.POSITIVE_INFINITY;
        for (int k = 0; k < 720; k++) {
            double phi = Math.toRadians(k / 2.0);
            double end = flat.cuts().stream()
                    .mapToDouble(cut -> cut.end(r, phi))
                    .min()
                    .orElseThrow();
            Vec3 p = branch.at(r * Math.cos(phi), r * Math.sin(phi), end);
            double light = Math.hypot(p.y(), p.z()) - R;
            widest = Math.max(widest, light);
            nearest = Math.min(nearest, light);
        }
        assertThat(nearest).isBetween(-1e-9, 2e-5);
        assertThat(widest).isLessThan(flat.light() + 1e-9);
        assertThat(widest).isGreaterThan(0.5 * flat.light());
    }

    @Test
    void wrongInput_namesItsField() {
        assertThatThrownBy(() -> Cope.of(branch(1, 0, R), List.of(), 36))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("headers is empty");
        assertThatThrownBy(() -> Cope.of(branch(1, 0, R), List.of(HEADER), 2)).hasMessageContaining("n is 2");
        assertThatThrownBy(() -> new CopeBranch(Vec3.ZERO, Vec3.Z, new Tube(0.02, 0.002), Vec3.Z))
                .hasMessageContaining("ref points along the branch");
        assertThatThrownBy(() -> new CopeHeader.Box(Vec3.ZERO, Vec3.X, Vec3.X, 0.04, 0.04))
                .hasMessageContaining("up points along the tube");
    }
}
