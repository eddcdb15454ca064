package oddcradle.core.survey;

/**
 * A reading that is wanted next.
 *
 * @param template the reading with the value that the places by eye make of it
 * @param reason what it is good for
 * @param hold where the instrument goes
 */
public record Wanted(Reading template, Reason reason, String hold) {
    public enum Reason {
        /** Without it the point is not fixed. */
        FIXES("fixes the point"),
        /** Without it a slip in an earlier reading would go unseen. */
        CHECKS("checks what was read");

        private final String words;

        Reason(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
