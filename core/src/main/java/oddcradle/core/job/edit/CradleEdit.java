package oddcradle.core.job.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.cradle.MountChoices;
import oddcradle.core.job.cradle.TubeJoint;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.mounting.MountElement;

/** One change of the cradle by hand. */
public sealed interface CradleEdit extends JobEdit {
    Cradle applyTo(Cradle cradle);

    @Override
    default Job applyTo(Job job) {
        return job.withOther(applyTo(job.cradle()));
    }

    /** A name that nothing in the job bears yet: the start and the next free number. */
    static String freeName(Job job, String start) {
        Set<String> taken = job.ids();
        int number = 1;
        while (taken.contains(start + number)) {
            number++;
        }
        return start + number;
    }

    /** Nodes put elsewhere, or new ones. */
    record PutNodes(List<Node> nodes, Phrase label, String mergeKey) implements CradleEdit {
        public PutNodes {
            nodes = List.copyOf(nodes);
        }

        @Override
        public Cradle applyTo(Cradle cradle) {
            List<Node> all = new ArrayList<>(cradle.nodes());
            for (Node node : nodes) {
                all.removeIf(each -> each.id().equals(node.id()));
                all.add(node);
            }
            return cradle.withNodes(all);
        }
    }

    /** A tube and the nodes that it brings along. */
    record AddTube(Member tube, List<Node> nodes) implements CradleEdit {
        public AddTube {
            nodes = List.copyOf(nodes);
        }

        @Override
        public Cradle applyTo(Cradle cradle) {
            List<Node> all = new ArrayList<>(cradle.nodes());
            all.addAll(nodes);
            List<Member> members = new ArrayList<>(cradle.members());
            members.add(tube);
            return cradle.withNodes(all).withMembers(members);
        }

        @Override
        public Phrase label() {
            return Phrase.of("add tube {}", tube.id());
        }

        @Override
        public String mergeKey() {
            return "add." + tube.id();
        }
    }

    /** A tube with its joints, gussets and notches; nodes that nothing else needs go too. */
    record RemoveTube(String tube) implements CradleEdit {
        @Override
        public Cradle applyTo(Cradle cradle) {
            List<Member> members = new ArrayList<>(cradle.members());
            members.removeIf(each -> each.id().equals(tube));
            List<TubeJoint> joints = new ArrayList<>(cradle.joints());
            joints.removeIf(each -> each.member().equals(tube));
            List<Detail> details = new ArrayList<>(cradle.details());
            details.removeIf(detail -> names(detail, tube));
            Cradle left = cradle.withMembers(members).withJoints(joints).withDetails(details);
            return left.withNodes(needed(left));
        }

        private static boolean names(Detail detail, String tube) {
            return detail instanceof Detail.Gusset gusset
                            && (gusset.first().equals(tube) || gusset.second().equals(tube))
                    || detail instanceof Detail.ReliefNotch notch
                            && notch.member().equals(tube);
        }

        private static List<Node> needed(Cradle cradle) {
            Set<String> used = new HashSet<>();
            cradle.members().forEach(member -> used.addAll(member.nodes()));
            cradle.isolators().forEach(isolator -> used.add(isolator.node()));
            cradle.lone().forEach(used::add);
            cradle.details().forEach(detail -> {
                if (detail instanceof Detail.ClampPad pad) {
                    used.add(pad.node());
                } else if (detail instanceof Detail.Slide slide) {
                    used.addAll(slide.nodes());
                } else if (detail instanceof Detail.Gusset gusset) {
                    used.add(gusset.node());
                }
            });
            boolean more = true;
            while (more) {
                more = false;
                for (Node node : cradle.nodes()) {
                    if (used.contains(node.id()) && node.anchor() instanceof Anchor.OnMember landing) {
                        more |= used.add(landing.near());
                    }
                }
            }
            return cradle.nodes().stream()
                    .filter(node -> used.contains(node.id()))
                    .toList();
        }

        @Override
        public Phrase label() {
            return Phrase.of("remove tube {}", tube);
        }

        @Override
        public String mergeKey() {
            return "remove." + tube;
        }
    }

    /**
     * A tube bent at a new node between two of its own.
     *
     * @param before index of the node that then follows, 1 or more
     */
    record BendTube(String tube, int before, Node node) implements CradleEdit {
        @Override
        public Cradle applyTo(Cradle cradle) {
            List<Node> nodes = new ArrayList<>(cradle.nodes());
            nodes.add(node);
            return replaced(cradle.withNodes(nodes), tube, member -> {
                List<String> run = new ArrayList<>(member.nodes());
                Guard.within("before", before, 1, run.size() - 1, "");
                run.add(before, node.id());
                return member.through(run);
            });
        }

        @Override
        public Phrase label() {
            return Phrase.of("bend tube {}", tube);
        }

        @Override
        public String mergeKey() {
            return "bend." + tube + node.id();
        }
    }

    private static Cradle replaced(Cradle cradle, String tube, UnaryOperator<Member> change) {
        if (cradle.member(tube).isEmpty()) {
            throw new InvalidValue("tube", "is \"" + tube + "\", the cradle has no such tube");
        }
        return cradle.withMembers(cradle.members().stream()
                .map(each -> each.id().equals(tube) ? change.apply(each) : each)
                .toList());
    }

    /** How one end is joined. */
    record SetJoint(TubeJoint joint) implements CradleEdit {
        @Override
        public Cradle applyTo(Cradle cradle) {
            List<TubeJoint> joints = new ArrayList<>(cradle.joints());
            joints.removeIf(
                    each -> each.member().equals(joint.member()) && each.node().equals(joint.node()));
            if (joint.kind() != TubeJoint.Kind.WELDED) {
                joints.add(joint);
            }
            return cradle.withJoints(joints);
        }

        @Override
        public Phrase label() {
            return Phrase.of(
                    "{} at {} {}", joint.member(), joint.node(), joint.kind().word());
        }

        @Override
        public String mergeKey() {
            return "joint." + joint.member() + joint.node();
        }
    }

    /** A detail added, or changed where its name is known. */
    record SetDetail(Detail detail) implements CradleEdit {
        @Override
        public Cradle applyTo(Cradle cradle) {
            List<Detail> details = new ArrayList<>(cradle.details());
            details.removeIf(each -> each.id().equals(detail.id()));
            details.add(detail);
            return cradle.withDetails(details);
        }

        @Override
        public Phrase label() {
            return Phrase.of("detail {}", detail.id());
        }

        @Override
        public String mergeKey() {
            return "detail." + detail.id();
        }
    }

    record RemoveDetail(String detail) implements CradleEdit {
        @Override
        public Cradle applyTo(Cradle cradle) {
            return cradle.withDetails(cradle.details().stream()
                    .filter(each -> !each.id().equals(detail))
                    .toList());
        }

        @Override
        public Phrase label() {
            return Phrase.of("remove {}", detail);
        }

        @Override
        public String mergeKey() {
            return "remove." + detail;
        }
    }

    /** A mount on a boss. */
    record AddMount(Isolator mount) implements CradleEdit {
        @Override
        public Cradle applyTo(Cradle cradle) {
            List<Isolator> all = new ArrayList<>(cradle.isolators());
            all.add(mount);
            return cradle.withIsolators(all);
        }

        @Override
        public Phrase label() {
            return Phrase.of("mount {}", mount.boss());
        }

        @Override
        public String mergeKey() {
            return "mount." + mount.id();
        }
    }

    record RemoveMount(String mount) implements CradleEdit {
        @Override
        public Cradle applyTo(Cradle cradle) {
            return cradle.withIsolators(cradle.isolators().stream()
                    .filter(each -> !each.id().equals(mount))
                    .toList());
        }

        @Override
        public Phrase label() {
            return Phrase.of("remove mount {}", mount);
        }

        @Override
        public String mergeKey() {
            return "remove." + mount;
        }
    }

    /** What is soft in some mounts. */
    record SetElement(List<String> mounts, MountElement element, Optional<Double> loss) implements CradleEdit {
        public SetElement {
            mounts = List.copyOf(mounts);
        }

        @Override
        public Cradle applyTo(Cradle cradle) {
            return changed(cradle, mounts, each -> each.withElement(element).withLoss(loss.orElse(each.loss())));
        }

        @Override
        public Phrase label() {
            return Phrase.of("{} {}", mounts.size() == 1 ? mounts.get(0) : "mounts", element);
        }

        @Override
        public String mergeKey() {
            return "element." + mounts;
        }
    }

    /** What is decided about the bolt and tab of one mount. */
    record SetChoices(String mount, MountChoices choices) implements CradleEdit {
        @Override
        public Cradle applyTo(Cradle cradle) {
            return changed(cradle, List.of(mount), each -> each.withChoices(choices));
        }

        @Override
        public Phrase label() {
            return Phrase.of("hardware of {}", mount);
        }

        @Override
        public String mergeKey() {
            return "choices." + mount;
        }
    }

    private static Cradle changed(Cradle cradle, List<String> mounts, Function<Isolator, Isolator> change) {
        return cradle.withIsolators(cradle.isolators().stream()
                .map(each -> mounts.contains(each.id()) ? change.apply(each) : each)
                .toList());
    }

    /** Whether a node follows its twin on the other side. */
    record SetLone(String node, boolean lone) implements CradleEdit {
        @Override
        public Cradle applyTo(Cradle cradle) {
            List<String> all = new ArrayList<>(cradle.lone());
            all.remove(node);
            if (lone) {
                all.add(node);
            }
            return cradle.withLone(all);
        }

        @Override
        public Phrase label() {
            return Phrase.of(lone ? "{} goes alone" : "{} follows its twin", node);
        }

        @Override
        public String mergeKey() {
            return "lone." + node;
        }
    }

    /** Whether the mounts are packed by what they sag, so that the donor stands as it is drawn. */
    record PackMounts(boolean packed) implements CradleEdit {
        @Override
        public Cradle applyTo(Cradle cradle) {
            return cradle.withPacked(packed);
        }

        @Override
        public Phrase label() {
            return Phrase.of(packed ? "mounts packed by their sag" : "mounts not packed");
        }

        @Override
        public String mergeKey() {
            return "packed";
        }
    }
}
