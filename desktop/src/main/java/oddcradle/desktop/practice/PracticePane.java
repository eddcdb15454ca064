package oddcradle.desktop.practice;

import java.util.Random;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import oddcradle.core.practice.Bench;
import oddcradle.core.practice.Lesson;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.slate.Toggles;

/** Lessons to choose from, and the bench of the chosen one. */
public final class PracticePane extends StackPane {
    private final Palette palette;
    private final Supplier<UnitStyle> units;
    private final Random chance = new Random();
    private final BorderPane page = new BorderPane();
    private final ToggleGroup lessons = new ToggleGroup();

    public PracticePane(Palette palette, Supplier<UnitStyle> units) {
        this.palette = palette;
        this.units = units;
        setId("practice");
        getStyleClass().add("begin");
        setVisible(false);
        page.setTop(bar());
    }

    private FlowPane bar() {
        Label title = new Label("Practice bench");
        title.getStyleClass().add("slate-title");
        HBox choice = new HBox();
        choice.getStyleClass().add("practice-lessons");
        for (Lesson lesson : Lesson.values()) {
            ToggleButton button = new ToggleButton(lesson.word());
            button.setId("lesson-" + lesson.id());
            button.setAccessibleText(lesson.word() + ": " + lesson.about());
            button.setUserData(lesson);
            button.setToggleGroup(lessons);
            choice.getChildren().add(button);
        }
        Toggles.follow(lessons, chosen -> show((Lesson) chosen.getUserData()));
        FlowPane bar = new FlowPane(
                18,
                6,
                title,
                choice,
                Text.button("another-machine", "Another machine", () -> show(chosen())),
                Text.button("practice-leave", "Leave the bench", this::leave));
        bar.setAlignment(Pos.CENTER_LEFT);
        bar.getStyleClass().add("practice-bar");
        return bar;
    }

    private Lesson chosen() {
        return (Lesson) lessons.getSelectedToggle().getUserData();
    }

    /** The bench as it was left, the first lesson the first time. */
    public void open() {
        getChildren().setAll(page);
        if (lessons.getSelectedToggle() == null) {
            lessons.selectToggle(lessons.getToggles().get(0));
            show(chosen());
        }
        setVisible(true);
        page.requestFocus();
    }

    private void leave() {
        setVisible(false);
        getChildren().clear();
    }

    private void show(Lesson lesson) {
        page.setCenter(new BenchPage(Bench.begin(lesson, chance), chance, palette, units));
    }
}
