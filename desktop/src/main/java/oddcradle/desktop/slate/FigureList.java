package oddcradle.desktop.slate;

import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import javafx.geometry.HPos;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Step;
import oddcradle.desktop.store.Desk;

/** A step's numbers, each with its "why?". */
public final class FigureList extends GridPane {
    private final Desk desk;
    private final Step step;
    private final Predicate<Figure> wanted;

    public FigureList(Desk desk, Step step, Predicate<Figure> wanted) {
        this.desk = desk;
        this.step = step;
        this.wanted = wanted;
        setHgap(6);
        setVgap(3);
        ColumnConstraints name = new ColumnConstraints();
        name.setHgrow(Priority.ALWAYS);
        ColumnConstraints value = new ColumnConstraints();
        value.setHalignment(HPos.RIGHT);
        value.setMinWidth(USE_PREF_SIZE);
        getColumnConstraints().addAll(name, value, new ColumnConstraints());
    }

    public FigureList(Desk desk, Step step) {
        this(desk, step, figure -> true);
    }

    /** Shows the newest numbers; rows whose names stay are kept, so that a row keeps the focus while its number changes. */
    public void refresh() {
        List<Figure> figures = desk.examination().report(step).figures().stream()
                .filter(wanted)
                .toList();
        if (getChildren().size() != 3 * figures.size()) {
            getChildren().clear();
            for (int row = 0; row < figures.size(); row++) {
                addRow(row);
            }
        }
        for (int row = 0; row < figures.size(); row++) {
            Figure figure = figures.get(row);
            Label name = (Label) getChildren().get(3 * row);
            name.setText(figure.name());
            Label value = (Label) getChildren().get(3 * row + 1);
            value.setText(desk.units().show(figure.quantity()));
            value.setId(idOf(figure.name()));
        }
    }

    private void addRow(int row) {
        Label name = new Label();
        name.getStyleClass().add("figure-name");
        name.setWrapText(true);
        Label value = new Label();
        value.getStyleClass().add("figure-value");
        value.setMinWidth(USE_PREF_SIZE);
        WhyLink why =
                new WhyLink(() -> figureAt(row).name(), () -> figureAt(row).why(), desk::units);
        addRow(row, name, value, why);
    }

    private Figure figureAt(int row) {
        return desk.examination().report(step).figures().stream()
                .filter(wanted)
                .toList()
                .get(row);
    }

    /** The id of a figure's value node, from its name. */
    public static String idOf(String name) {
        return "figure-" + name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    }
}
