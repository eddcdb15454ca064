package oddcradle.core.examine;

/** What an examination works out, each by one input, in the order of the work. */
public enum Analysis {
    DONOR_SURVEY,
    DONOR_SCAN,
    HOST_SURVEY,
    HOST_SCAN,
    /** Of the mount as it was built. */
    MOUNT_SURVEY,
    MOUNT_SCAN,
    WEIGHING,
    /** The engine as a source of shaking. */
    ENGINE,
    /** The drive where it lies, its chart and what is to be said of it. */
    LINE,
    MODES,
    /** How the donor swings from standstill to idle. */
    STARTING,
    /** How far the donor moves on its mounts. */
    MOVEMENT,
    GAPS,
    /** The tubes without the donor: factored, and what they give at the mounts. */
    FRAME_ALONE,
    /** Tubes, mounts and donor under every load case. */
    FRAME,
    STRESSES,
    MOUNTS,
    MOUNT_STIFFNESS,
    CUTS,
    /** What moved between two times the mount was measured. */
    PULLS,
    /** The mount as it was built, the engine on it, and what is to be said of both. */
    FIT,
    DONOR_REPORT,
    HOST_REPORT,
    SEAT_REPORT,
    CRADLE_REPORT,
    SHAKE_REPORT,
    LOAD_REPORT,
    MAKE_REPORT,
    RUN_REPORT
}
