package oddcradle.desktop.step.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.job.FreeMark;
import oddcradle.core.job.edit.SetAsBuilt;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.fit.BackLash;
import oddcradle.core.job.fit.RunOut;
import oddcradle.core.job.fit.ThrustReading;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.Rows;
import oddcradle.desktop.store.Desk;

/** Where a propeller points, whether what turns runs true, and what play its teeth have. */
final class TurningForms extends ReadingForms {
    TurningForms(Desk desk, BooleanSupplier simulated) {
        super(desk, simulated);
    }

    Form thrust() {
        Form form = form("thrust", "One tip, turned left and right, to one mark");
        TextField radius = form.text("radius", "from the shaft to the tip");
        TextField mark = form.text("mark", "far behind: -3200 0 400");
        TextField left = form.text("left", "tip at the left, to the mark");
        TextField right = form.text("right", "tip at the right, to the mark");
        TextField level = form.text("down", "of the hub, by level: 2°");
        form.button("Take it", () -> {
            if (job().line().end().filter(LineEnd.Propeller.class::isInstance).isEmpty()) {
                throw new InvalidValue("mark", "is of no use: this job drives no propeller; choose one at Line");
            }
            List<Double> at = new Rows("mark", "-3200 0 400", List.of(Kind.LENGTH, Kind.LENGTH, Kind.LENGTH))
                    .read(mark.getText(), desk.units())
                    .get(0);
            AsBuilt built = job().asBuilt();
            List<ThrustReading> all = new ArrayList<>(built.thrusts());
            String id = FreeMark.of("H", all.stream().map(ThrustReading::id).toList());
            all.add(new ThrustReading(
                    id,
                    length(radius, 0),
                    new Vec3(at.get(0), at.get(1), at.get(2)),
                    length(left, 0),
                    length(right, 0),
                    angle(level),
                    ""));
            desk.session().apply(new SetAsBuilt(built.withThrusts(all), "thrust line " + id, "thrust." + id));
        });
        return form;
    }

    Form runOut() {
        Form form = form("true", "Highest less lowest reading over one turn");
        ComboBox<RunOut.Of> of = form.wideChoice("of the", () -> List.of(RunOut.Of.values()), RunOut.Of::word);
        TextField where = form.text("where", "flywheel, engine side");
        TextField read = form.text("read", "0.08; blued: 0.8 of its face");
        TextField diameter = form.text("diameter", "that the dial ran on");
        form.button("Take it", () -> {
            AsBuilt built = job().asBuilt();
            List<RunOut> all = new ArrayList<>(built.runOuts());
            String id = FreeMark.of("T", all.stream().map(RunOut::id).toList());
            RunOut.Of what = of.getValue();
            all.add(new RunOut(
                    id,
                    where.getText().isBlank() ? what.word() : where.getText().strip(),
                    what,
                    Entry.read(read.getText(), what.measures(), desk.units()).si(),
                    length(diameter, 0),
                    ""));
            desk.session().apply(new SetAsBuilt(built.withRunOuts(all), "run-out " + id, "true." + id));
        });
        return form;
    }

    Form play() {
        Form form = form("play", "One gear held, the other rocked; at several places round");
        TextField where = form.text("where", "engine pinion to box");
        TextField least = form.text("least", "0.12");
        TextField most = form.text("most", "0.16; empty: alike all round");
        TextField module = form.text("module", "of the teeth: 3");
        TextField centres = form.text("centres", "between both gears");
        form.button("Take it", () -> {
            AsBuilt built = job().asBuilt();
            List<BackLash> all = new ArrayList<>(built.backLashes());
            String id = FreeMark.of("L", all.stream().map(BackLash::id).toList());
            double tight = length(least, 0);
            all.add(new BackLash(
                    id,
                    where.getText().isBlank() ? "gears" : where.getText().strip(),
                    tight,
                    length(most, tight),
                    length(module, 0),
                    length(centres, 0),
                    ""));
            desk.session().apply(new SetAsBuilt(built.withBackLashes(all), "play " + id, "play." + id));
        });
        return form;
    }
}
