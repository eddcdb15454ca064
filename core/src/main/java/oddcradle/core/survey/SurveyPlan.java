package oddcradle.core.survey;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oddcradle.core.math.Vec3;

/**
 * What to measure next: first the offsets that fix each point, then one distance for each point that nothing checks yet, over
 * the bores where both ends are holes; where no distance is left, a reading once more.
 */
public final class SurveyPlan {
    private static final double SHORTEST = 0.02;

    private SurveyPlan() {}

    /** @return wanted readings in the order to take them; empty when every point is fixed and checked */
    public static List<Wanted> next(Survey survey, SurveyResult result) {
        List<Wanted> wanted = new ArrayList<>();
        for (SurveyPoint point : survey.points()) {
            for (DatumPlane plane : DatumPlane.values()) {
                if (result.missing().contains(new MissingReading(point.id(), plane))) {
                    wanted.add(offset(survey, point, plane, survey.nextReadingId()));
                }
            }
        }
        if (wanted.isEmpty()) {
            survey.points().stream()
                    .filter(point -> !point.fixed() && !isChecked(point, result))
                    .flatMap(point -> check(survey, result, point).stream())
                    .forEach(wanted::add);
        }
        return wanted;
    }

    /** Whether a slip in a reading of this point would show. */
    private static boolean isChecked(SurveyPoint point, SurveyResult result) {
        return result.readings().stream()
                .filter(each -> each.used() && each.reading().points().contains(point.id()))
                .allMatch(CheckedReading::checked);
    }

    private static Wanted offset(Survey survey, SurveyPoint point, DatumPlane plane, String id) {
        Instrument instrument = survey.readings().stream()
                .filter(each -> each instanceof Reading.Offset)
                .reduce((first, second) -> second)
                .map(Reading::instrument)
                .orElse(Instrument.STEEL_RULE);
        double value = point.about().dot(plane.direction());
        String hold = instrument.word() + " square to the " + plane.word() + " datum plane, to the middle of "
                + point.label()
                + (plane == DatumPlane.LEFT ? "; right of it counts negative" : "");
        return new Wanted(
                new Reading.Offset(id, point.id(), plane, value, instrument, instrument.lengthSigma()),
                Wanted.Reason.FIXES,
                hold);
    }

    /** To the nearest other point that it has no distance to yet. */
    private static Optional<Wanted> check(Survey survey, SurveyResult result, SurveyPoint point) {
        Vec3 at = result.point(point.id()).orElseThrow().position();
        return survey.points().stream()
                .filter(other -> !other.id().equals(point.id()) && !joined(survey, point, other))
                .filter(other -> place(result, other).distanceTo(at) > SHORTEST)
                .min(Comparator.comparing(other -> place(result, other).distanceTo(at)))
                .map(other -> over(survey, point, other, place(result, other).distanceTo(at)))
                .or(() -> again(survey, result, point));
    }

    /** Where no new distance is left: the reading that would hide the largest slip, taken once more. */
    private static Optional<Wanted> again(Survey survey, SurveyResult result, SurveyPoint point) {
        return result.readings().stream()
                .filter(each -> each.used() && !each.checked())
                .map(CheckedReading::reading)
                .filter(each -> each instanceof Reading.Offset && each.points().contains(point.id()))
                .map(each -> (Reading.Offset) each)
                .findFirst()
                .map(each -> new Wanted(
                        new Reading.Offset(
                                survey.nextReadingId(),
                                each.point(),
                                each.plane(),
                                each.value(),
                                each.instrument(),
                                each.sigma()),
                        Wanted.Reason.CHECKS,
                        "again, with fresh eyes: " + each.instrument().word() + " square to the "
                                + each.plane().word() + " datum plane, to the middle of " + point.label()));
    }

    private static Vec3 place(SurveyResult result, SurveyPoint point) {
        return result.point(point.id()).orElseThrow().position();
    }

    private static boolean joined(Survey survey, SurveyPoint a, SurveyPoint b) {
        return survey.readings().stream()
                .anyMatch(each -> !(each instanceof Reading.Slope)
                        && each.points().contains(a.id())
                        && each.points().contains(b.id()));
    }

    private static Wanted over(Survey survey, SurveyPoint a, SurveyPoint b, double centres) {
        Instrument instrument = centres > 0.3 ? Instrument.TAPE : Instrument.CALIPER;
        double sigma = instrument.lengthSigma();
        String id = survey.nextReadingId();
        if (a.bore() > 0 && b.bore() > 0) {
            double value = centres + (a.bore() + b.bore()) / 2;
            return new Wanted(
                    new Reading.OverBores(
                            id, a.id(), b.id(), Reading.Sides.OUTER, a.bore(), b.bore(), value, instrument, sigma),
                    Wanted.Reason.CHECKS,
                    instrument.word() + " over the outer sides of the bores of " + a.label() + " and " + b.label());
        }
        return new Wanted(
                new Reading.Distance(id, a.id(), b.id(), centres, instrument, sigma),
                Wanted.Reason.CHECKS,
                instrument.word() + " from the middle of " + a.label() + " straight to the middle of " + b.label());
    }
}
