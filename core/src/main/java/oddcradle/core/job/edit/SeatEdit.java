package oddcradle.core.job.edit;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.make.Build;
import oddcradle.core.job.seat.Clearances;
import oddcradle.core.job.seat.FitErrors;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.job.seat.SeatPlan;
import oddcradle.core.units.Quantity;

/** Changes of the seat as a whole, of the room that pairs keep, and of what a seat is searched for. */
public sealed interface SeatEdit extends JobEdit {
    /** Takes a seat that was found. */
    record TakeSeat(Seat seat, String why) implements SeatEdit {
        @Override
        public Job applyTo(Job job) {
            return job.withSeat(seat);
        }

        @Override
        public Phrase label() {
            return Phrase.of("seat {}", why);
        }

        @Override
        public String mergeKey() {
            return "take-seat";
        }
    }

    /**
     * The hole of a mount was opened.
     *
     * @param hole as it is now
     */
    record OpenHole(FitErrors.Hole hole) implements SeatEdit {
        @Override
        public Job applyTo(Job job) {
            FitErrors errors = job.plan().errors();
            List<FitErrors.Hole> holes = new ArrayList<>(errors.holes());
            holes.removeIf(each -> each.boss().equals(hole.boss()));
            holes.add(hole);
            return job.withPlan(job.plan().withErrors(errors.withHoles(holes)));
        }

        @Override
        public Phrase label() {
            return Phrase.of("hole at {} opened", hole.boss());
        }

        @Override
        public String mergeKey() {
            return "hole." + hole.boss();
        }
    }

    /** The builder's own rule for one pair. */
    record SetPairRule(Clearances.PairRule rule) implements SeatEdit {
        @Override
        public Job applyTo(Job job) {
            return withPairs(job, others(job, rule.part(), rule.obstacle()), rule);
        }

        @Override
        public Phrase label() {
            return Phrase.of("{} to {} keeps {}", rule.part(), rule.obstacle(), Quantity.length(rule.room()));
        }

        @Override
        public String mergeKey() {
            return "pair." + rule.part() + "." + rule.obstacle();
        }
    }

    /** Gives a pair back to the rule of its kinds. */
    record DropPairRule(String part, String obstacle) implements SeatEdit {
        @Override
        public Job applyTo(Job job) {
            Build build = job.build();
            return job.withBuild(build.withClearances(build.clearances().withPairs(others(job, part, obstacle))));
        }

        @Override
        public Phrase label() {
            return Phrase.of("{} to {} as others of their kind", part, obstacle);
        }

        @Override
        public String mergeKey() {
            return "pair." + part + "." + obstacle;
        }
    }

    /** Other rules and movements for all pairs. */
    record SetBuild(Build build, String what) implements SeatEdit {
        @Override
        public Job applyTo(Job job) {
            return job.withBuild(build);
        }

        @Override
        public Phrase label() {
            return Phrase.of("room: {}", what);
        }

        @Override
        public String mergeKey() {
            return "room." + what;
        }
    }

    /** Another plan for the seat. */
    record SetPlan(SeatPlan plan, String what) implements SeatEdit {
        @Override
        public Job applyTo(Job job) {
            return job.withPlan(plan);
        }

        @Override
        public Phrase label() {
            return Phrase.of("{}", what);
        }

        @Override
        public String mergeKey() {
            return "plan." + what;
        }
    }

    private static List<Clearances.PairRule> others(Job job, String part, String obstacle) {
        return job.build().clearances().pairs().stream()
                .filter(each -> !each.isFor(part, obstacle))
                .toList();
    }

    private static Job withPairs(Job job, List<Clearances.PairRule> others, Clearances.PairRule added) {
        List<Clearances.PairRule> pairs = new ArrayList<>(others);
        pairs.add(added);
        Build build = job.build();
        return job.withBuild(build.withClearances(build.clearances().withPairs(pairs)));
    }
}
