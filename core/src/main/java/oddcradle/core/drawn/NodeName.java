package oddcradle.core.drawn;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Scan;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.host.Support;
import oddcradle.core.job.line.Line;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.Survey;

/** Another name for a node of the frame, wherever it is named. */
public final class NodeName {
    private final UnaryOperator<String> name;

    private NodeName(String from, String to) {
        this.name = each -> each.equals(from) ? to : each;
    }

    /** @throws InvalidValue if the name is none, or taken by another node */
    public static Job renamed(Job job, String from, String to) {
        Guard.named("name", to);
        boolean taken = job.host().nodes().stream().anyMatch(each -> each.id().equals(to))
                || job.cradle().nodes().stream().anyMatch(each -> each.id().equals(to));
        if (!from.equals(to) && taken) {
            throw new InvalidValue("name", "is \"" + to + "\", which another node has; choose another");
        }
        NodeName naming = new NodeName(from, to);
        // All at once: halfway, names would point at nothing.
        return new Job(
                job.name(),
                job.materials(),
                job.donor(),
                naming.host(job.host()),
                naming.line(job.line()),
                job.seat(),
                naming.cradle(job.cradle()),
                job.cases(),
                job.build(),
                job.candidates(),
                job.weights(),
                job.plan()
                        .withBrackets(job.plan().brackets().stream()
                                .map(each -> each.withNode(naming.name.apply(each.node())))
                                .toList()));
    }

    private List<String> all(List<String> names) {
        return names.stream().map(name).toList();
    }

    private Host host(Host host) {
        return host.withNodes(host.nodes().stream().map(this::node).toList())
                .withMembers(host.members().stream()
                        .map(each -> each.through(all(each.nodes())))
                        .toList())
                .withHardPoints(host.hardPoints().stream()
                        .map(each -> each.withNode(name.apply(each.node())))
                        .toList())
                .withSquares(host.squares().stream()
                        .map(each -> each.withCorners(all(each.corners())))
                        .toList())
                .withMasses(host.masses().stream()
                        .map(each -> each.withNodes(all(each.nodes())))
                        .toList())
                .withSupports(host.supports().stream()
                        .map(each -> new Support(name.apply(each.node()), each.fix(), each.foot()))
                        .toList())
                .withDrivenEnd(
                        host.drivenEnd().withBearings(all(host.drivenEnd().bearings())))
                .withSurvey(survey(host.survey()))
                .withScan(scan(host.scan()));
    }

    private Node node(Node node) {
        Anchor anchor = node.anchor() instanceof Anchor.OnMember on
                ? new Anchor.OnMember(on.member(), name.apply(on.near()), on.offset())
                : node.anchor();
        return new Node(name.apply(node.id()), anchor);
    }

    private Optional<Scan> scan(Optional<Scan> scan) {
        return scan.map(each -> each.withPicks(each.picks().stream()
                .map(pick -> pick.withPoint(name.apply(pick.point())))
                .toList()));
    }

    private Survey survey(Survey survey) {
        return new Survey(
                survey.points().stream()
                        .map(each -> each.withId(name.apply(each.id())))
                        .toList(),
                survey.readings().stream().map(this::reading).toList(),
                survey.features().stream()
                        .map(each -> each.withPoints(all(each.points())))
                        .toList(),
                survey.patterns().stream()
                        .map(each -> each.withPoints(all(each.points())))
                        .toList());
    }

    private Reading reading(Reading reading) {
        if (reading instanceof Reading.Offset offset) {
            return offset.withPoint(name.apply(offset.point()));
        }
        if (reading instanceof Reading.HoleEdge edge) {
            return edge.withPoint(name.apply(edge.point()));
        }
        if (reading instanceof Reading.Distance distance) {
            return distance.withFrom(name.apply(distance.from())).withTo(name.apply(distance.to()));
        }
        if (reading instanceof Reading.OverBores over) {
            return over.withFrom(name.apply(over.from())).withTo(name.apply(over.to()));
        }
        Reading.Slope slope = (Reading.Slope) reading;
        return slope.withFrom(name.apply(slope.from())).withTo(name.apply(slope.to()));
    }

    private Line line(Line line) {
        return line.withStages(
                line.stages(),
                line.shafts().stream()
                        .map(each -> each.standingOn(all(each.bearingNodes())))
                        .toList());
    }

    private Cradle cradle(Cradle cradle) {
        return cradle.withNodes(cradle.nodes().stream().map(this::node).toList())
                .withMembers(cradle.members().stream()
                        .map(each -> each.through(all(each.nodes())))
                        .toList())
                .withIsolators(cradle.isolators().stream()
                        .map(each -> each.withNode(name.apply(each.node())))
                        .toList())
                .withJoints(cradle.joints().stream()
                        .map(each -> each.withNode(name.apply(each.node())))
                        .toList())
                .withDetails(cradle.details().stream().map(this::detail).toList())
                .withLone(all(cradle.lone()));
    }

    private Detail detail(Detail detail) {
        if (detail instanceof Detail.Gusset gusset) {
            return gusset.withNode(name.apply(gusset.node()));
        }
        if (detail instanceof Detail.ClampPad pad) {
            return pad.withNode(name.apply(pad.node()));
        }
        return detail instanceof Detail.Slide slide ? slide.withNodes(all(slide.nodes())) : detail;
    }
}
