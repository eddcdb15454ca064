package oddcradle.desktop.step.shake;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.search.MountTrials;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.slate.Table;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.Desk;

/** The mounts as they are, otherwise than listed, and leaned; what is leaned can be taken. */
final class TrialSheet extends VBox {
    private final Desk desk;
    private final Label said = Text.said("trial-said");
    private final Table<MountTrials.Trial> table;
    private final Button take = new Button("Take the picked one");
    private Optional<MountTrials.Result> result = Optional.empty();
    private Optional<MountTrials.Trial> picked = Optional.empty();
    private Examination of;

    TrialSheet(Desk desk) {
        super(6);
        this.desk = desk;
        Label head = Text.head("The mounts as they are, tried otherwise");
        Button robust = Text.button("trial-robust", "Otherwise than listed", () -> run(MountTrials::robust));
        Button lean = Text.button("trial-lean", "Lean the mounts", () -> run(MountTrials::leaned));
        table = new Table<>(
                "trials",
                trial -> trial.words().in(desk.units()),
                List.of(
                        Table.Column.words("mounts", trial -> trial.words().in(desk.units())),
                        Table.Column.numbers(
                                "idle",
                                () -> "N",
                                MountTrials.Trial::idle,
                                trial -> Long.toString(Math.round(trial.idle()))),
                        Table.Column.numbers("cruise", this::unit, MountTrials.Trial::cruise, this::cruise),
                        Table.Column.numbers(
                                "moves",
                                () -> desk.units().typedUnit(Kind.LENGTH),
                                MountTrials.Trial::motion,
                                trial -> desk.units().number(Quantity.length(trial.motion())))),
                this::pick);
        take.setId("trial-take");
        take.getStyleClass().add("cure-button");
        take.setOnAction(click -> picked.flatMap(MountTrials.Trial::taking).ifPresent(edit -> {
            desk.previews().end();
            desk.apply(edit);
        }));
        getChildren().addAll(head, new HBox(6, robust, lean), said, table, take);
    }

    private boolean ofPerson() {
        return result.map(MountTrials.Result::person).orElse(false);
    }

    private String unit() {
        return ofPerson() ? desk.units().unit(Quantity.vibration(1)) : "N";
    }

    private String cruise(MountTrials.Trial trial) {
        return ofPerson()
                ? desk.units().number(Quantity.vibration(trial.cruise()))
                : Long.toString(Math.round(trial.cruise()));
    }

    private void run(BiFunction<Examination, Progress, Optional<MountTrials.Result>> trials) {
        Examination now = desk.examination();
        desk.work()
                .start(
                        "trying",
                        progress -> trials.apply(now, progress),
                        found -> {
                            result = found;
                            of = now;
                            picked = Optional.empty();
                            refresh();
                        },
                        said::setText);
    }

    private void pick(MountTrials.Trial trial) {
        picked = Optional.of(trial);
        take.setDisable(trial.taking().isEmpty());
        trial.taking().ifPresent(edit -> desk.previews().look(desk.examination(), edit));
    }

    void refresh() {
        if (of != desk.examination()) {
            // Of mounts that are no more.
            result = Optional.empty();
            picked = Optional.empty();
        }
        boolean there = result.isPresent();
        table.setVisible(there);
        table.setManaged(there);
        boolean takes = result.stream().flatMap(each -> each.trials().stream()).anyMatch(trial -> trial.taking()
                .isPresent());
        take.setVisible(takes);
        take.setManaged(takes);
        take.setDisable(picked.flatMap(MountTrials.Trial::taking).isEmpty());
        said.setText(
                there
                        ? "Idle in N at the worst mount, cruise in " + unit() + (ofPerson() ? " where a person is" : "")
                                + ", moves in " + desk.units().typedUnit(Kind.LENGTH) + " at the output shaft."
                        : "");
        result.ifPresent(found -> table.show(found.trials()));
    }
}
