package oddcradle.desktop.command;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/**
 * Something the finder offers.
 *
 * @param words it is found by
 * @param hint beside them: keys, where it is, a number
 */
public record Found(String words, String hint, Runnable act) {
    /** Those that have every typed word, or begin of a word, in them; whole words first, then the shortest. */
    static List<Found> by(String typed, List<Found> all, int most) {
        String[] wanted = typed.strip().toLowerCase(Locale.ROOT).split("\\s+");
        return all.stream()
                .filter(each -> Arrays.stream(wanted).allMatch(each.lower()::contains))
                .map(each -> new Ranked(each, each.rank(wanted[0])))
                .sorted(Comparator.comparingInt(Ranked::rank)
                        .thenComparingInt(each -> each.found().words().length()))
                .limit(most)
                .map(Ranked::found)
                .toList();
    }

    /** Worked out once for each, and not at each of the many comparisons of thousands. */
    private record Ranked(Found found, int rank) {}

    private int rank(String word) {
        return (hasWord(word) ? 0 : 4) + (lower().startsWith(word) ? 0 : 2) + (lower().contains(" " + word) ? 0 : 1);
    }

    private boolean hasWord(String word) {
        return Arrays.asList(lower().split("[^\\p{L}\\p{N}]+")).contains(word);
    }

    private String lower() {
        return words.toLowerCase(Locale.ROOT);
    }
}
