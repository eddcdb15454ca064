package oddcradle.desktop.step.line;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.BodyEdit;
import oddcradle.core.job.edit.LineEdit;
import oddcradle.core.job.host.DrivenEnd;
import oddcradle.core.job.line.SwingArm;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Kind;
import oddcradle.desktop.slate.MeasureFields;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.RowsField;
import oddcradle.desktop.slate.WordField;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.store.Desk;

/** What is driven: where its shaft lies, what hangs on it, and the arm that may carry it. */
final class EndSheet extends VBox {
    private static final Map<String, Optional<LineEnd>> ENDS = ends();

    private final Desk desk;
    private final MeasureFields place;
    private final RowsField axis;
    private final WordField bearings;
    private final ComboBox<String> kind = new ComboBox<>();
    private final MeasureFields end;
    private final CheckBox swings = new CheckBox("A swing arm carries the axle");
    private final MeasureFields arm;
    private final QuantityField dynamic;
    private boolean showing;

    EndSheet(Desk desk) {
        super(8);
        this.desk = desk;
        place = new MeasureFields("driven", (index, value) -> desk.session()
                .apply(new BodyEdit.ChangeHost(
                        job().host().withDrivenEnd(job().host().drivenEnd().with(index, value)),
                        "driven end",
                        "driven." + index)));
        axis = new RowsField(
                "driven-axis",
                "Shaft points",
                "forward left up",
                List.of(Kind.RATIO, Kind.RATIO, Kind.RATIO),
                this::point);
        bearings = new WordField("driven-bearings", "Stands on nodes", "two: BL BR; empty: none", this::standOn);
        kind.setId("end-kind");
        kind.setAccessibleText("what is driven");
        kind.getItems().setAll(ENDS.keySet());
        kind.setConverter(new Words<>(List.copyOf(ENDS.keySet()), word -> word));
        kind.setOnAction(choice -> {
            if (!showing) {
                desk.apply(new LineEdit.ChangeLine(
                        job().line().withEnd(ENDS.get(kind.getValue())), "what is driven", "end"));
            }
        });
        end = new MeasureFields("end", (index, value) -> desk.session()
                .apply(new LineEdit.ChangeLine(
                        job().line().withEnd(job().line().end().map(each -> each.with(index, value))),
                        "what is driven",
                        "end." + index)));
        swings.setId("swing-arm");
        swings.setOnAction(click -> desk.apply(new LineEdit.ChangeLine(
                job().line().withSwingArm(swings.isSelected() ? Optional.of(usualArm()) : Optional.empty()),
                "swing arm",
                "arm")));
        arm = new MeasureFields("arm", (index, value) -> desk.session()
                .apply(new LineEdit.ChangeLine(
                        job().line().withSwingArm(job().line().swingArm().map(each -> each.with(index, value))),
                        "swing arm",
                        "arm." + index)));
        dynamic = new QuantityField("dynamic-factor", "Jerk factor on pulls", Kind.RATIO, value -> desk.session()
                .apply(new LineEdit.ChangeLine(job().line().withDynamicFactor(value), "jerk factor", "dynamic")));
        getChildren()
                .addAll(
                        head("Where the driven shaft lies"),
                        place,
                        axis,
                        bearings,
                        head("What it drives"),
                        kind,
                        end,
                        swings,
                        arm,
                        dynamic);
    }

    private void point(List<List<Double>> rows) {
        if (rows.size() != 1) {
            throw new InvalidValue("direction", "has " + rows.size() + " rows, must be forward, left and up");
        }
        Vec3 way = new Vec3(rows.get(0).get(0), rows.get(0).get(1), rows.get(0).get(2));
        drivenEnd(job().host().drivenEnd().withAxis(way), "driven.axis");
    }

    private void standOn(String words) {
        List<String> nodes = words.isBlank() ? List.of() : List.of(words.strip().split("[\\s,]+"));
        drivenEnd(job().host().drivenEnd().withBearings(nodes), "driven.bearings");
    }

    private void drivenEnd(DrivenEnd end, String key) {
        desk.session().apply(new BodyEdit.ChangeHost(job().host().withDrivenEnd(end), "driven end", key));
    }

    private static Label head(String words) {
        Label head = new Label(words);
        head.getStyleClass().add("section-title");
        return head;
    }

    private static Map<String, Optional<LineEnd>> ends() {
        Map<String, Optional<LineEnd>> ends = new LinkedHashMap<>();
        ends.put("nobody has said", Optional.empty());
        for (LineEnd each : List.of(
                new LineEnd.Road(0.8, 0.02, Optional.empty()),
                new LineEnd.Generator(4, 50, 0.05, 0, 0, 0),
                new LineEnd.Propeller(1.6, 0, 50, 0.05, 0, 0.1, 1.5, 0, true, 2))) {
            ends.put(each.kind(), Optional.of(each));
        }
        return ends;
    }

    /** From the axle forward, level in mid travel. */
    private SwingArm usualArm() {
        Vec3 axle = job().host().drivenEnd().point();
        return new SwingArm(axle.plus(new Vec3(0.45, 0, 0)), 0.45, 0.15, -0.15, true);
    }

    private Job job() {
        return desk.session().job();
    }

    void refresh() {
        showing = true;
        place.show(job().host().drivenEnd(), desk.units());
        axis.show(job().host().drivenEnd().axis(), desk.units());
        bearings.show(String.join(" ", job().host().drivenEnd().bearings()), desk.units());
        kind.setValue(job().line().end().map(LineEnd::kind).orElse("nobody has said"));
        job().line().end().ifPresentOrElse(each -> end.show(each, desk.units()), end::clear);
        swings.setSelected(job().line().swingArm().isPresent());
        job().line().swingArm().ifPresentOrElse(each -> arm.show(each, desk.units()), arm::clear);
        dynamic.show(job().line().dynamicFactor(), desk.units());
        showing = false;
    }
}
