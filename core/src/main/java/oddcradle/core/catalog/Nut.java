package oddcradle.core.catalog;

/** Hexagon nuts that a shop puts on its mounts. */
public enum Nut {
    /** ISO 4032, ASME B18.2.2. */
    PLAIN("nut"),
    /** With an insert that grips the thread, as whatever shakes asks for: ISO 7040, ASME B18.16.6. */
    LOCKING("locking nut");

    private final String word;

    Nut(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
