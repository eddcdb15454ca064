package oddcradle.desktop.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executor;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Alert;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import javafx.stage.Stage;
import oddcradle.core.examine.Examination;
import oddcradle.core.examine.Scans;
import oddcradle.core.finding.Stop;
import oddcradle.core.job.Job;
import oddcradle.core.job.Side;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.look.Look;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.notes.NotesPane;
import oddcradle.desktop.rail.Rail;
import oddcradle.desktop.slate.StopSlate;
import oddcradle.desktop.stand.Stand;
import oddcradle.desktop.stops.Slates;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.store.Recents;
import oddcradle.files.job.DemoJobs;
import oddcradle.files.job.JobDocument;
import oddcradle.files.job.JobStore;
import oddcradle.files.mesh.JobScans;
import oddcradle.files.paper.Packet;
import oddcradle.files.paper.PaperSize;

/** The frame of the window: bar, rail, stand, slate, notes; and what the bar's buttons do. */
public final class MainWindow {
    private static final double WIDTH = 1280;
    private static final double HEIGHT = 800;

    private final Stage stage;
    private final Desk desk;
    private final Recents recents;
    private final Executor files;
    private final Palette palette = new Palette();
    private final Stand stand;
    private final Rail rail;
    private final NotesPane notes;
    private final Slates slates;
    private final TopBar bar;
    private final ScrollPane slate = new ScrollPane();
    private final VBox banners = new VBox();
    private final Label complaint = new Label();
    private final Scene scene;
    private Look look = Look.PAPER;
    /** Which scan was read last, from where. */
    private String scanRead = "Optional.empty";

    public MainWindow(Stage stage, Desk desk, Recents recents, Executor files) {
        this.stage = stage;
        this.desk = desk;
        this.recents = recents;
        this.files = files;
        this.stand = new Stand(desk, palette);
        this.rail = new Rail(desk);
        this.notes = new NotesPane(desk);
        this.slates = new Slates(desk, palette);
        this.bar = new TopBar(desk, this);
        this.scene = new Scene(layout(), WIDTH, HEIGHT);
        look.dress(scene);
        palette.onChange(this::recolour);
        follow();
        keys();
        stage.setScene(scene);
        stage.setTitle("Odd Cradle");
        stage.setMinWidth(960);
        stage.setMinHeight(600);
        stage.setOnCloseRequest(closing -> {
            if (!mayLeave()) {
                closing.consume();
            }
        });
    }

    private StackPane layout() {
        rail.setPrefWidth(132);
        rail.setMinWidth(132);
        bar.setMinHeight(44);
        bar.setPrefHeight(44);
        slate.getStyleClass().addAll("slate", "slate-scroll");
        slate.setFitToWidth(true);
        slate.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        slate.setPrefWidth(360);
        slate.setMinWidth(360);
        notes.setPrefHeight(140);
        notes.setMinHeight(140);
        complaint.setId("complaint");
        complaint.setWrapText(true);
        HBox complaintBanner = new HBox(complaint);
        complaintBanner.getStyleClass().addAll("banner", "bad");
        desk.complaintProperty().addListener((property, before, text) -> {
            complaint.setText(text);
            banners.getChildren().remove(complaintBanner);
            if (!text.isEmpty()) {
                banners.getChildren().add(0, complaintBanner);
            }
        });
        BorderPane inner = new BorderPane(stand, banners, slate, notes, null);
        BorderPane outer = new BorderPane(inner, bar, null, null, rail);
        return new StackPane(outer, palette);
    }

    private void follow() {
        desk.live().examinationProperty().addListener((property, before, examination) -> {
            boolean otherMachine = before == null
                    || !before.job()
                            .host()
                            .name()
                            .equals(examination.job().host().name());
            if (otherMachine) {
                stand.frame();
            }
            refresh();
        });
        desk.live().curesProperty().addListener((property, before, cures) -> notes.refresh());
        desk.live().failureProperty().addListener((property, before, text) -> desk.complaintProperty()
                .set(text));
        desk.unitsProperty().addListener(change -> refresh());
        desk.nudgeProperty().addListener(change -> stand.refresh());
        desk.wantedProperty().addListener(change -> stand.refresh());
        desk.stopProperty().addListener(change -> {
            desk.wantedProperty().set(Optional.empty());
            showSlate();
            stand.frame();
            stand.refresh();
        });
        desk.selectionProperty().addListener((property, before, part) -> refresh());
        desk.session().documentProperty().addListener(change -> {
            bar.refresh();
            keepRecovery();
        });
        desk.session().documentProperty().addListener(change -> readScan());
        desk.session().fileProperty().addListener(change -> readScan());
        desk.session().changedProperty().addListener(change -> bar.refresh());
        desk.session().fileProperty().addListener(change -> bar.refresh());
    }

    private void keys() {
        key(KeyCode.Z, desk.session()::undo);
        key(KeyCode.Y, desk.session()::redo);
        key(KeyCode.S, this::save);
        key(KeyCode.O, this::chooseAndOpen);
        key(KeyCode.P, this::printPacket);
        for (Stop stop : Stop.values()) {
            KeyCode digit = KeyCode.getKeyCode(Integer.toString(stop.number() % 10));
            key(digit, () -> desk.stopProperty().set(stop));
        }
    }

    private void key(KeyCode code, Runnable action) {
        scene.getAccelerators().put(new KeyCodeCombination(code, KeyCombination.SHORTCUT_DOWN), action);
    }

    public void show() {
        stage.show();
        showSlate();
        recolour();
        stand.requestFocus();
    }

    /** The window's content, for pictures and tests. */
    Scene scene() {
        return scene;
    }

    Desk desk() {
        return desk;
    }

    Stand stand() {
        return stand;
    }

    private void showSlate() {
        StopSlate now = slates.of(desk.stopProperty().get());
        slate.setContent(now);
        slate.setVvalue(0);
        if (desk.examination() != null) {
            now.refresh();
        }
    }

    private void refresh() {
        if (desk.examination() == null) {
            return;
        }
        bar.refresh();
        rail.refresh();
        stand.refresh();
        slates.of(desk.stopProperty().get()).refresh();
        notes.refresh();
    }

    private void recolour() {
        stand.recolour();
        if (desk.examination() != null) {
            slates.of(desk.stopProperty().get()).refresh();
        }
    }

    void changeLook() {
        look = look.other();
        look.dress(scene);
        scene.getRoot().applyCss();
        recolour();
    }

    List<Path> recents() {
        return recents.list();
    }

    void chooseAndOpen() {
        FileChooser chooser = chooser("Open a job");
        Optional.ofNullable(chooser.showOpenDialog(stage)).ifPresent(file -> open(file.toPath()));
    }

    /** Opens a file; on trouble the open job is untouched and the banner says why. */
    public void open(Path file) {
        if (!mayLeave()) {
            return;
        }
        try {
            desk.session().open(file);
            desk.complaintProperty().set("");
            recents.add(file);
            offerRecovery(file);
        } catch (IOException unreadable) {
            desk.complaintProperty().set(unreadable.getMessage());
        }
    }

    void openDemo(DemoJobs demo) {
        if (mayLeave()) {
            desk.session().openUnsaved(demo.load());
        }
    }

    private void offerRecovery(Path file) {
        Optional<JobDocument> recovered = desk.session().recovery(file);
        if (recovered.isEmpty()) {
            return;
        }
        HBox banner = new HBox();
        banner.getStyleClass().add("banner");
        Button take = new Button("Take it up");
        take.setId("recover");
        Button leave = new Button("Leave it");
        take.setOnAction(click -> {
            desk.session().recover(recovered.get());
            banners.getChildren().remove(banner);
        });
        leave.setOnAction(click -> {
            tell(desk.session()::dropRecovery);
            banners.getChildren().remove(banner);
        });
        banner.getChildren()
                .addAll(
                        new Label("The program ended before this job was saved; its last state was kept."),
                        take,
                        leave);
        banners.getChildren().add(banner);
    }

    private interface FileWork {
        void run() throws IOException;
    }

    private void tell(FileWork work) {
        try {
            work.run();
            desk.complaintProperty().set("");
        } catch (IOException failed) {
            desk.complaintProperty().set("could not write: " + failed.getMessage());
        }
    }

    /** Reads the scans the job names, if it names others than before. */
    private void readScan() {
        Job job = desk.session().job();
        Optional<Path> file = desk.session().fileProperty().get();
        List<String> named = Arrays.stream(Side.values())
                .flatMap(side -> side.scan(job).stream())
                .map(scan -> scan.file() + " " + scan.metresPerUnit())
                .toList();
        String wanted = named + " " + file;
        if (wanted.equals(scanRead)) {
            return;
        }
        scanRead = wanted;
        if (named.isEmpty() || file.isEmpty()) {
            desk.live().examine(job, Scans.NONE);
            return;
        }
        files.execute(() -> {
            try {
                Scans scans = JobScans.read(job, file.get());
                Platform.runLater(() -> desk.live().examine(desk.session().job(), scans));
            } catch (IOException unreadable) {
                Platform.runLater(() -> desk.complaintProperty().set(unreadable.getMessage()));
            }
        });
    }

    private void keepRecovery() {
        files.execute(() -> {
            try {
                desk.session().keepRecovery();
            } catch (IOException failed) {
                Platform.runLater(() -> desk.complaintProperty()
                        .set("the recovery file could not be written: " + failed.getMessage() + "; save soon"));
            }
        });
    }

    void save() {
        Optional<Path> file = desk.session().fileProperty().get();
        if (file.isPresent()) {
            tell(() -> desk.session().save(file.get()));
        } else {
            chooseAndSave();
        }
    }

    void chooseAndSave() {
        FileChooser chooser = chooser("Save the job");
        chooser.setInitialFileName("job" + JobStore.EXTENSION);
        Optional.ofNullable(chooser.showSaveDialog(stage)).ifPresent(file -> saveAs(file.toPath()));
    }

    /** Saves under a name and remembers it. */
    public void saveAs(Path file) {
        tell(() -> {
            desk.session().save(file);
            recents.add(file);
        });
    }

    private static FileChooser chooser(String title) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("Odd Cradle jobs", "*" + JobStore.EXTENSION));
        return chooser;
    }

    void printPacket() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Write the packet");
        chooser.setInitialFileName(Packet.fileName(desk.session().job().name()));
        Optional.ofNullable(chooser.showSaveDialog(stage)).ifPresent(file -> writePacket(file.toPath()));
    }

    /** Writes the PDF in the background and says so in the banner. */
    public void writePacket(Path file) {
        Examination examination = desk.examination();
        UnitStyle style = desk.units() == UnitStyle.MILLIMETRES ? desk.units() : UnitStyle.FRACTIONAL_INCHES;
        files.execute(() -> {
            String said;
            try {
                Files.write(file, Packet.of(examination, style, PaperSize.A4, LocalDate.now()));
                said = "";
            } catch (IOException failed) {
                said = "the packet could not be written: " + failed.getMessage();
            }
            String text = said;
            Platform.runLater(() -> desk.complaintProperty().set(text));
        });
    }

    /** Asks before unsaved changes are lost. */
    private boolean mayLeave() {
        if (!desk.session().changedProperty().get()) {
            return true;
        }
        ButtonType save = new ButtonType("Save", ButtonBar.ButtonData.YES);
        ButtonType discard = new ButtonType("Discard", ButtonBar.ButtonData.NO);
        Alert question = new Alert(
                Alert.AlertType.NONE, "This job has changes that are not saved.", save, discard, ButtonType.CANCEL);
        question.initOwner(stage);
        question.setTitle("Odd Cradle");
        Optional<ButtonType> answer = question.showAndWait();
        if (answer.filter(save::equals).isPresent()) {
            save();
            return !desk.session().changedProperty().get();
        }
        if (answer.filter(discard::equals).isPresent()) {
            tell(desk.session()::dropRecovery);
            return true;
        }
        return false;
    }
}
