package oddcradle.files.report;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.survey.AdjustedPoint;
import oddcradle.core.survey.CheckedReading;
import oddcradle.core.survey.DatumPlane;
import oddcradle.core.survey.FoundFeature;
import oddcradle.core.survey.PatternCheck;
import oddcradle.core.survey.SlipCure;
import oddcradle.core.survey.SurveyResult;
import oddcradle.core.survey.Suspect;

/** An adjusted survey as JSON, SI throughout. */
public final class SurveyJson {
    private SurveyJson() {}

    /** Adds everything about {@code survey} to {@code out}. */
    public static ObjectNode fill(ObjectNode out, SurveyResult survey) {
        out.put("degrees_of_freedom", survey.degreesOfFreedom())
                .put("variance_factor", survey.varianceFactor())
                .put("settled", survey.settled());
        ArrayNode points = out.putArray("points");
        survey.points().forEach(point -> point(points.addObject(), point));
        ArrayNode readings = out.putArray("readings");
        survey.readings().forEach(reading -> reading(readings.addObject(), reading));
        ArrayNode suspects = out.putArray("suspects");
        survey.suspects().forEach(suspect -> suspect(suspects.addObject(), suspect));
        ArrayNode missing = out.putArray("missing");
        survey.missing()
                .forEach(each -> missing.addObject().put("point", each.point()).put("plane", word(each.plane())));
        ArrayNode features = out.putArray("features");
        survey.features().forEach(feature -> feature(features.addObject(), feature));
        ArrayNode patterns = out.putArray("patterns");
        survey.patterns().forEach(pattern -> pattern(patterns.addObject(), pattern));
        return out;
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }

    private static void point(ObjectNode out, AdjustedPoint point) {
        out.put("id", point.id()).put("known", point.known());
        vector(out.putArray("position"), point.position());
        if (point.known()) {
            ArrayNode sigma = out.putArray("sigma");
            for (DatumPlane plane : DatumPlane.values()) {
                sigma.add(point.sigma(plane));
            }
            Mat3 c = point.covariance();
            ArrayNode rows = out.putArray("covariance");
            vector(rows.addArray(), c.row0());
            vector(rows.addArray(), c.row1());
            vector(rows.addArray(), c.row2());
        } else {
            out.putNull("sigma").putNull("covariance");
        }
    }

    private static void reading(ObjectNode out, CheckedReading checked) {
        out.put("id", checked.reading().id())
                .put("value", checked.reading().value())
                .put("sigma", checked.reading().sigma())
                .put("misfit", checked.misfit())
                .put("redundancy", checked.redundancy())
                .put("standardised", checked.standardised())
                .put("used", checked.used());
        if (Double.isFinite(checked.detectable())) {
            out.put("detectable", checked.detectable());
        } else {
            out.putNull("detectable");
        }
    }

    private static void suspect(ObjectNode out, Suspect suspect) {
        out.put("reading", suspect.reading().id())
                .put("alone", suspect.alone())
                .put("off", suspect.off())
                .put("expected", suspect.expected())
                .put("expected_sigma", suspect.expectedSigma());
        ArrayNode cures = out.putArray("cures");
        for (SlipCure cure : suspect.cures()) {
            ObjectNode each = cures.addObject().put("slip", word(cure.slip()));
            each.put("value", cure.mended().value());
            ArrayNode points = each.putArray("points");
            cure.mended().points().forEach(points::add);
        }
    }

    private static void feature(ObjectNode out, FoundFeature found) {
        out.put("id", found.feature().id()).put("shape", word(found.feature().shape()));
        vector(out.putArray("middle"), found.middle());
        vector(out.putArray("direction"), found.direction());
        if (Double.isFinite(found.angleSigma())) {
            out.put("angle_sigma", found.angleSigma());
        } else {
            out.putNull("angle_sigma");
        }
        out.put("out_of_true", found.outOfTrue());
    }

    private static void pattern(ObjectNode out, PatternCheck check) {
        out.put("id", check.pattern().id()).put("agrees", check.agrees());
        ArrayNode holes = out.putArray("holes");
        for (int k = 0; k < check.off().size(); k++) {
            ObjectNode hole = holes.addObject()
                    .put("point", check.pattern().points().get(k))
                    .put("off", check.off().get(k));
            if (Double.isFinite(check.allowed().get(k))) {
                hole.put("allowed", check.allowed().get(k));
            }
        }
    }

    private static void vector(ArrayNode out, Vec3 v) {
        out.add(v.x()).add(v.y()).add(v.z());
    }
}
