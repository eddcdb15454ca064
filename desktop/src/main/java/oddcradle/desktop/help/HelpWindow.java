package oddcradle.desktop.help;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.stage.Stage;
import oddcradle.core.finding.Step;
import oddcradle.desktop.command.Command;
import oddcradle.desktop.look.Look;

/** A window beside the work that shows one document; links lead to the others. Esc closes it. */
public final class HelpWindow {
    private final Stage owner;
    private final Stage stage = new Stage();
    private final ScrollPane body = new ScrollPane();
    private final Deque<String> before = new ArrayDeque<>();
    private final Button back = new Button("Back");
    private String shown = "";

    public HelpWindow(Stage owner) {
        this.owner = owner;
        stage.initOwner(owner);
        body.setFitToWidth(true);
        body.setId("help-body");
        body.getStyleClass().add("slate-scroll");
        back.setId("help-back");
        back.getStyleClass().add("plain-button");
        back.setOnAction(click -> {
            String last = before.pop();
            shown = "";
            open(last);
        });
        Button first = new Button("Beginning");
        first.getStyleClass().add("plain-button");
        first.setOnAction(click -> open("begin.md"));
        Button window = new Button("The window");
        window.getStyleClass().add("plain-button");
        window.setOnAction(click -> open("desk.md"));
        HBox bar = new HBox(6, back, first, window);
        bar.getStyleClass().add("help-bar");
        Scene scene = new Scene(new BorderPane(body, bar, null, null, null), 720, 760);
        scene.addEventHandler(KeyEvent.KEY_PRESSED, press -> {
            if (press.getCode() == KeyCode.ESCAPE) {
                stage.hide();
            }
        });
        stage.setScene(scene);
    }

    /** Opens at what is said of a step. */
    public void openAt(Step step) {
        open(HelpPages.of(step));
    }

    private void open(String page) {
        Optional<String> text = HelpPages.text(page);
        if (text.isEmpty()) {
            return;
        }
        if (!shown.isEmpty() && !shown.equals(page)) {
            before.push(shown);
        }
        shown = page;
        show("Help: " + page.replace(".md", ""), text.get());
    }

    /** What every key does. */
    public void openKeys(List<Command> commands) {
        String rows = commands.stream()
                .filter(command -> command.keys().isPresent())
                .map(command -> "| " + command.keys().get().getDisplayText() + " | " + command.words() + " |")
                .collect(Collectors.joining("\n"));
        shown = "";
        show("Keys", HelpPages.text("keys.md").orElseThrow().replace("KEYS", rows));
    }

    /** What this is, and what it is made of. */
    public void openAbout() {
        shown = "";
        show("About", About.text());
    }

    private void show(String title, String text) {
        Look.lend(owner.getScene(), stage.getScene());
        stage.getScene().getRoot().getStyleClass().add("help");
        stage.setTitle(title + " · Odd Cradle");
        body.setContent(new MarkdownView(text, this::open));
        body.setVvalue(0);
        back.setDisable(before.isEmpty());
        stage.show();
        stage.toFront();
        body.requestFocus();
    }
}
