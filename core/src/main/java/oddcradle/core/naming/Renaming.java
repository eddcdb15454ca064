package oddcradle.core.naming;

import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/** Another mark for a node, a body, a boss or a mount: the short name that is written on it, wherever it is named. */
public final class Renaming {
    private Renaming() {}

    /**
     * @param from a node of the frame or the cradle
     * @throws InvalidValue if the new mark is none, or taken by another node
     */
    public static Job ofNode(Job job, String from, String to) {
        Set<String> nodes = Stream.concat(job.host().nodes().stream(), job.cradle().nodes().stream())
                .map(Node::id)
                .collect(Collectors.toSet());
        requireFree("node", from, to, nodes);
        return new JobNames(each -> changed(each, from, to), each -> each, each -> each).in(job);
    }

    /**
     * @param from a part, pipe, keep-out or tube; stages and shafts have their marks among these too
     * @throws InvalidValue if the new mark is none, or taken by another
     */
    public static Job ofBody(Job job, String from, String to) {
        Set<String> bodies = Stream.of(
                        job.donor().bodies().stream().map(Part::id),
                        job.host().keepOuts().stream().map(KeepOut::id),
                        job.host().members().stream().map(Member::id),
                        job.cradle().members().stream().map(Member::id),
                        job.line().stages().stream().map(Stage::id),
                        job.line().shafts().stream().map(JackShaft::id))
                .flatMap(each -> each)
                .collect(Collectors.toSet());
        requireFree("part, tube or keep-out", from, to, bodies);
        return new JobNames(each -> each, each -> changed(each, from, to), each -> each).in(job);
    }

    /** @throws InvalidValue if the new mark is none, or taken by another boss */
    public static Job ofBoss(Job job, String from, String to) {
        requireFreeBoss(job.donor(), from, to);
        return new JobNames(each -> each, each -> each, each -> changed(each, from, to)).in(job);
    }

    /**
     * In a donor that is not in the seat: nothing else of the job names its bosses.
     *
     * @throws InvalidValue if the new mark is none, or taken by another boss
     */
    public static Donor ofBoss(Donor donor, String from, String to) {
        requireFreeBoss(donor, from, to);
        return new DonorNames(each -> each, each -> changed(each, from, to)).in(donor);
    }

    private static void requireFreeBoss(Donor donor, String from, String to) {
        requireFree("boss", from, to, donor.bosses().stream().map(Boss::id).collect(Collectors.toSet()));
    }

    /**
     * In a donor that is not in the seat.
     *
     * @param from a part or pipe
     * @throws InvalidValue if the new mark is none, or taken by another
     */
    public static Donor ofBody(Donor donor, String from, String to) {
        requireFree("part", from, to, donor.bodies().stream().map(Part::id).collect(Collectors.toSet()));
        return new DonorNames(each -> changed(each, from, to), each -> each).in(donor);
    }

    /** @throws InvalidValue if the new mark is none, or taken by another mount */
    public static Job ofMount(Job job, String from, String to) {
        List<Isolator> mounts = job.cradle().isolators();
        requireFree("mount", from, to, mounts.stream().map(Isolator::id).collect(Collectors.toSet()));
        return job.withCradle(job.cradle()
                        .withIsolators(mounts.stream()
                                .map(each -> each.withId(changed(each.id(), from, to)))
                                .toList()))
                .withAsBuilt(ofMount(job.asBuilt(), each -> changed(each, from, to)));
    }

    private static AsBuilt ofMount(AsBuilt built, UnaryOperator<String> mark) {
        return JobNames.marked(built, mark)
                .withFeet(built.feet().stream()
                        .map(each -> each.withMount(mark.apply(each.mount())))
                        .toList())
                .withFitted(built.fitted().stream()
                        .map(each -> each.withMount(mark.apply(each.mount())))
                        .toList());
    }

    private static String changed(String id, String from, String to) {
        return id.equals(from) ? to : id;
    }

    /**
     * @param what of which no two may have one mark
     * @throws InvalidValue if the new mark is none, or taken by another
     */
    public static void requireFree(String what, String from, String to, Set<String> taken) {
        Guard.named("mark", to);
        if (!from.equals(to) && taken.contains(to)) {
            throw new InvalidValue("mark", "is \"" + to + "\", which another " + what + " has; choose another");
        }
    }
}
