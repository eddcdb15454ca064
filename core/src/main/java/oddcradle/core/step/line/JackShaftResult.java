package oddcradle.core.step.line;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.ShaftModel;
import oddcradle.core.drive.ShaftStrength;
import oddcradle.core.drive.Stage;
import oddcradle.core.math.Vec3;
import oddcradle.core.structure.StageResult;

/**
 * A shaft between two stages under their full-throttle pulls.
 *
 * @param reactions on its bearings, N, host axes
 * @param moment largest bending moment, N m
 * @param torque between its wheels, N m
 * @param stress von Mises at the surface, Pa
 * @param deflection largest at a wheel, m
 * @param slope largest at a wheel, rad
 */
public record JackShaftResult(
        List<Vec3> reactions, double moment, double torque, double stress, double deflection, double slope) {
    private static final double STEEL = 205e9;
    private static final double STEEL_DENSITY = 7850;
    private static final double POISSON = 0.3;
    /** What stands over beyond the outermost bearing or wheel, m. */
    private static final double OVER = 0.005;

    private static final double BELT_FRICTION = 0.3;

    /** Width of a sprocket's plate, in pitches; ISO 606 (from memory). */
    private static final double SPROCKET_WIDTH = 0.6;

    /** The shaft with what its wheels weigh: as told, else as steel discs of their size; common practice. */
    public static JackShaft weighed(JackShaft shaft, StageResult before, StageResult after) {
        double driven = shaft.drivenMass() > 0
                ? shaft.drivenMass()
                : disc(before.stage(), before.stage().drivenRadius());
        double driver = shaft.driverMass() > 0
                ? shaft.driverMass()
                : disc(after.stage(), after.stage().driverRadius());
        return shaft.withMasses(driven, driver);
    }

    private static double disc(Stage stage, double radius) {
        double width = 0;
        if (stage instanceof Stage.Chain chain) {
            width = SPROCKET_WIDTH * chain.pitch();
        } else if (stage instanceof Stage.Belt belt) {
            width = belt.width();
        } else if (stage instanceof Stage.Variator variator) {
            width = variator.width();
        }
        return STEEL_DENSITY * Math.PI * radius * radius * width;
    }

    /** First critical speed of a weighed shaft on bearings that give, rad/s; empty where gears hold it. */
    public static Optional<Double> criticalSpeed(JackShaft weighed) {
        double from = end(weighed);
        return model(weighed).map(bare -> new ShaftModel(
                        bare.young(),
                        bare.density(),
                        bare.poisson(),
                        bare.shear(),
                        bare.segments(),
                        List.of(
                                new ShaftModel.Disc(weighed.drivenAt() - from, weighed.drivenMass()),
                                new ShaftModel.Disc(weighed.driverAt() - from, weighed.driverMass())),
                        weighed.bearings().stream()
                                .map(at -> new ShaftModel.Bearing(at - from, Optional.of(weighed.usedStiffness())))
                                .toList())
                .criticalSpeed());
    }

    /** Places along the shaft measured from its model's end. */
    private static double end(JackShaft shaft) {
        double least = Math.min(shaft.drivenAt(), shaft.driverAt());
        for (double bearing : shaft.bearings()) {
            least = Math.min(least, bearing);
        }
        return least - OVER;
    }

    /** The shaft on stiff bearings; empty where gears hold it. */
    public static Optional<ShaftModel> model(JackShaft shaft) {
        if (shaft.bearings().isEmpty()) {
            return Optional.empty();
        }
        double from = end(shaft);
        double to = Math.max(shaft.drivenAt(), shaft.driverAt());
        for (double bearing : shaft.bearings()) {
            to = Math.max(to, bearing);
        }
        return Optional.of(new ShaftModel(
                STEEL,
                STEEL_DENSITY,
                POISSON,
                true,
                List.of(new ShaftModel.Segment(to + OVER - from, shaft.od(), shaft.bore())),
                List.of(),
                shaft.bearings().stream()
                        .map(at -> new ShaftModel.Bearing(at - from, Optional.empty()))
                        .toList()));
    }

    /** @param before the stage that drives it, and the stage it drives */
    public static Optional<JackShaftResult> of(
            JackShaft shaft, StageResult before, StageResult after, double dynamicFactor) {
        Optional<ShaftModel> model = model(shaft);
        if (model.isEmpty()) {
            return Optional.empty();
        }
        Vec3 axis = shaft.axis().unit();
        Vec3 u = axis.anyPerpendicular();
        Vec3 v = axis.cross(u);
        Vec3 in = pullOnDriven(before);
        Vec3 out = pullOnDriver(after);
        double from = end(shaft);
        ShaftModel.Bending inU = bent(model.get(), shaft, from, in.dot(u), out.dot(u));
        ShaftModel.Bending inV = bent(model.get(), shaft, from, in.dot(v), out.dot(v));
        double moment = 0;
        for (int k = 0; k < inU.x().size(); k++) {
            moment = Math.max(
                    moment, Math.hypot(inU.moments().get(k), inV.moments().get(k)));
        }
        double deflection = 0;
        double slope = 0;
        for (double wheel : new double[] {shaft.drivenAt(), shaft.driverAt()}) {
            int at = inU.at(wheel - from);
            deflection = Math.max(
                    deflection,
                    Math.hypot(inU.deflections().get(at), inV.deflections().get(at)));
            slope = Math.max(
                    slope, Math.hypot(inU.slopes().get(at), inV.slopes().get(at)));
        }
        List<Vec3> reactions = new ArrayList<>();
        for (int k = 0; k < shaft.bearings().size(); k++) {
            reactions.add(
                    u.times(inU.reactions().get(k)).along(v, inV.reactions().get(k)));
        }
        double torque = after.stage().isInPlane()
                ? after.design() * after.stage().driverRadius()
                : before.design() * before.stage().drivenRadius();
        double stress = ShaftStrength.stress(shaft.od(), shaft.bore(), moment, torque, shaft.keyDepth() > 0);
        return Optional.of(new JackShaftResult(List.copyOf(reactions), moment, torque, stress, deflection, slope));
    }

    private static ShaftModel.Bending bent(ShaftModel model, JackShaft shaft, double from, double in, double out) {
        return model.bentBy(List.of(
                new ShaftModel.Load(shaft.drivenAt() - from, in), new ShaftModel.Load(shaft.driverAt() - from, out)));
    }

    /** Towards the driving shaft, N: a chain's tight run; of a belt both runs along the centres. */
    private static Vec3 pullOnDriven(StageResult stage) {
        return pull(stage, stage.driving().sprocketCentre().minus(stage.driven().sprocketCentre()));
    }

    private static Vec3 pullOnDriver(StageResult stage) {
        return pull(stage, stage.driven().sprocketCentre().minus(stage.driving().sprocketCentre()));
    }

    private static Vec3 pull(StageResult stage, Vec3 way) {
        Vec3 across = way.withoutPartAlong(stage.driving().direction());
        if (!stage.stage().isInPlane() || across.length() == 0) {
            return Vec3.ZERO;
        }
        double force = stage.belt()
                .map(belt -> belt.sideForce(stage.design(), BELT_FRICTION, wedge(stage)))
                .orElse(stage.design());
        return across.unit().times(force);
    }

    private static double wedge(StageResult stage) {
        if (stage.stage() instanceof Stage.Belt belt) {
            return belt.wedgeAngle();
        }
        return stage.stage() instanceof Stage.Variator variator ? variator.wedgeAngle() : 0;
    }
}
