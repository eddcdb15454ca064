package oddcradle.core.survey;

/** How a wrong reading usually comes about; common practice. */
public enum Slip {
    INCH_FOR_MILLIMETRE("inches taken for millimetres", 0),
    MILLIMETRE_FOR_INCH("millimetres taken for inches", 0),
    LEFT_FOR_RIGHT("left taken for right", 0.5),
    OUTSIDE_FOR_CENTRE("measured to the edge of a hole in place of its centre", 0.5),
    SWAPPED_DIGITS("two digits swapped", 1),
    ALONG_THE_SLOPE("measured along a slope in place of square to the plane", 1.5),
    FRACTION_STEP("an inch fraction misread", 0.2),
    TAPE_MARK("counted from another mark of the tape", 2);

    private final String words;
    private final double rarity;

    Slip(String words, double rarity) {
        this.words = words;
        this.rarity = rarity;
    }

    public String words() {
        return words;
    }

    /** How much better a rarer slip must fit to be named first, in squared standard deviations. */
    double rarity() {
        return rarity;
    }
}
