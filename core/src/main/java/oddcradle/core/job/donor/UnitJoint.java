package oddcradle.core.job.donor;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;

/**
 * How the shaft of a unit is joined to the one it drives or is driven by.
 *
 * @param to the id of the unit it is joined to
 * @param kind what joins them
 * @param own the unit's shaft
 * @param other the shaft it is joined to
 */
@RecordBuilder
public record UnitJoint(String to, Kind kind, ShaftLine own, ShaftLine other) implements UnitJointBuilder.With {
    public UnitJoint {
        Guard.named("to", to);
        Guard.present("kind", kind);
        Guard.present("own", own);
        Guard.present("other", other);
    }

    /** What joins two shafts, and how crooked it may lie; common practice. */
    public enum Kind {
        FACE("bolted face to face", 0.0005, 0.0001),
        SPLINE("splined, shaft in shaft", 0.001, 0.0001),
        COUPLING("rubber or jaw coupling", 0.009, 0.0003),
        BELT_OR_CHAIN("belt or chain", 0.004, Double.POSITIVE_INFINITY);

        private final String words;
        private final double mostAngle;
        private final double mostOffset;

        Kind(String words, double mostAngle, double mostOffset) {
            this.words = words;
            this.mostAngle = mostAngle;
            this.mostOffset = mostOffset;
        }

        public String words() {
            return words;
        }

        /** rad */
        public double mostAngle() {
            return mostAngle;
        }

        /** m; boundless where the shafts only have to be parallel */
        public double mostOffset() {
            return mostOffset;
        }

        public boolean isInLine() {
            return Double.isFinite(mostOffset);
        }
    }

    /** Between the shafts, rad. */
    public double angle() {
        return own.angleTo(other);
    }

    /** How far the end of one lies beside the line of the other, m; 0 where they need not be in line. */
    public double offset() {
        return kind.isInLine() ? own.besides(other) : 0;
    }
}
