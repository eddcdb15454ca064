package oddcradle.core.job.body;

import java.util.Arrays;

/** What a body is to those near it; it decides how much room it needs. */
public enum Category {
    FIXED("fixed"),
    MOVING("moving"),
    HOT("hot"),
    FUEL("fuel"),
    PEOPLE("people"),
    /** Hoses, cables and wires: what heat and edges spoil. */
    HOSE("hose");

    private final String word;

    Category(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** The kind with this word; fixed where there is none. */
    public static Category of(String word) {
        return Arrays.stream(values())
                .filter(each -> each.word.equals(word))
                .findFirst()
                .orElse(FIXED);
    }
}
