package oddcradle.core.job.make;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oddcradle.core.catalog.Nut;
import oddcradle.core.catalog.SectionStock;
import oddcradle.core.math.Guard;
import oddcradle.core.section.Section;

/**
 * What the shop has and how it likes to work.
 *
 * @param stock sections on its shelf; empty for whatever is in common supply
 * @param plates thicknesses of plate on its shelf, m; empty for whatever is in common supply
 * @param inch whether it buys inch bolts; metric where left out
 * @param jig whether mounts are welded in a jig; in place where left out
 * @param thin whether edges keep two diameters, as in aircraft sheet
 * @param nuts on its mounts; locking where left out
 * @param stores bars and sheets to cut from; the usual where left out
 * @param tools what it cuts, bends and prints with; the usual where left out
 * @param pace how long its work takes and what it costs; the usual where left out
 */
@RecordBuilder
public record Shop(
        List<Section> stock,
        List<Double> plates,
        boolean inch,
        boolean jig,
        boolean thin,
        Nut nuts,
        Stores stores,
        Tools tools,
        Pace pace)
        implements ShopBuilder.With {
    private static final List<Double> COMMON_PLATES = List.of(0.002, 0.003, 0.004, 0.005, 0.006, 0.008, 0.010, 0.012);

    /** Tubes of a size sold in inches fit the die of their millimetres and the other way round, m. */
    private static final double SAME_OD = 0.0003;

    private static final double SAME_RADIUS = 0.001;

    /** Whatever is in common supply, metric bolts, welded in place. */
    public static final Shop USUAL =
            new Shop(List.of(), List.of(), false, false, false, Nut.LOCKING, Stores.USUAL, Tools.USUAL, Pace.USUAL);

    public Shop {
        stock = stock == null ? List.of() : List.copyOf(stock);
        nuts = nuts == null ? Nut.LOCKING : nuts;
        stores = stores == null ? Stores.USUAL : stores;
        tools = tools == null ? Tools.USUAL : tools;
        pace = pace == null ? Pace.USUAL : pace;
        plates = plates == null ? List.of() : List.copyOf(plates);
        for (int k = 0; k < plates.size(); k++) {
            Guard.size("plates[" + k + "]", plates.get(k));
        }
    }

    /** What tubes are chosen from, least metal first. */
    public List<Section> sections() {
        return stock.isEmpty()
                ? SectionStock.all()
                : stock.stream()
                        .sorted(Comparator.comparingDouble(Section::area))
                        .toList();
    }

    /** What plates are chosen from, thinnest first, m. */
    public List<Double> thicknesses() {
        return plates.isEmpty() ? COMMON_PLATES : plates.stream().sorted().toList();
    }

    /** The die for a bend; empty where the shop has named none that fits. */
    public Optional<Die> die(Section section, double bendRadius) {
        return tools.dies().stream()
                .filter(die -> Math.abs(die.od() - 2 * section.halfSize(false)) < SAME_OD
                        && Math.abs(die.radius() - bendRadius) < SAME_RADIUS)
                .findFirst();
    }

    public boolean has(Section section) {
        return sections().contains(section);
    }

    public Shop withJig(boolean other) {
        return new Shop(stock, plates, inch, other, thin, nuts, stores, tools, pace);
    }
}
