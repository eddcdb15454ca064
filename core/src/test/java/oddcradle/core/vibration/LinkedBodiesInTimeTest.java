package oddcradle.core.vibration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import org.junit.jupiter.api.Test;

class LinkedBodiesInTimeTest {
    private static final double MASS = 40;
    private static final double EACH = 60_000;
    private static final double OWN = Math.sqrt(4 * EACH / MASS);

    private static MassProperties body(Vec3 cg) {
        return new MassProperties(MASS, cg, Mat3.diagonal(1.2, 1.6, 2.0));
    }

    /** Four alike round the foot of a body, each as stiff every way. */
    private static List<LinkedBodies.Link> four(int of, int on, double loss, double height, OptionalDouble way) {
        List<LinkedBodies.Link> links = new ArrayList<>();
        for (int k = 0; k < 4; k++) {
            links.add(new LinkedBodies.Link(
                    "m" + of + k,
                    of,
                    on,
                    new Vec3(k < 2 ? 0.2 : -0.2, k % 2 == 0 ? 0.15 : -0.15, height),
                    Mat3.IDENTITY,
                    new Vec3(EACH, EACH, EACH),
                    loss,
                    way));
        }
        return links;
    }

    private static double most(LinkedBodies system, Vec3 axis, DoubleUnaryOperator push, double from, double to) {
        double[] most = {0};
        LinkedBodiesInTime.of(system)
                .orElseThrow()
                .follow(
                        (t, loads) -> {
                            double force = push.applyAsDouble(t);
                            loads[0] = force * axis.x();
                            loads[1] = force * axis.y();
                            loads[2] = force * axis.z();
                        },
                        to,
                        OWN,
                        (t, state) -> {
                            if (t > from) {
                                most[0] = Math.max(
                                        most[0],
                                        Math.abs(state.motion(0).shift().dot(axis)));
                            }
                        });
        return most[0];
    }

    /** Long after the start it swings as the steady answer in frequency has it, sideways with its pitching, at and off its resonances. */
    @Test
    void longAfterTheStart_itSwingsAsTheSteadyAnswerSays() {
        double loss = 0.2;
        LinkedBodies system = new LinkedBodies(
                List.of(body(Vec3.ZERO)), four(0, LinkedBodies.GROUND, loss, -0.1, OptionalDouble.empty()));
        List<Mount> mounts = system.links().stream()
                .map(link -> new Mount(link.name(), link.at(), link.axes(), link.stiffness(), loss))
                .toList();
        MountedBody same = new MountedBody(body(Vec3.ZERO), mounts, Vec3.ZERO);
        // The second of its modes slides fore and aft with pitching.
        double own =
                RigidBodyModes.solve(same).answer().orElseThrow().modes().get(1).frequencyHz();
        for (double frequency : new double[] {0.5 * own, own, 2 * own}) {
            double omega = 2 * Math.PI * frequency;
            double steady = RigidBodyModes.swing(same, HarmonicWrench.inStep(Vec3.X, Vec3.ZERO), frequency)
                    .along(Vec3.ZERO, Vec3.X);
            double followed = most(system, Vec3.X, t -> Math.sin(omega * t), 2.5, 4);
            // A loss that goes with frequency and one that does not agree at the resonance, and nearly beside it.
            assertThat(followed).isCloseTo(steady, within(0.03 * steady));
        }
    }

    /** Harris, Shock and Vibration Handbook, half-sine pulse on an undamped mass: at most 1.77 times as if it stood (from memory). */
    @Test
    void halfSineJolt_doesAtMost177PerCentOfStatics() {
        LinkedBodies system =
                new LinkedBodies(List.of(body(Vec3.ZERO)), four(0, LinkedBodies.GROUND, 0, 0, OptionalDouble.empty()));
        double worst = 0;
        for (double share = 0.5; share <= 1.2; share += 0.05) {
            double pulse = share * 2 * Math.PI / OWN;
            double there = most(system, Vec3.Z, t -> t < pulse ? Math.sin(Math.PI * t / pulse) : 0, 0, 0.6);
            worst = Math.max(worst, there * 4 * EACH);
        }
        assertThat(worst).isCloseTo(1.77, within(0.01));
    }

    /** A load put on at once does twice what it does standing, however it is held: energy, common knowledge. */
    @Test
    void loadAtOnce_doesTwiceOfStatics() {
        LinkedBodies system =
                new LinkedBodies(List.of(body(Vec3.ZERO)), four(0, LinkedBodies.GROUND, 0, 0, OptionalDouble.empty()));
        assertThat(most(system, Vec3.Y, t -> 1000, 0, 0.3) * 4 * EACH).isCloseTo(2000, within(2.0));
    }

    /** The way past a stop by energy: work of the load equals what springs and stops hold, both straight lines. */
    @Test
    void stop_takesWhatEnergySays() {
        double way = 0.004;
        LinkedBodies system =
                new LinkedBodies(List.of(body(Vec3.ZERO)), four(0, LinkedBodies.GROUND, 0, 0, OptionalDouble.of(way)));
        double force = 1500;
        double k = 4 * EACH;
        double stop = LinkedBodies.Link.STOP * k;
        double reached = most(system, Vec3.Z, t -> force, 0, 0.3);
        assertThat(reached).isGreaterThan(way);
        double held = k * reached * reached / 2 + stop * (reached - way) * (reached - way) / 2;
        assertThat(force * reached).isCloseTo(held, within(0.002 * held));
    }

    /** Two equal masses one on the other, closed form for an undamped chain: inverse of the dynamic stiffness. */
    @Test
    void oneBodyOnAnother_swingsAsAChain() {
        List<LinkedBodies.Link> links = new ArrayList<>(four(0, 1, 0.02, 0.1, OptionalDouble.empty()));
        links.addAll(four(1, LinkedBodies.GROUND, 0.02, -0.4, OptionalDouble.empty()));
        LinkedBodies system = new LinkedBodies(List.of(body(new Vec3(0, 0, 0.2)), body(new Vec3(0, 0, -0.2))), links);
        double k = 4 * EACH;
        double omega = 2.2 * OWN;
        double m = MASS * omega * omega;
        double chain = Math.abs((2 * k - m) / ((k - m) * (2 * k - m) - k * k));
        // Grown slowly, so that nothing rings of its own.
        double followed = most(system, Vec3.Z, t -> Math.min(1, t / 2) * Math.sin(omega * t), 3, 4);
        assertThat(followed).isCloseTo(chain, within(0.02 * chain));
    }

    @Test
    void bodyThatIsFree_isNotFollowed() {
        LinkedBodies.Link oneWay = new LinkedBodies.Link(
                "only",
                0,
                LinkedBodies.GROUND,
                Vec3.ZERO,
                Mat3.IDENTITY,
                new Vec3(0, 0, EACH),
                0,
                OptionalDouble.empty());
        assertThat(LinkedBodiesInTime.of(new LinkedBodies(List.of(body(Vec3.ZERO)), List.of(oneWay))))
                .isEqualTo(Optional.empty());
    }
}
