package oddcradle.desktop.step.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.FitShims;
import oddcradle.core.job.edit.SetAsBuilt;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.fit.Fitted;
import oddcradle.core.job.fit.FootGap;
import oddcradle.core.job.fit.Growth;
import oddcradle.core.math.Vec3;
import oddcradle.core.step.fit.FitCheck;
import oddcradle.core.step.fit.LineFound;
import oddcradle.core.step.fit.ThrustFound;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.Table;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.Desk;

/** The line as it was built, by dial, straight-edge, string or level: what each mount is to be moved so that all of it is right. */
final class AlignSheet extends VBox {
    private final Desk desk;
    private final Label said = Text.said("align-said");
    private final Table<Moves> moves;
    private final Button fitted = Text.button("align-fit", "Shims fitted as told", this::shimmed);
    private final LineForms forms;
    private final Form foot;
    private final List<Runnable> shows = new ArrayList<>();

    /** What one mount, or one bearing of a shaft, is to do. */
    private record Moves(String foot, Vec3 by) {}

    AlignSheet(Desk desk) {
        super(8);
        this.desk = desk;
        moves = new Table<>(
                "align",
                Moves::foot,
                List.of(
                        Table.Column.words("move", Moves::foot),
                        column("up", Vec3::z),
                        column("left", Vec3::y),
                        column("forward", Vec3::x)),
                row -> desk.selectionProperty().set(Optional.of(row.foot())));
        moves.whenEmpty("Nothing was read that one move mends.");
        forms = new LineForms(desk);
        foot = foot();
        getChildren()
                .addAll(
                        said,
                        moves,
                        fitted,
                        Text.line(
                                "Directions are the machine's. One move mends all that was read, from the end that cannot move backwards; a mount that is low by itself is shared out between both sides, so do first what What to do says. Line up cold, after the last bolt is tight, and once more after the first run."),
                        forms,
                        foot,
                        growth());
    }

    private Table.Column<Moves> column(String name, ToDoubleFunction<Vec3> of) {
        return Table.Column.numbers(
                name, () -> desk.units().typedUnit(Kind.LENGTH), row -> of.applyAsDouble(row.by()), row -> desk.units()
                        .number(Quantity.fine(of.applyAsDouble(row.by()))));
    }

    Leaves.Leaf leaf() {
        return new Leaves.Leaf(this, this::refresh);
    }

    private Job job() {
        return desk.session().job();
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
            feet.add(new FootGap(
                    mount.getValue(),
                    gap.getText().isBlank()
                            ? 0
                            : Entry.read(gap.getText(), Kind.LENGTH, desk.units())
                                    .si()));
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

    /** What was told is under the mounts now; the next reading says whether it helped. */
    private void shimmed() {
        FitCheck fit = desk.examination().fit();
        fit.line().engine().ifPresent(move -> {
            List<Fitted> fitted = fit.mounts().mounts().stream()
                    .map(mount -> new Fitted(
                            mount.id(),
                            mount.fitted()
                                    + move.of(mount.id()).dot(mount.hole().up())))
                    .toList();
            desk.session().apply(new FitShims(fitted));
        });
    }

    private void refresh() {
        shows.forEach(Runnable::run);
        forms.refresh();
        FitCheck fit = desk.examination().fit();
        LineFound line = fit.line();
        List<Moves> rows = new ArrayList<>();
        for (LineFound.Move move : line.told()) {
            move.feet().keySet().stream().sorted().forEach(each -> rows.add(new Moves(each, move.of(each))));
        }
        moves.show(rows);
        fitted.setDisable(line.engine().filter(move -> move.lineUp().holds()).isEmpty());
        List<String> words = new ArrayList<>();
        last(line.shafts())
                .ifPresent(found -> words.add("By " + found.reading().id() + " the shafts are "
                        + show(found.apart()) + " apart and " + angle(found.angle()) + " at an angle"
                        + (found.wanted() == 0
                                ? "."
                                : ", held against an engine that stands " + show(Math.abs(found.wanted()))
                                        + (found.wanted() < 0 ? " low" : " high") + " while cold.")));
        last(line.wheels())
                .ifPresent(found -> words.add("By " + found.reading().id() + " the wheels are "
                        + show(Math.abs(found.offset())) + " beside each other and "
                        + angle(Math.abs(found.angle())) + " at an angle."));
        last(line.ends())
                .ifPresent(found -> words.add("By " + found.reading().id() + " the shafts open by "
                        + angle(Math.abs(found.angle())) + (found.angle() < 0 ? " to the right." : " to the left.")));
        last(line.thrusts())
                .filter(ThrustFound::plain)
                .ifPresent(found -> words.add("By " + found.reading().id() + " the thrust line is "
                        + angle(Math.abs(found.left())) + (found.left() < 0 ? " right and " : " left and ")
                        + angle(Math.abs(found.down())) + (found.down() < 0 ? " above" : " below")
                        + " the drawing."));
        fit.feet()
                .ifPresent(feet ->
                        words.add("Feet want " + show(feet.shims()) + " of shims in all before they stand alike."));
        said.setText(
                words.isEmpty()
                        ? "Nothing is read yet: choose below what you read with. A dial is set to zero at the top, and both shafts are turned together."
                        : String.join(" ", words));
    }

    private static <T> Optional<T> last(List<T> all) {
        return all.isEmpty() ? Optional.empty() : Optional.of(all.get(all.size() - 1));
    }

    private String show(double length) {
        return desk.units().show(Quantity.fine(length));
    }

    private String angle(double angle) {
        return desk.units().show(Quantity.angle(angle));
    }
}
