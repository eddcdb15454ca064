package oddcradle.core.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Stage;
import oddcradle.core.engine.Crank;
import oddcradle.core.engine.EngineLayout;
import oddcradle.core.engine.EngineShape;
import oddcradle.core.job.body.Scan;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.TorquePoint;
import oddcradle.core.job.edit.Side;
import oddcradle.core.job.edit.TracedTube;
import oddcradle.core.job.line.Datum;
import oddcradle.core.job.line.SwingArm;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Tube;
import oddcradle.core.units.Measured;
import oddcradle.core.units.Quantity;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Values with one part changed keep all the others; measures come back as they went in. */
class BodyValuesTest {
    private static final Job JOB = TestJobs.plain();
    private static final EngineShape SHAPE = new EngineShape(
            EngineLayout.SINGLE, true, 0.14, 0.26, 0.18, 0.11, 0.12, 0.38, 0.1, 0.12, 0.16, 0.1, 0.2, 0.05);

    @ParameterizedTest
    @EnumSource(EngineShape.Dimension.class)
    void oneDimension_changesAlone(EngineShape.Dimension changed) {
        EngineShape other = SHAPE.with(changed, 0.33);
        assertThat(changed.of(other)).isEqualTo(0.33);
        for (EngineShape.Dimension each : EngineShape.Dimension.values()) {
            if (each != changed) {
                assertThat(each.of(other)).as(each.words()).isEqualTo(each.of(SHAPE));
            }
        }
        assertThat(other.with(changed, changed.of(SHAPE))).isEqualTo(SHAPE);
    }

    @Test
    void otherLayout_takesItsUsualBank() {
        EngineShape twin = SHAPE.withLayout(EngineLayout.V_TWIN);
        assertThat(twin.bank()).isEqualTo(EngineLayout.V_TWIN.usualBank());
        assertThat(twin.caseWidth()).isEqualTo(SHAPE.caseWidth());
    }

    static List<Measured<?>> measured() {
        return List.of(
                new Stage.Chain("S", "chain", 0.0127, 15, 40, 18_000, 0.01, 0.97),
                new Stage.Belt("S", "belt", false, 0.1, 0.2, 1.2, 0.66, 0.017, 0.02, 0.94),
                new Stage.Variator("S", "variator", 0.08, 0.16, 1.2, 0.45, 0.03, 150, 300, 0.85),
                new Stage.Gears("S", "gears", 3.2, true, 0.96),
                new Stage.Coupling("S", "coupling", 0.0005, 0.02, 800),
                new Stage.JointShaft("S", "shaft", false, 0.2, 0.35, 0.98),
                new LineEnd.Road(0.9, 0.02, Optional.of(new LineEnd.Brakes(2, 460, 0.9))),
                new LineEnd.Generator(4, 60, 0.04, 10, 0.1, 0.2),
                new LineEnd.Propeller(1.6, 0.5, 55, 0.05, -0.3, 0.1, 3.6, 0.19, false, 2),
                new Datum.Pivot("B1", new Vec3(1, 2, 3), Vec3.Y, 0.012, 0.04, 0.0001, -0.0001),
                new Datum.Thrust(new Vec3(3, 2, 1), 0.03, -0.02, 0.005),
                new SwingArm(new Vec3(1, 0, 2), 0.5, 0.3, -0.2, true),
                JOB.host().drivenEnd());
    }

    @ParameterizedTest
    @MethodSource("measured")
    void measures_comeBackAsTheyWentIn(Measured<?> value) {
        List<Double> numbers = value.measures().stream()
                .map(Measured.Measure::quantity)
                .map(Quantity::si)
                .toList();
        assertThat(value.with(numbers)).isEqualTo(value);
        assertThat(value.measures().stream().map(Measured.Measure::name)).doesNotHaveDuplicates();
        for (int k = 0; k < numbers.size(); k++) {
            Object same = value.with(k, numbers.get(k));
            assertThat(same).isEqualTo(value);
        }
    }

    @Test
    void halfATooth_isRefused() {
        Stage chain = (Stage) measured().get(0);
        assertThatThrownBy(() -> chain.with(0, 15.5))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("driverTeeth");
        assertThatThrownBy(() -> chain.with(1, 1)).hasMessageContaining("drivenTeeth is 1");
    }

    @Test
    void engine_changesWhatItIsTold() {
        Engine engine = JOB.donor().engine();
        assertThat(engine.withGears(3, List.of(2.0, 1.0)).gearRatios()).containsExactly(2.0, 1.0);
        assertThat(engine.withMaxTorque(99, 300).maxPower()).isEqualTo(99 * 300);
        assertThat(engine.withCurve(List.of(new TorquePoint(200, 30), new TorquePoint(400, 40)))
                        .maxPower())
                .isEqualTo(16_000);
        assertThatThrownBy(() -> engine.withSpeeds(500, 400, 0)).hasMessageContaining("cruiseSpeed");
        assertThatThrownBy(() -> engine.withCurve(List.of(new TorquePoint(400, 30), new TorquePoint(200, 40))))
                .hasMessageContaining("curve[1].speed");
        List<Double> one = List.of(0.0);
        Crank crank = new Crank(0.06, 0.11, 0.3, one, one, one, 0.5, Crank.Balancer.NONE);
        assertThat(crank.withStroke(0.07).withStroke(0.06)).isEqualTo(crank);
        assertThat(crank.withCounterweight(0.4).counterweight()).isEqualTo(0.4);
        assertThatThrownBy(() -> crank.withThrowAngles(List.of(0.0, 1.0)))
                .hasMessageContaining("one for each cylinder");
        assertThatThrownBy(() -> crank.withRod(0.02)).hasMessageContaining("rod");
    }

    @Test
    void tracedTube_usesNodesThatAreThere() {
        Vec3 corner = new Vec3(0.05, 0.3, 0.25);
        TracedTube tube = new TracedTube(
                "H9",
                List.of(corner.plus(new Vec3(0.004, 0, 0.003)), new Vec3(0.05, 0.3, 0.6), new Vec3(0.4, 0.3, 0.6)),
                new Tube(0.0254, 0.0016),
                JOB.materials().get(0).name());
        assertThat(tube.nodes(JOB.host())).containsExactly("BL", "H92", "H93");
        Job traced = tube.applyTo(JOB);
        assertThat(traced.host().member("H9").orElseThrow().nodes()).containsExactly("BL", "H92", "H93");
        assertThat(traced.host().nodes()).hasSize(JOB.host().nodes().size() + 2);
        assertThat(Side.HOST.places(traced)).containsKey("H93");
        assertThat(Side.HOST.places(JOB).get("BL").distanceTo(corner)).isCloseTo(0, within(1e-15));
        assertThatThrownBy(() -> tube.applyTo(traced)).hasMessageContaining("H9");
        assertThatThrownBy(() -> new TracedTube("H9", List.of(corner), new Tube(0.0254, 0.0016), "steel"))
                .hasMessageContaining("path");
    }

    @Test
    void scanOfTheHost_isPickedAtNodesOnly() {
        Scan scan = new Scan("frame.stl", 0.001, List.of(new Scan.Pick("BL", Vec3.ZERO)));
        Job job = Side.HOST.takeScan(JOB, Optional.of(scan), "scan", "scan").applyTo(JOB);
        assertThat(Side.HOST.scan(job)).contains(scan);
        assertThat(Side.DONOR.scan(job)).isEmpty();
        Scan wrong = new Scan("frame.stl", 0.001, List.of(new Scan.Pick("B1", Vec3.ZERO)));
        assertThatThrownBy(() -> Side.HOST
                        .takeScan(JOB, Optional.of(wrong), "scan", "scan")
                        .applyTo(JOB))
                .hasMessageContaining("host.scan.picks[0].point");
    }
}
