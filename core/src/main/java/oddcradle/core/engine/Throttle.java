package oddcradle.core.engine;

/** How an engine is run. */
public enum Throttle {
    /** Fires just enough to turn itself. */
    NO_LOAD,
    /** All it gives at its speed. */
    FULL,
    /** Turned over without firing, as while it is cranked and as it dies. */
    MOTORED
}
