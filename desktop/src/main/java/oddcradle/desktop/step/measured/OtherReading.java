package oddcradle.desktop.step.measured;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.FlowPane;
import oddcradle.core.math.Vec3;
import oddcradle.core.survey.DatumPlane;
import oddcradle.core.survey.Instrument;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.Survey;
import oddcradle.core.survey.SurveyPoint;
import oddcradle.desktop.slate.Words;

/** A reading of the user's own choice: what kind, from where, to where. */
final class OtherReading extends FlowPane {
    private static final String OFFSET = "offset from datum";
    private static final String NEAR_EDGE = "to the near edge of a hole";
    private static final String FAR_EDGE = "to the far edge of a hole";
    private static final String MIDDLES = "middle to middle";
    private static final String OVER = "over two bores";
    private static final String BETWEEN = "between two bores";
    private static final String LEVEL = "angle to level";

    private final ComboBox<String> kind = new ComboBox<>();
    private final ComboBox<String> from = new ComboBox<>();
    private final ComboBox<String> to = new ComboBox<>();
    private final ComboBox<DatumPlane> plane = new ComboBox<>();
    private Survey survey = Survey.NONE;

    OtherReading(Consumer<Reading> chosen) {
        super(6, 6);
        kind.getItems().setAll(OFFSET, NEAR_EDGE, FAR_EDGE, MIDDLES, OVER, BETWEEN, LEVEL);
        kind.setValue(OFFSET);
        plane.getItems().setAll(DatumPlane.values());
        plane.setValue(DatumPlane.FORWARD);
        kind.setId("other-kind");
        from.setId("other-from");
        to.setId("other-to");
        plane.setId("other-plane");
        kind.setAccessibleText("kind of reading");
        from.setAccessibleText("point, or the first of two");
        to.setAccessibleText("second point");
        plane.setAccessibleText("datum plane");
        Button ask = new Button("Ask for it");
        ask.setId("other-ask");
        ask.getStyleClass().add("cure-button");
        ask.setOnAction(click -> {
            if (from.getValue() != null
                    && (single() || to.getValue() != null && !to.getValue().equals(from.getValue()))) {
                chosen.accept(template());
            }
        });
        kind.setOnAction(choice -> arrange());
        getChildren().addAll(kind, from, plane, to, ask);
        arrange();
    }

    void show(Survey newSurvey) {
        survey = newSurvey;
        List<String> ids = survey.points().stream().map(SurveyPoint::id).toList();
        for (ComboBox<String> box : List.of(from, to)) {
            box.setConverter(new Words<>(ids, newSurvey::named));
            if (!box.getItems().equals(ids)) {
                String kept = box.getValue();
                box.getItems().setAll(ids);
                box.setValue(
                        ids.contains(kept) ? kept : ids.isEmpty() ? null : ids.get(box == to ? ids.size() - 1 : 0));
            }
        }
    }

    private boolean single() {
        return List.of(OFFSET, NEAR_EDGE, FAR_EDGE).contains(kind.getValue());
    }

    private void arrange() {
        plane.setVisible(single());
        plane.setManaged(single());
        to.setVisible(!single());
        to.setManaged(!single());
    }

    private SurveyPoint point(ComboBox<String> box) {
        return survey.point(box.getValue()).orElseThrow();
    }

    private Reading template() {
        String id = survey.nextReadingId();
        SurveyPoint a = point(from);
        double along = a.about().dot(plane.getValue().direction());
        Instrument rule = Instrument.STEEL_RULE;
        Instrument caliper = Instrument.CALIPER;
        double bore = a.bore() > 0 ? a.bore() : 0.01;
        if (kind.getValue().equals(OFFSET)) {
            return new Reading.Offset(id, a.id(), plane.getValue(), along, rule, rule.lengthSigma());
        }
        if (single()) {
            Reading.Edge edge = kind.getValue().equals(NEAR_EDGE) ? Reading.Edge.NEAR : Reading.Edge.FAR;
            return new Reading.HoleEdge(
                    id, a.id(), plane.getValue(), edge, bore, along, caliper, caliper.lengthSigma());
        }
        SurveyPoint b = point(to);
        Vec3 way = b.about().minus(a.about());
        double length = Math.max(way.length(), 0.001);
        if (kind.getValue().equals(LEVEL)) {
            double angle = Math.atan2(way.z(), Math.hypot(way.x(), way.y()));
            Instrument gauge = Instrument.ANGLE_GAUGE;
            return new Reading.Slope(id, a.id(), b.id(), angle, gauge, gauge.angleSigma());
        }
        if (kind.getValue().equals(MIDDLES)) {
            Instrument tape = Instrument.TAPE;
            return new Reading.Distance(id, a.id(), b.id(), length, tape, tape.lengthSigma());
        }
        double other = b.bore() > 0 ? b.bore() : 0.01;
        Reading.Sides sides = kind.getValue().equals(OVER) ? Reading.Sides.OUTER : Reading.Sides.INNER;
        double value = Math.max(0, length + (sides == Reading.Sides.OUTER ? 1 : -1) * (bore + other) / 2);
        return new Reading.OverBores(id, a.id(), b.id(), sides, bore, other, value, caliper, caliper.lengthSigma());
    }
}
