package oddcradle.core.job.edit;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.Weights;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/** What is done among the donors that might go in. */
public sealed interface CandidateEdit extends JobEdit {
    /** Weighs the criteria anew. */
    record SetWeights(Weights weights) implements CandidateEdit {
        @Override
        public Job applyTo(Job job) {
            return job.withWeights(weights);
        }

        @Override
        public Phrase label() {
            return Phrase.of("weights of the candidates");
        }

        @Override
        public String mergeKey() {
            return "weights";
        }
    }

    /** Another donor to compare. */
    record AddCandidate(Donor donor) implements CandidateEdit {
        @Override
        public Job applyTo(Job job) {
            List<Donor> candidates = new ArrayList<>(job.candidates());
            candidates.add(donor);
            return job.withCandidates(candidates);
        }

        @Override
        public Phrase label() {
            return Phrase.of("compare with {}", donor.name());
        }

        @Override
        public String mergeKey() {
            return "candidate.add." + donor.name();
        }
    }

    /**
     * Seats another donor with its output where the seated one's is; that one becomes a candidate. The cradle was made for it and
     * goes, because its tubes hang on bosses that are no longer there.
     */
    record SeatCandidate(int index) implements CandidateEdit {
        @Override
        public Job applyTo(Job job) {
            if (index < 0 || index >= job.candidates().size()) {
                throw new InvalidValue(
                        "index",
                        "is " + index + ", there are " + job.candidates().size() + " candidates");
            }
            Donor other = job.candidates().get(index);
            List<Donor> candidates = new ArrayList<>(job.candidates());
            candidates.set(index, job.donor());
            Mat3 turn = job.seat().pose().rotation();
            Vec3 shift = turn.times(
                    job.donor().output().centre().minus(other.output().centre()));
            return job.withOther(other)
                    .withSeat(job.seat().moved(job.seat().position().plus(shift)))
                    .withCandidates(candidates);
        }

        @Override
        public Phrase label() {
            return Phrase.of("seat another donor");
        }

        @Override
        public String mergeKey() {
            return "candidate";
        }
    }
}
