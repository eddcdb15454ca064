package oddcradle.desktop.app;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import oddcradle.core.guide.Todo;
import oddcradle.core.guide.TodoList;
import oddcradle.desktop.store.Desk;

/** What to do next, one line under the bar; it ticks itself and can be put away. */
final class NextBar extends HBox {
    private final Desk desk;
    private final Consumer<Todo> go;
    private final Label count = new Label();
    private final Button next = new Button();
    private final MenuButton all = new MenuButton("All of it");
    private Optional<Todo> first = Optional.empty();

    /** @param go brings the user to where a thing is done */
    NextBar(Desk desk, Consumer<Todo> go) {
        this.desk = desk;
        this.go = go;
        setId("next");
        getStyleClass().addAll("banner", "next-bar");
        managedProperty().bind(visibleProperty());
        setVisible(false);
        count.setId("next-count");
        count.getStyleClass().add("field-unit");
        next.setId("next-go");
        next.getStyleClass().add("cure-button");
        next.setOnAction(click -> first.ifPresent(go));
        all.setId("next-all");
        all.getStyleClass().add("plain-button");
        Button away = new Button("Put away");
        away.setId("next-away");
        away.getStyleClass().add("plain-button");
        away.setOnAction(click -> setVisible(false));
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        getChildren().addAll(new Label("Next:"), next, count, space, all, away);
    }

    void refresh() {
        if (!isVisible() || desk.examination() == null) {
            return;
        }
        List<Todo> todos = TodoList.of(desk.examination());
        first = todos.stream().filter(each -> !each.done()).findFirst();
        long done = todos.stream().filter(Todo::done).count();
        count.setText(done + " of " + todos.size() + " done");
        next.setText(first.map(each -> each.step().title() + ": " + each.words())
                .orElse("all done; build it, and measure what was built"));
        all.getItems().setAll(todos.stream().map(this::item).toList());
    }

    /** A tick tells; a click goes there and ticks nothing. */
    private CheckMenuItem item(Todo todo) {
        CheckMenuItem item = new CheckMenuItem(todo.step().title() + ": " + todo.words());
        item.setSelected(todo.done());
        item.setOnAction(click -> {
            item.setSelected(todo.done());
            go.accept(todo);
        });
        return item;
    }
}
