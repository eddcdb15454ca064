package oddcradle.core.job;

import java.util.List;

/**
 * What the builder wants of the seat and of the way to it.
 *
 * <p>What is left out of a file is as usual, or empty.
 *
 * @param brackets from other machines, to be tried every way round
 * @param neighbours what must follow the seat
 */
public record SeatPlan(
        SeatWishes wishes,
        WayPlan way,
        Lifting lifting,
        FitErrors errors,
        List<Bracket> brackets,
        List<Neighbour> neighbours) {
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

    public SeatPlan withWishes(SeatWishes other) {
        return new SeatPlan(other, way, lifting, errors, brackets, neighbours);
    }

    public SeatPlan withWay(WayPlan other) {
        return new SeatPlan(wishes, other, lifting, errors, brackets, neighbours);
    }

    public SeatPlan withLifting(Lifting other) {
        return new SeatPlan(wishes, way, other, errors, brackets, neighbours);
    }

    public SeatPlan withErrors(FitErrors other) {
        return new SeatPlan(wishes, way, lifting, other, brackets, neighbours);
    }

    public SeatPlan withBrackets(List<Bracket> others) {
        return new SeatPlan(wishes, way, lifting, errors, others, neighbours);
    }
}
