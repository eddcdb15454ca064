package oddcradle.core.begin;

import java.util.List;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.host.HostMass;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.RectTube;

/** A ladder frame of box section: small tractor, luggage or cargo machine; the engine low behind the driver. */
final class CargoPlan implements FramePlan {
    @Override
    public List<FloorMeasure> measures() {
        return List.of(
                new FloorMeasure("wheelbase", "wheelbase", 1.5, 0.8, 4),
                new FloorMeasure("width", "between the rails, middles", 0.6, 0.25, 1.6),
                new FloorMeasure("bay-length", "bay, behind the seat, to the axle's sprocket", 0.65, 0.25, 1.5),
                new FloorMeasure("bay-height", "bay, rails to the deck over the engine", 0.55, 0.2, 1.2),
                new FloorMeasure("tyre", "radius of the driven tyres", 0.3, 0.12, 0.8),
                new FloorMeasure("clearance", "ground to underside of the rails", 0.26, 0.05, 0.8),
                new FloorMeasure("rail-height", "height of the rail section", 0.06, 0.03, 0.15),
                new FloorMeasure("rail-width", "width of the rail section", 0.04, 0.02, 0.1),
                new FloorMeasure("wall", "wall of the rail", 0.003, 0.0015, 0.01));
    }

    @Override
    public void draw(FrameDraft draft) {
        double base = draft.get("wheelbase");
        double half = draft.get("width") / 2;
        double tyre = draft.get("tyre");
        double height = draft.get("rail-height");
        double rail = draft.get("clearance") + height / 2;
        double rear = Math.max(0.17, 0.6 * draft.get("tyre"));
        double front = rear + draft.get("bay-length");
        double end = Math.max(base + 0.1, front + 0.35);
        draft.tubing(new RectTube(draft.get("rail-width"), height, draft.get("wall")), "mild steel, hot rolled");
        draft.pair("A", -0.2, half, rail);
        draft.pair("B", 0, half, rail);
        draft.pair("C", rear, half, rail);
        draft.pair("D", front, half, rail);
        draft.pair("E", end - 0.1, half, rail);
        draft.pair("F", end, half, rail);
        draft.sides("rail", "A", "B", "C", "D", "E", "F");
        draft.cross("rear cross member", "A");
        draft.cross("bay front cross member", "D");
        draft.cross("front cross member", "F");
        String[] bearings = draft.axleHangers("B", "A", tyre, height);
        double low = rail + height / 2;
        double deck = low + draft.get("bay-height");
        draft.bay(new Vec3(rear + 0.02, 0.02 - half, low), new Vec3(front - 0.02, half - 0.02, deck));
        draft.box(
                "deck", Category.FIXED, new Vec3((rear + front) / 2, 0, deck + 0.02), new Vec3(0.5, half + 0.1, 0.02));
        double seat = front + 0.3;
        draft.box("driver", Category.PEOPLE, new Vec3(seat, 0, low + 0.55), new Vec3(0.24, 0.25, 0.45));
        draft.wheel("left rear tyre", 0, half + 0.22, tyre, 0.2);
        draft.wheel("right rear tyre", 0, -half - 0.22, tyre, 0.2);
        draft.wheel("left front tyre", base, half + 0.2, 0.8 * tyre, 0.15);
        draft.wheel("right front tyre", base, -half - 0.2, 0.8 * tyre, 0.15);
        draft.stands(bearings);
        draft.rests(FrameDraft.both("E"));
        draft.carries("driver", HostMass.Sort.PERSON, 85, new Vec3(seat, 0, low + 0.4), FrameDraft.both("D", "E"));
        draft.carries(
                "fuel, full", HostMass.Sort.FUEL, 10, new Vec3(front, half - 0.1, low + 0.2), FrameDraft.both("D"));
        draft.carries(
                "cargo",
                HostMass.Sort.CARGO,
                150,
                new Vec3((rear + front) / 2, 0, deck + 0.2),
                FrameDraft.both("C", "D"));
        draft.axle(tyre, 0.3 * half, tyre, 2500, 0.7, bearings);
        draft.square("engine bay", "CL", "CR", "DR", "DL");
        draft.dimension("wheelbase", Vec3.ZERO, new Vec3(base, 0, 0));
        draft.dimension("width", new Vec3(front, half, rail), new Vec3(front, -half, rail));
        draft.dimension("bay-length", new Vec3(rear, half, rail), new Vec3(front, half, rail));
        draft.dimension("bay-height", new Vec3(front, half, low), new Vec3(front, half, deck));
        draft.dimension("tyre", new Vec3(0, half + 0.22, tyre), new Vec3(0, half + 0.22, 0));
        draft.dimension("clearance", new Vec3(front, 0, 0), new Vec3(front, 0, rail - height / 2));
        draft.dimension("rail-height", new Vec3(end, half, rail - height / 2), new Vec3(end, half, low));
        draft.dimension(
                "rail-width",
                new Vec3(end, half - draft.get("rail-width") / 2, low),
                new Vec3(end, half + draft.get("rail-width") / 2, low));
        draft.dimension("wall", new Vec3(end, 0, low), new Vec3(end, 0, low - draft.get("wall")));
    }
}
