package oddcradle.core.workshop;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import oddcradle.core.job.make.PlateStock;
import oddcradle.core.job.make.Shop;
import oddcradle.core.shop.PlateNesting;
import oddcradle.core.shop.PlateNesting.Laid;
import oddcradle.core.shop.PlateNesting.Part;
import oddcradle.core.shop.PlateNesting.Sheet;

/** Which plate is cut from which sheet: off-cuts first, smallest first, then sheets to be bought. */
public record PlatePlan(List<CutSheet> sheets) {
    /** As small plate is commonly sold, m. */
    private static final double USUAL_LENGTH = 0.5;

    private static final double USUAL_WIDTH = 0.25;
    private static final double SAME = 1e-6;

    public PlatePlan {
        sheets = List.copyOf(sheets);
    }

    /**
     * One sheet.
     *
     * @param stock what it is
     * @param places of the plates on it, by mark
     */
    public record CutSheet(PlateStock stock, List<Laid> places) {
        public CutSheet {
            places = List.copyOf(places);
        }
    }

    static PlatePlan of(List<PlatePart> parts, double kerf, Shop shop) {
        Map<Double, List<Part>> kinds = new LinkedHashMap<>();
        parts.stream().sorted(Comparator.comparingDouble(PlatePart::thickness)).forEach(part -> {
            for (int k = 0; k < part.count(); k++) {
                String id = part.count() == 1 ? part.mark() : part.mark() + " " + (k + 1);
                kinds.computeIfAbsent(part.thickness(), any -> new ArrayList<>())
                        .add(new Part(id, part.width(), part.height()));
            }
        });
        List<CutSheet> sheets = new ArrayList<>();
        kinds.forEach((thickness, all) -> lay(sheets, thickness, all, kerf, shop));
        return new PlatePlan(sheets);
    }

    private static void lay(List<CutSheet> sheets, double thickness, List<Part> parts, double kerf, Shop shop) {
        List<PlateStock> rack = new ArrayList<>();
        shop.stores().plates().stream()
                .filter(each -> Math.abs(each.thickness() - thickness) < SAME)
                .sorted(Comparator.comparing((PlateStock each) -> each.count() == 0)
                        .thenComparingDouble(each -> each.length() * each.width()))
                .forEach(each -> {
                    for (int k = 0; k < Math.max(1, each.count()); k++) {
                        rack.add(each);
                    }
                });
        if (rack.stream().noneMatch(each -> each.count() == 0)) {
            rack.add(new PlateStock(
                    "plate " + Math.round(thickness * 10000) / 10.0 + " mm",
                    thickness,
                    USUAL_LENGTH,
                    USUAL_WIDTH,
                    0,
                    0));
        }
        PlateStock largest = rack.stream()
                .max(Comparator.comparingDouble(each -> each.length() * each.width()))
                .orElseThrow();
        parts.forEach(part -> PlateNesting.requireFits(sheet(largest), part));
        List<Part> left = new ArrayList<>(parts);
        for (int k = 0; !left.isEmpty(); k = Math.min(k + 1, rack.size() - 1)) {
            List<Laid> laid = PlateNesting.onto(sheet(rack.get(k)), left, kerf);
            if (!laid.isEmpty()) {
                sheets.add(new CutSheet(rack.get(k), laid));
                left.removeIf(part -> laid.stream().anyMatch(each -> each.id().equals(part.id())));
            } else if (k == rack.size() - 1) {
                // The last in the rack is too small for what is left, and a larger one has been used up: it is bought
                // again.
                sheets.add(new CutSheet(largest, PlateNesting.onto(sheet(largest), left, kerf)));
                List<Laid> onLargest = sheets.get(sheets.size() - 1).places();
                left.removeIf(
                        part -> onLargest.stream().anyMatch(each -> each.id().equals(part.id())));
            }
        }
    }

    private static Sheet sheet(PlateStock stock) {
        return new Sheet(stock.length(), stock.width());
    }
}
