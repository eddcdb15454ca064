package oddcradle.desktop.app;

import java.util.Arrays;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Lines over the stand that tell something and may ask for an answer. */
final class Banners extends VBox {
    private final Label complaint = new Label();
    private final FlowPane offers = new FlowPane(8, 4);
    private final HBox complaintBanner;
    private final Runnable closed;

    /** What a banner offers; with it the banner goes. */
    record Answer(String id, String words, Runnable act) {}

    /** @param closed is told when the complaint has been closed or answered */
    Banners(Runnable closed) {
        this.closed = closed;
        complaint.setId("complaint");
        complaintBanner = row("complaint-close", complaint, this::hideComplaint);
        complaintBanner.getStyleClass().add("bad");
    }

    private void hideComplaint() {
        complain("");
        closed.run();
    }

    /** Shows what went wrong last; empty if nothing. */
    void complain(String text, Answer... answers) {
        complaint.setText(text);
        getChildren().remove(complaintBanner);
        offers.getChildren().clear();
        Arrays.stream(answers).forEach(answer -> offers.getChildren().add(button(answer, this::hideComplaint)));
        complaintBanner.getChildren().remove(offers);
        if (answers.length > 0) {
            complaintBanner.getChildren().add(1, offers);
        }
        if (!text.isEmpty()) {
            getChildren().add(0, complaintBanner);
        }
    }

    /** Tells something until it is answered or closed. */
    void tell(String id, String text, Answer... answers) {
        Label label = new Label(text);
        label.setId(id);
        getChildren().removeIf(each -> each.lookup("#" + id) != null);
        HBox[] banner = new HBox[1];
        Runnable hide = () -> getChildren().remove(banner[0]);
        banner[0] = row(id + "-close", label, hide);
        int place = 1;
        for (Answer answer : answers) {
            banner[0].getChildren().add(place++, button(answer, hide));
        }
        getChildren().add(banner[0]);
    }

    /** Takes a banner away whose matter is past. */
    void forget(String id) {
        getChildren().removeIf(each -> each.lookup("#" + id) != null);
    }

    private static HBox row(String closeId, Label label, Runnable hide) {
        label.setWrapText(true);
        label.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(label, Priority.ALWAYS);
        HBox row = new HBox(label, button(new Answer(closeId, "✕", () -> {}), hide));
        row.getChildren().get(1).setAccessibleText("close");
        row.getChildren().get(1).getStyleClass().setAll("button", "plain-button");
        row.getStyleClass().add("banner");
        return row;
    }

    private static Button button(Answer answer, Runnable hide) {
        Button button = new Button(answer.words());
        button.setId(answer.id());
        button.setMinWidth(USE_PREF_SIZE);
        button.getStyleClass().add("cure-button");
        button.setOnAction(click -> {
            hide.run();
            answer.act().run();
        });
        return button;
    }
}
