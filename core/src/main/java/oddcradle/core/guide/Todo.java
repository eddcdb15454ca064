package oddcradle.core.guide;

import oddcradle.core.finding.Step;
import oddcradle.core.math.Guard;

/**
 * One thing to do.
 *
 * @param step where it is done
 * @param sheet of that step; empty where it has but one
 * @param words what to do
 * @param done whether the job shows that it has been done
 */
public record Todo(Step step, String sheet, String words, boolean done) {
    public Todo {
        Guard.present("step", step);
        Guard.present("sheet", sheet);
        Guard.named("words", words);
    }
}
