package oddcradle.core.pocket;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.math.InvalidValue;

/**
 * A question with what is at hand for it.
 *
 * @param open the open job; empty where there is none
 * @param typed numbers by the keys of the question's inputs, SI
 */
record Asked(Question question, Optional<Examination> open, Map<String, Double> typed) {
    Asked {
        typed = Map.copyOf(typed);
        for (String key : typed.keySet()) {
            if (question.inputs().stream().noneMatch(each -> each.key().equals(key))) {
                throw new InvalidValue(
                        key,
                        "is no number of this question; it takes "
                                + String.join(
                                        ", ",
                                        question.inputs().stream()
                                                .map(PocketInput::key)
                                                .toList()));
            }
        }
    }

    /** Whether every one of these was typed. */
    boolean has(String... keys) {
        return typed.keySet().containsAll(List.of(keys));
    }

    /** Whether any number was typed. */
    boolean isTyped() {
        return !typed.isEmpty();
    }

    /** @throws InvalidValue where it was not typed */
    double number(String key) {
        return known(key)
                .orElseThrow(() -> new InvalidValue(
                        key, "is missing: give " + words(key) + (open.isPresent() ? "" : ", or open a job")));
    }

    Optional<Double> known(String key) {
        return Optional.ofNullable(typed.get(key));
    }

    double number(String key, double otherwise) {
        return typed.getOrDefault(key, otherwise);
    }

    private String words(String key) {
        return question.inputs().stream()
                .filter(each -> each.key().equals(key))
                .findFirst()
                .orElseThrow()
                .words();
    }

    /** @throws InvalidValue where no job is open */
    Examination job() {
        return open.orElseThrow(() -> new InvalidValue(
                "job",
                question.inputs().isEmpty()
                        ? "is missing: this is answered from an open job"
                        : "is missing: open one, or give "
                                + String.join(
                                        ", ",
                                        question.inputs().stream()
                                                .map(PocketInput::words)
                                                .toList())));
    }

    /** @throws InvalidValue where the open job has none */
    static <T> T need(Optional<T> thing, String field, String cure) {
        return thing.orElseThrow(() -> new InvalidValue(field, "is missing in this job: " + cure));
    }
}
