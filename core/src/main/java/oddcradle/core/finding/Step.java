package oddcradle.core.finding;

/** The ten steps of the work, in the order in which it is done. */
public enum Step {
    DONOR("Donor", "What have I got?"),
    HOST("Host", "What does it go into?"),
    LINE("Line", "What must line up?"),
    SEAT("Seat", "Where does it sit?"),
    CRADLE("Cradle", "What holds it?"),
    SHAKE("Shake", "Will it shake?"),
    LOAD("Load", "Will it hold?"),
    MAKE("Make", "What do I cut, drill and weld?"),
    FIT("Fit", "Does it fit as built?"),
    RUN("Run", "Is it still good?");

    private final String title;
    private final String question;

    Step(String title, String question) {
        this.title = title;
        this.question = question;
    }

    public String title() {
        return title;
    }

    public String question() {
        return question;
    }

    /** 1 to 10. */
    public int number() {
        return ordinal() + 1;
    }
}
