package oddcradle.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.catalog.BoltGrade;
import oddcradle.core.catalog.BoltLength;
import oddcradle.core.catalog.Nut;
import oddcradle.core.catalog.ScrewThread;
import oddcradle.core.math.Guard;

/**
 * One mount from the head of its bolt to the nut. Places are along the bolt from the lug's face that looks at the frame, towards the
 * frame; the lug lies before zero.
 *
 * <p>Bonded mount: the pad brings a stud of its own for each side; only the bond holds it together. Soft mount: a steel sleeve between lug and large washer takes the bolt's clamping, so that the rubber keeps its height; pad,
 * frame and snubber lie round it with room for what the rubber moves. Hard mount: lug and tab are clamped on each other.
 *
 * <p>A sum of thicknesses along one bolt; clearances are common practice.
 *
 * @param layers in order along the bolt; those round the sleeve overlap it
 * @param bolt as bought
 * @param grip between head and nut, or between head and the lug's thread, m
 * @param threadProtrusion pitches of thread beyond the nut; for a blind hole 0
 * @param reach in a blind hole
 * @param sleeve m long; 0 in a hard mount
 * @param hole in the frame's plate, m
 * @param spacer m; 0 for none
 * @param shims washers that close the gap that was measured, m each
 * @param compression share of its height that the rubber loses when the sleeve meets the washer; negative where it stays loose
 * @param contacts engine metal and frame metal that must not meet
 * @param washerOverlap how far the large washer reaches over the hole if the rubber lets go, m; NaN where there is none
 * @param axialClearance between what the bolt needs along itself and what there is, m; negative where the mount does not fit
 */
public record BoltStack(
        List<Layer> layers,
        ScrewThread thread,
        BoltGrade grade,
        Nut nut,
        BoltLength bolt,
        double grip,
        double threadProtrusion,
        Optional<ThreadReach> reach,
        double sleeve,
        double hole,
        double spacer,
        List<Double> shims,
        double compression,
        List<Contact> contacts,
        double washerOverlap,
        double axialClearance) {
    /** To be kept beyond what the rubber moves, m; common practice. */
    public static final double SPARE = 0.001;

    /** More than this of the rubber's height squeezed away by the bolt ruins it; common practice. */
    public static final double MOST_COMPRESSION = 0.15;

    /** A washer that reaches less over the hole does not hold, m; common practice. */
    public static final double LEAST_WASHER_OVERLAP = 0.003;

    /** Pitches of thread beyond a nut; common practice. */
    public static final double LEAST_PROTRUSION = 1.5;

    private static final double SLEEVE_YIELD = 235e6;
    private static final double THINNEST_SLEEVE = 0.0015;
    private static final double LARGE_WASHER_THICK = 0.003;
    private static final double SLEEVE_FREE = 0.0005;
    private static final double SNUBBER_SHARE = 0.35;
    /** Thin and normal aircraft washers, and metric shims, m. */
    private static final double[] INCH_SHIMS = {0.0016, 0.0008};

    private static final double[] METRIC_SHIMS = {0.002, 0.001, 0.0005, 0.0002};
    private static final double SHIM_MISS = 0.00005;

    public BoltStack {
        layers = List.copyOf(layers);
        shims = List.copyOf(shims);
        contacts = List.copyOf(contacts);
    }

    /** Which body a layer moves with. */
    public enum Side {
        ENGINE,
        FRAME,
        RUBBER
    }

    /**
     * One piece as a ring about the bolt.
     *
     * @param from nearer the lug, m
     * @param to m
     * @param inner radius, m
     * @param outer radius, m
     */
    public record Layer(LayerKind kind, Side side, double from, double to, double inner, double outer) {}

    /**
     * Metal of both sides that come near each other.
     *
     * @param gap m
     * @param needed what the rubber moves there, and {@link #SPARE}, m
     * @param trim what has to come off to cure it, in words; empty where nothing has to
     */
    public record Contact(LayerKind engine, LayerKind frame, double gap, double needed, String trim) {
        public boolean shorts() {
            return gap < needed - 1e-9;
        }
    }

    /**
     * Sizes the user has decided; empty where the program decides.
     *
     * @param bolt length, m
     * @param sleeve length, m
     * @param spacer length, m
     * @param largeWasher diameter, m
     */
    public record Decided(
            Optional<Double> bolt, Optional<Double> sleeve, Optional<Double> spacer, Optional<Double> largeWasher) {
        public static final Decided NOTHING =
                new Decided(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    /**
     * What the mount is made between.
     *
     * @param lug thickness, m
     * @param depth of thread in a blind lug, m; 0 where the bolt goes through
     * @param diameters of thread that must engage, as a ratio to the bolt's diameter
     * @param gap measured between lug and what it sits on, m
     * @param frame of the frame's metal along the bolt, m
     * @param plates of it: two have the lug between them
     * @param pad height of the rubber, m; 0 in a hard mount
     * @param padDiameter m
     * @param along what the rubber moves along the bolt either way, m
     * @param across m
     * @param reach from the lug's face to the far side of the frame's metal, m; infinite where nothing sets it
     * @param bonded whether the pad is a sandwich with a stud on each side: no room for a sleeve through the frame
     * @param beside from the bolt's middle to the tube that the plate stands on, m; infinite where the bolt goes through it
     */
    public record Wanted(
            ScrewThread thread,
            BoltGrade grade,
            Nut nut,
            double lug,
            double depth,
            double diameters,
            double gap,
            double frame,
            int plates,
            double pad,
            double padDiameter,
            double along,
            double across,
            double reach,
            double beside,
            boolean bonded,
            Decided decided) {
        public Wanted {
            Guard.positive("lug", lug, "m");
            Guard.notNegative("depth", depth, "m");
            Guard.notNegative("gap", gap, "m");
            Guard.positive("frame", frame, "m");
            Guard.within("plates", plates, 1, 2, "");
            Guard.notNegative("pad", pad, "m");
        }

        boolean isSoft() {
            return pad > 0;
        }

        boolean isBlind() {
            return depth > 0;
        }
    }

    public static BoltStack design(Wanted wanted) {
        BoltStackBuilder builder = new BoltStackBuilder(wanted);
        return !wanted.isSoft() ? builder.hard() : wanted.bonded() ? builder.bonded() : builder.soft();
    }

    /** Whether only the bond of the rubber holds the engine. */
    public boolean isHeldByBond() {
        return Double.isNaN(washerOverlap);
    }

    public boolean anyShort() {
        return contacts.stream().anyMatch(Contact::shorts);
    }

    /** Washers that close a gap as nearly as they can, thickest first, m. */
    public static List<Double> shims(double gap, boolean inch) {
        List<Double> shims = new ArrayList<>();
        double left = gap;
        for (double shim : inch ? INCH_SHIMS : METRIC_SHIMS) {
            while (left >= shim - SHIM_MISS) {
                shims.add(shim);
                left -= shim;
            }
        }
        return shims;
    }

    static double sleeveRadius(ScrewThread thread, BoltGrade grade) {
        double area = BoltStrength.preload(thread, grade) / (SLEEVE_YIELD / 1.5);
        double inner = thread.diameter() / 2;
        double outer = Math.max(Math.sqrt(area / Math.PI + inner * inner), inner + THINNEST_SLEEVE);
        return Math.ceil(outer * 4000) / 4000;
    }

    /** Hole in the frame's plate round the sleeve, so that they do not meet, m. */
    public static double sleeveHole(ScrewThread thread, BoltGrade grade, double across) {
        return Math.ceil(2000 * 2 * (sleeveRadius(thread, grade) + across + 1.5 * SPARE)) / 2000;
    }

    static double snubber(double pad, double along) {
        return Math.ceil(1000 * Math.max(SNUBBER_SHARE * pad, along + SPARE)) / 1000;
    }

    static double largeWasherThickness() {
        return LARGE_WASHER_THICK;
    }

    static double sleeveFree() {
        return SLEEVE_FREE;
    }

    /** Whether its bolt is a stud bonded to rubber: nothing but a nut turns on it. */
    public boolean isBonded() {
        return layers.stream().noneMatch(layer -> layer.kind() == LayerKind.HEAD);
    }

    /** What it is tightened to, dry, N m: of a bonded stud no more than that, of an aircraft bolt the middle of its range. */
    public double tighteningTorque() {
        return isBonded()
                ? BoltStrength.studTorque(thread)
                : thread.aircraftTorque()
                        .map(ScrewThread.TorqueRange::middle)
                        .orElseGet(() -> BoltStrength.tighteningTorque(thread, grade));
    }
}
