package oddcradle.desktop.step.shake;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Severity;
import oddcradle.core.search.ShakeInTime;
import oddcradle.core.search.TimeWords;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.chart.Axis;
import oddcradle.desktop.chart.Chart;
import oddcradle.desktop.chart.Curve;
import oddcradle.desktop.chart.Diagram;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.Table;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.slate.WhyLink;
import oddcradle.desktop.slate.WorkBar;
import oddcradle.desktop.store.Desk;

/** Starts, stops and jolts followed in time: how far the engine goes, what a mount gets, which gap is left. */
final class InTimeSheet extends VBox {
    private static final double FAINT = 0.5;
    private static final int SLOWER = 5;

    private final Desk desk;
    private final Label said = Text.said("time-said");
    private final Table<ShakeInTime.Event> table;
    private final VBox told = new VBox(4);
    private final Chart chart;
    private List<ShakeInTime.Event> events = List.of();
    private Examination of;
    private Optional<ShakeInTime.Event> picked = Optional.empty();
    private final Button play = new Button("Show it move");
    private final MovingDonor donor;

    InTimeSheet(Desk desk, Palette palette) {
        super(6);
        this.desk = desk;
        Button run = Text.button("time-run", "Follow starts, stops and jolts", this::follow);
        table = new Table<>(
                "time",
                ShakeInTime.Event::id,
                List.of(
                        Table.Column.words("what happens", ShakeInTime.Event::label),
                        Table.Column.numbers(
                                "goes",
                                () -> desk.units().typedUnit(Kind.LENGTH),
                                ShakeInTime.Event::travel,
                                event -> length(event.travel())),
                        Table.Column.numbers(
                                "mount gets",
                                () -> "N",
                                ShakeInTime.Event::force,
                                event -> Long.toString(Math.round(event.force()))),
                        Table.Column.<ShakeInTime.Event>numbers(
                                        "gap left",
                                        () -> desk.units().typedUnit(Kind.LENGTH),
                                        event -> event.near()
                                                .map(ShakeInTime.Near::left)
                                                .orElse(Double.POSITIVE_INFINITY),
                                        event -> event.near()
                                                .map(near -> length(near.left()))
                                                .orElse("–"))
                                .marked(InTimeSheet::mark)),
                this::pick);
        told.setId("time-told");
        donor = new MovingDonor(desk, this);
        play.setId("time-play");
        play.getStyleClass().add("cure-button");
        play.setOnAction(click -> {
            if (donor.isPlaying()) {
                donor.stop();
                tell();
            } else {
                picked.ifPresent(this::play);
            }
        });
        chart = new Chart("time-chart", palette, 190);
        getChildren().addAll(run, new WorkBar(desk.work()), said, table, told, chart);
    }

    private String length(double metres) {
        return desk.units().number(Quantity.length(metres));
    }

    private static Optional<Severity> mark(ShakeInTime.Event event) {
        return event.near()
                .filter(near -> near.left() < near.needed())
                .map(near -> near.left() < 0 ? Severity.STOP : Severity.WATCH);
    }

    private void follow() {
        Examination now = desk.examination();
        said.setText("");
        desk.work()
                .start(
                        "following",
                        progress -> ShakeInTime.of(now, progress).orElse(List.of()),
                        found -> {
                            events = found;
                            of = now;
                            picked = found.stream().findFirst();
                            refresh();
                        },
                        said::setText);
    }

    /** Slowed down, as far as it really goes. */
    private void play(ShakeInTime.Event event) {
        int pictures = event.motions().size();
        donor.play(
                share -> new MovingDonor.Shown(
                        event.motions().get(Math.min(pictures - 1, (int) (share * pictures))), List.of()),
                SLOWER * pictures * event.step(),
                1);
        tell();
    }

    private void pick(ShakeInTime.Event event) {
        donor.stop();
        picked = Optional.of(event);
        tell();
    }

    void refresh() {
        if (of != desk.examination()) {
            donor.stop();
        }
        boolean there = !events.isEmpty();
        table.setVisible(there);
        table.setManaged(there);
        told.setVisible(there);
        told.setManaged(there);
        chart.setVisible(there);
        chart.setManaged(there);
        said.setText(words());
        double opacity = of == desk.examination() ? 1 : FAINT;
        table.setOpacity(opacity);
        told.setOpacity(opacity);
        chart.setOpacity(opacity);
        if (there) {
            table.show(events);
            tell();
        }
    }

    private String words() {
        if (of == null) {
            return "The engine starts and dies through the resonances of its mounts, and every load case comes at once: how far it"
                    + " goes, what a mount gets, which gap is left, with snubbers.";
        }
        if (events.isEmpty()) {
            return "Nothing swings here: put the donor on soft mounts, or the machine on rubber feet (Cradle, Mounts; Host).";
        }
        if (of != desk.examination()) {
            return "Of the machine before the last change: follow it again.";
        }
        return "Counted from where the engine stands at rest: how far the output shaft goes and the gap left of the pair that comes"
                + " nearest to what it needs in " + desk.units().typedUnit(Kind.LENGTH)
                + ", the force on a mount in N. "
                + (events.stream().allMatch(event -> event.used().isEmpty()) ? TimeWords.NO_SNUBBER : "");
    }

    private void tell() {
        told.getChildren().clear();
        picked.ifPresent(event -> {
            told.getChildren().add(Text.head(event.label() + ": " + event.how()));
            for (var phrase : List.of(
                    TimeWords.moves(event),
                    TimeWords.near(event),
                    TimeWords.snubber(event),
                    TimeWords.counted(event))) {
                told.getChildren().add(Text.line(phrase.in(desk.units())));
            }
            play.setText(donor.isPlaying() ? "Stop" : "Show it move, " + SLOWER + " times as slow");
            play.setDisable(of != desk.examination());
            told.getChildren().add(play);
            told.getChildren().add(new WhyLink(event::label, () -> TimeWords.why(event), desk::units));
            chart.show(diagram(event));
        });
    }

    private Diagram diagram(ShakeInTime.Event event) {
        double per = desk.units().inUnits(Quantity.length(1));
        List<Curve.Point> points = new ArrayList<>();
        for (int k = 0; k < event.trace().size(); k++) {
            points.add(new Curve.Point(k * event.step(), per * event.trace().get(k)));
        }
        return new Diagram(
                Axis.of(
                        "time, s",
                        DoubleStream.of(0, event.step() * event.trace().size())),
                Axis.of(
                        "output shaft from rest, " + desk.units().unit(Quantity.length(1)),
                        points.stream().mapToDouble(Curve.Point::y)),
                List.of(new Curve("", points, 0, false)),
                List.of(),
                List.of());
    }
}
