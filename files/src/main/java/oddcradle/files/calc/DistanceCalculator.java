package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.geometry.motion.Motion;
import oddcradle.core.geometry.motion.Sweep;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.mechanics.Pose;

final class DistanceCalculator {
    private DistanceCalculator() {}

    /** A solid and what it does. */
    private record Moving(Solid solid, List<Motion> motions) {}

    static ObjectNode answer(Fields in) {
        Moving a = in.object("a", DistanceCalculator::moving);
        Moving b = in.object("b", DistanceCalculator::moving);
        if (a.motions().isEmpty() && b.motions().isEmpty()) {
            return apart(SolidDistance.between(a.solid(), b.solid()));
        }
        return swept(a, b);
    }

    private static ObjectNode apart(Separation separation) {
        ObjectNode out = Json.object().put("distance", separation.distance()).put("overlap", separation.overlap());
        out.set("point_a", Json.vector(separation.pointA()));
        out.set("point_b", Json.vector(separation.pointB()));
        return out;
    }

    /** Seen from the first solid the other makes its own motions and then undoes the first one's. */
    private static ObjectNode swept(Moving a, Moving b) {
        List<Motion> motions = new ArrayList<>(b.motions());
        for (int k = a.motions().size() - 1; k >= 0; k--) {
            motions.add(a.motions().get(k).undone());
        }
        Sweep.Nearest nearest = Sweep.of(b.solid(), motions).nearestExactly(PreparedSolid.of(a.solid()));
        Pose carried = Pose.IDENTITY;
        ArrayNode atA = Json.list();
        for (int k = 0; k < a.motions().size(); k++) {
            double value = -nearest.values().get(motions.size() - 1 - k);
            carried = a.motions().get(k).at(value).after(carried);
            atA.add(value);
        }
        ArrayNode atB = Json.list();
        for (int k = 0; k < b.motions().size(); k++) {
            atB.add(nearest.values().get(k));
        }
        Separation least = nearest.separation();
        ObjectNode out =
                apart(new Separation(least.distance(), carried.place(least.pointA()), carried.place(least.pointB())));
        out.set("at_a", atA);
        out.set("at_b", atB);
        return out;
    }

    private static Moving moving(Fields in) {
        List<Motion> motions = new ArrayList<>(in.listIfPresent("motions", DistanceCalculator::motion));
        in.optional("motion", DistanceCalculator::motion).ifPresent(motions::add);
        return new Moving(solid(in), motions);
    }

    private static Motion motion(Fields in) {
        String type = in.text("type");
        return switch (type) {
            case "turn" -> new Motion.Turn(in.vector("point"), in.vector("axis"), in.number("from"), in.number("to"));
            case "slide" -> new Motion.Slide(in.vector("direction"), in.number("from"), in.number("to"));
            default -> throw new InvalidValue("type", "is \"" + type + "\", must be turn or slide");
        };
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
