package oddcradle.core.frame;

/** How a member's end holds on to its node. */
public enum EndJoint {
    /** All six motions carried, as a full weld does. */
    FIXED,
    /** Both bending moments free, torsion carried. */
    PINNED,
    /** All three moments free. */
    BALL
}
