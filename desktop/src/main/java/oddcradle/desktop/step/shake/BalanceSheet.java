package oddcradle.desktop.step.shake;

import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.balance.Unbalance;
import oddcradle.core.card.Cards;
import oddcradle.core.engine.Crank;
import oddcradle.core.engine.CrankWork;
import oddcradle.core.engine.ForceEllipse;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.BodyEdit;
import oddcradle.core.search.BalanceBench;
import oddcradle.core.search.ShakeMaps;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.chart.Axis;
import oddcradle.desktop.chart.Chart;
import oddcradle.desktop.chart.Curve;
import oddcradle.desktop.chart.Diagram;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.Table;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.slate.WorkBar;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.task.LiveStudy;

/** The balance of the first engine's crank: what is left of its force, what is drilled, filled or put on, and what the mounts get of each share. */
final class BalanceSheet extends VBox {
    /** An ellipse is a circle when its axes differ by less. */
    private static final double ROUND = 0.98;

    private final Desk desk;
    private final Label told = Text.said("balance-told");
    private final QuantityField share;
    private final QuantityField late;
    private final Table<Row> works;
    private final Label sum = Text.said("balance-sum");
    private final Button change = new Button("Change");
    private final DrillForm drill;
    private final Chart chart;
    private final Label chartSaid = Text.said("balance-said");
    private Optional<Row> picked = Optional.empty();
    private List<BalanceBench.ByShare> shares = List.of();
    private Job sharesOf;

    /** A work and its place in the list. */
    private record Row(int at, CrankWork work) {}

    BalanceSheet(Desk desk, Palette palette) {
        super(6);
        this.desk = desk;
        share = new QuantityField(
                "balance-share",
                "share of pistons balanced",
                Kind.SHARE,
                value -> put(crank().withCounterweight(value), "balance factor"));
        late = new QuantityField(
                "balance-late",
                "balance shafts come late",
                Kind.ANGLE,
                value -> put(crank().withBalancerLate(value), "balance shaft"));
        works = new Table<>(
                "balance-works",
                row -> Integer.toString(row.at()),
                List.of(
                        Table.Column.words(
                                "done or planned",
                                row -> row.work().label() + ", "
                                        + row.work().sort().words()),
                        Table.Column.numbers(
                                "adds",
                                () -> desk.units().typedUnit(Kind.UNBALANCE),
                                row -> row.work().amount(),
                                row -> desk.units()
                                        .number(Quantity.unbalance(row.work().amount()))),
                        Table.Column.numbers("at", () -> "°", row -> row.work().angle(), row -> desk.units()
                                .number(Quantity.angle(row.work().angle())))),
                row -> {
                    picked = Optional.of(row);
                    change.setDisable(false);
                });
        works.whenEmpty("Nothing is done to this crank beyond its own weights.");
        Button add = Text.button("balance-add", "Add a hole, plug or weight", () -> {
            put(crank().withOneMore(), "work on the crank");
            open(crank().works().size());
        });
        change.setId("balance-change");
        change.getStyleClass().add("plain-button");
        change.setDisable(true);
        change.setOnAction(click -> picked.ifPresent(row -> open(row.at() + 1)));
        drill = new DrillForm(desk, this::take);
        chart = new Chart("balance-chart", palette, 190);
        Button tryShares = Text.button("balance-try", "Try every share", this::tryShares);
        getChildren()
                .addAll(
                        told,
                        share,
                        late,
                        works,
                        sum,
                        new HBox(6, add, change),
                        Text.head("Plan holes or plugs"),
                        drill,
                        Text.head("What share suits these mounts"),
                        tryShares,
                        new WorkBar(desk.work()),
                        chartSaid,
                        chart);
    }

    private void open(int number) {
        Cards.of(desk.session().job()).stream()
                .filter(card -> card.kind().equals("crank work") && card.id().equals(Integer.toString(number)))
                .findFirst()
                .ifPresent(desk::open);
    }

    private Crank crank() {
        return BalanceBench.crank(desk.session().job());
    }

    private void put(Crank crank, String key) {
        Job job = desk.session().job();
        desk.session()
                .apply(new BodyEdit.ChangeDonor(
                        BalanceBench.withCrank(job, crank).donor(), key, "balance"));
    }

    private void take(List<CrankWork> holes) {
        Crank crank = crank();
        put(
                crank.withWorks(
                        Stream.concat(crank.works().stream(), holes.stream()).toList()),
                "holes for the balance");
    }

    private void tryShares() {
        Examination now = desk.examination();
        Optional<ShakeMaps.Maps> known = desk.shaking()
                .shownProperty()
                .get()
                .filter(shaken -> shaken.of() == now)
                .flatMap(LiveStudy.Studied::answer);
        chartSaid.setText("");
        desk.work()
                .start(
                        "trying shares",
                        progress -> known.or(() -> ShakeMaps.of(now))
                                .map(maps -> BalanceBench.byShare(now.job(), maps.machine(), progress))
                                .orElse(List.of()),
                        found -> {
                            shares = found;
                            sharesOf = now.job();
                            refresh();
                        },
                        chartSaid::setText);
    }

    void refresh() {
        if (desk.examination() == null) {
            return;
        }
        desk.shaking().ask(desk.examination());
        Crank crank = crank();
        share.show(crank.counterweight(), desk.units());
        late.show(crank.balancerLate(), desk.units());
        late.setVisible(crank.balancer() != Crank.Balancer.NONE);
        late.setManaged(late.isVisible());
        double cruise = desk.session().job().donor().engine().cruiseSpeed();
        ForceEllipse left = BalanceBench.left(crank, cruise);
        told.setText(Phrase.of(
                                "Of {} of pistons its weights balance {}. ",
                                Quantity.unbalance(BalanceBench.piston(crank)),
                                Quantity.share(crank.counterweight()))
                        .in(desk.units())
                + left(left));
        works.show(IntStream.range(0, crank.works().size())
                .mapToObj(k -> new Row(k, crank.works().get(k)))
                .toList());
        picked = picked.filter(row -> row.at() < crank.works().size());
        change.setDisable(picked.isEmpty());
        Unbalance all = BalanceBench.works(crank);
        sum.setText(
                crank.works().isEmpty()
                        ? "Angles count from the first crank pin, the way the crank turns."
                        : Phrase.of(
                                        "Together {} at {} from the first crank pin, the way the crank turns.",
                                        Quantity.unbalance(all.amount()),
                                        Quantity.angle(all.angle()))
                                .in(desk.units()));
        drill.refresh();
        boolean known = desk.session().job() == sharesOf;
        boolean there = known && !shares.isEmpty();
        chart.setVisible(there);
        chart.setManaged(there);
        if (known && shares.isEmpty()) {
            chartSaid.setText("Nothing shakes here yet: mount the engine (Cradle, Mounts).");
        } else if (known) {
            chart.show(diagram(crank));
            chartSaid.setText(best());
        } else if (sharesOf != null) {
            chartSaid.setText("");
        }
    }

    private String left(ForceEllipse left) {
        return (left.least() > ROUND * left.most()
                        ? Phrase.of(
                                "At cruise the first order of its inertia is {}, as much every way.",
                                Quantity.force(left.most()))
                        : Phrase.of(
                                "At cruise the first order of its inertia is {} at most, {} from upright, and {} across that.",
                                Quantity.force(left.most()),
                                Quantity.angle(left.angle()),
                                Quantity.force(left.least())))
                .in(desk.units());
    }

    private String best() {
        BalanceBench.ByShare best = shares.get(0);
        for (BalanceBench.ByShare each : shares) {
            if (each.mount() < best.mount()) {
                best = each;
            }
        }
        return Phrase.of(
                        "At cruise, full throttle, the worst mount gets least, {}, with {} balanced{}.",
                        Quantity.force(best.mount()),
                        Quantity.share(best.share()),
                        felt())
                .in(desk.units());
    }

    private String felt() {
        Optional<BalanceBench.ByShare> calmest = shares.stream()
                .filter(each -> each.felt().isPresent())
                .reduce((a, b) -> b.felt().getAsDouble() < a.felt().getAsDouble() ? b : a);
        return calmest.map(each -> Phrase.of(
                                "; people feel least, {}, with {}",
                                Quantity.vibration(each.felt().getAsDouble()),
                                Quantity.share(each.share()))
                        .in(desk.units()))
                .orElse("");
    }

    private Diagram diagram(Crank crank) {
        List<Curve.Point> points = shares.stream()
                .map(each -> new Curve.Point(100 * each.share(), each.mount()))
                .toList();
        return new Diagram(
                Axis.of("share of pistons balanced, %", DoubleStream.of(0, 100)),
                Axis.of(
                        "worst mount at cruise, N",
                        DoubleStream.concat(DoubleStream.of(0), points.stream().mapToDouble(Curve.Point::y))),
                List.of(new Curve("", points, 0, false)),
                List.of(new Diagram.Upright(100 * crank.counterweight(), "now")),
                List.of());
    }
}
