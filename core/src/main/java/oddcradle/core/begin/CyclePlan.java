package oddcradle.core.begin;

import java.util.List;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.host.HostMass;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Tube;

/** Two wheels: a backbone, two down tubes and a rear end that carries the axle. */
final class CyclePlan implements FramePlan {
    @Override
    public List<FloorMeasure> measures() {
        return List.of(
                new FloorMeasure("wheelbase", "wheelbase", 1.4, 0.9, 2),
                new FloorMeasure("width", "between the lower tubes, middles", 0.36, 0.12, 0.6),
                new FloorMeasure("bay-width", "across, between the rider's legs", 0.44, 0.15, 0.8),
                new FloorMeasure("bay-length", "bay, down tube to seat post, at the bottom", 0.54, 0.2, 0.9),
                new FloorMeasure("bay-height", "bay, lower tubes to backbone", 0.45, 0.2, 0.9),
                new FloorMeasure("tyre", "radius of the rear tyre", 0.3, 0.15, 0.4),
                new FloorMeasure("clearance", "ground to underside of the lower tubes", 0.16, 0.06, 0.4),
                new FloorMeasure("tube", "outside diameter of the tubes", 0.03175, 0.02, 0.06),
                new FloorMeasure("wall", "wall of the tubes", 0.002413, 0.001, 0.006));
    }

    @Override
    public void draw(FrameDraft draft) {
        double base = draft.get("wheelbase");
        double half = draft.get("width") / 2;
        double tyre = draft.get("tyre");
        double tube = draft.get("tube");
        double low = draft.get("clearance") + tube / 2;
        double high = low + draft.get("bay-height");
        double rear = tyre + 0.08;
        double front = rear + draft.get("bay-length");
        double head = Math.max(base - 0.25, front + 0.12);
        draft.tubing(new Tube(tube, draft.get("wall")), "structural steel, 355");
        draft.pair("A", rear, half, low);
        draft.pair("B", front, half, low);
        draft.pair("C", rear, half, high);
        draft.pair("D", head, 0.03, high + 0.18);
        draft.pair("E", 0, half, tyre);
        draft.sides("lower tube", "A", "B");
        draft.sides("down tube", "B", "D");
        draft.sides("backbone", "C", "D");
        draft.sides("seat post", "A", "C");
        draft.sides("lower rear stay", "A", "E");
        draft.sides("upper rear stay", "C", "E");
        draft.cross("rear lower cross tube", "A");
        draft.cross("front lower cross tube", "B");
        draft.cross("seat cross tube", "C");
        draft.cross("head", "D");
        double across = draft.get("bay-width") / 2;
        draft.bay(new Vec3(rear + tube, -across, low + tube / 2), new Vec3(front, across, high - tube / 2));
        draft.dimension("bay-width", new Vec3(front, -across, low + 0.1), new Vec3(front, across, low + 0.1));
        draft.box("rider", Category.PEOPLE, new Vec3(rear, 0, high + 0.42), new Vec3(0.2, 0.22, 0.36));
        draft.wheel("rear tyre", 0, 0, tyre, 0.13);
        draft.wheel("front tyre", base, 0, tyre, 0.11);
        draft.stands(FrameDraft.both("E"));
        draft.rests(FrameDraft.both("D"));
        draft.carries("rider", HostMass.Sort.PERSON, 80, new Vec3(rear, 0, high + 0.3), FrameDraft.both("A", "C"));
        draft.carries(
                "fuel, full", HostMass.Sort.FUEL, 7, new Vec3(rear + 0.3, 0, high + 0.1), FrameDraft.both("C", "D"));
        draft.axle(tyre, Math.max(half - 0.04, 0.02), tyre, 1300, 1.0, "EL", "ER");
        draft.square("bay floor", "AL", "AR", "BR", "BL");
        draft.dimension("wheelbase", Vec3.ZERO, new Vec3(base, 0, 0));
        draft.dimension("width", new Vec3(front, half, low), new Vec3(front, -half, low));
        draft.dimension("bay-length", new Vec3(rear, half, low), new Vec3(front, half, low));
        draft.dimension("bay-height", new Vec3(rear, half, low), new Vec3(rear, half, high));
        draft.dimension("tyre", new Vec3(0, 0, tyre), new Vec3(0, 0, 0));
        draft.dimension("clearance", new Vec3(front, 0, 0), new Vec3(front, 0, low - tube / 2));
        draft.dimension("tube", new Vec3(rear, 0, low + tube / 2), new Vec3(rear, 0, low - tube / 2));
        draft.dimension(
                "wall", new Vec3(rear, 0.05, low + tube / 2), new Vec3(rear, 0.05, low + tube / 2 - draft.get("wall")));
    }
}
