package oddcradle.desktop.step.run;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import oddcradle.core.finding.Step;
import oddcradle.core.job.FreeMark;
import oddcradle.core.job.book.Purchase;
import oddcradle.core.job.book.WorkTask;
import oddcradle.core.job.edit.RunEdit;
import oddcradle.core.keeping.EveningPlan;
import oddcradle.core.keeping.MoneySum;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.Table;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.Desk;

/** Work planned against work done, and which evening does what. */
final class EveningSheet extends VBox {
    private static final double HOUR = 3600;
    private static final int SHOWN = 12;

    private final Desk desk;
    private final Label big = new Label();
    private final Label hours = Text.said("work-hours");
    private final Table<WorkTask> tasks;
    private final VBox days = new VBox(4);
    private final List<Form> forms = new ArrayList<>();

    EveningSheet(Desk desk) {
        super(8);
        this.desk = desk;
        big.setId("work-ends");
        big.getStyleClass().add("big-number");
        days.setId("evenings");
        tasks = new Table<>(
                "work",
                WorkTask::id,
                List.of(
                        Table.Column.words("work", each -> (each.done() ? "✓ " : "") + each.label()),
                        hours("planned", WorkTask::planned),
                        hours("worked", WorkTask::worked)),
                each -> {});
        tasks.whenEmpty("No work is planned yet.");
        getChildren()
                .addAll(
                        big,
                        hours,
                        tasks,
                        worked(),
                        Text.head("Evenings"),
                        days,
                        another(),
                        Text.line(
                                "Which days have time is told at Things, evenings. A part that is late moves its work; the next goes first meanwhile."));
    }

    private static Table.Column<WorkTask> hours(String name, ToDoubleFunction<WorkTask> of) {
        return Table.Column.numbers(
                name,
                () -> "h",
                of::applyAsDouble,
                each -> String.format(Locale.ROOT, "%.1f", of.applyAsDouble(each) / HOUR));
    }

    private Form worked() {
        Form form = new Form(desk::units, "worked", "Worked on it");
        ComboBox<WorkTask> which = form.wideChoice(
                "at",
                () -> desk.session().job().book().tasks().stream()
                        .filter(each -> !each.done())
                        .toList(),
                WorkTask::label);
        TextField time = form.text("for", "2.5 h");
        ComboBox<Boolean> done =
                form.choice("then it is", List.of(false, true), each -> each ? "done" : "not done yet");
        forms.add(form);
        return form.button("Note it", () -> {
            if (which.getValue() == null) {
                throw new InvalidValue("at", "is empty, choose the work");
            }
            double more = time.getText().isBlank() ? 0 : read(time);
            WorkTask now = which.getValue();
            desk.session()
                    .apply(new RunEdit.SetTask(
                            now.withWorked(now.worked() + more).withDone(done.getValue())));
        });
    }

    private Form another() {
        Form form = new Form(desk::units, "task", "Another piece of work");
        TextField what = form.text("what", "chain guard");
        ComboBox<Step> step = form.choice("belongs to", List.of(Step.values()), Step::title);
        TextField time = form.text("takes", "4 h");
        ComboBox<String> needs = form.wideChoice("waits for", this::waitable, this::partLabel);
        forms.add(form);
        return form.button("Plan it", () -> {
            if (what.getText().isBlank()) {
                throw new InvalidValue("what", "is empty, write what is to be done");
            }
            desk.session()
                    .apply(new RunEdit.SetTask(new WorkTask(
                            FreeMark.of(
                                    "T",
                                    desk.session().job().book().tasks().stream()
                                            .map(WorkTask::id)
                                            .toList()),
                            what.getText().strip(),
                            step.getValue() == null ? Step.MAKE : step.getValue(),
                            read(time),
                            0,
                            false,
                            needs.getValue() == null || needs.getValue().isEmpty()
                                    ? List.of()
                                    : List.of(needs.getValue()))));
        });
    }

    private List<String> waitable() {
        List<String> all = new ArrayList<>(List.of(""));
        desk.session().job().book().purchases().stream()
                .filter(each -> !each.arrived())
                .map(Purchase::id)
                .forEach(all::add);
        return all;
    }

    private String partLabel(String id) {
        return desk.session().job().book().purchases().stream()
                .filter(each -> each.id().equals(id))
                .map(Purchase::label)
                .findFirst()
                .orElse("nothing");
    }

    private double read(TextField field) {
        return Entry.read(field.getText(), Kind.DURATION, desk.units()).si();
    }

    Leaves.Leaf leaf() {
        return new Leaves.Leaf(this, this::refresh);
    }

    private void refresh() {
        EveningPlan plan =
                EveningPlan.of(desk.session().job().book(), LocalDate.now().toString());
        MoneySum sum = MoneySum.of(desk.examination());
        big.setText(plan.ends()
                .map(day -> "Ready by " + day)
                .orElse(plan.waiting().isEmpty() ? "Nothing left to do" : "Waits for parts"));
        hours.setText(String.format(Locale.ROOT, "%.1f h worked, %.1f h left. ", sum.worked() / HOUR, sum.left() / HOUR)
                + sum.steps().stream()
                        .map(each -> String.format(
                                Locale.ROOT,
                                "%s %.1f of %.1f",
                                each.step().title(),
                                each.worked() / HOUR,
                                each.planned() / HOUR))
                        .collect(Collectors.joining(", ")));
        tasks.show(desk.session().job().book().tasks());
        days.getChildren().clear();
        plan.evenings().stream().limit(SHOWN).forEach(evening -> days.getChildren()
                .add(Text.line(evening.date() + "  "
                        + evening.work().stream()
                                .map(share -> String.format(
                                        Locale.ROOT,
                                        "%s %.1f h%s",
                                        share.task().label(),
                                        share.time() / HOUR,
                                        share.ends() ? ", done" : ""))
                                .collect(Collectors.joining("; ")))));
        plan.waiting().forEach(each -> days.getChildren()
                .add(Text.line(each.task().label() + " waits for " + String.join(", ", each.parts())
                        + ": nobody knows till when.")));
        forms.forEach(Form::refresh);
    }
}
