package oddcradle.core.placement;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.survey.AdjustedPoint;
import oddcradle.core.survey.Instrument;
import oddcradle.core.survey.SurveyResult;

/**
 * How well a place of donor or host is known: as well as the surveyed point next to it; by tape where there is none. A fixed
 * point of a survey defines its axes and has no error of its own.
 */
public record Surveyed(List<Known> donor, List<Known> host) {
    private static final double BY_TAPE = Instrument.TAPE.lengthSigma();

    /** Nothing was surveyed. */
    public static final Surveyed BY_TAPE_ALONE = new Surveyed(List.of(), List.of());

    /**
     * A surveyed point.
     *
     * @param place host axes, m
     * @param covariance m2
     */
    public record Known(Vec3 place, Mat3 covariance) {}

    public Surveyed {
        donor = List.copyOf(donor);
        host = List.copyOf(host);
    }

    public static Surveyed of(SurveyResult donorSurvey, SurveyResult hostSurvey, Pose pose) {
        return new Surveyed(known(donorSurvey, pose), known(hostSurvey, Pose.IDENTITY));
    }

    private static List<Known> known(SurveyResult survey, Pose pose) {
        List<Known> known = new ArrayList<>();
        for (AdjustedPoint point : survey.points()) {
            if (point.known()) {
                Mat3 turn = pose.rotation();
                known.add(new Known(
                        pose.place(point.position()),
                        turn.times(point.covariance()).times(turn.transposed())));
            }
        }
        return known;
    }

    /** Standard uncertainty of a distance along itself, m. */
    public double sigma(Separation apart, boolean fromDonor) {
        Vec3 between = apart.pointB().minus(apart.pointA());
        Vec3 along = between.length() < 1e-12 ? Vec3.Z : between.unit();
        double squared = variance(host, apart.pointB(), along);
        if (fromDonor) {
            squared += variance(donor, apart.pointA(), along);
        }
        return Math.sqrt(squared);
    }

    /** Covariance of a place of the donor against one of the host, m2. */
    public Mat3 covariance(Vec3 onDonor, Vec3 onHost) {
        return covariance(donor, onDonor).plus(covariance(host, onHost));
    }

    private static Mat3 covariance(List<Known> points, Vec3 near) {
        return nearest(points, near).map(Known::covariance).orElse(Mat3.IDENTITY.times(BY_TAPE * BY_TAPE));
    }

    private static double variance(List<Known> points, Vec3 near, Vec3 along) {
        return Math.max(0, along.dot(covariance(points, near).times(along)));
    }

    private static Optional<Known> nearest(List<Known> points, Vec3 near) {
        Known nearest = null;
        for (Known each : points) {
            if (nearest == null
                    || each.place().minus(near).squaredLength()
                            < nearest.place().minus(near).squaredLength()) {
                nearest = each;
            }
        }
        return Optional.ofNullable(nearest);
    }
}
