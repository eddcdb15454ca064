package oddcradle.core.survey;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import oddcradle.core.math.Vec3;

/** Four bosses of an engine measured the way a builder does: offsets with a rule, then distances over the bores. */
final class Surveys {
    static final List<Vec3> BOSSES = List.of(
            new Vec3(0.3271, 0.0982, -0.1104),
            new Vec3(0.3268, -0.1013, -0.1098),
            new Vec3(-0.0412, 0.1007, 0.1304),
            new Vec3(-0.0405, -0.0994, 0.1299));
    static final double BORE = 0.0102;

    private Surveys() {}

    static List<SurveyPoint> points() {
        List<SurveyPoint> points = new ArrayList<>();
        for (int k = 0; k < BOSSES.size(); k++) {
            Vec3 about = new Vec3(k < 2 ? 0.33 : -0.04, k % 2 == 0 ? 0.1 : -0.1, k < 2 ? -0.11 : 0.13);
            points.add(SurveyPoint.of("B" + (k + 1), "boss " + (k + 1), about, BORE, false));
        }
        return points;
    }

    /** Every offset and all six distances over the bores, read with the noise of a rule and a caliper. */
    static Survey measured(Random noise) {
        List<Reading> readings = new ArrayList<>();
        for (int k = 0; k < 4; k++) {
            for (DatumPlane plane : DatumPlane.values()) {
                double value = BOSSES.get(k).dot(plane.direction()) + 0.0004 * noise.nextGaussian();
                readings.add(new Reading.Offset(
                        "R" + (readings.size() + 1), "B" + (k + 1), plane, value, Instrument.STEEL_RULE, 0.0004));
            }
        }
        for (int a = 0; a < 4; a++) {
            for (int b = a + 1; b < 4; b++) {
                double value = BOSSES.get(a).distanceTo(BOSSES.get(b)) + BORE + 0.0001 * noise.nextGaussian();
                readings.add(new Reading.OverBores(
                        "R" + (readings.size() + 1),
                        "B" + (a + 1),
                        "B" + (b + 1),
                        Reading.Sides.OUTER,
                        BORE,
                        BORE,
                        value,
                        Instrument.CALIPER,
                        0.0001));
            }
        }
        return new Survey(points(), readings, List.of(), List.of());
    }

    static Survey with(List<SurveyPoint> points, Reading... readings) {
        return new Survey(points, List.of(readings), List.of(), List.of());
    }

    static SurveyPoint fixed(String id, double x, double y, double z) {
        return SurveyPoint.of(id, id, new Vec3(x, y, z), 0, true);
    }

    static SurveyPoint free(String id, double x, double y, double z) {
        return SurveyPoint.of(id, id, new Vec3(x, y, z), 0, false);
    }

    static Reading distance(String id, String from, String to, double value) {
        return new Reading.Distance(id, from, to, value, Instrument.TAPE, 0.001);
    }

    static Reading offset(String id, String point, DatumPlane plane, double value) {
        return new Reading.Offset(id, point, plane, value, Instrument.TAPE, 0.001);
    }
}
