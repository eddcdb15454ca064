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

    /** Of one of several things: its name goes first, and may hold anything. */
    Said saysOf(String whose, String pattern, Object... arguments) {
        Object[] all = new Object[arguments.length + 1];
        all[0] = whose;
        System.arraycopy(arguments, 0, all, 1, arguments.length);
        return says("{}" + pattern, all);
    }

    Said figure(String name, Quantity quantity) {
        figures.add(new Figure(name, quantity, why));
        return this;
    }

    PocketAnswer answer() {
        return new PocketAnswer(says, figures);
    }
}
