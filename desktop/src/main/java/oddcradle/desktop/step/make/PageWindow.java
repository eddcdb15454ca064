package oddcradle.desktop.step.make;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.concurrent.Executor;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import oddcradle.desktop.look.Look;
import oddcradle.desktop.task.Workers;
import oddcradle.files.paper.Packet;

/** A page of the packet as large as a window; arrow keys turn, Esc leaves. */
final class PageWindow {
    private static final double WIDTH = 1120;
    private static final double HEIGHT = 800;

    private final Stage stage = new Stage();
    private final ImageView page = new ImageView();
    private final Executor background = Workers.inOrder("page");
    private final byte[] pdf;
    private final int pages;
    private int at;

    private PageWindow(byte[] pdf, int at, int pages) {
        this.pdf = pdf;
        this.at = at;
        this.pages = pages;
    }

    static void open(Node from, byte[] pdf, int at, int pages) {
        PageWindow window = new PageWindow(pdf, at, pages);
        StackPane frame = new StackPane(window.page);
        window.page.setPreserveRatio(true);
        window.page.setId("packet-large");
        window.page.fitWidthProperty().bind(frame.widthProperty());
        window.page.fitHeightProperty().bind(frame.heightProperty());
        Scene scene = new Scene(frame, WIDTH, HEIGHT);
        Look.lend(from.getScene(), scene);
        scene.setOnKeyPressed(press -> window.pressed(press.getCode()));
        window.stage.initOwner(from.getScene().getWindow());
        window.stage.setScene(scene);
        window.show();
        window.stage.show();
    }

    private void pressed(KeyCode key) {
        switch (key) {
            case ESCAPE -> stage.hide();
            case RIGHT, DOWN, PAGE_DOWN -> turn(1);
            case LEFT, UP, PAGE_UP -> turn(-1);
            default -> {}
        }
    }

    private void turn(int by) {
        at = Math.max(0, Math.min(pages - 1, at + by));
        show();
    }

    private void show() {
        stage.setTitle("Page " + (at + 1) + " of " + pages + " · Odd Cradle");
        int wanted = at;
        background.execute(() -> {
            try {
                byte[] picture = Packet.picture(pdf, wanted, WIDTH);
                Platform.runLater(() -> {
                    if (wanted == at) {
                        page.setImage(new Image(new ByteArrayInputStream(picture)));
                    }
                });
            } catch (IOException undrawn) {
                Platform.runLater(stage::hide);
            }
        });
    }
}
