package oddcradle.core.frame;

import oddcradle.core.finding.FindingCode;

/** Why a frame has no answer. */
public enum FrameFinding implements FindingCode {
    /** There is no member and no mount. */
    EMPTY,
    /** A part, or a group of parts, that nothing holds. */
    FLOATING,
    /** Held parts that can still move without strain. */
    MECHANISM,
    /** A body that hangs on springs too few to hold it. */
    LOOSE_BODY;

    @Override
    public String area() {
        return "load";
    }
}
