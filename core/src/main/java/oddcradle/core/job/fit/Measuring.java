package oddcradle.core.job.fit;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;
import oddcradle.core.survey.Survey;

/**
 * The mount measured once.
 *
 * @param name such as tacked, or welded again
 * @param made how far the mount is
 * @param loaded whether the engine stood on its mounts, all supports away
 * @param date year, month and day; may be empty
 * @param survey in the host's axes; a point that bears the name of a mount is the middle of its hole, of a node where tubes meet
 */
@RecordBuilder
public record Measuring(String name, Made made, boolean loaded, String date, Survey survey)
        implements MeasuringBuilder.With {
    static final Measuring FIRST = new Measuring("tacked", Made.TACKED, false, "", Survey.NONE);

    /** How far a mount is. */
    public enum Made {
        TACKED("tacked"),
        WELDED("welded"),
        FINISHED("painted or coated"),
        RUN("after the first hours");

        private final String word;

        Made(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    public Measuring {
        Guard.named("name", name);
        Guard.present("made", made);
        date = Dates.checked("date", date);
        survey = survey == null ? Survey.NONE : survey;
    }
}
