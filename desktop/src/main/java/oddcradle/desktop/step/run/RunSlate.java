package oddcradle.desktop.step.run;

import javafx.scene.layout.VBox;
import oddcradle.core.finding.Step;
import oddcradle.desktop.card.CardSheet;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.StepSlate;
import oddcradle.desktop.store.Desk;

/** The worksheets of Run: open beside the machine, what is due today first. */
public final class RunSlate extends StepSlate {
    public RunSlate(Desk desk, Palette palette) {
        super(desk, Step.RUN);
        Leaves leaves = new Leaves(desk);
        leaves.add("Today", () -> new TodaySheet(desk).leaf());
        leaves.add("Controls", () -> new ControlSheet(desk, palette).leaf());
        leaves.add("First start", () -> new StartSheet(desk).leaf());
        leaves.add("Log", () -> new LogSheet(desk, palette).leaf());
        leaves.add("Parts", () -> new PartsSheet(desk).leaf());
        leaves.add("Evenings", () -> new EveningSheet(desk).leaf());
        leaves.add(AskSheet.NAME, () -> new AskSheet(desk).leaf());
        leaves.add("Figures", () -> {
            FigureList figures = new FigureList(desk, Step.RUN);
            return new Leaves.Leaf(new VBox(figures), figures::refresh);
        });
        leaves.add(CardSheet.NAME, () -> CardSheet.leaf(desk, Step.RUN));
        add(leaves);
        onRefresh(leaves::refresh);
        caution(
                "Running: guards on, sleeves and hair away, a second person at the kill switch. Exhaust gas kills indoors. The maker's own book and local codes come first.");
    }
}
