package oddcradle.desktop.step.donor;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import javafx.geometry.HPos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.edit.BodyEdit;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.core.weigh.CombinedMass;
import oddcradle.core.weigh.DensityClass;
import oddcradle.core.weigh.SimulatedScale;
import oddcradle.core.weigh.Weighing;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.RemoveButton;
import oddcradle.desktop.store.Desk;

/** How the donor was weighed, hung and swung; what each says and what all make of it. */
public final class WeighSheet extends VBox {
    private final Desk desk;
    private final GridPane said = new GridPane();
    private final Label all = new Label();
    private final VBox open = new VBox(4);
    private final Random noise = new Random();
    private String chosen = "";
    private Weighing shown;

    public WeighSheet(Desk desk) {
        super(8);
        this.desk = desk;
        all.getStyleClass().add("wanted");
        all.setId("weighed");
        all.setWrapText(true);
        said.setHgap(8);
        said.setVgap(2);
        ColumnConstraints words = new ColumnConstraints();
        words.setHgrow(Priority.ALWAYS);
        ColumnConstraints right = new ColumnConstraints();
        right.setHalignment(HPos.RIGHT);
        right.setMinWidth(USE_PREF_SIZE);
        said.getColumnConstraints().addAll(words, right, new ColumnConstraints());
        getChildren().addAll(all, said, adders(), open);
    }

    private FlowPane adders() {
        FlowPane row = new FlowPane(6, 4);
        row.getChildren().add(new Label("Add"));
        add(
                row,
                "scales",
                id -> new Weighing.Scales(
                        id,
                        List.of(
                                new Weighing.ScaleReading(new Vec3(-0.1, 0, -0.1), 15),
                                new Weighing.ScaleReading(new Vec3(0.3, 0.1, -0.1), 15),
                                new Weighing.ScaleReading(new Vec3(0.3, -0.1, -0.1), 15)),
                        0.2));
        add(
                row,
                "tilt",
                id -> new Weighing.Tilt(
                        id,
                        new Vec3(-0.1, 0, -0.1),
                        new Vec3(0.3, 0, -0.1),
                        Math.toRadians(20),
                        15,
                        0.2,
                        Math.toRadians(0.2)));
        add(row, "hang", id -> new Weighing.Hang(id, new Vec3(0, 0, 0.3), Vec3.Z.negated(), Math.toRadians(1)));
        add(row, "swing", id -> new Weighing.Pendulum(id, Vec3.Z, 0.25, 1.5, 1.6, 0.01, 0.002));
        add(
                row,
                "estimate",
                id -> new Weighing.Estimate(
                        id,
                        donor().bodies().stream()
                                .map(part -> new Weighing.PartDensity(part.id(), usual(part)))
                                .toList(),
                        0.33));
        return row;
    }

    private static DensityClass usual(Part part) {
        String name = part.label();
        if (name.contains("cylinder") || name.contains("head")) {
            return DensityClass.CYLINDER;
        }
        if (name.contains("case")) {
            return DensityClass.CRANKCASE;
        }
        if (name.contains("silencer") || name.contains("pipe") || name.contains("exhaust")) {
            return DensityClass.SILENCER;
        }
        return DensityClass.COVER;
    }

    private interface Maker {
        Weighing make(String id);
    }

    private void add(FlowPane row, String word, Maker maker) {
        Button button = new Button(word);
        button.setId("weigh-" + word);
        button.getStyleClass().add("cure-button");
        button.setOnAction(click -> {
            List<Weighing> weighings = new ArrayList<>(donor().weighings());
            String id = word;
            for (int number = 2; taken(id); number++) {
                id = word + " " + number;
            }
            weighings.add(maker.make(id));
            chosen = id;
            apply(weighings, "add " + id, "weigh.add." + id);
        });
        row.getChildren().add(button);
    }

    private boolean taken(String id) {
        return donor().weighings().stream().anyMatch(each -> each.id().equals(id));
    }

    private Donor donor() {
        return desk.session().job().donor();
    }

    private void apply(List<Weighing> weighings, String words, String key) {
        desk.session().apply(new BodyEdit.ChangeDonor(donor().withWeighings(weighings), words, key));
    }

    private void replace(Weighing other) {
        List<Weighing> weighings = new ArrayList<>(donor().weighings());
        weighings.replaceAll(each -> each.id().equals(other.id()) ? other : each);
        apply(weighings, "weighing " + other.id(), "weigh." + other.id());
    }

    /** Shows what is weighed; there is an examination by then. */
    public void refresh() {
        CombinedMass weighed = desk.examination().weighed();
        all.setText(weighed.mass()
                .map(mass -> desk.units().show(Quantity.mass(mass.value())) + " ± "
                        + desk.units().show(Quantity.mass(mass.sigma())) + " together")
                .orElse("Nothing has weighed it yet."));
        said.getChildren().clear();
        for (int row = 0; row < weighed.contributions().size(); row++) {
            line(row, weighed.contributions().get(row));
        }
        Weighing now = donor().weighings().stream()
                .filter(each -> each.id().equals(chosen))
                .findFirst()
                .orElse(null);
        if (now == null || !now.equals(shown)) {
            shown = now;
            open.getChildren().clear();
            if (now != null) {
                open(now);
            }
        }
    }

    private void line(int row, CombinedMass.Contribution each) {
        Hyperlink name = new Hyperlink(each.weighing() + " · " + each.what());
        name.getStyleClass().add("why");
        name.setId("weighing-" + row);
        name.setWrapText(true);
        name.setOnAction(click -> {
            chosen = each.weighing();
            refresh();
        });
        Label value = new Label(number(each, each.value()) + " ± " + show(each, each.sigma()));
        value.getStyleClass().add("figure-value");
        boolean agrees = Math.abs(each.strain()) <= 3;
        Label verdict = new Label(agrees ? "agrees" : "strained");
        verdict.setMinWidth(USE_PREF_SIZE);
        verdict.getStyleClass().addAll("verdict", agrees ? "good" : "watch");
        said.addRow(row, name, value, verdict);
    }

    private static Quantity quantity(CombinedMass.Contribution each, double value) {
        return switch (each.kind()) {
            case MASS -> Quantity.mass(value);
            case LENGTH -> Quantity.length(value);
            case INERTIA -> new Quantity(value, Kind.INERTIA);
        };
    }

    private String number(CombinedMass.Contribution each, double value) {
        return desk.units().number(quantity(each, value));
    }

    private String show(CombinedMass.Contribution each, double value) {
        return each.kind() == CombinedMass.Kind.INERTIA
                ? number(each, value)
                : desk.units().show(quantity(each, value));
    }

    private void field(String name, Kind kind, double value, DoubleFunction<Weighing> with) {
        String id = "weigh-field-" + open.getChildren().size();
        QuantityField field = new QuantityField(id, name, kind, typed -> replace(with.apply(typed)));
        field.show(value, desk.units());
        open.getChildren().add(field);
    }

    /** Three fields of a place. */
    private void place(String name, Vec3 at, Function<Vec3, Weighing> with) {
        field(name + " forward", Kind.LENGTH, at.x(), v -> with.apply(new Vec3(v, at.y(), at.z())));
        field(name + " left", Kind.LENGTH, at.y(), v -> with.apply(new Vec3(at.x(), v, at.z())));
        field(name + " up", Kind.LENGTH, at.z(), v -> with.apply(new Vec3(at.x(), at.y(), v)));
    }

    private void open(Weighing weighing) {
        Label title = new Label(weighing.id());
        title.getStyleClass().add("section-title");
        open.getChildren().add(title);
        if (weighing instanceof Weighing.Scales s) {
            scales(s);
        } else if (weighing instanceof Weighing.Tilt t) {
            tilt(t);
        } else if (weighing instanceof Weighing.Hang h) {
            place("hook", h.point(), at -> new Weighing.Hang(h.id(), at, h.down(), h.angleSigma()));
            place("plumb line", h.down(), way -> new Weighing.Hang(h.id(), h.point(), way, h.angleSigma()));
            field("read to ±", Kind.ANGLE, h.angleSigma(), v -> new Weighing.Hang(h.id(), h.point(), h.down(), v));
        } else if (weighing instanceof Weighing.Pendulum w) {
            swing(w);
        } else if (weighing instanceof Weighing.Estimate e) {
            field("good to ±", Kind.SHARE, e.relativeSigma(), v -> new Weighing.Estimate(e.id(), e.shares(), v));
        }
        RemoveButton strike = new RemoveButton("Strike it out", "weigh-strike", () -> {
            List<Weighing> rest = donor().weighings().stream()
                    .filter(each -> !each.id().equals(weighing.id()))
                    .toList();
            apply(rest, "strike out " + weighing.id(), "weigh.strike");
        });
        open.getChildren().add(strike);
    }

    private void scales(Weighing.Scales s) {
        for (int k = 0; k < s.readings().size(); k++) {
            int at = k;
            Weighing.ScaleReading r = s.readings().get(k);
            field(
                    "scale " + (k + 1) + " shows",
                    Kind.MASS,
                    r.mass(),
                    v -> with(s, at, new Weighing.ScaleReading(r.point(), v)));
            field(
                    "  stands forward",
                    Kind.LENGTH,
                    r.point().x(),
                    v -> with(
                            s,
                            at,
                            new Weighing.ScaleReading(
                                    new Vec3(v, r.point().y(), r.point().z()), r.mass())));
            field(
                    "  and left",
                    Kind.LENGTH,
                    r.point().y(),
                    v -> with(
                            s,
                            at,
                            new Weighing.ScaleReading(
                                    new Vec3(r.point().x(), v, r.point().z()), r.mass())));
        }
        field("each good to ±", Kind.MASS, s.sigma(), v -> new Weighing.Scales(s.id(), s.readings(), v));
        CheckBox simulated = new CheckBox("Simulated scales");
        simulated.setId("simulated-scales");
        Button read = new Button("Read them (simulated)");
        read.setId("simulate-scales");
        read.getStyleClass().add("cure-button");
        read.visibleProperty().bind(simulated.selectedProperty());
        read.managedProperty().bind(simulated.selectedProperty());
        read.setOnAction(click -> replace(SimulatedScale.read(s, donor().mass(), noise)));
        open.getChildren().addAll(simulated, read);
    }

    private static Weighing with(Weighing.Scales s, int at, Weighing.ScaleReading reading) {
        List<Weighing.ScaleReading> readings = new ArrayList<>(s.readings());
        readings.set(at, reading);
        return new Weighing.Scales(s.id(), readings, s.sigma());
    }

    private void tilt(Weighing.Tilt t) {
        place(
                "pivot",
                t.pivot(),
                at -> new Weighing.Tilt(t.id(), at, t.raised(), t.angle(), t.mass(), t.sigma(), t.angleSigma()));
        place(
                "raised end",
                t.raised(),
                at -> new Weighing.Tilt(t.id(), t.pivot(), at, t.angle(), t.mass(), t.sigma(), t.angleSigma()));
        field(
                "tilted by",
                Kind.ANGLE,
                t.angle(),
                v -> new Weighing.Tilt(t.id(), t.pivot(), t.raised(), v, t.mass(), t.sigma(), t.angleSigma()));
        field(
                "scale shows",
                Kind.MASS,
                t.mass(),
                v -> new Weighing.Tilt(t.id(), t.pivot(), t.raised(), t.angle(), v, t.sigma(), t.angleSigma()));
    }

    private void swing(Weighing.Pendulum w) {
        place(
                "axis",
                w.axis(),
                way -> new Weighing.Pendulum(
                        w.id(), way, w.radius(), w.length(), w.period(), w.periodSigma(), w.lengthSigma()));
        field(
                "wires from axis",
                Kind.LENGTH,
                w.radius(),
                v -> new Weighing.Pendulum(
                        w.id(), w.axis(), v, w.length(), w.period(), w.periodSigma(), w.lengthSigma()));
        field(
                "wires long",
                Kind.LENGTH,
                w.length(),
                v -> new Weighing.Pendulum(
                        w.id(), w.axis(), w.radius(), v, w.period(), w.periodSigma(), w.lengthSigma()));
        field(
                "one swing takes",
                Kind.TIME,
                w.period(),
                v -> new Weighing.Pendulum(
                        w.id(), w.axis(), w.radius(), w.length(), v, w.periodSigma(), w.lengthSigma()));
    }
}
