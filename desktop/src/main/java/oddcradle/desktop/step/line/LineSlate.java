package oddcradle.desktop.step.line;

import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Stage;
import oddcradle.core.finding.Step;
import oddcradle.core.job.line.Line;
import oddcradle.desktop.card.CardSheet;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.StepSlate;
import oddcradle.desktop.store.Desk;

public final class LineSlate extends StepSlate {
    public LineSlate(Desk desk, Palette palette) {
        super(desk, Step.LINE);
        Leaves leaves = new Leaves(desk);
        leaves.add("Datum", () -> {
            DatumSheet sheet = new DatumSheet(desk);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Stages", () -> {
            StagesSheet sheet = new StagesSheet(desk);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Driven", () -> {
            EndSheet sheet = new EndSheet(desk);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Charts", () -> {
            RoadCharts charts = new RoadCharts(desk, palette);
            return new Leaves.Leaf(charts, charts::refresh);
        });
        leaves.add("Figures", () -> {
            FigureList figures = new FigureList(desk, Step.LINE);
            return new Leaves.Leaf(new VBox(figures), figures::refresh);
        });
        leaves.add(CardSheet.NAME, () -> CardSheet.leaf(desk, Step.LINE));
        add(leaves);
        onRefresh(leaves::refresh);
        Label caution = caution("");
        onRefresh(() -> caution.setText(hazard(desk.session().job().line())));
    }

    /** Of what turns here, and of nothing else. */
    private static String hazard(Line line) {
        if (line.end().filter(LineEnd.Propeller.class::isInstance).isPresent()) {
            return "A propeller is always live: nobody in its arc or its plane, ignition off, throttle shut.";
        }
        return line.stages().stream().anyMatch(Stage::isInPlane)
                ? "Rotating parts: guard chain, belt and shaft before the first start."
                : "Rotating parts: guard coupling and shaft before the first start.";
    }
}
