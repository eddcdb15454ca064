package oddcradle.core.proof;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.fatigue.Cycle;
import oddcradle.core.frame.EndForces;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;
import oddcradle.core.section.Fibre;
import oddcradle.core.section.Rect;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;
import oddcradle.core.structure.ShakenMotion;
import oddcradle.core.vibration.RigidBodyModes;
import org.junit.jupiter.api.Test;

class TurningStressTest {
    private static final Section BAR = new Rect(0.02, 0.03);
    private static final double AREA = 0.02 * 0.03;

    private static ShakenMotion.Part pull(double order, double inStep, double behind) {
        return new ShakenMotion.Part(
                order,
                new RigidBodyModes.Swing(SmallMotion.NONE, SmallMotion.NONE),
                List.of(),
                List.of(new ShakenMotion.End(along(inStep), along(behind))));
    }

    private static EndForces along(double force) {
        return new EndForces(new Vec3(force, 0, 0), Vec3.ZERO);
    }

    private static List<Cycle> cycles(ShakenMotion.Part... parts) {
        return new TurningStress(List.of(parts))
                .at(BAR, Fibre.of(BAR), 0, 1)
                .orElseThrow()
                .cycles();
    }

    @Property(tries = 40)
    void oneOrder_swingsAsOftenAsItIs(
            @ForAll @DoubleRange(min = -500, max = 500) double inStep,
            @ForAll @DoubleRange(min = 10, max = 500) double behind) {
        List<Cycle> cycles = cycles(pull(1.5, inStep, behind));
        double amplitude = Math.sqrt(inStep * inStep + behind * behind) / AREA;
        assertThat(cycles.stream().mapToDouble(Cycle::count).sum()).isCloseTo(3, within(1e-9));
        assertThat(cycles)
                .allSatisfy(each -> assertThat(each.range()).isCloseTo(2 * amplitude, within(0.02 * amplitude)));
    }

    /** cos x + cos 2x lies between 2 and -9/8 (calculus); by themselves each would have a range of 2. */
    @Test
    void ordersAddAsTheyCome() {
        List<Cycle> cycles = cycles(pull(1, 100, 0), pull(2, 100, 0));
        Cycle widest = cycles.get(cycles.size() - 1);
        assertThat(widest.range() * AREA).isCloseTo(312.5, within(0.5));
        assertThat(widest.count()).isEqualTo(2);
        // cos x + sin 2x reaches 1.7602 either way.
        List<Cycle> turned = cycles(pull(1, 100, 0), pull(2, 0, 100));
        assertThat(turned.get(turned.size() - 1).range() * AREA).isCloseTo(352.0, within(0.5));
    }

    /** A propeller behind a reduction, and a second engine at the same speed: each meets the worst of the first at some time. */
    @Test
    void whatIsNotInStep_meetsTheWidestRange() {
        for (ShakenMotion.Part other : List.of(pull(0.41, 50, 0), pull(1, 0, 50))) {
            List<Cycle> cycles = cycles(pull(1, 100, 0), other);
            assertThat(cycles.stream().mapToDouble(Cycle::range).max().orElseThrow() * AREA)
                    .isCloseTo(300, within(1.0));
            assertThat(cycles).anyMatch(each -> Math.abs(each.range() * AREA - 100) < 1e-6);
        }
    }

    @Test
    void rangesThatHarmNothing_areLeftOut() {
        assertThat(new TurningStress(List.of(pull(1, 100, 0))).at(BAR, Fibre.of(BAR), 0, 201 / AREA))
                .isEmpty();
    }

    /** Whatever the two moments, some fibre has the section's greatest stress; none has 2 % more. */
    @Property(tries = 100)
    void fibres_findTheGreatestBendingStress(
            @ForAll @DoubleRange(min = -90, max = 90) double momentY,
            @ForAll @DoubleRange(min = 1, max = 90) double momentZ) {
        for (Section section : List.of(BAR, new Tube(0.03, 0.002))) {
            double most = Fibre.of(section).stream()
                    .mapToDouble(fibre -> fibre.stress(momentY, momentZ))
                    .max()
                    .orElseThrow();
            double greatest = section.bendingStress(momentY, momentZ);
            assertThat(most).isBetween(greatest * (1 - 1e-9), greatest * 1.02);
        }
    }
}
