package oddcradle.files.report;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Why;
import oddcradle.core.job.book.LogEntry;
import oddcradle.core.keeping.EveningPlan;
import oddcradle.core.keeping.MoneySum;
import oddcradle.core.keeping.StartList;
import oddcradle.core.math.Vec3;
import oddcradle.core.pocket.PocketAnswer;
import oddcradle.core.pocket.Question;
import oddcradle.core.step.run.ControlFound;
import oddcradle.core.step.run.DueList;
import oddcradle.core.units.UnitStyle;

/** Controls, first start, what is due, log, money and evenings as JSON, SI throughout; money in the shop's own. */
public final class RunJson {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private RunJson() {}

    /** By itself, as {@code log --json} prints it. */
    public static String of(Examination examination, String today) {
        ObjectNode out = MAPPER.createObjectNode();
        out.put("format", "odd-cradle run").put("version", 1);
        out.put("job", examination.job().name());
        write(out, examination);
        plan(out.putObject("evenings"), EveningPlan.of(examination.job().book(), today));
        ArrayNode log = out.putArray("log");
        examination.job().book().log().forEach(entry -> entry(log.addObject(), entry));
        return out.toPrettyString();
    }

    static void write(ObjectNode out, Examination examination) {
        ArrayNode controls = out.putArray("controls");
        examination.run().controls().forEach(found -> control(controls.addObject(), found));
        DueList due = DueList.of(examination.job(), Optional.empty());
        out.put("hours", due.hours());
        ArrayNode dues = out.putArray("due");
        for (DueList.Due each : due.items()) {
            ObjectNode node = dues.addObject()
                    .put("work", each.work().name())
                    .put("due_at", each.dueAt())
                    .put("over", each.over(due.hours()));
            each.lastAt().ifPresent(last -> node.put("last_at", last));
        }
        ArrayNode start = out.putArray("first_start");
        for (StartList.Item item : StartList.of(examination.job()).items()) {
            start.addObject()
                    .put("mark", item.mark())
                    .put("when", item.when().name())
                    .put("what", item.what())
                    .put("looked", item.looked().isPresent());
        }
        money(out.putObject("money"), MoneySum.of(examination));
    }

    private static void control(ObjectNode out, ControlFound found) {
        out.put("id", found.control().id());
        out.put("reached", found.work().reached())
                .put("wanted", Math.abs(found.control().wanted()))
                .put("whole", found.work().whole())
                .put("pulls", found.work().pulls())
                .put("force", found.work().force())
                .put("back", Double.isFinite(found.work().back()) ? found.work().back() : 0)
                .put("ratio_at_rest", found.work().firstRatio())
                .put("ratio_at_end", found.work().lastRatio())
                .put("transmission", found.work().transmission())
                .put("bow", found.work().bow())
                .put("turned_by_engine", found.selfTurn());
        ArrayNode cables = out.putArray("cables");
        for (ControlFound.Laid laid : found.cables()) {
            ObjectNode cable = cables.addObject()
                    .put("link", laid.link())
                    .put("conduit", laid.wanted())
                    .put("bends", laid.path().bends());
            if (Double.isFinite(laid.path().tightest())) {
                cable.put("tightest", laid.path().tightest());
            }
            Vec3 at = laid.path().tightestAt();
            cable.putArray("tightest_at").add(at.x()).add(at.y()).add(at.z());
        }
    }

    private static void money(ObjectNode out, MoneySum sum) {
        out.put("spent", sum.spent())
                .put("to_come", sum.toCome())
                .put("unpriced", sum.unpriced())
                .put("worked", sum.worked())
                .put("left", sum.left())
                .put("budget", sum.budget())
                .put("paid", sum.paid());
    }

    private static void plan(ObjectNode out, EveningPlan plan) {
        ArrayNode days = out.putArray("days");
        for (EveningPlan.Evening evening : plan.evenings()) {
            ObjectNode day = days.addObject().put("date", evening.date());
            ArrayNode work = day.putArray("work");
            evening.work().forEach(share -> work.addObject()
                    .put("task", share.task().id())
                    .put("time", share.time())
                    .put("ends", share.ends()));
        }
        ArrayNode waiting = out.putArray("waiting");
        plan.waiting().forEach(each -> {
            ObjectNode node = waiting.addObject().put("task", each.task().id());
            each.parts().forEach(node.putArray("parts")::add);
        });
    }

    private static void entry(ObjectNode out, LogEntry entry) {
        out.put("date", entry.date())
                .put("hours", entry.hours())
                .put("starts", entry.starts())
                .put("distance", entry.distance())
                .put("work", entry.work().name())
                .put("place", entry.place())
                .put("found", entry.found())
                .put("changed", entry.changed())
                .put("value", entry.value());
    }

    /** The answer to a question, as {@code ask --json} prints it. */
    public static String of(Question question, PocketAnswer answer) {
        ObjectNode out = MAPPER.createObjectNode();
        out.put("format", "odd-cradle answer").put("version", 1);
        out.put("question", question.id()).put("words", question.words());
        ArrayNode says = out.putArray("says");
        answer.says().forEach(each -> says.add(each.in(UnitStyle.MILLIMETRES)));
        ArrayNode figures = out.putArray("figures");
        for (Figure figure : answer.figures()) {
            ObjectNode node = figures.addObject().put("name", figure.name());
            node.put("value", figure.quantity().si())
                    .put("unit", figure.quantity().kind().siUnit());
            node.put("formula", figure.why().formula());
            ArrayNode inputs = node.putArray("inputs");
            for (Why.Input input : figure.why().inputs()) {
                inputs.addObject()
                        .put("name", input.name())
                        .put("value", input.quantity().si())
                        .put("unit", input.quantity().kind().siUnit());
            }
            node.put("source", figure.why().source().words());
        }
        return out.toPrettyString();
    }
}
