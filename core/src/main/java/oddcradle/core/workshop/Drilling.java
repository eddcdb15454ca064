package oddcradle.core.workshop;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.catalog.ScrewThread;
import oddcradle.core.material.Material;

/** How a hole is drilled: from the centre punch to its final size, and how fast. */
public final class Drilling {
    /** Cutting speeds of high-speed steel drills, m/s; common practice. */
    private static final double ON_SOFT_STEEL = 25 / 60.0;

    private static final double ON_HARD_STEEL = 15 / 60.0;
    private static final double ON_ALLOY = 60 / 60.0;
    /** A steel from this yield on wants slow drills, Pa; common practice. */
    private static final double HARD = 400e6;

    private static final double PILOT = 0.003;
    /** The next drill is no more than this times the one before: its web must find a hole; common practice. */
    private static final double NEXT = 1.9;
    /** What a reamer takes away, m; common practice. */
    private static final double FOR_REAMER = 0.0003;

    /** Above this a hand drill runs away in thin plate: a step drill or hole saw, m; common practice. */
    private static final double STEP_DRILL = 0.013;

    /** Above this plate is cut by a hole saw on a pilot of its own, m; common practice. */
    private static final double HOLE_SAW = 0.020;

    private static final double FOR_HOLE_SAW = 0.006;
    /** A reamer turns slower than a drill; common practice. */
    private static final double SLOW = 0.4;

    /** Depth of thread of a tapped hole that 75 per cent leave, of the pitch: 0.75 times the height of the sharp vee, 1.299 pitches. */
    private static final double TAPPED = 0.75 * 1.299;

    private static final double TENTH = 1e-4;

    private Drilling() {}

    /**
     * One pass.
     *
     * @param tool drill, step drill, hole saw, reamer
     * @param diameter m
     * @param speed of the spindle, rad/s, no more
     */
    public record Pass(String tool, double diameter, double speed) {}

    /**
     * @param diameter of the finished hole, m
     * @param reamed whether it is reamed to size, as bolt holes that locate are; none too wide for a drill is
     */
    public static List<Pass> passes(double diameter, Material metal, boolean reamed) {
        if (diameter > HOLE_SAW) {
            return List.of(pass("drill", FOR_HOLE_SAW, metal, 1), pass("hole saw", diameter, metal, 1));
        }
        List<Pass> passes = new ArrayList<>();
        double last = reamed ? diameter - FOR_REAMER : diameter;
        double at = Math.min(PILOT, last);
        while (true) {
            passes.add(pass(at > STEP_DRILL ? "step drill" : "drill", at, metal, 1));
            if (at >= last) {
                break;
            }
            at = last <= at * NEXT ? last : tenths(Math.min(at * NEXT, Math.sqrt(at * last)));
        }
        if (reamed) {
            passes.add(pass("reamer", diameter, metal, SLOW));
        }
        return passes;
    }

    private static Pass pass(String tool, double diameter, Material metal, double share) {
        double speed = metal.isLightAlloy() ? ON_ALLOY : metal.yieldStrength() > HARD ? ON_HARD_STEEL : ON_SOFT_STEEL;
        return new Pass(tool, diameter, share * speed / (diameter / 2));
    }

    private static double tenths(double metres) {
        return Math.rint(metres / TENTH) * TENTH;
    }

    /** Drill for a tapped hole, m, to a tenth of a millimetre: 75 per cent of full thread. */
    public static double tapDrill(ScrewThread thread) {
        return tenths(thread.diameter() - TAPPED * thread.pitch());
    }
}
