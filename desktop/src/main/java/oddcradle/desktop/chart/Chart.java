package oddcradle.desktop.chart;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.geometry.Bounds;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;
import oddcradle.desktop.clip.Clip;
import oddcradle.desktop.look.Palette;

/**
 * Curves over axes that fit them. Pointer or arrow keys read every curve at a place; the numbers and the picture can be copied. Told
 * apart without colour: by dashes and weights too.
 */
public final class Chart extends VBox {
    private static final double LEAST_WIDTH = 240;
    private static final double RIGHT = 14;
    private static final double BOTTOM = 34;
    private static final double LINE = 15;
    private static final double DOT = 5;
    private static final double KEY_STEP = 0.01;
    private static final double[][] DASHES = {{}, {6, 3}, {2, 3}, {10, 3, 2, 3}, {1, 2}};
    private static final Font WORDS = Font.font("Barlow Semi Condensed", 12);

    private final Palette palette;
    private final Canvas canvas = new Canvas();
    private final Pane plot = new Pane(canvas);
    private final Label reading = new Label();
    private Diagram diagram;
    private double left;
    private double top;
    private double cursor = Double.NaN;

    public Chart(String id, Palette palette, double height) {
        super(2);
        this.palette = palette;
        setId(id);
        getStyleClass().add("chart-box");
        plot.setMinHeight(height);
        plot.setPrefHeight(height);
        plot.setMinWidth(LEAST_WIDTH);
        reading.setId(id + "-reading");
        reading.getStyleClass().add("chart-reading");
        reading.setWrapText(true);
        reading.setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(plot, reading);
        plot.widthProperty().addListener(change -> draw());
        palette.onChange(this, this::draw);
        setFocusTraversable(true);
        plot.setOnMouseMoved(move -> point(across(move.getX())));
        plot.setOnMouseExited(away -> point(Double.NaN));
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        focusedProperty().addListener(change -> draw());
        MenuItem numbers = new MenuItem("Copy the numbers");
        numbers.setOnAction(click -> Clip.put(diagram.table()));
        MenuItem picture = new MenuItem("Copy the picture");
        picture.setOnAction(click -> Clip.put(plot.snapshot(null, null)));
        ContextMenu menu = new ContextMenu(numbers, picture);
        setOnContextMenuRequested(ask -> menu.show(this, ask.getScreenX(), ask.getScreenY()));
    }

    /** Shows other curves; what is read stays at its place. */
    public void show(Diagram other) {
        diagram = other;
        draw();
        point(cursor);
    }

    public Diagram diagram() {
        return diagram;
    }

    private void key(KeyEvent key) {
        if (diagram == null || key.getCode() != KeyCode.LEFT && key.getCode() != KeyCode.RIGHT) {
            return;
        }
        double step = key.getCode() == KeyCode.LEFT ? -KEY_STEP : KEY_STEP;
        double share = Double.isNaN(cursor) ? 0.5 : diagram.across().share(cursor) + step;
        point(diagram.across().at(Math.max(0, Math.min(1, share))));
        key.consume();
    }

    /** Reads the curves at a place; none of them where it is no number. */
    private void point(double place) {
        cursor = place;
        reading.setText(diagram == null || Double.isNaN(place) ? "" : diagram.reading(place));
        draw();
    }

    private double across(double x) {
        double share = (x - left) / (canvas.getWidth() - left - RIGHT);
        return diagram == null || share < 0 || share > 1
                ? Double.NaN
                : diagram.across().at(share);
    }

    private double x(double value) {
        return left + diagram.across().share(value) * (canvas.getWidth() - left - RIGHT);
    }

    private double y(double value) {
        return canvas.getHeight() - BOTTOM - diagram.up().share(value) * (canvas.getHeight() - BOTTOM - top);
    }

    private void draw() {
        canvas.setWidth(plot.getWidth());
        canvas.setHeight(plot.getPrefHeight());
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        if (diagram == null || canvas.getWidth() < LEAST_WIDTH / 2) {
            return;
        }
        g.setFont(WORDS);
        left = 10
                + diagram.up().ticks().stream()
                        .mapToDouble(tick -> width(diagram.up().number(tick)))
                        .max()
                        .orElse(20);
        top = LINE * (1 + legend(g, false)) + 6;
        frame(g);
        legend(g, true);
        diagram.curves().forEach(curve -> curve(g, curve));
        levels(g);
        uprights(g);
        if (!Double.isNaN(cursor)) {
            g.setStroke(palette.blue());
            g.setLineWidth(1);
            g.strokeLine(x(cursor), top, x(cursor), canvas.getHeight() - BOTTOM);
        }
    }

    private static double width(String words) {
        Text text = new Text(words);
        text.setFont(WORDS);
        Bounds bounds = text.getLayoutBounds();
        return bounds.getWidth();
    }

    private void frame(GraphicsContext g) {
        g.setLineWidth(1);
        g.setStroke(isFocused() ? palette.blue() : palette.rule());
        g.setLineDashes();
        g.setFill(palette.graphite());
        g.setTextAlign(TextAlignment.RIGHT);
        for (double tick : diagram.up().ticks()) {
            g.strokeLine(left, y(tick), canvas.getWidth() - RIGHT, y(tick));
            g.fillText(diagram.up().number(tick), left - 5, y(tick) + 4);
        }
        g.setTextAlign(TextAlignment.CENTER);
        double free = 0;
        for (double tick : diagram.across().ticks()) {
            g.strokeLine(x(tick), canvas.getHeight() - BOTTOM, x(tick), canvas.getHeight() - BOTTOM + 4);
            String words = diagram.across().number(tick);
            double half = width(words) / 2;
            // Numbers neither stand into each other nor over the edge.
            if (x(tick) - half > free && x(tick) + half <= canvas.getWidth()) {
                g.fillText(words, x(tick), canvas.getHeight() - BOTTOM + 16);
                free = x(tick) + half + 4;
            }
        }
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText(diagram.across().label(), canvas.getWidth() - RIGHT, canvas.getHeight() - 4);
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText(diagram.up().label(), 2, 12);
    }

    /** @return how many lines the legend takes */
    private int legend(GraphicsContext g, boolean drawn) {
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
            if (at + wide > canvas.getWidth() && at > 2) {
                line++;
                at = 2;
            }
            if (drawn) {
                double middle = LINE * (line + 2) - 7;
                pen(g, name.getValue());
                g.strokeLine(at, middle, at + 20, middle);
                g.setLineDashes();
                g.setFill(palette.ink());
                g.setTextAlign(TextAlignment.LEFT);
                g.fillText(name.getKey(), at + 25, middle + 4);
            }
            at += wide;
        }
        return line + 1;
    }

    private void pen(GraphicsContext g, int pen) {
        Color[] colours = {palette.blue(), palette.ink(), palette.hot(), palette.graphite(), palette.cradle()};
        g.setStroke(colours[pen % colours.length]);
        g.setLineWidth(pen == 0 ? 2.2 : 1.5);
        g.setLineDashes(DASHES[pen % DASHES.length]);
    }

    private void curve(GraphicsContext g, Curve curve) {
        pen(g, curve.pen());
        g.beginPath();
        for (Curve.Point point : curve.points()) {
            g.lineTo(x(point.x()), y(point.y()));
        }
        g.stroke();
        g.setLineDashes();
        if (curve.dots()) {
            g.setFill(palette.blue());
            curve.points().forEach(point -> g.fillOval(x(point.x()) - DOT / 2, y(point.y()) - DOT / 2, DOT, DOT));
        }
    }

    private void levels(GraphicsContext g) {
        for (Diagram.Level level : diagram.levels()) {
            g.setStroke(palette.of(level.severity()));
            g.setFill(palette.of(level.severity()));
            g.setLineWidth(1.5);
            g.strokeLine(left, y(level.at()), canvas.getWidth() - RIGHT, y(level.at()));
            double wide = width(level.words());
            g.setFill(palette.sheet());
            g.fillRect(canvas.getWidth() - RIGHT - wide - 2, y(level.at()) - LINE, wide + 2, LINE - 2);
            g.setFill(palette.of(level.severity()));
            g.setTextAlign(TextAlignment.RIGHT);
            g.fillText(level.words(), canvas.getWidth() - RIGHT, y(level.at()) - 3);
        }
    }

    private void uprights(GraphicsContext g) {
        List<Double> taken = new ArrayList<>();
        for (Diagram.Upright upright : diagram.uprights()) {
            double at = x(upright.at());
            g.setStroke(palette.graphite());
            g.setFill(palette.ink());
            g.setLineWidth(1);
            g.setLineDashes(3, 3);
            g.strokeLine(at, top, at, canvas.getHeight() - BOTTOM);
            g.setLineDashes();
            boolean fits = at + 4 + width(upright.words()) < canvas.getWidth();
            g.setTextAlign(fits ? TextAlignment.LEFT : TextAlignment.RIGHT);
            long near =
                    taken.stream().filter(other -> Math.abs(other - at) < 40).count();
            g.fillText(upright.words(), at + (fits ? 4 : -4), canvas.getHeight() - BOTTOM - 5 - LINE * near);
            taken.add(at);
        }
    }
}
