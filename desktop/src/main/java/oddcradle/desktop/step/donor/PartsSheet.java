package oddcradle.desktop.step.donor;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.body.Pipe;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.Service;
import oddcradle.core.job.edit.BodyEdit;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.Places;
import oddcradle.desktop.store.Desk;

/** What takes room on the donor besides its envelope: pipes by their centre-line, and parts that must come off. */
public final class PartsSheet extends VBox {
    /** Ways in which a part comes off, donor axes. */
    private enum Way {
        FORWARD(Vec3.X),
        REARWARD(Vec3.X.negated()),
        LEFT(Vec3.Y),
        RIGHT(Vec3.Y.negated()),
        UP(Vec3.Z),
        DOWN(Vec3.Z.negated());

        private final Vec3 direction;

        Way(Vec3 direction) {
            this.direction = direction;
        }

        private String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    private final Desk desk;
    private final GridPane rows = new GridPane();
    private final ComboBox<String> part;

    public PartsSheet(Desk desk) {
        super(8);
        this.desk = desk;
        rows.setHgap(10);
        rows.setVgap(2);
        Form pipe = new Form(desk::units, "pipe", "A pipe along its centre-line");
        TextField name = pipe.text("called", "left header");
        TextField corners = pipe.text("corners", "370 60 310; 430 60 285; …");
        TextField bend = pipe.text("bend radius", "40");
        TextField diameter = pipe.text("diameter", "38");
        ComboBox<Category> kind =
                pipe.choice("is", List.of(Category.HOT, Category.FIXED, Category.FUEL), Category::word);
        pipe.button("Add the pipe", () -> {
            List<Pipe> pipes = new ArrayList<>(donor().pipes());
            pipes.add(new Pipe(
                    freeId("D"),
                    name.getText().strip(),
                    kind.getValue(),
                    Places.read(corners.getText(), desk.units()),
                    length(bend),
                    length(diameter)));
            change(donor().withPipes(pipes), "pipe");
        });
        Form off = new Form(desk::units, "service", "A part that must come off in its place");
        TextField label = off.text("called", "oil filter");
        part = off.choice("part", List.of(), String::toString);
        ComboBox<Way> way = off.choice("comes off", Arrays.asList(Way.values()), Way::word);
        TextField travel = off.text("until free", "75");
        TextField room = off.text("room for a hand", "20");
        off.button("Add the part", () -> {
            List<Service> services = new ArrayList<>(donor().services());
            services.add(new Service(
                    freeId("V"),
                    label.getText().strip(),
                    part.getValue().split("  ")[0],
                    way.getValue().direction,
                    length(travel),
                    length(room)));
            change(donor().withServices(services), "service");
        });
        getChildren().addAll(rows, pipe, off);
    }

    private double length(TextField field) {
        return Entry.read(field.getText(), Kind.LENGTH, desk.units()).si();
    }

    private Donor donor() {
        return desk.session().job().donor();
    }

    private void change(Donor other, String what) {
        desk.session().apply(new BodyEdit.ChangeDonor(other, what, what + other.hashCode()));
    }

    private String freeId(String letter) {
        Set<String> taken = new HashSet<>();
        donor().bodies().forEach(each -> taken.add(each.id()));
        donor().services().forEach(each -> taken.add(each.id()));
        desk.session().job().host().keepOuts().forEach(each -> taken.add(each.id()));
        int number = 1;
        while (taken.contains(letter + number)) {
            number++;
        }
        return letter + number;
    }

    /** Shows what is written down. */
    public void refresh() {
        rows.getChildren().clear();
        int row = 0;
        for (Part each : donor().bodies()) {
            Hyperlink id = new Hyperlink(each.id());
            id.getStyleClass().add("why");
            id.setOnAction(click -> desk.selectionProperty().set(Optional.of(each.id())));
            Label kind = new Label(each.category().word());
            kind.getStyleClass().add("note-step");
            rows.addRow(row++, id, new Label(each.label()), kind);
        }
        for (Service each : donor().services()) {
            Label off = new Label("comes off, " + desk.units().show(Quantity.length(each.travel())) + " of way");
            off.getStyleClass().add("note-step");
            rows.addRow(row++, new Label(each.id()), new Label(each.label()), off);
        }
        List<String> parts = donor().bodies().stream()
                .map(each -> each.id() + "  " + each.label())
                .toList();
        if (!part.getItems().equals(parts)) {
            part.getItems().setAll(parts);
            part.setValue(parts.isEmpty() ? null : parts.get(0));
        }
    }
}
