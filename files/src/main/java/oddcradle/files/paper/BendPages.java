package oddcradle.files.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import oddcradle.core.shop.BendPlan;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;

/** Where each bent tube is marked, how far it is turned before each bend, and what the machine is set to. */
final class BendPages {
    private BendPages() {}

    static void add(Book book, List<CutTube> tubes) throws IOException {
        UnitStyle style = book.style();
        List<List<String>> rows = new ArrayList<>();
        for (CutTube tube : tubes) {
            tube.bends().ifPresent(plan -> {
                // The saw's end is the tube's longest point there: what it reaches past its node comes before the first
                // mark.
                double before = tube.first().reach();
                List<BendPlan.Mark> marks = plan.marks();
                for (int k = 0; k < marks.size(); k++) {
                    rows.add(List.of(
                            k == 0 ? tube.tube().id() + ", from " + tube.first().node() : "",
                            Integer.toString(k + 1),
                            style.show(Quantity.length(before + marks.get(k).start())),
                            style.show(Quantity.length(before + marks.get(k).end())),
                            style.show(Quantity.length(tube.tube().bend())),
                            Degrees.words(plan.angles().get(k)),
                            Degrees.words(plan.machineAngles().get(k)),
                            k == 0 ? "as it lies" : turned(plan.turns().get(k))));
                }
            });
        }
        if (!rows.isEmpty()) {
            TablePages.add(
                    book,
                    "Bends",
                    "Marks from the sawn end, longest point. Turns are seen from that end, looking along the tube. Try the springback on an off-cut"
                            + " of the same tube.",
                    List.of(
                            new TablePages.Column("tube", 40),
                            new TablePages.Column("bend", 14),
                            new TablePages.Column("bend begins at", 34),
                            new TablePages.Column("bend ends at", 34),
                            new TablePages.Column("radius", 28),
                            new TablePages.Column("stays at", 22),
                            new TablePages.Column("machine to", 24),
                            new TablePages.Column("turn the tube before it", 56)),
                    rows);
        }
    }

    /** @param turn clockwise as it is seen from the first end, rad */
    private static String turned(double turn) {
        if (Math.abs(turn) < 1e-6) {
            return "not at all";
        }
        return Degrees.words(Math.abs(turn)) + (turn > 0 ? " clockwise" : " anticlockwise");
    }
}
