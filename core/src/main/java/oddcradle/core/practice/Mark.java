package oddcradle.core.practice;

import java.util.List;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Why;
import oddcradle.core.units.Quantity;

/**
 * Work held against the truth.
 *
 * @param criteria what was wanted, each with how far off it is
 * @param whys what went wrong or well, one sentence each
 */
public record Mark(List<Criterion> criteria, List<Phrase> whys) {
    public Mark {
        criteria = List.copyOf(criteria);
        whys = List.copyOf(whys);
    }

    /**
     * @param words what it is
     * @param off how far off it is, 0 or more
     * @param allowed of the same kind, more than 0
     * @param source of what is allowed
     */
    public record Criterion(String words, Quantity off, Quantity allowed, Source source) {
        public boolean isMet() {
            return off.si() <= allowed.si();
        }

        /** Of one, a ratio: full as long as it is met, then allowed over off. */
        public double share() {
            return isMet() ? 1 : allowed.si() / off.si();
        }

        public Figure figure() {
            return new Figure(
                    words,
                    off,
                    new Why(
                            "counts fully up to what is allowed, then allowed / off",
                            List.of(
                                    Why.input("off", off),
                                    Why.input("allowed", allowed),
                                    Why.input("counts", Quantity.share(share()))),
                            source));
        }
    }

    public boolean isGood() {
        return criteria.stream().allMatch(Criterion::isMet);
    }

    /** Of one, a ratio: the mean of what was wanted. */
    public double score() {
        return criteria.stream().mapToDouble(Criterion::share).average().orElseThrow();
    }
}
