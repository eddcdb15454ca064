package oddcradle.files.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.units.Quantity;
import oddcradle.core.workshop.PlatePart;

/** A label for every piece, to be cut apart and stuck on. */
final class LabelPages {
    private static final double WIDE = 60;
    private static final double TALL = 22;

    private LabelPages() {}

    static void add(Book book, List<CutTube> tubes, List<PlatePart> plates) throws IOException {
        List<Blocks.Block> labels = new ArrayList<>();
        for (CutTube tube : tubes) {
            labels.add(label(
                    tube.tube().id(),
                    tube.tube().label(),
                    tube.tube().section().in(book.style()) + ", "
                            + book.style().show(Quantity.length(tube.cutLength())),
                    tube.first().node() + " to " + tube.last().node()));
        }
        for (PlatePart plate : plates) {
            for (int k = 0; k < plate.count(); k++) {
                labels.add(label(
                        plate.mark(),
                        plate.what(),
                        book.style().show(Quantity.length(plate.thickness())) + " thick",
                        plate.material()));
            }
        }
        Blocks.add(book, "Labels", "Cut apart, stick on as soon as the piece is sawn.", labels);
    }

    private static Blocks.Block label(String mark, String what, String size, String where) {
        return new Blocks.Block(WIDE, TALL, sheet -> {
            PlatePages.box(sheet, 0, 0, WIDE, TALL, 0.1);
            sheet.fitted(2, TALL - 7, 20, 5.5, Fonts.Face.BOLD, mark);
            sheet.fitted(24, TALL - 6, WIDE - 26, 3, Fonts.Face.PLAIN, what);
            sheet.fitted(2, 6.4, WIDE - 4, 3, Fonts.Face.PLAIN, size);
            sheet.fitted(2, 2.2, WIDE - 4, 3, Fonts.Face.PLAIN, where);
        });
    }
}
