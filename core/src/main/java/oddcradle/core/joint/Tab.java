package oddcradle.core.joint;

import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Rect;
import oddcradle.core.section.RectTube;

/**
 * A plate, or two, that stand off a tube and carry a bolt: how thick, how wide, how welded.
 *
 * <p>Bending at the weld {@code F s / W}; bearing {@code F / (d t)}; tearing out along two planes {@code F / (2 (e - d/2) t)}
 * against 0.577 of yield; weld by {@link WeldLine} against what its filler may bear. Everything else against yield over the factor.
 * Source: Shigley, Mechanical Engineering Design, bolted and welded joints (from memory).
 *
 * @param plates one, or two with the lug between them
 * @param root width at the weld, m
 * @param edge hole centre to edge, m
 * @param boxed whether its sides are closed to a box of {@link #BOX_DEPTH}
 * @param leg of its weld on both faces, m
 * @param weldNeeded least leg that carries the load, m
 * @param utilisation the worst share of what is allowed
 * @param worst which it is: bending, bearing, tearing, weld, or the wall it stands on
 */
public record Tab(
        int plates,
        double thickness,
        double root,
        double standoff,
        double edge,
        double hole,
        boolean boxed,
        double leg,
        double weldNeeded,
        double utilisation,
        String worst) {
    /** Depth of a boxed tab, m; common practice. */
    public static final double BOX_DEPTH = 0.025;

    /** A flat tab thicker than this is boxed instead, m; common practice. */
    private static final double THICKEST_FLAT = 0.008;

    private static final String WALL = "the wall it stands on";
    private static final double LEAST_LEG = 0.003;
    private static final double LEG_STEP = 0.0005;
    private static final double SHEAR_OF_YIELD = 0.577;

    /**
     * On one tab at its hole, N.
     *
     * @param along away from the tube
     * @param inPlane across that, in the plane of the plate
     * @param out square to the plate
     * @param onPlate how much of a working load it counts as at the plate: less than 1 for what need be borne once only
     * @param onWeld the same at the weld
     */
    public record Load(String name, double along, double inPlane, double out, double onPlate, double onWeld) {
        /**
         * @param force on the frame, N
         * @param away from the tube, unit
         * @param bolt its axis, unit
         */
        public static Load of(String name, Vec3 force, Vec3 away, Vec3 bolt, double onPlate, double onWeld) {
            return new Load(name, force.dot(away), force.dot(bolt.cross(away)), force.dot(bolt), onPlate, onWeld);
        }

        /** A working load, N. */
        public static Load working(String name, double along, double inPlane, double out) {
            return new Load(name, along, inPlane, out, 1, 1);
        }
    }

    /**
     * What is asked for.
     *
     * @param standoff from the tube's surface to the middle of the hole, m
     * @param bolt diameter that bears in the hole, m
     * @param root widest that the tube lets it be welded, m
     * @param edge wanted from the middle of the hole to the edge, m
     * @param yield of the plate beside its weld, Pa
     * @param filler what the throat of its weld may be stressed to, Pa
     * @param factor ratio that stresses keep from yielding
     * @param stock thicknesses to choose from, thinnest first, m
     * @param thickness decided by the user, m
     * @param leg decided by the user, m
     * @param hole diameter, m
     * @param wall share of what it bears that a tab asks of the wall under it, a ratio
     */
    public record Wanted(
            List<Load> loads,
            int plates,
            double standoff,
            double hole,
            double bolt,
            double root,
            double edge,
            double yield,
            double filler,
            double factor,
            List<Double> stock,
            Optional<Double> thickness,
            Optional<Double> leg,
            ToDoubleFunction<Tab> wall) {
        public Wanted {
            loads = List.copyOf(loads);
            stock = List.copyOf(stock);
            Guard.within("plates", plates, 1, 2, "");
            Guard.positive("hole", hole, "m");
            Guard.positive("bolt", bolt, "m");
            Guard.positive("root", root, "m");
            Guard.positive("edge", edge, "m");
            Guard.positive("yield", yield, "Pa");
            Guard.positive("filler", filler, "Pa");
            Guard.positive("factor", factor, "");
        }
    }

    /** The thinnest of the stock that holds and bears its own weld, flat if it can be; the strongest there is where none holds. */
    public static Tab design(Wanted wanted) {
        List<Double> choice = wanted.thickness().map(List::of).orElse(wanted.stock());
        Tab last = null;
        for (boolean boxed : new boolean[] {false, true}) {
            for (double thickness : choice) {
                if (!boxed && wanted.thickness().isEmpty() && thickness > THICKEST_FLAT) {
                    continue;
                }
                Tab tab = of(wanted, thickness, boxed);
                if (tab.utilisation <= 1
                        && (tab.leg <= thickness + 1e-9 || wanted.thickness().isPresent())) {
                    return tab;
                }
                last = last == null || tab.utilisation < last.utilisation ? tab : last;
            }
        }
        return last;
    }

    private static Tab of(Wanted wanted, double thickness, boolean boxed) {
        double allowed = wanted.yield() / wanted.factor();
        WeldLine weld = weld(wanted.root(), thickness, boxed);
        double bending = 0;
        double bearing = 0;
        double tearing = 0;
        double needed = 0;
        for (Load load : wanted.loads()) {
            double along = Math.abs(load.along()) / wanted.plates();
            double across = Math.abs(load.inPlane()) / wanted.plates();
            double out = Math.abs(load.out()) / wanted.plates();
            double inPlaneMoment = across * wanted.standoff();
            double outMoment = out * wanted.standoff();
            double bent = along / area(wanted, thickness, boxed)
                    + bendingStress(wanted, thickness, boxed, inPlaneMoment, outMoment);
            double pull = load.onPlate() * Math.hypot(along, across);
            bending = Math.max(bending, load.onPlate() * bent);
            bearing = Math.max(bearing, pull / (wanted.bolt() * thickness));
            tearing = Math.max(tearing, pull / (2 * ligament(wanted) * thickness));
            needed = Math.max(
                    needed, load.onWeld() * throat(weld, load, wanted.plates(), wanted.standoff()) / wanted.filler());
        }
        double leg = wanted.leg()
                .orElse(Math.min(
                        Math.max(Math.ceil(needed / LEG_STEP - 1e-9) * LEG_STEP, LEAST_LEG),
                        Math.max(thickness, LEAST_LEG)));
        double[] shares = {bending / allowed, bearing / allowed, tearing / (SHEAR_OF_YIELD * allowed), needed / leg};
        String[] names = {"bending", "bearing", "tearing", "weld"};
        int worst = 0;
        for (int k = 1; k < shares.length; k++) {
            worst = shares[k] > shares[worst] ? k : worst;
        }
        Tab tab = new Tab(
                wanted.plates(),
                thickness,
                wanted.root(),
                wanted.standoff(),
                wanted.edge(),
                wanted.hole(),
                boxed,
                leg,
                needed,
                shares[worst],
                names[worst]);
        double wall = wanted.wall().applyAsDouble(tab);
        return wall > tab.utilisation ? tab.givingWayAt(wall, WALL) : tab;
    }

    private Tab givingWayAt(double share, String what) {
        return new Tab(plates, thickness, root, standoff, edge, hole, boxed, leg, weldNeeded, share, what);
    }

    /** Whether the wall of the tube gives way first. */
    public boolean isWallWorst() {
        return worst.equals(WALL);
    }

    /** Of a flat plate on both faces, of a boxed one all round. */
    private static WeldLine weld(double root, double thickness, boolean boxed) {
        return boxed ? WeldLine.rectangle(root, BOX_DEPTH) : WeldLine.twoLines(root, thickness);
    }

    /** Stress in the throat of a fillet whose leg is 1 m, Pa. */
    private static double throat(WeldLine weld, Load load, int plates, double standoff) {
        Vec3 force = new Vec3(load.inPlane(), load.out(), load.along()).times(1.0 / plates);
        return weld.worst(force, Vec3.ZERO, new Vec3(0, 0, standoff))
                        .lineForce()
                        .length()
                / Filler.THROAT;
    }

    /** Stress in the throat of its weld, Pa. */
    public double throat(Load load) {
        return throat(weld(root, thickness, boxed), load, plates, standoff) / leg;
    }

    /** Metal beyond the hole, m; a sliver where the hole breaks the edge. */
    private static double ligament(Wanted wanted) {
        return Math.max(wanted.edge() - wanted.hole() / 2, 1e-5);
    }

    private static double area(Wanted wanted, double thickness, boolean boxed) {
        return boxed ? box(wanted, thickness).area() : wanted.root() * thickness;
    }

    private static double bendingStress(
            Wanted wanted, double thickness, boolean boxed, double inPlaneMoment, double outMoment) {
        return boxed
                ? box(wanted, thickness).bendingStress(outMoment, inPlaneMoment)
                : new Rect(wanted.root(), thickness).bendingStress(outMoment, inPlaneMoment);
    }

    private static RectTube box(Wanted wanted, double thickness) {
        double wall = Math.min(thickness, Math.min(wanted.root(), BOX_DEPTH) / 2 * 0.9);
        return new RectTube(wanted.root(), BOX_DEPTH, wall);
    }

    public Outline outline() {
        return Outline.tab(root, standoff, edge, hole);
    }

    /** Hole centre to edge over the diameter of the hole. Ratio of the edge distance to the hole's diameter. */
    public double edgeRatio() {
        return edge / hole;
    }

    /** Of all plates, box sides among them, m3. */
    public double volume() {
        double sides = boxed ? 2 * standoff * BOX_DEPTH * thickness : 0;
        return plates * (outline().area() * thickness + sides);
    }
}
