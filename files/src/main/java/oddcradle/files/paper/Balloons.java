package oddcradle.files.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import oddcradle.core.math.Vec3;
import oddcradle.files.drawing.FlatPoint;

/** Marks of places in two columns beside a picture, so that none lies on another. */
final class Balloons {
    private Balloons() {}

    /** A place with its mark. */
    record Marked(String mark, Vec3 at) {}

    /**
     * @param left where the left column is, mm
     * @param right column
     * @param bottom of both
     * @param top of both
     */
    static void draw(
            Sheet sheet, Picture picture, List<Marked> places, double left, double right, double bottom, double top)
            throws IOException {
        double middle = (left + right) / 2;
        List<Marked> toLeft = new ArrayList<>();
        List<Marked> toRight = new ArrayList<>();
        places.stream()
                .sorted(Comparator.comparingDouble(
                        each -> picture.onPaper(each.at()).x()))
                .forEach(each -> {
                    boolean isLeft = picture.onPaper(each.at()).x() < middle;
                    boolean leftFull = toLeft.size() >= (places.size() + 1) / 2;
                    (isLeft && !leftFull ? toLeft : toRight).add(each);
                });
        column(sheet, picture, toLeft, left, bottom, top);
        column(sheet, picture, toRight, right, bottom, top);
    }

    private static void column(Sheet sheet, Picture picture, List<Marked> places, double x, double bottom, double top)
            throws IOException {
        List<Marked> down = places.stream()
                .sorted(Comparator.comparingDouble(
                                (Marked each) -> picture.onPaper(each.at()).y())
                        .reversed())
                .toList();
        double step = (top - bottom) / Math.max(1, down.size());
        for (int k = 0; k < down.size(); k++) {
            picture.balloon(
                    sheet,
                    down.get(k).at(),
                    new FlatPoint(x, top - (k + 0.5) * step),
                    down.get(k).mark());
        }
    }
}
