package oddcradle.desktop.begin;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.begin.FirstFit;
import oddcradle.core.finding.Phrase;
import oddcradle.core.units.Quantity;

/** The first answer in a builder's words. */
final class FirstAnswer {
    /** @param style how it is coloured */
    record Line(Phrase words, String style) {
        Line(String words, String style) {
            this(Phrase.of("{}", words), style);
        }
    }

    private static final double NOTHING = 5e-5;

    private FirstAnswer() {}

    static List<Line> of(FirstFit fit) {
        List<Line> lines = new ArrayList<>();
        if (fit.fits()) {
            lines.add(new Line("It goes in.", "good"));
            FirstFit.SideRoom tightest = fit.tightest();
            lines.add(new Line(
                    Phrase.of(
                            "Tightest at the {}: {} of room, {} for {}.",
                            tightest.side().words(),
                            Quantity.length(tightest.gap()),
                            Quantity.length(tightest.needed()),
                            tightest.why()),
                    "good"));
        } else {
            lines.add(new Line("It does not go in like this.", "stop"));
            fit.inTheWay().forEach(side -> lines.add(inTheWay(side)));
        }
        stretch(lines, fit.longer(), "longer");
        stretch(lines, fit.wider(), "wider");
        stretch(lines, fit.higher(), "higher");
        if (Math.abs(fit.lower()) > NOTHING) {
            lines.add(
                    fit.lower() > 0
                            ? new Line(Phrase.of("It could sit {} lower.", Quantity.length(fit.lower())), "note")
                            : new Line(Phrase.of("It must come up by {}.", Quantity.length(-fit.lower())), "watch"));
        }
        return lines;
    }

    private static Line inTheWay(FirstFit.SideRoom side) {
        return new Line(
                side.gap() < 0
                        ? Phrase.of(
                                "At the {} it stands out by {}, and {} more are for {}.",
                                side.side().words(),
                                Quantity.length(-side.gap()),
                                Quantity.length(side.needed()),
                                side.why())
                        : Phrase.of(
                                "At the {} there are {}, but {} are for {}.",
                                side.side().words(),
                                Quantity.length(side.gap()),
                                Quantity.length(side.needed()),
                                side.why()),
                "stop");
    }

    private static void stretch(List<Line> lines, double by, String how) {
        if (by > NOTHING) {
            lines.add(new Line(Phrase.of("Make the bay {} {}.", Quantity.length(by), how), "watch"));
        }
    }
}
