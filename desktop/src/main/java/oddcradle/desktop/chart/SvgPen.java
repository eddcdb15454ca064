package oddcradle.desktop.chart;

import java.io.StringWriter;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javafx.scene.paint.Color;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Draws a chart into a file that stays sharp at any size. */
final class SvgPen implements Pen {
    private final StringWriter text = new StringWriter();
    private final XMLStreamWriter svg;

    /** @param title for who cannot see it */
    SvgPen(String title, double width, double height, Color paper) {
        try {
            svg = XMLOutputFactory.newFactory().createXMLStreamWriter(text);
            svg.writeStartDocument("UTF-8", "1.0");
            svg.writeStartElement("svg");
            svg.writeDefaultNamespace("http://www.w3.org/2000/svg");
            attributes("viewBox", "0 0 " + number(width) + " " + number(height));
            attributes("font-family", "Barlow Semi Condensed, sans-serif", "font-size", "12");
            svg.writeStartElement("title");
            svg.writeCharacters(title);
            svg.writeEndElement();
        } catch (XMLStreamException failed) {
            throw inMemory(failed);
        }
        box(0, 0, width, height, paper);
    }

    /** Ends the drawing. */
    String text() {
        try {
            svg.writeEndDocument();
            svg.close();
        } catch (XMLStreamException failed) {
            throw inMemory(failed);
        }
        return text.toString();
    }

    @Override
    public void path(List<Spot> spots, Stroke stroke) {
        empty(
                "polyline",
                "fill",
                "none",
                "stroke",
                colour(stroke.colour()),
                "stroke-width",
                number(stroke.width()),
                "stroke-dasharray",
                stroke.dashes().length == 0
                        ? "none"
                        : Arrays.stream(stroke.dashes())
                                .mapToObj(SvgPen::number)
                                .collect(Collectors.joining(" ")),
                "points",
                spots.stream()
                        .map(spot -> number(spot.x()) + "," + number(spot.y()))
                        .collect(Collectors.joining(" ")));
    }

    @Override
    public void dot(Spot middle, double diameter, Color colour) {
        empty(
                "circle",
                "cx",
                number(middle.x()),
                "cy",
                number(middle.y()),
                "r",
                number(diameter / 2),
                "fill",
                colour(colour));
    }

    @Override
    public void box(double x, double y, double width, double height, Color colour) {
        empty(
                "rect",
                "x",
                number(x),
                "y",
                number(y),
                "width",
                number(width),
                "height",
                number(height),
                "fill",
                colour(colour));
    }

    @Override
    public void words(String words, Spot at, Anchor anchor, Color colour) {
        try {
            svg.writeStartElement("text");
            attributes("x", number(at.x()), "y", number(at.y()), "fill", colour(colour));
            attributes("text-anchor", anchor.name().toLowerCase(Locale.ROOT));
            svg.writeCharacters(words);
            svg.writeEndElement();
        } catch (XMLStreamException failed) {
            throw inMemory(failed);
        }
    }

    private void empty(String element, String... namesAndValues) {
        try {
            svg.writeEmptyElement(element);
            attributes(namesAndValues);
        } catch (XMLStreamException failed) {
            throw inMemory(failed);
        }
    }

    private void attributes(String... namesAndValues) throws XMLStreamException {
        for (int k = 0; k < namesAndValues.length; k += 2) {
            svg.writeAttribute(namesAndValues[k], namesAndValues[k + 1]);
        }
    }

    private static IllegalStateException inMemory(XMLStreamException failed) {
        return new IllegalStateException("a chart in memory could not be written", failed);
    }

    private static String colour(Color colour) {
        return String.format(
                "#%02x%02x%02x",
                Math.round(255 * colour.getRed()),
                Math.round(255 * colour.getGreen()),
                Math.round(255 * colour.getBlue()));
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.2f", value);
    }
}
