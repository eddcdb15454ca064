package oddcradle.desktop.slate;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.store.Desk;

/** Chooses one isolator, or all of them, and the rubber's hardness. */
public final class HardnessPicker {
    private static final String ALL = "all isolators";

    private final Desk desk;
    private final ComboBox<String> which = new ComboBox<>();
    private final ComboBox<Double> hardness = new ComboBox<>();
    private boolean showing;

    public HardnessPicker(Desk desk) {
        this.desk = desk;
        which.setId("isolator");
        which.setAccessibleText("isolator");
        hardness.setId("hardness");
        hardness.setAccessibleText("hardness");
        hardness.setConverter(new HardnessText());
        which.setOnAction(choice -> refresh());
        hardness.setOnAction(choice -> choose());
    }

    public void addTo(Consumer<Node> slate, Consumer<Runnable> refreshers) {
        Label title = new Label("Rubber");
        title.getStyleClass().add("section-title");
        slate.accept(new VBox(6, title, new HBox(10, which, hardness)));
        refreshers.accept(this::refresh);
    }

    private List<Isolator> chosen() {
        return desk.session().job().cradle().isolators().stream()
                .filter(each -> ALL.equals(which.getValue()) || each.id().equals(which.getValue()))
                .toList();
    }

    private void refresh() {
        if (showing) {
            return;
        }
        showing = true;
        List<String> names = new ArrayList<>(List.of(ALL));
        desk.session().job().cradle().isolators().forEach(each -> names.add(each.id()));
        if (!which.getItems().equals(names)) {
            which.getItems().setAll(names);
        }
        if (which.getValue() == null) {
            which.setValue(ALL);
        }
        List<Double> sold =
                desk.session().job().cradle().withIsolators(chosen()).soldHardnesses();
        if (!hardness.getItems().equals(sold)) {
            hardness.getItems().setAll(sold);
        }
        hardness.setDisable(sold.isEmpty());
        hardness.setValue(chosen().stream()
                .flatMap(each -> each.element().shore().stream())
                .findFirst()
                .orElse(null));
        showing = false;
    }

    private void choose() {
        if (!showing && hardness.getValue() != null) {
            desk.apply(
                    new JobEdit.SetHardness(chosen().stream().map(Isolator::id).toList(), hardness.getValue()));
        }
    }

    private final class HardnessText extends StringConverter<Double> {
        @Override
        public String toString(Double value) {
            return value == null ? "" : desk.units().show(Quantity.hardness(value));
        }

        @Override
        public Double fromString(String text) {
            return hardness.getValue();
        }
    }
}
