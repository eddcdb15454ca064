package oddcradle.desktop.step.seat;

import oddcradle.core.finding.Step;
import oddcradle.desktop.card.CardSheet;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.StepSlate;
import oddcradle.desktop.store.Desk;

public final class SeatSlate extends StepSlate {
    public SeatSlate(Desk desk, Palette palette) {
        super(desk, Step.SEAT);
        Leaves leaves = new Leaves(desk);
        leaves.add("Place", () -> {
            PlaceSheet sheet = new PlaceSheet(desk);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Gaps", () -> {
            GapSheet sheet = new GapSheet(desk, palette);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Search", () -> {
            SearchSheet sheet = new SearchSheet(desk, palette);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Way", () -> {
            WaySheet sheet = new WaySheet(desk);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Bolts", () -> {
            LiftSheet sheet = new LiftSheet(desk);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Odds", () -> {
            OddsSheet sheet = new OddsSheet(desk, palette);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add("Follows", () -> {
            NeighbourSheet sheet = new NeighbourSheet(desk);
            return new Leaves.Leaf(sheet, sheet::refresh);
        });
        leaves.add(CardSheet.NAME, () -> CardSheet.leaf(desk, Step.SEAT));
        add(leaves);
        onRefresh(leaves::refresh);
        desk.live().asideProperty().addListener((property, before, now) -> {
            if (desk.stepProperty().get() == Step.SEAT) {
                leaves.refresh();
            }
        });
        caution("Lifting: a hoist and straps that cannot slip, two people, nobody under the load.");
    }
}
