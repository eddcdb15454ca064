package oddcradle.core.shop;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * The cheapest way to cut parts out of bars. Branch and bound: the longest part that is left goes on some bar with all else that fits beside
 * it; a branch ends where its cost and the least that the rest can cost reach the best so far. Martello and Toth, Knapsack Problems, 1990,
 * ch. 8 (from memory).
 *
 * @param bars that are cut
 * @param cost of them all, in the unit of the stock's
 * @param proven false where the search ended before nothing cheaper was left to try
 */
public record BarNesting(List<Bar> bars, double cost, boolean proven) {
    private static final double FITS = 1e-9;
    private static final double CHEAPER = 1e-9;
    private static final int MOST_PARTS = 500;
    private static final int MOST_NODES = 400_000;
    private static final int MANY = 150;
    private static final double NEAR = 1.01;
    private static final int MOST_FILLINGS = 3000;
    private static final double SMALLEST_COIN = 1e-4;

    public BarNesting {
        bars = List.copyOf(bars);
    }

    /** @param length m */
    public record Part(String id, double length, int count) {
        public Part {
            Guard.named("id", id);
            Guard.size("length", length);
            Guard.within("count", count, 0, MOST_PARTS, "");
        }
    }

    /**
     * @param length m
     * @param cost of one, in any unit of money
     * @param count empty where there are as many as are wanted
     */
    public record Stock(String id, double length, double cost, OptionalInt count) {
        public Stock {
            Guard.named("id", id);
            Guard.size("length", length);
            Guard.notNegative("cost", cost, "");
            if (count.isPresent()) {
                Guard.within("count", count.getAsInt(), 0, Integer.MAX_VALUE, "");
            }
        }
    }

    /** One bar and the parts that come from it, by their ids. */
    public record Bar(String stock, List<String> parts) {
        public Bar {
            parts = List.copyOf(parts);
        }
    }

    /**
     * @param kerf lost at each cut, m; the last may fall into the remainder
     * @param clampLoss that a bar loses where the machine holds it, m
     * @throws InvalidValue for a part that fits no bar, or stock that does not suffice
     */
    public static BarNesting of(List<Part> parts, List<Stock> stock, double kerf, double clampLoss) {
        Guard.notNegative("kerf", kerf, "m");
        Guard.notNegative("clamp_loss", clampLoss, "m");
        int all = parts.stream().mapToInt(Part::count).sum();
        Guard.within("parts", all, 0, MOST_PARTS, "pieces");
        Search search = new Search(parts, stock, kerf, clampLoss);
        search.requireRoom();
        search.bound();
        search.look(0);
        if (search.best == null) {
            throw new InvalidValue("stock", "does not suffice for all parts; allow more bars");
        }
        return new BarNesting(search.best, search.least, search.nodes < MOST_NODES && !search.skipped);
    }

    private static final class Search {
        private final List<Part> parts;
        private final List<Stock> stock;
        /** With the cut beside it, m. */
        private final double[] sizes;

        private final double[] rooms;
        private final int[] left;
        private final int[] barsLeft;
        private final double coin;
        private final List<Bar> open = new ArrayList<>();
        private final Map<List<Integer>, Double> seen = new HashMap<>();
        private List<Bar> best;
        private double least = Double.POSITIVE_INFINITY;
        private double bound;
        private double enough;
        private int nodes;
        /** Of what is left to cut, m: where that does not fit, a bar is full. */
        private double shortest;

        private boolean skipped;

        Search(List<Part> asked, List<Stock> offered, double kerf, double clampLoss) {
            parts = asked.stream()
                    .sorted(Comparator.comparingDouble(Part::length).reversed())
                    .toList();
            // What costs least for its length first.
            stock = offered.stream()
                    .sorted(Comparator.comparingDouble((Stock each) -> each.cost() / each.length())
                            .thenComparing(
                                    Comparator.comparingDouble(Stock::length).reversed()))
                    .toList();
            sizes = parts.stream().mapToDouble(part -> part.length() + kerf).toArray();
            rooms = stock.stream()
                    .mapToDouble(bar -> bar.length() - clampLoss + kerf)
                    .toArray();
            left = parts.stream().mapToInt(Part::count).toArray();
            barsLeft = stock.stream()
                    .mapToInt(bar -> bar.count().orElse(Integer.MAX_VALUE))
                    .toArray();
            coin = coin(stock);
        }

        /** With very many parts what is within a hundredth of the least is taken. */
        void bound() {
            bound = atLeast(0);
            enough = Arrays.stream(left).sum() > MANY ? NEAR * bound : bound + CHEAPER;
        }

        /** All costs are multiples of it; 0 where there is none to speak of. */
        private static double coin(List<Stock> stock) {
            long common = 0;
            for (Stock bar : stock) {
                long coins = Math.round(bar.cost() / SMALLEST_COIN);
                if (Math.abs(coins * SMALLEST_COIN - bar.cost()) > CHEAPER) {
                    return 0;
                }
                while (coins != 0) {
                    long rest = common % coins;
                    common = coins;
                    coins = rest;
                }
            }
            return common * SMALLEST_COIN;
        }

        void requireRoom() {
            for (int k = 0; k < sizes.length; k++) {
                double size = sizes[k];
                if (left[k] > 0 && Arrays.stream(rooms).noneMatch(room -> room + FITS >= size)) {
                    throw new InvalidValue(
                            "parts",
                            "\"" + parts.get(k).id() + "\" is " + parts.get(k).length() + " m and fits no bar");
                }
            }
        }

        void look(double spent) {
            if (least <= enough) {
                skipped |= least > bound + CHEAPER;
                return;
            }
            int longest = 0;
            while (longest < left.length && left[longest] == 0) {
                longest++;
            }
            if (longest == left.length) {
                if (spent < least - CHEAPER) {
                    least = spent;
                    best = List.copyOf(open);
                }
                return;
            }
            if (++nodes >= MOST_NODES && best != null || atLeast(spent) >= least - CHEAPER) {
                return;
            }
            List<Integer> state = state();
            Double before = seen.get(state);
            if (before != null && before <= spent + CHEAPER) {
                return;
            }
            seen.put(state, spent);
            for (Filling each : fillings(longest)) {
                put(each, -1);
                open.add(bar(each));
                look(spent + stock.get(each.bar()).cost());
                open.remove(open.size() - 1);
                put(each, 1);
            }
        }

        private List<Integer> state() {
            List<Integer> state = new ArrayList<>(left.length + barsLeft.length);
            for (int count : left) {
                state.add(count);
            }
            for (int count : barsLeft) {
                state.add(count == Integer.MAX_VALUE ? -1 : count);
            }
            return state;
        }

        private void put(Filling filling, int sign) {
            for (int k = 0; k < left.length; k++) {
                left[k] += sign * filling.counts()[k];
            }
            if (barsLeft[filling.bar()] != Integer.MAX_VALUE) {
                barsLeft[filling.bar()] += sign;
            }
        }

        private Bar bar(Filling filling) {
            List<String> ids = new ArrayList<>();
            for (int k = 0; k < left.length; k++) {
                for (int n = 0; n < filling.counts()[k]; n++) {
                    ids.add(parts.get(k).id());
                }
            }
            return new Bar(stock.get(filling.bar()).id(), ids);
        }

        /** No way to cut the rest costs less in all: as if parts could be cut across bars. */
        private double atLeast(double spent) {
            double rest = 0;
            for (int k = 0; k < left.length; k++) {
                rest += left[k] * sizes[k];
            }
            double cost = spent;
            for (int bar : byRate()) {
                double taken = barsLeft[bar] == Integer.MAX_VALUE ? rest : Math.min(rest, barsLeft[bar] * rooms[bar]);
                cost += taken / rooms[bar] * stock.get(bar).cost();
                rest -= taken;
                if (rest <= FITS) {
                    return coin > 0 ? Math.ceil((cost - 1e-6) / coin) * coin : cost;
                }
            }
            return Double.POSITIVE_INFINITY;
        }

        private List<Integer> byRate() {
            List<Integer> bars = new ArrayList<>();
            for (int bar = 0; bar < rooms.length; bar++) {
                if (barsLeft[bar] > 0 && rooms[bar] > 0) {
                    bars.add(bar);
                }
            }
            bars.sort(Comparator.comparingDouble(bar -> stock.get(bar).cost() / rooms[bar]));
            return bars;
        }

        /** One bar with parts on it; nothing that is left fits beside them. */
        private record Filling(int bar, int[] counts, double lost) {}

        private List<Filling> fillings(int longest) {
            List<Filling> all = new ArrayList<>();
            int last = left.length - 1;
            while (left[last] == 0) {
                last--;
            }
            shortest = sizes[last];
            for (int bar = 0; bar < rooms.length; bar++) {
                if (barsLeft[bar] > 0 && rooms[bar] + FITS >= sizes[longest]) {
                    int[] counts = new int[left.length];
                    counts[longest] = 1;
                    fill(
                            all,
                            all.size() + MOST_FILLINGS,
                            bar,
                            longest,
                            counts,
                            rooms[bar] - sizes[longest],
                            Double.POSITIVE_INFINITY);
                }
            }
            all.sort(Comparator.comparingDouble(Filling::lost));
            return all;
        }

        private Filling filling(int bar, int[] counts, double room) {
            double rate = stock.get(bar).cost() / rooms[bar];
            return new Filling(bar, counts.clone(), rate * room + FITS * room);
        }

        /** @param skippedSize least size of what would fit beside the parts so far and was left out, m */
        private void fill(
                List<Filling> all, int most, int bar, int from, int[] counts, double room, double skippedSize) {
            if (all.size() >= most) {
                skipped = true;
                return;
            }
            int next = from;
            while (next < left.length && (left[next] == counts[next] || sizes[next] > room + FITS)) {
                next++;
            }
            if (next == left.length || room + FITS < shortest) {
                // A bar with room for something that is left is no filling.
                if (room + FITS < skippedSize) {
                    all.add(filling(bar, counts, room));
                }
                return;
            }
            int already = counts[next];
            int more = (int) Math.min(left[next] - already, Math.floor((room + FITS) / sizes[next]));
            for (int n = more; n >= 0; n--) {
                counts[next] = already + n;
                boolean allTaken = already + n == left[next];
                fill(
                        all,
                        most,
                        bar,
                        next + 1,
                        counts,
                        room - n * sizes[next],
                        allTaken ? skippedSize : Math.min(skippedSize, sizes[next]));
            }
            counts[next] = already;
        }
    }
}
