package oddcradle.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import oddcradle.core.math.NodeOrdering;
import oddcradle.core.math.SparseSymmetric;
import oddcradle.core.math.Vec3;
import oddcradle.core.survey.DatumPlane;
import oddcradle.core.survey.Instrument;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.Survey;
import oddcradle.core.survey.SurveyAdjustment;
import oddcradle.core.survey.SurveyPoint;
import oddcradle.core.survey.SurveyResult;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;

/**
 * 200 points and 800 readings adjusted, covariances and checks included, beside one bare solution of normal equations of the
 * same pattern: assembled from rows that are given, put in order, factored, solved once.
 */
@State(Scope.Thread)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class SurveyBenchmark {
    private static final int POINTS = 200;
    private static final int READINGS = 800;
    private static final int LONG = 20;

    private Survey survey;
    private List<List<Integer>> neighbours;
    private int[][] columns;
    private double[][] rows;
    private double[] misfits;

    @Setup
    public void prepare() {
        Random noise = new Random(1);
        List<Vec3> truth = new ArrayList<>();
        List<SurveyPoint> points = new ArrayList<>();
        for (int k = 0; k < POINTS; k++) {
            truth.add(new Vec3(0.15 * (k % LONG), 0.2 * (k / LONG) + 0.01 * (k % 3), 0.3 + 0.05 * (k % 7)));
            Vec3 about = truth.get(k).plus(new Vec3(0.004 * noise.nextGaussian(), 0.004 * noise.nextGaussian(), 0.004));
            points.add(SurveyPoint.of("P" + k, "P" + k, about, 0, false));
        }
        List<Reading> readings = new ArrayList<>();
        for (int k = 0; k < POINTS; k++) {
            for (DatumPlane plane : DatumPlane.values()) {
                double value = truth.get(k).dot(plane.direction()) + 0.001 * noise.nextGaussian();
                readings.add(new Reading.Offset("o" + readings.size(), "P" + k, plane, value, Instrument.TAPE, 0.001));
            }
        }
        for (int k = 0; readings.size() < READINGS; k++) {
            int other = k % LONG == LONG - 1 ? k + LONG - 1 : k + 1;
            int b = other < POINTS ? other : k - LONG;
            double value = truth.get(k).distanceTo(truth.get(b)) + 0.0002 * noise.nextGaussian();
            readings.add(new Reading.Distance("d" + k, "P" + k, "P" + b, value, Instrument.CALIPER, 0.0002));
        }
        survey = new Survey(points, readings, List.of(), List.of());
        rows(truth);
    }

    /** Rows of the design matrix over their uncertainty. */
    private void rows(List<Vec3> truth) {
        neighbours = new ArrayList<>();
        truth.forEach(point -> neighbours.add(new ArrayList<>()));
        for (Reading reading : survey.readings()) {
            if (reading instanceof Reading.Distance d) {
                neighbours.get(index(d.from())).add(index(d.to()));
                neighbours.get(index(d.to())).add(index(d.from()));
            }
        }
        columns = new int[READINGS][];
        rows = new double[READINGS][];
        misfits = new double[READINGS];
        for (int k = 0; k < READINGS; k++) {
            Reading reading = survey.readings().get(k);
            double weight = 1 / reading.sigma();
            if (reading instanceof Reading.Offset o) {
                columns[k] = new int[] {3 * index(o.point()) + o.plane().ordinal()};
                rows[k] = new double[] {weight};
            } else {
                Reading.Distance d = (Reading.Distance) reading;
                int a = 3 * index(d.from());
                int b = 3 * index(d.to());
                Vec3 u = truth.get(index(d.to()))
                        .minus(truth.get(index(d.from())))
                        .unit()
                        .times(weight);
                columns[k] = new int[] {a, a + 1, a + 2, b, b + 1, b + 2};
                rows[k] = new double[] {-u.x(), -u.y(), -u.z(), u.x(), u.y(), u.z()};
            }
            misfits[k] = 0.001 * weight;
        }
    }

    private static int index(String id) {
        return Integer.parseInt(id.substring(1));
    }

    @Benchmark
    public SurveyResult survey() {
        return SurveyAdjustment.of(survey);
    }

    @Benchmark
    public double[] bareNormalEquations() {
        int[] place = new int[3 * POINTS];
        int[] order = NodeOrdering.reverseCuthillMcKee(neighbours);
        for (int k = 0; k < 3 * POINTS; k++) {
            place[3 * order[k / 3] + k % 3] = k;
        }
        SparseSymmetric.Builder normal = new SparseSymmetric.Builder(3 * POINTS, 21 * READINGS);
        double[] right = new double[3 * POINTS];
        for (int k = 0; k < READINGS; k++) {
            for (int i = 0; i < columns[k].length; i++) {
                right[place[columns[k][i]]] += rows[k][i] * misfits[k];
                for (int j = 0; j < columns[k].length; j++) {
                    normal.add(place[columns[k][i]], place[columns[k][j]], rows[k][i] * rows[k][j]);
                }
            }
        }
        return normal.build().factor().orElseThrow().solve(right);
    }
}
