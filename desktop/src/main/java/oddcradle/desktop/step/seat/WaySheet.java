package oddcradle.desktop.step.seat;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.KeyValue;
import javafx.animation.Timeline;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.SeatEdit;
import oddcradle.core.job.seat.WayPlan;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.placement.Sides;
import oddcradle.core.search.WaysOut;
import oddcradle.core.seating.WayOut;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.slate.WorkBar;
import oddcradle.desktop.store.ChalkMark;
import oddcradle.desktop.store.Desk;

/** The way out of the seat and in again: searched, played, scrubbed, stopped; and the way of one part with the donor in. */
final class WaySheet extends VBox {
    private static final Duration WHOLE_WAY = Duration.seconds(7);

    private final Desk desk;
    private final Label said = new Label("Which way the donor comes out, and what has to come off for it.");
    private final Slider along = new Slider(0, 1, 0);
    private final Button play = new Button("Play");
    private final Button seat = new Button("Back in its seat");
    private final Button tight = new Button("Tightest moment");
    private final Timeline timeline = new Timeline();
    private final ComboBox<WaysOut.Thing> parts = new ComboBox<>();
    private final Label partSaid = new Label();
    private final QuantityField room;
    private Optional<WaysOut.Result> found = Optional.empty();
    private Job foundFor;

    WaySheet(Desk desk) {
        super(8);
        this.desk = desk;
        Button find = new Button("Find the way out");
        find.setId("way-find");
        find.getStyleClass().add("cure-button");
        find.setOnAction(click -> find());
        said.setWrapText(true);
        said.setMinHeight(USE_PREF_SIZE);
        said.setId("way-said");
        along.setId("way-along");
        along.setAccessibleText("how far along the way");
        along.valueProperty().addListener((property, before, now) -> show(now.doubleValue()));
        play.setId("way-play");
        play.setOnAction(click -> play());
        seat.setId("way-seat");
        seat.setOnAction(click -> backInSeat());
        tight.setId("way-tight");
        tight.setOnAction(click -> toTightest());
        room = new QuantityField("way-room", "room on the way", Kind.LENGTH, value -> desk.session()
                .apply(plan(job().plan().way().withRoom(value))));
        parts.setId("way-part");
        parts.setAccessibleText("part that comes off");
        Button partFind = new Button("Does it come off?");
        partFind.setId("way-part-find");
        partFind.getStyleClass().add("cure-button");
        partFind.setOnAction(click -> findPart());
        partSaid.setWrapText(true);
        partSaid.setMinHeight(USE_PREF_SIZE);
        partSaid.setId("way-part-said");
        getChildren()
                .addAll(
                        find,
                        new WorkBar(desk.work()),
                        said,
                        along,
                        new HBox(6, play, tight, seat),
                        room,
                        head("One part, with the donor in"),
                        new HBox(6, parts, partFind),
                        partSaid);
        enable(false);
    }

    private static Label head(String title) {
        Label head = new Label(title);
        head.getStyleClass().add("section-title");
        return head;
    }

    private Job job() {
        return desk.session().job();
    }

    private SeatEdit plan(WayPlan way) {
        return new SeatEdit.SetPlan(job().plan().withWay(way), "way out");
    }

    private void enable(boolean on) {
        List.of(along, play, seat, tight).forEach(each -> each.setDisable(!on));
    }

    private void find() {
        backInSeat();
        Examination now = desk.examination();
        desk.work()
                .start(
                        "looking for a way",
                        progress -> WaysOut.find(now, progress),
                        result -> {
                            found = Optional.of(result);
                            foundFor = now.job();
                            tell(result);
                        },
                        said::setText);
    }

    private void tell(WaysOut.Result result) {
        enable(result.way().isPresent());
        StringBuilder text = new StringBuilder();
        result.alone().forEach(unit -> text.append(unit.label())
                .append(unit.way()
                        .map(way -> " comes out alone, " + Sides.exit(way.side()) + ".\n")
                        .orElse(": no way out alone was found.\n")));
        result.off().forEach(off -> text.append("First off: ")
                .append(off.label())
                .append(off.back().isPresent() ? " (goes back with the donor in).\n" : " (no way back was found).\n"));
        text.append(result.way()
                .map(way -> Phrase.of(
                                "Out {}, {}; tightest {} between {} and {}.",
                                Sides.exit(way.side()),
                                way.straight() ? "straight" : "tilting",
                                Quantity.length(way.tightest().gap()),
                                WaysOut.label(job(), way.tightest().part()),
                                WaysOut.label(job(), way.tightest().obstacle()))
                        .in(desk.units()))
                .orElse("No way was found; that does not prove that there is none."));
        said.setText(text.toString());
    }

    private void play() {
        if (timeline.getStatus() == Animation.Status.RUNNING) {
            timeline.stop();
            play.setText("Play");
            return;
        }
        double from = along.getValue() > 0.999 ? 0 : along.getValue();
        along.setValue(from);
        timeline.getKeyFrames()
                .setAll(new KeyFrame(WHOLE_WAY.multiply(1 - from), new KeyValue(along.valueProperty(), 1)));
        timeline.setOnFinished(done -> play.setText("Play"));
        timeline.play();
        play.setText("Stop");
    }

    private void backInSeat() {
        timeline.stop();
        play.setText("Play");
        along.setValue(0);
        desk.donorMovedProperty().set(Optional.empty());
    }

    private Optional<WayOut.Way> way() {
        return found.flatMap(WaysOut.Result::way);
    }

    private void toTightest() {
        timeline.stop();
        play.setText("Play");
        way().ifPresent(way -> along.setValue(shareOf(way, way.tightest().pose())));
    }

    /** The share of the way at which a pose of it is nearest. */
    private double shareOf(WayOut.Way way, Pose pose) {
        double best = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int k = 0; k <= 400; k++) {
            Pose here = at(way, k / 400.0);
            double far = here.translation().distanceTo(pose.translation());
            if (far < least) {
                least = far;
                best = k / 400.0;
            }
        }
        return best;
    }

    private Pose at(WayOut.Way way, double share) {
        int legs = way.poses().size() - 1;
        double place = share * legs;
        int leg = Math.min(legs - 1, (int) place);
        return WayOut.between(
                way.poses().get(leg),
                way.poses().get(leg + 1),
                place - leg,
                found.orElseThrow().middle());
    }

    private void show(double share) {
        if (way().isEmpty() || share == 0) {
            desk.donorMovedProperty().set(Optional.empty());
            return;
        }
        WayOut.Way way = way().get();
        Set<String> off = new HashSet<>();
        found.get().off().forEach(each -> off.add(each.id()));
        // The chain or belt is off before the donor is lifted.
        job().line().stages().stream().limit(1).forEach(stage -> off.add(stage.id()));
        Pose tightest = way.tightest().pose();
        Pose here = at(way, share);
        boolean near = Math.abs(share - shareOf(way, tightest)) < 0.02;
        Vec3 middle = here.place(found.get().middle());
        List<ChalkMark> chalk = near
                ? List.of(new ChalkMark(
                        middle,
                        middle,
                        Phrase.of(
                                "tightest: {} – {} {}",
                                WaysOut.label(job(), way.tightest().part()),
                                WaysOut.label(job(), way.tightest().obstacle()),
                                Quantity.length(way.tightest().gap())),
                        "watch"))
                : List.of();
        desk.donorMovedProperty().set(Optional.of(new Desk.DonorMoved(here, off, chalk)));
    }

    private void findPart() {
        WaysOut.Thing part = parts.getValue();
        Examination now = desk.examination();
        if (part == null) {
            return;
        }
        desk.work()
                .start(
                        "looking for the part's way",
                        progress -> WaysOut.ofPart(now, part.id(), progress),
                        way -> partSaid.setText(way.map(each -> Phrase.of(
                                                "{} comes off {}, {}, tightest {}.",
                                                part.label(),
                                                Sides.exit(each.side()),
                                                each.straight() ? "straight" : "turned on the way",
                                                Quantity.length(each.tightest().gap()))
                                        .in(desk.units()))
                                .orElse(part.label() + ": no way off was found with the donor in.")),
                        partSaid::setText);
    }

    void refresh() {
        room.show(job().plan().way().room(), desk.units());
        List<WaysOut.Thing> bodies = WaysOut.things(job());
        if (!parts.getItems().equals(bodies)) {
            parts.setConverter(new Words<>(bodies, WaysOut.Thing::label));
            parts.getItems().setAll(bodies);
            parts.setValue(bodies.isEmpty() ? null : bodies.get(bodies.size() - 1));
        }
        if (found.isPresent() && !job().equals(foundFor)) {
            found = Optional.empty();
            backInSeat();
            enable(false);
            said.setText("The job has changed since; look for the way again.");
        }
    }
}
