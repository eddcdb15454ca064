package oddcradle.files.report;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import oddcradle.core.examine.Examination;
import oddcradle.core.shop.BendPlan;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.units.UnitStyle;
import oddcradle.core.workshop.BuildOrder;
import oddcradle.core.workshop.CutPlan;
import oddcradle.core.workshop.DrillPlan;
import oddcradle.core.workshop.Drilling;
import oddcradle.core.workshop.JigPlan;
import oddcradle.core.workshop.PlatePart;
import oddcradle.core.workshop.WeldMap;
import oddcradle.core.workshop.WorkshopPlan;

/** What the shop is told to do, as JSON, SI throughout. */
final class MakeJson {
    private MakeJson() {}

    static void write(ObjectNode out, Examination examination) {
        WorkshopPlan plan = WorkshopPlan.of(examination);
        out.put("stock_problem", plan.stockProblem());
        ArrayNode bars = out.putArray("bars");
        plan.cuts().ifPresent(cuts -> cuts.bars().forEach(bar -> bar(bars.addObject(), bar)));
        ArrayNode bends = out.putArray("bends");
        examination.cutList().forEach(tube -> tube.bends().ifPresent(bend -> bends(bends, tube, bend)));
        ArrayNode plates = out.putArray("plates");
        for (PlatePart part : plan.plates()) {
            plates.addObject()
                    .put("mark", part.mark())
                    .put("count", part.count())
                    .put("thickness", part.thickness())
                    .put("width", part.width())
                    .put("height", part.height());
        }
        ArrayNode holes = out.putArray("holes");
        plan.holes().holes().forEach(hole -> hole(holes.addObject(), hole));
        ArrayNode welds = out.putArray("welds");
        plan.welds().welds().forEach(weld -> weld(welds.addObject(), weld));
        ArrayNode spanners = out.putArray("spanners");
        plan.hardware().spanners().forEach(spanners::add);
        ArrayNode legs = out.putArray("dummy");
        plan.jig().legs().forEach(leg -> leg(legs.addObject(), leg));
        ArrayNode order = out.putArray("order");
        plan.order().tasks().forEach(task -> task(order.addObject(), task));
    }

    private static void bar(ObjectNode out, CutPlan.CutBar bar) {
        out.put("stock", bar.stock().mark())
                .put("section", bar.stock().section().designation())
                .put("material", bar.stock().material())
                .put("length", bar.stock().length())
                .put("buy", bar.ordered())
                .put("price", bar.stock().price())
                .put("left", bar.left());
        ArrayNode pieces = out.putArray("pieces");
        bar.pieces().forEach(piece -> pieces.addObject()
                .put("tube", piece.tube())
                .put("from", piece.from())
                .put("length", piece.length()));
    }

    private static void bends(ArrayNode out, CutTube tube, BendPlan plan) {
        for (int k = 0; k < plan.angles().size(); k++) {
            out.addObject()
                    .put("tube", tube.tube().id())
                    .put("start", tube.first().reach() + plan.marks().get(k).start())
                    .put("end", tube.first().reach() + plan.marks().get(k).end())
                    .put("radius", tube.tube().bend())
                    .put("angle", plan.angles().get(k))
                    .put("machine_angle", plan.machineAngles().get(k))
                    .put("turn", plan.turns().get(k));
        }
    }

    private static void hole(ObjectNode out, DrillPlan.Hole hole) {
        out.put("where", hole.where()).put("diameter", hole.diameter()).put("how", hole.how());
        if (!Double.isNaN(hole.edge())) {
            out.put("edge", hole.edge());
        }
        ArrayNode passes = out.putArray("passes");
        for (Drilling.Pass pass : hole.passes()) {
            passes.addObject()
                    .put("tool", pass.tool())
                    .put("diameter", pass.diameter())
                    .put("speed", pass.speed());
        }
    }

    private static void weld(ObjectNode out, WeldMap.Weld weld) {
        out.put("mark", weld.mark())
                .put("piece", weld.piece())
                .put("what", weld.what())
                .put("length", weld.length())
                .put("leg", weld.leg())
                .put("process", weld.way().process())
                .put("filler", weld.way().filler())
                .put("preheat_celsius", weld.way().preheat())
                .put("pull", weld.pull());
    }

    private static void leg(ObjectNode out, JigPlan.Leg leg) {
        out.put("mark", leg.mark())
                .put("forward", leg.forward())
                .put("left", leg.left())
                .put("length", leg.length())
                .put("hole", leg.hole());
    }

    private static void task(ObjectNode out, BuildOrder.Task task) {
        out.put("title", task.title())
                .put("check", task.check().in(UnitStyle.MILLIMETRES))
                .put("time", task.time());
        ArrayNode after = out.putArray("after");
        task.waitsFor().forEach(after::add);
        ArrayNode takes = out.putArray("takes");
        task.parts().forEach(takes::add);
    }
}
