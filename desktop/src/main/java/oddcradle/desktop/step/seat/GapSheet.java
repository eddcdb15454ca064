package oddcradle.desktop.step.seat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.clearance.Allowance;
import oddcradle.core.clearance.Gap;
import oddcradle.core.finding.Severity;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.edit.SeatEdit;
import oddcradle.core.job.make.Build;
import oddcradle.core.job.seat.Clearances;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.ShareBars;
import oddcradle.desktop.slate.Table;
import oddcradle.desktop.slate.WordField;
import oddcradle.desktop.store.Desk;

/** The ledger: every gap, worst first, what it draws nearer by and the room it has to keep; one is opened and given its own rule. */
final class GapSheet extends VBox {
    private static final int ROWS = 200;

    private final Desk desk;
    private final Palette palette;
    private final Label title;
    private final Table<Gap> table;
    private final Label opened = new Label();
    private final ShareBars bars;
    private final QuantityField room;
    private final WordField reason;
    private final Button asOthers = new Button("as others of its kind");
    private final List<QuantityField> kinds = new ArrayList<>();
    private final QuantityField rise;
    private final QuantityField whip;
    private String part = "";
    private String obstacle = "";

    GapSheet(Desk desk, Palette palette) {
        super(6);
        this.desk = desk;
        this.palette = palette;
        Label colours = new Label(
                "In the stand a part is the darker the less it has to spare below 40 mm, and red where too near.");
        colours.setWrapText(true);
        colours.setMinHeight(USE_PREF_SIZE);
        title = head("");
        table = new Table<>("gap", GapSheet::key, columns(), this::open);
        table.whenEmpty("Nothing of the engine is near anything.");
        getChildren().addAll(title, table, colours);
        opened.setWrapText(true);
        opened.setMinHeight(USE_PREF_SIZE);
        opened.setId("gap-opened");
        bars = new ShareBars(palette);
        room = new QuantityField("gap-room", "Room of this pair", Kind.LENGTH, this::setRoom);
        reason = new WordField("gap-reason", "Because", "why this pair differs", this::setReason);
        asOthers.setId("gap-as-others");
        asOthers.getStyleClass().add("plain-button");
        asOthers.setOnAction(click -> desk.apply(new SeatEdit.DropPairRule(part, obstacle)));
        getChildren().addAll(head("The opened pair"), opened, bars, room, reason, asOthers, head("Room by kind"));
        for (Category kind : Category.values()) {
            QuantityField field = new QuantityField(
                    "room-" + kind.word(),
                    kind.word(),
                    Kind.LENGTH,
                    value -> build(build().withRoom(build().room().with(kind, value)), kind.word()));
            kinds.add(field);
            getChildren().add(field);
        }
        rise = new QuantityField(
                "hot-rise",
                "pipes hotter by",
                Kind.TEMPERATURE_RISE,
                value -> clearances(
                        build().clearances()
                                .withMovement(value, build().clearances().chainWhip()),
                        "heat"));
        whip = new QuantityField(
                "chain-whip",
                "chain whips, of its run",
                Kind.SHARE,
                value -> clearances(
                        build().clearances().withMovement(build().clearances().hotRise(), value), "whip"));
        getChildren().addAll(rise, whip);
    }

    private static Label head(String title) {
        Label head = new Label(title);
        head.getStyleClass().add("section-title");
        return head;
    }

    private List<Table.Column<Gap>> columns() {
        return List.of(
                Table.Column.words(
                        "pair",
                        gap -> gap.donorPart().label() + " – " + gap.obstacle().label()),
                length("at rest", gap -> gap.separation().distance()),
                length("works", Gap::left).marked(gap -> Optional.of(severity(gap))),
                length("needs", Gap::limit));
    }

    private Table.Column<Gap> length(String heading, Function<Gap, Double> of) {
        return Table.Column.numbers(heading, () -> desk.units().typedUnit(Kind.LENGTH), of, gap -> desk.units()
                .number(Quantity.length(of.apply(gap))));
    }

    private static String key(Gap gap) {
        return gap.donorPart().id() + "-" + gap.obstacle().id();
    }

    private void open(Gap gap) {
        part = gap.donorPart().id();
        obstacle = gap.obstacle().id();
        desk.selectionProperty().set(Optional.of(part));
        refresh();
    }

    private Build build() {
        return desk.session().job().build();
    }

    private void build(Build build, String what) {
        desk.session().apply(new SeatEdit.SetBuild(build, what));
    }

    private void clearances(Clearances clearances, String what) {
        build(build().withClearances(clearances), what);
    }

    private Optional<Clearances.PairRule> rule() {
        return build().clearances().pair(part, obstacle);
    }

    private void setRoom(double value) {
        String why = rule().map(Clearances.PairRule::reason).orElse("by eye; say why");
        desk.session().apply(new SeatEdit.SetPairRule(new Clearances.PairRule(part, obstacle, value, why)));
    }

    private void setReason(String why) {
        double has = rule().map(Clearances.PairRule::room)
                .orElseGet(() -> gap().map(Gap::limit).orElse(0.0));
        desk.session().apply(new SeatEdit.SetPairRule(new Clearances.PairRule(part, obstacle, has, why)));
    }

    private Optional<Gap> gap() {
        return desk.examination().ledger().near().stream()
                .filter(each -> each.donorPart().id().equals(part)
                        && each.obstacle().id().equals(obstacle))
                .findFirst();
    }

    void refresh() {
        List<Gap> shown = desk.examination().ledger().worst(ROWS);
        if (gap().isEmpty() && !shown.isEmpty()) {
            part = shown.get(0).donorPart().id();
            obstacle = shown.get(0).obstacle().id();
        }
        title.setText("Gaps in " + desk.units().typedUnit(Kind.LENGTH) + ", the tightest first");
        table.show(shown);
        gap().ifPresent(gap -> table.pickOnly(key(gap)));
        gap().ifPresent(this::showOpened);
        for (Category kind : Category.values()) {
            kinds.get(kind.ordinal()).show(build().room().of(kind), desk.units());
        }
        rise.show(build().clearances().hotRise(), desk.units());
        whip.show(build().clearances().chainWhip(), desk.units());
    }

    private static Severity severity(Gap gap) {
        return gap.margin() >= 0 ? Severity.GOOD : gap.left() < gap.limit() / 2 ? Severity.STOP : Severity.WATCH;
    }

    private void showOpened(Gap gap) {
        opened.setText(gap.donorPart().label() + " to " + gap.obstacle().label() + ", " + gap.nature()
                + "; the chance that it is short as measured is "
                + desk.units().show(Quantity.share(gap.chanceShort())));
        List<ShareBars.Bar> steps = new ArrayList<>();
        double need = Math.max(gap.limit(), 1e-6);
        steps.add(bar("at rest", gap.separation().distance(), need, Severity.NOTE));
        for (Allowance allowance : gap.allowances()) {
            steps.add(bar("less " + allowance.why(), allowance.amount(), need, Severity.WATCH));
        }
        steps.add(bar("left", gap.left(), need, severity(gap)));
        bars.show(steps);
        room.show(gap.limit(), desk.units());
        reason.show(rule().map(Clearances.PairRule::reason).orElse(""), desk.units());
        asOthers.setDisable(rule().isEmpty());
    }

    private ShareBars.Bar bar(String name, double amount, double need, Severity severity) {
        return new ShareBars.Bar(
                name,
                desk.units().show(Quantity.length(amount)),
                Math.max(0, amount / need),
                palette.of(severity),
                ShareBars.Past.GOOD);
    }
}
