package oddcradle.desktop.step.host;

import javafx.scene.layout.VBox;
import oddcradle.core.finding.Step;
import oddcradle.core.job.edit.Side;
import oddcradle.desktop.card.CardSheet;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.StepSlate;
import oddcradle.desktop.step.measured.ScanSheet;
import oddcradle.desktop.step.measured.SurveySheet;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.task.Workers;

public final class HostSlate extends StepSlate {
    public HostSlate(Desk desk, Palette palette) {
        super(desk, Step.HOST);
        Leaves leaves = new Leaves(desk);
        leaves.add("Measure", () -> {
            SurveySheet sheet = new SurveySheet(desk, Side.HOST, palette);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Size", () -> {
            SizeSheet sheet = new SizeSheet(desk);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Tubes", () -> {
            TubeSheet sheet = new TubeSheet(desk);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Keep out", () -> {
            KeepOutSheet sheet = new KeepOutSheet(desk);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Frame", () -> {
            FrameSheet sheet = new FrameSheet(desk);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Masses", () -> {
            MassSheet sheet = new MassSheet(desk);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Materials", () -> {
            MaterialSheet sheet = new MaterialSheet(desk);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Scan", () -> {
            ScanSheet scan = new ScanSheet(desk, Side.HOST);
            TraceSheet trace = new TraceSheet(desk, Workers.inOrder("tracing"), Workers.ui());
            return new Leaves.Leaf(new VBox(10, scan, trace), () -> {
                scan.refresh();
                trace.refresh();
            });
        });
        leaves.add("Figures", () -> {
            FigureList figures = new FigureList(desk, Step.HOST);
            return new Leaves.Leaf(new VBox(figures), figures::refresh);
        });
        leaves.add(CardSheet.NAME, () -> CardSheet.leaf(desk, Step.HOST));
        add(leaves);
        onRefresh(leaves::refresh);
        caution("Old tubes rot from inside: tap, drill a small hole low down, measure the wall before you weld to it.");
    }
}
