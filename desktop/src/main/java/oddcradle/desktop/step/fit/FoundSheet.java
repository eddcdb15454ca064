package oddcradle.desktop.step.fit;

import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.asbuilt.Seated;
import oddcradle.core.examine.Examination;
import oddcradle.core.fitup.Directions;
import oddcradle.core.fitup.FitUp;
import oddcradle.core.fitup.PullLearnt;
import oddcradle.core.step.fit.MountFound;
import oddcradle.core.step.fit.MountsFound;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.StudySheet;
import oddcradle.desktop.slate.Table;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.Desk;

/** Where each mount came out, how the engine lies on them, and how far the welds pulled. */
final class FoundSheet {
    private final Desk desk;
    private final Label lies = Text.said("fit-lies");
    private final Table<MountFound> mounts;
    private final Table<PullLearnt.Joint> pulls;
    private final Label units = Text.said("found-units");
    private final Label learnt = Text.said("pull-learnt");
    private final Button take = Text.button("pull-take", "Let the odds go by this shop's pull", this::take);
    private Optional<FitUp> shown = Optional.empty();

    FoundSheet(Desk desk) {
        this.desk = desk;
        mounts = new Table<>(
                "found",
                MountFound::id,
                List.of(
                        Table.Column.words("mount", this::mount),
                        length("low", mount -> mount.lacks()),
                        length("beside", mount -> mount.across().length()),
                        Table.Column.numbers("keeps", () -> "", this::force, mount -> desk.units()
                                .show(Quantity.force(force(mount))))),
                mount -> desk.selectionProperty().set(Optional.of(mount.id())));
        mounts.whenEmpty("No mount yet: they are drawn at Cradle.");
        pulls = new Table<>(
                "pulls",
                joint -> joint.found().point(),
                List.of(
                        Table.Column.words(
                                "place",
                                joint -> joint.found().point() + ", "
                                        + Directions.of(joint.found().moved())),
                        joint("pulled", joint -> joint.found().moved().length()),
                        joint("±", joint -> joint.found().sigma()),
                        joint("expected", PullLearnt.Joint::expected)),
                joint -> desk.selectionProperty().set(Optional.of(joint.found().point())));
        pulls.whenEmpty("Measured once: nothing to compare yet.");
    }

    private Table.Column<MountFound> length(String name, ToDoubleFunction<MountFound> of) {
        return Table.Column.numbers(
                name,
                () -> desk.units().typedUnit(Kind.LENGTH),
                of::applyAsDouble,
                mount -> mount.measured() ? desk.units().number(Quantity.fine(of.applyAsDouble(mount))) : "–");
    }

    private Table.Column<PullLearnt.Joint> joint(String name, ToDoubleFunction<PullLearnt.Joint> of) {
        return Table.Column.numbers(
                name, () -> desk.units().typedUnit(Kind.LENGTH), of::applyAsDouble, joint -> desk.units()
                        .number(Quantity.fine(of.applyAsDouble(joint))));
    }

    private String mount(MountFound mount) {
        String fitted = mount.fitted() == 0 ? "" : ", " + desk.units().show(Quantity.fine(mount.fitted())) + " fitted";
        return mount.id() + (mount.measured() ? "" : ", taken as drawn") + fitted;
    }

    private double force(MountFound mount) {
        MountsFound found = desk.examination().fit().mounts();
        int k = found.mounts().indexOf(mount);
        return found.loaded()
                ? 0
                : found.sits()
                        .map(Seated::forces)
                        .map(all -> all.get(k).length())
                        .orElse(0.0);
    }

    Leaves.Leaf leaf() {
        VBox told = new VBox(8, lies, mounts, units, Text.head("What welding pulled"), pulls, learnt, take);
        return new StudySheet<>(desk, desk.fitUp(), this::show, told).leaf();
    }

    private void show(FitUp fitUp) {
        shown = Optional.of(fitUp);
        Examination examination = desk.examination();
        MountsFound found = examination.fit().mounts();
        mounts.show(found.mounts());
        units.setText(
                "In " + desk.units().typedUnit(Kind.LENGTH)
                        + ", from the drawing, shims taken in. “Keeps” is the force that stays between boss and mount once all bolts are tight, the engine taken as stiff.");
        lies.setText(
                !found.isMeasured()
                        ? "Nothing is measured yet: Measure asks for one reading after the other."
                        : found.sits()
                                .map(sits -> "Bolted down on these mounts the engine lies "
                                        + desk.units()
                                                .show(Quantity.fine(
                                                        sits.motion().shift().length()))
                                        + " from where it is drawn, turned by "
                                        + desk.units()
                                                .show(Quantity.angle(
                                                        sits.motion().turn().length()))
                                        + ".")
                                .orElse("These mounts let the engine turn: three that are not in a line hold it."));
        pulls.show(fitUp.learnt().joints());
        boolean pulled = fitUp.learnt().pull() > 0;
        learnt.setText(
                pulled ? fitUp.learnt().words(examination.job().plan().errors()).in(desk.units()) + "." : "");
        boolean news = fitUp.learnt().taken(examination.job()).isPresent();
        take.setVisible(news);
        take.setManaged(news);
    }

    private void take() {
        shown.flatMap(fitUp -> fitUp.learnt().taken(desk.session().job()))
                .ifPresent(edit -> desk.session().apply(edit));
    }
}
