package oddcradle.core.linkage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

class ControlTrainTest {
    private static Lever upright(double x, double in, double out) {
        return new Lever(new Vec3(x, 0, 0), Vec3.Y, new Vec3(x, 0, in), new Vec3(x, 0, out));
    }

    /** Arms of three to one on one pin and a parallelogram after it: common practice tells of a third of the pull. */
    @Test
    void bellCrankOfThreeToOne_turnsAThirdAsFarByAThirdOfThePull() {
        ControlTrain train =
                new ControlTrain(List.of(upright(0, 0.15, 0.05), upright(1, 0.05, 0.05)), List.of(new Link.Rod()));
        List<ControlTrain.At> way = train.through(0.4);
        assertThat(way.get(way.size() - 1).engine()).isCloseTo(0.4, within(1e-12));
        ControlWork work = ControlWork.of(train, 0.4, 0.4, 0.3, 0.3, 1);
        assertThat(work.force()).isCloseTo(0.3 / 0.15, within(1e-9));
        assertThat(work.bow()).isLessThan(1e-9);
        assertThat(work.linkForces().get(0)).isCloseTo(0.3 / 0.05 / Math.cos(0.4), within(1e-6));
    }

    @Test
    void armOnTheOtherSideOfThePin_reverses() {
        ControlTrain train =
                new ControlTrain(List.of(upright(0, 0.15, -0.05), upright(1, 0.05, 0.05)), List.of(new Link.Rod()));
        ControlTrain.At end = train.through(0.2).get(train.through(0.2).size() - 1);
        assertThat(end.engine()).isNegative();
        assertThat(end.ratio()).isNegative();
    }

    /** A short lever pulled by a long one comes into line with its rod and cannot follow. */
    @Test
    void leverThatComesIntoLineWithItsRod_endsTheTravel() {
        ControlTrain train =
                new ControlTrain(List.of(upright(0, 0.2, 0.2), upright(1, 0.05, 0.05)), List.of(new Link.Rod()));
        List<ControlTrain.At> way = train.through(1.2);
        assertThat(ControlTrain.isWhole(way, 1.2)).isFalse();
        assertThat(way.get(way.size() - 1).transmission().get(0)).isLessThan(0.01);
        assertThat(way.get(way.size() - 1).hand()).isBetween(0.2, 0.3);
    }

    @Test
    void cableThatWouldHaveToPush_isTold() {
        ControlTrain train = new ControlTrain(
                List.of(upright(0, 0.15, 0.05), upright(1, 0.05, 0.05)),
                List.of(new Link.Cable(new Vec3(0.1, 0, 0.05), new Vec3(0.9, 0, 0.05), 0, 0)));
        assertThat(ControlWork.of(train, 0.3, 0.3, 0.1, 0.1, 1).pulls()).isFalse();
        assertThat(ControlWork.of(train, -0.3, -0.3, 0.1, 0.1, 1).pulls()).isTrue();
    }

    /** Euler and Eytelwein: half a turn at 0.2 takes 1.87 times the pull (handbook value, from memory). */
    @Test
    void wireRoundHalfATurn_takesMorePullAndComesBackWithLess() {
        Link.Cable cable = new Link.Cable(new Vec3(-0.5, 0, 0.05), new Vec3(0.5, 0, 0.05), Math.PI, 0.2);
        ControlTrain train = new ControlTrain(List.of(upright(0, 0.15, 0.05), upright(1, 0.05, 0.05)), List.of(cable));
        assertThat(train.loss()).isCloseTo(1.874, within(1e-3));
        ControlWork work = ControlWork.of(train, 0.3, 0.3, 0.2, 0.2, 1);
        // What comes back is less than what went in by both losses.
        assertThat(work.back()).isLessThan(work.force() * 0.15 / 1.874 / 1.874 + 1e-9);
        assertThat(ControlWork.of(train, 0.3, 0.3, 0.2, 0.2, 0).back()).isZero();
    }

    /** Work that the hand does is work that the engine's lever takes, whatever the geometry. */
    @Property(tries = 60)
    void workInIsWorkOut(
            @ForAll @DoubleRange(min = -0.3, max = 0.3) double lean,
            @ForAll @DoubleRange(min = 0.05, max = 0.2) double arm,
            @ForAll @DoubleRange(min = 0.1, max = 0.4) double travel) {
        ControlTrain train = new ControlTrain(
                List.of(
                        new Lever(Vec3.ZERO, new Vec3(lean, 1, lean), new Vec3(0, 0, 0.2), new Vec3(0.01, 0, 0.05)),
                        new Lever(
                                new Vec3(0.8, 0.1, 0),
                                new Vec3(0, 1, lean),
                                new Vec3(0.8, 0.1, arm),
                                new Vec3(0.8, 0, arm))),
                List.of(new Link.Rod()));
        List<ControlTrain.At> way = train.through(travel);
        assertThat(ControlTrain.isWhole(way, travel)).isTrue();
        double turned = 0;
        for (int k = 1; k < way.size(); k++) {
            turned += (way.get(k).ratio() + way.get(k - 1).ratio())
                    / 2
                    * (way.get(k).hand() - way.get(k - 1).hand());
        }
        ControlTrain.At end = way.get(way.size() - 1);
        assertThat(turned).isCloseTo(end.engine(), within(1e-5));
    }

    /** What the hand's pull does over its way is what the spring takes up: no geometry gives work away (frictionless; by quadrature). */
    @Property(tries = 60)
    void pullOverItsWay_isTheWorkOfTheSpring(
            @ForAll @DoubleRange(min = 0.05, max = 0.2) double arm,
            @ForAll @DoubleRange(min = 0.1, max = 0.4) double travel,
            @ForAll @DoubleRange(min = 0, max = 2) double atRest,
            @ForAll @DoubleRange(min = 0.5, max = 3) double atEnd) {
        ControlTrain train =
                new ControlTrain(List.of(upright(0, 0.15, 0.06), upright(0.9, arm, arm)), List.of(new Link.Rod()));
        List<ControlTrain.At> way = train.through(travel);
        double wanted = way.get(way.size() - 1).engine();
        ControlWork work = ControlWork.of(train, travel, wanted, atRest, atEnd, 1);
        assertThat(work.forces()).hasSameSizeAs(way);
        double done = 0;
        for (int k = 1; k < way.size(); k++) {
            done += (work.forces().get(k) + work.forces().get(k - 1))
                    / 2
                    * 0.15
                    * (way.get(k).hand() - way.get(k - 1).hand());
        }
        assertThat(done).isCloseTo((atRest + atEnd) / 2 * wanted, within(1e-4));
        assertThat(work.force())
                .isEqualTo(work.forces().stream().mapToDouble(x -> x).max().orElseThrow());
    }

    @Test
    void armWithoutLength_isNamed() {
        assertThatThrownBy(() -> new Lever(Vec3.ZERO, Vec3.Y, new Vec3(0, 0.3, 0), Vec3.Z))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("in")
                .hasMessageContaining("no ratio");
        assertThatThrownBy(() -> new ControlTrain(List.of(upright(0, 1, 1), upright(1, 1, 1)), List.of()))
                .hasMessageContaining("one between every two");
        assertThatThrownBy(() -> new ControlTrain(List.of(upright(0, 1, 1), upright(1, 1, 1)), List.of(new Link.Rod()))
                        .through(0))
                .hasMessageContaining("travel");
    }
}
