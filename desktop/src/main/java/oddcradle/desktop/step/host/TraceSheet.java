package oddcradle.desktop.step.host;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import oddcradle.core.catalog.SectionStock;
import oddcradle.core.geometry.BestFit;
import oddcradle.core.geometry.mesh.MeshTree;
import oddcradle.core.geometry.mesh.TubeTrace;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.Side;
import oddcradle.core.job.edit.TracedTube;
import oddcradle.core.material.Material;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.ScanPlace;
import oddcradle.core.section.Tube;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.store.Desk;

/** Tubes of the frame traced on its scan: two clicks on each straight run, then a size from stock and a name. */
public final class TraceSheet extends VBox {
    private final Desk desk;
    private final Executor background;
    private final Executor ui;
    private final Button pick = new Button("Pick a straight run");
    private final Label said = new Label();
    private final VBox runList = new VBox(2);
    private final ComboBox<Tube> section;
    private final List<TubeTrace> runs = new ArrayList<>();

    /** @param background fitting a tube to a large scan takes a moment; it is done here */
    public TraceSheet(Desk desk, Executor background, Executor ui) {
        super(6);
        this.desk = desk;
        this.background = background;
        this.ui = ui;
        Label head = new Label("Trace a tube");
        head.getStyleClass().add("section-title");
        pick.setId("trace-pick");
        pick.getStyleClass().add("cure-button");
        pick.setOnAction(click -> wait("one end of a straight run", this::first));
        Button back = new Button("Forget the last run");
        back.setId("trace-back");
        back.getStyleClass().add("plain-button");
        back.setOnAction(click -> {
            if (!runs.isEmpty()) {
                runs.remove(runs.size() - 1);
            }
            refresh();
        });
        said.setId("trace-said");
        said.managedProperty().bind(said.textProperty().isNotEmpty());
        said.setWrapText(true);
        said.getStyleClass().add("note-step");
        runList.setId("trace-runs");
        Form form = new Form(desk::units, "trace", "Make it a tube of the frame");
        TextField called = form.text("called", "H40");
        section = form.choice("section", SectionStock::tubes, each -> each.in(desk.units()));
        ComboBox<String> material = form.choice(
                "material",
                () -> desk.session().job().materials().stream()
                        .map(Material::name)
                        .toList(),
                String::toString);
        form.button("Add the tube", () -> add(called.getText().strip(), material.getValue()));
        getChildren().addAll(head, new FlowPane(8, 4, pick, back), said, runList, form);
    }

    private void wait(String what, Consumer<Vec3> take) {
        desk.pickingProperty().set(Optional.of(new Desk.Picking(what, take)));
        said.setText("");
    }

    private void first(Vec3 from) {
        wait("the other end of the same run", to -> second(from, to));
    }

    private void second(Vec3 from, Vec3 to) {
        Optional<MeshTree> scan = scan();
        if (scan.isEmpty()) {
            return;
        }
        said.setText("Looking for the tube …");
        background.execute(() -> {
            try {
                TubeTrace run = TubeTrace.of(scan.get().mesh(), from, to);
                ui.execute(() -> found(run));
            } catch (InvalidValue noTube) {
                ui.execute(() -> said.setText(noTube.getMessage()));
            }
        });
    }

    private void found(TubeTrace run) {
        runs.add(run);
        said.setText("");
        SectionStock.tubes().stream()
                .min(Comparator.comparingDouble(tube -> Math.abs(tube.outerRadius() - run.radius())))
                .ifPresent(section::setValue);
        refresh();
    }

    private void add(String name, String material) {
        if (name.isEmpty()) {
            throw new InvalidValue("called", "is empty; give the tube a name of its own, such as H40");
        }
        Pose pose = place().orElseThrow(
                        () -> new InvalidValue("scan", "is not in its place; pick three of its points first"));
        List<Vec3> path = TubeTrace.path(runs).stream().map(pose::place).toList();
        desk.session().apply(new TracedTube(name, path, section.getValue(), material));
        runs.clear();
    }

    private Job examined() {
        return desk.examination().job();
    }

    private Optional<MeshTree> scan() {
        return examined().host().scan().flatMap(each -> desk.examination()
                .scans()
                .of(each.file()));
    }

    private Optional<Pose> place() {
        return desk.examination().scanPlace(Side.HOST).flatMap(ScanPlace::fit).map(BestFit::pose);
    }

    /** Shows the runs found so far; there is an examination by then. */
    public void refresh() {
        pick.setDisable(scan().isEmpty());
        runList.getChildren().clear();
        for (int k = 0; k < runs.size(); k++) {
            TubeTrace run = runs.get(k);
            Label line = new Label("run " + (k + 1) + ": ⌀ " + show(2 * run.radius()) + ", scatter " + show(run.rms())
                    + ", " + run.corners() + " corners");
            runList.getChildren().add(line);
        }
        if (!runs.isEmpty()) {
            Label wall = new Label("A scan sees no wall: measure it at an end, or through a small hole.");
            wall.setWrapText(true);
            runList.getChildren().add(wall);
        }
    }

    private String show(double metres) {
        return desk.units().show(Quantity.length(metres));
    }
}
