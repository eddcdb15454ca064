package oddcradle.core.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.catalog.BoltGrade;
import oddcradle.core.catalog.Nut;
import oddcradle.core.catalog.ScrewThread;
import oddcradle.core.joint.BoltStack.Layer;

/** Whatever is asked for, what comes out can be put together by hand: nothing stands in anything else. */
class BoltStackLayersTest {
    private static final List<String> THREADS = List.of("M8", "M10", "M12", "3/8-24");

    private static BoltStack.Wanted any(Random random) {
        ScrewThread thread =
                ScrewThread.find(THREADS.get(random.nextInt(THREADS.size()))).orElseThrow();
        boolean soft = random.nextInt(3) > 0;
        boolean blind = random.nextBoolean();
        double pad = soft ? 0.02 + 0.02 * random.nextDouble() : 0;
        double frame = 0.003 + 0.03 * random.nextDouble();
        double gap = random.nextBoolean() ? 0 : 0.0005 * random.nextInt(6);
        double reach = random.nextBoolean()
                ? Double.POSITIVE_INFINITY
                : pad + frame + gap + 0.002 + 0.03 * random.nextDouble();
        return new BoltStack.Wanted(
                thread,
                BoltGrade.CLASS_8_8,
                random.nextBoolean() ? Nut.PLAIN : Nut.LOCKING,
                0.01 + 0.03 * random.nextDouble(),
                blind ? 0.025 : 0,
                1.5,
                gap,
                frame,
                soft ? 1 : 1 + random.nextInt(2),
                pad,
                0.05 + 0.02 * random.nextDouble(),
                0.003 * random.nextDouble(),
                0.003 * random.nextDouble(),
                reach,
                Double.POSITIVE_INFINITY,
                soft && random.nextBoolean(),
                BoltStack.Decided.NOTHING);
    }

    private static boolean standsIn(Layer a, Layer b) {
        double along = Math.min(a.to(), b.to()) - Math.max(a.from(), b.from());
        double across = Math.min(a.outer(), b.outer()) - Math.max(a.inner(), b.inner());
        return along > 1e-9 && across > 1e-9;
    }

    @Property(tries = 400)
    void noLayerStandsInAnother_andTheRoomIsFilled(@ForAll long seed) {
        BoltStack.Wanted wanted = any(new Random(seed));
        BoltStack stack = BoltStack.design(wanted);
        List<Layer> layers = stack.layers();
        for (int i = 0; i < layers.size(); i++) {
            Layer a = layers.get(i);
            assertThat(a.to()).as(a.kind().word()).isGreaterThan(a.from());
            assertThat(a.outer()).as(a.kind().word()).isGreaterThan(a.inner());
            for (int k = i + 1; k < layers.size(); k++) {
                Layer b = layers.get(k);
                assertThat(standsIn(a, b))
                        .as(a.kind().word() + " in " + b.kind().word())
                        .isFalse();
            }
        }
        if (Double.isFinite(wanted.reach())) {
            // Spacers are turned in half millimetres and never too long.
            double filled =
                    stack.shims().stream().mapToDouble(Double::doubleValue).sum()
                            + stack.spacer()
                            + wanted.pad()
                            + wanted.frame();
            assertThat(wanted.reach() - filled).isBetween(-1e-9, 0.0005 + 1e-9);
        }
    }

    /** A nut shows a thread and a half beyond it (common practice), and all of it is on the bolt. */
    @Property(tries = 300)
    void everyNut_isFullyOnItsThread(@ForAll long seed) {
        BoltStack.Wanted wanted = any(new Random(seed));
        BoltStack stack = BoltStack.design(wanted);
        for (Layer nut : stack.layers()) {
            if (nut.kind() == LayerKind.NUT) {
                Layer thread = stack.layers().stream()
                        .filter(each -> each.outer() <= wanted.thread().diameter() / 2 + 1e-12
                                && each.from() < nut.from() + 1e-9
                                && each.to() > nut.to() - 1e-9)
                        .findFirst()
                        .orElseThrow();
                double beyond = nut.from() < 0 ? nut.from() - thread.from() : thread.to() - nut.to();
                assertThat(beyond).isGreaterThanOrEqualTo(1.5 * wanted.thread().pitch() - 1e-9);
            }
        }
        if (wanted.depth() > 0) {
            Layer bolt = stack.layers().stream()
                    .filter(each -> each.kind() == LayerKind.BOLT)
                    .findFirst()
                    .orElseThrow();
            // A pitch of thread is left before the bottom of the hole.
            assertThat(-bolt.from())
                    .isLessThanOrEqualTo(wanted.depth() - wanted.thread().pitch() + 1e-9);
            assertThat(bolt.to() - bolt.from()).isCloseTo(stack.bolt().length(), within(1e-12));
        }
    }
}
