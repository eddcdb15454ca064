package oddcradle.core.job.make;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.math.Guard;

/**
 * What the shop cuts, bends and prints with.
 *
 * @param dies of its bender; empty where nobody has said, and then any bend is taken
 * @param holeSaws outside diameters, m; empty where nobody has said
 * @param clampLoss end of a bar that the saw cannot use, m
 * @param rootGap left open at each coped end for the weld to run into, m
 * @param allowance what tubes are cut longer so that they can be fitted down, at each end, m
 * @param shims thicknesses of the shims and washers there are, m
 * @param printed what the printer makes of 100 mm
 */
@RecordBuilder
public record Tools(
        List<Die> dies,
        List<Double> holeSaws,
        double clampLoss,
        double rootGap,
        double allowance,
        List<Double> shims,
        Printed printed)
        implements ToolsBuilder.With {
    private static final double MOST_LOSS = 1;
    private static final double MOST_GAP = 0.005;
    private static final double MOST_ALLOWANCE = 0.1;
    private static final int MOST_SHIMS = 40;

    /** Shim steel and thin and normal washers as they are sold, m; common practice. */
    private static final List<Double> SHIMS =
            List.of(0.00005, 0.0001, 0.0002, 0.0003, 0.0005, 0.0008, 0.001, 0.0016, 0.002, 0.003);

    /** No die named, nothing lost to the clamp, cut to length, a true printer. */
    public static final Tools USUAL = new Tools(List.of(), List.of(), 0, 0, 0, SHIMS, Printed.TRUE);

    public Tools {
        dies = dies == null ? List.of() : List.copyOf(dies);
        holeSaws = holeSaws == null ? List.of() : List.copyOf(holeSaws);
        for (int k = 0; k < holeSaws.size(); k++) {
            Guard.size("holeSaws[" + k + "]", holeSaws.get(k));
        }
        Guard.within("clampLoss", clampLoss, 0, MOST_LOSS, "m");
        Guard.within("rootGap", rootGap, 0, MOST_GAP, "m");
        Guard.within("allowance", allowance, 0, MOST_ALLOWANCE, "m");
        shims = shims == null ? SHIMS : List.copyOf(shims);
        for (int k = 0; k < shims.size(); k++) {
            Guard.size("shims[" + k + "]", shims.get(k));
        }
        Guard.within("shims", shims.size(), 0, MOST_SHIMS, "sizes");
        printed = printed == null ? Printed.TRUE : printed;
    }

    /**
     * What a printer makes of 100 mm, so that pages can be drawn to come out true.
     *
     * @param across the level printer bar of the first page as it was measured on paper, m
     * @param upright the upright one, m
     */
    @RecordBuilder
    public record Printed(double across, double upright) implements ToolsPrintedBuilder.With {
        /** What the bars are drawn as, m. */
        public static final double BAR = 0.1;

        private static final double LEAST = 0.08;
        private static final double MOST = 0.12;

        /** A printer that prints what it is given. */
        public static final Printed TRUE = new Printed(BAR, BAR);

        public Printed {
            Guard.within("across", across, LEAST, MOST, "m");
            Guard.within("upright", upright, LEAST, MOST, "m");
        }
    }
}
