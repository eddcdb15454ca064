package oddcradle.desktop.step.fit;

import java.util.List;
import java.util.function.BooleanSupplier;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import oddcradle.core.drive.ShaftDials;
import oddcradle.core.drive.ShaftDials.Dial;
import oddcradle.core.drive.SimulatedDials;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.fit.ShaftReading;
import oddcradle.core.step.fit.ShaftsFound;
import oddcradle.core.units.Kind;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.Rows;
import oddcradle.desktop.store.Desk;

/** How a shaft lies to the one it drives: by dials, by feelers, or by a shaft laser. */
final class ShaftForms extends ReadingForms {
    private static final String DIALS = "top left bottom right: 0 0.21 0.36 0.15";

    ShaftForms(Desk desk, BooleanSupplier simulated) {
        super(desk, simulated);
    }

    Form face() {
        Form form = form("face", "Readings of both dials, turned with the shafts");
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
            boolean play = plays(rim);
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
        return form;
    }

    Form two() {
        Form form = form("two", "Readings of both dials, turned with the shafts");
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
            boolean play = plays(engine);
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
        return form;
    }

    Form gaps() {
        Form form = form("gaps", "Steps from rim to rim, and gaps between the faces");
        ComboBox<Stage> of = stages(form);
        TextField high = form.text("high", "engine's rim over the other; low: -0.3");
        TextField left = form.text("left", "engine's rim out to the left");
        TextField gaps = form.text("gaps", "top left bottom right: 2.1 2.0 1.9 2.0");
        TextField across = form.text("diameter", "that the gaps were read on");
        form.button(
                "Take them",
                () -> take(new ShaftReading.StepAndGaps(
                        next(),
                        chosen(of).id(),
                        "",
                        length(high, 0),
                        length(left, 0),
                        dial("gaps", gaps),
                        length(across, 0.1))));
        return form;
    }

    private Dial dial(String name, TextField field) {
        List<Double> four = new Rows(name, DIALS, List.of(Kind.LENGTH, Kind.LENGTH, Kind.LENGTH, Kind.LENGTH))
                .read(field.getText(), desk.units())
                .get(0);
        return new Dial(four.get(0), four.get(1), four.get(2), four.get(3));
    }

    /** How the engine lies, for dials that are not there: as it was found, or as drawn. */
    private SimulatedDials dials() {
        List<ShaftsFound> found = desk.examination().fit().line().shafts();
        ShaftDials truth = found.isEmpty()
                ? new ShaftDials(new ShaftDials.Axis(0.0004, 0.0012), new ShaftDials.Axis(-0.0003, 0.0006))
                : found.get(found.size() - 1).lies();
        return new SimulatedDials(truth, noise, 5e-6);
    }
}
