package oddcradle.desktop.step.host;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import oddcradle.core.catalog.StockMaterial;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.tube.Member;
import oddcradle.core.material.Material;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.Entry;
import oddcradle.core.units.InvalidWords;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.RemoveButton;
import oddcradle.desktop.slate.Words;
import oddcradle.desktop.store.Desk;

/** The materials of this job: taken from the shelf, or the user's own. */
final class MaterialSheet extends VBox {
    private static final double STEEL_MODULUS = 205e9;
    private static final double STEEL_POISSON = 0.29;
    private static final double STEEL_DENSITY = 7850;
    private static final double ALLOY_MODULUS = 70e9;
    private static final double ALLOY_POISSON = 0.33;
    private static final double ALLOY_DENSITY = 2700;

    private final Desk desk;
    private final VBox list = new VBox(4);
    private final ComboBox<StockMaterial> shelf = new ComboBox<>();
    private final Label about = new Label();
    private final Label problem = new Label();

    MaterialSheet(Desk desk) {
        super(8);
        this.desk = desk;
        shelf.setId("material-shelf");
        shelf.setAccessibleText("material on the shelf");
        shelf.setPrefWidth(328);
        shelf.setPromptText("pick from the shelf");
        shelf.getItems().setAll(StockMaterial.all());
        shelf.setConverter(
                new Words<>(StockMaterial.all(), each -> each.material().name()));
        shelf.setOnAction(choice -> tell());
        Button take = new Button("Take it into the job");
        take.setId("material-take");
        take.getStyleClass().add("cure-button");
        take.setOnAction(click -> Optional.ofNullable(shelf.getValue()).ifPresent(each -> add(each.material())));
        about.setId("material-about");
        for (Label label : List.of(about, problem)) {
            label.setWrapText(true);
            label.setMinHeight(USE_PREF_SIZE);
        }
        about.getStyleClass().add("note-step");
        problem.setId("material-problem");
        problem.getStyleClass().add("field-problem");
        problem.managedProperty().bind(problem.textProperty().isNotEmpty());
        list.setId("material-list");
        getChildren().addAll(head("In this job"), list, problem, head("On the shelf"), shelf, about, take, ownForm());
    }

    private static Label head(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("section-title");
        return label;
    }

    private Job job() {
        return desk.session().job();
    }

    private void tell() {
        about.setText(Optional.ofNullable(shelf.getValue()).map(this::words).orElse(""));
    }

    private String words(StockMaterial each) {
        return "Yield " + stress(each.material().yieldStrength()) + ", ultimate "
                + stress(each.material().ultimateStrength().orElse(0.0)) + "; beside a weld "
                + each.material().weldedYield().map(this::stress).orElse("not to be welded") + ". Filler: "
                + each.filler()
                + ". From: " + each.source() + ".";
    }

    private String stress(double pascals) {
        return desk.units().show(new Quantity(pascals, Kind.STRESS));
    }

    private void add(Material material) {
        List<Material> all = new ArrayList<>(job().materials());
        all.removeIf(each -> each.name().equals(material.name()));
        all.add(material);
        desk.session().apply(new JobEdit.SetMaterials(all));
    }

    private Form ownForm() {
        Form form = new Form(desk::units, "own-material", "One of your own");
        TextField called = form.text("called", "bed-frame steel");
        ComboBox<String> sort = form.choice("it is", List.of("steel", "light alloy"), String::toString);
        TextField yield = form.text("yield strength", "235 MPa");
        TextField ultimate = form.text("ultimate strength", "empty where nobody knows");
        TextField welded = form.text("yield beside a weld", "empty: what is usual of its kind");
        return form.button("Put it with the others", () -> {
            String name = called.getText().strip();
            if (job().materials().stream().anyMatch(each -> each.name().equals(name))) {
                throw new InvalidValue("called", "is \"" + name + "\", which is taken; choose another name");
            }
            boolean steel = sort.getValue().equals("steel");
            add(new Material(
                    name,
                    steel ? STEEL_MODULUS : ALLOY_MODULUS,
                    steel ? STEEL_POISSON : ALLOY_POISSON,
                    steel ? STEEL_DENSITY : ALLOY_DENSITY,
                    pascals(yield),
                    written(ultimate),
                    written(welded)));
        });
    }

    private Optional<Double> written(TextField field) {
        return field.getText().isBlank() ? Optional.empty() : Optional.of(pascals(field));
    }

    private double pascals(TextField field) {
        return Entry.read(field.getText(), Kind.STRESS, desk.units()).si();
    }

    void refresh() {
        tell();
        list.getChildren().setAll(job().materials().stream().map(this::row).toList());
    }

    private HBox row(Material each) {
        Label name = new Label(each.name() + ", yield " + stress(each.yieldStrength()));
        name.setWrapText(true);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        String id = "material-" + job().materials().indexOf(each) + "-away";
        HBox row = new HBox(name, space, new RemoveButton("away", id, () -> takeAway(each)));
        row.getStyleClass().add("field-row");
        return row;
    }

    /** What tubes are made of cannot go before they are made of something else. */
    private void takeAway(Material material) {
        List<String> made = job().members().stream()
                .filter(tube -> tube.material().equals(material.name()))
                .map(Member::label)
                .toList();
        try {
            if (!made.isEmpty()) {
                throw new InvalidValue(
                        material.name(),
                        "is what " + made.get(0)
                                + (made.size() > 1 ? " and " + (made.size() - 1) + " more tubes are" : " is")
                                + " made of; give them another first, under Tubes");
            }
            desk.session()
                    .apply(new JobEdit.SetMaterials(job().materials().stream()
                            .filter(each -> !each.equals(material))
                            .toList()));
            problem.setText("");
        } catch (InvalidValue used) {
            problem.setText(InvalidWords.of(used, desk.units()));
        }
    }
}
