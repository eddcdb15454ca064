package oddcradle.core.begin;

import java.util.List;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.host.Foot;
import oddcradle.core.job.host.HostMass;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.mounting.Elastomer;
import oddcradle.core.section.RectTube;

/** Two runners on rubber feet, the driven machine bolted down ahead, the engine behind it with its shaft forward. */
final class SkidPlan implements FramePlan {
    @Override
    public List<FloorMeasure> measures() {
        return List.of(
                new FloorMeasure("length", "length of the skid", 1.3, 0.6, 4),
                new FloorMeasure("width", "between the runners, middles", 0.7, 0.25, 1.6),
                new FloorMeasure("bay-length", "engine's end, rear cross member to the driven shaft", 0.75, 0.3, 2),
                new FloorMeasure("bay-height", "runners to the roof or hood", 0.7, 0.25, 2),
                new FloorMeasure("shaft", "runners to the middle of the driven shaft", 0.24, 0.08, 1),
                new FloorMeasure("foot", "height of the rubber feet", 0.06, 0.02, 0.15),
                new FloorMeasure("runner", "side of the square runners", 0.05, 0.03, 0.12),
                new FloorMeasure("wall", "wall of the runners", 0.003, 0.002, 0.01));
    }

    @Override
    public void draw(FrameDraft draft) {
        double length = draft.get("length");
        double half = draft.get("width") / 2;
        double runner = draft.get("runner");
        double foot = draft.get("foot");
        double middle = foot + runner / 2;
        double top = foot + runner;
        double bay = Math.min(draft.get("bay-length"), length - 0.25);
        double shaft = top + draft.get("shaft");
        draft.tubing(new RectTube(runner, runner, draft.get("wall")), "mild steel, hot rolled");
        draft.pair("A", 0, half, middle);
        draft.pair("E", bay + 0.08, half, middle);
        draft.pair("F", length - 0.08, half, middle);
        draft.pair("G", length, half, middle);
        draft.sides("runner", "A", "E", "F", "G");
        draft.cross("rear cross member", "A");
        draft.cross("driven machine, rear", "E");
        draft.cross("driven machine, front", "F");
        draft.cross("front cross member", "G");
        draft.bay(new Vec3(0.02, 0.02 - half, top), new Vec3(bay, half - 0.02, top + draft.get("bay-height")));
        double centre = (bay + length) / 2;
        draft.box(
                "driven machine",
                Category.FIXED,
                new Vec3(centre + 0.05, 0, shaft),
                new Vec3((length - bay) / 2 - 0.06, Math.min(0.2, half), draft.get("shaft")));
        draft.standsOn(new Foot(new BondedPad(0.034, foot, 40, Elastomer.RUBBER), 0.1), FrameDraft.both("A", "G"));
        draft.carries(
                "driven machine",
                HostMass.Sort.DRIVEN_MACHINE,
                60,
                new Vec3(centre + 0.05, 0, shaft),
                FrameDraft.both("E", "F"));
        draft.coupledTo(
                new LineEnd.Generator(4, 50, 0.05, 0, 0.1, 0.08), new Vec3(bay, 0, shaft), FrameDraft.both("E"));
        draft.square("skid", "AL", "AR", "GR", "GL");
        draft.dimension("length", new Vec3(0, half, middle), new Vec3(length, half, middle));
        draft.dimension("width", new Vec3(0, half, middle), new Vec3(0, -half, middle));
        draft.dimension("bay-length", new Vec3(0, 0, top), new Vec3(bay, 0, top));
        draft.dimension("bay-height", new Vec3(0, half, top), new Vec3(0, half, top + draft.get("bay-height")));
        draft.dimension("shaft", new Vec3(bay, 0, top), new Vec3(bay, 0, shaft));
        draft.dimension("foot", new Vec3(0, -half, 0), new Vec3(0, -half, foot));
        draft.dimension("runner", new Vec3(0, 0, foot), new Vec3(0, 0, top));
        draft.dimension("wall", new Vec3(0, 0.1, top), new Vec3(0, 0.1, top - draft.get("wall")));
    }
}
