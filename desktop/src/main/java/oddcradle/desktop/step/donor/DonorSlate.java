package oddcradle.desktop.step.donor;

import javafx.scene.control.Label;
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

public final class DonorSlate extends StepSlate {
    public DonorSlate(Desk desk, Palette palette) {
        super(desk, Step.DONOR);
        Label name = new Label();
        name.setWrapText(true);
        add(name);
        onRefresh(() -> name.setText(desk.session().job().donor().name() + ", "
                + desk.session().job().donor().engine().layout()));
        Leaves leaves = new Leaves(desk);
        leaves.add("Measure", () -> {
            SurveySheet sheet = new SurveySheet(desk, Side.DONOR, palette);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Weigh", () -> {
            WeighSheet sheet = new WeighSheet(desk);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Engine", () -> {
            EngineSheet sheet = new EngineSheet(desk, palette);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Running", () -> {
            RunningSheet sheet = new RunningSheet(desk, palette);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Parts", () -> {
            PartsSheet sheet = new PartsSheet(desk);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Scan", () -> {
            ScanSheet sheet = new ScanSheet(desk, Side.DONOR);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("History", () -> {
            HistorySheet sheet = new HistorySheet(desk);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Compare", () -> {
            CandidateSheet sheet = new CandidateSheet(desk, Workers.inOrder("candidates"), Workers.ui());
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Figures", () -> {
            FigureList figures = new FigureList(desk, Step.DONOR);
            return new Leaves.Leaf(figures, figures::refresh);
        });
        leaves.add(CardSheet.NAME, () -> CardSheet.leaf(desk, Step.DONOR));
        add(leaves);
        onRefresh(leaves::refresh);
        caution("Lifting: hang the engine by its own lugs, tie it until it is bolted, never reach under it.");
    }
}
