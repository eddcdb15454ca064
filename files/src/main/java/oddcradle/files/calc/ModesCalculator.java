package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Optional;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.vibration.Harmonic;
import oddcradle.core.vibration.HarmonicResponse;
import oddcradle.core.vibration.Mode;
import oddcradle.core.vibration.ModesResult;
import oddcradle.core.vibration.Mount;
import oddcradle.core.vibration.MountedBody;
import oddcradle.core.vibration.RigidBodyModes;
import oddcradle.core.vibration.StaticSag;

final class ModesCalculator {
    private static final Vec3 STANDARD_GRAVITY = new Vec3(0, 0, -9.80665);

    private ModesCalculator() {}

    static ObjectNode answer(Fields in) {
        MassProperties body = new MassProperties(in.number("mass"), in.vector("cg"), in.matrix("inertia"));
        List<Mount> mounts = in.list("mounts", ModesCalculator::mount);
        MountedBody mounted = new MountedBody(body, mounts, in.vector("gravity", STANDARD_GRAVITY));
        Optional<Harmonic> harmonic = in.optional("harmonic", ModesCalculator::harmonic);
        ModesResult result = Calculators.orRefuse(RigidBodyModes.solve(mounted), "mounts");
        ObjectNode out = Json.object();
        out.set(
                "frequencies_hz",
                Json.numbers(result.modes().stream().map(Mode::frequencyHz).toList()));
        ArrayNode modes = out.putArray("modes");
        result.modes().forEach(mode -> modes.add(mode(mode)));
        out.set("static", sag(result.sag()));
        if (harmonic.isPresent()) {
            ArrayNode responses = out.putArray("harmonic");
            RigidBodyModes.respond(mounted, harmonic.get()).forEach(each -> responses.add(response(each)));
        }
        return out;
    }

    private static Mount mount(Fields in) {
        Mat3 axes = in.has("axes") ? in.matrix("axes") : Mat3.IDENTITY;
        return new Mount(in.text("name"), in.vector("position"), axes, in.vector("k"), in.number("loss", 0));
    }

    private static Harmonic harmonic(Fields in) {
        return new Harmonic(
                in.vector("force"),
                in.vector("moment", Vec3.ZERO),
                in.vector("point"),
                in.numbers("frequencies_hz"),
                in.has("response_points") ? in.vectors("response_points") : List.of());
    }

    private static ObjectNode mode(Mode mode) {
        ObjectNode out = Json.object().put("frequency_hz", mode.frequencyHz());
        out.set("ke_percent", Json.numbers(mode.kineticEnergyPercent()));
        out.put("modal_loss_factor", mode.lossFactor());
        out.set("shape", Json.numbers(mode.shape()));
        return out;
    }

    private static ObjectNode sag(StaticSag sag) {
        ObjectNode out = Json.object();
        out.set("cg_displacement", Json.vector(sag.cgDisplacement()));
        out.set("rotation", Json.vector(sag.rotation()));
        ArrayNode mounts = out.putArray("mounts");
        sag.mounts().forEach(load -> mounts.addObject()
                .put("name", load.name())
                .set("force_on_frame", Json.vector(load.forceOnFrame())));
        return out;
    }

    private static ObjectNode response(HarmonicResponse response) {
        ObjectNode out = Json.object().put("frequency_hz", response.frequencyHz());
        ArrayNode points = out.putArray("points");
        response.points().forEach(point -> points.addObject().set("amplitude", Json.vector(point)));
        ArrayNode mounts = out.putArray("mounts");
        response.mounts()
                .forEach(force ->
                        mounts.addObject().put("name", force.name()).set("amplitude", Json.vector(force.amplitude())));
        out.set("total_amplitude", Json.vector(response.total()));
        return out;
    }
}
