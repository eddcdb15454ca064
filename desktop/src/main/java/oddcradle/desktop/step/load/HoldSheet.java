package oddcradle.desktop.step.load;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Severity;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.edit.TakeDesign;
import oddcradle.core.propose.MakeHold;
import oddcradle.core.propose.WholeDesign;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.slate.WorkBar;
import oddcradle.desktop.store.Desk;
import oddcradle.files.report.DesignText;

/** A few ways to make the frame hold, and a few whole designs, as cards: looked at under the pointer, taken by a click. */
final class HoldSheet extends VBox {
    private static final int STOPS_TOLD = 2;

    private final Desk desk;
    private final VBox cards = new VBox(10);
    private final Label said = Text.said("hold-said");

    HoldSheet(Desk desk) {
        super(6);
        this.desk = desk;
        getChildren()
                .addAll(
                        Text.head("Make it hold"),
                        Text.line(
                                "Tubes and walls from the shop's stock, gussets, or one brace more; every way is judged"
                                        + " anew as a whole. It takes up to a minute."),
                        Text.button("hold-ways", "Ways to make it hold", this::ways),
                        Text.head("The whole job at once"),
                        Text.line(
                                "Seat, cradle, tubes and isolators together, toward no stop anywhere. It takes a minute"
                                        + " or two."),
                        Text.button("hold-whole", "Whole designs", this::whole),
                        new WorkBar(desk.work()),
                        said,
                        cards);
        sceneProperty().addListener(change -> {
            if (getScene() == null) {
                desk.previews().end();
            }
        });
    }

    private void ways() {
        Examination now = desk.examination();
        desk.work().start("looking for ways", progress -> MakeHold.of(now, progress), this::showWays, said::setText);
    }

    private void whole() {
        Examination now = desk.examination();
        desk.work()
                .start(
                        "designing the whole",
                        progress -> WholeDesign.run(now, desk.shelves(), progress),
                        this::showDesigns,
                        said::setText);
    }

    private void showWays(List<MakeHold.Answer> answers) {
        cards.getChildren().clear();
        said.setText(
                answers.isEmpty()
                        ? "No other tube of the stock is lighter and holds."
                        : answers.size() + (answers.size() == 1 ? " way." : " ways, the best first.")
                                + " A pointer on its button shows it in the stand.");
        for (int k = 0; k < answers.size(); k++) {
            MakeHold.Answer answer = answers.get(k);
            List<Node> lines = new ArrayList<>();
            lines.add(Text.line((answer.holds() ? "All holds: " : "More holds, not yet all: ")
                    + MakeHold.summary(answer).in(desk.units())));
            answer.changes().forEach(change -> lines.add(Text.line("· " + change.in(desk.units()))));
            answer.newStops().forEach(stop -> lines.add(stop("Brings: ", stop)));
            card(k + 1, answer.words(), lines, TakeDesign.of(answer.job(), answer.words()));
        }
    }

    private void showDesigns(WholeDesign.Result result) {
        cards.getChildren().clear();
        said.setText(
                result.designs().isEmpty()
                        ? "No design: there is no seat, or no kind of cradle suits this machine."
                        : result.designs().size() + " designs to choose from, none a verdict.");
        for (int k = 0; k < result.designs().size(); k++) {
            WholeDesign.Design design = result.designs().get(k);
            List<Node> lines = new ArrayList<>(List.of(Text.line(DesignText.summary(design, desk.units()))));
            design.proven().findings().stream()
                    .filter(each -> each.severity() == Severity.STOP)
                    .limit(STOPS_TOLD)
                    .forEach(stop -> lines.add(stop("Stop: ", stop)));
            card(k + 1, design.words(), lines, TakeDesign.of(design.job(), design.words()));
        }
        if (!result.inTheWay().isEmpty()) {
            VBox way = new VBox(3, Text.head("In the way of every design"));
            result.inTheWay().forEach(stop -> way.getChildren().add(stop("", stop)));
            cards.getChildren().add(way);
        }
    }

    private Label stop(String before, Finding finding) {
        Label line = Text.line(before + finding.what().in(desk.units()));
        line.getStyleClass().add("figure-name");
        return line;
    }

    private void card(int number, Phrase title, List<Node> lines, JobEdit edit) {
        Button take = Text.button("hold-take-" + number, "Take this", () -> {
            desk.previews().end();
            desk.apply(edit);
        });
        take.setOnMouseEntered(over -> desk.previews().look(desk.examination(), edit));
        take.setOnMouseExited(away -> desk.previews().end());
        VBox card = new VBox(3, Text.head(number + "  " + title.in(desk.units())));
        card.getChildren().addAll(lines);
        card.getChildren().add(take);
        cards.getChildren().add(card);
    }
}
