package oddcradle.core.search;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.control.Progress;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.math.BoxSearch;

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
    private static final double FAR = 1;

    /**
     * @param id of the obstacle; empty where it is the drive itself
     * @param label of the obstacle
     * @param part of the donor that it is nearest to in the least bad seat
     * @param by how much nearer it would have to be allowed, or be moved, for a seat to be free, m; infinite where that alone
     *     is not enough
     */
    public record Relaxed(String id, String label, String part, double by) {}

    public SeatConflict {
        obstacles = List.copyOf(obstacles);
    }

    static SeatConflict of(SeatMargins margins, SeatSpace space, boolean decided, Progress progress) {
        return new Finder(margins, space, progress).find(decided);
    }

    private record Finder(SeatMargins margins, SeatSpace space, Progress progress) {
        /** Obstacles are gathered as they stand against the best seat left by those gathered before, then thinned out. */
        SeatConflict find(boolean decided) {
            int all = margins.finder().standing().size();
            Set<Integer> conflict = new LinkedHashSet<>();
            double[] free = widest(allBut(conflict, all), 0);
            while (conflict.size() < all) {
                SeatMargins.Tight tight = tight(margins, free);
                if (tight.margin() >= 0 || tight.standing() < 0 || !conflict.add(tight.standing())) {
                    break;
                }
                free = widest(allBut(conflict, all), 0);
                progress.report((double) conflict.size() / (all + 1));
                if (tight(margins.without(allBut(conflict, all)), free).margin() < -FREE) {
                    break;
                }
            }
            for (int s : List.copyOf(conflict)) {
                Set<Integer> others = new LinkedHashSet<>(conflict);
                others.remove(s);
                List<Integer> gone = allBut(others, all);
                if (tight(margins.without(gone), widest(gone, 0)).margin() < -FREE) {
                    conflict.remove(s);
                }
            }
            double[] point = widest(List.of(), Double.NEGATIVE_INFINITY);
            Seat leastBad = space.seat(point);
            List<Relaxed> relaxed = new ArrayList<>();
            for (int s : conflict) {
                SeatMargins own = margins.exactWithout(allBut(Set.of(s), all));
                relaxed.add(new Relaxed(
                        margins.finder().standing().get(s).id(),
                        margins.finder().standing().get(s).label(),
                        tight(own, point).part(),
                        relax(s, own)));
            }
            SeatMargins.Tight worst = tight(margins, point);
            if (worst.standing() < 0 && worst.margin() < 0) {
                relaxed.add(new Relaxed(
                        "", "the drive cannot be made or meets the donor", worst.part(), Double.POSITIVE_INFINITY));
            }
            return new SeatConflict(
                    relaxed,
                    leastBad,
                    -tight(margins.exactWithout(List.of()), point).margin(),
                    decided);
        }

        private static List<Integer> allBut(Set<Integer> kept, int all) {
            List<Integer> gone = new ArrayList<>();
            for (int s = 0; s < all; s++) {
                if (!kept.contains(s)) {
                    gone.add(s);
                }
            }
            return gone;
        }

        private SeatMargins.Tight tight(SeatMargins of, double[] point) {
            return of.tightest(space.seat(point), Double.NEGATIVE_INFINITY, FAR);
        }

        /** The point with most room; one with any room at all where {@code enough} is 0. */
        private double[] widest(List<Integer> gone, double enough) {
            SeatMargins left = margins.without(gone);
            return BoxSearch.run(
                            new Widest(space) {
                                @Override
                                public double score(double[] point) {
                                    return -tight(left, point).margin();
                                }

                                @Override
                                public double goodEnough() {
                                    return enough;
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
        private double relax(int s, SeatMargins own) {
            SeatMargins others = margins.without(List.of(s));
            Optional<BoxSearch.Found> found = BoxSearch.run(
                            new Widest(space) {
                                @Override
                                public double margin(double[] point, double tooLittle, double enough) {
                                    return others.tightest(space.seat(point), tooLittle, enough)
                                            .margin();
                                }

                                @Override
                                public double score(double[] point) {
                                    return -tight(own, point).margin();
                                }
                            },
                            TOLERANCE,
                            BUDGET,
                            progress)
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
