package oddcradle.desktop.stand;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.application.ConditionalFeature;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.SnapshotParameters;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.RowConstraints;
import javafx.scene.transform.Transform;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Step;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.look.Look;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.Toggles;
import oddcradle.desktop.store.ChalkMark;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.task.LiveStudy;
import oddcradle.desktop.task.Previews;
import oddcradle.desktop.task.ScanStudy;
import oddcradle.files.drawing.JobDrawing;
import oddcradle.files.drawing.Role;
import oddcradle.files.drawing.Sight;
import oddcradle.files.drawing.View;

/** The middle of the window: the machine from one side, or from all four. Arrow keys nudge the donor at Seat. */
public final class Stand extends BorderPane {
    private static final double FINE = 0.1;

    /** What the stand shows. */
    public enum Side {
        THREE_QUARTER("three-quarter"),
        LEFT("left"),
        BEHIND("behind"),
        ABOVE("above"),
        ALL("all four"),
        CANDIDATES("donors");

        private final String word;

        Side(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    private static final PseudoClass PREVIEWED = PseudoClass.getPseudoClass("previewed");

    /** A machine fills less than the ball around its box. */
    private static final double FILLS = 0.85;

    /** Radius of the ball around the donor that is looked at, m. */
    private static final double DONOR_ROOM = 0.46;

    /** What one key does to the view: rad, a ratio, pixels. */
    private static final double STEP_TURN = Math.toRadians(6);

    private static final double STEP_NEARER = 1.15;
    private static final double STEP_SLIDE = 40;

    private final Desk desk;
    private final Palette palette;
    private final Optional<ShadedView> shaded;
    private final DrawnView left;
    private final DrawnView behind;
    private final DrawnView above;
    private final CandidatesView candidates = new CandidatesView();
    private final ToggleButton candidatesButton = new ToggleButton(Side.CANDIDATES.word);
    private final Label hint = new Label();
    private final ToggleGroup sides = new ToggleGroup();
    private final ContextMenu menu = new ContextMenu();
    private final PipeDrawing pipeDrawing;
    private Side side;
    private String framed = "";

    public Stand(Desk desk, Palette palette) {
        this.desk = desk;
        this.palette = palette;
        this.pipeDrawing = new PipeDrawing(desk);
        PartClicks clicks = new Clicks();
        this.shaded = Platform.isSupported(ConditionalFeature.SCENE3D)
                ? Optional.of(new ShadedView(clicks, this::onScan))
                : Optional.empty();
        this.left = new DrawnView(View.FROM_LEFT, clicks);
        this.behind = new DrawnView(View.FROM_BEHIND, clicks);
        this.above = new DrawnView(View.FROM_ABOVE, clicks);
        getStyleClass().add("stand");
        setId("stand");
        setTop(bar());
        hint.getStyleClass().add("stand-hint");
        setBottom(hint);
        setMinSize(0, 0);
        setFocusTraversable(true);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        addEventFilter(MouseEvent.MOUSE_PRESSED, press -> requestFocus());
        desk.pickingProperty().addListener((property, before, now) -> {
            shaded.ifPresent(view -> view.waitForScan(now.isPresent()));
            hint();
        });
        desk.donorMovedProperty().addListener((property, before, now) -> donorMoved());
        Hold hold = Hold.firstOf(new FrameHold(desk), new BodyHold(desk), new StandHold(desk));
        addEventHandler(KeyEvent.KEY_TYPED, typed -> {
            // Only what is in the hand is sketched; a letter else names a side to stand at.
            if (desk.sketchProperty().get().isPresent() && hold.types(typed.getCharacter())) {
                typed.consume();
            }
        });
        desk.scanStudy().shownProperty().addListener(change -> refresh());
        desk.sketchProperty().addListener(change -> refresh());
        desk.drawingProperty().addListener(change -> refresh());
        desk.nodeWantedProperty().addListener(change -> refresh());
        desk.thingWantedProperty().addListener(change -> hint());
        desk.pipeDrawnProperty().addListener(change -> hint());
        desk.previews().shownProperty().addListener(change -> refresh());
        shaded.ifPresent(view -> view.holdBy(hold));
        List.of(left, behind, above).forEach(view -> view.holdBy(hold));
        show(shaded.isPresent() ? Side.THREE_QUARTER : Side.LEFT);
    }

    private void donorMoved() {
        if (desk.examination() != null) {
            Optional<Desk.DonorMoved> way = desk.donorMovedProperty().get();
            shaded.ifPresent(view -> view.donorMoved(desk.examination(), way));
            refresh();
        }
    }

    private HBox bar() {
        Toggles.follow(sides, chosen -> show((Side) chosen.getUserData()));
        HBox bar = new HBox(new Label("Stand at: "));
        bar.getStyleClass().add("stand-bar");
        for (Side each : Side.values()) {
            if (each == Side.THREE_QUARTER && shaded.isEmpty()) {
                bar.getChildren().add(new Label("no 3-D on this screen; drawn views only · "));
                continue;
            }
            ToggleButton button = each == Side.CANDIDATES ? candidatesButton : new ToggleButton(each.word);
            button.setId("side-" + each.name().toLowerCase(Locale.ROOT).replace('_', '-'));
            button.setToggleGroup(sides);
            button.setUserData(each);
            button.getStyleClass().add("plain-button");
            bar.getChildren().add(button);
        }
        return bar;
    }

    /** What is shown, as a picture. */
    public WritableImage picture(double finer) {
        SnapshotParameters how = new SnapshotParameters();
        how.setTransform(Transform.scale(finer, finer));
        how.setFill(palette.floor());
        return getCenter().snapshot(how, null);
    }

    /** From where what is shown is seen; of all four the first. */
    public Sight sight() {
        return switch (side) {
            case BEHIND -> View.FROM_BEHIND.sight();
            case ABOVE -> View.FROM_ABOVE.sight();
            case THREE_QUARTER -> shaded.map(ShadedView::sight).orElse(View.FROM_LEFT.sight());
            default -> View.FROM_LEFT.sight();
        };
    }

    public Side side() {
        return side;
    }

    /** Sides that this screen and this job have. */
    public List<Side> offered() {
        return sides.getToggles().stream()
                .filter(toggle -> ((Node) toggle).isVisible())
                .map(toggle -> (Side) toggle.getUserData())
                .toList();
    }

    /** Turns to one side, or shows all four. */
    public void show(Side newSide) {
        boolean again = newSide == side;
        side = newSide;
        sides.getToggles().stream()
                .filter(toggle -> toggle.getUserData() == newSide)
                .forEach(sides::selectToggle);
        setCenter(
                switch (newSide) {
                    case THREE_QUARTER -> shaded.orElseThrow();
                    case LEFT -> left;
                    case BEHIND -> behind;
                    case ABOVE -> above;
                    case ALL -> four();
                    case CANDIDATES -> candidates;
                });
        frame(again);
        refresh();
    }

    /** Looks at the whole machine or near the donor, as the step asks, unless the user has turned the view by hand. */
    public void frame() {
        frame(false);
    }

    private void frame(boolean again) {
        boolean near =
                switch (desk.stepProperty().get()) {
                    case DONOR, CRADLE, SHAKE, MAKE, FIT -> true;
                    default -> false;
                };
        if (desk.examination() == null || shaded.isEmpty()) {
            return;
        }
        Optional<Aabb> machine = machine();
        boolean afresh = again || isOtherMachine();
        if (near || machine.isEmpty()) {
            shaded.get().frame(desk.examination().seating().mass().cg(), DONOR_ROOM, afresh);
        } else {
            shaded.get()
                    .frame(machine.get().centre(), FILLS * machine.get().size().length() / 2, afresh);
        }
    }

    /** What stands there, without what only has to be kept clear of. */
    private Optional<Aabb> machine() {
        return JobDrawing.solids(desk.examination()).stream()
                .filter(part -> part.role() != Role.KEEP_OUT)
                .map(part -> part.solid().bounds())
                .reduce(Aabb::joined);
    }

    /** A view turned by hand is kept for its machine and given up for another. */
    private boolean isOtherMachine() {
        String host = desk.examination().job().host().name();
        boolean other = !host.equals(framed);
        framed = host;
        return other;
    }

    private GridPane four() {
        GridPane grid = new GridPane();
        for (int k = 0; k < 2; k++) {
            ColumnConstraints column = new ColumnConstraints();
            column.setPercentWidth(50);
            grid.getColumnConstraints().add(column);
            RowConstraints row = new RowConstraints();
            row.setPercentHeight(50);
            grid.getRowConstraints().add(row);
        }
        List<Node> views = new ArrayList<>(List.of(left, behind, above));
        shaded.ifPresent(views::add);
        for (int k = 0; k < views.size(); k++) {
            grid.add(views.get(k), k % 2, k / 2);
        }
        return grid;
    }

    private final class Clicks implements PartClicks {
        @Override
        public void picked(String part) {
            desk.pick(part);
        }

        @Override
        public boolean placed(PlaceUnder place) {
            return pipeDrawing.placed(place);
        }

        @Override
        public void pointed(PlaceUnder place) {
            pipeDrawing.pointed(place);
        }

        @Override
        public void opened(String part) {
            desk.edit(part);
        }

        @Override
        public void asked(String part, double screenX, double screenY) {
            menu.hide();
            menu.getItems().setAll(PartMenu.items(desk, part, Stand.this::goTo));
            if (!menu.getItems().isEmpty()) {
                Look.lend(getScene(), menu.getScene());
                menu.show(Stand.this, screenX, screenY);
            }
        }
    }

    /** Brings a part near in the shaded view. */
    public void goTo(String part) {
        shaded.ifPresent(view -> view.goTo(part));
    }

    /** The machine as it is, or as what is looked at would leave it. */
    private Examination examination() {
        return desk.previews()
                .shownProperty()
                .get()
                .map(Previews.Preview::after)
                .orElse(desk.examination());
    }

    public void refresh() {
        Examination examination = examination();
        if (examination == null || getScene() == null) {
            return;
        }
        boolean several = !examination.job().candidates().isEmpty();
        candidatesButton.setVisible(several);
        candidatesButton.setManaged(several);
        if (side == Side.CANDIDATES) {
            candidates.show(examination.job(), palette, desk.units());
        }
        Step step = desk.stepProperty().get();
        PartPaint paint = new PartPaint(
                palette,
                examination,
                step,
                desk.selectionProperty().get(),
                scanStudy(step).isPresent());
        List<ChalkMark> marks = new ArrayList<>(ChalkMarks.of(examination, step));
        oddcradle.core.job.edit.Side body =
                switch (step) {
                    case HOST -> oddcradle.core.job.edit.Side.HOST;
                    case FIT -> oddcradle.core.job.edit.Side.MOUNT;
                    default -> oddcradle.core.job.edit.Side.DONOR;
                };
        if (step == Step.DONOR || step == Step.HOST || step == Step.FIT) {
            desk.wantedProperty().get().ifPresent(wanted -> marks.addAll(ChalkMarks.of(examination, body, wanted)));
        }
        if (step == Step.CRADLE) {
            desk.selectionProperty().get().ifPresent(part -> marks.addAll(ChalkMarks.nodes(examination, part)));
        }
        boolean nodes =
                desk.drawingProperty().get() || desk.nodeWantedProperty().get().isPresent();
        if (step == Step.HOST && nodes) {
            // Where a tube can begin, and nothing that hides it.
            marks.clear();
            marks.addAll(ChalkMarks.hostNodes(examination.job().host()));
        }
        BodyHold.offered(desk).forEach(handle -> marks.add(ChalkMark.dot(handle.at())));
        desk.sketchProperty()
                .get()
                .ifPresent(sketch -> marks.add(new ChalkMark(sketch.from(), sketch.to(), sketch.words(), "blue")));
        desk.donorMovedProperty().get().ifPresent(way -> {
            // On its way no gap of the seat is true any more.
            marks.clear();
            marks.addAll(way.chalk());
        });
        if (side == Side.THREE_QUARTER || side == Side.ALL) {
            shaded.ifPresent(view -> view.show(examination, body, scanStudy(step), paint, marks, desk.units()));
        }
        List<ChalkMark> few = side == Side.ALL ? List.of() : marks;
        for (DrawnView view : drawnNow()) {
            view.show(examination, paint, palette, few, desk.units());
        }
        hint();
    }

    /** How far a scan of the finished mount is off its plan, once that is worked out; only at Fit. */
    private Optional<ScanStudy> scanStudy(Step step) {
        return step == Step.FIT
                ? desk.scanStudy().shownProperty().get().flatMap(LiveStudy.Studied::answer)
                : Optional.empty();
    }

    /** Tells of the place that was clicked on a scan, or gives it to whoever waits for one. */
    private void onScan(Vec3 at) {
        if (desk.pickingProperty().get().isPresent()) {
            desk.pickOnScan(at);
            return;
        }
        scanStudy(desk.stepProperty().get())
                .map(ScanStudy::laid)
                .ifPresent(laid -> hint.setText(laid.tubes()
                        .off(laid.place().place(at))
                        .map(near -> desk.units().show(Quantity.fine(Math.abs(near.off())))
                                + (near.off() < 0 ? " inside" : " outside") + " of " + named(near.tube())
                                + " as drawn")
                        .orElse("No tube was drawn near there.")));
    }

    /** What a click or key does here and now. */
    private void hint() {
        Optional<Previews.Preview> preview = desk.previews().shownProperty().get();
        hint.pseudoClassStateChanged(PREVIEWED, preview.isPresent());
        if (preview.isPresent()) {
            hint.setText(preview.get().words(desk.units()));
            return;
        }
        if (desk.thingWantedProperty().get().isPresent()) {
            hint.setText("Click the thing in the stand. Esc: not now.");
            return;
        }
        if (desk.pipeDrawnProperty().get().isPresent()) {
            hint.setText(pipeDrawing.hint());
            return;
        }
        hint.setText(desk.pickingProperty()
                .get()
                .map(wanted -> "Click " + wanted.what() + " on the scan, in the three-quarter view. Esc: not now.")
                .orElseGet(() -> keys()
                        + desk.selectionProperty()
                                .get()
                                .map(part -> " · picked: " + named(part))
                                .orElse("")));
    }

    /** What a part is called, with its short name. */
    private String named(String id) {
        return desk.session()
                .job()
                .label(id)
                .map(label -> label + " (" + id + ")")
                .orElse(id);
    }

    private String keys() {
        return switch (desk.stepProperty().get()) {
            case SEAT ->
                "Arrow keys: fore, aft, left, right by "
                        + desk.units().show(Quantity.length(desk.nudgeProperty().get()))
                        + " · PgUp, PgDn: up, down · Shift: a tenth · drag the engine itself";
            case HOST ->
                desk.nodeWantedProperty().get().isPresent()
                        ? "Click the node. Esc: not now."
                        : desk.drawingProperty().get()
                                ? "Press on a node or a tube, let go on another or anywhere: a tube; type its length meanwhile · drag beside the frame turns"
                                : "Click picks, double click changes, right click offers more · drag a picked tube by its end, type its place meanwhile · drag turns";
            case CRADLE ->
                "Click picks, double click changes, right click offers more · pull a tube by its end · drag turns, wheel nears";
            case DONOR ->
                "Click picks, double click changes · pull a picked part by its dots · drag turns, right drag slides, wheel nears · T L B A F: sides";
            default ->
                "Click picks, double click changes, right click offers more · drag or arrow keys turn, right drag slides, wheel nears · T L B A F: sides";
        };
    }

    private List<DrawnView> drawnNow() {
        return switch (side) {
            case THREE_QUARTER, CANDIDATES -> List.of();
            case LEFT -> List.of(left);
            case BEHIND -> List.of(behind);
            case ABOVE -> List.of(above);
            case ALL -> List.of(left, behind, above);
        };
    }

    /** Takes up new colours. */
    public void recolour() {
        shaded.ifPresent(view -> view.colour(palette));
        refresh();
    }

    /** Arrows go round the machine, or along a drawing; page keys come nearer and go away. */
    private void turnView(Vec3 direction) {
        double nearer = Math.pow(STEP_NEARER, -direction.z());
        shaded.ifPresent(view -> view.turn(-direction.y() * STEP_TURN, direction.x() * STEP_TURN, nearer));
        drawnNow().forEach(view -> view.move(direction.y() * STEP_SLIDE, direction.x() * STEP_SLIDE, nearer));
    }

    /** Each side by the letter it begins with; {@code T} for three-quarter, {@code F} for all four. */
    private Optional<Side> sideOf(KeyCode letter) {
        return switch (letter) {
            case T -> shaded.map(view -> Side.THREE_QUARTER);
            case L -> Optional.of(Side.LEFT);
            case B -> Optional.of(Side.BEHIND);
            case A -> Optional.of(Side.ABOVE);
            case F -> Optional.of(Side.ALL);
            default -> Optional.empty();
        };
    }

    private void key(KeyEvent event) {
        boolean plain = !event.isShortcutDown() && !event.isAltDown() && !event.isMetaDown();
        if (plain && desk.sketchProperty().get().isEmpty()) {
            sideOf(event.getCode()).ifPresent(letter -> {
                show(letter);
                event.consume();
            });
        }
        Vec3 direction =
                switch (event.getCode()) {
                    case UP -> Vec3.X;
                    case DOWN -> Vec3.X.negated();
                    case LEFT -> Vec3.Y;
                    case RIGHT -> Vec3.Y.negated();
                    case PAGE_UP -> Vec3.Z;
                    case PAGE_DOWN -> Vec3.Z.negated();
                    default -> Vec3.ZERO;
                };
        if (!direction.equals(Vec3.ZERO) && !event.isShortcutDown()) {
            if (desk.stepProperty().get() == Step.SEAT) {
                desk.nudge(direction, event.isShiftDown() ? FINE : 1);
            } else {
                turnView(direction);
            }
            event.consume();
        }
    }
}
