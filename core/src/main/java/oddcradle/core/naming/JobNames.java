package oddcradle.core.naming;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Scan;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.host.Support;
import oddcradle.core.job.line.Line;
import oddcradle.core.job.make.Build;
import oddcradle.core.job.seat.Clearances;
import oddcradle.core.job.seat.FitErrors;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.job.seat.SeatPlan;
import oddcradle.core.job.seat.WayPlan;

/** A job that names nodes, bodies and bosses by other marks. */
record JobNames(UnaryOperator<String> node, UnaryOperator<String> body, UnaryOperator<String> boss) {
    /** All at once: halfway, names would point at nothing. */
    Job in(Job job) {
        return new Job(
                job.name(),
                job.materials(),
                new DonorNames(body, boss).in(job.donor()),
                host(job.host()),
                line(job.line()),
                job.seat(),
                new CradleNames(node, body, boss).in(job.cradle()),
                job.cases(),
                build(job.build()),
                job.candidates(),
                job.weights(),
                plan(job.plan()),
                marked(job.asBuilt(), markOf(job)),
                job.around(),
                job.book());
    }

    static List<String> all(UnaryOperator<String> name, List<String> names) {
        return names.stream().map(name).toList();
    }

    private Host host(Host host) {
        CradleNames tubes = new CradleNames(node, body, boss);
        return host.withNodes(host.nodes().stream().map(tubes::node).toList())
                .withMembers(host.members().stream().map(tubes::tube).toList())
                .withKeepOuts(host.keepOuts().stream()
                        .map(each -> each.withId(body.apply(each.id())))
                        .toList())
                .withHardPoints(host.hardPoints().stream()
                        .map(each -> each.withNode(node.apply(each.node())))
                        .toList())
                .withSquares(host.squares().stream()
                        .map(each -> each.withCorners(all(node, each.corners())))
                        .toList())
                .withMasses(host.masses().stream()
                        .map(each -> each.withNodes(all(node, each.nodes())))
                        .toList())
                .withSupports(host.supports().stream()
                        .map(each -> new Support(node.apply(each.node()), each.fix(), each.foot()))
                        .toList())
                .withDrivenEnd(
                        host.drivenEnd().withBearings(all(node, host.drivenEnd().bearings())))
                .withSurvey(new SurveyNames(node).in(host.survey()))
                .withScan(scan(host.scan(), node));
    }

    static Optional<Scan> scan(Optional<Scan> scan, UnaryOperator<String> point) {
        return scan.map(each -> each.withPicks(each.picks().stream()
                .map(pick -> pick.withPoint(point.apply(pick.point())))
                .toList()));
    }

    private Line line(Line line) {
        return line.withStages(
                        line.stages(),
                        line.shafts().stream()
                                .map(each -> each.standingOn(all(node, each.bearingNodes())))
                                .toList())
                .withDatum(line.datum()
                        .withPivot(line.datum().pivot().map(each -> each.withBoss(boss.apply(each.boss())))));
    }

    private Build build(Build build) {
        Clearances clearances = build.clearances();
        return build.withClearances(clearances.withPairs(clearances.pairs().stream()
                .map(each -> new Clearances.PairRule(
                        body.apply(each.part()), body.apply(each.obstacle()), each.room(), each.reason()))
                .toList()));
    }

    /** Points of the finished mount bear the marks of mounts, or else of nodes. */
    private UnaryOperator<String> markOf(Job job) {
        Set<String> mounts = job.cradle().isolators().stream().map(Isolator::id).collect(Collectors.toSet());
        return each -> mounts.contains(each) ? each : node.apply(each);
    }

    /** Points of the finished mount by other marks. */
    static AsBuilt marked(AsBuilt built, UnaryOperator<String> point) {
        return built.withMeasured(built.measured().stream()
                        .map(each -> each.withSurvey(new SurveyNames(point).in(each.survey())))
                        .toList())
                .withScan(scan(built.scan(), point));
    }

    private SeatPlan plan(SeatPlan plan) {
        return plan.withWay(new WayPlan(
                        all(body, plan.way().removable()), plan.way().room()))
                .withErrors(plan.errors()
                        .withHoles(plan.errors().holes().stream()
                                .map(each -> new FitErrors.Hole(
                                        boss.apply(each.boss()), each.diameter(), each.slot(), each.along()))
                                .toList()))
                .withBrackets(plan.brackets().stream()
                        .map(each -> each.withNode(node.apply(each.node())).withBoss(boss.apply(each.boss())))
                        .toList())
                .withNeighbours(plan.neighbours().stream().map(this::neighbour).toList());
    }

    private Neighbour neighbour(Neighbour neighbour) {
        if (neighbour instanceof Neighbour.Tank tank) {
            return tank.withTank(body.apply(tank.tank()));
        }
        if (neighbour instanceof Neighbour.Occupant occupant) {
            return occupant.withKeepOut(body.apply(occupant.keepOut()));
        }
        return neighbour instanceof Neighbour.Panel panel ? panel.withKeepOut(body.apply(panel.keepOut())) : neighbour;
    }
}
