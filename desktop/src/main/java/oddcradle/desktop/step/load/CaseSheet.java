package oddcradle.desktop.step.load;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import oddcradle.core.job.edit.LoadEdit;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.load.LoadSet;
import oddcradle.core.job.load.Shock;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.Ids;
import oddcradle.desktop.slate.RemoveButton;
import oddcradle.desktop.store.Desk;

/** The load cases: a rule set to begin from, each case on or off, opened and changed, and the user's own. */
final class CaseSheet extends VBox {
    private final Desk desk;
    private final VBox list = new VBox(4);
    private final CaseForm open;
    private final Form sets;
    private Optional<String> opened = Optional.empty();
    private List<LoadCase> shown = List.of();
    private UnitStyle shownIn;

    CaseSheet(Desk desk) {
        super(8);
        this.desk = desk;
        this.open = new CaseForm(desk);
        list.setId("case-list");
        sets = new Form(desk::units, "case-set", "A set of cases to begin from; your own stay");
        ComboBox<LoadSet> set = sets.choice("set", this::fitting, LoadSet::words);
        sets.button("Take this set", () -> desk.session().apply(new LoadEdit.TakeSet(set.getValue())));
        Form own = new Form(desk::units, "case-new", "A case of your own");
        TextField called = own.text("called", "winched from the side");
        TextField pulls = own.text("pulls", "ahead left up in g: 0 0.5 -1");
        own.button("Add it", () -> {
            LoadCase load = LoadCase.of(
                    Ids.of(called.getText(), "case"), called.getText().strip(), vector(pulls.getText()), 0);
            desk.session().apply(new LoadEdit.AddCase(load));
        });
        getChildren().addAll(sets, list, open, own);
    }

    /** Those that are meant for what the line drives first. */
    private List<LoadSet> fitting() {
        List<LoadSet> all = new ArrayList<>(Arrays.asList(LoadSet.values()));
        desk.session()
                .job()
                .line()
                .end()
                .map(LoadSet.Family::of)
                .ifPresent(family -> all.sort((a, b) -> Boolean.compare(b.family() == family, a.family() == family)));
        return all;
    }

    private Vec3 vector(String text) {
        String[] numbers = text.strip().split("\\s+");
        if (numbers.length != 3) {
            throw new InvalidValue("pulls", "is \"" + text.strip() + "\", must be three numbers: ahead, left, up in g");
        }
        double[] g = new double[3];
        for (int k = 0; k < 3; k++) {
            g[k] = Entry.read(numbers[k], Kind.RATIO, desk.units()).si();
        }
        return new Vec3(g[0], g[1], g[2]);
    }

    void refresh() {
        sets.refresh();
        List<LoadCase> cases = desk.session().job().cases();
        if (!cases.equals(shown) || desk.units() != shownIn) {
            shown = cases;
            shownIn = desk.units();
            list.getChildren().setAll(cases.stream().map(this::row).toList());
        }
        opened.flatMap(id -> cases.stream().filter(each -> each.id().equals(id)).findFirst())
                .ifPresentOrElse(open::show, open::clear);
    }

    private VBox row(LoadCase load) {
        CheckBox on = new CheckBox();
        on.setId("case-on-" + load.id());
        on.setAccessibleText("look at " + load.label());
        on.setSelected(!load.off());
        on.setOnAction(click -> desk.session().apply(new LoadEdit.SwitchCase(load.id(), on.isSelected())));
        Hyperlink name = new Hyperlink(load.label());
        name.setId("case-" + load.id());
        name.getStyleClass().add("why");
        name.setOnAction(click -> {
            opened = opened.filter(load.id()::equals).isPresent() ? Optional.empty() : Optional.of(load.id());
            refresh();
        });
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        RemoveButton remove = new RemoveButton(
                "×", "case-remove-" + load.id(), () -> desk.session().apply(new LoadEdit.RemoveCase(load.id())));
        remove.setAccessibleText("remove " + load.label());
        Label words = new Label(words(load));
        words.getStyleClass().add("note-step");
        words.setWrapText(true);
        words.setMinHeight(USE_PREF_SIZE);
        return new VBox(new HBox(6, on, name, space, remove), words);
    }

    private String words(LoadCase load) {
        List<String> words = new ArrayList<>();
        words.add(number(load.field().x()) + " ahead, " + number(load.field().y()) + " left, "
                + number(load.field().z()) + " up, g");
        if (load.drive() != 0) {
            words.add(desk.units().show(Quantity.share(load.drive())) + " of the drive");
        }
        if (load.shock() != Shock.NONE) {
            words.add(load.shock().words());
        }
        if (!load.turning().equals(Vec3.ZERO)) {
            words.add("turning " + number(load.turning().length()) + " rad/s");
        }
        words.add(load.level().word());
        return String.join(" · ", words) + (load.source().isEmpty() ? "" : "\n" + load.source());
    }

    private String number(double value) {
        return desk.units().show(Quantity.ratio(value));
    }
}
