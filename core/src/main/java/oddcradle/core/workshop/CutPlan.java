package oddcradle.core.workshop;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import oddcradle.core.job.make.Bar;
import oddcradle.core.job.make.Build;
import oddcradle.core.job.make.Shop;
import oddcradle.core.job.make.Stores;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.section.Section;
import oddcradle.core.shop.BarNesting;
import oddcradle.core.step.make.CutTube;

/**
 * Which tube comes from which bar: the shop's own, off-cuts first, and bars to be bought where those do not suffice.
 *
 * @param bars each bar that is cut, those of one section together
 * @param proven whether nothing cheaper is possible; false where the search ended earlier
 */
public record CutPlan(List<CutBar> bars, boolean proven) {
    /** A shorter remainder is scrap, m; common practice. */
    private static final double KEPT = 0.15;
    /** As tube is commonly sold, m: six metres, twenty feet. */
    private static final double METRIC_BAR = 6;

    private static final double INCH_BAR = 20 * 0.3048;
    /** What is paid already still counts a little by its length, so that short off-cuts go first. */
    private static final double OFF_CUT_WEIGHT = 1e-3;

    public CutPlan {
        bars = List.copyOf(bars);
    }

    /**
     * One bar.
     *
     * @param stock what it is; of a bar that the shop has not named, its section and usual length
     * @param pieces in the order in which they are cut
     * @param left m
     */
    public record CutBar(Bar stock, List<Piece> pieces, double left) {
        public CutBar {
            pieces = List.copyOf(pieces);
        }

        /** Whether its remainder goes back on the rack. */
        public boolean isKept() {
            return left >= KEPT;
        }

        public boolean ordered() {
            return stock.count() == 0;
        }
    }

    /**
     * @param tube id of the cradle's tube
     * @param from the bar's end, m
     * @param length as it is sawn, with what is allowed to fit it down, m
     */
    public record Piece(String tube, double from, double length) {}

    /** What a tube is sawn to, m: finished, and longer at each end that is fitted. */
    public static double sawn(CutTube tube, Shop shop) {
        return tube.cutLength() + 2 * shop.tools().allowance();
    }

    /** @throws InvalidValue for a tube longer than any bar */
    public static CutPlan of(List<CutTube> tubes, Build build) {
        Map<Kind, List<CutTube>> kinds = new LinkedHashMap<>();
        for (CutTube tube : tubes) {
            if (sawn(tube, build.shop()) > 0) {
                kinds.computeIfAbsent(
                                new Kind(tube.tube().section(), tube.tube().material()), any -> new ArrayList<>())
                        .add(tube);
            }
        }
        List<CutBar> bars = new ArrayList<>();
        boolean proven = true;
        for (Map.Entry<Kind, List<CutTube>> each : kinds.entrySet()) {
            proven &= cut(bars, each.getKey(), each.getValue(), build);
        }
        return new CutPlan(bars, proven);
    }

    private record Kind(Section section, String material) {
        boolean isCutFrom(Bar bar) {
            return bar.section().equals(section)
                    && (bar.material().isEmpty() || bar.material().equals(material));
        }
    }

    private static boolean cut(List<CutBar> bars, Kind kind, List<CutTube> tubes, Build build) {
        Shop shop = build.shop();
        double longest =
                tubes.stream().mapToDouble(tube -> sawn(tube, shop)).max().orElse(0);
        List<Bar> rack = new ArrayList<>(
                shop.stores().bars().stream().filter(kind::isCutFrom).toList());
        if (rack.stream().noneMatch(bar -> bar.count() == 0)) {
            double length = shop.inch() ? INCH_BAR : METRIC_BAR;
            rack.add(new Bar(kind.section().designation(), kind.section(), kind.material(), length, 0, 0));
        }
        requireRoom(tubes, rack, longest, shop);
        BarNesting nesting = BarNesting.of(
                tubes.stream()
                        .map(tube -> new BarNesting.Part(tube.tube().id(), sawn(tube, shop), 1))
                        .toList(),
                stock(rack),
                build.kerf(),
                shop.tools().clampLoss());
        Map<String, CutTube> byId = new LinkedHashMap<>();
        tubes.forEach(tube -> byId.put(tube.tube().id(), tube));
        for (BarNesting.Bar nested : nesting.bars()) {
            Bar bar = rack.get(Integer.parseInt(nested.stock()));
            List<CutTube> from = nested.parts().stream()
                    .map(byId::get)
                    .sorted(Comparator.comparingDouble(CutTube::cutLength).reversed())
                    .toList();
            bars.add(laid(bar, from, build));
        }
        return nesting.proven();
    }

    private static void requireRoom(List<CutTube> tubes, List<Bar> rack, double longest, Shop shop) {
        double room = rack.stream().mapToDouble(Bar::length).max().orElse(0)
                - shop.tools().clampLoss();
        if (longest > room) {
            Member tube = tubes.stream()
                    .filter(each -> sawn(each, shop) == longest)
                    .findFirst()
                    .orElseThrow()
                    .tube();
            throw new InvalidValue(
                    "bars",
                    "leave " + Math.round(room * 1000) + " mm to cut from, and " + tube.named() + " is sawn to "
                            + Math.round(longest * 1000) + " mm; name a longer bar, or splice the tube");
        }
    }

    /** A bar without a price is worth what the others of its kind are worth by the metre. */
    private static List<BarNesting.Stock> stock(List<Bar> rack) {
        double byMetre = rack.stream()
                .filter(bar -> bar.price() > 0)
                .mapToDouble(bar -> bar.price() / bar.length())
                .average()
                .orElse(1);
        List<BarNesting.Stock> stock = new ArrayList<>();
        for (int k = 0; k < rack.size(); k++) {
            Bar bar = rack.get(k);
            boolean paid = bar.price() == 0 && bar.count() > 0;
            double cost = paid
                    ? OFF_CUT_WEIGHT * byMetre * bar.length()
                    : bar.price() > 0 ? bar.price() : byMetre * bar.length();
            stock.add(new BarNesting.Stock(
                    Integer.toString(k),
                    bar.length(),
                    cost,
                    bar.count() == 0 ? OptionalInt.empty() : OptionalInt.of(bar.count())));
        }
        return stock;
    }

    private static CutBar laid(Bar bar, List<CutTube> tubes, Build build) {
        List<Piece> pieces = new ArrayList<>();
        double at = 0;
        for (CutTube tube : tubes) {
            double length = sawn(tube, build.shop());
            pieces.add(new Piece(tube.tube().id(), at, length));
            at += length + build.kerf();
        }
        double left = Math.max(0, bar.length() - at - build.shop().tools().clampLoss());
        return new CutBar(bar, pieces, left);
    }

    /** Price of all bars that are bought, in the shop's money; those without a price count nothing. */
    public double price() {
        return bars.stream()
                .filter(CutBar::ordered)
                .mapToDouble(bar -> bar.stock().price())
                .sum();
    }

    /** Bars that are bought and have no price. */
    public long unpriced() {
        return bars.stream()
                .filter(bar -> bar.ordered() && bar.stock().price() == 0)
                .count();
    }

    private static int whereLies(List<Bar> rack, Bar stock) {
        for (int k = 0; k < rack.size(); k++) {
            if (rack.get(k).count() > 0 && rack.get(k).withCount(stock.count()).equals(stock)) {
                return k;
            }
        }
        return -1;
    }

    /** The shop's rack after everything is cut: what was used is gone, and long remainders lie there as off-cuts. */
    public Stores left(Stores stores) {
        List<Bar> rack = new ArrayList<>(stores.bars());
        List<Bar> offCuts = new ArrayList<>();
        for (CutBar cut : bars) {
            int at = cut.ordered() ? -1 : whereLies(rack, cut.stock());
            if (at >= 0) {
                Bar one = rack.get(at);
                if (one.count() == 1) {
                    rack.remove(at);
                } else {
                    rack.set(at, one.withCount(one.count() - 1));
                }
            }
            if (cut.isKept()) {
                offCuts.add(new Bar(
                        "off-cut " + cut.stock().section().designation(),
                        cut.stock().section(),
                        cut.stock().material(),
                        cut.left(),
                        1,
                        0));
            }
        }
        rack.addAll(offCuts);
        return stores.withBars(rack);
    }
}
