package oddcradle.desktop.step.shake;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.balance.Unbalance;
import oddcradle.core.engine.CrankWork;
import oddcradle.core.engine.DrillPlan;
import oddcradle.core.finding.Phrase;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.InvalidWords;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.slate.Numbers;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.Desk;

/** Asks for an unbalance that is wanted and for the web of the crank; plans holes or plugs for it. */
final class DrillForm extends VBox {
    /** Metric drills from 4 to 25 mm, common practice, m. */
    private static final List<Double> DRILLS = List.of(
            0.004, 0.005, 0.006, 0.007, 0.008, 0.009, 0.010, 0.011, 0.012, 0.013, 0.014, 0.016, 0.018, 0.020, 0.022,
            0.025);

    private final Desk desk;
    private final Numbers numbers = new Numbers("drill")
            .ask("amount", "to be added", Kind.UNBALANCE, 0.002)
            .ask("angle", "at, from the first pin", Kind.ANGLE, Math.PI)
            .ask("rim", "radius of the web", Kind.LENGTH, 0.06)
            .ask("thickness", "thickness of the web", Kind.LENGTH, 0.02)
            .ask("wall", "wall that stays", Kind.LENGTH, 0.003);
    private final CheckBox filled = new CheckBox("filled with heavy metal");
    private final Label said = Text.said("drill-said");
    private final Button take = new Button("Take them");
    private Optional<DrillPlan.Plan> plan = Optional.empty();

    DrillForm(Desk desk, Consumer<List<CrankWork>> taken) {
        super(6);
        this.desk = desk;
        filled.setId("drill-filled");
        Button work = Text.button("drill-plan", "Plan", this::plan);
        take.setId("drill-take");
        take.getStyleClass().add("plain-button");
        take.setDisable(true);
        take.setOnAction(click -> plan.ifPresent(found -> {
            taken.accept(found.holes());
            plan = Optional.empty();
            take.setDisable(true);
        }));
        getChildren().addAll(numbers, filled, new HBox(6, work, take), said);
    }

    private void plan() {
        try {
            plan = found();
            said.setText(
                    plan.map(this::words).orElse("No drill of 4 to 25 mm has room in such a web: look at its sizes."));
        } catch (InvalidValue invalid) {
            plan = Optional.empty();
            said.setText(InvalidWords.of(invalid, desk.units()));
        }
        take.setDisable(plan.isEmpty());
    }

    private Optional<DrillPlan.Plan> found() {
        return DrillPlan.of(
                Unbalance.at(numbers.get("amount"), numbers.get("angle")),
                new DrillPlan.Web(
                        numbers.get("rim"),
                        numbers.get("thickness"),
                        numbers.get("wall"),
                        DRILLS,
                        filled.isSelected() ? CrankWork.HEAVY_METAL : 0));
    }

    private static String counted(int count, String word) {
        return count == 1 ? "One " + word : count + " " + word + "s";
    }

    private String words(DrillPlan.Plan found) {
        CrankWork first = found.holes().get(0);
        String where = String.join(
                ", ",
                found.holes().stream()
                        .map(hole -> desk.units().show(Quantity.angle(hole.angle())))
                        .toList());
        String all = Phrase.of(
                        "{} of {}, {} deep to the full diameter, {} out from the axis, at {}.",
                        counted(found.holes().size(), filled.isSelected() ? "plug" : "hole"),
                        Quantity.length(first.diameter()),
                        Quantity.length(first.depth()),
                        Quantity.length(first.radius()),
                        where)
                .in(desk.units());
        String missing = found.left() > 0
                ? Phrase.of(
                                " {} is missing: drill both cheeks, or fill with heavy metal.",
                                Quantity.unbalance(found.left()))
                        .in(desk.units())
                : "";
        return all + missing
                + " Keep clear of the pin and its oilway. A hardened web takes no common drill: carbide, slowly, clamped; all swarf out.";
    }

    void refresh() {
        numbers.show(desk.units());
    }
}
