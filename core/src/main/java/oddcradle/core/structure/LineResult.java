package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.drive.Alignment;
import oddcradle.core.drive.ChainInput;
import oddcradle.core.drive.ChainResult;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.OpenBelt;
import oddcradle.core.drive.RollerChain;
import oddcradle.core.drive.Shaft;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.Output;
import oddcradle.core.job.donor.Pack;
import oddcradle.core.job.host.DrivenEnd;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.Seating;

/**
 * The drive where it lies.
 *
 * @param stages in order from the donor; empty where the donor drives directly
 * @param direct how the donor's output lies to the driven end
 */
public record LineResult(List<StageResult> stages, Alignment direct) {
    public LineResult {
        stages = List.copyOf(stages);
    }

    public static LineResult of(Job job, Seating seating) {
        return of(job, new Shaft(seating.driverCentre(), seating.driverAxis(), 0));
    }

    /** @param driver the donor's output where it sits, host axes */
    public static LineResult of(Job job, Shaft driver) {
        List<Stage> stages = job.line().stages();
        List<StageResult> results = new ArrayList<>();
        Engine engine = Pack.driving(job.donor());
        double before = engine.primaryRatio() * engine.gearRatios().get(0);
        double torque = engine.maxTorque() * before;
        double[] after = new double[stages.size() + 1];
        after[stages.size()] = 1;
        List<Geometry> places = new ArrayList<>();
        for (int k = 0; k < stages.size(); k++) {
            places.add(Geometry.of(stages.get(k), driving(job, driver, k), driven(job, k), cruise(engine)));
        }
        for (int k = stages.size() - 1; k >= 0; k--) {
            after[k] = after[k + 1] * places.get(k).ratio();
        }
        DrivenEnd end = job.host().drivenEnd();
        double grip = end.grip() * end.axleLoad() * end.tyreRadius();
        for (int k = 0; k < stages.size(); k++) {
            Stage stage = stages.get(k);
            Geometry place = places.get(k);
            double delivered = torque * stage.efficiency();
            boolean pulls = stage.isInPlane();
            double byEngine = pulls ? delivered / stage.driverRadius() : 0;
            double byGrip = !pulls ? 0 : grip > 0 ? grip / after[k + 1] / stage.drivenRadius() : Double.MAX_VALUE;
            results.add(new StageResult(
                    stage,
                    place.driving(),
                    place.driven(),
                    place.alignment(),
                    place.chain(),
                    place.belt(),
                    place.problem(),
                    place.ratio(),
                    place.highRatio(),
                    before,
                    byEngine,
                    byGrip,
                    Math.min(byEngine, byGrip) * job.line().dynamicFactor()));
            before *= place.ratio();
            torque = delivered * place.ratio();
        }
        return new LineResult(results, Alignment.of(driver, new Shaft(end.point(), end.axis(), end.sprocketOffset())));
    }

    /** The same for a seat, without placing anything else. */
    public static LineResult of(Job job, Seat seat) {
        Pose pose = seat.pose();
        Output output = job.donor().output();
        return of(job, new Shaft(pose.place(output.centre()), pose.turn(output.axis()), 0));
    }

    private static double cruise(Engine engine) {
        double top = engine.gearRatios().get(engine.gearRatios().size() - 1);
        return engine.cruiseSpeed() / engine.primaryRatio() / top;
    }

    private static Shaft driving(Job job, Shaft driver, int stage) {
        if (stage == 0) {
            return driver;
        }
        JackShaft shaft = job.line().shafts().get(stage - 1);
        return new Shaft(shaft.point(), shaft.axis(), shaft.driverAt());
    }

    /** The shaft that a stage drives. */
    public static Shaft driven(Job job, int stage) {
        if (stage == job.line().shafts().size()) {
            DrivenEnd end = job.host().drivenEnd();
            return new Shaft(end.point(), end.axis(), end.sprocketOffset());
        }
        JackShaft shaft = job.line().shafts().get(stage);
        return new Shaft(shaft.point(), shaft.axis(), shaft.drivenAt());
    }

    /** What two shafts and a stage alone decide. */
    private record Geometry(
            Shaft driving,
            Shaft driven,
            Alignment alignment,
            Optional<ChainResult> chain,
            Optional<OpenBelt> belt,
            Optional<String> problem,
            double ratio,
            double highRatio) {
        public static Geometry of(Stage stage, Shaft driving, Shaft driven, double cruiseSpeed) {
            Alignment alignment = Alignment.of(driving, driven);
            double centre = alignment.centreDistance();
            try {
                if (stage instanceof Stage.Chain chain) {
                    ChainResult found = RollerChain.solve(new ChainInput(
                            chain.pitch(),
                            chain.driverTeeth(),
                            chain.drivenTeeth(),
                            centre,
                            cruiseSpeed * 30 / Math.PI));
                    return new Geometry(
                            driving,
                            driven,
                            alignment,
                            Optional.of(found),
                            Optional.empty(),
                            Optional.empty(),
                            stage.ratio(),
                            stage.ratio());
                }
                if (stage instanceof Stage.Belt belt) {
                    OpenBelt found = OpenBelt.of(belt.driverDiameter(), belt.drivenDiameter(), centre);
                    return new Geometry(
                            driving,
                            driven,
                            alignment,
                            Optional.empty(),
                            Optional.of(found),
                            Optional.empty(),
                            stage.ratio(),
                            stage.ratio());
                }
                if (stage instanceof Stage.Variator variator) {
                    double low = OpenBelt.otherDiameter(variator.beltLength(), variator.driverLow(), centre);
                    double high = OpenBelt.otherDiameter(variator.beltLength(), variator.driverHigh(), centre);
                    return new Geometry(
                            driving,
                            driven,
                            alignment,
                            Optional.empty(),
                            Optional.of(OpenBelt.of(variator.driverLow(), low, centre)),
                            Optional.empty(),
                            low / variator.driverLow(),
                            high / variator.driverHigh());
                }
            } catch (InvalidValue impossible) {
                return new Geometry(
                        driving,
                        driven,
                        alignment,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(impossible.getMessage()),
                        stage.ratio(),
                        stage.highRatio());
            }
            return new Geometry(
                    driving,
                    driven,
                    alignment,
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    stage.ratio(),
                    stage.highRatio());
        }
    }

    /** Crank turns for one turn of the last shaft in a gear, 0 the lowest, every variator in its lowest ratio. */
    public double overallRatio(Engine engine, int gear) {
        double ratio = engine.primaryRatio() * engine.gearRatios().get(gear);
        for (StageResult stage : stages) {
            ratio *= stage.ratio();
        }
        return ratio;
    }

    /** The same with every variator fully shifted. */
    public double shiftedRatio(Engine engine, int gear) {
        double ratio = engine.primaryRatio() * engine.gearRatios().get(gear);
        for (StageResult stage : stages) {
            ratio *= stage.highRatio();
        }
        return ratio;
    }

    public double efficiency() {
        return stages.stream().mapToDouble(stage -> stage.stage().efficiency()).reduce(1, (a, b) -> a * b);
    }

    public Optional<StageResult> stage(String id) {
        return stages.stream().filter(each -> each.stage().id().equals(id)).findFirst();
    }
}
