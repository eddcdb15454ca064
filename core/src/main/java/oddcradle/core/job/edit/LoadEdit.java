package oddcradle.core.job.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.load.LoadSet;
import oddcradle.core.math.InvalidValue;

/** A change of the load cases. */
public sealed interface LoadEdit extends JobEdit {
    /** All cases of a rule set in the place of those of any other; the user's own stay. */
    record TakeSet(LoadSet set) implements LoadEdit {
        @Override
        public Job applyTo(Job job) {
            List<LoadCase> own =
                    job.cases().stream().filter(each -> each.set().isEmpty()).toList();
            List<LoadCase> cases = new ArrayList<>();
            for (LoadCase each : set.cases(job.donor().engine().cylinders())) {
                cases.add(each.withId(freeId(own, each.id())));
            }
            cases.addAll(own);
            return job.withCases(cases);
        }

        @Override
        public Phrase label() {
            return Phrase.of("load cases: {}", set.words());
        }

        @Override
        public String mergeKey() {
            return "cases.set";
        }
    }

    /** One more case, at the end, under an id that is free. */
    record AddCase(LoadCase load) implements LoadEdit {
        @Override
        public Job applyTo(Job job) {
            List<LoadCase> cases = new ArrayList<>(job.cases());
            cases.add(load.withId(freeId(cases, load.id())));
            return job.withCases(cases);
        }

        @Override
        public Phrase label() {
            return Phrase.of("new load case {}", load.label());
        }

        @Override
        public String mergeKey() {
            return "cases.add." + load.label();
        }
    }

    /** Another case in the place of the one with its id. */
    record SetCase(LoadCase load) implements LoadEdit {
        @Override
        public Job applyTo(Job job) {
            return changed(job, load.id(), each -> load);
        }

        @Override
        public Phrase label() {
            return Phrase.of("load case {}", load.label());
        }

        @Override
        public String mergeKey() {
            return "cases." + load.id();
        }
    }

    /** Looks at a case, or no more. */
    record SwitchCase(String id, boolean on) implements LoadEdit {
        @Override
        public Job applyTo(Job job) {
            return changed(job, id, each -> each.withOff(!on));
        }

        @Override
        public Phrase label() {
            return Phrase.of(on ? "switch load case {} on" : "switch load case {} off", id);
        }

        @Override
        public String mergeKey() {
            return "cases.switch." + id;
        }
    }

    /** A case that goes. */
    record RemoveCase(String id) implements LoadEdit {
        @Override
        public Job applyTo(Job job) {
            required(job, id);
            return job.withCases(
                    job.cases().stream().filter(each -> !each.id().equals(id)).toList());
        }

        @Override
        public Phrase label() {
            return Phrase.of("remove load case {}", id);
        }

        @Override
        public String mergeKey() {
            return "cases.remove." + id;
        }
    }

    private static Job changed(Job job, String id, UnaryOperator<LoadCase> change) {
        required(job, id);
        return job.withCases(job.cases().stream()
                .map(each -> each.id().equals(id) ? change.apply(each) : each)
                .toList());
    }

    private static void required(Job job, String id) {
        if (job.cases().stream().noneMatch(each -> each.id().equals(id))) {
            throw new InvalidValue("cases", "holds no case \"" + id + "\"");
        }
    }

    private static String freeId(List<LoadCase> taken, String wanted) {
        String id = wanted;
        for (int number = 2; isTaken(taken, id); number++) {
            id = wanted + "-" + number;
        }
        return id;
    }

    private static boolean isTaken(List<LoadCase> taken, String id) {
        return taken.stream().anyMatch(each -> each.id().equals(id));
    }
}
