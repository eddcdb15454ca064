package oddcradle.desktop.chart;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Supplier;
import javafx.scene.SnapshotParameters;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.transform.Transform;
import oddcradle.desktop.clip.Clip;
import oddcradle.desktop.clip.SaveRequest;
import oddcradle.desktop.look.Palette;
import oddcradle.files.handout.HandTable;

/** Something drawn by hand with a line of reading under it; a right click copies its numbers and its picture, and saves them. */
public abstract class PlotPane extends VBox {
    /** A saved picture has this many times the pixels of the screen each way. */
    private static final double FINER = 2;

    protected final Palette palette;
    protected final Canvas canvas = new Canvas();
    protected final Pane plot = new Pane(canvas);
    protected final Label reading = new Label();

    protected PlotPane(String id, Palette palette, String what) {
        super(2);
        this.palette = palette;
        setId(id);
        reading.setId(id + "-reading");
        reading.getStyleClass().add("chart-reading");
        reading.setWrapText(true);
        reading.setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(plot, reading);
        plot.widthProperty().addListener(change -> draw());
        palette.onChange(this, this::draw);
        MenuItem numbers = new MenuItem("Copy the numbers");
        numbers.setOnAction(click -> Clip.put(table()));
        MenuItem picture = new MenuItem("Copy the picture");
        picture.setOnAction(click -> Clip.put(plot.snapshot(null, null)));
        MenuItem save = new MenuItem("Save …");
        save.setOnAction(click -> fireEvent(new SaveRequest(what, forms())));
        ContextMenu menu = new ContextMenu(numbers, picture, save);
        setOnContextMenuRequested(ask -> {
            if (showsSomething()) {
                menu.show(this, ask.getScreenX(), ask.getScreenY());
            }
        });
    }

    /** The bytes of a file by its ending; there may be more forms than these. */
    protected Map<String, Supplier<byte[]>> forms() {
        Map<String, Supplier<byte[]>> forms = new HashMap<>();
        forms.put("png", this::png);
        forms.put("csv", () -> table().csv().getBytes(StandardCharsets.UTF_8));
        return forms;
    }

    private byte[] png() {
        SnapshotParameters finer = new SnapshotParameters();
        finer.setTransform(Transform.scale(FINER, FINER));
        finer.setFill(palette.sheet());
        return Clip.png(plot.snapshot(finer, null));
    }

    /** Whether there is anything yet to be copied. */
    protected abstract boolean showsSomething();

    /** Draws it anew, as wide as it is now. */
    protected abstract void draw();

    /** Its numbers. */
    protected abstract HandTable table();
}
