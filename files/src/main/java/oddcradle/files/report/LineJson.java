package oddcradle.files.report;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.step.line.RoadChart;
import oddcradle.core.structure.StageResult;

/** The line as JSON, SI throughout. */
final class LineJson {
    private LineJson() {}

    static void write(ObjectNode out, Examination examination) {
        out.put("datum", examination.job().line().datum().rule().name());
        ArrayNode open = out.putArray("open_freedoms");
        examination.openFreedoms().stream().map(Freedom::name).forEach(open::add);
        ArrayNode stages = out.putArray("stages");
        examination.line().stages().forEach(stage -> stage(stages.addObject(), stage));
        Engine engine = examination.job().donor().engine();
        ArrayNode ratios = out.putArray("overall_ratios");
        for (int gear = 0; gear < engine.gearRatios().size(); gear++) {
            ratios.addObject()
                    .put("low", examination.line().overallRatio(engine, gear))
                    .put("high", examination.line().shiftedRatio(engine, gear));
        }
        out.put("efficiency", examination.line().efficiency());
        examination.roadChart().ifPresent(chart -> chart(out.putObject("road"), chart));
    }

    private static void stage(ObjectNode out, StageResult stage) {
        out.put("id", stage.stage().id())
                .put("kind", stage.stage().kind())
                .put("ratio", stage.ratio())
                .put("high_ratio", stage.highRatio())
                .put("offset", stage.alignment().offset())
                .put("angular", stage.alignment().angular())
                .put("toe", stage.alignment().toe())
                .put("twist", stage.alignment().twist())
                .put("centre_distance", stage.alignment().centreDistance())
                .put("pull", stage.design());
        stage.chain().ifPresent(chain -> out.put("length_pitches", chain.lengthPitches())
                .put("links", chain.links())
                .put("centre_for_links", chain.centreForLinks())
                .put("wrap_driver", chain.wrapDriver())
                .put("chain_speed", chain.chainSpeed()));
        stage.belt().ifPresent(belt -> out.put("belt_length", belt.length()).put("wrap_small", belt.wrapSmall()));
        stage.problem().ifPresent(problem -> out.put("problem", problem));
    }

    private static void chart(ObjectNode out, RoadChart chart) {
        out.put("top_speed", chart.topSpeed()).put("grip", chart.grip());
        ArrayNode gears = out.putArray("gears");
        for (RoadChart.Gear gear : chart.gears()) {
            ObjectNode each = gears.addObject().put("name", gear.name()).put("ratio", gear.ratio());
            ArrayNode points = each.putArray("points");
            gear.points().forEach(point -> points.addObject()
                    .put("engine_speed", point.engineSpeed())
                    .put("road_speed", point.speed())
                    .put("wheel_force", point.force()));
        }
    }
}
