package oddcradle.desktop.slate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.tube.Member;
import oddcradle.core.section.Section;
import oddcradle.desktop.store.Desk;

/** Chooses a tube, by list or by clicking it in the stand, and its section from stock. */
public final class SectionPicker {
    private final Desk desk;
    private final ComboBox<String> tubes = new ComboBox<>();
    private final ComboBox<String> sections = new ComboBox<>();
    private boolean showing;

    public SectionPicker(Desk desk) {
        this.desk = desk;
        tubes.setId("tube");
        tubes.setMaxWidth(Double.MAX_VALUE);
        tubes.setAccessibleText("tube");
        tubes.setPrefWidth(328);
        tubes.setPromptText("pick a tube, here or in the stand");
        sections.setId("section");
        sections.setAccessibleText("section");
        sections.setPrefWidth(328);
        tubes.setOnAction(choice -> {
            if (!showing && tubes.getValue() != null) {
                desk.selectionProperty().set(Optional.of(tubes.getValue()));
            }
        });
        sections.setOnAction(choice -> chooseSection());
    }

    public void addTo(Consumer<Node> slate, Consumer<Runnable> refreshers) {
        Label title = new Label("Tube and its section");
        title.getStyleClass().add("section-title");
        slate.accept(new VBox(6, title, new HBox(tubes), new HBox(sections)));
        refreshers.accept(this::refresh);
    }

    private String named(String tube) {
        return desk.session().job().member(tube).map(Member::named).orElse(tube);
    }

    private List<Member> members() {
        List<Member> members = new ArrayList<>(desk.session().job().cradle().members());
        members.addAll(desk.session().job().host().members());
        return members;
    }

    private void refresh() {
        showing = true;
        List<String> entries = members().stream().map(Member::id).toList();
        tubes.setConverter(new Words<>(entries, this::named));
        if (!tubes.getItems().equals(entries)) {
            tubes.getItems().setAll(entries);
        }
        Optional<Member> tube = desk.selectionProperty()
                .get()
                .flatMap(id -> desk.session().job().member(id));
        tubes.setValue(tube.map(Member::id).orElse(null));
        if (tube.isEmpty()) {
            sections.getItems().clear();
        }
        tube.ifPresent(member -> {
            // Those of its own shape first.
            List<String> names = new ArrayList<>(stock().stream()
                    .sorted(Comparator.comparing(
                            stock -> stock.getClass() != member.section().getClass()))
                    .map(stock -> stock.in(desk.units()))
                    .toList());
            if (!names.contains(member.section().in(desk.units()))) {
                names.add(0, member.section().in(desk.units()));
            }
            if (!sections.getItems().equals(names)) {
                sections.getItems().setAll(names);
            }
            sections.setValue(member.section().in(desk.units()));
        });
        showing = false;
    }

    private List<Section> stock() {
        return desk.session().job().build().shop().sections();
    }

    private void chooseSection() {
        if (showing || sections.getValue() == null || tubes.getValue() == null) {
            return;
        }
        String tube = tubes.getValue();
        stock().stream()
                .filter(stock -> stock.in(desk.units()).equals(sections.getValue()))
                .findFirst()
                .ifPresent(stock -> desk.apply(new JobEdit.SetSection(tube, stock)));
    }
}
