package oddcradle.core.math;

/**
 * A value that cannot be worked with, and the field that carries it. The message is one sentence that begins with the
 * field's last name, says what the value is and what it must be.
 */
public final class InvalidValue extends IllegalArgumentException {
    private final String field;
    private final String problem;

    /**
     * @param field dotted path of the field, outermost first, for example {@code mounts[2].k}
     * @param problem what is wrong with it and what it must be, a predicate without the subject
     */
    public InvalidValue(String field, String problem) {
        super(field + " " + problem);
        this.field = field;
        this.problem = problem;
    }

    public String field() {
        return field;
    }

    public String problem() {
        return problem;
    }

    /** The same problem seen from one level further out. */
    public InvalidValue inside(String outer) {
        if (field.isEmpty()) {
            return new InvalidValue(outer, problem);
        }
        return new InvalidValue(outer + (field.startsWith("[") ? "" : ".") + field, problem);
    }
}
