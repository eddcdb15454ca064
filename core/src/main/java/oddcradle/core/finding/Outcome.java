package oddcradle.core.finding;

import java.util.List;
import java.util.Optional;

/** What came of a computation that may have no answer: a mechanism or a singular model is named, not solved. */
public sealed interface Outcome<T> {
    record Solved<T>(T value) implements Outcome<T> {}

    /** @param findings why there is no answer, at least one */
    record NotSolved<T>(List<Finding> findings) implements Outcome<T> {
        public NotSolved {
            findings = List.copyOf(findings);
        }
    }

    static <T> Outcome<T> solved(T value) {
        return new Solved<>(value);
    }

    static <T> Outcome<T> notSolved(Finding finding) {
        return new NotSolved<>(List.of(finding));
    }

    /** The answer, if there is one. */
    default Optional<T> answer() {
        return this instanceof Solved<T> solved ? Optional.of(solved.value()) : Optional.empty();
    }

    /** Why there is none; empty when solved. */
    default List<Finding> reasons() {
        return this instanceof NotSolved<T> notSolved ? notSolved.findings() : List.of();
    }
}
