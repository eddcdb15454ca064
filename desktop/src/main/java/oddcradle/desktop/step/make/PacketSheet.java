package oddcradle.desktop.step.make;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Executor;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.examine.Examination;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.task.Workers;
import oddcradle.files.paper.Packet;
import oddcradle.files.paper.PacketPart;
import oddcradle.files.paper.PaperSize;

/** What is in the packet, on which paper, and its pages as they will be printed. */
final class PacketSheet extends VBox {
    private static final double WIDTH = 326;

    private final Desk desk;
    private final Executor background = Workers.inOrder("packet");
    private final ImageView page = new ImageView();
    private final Label said = Text.said("packet-said");
    private final Label place = new Label();
    private final Button before = Text.button("packet-before", "◂", () -> turn(-1));
    private final Button after = Text.button("packet-after", "▸", () -> turn(1));
    private Optional<byte[]> pdf = Optional.empty();
    private Optional<Examination> drawn = Optional.empty();
    private int pages;
    private int at;

    PacketSheet(Desk desk) {
        super(6);
        this.desk = desk;
        ComboBox<PaperSize> paper = new ComboBox<>();
        paper.setId("packet-paper");
        paper.setAccessibleText("paper");
        paper.getItems().setAll(PaperSize.values());
        paper.setConverter(new Words<>(List.of(PaperSize.values()), PaperSize::word));
        paper.setValue(desk.packetPaperProperty().get());
        paper.setOnAction(choice -> {
            desk.packetPaperProperty().set(paper.getValue());
            draw();
        });
        page.setId("packet-page");
        page.setFitWidth(WIDTH);
        page.setPreserveRatio(true);
        page.setSmooth(true);
        page.getStyleClass().add("packet-page");
        page.setOnMouseClicked(click -> pdf.ifPresent(made -> PageWindow.open(this, made, at, pages)));
        page.setAccessibleText("the page as it will be printed");
        place.setId("packet-place");
        Label paperName = new Label("Paper");
        paperName.getStyleClass().add("name");
        HBox paperRow = new HBox(6, paperName, paper);
        paperRow.getStyleClass().add("field-row");
        HBox turning = new HBox(8, before, place, after);
        turning.setAlignment(Pos.CENTER_LEFT);
        VBox parts = new VBox(3);
        for (PacketPart part : PacketPart.values()) {
            CheckBox box = new CheckBox(part.words());
            box.setId("packet-" + part.name().toLowerCase(Locale.ROOT));
            box.setSelected(desk.packetParts().contains(part));
            box.setOnAction(click -> {
                if (box.isSelected()) {
                    desk.packetParts().add(part);
                } else {
                    desk.packetParts().remove(part);
                }
                draw();
            });
            parts.getChildren().add(box);
        }
        getChildren()
                .addAll(
                        paperRow,
                        page,
                        turning,
                        said,
                        Text.line(
                                "A click on the page shows it large. Packet … at the top writes it; its menu prints it. Measure both printer bars of the first page and"
                                        + " type what they read at Shop: the pages correct themselves."),
                        Text.head("In the packet"),
                        parts);
    }

    Leaves.Leaf leaf() {
        return new Leaves.Leaf(this, this::refresh);
    }

    private void refresh() {
        if (drawn.isEmpty() || drawn.get() != desk.examination()) {
            draw();
        }
    }

    private void draw() {
        Examination now = desk.examination();
        drawn = Optional.of(now);
        Packet.Wishes wishes = desk.packetWishes();
        page.setOpacity(0.5);
        background.execute(() -> {
            try {
                byte[] made = Packet.of(now, wishes);
                int count = Packet.pages(made);
                Platform.runLater(() -> {
                    if (drawn.filter(each -> each == now).isPresent() && wishes.equals(desk.packetWishes())) {
                        pdf = Optional.of(made);
                        pages = count;
                        at = Math.min(at, Math.max(0, count - 1));
                        show();
                    }
                });
            } catch (IOException failed) {
                Platform.runLater(() -> said.setText("The packet could not be made: " + failed.getMessage()));
            }
        });
    }

    private void turn(int by) {
        at = Math.max(0, Math.min(pages - 1, at + by));
        show();
    }

    private void show() {
        before.setDisable(at == 0);
        after.setDisable(at >= pages - 1);
        place.setText(pages == 0 ? "no page: choose what is in it" : "page " + (at + 1) + " of " + pages);
        if (pages == 0 || pdf.isEmpty()) {
            page.setImage(null);
            return;
        }
        byte[] made = pdf.get();
        int wanted = at;
        double sharp = getScene() == null || getScene().getWindow() == null
                ? 1
                : getScene().getWindow().getOutputScaleX();
        background.execute(() -> {
            try {
                byte[] picture = Packet.picture(made, wanted, WIDTH * sharp);
                Platform.runLater(() -> {
                    if (wanted == at && pdf.filter(each -> each == made).isPresent()) {
                        page.setImage(new Image(new ByteArrayInputStream(picture)));
                        page.setOpacity(1);
                    }
                });
            } catch (IOException failed) {
                Platform.runLater(() -> said.setText("The page could not be drawn: " + failed.getMessage()));
            }
        });
    }
}
