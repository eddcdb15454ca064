package oddcradle.desktop.step.fit;

import java.util.List;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.SetAsBuilt;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.fit.Measuring;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.Desk;

/** The times the mount was measured: which is going on, and a new one with the same points. */
final class TimesBar extends VBox {
    private final Desk desk;
    private final Label now = Text.said("fit-time");
    private final Form form;
    private final TextField called;
    private final ComboBox<Measuring.Made> made;
    private final TextField day;
    private final CheckBox loaded = new CheckBox("the engine stands on it, supports away");

    TimesBar(Desk desk) {
        super(6);
        this.desk = desk;
        form = new Form(desk::units, "time", "Measure it once more");
        called = form.text("called", "welded");
        made = form.choice("the mount is", List.of(Measuring.Made.values()), Measuring.Made::word);
        day = form.text("day", "2026-03-09");
        loaded.setId("time-loaded");
        form.getChildren().add(loaded);
        form.button("Begin", this::begin);
        getChildren().add(now);
    }

    /** The form stands under the readings, where it is wanted last. */
    Form form() {
        return form;
    }

    void refresh() {
        AsBuilt built = desk.session().job().asBuilt();
        now.setText(
                built.now()
                        .map(time ->
                                "Being measured: " + time.name() + (time.date().isEmpty() ? "" : ", " + time.date())
                                        + (time.loaded() ? ", the engine on it." : ", bare.")
                                        + (built.measured().size() > 1
                                                ? " Before that: "
                                                        + String.join(
                                                                ", ",
                                                                built
                                                                        .measured()
                                                                        .subList(
                                                                                0,
                                                                                built.measured()
                                                                                                .size()
                                                                                        - 1)
                                                                        .stream()
                                                                        .map(Measuring::name)
                                                                        .toList())
                                                        + "."
                                                : ""))
                        .orElse(
                                "Nothing is measured yet. Choose the hole of a mount under Points; the first reading begins the time “tacked”."));
    }

    private void begin() {
        Job job = desk.session().job();
        AsBuilt built = job.asBuilt();
        String name = called.getText().isBlank()
                ? made.getValue().word()
                : called.getText().strip();
        desk.session()
                .apply(new SetAsBuilt(
                        built.again(
                                name,
                                made.getValue(),
                                loaded.isSelected(),
                                day.getText().strip()),
                        "measure it " + name,
                        "time." + name));
        loaded.setSelected(false);
    }
}
