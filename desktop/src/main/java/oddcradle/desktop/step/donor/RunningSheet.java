package oddcradle.desktop.step.donor;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.DoubleFunction;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.engine.Crank;
import oddcradle.core.engine.CrankLayout;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.RunningEngine;
import oddcradle.core.job.donor.TorquePoint;
import oddcradle.core.job.edit.BodyEdit;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Kind;
import oddcradle.desktop.chart.Chart;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.RowsField;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.store.Desk;

/** How the donor runs: speeds, torque, gears, the crank that shakes it and what burns. */
public final class RunningSheet extends VBox {
    private static final double CARD = 100;

    private final Desk desk;
    private final List<Runnable> engineRefreshers = new ArrayList<>();
    private final VBox crank = new VBox(6);
    private final Button crankKnown = new Button();
    private final Palette palette;
    private final FlowPane layouts = new FlowPane(6, 6);
    private List<CrankLayout> offered = List.of();
    private final Label taken = new Label();
    private final CombustionForm combustion;
    private Optional<Crank> shown = Optional.empty();
    private boolean showing;

    public RunningSheet(Desk desk, Palette palette) {
        super(6);
        this.desk = desk;
        this.palette = palette;
        head("How fast and how strong");
        number("idle", "Idle", Kind.ROTATION_SPEED, Engine::idleSpeed, v -> engine().withSpeeds(
                        v, engine().cruiseSpeed(), engine().limitSpeed()));
        number("cruise", "Cruise", Kind.ROTATION_SPEED, Engine::cruiseSpeed, v -> engine().withSpeeds(
                        engine().idleSpeed(), v, engine().limitSpeed()));
        number("limit", "Limit, 0 unknown", Kind.ROTATION_SPEED, Engine::limitSpeed, v -> engine().withSpeeds(
                        engine().idleSpeed(), engine().cruiseSpeed(), v));
        number("most-torque", "Most torque", Kind.TORQUE, Engine::maxTorque, v -> engine().withMaxTorque(
                        v, engine().maxTorqueSpeed()));
        number(
                "torque-speed",
                "Most torque at",
                Kind.ROTATION_SPEED,
                Engine::maxTorqueSpeed,
                v -> engine().withMaxTorque(engine().maxTorque(), v));
        RowsField curve = new RowsField(
                "torque-curve",
                "Torque curve",
                "speed torque; 2000 28; 3500 35",
                List.of(Kind.ROTATION_SPEED, Kind.TORQUE),
                rows -> change(engine().withCurve(points(rows))));
        engineRefreshers.add(() -> curve.show(
                engine().curve().stream()
                        .map(point -> List.of(point.speed(), point.torque()))
                        .toList(),
                desk.units()));
        Chart chart = new Chart("torque-chart", palette, 170);
        curve.whileTyping(rows -> {
            List<TorquePoint> typed = points(rows);
            chart.show(TorqueChart.of(engine().withCurve(typed), typed, desk.units()));
        });
        engineRefreshers.add(() -> chart.show(TorqueChart.of(engine(), engine().curve(), desk.units())));
        getChildren().addAll(curve, chart);
        head("Inside the engine");
        number("primary-ratio", "Primary ratio", Kind.RATIO, Engine::primaryRatio, v -> engine().withGears(
                        v, engine().gearRatios()));
        RowsField gears = new RowsField(
                "gear-ratios",
                "Gears, lowest first",
                "2.9 2.06 1.65",
                List.of(Kind.RATIO),
                rows -> change(engine().withGears(engine().primaryRatio(), column(rows))));
        engineRefreshers.add(() -> gears.showColumn(engine().gearRatios(), desk.units()));
        getChildren().add(gears);
        head("What shakes it");
        crankKnown.setId("crank-known");
        crankKnown.getStyleClass().add("cure-button");
        crankKnown.setOnAction(click -> change(engine().withCrank(
                        engine().crank().isPresent()
                                ? Optional.empty()
                                : Optional.of(RunningEngine.of(engine(), 1).crank()))));
        getChildren().addAll(crankKnown, layouts, crank);
        head("What burns in it");
        taken.setWrapText(true);
        taken.setMinHeight(USE_PREF_SIZE);
        taken.setId("engine-taken");
        combustion = new CombustionForm(
                desk::units,
                () -> engine().cycle().radians(),
                burns -> change(engine().withCombustion(Optional.of(burns))));
        getChildren().addAll(taken, combustion);
    }

    private static List<TorquePoint> points(List<List<Double>> rows) {
        return rows.stream().map(row -> new TorquePoint(row.get(0), row.get(1))).toList();
    }

    /** Cranks of the usual layouts with as many cylinders, to be picked as pictures. */
    private void offer(List<CrankLayout> usual) {
        offered = usual;
        layouts.getChildren().clear();
        for (CrankLayout each : usual) {
            Button button = new Button(each.words(), new CrankPicture(palette, each.crank(0.07)));
            button.setId("crank-" + each.name().toLowerCase(Locale.ROOT).replace('_', '-'));
            button.setContentDisplay(ContentDisplay.TOP);
            button.setWrapText(true);
            button.setPrefWidth(CARD);
            button.getStyleClass().add("begin-card");
            button.setOnAction(click -> {
                double bore = RunningEngine.of(engine(), 1).combustion().bore();
                change(engine().withCrank(Optional.of(each.crank(bore))));
            });
            layouts.getChildren().add(button);
        }
    }

    private void head(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("section-title");
        getChildren().add(label);
    }

    private void number(
            String id, String name, Kind kind, ToDoubleFunction<Engine> value, DoubleFunction<Engine> with) {
        QuantityField field = new QuantityField(id, name, kind, typed -> change(with.apply(typed)));
        engineRefreshers.add(() -> field.show(value.applyAsDouble(engine()), desk.units()));
        getChildren().add(field);
    }

    private void crankFields(Crank known) {
        crank.getChildren().clear();
        crankNumber("stroke", "Stroke", Kind.LENGTH, known.stroke(), Crank::withStroke);
        crankNumber("rod", "Rod, centres", Kind.LENGTH, known.rod(), Crank::withRod);
        crankNumber(
                "reciprocating",
                "Piston, pin, ⅓ rod",
                Kind.MASS,
                known.reciprocatingMass(),
                Crank::withReciprocatingMass);
        crankNumber("counterweight", "Weights balance", Kind.SHARE, known.counterweight(), Crank::withCounterweight);
        crankRow("throws", "Throws", Kind.ANGLE, known.throwAngles(), Crank::withThrowAngles);
        crankRow("cylinder-angles", "Cylinders lean", Kind.ANGLE, known.cylinderAngles(), Crank::withCylinderAngles);
        crankRow("crank-positions", "Along the crank", Kind.LENGTH, known.positions(), Crank::withPositions);
        RowsField centre = new RowsField(
                "crank-centre",
                "Crank's middle",
                "x y z in the donor's axes",
                List.of(Kind.LENGTH, Kind.LENGTH, Kind.LENGTH),
                rows -> changeCrank(c -> c.withCentre(
                        rows.stream().findFirst().map(row -> new Vec3(row.get(0), row.get(1), row.get(2))))));
        centre.show(
                known.centre().stream()
                        .map(at -> List.of(at.x(), at.y(), at.z()))
                        .toList(),
                desk.units());
        crank.getChildren().add(centre);
        ComboBox<Crank.Balancer> balancer = new ComboBox<>();
        balancer.setId("balancer");
        balancer.setAccessibleText("balance shafts");
        balancer.getItems().setAll(Crank.Balancer.values());
        balancer.setConverter(new Words<>(List.of(Crank.Balancer.values()), Crank.Balancer::words));
        balancer.setValue(known.balancer());
        balancer.setOnAction(choice -> changeCrank(c -> c.withBalancer(balancer.getValue())));
        Label name = new Label("Balance shafts");
        name.getStyleClass().add("name");
        HBox row = new HBox(name, balancer);
        row.getStyleClass().add("field-row");
        crank.getChildren().add(row);
    }

    private void crankNumber(String id, String name, Kind kind, double value, BiFunction<Crank, Double, Crank> with) {
        QuantityField field = new QuantityField(id, name, kind, typed -> changeCrank(c -> with.apply(c, typed)));
        field.show(value, desk.units());
        crank.getChildren().add(field);
    }

    private void crankRow(
            String id, String name, Kind kind, List<Double> values, BiFunction<Crank, List<Double>, Crank> with) {
        RowsField field = new RowsField(
                id,
                name,
                "one for each cylinder",
                List.of(kind),
                rows -> changeCrank(c -> with.apply(c, column(rows))));
        field.showColumn(values, desk.units());
        crank.getChildren().add(field);
    }

    private static List<Double> column(List<List<Double>> rows) {
        return rows.stream().map(row -> row.get(0)).toList();
    }

    private Donor donor() {
        return desk.session().job().donor();
    }

    private Engine engine() {
        return donor().engine();
    }

    private void change(Engine engine) {
        if (!showing) {
            desk.session().apply(new BodyEdit.ChangeDonor(donor().withEngine(engine), "how it runs", "running"));
        }
    }

    private void changeCrank(UnaryOperator<Crank> with) {
        engine().crank().ifPresent(known -> {
            shown = Optional.of(with.apply(known));
            change(engine().withCrank(shown));
        });
    }

    /** Shows the engine as it is written down. */
    public void refresh() {
        showing = true;
        engineRefreshers.forEach(Runnable::run);
        crankKnown.setText(engine().crank().isPresent() ? "Take the crank away" : "Write down the crank");
        if (!engine().crank().equals(shown) || crank.getChildren().isEmpty()) {
            shown = engine().crank();
            crank.getChildren().clear();
            shown.ifPresent(this::crankFields);
        }
        List<CrankLayout> usual = Stream.of(CrankLayout.values())
                .filter(each -> each.cylinders() == engine().cylinders())
                .toList();
        if (!usual.equals(offered)) {
            offer(usual);
        }
        RunningEngine running = RunningEngine.of(engine(), 1);
        combustion.show(running.combustion());
        taken.setText(
                running.taken().isEmpty() ? "" : "Not written down, so taken: " + String.join("; ", running.taken()));
        taken.setManaged(!running.taken().isEmpty());
        showing = false;
    }
}
