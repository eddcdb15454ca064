package oddcradle.core.job.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.job.tube.Member;

/**
 * A seat, a cradle, and tubes of the host in other sections, all at once; what else the job says stays.
 *
 * @param tubes of the host with the sections they are to have; those that it has no more are left out
 */
public record TakeDesign(Seat seat, Cradle cradle, List<Member> tubes, Phrase words) implements JobEdit {
    public TakeDesign {
        tubes = List.copyOf(tubes);
    }

    /** Seat, cradle and sections of another state of the same job. */
    public static TakeDesign of(Job designed, Phrase words) {
        return new TakeDesign(
                designed.seat(), designed.cradle(), designed.host().members(), words);
    }

    @Override
    public Job applyTo(Job job) {
        List<Member> host = new ArrayList<>();
        for (Member member : job.host().members()) {
            Optional<Member> other =
                    tubes.stream().filter(each -> each.id().equals(member.id())).findFirst();
            host.add(other.map(each -> member.withSection(each.section())).orElse(member));
        }
        return job.withSeat(seat).withCradle(cradle).withHost(job.host().withMembers(host));
    }

    @Override
    public Phrase label() {
        return words;
    }

    @Override
    public String mergeKey() {
        return "design";
    }
}
