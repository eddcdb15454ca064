package oddcradle.desktop.step.cradle;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.examine.Examination;
import oddcradle.core.geometry.EndName;
import oddcradle.core.search.AssemblyOrder;
import oddcradle.desktop.slate.WorkBar;
import oddcradle.desktop.store.Desk;

/** In which order the cradle goes together round the engine. */
final class OrderSheet extends VBox {
    private final Desk desk;
    private final VBox steps = new VBox(4);
    private final Label said = new Label("Tubes go in one by one past the engine and those that are there already.");

    OrderSheet(Desk desk) {
        super(6);
        this.desk = desk;
        Button run = new Button("In which order?");
        run.setId("order-run");
        run.getStyleClass().add("cure-button");
        run.setOnAction(click -> ask());
        said.setId("order-said");
        said.setWrapText(true);
        said.setMinHeight(USE_PREF_SIZE);
        steps.setId("order-steps");
        getChildren().addAll(run, new WorkBar(desk.work()), said, steps);
    }

    private void ask() {
        Examination now = desk.examination();
        desk.work()
                .start(
                        "taking the cradle apart",
                        progress -> AssemblyOrder.of(now, progress),
                        this::show,
                        said::setText);
    }

    private void show(List<AssemblyOrder.Step> order) {
        steps.getChildren().clear();
        int number = 0;
        for (AssemblyOrder.Step step : order) {
            String from = step.from()
                    .map(way -> ", in from the " + EndName.of(way))
                    .orElse(": no straight way in was found; cut it in two, or bolt it");
            add(++number + "  " + step.tube().named() + from + (step.beforeEngine() ? ", before the engine" : ""));
        }
        add(
                "Tack all, three tacks each, with the bolts right through; take the supports away and look at sag, chain and gaps; then weld"
                        + " a little on each side in turn.");
    }

    private void add(String words) {
        Label label = new Label(words);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        steps.getChildren().add(label);
    }
}
