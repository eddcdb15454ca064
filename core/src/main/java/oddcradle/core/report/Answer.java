package oddcradle.core.report;

import java.util.Optional;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Why;
import oddcradle.core.units.Quantity;

/**
 * The answer to a question that a builder asks.
 *
 * @param id for those who look it up
 * @param question in a builder's words
 * @param number empty where there is none, and the words say why
 */
public record Answer(String id, String question, Optional<Quantity> number, Phrase words, Why why) {}
