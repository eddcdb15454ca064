package oddcradle.core.recording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import org.junit.jupiter.api.Test;

/** Records made up of known orders, read back. */
class OrderTrackTest {
    private static final List<Double> ORDERS = List.of(0.5, 1.0, 1.5, 2.0, 3.0, 4.0);
    private static final double RATE = 1000;
    private static final double FROM = 90;
    private static final double TO = 240;
    private static final double LENGTH = 12;

    /** Amplitude of an order at a speed, m/s2: inertia grows with the square, gas stays. */
    private static double amplitude(double order, double speed) {
        double square = speed * speed / 1e4;
        return order == 1 ? 3 * square : order == 2 ? 0.8 * square : order == 0.5 ? 2 : order == 1.5 ? 0.7 : 0;
    }

    private record Made(List<Double> times, List<Vec3> values, List<Double> speeds) {}

    /** From slow to fast, then back, with noise and gravity. */
    private static Made made(double noise) {
        Random random = new Random(7);
        Made made = new Made(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        double angle = 0;
        for (int k = 0; k < LENGTH * RATE; k++) {
            double t = k / RATE;
            double speed = FROM + (TO - FROM) * (1 - Math.abs(2 * t / LENGTH - 1));
            angle += speed / RATE;
            double a = 0;
            for (double order : ORDERS) {
                a += amplitude(order, speed) * Math.cos(order * angle + order);
            }
            made.times().add(t);
            made.speeds().add(speed);
            made.values()
                    .add(new Vec3(
                            0.6 * a + noise * random.nextGaussian(),
                            noise * random.nextGaussian(),
                            9.81 + 0.8 * a + noise * random.nextGaussian()));
        }
        return made;
    }

    private static void requireKnownContent(OrderTrack track, double share) {
        assertThat(track.blocks()).hasSizeGreaterThan(20);
        for (OrderTrack.Block block : track.blocks()) {
            for (int o = 0; o < ORDERS.size(); o++) {
                double known = amplitude(ORDERS.get(o), block.speed());
                assertThat(block.amplitudes().get(o))
                        .as("order %s at %s rad/s", ORDERS.get(o), block.speed())
                        .isCloseTo(known, within(share * known + 0.12));
            }
        }
    }

    @Test
    void withATacho_everyOrderIsReadBack_whileTheSpeedRises() {
        Made made = made(0.3);
        Recording recording = Recording.of(made.times(), made.values(), Optional.of(made.speeds()));
        requireKnownContent(SpeedFinder.track(recording, ORDERS, (order, speed) -> 1, FROM, TO), 0.04);
        assertThat(recording.troubles()).isEmpty();
    }

    @Test
    void withoutATacho_theSpeedIsFoundInTheRecord() {
        Made made = made(0.3);
        Recording recording = Recording.of(made.times(), made.values(), Optional.empty());
        OrderTrack track = SpeedFinder.track(recording, ORDERS, OrderTrackTest::amplitude, 0.8 * FROM, 1.1 * TO);
        for (OrderTrack.Block block : track.blocks().subList(2, track.blocks().size() - 2)) {
            double known = FROM + (TO - FROM) * (1 - Math.abs(2 * block.time() / LENGTH - 1));
            // The turning point is cut off by blocks of half a second and more.
            assertThat(block.speed()).isCloseTo(known, within(Math.abs(block.time() - 6) < 1 ? 9.0 : 1.5));
        }
    }

    /** A swing that lies on a line of the spectrum stands there with its amplitude. */
    @Test
    void spectrum_holdsTheAmplitude() {
        List<Double> times = new ArrayList<>();
        List<Vec3> values = new ArrayList<>();
        double hertz = 100 * RATE / 4096;
        for (int k = 0; k < 20_000; k++) {
            times.add(k / RATE);
            values.add(new Vec3(0, 0, 5 * Math.sin(2 * Math.PI * hertz * k / RATE)));
        }
        Spectrum spectrum = Spectrum.of(Recording.of(times, values, Optional.empty()));
        assertThat(spectrum.near(hertz)).isCloseTo(5, within(0.02));
        assertThat(spectrum.near(3 * hertz)).isLessThan(0.01);
    }

    @Test
    void lostSamples_areToldWhereFew_andRefusedWhereMany() {
        Made made = made(0.1);
        List<Double> times = new ArrayList<>(made.times());
        List<Vec3> values = new ArrayList<>(made.values());
        for (int k = 0; k < 40; k++) {
            times.remove(2000);
            values.remove(2000);
        }
        assertThat(Recording.of(times, values, Optional.empty()).troubles())
                .singleElement()
                .satisfies(trouble -> assertThat(trouble.pattern()).contains("lost"));
        for (int k = 0; k < 600; k++) {
            times.remove(5000);
            values.remove(5000);
        }
        assertThatThrownBy(() -> Recording.of(times, values, Optional.empty()))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("lost about");
    }

    @Test
    void clippedAxis_isTold() {
        Made made = made(0);
        List<Vec3> cut = made.values().stream()
                .map(each -> new Vec3(each.x(), each.y(), Math.min(each.z(), 16)))
                .toList();
        assertThat(Recording.of(made.times(), cut, Optional.empty()).troubles())
                .singleElement()
                .satisfies(trouble -> assertThat(trouble.pattern()).contains("cut off"));
    }

    @Test
    void uselessRecords_areRefusedByName() {
        Made made = made(0);
        List<Double> back = new ArrayList<>(made.times());
        back.set(700, 0.1);
        assertThatThrownBy(() -> Recording.of(back, made.values(), Optional.empty()))
                .hasMessageContaining("times must rise");
        assertThatThrownBy(() -> Recording.of(made.times().subList(0, 50), made.values(), Optional.empty()))
                .hasMessageContaining("record longer");
        List<Double> rpm =
                made.speeds().stream().map(each -> each * 30 / Math.PI * 30).toList();
        assertThatThrownBy(() -> Recording.of(made.times(), made.values(), Optional.of(rpm)))
                .hasMessageContaining("unit in the header");
        Random random = new Random(3);
        List<Vec3> noise = made.values().stream()
                .map(each -> new Vec3(random.nextGaussian(), random.nextGaussian(), random.nextGaussian()))
                .toList();
        Recording nothing = Recording.of(made.times(), noise, Optional.empty());
        assertThatThrownBy(() -> SpeedFinder.track(nothing, ORDERS, OrderTrackTest::amplitude, FROM, TO))
                .hasMessageContaining("add a column of rpm");
    }

    /** Nothing can be told above half the rate. */
    @Test
    void orderAboveWhatTheRateTells_isLeftOpen() {
        Made made = made(0);
        List<Double> times = new ArrayList<>();
        List<Vec3> values = new ArrayList<>();
        List<Double> speeds = new ArrayList<>();
        for (int k = 0; k < made.times().size(); k += 10) {
            times.add(made.times().get(k));
            values.add(made.values().get(k));
            speeds.add(made.speeds().get(k));
        }
        OrderTrack track = SpeedFinder.track(
                Recording.of(times, values, Optional.of(speeds)), ORDERS, (order, speed) -> 1, FROM, TO);
        assertThat(track.blocks())
                .anySatisfy(block ->
                        assertThat(block.amplitudes().get(ORDERS.size() - 1)).isNaN());
    }
}
