package oddcradle.desktop.slate;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.job.edit.SetAsBuilt;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.fit.Inspection;
import oddcradle.desktop.store.Desk;

/** Who looks, and the note that they have: nothing is ticked without a name. */
public final class Signing extends VBox {
    private final Desk desk;
    private final String asked;
    private final TextField who = new TextField();
    private final Label problem = new Label();

    /**
     * @param id before the ids of its field and its complaint
     * @param asked what is said where no name stands
     */
    public Signing(Desk desk, String id, String asked) {
        super(4);
        this.desk = desk;
        this.asked = asked;
        who.setId(id + "-who");
        who.setPromptText("who looks");
        who.setAccessibleText("who looks");
        who.textProperty().addListener(typed -> problem.setText(""));
        problem.setId(id + "-problem");
        problem.getStyleClass().add("field-problem");
        problem.setWrapText(true);
        problem.managedProperty().bind(problem.textProperty().isNotEmpty());
        Label name = new Label("who looks");
        name.getStyleClass().add("name");
        HBox row = new HBox(6, name, who);
        row.getStyleClass().add("field-row");
        getChildren().addAll(row, problem);
    }

    /**
     * @param mark of the thing on its list
     * @param looked whether it has been looked at now, else it is to be looked at again
     * @param words what undo calls it
     */
    public void note(String mark, boolean looked, String words) {
        if (looked && who.getText().isBlank()) {
            problem.setText(asked);
            who.requestFocus();
            return;
        }
        AsBuilt built = desk.session().job().asBuilt();
        List<Inspection> all = new ArrayList<>(built.inspections());
        all.removeIf(each -> each.item().equals(mark));
        if (looked) {
            all.add(new Inspection(mark, who.getText().strip(), LocalDate.now().toString(), ""));
        }
        desk.session().apply(new SetAsBuilt(built.withInspections(all), words, "sign." + mark));
    }
}
