package oddcradle.core.job.seat;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.job.body.Category;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * The room that pairs have to keep beyond what {@link Room} says of each kind alone, and what makes them draw nearer.
 *
 * @param kinds rules for two kinds of bodies; where there is none, the greater room of the two counts
 * @param pairs rules for one pair by its ids, each with the builder's reason
 * @param hotRise how much hotter than the engine's castings pipes and other hot parts run, K
 * @param hotGrowth of their metal, 1/K
 * @param chainWhip how far a chain or belt swings out, as a share of its free run
 */
@RecordBuilder
public record Clearances(List<KindRule> kinds, List<PairRule> pairs, Double hotRise, Double hotGrowth, Double chainWhip)
        implements ClearancesBuilder.With {
    /** Between things bolted hard to each other 3 to 6 mm are accepted because nothing rocks; common practice. */
    static final double ISOLATED_LEAST = 0.0064;

    private static final double USUAL_RISE = 550;
    private static final double MOST_RISE = 1500;
    private static final double STEEL_GROWTH = 12e-6;
    private static final double MOST_GROWTH = 1e-4;
    private static final double USUAL_WHIP = 0.025;

    /** What is usual; common practice. */
    public static final Clearances USUAL = new Clearances(List.of(), List.of(), null, null, null);

    public Clearances {
        kinds = kinds == null ? List.of() : List.copyOf(kinds);
        pairs = pairs == null ? List.of() : List.copyOf(pairs);
        hotRise = hotRise == null ? USUAL_RISE : Guard.within("hotRise", hotRise, 0, MOST_RISE, "K");
        hotGrowth = hotGrowth == null ? STEEL_GROWTH : Guard.within("hotGrowth", hotGrowth, 0, MOST_GROWTH, "1/K");
        chainWhip = chainWhip == null ? USUAL_WHIP : Guard.within("chainWhip", chainWhip, 0, 0.2, "");
        Set<Set<String>> seen = new HashSet<>();
        for (int k = 0; k < pairs.size(); k++) {
            if (!seen.add(Set.of(pairs.get(k).part(), pairs.get(k).obstacle()))) {
                throw new InvalidValue("pairs[" + k + "]", "is the second rule for one pair; keep one of them");
            }
        }
    }

    /**
     * @param room where the donor stands hard, m
     * @param isolated where one of the two stands on rubber and the other does not, m
     */
    public record KindRule(Category one, Category other, double room, double isolated) {
        public KindRule {
            Guard.present("one", one);
            Guard.present("other", other);
            Guard.notNegative("room", room, "m");
            Guard.notNegative("isolated", isolated, "m");
        }

        boolean isFor(Category a, Category b) {
            return one == a && other == b || one == b && other == a;
        }
    }

    /**
     * @param room m
     * @param reason why this pair may have less, or needs more
     */
    public record PairRule(String part, String obstacle, double room, String reason) {
        public PairRule {
            Guard.named("part", part);
            Guard.named("obstacle", obstacle);
            Guard.notNegative("room", room, "m");
            Guard.named("reason", reason);
            if (part.equals(obstacle)) {
                throw new InvalidValue("obstacle", "is the part itself, a pair needs two bodies");
            }
        }

        /** Whether it is for these two, either way round. */
        public boolean isFor(String a, String b) {
            return part.equals(a) && obstacle.equals(b) || part.equals(b) && obstacle.equals(a);
        }
    }

    /** The builder's own rule for a pair. */
    public Optional<PairRule> pair(String part, String obstacle) {
        return pairs.stream().filter(each -> each.isFor(part, obstacle)).findFirst();
    }

    public Optional<KindRule> kind(Category one, Category other) {
        return kinds.stream().filter(each -> each.isFor(one, other)).findFirst();
    }

    public Clearances withKinds(List<KindRule> others) {
        return new Clearances(others, pairs, hotRise, hotGrowth, chainWhip);
    }

    public Clearances withPairs(List<PairRule> others) {
        return new Clearances(kinds, others, hotRise, hotGrowth, chainWhip);
    }

    public Clearances withMovement(double rise, double whip) {
        return new Clearances(kinds, pairs, rise, hotGrowth, whip);
    }

    /**
     * The room two kinds need.
     *
     * @param isolated whether one of them moves against the other on rubber
     */
    public double room(Category one, Category other, boolean isolated, Room room) {
        Optional<KindRule> rule = kind(one, other);
        if (rule.isPresent()) {
            return isolated ? rule.get().isolated() : rule.get().room();
        }
        double greater = Math.max(room.of(one), room.of(other));
        return isolated ? Math.max(greater, ISOLATED_LEAST) : greater;
    }
}
