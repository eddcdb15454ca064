package oddcradle.desktop.step.cradle;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.edit.CradleEdit;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.BondedBush;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.mounting.Elastomer;
import oddcradle.core.mounting.Hard;
import oddcradle.core.mounting.MountElement;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.desktop.slate.FigureList;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.HardnessPicker;
import oddcradle.desktop.slate.RemoveButton;
import oddcradle.desktop.store.Desk;

/** What is between each lug and the cradle. */
final class MountSheet extends VBox {
    private static final String ALL = "all";
    private static final double LOSS = 0.1;

    private final Desk desk;
    private final List<Runnable> refreshers = new ArrayList<>();
    private final VBox list = new VBox(3);
    private final FigureList figures;
    private final CheckBox packed = new CheckBox("Packed by the sag: the engine stands as drawn at rest");

    /** What an element can be, and what its sizes are. */
    private enum Sort {
        HARD("hard", ""),
        PAD("pad", "diameter height: 50 20"),
        BUSH("bush", "bore diameter length: 22 46 40");

        private final String word;
        private final String sizes;

        Sort(String word, String sizes) {
            this.word = word;
            this.sizes = sizes;
        }
    }

    MountSheet(Desk desk) {
        super(6);
        this.desk = desk;
        new HardnessPicker(desk).addTo(getChildren()::add, refreshers::add);
        list.setId("mount-list");
        figures = new FigureList(
                desk,
                Step.CRADLE,
                figure -> figure.name().endsWith("axis")
                        || figure.name().endsWith("across")
                        || figure.name().startsWith("lowest"));
        packed.setId("mounts-packed");
        packed.setWrapText(true);
        packed.setMinHeight(USE_PREF_SIZE);
        packed.setOnAction(click -> desk.apply(new CradleEdit.PackMounts(packed.isSelected())));
        getChildren().addAll(list, packed, addForm(), elementForm(), figures);
    }

    private Job job() {
        return desk.session().job();
    }

    private Form addForm() {
        Form form = new Form(desk::units, "add-mount", "Mount a lug on a node");
        TextField boss = form.text("boss", "B1");
        TextField node = form.text("node", "S1");
        ComboBox<String> axis = form.choice("axis", List.of("up", "forward", "left", "as its hole"), String::toString);
        return form.button("Mount it", () -> {
            Boss lug = job().donor()
                    .boss(boss.getText().strip())
                    .orElseThrow(() ->
                            new InvalidValue("boss", "is \"" + boss.getText() + "\", the donor has no such boss"));
            MountElement element = job().cradle().isolators().stream()
                    .findFirst()
                    .map(Isolator::element)
                    .orElse(new Hard());
            Vec3 along =
                    switch (axis.getValue()) {
                        case "forward" -> Vec3.X;
                        case "left" -> Vec3.Y;
                        case "as its hole" ->
                            desk.examination().seating().pose().turn(lug.axis());
                        default -> Vec3.Z;
                    };
            desk.session()
                    .apply(new CradleEdit.AddMount(new Isolator(
                            CradleEdit.freeName(job(), "M"),
                            lug.id(),
                            node.getText().strip(),
                            along,
                            element,
                            element.madeOf().map(Elastomer::usualLoss).orElse(LOSS))));
        });
    }

    private Form elementForm() {
        Form form = new Form(desk::units, "element", "Pads, bushes, or bolted hard");
        TextField which = form.text("mounts", "M1 M2, or all");
        ComboBox<Sort> sort = form.choice("what", Arrays.asList(Sort.values()), each -> each.word);
        ComboBox<Elastomer> stuff = form.choice("of", Arrays.asList(Elastomer.values()), Elastomer::word);
        TextField sizes = form.text("sizes", Sort.PAD.sizes);
        sort.setOnAction(choice -> sizes.setPromptText(sort.getValue().sizes));
        TextField hardness = form.text("hardness", "50");
        return form.button("Take it", () -> {
            List<String> known =
                    job().cradle().isolators().stream().map(Isolator::id).toList();
            String asked = which.getText().strip();
            List<String> mounts = asked.isEmpty() || asked.equals(ALL) ? known : List.of(asked.split("[\\s,]+"));
            for (String each : mounts) {
                if (!known.contains(each)) {
                    throw new InvalidValue("mounts", "names \"" + each + "\", the cradle has no such mount");
                }
            }
            MountElement element = element(sort.getValue(), stuff.getValue(), sizes.getText(), hardness.getText());
            desk.session()
                    .apply(new CradleEdit.SetElement(
                            mounts,
                            element,
                            Optional.of(
                                    element.madeOf().map(Elastomer::usualLoss).orElse(0.0))));
        });
    }

    private MountElement element(Sort sort, Elastomer stuff, String sizes, String hardness) {
        if (sort == Sort.HARD) {
            return new Hard();
        }
        String[] words = sizes.strip().split("\\s+");
        int wanted = sort == Sort.PAD ? 2 : 3;
        if (words.length != wanted) {
            throw new InvalidValue("sizes", "has " + words.length + " numbers, must be " + sort.sizes);
        }
        double[] size = new double[wanted];
        for (int k = 0; k < wanted; k++) {
            size[k] = Entry.read(words[k], Kind.LENGTH, desk.units()).si();
        }
        double shore = Entry.read(hardness, Kind.HARDNESS, desk.units()).si();
        return sort == Sort.PAD
                ? new BondedPad(size[0], size[1], shore, stuff)
                : new BondedBush(size[0], size[1], size[2], shore, stuff);
    }

    void refresh() {
        refreshers.forEach(Runnable::run);
        packed.setSelected(job().cradle().packed());
        list.getChildren().clear();
        for (Isolator isolator : job().cradle().isolators()) {
            Label words = new Label(isolator.id() + ": " + job().donor().named(isolator.boss()) + " on "
                    + isolator.node() + ", " + isolator.element().in(desk.units()));
            RemoveButton remove = new RemoveButton(
                    "remove",
                    "mount-remove-" + isolator.id(),
                    () -> desk.apply(new CradleEdit.RemoveMount(isolator.id())));
            words.setWrapText(true);
            words.setMaxWidth(Double.MAX_VALUE);
            HBox.setHgrow(words, Priority.ALWAYS);
            HBox row = new HBox(6, words, remove);
            row.getStyleClass().add("field-row");
            list.getChildren().add(row);
        }
        figures.refresh();
    }
}
