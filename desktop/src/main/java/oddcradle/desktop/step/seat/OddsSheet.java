package oddcradle.desktop.step.seat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Severity;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.SeatEdit;
import oddcradle.core.job.seat.FitErrors;
import oddcradle.core.job.seat.MadeTo;
import oddcradle.core.search.OddsOfFit;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.ShareBars;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.slate.WorkBar;
import oddcradle.desktop.store.Desk;

/** The chance of a first fit, what it is made of, and what raises it most. */
final class OddsSheet extends VBox {
    private static final int TOLD = 6;

    private final Desk desk;
    private final Palette palette;
    private final Label big = new Label();
    private final Label said = new Label();
    private final ShareBars bars;
    private final VBox better = new VBox(4);
    private final QuantityField cut;
    private final QuantityField drill;
    private final QuantityField pull;
    private Optional<OddsOfFit.Result> result = Optional.empty();
    private Job resultFor;

    OddsSheet(Desk desk, Palette palette) {
        super(8);
        this.desk = desk;
        this.palette = palette;
        Button draw = new Button("Fit it 10,000 times");
        draw.setId("odds-run");
        draw.getStyleClass().add("cure-button");
        draw.setOnAction(click -> draw());
        big.setId("odds-all");
        big.getStyleClass().add("slate-title");
        said.setId("odds-said");
        said.setWrapText(true);
        said.setMinHeight(USE_PREF_SIZE);
        bars = new ShareBars(palette);
        better.setId("odds-better");
        cut = error("odds-cut", "a cut tube is out by", FitErrors::cut, (e, v) -> e.with(v, e.drill(), e.pull()));
        drill = error("odds-drill", "a hole is out by", FitErrors::drill, (e, v) -> e.with(e.cut(), v, e.pull()));
        pull = error("odds-pull", "a weld pulls by", FitErrors::pull, (e, v) -> e.with(e.cut(), e.drill(), v));
        Label head = new Label("The shop, one standard deviation");
        head.getStyleClass().add("section-title");
        getChildren().addAll(draw, new WorkBar(desk.work()), big, said, bars, better, head, madeTo(), cut, drill, pull);
        tell();
    }

    private HBox madeTo() {
        ComboBox<MadeTo> box = new ComboBox<>();
        box.setId("odds-made-to");
        box.setAccessibleText("mounts made to");
        box.getItems().setAll(MadeTo.values());
        box.setConverter(new Words<>(List.of(MadeTo.values()), MadeTo::words));
        box.setOnAction(choice -> {
            FitErrors changed = job().plan().errors().withMadeTo(box.getValue());
            if (!changed.equals(job().plan().errors())) {
                desk.session().apply(new SeatEdit.SetPlan(job().plan().withErrors(changed), "shop errors"));
            }
        });
        shows.add(() -> box.setValue(job().plan().errors().madeTo()));
        Label name = new Label("mounts made to");
        name.getStyleClass().add("name");
        HBox row = new HBox(name, box);
        row.getStyleClass().add("field-row");
        return row;
    }

    private interface Change {
        FitErrors with(FitErrors errors, double value);
    }

    private interface Get {
        double of(FitErrors errors);
    }

    private final List<Runnable> shows = new ArrayList<>();

    private QuantityField error(String id, String name, Get get, Change change) {
        QuantityField field = new QuantityField(id, name, Kind.LENGTH, value -> desk.session()
                .apply(new SeatEdit.SetPlan(
                        job().plan().withErrors(change.with(job().plan().errors(), value)), "shop errors")));
        shows.add(() -> field.show(get.of(job().plan().errors()), desk.units()));
        return field;
    }

    private Job job() {
        return desk.session().job();
    }

    private void draw() {
        Examination now = desk.examination();
        desk.work()
                .start(
                        "fitting",
                        progress -> OddsOfFit.of(now, OddsOfFit.DRAWS, progress),
                        odds -> {
                            result = Optional.of(odds);
                            resultFor = now.job();
                            tell();
                        },
                        said::setText);
    }

    private void tell() {
        better.getChildren().clear();
        if (result.isEmpty()) {
            big.setText("");
            said.setText("From every reading's uncertainty, cutting, drilling and the pull of welding.");
            bars.show(List.of());
            return;
        }
        OddsOfFit.Result odds = result.get();
        big.setText(share(odds.odds().all()));
        said.setText("that it all goes together the first time, as measured and made today");
        bars.show(List.of(
                bar("every bolt goes in", odds.odds().bolts()),
                bar("line within tolerance", odds.odds().line()),
                bar("nothing touches", odds.odds().clear())));
        Label head = new Label("What raises it most");
        head.getStyleClass().add("section-title");
        better.getChildren().add(head);
        for (OddsOfFit.Better each :
                odds.better().subList(0, Math.min(TOLD, odds.better().size()))) {
            Label line = new Label(
                    each.what().in(desk.units()) + ": bolts " + share(each.bolts()) + ", all " + share(each.all()));
            line.setWrapText(true);
            line.setMinHeight(USE_PREF_SIZE);
            better.getChildren().add(line);
        }
    }

    private String share(double value) {
        return desk.units().show(Quantity.share(value));
    }

    private ShareBars.Bar bar(String name, double value) {
        Severity severity = value > 0.9 ? Severity.GOOD : value > 0.5 ? Severity.WATCH : Severity.STOP;
        return new ShareBars.Bar(name, share(value), value, palette.of(severity), ShareBars.Past.GOOD);
    }

    void refresh() {
        shows.forEach(Runnable::run);
        if (result.isPresent() && !job().equals(resultFor)) {
            said.setText("The job has changed since; fit it again.");
        }
    }
}
