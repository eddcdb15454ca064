package oddcradle.files.report;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import oddcradle.core.asbuilt.Seated;
import oddcradle.core.control.Progress;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.examine.Examination;
import oddcradle.core.fitup.Again;
import oddcradle.core.fitup.FitPlan;
import oddcradle.core.fitup.FitUp;
import oddcradle.core.fitup.PullLearnt;
import oddcradle.core.fitup.ScanOnPlan;
import oddcradle.core.fitup.SignOff;
import oddcradle.core.fitup.TipOver;
import oddcradle.core.math.Vec3;
import oddcradle.core.step.fit.FitCheck;
import oddcradle.core.step.fit.LineFound;
import oddcradle.core.step.fit.MountFound;
import oddcradle.core.step.fit.ShaftsFound;
import oddcradle.core.units.UnitStyle;

/** What was found on the finished mount and what to do about it, as JSON, SI throughout. */
public final class FitJson {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private FitJson() {}

    /** By itself, as {@code fit --json} prints it. */
    public static String of(Examination examination, FitUp fitUp) {
        ObjectNode out = MAPPER.createObjectNode();
        out.put("format", "odd-cradle fit").put("version", 1);
        out.put("job", examination.job().name());
        write(out, examination, fitUp);
        return out.toPrettyString();
    }

    static void write(ObjectNode out, Examination examination) {
        write(out, examination, FitUp.of(examination, Progress.UNWATCHED));
    }

    private static void write(ObjectNode out, Examination examination, FitUp fitUp) {
        FitCheck fit = examination.fit();
        out.put("loaded", fit.mounts().loaded());
        ArrayNode mounts = out.putArray("mounts");
        for (int k = 0; k < fit.mounts().mounts().size(); k++) {
            mount(mounts.addObject(), fit, k);
        }
        ObjectNode lies = out.putObject("lies");
        vector(lies.putArray("shift"), fit.mounts().motion().shift());
        vector(lies.putArray("turn"), fit.mounts().motion().turn());
        vector(lies.putArray("about"), fit.mounts().motion().about());
        ArrayNode pulls = out.putArray("pulls");
        fitUp.learnt().joints().forEach(joint -> pull(pulls.addObject(), joint));
        out.put("pull_learnt", fitUp.learnt().pull());
        ArrayNode shafts = out.putArray("shafts");
        fit.line().shafts().forEach(found -> shafts(shafts.addObject(), found));
        line(out, fit.line());
        ScanOnPlan.of(examination).ifPresent(scan -> scan(out.putArray("scan"), scan));
        plan(out, fitUp.plan());
        ArrayNode turned = out.putArray("as_built");
        fitUp.again()
                .map(Again::turned)
                .ifPresent(all -> all.forEach(each -> turned.addObject()
                        .put("step", each.shown().step().title())
                        .put("code", each.shown().code().id())
                        .put("severity", each.shown().severity().word())
                        .put("what", each.shown().what().in(UnitStyle.MILLIMETRES))));
        fitUp.nextTry().ifPresent(odds -> out.putObject("next_try")
                .put("bolts", odds.bolts())
                .put("line", odds.line())
                .put("clear", odds.clear())
                .put("all", odds.all()));
        ArrayNode states = out.putArray("tip_over");
        fitUp.tipOver()
                .map(TipOver::states)
                .ifPresent(all -> all.forEach(
                        state -> states.addObject().put("share", state.share()).put("edge", state.edge())));
        out.putObject("log")
                .put("in", fitUp.log().in())
                .put("out", fitUp.log().out())
                .put("time", fitUp.log().time())
                .put("cut", fitUp.log().cut());
        ArrayNode signOff = out.putArray("sign_off");
        for (SignOff.Item item : fitUp.signOff().items()) {
            signOff.addObject()
                    .put("item", item.mark())
                    .put("what", item.what())
                    .put("who", item.looked().map(each -> each.who()).orElse(""));
        }
    }

    private static void vector(ArrayNode out, Vec3 vector) {
        out.add(vector.x()).add(vector.y()).add(vector.z());
    }

    private static void mount(ObjectNode out, FitCheck fit, int k) {
        MountFound mount = fit.mounts().mounts().get(k);
        out.put("id", mount.id()).put("measured", mount.measured());
        out.put("lacks", mount.lacks())
                .put("sigma", mount.sigma(mount.hole().up()))
                .put("fitted", mount.fitted());
        vector(out.putArray("beside"), mount.across());
        out.put("play", mount.hole().play());
        Vec3 force = fit.mounts().loaded()
                ? Vec3.ZERO
                : fit.mounts().sits().map(Seated::forces).map(all -> all.get(k)).orElse(Vec3.ZERO);
        vector(out.putArray("force"), force);
    }

    private static void pull(ObjectNode out, PullLearnt.Joint joint) {
        out.put("point", joint.found().point())
                .put("before", joint.found().before())
                .put("after", joint.found().after())
                .put("sigma", joint.found().sigma())
                .put("expected", joint.expected());
        vector(out.putArray("moved"), joint.found().moved());
    }

    private static void shafts(ObjectNode out, ShaftsFound found) {
        out.put("reading", found.reading().id())
                .put("apart", found.apart())
                .put("angle", found.angle())
                .put("wanted", found.wanted());
        ArrayNode moves = out.putArray("moves");
        found.reach().keySet().stream().sorted().forEach(mount -> moves.addObject()
                .put("mount", mount)
                .put("lift", found.lift(mount))
                .put("left", found.move(mount)));
    }

    private static void scan(ArrayNode out, ScanOnPlan scan) {
        for (ScanOnPlan.Run run : scan.runs()) {
            ObjectNode one = out.addObject()
                    .put("tube", run.tube())
                    .put("scatter", run.scatter())
                    .put("places", run.places());
            vector(one.putArray("at_first"), run.atFirst());
            vector(one.putArray("at_last"), run.atLast());
        }
    }

    private static void line(ObjectNode out, LineFound line) {
        ArrayNode wheels = out.putArray("wheels");
        line.wheels().forEach(found -> wheels.addObject()
                .put("reading", found.reading().id())
                .put("offset", found.offset())
                .put("angle", found.angle())
                .put("lean", found.lean()));
        ArrayNode ends = out.putArray("ends");
        line.ends().forEach(found -> ends.addObject()
                .put("reading", found.reading().id())
                .put("angle", found.angle())
                .put("twist", found.twist()));
        ArrayNode thrusts = out.putArray("thrusts");
        line.thrusts().forEach(found -> thrusts.addObject()
                .put("reading", found.reading().id())
                .put("left", found.left())
                .put("down", found.down())
                .put("plain", found.plain()));
        ArrayNode moves = out.putArray("moves");
        line.moves().forEach(move -> {
            ObjectNode one = moves.addObject()
                    .put("of", move.shaft().map(JackShaft::id).orElse("engine"))
                    .put("holds", move.lineUp().holds())
                    .put("worst", move.lineUp().worst());
            ArrayNode feet = one.putArray("feet");
            move.feet().keySet().stream().sorted().forEach(foot -> {
                ObjectNode moved = feet.addObject().put("foot", foot);
                vector(moved.putArray("by"), move.of(foot));
            });
        });
    }

    private static void plan(ObjectNode out, FitPlan plan) {
        out.put("fits", plan.fits()).put("tried", plan.tried());
        ArrayNode work = out.putArray("work");
        plan.work().forEach(each -> {
            ObjectNode one = work.addObject()
                    .put("kind", each.kind().word())
                    .put("what", each.what().in(UnitStyle.MILLIMETRES))
                    .put("time", each.time());
            ArrayNode of = one.putArray("mounts");
            each.mounts().forEach(of::add);
        });
        ArrayNode shims = out.putArray("shims");
        plan.shims().forEach(answer -> {
            ObjectNode one = shims.addObject()
                    .put("holds", answer.holds())
                    .put("line", answer.line())
                    .put("left", answer.left());
            ArrayNode stacks = one.putArray("stacks");
            answer.stacks().forEach(stack -> {
                ArrayNode pieces = stacks.addArray();
                stack.pieces().forEach(pieces::add);
            });
        });
    }
}
