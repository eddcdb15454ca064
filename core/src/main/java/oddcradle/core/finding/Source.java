package oddcradle.core.finding;

import oddcradle.core.math.Guard;

/** Where a formula, limit or value comes from, so that a reader can weigh it. */
public record Source(Kind kind, String reference) {
    /** How far a source can be leaned on. */
    public enum Kind {
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

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Source {
        Guard.present("kind", kind);
        Guard.present("reference", reference);
    }

    public static Source published(String reference) {
        return new Source(Kind.PUBLISHED, reference);
    }

    public static Source fromMemory(String reference) {
        return new Source(Kind.FROM_MEMORY, reference);
    }

    public static Source commonPractice() {
        return new Source(Kind.COMMON_PRACTICE, "");
    }

    public static Source measured() {
        return new Source(Kind.MEASURED, "");
    }

    public static Source derived(String from) {
        return new Source(Kind.DERIVED, from);
    }

    /** The source in one phrase, for a reader. */
    public String words() {
        return reference.isEmpty() ? kind.words() : reference + " (" + kind.words() + ")";
    }
}
