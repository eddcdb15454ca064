package oddcradle.core.job.seat;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.line.Line;

/**
 * What the builder wants of the seat and of the way to it.
 *
 * <p>What is left out of a file is as usual, or empty.
 *
 * @param brackets from other machines, to be tried every way round
 * @param neighbours what must follow the seat
 */
@RecordBuilder
public record SeatPlan(
        SeatWishes wishes,
        WayPlan way,
        Lifting lifting,
        FitErrors errors,
        List<Bracket> brackets,
        List<Neighbour> neighbours)
        implements SeatPlanBuilder.With {
    public static final SeatPlan USUAL =
            new SeatPlan(SeatWishes.USUAL, WayPlan.USUAL, Lifting.USUAL, FitErrors.USUAL, List.of(), List.of());

    public SeatPlan {
        wishes = wishes == null ? SeatWishes.USUAL : wishes;
        way = way == null ? WayPlan.USUAL : way;
        lifting = lifting == null ? Lifting.USUAL : lifting;
        errors = errors == null ? FitErrors.USUAL : errors;
        brackets = brackets == null ? List.of() : List.copyOf(brackets);
        neighbours = neighbours == null ? List.of() : List.copyOf(neighbours);
    }

    /** Without what names parts, bosses or nodes that are not there in a job of these. */
    public SeatPlan keptFor(Donor donor, Host host, Line line, Cradle cradle) {
        Set<String> bodies = new HashSet<>();
        donor.bodies().forEach(each -> bodies.add(each.id()));
        host.keepOuts().forEach(each -> bodies.add(each.id()));
        host.members().forEach(each -> bodies.add(each.id()));
        cradle.members().forEach(each -> bodies.add(each.id()));
        line.stages().forEach(each -> bodies.add(each.id()));
        line.shafts().forEach(each -> bodies.add(each.id()));
        Set<String> bosses = new HashSet<>();
        donor.bosses().forEach(each -> bosses.add(each.id()));
        Set<String> nodes = new HashSet<>();
        host.nodes().forEach(each -> nodes.add(each.id()));
        cradle.nodes().forEach(each -> nodes.add(each.id()));
        SeatPlan kept = withWay(new WayPlan(
                        way.removable().stream().filter(bodies::contains).toList(), way.room()))
                .withErrors(errors.withHoles(errors.holes().stream()
                        .filter(each -> bosses.contains(each.boss()))
                        .toList()))
                .withBrackets(brackets.stream()
                        .filter(each -> bosses.contains(each.boss()) && nodes.contains(each.node()))
                        .toList())
                .withNeighbours(neighbours.stream()
                        .filter(each -> each.keepOutNamed().stream().allMatch(bodies::contains))
                        .toList());
        return kept.equals(this) ? this : kept;
    }
}
