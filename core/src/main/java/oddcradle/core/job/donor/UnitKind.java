package oddcradle.core.job.donor;

/** What one of several joined machines is. */
public enum UnitKind {
    FIRST_ENGINE("the engine that is written down as the donor's"),
    ENGINE("another engine"),
    GEARBOX("gearbox"),
    GENERATOR("generator or pump"),
    OTHER("something else");

    private final String words;

    UnitKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
