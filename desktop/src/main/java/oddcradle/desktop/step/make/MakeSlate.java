package oddcradle.desktop.step.make;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import oddcradle.core.finding.Step;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.StepSlate;
import oddcradle.desktop.store.Desk;

public final class MakeSlate extends StepSlate {
    private final VBox rows = new VBox();

    public MakeSlate(Desk desk, Palette palette) {
        super(desk, Step.MAKE);
        figures(new FigureList(desk, Step.MAKE, figure -> !figure.name().endsWith("cut length")));
        section("Cut list");
        add(rows);
        WrapPicture picture = new WrapPicture(palette);
        section("Unrolled ends of the picked tube");
        add(picture);
        onRefresh(() -> {
            showRows();
            picked().ifPresent(tube -> picture.show(tube, desk.units()));
        });
        caution("Welding: drain and remove the tank, disconnect the battery, keep an extinguisher at hand.");
    }

    private Optional<CutTube> picked() {
        List<CutTube> tubes = desk.examination().cutList();
        return tubes.stream()
                .filter(tube -> desk.selectionProperty()
                        .get()
                        .filter(tube.tube().id()::equals)
                        .isPresent())
                .findFirst()
                .or(() -> tubes.stream()
                        .filter(tube -> tube.first().cope().isPresent())
                        .findFirst());
    }

    private void showRows() {
        List<CutTube> tubes = desk.examination().cutList();
        if (rows.getChildren().size() != tubes.size()) {
            rows.getChildren().setAll(tubes.stream().map(this::row).toList());
        }
        Optional<CutTube> picked = picked();
        for (int k = 0; k < tubes.size(); k++) {
            ToggleButton button = (ToggleButton) rows.getChildren().get(k);
            CutTube tube = tubes.get(k);
            HBox line = (HBox) button.getGraphic();
            ((Label) line.getChildren().get(0)).setText(tube.tube().named());
            ((Label) line.getChildren().get(2)).setText(tube.tube().section().in(desk.units()));
            ((Label) line.getChildren().get(3)).setText(desk.units().show(Quantity.length(tube.cutLength())));
            button.setSelected(picked.filter(tube::equals).isPresent());
        }
    }

    private ToggleButton row(CutTube tube) {
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Label section = new Label();
        section.getStyleClass().add("note-step");
        Label length = new Label();
        length.getStyleClass().add("figure-value");
        length.setMinWidth(68);
        length.setAlignment(Pos.CENTER_RIGHT);
        length.setId("cut-" + tube.tube().id());
        HBox line = new HBox(8, new Label(), gap, section, length);
        ToggleButton button = new ToggleButton();
        button.setGraphic(line);
        button.getStyleClass().add("cut-row");
        button.setMaxWidth(Double.MAX_VALUE);
        line.setPrefWidth(316);
        button.setOnAction(
                click -> desk.selectionProperty().set(Optional.of(tube.tube().id())));
        return button;
    }
}
