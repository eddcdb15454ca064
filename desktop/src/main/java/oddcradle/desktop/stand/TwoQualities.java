package oddcradle.desktop.stand;

import javafx.animation.PauseTransition;
import javafx.scene.Group;
import javafx.scene.PerspectiveCamera;
import javafx.scene.SceneAntialiasing;
import javafx.scene.SubScene;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.util.Duration;

/** Solids drawn with smooth edges while they rest and twice as fast without while the view moves, which a drawing by software needs. */
final class TwoQualities {
    private static final Duration REST = Duration.millis(250);

    private final Group solids;
    private final PerspectiveCamera lens;
    private final SubScene smooth;
    private final SubScene quick;
    private final PauseTransition rest = new PauseTransition(REST);

    TwoQualities(Group solids, PerspectiveCamera lens, Region frame) {
        this.solids = solids;
        this.lens = lens;
        this.smooth = scene(solids, SceneAntialiasing.BALANCED, frame);
        this.quick = scene(new Group(), SceneAntialiasing.DISABLED, frame);
        smooth.setCamera(lens);
        quick.setVisible(false);
        rest.setOnFinished(done -> swap(quick, smooth));
    }

    private static SubScene scene(Group root, SceneAntialiasing edges, Region frame) {
        SubScene scene = new SubScene(root, 100, 100, true, edges);
        scene.widthProperty().bind(frame.widthProperty());
        scene.heightProperty().bind(frame.heightProperty());
        return scene;
    }

    SubScene[] scenes() {
        return new SubScene[] {smooth, quick};
    }

    void fill(Color colour) {
        smooth.setFill(colour);
        quick.setFill(colour);
    }

    /** The view has been moved by a hand and may be again at once. */
    void moved() {
        if (!quick.isVisible()) {
            swap(smooth, quick);
        }
        rest.playFromStart();
    }

    private void swap(SubScene from, SubScene to) {
        // Solids and lens may belong to one of the two alone.
        from.setRoot(new Group());
        from.setCamera(null);
        to.setRoot(solids);
        to.setCamera(lens);
        from.setVisible(false);
        to.setVisible(true);
    }
}
