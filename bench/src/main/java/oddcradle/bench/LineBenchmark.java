package oddcradle.bench;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import oddcradle.core.control.Remembered;
import oddcradle.core.drive.ChainInput;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.OpenBelt;
import oddcradle.core.drive.RollerChain;
import oddcradle.core.drive.ShaftModel;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.TorquePoint;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.CrankPlace;
import oddcradle.core.placement.Seating;
import oddcradle.core.step.line.LineCheck;
import oddcradle.core.structure.DonorMovement;
import oddcradle.core.structure.EngineOrders;
import oddcradle.core.structure.LineResult;
import oddcradle.files.job.DemoJobs;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/**
 * The demo with the longest line after a nudge, charts, findings and all, beside a bare loop over the same formulas: belt and
 * chain lengths, the bending of the jackshaft in two planes, and every point of the charts.
 */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class LineBenchmark {
    private static final int CHART_POINTS = 25;

    private Job here;
    private Job there;
    private boolean away;
    private Remembered<JackShaft, Optional<Double>> criticalSpeeds = Remembered.nothing();
    private ShaftModel shaft;
    private EngineOrders engine;
    private DonorMovement movement;

    @Setup
    public void prepare() {
        here = DemoJobs.ORCHARD_TUG.load().job();
        engine = EngineOrders.of(
                EngineOrders.Input.of(here.donor().engine(), CrankPlace.of(here).turns()));
        movement = DonorMovement.of(here, Seating.of(here), LineResult.of(here, Seating.of(here)));
        there = new JobEdit.MoveSeat(new Vec3(0.001, 0, 0.001)).applyTo(here);
        shaft = new ShaftModel(
                205e9,
                7850,
                0.3,
                true,
                List.of(new ShaftModel.Segment(0.32, 0.03, 0)),
                List.of(),
                List.of(
                        new ShaftModel.Bearing(0.01, Optional.empty()),
                        new ShaftModel.Bearing(0.23, Optional.empty())));
    }

    @Benchmark
    public LineCheck wholeLine() {
        away = !away;
        criticalSpeeds = criticalSpeeds.next();
        Job job = away ? there : here;
        Seating seating = Seating.of(job);
        return LineCheck.of(
                new LineCheck.Input(job, seating, LineResult.of(job, seating), movement, engine), criticalSpeeds);
    }

    @Benchmark
    public double bareLine() {
        Stage.Variator variator = (Stage.Variator) here.line().stages().get(0);
        Stage.Chain chain = (Stage.Chain) here.line().stages().get(1);
        double low = OpenBelt.otherDiameter(variator.beltLength(), variator.driverLow(), 0.58);
        double high = OpenBelt.otherDiameter(variator.beltLength(), variator.driverHigh(), 0.58);
        double sum = OpenBelt.of(variator.driverLow(), low, 0.58).length() + high;
        sum += RollerChain.solve(new ChainInput(chain.pitch(), chain.driverTeeth(), chain.drivenTeeth(), 0.242, 1000))
                .lengthPitches();
        for (int plane = 0; plane < 2; plane++) {
            sum += shaft.bentBy(List.of(new ShaftModel.Load(0.16, 900), new ShaftModel.Load(0.31, 600)))
                    .deflections()
                    .get(2);
        }
        Engine engine = here.donor().engine();
        for (double ratio : new double[] {low / variator.driverLow(), high / variator.driverHigh()}) {
            for (int k = 0; k < CHART_POINTS; k++) {
                double speed = engine.idleSpeed() + k * (engine.limitSpeed() - engine.idleSpeed()) / CHART_POINTS;
                double road = speed / ratio / 16 * 0.3;
                sum += torque(engine, speed) * ratio * 16 / 0.3 - 0.6 * road * road;
            }
        }
        return sum;
    }

    private static double torque(Engine engine, double speed) {
        List<TorquePoint> curve = engine.curve();
        for (int k = 1; k < curve.size(); k++) {
            if (speed <= curve.get(k).speed()) {
                TorquePoint left = curve.get(k - 1);
                double share = (speed - left.speed()) / (curve.get(k).speed() - left.speed());
                return left.torque() + share * (curve.get(k).torque() - left.torque());
            }
        }
        return curve.get(curve.size() - 1).torque();
    }
}
