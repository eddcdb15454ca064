package oddcradle.core.job;

import java.util.HashSet;
import java.util.Set;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.cradle.TubeJoint;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.InvalidValue;

/** What joints and details of a cradle name is there. */
final class CradleReferences {
    private CradleReferences() {}

    static void check(Cradle cradle, Set<String> bosses, Set<String> nodes) {
        Set<String> members =
                new HashSet<>(cradle.members().stream().map(Member::id).toList());
        joints(cradle, members);
        JobReferences.unique(
                "cradle.details",
                "id",
                cradle.details().stream().map(Detail::id).toList());
        for (int k = 0; k < cradle.details().size(); k++) {
            detail(cradle.details().get(k), "cradle.details[" + k + "].", members, bosses, nodes);
        }
        for (int k = 0; k < cradle.lone().size(); k++) {
            JobReferences.require(nodes, "cradle.lone[" + k + "]", cradle.lone().get(k), "node");
        }
    }

    private static void joints(Cradle cradle, Set<String> members) {
        Set<String> ends = new HashSet<>();
        for (int k = 0; k < cradle.joints().size(); k++) {
            TubeJoint joint = cradle.joints().get(k);
            String here = "cradle.joints[" + k + "].";
            JobReferences.require(members, here + "member", joint.member(), "cradle tube");
            Member tube = cradle.member(joint.member()).orElseThrow();
            if (!joint.node().equals(tube.first()) && !joint.node().equals(tube.last())) {
                throw new InvalidValue(
                        here + "node", "is \"" + joint.node() + "\", which is no end of tube " + tube.id());
            }
            if (!ends.add(joint.member() + " " + joint.node())) {
                throw new InvalidValue(
                        here + "node", "repeats the end of " + tube.id() + " at " + joint.node() + "; say it once");
            }
        }
    }

    private static void detail(Detail detail, String here, Set<String> members, Set<String> bosses, Set<String> nodes) {
        if (detail instanceof Detail.Gusset gusset) {
            JobReferences.require(nodes, here + "node", gusset.node(), "node");
            JobReferences.require(members, here + "first", gusset.first(), "cradle tube");
            JobReferences.require(members, here + "second", gusset.second(), "cradle tube");
        } else if (detail instanceof Detail.LandingPad pad) {
            JobReferences.require(bosses, here + "boss", pad.boss(), "boss");
        } else if (detail instanceof Detail.ClampPad pad) {
            JobReferences.require(nodes, here + "node", pad.node(), "node");
        } else if (detail instanceof Detail.ReliefNotch notch) {
            JobReferences.require(members, here + "member", notch.member(), "cradle tube");
        } else if (detail instanceof Detail.Slide slide) {
            for (int k = 0; k < slide.nodes().size(); k++) {
                JobReferences.require(
                        nodes, here + "nodes[" + k + "]", slide.nodes().get(k), "node");
            }
        } else if (detail instanceof Detail.ReusedHanger hanger) {
            JobReferences.require(bosses, here + "boss", hanger.boss(), "boss");
        } else if (detail instanceof Detail.FoldedPlate plate) {
            JobReferences.require(bosses, here + "boss", plate.boss(), "boss");
        }
    }
}
