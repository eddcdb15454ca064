package oddcradle.core.examine;

import java.util.List;
import oddcradle.core.job.Job;
import oddcradle.core.job.KeepOut;
import oddcradle.core.job.Member;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.seating.Standing;

/** A job and where its donor sits, as the neighbours ask for it. */
record Setting(Job job, Seating seating) {
    Pose pose() {
        return seating.pose();
    }

    Standing tube(Member member) {
        return Standing.still(member.id(), member.label(), Bodies.pieces(member, seating));
    }

    KeepOut keepOut(String id) {
        return job.host().keepOuts().stream()
                .filter(each -> each.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    List<Standing> parts() {
        return job.donor().bodies().stream()
                .map(part -> Standing.still(part.id(), part.label(), part.solids()))
                .toList();
    }
}
