package oddcradle.desktop.step.shake;

import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.balance.BalanceGrade;
import oddcradle.core.balance.ShopReadings;
import oddcradle.core.balance.TrialWeights;
import oddcradle.core.balance.Unbalance;
import oddcradle.core.finding.Phrase;
import oddcradle.core.math.Complex;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.InvalidWords;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.slate.Numbers;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.store.Desk;

/** Balances a flywheel, pulley, propeller or coupling from trial weights, against a grade; marks and shims from two readings. */
final class RotorSheet extends VBox {
    private final Desk desk;
    private final Numbers rotor = new Numbers("rotor")
            .ask("mass", "mass of the rotor", Kind.MASS, 8)
            .ask("speed", "highest speed", Kind.ROTATION_SPEED, 3000 * Math.PI / 30)
            .ask("radius", "radius for weights", Kind.LENGTH, 0.12);
    private final ComboBox<Grade> grade = new ComboBox<>();
    private final Numbers first = new Numbers("one-plane")
            .ask("before", "reading before", Kind.VIBRATION, 0.0062)
            .ask("before-phase", "its phase", Kind.ANGLE, Math.toRadians(40))
            .ask("trial", "trial weight", Kind.MASS, 0.01)
            .ask("at", "put at", Kind.ANGLE, 0)
            .ask("with", "reading with it", Kind.VIBRATION, 0.0045)
            .ask("with-phase", "its phase", Kind.ANGLE, Math.toRadians(95));
    private final Numbers second = new Numbers("two-planes")
            .ask("before", "bearing 2 before", Kind.VIBRATION, 0.0051)
            .ask("before-phase", "its phase", Kind.ANGLE, Math.toRadians(200))
            .ask("with", "bearing 2 with the first weight", Kind.VIBRATION, 0.0046)
            .ask("with-phase", "its phase", Kind.ANGLE, Math.toRadians(190))
            .ask("trial", "second trial weight", Kind.MASS, 0.01)
            .ask("at", "put in plane 2 at", Kind.ANGLE, 0)
            .ask("near", "bearing 1 with it", Kind.VIBRATION, 0.0066)
            .ask("near-phase", "its phase", Kind.ANGLE, Math.toRadians(48))
            .ask("far", "bearing 2 with it", Kind.VIBRATION, 0.0033)
            .ask("far-phase", "its phase", Kind.ANGLE, Math.toRadians(240));
    private final Numbers marks = new Numbers("marks")
            .ask("before", "dial reads so much before top, at", Kind.ANGLE, Math.toRadians(-20))
            .ask("after", "and the same after top, at", Kind.ANGLE, Math.toRadians(18))
            .ask("left", "float: gap left, all pushed right", Kind.LENGTH, 0.0011)
            .ask("right", "gap right, all pushed left", Kind.LENGTH, 0.0007)
            .ask("shaft", "balance shaft", Kind.UNBALANCE, 0.0115)
            .ask("teeth", "its gears are off by", Kind.ANGLE, Math.toRadians(6));

    /** ISO 21940-11, what each grade is for, from memory. */
    private record Grade(double metresPerSecond, String words) {}

    private static final List<Grade> GRADES = List.of(
            new Grade(0.0025, "G 2.5, turbines, machine-tool drives"),
            new Grade(0.0063, "G 6.3, flywheels, pulleys, fans, propellers"),
            new Grade(0.016, "G 16, drive shafts, cardan shafts"),
            new Grade(0.04, "G 40, car wheels"));

    RotorSheet(Desk desk) {
        super(6);
        this.desk = desk;
        grade.setId("rotor-grade");
        grade.setAccessibleText("grade");
        grade.setMaxWidth(Double.MAX_VALUE);
        grade.setConverter(new Words<>(GRADES, Grade::words));
        grade.getItems().setAll(GRADES);
        grade.setValue(GRADES.get(1));
        getChildren()
                .addAll(
                        Text.head("Flywheel, pulley, propeller or coupling"),
                        rotor,
                        grade,
                        Text.head("One plane: a reading, a trial weight, a reading"),
                        first,
                        answer("one-plane", "Where does a weight go?", this::onePlane),
                        Text.head("Second plane: the same at the other bearing, then a weight there"),
                        second,
                        answer("two-planes", "Where do two weights go?", this::twoPlanes),
                        Text.head("Marks, float and teeth"),
                        marks,
                        answer("marks", "Work them out", this::marks));
    }

    private VBox answer(String id, String words, Supplier<String> answer) {
        Label said = Text.said(id + "-said");
        Button button = Text.button(id + "-answer", words, () -> {
            try {
                said.setText(answer.get());
            } catch (InvalidValue invalid) {
                said.setText(InvalidWords.of(invalid, desk.units()));
            }
        });
        return new VBox(4, button, said);
    }

    private static Complex reading(Numbers numbers, String name) {
        return TrialWeights.polar(numbers.get(name), numbers.get(name + "-phase"));
    }

    private TrialWeights.Trial trial(Numbers numbers) {
        return new TrialWeights.Trial(numbers.get("trial"), rotor.get("radius"), numbers.get("at"));
    }

    private String onePlane() {
        TrialWeights.OnePlane found =
                TrialWeights.onePlane(reading(first, "before"), reading(first, "with"), trial(first), false);
        return weight(found.correction(), "Take the trial off. Put")
                + judged(found.correction().amount());
    }

    private String twoPlanes() {
        TrialWeights.TwoPlanes found = TrialWeights.twoPlanes(
                List.of(reading(first, "before"), reading(second, "before")),
                List.of(trial(first), trial(second)),
                List.of(
                        List.of(reading(first, "with"), reading(second, "with")),
                        List.of(reading(second, "near"), reading(second, "far"))),
                false);
        Unbalance near = found.corrections().get(0);
        Unbalance far = found.corrections().get(1);
        return weight(near, "Take both trials off. In plane 1 put")
                + weight(far, "In plane 2 put")
                + judged(near.plus(far).amount());
    }

    private String weight(Unbalance correction, String begin) {
        return Phrase.of(
                        begin + " {} at {}, {} out, or take as much off opposite; {}. ",
                        Quantity.mass(correction.amount() / rotor.get("radius")),
                        Quantity.angle(correction.angle()),
                        Quantity.length(rotor.get("radius")),
                        Quantity.unbalance(correction.amount()))
                .in(desk.units());
    }

    private String judged(double before) {
        BalanceGrade wanted =
                new BalanceGrade(grade.getValue().metresPerSecond(), rotor.get("mass"), rotor.get("speed"));
        return Phrase.of(
                        "The grade allows {} of the whole rotor (ISO 21940-11, from memory); before it was {}, G {}. Read again at speed: behind a"
                                + " guard, nobody in the plane of the rotor.",
                        Quantity.unbalance(wanted.permissible()),
                        Quantity.unbalance(before),
                        String.format(Locale.ROOT, "%.1f", 1000 * wanted.reached(before)))
                .in(desk.units());
    }

    private String marks() {
        double shim = ShopReadings.centringShim(marks.get("left"), marks.get("right"));
        double speed = desk.session().job().donor().engine().cruiseSpeed();
        double left = ShopReadings.leftByTeeth(marks.get("shaft"), marks.get("teeth"));
        return Phrase.of(
                        "Top is at {} of the scale. A shim of {} on the {} centres the shaft. Gears off so far leave {}: {} to and fro at"
                                + " cruise; put it in at Balance.",
                        Quantity.angle(ShopReadings.deadCentre(marks.get("before"), marks.get("after"))),
                        Quantity.length(Math.abs(shim)),
                        shim >= 0 ? "left" : "right",
                        Quantity.unbalance(left),
                        Quantity.force(left * speed * speed))
                .in(desk.units());
    }

    void refresh() {
        rotor.show(desk.units());
        first.show(desk.units());
        second.show(desk.units());
        marks.show(desk.units());
    }
}
