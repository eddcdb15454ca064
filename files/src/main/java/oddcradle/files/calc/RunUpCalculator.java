package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ObjectNode;
import oddcradle.core.vibration.RunUp;
import oddcradle.core.vibration.RunUpAnalysis;

final class RunUpCalculator {
    private static final double RPM = 2 * Math.PI / 60;

    private RunUpCalculator() {}

    static ObjectNode answer(Fields in) {
        RunUp run = new RunUp(
                in.number("mass"),
                in.number("stiffness"),
                in.number("damping"),
                in.number("unbalance"),
                in.optional(
                        "snubber",
                        each -> new RunUp.Snubber(
                                each.number("stiffness"), each.number("gap_plus"), each.number("gap_minus"))),
                in.number("rpm_start") * RPM,
                in.number("rpm_end") * RPM,
                in.number("duration"));
        RunUp.Peaks peaks = RunUpAnalysis.solve(run);
        return Json.object()
                .put("peak_displacement", peaks.displacement())
                .put("time_at_peak", peaks.time())
                .put("rpm_at_peak", peaks.speed() / RPM)
                .put("peak_force", peaks.force());
    }
}
