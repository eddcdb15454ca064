package oddcradle.core.joint;

/** What the pieces round a mount's bolt are, and the metal near them. */
public enum LayerKind {
    LUG("lug"),
    SHIMS("shims"),
    SPACER("spacer"),
    SLEEVE("sleeve"),
    PAD("pad"),
    FRAME_PLATE("frame plate"),
    SECOND_PLATE("second plate"),
    SNUBBER("snubber"),
    LARGE_WASHER("large washer"),
    UPPER_PLATE("upper plate"),
    LOWER_PLATE("lower plate"),
    SEAT_AND_TUBE("seat and tube"),
    LOWER_STUD("lower stud"),
    WASHER("washer"),
    NUT("nut"),
    HEAD("head"),
    BOLT("bolt"),
    /** Edge of the hole in the frame's plate. */
    HOLE_EDGE("edge of the plate's hole"),
    /** The tube that the plate stands on. */
    TUBE("tube beside it");

    private final String word;

    LayerKind(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** Whether a spanner has to reach it. */
    public boolean isTurned() {
        return this == HEAD || this == NUT;
    }

    public boolean isWasher() {
        return this == WASHER || this == LARGE_WASHER;
    }
}
