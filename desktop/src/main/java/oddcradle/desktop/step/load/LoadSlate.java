package oddcradle.desktop.step.load;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.finding.Step;
import oddcradle.core.structure.TubeStress;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.card.CardSheet;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.look.Temper;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.SectionPicker;
import oddcradle.desktop.slate.ShareBars;
import oddcradle.desktop.slate.StepSlate;
import oddcradle.desktop.store.Desk;

public final class LoadSlate extends StepSlate {
    private static final int TUBES = 8;

    public LoadSlate(Desk desk, Palette palette) {
        super(desk, Step.LOAD);
        Leaves leaves = new Leaves(desk);
        ProofSheets proof = new ProofSheets(desk, palette);
        leaves.add("Answers", proof::answers);
        leaves.add("Tubes", () -> {
            Label head = new Label("Tubes by utilisation: yield, yield beside a weld, or as a column");
            head.getStyleClass().add("section-title");
            head.setWrapText(true);
            ShareBars bars = new ShareBars(palette);
            VBox tubes = new VBox(6, head, bars);
            List<Runnable> refreshers = new ArrayList<>(List.of(() -> bars.show(bars(desk))));
            new SectionPicker(desk).addTo(tubes.getChildren()::addAll, refreshers::add);
            return new Leaves.Leaf(tubes, () -> refreshers.forEach(Runnable::run));
        });
        leaves.add("By case", () -> {
            BendSheet bend = new BendSheet(desk);
            return new Leaves.Leaf(bend, bend::refresh);
        });
        leaves.add("Joints", proof::joints);
        leaves.add("Life", proof::lives);
        leaves.add("Lost part", proof::losses);
        leaves.add("Make it hold", () -> new Leaves.Leaf(new HoldSheet(desk), () -> {}));
        leaves.add("Cases", () -> {
            CaseSheet cases = new CaseSheet(desk);
            return new Leaves.Leaf(cases, cases::refresh);
        });
        leaves.add("Figures", () -> {
            FigureList figures = new FigureList(desk, Step.LOAD);
            return new Leaves.Leaf(new VBox(figures), figures::refresh);
        });
        leaves.add(CardSheet.NAME, () -> CardSheet.leaf(desk, Step.LOAD));
        add(leaves);
        onRefresh(leaves::refresh);
        desk.proof().shownProperty().addListener(change -> {
            if (leaves.getScene() != null) {
                leaves.refresh();
            }
        });
        caution(
                "Welds are taken as sound and as wide as said; a crack is looked for with eye and dye after the first hours, and again. A frame that carries people needs a licensed eye.");
    }

    private static List<ShareBars.Bar> bars(Desk desk) {
        List<ShareBars.Bar> bars = new ArrayList<>();
        for (TubeStress use :
                desk.examination().tubeStresses().stream().limit(TUBES).toList()) {
            bars.add(new ShareBars.Bar(
                    use.tube().named(),
                    desk.units().show(Quantity.share(use.utilisation())),
                    use.utilisation(),
                    Temper.at(use.utilisation()),
                    ShareBars.Past.BAD));
        }
        return bars;
    }
}
