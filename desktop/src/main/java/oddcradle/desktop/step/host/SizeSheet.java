package oddcradle.desktop.step.host;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.begin.FloorMeasure;
import oddcradle.core.begin.MachineFamily;
import oddcradle.core.begin.Replanned;
import oddcradle.core.job.edit.BodyEdit;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.host.HostPlan;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.Kind;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.WordField;
import oddcradle.desktop.store.Desk;

/** What job and machine are called, and the few measures that the frame was drawn from. */
final class SizeSheet extends VBox {
    private final Desk desk;
    private final WordField job = WordField.wide("job-name", "Name of the job", "my machine", this::nameJob);
    private final WordField machine = WordField.wide("host-name", "Name of the machine", "kart frame", this::nameHost);
    private final Label said = new Label();
    private final VBox measures = new VBox(6);
    private Optional<HostPlan> shown = Optional.empty();
    private UnitStyle shownIn;

    SizeSheet(Desk desk) {
        super(6);
        this.desk = desk;
        said.setWrapText(true);
        said.setMinHeight(USE_PREF_SIZE);
        said.getStyleClass().add("note-step");
        said.setId("size-said");
        getChildren().addAll(head("The job is called"), job, head("The machine is called"), machine, said, measures);
    }

    private static Label head(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("section-title");
        return label;
    }

    private Host host() {
        return desk.session().job().host();
    }

    private void nameJob(String words) {
        desk.session().apply(new JobEdit.SetName(words));
    }

    private void nameHost(String words) {
        desk.session().apply(new BodyEdit.ChangeHost(host().withName(words), "name of the machine", "host.name"));
    }

    private void change(FloorMeasure measure, double value) {
        HostPlan plan = MachineFamily.stillPlanned(host())
                .orElseThrow(() -> new InvalidValue("size", "can no longer be changed: a tube was changed by hand"));
        desk.session()
                .apply(new BodyEdit.ChangeHost(
                        Replanned.of(host(), plan.with(measure.id(), value)), measure.label(), "plan." + measure.id()));
    }

    void refresh() {
        job.show(desk.session().job().name(), desk.units());
        machine.show(host().name(), desk.units());
        Optional<HostPlan> plan = MachineFamily.stillPlanned(host());
        if (plan.equals(shown) && desk.units() == shownIn && !said.getText().isEmpty()) {
            return;
        }
        shown = plan;
        shownIn = desk.units();
        said.setText(
                plan.isPresent()
                        ? "The frame follows these measures until its first tube is changed by hand."
                        : host().plan().isPresent()
                                ? "Its tubes were changed by hand; they no longer follow the measures they began from."
                                : "This frame was measured, not drawn from a few sizes: move its nodes under Tubes.");
        measures.getChildren().clear();
        plan.ifPresent(each -> measures.getChildren().addAll(fields(each)));
    }

    private List<QuantityField> fields(HostPlan plan) {
        List<QuantityField> fields = new ArrayList<>();
        for (FloorMeasure measure :
                MachineFamily.find(plan.family()).orElseThrow().measures()) {
            QuantityField field = new QuantityField(
                    "size-" + measure.id(), measure.label(), Kind.LENGTH, value -> change(measure, value));
            field.getStyleClass().add("long-named");
            field.show(plan.measures().get(measure.id()), desk.units());
            fields.add(field);
        }
        return fields;
    }
}
