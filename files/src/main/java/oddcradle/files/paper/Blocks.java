package oddcradle.files.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/** Things at true scale, as many on a sheet as go side by side and under each other; one that is larger than the paper is laid over several. */
final class Blocks {
    private static final double BETWEEN = 7;

    private Blocks() {}

    /** One of them, drawn from its lower left corner, mm. */
    record Block(double width, double height, Book.Drawing drawing) {}

    private record Placed(Block block, double x, double fromTop) {}

    static void add(Book book, String title, String under, List<Block> blocks) throws IOException {
        List<Placed> page = new ArrayList<>();
        double x = 0;
        double row = 0;
        double tallest = 0;
        for (Block block : blocks) {
            if (block.width() > book.room() || block.height() > book.roomUpright()) {
                draw(book, title, under, page);
                book.tiled(title, under, block.width(), block.height(), block.drawing());
                x = 0;
                row = 0;
                tallest = 0;
                continue;
            }
            if (x > 0 && x + block.width() > book.room()) {
                x = 0;
                row += tallest + BETWEEN;
                tallest = 0;
            }
            if (row + block.height() > book.roomUpright()) {
                draw(book, title, under, page);
                x = 0;
                row = 0;
                tallest = 0;
            }
            page.add(new Placed(block, x, row));
            x += block.width() + BETWEEN;
            tallest = Math.max(tallest, block.height());
        }
        draw(book, title, under, page);
    }

    private static void draw(Book book, String title, String under, List<Placed> page) throws IOException {
        if (page.isEmpty()) {
            return;
        }
        try (Sheet sheet = book.page(title, under)) {
            double top = book.bottom() + book.roomUpright();
            for (Placed each : page) {
                sheet.at(
                        Book.MARGIN + each.x(),
                        top - each.fromTop() - each.block().height(),
                        each.block().drawing());
            }
        }
        page.clear();
    }
}
