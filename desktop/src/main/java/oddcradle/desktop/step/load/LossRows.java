package oddcradle.desktop.step.load;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.util.Duration;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.proof.LoadProof;
import oddcradle.core.proof.Loss;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.slate.Sight;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.ChalkMark;
import oddcradle.desktop.store.Desk;

/** One part after the other lost: what comes of it in words, and in the stand the machine without the part. */
final class LossRows {
    private static final int MOST = 12;
    private static final double SECONDS_EACH = 1.6;

    private final Desk desk;
    private final Timeline timeline = new Timeline();
    private Button play = new Button();
    private List<Loss> told = List.of();
    private int at;

    LossRows(Desk desk) {
        this.desk = desk;
        timeline.setCycleCount(Animation.INDEFINITE);
        timeline.getKeyFrames().setAll(new KeyFrame(Duration.seconds(SECONDS_EACH), tick -> next()));
    }

    /** Worst first; each shown by a click. */
    List<Node> of(LoadProof proof) {
        stop();
        told = proof.losses().stream().limit(MOST).toList();
        List<Node> rows = new ArrayList<>(List.of(Text.head("One part lost, and all else as it is")));
        long aboard = proof.losses().stream().filter(Loss::staysAboard).count();
        rows.add(
                Text.line(
                        aboard + " of " + proof.losses().size()
                                + " tubes, welds, bolts and mounts may each be lost, and the engine stays aboard under every case it is to outlive."));
        play = Text.button("load-loss-play", "Lose one after the other", this::turn);
        play.setDisable(told.isEmpty());
        play.sceneProperty().addListener(change -> {
            if (play.getScene() == null) {
                stop();
            }
        });
        rows.add(play);
        for (int k = 0; k < told.size(); k++) {
            Loss loss = told.get(k);
            int here = k;
            Hyperlink name = new Hyperlink((loss.staysAboard() ? "Stays: without " : "Falls: without ") + loss.part());
            name.setId("load-loss-" + loss.key());
            name.setWrapText(true);
            name.setOnAction(click -> {
                timeline.stop();
                at = here;
                show();
            });
            rows.add(name);
            rows.add(Text.line(loss.falls()
                    .orElseGet(() -> loss.worst() + " is then worked to "
                            + desk.units().show(Quantity.share(loss.overUltimate()))
                            + " of what breaks it, in \"" + loss.load() + "\"")));
        }
        return rows;
    }

    private void turn() {
        if (desk.donorMovedProperty().get().isPresent()) {
            stop();
        } else {
            at = 0;
            show();
            timeline.play();
        }
    }

    private void stop() {
        if (timeline.getStatus() == Animation.Status.RUNNING || play.getText().startsWith("Whole")) {
            timeline.stop();
            play.setText("Lose one after the other");
            desk.donorMovedProperty().set(Optional.empty());
        }
    }

    private void next() {
        if (!Sight.isOpen(play)) {
            stop();
            return;
        }
        at = (at + 1) % told.size();
        show();
    }

    private void show() {
        Examination now = desk.examination();
        Loss loss = told.get(at);
        List<ChalkMark> chalk = new ArrayList<>();
        if (loss.whole()) {
            mark(chalk, now, loss.body(), "watch");
        }
        chalk.add(new ChalkMark(loss.at(), loss.at(), Phrase.of("{} is lost", loss.part()), "watch"));
        if (loss.falls().isPresent()) {
            Vec3 cg = now.seating().mass().cg();
            chalk.add(new ChalkMark(cg, cg, Phrase.of("{}", loss.falls().get()), "stop"));
        } else {
            String style = loss.staysAboard() ? "good" : "stop";
            Vec3 worst = mark(chalk, now, loss.worstId(), style);
            chalk.add(new ChalkMark(
                    worst,
                    worst,
                    Phrase.of("{} {} of what breaks it", loss.worst(), Quantity.share(loss.overUltimate())),
                    style));
        }
        play.setText("Whole again");
        desk.donorMovedProperty()
                .set(Optional.of(new Desk.DonorMoved(
                        now.seating().pose(), loss.whole() ? Set.of(loss.body()) : Set.of(), chalk)));
    }

    /** A tube as a line; gives the middle of it. */
    private static Vec3 mark(List<ChalkMark> chalk, Examination now, String id, String style) {
        Optional<Member> tube = now.job().member(id);
        if (tube.isEmpty()) {
            return now.seating().mass().cg();
        }
        List<Vec3> path = now.seating().path(tube.get());
        for (int k = 1; k < path.size(); k++) {
            chalk.add(ChalkMark.stroke(path.get(k - 1), path.get(k), style));
        }
        return path.get(0).towards(path.get(path.size() - 1), 0.5);
    }
}
