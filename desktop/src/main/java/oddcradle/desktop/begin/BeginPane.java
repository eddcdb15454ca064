package oddcradle.desktop.begin;

import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;
import oddcradle.core.begin.MachineFamily;
import oddcradle.core.begin.NewJob;
import oddcradle.core.job.Job;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.look.Palette;
import oddcradle.files.job.DemoJobs;

/** The first screen, over all else: a new machine, a job from a file, or a demo. */
public final class BeginPane extends StackPane {
    private static final double CARD_WIDTH = 274;
    private static final double CARD_HEIGHT = 168;

    private final Palette palette;
    private final Supplier<UnitStyle> units;
    private final Answers answers;
    private final Runnable practice;
    private boolean mayLeave;

    /** What the window does with a choice. */
    public interface Answers {
        void begin(Job job);

        void beginEmpty();

        void open();

        void open(Path file);

        void demo(DemoJobs demo);

        /** Back to the job that is open. */
        void leave();

        List<Path> recents();
    }

    /** @param practice opens the practice bench over it */
    public BeginPane(Palette palette, Supplier<UnitStyle> units, Answers answers, Runnable practice) {
        this.palette = palette;
        this.units = units;
        this.answers = answers;
        this.practice = practice;
        setId("begin");
        getStyleClass().add("begin");
        setVisible(false);
    }

    /**
     * Shows the first page.
     *
     * @param mayLeave whether a job is open that one can go back to
     */
    public void begin(boolean mayLeave) {
        if (isVisible()) {
            // A key held down asks for it again and again.
            return;
        }
        this.mayLeave = mayLeave;
        page(first());
        setVisible(true);
    }

    public void leave() {
        setVisible(false);
        getChildren().clear();
    }

    private void page(Node page) {
        getChildren().setAll(page);
        page.requestFocus();
    }

    private void chosen(Runnable act) {
        leave();
        act.run();
    }

    private ScrollPane first() {
        Button machine = button("begin-machine", "New machine …", "strong-button");
        machine.setOnAction(click -> page(families()));
        Button empty = button("begin-empty", "An empty floor", "cure-button");
        empty.setOnAction(click -> chosen(answers::beginEmpty));
        Button open = button("begin-open", "Open a job …", "cure-button");
        open.setOnAction(click -> chosen(answers::open));
        Button practise = button("begin-practice", "Practice bench", "cure-button");
        practise.setOnAction(click -> practice.run());
        Button back = button("begin-leave", "Back to the open job", "plain-button");
        back.setOnAction(click -> chosen(answers::leave));
        back.setVisible(mayLeave);
        HBox buttons = new HBox(12, machine, empty, open, practise, back);
        buttons.setAlignment(Pos.CENTER_LEFT);
        VBox body = new VBox(
                12,
                title("What shall be built?"),
                quiet("An engine on the floor, a machine to put it into, and a tape measure are enough to begin."),
                buttons);
        List<Path> recents = answers.recents();
        if (!recents.isEmpty()) {
            body.getChildren().add(section("Opened last"));
            for (int k = 0; k < recents.size(); k++) {
                Path file = recents.get(k);
                Button again = button("begin-recent-" + k, nameAndFolder(file), "plain-button");
                again.setTooltip(new Tooltip(file.toString()));
                again.setMnemonicParsing(false);
                again.setOnAction(click -> chosen(() -> answers.open(file)));
                body.getChildren().add(again);
            }
        }
        body.getChildren().add(section("Demos, most with a few faults to find"));
        TilePane demos = cards();
        for (DemoJobs demo : DemoJobs.values()) {
            MachinePicture picture = new MachinePicture(palette, CARD_WIDTH, CARD_HEIGHT);
            picture.show(demo.load().job());
            demos.getChildren()
                    .add(card(
                            "begin-demo-" + demo.fileName(),
                            demo.words(),
                            picture,
                            () -> chosen(() -> answers.demo(demo))));
        }
        body.getChildren().add(demos);
        return scrolled(body);
    }

    private static String nameAndFolder(Path file) {
        String name = file.getFileName().toString().replace(".cradle.json", "");
        Path folder = file.toAbsolutePath().getParent().getFileName();
        return folder == null ? name : name + ", in " + folder;
    }

    private ScrollPane families() {
        TilePane kinds = cards();
        for (MachineFamily family : MachineFamily.values()) {
            MachinePicture picture = new MachinePicture(palette, CARD_WIDTH, CARD_HEIGHT);
            picture.show(FloorPage.usual(family));
            kinds.getChildren().add(card("family-" + family.id(), family.words(), picture, () -> page(floor(family))));
        }
        Button back = button("begin-back", "Back", "plain-button");
        back.setOnAction(click -> page(first()));
        return scrolled(new VBox(
                12,
                title("Which kind of machine?"),
                quiet("It gets a frame to begin from, with people, supports and load cases of its kind."
                        + " All of it can be changed."),
                kinds,
                back));
    }

    private FloorPage floor(MachineFamily family) {
        Consumer<Job> begin = job -> chosen(() -> answers.begin(job));
        return new FloorPage(palette, units, family, NewJob.ROOM, begin, () -> page(families()));
    }

    static Label title(String words) {
        Label title = new Label(words);
        title.getStyleClass().add("slate-title");
        return title;
    }

    static Label section(String words) {
        Label section = new Label(words);
        section.getStyleClass().add("section-title");
        return section;
    }

    static Label quiet(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("slate-question");
        label.setWrapText(true);
        return label;
    }

    static Button button(String id, String words, String style) {
        Button button = new Button(words);
        button.setId(id);
        button.getStyleClass().add(style);
        button.setMinWidth(USE_PREF_SIZE);
        return button;
    }

    private static TilePane cards() {
        TilePane cards = new TilePane(14, 14);
        cards.setPrefColumns(4);
        cards.setAlignment(Pos.TOP_LEFT);
        return cards;
    }

    private static Button card(String id, String words, MachinePicture picture, Runnable act) {
        Button card = button(id, words, "begin-card");
        card.setGraphic(picture);
        card.setPrefWidth(CARD_WIDTH + 20);
        card.setWrapText(true);
        card.setPrefHeight(CARD_HEIGHT + 56);
        card.setContentDisplay(ContentDisplay.TOP);
        card.setOnAction(click -> act.run());
        return card;
    }

    private static ScrollPane scrolled(VBox body) {
        body.getStyleClass().add("begin-body");
        ScrollPane pane = new ScrollPane(body);
        pane.setFitToWidth(true);
        pane.getStyleClass().add("slate-scroll");
        return pane;
    }
}
