package oddcradle.desktop.step.cradle;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.edit.TakeBuildChoice;
import oddcradle.core.propose.BuildChoices;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.slate.WorkBar;
import oddcradle.desktop.store.Desk;

/** The choices on which builders differ, each with what it costs in this job. */
final class ChoicesSheet extends VBox {
    private final ShopForm shop;
    private final Desk desk;
    private final VBox rows = new VBox(6);
    private final Label said =
            new Label("Each choice is tried on this cradle; you choose, the program only tells the price.");

    ChoicesSheet(Desk desk) {
        super(6);
        this.desk = desk;
        Button run = new Button("What would each cost here?");
        run.setId("choices-run");
        run.getStyleClass().add("cure-button");
        run.setOnAction(click -> ask());
        said.setWrapText(true);
        said.setId("choices-said");
        said.setMinHeight(USE_PREF_SIZE);
        rows.setId("choices-rows");
        shop = new ShopForm(desk);
        getChildren().addAll(run, new WorkBar(desk.work()), said, rows, shop);
    }

    void refresh() {
        shop.refresh();
    }

    private void ask() {
        Examination now = desk.examination();
        desk.work().start("trying the choices", progress -> BuildChoices.of(now, progress), this::show, said::setText);
    }

    private void show(List<BuildChoices.Choice> choices) {
        rows.getChildren().clear();
        String question = "";
        int number = 0;
        for (BuildChoices.Choice choice : choices) {
            if (!choice.question().equals(question)) {
                question = choice.question();
                Label head = new Label(question);
                head.getStyleClass().add("section-title");
                rows.getChildren().add(head);
            }
            rows.getChildren().add(row(++number, choice));
        }
        said.setText(choices.isEmpty() ? "Nothing is mounted yet." : "");
    }

    private VBox row(int number, BuildChoices.Choice choice) {
        StringBuilder text = new StringBuilder(choice.name() + (choice.now() ? " (now)" : ""));
        choice.lowestMode().ifPresent(mode -> text.append(": lowest mode ").append(show(Quantity.frequency(mode))));
        choice.transmissibility().ifPresent(share -> text.append(", passes ")
                .append(show(Quantity.share(share)))
                .append(" at cruise"));
        text.append(", drive end moves ").append(show(Quantity.length(choice.moves())));
        choice.highestUtilisation()
                .ifPresent(use -> text.append(", tubes work to ").append(show(Quantity.share(use))));
        text.append(", ")
                .append(choice.shortGaps())
                .append(" gaps short, about ")
                .append(Math.round(choice.hours()))
                .append(" h. ")
                .append(Character.toUpperCase(choice.price().charAt(0)))
                .append(choice.price().substring(1))
                .append('.');
        Label words = new Label(text.toString());
        words.setWrapText(true);
        words.setMinHeight(USE_PREF_SIZE);
        VBox row = new VBox(2, words);
        boolean same = choice.cradle().equals(desk.session().job().cradle())
                && choice.shop().equals(desk.session().job().build().shop());
        if (!same) {
            Button take = new Button("Take it");
            take.setId("choice-" + number);
            take.getStyleClass().add("cure-button");
            take.setOnAction(click -> desk.apply(new TakeBuildChoice(choice.cradle(), choice.shop(), choice.name())));
            row.getChildren().add(take);
        }
        return row;
    }

    private String show(Quantity quantity) {
        return desk.units().show(quantity);
    }
}
