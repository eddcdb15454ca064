package oddcradle.core.step.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Stage;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.TorquePoint;
import oddcradle.core.job.host.MachineWeight;
import oddcradle.core.math.Vec3;
import oddcradle.core.structure.StageResult;
import org.junit.jupiter.api.Test;

class RoadChartTest {
    private static final Job JOB = TestJobs.plain();
    private static final List<TorquePoint> CURVE =
            List.of(new TorquePoint(200, 15), new TorquePoint(400, 20), new TorquePoint(600, 12));

    private static Job with(Engine engine) {
        return JOB.withDonor(JOB.donor().withEngine(engine));
    }

    private static RoadChart chart(Job job) {
        return Examination.of(job).roadChart().orElseThrow();
    }

    @Test
    void torque_runsStraightBetweenItsPointsAndLevelBeyond() {
        Engine engine = JOB.donor().engine().withCurve(CURVE);
        assertThat(RoadChart.torque(engine, 100)).isEqualTo(15);
        assertThat(RoadChart.torque(engine, 300)).isCloseTo(17.5, within(1e-12));
        assertThat(RoadChart.torque(engine, 500)).isCloseTo(16, within(1e-12));
        assertThat(RoadChart.torque(engine, 900)).isEqualTo(12);
        assertThat(RoadChart.torque(JOB.donor().engine(), 123)).isEqualTo(20);
    }

    @Test
    void engineEnds_atItsLimit_orWhereItIsKnown() {
        Engine plain = JOB.donor().engine();
        assertThat(RoadChart.fastest(plain)).isEqualTo(500);
        assertThat(RoadChart.fastest(plain.withCurve(CURVE))).isEqualTo(600);
        assertThat(RoadChart.fastest(plain.withSpeeds(150, 500, 550))).isEqualTo(550);
    }

    @Test
    void gears_followEachOtherByTheirRatios() {
        RoadChart chart = chart(with(JOB.donor().engine().withCurve(CURVE)));
        assertThat(chart.gears()).hasSize(2);
        RoadChart.Gear first = chart.gears().get(0);
        RoadChart.Gear second = chart.gears().get(1);
        assertThat(first.ratio() / second.ratio()).isCloseTo(2.5 / 1.2, within(1e-12));
        for (int k = 0; k < first.points().size(); k++) {
            RoadChart.Point slow = first.points().get(k);
            RoadChart.Point fast = second.points().get(k);
            assertThat(fast.speed() / slow.speed()).isCloseTo(2.5 / 1.2, within(1e-9));
            // The same power, whatever the gear.
            assertThat(fast.force() * fast.speed()).isCloseTo(slow.force() * slow.speed(), within(1e-6));
            double power = RoadChart.torque(JOB.donor().engine().withCurve(CURVE), slow.engineSpeed())
                    * slow.engineSpeed()
                    * 0.95;
            assertThat(slow.force() * slow.speed()).isCloseTo(power, within(1e-6 * power));
        }
        assertThat(chart.grip()).isCloseTo(0.8 * 1500, within(1e-9));
    }

    @Test
    void variator_isChartedLowAndShifted() {
        Stage variator = new Stage.Variator("S1", "variator", 0.08, 0.16, 1.25, 0.45, 0.03, 150, 300, 0.85);
        Engine oneGear = JOB.donor().engine().withGears(2.5, List.of(1.0));
        Job job = with(oneGear).withLine(JOB.line().withStages(List.of(variator), List.of()));
        RoadChart chart = chart(job);
        assertThat(chart.gears()).extracting(RoadChart.Gear::name).containsExactly("low", "shifted");
        StageResult stage = Examination.of(job).line().stages().get(0);
        assertThat(chart.gears().get(0).ratio()).isCloseTo(2.5 * stage.ratio(), within(1e-12));
        assertThat(chart.gears().get(1).ratio()).isCloseTo(2.5 * stage.highRatio(), within(1e-12));
    }

    @Test
    void withoutATyre_thereIsNoChart() {
        Job job = JOB.withHost(JOB.host().withDrivenEnd(JOB.host().drivenEnd().with(4, 0)));
        assertThat(Examination.of(job).roadChart()).isEmpty();
    }

    /** More drag is never faster; against rolling alone the limit of the engine holds it. */
    @Property(tries = 40)
    void topSpeed_fallsWithDrag(
            @ForAll @DoubleRange(min = 0, max = 3) double area,
            @ForAll @DoubleRange(min = 0, max = 0.3) double rolling) {
        Job heavy = JOB.withHost(JOB.host().withWeight(Optional.of(new MachineWeight(300, Vec3.ZERO))));
        Job base = heavy.withLine(heavy.line().withEnd(Optional.of(new LineEnd.Road(area, rolling, Optional.empty()))));
        Job worse = heavy.withLine(
                heavy.line().withEnd(Optional.of(new LineEnd.Road(area + 0.5, rolling, Optional.empty()))));
        double top = chart(base).topSpeed();
        assertThat(chart(worse).topSpeed()).isLessThanOrEqualTo(top + 1e-9);
        double byEngine = 500 / (2.5 * 1.2 * 40 / 14) * 0.28;
        assertThat(top).isLessThanOrEqualTo(byEngine + 1e-9);
        // Where it ends short of the engine, force and resistance meet there, to the width of a step of the chart.
        if (top > 0 && top < byEngine * 0.99) {
            double resistance = rolling * 330 * 9.80665 + 1.225 / 2 * area * top * top;
            double most = chart(base).gears().stream()
                    .filter(gear ->
                            top <= gear.points().get(gear.points().size() - 1).speed() + 1e-9)
                    .mapToDouble(gear -> gear.points().get(0).force())
                    .max()
                    .orElse(0);
            assertThat(resistance).isLessThanOrEqualTo(most * 1.02 + 1);
        }
    }
}
