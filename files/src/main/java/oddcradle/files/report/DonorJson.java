package oddcradle.files.report;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.search.Candidates;
import oddcradle.core.weigh.CombinedMass;

/** The donor's weighing and the candidates as JSON, SI throughout. */
final class DonorJson {
    private DonorJson() {}

    static void weighed(ObjectNode out, CombinedMass weighed) {
        weighed.mass().ifPresent(mass -> out.put("mass", mass.value()).put("mass_sigma", mass.sigma()));
        weighed.cg().ifPresent(cg -> {
            vector(out.putArray("cg"), cg);
            vector(out.putArray("cg_sigma"), weighed.cgSigma());
        });
        weighed.inertia().ifPresent(inertia -> {
            ArrayNode rows = out.putArray("inertia");
            rows(rows, inertia);
            vector(out.putArray("inertia_sigma"), weighed.inertiaSigma());
        });
        ArrayNode open = out.putArray("cg_open");
        weighed.openCg().forEach(open::add);
        ArrayNode said = out.putArray("weighings");
        for (CombinedMass.Contribution each : weighed.contributions()) {
            said.addObject()
                    .put("id", each.weighing())
                    .put("kind", each.kind().name().toLowerCase(Locale.ROOT))
                    .put("what", each.what())
                    .put("value", each.value())
                    .put("sigma", each.sigma())
                    .put("combined", each.combined());
        }
    }

    static void candidate(ObjectNode out, Candidates.Candidate candidate) {
        out.put("name", candidate.donor().name()).put("score", candidate.score());
        out.put("fits", candidate.fits())
                .put("worst_gap", candidate.worst().separation().distance())
                .put("worst_gap_limit", candidate.worst().limit())
                .put("worst_gap_part", candidate.worst().donorPart().id())
                .put("worst_gap_obstacle", candidate.worst().obstacle().id());
        ArrayNode room = out.putArray("room");
        candidate.room().forEach(room::add);
        vector(out.putArray("size"), candidate.size());
        out.put("machine_mass", candidate.machineMass());
        vector(out.putArray("machine_cg"), candidate.machineCg());
        out.put("max_power", candidate.maxPower()).put("wheel_torque", candidate.wheelTorque());
        if (Double.isNaN(candidate.shaking())) {
            out.putNull("shaking_force");
        } else {
            out.put("shaking_force", candidate.shaking());
        }
        out.put("price", candidate.price());
        ArrayNode marks = out.putArray("marks");
        candidate.marks().forEach(mark -> marks.addObject()
                .put("criterion", mark.word())
                .put("mark", mark.mark())
                .put("weight", mark.weight()));
    }

    private static void rows(ArrayNode out, Mat3 m) {
        vector(out.addArray(), m.row0());
        vector(out.addArray(), m.row1());
        vector(out.addArray(), m.row2());
    }

    private static void vector(ArrayNode out, Vec3 v) {
        out.add(v.x()).add(v.y()).add(v.z());
    }
}
