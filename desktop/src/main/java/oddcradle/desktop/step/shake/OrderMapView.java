package oddcradle.desktop.step.shake;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import oddcradle.core.search.ShakeAnswers;
import oddcradle.core.structure.OrderMap;
import oddcradle.core.structure.ShakeWatch;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.chart.PlotPane;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.look.Temper;
import oddcradle.files.handout.HandTable;

/** Orders as bands over crank speed: the darker, and the higher the ridge in a band, the more of it there is. The pointer reads it. */
final class OrderMapView extends PlotPane {
    private static final double BAND = 20;
    private static final double LEFT = 40;
    private static final double RIGHT = 14;
    private static final double TOP = 18;
    private static final double BOTTOM = 22;
    /** Room of the unit at the end of the axis. */
    private static final double UNIT = 28;

    /** What is a thousandth of the most is drawn as nothing; equal steps are equal factors. */
    private static final double FAINTEST = 1e-3;

    private OrderMap map;
    private int watch;
    private UnitStyle units = UnitStyle.MILLIMETRES;

    OrderMapView(String id, Palette palette) {
        super(id, palette, "order map");
        plot.setOnMouseMoved(move -> read(move.getX(), move.getY()));
        plot.setOnMouseExited(away -> reading.setText(legend()));
    }

    void show(OrderMap newMap, int newWatch, UnitStyle newUnits) {
        map = newMap;
        watch = newWatch;
        units = newUnits;
        double high = TOP + BAND * map.orders().size() + BOTTOM;
        plot.setMinHeight(high);
        plot.setPrefHeight(high);
        reading.setText(legend());
        draw();
    }

    private String legend() {
        return map == null
                ? ""
                : "darkest and highest: " + units.show(quantity(most()))
                        + "; each quarter of the scale is a factor of 5.6";
    }

    private Quantity quantity(double value) {
        ShakeWatch place = map.watches().get(watch);
        return ShakeAnswers.quantity(place, value);
    }

    private double most() {
        double most = Double.MIN_NORMAL;
        for (int o = 0; o < map.orders().size(); o++) {
            for (int s = 0; s < map.speeds().size(); s++) {
                most = Math.max(most, map.amplitude(watch, o, s));
            }
        }
        return most;
    }

    private double width() {
        return canvas.getWidth() - LEFT - RIGHT;
    }

    @Override
    protected void draw() {
        canvas.setWidth(plot.getWidth());
        canvas.setHeight(plot.getPrefHeight());
        if (map == null || width() < BAND) {
            return;
        }
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        g.setFont(Font.font("Barlow Semi Condensed", 12));
        int bands = map.orders().size();
        double most = most();
        double step = width() / (map.speeds().size() - 1);
        for (int o = 0; o < bands; o++) {
            double foot = TOP + BAND * (bands - o);
            for (int s = 0; s < map.speeds().size(); s++) {
                g.setFill(Temper.at(share(o, s, most)));
                g.fillRect(LEFT + (s - 0.5) * step, foot - BAND, step + 0.6, BAND);
            }
            g.setStroke(palette.sheet());
            g.setLineWidth(1.2);
            g.beginPath();
            for (int s = 0; s < map.speeds().size(); s++) {
                g.lineTo(LEFT + s * step, foot - 1 - (BAND - 3) * share(o, s, most));
            }
            g.stroke();
            g.setFill(palette.graphite());
            g.setTextAlign(TextAlignment.RIGHT);
            g.fillText(ShakeAnswers.name(map, o), LEFT - 5, foot - BAND / 2 + 4);
        }
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText("order", 2, 12);
        speeds(g, TOP + BAND * bands);
    }

    private void speeds(GraphicsContext g, double foot) {
        double first = rpm(0);
        double last = rpm(map.speeds().size() - 1);
        double step = Math.pow(10, Math.floor(Math.log10(last - first)));
        step = (last - first) / step > 5 ? step : step / 2;
        g.setTextAlign(TextAlignment.CENTER);
        for (double at = Math.ceil(first / step) * step; at <= last; at += step) {
            double x = LEFT + (at - first) / (last - first) * width();
            if (x > LEFT + width() - UNIT) {
                break;
            }
            g.fillText(units.number(Quantity.rotationSpeed(at * Math.PI / 30)), x, foot + 14);
        }
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText("rpm", canvas.getWidth() - 1, foot + 14);
    }

    private double rpm(int speed) {
        return map.speeds().get(speed) * 30 / Math.PI;
    }

    /** From nothing to the most, 0 to 1; a thousandth is 0. */
    private double share(int order, int speed, double most) {
        double ratio = Math.max(FAINTEST, map.amplitude(watch, order, speed) / most);
        return 1 - Math.log(ratio) / Math.log(FAINTEST);
    }

    private void read(double x, double y) {
        if (map == null) {
            return;
        }
        int bands = map.orders().size();
        int order = bands - 1 - (int) Math.floor((y - TOP) / BAND);
        int speed = (int) Math.rint((x - LEFT) / width() * (map.speeds().size() - 1));
        if (order < 0 || order >= bands || speed < 0 || speed >= map.speeds().size()) {
            reading.setText(legend());
            return;
        }
        double hertz = map.orders().get(order) * map.speeds().get(speed) / (2 * Math.PI);
        reading.setText("order " + ShakeAnswers.name(map, order) + " at "
                + units.show(Quantity.rotationSpeed(map.speeds().get(speed))) + ", "
                + units.show(Quantity.frequency(hertz)) + ": "
                + units.show(quantity(map.amplitude(watch, order, speed))));
    }

    @Override
    protected boolean showsSomething() {
        return map != null;
    }

    @Override
    protected HandTable table() {
        List<String> headings = new ArrayList<>(List.of("crank speed [rpm]"));
        String unit = quantity(1).kind().siUnit();
        for (int o = 0; o < map.orders().size(); o++) {
            headings.add("order " + ShakeAnswers.name(map, o) + " [" + unit + "]");
        }
        List<List<String>> rows = new ArrayList<>();
        for (int s = 0; s < map.speeds().size(); s++) {
            List<String> row = new ArrayList<>(List.of(Double.toString(rpm(s))));
            for (int o = 0; o < map.orders().size(); o++) {
                row.add(Double.toString(map.amplitude(watch, o, s)));
            }
            rows.add(row);
        }
        return new HandTable(headings, rows);
    }
}
