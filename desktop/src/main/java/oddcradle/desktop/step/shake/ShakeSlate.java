package oddcradle.desktop.step.shake;

import javafx.scene.layout.VBox;
import oddcradle.core.finding.Step;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.StepSlate;
import oddcradle.desktop.store.Desk;

/** Opens on what is felt; the map, the mounts and the figures stand behind it. */
public final class ShakeSlate extends StepSlate {
    public ShakeSlate(Desk desk, Palette palette) {
        super(desk, Step.SHAKE);
        Leaves leaves = new Leaves(desk);
        leaves.add("Felt", () -> {
            FeltSheet sheet = new FeltSheet(desk);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Orders", () -> {
            OrderSheet sheet = new OrderSheet(desk, palette);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Motion", () -> {
            MotionSheet sheet = new MotionSheet(desk, palette);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("In time", () -> {
            InTimeSheet sheet = new InTimeSheet(desk, palette);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Balance", () -> {
            BalanceSheet sheet = new BalanceSheet(desk, palette);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Rotors", () -> {
            RotorSheet sheet = new RotorSheet(desk);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Record", () -> {
            RecordSheet sheet = new RecordSheet(desk, palette);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Choose", () -> {
            ChooseSheet sheet = new ChooseSheet(desk, palette);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Mounts", () -> {
            IsolationSheet sheet = new IsolationSheet(desk, palette);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Figures", () -> {
            FigureList figures = new FigureList(desk, Step.SHAKE);
            return new Leaves.Leaf(new VBox(figures), figures::refresh);
        });
        add(leaves);
        onRefresh(leaves::refresh);
        desk.shaking().shownProperty().addListener(change -> {
            if (leaves.getScene() != null) {
                leaves.refresh();
            }
        });
    }
}
