package oddcradle.core.asbuilt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class BodyOnHolesTest {
    private static final double STIFF = 1e6;

    private static Hole hole(String id, double x, double y, Vec3 off, double play) {
        return new Hole(id, new Vec3(x, y, 0), Vec3.Z, off, play);
    }

    private static List<Hole> square(Vec3 off, double play) {
        return List.of(
                hole("A", 0.1, 0.1, off, play),
                hole("B", -0.1, 0.1, Vec3.ZERO, play),
                hole("C", -0.1, -0.1, Vec3.ZERO, play),
                hole("D", 0.1, -0.1, Vec3.ZERO, play));
    }

    /** A four-legged table with one short leg: each leg takes a quarter of it, up and down in turn (plane statics by hand). */
    @Test
    void oneLowLegOfFour_isSharedByAll() {
        List<Hole> holes = square(new Vec3(0, 0, -0.002), 0);

        Seated seated = BodyOnHoles.apart(holes, STIFF, STIFF).on(holes);

        double quarter = 0.0005 * STIFF;
        assertThat(seated.forces().stream().map(force -> Math.rint(force.z())).toList())
                .containsExactly(quarter, -quarter, quarter, -quarter);
        assertThat(seated.motion().shift().z()).isCloseTo(-0.0005, within(1e-12));
    }

    @Test
    void threeLegs_standWithoutForceHoweverLongTheyAre() {
        List<Hole> holes = List.of(
                hole("A", 0.1, 0, new Vec3(0, 0, -0.004), 0),
                hole("B", -0.1, 0.1, new Vec3(0, 0, 0.001), 0),
                hole("C", -0.1, -0.1, Vec3.ZERO, 0));

        Seated seated = BodyOnHoles.apart(holes, STIFF, STIFF).on(holes);

        assertThat(seated.forces())
                .allSatisfy(force -> assertThat(force.length()).isLessThan(1e-6));
        assertThat(seated.motion().at(holes.get(0).place()).z()).isCloseTo(-0.004, within(1e-12));
    }

    /** A stiff mount decides where the body lies, soft ones follow. */
    @Test
    void stiffMount_decidesMoreThanASoftOne() {
        List<Hole> holes = square(new Vec3(0, 0, -0.002), 0);
        double[][] give = new double[12][12];
        for (int k = 0; k < 4; k++) {
            BodyOnHoles.addGive(give, k, Vec3.Z, k == 0 ? 1e-9 : 1e-5, 1e-6);
        }

        Seated seated =
                BodyOnHoles.of(holes.stream().map(Hole::place).toList(), give).on(holes);

        assertThat(seated.motion().at(holes.get(0).place()).z()).isCloseTo(-0.002, within(2e-6));
        assertThat(seated.motion().at(holes.get(2).place()).z()).isGreaterThan(-0.0015);
    }

    @Property(tries = 60)
    void holesWithinThePlay_takeTheirBoltsWithoutForce(
            @ForAll @DoubleRange(min = -0.35, max = 0.35) double x,
            @ForAll @DoubleRange(min = -0.35, max = 0.35) double y) {
        List<Hole> holes = square(new Vec3(x / 1000, y / 1000, 0), 0.0005);

        Seated seated = BodyOnHoles.apart(holes, STIFF, STIFF).on(holes);

        assertThat(seated.worstAcross(holes)).isLessThan(1e-7);
        assertThat(seated.play()).allSatisfy(play -> assertThat(play.length()).isLessThan(0.0005 + 1e-9));
    }

    @Property(tries = 60)
    void whatLiesBeyondAllPlay_isLeftAcrossSomeBolt(@ForAll @DoubleRange(min = 3, max = 9) double off) {
        List<Hole> holes = square(new Vec3(off / 1000, 0, 0), 0.0005);

        Seated byHand = BodyOnHoles.byHand(holes).on(holes);

        // Two bolts beside each other can hand on no more than both their plays, whatever the body does.
        assertThat(byHand.worstAcross(holes)).isGreaterThan((off / 1000 - 0.002) / 4);
    }

    @Test
    void mountsInALine_letTheBodyTurn_andAreNamed() {
        List<Hole> holes = new ArrayList<>();
        for (int k = 0; k < 4; k++) {
            holes.add(hole("M" + k, 0.1 * k, 0, Vec3.ZERO, 0));
        }

        assertThatThrownBy(() -> BodyOnHoles.apart(holes, STIFF, STIFF))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("in one line");
    }

    /** Pushed sideways before the bolts are tight, the whole body goes as far as its play. */
    @Test
    void reach_isThePlayThatIsLeft() {
        List<Hole> holes = square(new Vec3(0.0002, 0, 0), 0.0005);
        Aim aim = new Aim(Vec3.ZERO, Vec3.Y, 0, 0.001);

        double reach = BodyOnHoles.apart(holes, STIFF, STIFF).reach(aim, holes);

        assertThat(reach).isCloseTo((3 * 0.0005 + 0.0003) / 4, within(1e-9));
    }
}
