package oddcradle.desktop.step.make;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.finding.Step;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.core.workshop.DrillPlan;
import oddcradle.core.workshop.HardwareTotals;
import oddcradle.core.workshop.TestPiece;
import oddcradle.core.workshop.WeldMap;
import oddcradle.desktop.card.CardSheet;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.StepSlate;
import oddcradle.desktop.slate.StudySheet;
import oddcradle.desktop.slate.Table;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.Desk;

/** The worksheets of Make, in the order in which a shop uses them. */
public final class MakeSlate extends StepSlate {
    public MakeSlate(Desk desk, Palette palette) {
        super(desk, Step.MAKE);
        Leaves leaves = new Leaves(desk);
        leaves.add("Cut list", this::cuts);
        leaves.add("Stock", () -> {
            BarStrips bars = new BarStrips(desk);
            return new StudySheet<>(desk, desk.workshop(), bars::show, bars).leaf();
        });
        leaves.add("Copes", () -> new CopeSheet(desk, palette).leaf());
        leaves.add("Holes", this::holes);
        leaves.add("Welds", this::welds);
        leaves.add("Hardware", this::hardware);
        leaves.add("Order", () -> {
            OrderRows order = new OrderRows(desk);
            return new StudySheet<>(desk, desk.workshop(), order::show, order).leaf();
        });
        leaves.add("Packet", () -> new PacketSheet(desk).leaf());
        leaves.add("Shop", () -> CardSheet.leaf(desk, Step.MAKE));
        add(leaves);
        onRefresh(leaves::refresh);
        caution(
                "Welding: drain and remove the tank, disconnect the battery, keep an extinguisher at hand. Goggles at saw, drill and grinder.");
    }

    private Leaves.Leaf cuts() {
        FigureList figures =
                new FigureList(desk, Step.MAKE, figure -> !figure.name().endsWith("cut length"));
        Table<CutTube> cuts = new Table<>(
                "cut",
                cut -> cut.tube().id(),
                List.of(
                        Table.Column.words("tube", cut -> cut.tube().named()),
                        Table.Column.words(
                                "section", cut -> cut.tube().section().in(desk.units())),
                        Table.Column.numbers(
                                "length",
                                () -> desk.units().typedUnit(Kind.LENGTH),
                                CutTube::cutLength,
                                cut -> desk.units().number(Quantity.length(cut.cutLength()))),
                        Table.Column.numbers(
                                "bends",
                                () -> "",
                                cut -> (double) bends(cut),
                                cut -> bends(cut) == 0 ? "" : Integer.toString(bends(cut)))),
                cut -> desk.selectionProperty().set(Optional.of(cut.tube().id())));
        cuts.whenEmpty("No tube of the cradle yet: draw one at Cradle, or take a proposal.");
        Label under = Text.line("Finished, over the longest points. A row picks its tube; its ends are at Copes.");
        return new Leaves.Leaf(new VBox(8, figures, cuts, under), () -> {
            figures.refresh();
            cuts.show(desk.examination().cutList());
            CopeSheet.picked(desk).ifPresent(tube -> cuts.pickOnly(tube.tube().id()));
        });
    }

    private static int bends(CutTube cut) {
        return cut.bends().map(plan -> plan.angles().size()).orElse(0);
    }

    private Leaves.Leaf holes() {
        Table<DrillPlan.Hole> table = new Table<>(
                "holes",
                DrillPlan.Hole::where,
                List.of(
                        Table.Column.words(
                                "hole",
                                hole -> hole.where() + ", " + hole.what().in(desk.units()) + ": " + passes(hole) + "; "
                                        + hole.how()),
                        Table.Column.numbers(
                                "size",
                                () -> desk.units().typedUnit(Kind.LENGTH),
                                DrillPlan.Hole::diameter,
                                hole -> desk.units().number(Quantity.length(hole.diameter())))),
                hole -> desk.selectionProperty().set(Optional.of(hole.piece())));
        table.whenEmpty("No hole to drill yet.");
        return new StudySheet<>(
                        desk,
                        desk.workshop(),
                        plan -> table.show(plan.holes().holes()),
                        Text.line(
                                "In this order: the first locates, the second sets the angle, the rest are drilled through with the donor bolted"
                                        + " up."),
                        table)
                .leaf();
    }

    private String passes(DrillPlan.Hole hole) {
        return String.join(
                ", ",
                hole.passes().stream()
                        .map(pass -> pass.tool() + " " + desk.units().show(Quantity.length(pass.diameter())))
                        .toList());
    }

    private Leaves.Leaf welds() {
        Table<WeldMap.Weld> table = new Table<>(
                "welds",
                WeldMap.Weld::mark,
                List.of(
                        Table.Column.words("weld", weld -> weld.mark() + "  " + weld.what()),
                        Table.Column.numbers(
                                "seam",
                                () -> desk.units().typedUnit(Kind.LENGTH),
                                WeldMap.Weld::length,
                                weld -> desk.units().number(Quantity.length(weld.length()))),
                        Table.Column.numbers(
                                "leg",
                                () -> desk.units().typedUnit(Kind.LENGTH),
                                WeldMap.Weld::leg,
                                weld -> desk.units().number(Quantity.length(weld.leg())))),
                weld -> desk.selectionProperty().set(Optional.of(weld.piece())));
        table.whenEmpty("Nothing to weld yet.");
        Label way = Text.said("weld-way");
        VBox pieces = new VBox(8);
        pieces.setId("test-pieces");
        return new StudySheet<>(
                        desk,
                        desk.workshop(),
                        plan -> {
                            table.show(plan.welds().welds());
                            way.setText(way(plan.welds()));
                            pieces.getChildren()
                                    .setAll(TestPiece.of(plan.welds()).stream()
                                            .map(this::testPiece)
                                            .toList());
                        },
                        Text.line(
                                "In this order: from the middle out, each next on the side that pulls the other way."),
                        table,
                        way,
                        pieces)
                .leaf();
    }

    private VBox testPiece(TestPiece piece) {
        return new VBox(
                2,
                Text.head("Test piece " + piece.mark() + ", before "
                        + piece.welds().get(0)),
                Text.line(piece.make().in(desk.units())),
                Text.line(piece.look().in(desk.units())));
    }

    private static String way(WeldMap map) {
        return String.join(
                " ",
                map.welds().stream()
                        .map(weld -> weld.way().process() + ", " + weld.way().filler()
                                + (weld.way().preheat() > 0
                                        ? ", warmed to " + Math.round(weld.way().preheat()) + " °C"
                                        : "")
                                + ": " + weld.way().note() + ".")
                        .distinct()
                        .toList());
    }

    private Leaves.Leaf hardware() {
        PartForm form = new PartForm(desk);
        Table<HardwareTotals.Line> table = new Table<>(
                "hardware",
                line -> line.note().item(),
                List.of(
                        Table.Column.words(
                                "item",
                                line -> line.item().kind().word() + ", "
                                        + line.item().size().in(desk.units()) + ": " + String.join(" ", line.mounts())),
                        Table.Column.words("state", line -> line.note().state().word()),
                        Table.Column.numbers(
                                "count",
                                () -> "",
                                line -> (double) line.count(),
                                line -> Integer.toString(line.count()))),
                line -> {
                    form.show(Optional.of(line));
                    desk.selectionProperty().set(line.mounts().stream().findFirst());
                });
        table.whenEmpty("No lug is mounted yet.");
        Label sum = Text.said("spanners");
        return new StudySheet<>(
                        desk,
                        desk.workshop(),
                        plan -> {
                            HardwareTotals totals = plan.hardware();
                            table.show(totals.lines());
                            form.show(totals.lines().stream()
                                    .filter(line -> form.item()
                                            .filter(line.note().item()::equals)
                                            .isPresent())
                                    .findFirst());
                            sum.setText(sum(totals));
                        },
                        table,
                        sum,
                        form)
                .leaf();
    }

    private String sum(HardwareTotals totals) {
        if (totals.lines().isEmpty()) {
            return "";
        }
        String currency = desk.session().job().build().shop().pace().currency();
        return "Spanners: " + String.join(", ", totals.spanners()) + "."
                + (totals.toPay() > 0
                        ? String.format(Locale.ROOT, " To pay: %.2f %s", totals.toPay(), currency)
                                        .stripTrailing()
                                + "."
                        : "")
                + (totals.temporary() > 0
                        ? " " + totals.temporary() + " in place only for a while: replaced before the first start."
                        : "");
    }
}
