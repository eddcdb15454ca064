package oddcradle.files.paper;

/** A part of the packet that can be had or left out, in the order in which they are bound. */
public enum PacketPart {
    COVER("First page: check the printer, cautions"),
    VIEWS("Three views"),
    BUYING("What to buy"),
    BARS("Bars and cut list"),
    LABELS("Labels to stick on"),
    BENDS("Bends"),
    NOTCHES("Settings of notcher and saw"),
    WRAPS("Cope wraps"),
    PLATES("Plates"),
    HOLES("Drill plan"),
    JIG("Dummy of the donor"),
    WELDS("Weld map"),
    HARDWARE("Hardware, mount by mount"),
    ORDER("Build order"),
    FIT("Fit: measure, onto its mounts, look"),
    SERVICE("First start and service sheet"),
    FINDINGS("Findings");

    private final String words;

    PacketPart(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
