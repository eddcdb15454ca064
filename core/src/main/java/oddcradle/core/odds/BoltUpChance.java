package oddcradle.core.odds;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.random.RandomGenerator;
import oddcradle.core.control.Progress;
import oddcradle.core.math.DenseCholesky;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/**
 * The chance that a body bolts up to holes that were made for it, that its shaft is then in line, and that nothing touches, by
 * drawing all errors at random.
 *
 * <p>In each draw the body is put where its bosses lie best on the holes and their faces: six small movements by least squares,
 * then with more and more weight on the worst bolt (Lawson, 1961, from memory), so that it is not called a failure while some
 * place would do. A boss bolts up when its error across the bolt is within the clearance, along a slot within the slot too.
 *
 * <p>Cost: about a microsecond for each boss and draw. The same generator gives the same answer.
 */
public final class BoltUpChance {
    private static final int SWEEPS = 12;
    /** Across a bolt both ways, and along it. */
    private static final int ROWS = 3;

    private static final double TINY = 1e-18;

    private BoltUpChance() {}

    /**
     * One bolt.
     *
     * @param place of the boss, m
     * @param axis unit direction of the bolt
     * @param clearance of bolt in both holes, on the radius, m
     * @param slot half of what a slot gives beyond that, m
     * @param slotWay unit direction of the slot
     * @param off where the hole is known to be, from its boss, m; nothing where it is still to be made
     * @param spread covariance of hole against boss, or of what is known of it, m2
     */
    public record Bolt(
            String boss, Vec3 place, Vec3 axis, double clearance, double slot, Vec3 slotWay, Vec3 off, Mat3 spread) {
        public Bolt {
            Guard.named("boss", boss);
            Guard.notNegative("clearance", clearance, "m");
            Guard.notNegative("slot", slot, "m");
            Guard.present("off", off);
            axis = axis.unit();
            slotWay = slotWay.unit();
        }
    }

    /**
     * A place that must be right once it is bolted up: across a plane, or off a line.
     *
     * @param place that moves with the body, m
     * @param ways directions that count, one for a plane, two for a line
     * @param tolerance m
     * @param offset where it is as drawn, along each way, m
     * @param spread covariance of where it should be, m2
     */
    public record Aim(Vec3 place, List<Vec3> ways, double tolerance, List<Double> offset, Mat3 spread) {
        public Aim {
            ways = List.copyOf(ways);
            offset = List.copyOf(offset);
            Guard.notNegative("tolerance", tolerance, "m");
        }
    }

    /** A gap that must stay open: its place on the body, its direction, what is left of it, and its own uncertainty, m. */
    public record Clear(Vec3 place, Vec3 towards, double left, double sigma) {}

    public record Input(List<Bolt> bolts, List<Aim> aims, List<Clear> gaps, int draws) {
        private static final int MOST_DRAWS = 1_000_000;

        public Input {
            bolts = List.copyOf(bolts);
            aims = List.copyOf(aims);
            gaps = List.copyOf(gaps);
            Guard.within("draws", draws, 1, MOST_DRAWS, "");
        }
    }

    /**
     * Chances, 0 to 1.
     *
     * @param bolts that every boss bolts up
     * @param line that every aim is met, of the draws that bolt up
     * @param clear that nothing touches
     * @param all that all three are so in one draw
     * @param worstBolt how often each bolt is the one that does not go in
     * @param sigma standard error of {@code all}
     */
    public record Result(double bolts, double line, double clear, double all, List<Double> worstBolt, double sigma) {
        public Result {
            worstBolt = List.copyOf(worstBolt);
        }
    }

    /** @throws Progress.Cancelled if the watcher ends it */
    public static Result of(Input input, RandomGenerator random, Progress progress) {
        return new Run(input).draw(random, progress);
    }

    private static final class Run {
        private final Input input;
        private final int n;
        /** For each bolt the two directions across it, the slot's first where there is one, and its own. */
        private final double[][] ways;

        private final double[] may;
        /** Movement of each of these by the six freedoms of the body. */
        private final double[][] moves;

        private final double[][][] roots;
        private final double[][][] aimRoots;
        private final Vec3 middle;

        Run(Input input) {
            this.input = input;
            this.n = input.bolts().size();
            this.ways = new double[ROWS * n][];
            this.may = new double[n];
            this.moves = new double[ROWS * n][];
            this.roots = new double[n][][];
            Vec3 sum = Vec3.ZERO;
            for (Bolt bolt : input.bolts()) {
                sum = sum.plus(bolt.place());
            }
            this.middle = n == 0 ? Vec3.ZERO : sum.times(1.0 / n);
            for (int k = 0; k < n; k++) {
                Bolt bolt = input.bolts().get(k);
                Vec3 slot = bolt.slotWay().withoutPartAlong(bolt.axis());
                boolean slotted = bolt.slot() > 0 && slot.length() > 1e-3;
                Vec3 first = slotted ? slot.unit() : bolt.axis().anyPerpendicular();
                Vec3 second = bolt.axis().cross(first);
                List<Vec3> three = List.of(first, second, bolt.axis());
                for (int row = 0; row < ROWS; row++) {
                    ways[ROWS * k + row] = array(three.get(row));
                    moves[ROWS * k + row] = move(bolt.place(), three.get(row));
                }
                may[k] = bolt.clearance();
                roots[k] = root(bolt.spread());
            }
            this.aimRoots = new double[input.aims().size()][][];
            for (int k = 0; k < aimRoots.length; k++) {
                aimRoots[k] = root(input.aims().get(k).spread());
            }
        }

        private static double[] array(Vec3 v) {
            return new double[] {v.x(), v.y(), v.z()};
        }

        private double[] move(Vec3 place, Vec3 way) {
            Vec3 turn = place.minus(middle).cross(way);
            return new double[] {way.x(), way.y(), way.z(), turn.x(), turn.y(), turn.z()};
        }

        /** Lower triangle L with L L' the covariance. */
        private static double[][] root(Mat3 spread) {
            double[][] l = new double[3][3];
            for (int i = 0; i < 3; i++) {
                for (int j = 0; j <= i; j++) {
                    double sum = spread.get(i, j);
                    for (int k = 0; k < j; k++) {
                        sum -= l[i][k] * l[j][k];
                    }
                    l[i][j] = i == j ? Math.sqrt(Math.max(0, sum)) : l[j][j] > TINY ? sum / l[j][j] : 0;
                }
            }
            return l;
        }

        private static Vec3 drawn(double[][] root, RandomGenerator random) {
            double a = random.nextGaussian();
            double b = random.nextGaussian();
            double c = random.nextGaussian();
            return new Vec3(
                    root[0][0] * a, root[1][0] * a + root[1][1] * b, root[2][0] * a + root[2][1] * b + root[2][2] * c);
        }

        Result draw(RandomGenerator random, Progress progress) {
            int bolted = 0;
            int inLine = 0;
            int open = 0;
            int all = 0;
            int[] worst = new int[n];
            for (int draw = 0; draw < input.draws(); draw++) {
                if (draw % 500 == 0) {
                    progress.report((double) draw / input.draws());
                }
                double[] errors = new double[ROWS * n];
                for (int k = 0; k < n; k++) {
                    Vec3 error = input.bolts().get(k).off().plus(drawn(roots[k], random));
                    for (int row = ROWS * k; row < ROWS * (k + 1); row++) {
                        errors[row] = dot(ways[row], error);
                    }
                }
                double[] moved = new double[6];
                int bad = bolt(errors, moved);
                boolean goesIn = bad < 0;
                if (!goesIn) {
                    worst[bad]++;
                }
                Vec3 shift = new Vec3(moved[0], moved[1], moved[2]);
                Vec3 turn = new Vec3(moved[3], moved[4], moved[5]);
                boolean met = true;
                for (int k = 0; k < aimRoots.length; k++) {
                    met &= meets(input.aims().get(k), shift, turn, drawn(aimRoots[k], random));
                }
                boolean clears = true;
                for (Clear gap : input.gaps()) {
                    double comes =
                            shift.plus(turn.cross(gap.place().minus(middle))).dot(gap.towards());
                    clears &= gap.left() - comes + gap.sigma() * random.nextGaussian() > 0;
                }
                bolted += goesIn ? 1 : 0;
                inLine += goesIn && met ? 1 : 0;
                open += clears ? 1 : 0;
                all += goesIn && met && clears ? 1 : 0;
            }
            progress.report(1);
            double draws = input.draws();
            List<Double> shares = new ArrayList<>();
            for (int each : worst) {
                shares.add(each / draws);
            }
            double p = all / draws;
            return new Result(
                    bolted / draws,
                    bolted == 0 ? 0 : (double) inLine / bolted,
                    open / draws,
                    p,
                    shares,
                    Math.sqrt(p * (1 - p) / draws));
        }

        private static double dot(double[] a, Vec3 b) {
            return a[0] * b.x() + a[1] * b.y() + a[2] * b.z();
        }

        private boolean meets(Aim aim, Vec3 shift, Vec3 turn, Vec3 error) {
            Vec3 off = shift.plus(turn.cross(aim.place().minus(middle))).minus(error);
            double squared = 0;
            for (int k = 0; k < aim.ways().size(); k++) {
                double here = aim.offset().get(k) + off.dot(aim.ways().get(k));
                squared += here * here;
            }
            return squared <= aim.tolerance() * aim.tolerance();
        }

        /**
         * Where the body goes, put into {@code moved}.
         *
         * @return -1 if every bolt goes in, else the bolt that is farthest off
         */
        private int bolt(double[] errors, double[] moved) {
            if (n == 0) {
                return -1;
            }
            double[] weights = new double[n];
            Arrays.fill(weights, 1);
            int worst = -1;
            double[] best = null;
            double least = Double.POSITIVE_INFINITY;
            for (int sweep = 0; sweep < SWEEPS; sweep++) {
                double[] here = fit(errors, weights);
                double most = 0;
                int at = 0;
                double[] excess = new double[n];
                for (int k = 0; k < n; k++) {
                    excess[k] = excess(errors, here, k);
                    if (excess[k] > most) {
                        most = excess[k];
                        at = k;
                    }
                }
                if (most < least) {
                    least = most;
                    best = here;
                    worst = at;
                }
                if (least <= 1) {
                    break;
                }
                double sum = 0;
                for (int k = 0; k < n; k++) {
                    weights[k] *= Math.max(excess[k], 1e-6);
                    sum += weights[k];
                }
                for (int k = 0; k < n; k++) {
                    weights[k] *= n / sum;
                }
            }
            System.arraycopy(best, 0, moved, 0, 6);
            return least <= 1 ? -1 : worst;
        }

        /** How far off a bolt is, in clearances: at most 1 where it goes in. */
        private double excess(double[] errors, double[] moved, int k) {
            double a = errors[ROWS * k];
            double b = errors[ROWS * k + 1];
            for (int i = 0; i < 6; i++) {
                a -= moves[ROWS * k][i] * moved[i];
                b -= moves[ROWS * k + 1][i] * moved[i];
            }
            a = Math.max(0, Math.abs(a) - input.bolts().get(k).slot());
            double off = Math.hypot(a, b);
            return may[k] > TINY ? off / may[k] : off > 1e-9 ? 1e6 * off : 0;
        }

        private double[] fit(double[] errors, double[] weights) {
            double[][] normal = new double[6][6];
            double[] right = new double[6];
            for (int row = 0; row < ROWS * n; row++) {
                double w = weights[row / ROWS];
                double[] move = moves[row];
                for (int i = 0; i < 6; i++) {
                    double wi = w * move[i];
                    right[i] += wi * errors[row];
                    for (int j = 0; j <= i; j++) {
                        normal[i][j] += wi * move[j];
                    }
                }
            }
            double scale = 0;
            for (int i = 0; i < 6; i++) {
                scale = Math.max(scale, normal[i][i]);
            }
            // What the bolts leave free stays where it is.
            for (int i = 0; i < 6; i++) {
                normal[i][i] += 1e-9 * scale;
            }
            return DenseCholesky.of(normal).orElseThrow().solve(right);
        }
    }
}
