package oddcradle.desktop.step.fit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.ShaftDials;
import oddcradle.core.drive.ShaftDials.Dial;
import oddcradle.core.drive.SimulatedDials;
import oddcradle.core.drive.SimulatedLine;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.FreeMark;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.SetAsBuilt;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.fit.BackLash;
import oddcradle.core.job.fit.RunOut;
import oddcradle.core.job.fit.ShaftReading;
import oddcradle.core.job.fit.ThrustReading;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.step.fit.ShaftsFound;
import oddcradle.core.step.fit.WheelsFound;
import oddcradle.core.structure.StageResult;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.Rows;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.store.Desk;

/** What can be read of a line: by dials, straight-edge, string or laser, at both ends of two shafts, or by one blade of a propeller. */
final class LineForms extends VBox {
    private static final String TWO = "two dials, one on each hub";
    private static final String FACE = "rim and face";
    private static final String GAPS = "feelers at a coupling, or a shaft laser";
    private static final String EDGE = "straight-edge across two wheels";
    private static final String STRING = "string or laser line beside two wheels";
    private static final String ENDS = "tape at both ends of two shafts";
    private static final String THRUST = "one blade of the propeller, and a level";
    private static final String TRUE = "dial on what turns: does it run true";
    private static final String PLAY = "dial across a tooth: play of two gears";
    private static final String DIALS = "top left bottom right: 0 0.21 0.36 0.15";

    private final Desk desk;
    private final ComboBox<String> how = new ComboBox<>();
    private final VBox shown = new VBox(8);
    private final CheckBox simulated = new CheckBox("Simulated dials and laser");
    private final List<Runnable> shows = new ArrayList<>();
    private final Random noise = new Random();
    private final Map<String, Form> forms = new LinkedHashMap<>();

    LineForms(Desk desk) {
        super(8);
        this.desk = desk;
        forms.put(FACE, face());
        forms.put(TWO, two());
        forms.put(GAPS, gaps());
        forms.put(EDGE, edge());
        forms.put(STRING, string());
        forms.put(ENDS, ends());
        forms.put(THRUST, thrust());
        forms.put(TRUE, runOut());
        forms.put(PLAY, play());
        how.setId("align-how");
        how.setAccessibleText("read with");
        how.getItems().setAll(forms.keySet());
        how.setConverter(new Words<>(how.getItems(), each -> each));
        how.setValue(usual());
        how.setOnAction(choice -> arrange());
        simulated.setId("align-simulated");
        getChildren().addAll(Text.head("Read with"), how, simulated, shown);
        arrange();
    }

    /** What this line is usually read with. */
    private String usual() {
        boolean flies =
                job().line().end().filter(LineEnd.Propeller.class::isInstance).isPresent();
        Optional<Stage> first = job().line().stages().stream().findFirst();
        return first.map(stage -> stage.isInPlane() ? STRING : FACE).orElse(flies ? THRUST : FACE);
    }

    void refresh() {
        shows.forEach(Runnable::run);
    }

    private Job job() {
        return desk.session().job();
    }

    private void arrange() {
        shown.getChildren().setAll(forms.get(how.getValue()));
    }

    private ComboBox<Stage> stages(Form form) {
        return form.wideChoice("of", () -> job().line().stages(), Stage::label);
    }

    double length(TextField field, double otherwise) {
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
        List<ShaftsFound> found = desk.examination().fit().line().shafts();
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

    private Form gaps() {
        Form form = new Form(desk::units, "gaps", "Steps from rim to rim, and gaps between the faces");
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
        shows.add(form::refresh);
        return form;
    }

    private Form edge() {
        Form form = new Form(desk::units, "edge", "Held to the driver's face; gaps at the driven wheel");
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
        shows.add(form::refresh);
        return form;
    }

    private double angle(TextField field) {
        return field.getText().isBlank()
                ? 0
                : Entry.read(field.getText(), Kind.ANGLE, desk.units()).si();
    }

    private Form string() {
        Form form = new Form(desk::units, "string", "Line to face; near is towards the other wheel");
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
            boolean play = simulated.isSelected() && driverNear.getText().isBlank();
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
        shows.add(form::refresh);
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

    private Form ends() {
        Form form = new Form(desk::units, "ends", "Axle to its driving shaft, at both ends");
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
        shows.add(form::refresh);
        return form;
    }

    private Form thrust() {
        Form form = new Form(desk::units, "thrust", "One tip, turned left and right, to one mark");
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
        shows.add(form::refresh);
        return form;
    }

    private Form runOut() {
        Form form = new Form(desk::units, "true", "Highest less lowest reading over one turn");
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
        shows.add(form::refresh);
        return form;
    }

    private Form play() {
        Form form = new Form(desk::units, "play", "One gear held, the other rocked; at several places round");
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
