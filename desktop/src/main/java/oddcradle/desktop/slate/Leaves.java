package oddcradle.desktop.slate;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.VBox;
import oddcradle.desktop.store.Desk;

/** Sheets of one step behind each other; each is made when it is first turned to. Their names stand elsewhere, in a column. */
public final class Leaves extends VBox {
    private final VBox tabs = new VBox();
    private final ToggleGroup group = new ToggleGroup();
    private final Map<String, Supplier<Leaf>> makers = new LinkedHashMap<>();
    private final Map<String, Leaf> made = new LinkedHashMap<>();
    private String shown = "";

    /** One sheet and how it takes up what is new. */
    public record Leaf(Node node, Runnable refresh) {}

    private final Desk desk;

    public Leaves(Desk desk) {
        super(8);
        this.desk = desk;
        tabs.getStyleClass().add("leaves");
        Toggles.follow(group, tab -> turnTo((String) tab.getUserData()));
    }

    public void add(String name, Supplier<Leaf> maker) {
        makers.put(name, maker);
        ToggleButton tab = new ToggleButton(name);
        tab.setId("leaf-" + name.toLowerCase(Locale.ROOT).replace(' ', '-'));
        tab.getStyleClass().addAll("leaf-tab");
        tab.setMaxWidth(Double.MAX_VALUE);
        tab.setToggleGroup(group);
        tab.setUserData(name);
        tabs.getChildren().add(tab);
        if (shown.isEmpty()) {
            shown = name;
        }
    }

    public void turnTo(String name) {
        if (name.equals(shown) || desk.mayLeaveSheet()) {
            shown = name;
        }
        refresh();
    }

    /** The names, to be clicked; whoever shows the sheets gives them a place. */
    Node tabs() {
        return tabs;
    }

    List<String> names() {
        return List.copyOf(makers.keySet());
    }

    public String shown() {
        return shown;
    }

    public void refresh() {
        Leaf leaf = made.computeIfAbsent(shown, name -> makers.get(name).get());
        group.getToggles().stream()
                .filter(tab -> tab.getUserData().equals(shown))
                .forEach(group::selectToggle);
        if (!getChildren().contains(leaf.node())) {
            getChildren().setAll(leaf.node());
        }
        leaf.refresh().run();
    }
}
