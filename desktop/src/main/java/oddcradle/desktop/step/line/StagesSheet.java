package oddcradle.desktop.step.line;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
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
import oddcradle.core.job.line.Line;
import oddcradle.core.math.Vec3;
import oddcradle.core.structure.StageResult;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.slate.MeasureFields;
import oddcradle.desktop.slate.RemoveButton;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.store.Desk;

/** The drive from the crank outward: its stages in order and the shafts between, each to be opened and changed. */
final class StagesSheet extends VBox {
    /** A stage of each kind to begin with; the id is given it. */
    private static final Map<String, Function<String, Stage>> NEW = fresh();

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
        kind.getItems().setAll(NEW.keySet());
        kind.setValue("roller chain");
        kind.setConverter(new Words<>(List.copyOf(NEW.keySet()), word -> word));
        Button add = new Button("Add behind it");
        add.setId("stage-add");
        add.getStyleClass().add("cure-button");
        add.setOnAction(click -> add());
        getChildren().addAll(head, rows, opened, fields, new HBox(8, kind, add));
    }

    private static Map<String, Function<String, Stage>> fresh() {
        Map<String, Function<String, Stage>> fresh = new LinkedHashMap<>();
        fresh.put("roller chain", id -> new Stage.Chain(id, "chain " + id, 0.0127, 17, 34, 18_000, 0.01, 0.97));
        fresh.put(
                "toothed belt",
                id -> new Stage.Belt(id, "toothed belt " + id, true, 0.08, 0.16, 1.0, 0, 0.03, 0.01, 0.97));
        fresh.put(
                "V-belt",
                id -> new Stage.Belt(id, "V-belt " + id, false, 0.1, 0.16, 1.2, Math.toRadians(38), 0.017, 0.02, 0.94));
        fresh.put(
                "belt variator",
                id -> new Stage.Variator(
                        id, "variator " + id, 0.08, 0.16, 1.2, Math.toRadians(26), 0.03, 200, 350, 0.85));
        fresh.put("gears", id -> new Stage.Gears(id, "gears " + id, 2, false, 0.96));
        fresh.put("flexible coupling", id -> new Stage.Coupling(id, "coupling " + id, 0.0005, Math.toRadians(1), 0));
        fresh.put(
                "universal shaft",
                id -> new Stage.JointShaft(id, "universal shaft " + id, false, 0, Math.toRadians(20), 0.98));
        fresh.put(
                "constant-velocity shaft",
                id -> new Stage.JointShaft(id, "drive shaft " + id, true, 0, Math.toRadians(40), 0.98));
        return fresh;
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

    /** A new stage lies behind the open one; the shaft between lies halfway to the driven end, to be put in its place. */
    private void add() {
        List<String> ids = line().stages().stream().map(Stage::id).toList();
        int at = ids.contains(open) ? ids.indexOf(open) + 1 : ids.size();
        String id = free("S", line().stages().stream().map(Stage::id).collect(Collectors.toSet())::contains);
        String shaft = free("J", line().shafts().stream().map(JackShaft::id).collect(Collectors.toSet())::contains);
        Vec3 from = desk.examination().seating().driverCentre();
        Vec3 to = job().host().drivenEnd().sprocketCentre();
        JackShaft between = new JackShaft(
                shaft,
                "jackshaft " + shaft,
                from.towards(to, 0.5),
                job().host().drivenEnd().axis(),
                0.025,
                0,
                0,
                0.05,
                List.of(-0.08, 0.13),
                14_000,
                0.004,
                0.008,
                350e6,
                List.of());
        open = id;
        desk.apply(new LineEdit.AddStage(at, NEW.get(kind.getValue()).apply(id), between));
    }

    private static String free(String letter, Predicate<String> taken) {
        int number = 1;
        while (taken.test(letter + number)) {
            number++;
        }
        return letter + number;
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
