package oddcradle.files.report;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Locale;
import oddcradle.core.cure.Cures;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.job.edit.Side;
import oddcradle.core.math.Vec3;
import oddcradle.core.proof.Proven;
import oddcradle.core.report.Cure;
import oddcradle.core.report.StepReport;
import oddcradle.core.search.Candidates;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.step.make.TubeEnd;
import oddcradle.core.structure.EngineShaking;
import oddcradle.core.structure.PropellerShaking;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.core.vibration.ModesResult;

/** An examination as JSON, SI throughout; its shape is {@code docs/schema/results.schema.json}. */
public final class ResultsJson {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final int VERSION = 2;

    private ResultsJson() {}

    public static String of(Proven proven) {
        Examination examination = proven.examination();
        ObjectNode out = MAPPER.createObjectNode();
        out.put("format", "odd-cradle results").put("version", VERSION);
        out.put("job", examination.job().name());
        out.put("worst", word(proven.findings().get(0)));
        ArrayNode steps = out.putArray("steps");
        for (Step step : Step.values()) {
            steps.add(step(examination, proven.report(step)));
        }
        ObjectNode survey = out.putObject("survey");
        for (Side side : Side.values()) {
            SurveyJson.fill(survey.putObject(side.word()), examination.survey(side));
        }
        DonorJson.weighed(out.putObject("weighed"), examination.weighed());
        ArrayNode candidates = out.putArray("candidates");
        if (!examination.job().candidates().isEmpty()) {
            Candidates.of(examination.job()).forEach(each -> DonorJson.candidate(candidates.addObject(), each));
        }
        LineJson.write(out.putObject("line"), examination);
        SeatJson.gaps(out.putArray("gaps"), examination);
        SeatJson.write(out.putObject("seat"), examination);
        CradleJson.write(out.putObject("cradle"), examination);
        modes(out.putObject("modes"), examination);
        ShakeJson.write(out.putObject("shake"), examination);
        load(out.putArray("load_cases"), examination);
        proven.proof().ifPresent(proof -> LoadJson.write(out.putObject("load"), proof));
        cutList(out.putArray("cut_list"), examination);
        MakeJson.write(out.putObject("make"), examination);
        FitJson.write(out.putObject("fit"), examination);
        RunJson.write(out.putObject("run"), examination);
        try {
            return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(out);
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException("a JSON tree could not be written", impossible);
        }
    }

    private static String word(Finding finding) {
        return finding.severity().name().toLowerCase(Locale.ROOT);
    }

    private static ObjectNode step(Examination examination, StepReport report) {
        ObjectNode out = MAPPER.createObjectNode();
        out.put("step", report.step().name().toLowerCase(Locale.ROOT));
        out.put("worst", report.worst().name().toLowerCase(Locale.ROOT));
        ArrayNode figures = out.putArray("figures");
        for (Figure figure : report.figures()) {
            ObjectNode each = figures.addObject().put("name", figure.name());
            each.set("value", quantity(figure.quantity()));
            each.set("why", why(figure.why()));
        }
        ArrayNode findings = out.putArray("findings");
        report.findings().forEach(finding -> findings.add(finding(examination, finding)));
        return out;
    }

    private static ObjectNode finding(Examination examination, Finding finding) {
        ObjectNode out = MAPPER.createObjectNode();
        out.put("code", finding.code().id()).put("severity", word(finding));
        out.put("what", finding.what().in(UnitStyle.MILLIMETRES));
        finding.measured().ifPresent(value -> out.set("measured", quantity(value)));
        finding.limit().ifPresent(value -> out.set("limit", quantity(value)));
        finding.margin().ifPresent(value -> out.set("margin", quantity(value)));
        ObjectNode where = out.putObject("where");
        ArrayNode subjects = where.putArray("subjects");
        for (Subject subject : finding.where().subjects()) {
            subjects.addObject().put("kind", subject.kind().word()).put("id", subject.id());
        }
        ArrayNode points = where.putArray("points");
        finding.where().points().forEach(point -> points.add(vector(point)));
        out.set("why", why(finding.why()));
        ArrayNode cures = out.putArray("cures");
        for (Cure cure : Cures.of(examination, finding)) {
            cures.add(cure.label().in(UnitStyle.MILLIMETRES));
        }
        return out;
    }

    private static ObjectNode why(Why why) {
        ObjectNode out = MAPPER.createObjectNode().put("formula", why.formula());
        ArrayNode inputs = out.putArray("inputs");
        for (Why.Input input : why.inputs()) {
            inputs.addObject().put("name", input.name()).set("value", quantity(input.quantity()));
        }
        return out.put("source", why.source().words());
    }

    /** A number that is not finite has no value in JSON. */
    private static ObjectNode quantity(Quantity quantity) {
        ObjectNode out = MAPPER.createObjectNode();
        if (Double.isFinite(quantity.si())) {
            out.put("si", quantity.si());
        } else {
            out.putNull("si");
        }
        return out.put("unit", quantity.kind().siUnit());
    }

    private static ArrayNode vector(Vec3 v) {
        return MAPPER.createArrayNode().add(v.x()).add(v.y()).add(v.z());
    }

    private static void modes(ObjectNode out, Examination examination) {
        examination.shake().answer().ifPresent(shake -> {
            ModesResult result = shake.modes();
            out.put("transmissibility_at_idle", shake.transmissibilityAtIdle())
                    .put("transmissibility_at_cruise", shake.transmissibilityAtCruise());
            ArrayNode frequencies = out.putArray("frequencies_hz");
            ArrayNode shares = out.putArray("ke_percent");
            result.modes().forEach(mode -> {
                frequencies.add(mode.frequencyHz());
                ArrayNode share = shares.addArray();
                mode.kineticEnergyPercent().forEach(share::add);
            });
            out.set("cg_displacement", vector(result.sag().cgDisplacement()));
            shaking(out.putObject("idle"), shake.idle());
            shaking(out.putObject("idle_in_frost"), shake.cold());
            shaking(out.putObject("cruise"), shake.cruise());
            ArrayNode propeller = out.putArray("propeller");
            shake.propeller().forEach(each -> {
                ObjectNode at = propeller.addObject().put("speed", each.speed());
                ArrayNode orders = at.putArray("orders");
                for (PropellerShaking.Order order : List.of(each.unbalance(), each.blades())) {
                    orders.addObject()
                            .put("per_turn", order.perTurn())
                            .put("frequency_hz", order.frequency())
                            .put("force", order.force())
                            .put("force_through", order.through());
                }
            });
        });
    }

    /** Every order of the engine at one speed. */
    private static void shaking(ObjectNode out, EngineShaking shaking) {
        out.put("speed", shaking.speed());
        ArrayNode orders = out.putArray("orders");
        shaking.orders().forEach(order -> orders.addObject()
                .put("order", order.order())
                .put("frequency_hz", order.frequency())
                .put("torque", order.torque())
                .put("torque_through", order.torqueThrough())
                .put("force", order.force())
                .put("force_through", order.forceThrough()));
    }

    private static void load(ArrayNode out, Examination examination) {
        List<CaseResult> cases =
                examination.load().answer().map(result -> result.cases()).orElse(List.of());
        for (CaseResult result : cases) {
            ObjectNode each =
                    out.addObject().put("id", result.id()).put("equilibrium_error", result.equilibriumError());
            ArrayNode members = each.putArray("members");
            result.members().forEach(member -> members.addObject()
                    .put("id", member.id())
                    .put("tube", examination.tubeOfPiece(member.id()))
                    .put("stress_max", member.stressMax())
                    .put("von_mises_max", member.vonMisesMax()));
            ArrayNode reactions = each.putArray("reactions");
            result.reactions().forEach(reaction -> {
                ObjectNode r = reactions.addObject().put("node", reaction.node());
                r.set("force", vector(reaction.force()));
                r.set("moment", vector(reaction.moment()));
            });
        }
    }

    private static void cutList(ArrayNode out, Examination examination) {
        for (CutTube tube : examination.cutList()) {
            ObjectNode each = out.addObject()
                    .put("tube", tube.tube().id())
                    .put("section", tube.tube().section().designation())
                    .put("cut_length", tube.cutLength());
            ArrayNode ends = each.putArray("ends");
            for (TubeEnd end : List.of(tube.first(), tube.last())) {
                ObjectNode e = ends.addObject()
                        .put("node", end.node())
                        .put("coped", end.cope().isPresent());
                ArrayNode lands = e.putArray("lands_on");
                end.landsOn().forEach(lands::add);
            }
        }
    }
}
