package oddcradle.desktop.step.shake;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.search.MountRanking;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.chart.Axis;
import oddcradle.desktop.chart.Chart;
import oddcradle.desktop.chart.Curve;
import oddcradle.desktop.chart.Diagram;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.Table;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.slate.WorkBar;
import oddcradle.desktop.store.Desk;

/** Every isolator of the shelf under this engine: a few by name, all in a table; what is picked is shown in the stand before it is taken. */
final class ChooseSheet extends VBox {
    private final Desk desk;
    private final Label said = new Label();
    private final VBox named = new VBox(4);
    private final Table<MountRanking.Choice> table;
    private final Button take = new Button("Take the picked one");
    private final Chart front;
    private Optional<MountRanking.Result> result = Optional.empty();
    private Optional<MountRanking.Choice> picked = Optional.empty();
    private Job resultFor;
    private UnitStyle toldIn;

    ChooseSheet(Desk desk, Palette palette) {
        super(6);
        this.desk = desk;
        Button run = new Button("Try every isolator of the shelf");
        run.setId("choose-run");
        run.getStyleClass().add("cure-button");
        run.setOnAction(click -> rank());
        said.setId("choose-said");
        said.setWrapText(true);
        said.setMinHeight(USE_PREF_SIZE);
        named.setId("choose-named");
        table = new Table<>(
                "choose",
                ChooseSheet::key,
                List.of(
                        Table.Column.words("isolator", this::words),
                        Table.Column.numbers("idle", () -> "N", MountRanking.Choice::idle, choice -> desk.units()
                                .number(Quantity.force(choice.idle()))),
                        Table.Column.numbers("cruise", () -> unit(), MountRanking.Choice::cruise, this::cruise),
                        Table.Column.numbers(
                                "moves",
                                () -> desk.units().typedUnit(Kind.LENGTH),
                                MountRanking.Choice::motion,
                                choice -> desk.units().number(Quantity.length(choice.motion())))),
                this::pick);
        take.setId("choose-take");
        take.getStyleClass().add("cure-button");
        take.setOnAction(click -> picked.ifPresent(this::take));
        front = new Chart("choose-front", palette, 200);
        getChildren().addAll(run, new WorkBar(desk.work()), said, named, front, table, take);
    }

    private static String key(MountRanking.Choice choice) {
        return choice.name() + " " + choice.element();
    }

    private String words(MountRanking.Choice choice) {
        String all =
                choice.element().isHard() ? choice.name() : choice.element().in(desk.units());
        return (choice.best() ? "• " : "") + all + (choice.strain() > 1 ? ", overstrained at rest" : "");
    }

    private boolean ofPerson() {
        return result.map(MountRanking.Result::person).orElse(false);
    }

    private String unit() {
        return ofPerson() ? desk.units().unit(Quantity.vibration(1)) : "N";
    }

    private String cruise(MountRanking.Choice choice) {
        return number(choice.cruise());
    }

    /** In N throughout, whatever the size: a column has one unit. */
    private String number(double cruise) {
        return ofPerson() ? desk.units().number(Quantity.vibration(cruise)) : Long.toString(Math.round(cruise));
    }

    private List<String> mounts() {
        return desk.session().job().cradle().isolators().stream()
                .map(Isolator::id)
                .toList();
    }

    private void rank() {
        Examination now = desk.examination();
        said.setText("");
        desk.work()
                .start(
                        "trying",
                        progress -> MountRanking.of(now, desk.shelves(), progress),
                        found -> {
                            result = found;
                            resultFor = now.job();
                            tell();
                        },
                        said::setText);
    }

    private void pick(MountRanking.Choice choice) {
        picked = Optional.of(choice);
        take.setDisable(false);
        result.ifPresent(found -> front.show(front(found.choices())));
        desk.previews().look(desk.examination(), choice.taking(mounts()));
    }

    private void take(MountRanking.Choice choice) {
        desk.previews().end();
        desk.apply(choice.taking(mounts()));
    }

    private void tell() {
        toldIn = desk.units();
        named.getChildren().clear();
        picked = Optional.empty();
        take.setDisable(true);
        boolean there = result.isPresent();
        table.setVisible(there);
        table.setManaged(there);
        take.setVisible(there);
        take.setManaged(there);
        front.setVisible(there);
        front.setManaged(there);
        if (!there) {
            said.setText(
                    resultFor == null
                            ? "All mounts alike, where they are: what the frame gets at idle, what is felt at cruise, how far the engine shakes."
                            : "Nothing to try: mount the engine on a frame that stands without it (Cradle, Mounts).");
            return;
        }
        said.setText("• none is better in all three at once. At idle and cruise "
                + (ofPerson() ? "force at a mount and velocity of a person" : "force at a mount")
                + ", idle in N, cruise in " + unit() + ", moves in "
                + desk.units().typedUnit(Kind.LENGTH)
                + " at the output shaft. What drive and load move comes on top: look at the notes before taking one."
                + (result.get().finished() ? "" : " Ended before all were tried."));
        result.get().named().forEach(each -> named.getChildren().add(button(each)));
        named.getChildren().add(Text.line(result.get().isolation().in(desk.units())));
        named.getChildren().add(Text.head("Schools side by side, the calmest of each"));
        result.get().schools().forEach(each -> named.getChildren().add(button(each)));
        table.show(result.get().choices());
        front.show(front(result.get().choices()));
    }

    /** None on the curve is better in both: what is won at cruise is paid at idle. Of those whose rubber lasts. */
    private Diagram front(List<MountRanking.Choice> choices) {
        double per = ofPerson() ? desk.units().inUnits(Quantity.vibration(1)) : 1;
        List<MountRanking.Choice> lasting = choices.stream()
                .filter(choice -> choice.strain() <= 1 && !choice.element().isHard())
                .sorted(Comparator.comparingDouble(MountRanking.Choice::idle))
                .toList();
        List<Curve.Point> best = new ArrayList<>();
        double least = Double.POSITIVE_INFINITY;
        for (MountRanking.Choice choice : lasting) {
            if (choice.cruise() < least) {
                least = choice.cruise();
                best.add(new Curve.Point(choice.idle(), choice.cruise() * per));
            }
        }
        List<Curve> curves = new ArrayList<>(List.of(new Curve("best in both", best, 0, true)));
        picked.ifPresent(choice -> curves.add(
                new Curve("picked", List.of(new Curve.Point(choice.idle(), choice.cruise() * per)), 1, true)));
        return new Diagram(
                Axis.of("force at a mount at idle, N", curves.stream().flatMapToDouble(curve -> curve.points().stream()
                        .mapToDouble(Curve.Point::x))),
                Axis.of(
                        (ofPerson() ? "felt at cruise, " : "force at a mount at cruise, ") + unit(),
                        curves.stream().flatMapToDouble(curve -> curve.points().stream()
                                .mapToDouble(Curve.Point::y))),
                curves,
                List.of(),
                List.of());
    }

    /** Takes a choice; says what it does, and between what it lies with rubber as it is delivered. */
    private Button button(MountRanking.Named each) {
        MountRanking.Choice choice = each.choice();
        List<MountRanking.Choice> delivered = result.orElseThrow().asDelivered(choice);
        double most = delivered.stream()
                .mapToDouble(MountRanking.Choice::cruise)
                .max()
                .orElse(choice.cruise());
        String words = each.words().in(desk.units());
        String name =
                choice.element().isHard() ? choice.name() : choice.element().in(desk.units());
        String off = number(most).equals(cruise(choice)) ? "" : " (to " + number(most) + " with rubber 5 Shore off)";
        Button button = new Button(words + (words.equals(name) ? "" : ", " + name) + ": idle "
                + desk.units().show(Quantity.force(choice.idle())) + ", cruise " + cruise(choice)
                + off
                + " " + unit() + ", moves " + desk.units().show(Quantity.length(choice.motion())));
        button.getStyleClass().addAll("cure-button", "left-button");
        button.setWrapText(true);
        button.setMaxWidth(Double.MAX_VALUE);
        button.setMinHeight(USE_PREF_SIZE);
        button.setOnMouseEntered(over -> desk.previews().look(desk.examination(), choice.taking(mounts())));
        button.setOnMouseExited(away -> desk.previews().end());
        button.setOnAction(click -> take(choice));
        return button;
    }

    /** What was found belongs to the engine and frame it was found for; another isolator leaves it as it is. */
    void refresh() {
        boolean stale = resultFor != null && !sameBut(desk.session().job(), resultFor);
        if (stale) {
            result = Optional.empty();
            resultFor = null;
        }
        if (stale || desk.units() != toldIn) {
            tell();
        }
    }

    private static boolean sameBut(Job now, Job before) {
        List<Isolator> isolators = before.cradle().isolators();
        return now.cradle().isolators().size() == isolators.size()
                && now.withCradle(now.cradle().withIsolators(isolators)).equals(before);
    }
}
