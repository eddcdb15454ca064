package oddcradle.desktop.slate;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.collections.transformation.FilteredList;
import javafx.collections.transformation.SortedList;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import oddcradle.core.finding.Severity;
import oddcradle.desktop.clip.Clip;
import oddcradle.desktop.clip.SaveRequest;
import oddcradle.desktop.look.SeverityMark;
import oddcradle.files.handout.HandTable;

/**
 * Rows that a click on a heading sorts, typed words narrow and the copy keys take along. A long one scrolls within itself. The first
 * column takes the room that the others leave and breaks its lines.
 *
 * @param <T> what a row is about
 */
public final class Table<T> extends VBox {
    private static final double TALLEST = 340;
    private static final double LINE = 25;
    private static final double BESIDE = 18;
    private static final double PADDING = 14;
    private static final double ARROW = 20;
    private static final double LEAST_FIRST = 96;
    private static final int FILTERED_FROM = 8;
    private static final int MEASURED = 20;

    private final Function<T, String> key;
    private final List<Column<T>> columns;
    private final ObservableList<T> rows = FXCollections.observableArrayList();
    private final FilteredList<T> wanted = new FilteredList<>(rows);
    private final TableView<T> view = new TableView<>();
    private final TextField words = new TextField();
    private final Label none = new Label();
    private boolean showing;

    /**
     * One column.
     *
     * @param unit of all its numbers, as they are shown now; it goes with the heading when rows are copied, and is told over the table
     * @param number what the rows are sorted by; empty for a column of words
     * @param mark how grave what stands there is
     */
    public record Column<T>(
            String heading,
            Function<T, String> words,
            Supplier<String> unit,
            Optional<Function<T, Double>> number,
            Function<T, Optional<Severity>> mark) {
        public static <T> Column<T> words(String heading, Function<T, String> words) {
            return new Column<>(heading, words, () -> "", Optional.empty(), row -> Optional.empty());
        }

        public static <T> Column<T> numbers(
                String heading, Supplier<String> unit, Function<T, Double> number, Function<T, String> words) {
            return new Column<>(heading, words, unit, Optional.of(number), row -> Optional.empty());
        }

        public Column<T> marked(Function<T, Optional<Severity>> by) {
            return new Column<>(heading, words, unit, number, by);
        }

        private String headingWithUnit() {
            return unit.get().isEmpty() ? heading : heading + " [" + unit.get() + "]";
        }
    }

    /**
     * @param id of the table; its field for words is {@code id-words}
     * @param key tells a row from the others, so that the picked one stays picked while its numbers change
     * @param picked gets the row that somebody picks
     */
    public Table(String id, Function<T, String> key, List<Column<T>> columns, Consumer<T> picked) {
        super(4);
        this.key = key;
        this.columns = List.copyOf(columns);
        view.setId(id);
        view.getStyleClass().add("slate-table");
        view.getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        view.setPlaceholder(none);
        for (Column<T> column : columns) {
            view.getColumns().add(column(column));
        }
        SortedList<T> sorted = new SortedList<>(wanted);
        sorted.comparatorProperty().bind(view.comparatorProperty());
        view.setItems(sorted);
        view.widthProperty().addListener(change -> fit());
        view.getSelectionModel().selectedItemProperty().addListener((property, before, now) -> {
            if (now != null && !showing) {
                // Whoever is told may show other rows, which must wait until the table has done with this click.
                Platform.runLater(() -> {
                    if (view.getSelectionModel().getSelectedItems().size() == 1) {
                        picked.accept(now);
                    }
                });
            }
        });
        words.setId(id + "-words");
        words.setPromptText("Only rows with these words");
        words.textProperty().addListener(change -> narrow());
        view.addEventHandler(KeyEvent.KEY_PRESSED, press -> {
            if (press.isShortcutDown() && press.getCode() == KeyCode.C) {
                Clip.put(table(view.getSelectionModel().getSelectedItems()));
                press.consume();
            }
        });
        MenuItem some = new MenuItem("Copy the picked rows");
        some.setOnAction(click -> Clip.put(table(view.getSelectionModel().getSelectedItems())));
        MenuItem all = new MenuItem("Copy the table");
        all.setOnAction(click -> Clip.put(table(view.getItems())));
        MenuItem save = new MenuItem("Save the table …");
        save.setOnAction(click -> fireEvent(new SaveRequest(
                id, Map.of("csv", () -> table(view.getItems()).csv().getBytes(StandardCharsets.UTF_8)))));
        view.setContextMenu(new ContextMenu(some, all, save));
        getChildren().addAll(words, view);
    }

    private TableColumn<T, T> column(Column<T> column) {
        boolean number = column.number().isPresent();
        TableColumn<T, T> made = new TableColumn<>(column.heading());
        made.setReorderable(false);
        made.setResizable(false);
        made.setCellValueFactory(cell -> new ReadOnlyObjectWrapper<>(cell.getValue()));
        made.setCellFactory(any -> new Cell(column, made.widthProperty()));
        made.setComparator(
                number
                        ? Comparator.comparing(column.number().orElseThrow())
                        : Comparator.comparing(column.words(), String.CASE_INSENSITIVE_ORDER));
        made.getStyleClass().add(number ? "number-column" : "word-column");
        return made;
    }

    /** @param nothing what stands there while there is no row */
    public void whenEmpty(String nothing) {
        none.setText(nothing);
        none.setWrapText(true);
    }

    /** Shows other rows; what is picked, sorted and narrowed stays. */
    public void show(List<T> now) {
        if (!rows.equals(now)) {
            List<T> picked = List.copyOf(view.getSelectionModel().getSelectedItems());
            showing = true;
            view.getSelectionModel().clearSelection();
            rows.setAll(now);
            picked.forEach(row -> pick(key.apply(row)));
            showing = false;
        }
        boolean many = now.size() >= FILTERED_FROM || !words.getText().isEmpty();
        words.setVisible(many);
        words.setManaged(many);
        view.refresh();
        fit();
    }

    /** Picks the row of this key, telling nobody; where it is one of several picked ones they stay. */
    public void pickOnly(String wantedKey) {
        if (view.getSelectionModel().getSelectedItems().stream()
                .anyMatch(row -> key.apply(row).equals(wantedKey))) {
            return;
        }
        showing = true;
        view.getSelectionModel().clearSelection();
        pick(wantedKey);
        showing = false;
    }

    private void pick(String wantedKey) {
        view.getItems().stream()
                .filter(row -> key.apply(row).equals(wantedKey))
                .findFirst()
                .ifPresent(view.getSelectionModel()::select);
    }

    private void narrow() {
        String[] each = words.getText().strip().toLowerCase(Locale.ROOT).split("\\s+");
        wanted.setPredicate(row -> {
            String all = String.join(" ", cells(row)).toLowerCase(Locale.ROOT);
            return List.of(each).stream().allMatch(all::contains);
        });
        fit();
    }

    private List<String> cells(T row) {
        return columns.stream().map(column -> column.words().apply(row)).toList();
    }

    private HandTable table(List<T> which) {
        List<String> headings = columns.stream().map(Column::headingWithUnit).toList();
        return new HandTable(headings, which.stream().map(this::cells).toList());
    }

    /** Columns as wide as what stands in them, the first with the rest; as high as its rows, up to a limit. */
    private void fit() {
        double left = view.getWidth() - BESIDE;
        List<Double> widths = new ArrayList<>();
        for (int k = 1; k < columns.size(); k++) {
            Column<T> column = columns.get(k);
            double wide = width(column.heading()) + ARROW;
            // Those with the most letters are the widest; measuring every cell would hold up a dragging hand.
            List<String> cells =
                    view.getItems().stream().map(column.words()).distinct().toList();
            int most = cells.stream().mapToInt(String::length).max().orElse(0);
            wide = Math.max(
                    wide,
                    PADDING
                            + cells.stream()
                                    .filter(cell -> cell.length() == most)
                                    .limit(MEASURED)
                                    .mapToDouble(Table::width)
                                    .max()
                                    .orElse(0));
            widths.add(wide);
            left -= wide;
        }
        double first = Math.max(LEAST_FIRST, left);
        double high = LINE + 6;
        for (int k = 0; k < view.getItems().size() && high < TALLEST; k++) {
            T row = view.getItems().get(k);
            Text text = new Text(columns.get(0).words().apply(row));
            text.setStyle("-fx-font-size: 14px");
            text.setWrappingWidth(first - PADDING);
            high += Math.max(LINE, text.getLayoutBounds().getHeight() + 6);
        }
        for (int k = 0; k < columns.size(); k++) {
            view.getColumns().get(k).setPrefWidth(k == 0 ? first : widths.get(k - 1));
        }
        double tall = Math.min(TALLEST, Math.max(high, 2 * LINE));
        view.setMinHeight(tall);
        view.setPrefHeight(tall);
        view.setMaxHeight(tall);
    }

    private static double width(String words) {
        Text text = new Text(words);
        text.setFont(Font.font("Barlow Semi Condensed SemiBold", 14));
        return text.getLayoutBounds().getWidth();
    }

    private final class Cell extends TableCell<T, T> {
        private final Column<T> column;
        private final Text text = new Text();

        /** @param width of the whole column: a cell is asked how high it is before it has its own */
        private Cell(Column<T> column, ReadOnlyDoubleProperty width) {
            this.column = column;
            text.getStyleClass().add("table-words");
            text.wrappingWidthProperty().bind(width.subtract(12));
        }

        @Override
        protected void updateItem(T row, boolean empty) {
            super.updateItem(row, empty);
            getStyleClass().removeAll("stop", "watch", "good", "note");
            if (empty || row == null) {
                setGraphic(null);
                setText(null);
                return;
            }
            column.mark().apply(row).ifPresent(grave -> getStyleClass().add(SeverityMark.styleClass(grave)));
            if (column == columns.get(0)) {
                setId(view.getId() + "-" + key.apply(row));
            }
            String shown = column.words().apply(row);
            if (column.number().isPresent()) {
                setText(shown);
            } else {
                text.setText(shown);
                setGraphic(text);
            }
        }
    }
}
