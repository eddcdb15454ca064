package oddcradle.desktop.step.host;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import oddcradle.core.catalog.SectionStock;
import oddcradle.core.drawn.DrawnFrame;
import oddcradle.core.job.edit.BodyEdit;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.tube.Condition;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.material.Material;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.removal.Removal;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;
import oddcradle.core.units.Kind;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.NodePick;
import oddcradle.desktop.slate.Places;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.RemoveButton;
import oddcradle.desktop.slate.RowsField;
import oddcradle.desktop.slate.SectionPicker;
import oddcradle.desktop.slate.WordField;
import oddcradle.desktop.store.Desk;
import oddcradle.files.table.HostTables;

/** A tube's section, and what is left of its wall. */
final class TubeSheet extends VBox {
    private final Desk desk;
    private final List<Runnable> refreshers = new ArrayList<>();
    private final QuantityField wall;
    private final QuantityField pit;
    private final QuantityField dent;
    private final Label state = new Label();
    private final Button sound = new Button("Sound as bought");
    private final WordField called = new WordField("tube-label", "Called", "left rail", words -> label(words));
    private final ComboBox<String> material = new ComboBox<>();
    private final RemoveButton tubeAway = new RemoveButton("Take this tube away", "tube-away", this::takeTube);
    private final ComboBox<String> node = new ComboBox<>();
    private final RowsField place;
    private final RemoveButton nodeAway = new RemoveButton("Take this node away", "node-away", this::takeNode);
    private boolean showing;

    TubeSheet(Desk desk) {
        super(6);
        this.desk = desk;
        new SectionPicker(desk).addTo(getChildren()::add, refreshers::add);
        ToggleButton draw = new ToggleButton("Draw tubes in the stand");
        draw.setId("draw-tubes");
        draw.getStyleClass().add("cure-button");
        draw.selectedProperty().bindBidirectional(desk.drawingProperty());
        CheckBox twins = new CheckBox("both sides alike");
        twins.setId("draw-twins");
        twins.selectedProperty().bindBidirectional(desk.mirroredProperty());
        HBox drawing = new HBox(12, draw, twins);
        drawing.setAlignment(Pos.CENTER_LEFT);
        getChildren().add(drawing);
        Label head = new Label("Measured on the picked tube");
        head.getStyleClass().add("section-title");
        state.setWrapText(true);
        state.getStyleClass().add("note-step");
        wall = new QuantityField(
                "wall-measured",
                "Wall",
                Kind.LENGTH,
                v -> change(
                        old -> Optional.of(old.map(each -> each.withWall(v)).orElseGet(() -> new Condition(v, 0)))));
        pit = new QuantityField(
                "pit-depth",
                "Deepest pit",
                Kind.LENGTH,
                v -> change(old -> Optional.of(
                        old.orElseGet(() -> new Condition(bought(), 0)).withPit(v))));
        dent = new QuantityField(
                "dent-depth",
                "Deepest dent",
                Kind.LENGTH,
                v -> change(old -> Optional.of(
                        old.orElseGet(() -> new Condition(bought(), 0)).withDent(v))));
        sound.setId("wall-sound");
        sound.getStyleClass().add("plain-button");
        sound.setOnAction(click -> change(old -> Optional.empty()));
        material.setId("tube-material");
        material.setAccessibleText("material of the tube");
        material.setOnAction(choice -> ofMaterial());
        node.setId("node-picked");
        node.setAccessibleText("node of the frame");
        node.setPromptText("pick a node");
        node.setOnAction(choice -> refresh());
        place = new RowsField(
                "node-place",
                "Its place",
                "forward left up",
                List.of(Kind.LENGTH, Kind.LENGTH, Kind.LENGTH),
                this::putNode);
        Label nodes = new Label("Nodes of the frame");
        nodes.getStyleClass().add("section-title");
        Label tables = new Label("From tables");
        tables.getStyleClass().add("section-title");
        getChildren()
                .addAll(
                        head,
                        state,
                        wall,
                        pit,
                        dent,
                        sound,
                        called,
                        row("Of", material),
                        tubeAway,
                        nodes,
                        row("Node", node),
                        place,
                        nodeAway,
                        nodeForm(),
                        tubeForm(),
                        tables,
                        table("Take nodes …", "take-nodes", HostTables::withNodes),
                        table("Take tubes …", "take-tubes", HostTables::withTubes));
    }

    private Host host() {
        return desk.session().job().host();
    }

    private static HBox row(String name, javafx.scene.Node field) {
        Label label = new Label(name);
        label.getStyleClass().add("name");
        HBox row = new HBox(label, field);
        row.getStyleClass().add("field-row");
        return row;
    }

    private void label(String words) {
        if (words.isBlank()) {
            throw new InvalidValue("name", "is empty; a tube needs one");
        }
        picked().ifPresent(tube -> put(tube.withLabel(words), "name of " + tube.label()));
    }

    private void ofMaterial() {
        if (!showing && material.getValue() != null) {
            picked().ifPresent(tube -> put(tube.withMaterial(material.getValue()), "material of " + tube.label()));
        }
    }

    private void put(Member changed, String words) {
        List<Member> members = host().members().stream()
                .map(each -> each.id().equals(changed.id()) ? changed : each)
                .toList();
        desk.session().apply(new BodyEdit.ChangeHost(host().withMembers(members), words, words));
    }

    private void takeTube() {
        picked().ifPresent(tube -> desk.takeAway(
                tube.label(), 1, () -> Removal.ofTube(desk.session().job(), tube.id())));
    }

    private void takeNode() {
        Optional.ofNullable(node.getValue())
                .ifPresent(id -> desk.takeAway(
                        "node " + id, 0, () -> Removal.ofNode(desk.session().job(), id)));
    }

    private void putNode(List<List<Double>> rows) {
        if (rows.size() != 1) {
            throw new InvalidValue("place", "has " + rows.size() + " rows, must be forward, left and up");
        }
        Vec3 at = new Vec3(rows.get(0).get(0), rows.get(0).get(1), rows.get(0).get(2));
        String id = node.getValue();
        Host moved = DrawnFrame.moved(desk.session().job(), id, at, false);
        desk.session().apply(new BodyEdit.ChangeHost(moved, "node " + id, "node." + id));
    }

    private Form nodeForm() {
        Form form = new Form(desk::units, "node", "A node of the frame");
        TextField id = form.text("called", "ML2");
        TextField at = form.text("at", "forward left up: 480 330 220");
        return form.button("Set the node", () -> {
            String name = id.getText().strip();
            Host with = DrawnFrame.withNode(desk.session().job(), name, Places.one(at.getText(), desk.units()));
            desk.session().apply(new BodyEdit.ChangeHost(with, "node " + name, "node." + name));
        });
    }

    private Form tubeForm() {
        Form form = new Form(desk::units, "new-tube", "A tube of the frame");
        TextField id = form.text("called", "H40");
        TextField nodes = form.text("nodes", "AL BL CL");
        NodePick.beside(nodes, desk, 20);
        ComboBox<Tube> section = form.choice("section", SectionStock::tubes, each -> each.in(desk.units()));
        ComboBox<String> material = form.choice(
                "material",
                () -> desk.session().job().materials().stream()
                        .map(Material::name)
                        .toList(),
                String::toString);
        refreshers.add(form::refresh);
        return form.button("Add the tube", () -> {
            String name = id.getText().strip();
            List<Member> members = new ArrayList<>(host().members());
            members.add(Member.sound(
                    name,
                    name,
                    List.of(nodes.getText().strip().split("\\s+")),
                    section.getValue(),
                    material.getValue()));
            desk.session().apply(new BodyEdit.ChangeHost(host().withMembers(members), "tube " + name, "tube." + name));
        });
    }

    private interface Taking {
        Host take(Host host, Path table) throws IOException;
    }

    private Button table(String words, String id, Taking taking) {
        Button button = new Button(words);
        button.setId(id);
        button.getStyleClass().add("cure-button");
        button.setOnAction(click -> {
            FileChooser chooser = new FileChooser();
            chooser.setTitle(words);
            chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("tables", "*.csv", "*.txt"));
            Optional.ofNullable(chooser.showOpenDialog(getScene().getWindow()))
                    .ifPresent(file -> takeTable(taking, file.toPath()));
        });
        return button;
    }

    private void takeTable(Taking taking, Path file) {
        try {
            Host host = taking.take(desk.session().job().host(), file);
            desk.apply(new BodyEdit.ChangeHost(host, "table " + file.getFileName(), "table"));
        } catch (IOException unreadable) {
            desk.complaintProperty().set(unreadable.getMessage());
        }
    }

    private Optional<Member> picked() {
        return desk.selectionProperty()
                .get()
                .flatMap(id -> desk.session().job().host().member(id));
    }

    private double bought() {
        Section section = picked().map(Member::section).orElse(null);
        if (section instanceof Tube tube) {
            return tube.wall();
        }
        return section instanceof RectTube rect ? rect.wall() : 0;
    }

    private void change(Function<Optional<Condition>, Optional<Condition>> with) {
        picked().ifPresent(tube -> {
            Host host = desk.session().job().host();
            List<Member> members = host.members().stream()
                    .map(each -> each.id().equals(tube.id()) ? each.withCondition(with.apply(each.condition())) : each)
                    .toList();
            desk.session()
                    .apply(new BodyEdit.ChangeHost(
                            host.withMembers(members), "wall of " + tube.label(), "wall." + tube.id()));
        });
    }

    void refresh() {
        if (showing) {
            return;
        }
        showing = true;
        refreshers.forEach(Runnable::run);
        showNodes();
        showTube();
        showing = false;
    }

    private void showNodes() {
        List<String> ids = host().nodes().stream().map(Node::id).toList();
        if (!node.getItems().equals(ids)) {
            String before = node.getValue();
            node.getItems().setAll(ids);
            node.setValue(ids.contains(before) ? before : null);
        }
        Optional<Vec3> at = Optional.ofNullable(node.getValue()).map(host().places()::get);
        for (javafx.scene.Node each : List.of(place, nodeAway)) {
            each.setVisible(at.isPresent());
            each.setManaged(at.isPresent());
        }
        at.ifPresent(each -> place.show(each, desk.units()));
    }

    private void showTube() {
        for (javafx.scene.Node each : List.of(called, material.getParent(), tubeAway)) {
            each.setVisible(picked().isPresent());
            each.setManaged(picked().isPresent());
        }
        List<String> known =
                desk.session().job().materials().stream().map(Material::name).toList();
        if (!material.getItems().equals(known)) {
            material.getItems().setAll(known);
        }
        picked().ifPresent(each -> {
            called.show(each.label(), desk.units());
            material.setValue(each.material());
        });
        Optional<Member> tube = picked();
        boolean hollow = tube.isPresent() && bought() > 0;
        for (javafx.scene.Node node : List.of(wall, pit, dent, sound)) {
            node.setVisible(hollow);
            node.setManaged(hollow);
        }
        state.setText(
                tube.isEmpty()
                        ? "Pick a tube of the frame in the list or in the stand."
                        : !hollow
                                ? tube.get().label() + " is solid."
                                : tube.get().condition().isEmpty()
                                        ? tube.get().label() + " has its wall as bought."
                                        : tube.get().label() + " is worked out with "
                                                + tube.get().remaining().in(desk.units()) + ".");
        if (hollow) {
            Optional<Condition> condition = tube.get().condition();
            wall.show(condition.map(Condition::wall).orElse(bought()), desk.units());
            pit.show(condition.map(Condition::pit).orElse(0.0), desk.units());
            dent.show(condition.map(Condition::dentDepth).orElse(0.0), desk.units());
        }
    }
}
