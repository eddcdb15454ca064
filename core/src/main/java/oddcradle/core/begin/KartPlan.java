package oddcradle.core.begin;

import java.util.List;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.host.HostMass;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Tube;

/** Two rails just over the ground, the engine beside the seat on the right, its chain to a live axle. */
final class KartPlan implements FramePlan {
    @Override
    public List<FloorMeasure> measures() {
        return List.of(
                new FloorMeasure("wheelbase", "wheelbase", 1.05, 0.6, 2),
                new FloorMeasure("width", "between the rails, middles", 0.74, 0.3, 1.2),
                new FloorMeasure("bay-length", "axle's sprocket to the seat cross tube", 0.4, 0.2, 1),
                new FloorMeasure("bay-width", "right rail to the seat", 0.4, 0.1, 0.6),
                new FloorMeasure("bay-height", "rails to what is over the engine", 0.5, 0.15, 1),
                new FloorMeasure("tyre", "radius of the rear tyres", 0.14, 0.08, 0.4),
                new FloorMeasure("clearance", "ground to underside of the rails", 0.05, 0.02, 0.3),
                new FloorMeasure("tube", "outside diameter of the tubes", 0.035, 0.02, 0.06),
                new FloorMeasure("wall", "wall of the tubes", 0.0025, 0.001, 0.006));
    }

    @Override
    public void draw(FrameDraft draft) {
        double base = draft.get("wheelbase");
        double half = draft.get("width") / 2;
        double tyre = draft.get("tyre");
        double rail = draft.get("clearance") + draft.get("tube") / 2;
        double rear = -0.15;
        double bayLength = draft.get("bay-length");
        double bay = 0.13;
        double seat = bay + bayLength;
        draft.tubing(new Tube(draft.get("tube"), draft.get("wall")), "structural steel, 355");
        draft.pair("A", rear, half, rail);
        draft.pair("B", 0, half, rail);
        draft.pair("C", seat, half, rail);
        draft.pair("D", Math.max(base - 0.15, seat + 0.1), half, rail);
        draft.pair("E", Math.max(base, seat + 0.2), 0.6 * half, rail);
        draft.sides("rail", "A", "B", "C", "D", "E");
        // The engine's mount clamps to two rails that run side by side.
        double inner = Math.min(draft.get("bay-width") - half, half - 1.5 * draft.get("tube"));
        draft.node("Q", rear, inner, rail);
        draft.node("R", seat, inner, rail);
        draft.tube("rear cross tube", "AL", "Q", "AR");
        draft.tube("seat cross tube", "CL", "R", "CR");
        draft.tube("engine rail", "Q", "R");
        draft.cross("pedal cross tube", "D");
        draft.cross("front cross tube", "E");
        String[] bearings = draft.axleHangers("B", "C", tyre, draft.get("tube"));
        double low = rail + draft.get("tube") / 2;
        draft.bay(
                new Vec3(bay, draft.get("tube") / 2 - half, low),
                new Vec3(seat - 0.02, draft.get("bay-width") - half, low + draft.get("bay-height")));
        double middle = draft.get("bay-width") / 2;
        draft.box(
                "driver",
                Category.PEOPLE,
                new Vec3(seat - 0.05, middle, low + 0.35),
                new Vec3(0.25, Math.max(half - middle - 0.02, 0.05), 0.35));
        draft.wheel("left rear tyre", 0, half + 0.16, tyre, 0.18);
        draft.wheel("right rear tyre", 0, -half - 0.16, tyre, 0.18);
        draft.wheel("left front tyre", base, half + 0.16, tyre, 0.13);
        draft.wheel("right front tyre", base, -half - 0.16, tyre, 0.13);
        draft.stands(bearings);
        draft.rests(FrameDraft.both("E"));
        draft.carries(
                "driver", HostMass.Sort.PERSON, 80, new Vec3(seat - 0.05, middle, low + 0.25), FrameDraft.both("C"));
        draft.carries("fuel, full", HostMass.Sort.FUEL, 5, new Vec3(base - 0.3, 0, low + 0.12), FrameDraft.both("D"));
        draft.axle(tyre, -half + 0.08, tyre, 1000, 1.0, bearings);
        draft.square("kart frame", "AL", "AR", "CR", "CL");
        draft.dimension("wheelbase", new Vec3(0, half, 0), new Vec3(base, half, 0));
        draft.dimension("width", new Vec3(seat, half, rail), new Vec3(seat, -half, rail));
        draft.dimension("bay-length", new Vec3(bay, -half, rail), new Vec3(seat, -half, rail));
        draft.dimension("bay-width", new Vec3(seat, -half, low), new Vec3(seat, draft.get("bay-width") - half, low));
        draft.dimension("bay-height", new Vec3(rear, -half, low), new Vec3(rear, -half, low + draft.get("bay-height")));
        draft.dimension("tyre", new Vec3(0, half + 0.16, tyre), new Vec3(0, half + 0.16, 0));
        draft.dimension("clearance", new Vec3(base, 0, 0), new Vec3(base, 0, rail - draft.get("tube") / 2));
        draft.dimension("tube", new Vec3(rear, 0, low), new Vec3(rear, 0, rail - draft.get("tube") / 2));
        draft.dimension("wall", new Vec3(rear, 0.1, low), new Vec3(rear, 0.1, low - draft.get("wall")));
    }
}
