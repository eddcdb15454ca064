package oddcradle.desktop.step.host;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.motion.Motion;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.edit.BodyEdit;
import oddcradle.core.job.host.Host;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.Places;
import oddcradle.desktop.store.Desk;

/** What must not be touched, what it is, and how it moves. */
final class KeepOutSheet extends VBox {
    private final Desk desk;
    private final GridPane rows = new GridPane();

    KeepOutSheet(Desk desk) {
        super(6);
        this.desk = desk;
        rows.setHgap(12);
        rows.setVgap(3);
        getChildren().addAll(rows, form());
    }

    private Form form() {
        Form form = new Form(desk::units, "keep-out", "Something that must not be touched");
        TextField called = form.text("called", "fuel tank");
        ComboBox<Category> kind = form.choice("is", List.of(Category.values()), Category::word);
        ComboBox<Shape> shape = form.choice("shape", List.of(Shape.values()), Shape::words);
        TextField first = form.text("middle or end", "forward left up: 800 160 1020");
        TextField second = form.text("size or end", "170 200 150");
        TextField radius = form.text("radius", "only of a bar or pipe");
        TextField travel = form.text("travels up by", "0");
        TextField steer = form.text("steers by ±", "0");
        return form.button("Add it", () -> {
            Vec3 a = Places.one(first.getText(), desk.units());
            Vec3 b = Places.one(second.getText(), desk.units());
            Solid solid = shape.getValue() == Shape.BOX
                    ? new Solid.Box(b.times(0.5), new Pose(Mat3.IDENTITY, a))
                    : shape.getValue() == Shape.BAR
                            ? new Solid.Cylinder(a, b, length(radius))
                            : new Solid.Capsule(a, b, length(radius));
            List<Motion> motions = new ArrayList<>();
            if (!steer.getText().isBlank()) {
                double angle =
                        Entry.read(steer.getText(), Kind.ANGLE, desk.units()).si();
                motions.add(new Motion.Turn(solid.centre(), Vec3.Z, -angle, angle));
            }
            if (!travel.getText().isBlank()) {
                motions.add(new Motion.Slide(Vec3.Z, 0, length(travel)));
            }
            Host host = desk.session().job().host();
            List<KeepOut> all = new ArrayList<>(host.keepOuts());
            all.add(new KeepOut(freeId(), called.getText().strip(), kind.getValue(), List.of(solid), motions));
            desk.session().apply(new BodyEdit.ChangeHost(host.withKeepOuts(all), "keep-out", "keep-out." + all.size()));
        });
    }

    /** Forms a keep-out is typed in as. */
    private enum Shape {
        BOX("box: middle and size"),
        BAR("round bar: two ends"),
        PIPE("with round ends: two ends");

        private final String words;

        Shape(String words) {
            this.words = words;
        }

        private String words() {
            return words;
        }
    }

    private double length(TextField field) {
        return Entry.read(field.getText(), Kind.LENGTH, desk.units()).si();
    }

    private String freeId() {
        Set<String> taken = new HashSet<>();
        desk.session().job().host().keepOuts().forEach(each -> taken.add(each.id()));
        desk.session().job().donor().bodies().forEach(each -> taken.add(each.id()));
        int number = 1;
        while (taken.contains("K" + number)) {
            number++;
        }
        return "K" + number;
    }

    void refresh() {
        rows.getChildren().clear();
        List<KeepOut> sorted = desk.session().job().host().keepOuts().stream()
                .sorted(Comparator.comparing(KeepOut::category))
                .toList();
        int row = 0;
        for (KeepOut each : sorted) {
            Hyperlink name = new Hyperlink(each.label());
            name.getStyleClass().add("why");
            name.setOnAction(click -> desk.selectionProperty().set(Optional.of(each.id())));
            Label kind = new Label(each.category().word());
            kind.getStyleClass().add("note-step");
            rows.addRow(row++, name, kind);
            for (Motion motion : each.motions()) {
                Label words = new Label(words(motion));
                words.getStyleClass().add("note-step");
                rows.add(words, 0, row++, 2, 1);
            }
        }
    }

    private String words(Motion motion) {
        boolean turns = motion instanceof Motion.Turn;
        Quantity from = turns ? Quantity.angle(motion.from()) : Quantity.length(motion.from());
        Quantity to = turns ? Quantity.angle(motion.to()) : Quantity.length(motion.to());
        return (turns ? "    turns " : "    travels ") + desk.units().show(from) + " to "
                + desk.units().show(to);
    }
}
