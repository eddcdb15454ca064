package oddcradle.files.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.shop.FlatCuts;
import oddcradle.core.shop.Saddle;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.step.make.TubeEnd;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;

/** How a hole-saw notcher is set for each end, and a saw where there is no notcher. */
final class NotchPages {
    private NotchPages() {}

    static void add(Book book, List<CutTube> tubes) throws IOException {
        List<List<String>> rows = new ArrayList<>();
        for (CutTube tube : tubes) {
            for (TubeEnd end : tube.ends()) {
                for (int k = 0; k < end.headers().size() && end.cope().isPresent(); k++) {
                    rows.add(row(book.style(), tube, end, k));
                }
            }
        }
        if (!rows.isEmpty()) {
            TablePages.add(
                    book,
                    "Settings of notcher and saw",
                    "Degrees round the tube count from the 0° of its wrap. An end on several tubes is notched once for each, in this order. Two saw"
                            + " cuts meet in the middle.",
                    List.of(
                            new TablePages.Column("end", 34),
                            new TablePages.Column("sits on", 22),
                            new TablePages.Column("hole saw", 26),
                            new TablePages.Column("off square", 22),
                            new TablePages.Column("sharp side at", 26),
                            new TablePages.Column("beside the middle by", 38),
                            new TablePages.Column("two saw cuts instead", 62),
                            new TablePages.Column("light left", 22)),
                    rows);
        }
    }

    private static List<String> row(UnitStyle style, CutTube tube, TubeEnd end, int header) {
        String name = tube.tube().id() + " at " + end.node();
        String on = end.landsOn().get(header);
        if (end.saddle(header).isEmpty()) {
            return List.of(name, on, "none", "", "", "", "by its wrap", "");
        }
        Saddle saddle = end.saddle(header).get();
        Optional<FlatCuts> flat = end.flatCuts();
        return List.of(
                name,
                on,
                style.show(Quantity.length(saddle.saw())),
                Degrees.words(saddle.offSquare()),
                Degrees.words(saddle.clock()),
                saddle.offset() == 0
                        ? "on the middle"
                        : style.show(Quantity.length(saddle.offset())) + ", towards "
                                + Degrees.words(saddle.offsetClock()),
                flat.map(NotchPages::cuts).orElse("by its wrap"),
                flat.map(cuts -> style.show(Quantity.length(cuts.light()))).orElse(""));
    }

    private static String cuts(FlatCuts flat) {
        return String.join(
                ", ",
                flat.cuts().stream()
                        .map(cut -> Degrees.words(cut.offSquare()) + " in at " + Degrees.words(cut.tongue()))
                        .toList());
    }
}
