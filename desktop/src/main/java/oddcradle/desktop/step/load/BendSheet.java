package oddcradle.desktop.step.load;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Severity;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.FrameResult;
import oddcradle.core.frame.MountResult;
import oddcradle.core.frame.Reaction;
import oddcradle.core.frame.input.ElasticMount;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.math.Vec3;
import oddcradle.core.structure.BentFrame;
import oddcradle.core.structure.CaseVariants;
import oddcradle.core.structure.TubeStress;
import oddcradle.core.structure.TubeStresses;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.look.SeverityMark;
import oddcradle.desktop.slate.Sight;
import oddcradle.desktop.slate.Table;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.store.ChalkMark;
import oddcradle.desktop.store.Desk;

/** Every tube in every load case, and the frame bent by one of them in the stand, with the forces that go through it. */
final class BendSheet extends VBox {
    /** The farthest that anything is shown to move, of the machine's length. */
    private static final double FARTHEST = 0.06;

    /** The longest arrow, of the machine's length. */
    private static final double LONGEST = 0.18;

    /** A force smaller than that share of the greatest has no arrow. */
    private static final double FAINT = 0.03;

    /** A tube that works harder than that is told from the others. */
    private static final double MUCH = 0.7;

    private static final double PICTURES_A_SECOND = 20;
    private static final int PICTURES_A_CASE = 14;
    private static final int PICTURES_HELD = 20;

    private final Desk desk;
    private final Table<TubeStress> table;
    private final ComboBox<LoadCase> choice = new ComboBox<>();
    private final Label told = Text.said("load-bend-told");
    private final Label head = Text.head("");
    private final Button bend = Text.button("load-bend", "Show it bend", this::turn);
    private final Button play = Text.button("load-bend-play", "Case after case", this::playAll);
    private final Timeline timeline = new Timeline();
    private List<LoadCase> cases = List.of();
    private Examination of;
    private List<TubeStress> uses = List.of();
    private Optional<BentFrame> from = Optional.empty();
    private Optional<BentFrame> shown = Optional.empty();
    private double magnified = 1;
    private boolean all;
    private boolean showing;
    private int picture;

    BendSheet(Desk desk) {
        super(6);
        this.desk = desk;
        table = new Table<>(
                "load-by-case",
                use -> use.tube().id() + " " + use.load().id(),
                List.of(
                        Table.Column.words("case", use -> use.load().label()),
                        Table.Column.words("tube", use -> use.tube().id()),
                        Table.Column.<TubeStress>numbers(
                                        "utilisation", () -> "%", TubeStress::utilisation, use -> desk.units()
                                                .number(Quantity.share(use.utilisation())))
                                .marked(use -> use.utilisation() > 1 ? Optional.of(Severity.STOP) : Optional.empty()),
                        Table.Column.numbers(
                                "stress",
                                () -> desk.units().unit(Quantity.stress(1e6)),
                                TubeStress::stress,
                                use -> desk.units().number(Quantity.stress(use.stress())))),
                this::picked);
        choice.setId("load-case");
        choice.setAccessibleText("load case");
        choice.setMaxWidth(Double.MAX_VALUE);
        choice.setOnAction(click -> {
            if (!showing && choice.getValue() != null) {
                show(choice.getValue());
            }
        });
        timeline.setCycleCount(Animation.INDEFINITE);
        timeline.getKeyFrames().setAll(new KeyFrame(Duration.seconds(1 / PICTURES_A_SECOND), tick -> next()));
        sceneProperty().addListener(change -> {
            if (getScene() == null) {
                rest();
            }
        });
        getChildren()
                .addAll(
                        Text.head("The frame under one case, and the forces through it"),
                        choice,
                        new HBox(6, bend, play),
                        told,
                        head,
                        table);
    }

    void refresh() {
        Examination now = desk.examination();
        if (now != of) {
            of = now;
            cases = CaseVariants.of(now.job());
            uses = now.load()
                    .answer()
                    .map(result -> TubeStresses.byCase(TubeStresses.input(now.job(), now.frame(), result)))
                    .orElse(List.of());
            magnified = magnified();
            LoadCase before = choice.getValue();
            showing = true;
            choice.setConverter(new Words<>(cases, LoadCase::label));
            choice.getItems().setAll(cases);
            choice.setValue(cases.stream()
                    .filter(each -> before != null && each.id().equals(before.id()))
                    .findFirst()
                    .or(() -> uses.stream().findFirst().map(TubeStress::load))
                    .orElse(null));
            showing = false;
            if (shown.isPresent()) {
                shown = bent(choice.getValue());
                from = shown;
                draw(1);
            }
        }
        boolean stands = now.load().answer().isPresent();
        bend.setDisable(!stands);
        play.setDisable(!stands);
        head.setText("Every tube in every case; % of what it bears, and "
                + desk.units().unit(Quantity.stress(1e6)));
        table.whenEmpty("The frame does not stand yet: see what is said of it at Load.");
        table.show(uses);
        tell();
    }

    private void picked(TubeStress use) {
        desk.selectionProperty().set(Optional.of(use.tube().id()));
        choice.setValue(cases.stream()
                .filter(each -> each.id().equals(use.load().id()))
                .findFirst()
                .orElse(choice.getValue()));
        show(use.load());
    }

    private void turn() {
        if (shown.isPresent()) {
            rest();
        } else if (choice.getValue() != null) {
            show(choice.getValue());
        }
    }

    private void playAll() {
        all = !all;
        play.setText(all ? "Stay" : "Case after case");
        if (all && choice.getValue() != null) {
            show(choice.getValue());
        }
    }

    /** Back as it stands unloaded. */
    private void rest() {
        timeline.stop();
        all = false;
        play.setText("Case after case");
        bend.setText("Show it bend");
        if (shown.isPresent()) {
            shown = Optional.empty();
            from = Optional.empty();
            desk.donorMovedProperty().set(Optional.empty());
        }
        tell();
    }

    private Optional<BentFrame> bent(LoadCase load) {
        return result(load).map(each -> BentFrame.of(load, of.frame(), each));
    }

    private Optional<CaseResult> result(LoadCase load) {
        return Optional.ofNullable(load).flatMap(wanted -> of.load().answer().map(FrameResult::cases).stream()
                .flatMap(List::stream)
                .filter(each -> each.id().equals(wanted.id()))
                .findFirst());
    }

    private void show(LoadCase load) {
        from = shown;
        shown = bent(load);
        picture = 0;
        bend.setText("Back to rest");
        timeline.play();
        tell();
    }

    private void next() {
        if (!Sight.isOpen(this) || desk.examination() != of || shown.isEmpty()) {
            timeline.stop();
            return;
        }
        picture++;
        if (picture <= PICTURES_A_CASE) {
            draw((double) picture / PICTURES_A_CASE);
        } else if (!all) {
            timeline.stop();
        } else if (picture > PICTURES_A_CASE + PICTURES_HELD) {
            int at = cases.indexOf(choice.getValue());
            choice.setValue(cases.get((at + 1) % cases.size()));
        }
    }

    /** How many times as far as it really bends: the farthest of all cases is shown alike, so that cases can be compared. */
    private double magnified() {
        double most = cases.stream()
                .flatMap(each -> bent(each).stream())
                .mapToDouble(BentFrame::most)
                .max()
                .orElse(0);
        return most > 0 ? Math.max(1, rounded(FARTHEST * size() / most)) : 1;
    }

    /** A number that can be kept in mind: 1, 2 or 5 of a power of ten. */
    private static double rounded(double times) {
        double power = Math.pow(10, Math.floor(Math.log10(times)));
        double lead = times / power;
        return power * (lead >= 5 ? 5 : lead >= 2 ? 2 : 1);
    }

    private double size() {
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (Vec3 at : of.seating().nodes().values()) {
            low = Math.min(low, at.x());
            high = Math.max(high, at.x());
        }
        return Math.max(0.5, high - low);
    }

    private void draw(double share) {
        double times = magnified;
        List<ChalkMark> chalk = new ArrayList<>();
        Map<String, Severity> grave = grave();
        BentFrame now = shown.orElseThrow();
        for (int k = 0; k < now.pieces().size(); k++) {
            BentFrame.Piece piece = now.pieces().get(k);
            List<Vec3> before =
                    from.filter(each -> each.pieces().size() == now.pieces().size())
                                    .isPresent()
                            ? from.get().pieces().get(k).moves()
                            : piece.moves().stream().map(any -> Vec3.ZERO).toList();
            String style = SeverityMark.styleClass(grave.getOrDefault(piece.tube(), Severity.GOOD));
            Vec3 last = null;
            for (int p = 0; p < piece.points().size(); p++) {
                Vec3 moves = before.get(p).towards(piece.moves().get(p), share);
                Vec3 at = piece.points().get(p).along(moves, times);
                if (last != null) {
                    chalk.add(ChalkMark.stroke(last, at, style));
                }
                last = at;
            }
        }
        if (share == 1) {
            result(now.load()).ifPresent(each -> forces(chalk, each));
        }
        desk.donorMovedProperty()
                .set(Optional.of(new Desk.DonorMoved(of.seating().moved(now.donor(), times * share), Set.of(), chalk)));
    }

    /** How grave it is for each tube in the case that is shown. */
    private Map<String, Severity> grave() {
        Map<String, Severity> grave = new HashMap<>();
        for (TubeStress use : uses) {
            if (use.load().id().equals(shown.orElseThrow().load().id())) {
                grave.put(
                        use.tube().id(),
                        use.utilisation() > 1
                                ? Severity.STOP
                                : use.utilisation() > MUCH ? Severity.WATCH : Severity.GOOD);
            }
        }
        return grave;
    }

    /** What mounts and supports do to the frame. */
    private void forces(List<ChalkMark> chalk, CaseResult result) {
        double most = Math.max(
                result.mounts().stream()
                        .mapToDouble(mount -> mount.forceOnFrame().length())
                        .max()
                        .orElse(0),
                result.reactions().stream()
                        .mapToDouble(each -> each.force().length())
                        .max()
                        .orElse(0));
        if (most <= 0) {
            return;
        }
        double metresPerNewton = LONGEST * size() / most;
        Map<String, Vec3> centres = new HashMap<>();
        for (ElasticMount mount : of.frame().input().mounts()) {
            centres.put(mount.id(), mount.centre());
        }
        for (MountResult mount : result.mounts()) {
            arrow(chalk, mount.id(), centres.get(mount.id()), mount.forceOnFrame(), metresPerNewton, most);
        }
        if (!of.job().host().supports().isEmpty()) {
            for (Reaction each : result.reactions()) {
                Vec3 at = of.seating().node(each.node());
                arrow(chalk, "support", at.along(each.force(), -metresPerNewton), each.force(), metresPerNewton, most);
            }
        }
    }

    private static void arrow(
            List<ChalkMark> chalk, String what, Vec3 at, Vec3 force, double metresPerNewton, double most) {
        if (force.length() > FAINT * most) {
            chalk.add(ChalkMark.arrow(
                    at, at.along(force, metresPerNewton), Phrase.of("{} {}", what, Quantity.force(force.length()))));
        }
    }

    private void tell() {
        UnitStyle units = desk.units();
        told.setText(shown.map(bent -> {
                    long over = grave().values().stream()
                            .filter(each -> each == Severity.STOP)
                            .count();
                    return "Shown bending " + Math.round(magnified) + " times as far as it does: really "
                            + units.show(Quantity.length(bent.most())) + " at most. "
                            + (over == 0 ? "No tube is overworked in it." : over + " tubes are overworked in it.")
                            + " Arrows: what the mounts and the supports do to the frame.";
                })
                .orElse("Pick a case, or a row of the table, to see the frame bend under it."));
    }
}
