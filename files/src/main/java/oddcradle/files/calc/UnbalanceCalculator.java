package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import oddcradle.core.balance.BalanceGrade;
import oddcradle.core.balance.BalancePart;
import oddcradle.core.balance.TrialWeights;
import oddcradle.core.balance.TrialWeights.Trial;
import oddcradle.core.balance.Unbalance;
import oddcradle.core.math.Complex;
import oddcradle.core.math.InvalidValue;

final class UnbalanceCalculator {
    /** Gram millimetres in a kilogram metre. */
    private static final double GMM = 1e6;

    private static final double RPM = 2 * Math.PI / 60;
    private static final double MILLI = 1e-3;

    private UnbalanceCalculator() {}

    static ObjectNode answer(Fields in) {
        ObjectNode out = Json.object();
        in.optional("correction", UnbalanceCalculator::correction).ifPresent(each -> out.set("correction", each));
        in.optional("one_plane", UnbalanceCalculator::onePlane).ifPresent(each -> out.set("one_plane", each));
        in.optional("two_plane", UnbalanceCalculator::twoPlane).ifPresent(each -> out.set("two_plane", each));
        in.optional("grade", UnbalanceCalculator::grade).ifPresent(each -> out.set("grade", each));
        if (out.isEmpty()) {
            throw new InvalidValue("", "needs one of correction, one_plane, two_plane, grade");
        }
        return out;
    }

    private static ObjectNode correction(Fields in) {
        List<BalancePart> parts = in.list("parts", UnbalanceCalculator::part);
        Unbalance sum = in.optional("initial", each -> Unbalance.at(each.number("gmm") / GMM, each.number("angle")))
                .orElse(Unbalance.NONE);
        ObjectNode out = Json.object();
        ArrayNode amounts = out.putArray("parts_gmm");
        for (BalancePart part : parts) {
            amounts.add(part.amount() * GMM);
            sum = sum.plus(part.unbalance());
        }
        out.putObject("resultant")
                .put("x_gmm", sum.x() * GMM)
                .put("y_gmm", sum.y() * GMM)
                .put("gmm", sum.amount() * GMM)
                .put("angle", sum.angle());
        return out;
    }

    private static BalancePart part(Fields in) {
        String type = in.text("type");
        return switch (type) {
            case "mass" -> new BalancePart.Mass(in.number("mass"), in.number("radius"), in.number("angle"));
            case "hole" -> new BalancePart.Hole(bore(in), in.number("density"), in.number("angle"));
            case "plug" ->
                new BalancePart.Plug(bore(in), in.number("density"), in.number("plug_density"), in.number("angle"));
            default -> throw new InvalidValue("type", "is \"" + type + "\", must be mass, hole or plug");
        };
    }

    private static BalancePart.Bore bore(Fields in) {
        String direction = in.text("direction", "axial");
        if (!direction.equals("axial") && !direction.equals("radial")) {
            throw new InvalidValue("direction", "is \"" + direction + "\", must be axial or radial");
        }
        return new BalancePart.Bore(
                in.number("diameter"),
                in.number("depth"),
                in.number("tip_angle", Math.PI),
                direction.equals("axial") ? BalancePart.Direction.AXIAL : BalancePart.Direction.RADIAL,
                in.number("radius"));
    }

    private static Complex reading(Fields in) {
        double amplitude = in.number("amplitude");
        if (amplitude < 0) {
            throw new InvalidValue("amplitude", "is " + amplitude + ", must be 0 or more");
        }
        return TrialWeights.polar(amplitude, in.number("phase"));
    }

    private static Trial trial(Fields in) {
        return new Trial(in.number("mass"), in.number("radius"), in.number("angle"));
    }

    private static ObjectNode onePlane(Fields in) {
        Trial trial = in.object("trial", UnbalanceCalculator::trial);
        double radius = positive("correction_radius", in.number("correction_radius", trial.radius()));
        TrialWeights.OnePlane answer = TrialWeights.onePlane(
                in.object("initial", UnbalanceCalculator::reading),
                in.object("with_trial", UnbalanceCalculator::reading),
                trial,
                in.flag("trial_left_on", false));
        ObjectNode out = Json.object();
        out.putObject("influence")
                .put("re", answer.influence().re())
                .put("im", answer.influence().im());
        out.set("correction", correction(answer.correction(), radius));
        return out;
    }

    private static double positive(String field, double value) {
        if (!(value > 0)) {
            throw new InvalidValue(field, "is " + value + " m, must be greater than 0");
        }
        return value;
    }

    private static ObjectNode correction(Unbalance unbalance, double radius) {
        return Json.object()
                .put("mass", unbalance.amount() / radius)
                .put("angle", unbalance.angle())
                .put("gmm", unbalance.amount() * GMM);
    }

    private record Run(Trial trial, List<Complex> readings) {}

    private static ObjectNode twoPlane(Fields in) {
        List<Complex> initial = two("initial", in.list("initial", UnbalanceCalculator::reading));
        List<Run> runs = two(
                "trials",
                in.list(
                        "trials",
                        each -> new Run(
                                trial(each), two("readings", each.list("readings", UnbalanceCalculator::reading)))));
        List<Double> radii = in.has("correction_radius")
                ? two("correction_radius", in.numbers("correction_radius"))
                : runs.stream().map(run -> run.trial().radius()).toList();
        for (int k = 0; k < 2; k++) {
            positive("correction_radius[" + k + "]", radii.get(k));
        }
        TrialWeights.TwoPlanes answer = TrialWeights.twoPlanes(
                initial,
                runs.stream().map(Run::trial).toList(),
                runs.stream().map(Run::readings).toList(),
                in.flag("first_trial_left_on", false));
        ObjectNode out = Json.object();
        ObjectNode influence = out.putObject("influence");
        ArrayNode re = influence.putArray("re");
        ArrayNode im = influence.putArray("im");
        for (List<Complex> row : answer.influence()) {
            re.add(Json.numbers(row.stream().map(Complex::re).toList()));
            im.add(Json.numbers(row.stream().map(Complex::im).toList()));
        }
        ArrayNode corrections = out.putArray("corrections");
        for (int k = 0; k < 2; k++) {
            corrections.add(correction(answer.corrections().get(k), radii.get(k)));
        }
        return out;
    }

    private static <T> List<T> two(String field, List<T> values) {
        if (values.size() != 2) {
            throw new InvalidValue(field, "has " + values.size() + " entries, must have 2");
        }
        return new ArrayList<>(values);
    }

    private static ObjectNode grade(Fields in) {
        BalanceGrade grade = new BalanceGrade(in.number("g") * MILLI, in.number("mass"), in.number("rpm") * RPM);
        ObjectNode out = Json.object()
                .put("permissible_gmm", grade.permissible() * GMM)
                .put("permissible_eccentricity", grade.eccentricity());
        if (in.has("bearing_a") || in.has("bearing_b") || in.has("cg")) {
            double a = in.number("bearing_a");
            double b = in.number("bearing_b");
            double cg = in.number("cg");
            BalanceGrade.Share first = grade.share(a, b, cg);
            BalanceGrade.Share second = grade.share(b, a, cg);
            out.put("bearing_a_unlimited_gmm", first.unlimited() * GMM)
                    .put("bearing_b_unlimited_gmm", second.unlimited() * GMM)
                    .put("bearing_a_gmm", first.limited() * GMM)
                    .put("bearing_b_gmm", second.limited() * GMM);
        }
        if (in.has("residual_gmm")) {
            out.put("grade_reached", grade.reached(in.number("residual_gmm") / GMM) / MILLI);
        }
        return out;
    }
}
