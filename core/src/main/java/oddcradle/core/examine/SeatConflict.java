package oddcradle.core.examine;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.control.Progress;
import oddcradle.core.job.Seat;
import oddcradle.core.math.BoxSearch;
import oddcradle.core.seating.Bay;

/**
 * Why no seat is free: a smallest set of obstacles that leave none together, though any of them gone would leave one of the
 * others' conflict. Found by dropping one after the other while the rest still conflict.
 *
 * @param obstacles in conflict, each with what relaxing it alone would give
 * @param leastBad the seat where most room is left
 * @param lacks what is lacking there, m
 * @param decided whether the whole range was decided; else the search ended before it
 */
public record SeatConflict(List<Relaxed> obstacles, Seat leastBad, double lacks, boolean decided) {
    private static final int BUDGET = 20_000;
    /** Of the room that is lacking, m. */
    private static final double TOLERANCE = 0.001;

    private static final double FREE = 1e-6;

    /**
     * @param label of the obstacle
     * @param part of the donor that it is nearest to in the least bad seat
     * @param by how much nearer it would have to be allowed, or be moved, for a seat to be free, m; infinite where that alone
     *     is not enough
     */
    public record Relaxed(String id, String label, String part, double by) {}

    public SeatConflict {
        obstacles = List.copyOf(obstacles);
    }

    static SeatConflict of(Bay bay, SeatSpace space, boolean decided, Progress progress) {
        return new Finder(bay, space).find(decided, progress);
    }

    private record Finder(Bay bay, SeatSpace space) {
        SeatConflict find(boolean decided, Progress progress) {
            double[] point = widest(List.of(), progress.part(0, 0.2));
            Seat leastBad = space.seat(point);
            double lacks = -margin(bay, point);
            Set<Integer> conflict = new LinkedHashSet<>();
            for (int s = 0; s < bay.standing().size(); s++) {
                conflict.add(s);
            }
            int all = conflict.size();
            for (int s = 0; s < all && space.low().length > 0; s++) {
                List<Integer> gone = outside(conflict, all);
                gone.add(s);
                if (lacking(gone) > FREE) {
                    conflict.remove(s);
                }
                progress.report(0.2 + 0.6 * s / all);
            }
            if (space.low().length == 0) {
                conflict.removeIf(s -> margin(bay.without(List.of(), outside(Set.of(s), all)), point) >= 0);
            }
            List<Relaxed> relaxed = new ArrayList<>();
            for (int s : conflict) {
                Bay.Tightest nearest =
                        bay.without(List.of(), outside(Set.of(s), all)).probe().tightest(leastBad.pose());
                relaxed.add(new Relaxed(
                        bay.standing().get(s).id(),
                        bay.standing().get(s).label(),
                        nearest.moved() < 0
                                ? ""
                                : bay.moved().get(nearest.moved()).label(),
                        relax(s, all)));
                progress.report(0.9);
            }
            return new SeatConflict(relaxed, leastBad, lacks, decided);
        }

        private static List<Integer> outside(Set<Integer> kept, int all) {
            List<Integer> gone = new ArrayList<>();
            for (int s = 0; s < all; s++) {
                if (!kept.contains(s)) {
                    gone.add(s);
                }
            }
            return gone;
        }

        private double margin(Bay of, double[] point) {
            return of.probe().tightest(space.seat(point).pose()).margin();
        }

        /** How much room the best seat lacks without some obstacles, m; negative where it has some to spare. */
        private double lacking(List<Integer> gone) {
            return -margin(bay.without(List.of(), gone), widest(gone, Progress.UNWATCHED));
        }

        /** The point with most room. */
        private double[] widest(List<Integer> gone, Progress progress) {
            if (space.low().length == 0) {
                return new double[0];
            }
            Bay.Probe probe = bay.without(List.of(), gone).probe();
            return BoxSearch.run(
                            new Widest(space) {
                                @Override
                                public double score(double[] point) {
                                    return -probe.tightest(space.seat(point).pose())
                                            .margin();
                                }
                            },
                            TOLERANCE,
                            BUDGET,
                            progress)
                    .found()
                    .map(BoxSearch.Found::point)
                    .orElse(space.startPoint());
        }

        /** The least that one obstacle must give way where all others keep their room. */
        private double relax(int s, int all) {
            Bay.Probe others = bay.without(List.of(), List.of(s)).probe();
            Bay.Probe own = bay.without(List.of(), outside(Set.of(s), all)).probe();
            if (space.low().length == 0) {
                return others.tightest(space.start().pose()).margin() < 0
                        ? Double.POSITIVE_INFINITY
                        : -own.tightest(space.start().pose()).margin();
            }
            Optional<BoxSearch.Found> found = BoxSearch.run(
                            new Widest(space) {
                                @Override
                                public double margin(double[] point, double tooLittle, double enough) {
                                    return others.tightest(space.seat(point).pose(), tooLittle, enough)
                                            .margin();
                                }

                                @Override
                                public double score(double[] point) {
                                    return -own.tightest(space.seat(point).pose())
                                            .margin();
                                }
                            },
                            TOLERANCE,
                            BUDGET,
                            Progress.UNWATCHED)
                    .found();
            return found.map(BoxSearch.Found::score).orElse(Double.POSITIVE_INFINITY);
        }
    }

    /** Over the whole space, every point allowed. */
    private abstract static class Widest implements BoxSearch.Problem {
        private final SeatSpace space;

        Widest(SeatSpace space) {
            this.space = space;
        }

        @Override
        public double[] low() {
            return space.low();
        }

        @Override
        public double[] high() {
            return space.high();
        }

        @Override
        public double[] marginSlopes() {
            return space.speeds();
        }

        @Override
        public double[] scoreSlopes() {
            return space.speeds();
        }

        @Override
        public double margin(double[] point, double tooLittle, double enough) {
            return enough;
        }
    }
}
