package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Optional;
import oddcradle.core.drive.ShaftModel;
import oddcradle.core.math.InvalidValue;

final class ShaftCalculator {
    private ShaftCalculator() {}

    static ObjectNode answer(Fields in) {
        String theory = in.text("theory", "timoshenko");
        if (!theory.equals("timoshenko") && !theory.equals("euler")) {
            throw new InvalidValue("theory", "is \"" + theory + "\", must be timoshenko or euler");
        }
        ShaftModel shaft = new ShaftModel(
                in.number("E"),
                in.number("rho"),
                in.number("nu", 0.3),
                theory.equals("timoshenko"),
                in.list(
                        "segments",
                        segment -> new ShaftModel.Segment(
                                segment.number("length"), segment.number("od"), segment.number("id", 0))),
                in.listIfPresent("discs", disc -> new ShaftModel.Disc(disc.number("x"), disc.number("mass"))),
                in.list(
                        "bearings",
                        bearing -> new ShaftModel.Bearing(
                                bearing.number("x"),
                                bearing.has("k") ? Optional.of(bearing.number("k")) : Optional.empty())));
        return Json.object().put("first_critical_rpm", shaft.criticalSpeed() * 30 / Math.PI);
    }
}
