package oddcradle.core.job.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import oddcradle.core.job.fit.Dates;
import oddcradle.core.job.fit.PhotoName;
import oddcradle.core.math.Guard;
import oddcradle.core.units.Kind;

/**
 * One line of the logbook.
 *
 * @param date year, month and day
 * @param hours that the engine has run since it went in, s
 * @param starts since it went in
 * @param distance since it went in, m
 * @param work what was done
 * @param place at which mount, stage or part; empty for the whole machine
 * @param found what was seen
 * @param changed what was done about it
 * @param value what was measured, SI, of the kind that {@link Work#measures()} tells; 0 where nothing was
 * @param photo name of a picture in the folder of the job; empty where there is none
 */
@RecordBuilder
public record LogEntry(
        String date,
        double hours,
        int starts,
        double distance,
        Work work,
        String place,
        String found,
        String changed,
        double value,
        String photo)
        implements LogEntryBuilder.With {
    private static final double LONGEST_LIFE = 4e8;
    private static final double FARTHEST = 1e10;
    private static final double LARGEST_JET = 0.003;
    private static final int MOST_STARTS = 1_000_000;

    /** What a line of the log tells of. */
    public enum Work {
        RUN("ran"),
        BOLTS("mount bolts torqued"),
        CRACKS("welds looked at for cracks"),
        ISOLATORS("isolators looked at", Kind.LENGTH),
        CHAIN("chain measured", Kind.SHARE),
        BELT("belt looked at", Kind.LENGTH),
        LINE_UP("shafts lined up"),
        OIL("oil changed"),
        FILTER("filter changed"),
        CABLES("cables and levers looked at"),
        EXHAUST("exhaust and hangers looked at"),
        WIRES("wires and earth looked at"),
        JET("jetted", Kind.LENGTH),
        VIBRATION("vibration measured", Kind.VIBRATION),
        REPAIR("repaired"),
        NOTE("noted");

        private final String word;
        private final Optional<Kind> measures;

        Work(String word) {
            this.word = word;
            this.measures = Optional.empty();
        }

        Work(String word, Kind measures) {
            this.word = word;
            this.measures = Optional.of(measures);
        }

        public String word() {
            return word;
        }

        /** What its value is: height of an isolator, wear of a chain as a share of its length, how far a belt has sunk below the rim of its pulley, diameter of a jet, velocity. */
        public Optional<Kind> measures() {
            return measures;
        }
    }

    public LogEntry {
        date = Dates.required("date", date);
        Guard.within("hours", hours, 0, LONGEST_LIFE, "s");
        Guard.within("starts", starts, 0, MOST_STARTS, "starts");
        Guard.within("distance", distance, 0, FARTHEST, "m");
        Guard.present("work", work);
        place = place == null ? "" : place;
        found = found == null ? "" : found;
        changed = changed == null ? "" : changed;
        Guard.within("value", value, 0, 100, "");
        if (work == Work.JET && value > 0) {
            Guard.within("value", value, 0.0002, LARGEST_JET, "m");
        }
        photo = PhotoName.checked("photo", photo);
    }
}
