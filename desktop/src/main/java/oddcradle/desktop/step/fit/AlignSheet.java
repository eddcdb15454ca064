package oddcradle.desktop.step.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import oddcradle.core.drive.ShaftDials;
import oddcradle.core.drive.ShaftDials.Dial;
import oddcradle.core.drive.SimulatedDials;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.FreeMark;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.FitShims;
import oddcradle.core.job.edit.SetAsBuilt;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.fit.Fitted;
import oddcradle.core.job.fit.FootGap;
import oddcradle.core.job.fit.Growth;
import oddcradle.core.job.fit.ShaftReading;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.step.fit.EdgeFound;
import oddcradle.core.step.fit.FitCheck;
import oddcradle.core.step.fit.ShaftsFound;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.Rows;
import oddcradle.desktop.slate.Table;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.store.Desk;

/** The line as it was built, by dial or straight-edge: what each mount is to be lifted and moved. */
final class AlignSheet extends VBox {
    private static final String TWO = "two dials, one on each hub";
    private static final String FACE = "rim and face";
    private static final String EDGE = "straight-edge across two wheels";
    private static final String DIALS = "top left bottom right: 0 0.21 0.36 0.15";

    private final Desk desk;
    private final Label said = Text.said("align-said");
    private final Table<Moves> moves;
    private final ComboBox<String> how = new ComboBox<>();
    private final VBox forms = new VBox(8);
    private final Form face;
    private final Form two;
    private final Form edge;
    private final Form foot;
    private final CheckBox simulated = new CheckBox("Simulated dials");
    private final List<Runnable> shows = new ArrayList<>();
    private final Random noise = new Random();

    /** What one mount is to do. */
    private record Moves(String mount, double lift, double left) {}

    AlignSheet(Desk desk) {
        super(8);
        this.desk = desk;
        moves = new Table<>(
                "align",
                Moves::mount,
                List.of(
                        Table.Column.words("mount", Moves::mount),
                        column("lift", Moves::lift),
                        column("move left", Moves::left)),
                row -> desk.selectionProperty().set(Optional.of(row.mount())));
        moves.whenEmpty("No dial was read yet.");
        how.setId("align-how");
        how.setAccessibleText("read with");
        how.getItems().setAll(FACE, TWO, EDGE);
        how.setConverter(new Words<>(how.getItems(), each -> each));
        how.setValue(FACE);
        how.setOnAction(choice -> arrange());
        simulated.setId("align-simulated");
        face = face();
        two = two();
        edge = edge();
        foot = foot();
        getChildren()
                .addAll(
                        said,
                        moves,
                        Text.button("align-fit", "Shims fitted as told", this::shimmed),
                        Text.line(
                                "Left is that of somebody who stands at the coupling and looks at the engine. Dials see the shaft alone: a mount that is low by itself is shared out between both sides, so do first what What to do says. Line up cold, after the last bolt is tight, and once more after the first run."),
                        Text.head("Read with"),
                        how,
                        simulated,
                        forms,
                        foot,
                        growth());
        arrange();
    }

    private Table.Column<Moves> column(String name, ToDoubleFunction<Moves> of) {
        return Table.Column.numbers(
                name, () -> desk.units().typedUnit(Kind.LENGTH), of::applyAsDouble, row -> desk.units()
                        .number(Quantity.fine(of.applyAsDouble(row))));
    }

    Leaves.Leaf leaf() {
        return new Leaves.Leaf(this, this::refresh);
    }

    private Job job() {
        return desk.session().job();
    }

    private void arrange() {
        forms.getChildren()
                .setAll(
                        switch (how.getValue()) {
                            case TWO -> two;
                            case EDGE -> edge;
                            default -> face;
                        });
    }

    private ComboBox<Stage> stages(Form form) {
        return form.wideChoice("of", () -> job().line().stages(), Stage::label);
    }

    private double length(TextField field, double otherwise) {
        return field.getText().isBlank()
                ? otherwise
                : Entry.read(field.getText(), Kind.LENGTH, desk.units()).si();
    }

    private Dial dial(String name, TextField field) {
        List<Double> four = new Rows(name, DIALS, List.of(Kind.LENGTH, Kind.LENGTH, Kind.LENGTH, Kind.LENGTH))
                .read(field.getText(), desk.units())
                .get(0);
        return new Dial(four.get(0), four.get(1), four.get(2), four.get(3));
    }

    private String next() {
        return FreeMark.of(
                "A", job().asBuilt().shafts().stream().map(ShaftReading::id).toList());
    }

    private void take(ShaftReading reading) {
        AsBuilt built = job().asBuilt();
        List<ShaftReading> all = new ArrayList<>(built.shafts());
        all.add(reading);
        desk.session().apply(new SetAsBuilt(built.withShafts(all), "dials " + reading.id(), "dials." + reading.id()));
    }

    private static Stage chosen(ComboBox<Stage> box) {
        if (box.getValue() == null) {
            throw new InvalidValue("of", "is empty: the line has no step yet; add one at Line");
        }
        return box.getValue();
    }

    /** How the engine lies, for dials that are not there: as it was found, or as drawn. */
    private SimulatedDials dials() {
        List<ShaftsFound> found = desk.examination().fit().shafts();
        ShaftDials truth = found.isEmpty()
                ? new ShaftDials(new ShaftDials.Axis(0.0004, 0.0012), new ShaftDials.Axis(-0.0003, 0.0006))
                : found.get(found.size() - 1).lies();
        return new SimulatedDials(truth, noise, 5e-6);
    }

    private Form face() {
        Form form = new Form(desk::units, "face", "Readings of both dials, turned with the shafts");
        ComboBox<Stage> of = stages(form);
        TextField rim = form.text("rim", DIALS);
        TextField flat = form.text("face", DIALS);
        TextField circle = form.text("circle", "that the face dial runs on, across");
        TextField place = form.text("place", "of the rim dial, from the middle into the engine");
        TextField sag = form.text("sag", "of the bracket, bottom less top; empty: none");
        form.button("Take them", () -> {
            double across = length(circle, 0.1);
            double at = length(place, 0);
            double droop = length(sag, 0);
            boolean play = simulated.isSelected() && rim.getText().isBlank();
            take(new ShaftReading.RimAndFace(
                    next(),
                    chosen(of).id(),
                    "",
                    play ? dials().rim(at, false, droop) : dial("rim", rim),
                    play ? dials().face(across) : dial("face", flat),
                    across,
                    at,
                    false,
                    false,
                    droop));
        });
        shows.add(form::refresh);
        return form;
    }

    private Form two() {
        Form form = new Form(desk::units, "two", "Readings of both dials, turned with the shafts");
        ComboBox<Stage> of = stages(form);
        TextField engine = form.text("engine hub", DIALS);
        TextField other = form.text("other hub", DIALS);
        TextField near = form.text("engine place", "of that dial, from the middle into the engine");
        TextField far = form.text("other place", "of the other, as a length the other way");
        TextField sag = form.text("sag", "of both brackets, bottom less top; empty: none");
        form.button("Take them", () -> {
            double donorX = length(near, 0.05);
            double drivenX = -Math.abs(length(far, 0.05));
            double droop = length(sag, 0);
            boolean play = simulated.isSelected() && engine.getText().isBlank();
            take(new ShaftReading.TwoDials(
                    next(),
                    chosen(of).id(),
                    "",
                    play ? dials().rim(donorX, false, droop) : dial("engine hub", engine),
                    play ? dials().rim(drivenX, true, droop) : dial("other hub", other),
                    donorX,
                    drivenX,
                    droop));
        });
        shows.add(form::refresh);
        return form;
    }

    private Form edge() {
        Form form = new Form(desk::units, "edge", "Held to the driver's face; gaps at the driven wheel");
        ComboBox<Stage> of = stages(form);
        TextField near = form.text("near", "gap at the rim nearer to the driver");
        TextField far = form.text("far", "gap at the far rim");
        TextField apart = form.text("apart", "between the two");
        form.button(
                "Take it",
                () -> take(new ShaftReading.StraightEdge(
                        next(), chosen(of).id(), "", length(near, 0), length(far, 0), length(apart, 0.15))));
        shows.add(form::refresh);
        return form;
    }

    private Form foot() {
        Form form = new Form(desk::units, "foot", "A feeler under one mount, its bolt loose, the others tight");
        ComboBox<String> mount = form.choice(
                "mount",
                () -> job().cradle().isolators().stream().map(each -> each.id()).toList(),
                each -> each);
        TextField gap = form.text("gap", "0 where nothing goes in");
        form.button("Note it", () -> {
            AsBuilt built = job().asBuilt();
            List<FootGap> feet = new ArrayList<>(built.feet());
            feet.removeIf(each -> each.mount().equals(mount.getValue()));
            feet.add(new FootGap(mount.getValue(), length(gap, 0)));
            desk.session().apply(new SetAsBuilt(built.withFeet(feet), "gap under " + mount.getValue(), "foot"));
        });
        shows.add(form::refresh);
        return form;
    }

    private VBox growth() {
        return new VBox(
                4,
                Text.head("What the shafts rise when warm"),
                growth(
                        "grow-engine-height",
                        "engine's shaft over its feet",
                        Kind.LENGTH,
                        Growth::donorHeight,
                        Growth::withDonorHeight),
                growth(
                        "grow-engine-rise",
                        "gets warmer by",
                        Kind.TEMPERATURE_RISE,
                        Growth::donorRise,
                        Growth::withDonorRise),
                growth(
                        "grow-other-height",
                        "other shaft over its feet",
                        Kind.LENGTH,
                        Growth::drivenHeight,
                        Growth::withDrivenHeight),
                growth(
                        "grow-other-rise",
                        "gets warmer by",
                        Kind.TEMPERATURE_RISE,
                        Growth::drivenRise,
                        Growth::withDrivenRise));
    }

    private QuantityField growth(
            String id, String name, Kind kind, ToDoubleFunction<Growth> get, BiFunction<Growth, Double, Growth> with) {
        QuantityField field = new QuantityField(id, name, kind, value -> {
            AsBuilt built = job().asBuilt();
            desk.session()
                    .apply(new SetAsBuilt(built.withGrowth(with.apply(built.growth(), value)), "growth", "growth"));
        });
        shows.add(() -> field.show(get.applyAsDouble(job().asBuilt().growth()), desk.units()));
        return field;
    }

    private Optional<ShaftsFound> last() {
        List<ShaftsFound> found = desk.examination().fit().shafts();
        return found.isEmpty() ? Optional.empty() : Optional.of(found.get(found.size() - 1));
    }

    /** What was told is under the mounts now; the next reading says whether it helped. */
    private void shimmed() {
        last().ifPresent(found -> {
            List<Fitted> fitted = found.reach().keySet().stream()
                    .map(mount ->
                            new Fitted(mount, job().asBuilt().fitted(mount).thickness() + found.lift(mount)))
                    .toList();
            desk.session().apply(new FitShims(fitted));
        });
    }

    private void refresh() {
        shows.forEach(Runnable::run);
        FitCheck fit = desk.examination().fit();
        Optional<ShaftsFound> last = last();
        moves.show(last.map(found -> found.reach().keySet().stream()
                        .sorted()
                        .map(mount -> new Moves(mount, found.lift(mount), found.move(mount)))
                        .toList())
                .orElse(List.of()));
        List<String> words = new ArrayList<>();
        last.ifPresent(found -> words.add("By " + found.reading().id() + " the shafts are "
                + desk.units().show(Quantity.fine(found.apart())) + " apart and "
                + desk.units().show(Quantity.angle(found.angle())) + " at an angle"
                + (found.wanted() == 0
                        ? "."
                        : ", held against an engine that stands "
                                + desk.units().show(Quantity.fine(Math.abs(found.wanted())))
                                + (found.wanted() < 0 ? " low" : " high") + " while cold.")));
        if (!fit.edges().isEmpty()) {
            EdgeFound found = fit.edges().get(fit.edges().size() - 1);
            words.add("By " + found.reading().id() + " the wheels are "
                    + desk.units().show(Quantity.fine(Math.abs(found.offset()))) + " beside each other and "
                    + desk.units().show(Quantity.angle(Math.abs(found.angle()))) + " at an angle.");
        }
        fit.feet()
                .ifPresent(feet -> words.add("Feet want "
                        + desk.units().show(Quantity.fine(feet.shims()))
                        + " of shims in all before they stand alike."));
        said.setText(
                words.isEmpty()
                        ? "Nothing is read yet: set the dial to zero at the top and turn both shafts together."
                        : String.join(" ", words));
    }
}
