package oddcradle.files.report;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Optional;
import oddcradle.core.clearance.Gap;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Figure;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.seat.Bracket;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.Sides;
import oddcradle.core.search.BracketTurns;
import oddcradle.core.search.LiftNotes;
import oddcradle.core.search.MountAccess;
import oddcradle.core.search.OddsOfFit;
import oddcradle.core.search.SeatAnswer;
import oddcradle.core.search.SeatConflict;
import oddcradle.core.search.SeatLimits;
import oddcradle.core.search.SeatSearch;
import oddcradle.core.search.SharedSeat;
import oddcradle.core.search.WaysOut;
import oddcradle.core.seating.Sling;
import oddcradle.core.seating.ToolRoom;
import oddcradle.core.seating.WayOut;
import oddcradle.core.step.seat.NeighbourChecks;
import oddcradle.core.units.UnitStyle;

/** The seat as JSON, SI throughout: every gap, what follows, odds, limits, tools and straps; and the answers of a search. */
public final class SeatJson {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private SeatJson() {}

    static void gaps(ArrayNode out, Examination examination) {
        for (Gap gap : examination.ledger().all()) {
            ObjectNode each = out.addObject()
                    .put("part", gap.donorPart().id())
                    .put("obstacle", gap.obstacle().id())
                    .put("distance", gap.separation().distance())
                    .put("limit", gap.limit())
                    .put("left", gap.left())
                    .put("margin", gap.margin())
                    .put("sigma", gap.sigma())
                    .put("chance_short", gap.chanceShort());
            each.putObject("rule")
                    .put("kind", gap.rule().kind())
                    .put("source", gap.rule().source().words());
            ArrayNode movement = each.putArray("movement");
            gap.allowances()
                    .forEach(allowance ->
                            movement.addObject().put("why", allowance.why()).put("amount", allowance.amount()));
            each.set("point_part", vector(gap.separation().pointA()));
            each.set("point_obstacle", vector(gap.separation().pointB()));
        }
    }

    static void write(ObjectNode out, Examination examination) {
        limits(out.putArray("limits"), examination);
        neighbourChecks(out.putArray("neighbours"), examination);
        odds(out.putObject("odds"), OddsOfFit.of(examination, OddsOfFit.DRAWS, Progress.UNWATCHED));
        ArrayNode bolts = out.putArray("mount_bolts");
        MountAccess.of(examination).forEach(bolt -> bolt(bolts.addObject(), bolt));
        lift(out.putObject("lift"), examination);
        ArrayNode pads = out.putArray("landing_pads");
        for (LiftNotes.Pad pad : LiftNotes.pads(examination)) {
            ObjectNode each = pads.addObject().put("boss", pad.boss()).put("top", pad.top());
            if (!pad.tube().isEmpty()) {
                each.put("tube", pad.tube()).put("over_tube", pad.over());
            }
        }
        ArrayNode brackets = out.putArray("brackets");
        for (Bracket bracket : examination.job().plan().brackets()) {
            ObjectNode each = brackets.addObject().put("id", bracket.id());
            ArrayNode turns = each.putArray("turns");
            for (BracketTurns.Turn turn : BracketTurns.of(examination, bracket)) {
                ObjectNode t = turns.addObject()
                        .put("flipped", turn.flipped())
                        .put("spin", turn.spin())
                        .put("gap", turn.gap());
                t.set("off", vector(turn.off()));
            }
        }
    }

    private static void limits(ArrayNode out, Examination examination) {
        for (SeatLimits.Limit limit : SeatLimits.of(examination)) {
            ObjectNode each = out.addObject()
                    .put("way", limit.way())
                    .put("free", limit.free())
                    .put("too_near", limit.tooNear());
            if (!limit.obstacle().isEmpty()) {
                each.put("part", limit.part())
                        .put("stopped_by", limit.obstacle())
                        .put("more_without_it", limit.gone())
                        .put("then_stopped_by", limit.next());
            }
            limit.teeth().ifPresent(teeth -> each.putObject("smaller_sprocket")
                    .put("teeth", teeth.teeth())
                    .put("more", teeth.more()));
        }
    }

    private static void neighbourChecks(ArrayNode out, Examination examination) {
        for (NeighbourChecks.NeighbourCheck neighbourCheck : examination.neighbourChecks()) {
            ObjectNode each = out.addObject()
                    .put("id", neighbourCheck.neighbour().id())
                    .put("label", neighbourCheck.neighbour().label())
                    .put("question", neighbourCheck.neighbour().question())
                    .put("severity", neighbourCheck.finding().severity().word())
                    .put("answer", neighbourCheck.finding().what().in(UnitStyle.MILLIMETRES));
            ArrayNode figures = each.putArray("figures");
            for (Figure figure : neighbourCheck.figures()) {
                figures.addObject()
                        .put("name", figure.name())
                        .put("si", figure.quantity().si())
                        .put("unit", figure.quantity().kind().siUnit());
            }
        }
    }

    private static void odds(ObjectNode out, OddsOfFit.Result result) {
        out.put("bolts", result.odds().bolts())
                .put("line", result.odds().line())
                .put("clear", result.odds().clear())
                .put("all", result.odds().all())
                .put("standard_error", result.odds().sigma());
        ArrayNode worst = out.putArray("worst_bolt");
        for (int k = 0; k < result.bosses().size(); k++) {
            worst.addObject()
                    .put("boss", result.bosses().get(k))
                    .put("share", result.odds().worstBolt().get(k));
        }
        ArrayNode better = out.putArray("better");
        result.better().forEach(each -> better.addObject()
                .put("what", each.what().in(UnitStyle.MILLIMETRES))
                .put("bolts", each.bolts())
                .put("all", each.all()));
    }

    private static void bolt(ObjectNode out, MountAccess.Bolt bolt) {
        out.put("boss", bolt.boss()).put("answer", bolt.verdict());
        out.set("axis", vector(bolt.axis()));
        tools(out.putArray("tools_along_axis"), bolt.first());
        tools(out.putArray("tools_against_axis"), bolt.second());
    }

    private static void tools(ArrayNode out, ToolRoom.Access access) {
        access.tools().forEach(tool -> out.add(tool.words()));
    }

    private static void lift(ObjectNode out, Examination examination) {
        try {
            Sling.Hang hang = LiftNotes.hang(examination.job());
            out.put("balanced", hang.balanced());
            ArrayNode straps = out.putArray("straps");
            hang.straps().forEach(strap -> straps.addObject()
                    .put("point", strap.point())
                    .put("length", strap.length())
                    .put("load", strap.load())
                    .put("from_vertical", strap.fromVertical()));
        } catch (InvalidValue impossible) {
            out.put("problem", impossible.getMessage());
        }
    }

    /** What a search found. */
    public static String answers(
            Examination examination,
            SeatSearch.Result search,
            Optional<WaysOut.Result> way,
            Optional<SharedSeat.Result> shared) {
        ObjectNode out = MAPPER.createObjectNode();
        out.put("format", "odd-cradle seats").put("version", 1);
        out.put("job", examination.job().name());
        ArrayNode open = out.putArray("searched");
        search.open().stream().map(Freedom::word).forEach(open::add);
        out.put("poses", search.visits()).put("proven", search.proven());
        ArrayNode answers = out.putArray("answers");
        search.answers().forEach(answer -> answer(answers.addObject(), answer));
        search.conflict().ifPresent(conflict -> conflict(out.putObject("conflict"), conflict));
        way.ifPresent(each -> way(out.putObject("way_out"), each));
        shared.ifPresent(each -> shared(out.putObject("shared"), each));
        try {
            return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(out);
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException("a JSON tree could not be written", impossible);
        }
    }

    private static void seat(ObjectNode out, Seat seat) {
        out.set("position", vector(seat.position()));
        out.put("yaw", seat.yaw()).put("pitch", seat.pitch()).put("roll", seat.roll());
    }

    private static void answer(ObjectNode out, SeatAnswer answer) {
        seat(out.putObject("seat"), answer.seat());
        out.put("score", answer.score()).put("margin", answer.margin());
        ArrayNode aims = out.putArray("aims");
        answer.terms().forEach(aim -> aims.addObject()
                .put("aim", aim.words())
                .put("weight", aim.weight())
                .put("amount", aim.amount()));
    }

    private static void conflict(ObjectNode out, SeatConflict conflict) {
        out.put("lacks", conflict.lacks()).put("decided", conflict.decided());
        seat(out.putObject("least_bad"), conflict.leastBad());
        ArrayNode obstacles = out.putArray("obstacles");
        conflict.obstacles().forEach(each -> {
            ObjectNode o = obstacles
                    .addObject()
                    .put("id", each.id())
                    .put("label", each.label())
                    .put("part", each.part());
            if (Double.isFinite(each.by())) {
                o.put("enough_alone", each.by());
            }
        });
    }

    private static void way(ObjectNode out, WaysOut.Result result) {
        ObjectNode blockers = out.putObject("straight_ways");
        result.blockers().forEach(blockers::put);
        ArrayNode alone = out.putArray("units_alone");
        result.alone().forEach(each -> {
            ObjectNode unit = alone.addObject().put("unit", each.unit()).put("label", each.label());
            each.way().ifPresent(way -> unit.put("side", Sides.side(way.side())));
        });
        ArrayNode off = out.putArray("off_first");
        result.off().forEach(each -> off.addObject()
                .put("id", each.id())
                .put("label", each.label())
                .put("goes_back", each.back().isPresent()));
        out.put("found", result.way().isPresent());
        result.way().ifPresent(way -> {
            out.put("side", Sides.side(way.side())).put("straight", way.straight());
            WayOut.Moment tight = way.tightest();
            out.putObject("tightest")
                    .put("gap", tight.gap())
                    .put("part", tight.part())
                    .put("obstacle", tight.obstacle());
            ArrayNode poses = out.putArray("poses");
            way.poses().forEach(pose -> pose(poses.addObject(), pose));
        });
    }

    private static void pose(ObjectNode out, Pose pose) {
        Vec3 angles = pose.yawPitchRoll();
        out.set("position", vector(pose.translation()));
        out.put("yaw", angles.x()).put("pitch", angles.y()).put("roll", angles.z());
    }

    private static void shared(ObjectNode out, SharedSeat.Result result) {
        out.put("found", result.seat().isPresent());
        result.seat().ifPresent(each -> seat(out.putObject("seat"), each));
        result.otherSeat().ifPresent(each -> seat(out.putObject("other_seat"), each));
        out.put("heavier", result.heavier()).put("weight_higher", result.higher());
        ArrayNode bosses = out.putArray("bosses");
        result.differences().forEach(each -> {
            ObjectNode b = bosses.addObject()
                    .put("boss", each.boss())
                    .put("other", each.other())
                    .put("same_hole", each.sameHole());
            b.set("apart", vector(each.apart()));
        });
    }

    private static ArrayNode vector(Vec3 v) {
        return MAPPER.createArrayNode().add(v.x()).add(v.y()).add(v.z());
    }
}
