package oddcradle.desktop.step.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.stream.DoubleStream;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.around.Control;
import oddcradle.core.job.edit.RunEdit;
import oddcradle.core.linkage.ControlTrain;
import oddcradle.core.search.CableWay;
import oddcradle.core.step.run.ControlFound;
import oddcradle.desktop.chart.Axis;
import oddcradle.desktop.chart.Chart;
import oddcradle.desktop.chart.Curve;
import oddcradle.desktop.chart.Diagram;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.task.Workers;

/** One control: how far its engine's lever turns for the hand, against an even share. */
final class ControlSheet extends VBox {
    private final Desk desk;
    private final ComboBox<String> which = new ComboBox<>();
    private final Label big = new Label();
    private final Label says = Text.said("control-says");
    private final Chart chart;
    private final Chart pull;
    private final Executor background = Workers.inOrder("leading a cable");
    private final Label led = Text.said("cable-led");
    private final VBox turns = new VBox(6);
    private final FigureList figures;

    ControlSheet(Desk desk, Palette palette) {
        super(8);
        this.desk = desk;
        which.setId("control-which");
        which.setAccessibleText("control");
        which.setMaxWidth(Double.MAX_VALUE);
        which.setConverter(new Words<>(which.getItems(), this::label));
        which.setOnAction(choice -> refresh());
        big.setId("control-reached");
        big.getStyleClass().add("big-number");
        chart = new Chart("chart-control", palette, 210);
        pull = new Chart("chart-pull", palette, 150);
        figures = new FigureList(desk, Step.RUN, figure -> found().map(
                        found -> figure.name().startsWith(found.control().label() + ":"))
                .orElse(false));
        getChildren()
                .addAll(
                        which,
                        big,
                        says,
                        chart,
                        pull,
                        turns,
                        led,
                        figures,
                        Text.line(
                                "Its levers, clips and springs are changed at Things; more controls are added there. A cable's wire runs straight into its conduit at both ends."));
    }

    private String label(String id) {
        return desk.session().job().around().control(id).map(Control::label).orElse(id);
    }

    private Optional<ControlFound> found() {
        return desk.examination().run().controls().stream()
                .filter(each -> each.control().id().equals(which.getValue()))
                .findFirst();
    }

    Leaves.Leaf leaf() {
        return new Leaves.Leaf(this, this::refresh);
    }

    private void refresh() {
        List<String> ids = desk.examination().job().around().controls().stream()
                .map(Control::id)
                .toList();
        if (!which.getItems().equals(ids)) {
            String kept = which.getValue();
            which.getItems().setAll(ids);
            which.setValue(ids.contains(kept) ? kept : ids.isEmpty() ? null : ids.get(0));
        }
        Optional<ControlFound> found = found();
        show(which, !ids.isEmpty());
        List.of(big, chart, pull, turns, figures).forEach(node -> show(node, found.isPresent()));
        says.setText(
                ids.isEmpty()
                        ? "No control yet. At Things add a throttle, clutch, shift, choke or brake: pedal, cable and lever are drawn, then moved to where yours are."
                        : says(which.getValue()));
        found.ifPresent(this::show);
    }

    private static void show(Node node, boolean wanted) {
        node.setVisible(wanted);
        node.setManaged(wanted);
    }

    /** What there is to say against a control, one that cannot be followed among them. */
    private String says(String id) {
        return desk.examination().report(Step.RUN).findings().stream()
                .filter(each -> each.severity().isWorseThan(Severity.GOOD)
                        && each.where().ids().contains(id))
                .map(each -> each.severity().word() + ": " + each.what().in(desk.units()))
                .reduce((one, other) -> one + "\n" + other)
                .orElse("Nothing to say against it.");
    }

    private void show(ControlFound found) {
        big.setText(String.format(
                Locale.ROOT,
                "%.0f° of %.0f° wanted",
                Math.toDegrees(found.work().reached()),
                Math.toDegrees(Math.abs(found.control().wanted()))));
        chart.show(diagram(found));
        pull.show(effort(found));
        turns.getChildren().clear();
        for (int k = 0; k < found.control().levers().size() - 1; k++) {
            int lever = k;
            turns.getChildren()
                    .add(Text.button(
                            "turn-over-" + (k + 1), "Turn lever " + (k + 1) + " inside out", () -> desk.session()
                                    .apply(new RunEdit.SetControl(
                                            found.control()
                                                    .withLever(
                                                            lever,
                                                            found.control()
                                                                    .levers()
                                                                    .get(lever)
                                                                    .turnedOver()),
                                            "lever " + (lever + 1) + " turned inside out"))));
        }
        for (ControlFound.Laid each : found.cables()) {
            turns.getChildren()
                    .add(Text.button(
                            "lead-cable-" + (each.link() + 1),
                            "Lead the cable of link " + (each.link() + 1) + " along the tubes",
                            () -> lead(found, each.link())));
        }
        figures.refresh();
    }

    /** A search through all tubes: beside the window. */
    private void lead(ControlFound found, int link) {
        led.setText("Looking along the tubes …");
        Examination at = desk.examination();
        background.execute(() -> {
            Optional<Control> way = CableWay.of(at, found, link);
            Workers.ui().execute(() -> take(found, way));
        });
    }

    private void take(ControlFound before, Optional<Control> way) {
        // Whoever has changed it meanwhile keeps the change.
        boolean same = desk.session()
                .job()
                .around()
                .control(before.control().id())
                .filter(before.control()::equals)
                .isPresent();
        if (same && way.isPresent()) {
            desk.session().apply(new RunEdit.SetControl(way.get(), "cable led along the tubes"));
        }
        led.setText(
                way.isEmpty()
                        ? "No way along the tubes keeps its bends and stays clear of what is hot and what moves; move an end, or take a cable that bends closer."
                        : same ? "Led along the tubes; undo takes it back." : "");
    }

    /** Both in degrees; the even share is a straight line to the same end. */
    private static Diagram diagram(ControlFound found) {
        List<ControlTrain.At> way = found.train().through(found.control().travel());
        double sign = Math.signum(found.control().wanted());
        List<Curve.Point> engine = new ArrayList<>();
        for (ControlTrain.At at : way) {
            engine.add(new Curve.Point(Math.toDegrees(Math.abs(at.hand())), Math.toDegrees(sign * at.engine())));
        }
        Curve.Point end = engine.get(engine.size() - 1);
        List<Curve> curves = List.of(
                new Curve("engine's lever", engine, 0, false),
                new Curve("an even share", List.of(new Curve.Point(0, 0), end), 1, false));
        double wanted = Math.toDegrees(Math.abs(found.control().wanted()));
        return new Diagram(
                Axis.of(
                        "hand's lever, °",
                        DoubleStream.of(
                                0, Math.toDegrees(Math.abs(found.control().travel())))),
                Axis.of(
                        "engine's lever, °",
                        DoubleStream.concat(
                                DoubleStream.of(0, wanted * 1.05),
                                engine.stream().mapToDouble(Curve.Point::y))),
                curves,
                List.of(),
                List.of(new Diagram.Level(wanted, "wanted", Severity.GOOD)));
    }

    /** N over degrees; the hand that eases off at the end and the one that snaps over show here. */
    private static Diagram effort(ControlFound found) {
        List<ControlTrain.At> way = found.train().through(found.control().travel());
        List<Curve.Point> pulls = new ArrayList<>();
        for (int k = 0; k < way.size(); k++) {
            pulls.add(new Curve.Point(
                    Math.toDegrees(Math.abs(way.get(k).hand())),
                    found.work().forces().get(k)));
        }
        return new Diagram(
                Axis.of("hand's lever, °", pulls.stream().mapToDouble(Curve.Point::x)),
                Axis.of(
                        "pull, N",
                        DoubleStream.concat(
                                DoubleStream.of(0, found.work().force() * 1.1),
                                pulls.stream().mapToDouble(Curve.Point::y))),
                List.of(new Curve("pull of hand or foot", pulls, 0, false)),
                List.of(),
                List.of());
    }
}
