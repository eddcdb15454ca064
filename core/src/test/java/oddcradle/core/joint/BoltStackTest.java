package oddcradle.core.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import oddcradle.core.catalog.BoltGrade;
import oddcradle.core.catalog.Nut;
import oddcradle.core.catalog.ScrewThread;
import oddcradle.core.joint.BoltStack.Layer;
import org.junit.jupiter.api.Test;

class BoltStackTest {
    private static final ScrewThread M10 = ScrewThread.find("M10").orElseThrow();
    private static final double FREE = Double.POSITIVE_INFINITY;

    private static BoltStack.Wanted soft(
            double pad, double gap, double along, double across, double beside, BoltStack.Decided decided) {
        return new BoltStack.Wanted(
                M10,
                BoltGrade.CLASS_8_8,
                Nut.PLAIN,
                0.02,
                0,
                1.5,
                gap,
                0.005,
                1,
                pad,
                0.05,
                along,
                across,
                FREE,
                beside,
                false,
                decided);
    }

    private static BoltStack.Decided decided(Double bolt, Double sleeve, Double washer) {
        return new BoltStack.Decided(
                Optional.ofNullable(bolt), Optional.ofNullable(sleeve), Optional.empty(), Optional.ofNullable(washer));
    }

    private static Layer layer(BoltStack stack, String name) {
        return stack.layers().stream()
                .filter(each -> each.kind().word().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void hardStack_isTheSumOfWhatTheBoltClamps() {
        BoltStack stack = BoltStack.design(new BoltStack.Wanted(
                M10,
                BoltGrade.CLASS_8_8,
                Nut.PLAIN,
                0.025,
                0,
                1.5,
                0,
                0.005,
                2,
                0,
                0,
                0,
                0,
                FREE,
                FREE,
                false,
                BoltStack.Decided.NOTHING));
        // Washer, tab, lug, tab, washer.
        assertThat(stack.grip()).isCloseTo(0.002 + 0.005 + 0.025 + 0.005 + 0.002, within(1e-9));
        assertThat(stack.bolt().mark()).isEqualTo("M10x1.5 x 50");
        assertThat(stack.threadProtrusion()).isCloseTo((0.050 - 0.039 - 0.0084) / 0.0015, within(1e-6));
        assertThat(stack.contacts()).isEmpty();
        assertThat(stack.sleeve()).isZero();
    }

    @Test
    void sleeve_bottomsBeforeTheRubberIsCrushed() {
        BoltStack stack = BoltStack.design(soft(0.02, 0, 0.003, 0.002, FREE, BoltStack.Decided.NOTHING));
        assertThat(stack.compression()).isLessThan(0.01);
        assertThat(stack.washerOverlap()).isGreaterThanOrEqualTo(BoltStack.LEAST_WASHER_OVERLAP);
        assertThat(stack.anyShort()).isFalse();
        assertThat(layer(stack, "sleeve").to())
                .isCloseTo(layer(stack, "large washer").from(), within(1e-12));
        BoltStack crushed =
                BoltStack.design(soft(0.02, 0, 0.003, 0.002, FREE, decided(null, stack.sleeve() - 0.006, null)));
        assertThat(crushed.compression()).isGreaterThan(BoltStack.MOST_COMPRESSION);
    }

    @Test
    void washerThatReachesTheTubeBeside_shortsTheIsolator() {
        BoltStack near = BoltStack.design(soft(0.02, 0, 0.003, 0.004, 0.02, decided(null, null, 0.05)));
        BoltStack.Contact contact = near.contacts().stream()
                .filter(each -> each.frame() == LayerKind.TUBE)
                .findFirst()
                .orElseThrow();
        assertThat(contact.shorts()).isTrue();
        assertThat(contact.trim()).contains("grind");
        assertThat(contact.needed() - contact.gap()).isCloseTo(0.005 + 0.005, within(1e-9));
        BoltStack clear = BoltStack.design(soft(0.02, 0, 0.003, 0.004, 0.06, BoltStack.Decided.NOTHING));
        assertThat(clear.anyShort()).isFalse();
    }

    @Test
    void rubberThatMovesFurtherThanThePad_shortsOnTheLug() {
        BoltStack stack = BoltStack.design(soft(0.01, 0, 0.012, 0.002, FREE, BoltStack.Decided.NOTHING));
        assertThat(stack.contacts()).anyMatch(each -> each.engine() == LayerKind.LUG && each.shorts());
    }

    @Test
    void measuredGap_isClosedByShims() {
        assertThat(BoltStack.shims(0.0016, false)).containsExactly(0.001, 0.0005);
        // A sixteenth of an inch is one normal aircraft washer or two thin ones: arithmetic, common practice.
        assertThat(BoltStack.shims(0.0254 / 16, true)).containsExactly(0.0016);
        assertThat(BoltStack.shims(0, false)).isEmpty();
        BoltStack stack = BoltStack.design(soft(0.02, 0.003, 0.003, 0.002, FREE, BoltStack.Decided.NOTHING));
        assertThat(stack.shims()).containsExactly(0.002, 0.001);
        assertThat(layer(stack, "shims").to()).isCloseTo(0.003, within(1e-12));
    }

    @Test
    void blindLug_takesALengthThatHoldsAndDoesNotBottom() {
        for (double depth : new double[] {0.018, 0.022, 0.03, 0.04}) {
            BoltStack stack = BoltStack.design(new BoltStack.Wanted(
                    M10,
                    BoltGrade.CLASS_8_8,
                    Nut.PLAIN,
                    depth,
                    depth,
                    1.5,
                    0,
                    0.006,
                    1,
                    0,
                    0,
                    0,
                    0,
                    FREE,
                    FREE,
                    false,
                    BoltStack.Decided.NOTHING));
            ThreadReach reach = stack.reach().orElseThrow();
            assertThat(reach.bottoms()).as("depth %s", depth).isFalse();
            assertThat(reach.engaged()).isCloseTo(stack.bolt().length() - stack.grip(), within(1e-9));
        }
        BoltStack tooLong = BoltStack.design(new BoltStack.Wanted(
                M10,
                BoltGrade.CLASS_8_8,
                Nut.PLAIN,
                0.022,
                0.022,
                1.5,
                0,
                0.006,
                1,
                0,
                0,
                0,
                0,
                FREE,
                FREE,
                false,
                decided(0.045, null, null)));
        assertThat(tooLong.reach().orElseThrow().bottoms()).isTrue();
    }

    @Test
    void bondedPad_isHeldByItsBondAlone() {
        BoltStack stack = BoltStack.design(new BoltStack.Wanted(
                M10,
                BoltGrade.CLASS_8_8,
                Nut.PLAIN,
                0.02,
                0,
                1.5,
                0,
                0.028,
                1,
                0.02,
                0.05,
                0.003,
                0.006,
                0.06,
                FREE,
                true,
                BoltStack.Decided.NOTHING));
        assertThat(stack.isHeldByBond()).isTrue();
        assertThat(stack.spacer()).isCloseTo(0.012, within(6e-4));
        assertThat(stack.contacts()).hasSize(1);
        assertThat(stack.contacts().get(0).gap()).isCloseTo(0.016, within(1e-9));
        assertThat(layer(stack, "pad").outer()).isEqualTo(0.025);
    }

    @Test
    void lackOfRoomAlongTheBolt_isTold() {
        BoltStack stack = BoltStack.design(new BoltStack.Wanted(
                M10,
                BoltGrade.CLASS_8_8,
                Nut.PLAIN,
                0.02,
                0,
                1.5,
                0,
                0.028,
                1,
                0.03,
                0.05,
                0.003,
                0.002,
                0.05,
                FREE,
                true,
                BoltStack.Decided.NOTHING));
        assertThat(stack.axialClearance()).isCloseTo(-0.008, within(1e-9));
    }

    /** Whatever is asked: pieces of one body on the same radius do not lie in each other along the clamped column. */
    @Test
    void clampedColumn_hasNoOverlapsAndNoHoles() {
        Random random = new Random(11);
        for (int k = 0; k < 500; k++) {
            BoltStack stack = BoltStack.design(soft(
                    0.008 + 0.03 * random.nextDouble(),
                    random.nextBoolean() ? 0 : 0.004 * random.nextDouble(),
                    0.006 * random.nextDouble(),
                    0.006 * random.nextDouble(),
                    FREE,
                    BoltStack.Decided.NOTHING));
            List<Layer> column = stack.layers().stream()
                    .filter(each -> each.side() == BoltStack.Side.ENGINE && each.kind() != LayerKind.BOLT)
                    .toList();
            for (int i = 1; i < column.size(); i++) {
                assertThat(column.get(i).from()).isCloseTo(column.get(i - 1).to(), within(1e-9));
            }
            assertThat(stack.grip())
                    .isCloseTo(
                            column.stream()
                                    .filter(each -> each.kind() != LayerKind.HEAD && each.kind() != LayerKind.NUT)
                                    .mapToDouble(each -> each.to() - each.from())
                                    .sum(),
                            within(1e-9));
            assertThat(stack.bolt().length()).isGreaterThanOrEqualTo(stack.grip() + 0.0084 + 1.5 * M10.pitch() - 1e-9);
        }
    }

    /** ISO 4032: M12 10.8, M16 14.8 mm. ISO 7040 and the inch series with an insert: a diameter and more. All from memory. */
    @Test
    void nuts_areAsHighAsTheirStandardSays() {
        assertThat(ScrewThread.of("thread", "M12").nutHeight(Nut.PLAIN)).isCloseTo(0.0108, within(1e-9));
        assertThat(ScrewThread.of("thread", "M16").nutHeight(Nut.PLAIN)).isCloseTo(0.0148, within(1e-9));
        assertThat(ScrewThread.all())
                .hasSizeGreaterThan(20)
                .allSatisfy(thread -> assertThat(thread.nutHeight(Nut.LOCKING)).isGreaterThan(thread.diameter()));
    }

    @Test
    void lockingNut_asksForALongerBolt() {
        BoltStack.Wanted plain = soft(0.02, 0, 0.002, 0.002, FREE, BoltStack.Decided.NOTHING);
        BoltStack locking = BoltStack.design(new BoltStack.Wanted(
                plain.thread(),
                plain.grade(),
                Nut.LOCKING,
                plain.lug(),
                plain.depth(),
                plain.diameters(),
                plain.gap(),
                plain.frame(),
                plain.plates(),
                plain.pad(),
                plain.padDiameter(),
                plain.along(),
                plain.across(),
                plain.reach(),
                plain.beside(),
                plain.bonded(),
                plain.decided()));
        Layer nut = layer(locking, "nut");
        assertThat(nut.to() - nut.from()).isCloseTo(0.0119, within(1e-9));
        assertThat(locking.bolt().length()).isGreaterThanOrEqualTo(locking.grip() + 0.0119 + 1.5 * 0.0015 - 1e-9);
    }

    /** FAA AC 43.13-1B, table 7-1 (from memory): 3/8-24 with a tension nut, dry, 160 to 190 in.lbf; 18 to 21.5 N m. */
    @Test
    void aircraftBolt_isTightenedByItsOwnTable() {
        BoltStack.Wanted metric = soft(0.02, 0, 0.002, 0.002, FREE, BoltStack.Decided.NOTHING);
        BoltStack an6 = BoltStack.design(new BoltStack.Wanted(
                ScrewThread.of("thread", "3/8-24"),
                BoltGrade.GRADE_5,
                Nut.LOCKING,
                metric.lug(),
                0,
                1.5,
                0,
                0.005,
                1,
                0.02,
                0.05,
                0.002,
                0.002,
                FREE,
                FREE,
                false,
                BoltStack.Decided.NOTHING));
        assertThat(an6.tighteningTorque()).isBetween(18.0, 21.5);
    }
}
