package oddcradle.core.job.donor;

/** How the power leaves the donor, or enters the host. */
public enum OutputForm {
    SPROCKET("sprocket"),
    STRAIGHT_SHAFT("straight shaft"),
    TAPER_SHAFT("taper shaft"),
    SPLINE("splined shaft"),
    CLUTCH_FACE("clutch face"),
    PROPELLER_FLANGE("propeller flange"),
    COUPLING("coupling"),
    PULLEY("pulley");

    private final String words;

    OutputForm(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
