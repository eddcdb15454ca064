package oddcradle.desktop.step.cradle;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.edit.TakeCradle;
import oddcradle.core.mounting.Elastomer;
import oddcradle.core.propose.Proposal;
import oddcradle.core.propose.Proposals;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.WorkBar;
import oddcradle.desktop.store.Desk;

/** Whole cradles worked out for the seat as it is, as cards. */
final class ProposalSheet extends VBox {
    private static final String EITHER = "hard or soft";

    private final Desk desk;
    private final Palette palette;
    private final VBox cards = new VBox(8);
    private final Label said = new Label();
    private final ComboBox<String> mounts = new ComboBox<>();
    private final ComboBox<String> points = new ComboBox<>();

    ProposalSheet(Desk desk, Palette palette) {
        super(6);
        this.desk = desk;
        this.palette = palette;
        mounts.setId("propose-mounts");
        mounts.setAccessibleText("hard or soft");
        mounts.getItems().addAll(EITHER, "hard");
        for (Elastomer each : Elastomer.values()) {
            mounts.getItems().add(each.word());
        }
        mounts.setValue(EITHER);
        points.setId("propose-points");
        points.setAccessibleText("points");
        points.getItems().setAll("3 or 4 points", "3 points", "4 points");
        points.setValue("3 or 4 points");
        Button run = new Button("Work out cradles");
        run.setId("propose-run");
        run.getStyleClass().add("cure-button");
        run.setOnAction(click -> propose());
        said.setId("propose-said");
        said.setWrapText(true);
        said.setMinHeight(USE_PREF_SIZE);
        said.setText(
                "Every kind that suits this machine is drawn from the seat, the lugs and the shop's stock, and judged.");
        cards.setId("propose-cards");
        getChildren().addAll(new HBox(6, mounts, points), run, new WorkBar(desk.work()), said, cards);
    }

    private Proposals.Wishes wishes() {
        String mount = mounts.getValue();
        Optional<Boolean> hard = mount.equals(EITHER) ? Optional.empty() : Optional.of(mount.equals("hard"));
        Elastomer elastomer = List.of(Elastomer.values()).stream()
                .filter(each -> each.word().equals(mount))
                .findFirst()
                .orElse(Elastomer.RUBBER);
        Optional<Integer> wanted = points.getValue().startsWith("3 or")
                ? Optional.empty()
                : Optional.of(points.getValue().startsWith("3") ? 3 : 4);
        return new Proposals.Wishes(List.of(), hard, wanted, elastomer);
    }

    private void propose() {
        Examination now = desk.examination();
        Proposals.Wishes wishes = wishes();
        desk.work()
                .start(
                        "working out cradles",
                        progress -> Proposals.run(now, wishes, progress),
                        this::show,
                        said::setText);
    }

    private void show(Proposals.Result result) {
        cards.getChildren().clear();
        said.setText(result.proposals().size() + " cradles worked out; the best first.");
        for (int k = 0; k < result.proposals().size(); k++) {
            cards.getChildren().add(card(k + 1, result.proposals().get(k)));
        }
        StringBuilder words = new StringBuilder("Not on this machine:");
        result.notHere()
                .forEach((kind, why) ->
                        words.append("\n· ").append(kind.word()).append(": ").append(why));
        Label others = line(words.toString());
        others.setId("propose-not-here");
        others.setMinHeight(USE_PREF_SIZE);
        cards.getChildren().add(others);
    }

    private VBox card(int number, Proposal proposal) {
        VBox words = new VBox(1);
        words.getChildren()
                .addAll(
                        line(Phrase.of("{}", Quantity.mass(proposal.mass())).in(desk.units()) + " · " + proposal.tubes()
                                + " tubes, " + proposal.joints() + " joints"),
                        line("about " + Math.round(proposal.hours()) + " hours"));
        proposal.worstUse().ifPresent(use -> words.getChildren()
                .add(line("utilisation " + desk.units().show(Quantity.share(use.utilisation())) + ": "
                        + use.tube().named())));
        words.getChildren()
                .add(line(proposal.worstGap()
                        .map(gap -> "tightest " + desk.units().show(Quantity.length(gap.margin())) + " to spare")
                        .orElse("nothing near")));
        proposal.lowestMode().ifPresent(mode -> words.getChildren()
                .add(line("lowest mode " + desk.units().show(Quantity.frequency(mode)))));
        words.getChildren()
                .add(line(
                        proposal.stops() + proposal.watches() == 0
                                ? "nothing found against it"
                                : proposal.stops() + " × stop, " + proposal.watches() + " × watch"));
        Button take = new Button("Take this cradle");
        take.setId("propose-take-" + number);
        take.getStyleClass().add("cure-button");
        take.setOnAction(click -> desk.apply(new TakeCradle(proposal.cradle(), "take " + proposal.title())));
        words.getChildren().add(take);
        Label title = new Label(number + "  " + proposal.title());
        title.getStyleClass().add("section-title");
        title.setWrapText(true);
        Label weak = new Label("Comes out " + proposal.wayOut() + ".\nWeak: " + proposal.weakPoint());
        weak.setWrapText(true);
        weak.setMinHeight(USE_PREF_SIZE);
        weak.getStyleClass().add("figure-name");
        VBox card = new VBox(3, title, new HBox(8, new CradlePicture(proposal.examination(), palette), words), weak);
        card.getStyleClass().add("field-row");
        return card;
    }

    private static Label line(String words) {
        Label line = new Label(words);
        line.setWrapText(true);
        return line;
    }
}
