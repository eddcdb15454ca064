package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ObjectNode;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.mechanics.Pose;

final class DistanceCalculator {
    private DistanceCalculator() {}

    static ObjectNode answer(Fields in) {
        Separation separation = SolidDistance.between(
                in.object("a", DistanceCalculator::solid), in.object("b", DistanceCalculator::solid));
        ObjectNode out = Json.object().put("distance", separation.distance()).put("overlap", separation.overlap());
        out.set("point_a", Json.vector(separation.pointA()));
        out.set("point_b", Json.vector(separation.pointB()));
        return out;
    }

    private static Solid solid(Fields in) {
        String type = in.text("type");
        return switch (type) {
            case "sphere" -> new Solid.Sphere(in.vector("center"), in.number("radius"));
            case "capsule" -> new Solid.Capsule(in.vector("p0"), in.vector("p1"), in.number("radius"));
            case "cylinder" -> new Solid.Cylinder(in.vector("p0"), in.vector("p1"), in.number("radius"));
            case "box" ->
                new Solid.Box(
                        in.vector("half"),
                        in.optional("pose", DistanceCalculator::pose).orElse(Pose.IDENTITY));
            default -> throw new InvalidValue("type", "is \"" + type + "\", must be sphere, capsule, cylinder or box");
        };
    }

    private static Pose pose(Fields in) {
        return new Pose(in.matrix("R"), in.vector("t"));
    }
}
