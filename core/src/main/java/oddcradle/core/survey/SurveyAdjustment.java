package oddcradle.core.survey;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.math.InverseOnPattern;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;

/**
 * All readings of a body adjusted together by weighted least squares.
 *
 * <p>Weights are one over the squared standard uncertainty. The covariance of a point is its part of the inverse normal
 * matrix, with the uncertainties as stated (not scaled by the misfits). Readings that do not agree are named and, where it
 * is plain which one is wrong, left out. A point that the readings leave free keeps its place by eye in the free direction and
 * counts as not known.
 *
 * <p>Source: Mikhail and Ackermann, Observations and Least Squares (1976); Baarda (1968) for the search for wrong readings
 * (both from memory).
 *
 * <p>Cost: a few sparse factorisations; one more for every suspect.
 */
public final class SurveyAdjustment {
    private static final double BY_EYE = 1;
    /** For a point that the readings would drive away, m. */
    private static final double NEAR_BY_EYE = 0.01;
    /** In sizes of all that was measured. */
    private static final double FARTHEST = 5;

    private SurveyAdjustment() {}

    public static SurveyResult of(Survey survey) {
        Network network = new Network(survey);
        boolean[] used = allUsed(survey);
        Optional<Snooping> found = Snooping.of(survey, network, used);
        Survey held = survey;
        List<MissingReading> missing = new ArrayList<>();
        Set<String> loose = new HashSet<>();
        for (int round = 0; round <= survey.points().size(); round++) {
            List<MissingReading> more;
            if (found.isEmpty()) {
                RankDiagnosis diagnosis = new RankDiagnosis(network, network.start(used), used);
                more = diagnosis.missing().isEmpty() ? everything(survey) : diagnosis.missing();
                loose.addAll(diagnosis.loose());
                held = heldByEye(held, more, BY_EYE);
            } else {
                more = drifted(survey, network, found.get().fit());
                if (more.isEmpty()) {
                    break;
                }
                more.forEach(each -> loose.add(each.point()));
                held = heldByEye(held, more, NEAR_BY_EYE);
            }
            missing.addAll(more);
            network = new Network(held);
            used = allUsed(held);
            found = Snooping.of(held, network, used);
        }
        Snooping snooping =
                found.orElseThrow(() -> new IllegalStateException("a survey held by eye still has free points"));
        return result(survey, network, used, snooping, missing, loose);
    }

    /** Readings that hold so little that nobody can tell which points they leave free: all are asked for. */
    private static List<MissingReading> everything(Survey survey) {
        List<MissingReading> all = new ArrayList<>();
        survey.points().stream().filter(point -> !point.fixed()).forEach(point -> {
            for (DatumPlane plane : DatumPlane.values()) {
                all.add(new MissingReading(point.id(), plane));
            }
        });
        return all;
    }

    private static boolean[] allUsed(Survey survey) {
        boolean[] used = new boolean[survey.readings().size()];
        Arrays.fill(used, true);
        return used;
    }

    /**
     * Points that readings which hardly hold them have driven far beyond everything that was measured: a slope of nearly
     * nothing is met best at the end of the world.
     */
    private static List<MissingReading> drifted(Survey survey, Network network, Fit fit) {
        double size = 1;
        for (SurveyPoint point : survey.points()) {
            size = Math.max(size, point.about().length());
        }
        for (Reading reading : survey.readings()) {
            size = Math.max(size, reading instanceof Reading.Slope ? 0 : Math.abs(reading.value()));
        }
        List<MissingReading> drifted = new ArrayList<>();
        for (int k = 0; k < network.pointCount(); k++) {
            Vec3 way = fit.places()[k].minus(network.point(k).about());
            if (way.length() > FARTHEST * size) {
                DatumPlane plane = DatumPlane.FORWARD;
                for (DatumPlane each : DatumPlane.values()) {
                    boolean further = Math.abs(way.dot(each.direction())) > Math.abs(way.dot(plane.direction()));
                    plane = further ? each : plane;
                }
                drifted.add(new MissingReading(network.point(k).id(), plane));
            }
        }
        return drifted;
    }

    /** One weak reading for each free motion: they hold what is free and pull at little else. */
    private static Survey heldByEye(Survey survey, List<MissingReading> missing, double sigma) {
        List<Reading> readings = new ArrayList<>(survey.readings());
        for (MissingReading each : missing) {
            Vec3 about = survey.point(each.point()).orElseThrow().about();
            readings.add(new Reading.Offset(
                    "by eye " + each.point() + " " + each.plane(),
                    each.point(),
                    each.plane(),
                    about.dot(each.plane().direction()),
                    Instrument.TAPE,
                    sigma));
        }
        return new Survey(survey.points(), readings, survey.features(), survey.patterns());
    }

    private static SurveyResult result(
            Survey survey,
            Network network,
            boolean[] used,
            Snooping snooping,
            List<MissingReading> missing,
            Set<String> loose) {
        Fit fit = snooping.fit();
        InverseOnPattern inverse = snooping.inverse();
        List<AdjustedPoint> points = new ArrayList<>();
        Map<String, AdjustedPoint> byId = new HashMap<>();
        for (int k = 0; k < network.pointCount(); k++) {
            SurveyPoint point = network.point(k);
            AdjustedPoint adjusted = new AdjustedPoint(
                    point.id(),
                    point.label(),
                    fit.places()[k],
                    covariance(network.firstUnknown(k), inverse),
                    !loose.contains(point.id()));
            points.add(adjusted);
            byId.put(point.id(), adjusted);
        }
        List<CheckedReading> readings = new ArrayList<>();
        int counted = 0;
        for (int k = 0; k < survey.readings().size(); k++) {
            Snooping.Residual residual = snooping.residual(k);
            // A reading that was left out does not check itself.
            readings.add(new CheckedReading(
                    survey.readings().get(k),
                    residual.misfit(),
                    used[k] ? residual.redundancy() : 1,
                    used[k] ? residual.standardised() : 0,
                    used[k]));
            counted += used[k] ? 1 : 0;
        }
        int freedom = counted + missing.size() - network.unknowns();
        return new SurveyResult(
                points,
                readings,
                snooping.suspects(),
                missing,
                survey.features().stream()
                        .map(each -> FeatureFit.of(each, all(byId, each.points())))
                        .toList(),
                survey.patterns().stream()
                        .map(each -> PatternCheck.of(each, all(byId, each.points())))
                        .toList(),
                freedom,
                freedom > 0 ? fit.cost() / freedom : 0,
                fit.steps(),
                fit.settled());
    }

    private static List<AdjustedPoint> all(Map<String, AdjustedPoint> byId, List<String> ids) {
        return ids.stream().map(byId::get).toList();
    }

    private static Mat3 covariance(int first, InverseOnPattern inverse) {
        if (first < 0) {
            return Mat3.ZERO;
        }
        return new Mat3(row(first, 0, inverse), row(first, 1, inverse), row(first, 2, inverse));
    }

    private static Vec3 row(int first, int axis, InverseOnPattern inverse) {
        return new Vec3(
                inverse.get(first + axis, first),
                inverse.get(first + axis, first + 1),
                inverse.get(first + axis, first + 2));
    }
}
