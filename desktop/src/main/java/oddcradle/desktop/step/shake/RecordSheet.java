package oddcradle.desktop.step.shake;

import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.DoubleStream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import oddcradle.core.control.Progress;
import oddcradle.core.engine.Throttle;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.ReplaceJob;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.recording.Recording;
import oddcradle.core.search.RecordStudy;
import oddcradle.core.search.RecordWords;
import oddcradle.core.search.ShakeAnswers;
import oddcradle.core.search.ShakeMaps;
import oddcradle.core.search.SimulatedAccelerometer;
import oddcradle.core.search.Suspect;
import oddcradle.core.structure.EngineShaking;
import oddcradle.core.structure.ShakeWatch;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.chart.Axis;
import oddcradle.desktop.chart.Chart;
import oddcradle.desktop.chart.Curve;
import oddcradle.desktop.chart.Diagram;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.slate.WorkBar;
import oddcradle.desktop.store.Desk;
import oddcradle.files.table.RecordingTable;

/** A vibration record beside what was predicted for its place: order by order, what would explain the difference, what has changed since an earlier one. */
final class RecordSheet extends VBox {
    private static final double SIMULATED = 40;
    /** The machine that the simulated accelerometer sits on has stiffer rubber than any catalogue says. */
    private static final double OTHERWISE = 1.2;

    private final Desk desk;
    private final ComboBox<String> place = new ComboBox<>();
    private final CheckBox noLoad = new CheckBox("engine without load");
    private final Label said = Text.said("record-said");
    private final VBox told = new VBox(4);
    private final ComboBox<String> order = new ComboBox<>();
    private final Chart chart;
    private Optional<RecordStudy.Study> study = Optional.empty();
    private List<Phrase> changes = List.of();
    private boolean compared;
    private Examination of;
    private boolean showing;

    RecordSheet(Desk desk, Palette palette) {
        super(6);
        this.desk = desk;
        place.setId("record-place");
        place.setAccessibleText("where it was recorded");
        place.setMaxWidth(Double.MAX_VALUE);
        noLoad.setId("record-no-load");
        Button read = Text.button("record-read", "Read a record …", () -> choose(file -> read(file, false)));
        Button simulate = Text.button("record-simulate", "Simulated accelerometer", this::simulate);
        Button earlier =
                Text.button("record-earlier", "Compare with an earlier one …", () -> choose(file -> read(file, true)));
        told.setId("record-told");
        order.setId("record-order");
        order.setAccessibleText("order");
        order.setOnAction(choice -> {
            if (!showing) {
                draw();
            }
        });
        chart = new Chart("record-chart", palette, 220);
        getChildren()
                .addAll(
                        place,
                        noLoad,
                        new HBox(6, read, simulate),
                        new WorkBar(desk.work()),
                        said,
                        told,
                        order,
                        chart,
                        earlier);
    }

    private void choose(Consumer<Path> chosen) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("A vibration record");
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("Tables", "*.csv", "*.txt"));
        File file = chooser.showOpenDialog(getScene().getWindow());
        if (file != null) {
            chosen.accept(file.toPath());
        }
    }

    private interface Source {
        Recording of(ShakeMaps.Maps maps, int watch);
    }

    /** Reads a record of the chosen place; what is wrong with it is told. */
    void read(Path file, boolean asEarlier) {
        work(
                (maps, watch) -> {
                    try {
                        return RecordingTable.read(file);
                    } catch (IOException unreadable) {
                        throw new InvalidValue("record", unreadable.getMessage());
                    }
                },
                asEarlier);
    }

    private void simulate() {
        Throttle throttle = throttle();
        Job listed = desk.session().job();
        work(
                (maps, watch) -> {
                    ShakeMaps.Maps real = ShakeMaps.of(Examination.of(Suspect.STIFFNESS.times(listed, OTHERWISE)))
                            .orElse(maps);
                    SimulatedAccelerometer.Samples samples = SimulatedAccelerometer.record(
                            real.machine(), watch, SimulatedAccelerometer.Sort.logger(11), SIMULATED, true, throttle);
                    return Recording.of(samples.times(), samples.accelerations(), samples.speeds());
                },
                false);
    }

    private Throttle throttle() {
        return noLoad.isSelected() ? Throttle.NO_LOAD : Throttle.FULL;
    }

    private record Found(RecordStudy.Study study, List<Phrase> troubles) {}

    private void work(Source source, boolean asEarlier) {
        Examination now = desk.examination();
        Throttle throttle = throttle();
        int chosen = Math.max(0, place.getItems().indexOf(place.getValue()));
        said.setText("");
        desk.work()
                .start(
                        "comparing",
                        progress -> found(now, source, chosen, throttle, progress),
                        result -> {
                            if (asEarlier) {
                                compared = study.isPresent();
                                changes = study.map(mine -> RecordWords.changed(mine, result.study()))
                                        .orElse(List.of());
                            } else {
                                study = Optional.of(result.study());
                                compared = false;
                                of = now;
                            }
                            refresh();
                            said.setText(String.join(
                                    " ",
                                    result.troubles().stream()
                                            .map(trouble -> trouble.in(desk.units()))
                                            .toList()));
                        },
                        said::setText);
    }

    private static Found found(Examination now, Source source, int chosen, Throttle throttle, Progress progress) {
        ShakeMaps.Maps maps = ShakeMaps.of(now)
                .orElseThrow(() -> new InvalidValue(
                        "record", "has nothing to be held against: mount the engine (Cradle, Mounts)"));
        int watch = RecordStudy.places(maps.machine()).get(chosen);
        Recording recording = source.of(maps, watch);
        return new Found(RecordStudy.of(now.job(), maps, watch, recording, throttle, progress), recording.troubles());
    }

    void refresh() {
        if (desk.examination() == null) {
            return;
        }
        List<String> places = ShakeMaps.setting(desk.examination())
                .map(setting -> setting.watches().stream()
                        .filter(watch -> watch.kind() != ShakeWatch.Kind.MOUNT_FORCE)
                        .map(ShakeWatch::label)
                        .toList())
                .orElse(List.of());
        if (!place.getItems().equals(places)) {
            place.getItems().setAll(places);
            place.setValue(places.isEmpty() ? null : places.get(0));
        }
        boolean there = study.isPresent();
        for (Node node : List.of(told, order, chart)) {
            node.setVisible(there);
            node.setManaged(there);
        }
        if (!there) {
            said.setText(
                    "Fix a phone or a logger at the place, let the engine run up slowly, half a minute and more, and save it as CSV:"
                            + " time [s], x [m/s2], y [m/s2], z [m/s2] and, with a tacho, speed [rpm]. Strap it down; nobody beside what turns.");
            return;
        }
        told.setOpacity(of == desk.examination() ? 1 : 0.6);
        tell(study.get());
        showing = true;
        List<String> orders = study.get().points().stream()
                .map(RecordStudy.Point::order)
                .distinct()
                .sorted()
                .map(each -> "order " + EngineShaking.words(each))
                .toList();
        if (!order.getItems().equals(orders)) {
            order.getItems().setAll(orders);
            order.setValue(orders.get(0));
        }
        showing = false;
        draw();
    }

    private void tell(RecordStudy.Study now) {
        told.getChildren().clear();
        told.getChildren().add(Text.line(RecordWords.differs(now).in(desk.units())));
        told.getChildren().add(Text.line(RecordWords.verdict(now).in(desk.units())));
        for (RecordStudy.Explanation each : now.explanations()) {
            Button take = new Button("Take it: " + RecordWords.explains(each).in(desk.units()));
            take.getStyleClass().addAll("cure-button", "left-button");
            take.setId("record-take-" + each.suspect().name().toLowerCase(Locale.ROOT));
            take.setWrapText(true);
            take.setMaxWidth(Double.MAX_VALUE);
            take.setMinHeight(USE_PREF_SIZE);
            take.setDisable(of != desk.examination());
            take.setOnAction(click -> desk.apply(new ReplaceJob(
                    each.suspect().times(desk.session().job(), each.factor()),
                    each.suspect().words() + " as recorded")));
            told.getChildren().add(take);
        }
        if (compared) {
            told.getChildren()
                    .add(Text.line(changes.isEmpty() ? "As in the earlier record." : "Since the earlier record:"));
            changes.forEach(change -> told.getChildren().add(Text.line(change.in(desk.units()))));
        }
    }

    private void draw() {
        RecordStudy.Study now = study.orElseThrow();
        List<RecordStudy.Point> points = now.points().stream()
                .filter(point -> ("order " + EngineShaking.words(point.order())).equals(order.getValue()))
                .sorted(Comparator.comparingDouble(RecordStudy.Point::speed))
                .toList();
        double rpm = desk.units().inUnits(Quantity.rotationSpeed(1));
        double per = desk.units().inUnits(ShakeAnswers.quantity(now.watch(), 1));
        List<Curve.Point> measured = new ArrayList<>();
        List<Curve.Point> predicted = new ArrayList<>();
        for (RecordStudy.Point point : points) {
            measured.add(new Curve.Point(point.speed() * rpm, point.measured() * per));
            predicted.add(new Curve.Point(point.speed() * rpm, point.predicted() * per));
        }
        chart.show(new Diagram(
                Axis.of("crank speed, rpm", measured.stream().mapToDouble(Curve.Point::x)),
                Axis.of(
                        now.watch().label() + ", " + desk.units().unit(ShakeAnswers.quantity(now.watch(), 1)),
                        DoubleStream.concat(
                                DoubleStream.of(0),
                                DoubleStream.concat(
                                        measured.stream().mapToDouble(Curve.Point::y),
                                        predicted.stream().mapToDouble(Curve.Point::y)))),
                List.of(new Curve("measured", measured, 0, true), new Curve("predicted", predicted, 1, false)),
                List.of(),
                List.of()));
    }
}
