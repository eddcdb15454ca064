package oddcradle.desktop.step.line;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.edit.LineEdit;
import oddcradle.core.job.line.Datum;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Measured;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.MeasureFields;
import oddcradle.desktop.slate.WordField;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.store.Desk;

/** The choice of what lines up first, its reason, and what it leaves open. */
final class DatumSheet extends VBox {
    private static final Map<Freedom, String> USES = uses();

    /** Of many figures those that say whether the line is true. */
    private static final Pattern TELLING = Pattern.compile(
            "planes apart|out of parallel|centres apart|links to buy|slack to take up|collar|pivot|play|thrust line|over the"
                    + " ground|engine turns|overall ratio|top speed");

    private final Desk desk;
    private final ComboBox<Datum.Rule> rule = new ComboBox<>();
    private final WordField reason;
    private final ComboBox<String> boss = new ComboBox<>();
    private final HBox bossRow;
    private final MeasureFields measures;
    private final Label open = new Label();
    private final FigureList figures;
    private boolean showing;

    DatumSheet(Desk desk) {
        super(6);
        this.desk = desk;
        Label head = new Label("What must line up first");
        head.getStyleClass().add("section-title");
        rule.setId("datum-rule");
        rule.setAccessibleText("what must line up first");
        rule.setMaxWidth(Double.MAX_VALUE);
        rule.getItems().setAll(Datum.Rule.values());
        rule.setConverter(new Words<>(List.of(Datum.Rule.values()), Datum.Rule::words));
        rule.setOnAction(choice -> choose(rule.getValue()));
        reason = WordField.wide(
                "datum-reason",
                "reason",
                "because ...",
                words -> change(new Datum(datum().rule(), words, datum().pivot(), datum().thrust())));
        boss.setId("datum-boss");
        boss.setAccessibleText("boss on the pivot");
        boss.setOnAction(choice -> datum().pivot()
                .filter(pivot -> boss.getValue() != null)
                .ifPresent(pivot -> pivot(new Datum.Pivot(
                        boss.getValue(),
                        pivot.point(),
                        pivot.axis(),
                        pivot.bolt(),
                        pivot.length(),
                        pivot.clearance(),
                        pivot.press()))));
        Label name = new Label("Boss on it");
        name.getStyleClass().add("name");
        bossRow = new HBox(name, boss);
        bossRow.getStyleClass().add("field-row");
        bossRow.managedProperty().bind(bossRow.visibleProperty());
        measures = new MeasureFields("datum", this::measure);
        Label openHead = new Label("What it leaves open");
        openHead.getStyleClass().add("section-title");
        open.setId("datum-open");
        open.setWrapText(true);
        Label now = new Label("The line now");
        now.getStyleClass().add("section-title");
        figures = new FigureList(
                desk, Step.LINE, figure -> TELLING.matcher(figure.name()).find());
        getChildren().addAll(head, rule, reason, bossRow, measures, openHead, open, now, figures);
    }

    private static Map<Freedom, String> uses() {
        Map<Freedom, String> uses = new EnumMap<>(Freedom.class);
        uses.put(Freedom.LEFT, "left: gaps at the sides, weight left and right");
        uses.put(Freedom.UP, "up: ground, pipe, height of the weight");
        uses.put(Freedom.YAW, "yaw: gaps at the corners");
        uses.put(Freedom.PITCH, "pitch: oil level, pipe and intake");
        uses.put(Freedom.ROLL, "roll: oil level, carburettors");
        return uses;
    }

    /** What an open freedom may be used for; fore and aft that depends on what leaves the donor. */
    private String use(Freedom freedom) {
        if (freedom != Freedom.FORWARD) {
            return USES.get(freedom);
        }
        if (job().line().stages().isEmpty()) {
            return "forward: balance of the machine, room behind and before";
        }
        return job().line().stages().get(0).isInPlane()
                ? "forward: slack of chain or belt, leg room, weight on the axles"
                : "forward: gap between the shaft ends";
    }

    private Job job() {
        return desk.session().job();
    }

    private Datum datum() {
        return job().line().datum();
    }

    private void change(Datum datum) {
        if (!showing) {
            desk.session().apply(new LineEdit.ChangeLine(job().line().withDatum(datum), "datum", "datum"));
        }
    }

    /** What a rule needs and nobody has said yet starts where the donor sits. */
    private void choose(Datum.Rule chosen) {
        if (showing || chosen == null) {
            return;
        }
        Optional<Datum.Pivot> pivot = datum().pivot();
        Optional<Datum.Thrust> thrust = datum().thrust();
        if (chosen == Datum.Rule.PIVOT_BOLT && pivot.isEmpty()) {
            if (job().donor().bosses().isEmpty()) {
                desk.complaintProperty().set("the donor has no boss that a pivot bolt could go through");
                refresh();
                return;
            }
            Boss first = job().donor().bosses().get(0);
            pivot = Optional.of(new Datum.Pivot(
                    first.id(),
                    desk.examination().seating().boss(first.id()),
                    Vec3.Y,
                    Math.max(0.004, first.bore() - 0.004),
                    0.03,
                    0.00005,
                    0.00002));
        }
        if (chosen == Datum.Rule.THRUST_LINE && thrust.isEmpty()) {
            thrust = Optional.of(new Datum.Thrust(desk.examination().seating().driverCentre(), 0, 0, 0.01));
        }
        change(new Datum(chosen, datum().reason(), pivot, thrust));
    }

    private void pivot(Datum.Pivot pivot) {
        change(new Datum(datum().rule(), datum().reason(), Optional.of(pivot), datum().thrust()));
    }

    private Optional<Measured<?>> measured() {
        return switch (datum().rule()) {
            case PIVOT_BOLT -> datum().pivot().map(each -> each);
            case THRUST_LINE -> datum().thrust().map(each -> each);
            default -> Optional.empty();
        };
    }

    private void measure(int index, double value) {
        if (datum().rule() == Datum.Rule.PIVOT_BOLT) {
            datum().pivot().ifPresent(pivot -> pivot(pivot.with(index, value)));
        } else if (datum().rule() == Datum.Rule.THRUST_LINE) {
            datum().thrust()
                    .map(thrust -> thrust.with(index, value))
                    .ifPresent(thrust ->
                            change(new Datum(datum().rule(), datum().reason(), datum().pivot(), Optional.of(thrust))));
        }
    }

    void refresh() {
        showing = true;
        rule.setValue(datum().rule());
        reason.show(datum().reason(), desk.units());
        bossRow.setVisible(datum().rule() == Datum.Rule.PIVOT_BOLT);
        List<String> bosses = job().donor().bosses().stream().map(Boss::id).toList();
        boss.setConverter(new Words<>(bosses, desk.session().job().donor()::named));
        if (!boss.getItems().equals(bosses)) {
            boss.getItems().setAll(bosses);
        }
        datum().pivot().ifPresent(pivot -> boss.setValue(pivot.boss()));
        measured().ifPresentOrElse(each -> measures.show(each, desk.units()), measures::clear);
        String left = desk.examination().openFreedoms().stream().map(this::use).collect(Collectors.joining("\n"));
        open.setText(left.isEmpty() ? "nothing; the seat is decided" : left);
        figures.refresh();
        showing = false;
    }
}
