package oddcradle.core.asbuilt;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.DenseCholesky;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;

/**
 * A stiff body on elastic holes: with {@code K} the inverse of what holes and frame give, {@code u = (R'KR)^-1 R'K o} makes the work {@code
 * (Ru - o)'K(Ru - o) / 2} least, {@code o} where the holes are. Bolts move in their play, a disc across each, to lessen it further, until none moves.
 *
 * <p>Least work (Castigliano, from memory), and the dual of a frame's flexibility; the descent over discs is convex, so its end is the least there is.
 */
public final class BodyOnHoles {
    private static final int FEWEST = 3;
    private static final int MOST = 60;
    private static final int STEPS = 3_000;
    private static final int POWERS = 40;
    /** Powers come from below. */
    private static final double SPARE = 1.1;

    /** Bolts that move less have come to rest, m. */
    private static final double AT_REST = 1e-9;

    /** Of the largest entry: holes in one line let the body turn about it. */
    private static final double ONE_LINE = 1e-9;

    /** By hand bolts are wiggled in across a million times as hard as they are held along, N/m. */
    private static final double WIGGLED = 1e6;

    private static final double LOOSE = 1;

    /** Of the softest mount: what a hand pushes by is nothing to a bolt. */
    private static final double GUIDED = 1e-3;

    private final List<Vec3> places;
    private final Vec3 middle;
    /** Stiffness of all holes together, N/m. */
    private final double[][] stiffness;
    /** Movement of each hole's three ways by the six freedoms. */
    private final double[][] moves;
    /** From the places of the holes to the six freedoms. */
    private final double[][] follows;
    /** What is left of the stiffness once the body has given way, N/m. */
    private final double[][] held;

    private final double stiffest;
    /** The six freedoms that guides alone push it by. */
    private final double[] pushed;
    /** What that bends the holes by, N. */
    private final double[] pushes;

    private BodyOnHoles(List<Vec3> places, Vec3 middle, double[][] stiffness, List<Guide> guides) {
        this.places = List.copyOf(places);
        this.middle = middle;
        this.stiffness = stiffness;
        this.moves = new double[3 * places.size()][];
        for (int k = 0; k < places.size(); k++) {
            System.arraycopy(moves(places.get(k), middle), 0, moves, 3 * k, 3);
        }
        double[][] pulled = times(stiffness, moves);
        double[][] whole = transposedTimes(moves, pulled);
        double[][] push = new double[6][1];
        double hand = GUIDED * softest(stiffness);
        for (Guide guide : guides) {
            double[][] way = moves(guide.place(), middle);
            double[][] held = transposedTimes(way, way);
            double[] towards = {
                guide.towards().x(), guide.towards().y(), guide.towards().z()
            };
            for (int i = 0; i < 6; i++) {
                for (int j = 0; j < 6; j++) {
                    whole[i][j] += hand * held[i][j];
                }
                for (int axis = 0; axis < 3; axis++) {
                    push[i][0] += hand * way[axis][i] * towards[axis];
                }
            }
        }
        this.follows = solved(whole, transposed(pulled));
        this.pushed = transposed(solved(whole, push))[0];
        this.pushes = times(pulled, pushed);
        double[][] given = times(pulled, follows);
        this.held = new double[stiffness.length][stiffness.length];
        for (int i = 0; i < held.length; i++) {
            for (int j = 0; j < held.length; j++) {
                held[i][j] = stiffness[i][j] - given[i][j];
            }
        }
        this.stiffest = largest(held);
    }

    private static double[][] moves(Vec3 place, Vec3 middle) {
        Vec3 arm = place.minus(middle);
        return new double[][] {
            {1, 0, 0, 0, arm.z(), -arm.y()}, {0, 1, 0, -arm.z(), 0, arm.x()}, {0, 0, 1, arm.y(), -arm.x(), 0}
        };
    }

    private static double softest(double[][] stiffness) {
        double least = Double.POSITIVE_INFINITY;
        for (int k = 0; k < stiffness.length; k++) {
            least = Math.min(least, stiffness[k][k]);
        }
        return least;
    }

    /**
     * @param places of the bosses, three or more, not in one line, m
     * @param give what holes and frame give together: entry (3 i + a, 3 j + b) is the way of hole i along axis a under 1 N on hole j along b, m/N; symmetric, every hole gives
     */
    public static BodyOnHoles of(List<Vec3> places, double[][] give) {
        return of(places, give, List.of());
    }

    /**
     * The same by somebody who lines it up while the bolts still have play.
     *
     * @param places of the bosses, m
     * @param give what holes and frame give together, m/N
     * @param guides places of the body that are pushed to the line, as far as play lets them, m
     */
    public static BodyOnHoles of(List<Vec3> places, double[][] give, List<Guide> guides) {
        Guard.within("mounts", places.size(), FEWEST, MOST, "mounts");
        Vec3 sum = Vec3.ZERO;
        for (Vec3 place : places) {
            sum = sum.plus(place);
        }
        Vec3 middle = sum.times(1.0 / places.size());
        requireNoLine(places, middle);
        double[][] stiffness = DenseAlgebra.inverseOfPositive(give).orElseThrow(BodyOnHoles::rigid);
        return new BodyOnHoles(places, middle, stiffness, guides);
    }

    /**
     * On holes that know nothing of each other.
     *
     * @param along stiffness along each mount's own way, N/m
     * @param across N/m
     */
    public static BodyOnHoles apart(List<Hole> holes, double along, double across) {
        double[][] give = new double[3 * holes.size()][3 * holes.size()];
        for (int k = 0; k < holes.size(); k++) {
            addGive(give, k, holes.get(k).up(), 1 / along, 1 / across);
        }
        return of(holes.stream().map(Hole::place).toList(), give);
    }

    /** Before any bolt is tight: wiggled across as hard as it takes, pulled down by nothing. */
    public static BodyOnHoles byHand(List<Hole> holes) {
        return apart(holes, LOOSE, WIGGLED);
    }

    /** Adds what one mount gives along its bolt and across, m/N. */
    public static void addGive(double[][] give, int mount, Vec3 along, double givesAlong, double givesAcross) {
        double[] way = {along.x(), along.y(), along.z()};
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                give[3 * mount + i][3 * mount + j] +=
                        (i == j ? givesAcross : 0) + (givesAlong - givesAcross) * way[i] * way[j];
            }
        }
    }

    private static void requireNoLine(List<Vec3> places, Vec3 middle) {
        double most = 0;
        double beside = 0;
        Vec3 farthest = Vec3.X;
        for (Vec3 place : places) {
            if (place.distanceTo(middle) > most) {
                most = place.distanceTo(middle);
                farthest = place.minus(middle).times(1 / most);
            }
        }
        for (Vec3 place : places) {
            beside = Math.max(
                    beside, place.minus(middle).withoutPartAlong(farthest).length());
        }
        if (!(beside > ONE_LINE * most)) {
            throw new InvalidValue("mounts", "lie in one line and let the body turn about it; add one beside it");
        }
    }

    /**
     * Somewhere on the body that lines up with what it drives.
     *
     * @param place as drawn, m
     * @param towards from there to the line; zero where it is drawn in line, m
     */
    public record Guide(Vec3 place, Vec3 towards) {}

    /** How the body lies once it is bolted down. @param holes in the order of the places */
    public Seated on(List<Hole> holes) {
        double[] offset = new double[3 * holes.size()];
        for (int k = 0; k < holes.size(); k++) {
            put(offset, k, holes.get(k).off());
        }
        // Whoever pushes it before the bolts are tight begins about where it was drawn.
        double[] play = new double[offset.length];
        for (int k = 0; k < holes.size(); k++) {
            Hole hole = holes.get(k);
            put(play, k, hole.beyondPlay().minus(hole.off().withoutPartAlong(hole.up())));
        }
        if (holes.stream().anyMatch(hole -> hole.play() > 0)) {
            settle(holes, offset, play);
        }
        double[] taken = sum(offset, play);
        double[] six = sum(times(follows, taken), pushed);
        SmallMotion motion =
                new SmallMotion(middle, new Vec3(six[0], six[1], six[2]), new Vec3(six[3], six[4], six[5]));
        double[] left = times(moves, six);
        for (int k = 0; k < left.length; k++) {
            left[k] -= taken[k];
        }
        return new Seated(motion, vectors(play), vectors(left), vectors(times(stiffness, left)));
    }

    /** Where the body lies if no bolt has any play: quick, for very many. */
    public SmallMotion follow(List<Vec3> offsets) {
        double[] all = new double[3 * offsets.size()];
        for (int k = 0; k < offsets.size(); k++) {
            put(all, k, offsets.get(k));
        }
        double[] six = times(follows, all);
        return new SmallMotion(middle, new Vec3(six[0], six[1], six[2]), new Vec3(six[3], six[4], six[5]));
    }

    /**
     * How far a place can be pushed along its way by all bolts together within the play that is left to them, before they are tight, m: the support
     * function of their discs.
     */
    public double reach(Aim aim, List<Hole> holes) {
        double reach = 0;
        for (int k = 0; k < holes.size(); k++) {
            Vec3 up = holes.get(k).up();
            Vec3 gain = new Vec3(gain(aim, k, Vec3.X), gain(aim, k, Vec3.Y), gain(aim, k, Vec3.Z));
            reach += holes.get(k).playLeft() * gain.withoutPartAlong(up).length();
        }
        return reach;
    }

    /** What a place moves along its way for a metre of one hole. */
    private double gain(Aim aim, int hole, Vec3 way) {
        double[] offset = new double[3 * places.size()];
        put(offset, hole, way);
        double[] six = times(follows, offset);
        return new SmallMotion(middle, new Vec3(six[0], six[1], six[2]), new Vec3(six[3], six[4], six[5]))
                .at(aim.place())
                .dot(aim.way());
    }

    /** Projected gradients with momentum that is dropped where it leads uphill: Beck and Teboulle (2009), O'Donoghue and Candès (2015), from memory. */
    private void settle(List<Hole> holes, double[] offset, double[] play) {
        double[] ahead = play.clone();
        double momentum = 1;
        for (int step = 0; step < STEPS; step++) {
            double[] slope = times(held, sum(offset, ahead));
            for (int i = 0; i < slope.length; i++) {
                slope[i] -= pushes[i];
            }
            double moved = 0;
            double uphill = 0;
            double[] before = play.clone();
            for (int k = 0; k < holes.size(); k++) {
                Hole hole = holes.get(k);
                Vec3 free =
                        vector(ahead, k).along(vector(slope, k), -1 / stiffest).withoutPartAlong(hole.up());
                double length = free.length();
                Vec3 within = length > hole.play() ? free.times(hole.play() / length) : free;
                Vec3 change = within.minus(vector(before, k));
                moved = Math.max(moved, change.length());
                uphill += vector(ahead, k).minus(within).dot(change);
                put(play, k, within);
            }
            if (moved < AT_REST) {
                return;
            }
            double next = uphill > 0 ? 1 : (1 + Math.sqrt(1 + 4 * momentum * momentum)) / 2;
            double share = uphill > 0 ? 0 : (momentum - 1) / next;
            for (int i = 0; i < play.length; i++) {
                ahead[i] = play[i] + share * (play[i] - before[i]);
            }
            momentum = next;
        }
    }

    /** Somewhat more than the largest of a symmetric matrix's values, by powers of it. */
    private static double largest(double[][] matrix) {
        double[] way = new double[matrix.length];
        for (int k = 0; k < way.length; k++) {
            way[k] = 1 + 0.37 * (k % 7);
        }
        double largest = 0;
        for (int round = 0; round < POWERS; round++) {
            double[] next = times(matrix, way);
            double length = 0;
            for (double each : next) {
                length += each * each;
            }
            length = Math.sqrt(length);
            largest = length;
            if (length == 0) {
                return 1;
            }
            for (int k = 0; k < way.length; k++) {
                way[k] = next[k] / length;
            }
        }
        return SPARE * largest;
    }

    private static void put(double[] all, int k, Vec3 vector) {
        all[3 * k] = vector.x();
        all[3 * k + 1] = vector.y();
        all[3 * k + 2] = vector.z();
    }

    private static Vec3 vector(double[] all, int k) {
        return new Vec3(all[3 * k], all[3 * k + 1], all[3 * k + 2]);
    }

    private static List<Vec3> vectors(double[] all) {
        List<Vec3> vectors = new ArrayList<>();
        for (int k = 0; k < all.length / 3; k++) {
            vectors.add(vector(all, k));
        }
        return vectors;
    }

    private static double[] sum(double[] a, double[] b) {
        double[] sum = a.clone();
        for (int k = 0; k < sum.length; k++) {
            sum[k] += b[k];
        }
        return sum;
    }

    private static double[] times(double[][] matrix, double[] vector) {
        double[] out = new double[matrix.length];
        for (int i = 0; i < out.length; i++) {
            double sum = 0;
            for (int j = 0; j < vector.length; j++) {
                sum += matrix[i][j] * vector[j];
            }
            out[i] = sum;
        }
        return out;
    }

    private static double[][] times(double[][] a, double[][] b) {
        double[][] out = new double[a.length][b[0].length];
        for (int i = 0; i < a.length; i++) {
            for (int k = 0; k < b.length; k++) {
                for (int j = 0; j < b[0].length; j++) {
                    out[i][j] += a[i][k] * b[k][j];
                }
            }
        }
        return out;
    }

    private static double[][] transposed(double[][] a) {
        double[][] out = new double[a[0].length][a.length];
        for (int i = 0; i < a.length; i++) {
            for (int j = 0; j < a[0].length; j++) {
                out[j][i] = a[i][j];
            }
        }
        return out;
    }

    private static double[][] transposedTimes(double[][] a, double[][] b) {
        return times(transposed(a), b);
    }

    /** Solution of {@code matrix x = right} by columns. */
    private static double[][] solved(double[][] matrix, double[][] right) {
        DenseCholesky factor = DenseCholesky.of(matrix).orElseThrow(BodyOnHoles::rigid);
        double[][] columns = transposed(right);
        double[][] out = new double[columns.length][];
        for (int k = 0; k < columns.length; k++) {
            out[k] = factor.solve(columns[k]);
        }
        return transposed(out);
    }

    private static InvalidValue rigid() {
        return new InvalidValue("mounts", "give nothing in some direction; each must give");
    }
}
