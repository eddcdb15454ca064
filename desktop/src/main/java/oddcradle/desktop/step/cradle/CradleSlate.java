package oddcradle.desktop.step.cradle;

import oddcradle.core.finding.Step;
import oddcradle.desktop.card.CardSheet;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.StepSlate;
import oddcradle.desktop.store.Desk;

public final class CradleSlate extends StepSlate {
    public CradleSlate(Desk desk, Palette palette) {
        super(desk, Step.CRADLE);
        Leaves leaves = new Leaves(desk);
        leaves.add("Mounts", () -> {
            MountSheet sheet = new MountSheet(desk);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Cradles", () -> new Leaves.Leaf(new ProposalSheet(desk, palette), () -> {}));
        leaves.add("Tubes", () -> {
            EditSheet sheet = new EditSheet(desk);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Bolts", () -> {
            HardwareSheet sheet = new HardwareSheet(desk, palette);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Details", () -> {
            DetailSheet sheet = new DetailSheet(desk);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Order", () -> new Leaves.Leaf(new OrderSheet(desk), () -> {}));
        leaves.add("Choices", () -> {
            ChoicesSheet sheet = new ChoicesSheet(desk);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add(CardSheet.NAME, () -> CardSheet.leaf(desk, Step.CRADLE));
        add(leaves);
        onRefresh(leaves::refresh);
        caution(
                "Welding: engine, battery and fuel out first. A frame or mount that carries people needs a licensed eye.");
        desk.selectionProperty().addListener((property, before, now) -> {
            if (desk.stepProperty().get() == Step.CRADLE && desk.examination() != null) {
                leaves.refresh();
            }
        });
    }
}
