package oddcradle.files.paper;

import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.job.make.Tools.Printed;
import oddcradle.files.drawing.FlatPoint;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.util.Matrix;

/** One page drawn in millimetres from its lower left corner. */
final class Sheet implements AutoCloseable {
    private static final double POINTS_PER_MM = 72 / 25.4;
    private static final int AROUND = 48;
    static final int INK = 0x22262B;
    static final int GRAPHITE = 0x5A626B;
    static final int BLUE = 0x1F4E8C;
    static final int PRIMER = 0xB3372B;

    private final PDPageContentStream out;
    private final Fonts fonts;
    /** What of a larger drawing is on this sheet, page mm: words outside it would only be found and never seen. */
    private Optional<Rectangle2D> seen = Optional.empty();

    private double originX;
    private double originY;
    final double width;
    final double height;

    /** @param printed what the printer makes of the page, which is drawn so that it comes out true */
    Sheet(PDDocument document, Fonts fonts, double width, double height, Printed printed) throws IOException {
        this.fonts = fonts;
        this.width = width;
        this.height = height;
        PDPage page = new PDPage(new PDRectangle(points(width), points(height)));
        document.addPage(page);
        this.out = new PDPageContentStream(document, page);
        float across = (float) (Printed.BAR / printed.across());
        float upright = (float) (Printed.BAR / printed.upright());
        if (across != 1 || upright != 1) {
            out.transform(new Matrix(
                    across, 0, 0, upright, points(width / 2) * (1 - across), points(height / 2) * (1 - upright)));
        }
        colour(INK);
    }

    /**
     * From here on only what lies within a frame is drawn, and its lower left corner shows a place of a larger drawing, mm.
     *
     * @param fromX of the drawing that lies at the frame's left edge
     * @param fromY of the drawing that lies at its lower edge
     */
    void window(double x, double y, double width, double height, double fromX, double fromY) throws IOException {
        out.addRect(points(x), points(y), points(width), points(height));
        out.clip();
        out.transform(Matrix.getTranslateInstance(points(x - fromX), points(y - fromY)));
        seen = Optional.of(new Rectangle2D.Double(x, y, width, height));
        originX = x - fromX;
        originY = y - fromY;
    }

    private static float points(double mm) {
        return (float) (mm * POINTS_PER_MM);
    }

    void colour(int rgb) throws IOException {
        float red = (rgb >> 16 & 255) / 255f;
        float green = (rgb >> 8 & 255) / 255f;
        float blue = (rgb & 255) / 255f;
        out.setStrokingColor(red, green, blue);
        out.setNonStrokingColor(red, green, blue);
    }

    void line(double x1, double y1, double x2, double y2, double thickness) throws IOException {
        out.setLineWidth(points(thickness));
        out.moveTo(points(x1), points(y1));
        out.lineTo(points(x2), points(y2));
        out.stroke();
    }

    void dashed(double x1, double y1, double x2, double y2, double thickness) throws IOException {
        out.setLineDashPattern(new float[] {points(1.5), points(1)}, 0);
        line(x1, y1, x2, y2, thickness);
        out.setLineDashPattern(new float[0], 0);
    }

    void polyline(List<FlatPoint> points, boolean closed, double thickness) throws IOException {
        out.setLineWidth(points(thickness));
        trace(points);
        if (closed) {
            out.closePath();
        }
        out.stroke();
    }

    /** White inside, so that what lies behind is hidden. */
    void area(List<FlatPoint> points, double thickness, int edge) throws IOException {
        out.setNonStrokingColor(1f, 1f, 1f);
        trace(points);
        out.closePath();
        out.fill();
        colour(edge);
        polyline(points, true, thickness);
    }

    private void trace(List<FlatPoint> points) throws IOException {
        out.moveTo(points(points.get(0).x()), points(points.get(0).y()));
        for (FlatPoint point : points.subList(1, points.size())) {
            out.lineTo(points(point.x()), points(point.y()));
        }
    }

    void text(double x, double y, double size, Fonts.Face face, String text) throws IOException {
        if (seen.filter(window -> !window.contains(x + originX, y + originY)).isPresent()) {
            return;
        }
        PDFont font = fonts.of(face);
        out.beginText();
        out.setFont(font, points(size));
        out.newLineAtOffset(points(x), points(y));
        out.showText(fonts.printable(face, text));
        out.endText();
    }

    void textRight(double right, double y, double size, Fonts.Face face, String text) throws IOException {
        text(right - fonts.width(face, size, text), y, size, face, text);
    }

    void textCentred(double x, double y, double size, Fonts.Face face, String text) throws IOException {
        text(x - fonts.width(face, size, text) / 2, y, size, face, text);
    }

    /** Draws something from another place of the page, mm, and comes back. */
    void at(double x, double y, Book.Drawing drawing) throws IOException {
        out.saveGraphicsState();
        out.transform(Matrix.getTranslateInstance(points(x), points(y)));
        originX += x;
        originY += y;
        drawing.on(this);
        originX -= x;
        originY -= y;
        out.restoreGraphicsState();
        colour(INK);
    }

    /** As much of a line as goes into a width, with dots where some of it does not. */
    void fitted(double x, double y, double room, double size, Fonts.Face face, String text) throws IOException {
        String shown = text;
        while (!shown.isEmpty() && fonts.width(face, size, shown) > room) {
            String fewer = shown.endsWith("…") ? shown.substring(0, shown.length() - 1) : shown;
            shown = fewer.length() > 1 ? fewer.substring(0, fewer.length() - 1) + "…" : "";
        }
        text(x, y, size, face, shown);
    }

    /** A figure, whole or not at all: a part of it would be another figure. */
    void ifItFits(double x, double y, double room, double size, Fonts.Face face, String figure) throws IOException {
        if (fonts.width(face, size, figure) <= room) {
            text(x, y, size, face, figure);
        }
    }

    double widthOf(Fonts.Face face, double size, String text) throws IOException {
        return fonts.width(face, size, text);
    }

    void circle(double x, double y, double diameter, double thickness) throws IOException {
        List<FlatPoint> round = new ArrayList<>();
        for (int k = 0; k < AROUND; k++) {
            double angle = 2 * Math.PI * k / AROUND;
            round.add(new FlatPoint(x + diameter / 2 * Math.cos(angle), y + diameter / 2 * Math.sin(angle)));
        }
        polyline(round, true, thickness);
    }

    /** A circle that hides what lies behind. */
    void disc(double x, double y, double diameter, double thickness) throws IOException {
        List<FlatPoint> round = new ArrayList<>();
        for (int k = 0; k < AROUND; k++) {
            double angle = 2 * Math.PI * k / AROUND;
            round.add(new FlatPoint(x + diameter / 2 * Math.cos(angle), y + diameter / 2 * Math.sin(angle)));
        }
        area(round, thickness, INK);
    }

    /** Wraps at words, and within a word that is too long; returns the y under the last line. */
    double paragraph(double x, double y, double room, double size, Fonts.Face face, String text) throws IOException {
        double below = y;
        for (String line : broken(room, size, face, text)) {
            text(x, below, size, face, line);
            below -= size * 1.35;
        }
        return below;
    }

    /** How many lines a paragraph takes. */
    int lines(double room, double size, Fonts.Face face, String text) throws IOException {
        return broken(room, size, face, text).size();
    }

    private List<String> broken(double room, double size, Fonts.Face face, String text) throws IOException {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : words(room, size, face, text)) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (fonts.width(face, size, longer) > room && !line.isEmpty()) {
                lines.add(line.toString());
                line = new StringBuilder(word);
            } else {
                line = new StringBuilder(longer);
            }
        }
        lines.add(line.toString());
        return lines;
    }

    private List<String> words(double room, double size, Fonts.Face face, String text) throws IOException {
        List<String> words = new ArrayList<>();
        for (String word : text.split(" ")) {
            String rest = word;
            while (fonts.width(face, size, rest) > room && rest.length() > 1) {
                int at = rest.length() - 1;
                while (at > 1 && fonts.width(face, size, rest.substring(0, at)) > room) {
                    at--;
                }
                words.add(rest.substring(0, at));
                rest = rest.substring(at);
            }
            words.add(rest);
        }
        return words;
    }

    @Override
    public void close() throws IOException {
        out.close();
    }
}
