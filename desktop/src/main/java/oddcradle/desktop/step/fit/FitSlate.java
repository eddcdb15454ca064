package oddcradle.desktop.step.fit;

import java.util.Optional;
import javafx.scene.layout.VBox;
import oddcradle.core.finding.Step;
import oddcradle.core.job.edit.Side;
import oddcradle.desktop.card.CardSheet;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.StepSlate;
import oddcradle.desktop.step.measured.SurveySheet;
import oddcradle.desktop.store.Desk;

/** The worksheets of Fit, in the order in which they are wanted at the machine. */
public final class FitSlate extends StepSlate {
    public FitSlate(Desk desk, Palette palette) {
        super(desk, Step.FIT);
        Leaves leaves = new Leaves(desk);
        leaves.add("Measure", () -> {
            TimesBar times = new TimesBar(desk);
            SurveySheet sheet = new SurveySheet(desk, Side.MOUNT, palette);
            return new Leaves.Leaf(new VBox(8, times, sheet, times.form()), () -> {
                times.refresh();
                sheet.refresh();
            });
        });
        leaves.add("Found", () -> nothingWanted(new FoundSheet(desk).leaf()));
        leaves.add("What to do", () -> nothingWanted(new WorkSheet(desk).leaf()));
        leaves.add("Line up", () -> nothingWanted(new AlignSheet(desk).leaf()));
        leaves.add("As built", () -> nothingWanted(new AgainSheet(desk).leaf()));
        leaves.add("Onto it", () -> nothingWanted(new OntoSheet(desk).leaf()));
        leaves.add("In and out", () -> nothingWanted(new LogSheet(desk).leaf()));
        leaves.add("Sign-off", () -> nothingWanted(new SignOffSheet(desk).leaf()));
        leaves.add("Scan", () -> nothingWanted(new ScanOffSheet(desk).leaf()));
        leaves.add("Figures", () -> {
            FigureList figures = new FigureList(desk, Step.FIT);
            return new Leaves.Leaf(new VBox(figures), figures::refresh);
        });
        leaves.add(CardSheet.NAME, () -> CardSheet.leaf(desk, Step.FIT));
        add(leaves);
        onRefresh(leaves::refresh);
        caution(
                "Nobody under a hanging engine, no finger in a hole to feel it. Turn shafts by hand, ignition off, plugs out.");
    }

    /** Which reading is wanted next is marked in the stand only beside its sheet. */
    private Leaves.Leaf nothingWanted(Leaves.Leaf leaf) {
        return new Leaves.Leaf(leaf.node(), () -> {
            desk.wantedProperty().set(Optional.empty());
            leaf.refresh().run();
        });
    }
}
