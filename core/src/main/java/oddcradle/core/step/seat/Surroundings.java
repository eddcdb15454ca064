package oddcradle.core.step.seat;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.tube.Member;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.Bodies;
import oddcradle.core.placement.Seating;
import oddcradle.core.seating.BodyShape;

/**
 * The donor in its seat and what stands round it, as its neighbours are checked against them.
 *
 * @param donor its parts, own axes
 * @param keepOuts of the host
 * @param hostTubes host axes
 * @param cradleTubes host axes; none for a neighbour that never meets them
 * @param hotRoom least gap round what is hot, m
 */
record Surroundings(
        Pose pose,
        List<Part> donor,
        List<KeepOut> keepOuts,
        List<BodyShape> hostTubes,
        List<BodyShape> cradleTubes,
        double hotRoom) {
    static Surroundings of(Job job, Seating seating) {
        return new Surroundings(
                seating.pose(),
                job.donor().bodies(),
                job.host().keepOuts(),
                tubes(job.host().members(), seating),
                tubes(job.cradle().members(), seating),
                job.build().room().hot());
    }

    private static List<BodyShape> tubes(List<Member> members, Seating seating) {
        return members.stream()
                .map(member -> BodyShape.still(member.id(), member.label(), Bodies.pieces(member, seating)))
                .toList();
    }

    Surroundings withoutCradle() {
        return new Surroundings(pose, donor, keepOuts, hostTubes, List.of(), hotRoom);
    }

    List<BodyShape> tubes() {
        List<BodyShape> all = new ArrayList<>(hostTubes);
        all.addAll(cradleTubes);
        return all;
    }

    KeepOut keepOut(String id) {
        return keepOuts.stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    List<BodyShape> parts() {
        return donor.stream()
                .map(part -> BodyShape.still(part.id(), part.label(), part.solids()))
                .toList();
    }
}
