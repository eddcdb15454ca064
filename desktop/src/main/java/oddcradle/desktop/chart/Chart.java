package oddcradle.desktop.chart;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.function.Supplier;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import oddcradle.desktop.look.Palette;
import oddcradle.files.handout.HandTable;

/**
 * Curves over axes that fit them. Pointer or arrow keys read every curve at a place; the numbers and the picture can be copied. Told
 * apart without colour: by dashes and weights too.
 */
public final class Chart extends PlotPane {
    private static final double LEAST_WIDTH = 240;
    private static final double KEY_STEP = 0.01;

    private Diagram diagram;
    private ChartDrawing drawing;
    private double cursor = Double.NaN;

    public Chart(String id, Palette palette, double height) {
        super(id, palette, "chart");
        getStyleClass().add("chart-box");
        plot.setMinHeight(height);
        plot.setPrefHeight(height);
        plot.setMinWidth(LEAST_WIDTH);
        setFocusTraversable(true);
        plot.setOnMouseMoved(move -> point(across(move.getX())));
        plot.setOnMouseExited(away -> point(Double.NaN));
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        focusedProperty().addListener(change -> draw());
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
        double share = drawing == null ? Double.NaN : drawing.share(x);
        return share >= 0 && share <= 1 ? diagram.across().at(share) : Double.NaN;
    }

    @Override
    protected void draw() {
        canvas.setWidth(plot.getWidth());
        canvas.setHeight(plot.getPrefHeight());
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        if (diagram == null || canvas.getWidth() < LEAST_WIDTH / 2) {
            return;
        }
        g.setFont(ChartDrawing.WORDS);
        drawing = new ChartDrawing(diagram, palette, canvas.getWidth(), canvas.getHeight());
        drawing.with(new CanvasPen(g), isFocused());
        if (!Double.isNaN(cursor)) {
            drawing.cursor(new CanvasPen(g), cursor);
        }
    }

    @Override
    protected Map<String, Supplier<byte[]>> forms() {
        Map<String, Supplier<byte[]>> forms = super.forms();
        forms.put("svg", this::svg);
        return forms;
    }

    @Override
    protected boolean showsSomething() {
        return drawing != null;
    }

    @Override
    protected HandTable table() {
        return diagram.table();
    }

    private byte[] svg() {
        SvgPen pen = new SvgPen(getId(), canvas.getWidth(), canvas.getHeight(), palette.sheet());
        drawing.with(pen, false);
        return pen.text().getBytes(StandardCharsets.UTF_8);
    }
}
