package oddcradle.desktop.notes;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.report.Cure;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.clip.Clip;
import oddcradle.desktop.look.SeverityMark;
import oddcradle.desktop.slate.WhyCard;
import oddcradle.desktop.slate.WhyLink;
import oddcradle.desktop.store.Desk;

/**
 * The findings, those of the open step first, worst first: what, by how much, where; one click goes there, one applies a cure, which is
 * shown in the stand while the mouse is over it. What is good is one row that opens.
 */
public final class NotesPane extends BorderPane {
    private final Desk desk;
    private final ListView<Row> list = new ListView<>();
    private final NotesFilter filter = new NotesFilter(this::refresh);
    private static final double SCROLL_BAR = 16;

    private boolean goodShown;
    /** Which cure of the chosen note is looked at by keys; -1 for none. */
    private int looked = -1;

    /** What one line shows. */
    public sealed interface Row {}

    /** One finding. */
    public record Note(Finding finding, List<Cure> cures, UnitStyle units) implements Row {}

    /** All that is good, by its count. */
    public record Good(int count, boolean shown) implements Row {}

    public NotesPane(Desk desk) {
        this.desk = desk;
        getStyleClass().add("notes-pane");
        list.getStyleClass().add("notes");
        list.setId("notes");
        list.setCellFactory(all -> new NoteCell());
        list.setFocusTraversable(true);
        // Before the list itself, which would let left and right move the focus away.
        list.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        list.focusedProperty().addListener((property, was, focused) -> {
            if (focused && list.getSelectionModel().isEmpty()) {
                list.getSelectionModel().selectFirst();
            }
            if (!focused) {
                desk.previews().end();
            }
        });
        list.getSelectionModel().selectedItemProperty().addListener(moved -> desk.previews()
                .end());
        setTop(filter);
        setCenter(list);
        desk.stepProperty().addListener(turned -> {
            if (desk.examination() != null) {
                refresh();
                list.scrollTo(0);
            }
        });
    }

    /** Up and down go through all notes; Enter goes there, Space asks why, right shows the next cure, a digit takes it, Ctrl C copies. */
    private void key(KeyEvent key) {
        Row row = list.getSelectionModel().getSelectedItem();
        if (row instanceof Good && key.getCode() == KeyCode.ENTER) {
            turnGood();
        }
        if (!(row instanceof Note note)) {
            return;
        }
        if (key.getCode() == KeyCode.ENTER) {
            goTo(note.finding());
        } else if (key.getCode() == KeyCode.SPACE) {
            WhyCard.show(this, sentence(note.finding()), note.finding().why(), desk.units());
        } else if (key.getCode() == KeyCode.RIGHT && !note.cures().isEmpty()) {
            looked = (looked + 1) % note.cures().size();
            desk.previews().look(desk.examination(), note.cures().get(looked).edit());
            key.consume();
        } else if (key.getCode() == KeyCode.LEFT) {
            looked = -1;
            desk.previews().end();
            key.consume();
        } else if (key.getCode() == KeyCode.C && key.isShortcutDown()) {
            Clip.put(sentence(note.finding()));
        } else if (key.getCode().isDigitKey() && !key.isShortcutDown()) {
            int cure = Integer.parseInt(key.getCode().getChar()) - 1;
            if (cure >= 0 && cure < note.cures().size()) {
                take(note.cures().get(cure));
            }
        }
    }

    private void take(Cure cure) {
        desk.previews().end();
        desk.apply(cure.edit());
    }

    public void refresh() {
        Map<Finding, List<Cure>> cures = desk.live().curesProperty().get();
        List<Row> notes = new ArrayList<>();
        List<Row> good = new ArrayList<>();
        Step step = desk.stepProperty().get();
        List<Finding> all = desk.proven().findings();
        filter.show(step, all);
        List<Finding> wanted = new ArrayList<>(
                all.stream().filter(finding -> filter.shows(step, finding)).toList());
        // Stable: within the open step and within the others the worst stays first.
        wanted.sort(Comparator.comparing(finding -> finding.step() != step));
        for (Finding finding : wanted) {
            (finding.severity() == Severity.GOOD ? good : notes)
                    .add(new Note(finding, cures.getOrDefault(finding, List.of()), desk.units()));
        }
        if (!good.isEmpty()) {
            notes.add(new Good(good.size(), goodShown));
        }
        if (goodShown) {
            notes.addAll(good);
        }
        if (!notes.equals(list.getItems())) {
            int at = list.getSelectionModel().getSelectedIndex();
            list.getItems().setAll(notes);
            if (at >= 0) {
                list.getSelectionModel().select(Math.min(at, notes.size() - 1));
            }
        }
    }

    private void turnGood() {
        goodShown = !goodShown;
        refresh();
    }

    private final class NoteCell extends ListCell<Row> {
        private final NoteLine line = new NoteLine();

        NoteCell() {
            getStyleClass().add("note-cell");
            setPrefWidth(0);
        }

        /** As high as its sentence needs at the width of the list. */
        @Override
        protected double computePrefHeight(double width) {
            return getGraphic() instanceof HBox row && getListView() != null
                    ? row.prefHeight(getListView().getWidth() - SCROLL_BAR)
                    : super.computePrefHeight(width);
        }

        @Override
        protected void updateItem(Row row, boolean empty) {
            super.updateItem(row, empty);
            if (row instanceof Note note && !empty) {
                line.show(note);
                setGraphic(line);
            } else {
                setGraphic(row instanceof Good good && !empty ? row(good) : null);
            }
        }
    }

    private HBox row(Good good) {
        Hyperlink open = new Hyperlink((good.count() == 1 ? "1 check is good" : good.count() + " checks are good")
                + ": " + (good.shown() ? "put them away" : "show them"));
        open.setId("notes-good");
        open.getStyleClass().add("why");
        open.setFocusTraversable(false);
        open.setOnAction(click -> turnGood());
        Label step = new Label();
        step.setMinWidth(52);
        HBox row = new HBox(new SeverityMark(Severity.GOOD), step, open);
        row.getStyleClass().add("note-row");
        row.setAccessibleText(open.getText());
        return row;
    }

    /** The line of one note; it is kept for the next note that its cell shows, which is much quicker than another. */
    private final class NoteLine extends HBox {
        private Note note;
        private final Label step = new Label();
        private final Label text = new Label();
        private final HBox cures = new HBox(6);
        private final WhyLink why =
                new WhyLink(() -> sentence(note.finding()), () -> note.finding().why(), desk::units);

        private NoteLine() {
            getStyleClass().add("note-row");
            text.getStyleClass().add("note-text");
            text.setWrapText(true);
            text.setMaxWidth(Double.MAX_VALUE);
            text.setMinWidth(200);
            setHgrow(text, Priority.ALWAYS);
            step.getStyleClass().add("note-step");
            step.setMinWidth(52);
            cures.setAlignment(Pos.CENTER_RIGHT);
            cures.setMinWidth(USE_PREF_SIZE);
            // One stop of the Tab key for the whole list; its keys reach what stands in a row.
            why.setFocusTraversable(false);
            getChildren().setAll(new SeverityMark(Severity.NOTE), step, text, cures, why);
            setOnMouseClicked(click -> goTo(note.finding()));
        }

        private void show(Note now) {
            Finding finding = now.finding();
            if (note == null || finding.severity() != note.finding().severity()) {
                getChildren().set(0, new SeverityMark(finding.severity()));
            }
            if (note == null || !now.equals(note)) {
                List<Button> buttons = now.cures().stream()
                        .map(cure -> cureButton(finding, cure))
                        .toList();
                buttons.forEach(button -> button.setFocusTraversable(false));
                cures.getChildren().setAll(buttons);
            }
            note = now;
            step.setText(finding.step().title());
            text.setText(sentence(finding));
            setAccessibleText(finding.severity().word() + ": " + sentence(finding));
        }
    }

    private Button cureButton(Finding finding, Cure cure) {
        Button button = new Button(cure.label().in(desk.units()));
        button.getStyleClass().add("cure-button");
        button.setId("cure-" + finding.code().id().replace('.', '-'));
        button.setMinWidth(USE_PREF_SIZE);
        button.setOnAction(click -> take(cure));
        button.setOnMouseEntered(over -> desk.previews().look(desk.examination(), cure.edit()));
        button.setOnMouseExited(away -> desk.previews().end());
        return button;
    }

    private String sentence(Finding finding) {
        String text = finding.what().in(desk.units());
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private void goTo(Finding finding) {
        desk.goTo(finding.step());
        finding.where().ids().stream().findFirst().ifPresent(part -> desk.selectionProperty()
                .set(Optional.of(part)));
    }
}
