package oddcradle.files.handout;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import oddcradle.core.examine.Examination;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.core.workshop.BuildOrder;
import oddcradle.core.workshop.CutPlan;
import oddcradle.core.workshop.DrillPlan;
import oddcradle.core.workshop.HardwareTotals;
import oddcradle.core.workshop.WeldMap;
import oddcradle.core.workshop.WorkshopPlan;

/** What the shop is told to do, as tables. */
final class WorkshopTables {
    private WorkshopTables() {}

    static HandTable bars(Examination examination, UnitStyle units) {
        List<List<String>> rows = new ArrayList<>();
        WorkshopPlan.of(examination).cuts().ifPresent(cuts -> {
            for (int k = 0; k < cuts.bars().size(); k++) {
                CutPlan.CutBar bar = cuts.bars().get(k);
                for (CutPlan.Piece piece : bar.pieces()) {
                    rows.add(List.of(
                            Integer.toString(k + 1),
                            bar.stock().section().in(units),
                            bar.stock().material(),
                            length(bar.stock().length(), units),
                            bar.ordered() ? "buy" : bar.stock().mark(),
                            piece.tube(),
                            length(piece.from(), units),
                            length(piece.length(), units)));
                }
            }
        });
        String unit = unit(units);
        return new HandTable(
                List.of(
                        "bar",
                        "section",
                        "material",
                        "bar's length" + unit,
                        "stock",
                        "tube",
                        "from" + unit,
                        "sawn" + unit),
                rows);
    }

    static HandTable buying(Examination examination, UnitStyle units) {
        List<List<String>> rows = new ArrayList<>();
        for (HardwareTotals.Line line : HardwareTotals.of(examination).lines()) {
            rows.add(List.of(
                    Integer.toString(line.count()),
                    line.item().kind().word(),
                    line.item().size().in(units),
                    String.join(" ", line.mounts()),
                    line.note().state().word(),
                    line.note().supplier()));
        }
        return new HandTable(List.of("count", "item", "size", "mounts", "state", "supplier"), rows);
    }

    static HandTable holes(Examination examination, UnitStyle units) {
        List<List<String>> rows = new ArrayList<>();
        for (DrillPlan.Hole hole : DrillPlan.of(examination).holes()) {
            rows.add(List.of(
                    hole.where(),
                    hole.what().in(units),
                    length(hole.diameter(), units),
                    String.join(
                            " ",
                            hole.passes().stream()
                                    .map(pass -> length(pass.diameter(), units))
                                    .toList()),
                    hole.how()));
        }
        return new HandTable(
                List.of("where", "through", "hole" + unit(units), "passes" + unit(units), "which first"), rows);
    }

    static HandTable welds(Examination examination, UnitStyle units) {
        List<List<String>> rows = new ArrayList<>();
        for (WeldMap.Weld weld : WeldMap.of(examination).welds()) {
            rows.add(List.of(
                    weld.mark(),
                    weld.what(),
                    length(weld.length(), units),
                    length(weld.leg(), units),
                    weld.way().process(),
                    weld.way().filler()));
        }
        return new HandTable(
                List.of("weld", "what on what", "seam" + unit(units), "leg" + unit(units), "process", "filler"), rows);
    }

    static HandTable order(Examination examination, UnitStyle units) {
        List<List<String>> rows = new ArrayList<>();
        List<BuildOrder.Task> tasks =
                BuildOrder.of(examination, WeldMap.of(examination)).tasks();
        for (int k = 0; k < tasks.size(); k++) {
            BuildOrder.Task task = tasks.get(k);
            rows.add(List.of(
                    Integer.toString(k + 1),
                    task.title(),
                    String.join(
                            " ",
                            task.what().stream().map(what -> what.in(units)).toList()),
                    task.check().in(units),
                    String.format(Locale.ROOT, "%.2f", task.time() / 3600),
                    String.join(" ", task.parts())));
        }
        return new HandTable(List.of("step", "title", "what", "check", "hours", "takes"), rows);
    }

    private static String length(double metres, UnitStyle units) {
        return units.digits(Quantity.length(metres));
    }

    private static String unit(UnitStyle units) {
        return " [" + units.typedUnit(Kind.LENGTH) + "]";
    }
}
