package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Optional;
import oddcradle.core.drive.Alignment;
import oddcradle.core.drive.Drivetrain;
import oddcradle.core.drive.Shaft;
import oddcradle.core.drive.SwingArmChain;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

final class DriveCalculator {
    private DriveCalculator() {}

    static ObjectNode answer(Fields in) {
        Optional<ObjectNode> alignment = in.optional("alignment", DriveCalculator::alignment);
        Optional<ObjectNode> drivetrain = in.optional("drivetrain", DriveCalculator::drivetrain);
        Optional<ObjectNode> swingArm = in.optional("swingarm", DriveCalculator::swingArm);
        if (alignment.isEmpty() && drivetrain.isEmpty() && swingArm.isEmpty()) {
            throw new InvalidValue("", "asks nothing; give alignment, drivetrain or swingarm");
        }
        ObjectNode out = Json.object();
        alignment.ifPresent(each -> out.set("alignment", each));
        drivetrain.ifPresent(each -> out.set("drivetrain", each));
        swingArm.ifPresent(each -> out.set("swingarm", each));
        return out;
    }

    private static ObjectNode alignment(Fields in) {
        Alignment alignment =
                Alignment.of(in.object("shaft1", DriveCalculator::shaft), in.object("shaft2", DriveCalculator::shaft));
        return Json.object()
                .put("angular", alignment.angular())
                .put("toe_angle", alignment.toe())
                .put("twist_angle", alignment.twist())
                .put("offset", alignment.offset())
                .put("centre_distance", alignment.centreDistance());
    }

    private static Shaft shaft(Fields in) {
        return new Shaft(in.vector("point"), in.vector("direction"), in.number("offset", 0));
    }

    private static ObjectNode drivetrain(Fields in) {
        Drivetrain train = new Drivetrain(in.list("stages", DriveCalculator::step));
        List<Double> crank = in.has("engine_rpm") ? in.numbers("engine_rpm") : List.of();
        ObjectNode out = Json.object().put("overall_ratio", train.ratio()).put("efficiency", train.efficiency());
        List<Double> wheel = crank.stream().map(train::speedOut).toList();
        out.set("wheel_rpm", Json.numbers(wheel));
        Optional<Double> tyre = in.has("tyre_radius")
                ? Optional.of(Guard.positive("tyre_radius", in.number("tyre_radius"), "m"))
                : Optional.empty();
        tyre.ifPresent(radius -> out.set(
                "road_speed",
                Json.numbers(
                        wheel.stream().map(rpm -> rpm * Math.PI / 30 * radius).toList())));
        if (in.has("engine_torque")) {
            double torque = train.torqueOut(in.number("engine_torque"));
            out.put("wheel_torque", torque);
            tyre.ifPresent(radius -> out.put("tractive_force", torque / radius));
        }
        return out;
    }

    private static Drivetrain.Step step(Fields in) {
        double efficiency = in.number("efficiency", 1);
        if (in.has("ratio")) {
            if (in.has("driver") || in.has("driven")) {
                throw new InvalidValue("ratio", "is given beside driver and driven teeth; give one or the other");
            }
            return new Drivetrain.Step(in.number("ratio"), efficiency);
        }
        return Drivetrain.Step.ofTeeth(in.integer("driver"), in.integer("driven"), efficiency);
    }

    private static ObjectNode swingArm(Fields in) {
        SwingArmChain chain = SwingArmChain.of(
                point(in, "countershaft"),
                point(in, "pivot"),
                in.number("arm_length"),
                in.number("pitch"),
                in.integer("teeth_driver"),
                in.integer("teeth_driven"),
                in.numbers("angles"));
        ObjectNode out = Json.object();
        ArrayNode positions = out.putArray("positions");
        chain.travel().forEach(at -> positions
                .addObject()
                .put("angle", at.angle())
                .put("centre", at.centre())
                .put("length_pitches", at.lengthPitches()));
        return out.put("max_centre", chain.maxCentre())
                .put("max_centre_angle", chain.maxCentreAngle())
                .put("min_centre", chain.minCentre())
                .put("range", chain.range());
    }

    private static SwingArmChain.Point point(Fields in, String name) {
        List<Double> place = in.pair(name);
        return new SwingArmChain.Point(place.get(0), place.get(1));
    }
}
