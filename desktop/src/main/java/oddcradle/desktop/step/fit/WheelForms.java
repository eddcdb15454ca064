package oddcradle.desktop.step.fit;

import java.util.List;
import java.util.function.BooleanSupplier;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import oddcradle.core.drive.SimulatedLine;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.fit.ShaftReading;
import oddcradle.core.step.fit.WheelsFound;
import oddcradle.core.structure.StageResult;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.store.Desk;

/** How two wheels or an axle lie: by straight-edge, by a string or laser line, or by tape and level. */
final class WheelForms extends ReadingForms {
    WheelForms(Desk desk, BooleanSupplier simulated) {
        super(desk, simulated);
    }

    Form edge() {
        Form form = form("edge", "Held to the driver's face; gaps at the driven wheel");
        ComboBox<Stage> of = stages(form);
        TextField near = form.text("near", "gap at the rim nearer to the driver");
        TextField far = form.text("far", "gap at the far rim");
        TextField apart = form.text("apart", "between the two");
        CheckBox inside = form.check("inside", "held to the faces towards the engine");
        form.button(
                "Take it",
                () -> take(new ShaftReading.StraightEdge(
                        next(),
                        chosen(of).id(),
                        "",
                        length(near, 0),
                        length(far, 0),
                        length(apart, 0.15),
                        inside.isSelected())));
        return form;
    }

    Form string() {
        Form form = form("string", "Line to face; near is towards the other wheel");
        ComboBox<Stage> of = stages(form);
        TextField driverNear = form.text("driver near", "20.0");
        TextField driverFar = form.text("driver far", "20.4");
        TextField driverApart = form.text("driver apart", "between those two");
        TextField drivenNear = form.text("driven near", "23.1");
        TextField drivenFar = form.text("driven far", "23.3");
        TextField drivenApart = form.text("driven apart", "between those two");
        TextField thicker = form.text("thicker", "driver, teeth to face; empty: alike");
        TextField lean = form.text("driver leans", "top to the line; empty: plumb");
        TextField drivenLean = form.text("driven leans", "the same of the driven wheel");
        CheckBox inside = form.check("inside", "line on the side of the engine");
        form.button("Take it", () -> {
            Stage stage = chosen(of);
            double near = length(driverApart, 0.08);
            double far = length(drivenApart, 0.15);
            boolean play = plays(driverNear);
            SimulatedLine.Faces faces = play
                    ? laser(stage).read(near, far, noise)
                    : new SimulatedLine.Faces(
                            length(driverNear, 0), length(driverFar, 0), length(drivenNear, 0), length(drivenFar, 0));
            take(new ShaftReading.StringLine(
                    next(),
                    stage.id(),
                    "",
                    faces.donorNear(),
                    faces.donorFar(),
                    near,
                    faces.drivenNear(),
                    faces.drivenFar(),
                    far,
                    length(thicker, 0),
                    angle(lean),
                    angle(drivenLean),
                    inside.isSelected()));
        });
        return form;
    }

    Form ends() {
        Form form = form("ends", "Axle to its driving shaft, at both ends");
        ComboBox<Stage> of = stages(form);
        TextField left = form.text("left", "or front, from shaft to shaft");
        TextField right = form.text("right", "or rear");
        TextField apart = form.text("apart", "from the one place to the other");
        TextField driving = form.text("driving level", "its left end high; empty: level");
        TextField driven = form.text("driven level", "the same of the axle");
        form.button(
                "Take it",
                () -> take(new ShaftReading.BothEnds(
                        next(),
                        chosen(of).id(),
                        "",
                        length(left, 0),
                        length(right, 0),
                        length(apart, 0.4),
                        angle(driving),
                        angle(driven))));
        return form;
    }

    /** How the wheels lie, for a laser that is not there: as they were found, or a little off. */
    private SimulatedLine laser(Stage stage) {
        double centres = desk.examination()
                .line()
                .stage(stage.id())
                .map(StageResult::alignment)
                .map(each -> Math.max(0.05, each.centreDistance()))
                .orElse(0.5);
        List<WheelsFound> found = desk.examination().fit().line().wheels();
        return found.isEmpty()
                ? new SimulatedLine(0.0024, 0.004, centres, 1e-4)
                : new SimulatedLine(
                        found.get(found.size() - 1).offset(),
                        found.get(found.size() - 1).angle(),
                        centres,
                        1e-4);
    }
}
