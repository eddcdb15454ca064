package oddcradle.core.balance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import oddcradle.core.balance.BalancePart.Bore;
import oddcradle.core.balance.BalancePart.Direction;
import oddcradle.core.balance.TrialWeights.Trial;
import oddcradle.core.math.Complex;
import org.junit.jupiter.api.Test;

class BalanceTest {
    /** ISO 21940-11: U = 9549 G m / n, 20.05 g mm for a kilogram of G 6.3 at 3000 rpm. */
    @Test
    void grade_allowsWhatTheStandardSays() {
        BalanceGrade grade = new BalanceGrade(0.0063, 1, 3000 * 2 * Math.PI / 60);
        assertThat(grade.permissible() * 1e6).isCloseTo(20.05, within(0.005));
        assertThat(grade.reached(grade.permissible())).isCloseTo(0.0063, within(1e-12));
        // The centre of gravity near one bearing: it takes no more than seven tenths, the other no less than three.
        assertThat(grade.share(0, 1, 0.05).limited() / grade.permissible()).isCloseTo(0.7, within(1e-12));
        assertThat(grade.share(1, 0, 0.05).limited() / grade.permissible()).isCloseTo(0.3, within(1e-12));
        // Overhung: more than the whole may be on the near one.
        assertThat(grade.share(0, 1, -0.2).limited() / grade.permissible()).isCloseTo(1.2, within(1e-12));
    }

    /** A 20 mm plug of tungsten-copper at 15 g/cm3 weighs 4.7 g a millimetre: common practice of race engines. */
    @Test
    void heavyPlug_weighsWhatTheShopKnows() {
        Bore bore = new Bore(0.020, 0.001, Math.PI, Direction.AXIAL, 0.04);
        BalancePart plug = new BalancePart.Plug(bore, 7850, 15000 + 7850, 0);
        assertThat(plug.amount() / 0.04).isCloseTo(0.0047, within(0.00003));
    }

    /** Volume and its centre summed up in thin slices, instead of by formula. */
    @Test
    void holeFromTheRim_takesWhatItsSlicesWeigh() {
        double tip = Math.toRadians(118);
        Bore bore = new Bore(0.012, 0.020, tip, Direction.RADIAL, 0.090);
        double sum = 0;
        int slices = 200_000;
        double point = 0.006 / Math.tan(tip / 2);
        double thick = (0.020 + point) / slices;
        for (int k = 0; k < slices; k++) {
            double depth = (k + 0.5) * thick;
            double r = depth < 0.020 ? 0.006 : (0.020 + point - depth) * Math.tan(tip / 2);
            sum += Math.PI * r * r * thick * (0.090 - depth);
        }
        assertThat(new BalancePart.Hole(bore, 7200, 1).amount()).isCloseTo(-7200 * sum, within(7200 * sum * 1e-7));
    }

    @Test
    void holeDeeperThanTheWheel_isRefused() {
        assertThatThrownBy(() -> new Bore(0.01, 0.05, Math.PI, Direction.RADIAL, 0.045))
                .hasMessageContaining("deeper than the radius");
    }

    /** A rotor whose answers are drawn at random: with what the method says put on, nothing is left to read. */
    @Property(tries = 200)
    void correctionsOfTwoPlanes_leaveNothing(
            @ForAll @Size(16) List<@DoubleRange(min = -1, max = 1) Double> drawn, @ForAll boolean leftOn) {
        Complex[] h = new Complex[4];
        for (int k = 0; k < 4; k++) {
            // Each plane acts mostly on its own reading, so that the planes can be told apart.
            double own = k == 0 || k == 3 ? 5 : 0;
            h[k] = new Complex(own + drawn.get(2 * k), drawn.get(2 * k + 1));
        }
        Complex[] hidden = {
            new Complex(0.02 + drawn.get(8) / 100, drawn.get(9)), new Complex(drawn.get(10), 0.02 + drawn.get(11) / 100)
        };
        List<Trial> trials = List.of(
                new Trial(0.01 + Math.abs(drawn.get(12)) / 10, 0.1, drawn.get(13)),
                new Trial(0.02, 0.07 + Math.abs(drawn.get(14)) / 10, drawn.get(15)));
        List<Complex> initial = readings(h, hidden);
        List<List<Complex>> runs = new ArrayList<>();
        Complex[] first = {hidden[0].plus(weight(trials.get(0))), hidden[1]};
        runs.add(readings(h, first));
        Complex[] second = leftOn ? first.clone() : hidden.clone();
        second[1] = second[1].plus(weight(trials.get(1)));
        runs.add(readings(h, second));
        TrialWeights.TwoPlanes answer = TrialWeights.twoPlanes(initial, trials, runs, leftOn);
        Complex[] balanced = new Complex[2];
        for (int k = 0; k < 2; k++) {
            Unbalance put = answer.corrections().get(k);
            balanced[k] = hidden[k].plus(new Complex(put.x(), put.y()));
        }
        double size = initial.get(0).modulus() + initial.get(1).modulus();
        readings(h, balanced).forEach(left -> assertThat(left.modulus()).isLessThan(1e-9 * (1 + size)));
    }

    private static List<Complex> readings(Complex[] h, Complex[] unbalance) {
        return List.of(
                h[0].times(unbalance[0]).plus(h[1].times(unbalance[1])),
                h[2].times(unbalance[0]).plus(h[3].times(unbalance[1])));
    }

    private static Complex weight(Trial trial) {
        return new Complex(
                trial.mass() * trial.radius() * Math.cos(trial.angle()),
                trial.mass() * trial.radius() * Math.sin(trial.angle()));
    }

    @Test
    void trialThatTellsNothing_isRefused() {
        Complex reading = TrialWeights.polar(0.003, 0.4);
        Trial trial = new Trial(0.01, 0.1, 0);
        assertThatThrownBy(() -> TrialWeights.onePlane(reading, reading, trial, false))
                .hasMessageContaining("heavier weight");
        List<Complex> initial = List.of(reading, reading);
        List<Complex> shifted = List.of(reading.times(2), reading.times(2));
        assertThatThrownBy(
                        () -> TrialWeights.twoPlanes(initial, List.of(trial, trial), List.of(shifted, shifted), false))
                .hasMessageContaining("cannot be told apart");
    }
}
