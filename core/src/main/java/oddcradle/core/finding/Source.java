package oddcradle.core.finding;

import oddcradle.core.math.Guard;

/** Where a formula, limit or value comes from, so that a reader can weigh it. */
public record Source(Standing standing, String reference) {
    /** How far a source can be leaned on. */
    public enum Standing {
        /** A published standard, handbook or paper, named with its clause or table. */
        PUBLISHED("published"),
        /** Published, but quoted from memory and not yet held against the page. */
        FROM_MEMORY("published, quoted from memory"),
        COMMON_PRACTICE("common practice"),
        /** Measured or entered by the user. */
        MEASURED("measured by you"),
        /** Plain mechanics or geometry. */
        DERIVED("derived");

        private final String words;

        Standing(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Source {
        Guard.present("standing", standing);
        Guard.present("reference", reference);
    }

    public static Source published(String reference) {
        return new Source(Standing.PUBLISHED, reference);
    }

    public static Source fromMemory(String reference) {
        return new Source(Standing.FROM_MEMORY, reference);
    }

    public static Source commonPractice() {
        return new Source(Standing.COMMON_PRACTICE, "");
    }

    public static Source measured() {
        return new Source(Standing.MEASURED, "");
    }

    public static Source derived(String from) {
        return new Source(Standing.DERIVED, from);
    }

    /** The source in one phrase, for a reader. */
    public String words() {
        return reference.isEmpty() ? standing.words() : reference + " (" + standing.words() + ")";
    }
}
