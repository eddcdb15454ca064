package oddcradle.files.report;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Locale;
import oddcradle.core.job.load.Duty;
import oddcradle.core.math.Vec3;
import oddcradle.core.proof.LoadProof;
import oddcradle.core.proof.Proven;
import oddcradle.core.propose.MakeHold;
import oddcradle.core.units.UnitStyle;

/** Whether the whole holds, and for how long, as JSON, SI throughout but for hours. */
public final class LoadJson {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private static final int MOST = 24;

    private LoadJson() {}

    /** The proof, and what would make the frame hold. */
    public static String of(Proven proven, List<MakeHold.Answer> made) {
        ObjectNode out = MAPPER.createObjectNode();
        proven.proof().ifPresent(proof -> write(out.putObject("load"), proof));
        ArrayNode answers = out.putArray("answers");
        for (MakeHold.Answer answer : made) {
            ObjectNode each = answers.addObject()
                    .put("answer", answer.words().in(UnitStyle.MILLIMETRES))
                    .put("holds", answer.holds())
                    .put("utilisation", answer.worst())
                    .put("mass_more", answer.mass());
            answer.years().ifPresent(years -> each.put("years", years));
            ArrayNode changes = each.putArray("changes");
            answer.changes().forEach(change -> changes.add(change.in(UnitStyle.MILLIMETRES)));
            ArrayNode stops = each.putArray("new_stops");
            answer.newStops().forEach(stop -> stops.add(stop.what().in(UnitStyle.MILLIMETRES)));
        }
        return out.toPrettyString();
    }

    static void write(ObjectNode out, LoadProof proof) {
        ArrayNode sways = out.putArray("buckling");
        proof.sways()
                .forEach(near -> sways.addObject().put("case", near.load().id()).put("factor", near.factor()));
        ArrayNode joints = out.putArray("joints");
        proof.joints().stream().limit(MOST).forEach(use -> place(joints.addObject(), use.at())
                .put("tube", use.tube().id())
                .put("joint", use.mark())
                .put("case", use.load().id())
                .put("limit", use.limit().name().toLowerCase(Locale.ROOT))
                .put("utilisation", use.utilisation())
                .put("leg", use.leg())
                .put("wall_checked", use.isWallChecked()));
        duty(out.putObject("duty"), proof.duty());
        ArrayNode lives = out.putArray("lives");
        proof.lives().stream()
                .filter(life -> life.hours().isPresent())
                .limit(MOST)
                .forEach(life -> {
                    ObjectNode each = place(lives.addObject(), life.end().at())
                            .put("tube", life.end().tube().id())
                            .put("detail", life.detail().words())
                            .put("hours", life.hours().getAsDouble());
                    ArrayNode causes = each.putArray("causes");
                    life.causes().forEach(cause -> causes.addObject()
                            .put("cause", cause.words())
                            .put("range", cause.range())
                            .put("an_hour", cause.anHour())
                            .put("damage_an_hour", cause.damage()));
                });
        ArrayNode losses = out.putArray("losses");
        proof.losses().forEach(loss -> losses.addObject()
                .put("part", loss.part())
                .put("body", loss.body())
                .put("stays_aboard", loss.staysAboard())
                .put("comes_loose", loss.falls().isPresent())
                .put("over_ultimate", loss.overUltimate())
                .put("worst", loss.worst())
                .put("case", loss.load()));
    }

    private static ObjectNode place(ObjectNode out, Vec3 at) {
        out.putArray("at").add(at.x()).add(at.y()).add(at.z());
        return out;
    }

    private static void duty(ObjectNode out, Duty duty) {
        out.put("openings", duty.openings())
                .put("starts", duty.starts())
                .put("jolts", duty.jolts())
                .put("cruise", duty.cruise())
                .put("idle", duty.idle())
                .put("hours_a_year", duty.hoursAYear());
    }
}
