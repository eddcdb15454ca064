package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Optional;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.mounting.BushStiffness;
import oddcradle.core.mounting.InclinedPair;
import oddcradle.core.mounting.PadStiffness;

final class RubberCalculator {
    private RubberCalculator() {}

    static ObjectNode answer(Fields in) {
        Optional<ObjectNode> pad = in.optional("pad", RubberCalculator::pad);
        Optional<ObjectNode> bush = in.optional("bush", RubberCalculator::bush);
        Optional<ObjectNode> pair = in.optional("pair", RubberCalculator::pair);
        if (pad.isEmpty() && bush.isEmpty() && pair.isEmpty()) {
            throw new InvalidValue("", "asks nothing; give pad, bush or pair");
        }
        ObjectNode out = Json.object();
        pad.ifPresent(each -> out.set("pad", each));
        bush.ifPresent(each -> out.set("bush", each));
        pair.ifPresent(each -> out.set("pair", each));
        return out;
    }

    private static ObjectNode pad(Fields in) {
        PadStiffness.Face face = in.object("shape", RubberCalculator::face);
        double thickness = in.number("thickness");
        int layers = in.has("layers") ? in.integer("layers") : 1;
        PadStiffness pad = PadStiffness.of(
                face,
                thickness,
                layers,
                new PadStiffness.Rubber(in.number("E"), in.number("G"), in.number("k"), given(in, "bulk")));
        ObjectNode out = Json.object()
                .put("area", pad.area())
                .put("shape_factor", pad.shapeFactor())
                .put("compression_modulus", pad.compressionModulus())
                .put("compression_stiffness", pad.compression())
                .put("shear_stiffness", pad.shear());
        pad.compressionModulusBulk().ifPresent(bulk -> out.put("compression_modulus_bulk", bulk));
        pad.compressionBulk().ifPresent(bulk -> out.put("compression_stiffness_bulk", bulk));
        given(in, "load").ifPresent(load -> {
            double deflection = Guard.notNegative("load", load, "N") / pad.bestCompression();
            out.put("deflection", deflection).put("strain", deflection / (layers * thickness));
        });
        return out;
    }

    private static PadStiffness.Face face(Fields in) {
        String type = in.text("type", "");
        return switch (type) {
            case "rect" -> PadStiffness.Face.rectangle(in.number("a"), in.number("b"));
            case "disc" -> PadStiffness.Face.disc(in.number("d"));
            case "ring" -> PadStiffness.Face.ring(in.number("d_out"), in.number("d_in"));
            default -> throw new InvalidValue("type", "is \"" + type + "\", must be rect, disc or ring");
        };
    }

    private static ObjectNode bush(Fields in) {
        BushStiffness bush = BushStiffness.of(
                in.number("inner_radius"),
                in.number("outer_radius"),
                in.number("length"),
                in.number("G"),
                given(in, "bulk"));
        ObjectNode out = Json.object()
                .put("axial_stiffness", bush.axial())
                .put("torsional_stiffness", bush.torsional())
                .put("radial_stiffness", bush.radial())
                .put("radial_stiffness_long", bush.radialLong())
                .put("radial_stiffness_short", bush.radialShort());
        bush.radialLongBulk().ifPresent(bulk -> out.put("radial_stiffness_long_bulk", bulk));
        return out;
    }

    private static ObjectNode pair(Fields in) {
        InclinedPair pair = InclinedPair.of(
                in.number("compression_stiffness"),
                in.number("shear_stiffness"),
                in.number("angle"),
                in.number("half_spacing"));
        return Json.object()
                .put("vertical", pair.vertical())
                .put("lateral", pair.lateral())
                .put("longitudinal", pair.longitudinal())
                .put("elastic_centre_height", pair.elasticCentreHeight())
                .put("roll_stiffness", pair.roll());
    }

    private static Optional<Double> given(Fields in, String name) {
        return in.has(name) ? Optional.of(in.number(name)) : Optional.empty();
    }
}
