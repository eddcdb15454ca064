package oddcradle.desktop.slate;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Predicate;
import javafx.geometry.HPos;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.desktop.clip.Clip;
import oddcradle.desktop.store.Desk;
import oddcradle.files.handout.HandTable;

/** A step's numbers, each with its "why?"; what several parts say alike is folded. A right click copies. */
public final class FigureList extends GridPane {
    private final Desk desk;
    private final Step step;
    private final Predicate<Figure> wanted;
    private final Set<String> open = new HashSet<>();
    private List<FigureRows.Row> rows = List.of();

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
        MenuItem copy = new MenuItem("Copy these figures");
        copy.setOnAction(click -> copy());
        ContextMenu menu = new ContextMenu(copy);
        setOnContextMenuRequested(ask -> menu.show(this, ask.getScreenX(), ask.getScreenY()));
    }

    public FigureList(Desk desk, Step step) {
        this(desk, step, figure -> true);
    }

    private List<Figure> figures() {
        return desk.examination().report(step).figures().stream().filter(wanted).toList();
    }

    private Set<String> marks() {
        Job job = desk.examination().job();
        Set<String> marks = new HashSet<>();
        job.cradle().isolators().forEach(each -> marks.add(each.id()));
        job.donor().bosses().forEach(each -> marks.add(each.id()));
        job.host().nodes().forEach(each -> marks.add(each.id()));
        return marks;
    }

    /** Shows the newest numbers; rows whose names stay are kept, so that a row keeps the focus while its number changes. */
    public void refresh() {
        List<FigureRows.Row> now = FigureRows.of(figures(), marks(), open, desk.units());
        boolean same = now.size() == rows.size();
        for (int k = 0; same && k < now.size(); k++) {
            same = now.get(k).getClass() == rows.get(k).getClass()
                    && words(now.get(k)).equals(words(rows.get(k)));
        }
        rows = now;
        if (!same) {
            getChildren().clear();
            for (int k = 0; k < rows.size(); k++) {
                addRow(k);
            }
        }
        for (Node node : getChildren()) {
            if (node.getUserData() instanceof Integer at && node instanceof Label value) {
                value.setText(value(rows.get(at)));
            }
        }
    }

    private static String words(FigureRows.Row row) {
        return row instanceof FigureRows.Heading heading
                ? heading.words()
                : row instanceof FigureRows.Many many
                        ? many.key()
                        : ((FigureRows.One) row).figure().name();
    }

    private String value(FigureRows.Row row) {
        return row instanceof FigureRows.Many many
                ? many.values()
                : desk.units().show(((FigureRows.One) row).figure().quantity());
    }

    private void addRow(int at) {
        FigureRows.Row row = rows.get(at);
        if (row instanceof FigureRows.Heading heading) {
            Label title = new Label(heading.words());
            title.getStyleClass().add("section-title");
            title.setWrapText(true);
            add(title, 0, at, 3, 1);
            return;
        }
        Label value = new Label();
        value.getStyleClass().add("figure-value");
        value.setMinWidth(USE_PREF_SIZE);
        value.setUserData(at);
        if (row instanceof FigureRows.Many many) {
            Hyperlink name = new Hyperlink(many.parts() + " · " + many.name());
            name.setId("fold-" + slug(many.key()));
            name.getStyleClass().add("figure-fold");
            name.setWrapText(true);
            name.setAccessibleText(many.key() + ", show each");
            name.setOnAction(click -> turn(many.key()));
            addRow(at, name, value);
            return;
        }
        FigureRows.One one = (FigureRows.One) row;
        Label name = new Label(one.name());
        name.getStyleClass().add("figure-name");
        name.setWrapText(true);
        value.setId(idOf(one.figure().name()));
        WhyLink why = new WhyLink(
                () -> one(at).figure().name(), () -> one(at).figure().why(), desk::units);
        addRow(at, name, value, why);
    }

    private FigureRows.One one(int at) {
        return (FigureRows.One) rows.get(at);
    }

    private void turn(String key) {
        if (!open.remove(key)) {
            open.add(key);
        }
        refresh();
    }

    /** All of them, onto the clipboard. */
    private void copy() {
        List<List<String>> lines = new ArrayList<>();
        figures()
                .forEach(figure -> lines.add(List.of(
                        figure.name(),
                        desk.units().number(figure.quantity()),
                        desk.units().unit(figure.quantity()))));
        Clip.put(new HandTable(List.of("figure", "value", "unit"), lines));
    }

    private static String slug(String name) {
        return name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    }

    /** The id of a figure's value node, from its name. */
    public static String idOf(String name) {
        return "figure-" + slug(name);
    }
}
