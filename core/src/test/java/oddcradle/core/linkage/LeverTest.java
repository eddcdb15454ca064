package oddcradle.core.linkage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

/** A circle meets a sphere: the exact answer beside a search over the whole circle. */
class LeverTest {
    private static Lever leaning(double lean) {
        return new Lever(
                new Vec3(0.1, -0.05, 0.2),
                new Vec3(lean, 1, 0.3 - lean),
                new Vec3(0.1, -0.04, 0.28),
                new Vec3(0.15, -0.05, 0.2));
    }

    @Property(tries = 80)
    void angleAt_putsTheEndAtItsDistance(
            @ForAll @DoubleRange(min = -0.5, max = 0.5) double lean,
            @ForAll @DoubleRange(min = -1, max = 1) double x,
            @ForAll @DoubleRange(min = -1, max = 1) double z,
            @ForAll @DoubleRange(min = 0.05, max = 1.5) double distance) {
        Lever lever = leaning(lean);
        Vec3 from = new Vec3(x, 0.1, z);
        double least = Double.POSITIVE_INFINITY;
        double most = 0;
        for (int k = 0; k < 3600; k++) {
            double there = lever.inAt(2 * Math.PI * k / 3600).distanceTo(from);
            least = Math.min(least, there);
            most = Math.max(most, there);
        }
        Optional<Double> angle = lever.angleAt(from, distance, 0);
        if (distance > least + 1e-4 && distance < most - 1e-4) {
            assertThat(lever.inAt(angle.orElseThrow()).distanceTo(from)).isCloseTo(distance, within(1e-9));
        } else if (distance < least - 1e-4 || distance > most + 1e-4) {
            assertThat(angle).isEmpty();
        }
    }

    @Property(tries = 40)
    void nearerOfTwoAnswers_isGivenInTheTurnThatIsAskedFor(@ForAll @DoubleRange(min = -8, max = 8) double near) {
        Lever lever = leaning(0);
        Vec3 from = new Vec3(0.4, 0, 0.3);
        double distance = lever.inAt(near).distanceTo(from);
        assertThat(lever.angleAt(from, distance, near).orElseThrow()).isCloseTo(near, within(1e-6));
    }

    @Property(tries = 40)
    void moves_isTheSlopeOfTheTurn(@ForAll @DoubleRange(min = -2, max = 2) double angle) {
        Lever lever = leaning(0.2);
        Vec3 way = new Vec3(0.2, -0.5, 0.7);
        double h = 1e-6;
        double slope = lever.inAt(angle + h).minus(lever.inAt(angle - h)).dot(way) / (2 * h);
        assertThat(lever.moves(lever.inAt(angle), way)).isCloseTo(slope, within(1e-8));
    }

    /** What the hand does to the engine's lever, the engine's lever does to the hand the other way round. */
    @Property(tries = 40)
    void trainFromTheOtherEnd_hasTheInverseRatio(
            @ForAll @DoubleRange(min = 0.05, max = 0.2) double arm,
            @ForAll @DoubleRange(min = -0.3, max = 0.3) double lean) {
        Vec3 there = new Vec3(0.7, 0.1, lean);
        Lever hand = new Lever(Vec3.ZERO, Vec3.Y, new Vec3(0, 0, 0.2), new Vec3(0.01, 0, arm));
        Lever engine = new Lever(
                there, new Vec3(0, 1, lean), there.plus(new Vec3(0, 0, 0.06)), there.plus(new Vec3(0, 0, 0.06)));
        Lever asHand = new Lever(there, new Vec3(0, 1, lean), engine.in(), engine.in());
        Lever asEngine = new Lever(Vec3.ZERO, Vec3.Y, hand.out(), hand.out());
        double forth = new ControlTrain(List.of(hand, engine), List.of(new Link.Rod()))
                .atRest()
                .ratio();
        double back = new ControlTrain(List.of(asHand, asEngine), List.of(new Link.Rod()))
                .atRest()
                .ratio();
        assertThat(forth * back).isCloseTo(1, within(1e-9));
    }

    /** A conduit takes nothing but length out of a straight wire: both ends far off, it pulls like a long rod. */
    @Test
    void cableWithFarMouths_turnsLikeALongRod() {
        Lever hand = new Lever(Vec3.ZERO, Vec3.Y, new Vec3(0, 0, 0.2), new Vec3(0, 0, 0.05));
        Vec3 far = new Vec3(3000, 0, 0);
        Lever engine = new Lever(far, Vec3.Y, far.plus(new Vec3(0, 0, 0.05)), far.plus(new Vec3(0, 0, 0.05)));
        Link cable = new Link.Cable(new Vec3(-1000, 0, 0.05), new Vec3(4000, 0, 0.05), 0, 0);
        List<ControlTrain.At> pulled = new ControlTrain(List.of(hand, engine), List.of(cable)).through(0.4);
        List<ControlTrain.At> pushed = new ControlTrain(List.of(hand, engine), List.of(new Link.Rod())).through(0.4);
        assertThat(pulled.get(pulled.size() - 1).engine())
                .isCloseTo(pushed.get(pushed.size() - 1).engine(), within(1e-4));
    }
}
