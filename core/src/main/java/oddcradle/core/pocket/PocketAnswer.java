package oddcradle.core.pocket;

import java.util.List;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Phrase;

/**
 * What is answered.
 *
 * @param says in words, the first what was asked
 * @param figures its numbers, each with its why
 */
public record PocketAnswer(List<Phrase> says, List<Figure> figures) {
    public PocketAnswer {
        says = List.copyOf(says);
        figures = List.copyOf(figures);
    }
}
