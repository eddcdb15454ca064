package oddcradle.desktop.step.cradle;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.catalog.ScrewThread;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Step;
import oddcradle.core.hardware.HardwareItem;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.cradle.MountChoices;
import oddcradle.core.job.edit.CradleEdit;
import oddcradle.core.joint.BoltStack;
import oddcradle.core.joint.LayerKind;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.store.Desk;

/** One mount to the last washer: its section, what is bought, and what the user decides himself. */
final class HardwareSheet extends VBox {
    private static final String PROGRAM = "thread: as the boss asks";

    private final Desk desk;
    private final ComboBox<String> mount = new ComboBox<>();
    private final ComboBox<String> thread = new ComboBox<>();
    private final HardwarePicture picture;
    private final Label words = new Label();
    private final VBox pieces = new VBox(3);
    private final Map<MountChoices.Item, QuantityField> fields = new EnumMap<>(MountChoices.Item.class);
    private final FigureList figures;
    private boolean showing;

    HardwareSheet(Desk desk, Palette palette) {
        super(6);
        this.desk = desk;
        this.picture = new HardwarePicture(palette);
        mount.setId("design-mount");
        mount.setAccessibleText("mount");
        mount.setOnAction(choice -> {
            if (!showing) {
                refresh();
            }
        });
        thread.setId("design-thread");
        thread.setAccessibleText("thread");
        List<String> threads = new ArrayList<>(List.of(PROGRAM));
        ScrewThread.all().forEach(each -> threads.add(each.designation()));
        thread.getItems().setAll(threads);
        thread.setOnAction(choice -> chooseThread());
        words.setWrapText(true);
        words.setMinHeight(USE_PREF_SIZE);
        words.setId("design-words");
        pieces.setId("design-pieces");
        figures = new FigureList(desk, Step.CRADLE, figure -> figure.name().startsWith(mount.getValue() + " "));
        Label head = new Label("Decided by you; empty sizes are the program's");
        head.getStyleClass().add("section-title");
        head.setWrapText(true);
        getChildren().addAll(new HBox(6, mount, thread), picture, words, pieces, figures, head);
        for (MountChoices.Item item : MountChoices.Item.values()) {
            QuantityField field = new QuantityField(
                    "design-" + item.name().toLowerCase(Locale.ROOT).replace('_', '-'),
                    item.words(),
                    Kind.LENGTH,
                    value -> decide(item, Optional.of(value)));
            fields.put(item, field);
            getChildren().add(field);
        }
        Button leave = new Button("Leave all to the program");
        leave.setId("design-leave");
        leave.getStyleClass().add("plain-button");
        leave.setOnAction(click ->
                chosen().ifPresent(each -> desk.apply(new CradleEdit.SetChoices(each.id(), MountChoices.UNDECIDED))));
        getChildren().add(leave);
    }

    private Optional<Isolator> chosen() {
        return desk.session().job().cradle().isolators().stream()
                .filter(each -> each.id().equals(mount.getValue()))
                .findFirst();
    }

    private void decide(MountChoices.Item item, Optional<Double> value) {
        chosen().ifPresent(each -> desk.session()
                .apply(new CradleEdit.SetChoices(each.id(), each.choices().with(item, value))));
    }

    private void chooseThread() {
        if (showing || thread.getValue() == null) {
            return;
        }
        String chosen = thread.getValue().equals(PROGRAM) ? "" : thread.getValue();
        chosen().ifPresent(each ->
                desk.apply(new CradleEdit.SetChoices(each.id(), each.choices().withThread(chosen))));
    }

    void refresh() {
        showing = true;
        List<String> ids = desk.session().job().cradle().isolators().stream()
                .map(Isolator::id)
                .toList();
        if (!mount.getItems().equals(ids)) {
            mount.getItems().setAll(ids);
        }
        Optional<String> picked = desk.selectionProperty().get().filter(ids::contains);
        if (picked.isPresent()) {
            mount.setValue(picked.get());
        } else if (!ids.contains(mount.getValue())) {
            mount.setValue(ids.isEmpty() ? null : ids.get(0));
        }
        Optional<MountDesign> design = desk.examination().mountDesigns().stream()
                .filter(each -> each.isolator().id().equals(mount.getValue()))
                .findFirst();
        thread.setDisable(design.isEmpty());
        fields.values().forEach(field -> field.setDisable(design.isEmpty()));
        if (design.isPresent()) {
            show(design.get());
        } else {
            picture.clear();
            pieces.getChildren().clear();
            words.setText(ids.isEmpty() ? "No lug is mounted yet: see Mounts." : "No tube carries this mount yet.");
        }
        figures.refresh();
        showing = false;
    }

    private void show(MountDesign design) {
        picture.show(design, desk.units());
        StringBuilder text = new StringBuilder(design.stack()
                .reach()
                .map(reach -> Phrase.of("{} of thread in the lug", Quantity.length(reach.engaged())))
                .orElseGet(() -> Phrase.of(
                        "{} threads show",
                        Quantity.count(Math.round(design.stack().threadProtrusion()))))
                .in(desk.units()));
        if (design.isolator().element().isHard()) {
            text.append(". Metal on metal.");
        } else {
            text.append(Phrase.of(
                            ". The rubber moves {} along, {} across",
                            Quantity.length(design.along()),
                            Quantity.length(design.across()))
                    .in(desk.units()));
            text.append(design.stack().anyShort() ? "; metal meets." : "; no metal meets.");
        }
        words.setText(text.toString());
        pieces.getChildren().clear();
        for (HardwareItem item :
                desk.examination().hardware().ofMount(design.isolator().id())) {
            Label piece = new Label(item.count() + " × " + item.kind().word() + ": "
                    + item.size().in(desk.units()));
            piece.setWrapText(true);
            piece.setMinHeight(USE_PREF_SIZE);
            pieces.getChildren().add(piece);
        }
        MountChoices decided = design.isolator().choices();
        thread.setValue(decided.thread().isEmpty() ? PROGRAM : decided.thread());
        for (MountChoices.Item item : MountChoices.Item.values()) {
            fields.get(item).show(decided.size(item).orElse(inUse(design, item)), desk.units());
        }
    }

    /** What the program has taken where nothing is decided. */
    private static double inUse(MountDesign design, MountChoices.Item item) {
        return switch (item) {
            case LUG -> thickness(design, LayerKind.LUG);
            case GAP, SNUBBER -> 0;
            case BOLT -> design.stack().bolt().length();
            case TAB -> design.tab().thickness();
            case EDGE -> design.tab().edge();
            case LEG -> design.tab().leg();
            case LARGE_WASHER -> 2 * outer(design, LayerKind.LARGE_WASHER);
            case SLEEVE -> design.stack().sleeve();
            case SPACER -> design.stack().spacer();
        };
    }

    private static double thickness(MountDesign design, LayerKind layer) {
        return design.stack().layers().stream()
                .filter(each -> each.kind() == layer)
                .mapToDouble(each -> each.to() - each.from())
                .sum();
    }

    private static double outer(MountDesign design, LayerKind layer) {
        return design.stack().layers().stream()
                .filter(each -> each.kind() == layer)
                .mapToDouble(BoltStack.Layer::outer)
                .max()
                .orElse(0);
    }
}
