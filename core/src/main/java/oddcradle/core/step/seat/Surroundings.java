package oddcradle.core.step.seat;

import java.util.List;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.tube.Member;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.Bodies;
import oddcradle.core.placement.Seating;
import oddcradle.core.seating.BodyShape;

/** A job and where its donor sits, as the neighbours ask for it. */
record Surroundings(Job job, Seating seating) {
    Pose pose() {
        return seating.pose();
    }

    BodyShape tube(Member member) {
        return BodyShape.still(member.id(), member.label(), Bodies.pieces(member, seating));
    }

    KeepOut keepOut(String id) {
        return job.host().keepOuts().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    List<BodyShape> parts() {
        return job.donor().bodies().stream()
                .map(part -> BodyShape.still(part.id(), part.label(), part.solids()))
                .toList();
    }
}
