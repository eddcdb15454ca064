package oddcradle.core.seating;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.geometry.distance.PreparedSolid;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.geometry.motion.Sweep;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/**
 * A body and what stands round it, made ready to be asked for gaps in very many poses. Balls round the body's solids against the
 * exact shape of what stands prove most pairs far without working them out. Gaps are exact; of an overlap only a depth is told that
 * is no more than the true one.
 */
public final class GapFinder {
    /** What a pair has to keep, and what it draws nearer by. */
    public interface Needs {
        /** Room of a pair, m; NaN where it is not held apart. */
        double room(int moved, int standing);

        /** What the pair draws nearer by along its shortest distance, m. */
        default double draws(int moved, int standing, Separation apart, Pose pose) {
            return 0;
        }

        /** No pose draws the pair nearer by more, m. */
        default double mostDraw(int moved, int standing) {
            return 0;
        }
    }

    /** All pairs count and need nothing. */
    public static final Needs NONE = (moved, standing) -> 0;

    private final List<BodyShape> moved;
    private final List<BodyShape> standing;
    private final List<Piece> pieces = new ArrayList<>();
    private final List<Obstacle> obstacles = new ArrayList<>();
    private final Needs needs;
    private final double[][] rooms;
    private final double[][] mostDraws;
    /** Room and most draw of each pair. */
    private final double[][] keeps;

    private final boolean exact;

    private record Piece(int body, PreparedSolid solid, Vec3 centre, double radius) {}

    private record Obstacle(int body, PreparedSolid solid, Optional<Sweep> sweep) {
        /** Whether no point of it is nearer than that, m; false too where that is not proven. */
        boolean isProvenBeyond(double distance, double x, double y, double z) {
            return sweep.isEmpty()
                    ? solid.noNearerThan(x, y, z) >= distance
                    : sweep.get().isProvenBeyond(distance, x, y, z);
        }
    }

    public GapFinder(List<BodyShape> moved, List<BodyShape> standing, Needs needs) {
        this(moved, standing, needs, false);
    }

    private GapFinder(List<BodyShape> moved, List<BodyShape> standing, Needs needs, boolean exact) {
        this.exact = exact;
        this.moved = List.copyOf(moved);
        this.standing = List.copyOf(standing);
        this.needs = needs;
        for (int m = 0; m < moved.size(); m++) {
            int body = m;
            moved.get(m).solids().forEach(solid -> {
                PreparedSolid prepared = PreparedSolid.of(solid);
                pieces.add(new Piece(body, prepared, prepared.centre(), prepared.ballRadius()));
            });
        }
        for (int s = 0; s < standing.size(); s++) {
            BodyShape each = standing.get(s);
            int body = s;
            each.solids()
                    .forEach(solid -> obstacles.add(new Obstacle(
                            body,
                            PreparedSolid.of(solid),
                            each.motions().isEmpty()
                                    ? Optional.empty()
                                    : Optional.of(Sweep.of(solid, each.motions())))));
        }
        this.rooms = new double[moved.size()][standing.size()];
        this.mostDraws = new double[moved.size()][standing.size()];
        this.keeps = new double[moved.size()][standing.size()];
        for (int m = 0; m < moved.size(); m++) {
            for (int s = 0; s < standing.size(); s++) {
                rooms[m][s] = needs.room(m, s);
                mostDraws[m][s] = needs.mostDraw(m, s);
                keeps[m][s] = rooms[m][s] + mostDraws[m][s];
            }
        }
    }

    /** Two bodies by their places in the lists. */
    public record Pair(int moved, int standing) {}

    /**
     * The tightest pair of a pose; bodies by their place in the lists, -1 where nothing is nearer than was asked for.
     *
     * @param margin m
     */
    public record Tightest(double margin, int moved, int standing, Optional<Separation> apart) {}

    public List<BodyShape> moved() {
        return moved;
    }

    public List<BodyShape> standing() {
        return standing;
    }

    /** The same with some of what stands taken away. */
    public GapFinder without(List<Integer> goneMoved, List<Integer> goneStanding) {
        return new GapFinder(
                moved,
                standing,
                new Needs() {
                    @Override
                    public double room(int m, int s) {
                        return goneMoved.contains(m) || goneStanding.contains(s) ? Double.NaN : needs.room(m, s);
                    }

                    @Override
                    public double draws(int m, int s, Separation apart, Pose pose) {
                        return needs.draws(m, s, apart, pose);
                    }

                    @Override
                    public double mostDraw(int m, int s) {
                        return needs.mostDraw(m, s);
                    }
                },
                exact);
    }

    /** The same where overlaps are told to their true depth too; that takes long. */
    public GapFinder exact() {
        return new GapFinder(moved, standing, needs, true);
    }

    /** Asks for many poses one after the other; for one thread. */
    public Probe probe() {
        return new Probe();
    }

    public final class Probe {
        /** Where the last pose was tightest: the next is likely to be so there too. */
        private int lastPiece;

        private int lastObstacle;

        private Probe() {}

        /** The least margin of a pose; {@code Infinity} where no pair counts. */
        public Tightest tightest(Pose pose) {
            return tightest(pose, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);
        }

        /**
         * Margins in m. @param tooLittle a margin below this may be answered as it is, though a lesser one may follow
         * @param enough margins from here on are all alike
         */
        public Tightest tightest(Pose pose, double tooLittle, double enough) {
            Tightest best = new Tightest(enough, -1, -1, Optional.empty());
            if (pieces.isEmpty() || obstacles.isEmpty()) {
                return best;
            }
            int firstPiece = lastPiece;
            int firstObstacle = lastObstacle;
            best = tighter(best, pose, firstPiece, firstObstacle, tooLittle);
            if (best.margin() < tooLittle) {
                return best;
            }
            for (int p = 0; p < pieces.size(); p++) {
                Piece piece = pieces.get(p);
                Vec3 centre = pose.place(piece.centre());
                double x = centre.x();
                double y = centre.y();
                double z = centre.z();
                double[] room = keeps[piece.body()];
                for (int o = 0; o < obstacles.size(); o++) {
                    Obstacle obstacle = obstacles.get(o);
                    double keep = room[obstacle.body()];
                    if (obstacle.isProvenBeyond(best.margin() + keep + piece.radius(), x, y, z)
                            || p == firstPiece && o == firstObstacle) {
                        continue;
                    }
                    best = tighter(best, pose, p, o, tooLittle);
                    if (best.margin() < tooLittle) {
                        return best;
                    }
                }
            }
            return best;
        }

        /** All pairs with less margin than that in a pose. Distance in m. */
        public Set<Pair> closer(Pose pose, double than) {
            Set<Pair> close = new HashSet<>();
            for (Piece piece : pieces) {
                Vec3 centre = pose.place(piece.centre());
                for (Obstacle obstacle : obstacles) {
                    double reach = than + keeps[piece.body()][obstacle.body()];
                    Pair pair = new Pair(piece.body(), obstacle.body());
                    if (!obstacle.isProvenBeyond(reach + piece.radius(), centre.x(), centre.y(), centre.z())
                            && !close.contains(pair)
                            && apart(piece.solid().placed(pose), obstacle, reach, reach)
                                            .distance()
                                    < reach) {
                        close.add(pair);
                    }
                }
            }
            return close;
        }

        /**
         * The tightest of some other solids to what stands, in host axes.
         *
         * @param loose the body they are, by its place in a list of the caller's
         * @param looseNeeds told of that place in place of a moved body's
         */
        public Tightest tightestOf(
                List<PreparedSolid> solids, int loose, Needs looseNeeds, double tooLittle, double enough) {
            Tightest best = new Tightest(enough, -1, -1, Optional.empty());
            for (PreparedSolid solid : solids) {
                Vec3 centre = solid.centre();
                double radius = solid.ballRadius();
                for (Obstacle obstacle : obstacles) {
                    double room = looseNeeds.room(loose, obstacle.body());
                    double keep = room + looseNeeds.mostDraw(loose, obstacle.body());
                    if (Double.isNaN(keep)
                            || obstacle.isProvenBeyond(
                                    best.margin() + keep + radius, centre.x(), centre.y(), centre.z())) {
                        continue;
                    }
                    Separation apart = apart(solid, obstacle, tooLittle + room, best.margin() + keep);
                    double margin =
                            apart.distance() - room - looseNeeds.draws(loose, obstacle.body(), apart, Pose.IDENTITY);
                    if (margin < best.margin()) {
                        best = new Tightest(margin, loose, obstacle.body(), Optional.of(apart));
                    }
                    if (best.margin() < tooLittle) {
                        return best;
                    }
                }
            }
            return best;
        }

        private Separation apart(PreparedSolid here, Obstacle obstacle, double tooLittle, double enough) {
            if (obstacle.sweep().isPresent()) {
                return obstacle.sweep().get().quickly(here, tooLittle, enough);
            }
            return exact ? SolidDistance.between(here, obstacle.solid()) : SolidDistance.quick(here, obstacle.solid());
        }

        private Tightest tighter(Tightest best, Pose pose, int p, int o, double tooLittle) {
            Piece piece = pieces.get(p);
            Obstacle obstacle = obstacles.get(o);
            double keep = keeps[piece.body()][obstacle.body()];
            if (Double.isNaN(keep)) {
                return best;
            }
            PreparedSolid here = piece.solid().placed(pose);
            Separation apart =
                    apart(here, obstacle, tooLittle + rooms[piece.body()][obstacle.body()], best.margin() + keep);
            double margin = apart.distance() - rooms[piece.body()][obstacle.body()];
            if (margin < best.margin() + mostDraws[piece.body()][obstacle.body()]) {
                margin -= needs.draws(piece.body(), obstacle.body(), apart, pose);
                if (margin < best.margin()) {
                    lastPiece = p;
                    lastObstacle = o;
                    return new Tightest(margin, piece.body(), obstacle.body(), Optional.of(apart));
                }
            }
            return best;
        }
    }
}
