package oddcradle.core.propose;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Bracket;
import oddcradle.core.job.Cradle;
import oddcradle.core.job.Job;
import oddcradle.core.job.JobEdit;
import oddcradle.core.job.Member;
import oddcradle.core.job.Node;
import oddcradle.core.job.SeatPlan;
import oddcradle.core.job.WayPlan;

/** Another cradle for a job; wishes for the seat that name tubes or nodes of the old one go with it. */
public record TakeCradle(Cradle cradle, String words) implements JobEdit {
    @Override
    public Job applyTo(Job job) {
        return of(job, cradle);
    }

    static Job of(Job job, Cradle cradle) {
        Set<String> gone = new HashSet<>();
        job.cradle().members().stream().map(Member::id).forEach(gone::add);
        job.cradle().nodes().stream().map(Node::id).forEach(gone::add);
        cradle.members().stream().map(Member::id).forEach(gone::remove);
        cradle.nodes().stream().map(Node::id).forEach(gone::remove);
        SeatPlan plan = job.plan();
        List<String> removable =
                plan.way().removable().stream().filter(id -> !gone.contains(id)).toList();
        List<Bracket> brackets = plan.brackets().stream()
                .filter(bracket -> !gone.contains(bracket.node()))
                .toList();
        // The plan goes first: a job never names what is not there.
        return job.withPlan(
                        plan.withWay(new WayPlan(removable, plan.way().room())).withBrackets(brackets))
                .withCradle(cradle);
    }

    @Override
    public Phrase label() {
        return Phrase.of("{}", words);
    }

    @Override
    public String mergeKey() {
        return "cradle";
    }
}
