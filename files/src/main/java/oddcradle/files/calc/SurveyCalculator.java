package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.survey.DatumPlane;
import oddcradle.core.survey.Feature;
import oddcradle.core.survey.HolePattern;
import oddcradle.core.survey.Instrument;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.Survey;
import oddcradle.core.survey.SurveyAdjustment;
import oddcradle.core.survey.SurveyPoint;
import oddcradle.files.report.SurveyJson;

final class SurveyCalculator {
    private SurveyCalculator() {}

    static ObjectNode answer(Fields in) {
        Survey survey = new Survey(
                in.list("points", SurveyCalculator::point),
                in.list("readings", SurveyCalculator::reading),
                in.listIfPresent("features", SurveyCalculator::feature),
                in.listIfPresent("patterns", SurveyCalculator::pattern));
        return SurveyJson.fill(Json.object(), SurveyAdjustment.of(survey));
    }

    private static SurveyPoint point(Fields in) {
        String id = in.text("id");
        return SurveyPoint.of(
                id, in.text("label", id), in.vector("about", Vec3.ZERO), in.number("bore", 0), in.flag("fixed", false));
    }

    private static Reading reading(Fields in) {
        String type = in.text("type");
        String id = in.text("id");
        Instrument instrument = word(Instrument.class, "instrument", in.text("instrument", "tape"));
        boolean angle = type.equals("slope");
        double sigma = in.number("sigma", angle ? instrument.angleSigma() : instrument.lengthSigma());
        double value = in.number("value");
        return switch (type) {
            case "offset" ->
                new Reading.Offset(
                        id,
                        in.text("point"),
                        word(DatumPlane.class, "plane", in.text("plane")),
                        value,
                        instrument,
                        sigma);
            case "hole_edge" ->
                new Reading.HoleEdge(
                        id,
                        in.text("point"),
                        word(DatumPlane.class, "plane", in.text("plane")),
                        word(Reading.Edge.class, "edge", in.text("edge", "near")),
                        in.number("diameter"),
                        value,
                        instrument,
                        sigma);
            case "distance" -> new Reading.Distance(id, in.text("from"), in.text("to"), value, instrument, sigma);
            case "over_bores" ->
                new Reading.OverBores(
                        id,
                        in.text("from"),
                        in.text("to"),
                        word(Reading.Sides.class, "sides", in.text("sides", "outer")),
                        in.number("from_bore"),
                        in.number("to_bore"),
                        value,
                        instrument,
                        sigma);
            case "slope" -> new Reading.Slope(id, in.text("from"), in.text("to"), value, instrument, sigma);
            default ->
                throw new InvalidValue(
                        "type", "is \"" + type + "\", must be offset, hole_edge, distance, over_bores or slope");
        };
    }

    private static Feature feature(Fields in) {
        String id = in.text("id");
        return new Feature(
                id, in.text("label", id), word(Feature.Shape.class, "shape", in.text("shape")), in.texts("points"));
    }

    private static HolePattern pattern(Fields in) {
        String id = in.text("id");
        return new HolePattern(
                id, in.text("label", id), in.texts("points"), in.vectors("places"), in.number("tolerance"));
    }

    private static <E extends Enum<E>> E word(Class<E> type, String field, String word) {
        for (E each : type.getEnumConstants()) {
            if (each.name().equalsIgnoreCase(word)) {
                return each;
            }
        }
        StringBuilder known = new StringBuilder();
        for (E each : type.getEnumConstants()) {
            known.append(known.length() == 0 ? "" : ", ").append(each.name().toLowerCase(Locale.ROOT));
        }
        throw new InvalidValue(field, "is \"" + word + "\", must be one of " + known);
    }
}
