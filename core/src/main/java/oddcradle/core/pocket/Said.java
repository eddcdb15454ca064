package oddcradle.core.pocket;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Why;
import oddcradle.core.units.Quantity;

/** Gathers an answer: words first, then numbers that share one why. */
final class Said {
    private final List<Phrase> says = new ArrayList<>();
    private final List<Figure> figures = new ArrayList<>();
    private final Why why;

    Said(String formula, Source source, Why.Input... inputs) {
        this.why = new Why(formula, List.of(inputs), source);
    }

    Said says(String pattern, Object... arguments) {
        says.add(Phrase.of(pattern, arguments));
        return this;
    }

    Said figure(String name, Quantity quantity) {
        figures.add(new Figure(name, quantity, why));
        return this;
    }

    PocketAnswer answer() {
        return new PocketAnswer(says, figures);
    }
}
