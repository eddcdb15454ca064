package oddcradle.core.naming;

import java.util.List;
import java.util.function.UnaryOperator;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.cradle.TubeJoint;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;

/** A cradle that names nodes, bodies and bosses by other marks. */
record CradleNames(UnaryOperator<String> node, UnaryOperator<String> body, UnaryOperator<String> boss) {
    Cradle in(Cradle cradle) {
        return cradle.withNodes(cradle.nodes().stream().map(this::node).toList())
                .withMembers(cradle.members().stream().map(this::tube).toList())
                .withIsolators(cradle.isolators().stream()
                        .map(each -> each.withNode(node.apply(each.node())).withBoss(boss.apply(each.boss())))
                        .toList())
                .withJoints(cradle.joints().stream().map(this::joint).toList())
                .withDetails(cradle.details().stream().map(this::detail).toList())
                .withLone(all(cradle.lone()));
    }

    Node node(Node each) {
        return new Node(node.apply(each.id()), anchor(each.anchor()));
    }

    Member tube(Member each) {
        return each.withId(body.apply(each.id())).through(all(each.nodes()));
    }

    private List<String> all(List<String> names) {
        return names.stream().map(node).toList();
    }

    private Anchor anchor(Anchor anchor) {
        if (anchor instanceof Anchor.OnMember on) {
            return new Anchor.OnMember(body.apply(on.member()), node.apply(on.near()), on.offset());
        }
        return anchor instanceof Anchor.FromBoss from
                ? new Anchor.FromBoss(boss.apply(from.boss()), from.offset())
                : anchor;
    }

    private TubeJoint joint(TubeJoint joint) {
        return joint.withMember(body.apply(joint.member())).withNode(node.apply(joint.node()));
    }

    private Detail detail(Detail detail) {
        if (detail instanceof Detail.Gusset gusset) {
            return gusset.withNode(node.apply(gusset.node()))
                    .withFirst(body.apply(gusset.first()))
                    .withSecond(body.apply(gusset.second()));
        }
        if (detail instanceof Detail.ClampPad pad) {
            return pad.withNode(node.apply(pad.node()));
        }
        if (detail instanceof Detail.Slide slide) {
            return slide.withNodes(all(slide.nodes()));
        }
        if (detail instanceof Detail.ReliefNotch notch) {
            return notch.withMember(body.apply(notch.member()));
        }
        if (detail instanceof Detail.LandingPad pad) {
            return pad.withBoss(boss.apply(pad.boss()));
        }
        if (detail instanceof Detail.ReusedHanger hanger) {
            return hanger.withBoss(boss.apply(hanger.boss()));
        }
        return detail instanceof Detail.FoldedPlate plate ? plate.withBoss(boss.apply(plate.boss())) : detail;
    }
}
