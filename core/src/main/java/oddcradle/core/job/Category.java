package oddcradle.core.job;

/** What a body is to those near it; it decides how much room it needs. */
public enum Category {
    FIXED("fixed"),
    MOVING("moving"),
    HOT("hot"),
    FUEL("fuel"),
    PEOPLE("people");

    private final String word;

    Category(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
