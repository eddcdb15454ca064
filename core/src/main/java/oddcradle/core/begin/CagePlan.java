package oddcradle.core.begin;

import java.util.List;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.host.HostMass;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Tube;

/** A bay of four posts between lower and upper rails, a driven rear axle under it, and a nose: ATV, trike, buggy. */
final class CagePlan implements FramePlan {
    /** A driven sprocket and its chain guard; common practice. */
    private static final double AXLE_TO_BAY = 0.17;

    private final Shape shape;

    /** What tells one family from another. */
    enum Shape {
        /** Sat astride; four small wheels. */
        ATV(1.2, 0.42, 0.55, 0.5, 0.27, 0.2),
        /** One wheel ahead; the driver sits before the bay. */
        TRIKE(1.7, 0.52, 0.65, 0.5, 0.3, 0.16),
        /** The driver sits in a cage before the bay. */
        BUGGY(2.0, 0.76, 0.7, 0.6, 0.29, 0.24);

        private final double wheelbase;
        private final double width;
        private final double bayLength;
        private final double bayHeight;
        private final double tyre;
        private final double clearance;

        Shape(double wheelbase, double width, double bayLength, double bayHeight, double tyre, double clearance) {
            this.wheelbase = wheelbase;
            this.width = width;
            this.bayLength = bayLength;
            this.bayHeight = bayHeight;
            this.tyre = tyre;
            this.clearance = clearance;
        }
    }

    CagePlan(Shape shape) {
        this.shape = shape;
    }

    @Override
    public List<FloorMeasure> measures() {
        return List.of(
                new FloorMeasure("wheelbase", "wheelbase", shape.wheelbase, 0.8, 4),
                new FloorMeasure("width", "between the lower rails, middles", shape.width, 0.2, 1.6),
                new FloorMeasure("bay-length", "bay, rear posts to front posts", shape.bayLength, 0.25, 1.5),
                new FloorMeasure("bay-height", "bay, lower to upper rails", shape.bayHeight, 0.2, 1.5),
                new FloorMeasure("tyre", "radius of the rear tyres", shape.tyre, 0.12, 0.7),
                new FloorMeasure("clearance", "ground to underside of the rails", shape.clearance, 0.05, 0.7),
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
        double rear = Math.max(AXLE_TO_BAY, 0.6 * tyre);
        double front = rear + draft.get("bay-length");
        double nose = Math.max(base, front + 0.3);
        draft.tubing(new Tube(tube, draft.get("wall")), "structural steel, 355");
        // The rails run on under the axle, so that no tube crosses the chain.
        draft.pair("A", -0.15, half, low);
        draft.pair("E", 0, half, low);
        draft.pair("P", rear, half, low);
        draft.pair("B", front, half, low);
        draft.pair("C", rear, half, high);
        draft.pair("D", front, half, high);
        draft.sides("lower rail", "A", "E", "P", "B");
        draft.sides("upper rail", "C", "D");
        draft.sides("rear post", "P", "C");
        draft.sides("front post", "B", "D");
        draft.sides("rear stay", "A", "C");
        draft.cross("rear cross tube", "A");
        draft.cross("front lower cross tube", "B");
        draft.cross("rear upper cross tube", "C");
        draft.cross("front upper cross tube", "D");
        draft.sides("bay brace", "P", "D");
        nose(draft, half, low, high, front, nose);
        wheels(draft, half, tyre, nose);
        draft.bay(
                new Vec3(rear + tube / 2, tube / 2 - half, low + tube / 2),
                new Vec3(front - tube / 2, half - tube / 2, high - tube / 2));
        draft.carries("fuel, full", HostMass.Sort.FUEL, 8, new Vec3(front, 0, high + 0.1), FrameDraft.both("D"));
        draft.axle(tyre, 0.4 * half, tyre, 2000, shape == Shape.TRIKE ? 0.9 : 0.8, "EL", "ER");
        draft.square("bay floor", "PL", "PR", "BR", "BL");
        dimensions(draft, half, low, high, rear, front, nose);
    }

    private void nose(FrameDraft draft, double half, double low, double high, double front, double nose) {
        boolean trike = shape == Shape.TRIKE;
        double narrow = trike ? 0.05 : 0.7 * half;
        draft.pair("F", nose - 0.12, narrow, low);
        draft.pair("G", nose - 0.05, narrow, low + 0.35);
        draft.sides("lower nose rail", "B", "F");
        draft.sides("upper nose rail", "D", "G");
        draft.sides("nose post", "F", "G");
        draft.cross("lower nose cross tube", "F");
        draft.cross("upper nose cross tube", "G");
        draft.stands(FrameDraft.both("E"));
        draft.rests(FrameDraft.both("F"));
        if (shape == Shape.ATV) {
            draft.box("driver", Category.PEOPLE, new Vec3(front - 0.1, 0, high + 0.4), new Vec3(0.22, 0.25, 0.34));
            draft.carries(
                    "driver",
                    HostMass.Sort.PERSON,
                    85,
                    new Vec3(front - 0.1, 0, high + 0.3),
                    FrameDraft.both("C", "D"));
            return;
        }
        double seat = front + 0.32;
        draft.box(
                "driver",
                Category.PEOPLE,
                new Vec3(seat, 0, low + 0.5),
                new Vec3(0.24, Math.max(half - 0.06, 0.2), 0.45));
        draft.carries("driver", HostMass.Sort.PERSON, 85, new Vec3(seat, 0, low + 0.35), FrameDraft.both("B", "F"));
        if (shape == Shape.BUGGY) {
            draft.pair("J", front + 0.15, 0.85 * half, low + 1.15);
            draft.pair("M", Math.max(front + 0.7, nose - 0.5), 0.8 * half, low + 1.1);
            draft.sides("main hoop leg", "D", "J");
            draft.cross("main hoop top", "J");
            draft.sides("roof rail", "J", "M");
            draft.cross("roof front", "M");
            draft.sides("screen post", "M", "G");
            draft.sides("hoop stay", "C", "J");
        }
    }

    private void wheels(FrameDraft draft, double half, double tyre, double nose) {
        double out = half + 0.26;
        draft.wheel("left rear tyre", 0, out, tyre, 0.22);
        draft.wheel("right rear tyre", 0, -out, tyre, 0.22);
        if (shape == Shape.TRIKE) {
            draft.wheel("front tyre", nose + 0.2, 0, tyre, 0.12);
        } else {
            draft.wheel("left front tyre", nose, out, 0.95 * tyre, 0.18);
            draft.wheel("right front tyre", nose, -out, 0.95 * tyre, 0.18);
        }
    }

    private static void dimensions(
            FrameDraft draft, double half, double low, double high, double rear, double front, double nose) {
        double tube = draft.get("tube");
        double tyre = draft.get("tyre");
        draft.dimension("wheelbase", Vec3.ZERO, new Vec3(nose, 0, 0));
        draft.dimension("width", new Vec3(front, half, low), new Vec3(front, -half, low));
        draft.dimension("bay-length", new Vec3(rear, half, low), new Vec3(front, half, low));
        draft.dimension("bay-height", new Vec3(front, half, low), new Vec3(front, half, high));
        draft.dimension("tyre", new Vec3(0, half + 0.26, tyre), new Vec3(0, half + 0.26, 0));
        draft.dimension("clearance", new Vec3(front, 0, 0), new Vec3(front, 0, low - tube / 2));
        draft.dimension("tube", new Vec3(rear, 0, low + tube / 2), new Vec3(rear, 0, low - tube / 2));
        draft.dimension(
                "wall", new Vec3(rear, 0.1, low + tube / 2), new Vec3(rear, 0.1, low + tube / 2 - draft.get("wall")));
    }
}
