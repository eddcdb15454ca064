package oddcradle.desktop.step.fit;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import oddcradle.core.fitup.FitLog;
import oddcradle.core.job.FreeMark;
import oddcradle.core.job.edit.SetAsBuilt;
import oddcradle.core.job.fit.AsBuilt;
import oddcradle.core.job.fit.CutAway;
import oddcradle.core.job.fit.Fitting;
import oddcradle.core.job.fit.PanelGap;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.Table;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.Desk;

/** Every time the engine went in or out, and every piece that was cut for it. */
final class LogSheet extends VBox {
    private static final double HOUR = 3600;

    private final Desk desk;
    private final Label sum = Text.said("log-sum");
    private final Table<Fitting> times;
    private final Table<CutAway> pieces;
    private final Table<PanelGap> panels;

    LogSheet(Desk desk) {
        super(8);
        this.desk = desk;
        times = new Table<>(
                "log",
                each -> desk.session().job().asBuilt().fittings().indexOf(each) + each.date(),
                List.of(
                        Table.Column.words("what", LogSheet::told),
                        Table.Column.words("day", Fitting::date),
                        Table.Column.numbers(
                                "time",
                                () -> "h",
                                Fitting::time,
                                each -> String.format(Locale.ROOT, "%.1f", each.time() / HOUR))),
                each -> {});
        times.whenEmpty("It has not been in yet.");
        pieces = new Table<>(
                "pieces",
                each -> desk.session().job().asBuilt().cutAway().indexOf(each) + each.from(),
                List.of(
                        Table.Column.words(
                                "cut from", each -> each.from() + (each.why().isEmpty() ? "" : ": " + each.why())),
                        Table.Column.numbers(
                                "length",
                                () -> desk.units().typedUnit(Kind.LENGTH),
                                CutAway::length,
                                each -> desk.units().number(Quantity.length(each.length())))),
                each -> {});
        pieces.whenEmpty("Nothing was cut away yet.");
        panels = new Table<>(
                "panels",
                PanelGap::id,
                List.of(
                        Table.Column.words("at", PanelGap::label),
                        gap("before", panel -> Optional.of(panel.before())),
                        gap("now", PanelGap::now)),
                each -> {});
        panels.whenEmpty("None was written down.");
        getChildren()
                .addAll(
                        sum,
                        times,
                        went(),
                        Text.head("Pieces cut away"),
                        Text.line("Keep them with their size: the second cut need not be blind."),
                        pieces,
                        cut(),
                        Text.head("Gaps of panels"),
                        Text.line(
                                "Panels seldom fit from the factory. Write their gaps down before the engine goes in; afterwards only what has changed can be its doing."),
                        panels,
                        panel());
    }

    private Table.Column<PanelGap> gap(String name, Function<PanelGap, Optional<Double>> of) {
        return Table.Column.numbers(
                name,
                () -> desk.units().typedUnit(Kind.LENGTH),
                panel -> of.apply(panel).orElse(Double.NaN),
                panel -> of.apply(panel)
                        .map(gap -> desk.units().number(Quantity.length(gap)))
                        .orElse("–"));
    }

    private static String told(Fitting fitting) {
        List<String> words = new ArrayList<>(List.of(fitting.way().word()));
        if (!fitting.touched().isBlank()) {
            words.add("touched: " + fitting.touched());
        }
        if (!fitting.done().isBlank()) {
            words.add("done: " + fitting.done());
        }
        return String.join("; ", words);
    }

    Leaves.Leaf leaf() {
        return new Leaves.Leaf(this, this::refresh);
    }

    private Form went() {
        Form form = new Form(desk::units, "went", "In or out once more");
        ComboBox<Fitting.Way> way = form.choice("it went", List.of(Fitting.Way.values()), Fitting.Way::word);
        TextField day = form.text("day", "empty: today");
        TextField took = form.text("took", "1.5 h");
        TextField touched = form.text("touched", "what stood in the way");
        TextField done = form.text("done", "what was cut or moved for it");
        TextField photo = form.text("photo", "its file beside the job");
        return form.button("Write it down", () -> {
            double time = took.getText().isBlank()
                    ? 0
                    : Entry.read(took.getText(), Kind.TIME, desk.units()).si();
            AsBuilt built = desk.session().job().asBuilt();
            List<Fitting> all = new ArrayList<>(built.fittings());
            all.add(new Fitting(
                    day.getText().isBlank()
                            ? LocalDate.now().toString()
                            : day.getText().strip(),
                    way.getValue(),
                    time,
                    touched.getText().strip(),
                    done.getText().strip(),
                    photo.getText().strip()));
            desk.session()
                    .apply(new SetAsBuilt(
                            built.withFittings(all), "engine " + way.getValue().word(), "log"));
        });
    }

    private Form cut() {
        Form form = new Form(desk::units, "piece", "Another piece");
        TextField from = form.text("from", "front tube");
        TextField length = form.text("length", "how much came off");
        TextField why = form.text("why", "sat high on the left");
        return form.button("Keep it", () -> {
            AsBuilt built = desk.session().job().asBuilt();
            List<CutAway> all = new ArrayList<>(built.cutAway());
            all.add(new CutAway(
                    LocalDate.now().toString(),
                    from.getText().strip(),
                    Entry.read(length.getText(), Kind.LENGTH, desk.units()).si(),
                    why.getText().strip()));
            desk.session().apply(new SetAsBuilt(built.withCutAway(all), "piece cut from " + from.getText(), "piece"));
        });
    }

    /** A gap once more at the same place is how it is with the engine in. */
    private Form panel() {
        Form form = new Form(desk::units, "panel", "A gap; the same place again is how it is now");
        TextField where = form.text("at", "hood, left front");
        TextField gap = form.text("gap", "4.5");
        return form.button("Write it down", () -> {
            AsBuilt built = desk.session().job().asBuilt();
            double read = Entry.read(gap.getText(), Kind.LENGTH, desk.units()).si();
            String label = where.getText().strip();
            List<PanelGap> all = new ArrayList<>(built.panels());
            int known = all.stream().map(PanelGap::label).toList().indexOf(label);
            if (known >= 0) {
                all.set(known, all.get(known).withNow(Optional.of(read)));
            } else {
                all.add(new PanelGap(
                        FreeMark.of("P", all.stream().map(PanelGap::id).toList()),
                        label,
                        read,
                        Optional.empty(),
                        LocalDate.now().toString()));
            }
            desk.session().apply(new SetAsBuilt(built.withPanels(all), "gap at " + label, "panel"));
        });
    }

    private void refresh() {
        AsBuilt built = desk.session().job().asBuilt();
        FitLog log = FitLog.of(built);
        times.show(built.fittings());
        pieces.show(built.cutAway());
        panels.show(built.panels());
        sum.setText(String.format(
                Locale.ROOT,
                "In %d×, out %d×, %.1f hours in all; %s cut away. Who fits by hand and eye tells of %d times and more.",
                log.in(),
                log.out(),
                log.time() / HOUR,
                desk.units().show(Quantity.length(log.cut())),
                FitLog.BY_HAND));
    }
}
