package oddcradle.desktop.step.shake;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.search.ShakeAnswers;
import oddcradle.core.search.ShakeMaps;
import oddcradle.core.structure.OrderMap;
import oddcradle.core.structure.ShakeWatch;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.chart.Axis;
import oddcradle.desktop.chart.Chart;
import oddcradle.desktop.chart.Curve;
import oddcradle.desktop.chart.Diagram;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.task.LiveStudy;

/** Every order at every speed at one place: as a map, and all together as a curve. */
final class OrderSheet extends VBox {
    private final Desk desk;
    private final ComboBox<String> place = new ComboBox<>();
    private final OrderMapView map;
    private final Chart chart;
    private final Label none = new Label();
    private boolean showing;

    OrderSheet(Desk desk, Palette palette) {
        super(6);
        this.desk = desk;
        place.setId("order-place");
        place.setAccessibleText("where it is watched");
        place.setMaxWidth(Double.MAX_VALUE);
        place.setOnAction(choice -> {
            if (!showing) {
                refresh();
            }
        });
        map = new OrderMapView("order-map", palette);
        chart = new Chart("order-chart", palette, 190);
        none.setWrapText(true);
        getChildren().addAll(place, none, map, chart);
    }

    void refresh() {
        Examination now = desk.examination();
        desk.shaking().ask(now);
        Optional<LiveStudy.Studied<ShakeMaps.Maps>> known =
                desk.shaking().shownProperty().get().filter(shaken -> shaken.of() == now);
        Optional<OrderMap> orders = known.flatMap(LiveStudy.Studied::answer).map(ShakeMaps.Maps::full);
        none.setText(known.isEmpty() ? "Being worked out …" : "Nothing shakes here yet (Cradle, Mounts).");
        for (Node part : List.of(place, map, chart)) {
            part.setVisible(orders.isPresent());
        }
        none.setVisible(orders.isEmpty());
        none.setManaged(orders.isEmpty());
        orders.ifPresent(this::show);
    }

    private void show(OrderMap orders) {
        showing = true;
        List<String> names = orders.watches().stream().map(OrderSheet::name).toList();
        if (!place.getItems().equals(names)) {
            place.getItems().setAll(names);
        }
        if (!names.contains(place.getValue())) {
            place.setValue(names.get(0));
        }
        showing = false;
        int watch = names.indexOf(place.getValue());
        map.show(orders, watch, desk.units());
        chart.show(together(orders, watch));
    }

    private static String name(ShakeWatch watch) {
        return switch (watch.kind()) {
            case MOUNT_FORCE -> "force of " + watch.label();
            case ENGINE_MOTION -> "motion of the " + watch.label();
            case FRAME_VELOCITY, CARRIED_VELOCITY -> "velocity where the " + watch.label() + " is carried";
        };
    }

    private Diagram together(OrderMap orders, int watch) {
        ShakeWatch place = orders.watches().get(watch);
        Engine engine = desk.examination().job().donor().engine();
        double rpm = desk.units().inUnits(Quantity.rotationSpeed(1));
        // In N throughout, whatever the size: an axis has one unit.
        double per = desk.units().inUnits(ShakeAnswers.quantity(place, 1));
        List<Curve.Point> points = new ArrayList<>();
        for (int s = 0; s < orders.speeds().size(); s++) {
            points.add(new Curve.Point(orders.speeds().get(s) * rpm, per * orders.together(watch, s)));
        }
        List<Diagram.Upright> uprights = new ArrayList<>(List.of(
                new Diagram.Upright(engine.idleSpeed() * rpm, "idle"),
                new Diagram.Upright(engine.cruiseSpeed() * rpm, "cruise")));
        double first = orders.speeds().get(0) * rpm;
        double last = orders.speeds().get(orders.speeds().size() - 1) * rpm;
        return new Diagram(
                Axis.of("crank speed, rpm", DoubleStream.of(first, last)),
                Axis.of(
                        "all orders, full throttle, " + desk.units().unit(ShakeAnswers.quantity(place, 1)),
                        points.stream().mapToDouble(Curve.Point::y)),
                List.of(new Curve("", points, 0, false)),
                uprights,
                List.of());
    }
}
