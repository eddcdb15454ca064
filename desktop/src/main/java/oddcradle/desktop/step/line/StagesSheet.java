package oddcradle.desktop.step.line;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.edit.LineEdit;
import oddcradle.core.job.edit.NewStage;
import oddcradle.core.job.line.Line;
import oddcradle.core.structure.StageResult;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.slate.MeasureFields;
import oddcradle.desktop.slate.RemoveButton;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.store.Desk;

/** The drive from the crank outward: its stages in order and the shafts between, each to be opened and changed. */
final class StagesSheet extends VBox {
    /** A stage of each kind to begin with; the id is given it. */
    private final Desk desk;

    private final VBox rows = new VBox(2);
    private final Label opened = new Label();
    private final MeasureFields fields;
    private final ComboBox<String> kind = new ComboBox<>();
    private final Map<String, Label> ratios = new HashMap<>();
    private List<String> shown = List.of();
    private String open = "";

    StagesSheet(Desk desk) {
        super(8);
        this.desk = desk;
        Label head = new Label("From the crank outward");
        head.getStyleClass().add("section-title");
        opened.getStyleClass().add("section-title");
        opened.setId("stage-opened");
        fields = new MeasureFields("stage", this::measure);
        kind.setId("stage-kind");
        kind.setAccessibleText("kind of stage to add");
        kind.getItems().setAll(NewStage.kinds());
        kind.setValue("roller chain");
        kind.setConverter(new Words<>(NewStage.kinds(), word -> word));
        Button add = new Button("Add behind it");
        add.setId("stage-add");
        add.getStyleClass().add("cure-button");
        add.setOnAction(click -> add());
        getChildren().addAll(head, rows, opened, fields, new HBox(8, kind, add));
    }

    private Job job() {
        return desk.session().job();
    }

    private Line line() {
        return job().line();
    }

    private Optional<Stage> openStage() {
        return line().stages().stream().filter(each -> each.id().equals(open)).findFirst();
    }

    private Optional<JackShaft> openShaft() {
        return line().shafts().stream().filter(each -> each.id().equals(open)).findFirst();
    }

    private void measure(int index, double value) {
        openStage().ifPresent(stage -> desk.session().apply(new LineEdit.SetStage(stage.with(index, value))));
        openShaft().ifPresent(shaft -> desk.session().apply(new LineEdit.SetShaft(shaft.with(index, value))));
    }

    /** A new stage lies behind the open one. */
    private void add() {
        List<String> ids = line().stages().stream().map(Stage::id).toList();
        int at = ids.contains(open) ? ids.indexOf(open) + 1 : ids.size();
        LineEdit.AddStage added = NewStage.of(job(), kind.getValue(), at);
        open = added.stage().id();
        desk.apply(added);
    }

    void refresh() {
        boolean known = openStage().isPresent() || openShaft().isPresent();
        if (!known && !line().stages().isEmpty()) {
            open = line().stages().get(0).id();
        }
        rows();
        openStage().ifPresent(stage -> {
            opened.setText(stage.label() + ", " + stage.kind());
            fields.show(stage, desk.units());
        });
        openShaft().ifPresent(shaft -> {
            opened.setText(shaft.label());
            fields.show(shaft, desk.units());
        });
        if (line().stages().isEmpty()) {
            opened.setText("The donor drives directly.");
            fields.clear();
        }
    }

    /** Makes the rows anew only when others are to be shown, so that a hand on a button keeps it. */
    private void rows() {
        Engine engine = job().donor().engine();
        List<Stage> stages = line().stages();
        List<String> wanted =
                new ArrayList<>(List.of(open, "gearbox, " + engine.gearRatios().size() + " gears"));
        stages.forEach(stage -> wanted.add(stage.id() + stage.label()));
        line().shafts().forEach(shaft -> wanted.add(shaft.id() + shaft.label()));
        wanted.add(line().end().map(LineEnd::kind).orElse("driven end"));
        if (!wanted.equals(shown)) {
            shown = wanted;
            ratios.clear();
            rows.getChildren().setAll(plain("primary", "primary"));
            if (engine.gearRatios().size() > 1) {
                rows.getChildren().add(plain("gearbox", wanted.get(1)));
            }
            for (int k = 0; k < stages.size(); k++) {
                rows.getChildren().add(row(stages.get(k), k));
                if (k < line().shafts().size()) {
                    rows.getChildren().add(row(line().shafts().get(k)));
                }
            }
            rows.getChildren().add(plain("end", wanted.get(wanted.size() - 1)));
        }
        ratio("primary", engine.primaryRatio());
        ratio("gearbox", engine.gearRatios().get(0));
        for (Stage stage : stages) {
            Optional<StageResult> examined = desk.examination().line().stage(stage.id());
            ratio(stage.id(), examined.map(StageResult::ratio).orElse(stage.ratio()));
        }
    }

    private void ratio(String row, double value) {
        Optional.ofNullable(ratios.get(row))
                .ifPresent(label -> label.setText(desk.units().show(Quantity.ratio(value))));
    }

    private HBox plain(String id, String words) {
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        Label value = new Label();
        value.getStyleClass().add("figure-value");
        ratios.put(id, value);
        HBox row = new HBox(new Label(words), space, value);
        row.getStyleClass().add("field-row");
        return row;
    }

    private HBox row(Stage stage, int at) {
        Button nearer = small("earlier", "stage-earlier-" + stage.id(), new LineEdit.ForwardStage(stage.id()));
        nearer.setDisable(at == 0);
        HBox row = plain(stage.id(), "");
        row.getChildren().set(0, opener(stage.id(), stage.label()));
        row.getChildren()
                .addAll(
                        nearer,
                        new RemoveButton(
                                "out",
                                "stage-out-" + stage.id(),
                                () -> desk.apply(new LineEdit.DropStage(stage.id()))));
        return row;
    }

    private HBox row(JackShaft shaft) {
        HBox row = new HBox(opener(shaft.id(), "· " + shaft.label()));
        row.getStyleClass().add("field-row");
        return row;
    }

    private ToggleButton opener(String id, String words) {
        ToggleButton opener = new ToggleButton(words);
        opener.setId("open-" + id);
        opener.getStyleClass().addAll("plain-button", "leaf-tab");
        opener.setSelected(id.equals(open));
        opener.setOnAction(click -> {
            open = id;
            desk.selectionProperty().set(Optional.of(id));
            refresh();
        });
        return opener;
    }

    private Button small(String words, String id, LineEdit edit) {
        Button button = new Button(words);
        button.setId(id);
        button.getStyleClass().add("plain-button");
        button.setOnAction(click -> desk.apply(edit));
        return button;
    }
}
