package oddcradle.core.job.around;

/** What a thing is fixed to; its points are in the axes of that. */
public enum Holder {
    HOST("frame"),
    DONOR("engine");

    private final String word;

    Holder(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
