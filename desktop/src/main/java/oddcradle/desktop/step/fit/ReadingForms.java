package oddcradle.desktop.step.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.BooleanSupplier;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.FreeMark;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.SetAsBuilt;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.fit.ShaftReading;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.store.Desk;

/** What every form for a reading of the line needs: its stage, lengths and angles as they are typed, and where a reading goes. */
abstract class ReadingForms {
    final Desk desk;
    final Random noise = new Random();
    private final BooleanSupplier simulated;
    private final List<Form> forms = new ArrayList<>();

    /** @param simulated whether instruments that are not there are read */
    ReadingForms(Desk desk, BooleanSupplier simulated) {
        this.desk = desk;
        this.simulated = simulated;
    }

    /** Offers the stages there are now. */
    void refresh() {
        forms.forEach(Form::refresh);
    }

    Form form(String id, String title) {
        Form form = new Form(desk::units, id, title);
        forms.add(form);
        return form;
    }

    /** Whether nobody typed a reading and one is to be made up. */
    boolean plays(TextField first) {
        return simulated.getAsBoolean() && first.getText().isBlank();
    }

    Job job() {
        return desk.session().job();
    }

    ComboBox<Stage> stages(Form form) {
        return form.wideChoice("of", () -> job().line().stages(), Stage::label);
    }

    double length(TextField field, double otherwise) {
        return field.getText().isBlank()
                ? otherwise
                : Entry.read(field.getText(), Kind.LENGTH, desk.units()).si();
    }

    double angle(TextField field) {
        return field.getText().isBlank()
                ? 0
                : Entry.read(field.getText(), Kind.ANGLE, desk.units()).si();
    }

    String next() {
        return FreeMark.of(
                "A", job().asBuilt().shafts().stream().map(ShaftReading::id).toList());
    }

    void take(ShaftReading reading) {
        AsBuilt built = job().asBuilt();
        List<ShaftReading> all = new ArrayList<>(built.shafts());
        all.add(reading);
        desk.session().apply(new SetAsBuilt(built.withShafts(all), "dials " + reading.id(), "dials." + reading.id()));
    }

    static Stage chosen(ComboBox<Stage> box) {
        if (box.getValue() == null) {
            throw new InvalidValue("of", "is empty: the line has no step yet; add one at Line");
        }
        return box.getValue();
    }
}
