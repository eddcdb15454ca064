package oddcradle.desktop.chart;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import oddcradle.desktop.look.Palette;

/** A diagram laid out in a rectangle, to be drawn with any pen. */
final class ChartDrawing {
    static final Font WORDS = Font.font("Barlow Semi Condensed", 12);

    private static final double RIGHT = 14;
    private static final double BOTTOM = 34;
    private static final double LINE = 15;
    private static final double DOT = 5;
    private static final double[][] DASHES = {{}, {6, 3}, {2, 3}, {10, 3, 2, 3}, {1, 2}};

    private final Diagram diagram;
    private final Palette palette;
    private final double width;
    private final double height;
    private final double left;
    private final double top;
    private final List<Named> legend = new ArrayList<>();

    /** One name of the legend, where it stands. */
    private record Named(String name, int pen, double at, int line) {}

    ChartDrawing(Diagram diagram, Palette palette, double width, double height) {
        this.diagram = diagram;
        this.palette = palette;
        this.width = width;
        this.height = height;
        left = 10
                + diagram.up().ticks().stream()
                        .mapToDouble(tick -> width(diagram.up().number(tick)))
                        .max()
                        .orElse(20);
        top = LINE * (1 + layLegend()) + 6;
    }

    /** How far along the lower axis a place stands: 0 at its beginning, 1 at its end. */
    double share(double x) {
        return (x - left) / (width - left - RIGHT);
    }

    private double x(double value) {
        return left + diagram.across().share(value) * (width - left - RIGHT);
    }

    private double y(double value) {
        return height - BOTTOM - diagram.up().share(value) * (height - BOTTOM - top);
    }

    /** @param picked whether its frame tells that the keys go to it */
    void with(Pen pen, boolean picked) {
        frame(pen, picked ? palette.blue() : palette.rule());
        legend(pen);
        diagram.curves().forEach(curve -> curve(pen, curve));
        levels(pen);
        uprights(pen);
    }

    void cursor(Pen pen, double place) {
        pen.line(x(place), top, x(place), height - BOTTOM, new Pen.Stroke(palette.blue(), 1));
    }

    private static double width(String words) {
        Text text = new Text(words);
        text.setFont(WORDS);
        return text.getLayoutBounds().getWidth();
    }

    private void frame(Pen pen, Color colour) {
        Pen.Stroke thin = new Pen.Stroke(colour, 1);
        for (double tick : diagram.up().ticks()) {
            pen.line(left, y(tick), width - RIGHT, y(tick), thin);
            words(pen, diagram.up().number(tick), left - 5, y(tick) + 4, Pen.Anchor.END);
        }
        double free = 0;
        for (double tick : diagram.across().ticks()) {
            pen.line(x(tick), height - BOTTOM, x(tick), height - BOTTOM + 4, thin);
            String number = diagram.across().number(tick);
            double half = width(number) / 2;
            // Numbers neither stand into each other nor over the edge.
            if (x(tick) - half > free && x(tick) + half <= width) {
                words(pen, number, x(tick), height - BOTTOM + 16, Pen.Anchor.MIDDLE);
                free = x(tick) + half + 4;
            }
        }
        words(pen, diagram.across().label(), width - RIGHT, height - 4, Pen.Anchor.END);
        words(pen, diagram.up().label(), 2, 12, Pen.Anchor.START);
    }

    private void words(Pen pen, String words, double x, double y, Pen.Anchor anchor) {
        pen.words(words, new Pen.Spot(x, y), anchor, palette.graphite());
    }

    /** @return how many lines the legend takes; none where nothing has to be told apart */
    private int layLegend() {
        Map<String, Integer> names = new LinkedHashMap<>();
        diagram.curves().stream()
                .filter(curve -> !curve.name().isEmpty())
                .forEach(curve -> names.putIfAbsent(curve.name(), curve.pen()));
        if (names.size() < 2) {
            return 0;
        }
        int line = 0;
        double at = 2;
        for (Map.Entry<String, Integer> name : names.entrySet()) {
            double wide = 26 + width(name.getKey()) + 12;
            if (at + wide > width && at > 2) {
                line++;
                at = 2;
            }
            legend.add(new Named(name.getKey(), name.getValue(), at, line));
            at += wide;
        }
        return line + 1;
    }

    private void legend(Pen pen) {
        for (Named each : legend) {
            double middle = LINE * (each.line() + 2) - 7;
            pen.line(each.at(), middle, each.at() + 20, middle, stroke(each.pen()));
            pen.words(each.name(), new Pen.Spot(each.at() + 25, middle + 4), Pen.Anchor.START, palette.ink());
        }
    }

    private Pen.Stroke stroke(int which) {
        Color[] colours = {palette.blue(), palette.ink(), palette.hot(), palette.graphite(), palette.cradle()};
        return new Pen.Stroke(colours[which % colours.length], which == 0 ? 2.2 : 1.5, DASHES[which % DASHES.length]);
    }

    private void curve(Pen pen, Curve curve) {
        List<Pen.Spot> spots = curve.points().stream()
                .map(point -> new Pen.Spot(x(point.x()), y(point.y())))
                .toList();
        pen.path(spots, stroke(curve.pen()));
        if (curve.dots()) {
            spots.forEach(spot -> pen.dot(spot, DOT, palette.blue()));
        }
    }

    private void levels(Pen pen) {
        for (Diagram.Level level : diagram.levels()) {
            Color colour = palette.of(level.severity());
            pen.line(left, y(level.at()), width - RIGHT, y(level.at()), new Pen.Stroke(colour, 1.5));
            double wide = width(level.words());
            pen.box(width - RIGHT - wide - 2, y(level.at()) - LINE, wide + 2, LINE - 2, palette.sheet());
            pen.words(level.words(), new Pen.Spot(width - RIGHT, y(level.at()) - 3), Pen.Anchor.END, colour);
        }
    }

    private void uprights(Pen pen) {
        List<Double> taken = new ArrayList<>();
        for (Diagram.Upright upright : diagram.uprights()) {
            double at = x(upright.at());
            pen.line(at, top, at, height - BOTTOM, new Pen.Stroke(palette.graphite(), 1, 3, 3));
            boolean fits = at + 4 + width(upright.words()) < width;
            long near =
                    taken.stream().filter(other -> Math.abs(other - at) < 40).count();
            pen.words(
                    upright.words(),
                    new Pen.Spot(at + (fits ? 4 : -4), height - BOTTOM - 5 - LINE * near),
                    fits ? Pen.Anchor.START : Pen.Anchor.END,
                    palette.ink());
            taken.add(at);
        }
    }
}
