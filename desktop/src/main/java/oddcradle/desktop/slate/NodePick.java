package oddcradle.desktop.slate;

import java.util.Optional;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import oddcradle.desktop.store.Desk;

/** A button beside a field that names nodes: while it is down, nodes clicked in the stand are written into the field. */
public final class NodePick extends ToggleButton {
    private final Desk desk;
    private final TextField field;
    private final int most;

    private NodePick(Desk desk, TextField field, int most) {
        super("pick");
        this.desk = desk;
        this.field = field;
        this.most = most;
        setId(field.getId() + "-pick");
        setAccessibleText("pick " + field.getAccessibleText() + " in the stand");
        getStyleClass().add("cure-button");
        setMinWidth(USE_PREF_SIZE);
        setOnAction(click -> desk.nodeWantedProperty().set(isSelected() ? Optional.of(this::take) : Optional.empty()));
        desk.nodeWantedProperty().addListener((property, before, now) -> {
            if (isSelected() && now.isEmpty()) {
                setSelected(false);
            }
        });
    }

    /**
     * Puts the button beside a field.
     *
     * @param most nodes that the field takes
     */
    public static void beside(TextField field, Desk desk, int most) {
        field.setPrefWidth(150);
        ((HBox) field.getParent()).getChildren().add(new NodePick(desk, field, most));
    }

    private void take(String node) {
        String typed = field.getText().strip();
        String[] before = typed.isEmpty() || most == 1 ? new String[0] : typed.split("[\\s,]+");
        field.setText(before.length == 0 ? node : String.join(" ", before) + " " + node);
        if (before.length + 1 >= most) {
            desk.nodeWantedProperty().set(Optional.empty());
        }
    }
}
