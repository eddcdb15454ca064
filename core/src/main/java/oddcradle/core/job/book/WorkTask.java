package oddcradle.core.job.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.finding.Step;
import oddcradle.core.math.Guard;

/**
 * A piece of work that is planned.
 *
 * @param step of the ten it belongs to
 * @param planned s
 * @param worked so far, s
 * @param done whether nothing is left of it
 * @param needs marks of parts that must be here, and of other work that must be done, before it begins
 */
@RecordBuilder
public record WorkTask(
        String id, String label, Step step, double planned, double worked, boolean done, List<String> needs)
        implements WorkTaskBuilder.With {
    private static final double LONGEST = 4e7;
    private static final int MOST_NEEDS = 100;

    public WorkTask {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.present("step", step);
        Guard.within("planned", planned, 0, LONGEST, "s");
        Guard.within("worked", worked, 0, LONGEST, "s");
        needs = needs == null ? List.of() : List.copyOf(needs);
        Guard.within("needs", needs.size(), 0, MOST_NEEDS, "things");
    }

    /** s; what took longer than planned is taken as nearly done: a tenth of the plan is left. */
    public double left() {
        return done ? 0 : Math.max(planned - worked, planned / 10);
    }
}
