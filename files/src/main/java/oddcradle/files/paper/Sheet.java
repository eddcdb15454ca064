package oddcradle.files.paper;

import java.io.IOException;
import java.util.List;
import oddcradle.files.drawing.FlatPoint;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** One page drawn in millimetres from its lower left corner. */
final class Sheet implements AutoCloseable {
    private static final double POINTS_PER_MM = 72 / 25.4;
    static final int INK = 0x22262B;
    static final int GRAPHITE = 0x5A626B;
    static final int BLUE = 0x1F4E8C;
    static final int PRIMER = 0xB3372B;

    private final PDPageContentStream out;
    private final Fonts fonts;
    final double width;
    final double height;

    Sheet(PDDocument document, Fonts fonts, double width, double height) throws IOException {
        this.fonts = fonts;
        this.width = width;
        this.height = height;
        PDPage page = new PDPage(new PDRectangle(points(width), points(height)));
        document.addPage(page);
        this.out = new PDPageContentStream(document, page);
        colour(INK);
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

    /** Wraps at words; returns the y under the last line. */
    double paragraph(double x, double y, double room, double size, Fonts.Face face, String text) throws IOException {
        double below = y;
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (fonts.width(face, size, longer) > room && !line.isEmpty()) {
                text(x, below, size, face, line.toString());
                below -= size * 1.35;
                line = new StringBuilder(word);
            } else {
                line = new StringBuilder(longer);
            }
        }
        text(x, below, size, face, line.toString());
        return below - size * 1.35;
    }

    @Override
    public void close() throws IOException {
        out.close();
    }
}
