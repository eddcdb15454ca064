package oddcradle.core.job.edit;

import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.JoinedUnit;
import oddcradle.core.job.donor.Pack;
import oddcradle.core.mechanics.Pose;

/** A change of a donor of several units. */
public sealed interface PackEdit extends JobEdit {
    private static String label(Donor donor, String unit) {
        return donor.unit(unit).map(JoinedUnit::label).orElse(unit);
    }

    /** Moves a unit with all that is on it; donor axes. */
    record MoveUnit(String unit, Pose by) implements PackEdit {
        @Override
        public Job applyTo(Job job) {
            return job.withDonor(Pack.moved(job.donor(), unit, by));
        }

        @Override
        public Phrase label() {
            return Phrase.of("move unit {}", unit);
        }

        @Override
        public Phrase label(Job before, Job after) {
            return Phrase.of("move the {}", PackEdit.label(before.donor(), unit));
        }

        @Override
        public String mergeKey() {
            return "unit." + unit;
        }
    }

    /** Brings the shaft of a unit into line with the one it is joined to. */
    record Straighten(String unit) implements PackEdit {
        @Override
        public Job applyTo(Job job) {
            return job.withDonor(Pack.straightened(job.donor(), unit));
        }

        @Override
        public Phrase label() {
            return Phrase.of("bring the unit into line with the one it is joined to");
        }

        @Override
        public Phrase label(Job before, Job after) {
            return Phrase.of("bring the {} into line", PackEdit.label(before.donor(), unit));
        }

        @Override
        public String mergeKey() {
            return "straighten." + unit;
        }
    }

    /** Takes what the units weigh together for what the donor weighs. */
    record TakeUnitsMass() implements PackEdit {
        @Override
        public Job applyTo(Job job) {
            return job.withDonor(job.donor().withMass(Pack.mass(job.donor())));
        }

        @Override
        public Phrase label() {
            return Phrase.of("take the sum of the units for the donor's mass");
        }

        @Override
        public String mergeKey() {
            return "units-mass";
        }
    }
}
