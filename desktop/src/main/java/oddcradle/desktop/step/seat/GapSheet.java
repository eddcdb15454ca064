package oddcradle.desktop.step.seat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
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
import oddcradle.desktop.look.SeverityMark;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.ShareBars;
import oddcradle.desktop.slate.WordField;
import oddcradle.desktop.store.Desk;

/** The ledger: every gap, worst first, what it draws nearer by and the room it has to keep; one is opened and given its own rule. */
final class GapSheet extends VBox {
    private static final int ROWS = 12;

    private final Desk desk;
    private final Palette palette;
    private final List<ToggleButton> names = new ArrayList<>();
    private final List<Label> numbers = new ArrayList<>();
    private final Label opened = new Label();
    private final ShareBars bars;
    private final QuantityField room;
    private final WordField reason;
    private final Button asOthers = new Button("as others of its kind");
    private final List<QuantityField> kinds = new ArrayList<>();
    private final QuantityField rise;
    private final QuantityField whip;
    private List<Gap> shown = List.of();
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
        getChildren().addAll(head("Gap at rest → when it works, room it needs"), colours);
        for (int k = 0; k < ROWS; k++) {
            getChildren().add(row(k));
        }
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

    private HBox row(int k) {
        ToggleButton name = new ToggleButton();
        name.setId("gap-" + k);
        name.getStyleClass().addAll("plain-button", "list-button");
        name.setMaxWidth(Double.MAX_VALUE);
        name.setWrapText(true);
        name.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(name, Priority.ALWAYS);
        name.setOnAction(click -> open(k));
        Label number = new Label();
        number.setMinWidth(USE_PREF_SIZE);
        number.setId("gap-number-" + k);
        names.add(name);
        numbers.add(number);
        HBox row = new HBox(4, name, number);
        row.getStyleClass().add("field-row");
        return row;
    }

    private void open(int k) {
        if (k < shown.size()) {
            part = shown.get(k).donorPart().id();
            obstacle = shown.get(k).obstacle().id();
            desk.selectionProperty().set(Optional.of(part));
            refresh();
        }
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
        shown = desk.examination().ledger().worst(ROWS);
        if (gap().isEmpty() && !shown.isEmpty()) {
            part = shown.get(0).donorPart().id();
            obstacle = shown.get(0).obstacle().id();
        }
        for (int k = 0; k < ROWS; k++) {
            boolean there = k < shown.size();
            names.get(k).getParent().setVisible(there);
            names.get(k).getParent().setManaged(there);
            if (there) {
                show(k, shown.get(k));
            }
        }
        gap().ifPresent(this::showOpened);
        for (Category kind : Category.values()) {
            kinds.get(kind.ordinal()).show(build().room().of(kind), desk.units());
        }
        rise.show(build().clearances().hotRise(), desk.units());
        whip.show(build().clearances().chainWhip(), desk.units());
    }

    private void show(int k, Gap gap) {
        names.get(k).setText(gap.donorPart().label() + " – " + gap.obstacle().label());
        names.get(k)
                .setSelected(
                        gap.donorPart().id().equals(part) && gap.obstacle().id().equals(obstacle));
        numbers.get(k)
                .setText(desk.units().number(Quantity.length(gap.separation().distance()))
                        + " → "
                        + desk.units().number(Quantity.length(gap.left()))
                        + " / "
                        + desk.units().show(Quantity.length(gap.limit())));
        numbers.get(k).getStyleClass().setAll("label", "figure-value", SeverityMark.styleClass(severity(gap)));
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
