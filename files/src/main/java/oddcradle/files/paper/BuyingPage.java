package oddcradle.files.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.make.Pace;
import oddcradle.core.job.make.Part;
import oddcradle.core.structure.StageResult;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.core.workshop.CutPlan;
import oddcradle.core.workshop.HardwareTotals;
import oddcradle.core.workshop.PlatePlan;
import oddcradle.core.workshop.WorkshopPlan;

/** Everything that has to be bought, once, with how many of it. */
final class BuyingPage {
    private static final String TO_BUY = Part.State.TO_BUY.word();

    private BuyingPage() {}

    static void add(Book book, Examination examination, WorkshopPlan plan) throws IOException {
        UnitStyle style = book.style();
        Pace pace = examination.job().build().shop().pace();
        List<List<String>> rows = new ArrayList<>();
        plan.cuts().ifPresent(cuts -> bars(rows, cuts, style, pace));
        plan.sheets().ifPresent(sheets -> sheets(rows, sheets, style, pace));
        for (HardwareTotals.Line line : plan.hardware().lines()) {
            rows.add(List.of(
                    Integer.toString(line.count()),
                    line.item().kind().word(),
                    line.item().size().in(style),
                    String.join(", ", line.mounts()),
                    line.note().state().word(),
                    price(line.count() * line.note().price(), pace)));
        }
        for (Part other : plan.hardware().others()) {
            rows.add(List.of(
                    "", other.item(), "", other.supplier(), other.state().word(), price(other.price(), pace)));
        }
        for (StageResult stage : examination.line().stages()) {
            DriveLine.of(stage, style)
                    .map(line -> List.of(line.get(0), line.get(1), line.get(2), line.get(3), TO_BUY, ""))
                    .ifPresent(rows::add);
        }
        String spanners = plan.hardware().spanners().isEmpty()
                ? ""
                : " Spanners: " + String.join(", ", plan.hardware().spanners()) + ".";
        TablePages.add(
                book,
                "What to buy",
                (plan.stockProblem().isEmpty()
                                ? "What lies on the shop's rack is not in it."
                                : "The stock " + plan.stockProblem() + ".")
                        + spanners,
                List.of(
                        new TablePages.Column("count", 14),
                        new TablePages.Column("what", 40),
                        new TablePages.Column("size", 120),
                        new TablePages.Column("where", 50),
                        new TablePages.Column("state", 30),
                        new TablePages.Column("price", 30)),
                rows);
    }

    private static void bars(List<List<String>> rows, CutPlan cuts, UnitStyle style, Pace pace) {
        Map<String, List<CutPlan.CutBar>> alike = new LinkedHashMap<>();
        cuts.bars().stream().filter(CutPlan.CutBar::ordered).forEach(bar -> alike.computeIfAbsent(
                        bar.stock().toString(), any -> new ArrayList<>())
                .add(bar));
        alike.values()
                .forEach(bars -> rows.add(List.of(
                        Integer.toString(bars.size()),
                        "bar",
                        bars.get(0).stock().section().in(style)
                                + (bars.get(0).stock().material().isEmpty()
                                        ? ""
                                        : ", " + bars.get(0).stock().material())
                                + ", "
                                + style.show(Quantity.length(bars.get(0).stock().length())) + " long",
                        String.join(
                                ", ",
                                bars.stream()
                                        .flatMap(bar -> bar.pieces().stream())
                                        .map(CutPlan.Piece::tube)
                                        .toList()),
                        TO_BUY,
                        price(bars.size() * bars.get(0).stock().price(), pace))));
    }

    private static void sheets(List<List<String>> rows, PlatePlan sheets, UnitStyle style, Pace pace) {
        for (PlatePlan.CutSheet sheet : sheets.sheets()) {
            if (sheet.stock().count() == 0) {
                rows.add(List.of(
                        "1",
                        "plate",
                        style.show(Quantity.length(sheet.stock().thickness())) + " thick, "
                                + style.show(Quantity.length(sheet.stock().length())) + " x "
                                + style.show(Quantity.length(sheet.stock().width())),
                        sheet.places().size() + " pieces",
                        TO_BUY,
                        price(sheet.stock().price(), pace)));
            }
        }
    }

    private static String price(double price, Pace pace) {
        return price > 0
                ? String.format(Locale.ROOT, "%.2f %s", price, pace.currency()).strip()
                : "";
    }
}
