package oddcradle.files.paper;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.drawing.DrawnShape;
import oddcradle.files.drawing.Extent;
import oddcradle.files.drawing.FlatPoint;
import oddcradle.files.drawing.JobDrawing;
import oddcradle.files.drawing.Role;
import oddcradle.files.drawing.Sight;
import oddcradle.files.drawing.View;

/** Three views to one scale with the seat's main dimensions from the datum, and the cradle drawn apart with its marks. */
final class ViewsPage {
    private static final double MARGIN = Book.MARGIN;
    /** How far parts are drawn from the middle of the cradle, of how far they are. */
    private static final double APART = 0.45;

    private ViewsPage() {}

    static void add(Book book, Examination examination) throws IOException {
        UnitStyle style = book.style();
        try (Sheet sheet = book.page("Three views", "")) {
            double half = (book.room() - MARGIN) / 2;
            double tall = (book.roomUpright() - 8) / 2;
            Frame left = new Frame(MARGIN, book.bottom() + tall + 8, half, tall - 6);
            Frame behind = new Frame(2 * MARGIN + half, book.bottom() + tall + 8, half, tall - 6);
            Frame above = new Frame(MARGIN, book.bottom(), half, tall - 6);
            double scale = Math.min(
                    fit(examination, View.FROM_LEFT, left),
                    Math.min(fit(examination, View.FROM_BEHIND, behind), fit(examination, View.FROM_ABOVE, above)));
            draw(sheet, examination, View.FROM_LEFT, left, scale);
            draw(sheet, examination, View.FROM_BEHIND, behind, scale);
            draw(sheet, examination, View.FROM_ABOVE, above, scale);
            dimensions(sheet, examination, 2 * MARGIN + half, book.bottom() + tall - 8, style, scale);
        }
        if (!examination.job().cradle().members().isEmpty()) {
            apart(book, examination);
        }
    }

    private record Frame(double x, double y, double width, double height) {}

    /** mm of paper per metre. */
    private static double fit(Examination examination, View view, Frame frame) {
        Extent extent = Extent.of(JobDrawing.shapes(examination, view));
        return Math.min(frame.width() / extent.width(), frame.height() / extent.height());
    }

    private static void draw(Sheet sheet, Examination examination, View view, Frame frame, double scale)
            throws IOException {
        List<DrawnShape> shapes = JobDrawing.shapes(examination, view);
        Picture picture = Picture.scaled(
                Extent.of(shapes), view.sight(), scale, frame.x(), frame.y(), frame.width(), frame.height());
        picture.draw(sheet, shapes);
        sheet.colour(Sheet.BLUE);
        for (Boss boss : examination.job().donor().bosses()) {
            FlatPoint at = picture.onPaper(examination.seating().boss(boss.id()));
            sheet.line(at.x() - 1.5, at.y(), at.x() + 1.5, at.y(), 0.25);
            sheet.line(at.x(), at.y() - 1.5, at.x(), at.y() + 1.5, 0.25);
        }
        sheet.colour(Sheet.GRAPHITE);
        double datum = picture.onPaper(Vec3.ZERO).y();
        sheet.dashed(frame.x(), datum, frame.x() + frame.width(), datum, 0.12);
        sheet.text(frame.x(), frame.y() + frame.height() + 2, 3.4, Fonts.Face.BOLD, view.title());
        sheet.colour(Sheet.INK);
    }

    private static void dimensions(
            Sheet sheet, Examination examination, double x, double top, UnitStyle style, double scale)
            throws IOException {
        double y = top;
        sheet.text(x, y, 3.8, Fonts.Face.BOLD, "From the datum: forward, left, up");
        y -= 6;
        y = dimension(sheet, x, y, "middle of the output", examination.seating().driverCentre(), style);
        y = dimension(
                sheet, x, y, "centre of gravity", examination.seating().mass().cg(), style);
        for (Boss boss : examination.job().donor().bosses()) {
            y = dimension(sheet, x, y, boss.named(), examination.seating().boss(boss.id()), style);
        }
        y = dimension(
                sheet,
                x,
                y,
                "middle of what is driven",
                examination.job().host().drivenEnd().sprocketCentre(),
                style);
        sheet.colour(Sheet.GRAPHITE);
        sheet.text(
                x,
                y - 3,
                3,
                Fonts.Face.PLAIN,
                "Scale 1 : " + Math.round(1000 / scale) + ". Do not scale from this page; the numbers rule.");
        sheet.colour(Sheet.INK);
    }

    private static double dimension(Sheet sheet, double x, double y, String name, Vec3 at, UnitStyle style)
            throws IOException {
        sheet.fitted(x, y, 44, 3.2, Fonts.Face.PLAIN, name);
        double column = x + 66;
        for (double value : new double[] {at.x(), at.y(), at.z()}) {
            sheet.textRight(column, y, 3.2, Fonts.Face.PLAIN, style.show(Quantity.length(value)));
            column += 24;
        }
        return y - 4.8;
    }

    /** Every tube moved away from the middle of the cradle, mounts where they are, marks in two columns. */
    private static void apart(Book book, Examination examination) throws IOException {
        Sight sight = Sight.slanting();
        Vec3 middle = Vec3.ZERO;
        List<Member> tubes = examination.job().cradle().members();
        for (Member tube : tubes) {
            middle = middle.along(middle(examination, tube), 1.0 / tubes.size());
        }
        List<JobDrawing.PartSolid> solids = new ArrayList<>();
        List<Balloons.Marked> marks = new ArrayList<>();
        for (Member tube : tubes) {
            Vec3 by = middle(examination, tube).minus(middle).times(APART);
            JobDrawing.tube(examination, tube, Role.CRADLE_TUBE).stream()
                    .map(solid -> solid.moved(by))
                    .forEach(solids::add);
            marks.add(new Balloons.Marked(tube.id(), middle(examination, tube).plus(by)));
        }
        for (Isolator isolator : examination.job().cradle().isolators()) {
            Vec3 at = examination.seating().boss(isolator.boss());
            marks.add(new Balloons.Marked(
                    isolator.id(), at.along(at.minus(middle), APART).along(Vec3.Z, 0.05)));
        }
        List<DrawnShape> shapes = JobDrawing.shapes(solids, sight);
        try (Sheet sheet = book.page(
                "Parts of the cradle",
                "Drawn apart, seen from before it on its left; tubes by their marks, mounts where their bolts are.")) {
            Picture picture = Picture.fitted(
                    shapes, sight, MARGIN + 30, book.bottom() + 10, book.room() - 60, book.roomUpright() - 20);
            picture.draw(sheet, shapes);
            Balloons.draw(
                    sheet,
                    picture,
                    marks,
                    MARGIN + 8,
                    MARGIN + book.room() - 8,
                    book.bottom(),
                    book.bottom() + book.roomUpright());
        }
    }

    static Vec3 middle(Examination examination, Member tube) {
        List<Vec3> path = examination.seating().path(tube);
        return path.get(0).towards(path.get(path.size() - 1), 0.5);
    }
}
