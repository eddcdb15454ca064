package oddcradle.core.job.fit;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;

/**
 * The engine in or out once.
 *
 * @param date year, month and day
 * @param way in or out
 * @param time it took, s
 * @param touched what touched or stood in the way, in the shop's words
 * @param done what was cut, moved or changed for it
 * @param photo name of a picture in the folder of the job; empty where there is none
 */
@RecordBuilder
public record Fitting(String date, Way way, double time, String touched, String done, String photo)
        implements FittingBuilder.With {
    private static final double LONGEST_TIME = 4e6;

    /** Which way it went. */
    public enum Way {
        IN("in"),
        OUT("out");

        private final String word;

        Way(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    public Fitting {
        date = Dates.required("date", date);
        Guard.present("way", way);
        Guard.within("time", time, 0, LONGEST_TIME, "s");
        touched = touched == null ? "" : touched;
        done = done == null ? "" : done;
        photo = PhotoName.checked("photo", photo);
    }
}
