package oddcradle.core.job.load;

/** What the drive or the engine does at once, besides its steady work; each is looked at as if it stood (statics). */
public enum Shock {
    NONE("none", 1),
    /** The drive takes what the clutch holds; the flywheel gives what the engine does not. */
    CLUTCH_DROPPED("clutch dropped", 2),
    /** The same with an engine that gives nothing any more. */
    STALL("stalled against the load", 2),
    /** A cylinder fires before its top while the engine is cranked: its gas turns the block the other way, as a half-sine pulse. */
    KICK_BACK("kick-back", 1.77),
    /** The strongest order of the engine's torque, as the mounts pass it on, on top of its steady work. */
    ENGINE_ORDER("one engine order", 1),
    /** In a generator's windings; many times the rated torque, both ways. */
    SHORT_CIRCUIT("short circuit", 8),
    /** A generator switched on far from the phase of its net. */
    OUT_OF_STEP("switched on out of step", 12),
    /** A brake on the last shaft before the wheels: everything behind it carries what the tyres hold. */
    SHAFT_BRAKE("brake on the jackshaft", 1);

    private final String words;
    private final double factor;

    Shock(String words, double factor) {
        this.words = words;
        this.factor = factor;
    }

    public String words() {
        return words;
    }

    /**
     * Over the steady value, a ratio. Clutch capacity over engine torque and torque of a generator's faults are common practice;
     * 1.77 is the most a half-sine pulse does to a spring (Harris, Shock and Vibration Handbook, from memory).
     */
    public double factor() {
        return factor;
    }
}
