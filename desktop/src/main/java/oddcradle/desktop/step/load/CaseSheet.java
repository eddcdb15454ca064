package oddcradle.desktop.step.load;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
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
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.Ids;
import oddcradle.desktop.slate.RemoveButton;
import oddcradle.desktop.store.Desk;

/** The load cases: a rule set to begin from, each case on or off, opened and changed, and the user's own. */
final class CaseSheet extends VBox {
    private final Desk desk;
    private final VBox list = new VBox(4);
    private final CaseForm form;
    private final Form sets;
    private Optional<String> opened = Optional.empty();
    private final List<Row> rows = new ArrayList<>();

    CaseSheet(Desk desk) {
        super(8);
        this.desk = desk;
        this.form = new CaseForm(desk);
        list.setId("case-list");
        sets = new Form(desk::units, "case-set", "A set of cases to begin from; your own stay");
        ComboBox<LoadSet> set = sets.wideChoice("set", this::fitting, LoadSet::words);
        sets.button("Take this set", () -> desk.session().apply(new LoadEdit.TakeSet(set.getValue())));
        Form own = new Form(desk::units, "case-new", "A case of your own");
        TextField called = own.text("called", "winched from the side");
        TextField pulls = own.text("pulls", "ahead left up in g: 0 0.5 -1");
        own.button("Add it", () -> {
            LoadCase load = LoadCase.of(
                    Ids.of(called.getText(), "case"), called.getText().strip(), vector(pulls.getText()), 0);
            desk.session().apply(new LoadEdit.AddCase(load));
        });
        getChildren().addAll(sets, list, own);
    }

    /** The one in use first, then those that are meant for what the line drives. */
    private List<LoadSet> fitting() {
        Set<String> used =
                desk.session().job().cases().stream().map(LoadCase::set).collect(Collectors.toSet());
        Optional<LoadSet.Family> family = desk.session().job().line().end().map(LoadSet.Family::of);
        return Arrays.stream(LoadSet.values())
                .sorted(Comparator.comparing((LoadSet set) -> !used.contains(set.id()))
                        .thenComparing(set -> family.isPresent() && set.family() != family.get()))
                .toList();
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
        List<String> ids = cases.stream().map(LoadCase::id).toList();
        if (!ids.equals(rows.stream().map(row -> row.id).toList())) {
            rows.clear();
            ids.forEach(id -> rows.add(new Row(id)));
            list.getChildren().setAll(rows);
        }
        for (int k = 0; k < rows.size(); k++) {
            rows.get(k).show(cases.get(k));
        }
        opened = opened.filter(ids::contains);
        if (opened.isEmpty()) {
            form.clear();
        }
    }

    /** One case in two lines; its form stands under it while it is open. */
    private final class Row extends VBox {
        private final String id;
        private final CheckBox on = new CheckBox();
        private final Hyperlink name = new Hyperlink();
        private final Label words = new Label();
        private final RemoveButton remove;

        Row(String id) {
            this.id = id;
            on.setId("case-on-" + id);
            on.setOnAction(click -> desk.session().apply(new LoadEdit.SwitchCase(id, on.isSelected())));
            name.setId("case-" + id);
            name.getStyleClass().add("why");
            name.setOnAction(click -> {
                opened = opened.filter(id::equals).isPresent() ? Optional.empty() : Optional.of(id);
                refresh();
            });
            words.getStyleClass().add("note-step");
            words.setWrapText(true);
            words.setMinHeight(USE_PREF_SIZE);
            remove = new RemoveButton("Remove this case", "case-remove-" + id, () -> desk.session()
                    .apply(new LoadEdit.RemoveCase(id)));
            HBox head = new HBox(6, on, name);
            head.setAlignment(Pos.CENTER_LEFT);
            getChildren().addAll(head, words);
        }

        void show(LoadCase load) {
            on.setAccessibleText("look at " + load.label());
            on.setSelected(!load.off());
            name.setText(load.label());
            words.setText(CaseSheet.this.words(load));
            boolean open = opened.filter(id::equals).isPresent();
            if (open && !getChildren().contains(remove)) {
                getChildren().addAll(form, remove);
            } else if (!open) {
                getChildren().remove(remove);
            }
            if (open) {
                form.show(load);
            }
        }
    }

    private String words(LoadCase load) {
        List<String> words = new ArrayList<>();
        words.add(way(load.field().x(), "ahead", "back"));
        words.add(way(load.field().y(), "left", "right"));
        words.add(way(load.field().z(), "up", "down"));
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
        words.add(load.source());
        words.removeIf(String::isEmpty);
        return String.join(" · ", words);
    }

    /** Nothing where it does not pull that way. */
    private String way(double g, String one, String other) {
        return g == 0 ? "" : number(Math.abs(g)) + " g " + (g > 0 ? one : other);
    }

    private String number(double value) {
        return desk.units().show(Quantity.ratio(value));
    }
}
