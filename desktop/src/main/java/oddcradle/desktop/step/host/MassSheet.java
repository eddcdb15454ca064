package oddcradle.desktop.step.host;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import oddcradle.core.job.edit.BodyEdit;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.host.HostMass;
import oddcradle.core.job.host.MachineWeight;
import oddcradle.core.math.Vec3;
import oddcradle.core.structure.HostMasses;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.Ids;
import oddcradle.desktop.slate.NodePick;
import oddcradle.desktop.slate.Places;
import oddcradle.desktop.slate.RemoveButton;
import oddcradle.desktop.store.Desk;

/** What the machine weighs, and what heavy things it carries where. */
final class MassSheet extends VBox {
    private static final String AFTER = "not on the scales with it";
    private static final String BEFORE = "on the scales with it";

    private final Desk desk;
    private final Label weight = new Label();
    private final VBox list = new VBox(2);
    private final Label whole = new Label();
    private Host shown;
    private UnitStyle shownIn;

    MassSheet(Desk desk) {
        super(8);
        this.desk = desk;
        weight.setId("machine-weight");
        whole.setId("machine-whole");
        whole.getStyleClass().add("note-step");
        list.setId("mass-list");
        for (Label label : List.of(weight, whole)) {
            label.setWrapText(true);
            label.setMinHeight(USE_PREF_SIZE);
        }
        getChildren().addAll(weight, weightForm(), list, massForm(), whole);
    }

    private Host host() {
        return desk.session().job().host();
    }

    private void change(Host host, String words) {
        desk.session().apply(new BodyEdit.ChangeHost(host, words, words));
    }

    private Form weightForm() {
        Form form = new Form(desk::units, "machine", "The machine without the donor, on the scales");
        TextField mass = form.text("weighs", "310 kg");
        TextField middle = form.text("centre of gravity", "forward left up: 650 0 410");
        return form.button("Set the weight", () -> {
            MachineWeight weighed = new MachineWeight(
                    Entry.read(mass.getText(), Kind.MASS, desk.units()).si(),
                    Places.one(middle.getText(), desk.units()));
            change(host().withWeight(Optional.of(weighed)), "machine weight");
        });
    }

    private Form massForm() {
        Form form = new Form(desk::units, "mass", "Something heavy that it carries");
        TextField called = form.text("called", "driver");
        ComboBox<HostMass.Sort> sort =
                form.choice("it is", Arrays.asList(HostMass.Sort.values()), HostMass.Sort::words);
        TextField mass = form.text("weighs", "85 kg");
        TextField at = form.text("centre of gravity", "forward left up: 650 0 410");
        TextField nodes = form.text("carried by", "nodes: SL SR; empty: the nearest");
        NodePick.beside(nodes, desk, 12);
        ComboBox<String> when = form.choice("it", List.of(AFTER, BEFORE), String::toString);
        return form.button("Put it on", () -> {
            String label = called.getText().strip();
            HostMass put = new HostMass(
                    Ids.of(label, "mass"),
                    label,
                    sort.getValue(),
                    Entry.read(mass.getText(), Kind.MASS, desk.units()).si(),
                    Places.one(at.getText(), desk.units()),
                    nodes.getText().isBlank()
                            ? List.of()
                            : List.of(nodes.getText().strip().split("[\\s,]+")),
                    when.getValue().equals(BEFORE));
            List<HostMass> masses = new ArrayList<>(host().masses());
            masses.removeIf(each -> each.id().equals(put.id()));
            masses.add(put);
            change(host().withMasses(masses), label + " on the machine");
        });
    }

    void refresh() {
        if (host().equals(shown) && desk.units() == shownIn) {
            return;
        }
        shown = host();
        shownIn = desk.units();
        weight.setText(host().weight()
                .map(each ->
                        "The machine weighs " + mass(each.mass()) + " at " + place(each.cg()) + " (forward, left, up).")
                .orElse("Nobody has weighed the machine without its donor."));
        list.getChildren().setAll(host().masses().stream().map(this::row).toList());
        whole.setText(HostMasses.of(desk.session().job())
                .whole()
                .map(all -> "All of it together weighs " + mass(all.mass()) + " at " + place(all.cg())
                        + ". Load cases put it on the frame where it is carried.")
                .orElse("Nothing but tubes and donor loads the frame until it is weighed or listed."));
    }

    private VBox row(HostMass each) {
        Label name = new Label(each.label());
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        RemoveButton away = new RemoveButton("away", "mass-" + each.id() + "-away", () -> {
            List<HostMass> left =
                    host().masses().stream().filter(mass -> !mass.equals(each)).toList();
            change(host().withMasses(left), each.label() + " off the machine");
        });
        HBox line = new HBox(6, name, space, new Label(mass(each.mass())), away);
        line.getStyleClass().add("field-row");
        Label words = new Label(each.sort().words() + " · at " + place(each.at()) + " · carried by "
                + (each.nodes().isEmpty() ? "the nearest node" : String.join(" ", each.nodes())) + " · "
                + (each.weighed() ? BEFORE : AFTER));
        words.getStyleClass().add("note-step");
        words.setWrapText(true);
        words.setMinHeight(USE_PREF_SIZE);
        return new VBox(line, words);
    }

    private String mass(double mass) {
        return desk.units().show(Quantity.mass(mass));
    }

    private String place(Vec3 at) {
        return desk.units().show(Quantity.length(at.x())) + ", "
                + desk.units().show(Quantity.length(at.y())) + ", "
                + desk.units().show(Quantity.length(at.z()));
    }
}
