package oddcradle.core.job.fit;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;
import oddcradle.core.units.Kind;

/**
 * How true something that turns, or what it is joined by, was found.
 *
 * @param read what {@link Of#measures()} tells, SI: high less low over one turn, or a share of a face
 * @param diameter that the dial ran on, or of the register, m; of no account where {@link Of#goesByDiameter()} is false
 * @param date day it was read; may be empty
 */
@RecordBuilder
public record RunOut(String id, String label, Of of, double read, double diameter, String date)
        implements RunOutBuilder.With {
    private static final double MOST = 0.1;

    /** What was read. */
    public enum Of {
        FLYWHEEL_FACE("face of a flywheel", Kind.FINE_LENGTH, true),
        REGISTER("register or pilot bore", Kind.FINE_LENGTH, true),
        SHAFT_END("end of a shaft", Kind.FINE_LENGTH, false),
        PROPELLER_TRACK("track of the propeller's tips", Kind.FINE_LENGTH, false),
        TAPER_CONTACT("taper, blued: share that bears", Kind.SHARE, false),
        TOOTH_CONTACT("teeth, blued: share of the width that bears", Kind.SHARE, false);

        private final String word;
        private final Kind measures;
        private final boolean byDiameter;

        Of(String word, Kind measures, boolean byDiameter) {
            this.word = word;
            this.measures = measures;
            this.byDiameter = byDiameter;
        }

        public String word() {
            return word;
        }

        public Kind measures() {
            return measures;
        }

        /** Whether what is allowed grows with the diameter. */
        public boolean goesByDiameter() {
            return byDiameter;
        }
    }

    public RunOut {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.present("of", of);
        Guard.within("read", read, 0, of.measures() == Kind.SHARE ? 1 : MOST, of.measures() == Kind.SHARE ? "" : "m");
        Guard.within("diameter", diameter, 0, 5, "m");
        if (of.goesByDiameter()) {
            Guard.positive("diameter", diameter, "m");
        }
        date = Dates.checked("date", date);
    }
}
