package oddcradle.core.survey;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.DenseAlgebra;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/** Axes and planes by least squares through adjusted points, and how the points' uncertainty turns them. */
final class FeatureFit {
    private static final double STEP = 1e-6;

    private FeatureFit() {}

    /** @param points of the feature, in its order */
    static FoundFeature of(Feature feature, List<AdjustedPoint> points) {
        List<Vec3> places = points.stream().map(AdjustedPoint::position).toList();
        Vec3 direction = direction(feature.shape(), places);
        double[][] spread = new double[3][3];
        for (int k = 0; k < places.size(); k++) {
            Mat3 jacobian = Mat3.ofColumns(
                    turning(feature.shape(), places, k, Vec3.X),
                    turning(feature.shape(), places, k, Vec3.Y),
                    turning(feature.shape(), places, k, Vec3.Z));
            Mat3 part = jacobian.times(points.get(k).covariance()).times(jacobian.transposed());
            for (int i = 0; i < 3; i++) {
                for (int j = 0; j < 3; j++) {
                    spread[i][j] += part.get(i, j);
                }
            }
        }
        double worst = DenseAlgebra.symmetric(spread).value(2);
        boolean known = points.stream().allMatch(AdjustedPoint::known);
        return new FoundFeature(
                feature,
                middle(places),
                direction,
                known ? Math.sqrt(Math.max(0, worst)) : Double.POSITIVE_INFINITY,
                outOfTrue(feature.shape(), places, direction));
    }

    private static Vec3 turning(Feature.Shape shape, List<Vec3> places, int point, Vec3 way) {
        List<Vec3> there = new ArrayList<>(places);
        there.set(point, places.get(point).along(way, STEP));
        List<Vec3> back = new ArrayList<>(places);
        back.set(point, places.get(point).along(way, -STEP));
        return direction(shape, there).minus(direction(shape, back)).times(0.5 / STEP);
    }

    /** The longest direction of the points for an axis, the shortest for a plane; zero spread gives the axis up. */
    private static Vec3 direction(Feature.Shape shape, List<Vec3> places) {
        Vec3 middle = middle(places);
        double[][] scatter = new double[3][3];
        for (Vec3 place : places) {
            Vec3 d = place.minus(middle);
            double[] c = {d.x(), d.y(), d.z()};
            for (int i = 0; i < 3; i++) {
                for (int j = 0; j < 3; j++) {
                    scatter[i][j] += c[i] * c[j];
                }
            }
        }
        double[] v = DenseAlgebra.symmetric(scatter).vector(shape == Feature.Shape.AXIS ? 2 : 0);
        Vec3 direction = new Vec3(v[0], v[1], v[2]).unit();
        Vec3 sense =
                shape == Feature.Shape.AXIS ? places.get(places.size() - 1).minus(places.get(0)) : upwards(direction);
        return direction.dot(sense) < 0 ? direction.negated() : direction;
    }

    /** A plane's direction points up, or forward or left where it is upright. */
    private static Vec3 upwards(Vec3 direction) {
        double steep = 0.5;
        return Math.abs(direction.z()) > steep ? Vec3.Z : Math.abs(direction.x()) > steep ? Vec3.X : Vec3.Y;
    }

    private static double outOfTrue(Feature.Shape shape, List<Vec3> places, Vec3 direction) {
        Vec3 middle = middle(places);
        double worst = 0;
        for (Vec3 place : places) {
            Vec3 from = place.minus(middle);
            double off = shape == Feature.Shape.AXIS
                    ? from.withoutPartAlong(direction).length()
                    : Math.abs(from.dot(direction));
            worst = Math.max(worst, off);
        }
        return worst;
    }

    private static Vec3 middle(List<Vec3> places) {
        Vec3 sum = Vec3.ZERO;
        for (Vec3 place : places) {
            sum = sum.plus(place);
        }
        return sum.times(1.0 / places.size());
    }
}
