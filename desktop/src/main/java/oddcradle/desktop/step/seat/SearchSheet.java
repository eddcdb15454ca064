package oddcradle.desktop.step.seat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.edit.SeatEdit;
import oddcradle.core.job.seat.SeatPlan;
import oddcradle.core.job.seat.SeatWishes;
import oddcradle.core.search.SeatAnswer;
import oddcradle.core.search.SeatConflict;
import oddcradle.core.search.SeatSearch;
import oddcradle.core.search.SharedSeat;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.WorkBar;
import oddcradle.desktop.store.Desk;

/** What the seat is searched for, within which bounds, and the answers as cards. */
final class SearchSheet extends VBox {
    private static final List<String> AIMS = List.of(
            "weight low",
            "left and right even",
            "front share kept",
            "machine's weight kept",
            "leg room",
            "room round pipes",
            "room at the intake",
            "short cradle");

    private final Desk desk;
    private final Palette palette;
    private final List<QuantityField> weights = new ArrayList<>();
    private final QuantityField ground;
    private final Map<Freedom, QuantityField> lows = new EnumMap<>(Freedom.class);
    private final Map<Freedom, QuantityField> highs = new EnumMap<>(Freedom.class);
    private final VBox ranges = new VBox(3);
    private final VBox cards = new VBox(8);
    private final Label said = new Label();
    private final ComboBox<String> other = new ComboBox<>();

    /** An answer and the machine with the donor in that seat. */
    private record Found(SeatAnswer answer, Examination examination) {}

    private record Answers(SeatSearch.Result result, List<Found> found) {}

    SearchSheet(Desk desk, Palette palette) {
        super(6);
        this.desk = desk;
        this.palette = palette;
        Button search = new Button("Search the best seats");
        search.setId("search-run");
        search.getStyleClass().add("cure-button");
        search.setOnAction(click -> search());
        said.setWrapText(true);
        said.setMinHeight(USE_PREF_SIZE);
        said.setId("search-said");
        said.setText("Every seat that datum and holds leave open is looked at; what is too near is out.");
        cards.setId("search-cards");
        getChildren()
                .addAll(
                        search,
                        new WorkBar(desk.work()),
                        said,
                        cards,
                        shared(),
                        head("How much each aim counts, 0 to 10"));
        for (int k = 0; k < AIMS.size(); k++) {
            int at = k;
            QuantityField field = new QuantityField("aim-" + k, AIMS.get(k), Kind.COUNT, value -> weigh(at, value));
            weights.add(field);
            getChildren().add(field);
        }
        ground = new QuantityField(
                "aim-ground", "over the floor at least", Kind.LENGTH, value -> take(wishes().withGround(value)));
        getChildren().addAll(ground, head("Within these bounds"), ranges);
        for (Freedom freedom : Freedom.values()) {
            lows.put(freedom, bound(freedom, "from"));
            highs.put(freedom, bound(freedom, "to"));
        }
    }

    private static Label head(String title) {
        Label head = new Label(title);
        head.getStyleClass().add("section-title");
        return head;
    }

    private Job job() {
        return desk.session().job();
    }

    private SeatWishes wishes() {
        return job().plan().wishes();
    }

    private void take(SeatWishes wishes) {
        SeatPlan plan = job().plan().withWishes(wishes);
        desk.session().apply(new SeatEdit.SetPlan(plan, "what the seat is searched for"));
    }

    private void weigh(int at, double value) {
        List<Double> others = new ArrayList<>(wishes().weights());
        others.set(at, value);
        take(wishes().withWeights(others));
    }

    private QuantityField bound(Freedom freedom, String which) {
        return new QuantityField(
                "bound-" + freedom.word() + "-" + which,
                freedom.word() + " " + which,
                freedom.slides() ? Kind.LENGTH : Kind.ANGLE,
                value -> setBound(freedom, which.equals("from"), value));
    }

    private void setBound(Freedom freedom, boolean low, double value) {
        SeatWishes.Range now = range(freedom);
        SeatWishes.Range then = new SeatWishes.Range(freedom, low ? value : now.from(), low ? now.to() : value);
        List<SeatWishes.Range> all = new ArrayList<>(wishes().ranges());
        all.removeIf(each -> each.freedom() == freedom);
        all.add(then);
        take(wishes().withRanges(all));
    }

    private SeatWishes.Range range(Freedom freedom) {
        return wishes().range(freedom).orElseGet(() -> SeatSearch.bounds(job(), freedom));
    }

    /** One seat for the donor and another that takes turns with it. */
    private HBox shared() {
        other.setId("search-other");
        other.setAccessibleText("donor that takes turns");
        Button both = new Button("One seat for both");
        both.setId("search-both");
        both.getStyleClass().add("cure-button");
        both.setOnAction(click -> searchForBoth());
        HBox row = new HBox(6, other, both);
        row.visibleProperty().bind(other.valueProperty().isNotNull());
        row.managedProperty().bind(row.visibleProperty());
        return row;
    }

    private void searchForBoth() {
        Examination now = desk.examination();
        String name = other.getValue();
        desk.work()
                .start(
                        "searching for both",
                        progress -> SharedSeat.find(now, name, progress),
                        result -> said.setText(words(name, result)),
                        said::setText);
    }

    private String words(String name, SharedSeat.Result result) {
        if (result.seat().isEmpty()) {
            return "No seat was found that serves " + name + " too.";
        }
        StringBuilder text = new StringBuilder(Phrase.of(
                        "Both sit at {} forward, {} up; {} is {} heavier, its weight {} higher.",
                        Quantity.length(result.seat().get().position().x()),
                        Quantity.length(result.seat().get().position().z()),
                        name,
                        Quantity.mass(result.heavier()),
                        Quantity.length(result.higher()))
                .in(desk.units()));
        for (SharedSeat.Difference each : result.differences()) {
            text.append("\n· ")
                    .append(each.boss())
                    .append(" and ")
                    .append(each.other())
                    .append(
                            each.sameHole()
                                    ? " share a hole"
                                    : " lie "
                                            + desk.units()
                                                    .show(Quantity.length(
                                                            each.apart().length())) + " apart");
        }
        return text.toString();
    }

    private void search() {
        Examination now = desk.examination();
        desk.work()
                .start(
                        "searching seats",
                        progress -> {
                            SeatSearch.Result result = SeatSearch.run(now, progress);
                            List<Found> found = new ArrayList<>();
                            for (SeatAnswer answer : result.answers()) {
                                found.add(new Found(
                                        answer, Examination.of(now.job().withSeat(answer.seat()), now)));
                            }
                            return new Answers(result, found);
                        },
                        this::show,
                        said::setText);
    }

    private void show(Answers answers) {
        cards.getChildren().clear();
        SeatSearch.Result result = answers.result();
        said.setText(result.conflict()
                .map(conflict -> words(conflict))
                .orElseGet(() -> String.format(
                        "%,d seats looked at. %s",
                        result.visits(),
                        result.proven() ? "None within the bounds is better." : "Not every seat was decided.")));
        for (int k = 0; k < answers.found().size(); k++) {
            cards.getChildren().add(card(k + 1, answers.found().get(k)));
        }
    }

    private String words(SeatConflict conflict) {
        StringBuilder text = new StringBuilder(Phrase.of(
                        "No seat is free; {} is lacking at best. In each other's way:",
                        Quantity.length(conflict.lacks()))
                .in(desk.units()));
        for (SeatConflict.Relaxed each : conflict.obstacles()) {
            text.append("\n· ")
                    .append(each.label())
                    .append(" (")
                    .append(each.part())
                    .append("): ")
                    .append(
                            Double.isFinite(each.by())
                                    ? desk.units().show(Quantity.length(each.by())) + " less room there is enough"
                                    : "not enough alone");
        }
        return text.toString();
    }

    private HBox card(int number, Found found) {
        SeatAnswer answer = found.answer();
        Job now = job();
        VBox words = new VBox(1);
        words.getChildren().add(head("Seat " + number));
        for (Freedom freedom : Freedom.values()) {
            double by = answer.seat().value(freedom) - now.seat().value(freedom);
            if (Math.abs(by) > (freedom.slides() ? 5e-5 : 1e-4)) {
                Quantity quantity = freedom.slides() ? Quantity.length(by) : Quantity.angle(by);
                words.getChildren()
                        .add(new Label(freedom.word() + " " + (by > 0 ? "+" : "")
                                + desk.units().show(quantity)));
            }
        }
        double low = found.examination().seating().mass().cg().z()
                - desk.examination().seating().mass().cg().z();
        words.getChildren()
                .add(new Label("weight " + desk.units().show(Quantity.length(Math.abs(low)))
                        + (low <= 0 ? " lower" : " higher")));
        long stops = found.examination().report(Step.SEAT).findings().stream()
                .filter(finding -> finding.severity() == Severity.STOP)
                .count();
        words.getChildren()
                .add(new Label(stops == 0 ? "no stop with this cradle" : "with this cradle: " + stops + " × stop"));
        Button sit = new Button("Sit here");
        sit.setId("card-" + number);
        sit.getStyleClass().add("cure-button");
        sit.setOnAction(click -> desk.apply(new SeatEdit.TakeSeat(answer.seat(), "found by search")));
        words.getChildren().add(sit);
        HBox card = new HBox(8, new SeatPicture(found.examination(), palette), words);
        card.getStyleClass().add("field-row");
        return card;
    }

    void refresh() {
        List<Double> now = wishes().weights();
        for (int k = 0; k < now.size(); k++) {
            weights.get(k).show(now.get(k), desk.units());
        }
        ground.show(wishes().ground(), desk.units());
        List<String> others = job().candidates().stream().map(Donor::name).toList();
        if (!other.getItems().equals(others)) {
            other.getItems().setAll(others);
            other.setValue(others.isEmpty() ? null : others.get(0));
        }
        List<QuantityField> wanted = new ArrayList<>();
        for (Freedom freedom : desk.examination().openFreedoms()) {
            if (!job().seat().isHeld(freedom)) {
                SeatWishes.Range range = range(freedom);
                lows.get(freedom).show(range.from(), desk.units());
                highs.get(freedom).show(range.to(), desk.units());
                wanted.add(lows.get(freedom));
                wanted.add(highs.get(freedom));
            }
        }
        if (!ranges.getChildren().equals(wanted)) {
            ranges.getChildren().setAll(wanted);
        }
    }
}
