package oddcradle.desktop.step.measured;

import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import javafx.geometry.HPos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import oddcradle.core.fitup.BuiltJob;
import oddcradle.core.geometry.BestFit;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.mesh.MeshHealth;
import oddcradle.core.geometry.mesh.MeshTree;
import oddcradle.core.geometry.mesh.SimulatedScanner;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Scan;
import oddcradle.core.job.edit.Side;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Bodies;
import oddcradle.core.placement.ScanPlace;
import oddcradle.core.placement.Seating;
import oddcradle.core.survey.SurveyPoint;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.store.Desk;
import oddcradle.files.job.Belongings;
import oddcradle.files.mesh.LengthUnit;
import oddcradle.files.mesh.MeshFiles;

/** A body's scan: which file, whether it is sound, and the points picked on it that set it in place. */
public final class ScanSheet extends VBox {
    private static final double NOISE = 0.0005;
    private static final int HOLES = 4;

    private final Desk desk;
    private final Side side;
    private final Label file = new Label();
    private final ComboBox<LengthUnit> unit = new ComboBox<>();
    private final VBox health = new VBox(2);
    private final ComboBox<String> point = new ComboBox<>();
    private final Button pick = new Button("Pick it on the scan");
    private final Label problem = new Label();
    private final GridPane picks = new GridPane();
    private MeshTree looked;
    private boolean showing;

    public ScanSheet(Desk desk, Side side) {
        super(6);
        this.desk = desk;
        this.side = side;
        file.setWrapText(true);
        file.getStyleClass().add("wanted");
        Button choose = new Button("Choose a scan …");
        choose.setId("scan-choose");
        choose.getStyleClass().add("cure-button");
        choose.setOnAction(click -> choose());
        Button away = new Button("Take it away");
        away.setId("scan-away");
        away.getStyleClass().add("plain-button");
        away.setOnAction(click -> change(Optional.empty()));
        unit.setId("scan-unit");
        unit.setAccessibleText("unit of the file");
        unit.getItems().setAll(LengthUnit.values());
        unit.setConverter(new Words<>(List.of(LengthUnit.values()), each -> "file in " + each.symbol()));
        unit.setValue(LengthUnit.MILLIMETRE);
        unit.setOnAction(choice -> scan().filter(each -> !showing)
                .ifPresent(each ->
                        change(Optional.of(new Scan(each.file(), unit.getValue().metres(), List.of())))));
        CheckBox simulated = new CheckBox("Simulated scanner");
        simulated.setId("simulated-scanner");
        Button scanNow = new Button("Scan the " + side.word() + " (simulated)");
        scanNow.setId("simulate-scan");
        scanNow.getStyleClass().add("cure-button");
        scanNow.visibleProperty().bind(simulated.selectedProperty());
        scanNow.managedProperty().bind(simulated.selectedProperty());
        scanNow.setOnAction(click -> simulate());
        point.setId("scan-point");
        point.setAccessibleText("point to pick");
        pick.setId("scan-pick");
        pick.getStyleClass().add("cure-button");
        pick.setOnAction(click -> {
            Optional.ofNullable(point.getValue())
                    .map(id -> new Desk.Picking(id, at -> pick(id, at)))
                    .ifPresent(wanted -> desk.pickingProperty().set(Optional.of(wanted)));
            refresh();
        });
        problem.setWrapText(true);
        problem.setId("scan-problem");
        problem.managedProperty().bind(problem.textProperty().isNotEmpty());
        problem.getStyleClass().add("note-step");
        picks.setHgap(10);
        ColumnConstraints right = new ColumnConstraints();
        right.setHalignment(HPos.RIGHT);
        right.setHgrow(Priority.ALWAYS);
        picks.getColumnConstraints().addAll(new ColumnConstraints(), right);
        HBox row = new HBox(8, point, pick);
        getChildren()
                .addAll(
                        file,
                        new FlowPane(8, 4, choose, unit, away),
                        health,
                        row,
                        problem,
                        picks,
                        new FlowPane(8, 4, simulated, scanNow));
    }

    private Job job() {
        return desk.session().job();
    }

    private Optional<Scan> scan() {
        return side.scan(job());
    }

    private void change(Optional<Scan> other) {
        desk.apply(side.takeScan(job(), other, "scan", "scan"));
    }

    private void pick(String point, Vec3 at) {
        scan().ifPresent(scan -> {
            List<Scan.Pick> others = new ArrayList<>(scan.picks());
            others.removeIf(each -> each.point().equals(point));
            others.add(new Scan.Pick(point, at));
            desk.apply(side.takeScan(
                    job(), Optional.of(scan.withPicks(others)), "pick " + point + " on the scan", "pick." + point));
        });
    }

    /** Writes a scan of the body as it stands beside the job, with noise and holes, and takes it. */
    private void simulate() {
        Optional<Path> job = desk.session().fileProperty().get();
        if (job.isEmpty()) {
            desk.complaintProperty().set("save the job first; a scan lies in the same folder as its job");
            return;
        }
        // A mount is scanned as it came out, where somebody has measured that.
        Job stands = side == Side.MOUNT
                ? BuiltJob.of(desk.examination()).orElse(job())
                : desk.examination().job();
        List<Solid> solids = Bodies.surfaces(stands, Seating.of(stands), side);
        String simulated = "simulated-" + side.word() + ".stl";
        try {
            MeshFiles.writeStl(
                    job.get().resolveSibling(simulated),
                    SimulatedScanner.scan(solids, NOISE, HOLES, new Random()),
                    LengthUnit.MILLIMETRE);
            change(Optional.of(new Scan(simulated, LengthUnit.MILLIMETRE.metres(), List.of())));
        } catch (IOException failed) {
            desk.complaintProperty().set("the simulated scan could not be written: " + failed.getMessage());
        }
    }

    private void choose() {
        Optional<Path> job = desk.session().fileProperty().get();
        if (job.isEmpty()) {
            desk.complaintProperty().set("save the job first; a scan lies in the same folder as its job");
            return;
        }
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Choose a scan");
        chooser.setInitialDirectory(job.get().toAbsolutePath().getParent().toFile());
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter("meshes", "*.stl", "*.obj", "*.ply", "*.STL", "*.OBJ", "*.PLY"));
        File chosen = chooser.showOpenDialog(getScene().getWindow());
        if (chosen == null) {
            return;
        }
        try {
            if (!Belongings.takeIn(chosen.toPath(), job.get())) {
                desk.complaintProperty()
                        .set("beside the job lies another file of the name " + chosen.getName()
                                + "; give one of them another name");
                return;
            }
        } catch (IOException failed) {
            desk.complaintProperty().set(chosen.getName() + " could not be copied beside the job; look at the disk");
            return;
        }
        change(Optional.of(new Scan(chosen.getName(), unit.getValue().metres(), List.of())));
    }

    /** Shows the scan as it stands; there is an examination by then. */
    public void refresh() {
        showing = true;
        Optional<Scan> scan = scan();
        Optional<MeshTree> tree =
                scan.flatMap(each -> desk.examination().scans().of(each.file()));
        file.setText(scan.map(Scan::file).orElse("No scan of the " + side.word() + "."));
        scan.ifPresent(each -> {
            for (LengthUnit known : LengthUnit.values()) {
                if (known.metres() == each.metresPerUnit()) {
                    unit.setValue(known);
                }
            }
        });
        if (tree.isPresent() && tree.get() != looked) {
            looked = tree.get();
            look(looked);
        } else if (tree.isEmpty()) {
            looked = null;
            health.getChildren().clear();
        }
        List<String> points = new ArrayList<>(side.ties(job()).keySet());
        side.survey(job()).points().stream()
                .map(SurveyPoint::id)
                .filter(id -> !points.contains(id))
                .forEach(points::add);
        point.setConverter(new Words<>(points, desk.session().job().donor()::named));
        if (!point.getItems().equals(points)) {
            point.getItems().setAll(points);
            point.setValue(points.isEmpty() ? null : points.get(0));
        }
        pick.setDisable(tree.isEmpty());
        Optional<ScanPlace> place = desk.examination().scanPlace(side);
        problem.setText(place.filter(each -> each.fit().isEmpty())
                .map(each -> "The scan " + each.problem() + ".")
                .orElse(""));
        // As examined: the residuals belong to those picks, not to one made since.
        picks(side.scan(desk.examination().job()), place.flatMap(ScanPlace::fit));
        showing = false;
    }

    private void look(MeshTree tree) {
        MeshHealth found = MeshHealth.of(tree.mesh());
        health.getChildren()
                .setAll(new Label(found.triangles() + " triangles, "
                        + desk.units().show(Quantity.length(found.size().x())) + " × "
                        + desk.units().show(Quantity.length(found.size().y())) + " × "
                        + desk.units().show(Quantity.length(found.size().z()))));
        for (String complaint : found.complaints()) {
            Label line = new Label("It " + complaint + ".");
            line.setWrapText(true);
            line.getStyleClass().add("note-step");
            health.getChildren().add(line);
        }
    }

    private void picks(Optional<Scan> scan, Optional<BestFit> fit) {
        picks.getChildren().clear();
        List<Scan.Pick> all = scan.map(Scan::picks).orElse(List.of());
        for (int k = 0; k < all.size(); k++) {
            int at = k;
            String left = fit.map(each ->
                            desk.units().show(Quantity.length(each.residuals().get(at))) + " off")
                    .orElse("picked");
            Label residual = new Label(left);
            residual.getStyleClass().add("figure-value");
            picks.addRow(k, new Label(all.get(k).point()), residual);
        }
    }
}
