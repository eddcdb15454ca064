package oddcradle.desktop.step.shake;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleFunction;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.Node;
import javafx.util.Duration;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.mechanics.SmallMotion;
import oddcradle.desktop.slate.Sight;
import oddcradle.desktop.store.ChalkMark;
import oddcradle.desktop.store.Desk;

/** Shows the donor moving in the stand, farther and slower than it really does, until it is ended or its sheet is left. */
final class MovingDonor {
    private static final double PICTURES_A_SECOND = 20;

    private final Desk desk;
    private final Node sheet;
    private final Timeline timeline = new Timeline();
    private DoubleFunction<Shown> frames = share -> Shown.STILL;
    private double seconds = 1;
    private double magnified = 1;
    private int picture;

    /**
     * @param motion about the donor's centre of gravity as it really is
     * @param arrows of forces
     */
    record Shown(SmallMotion motion, List<ChalkMark> arrows) {
        static final Shown STILL = new Shown(SmallMotion.NONE, List.of());
    }

    MovingDonor(Desk desk, Node sheet) {
        this.desk = desk;
        this.sheet = sheet;
        timeline.setCycleCount(Animation.INDEFINITE);
        timeline.getKeyFrames().setAll(new KeyFrame(Duration.seconds(1 / PICTURES_A_SECOND), tick -> next()));
    }

    boolean isPlaying() {
        return timeline.getStatus() == Animation.Status.RUNNING;
    }

    /**
     * Over and over.
     *
     * @param newFrames by share of the whole, 0 to 1
     * @param newSeconds that the whole takes here
     * @param newMagnified how many times as far as it really goes
     */
    void play(DoubleFunction<Shown> newFrames, double newSeconds, double newMagnified) {
        frames = newFrames;
        seconds = newSeconds;
        magnified = newMagnified;
        if (!isPlaying()) {
            picture = 0;
            timeline.play();
        }
    }

    /** Back into its seat. */
    void stop() {
        if (isPlaying()) {
            timeline.stop();
            desk.donorMovedProperty().set(Optional.empty());
        }
    }

    private void next() {
        if (!Sight.isOpen(sheet) || desk.examination() == null) {
            stop();
            return;
        }
        double share = (picture++ / (seconds * PICTURES_A_SECOND)) % 1;
        Shown shown = frames.apply(share);
        Pose pose = desk.examination().seating().moved(shown.motion(), magnified);
        desk.donorMovedProperty().set(Optional.of(new Desk.DonorMoved(pose, Set.of(), shown.arrows())));
    }
}
