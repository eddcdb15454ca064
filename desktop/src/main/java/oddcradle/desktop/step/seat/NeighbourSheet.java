package oddcradle.desktop.step.seat;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.card.Cards;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Step;
import oddcradle.core.job.edit.SeatEdit;
import oddcradle.core.job.seat.Bracket;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.job.seat.SeatPlan;
import oddcradle.core.search.BracketTurns;
import oddcradle.core.step.seat.NeighbourChecks;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.card.AddBox;
import oddcradle.desktop.look.SeverityMark;
import oddcradle.desktop.slate.RemoveButton;
import oddcradle.desktop.store.Desk;

/** What must follow when the seat changes, each with its question, its answer and its numbers; and brackets tried every way round. */
final class NeighbourSheet extends VBox {
    private static final int TURNS = 3;

    private final Desk desk;
    private final VBox told = new VBox(6);
    private final AddBox add;
    private List<NeighbourChecks.NeighbourCheck> shown = List.of();

    NeighbourSheet(Desk desk) {
        super(6);
        this.desk = desk;
        told.setId("follows");
        add = new AddBox(desk, Step.SEAT, deed -> !deed.words().contains("gap rule"));
        getChildren().addAll(told, add);
    }

    void refresh() {
        add.refresh();
        List<NeighbourChecks.NeighbourCheck> now = desk.examination().neighbourChecks();
        if (now.equals(shown) && !told.getChildren().isEmpty()) {
            return;
        }
        shown = now;
        told.getChildren().clear();
        if (now.isEmpty()) {
            told.getChildren()
                    .add(line(
                            "Nothing is written down yet that must follow the seat: pipes, hoses, cables, tank, intake,"
                                    + " linkage, people, panels, the bay."));
        }
        for (NeighbourChecks.NeighbourCheck each : now) {
            Label name = new Label(
                    each.neighbour().label() + " · " + each.neighbour().question());
            name.getStyleClass().add("section-title");
            name.setWrapText(true);
            name.setMinHeight(USE_PREF_SIZE);
            Label answer = line(each.finding().severity().word() + ": "
                    + each.finding().what().in(desk.units()));
            answer.getStyleClass().add(SeverityMark.styleClass(each.finding().severity()));
            RemoveButton away = new RemoveButton(
                    "away", "neighbour-" + each.neighbour().id() + "-away", () -> takeAway(each.neighbour()));
            told.getChildren().addAll(name, answer);
            StringBuilder numbers = new StringBuilder();
            for (Figure figure : each.figures()) {
                String what = figure.name().replace(each.neighbour().label() + ": ", "");
                numbers.append(numbers.isEmpty() ? "" : " · ")
                        .append(what)
                        .append(' ')
                        .append(desk.units().show(figure.quantity()));
            }
            if (!numbers.isEmpty()) {
                told.getChildren().add(line(numbers.toString()));
            }
            told.getChildren().add(new HBox(8, change(each.neighbour()), away));
        }
        desk.examination().job().plan().brackets().forEach(this::bracket);
    }

    private Button change(Neighbour neighbour) {
        Button change = new Button("change");
        change.setId("neighbour-" + neighbour.id() + "-change");
        change.getStyleClass().add("plain-button");
        change.setOnAction(click -> Cards.of(desk.session().job()).stream()
                .filter(card -> card.step() == Step.SEAT && card.id().equals(neighbour.id()))
                .findFirst()
                .ifPresent(desk::open));
        return change;
    }

    private void takeAway(Neighbour neighbour) {
        SeatPlan plan = desk.session().job().plan();
        List<Neighbour> left = plan.neighbours().stream()
                .filter(each -> !each.equals(neighbour))
                .toList();
        desk.apply(new SeatEdit.SetPlan(plan.withNeighbours(left), "take " + neighbour.label() + " away"));
    }

    private void bracket(Bracket bracket) {
        Label name = new Label(bracket.label() + " · Which way round does it go?");
        name.getStyleClass().add("section-title");
        told.getChildren().add(name);
        for (BracketTurns.Turn turn :
                BracketTurns.of(desk.examination(), bracket).subList(0, TURNS)) {
            told.getChildren()
                    .add(line(Phrase.of(
                                    "{}, turned {}: {} off its hole, gap {}",
                                    turn.flipped() ? "flipped" : "as drawn",
                                    Quantity.angle(turn.spin()),
                                    Quantity.length(turn.off().length()),
                                    Quantity.length(turn.gap()))
                            .in(desk.units())));
        }
    }

    private static Label line(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        return label;
    }
}
