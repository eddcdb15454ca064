package oddcradle.core.begin;

import java.util.List;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.host.HostMass;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.section.Tube;

/** The firewall's four points with one bay of the fuselage behind them, the propeller ahead. */
final class FirewallPlan implements FramePlan {
    @Override
    public List<FloorMeasure> measures() {
        return List.of(
                new FloorMeasure("width", "between the firewall points, sideways", 0.6, 0.25, 1.4),
                new FloorMeasure("height", "between the firewall points, up and down", 0.5, 0.2, 1.2),
                new FloorMeasure("lower", "level ground to the lower points, aircraft level", 0.8, 0.3, 2.5),
                new FloorMeasure("thrust", "level ground to the thrust line", 1.1, 0.5, 3),
                new FloorMeasure("ahead", "firewall to the propeller's flange", 0.85, 0.3, 2),
                new FloorMeasure("propeller", "diameter of the propeller", 1.7, 0.8, 2.5),
                new FloorMeasure("cowl", "side of the cowl across", 0.8, 0.4, 1.6),
                new FloorMeasure("tube", "outside diameter of the fuselage tubes", 0.0254, 0.0125, 0.05),
                new FloorMeasure("wall", "wall of the fuselage tubes", 0.001651, 0.0007, 0.004));
    }

    @Override
    public void draw(FrameDraft draft) {
        double half = draft.get("width") / 2;
        double lower = draft.get("lower");
        double upper = lower + draft.get("height");
        double thrust = draft.get("thrust");
        double ahead = draft.get("ahead");
        double back = -0.8;
        double cowl = draft.get("cowl") / 2;
        draft.tubing(new Tube(draft.get("tube"), draft.get("wall")), "4130 normalised");
        draft.pair("L", 0, half, lower);
        draft.pair("U", 0, half, upper);
        draft.pair("W", back, half, lower);
        draft.pair("V", back, half, upper);
        draft.sides("lower longeron", "L", "W");
        draft.sides("upper longeron", "U", "V");
        draft.sides("firewall post", "L", "U");
        draft.sides("rear post", "W", "V");
        draft.cross("firewall bottom", "L");
        draft.cross("firewall top", "U");
        draft.cross("rear bottom", "W");
        draft.cross("rear top", "V");
        draft.sides("side brace", "L", "V");
        draft.tube("firewall brace", "LL", "UR");
        draft.tube("floor brace", "LL", "WR");
        draft.tube("top brace", "UL", "VR");
        draft.bay(new Vec3(0.03, -cowl, thrust - 0.5), new Vec3(ahead, cowl, thrust + 0.45));
        draft.keepOut(
                "ground",
                Category.FIXED,
                new Solid.Box(new Vec3(2, 2, 0.05), new Pose(Mat3.IDENTITY, new Vec3(0, 0, -0.05))));
        draft.box(
                "firewall",
                Category.FIXED,
                new Vec3(-0.01, 0, (lower + upper) / 2),
                new Vec3(0.005, half, (upper - lower) / 2));
        draft.box("people", Category.PEOPLE, new Vec3(-0.95, 0, (lower + upper) / 2), new Vec3(0.4, half - 0.03, 0.35));
        draft.carries(
                "two people",
                HostMass.Sort.PERSON,
                170,
                new Vec3(-1, 0, (lower + upper) / 2),
                FrameDraft.both("V", "W"));
        draft.carries("fuel, full", HostMass.Sort.FUEL, 40, new Vec3(-0.3, 0, upper), FrameDraft.both("U", "V"));
        draft.stands(FrameDraft.both("V", "W"));
        draft.propeller(
                new LineEnd.Propeller(draft.get("propeller"), 0.6, 55, 0.08, 0, 0.1, 1.4, 0, true, 2),
                new Vec3(ahead, 0, thrust),
                FrameDraft.both("U"));
        draft.square("firewall", "LL", "LR", "UR", "UL");
        draft.dimension("width", new Vec3(0, half, lower), new Vec3(0, -half, lower));
        draft.dimension("height", new Vec3(0, half, lower), new Vec3(0, half, upper));
        draft.dimension("lower", new Vec3(0, half, 0), new Vec3(0, half, lower));
        draft.dimension("thrust", new Vec3(ahead, 0, 0), new Vec3(ahead, 0, thrust));
        draft.dimension("ahead", new Vec3(0, 0, thrust), new Vec3(ahead, 0, thrust));
        double blade = draft.get("propeller") / 2;
        draft.dimension("propeller", new Vec3(ahead, 0, thrust - blade), new Vec3(ahead, 0, thrust + blade));
        draft.dimension("cowl", new Vec3(ahead / 2, -cowl, thrust), new Vec3(ahead / 2, cowl, thrust));
        double tube = draft.get("tube");
        draft.dimension("tube", new Vec3(0, 0, upper - tube / 2), new Vec3(0, 0, upper + tube / 2));
        draft.dimension(
                "wall", new Vec3(0, 0.1, upper + tube / 2), new Vec3(0, 0.1, upper + tube / 2 - draft.get("wall")));
    }
}
