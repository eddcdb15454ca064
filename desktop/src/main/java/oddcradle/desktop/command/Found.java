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
                .sorted(Comparator.comparing((Found each) -> !each.hasWord(wanted[0]))
                        .thenComparing(each -> !each.lower().startsWith(wanted[0]))
                        .thenComparing(each -> !each.lower().contains(" " + wanted[0]))
                        .thenComparing(each -> each.words().length()))
                .limit(most)
                .toList();
    }

    private boolean hasWord(String word) {
        return Arrays.asList(lower().split("[^\\p{L}\\p{N}]+")).contains(word);
    }

    private String lower() {
        return words.toLowerCase(Locale.ROOT);
    }
}
