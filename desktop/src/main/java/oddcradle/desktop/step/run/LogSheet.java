package oddcradle.desktop.step.run;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.job.book.LogEntry;
import oddcradle.core.keeping.ShakenAsPredicted;
import oddcradle.core.search.ShakeMaps;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.chart.Axis;
import oddcradle.desktop.chart.Chart;
import oddcradle.desktop.chart.Curve;
import oddcradle.desktop.chart.Diagram;
import oddcradle.desktop.clip.SaveRequest;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.StudySheet;
import oddcradle.desktop.slate.Table;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.store.Desk;
import oddcradle.files.handout.JobTables;
import oddcradle.files.paper.Packet;
import oddcradle.files.paper.PacketPart;
import oddcradle.files.report.RunText;

/** Every line of the log, and what was measured over the hours. */
final class LogSheet extends VBox {
    private static final double HOUR = 3600;

    private final Desk desk;
    private final Label sum = Text.said("log-told");
    private final Table<LogEntry> lines;
    private final ComboBox<LogEntry.Work> which = new ComboBox<>();
    private final Chart chart;
    private final VBox predicted = new VBox(4);
    private final Leaves.Leaf study;

    LogSheet(Desk desk, Palette palette) {
        super(8);
        this.desk = desk;
        lines = new Table<>(
                "logbook",
                each -> desk.session().job().book().log().indexOf(each) + each.date(),
                List.of(
                        Table.Column.words("what", this::told),
                        Table.Column.words("day", LogEntry::date),
                        Table.Column.numbers(
                                "hours",
                                () -> "h",
                                LogEntry::hours,
                                each -> String.format(Locale.ROOT, "%.1f", each.hours() / HOUR))),
                each -> {});
        lines.whenEmpty("No line yet: write one at Today.");
        which.setId("log-which");
        which.setAccessibleText("measured");
        which.getItems()
                .setAll(Stream.of(LogEntry.Work.values())
                        .filter(each -> each.measures().isPresent())
                        .toList());
        which.setConverter(new Words<>(which.getItems(), LogEntry.Work::word));
        which.setValue(LogEntry.Work.VIBRATION);
        which.setOnAction(choice -> refresh());
        chart = new Chart("chart-log", palette, 200);
        predicted.setId("log-predicted");
        study = new StudySheet<>(desk, desk.shaking(), this::against, predicted).leaf();
        getChildren()
                .addAll(
                        sum,
                        lines,
                        Text.button(
                                "save-log",
                                "Log as a table",
                                () -> save(
                                        "log",
                                        "csv",
                                        JobTables.LOG
                                                .of(desk.examination(), desk.units())
                                                .csv()
                                                .getBytes(StandardCharsets.UTF_8))),
                        Text.button(
                                "save-service", "Service sheet as PDF", () -> save("service sheet", "pdf", service())),
                        Text.head("Measured over the hours"),
                        which,
                        chart,
                        study.node());
    }

    private String told(LogEntry entry) {
        StringBuilder text = new StringBuilder(entry.work().word());
        if (!entry.place().isEmpty()) {
            text.append(", ").append(entry.place());
        }
        RunText.measured(entry, desk.units())
                .ifPresent(value -> text.append(": ").append(value));
        if (!entry.found().isEmpty()) {
            text.append("; ").append(entry.found());
        }
        if (!entry.changed().isEmpty()) {
            text.append("; ").append(entry.changed());
        }
        return text.toString();
    }

    private void save(String of, String ending, byte[] bytes) {
        fireEvent(new SaveRequest(of, Map.of(ending, () -> bytes)));
    }

    private byte[] service() {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            out.write(Packet.of(
                    desk.examination(),
                    new Packet.Wishes(
                            desk.units(),
                            desk.packetPaperProperty().get(),
                            EnumSet.of(PacketPart.SERVICE),
                            LocalDate.now())));
            return out.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException("a page in memory could not be made", impossible);
        }
    }

    Leaves.Leaf leaf() {
        return new Leaves.Leaf(this, this::refresh);
    }

    private void refresh() {
        List<LogEntry> log = desk.session().job().book().log();
        double before = desk.session().job().donor().history().hours();
        sum.setText(
                log.isEmpty()
                        ? before > 0
                                ? String.format(Locale.ROOT, "The engine came with %.0f h on it.", before)
                                : "The engine's hours before it went in are told at Donor."
                        : String.format(
                                Locale.ROOT,
                                "%.1f h, %d starts, %.0f km since it went in%s.",
                                log.get(log.size() - 1).hours() / HOUR,
                                log.get(log.size() - 1).starts(),
                                log.get(log.size() - 1).distance() / 1000,
                                before > 0 ? String.format(Locale.ROOT, "; %.0f h before", before) : ""));
        List<LogEntry> newestFirst = new ArrayList<>(log);
        Collections.reverse(newestFirst);
        lines.show(newestFirst);
        chart.show(diagram(log));
        boolean shaken = which.getValue() == LogEntry.Work.VIBRATION
                && log.stream().anyMatch(each -> each.work() == LogEntry.Work.VIBRATION && each.value() > 0);
        study.node().setVisible(shaken);
        study.node().setManaged(shaken);
        if (shaken) {
            study.refresh().run();
        }
    }

    private void against(ShakeMaps.Maps maps) {
        predicted.getChildren().setAll(Text.head("Against what Shake predicts"));
        ShakenAsPredicted.of(desk.examination(), maps)
                .forEach(each ->
                        predicted.getChildren().add(Text.line(each.words().in(desk.units()))));
    }

    private Diagram diagram(List<LogEntry> log) {
        Map<String, List<Curve.Point>> by = new LinkedHashMap<>();
        LogEntry.Work work = which.getValue();
        for (LogEntry entry : log) {
            if (entry.work() == work && entry.value() > 0) {
                Quantity value = new Quantity(entry.value(), work.measures().orElseThrow());
                by.computeIfAbsent(entry.place(), place -> new ArrayList<>())
                        .add(new Curve.Point(entry.hours() / HOUR, desk.units().inUnits(value)));
            }
        }
        List<Curve> curves = new ArrayList<>();
        by.forEach((place, points) ->
                curves.add(new Curve(place.isEmpty() ? work.word() : place, points, curves.size(), true)));
        chart.setVisible(!curves.isEmpty());
        chart.setManaged(!curves.isEmpty());
        return new Diagram(
                Axis.of("hours run", by.values().stream().flatMap(List::stream).mapToDouble(Curve.Point::x)),
                Axis.of(
                        work.word() + ", "
                                + desk.units().typedUnit(work.measures().orElseThrow()),
                        by.values().stream().flatMap(List::stream).mapToDouble(Curve.Point::y)),
                curves,
                List.of(),
                List.of());
    }
}
