package oddcradle.files.handout;

import java.io.StringWriter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import oddcradle.files.drawing.DrawnShape;
import oddcradle.files.drawing.Extent;
import oddcradle.files.drawing.FlatPoint;

/** A drawing as SVG at true scale: one unit of it is a millimetre. */
public final class SvgDrawing {
    private static final double MARGIN = 0.02;

    private SvgDrawing() {}

    /**
     * @param title for who cannot see it
     * @param shapes the farthest first, m; at least one
     */
    public static String of(String title, List<DrawnShape> shapes) {
        Extent extent = Extent.of(shapes);
        double width = 1000 * (extent.width() + 2 * MARGIN);
        double height = 1000 * (extent.height() + 2 * MARGIN);
        StringWriter text = new StringWriter();
        try {
            XMLStreamWriter svg = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            svg.writeStartDocument("UTF-8", "1.0");
            svg.writeStartElement("svg");
            svg.writeDefaultNamespace("http://www.w3.org/2000/svg");
            svg.writeAttribute("width", number(width) + "mm");
            svg.writeAttribute("height", number(height) + "mm");
            svg.writeAttribute("viewBox", "0 0 " + number(width) + " " + number(height));
            svg.writeStartElement("title");
            svg.writeCharacters(title);
            svg.writeEndElement();
            for (DrawnShape shape : shapes) {
                RoleColours colours = RoleColours.of(shape.role());
                svg.writeEmptyElement("polygon");
                svg.writeAttribute("data-part", shape.part());
                svg.writeAttribute("fill", colours.fill());
                svg.writeAttribute("stroke", colours.line());
                svg.writeAttribute("stroke-width", "1");
                svg.writeAttribute(
                        "points",
                        shape.outline().stream()
                                .map(corner -> point(corner, extent))
                                .collect(Collectors.joining(" ")));
            }
            svg.writeEndElement();
            svg.writeEndDocument();
            svg.close();
        } catch (XMLStreamException impossible) {
            throw new IllegalStateException("a drawing in memory could not be written", impossible);
        }
        return text.toString();
    }

    private static String point(FlatPoint corner, Extent extent) {
        return number(1000 * (corner.x() - extent.left() + MARGIN)) + ","
                + number(1000 * (extent.top() - corner.y() + MARGIN));
    }

    private static String number(double millimetres) {
        return String.format(Locale.ROOT, "%.3f", millimetres);
    }
}
