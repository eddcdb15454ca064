package oddcradle.desktop.step.run;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import oddcradle.core.finding.Severity;
import oddcradle.core.job.book.Book;
import oddcradle.core.job.book.LogEntry;
import oddcradle.core.job.edit.RunEdit;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.proof.LoadProof;
import oddcradle.core.step.run.DueList;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.Table;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.task.LiveStudy;

/** What is due today, and the line that is written when it is done. */
final class TodaySheet extends VBox {
    private static final double HOUR = 3600;

    private final Desk desk;
    private final Label sum = new Label();
    private final Label life = Text.said("due-life");
    private final Table<DueList.Due> due;
    private final ComboBox<LogEntry.Work> work;

    TodaySheet(Desk desk) {
        super(8);
        this.desk = desk;
        sum.setId("run-hours");
        sum.getStyleClass().add("big-number");
        due = new Table<>(
                "due",
                each -> each.work().name(),
                List.of(
                        Table.Column.<DueList.Due>words(
                                        "what", each -> each.work().word())
                                .marked(each -> over(each) >= 0 ? Optional.of(Severity.WATCH) : Optional.empty()),
                        Table.Column.numbers("due at", () -> "h", DueList.Due::dueAt, each -> hours(each.dueAt())),
                        Table.Column.numbers("from now", () -> "h", each -> -over(each), each -> hours(-over(each)))),
                this::picked);
        due.whenEmpty("Nothing is due.");
        Form form = new Form(desk::units, "note", "Note it down");
        work = form.wideChoice("what", () -> List.of(LogEntry.Work.values()), LogEntry.Work::word);
        fields(form);
        form.refresh();
        getChildren()
                .addAll(
                        sum,
                        due,
                        life,
                        form,
                        Text.line(
                                "Hours are common practice for a new mount; the maker's book, and what the machine tells you, come first."));
    }

    private void fields(Form form) {
        TextField day = form.text("day", "empty: today");
        TextField hours = form.text("hours", "since it went in; empty: as before");
        TextField starts = form.text("starts", "since it went in; empty: as before");
        TextField way = form.text("km", "since it went in; empty: as before");
        TextField where = form.text("where", "M1, chain, seat");
        TextField measured = form.text("measured", "38 mm, 0.4 %, 6.2 mm/s");
        TextField found = form.text("found", "what was seen");
        TextField changed = form.text("changed", "what was done");
        TextField photo = form.text("photo", "its file beside the job");
        form.button("Write it down", () -> {
            if (work.getValue() == null) {
                throw new InvalidValue("what", "is empty, choose what was done");
            }
            Optional<LogEntry> last = book().last();
            desk.session()
                    .apply(new RunEdit.Note(new LogEntry(
                            day.getText().isBlank()
                                    ? LocalDate.now().toString()
                                    : day.getText().strip(),
                            hours.getText().isBlank()
                                    ? last.map(LogEntry::hours).orElse(0.0)
                                    : read(hours, Kind.DURATION),
                            starts.getText().isBlank()
                                    ? last.map(LogEntry::starts).orElse(0)
                                    : whole(starts),
                            way.getText().isBlank()
                                    ? last.map(LogEntry::distance).orElse(0.0)
                                    : 1000 * read(way, Kind.COUNT),
                            work.getValue(),
                            where.getText().strip(),
                            found.getText().strip(),
                            changed.getText().strip(),
                            measured.getText().isBlank() ? 0 : read(measured, measuredKind()),
                            photo.getText().strip())));
        });
    }

    private Kind measuredKind() {
        return work.getValue()
                .measures()
                .orElseThrow(() -> new InvalidValue(
                        "measured",
                        "has no place here: write what was seen where "
                                + work.getValue().word()));
    }

    private double read(TextField field, Kind kind) {
        return Entry.read(field.getText(), kind, desk.units()).si();
    }

    private int whole(TextField field) {
        double typed = read(field, Kind.COUNT);
        if (typed != Math.rint(typed) || Math.abs(typed) > Integer.MAX_VALUE) {
            throw new InvalidValue("starts", "is no whole number");
        }
        return (int) typed;
    }

    private void picked(DueList.Due row) {
        work.setValue(row.work());
    }

    private Book book() {
        return desk.session().job().book();
    }

    private double over(DueList.Due each) {
        return each.over(book().hours());
    }

    private static String hours(double seconds) {
        return String.format(Locale.ROOT, "%.1f", seconds / HOUR);
    }

    Leaves.Leaf leaf() {
        return new Leaves.Leaf(this, this::refresh);
    }

    /** The shortest life that was told, where somebody has looked at Load. */
    private Optional<Double> shortestLife() {
        return Optional.ofNullable(desk.proof().shownProperty().get())
                .flatMap(shown -> shown)
                .flatMap(LiveStudy.Studied::answer)
                .flatMap(LoadProof::shortestLife);
    }

    private void refresh() {
        Optional<Double> shortest = shortestLife();
        DueList list = DueList.of(desk.session().job(), shortest);
        sum.setText(
                book().log().isEmpty()
                        ? "Not started yet"
                        : hours(list.hours()) + " h, " + list.now().size() + " due");
        life.setText(shortest.map(each ->
                        "Shortest life told at Load: " + hours(each) + " h; welds are looked at four times within it.")
                .orElse("Open Load, Lives, once: looks for cracks then follow the shortest life told there."));
        due.show(list.items());
    }
}
