package oddcradle.desktop.app;

import java.util.Map;
import javafx.application.Platform;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.SplitPane;
import javafx.scene.layout.Region;
import oddcradle.files.settings.Settings;

/** Stand, slate and notes with dividers to pull; slate and notes keep their size when the window changes its own. */
final class Panes {
    private static final double SLATE = 372;
    private static final double LEAST_SLATE = 340;
    private static final double NOTES = 164;
    private static final double LEAST_NOTES = 70;
    /** Of the stand this much stays, pixels. */
    private static final double LEAST_STAND = 260;

    private final Settings settings;
    private final SplitPane beside = new SplitPane();
    private final SplitPane over = new SplitPane();
    private Region slate;
    private Region notes;

    Panes(Settings settings) {
        this.settings = settings;
    }

    Node of(Region stand, Region newSlate, Region newNotes) {
        slate = newSlate;
        notes = newNotes;
        stand.setMinSize(LEAST_STAND, 0);
        slate.setMinWidth(LEAST_SLATE);
        notes.setMinHeight(LEAST_NOTES);
        beside.setId("pane-slate");
        beside.getItems().setAll(stand, slate);
        over.setId("pane-notes");
        over.setOrientation(Orientation.VERTICAL);
        over.getItems().setAll(beside, notes);
        SplitPane.setResizableWithParent(slate, false);
        SplitPane.setResizableWithParent(notes, false);
        return over;
    }

    /** Puts the dividers where they were left, after the first layout: before it they would be put in the middle again. */
    void show() {
        Scene scene = over.getScene();
        Runnable[] once = new Runnable[1];
        once[0] = () -> {
            scene.removePostLayoutPulseListener(once[0]);
            put();
        };
        scene.addPostLayoutPulseListener(once[0]);
        Platform.requestNextPulse();
    }

    private void put() {
        double width = Math.max(LEAST_SLATE, settings.number("slate.width", SLATE));
        double height = Math.max(LEAST_NOTES, settings.number("notes.height", NOTES));
        beside.setDividerPosition(0, 1 - Math.min(width, beside.getWidth() - LEAST_STAND) / beside.getWidth());
        over.setDividerPosition(0, 1 - Math.min(height, over.getHeight() / 2) / over.getHeight());
    }

    void remember() {
        settings.putAll(
                Map.of("slate.width", Math.rint(slate.getWidth()), "notes.height", Math.rint(notes.getHeight())));
    }
}
