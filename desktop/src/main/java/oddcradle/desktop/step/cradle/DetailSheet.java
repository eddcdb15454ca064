package oddcradle.desktop.step.cradle;

import java.util.Arrays;
import java.util.List;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Step;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.edit.CradleEdit;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.RemoveButton;
import oddcradle.desktop.store.Desk;

/** Gussets, pads, notches, slides, adapters, hubs, clutches, hangers and folded strips: what there is, and a new one. */
final class DetailSheet extends VBox {
    private final Desk desk;
    private final VBox list = new VBox(4);

    /** A kind of detail and what its words are, in order. */
    private enum Sort {
        GUSSET("gusset", "K", "node tube tube leg thickness: S1 C1 C3 40 3"),
        LANDING_PAD("landing pad", "K", "boss below: B1 3"),
        CLAMP_PAD("clamp pad", "K", "node length thickness thread bolts: P1 90 5 M8 4"),
        NOTCH("relief notch, off-cut turned over", "K", "tube share depth: C1 0.5 8"),
        OPEN_NOTCH("relief notch, left open", "K", "tube share depth: C1 0.5 8"),
        SLIDE("slide fore and aft", "K", "range thread nodes: 30 M10 S1 S2"),
        HUB("hub on a straight shaft", "K", "shaft length torque: 25 40 60 N.m"),
        CLUTCH("clutch", "K", "outer inner faces clamp friction: 140 95 2 2500 0.3"),
        ADAPTER(
                "adapter plate",
                "K",
                "circle holes thread, circle holes thread, thick register dowels dowel torque shaft pocket float"),
        HANGER("maker's hanger reused", "K", "boss width off bore bush: B1 80 12 20 10"),
        FOLDED("folded strip", "K", "boss width thickness fold span: B1 60 2 12 90");

        private final String word;
        private final String start;
        private final String order;

        Sort(String word, String start, String order) {
            this.word = word;
            this.start = start;
            this.order = order;
        }
    }

    DetailSheet(Desk desk) {
        super(6);
        this.desk = desk;
        list.setId("detail-list");
        Form form = new Form(desk::units, "detail", "A new one");
        ComboBox<Sort> sort = form.choice("what", Arrays.asList(Sort.values()), each -> each.word);
        TextField words = form.text("sizes", Sort.GUSSET.order);
        Label order = new Label(Sort.GUSSET.order);
        order.setWrapText(true);
        order.setMinHeight(USE_PREF_SIZE);
        order.getStyleClass().add("figure-name");
        sort.setOnAction(choice -> {
            words.setPromptText(sort.getValue().order);
            order.setText(sort.getValue().order);
        });
        form.getChildren().add(order);
        form.button("Add it", () -> add(sort.getValue(), words.getText()));
        getChildren().addAll(list, form);
    }

    private void add(Sort sort, String text) {
        Typed typed = new Typed(text.strip().split("[\\s,]+"), sort.order);
        String id = CradleEdit.freeName(desk.session().job(), sort.start);
        Detail detail =
                switch (sort) {
                    case GUSSET ->
                        new Detail.Gusset(id, typed.word(), typed.word(), typed.word(), typed.length(), typed.length());
                    case LANDING_PAD -> new Detail.LandingPad(id, typed.word(), typed.length());
                    case CLAMP_PAD ->
                        new Detail.ClampPad(
                                id, typed.word(), typed.length(), typed.length(), typed.word(), typed.whole(), true);
                    case NOTCH -> new Detail.ReliefNotch(id, typed.word(), typed.number(), typed.length(), true);
                    case OPEN_NOTCH -> new Detail.ReliefNotch(id, typed.word(), typed.number(), typed.length(), false);
                    case SLIDE -> slide(id, typed);
                    case HUB -> new Detail.Hub(id, typed.length(), typed.length(), typed.number());
                    case CLUTCH ->
                        new Detail.Clutch(
                                id, typed.length(), typed.length(), typed.whole(), typed.number(), typed.number());
                    case ADAPTER -> adapter(id, typed);
                    case HANGER ->
                        new Detail.ReusedHanger(
                                id, typed.word(), typed.length(), typed.length(), typed.length(), typed.length());
                    case FOLDED ->
                        new Detail.FoldedPlate(
                                id, typed.word(), typed.length(), typed.length(), typed.length(), typed.length());
                };
        desk.session().apply(new CradleEdit.SetDetail(detail));
    }

    private static Detail slide(String id, Typed typed) {
        double range = typed.length();
        String thread = typed.word();
        return new Detail.Slide(id, typed.rest(), Vec3.X, range, thread);
    }

    private static Detail adapter(String id, Typed typed) {
        Detail.BoltCircle engine = new Detail.BoltCircle(typed.length(), typed.whole(), typed.word());
        Detail.BoltCircle driven = new Detail.BoltCircle(typed.length(), typed.whole(), typed.word());
        return new Detail.AdapterPlate(
                id,
                engine,
                driven,
                typed.length(),
                typed.length(),
                typed.whole(),
                typed.length(),
                typed.number(),
                typed.length(),
                typed.length(),
                typed.length());
    }

    /** Words typed one after another. */
    private final class Typed {
        private final String[] words;
        private final String order;
        private int next;

        Typed(String[] words, String order) {
            this.words = words;
            this.order = order;
        }

        String word() {
            if (next == words.length || words[next].isEmpty()) {
                throw new oddcradle.core.math.InvalidValue("sizes", "stop too soon, must be " + order);
            }
            return words[next++];
        }

        List<String> rest() {
            List<String> rest = List.of(words).subList(Math.min(next, words.length), words.length);
            next = words.length;
            return rest;
        }

        double length() {
            return Entry.read(word(), Kind.LENGTH, desk.units()).si();
        }

        double number() {
            return Entry.read(word(), Kind.RATIO, desk.units()).si();
        }

        int whole() {
            return (int) Math.round(Entry.read(word(), Kind.COUNT, desk.units()).si());
        }
    }

    void refresh() {
        list.getChildren().clear();
        if (desk.session().job().cradle().details().isEmpty()) {
            Label none = new Label("No gussets, pads or fittings yet.");
            list.getChildren().add(none);
        }
        List<Finding> findings = desk.examination().report(Step.CRADLE).findings();
        for (Detail detail : desk.session().job().cradle().details()) {
            Label words = new Label(detail.id() + ": "
                    + findings.stream()
                            .filter(finding -> finding.where().ids().contains(detail.id())
                                    || finding.what().in(desk.units()).contains(" " + detail.id() + " "))
                            .findFirst()
                            .map(finding -> finding.what().in(desk.units()))
                            .orElse(name(detail)));
            words.setWrapText(true);
            words.setMinHeight(USE_PREF_SIZE);
            words.setPrefWidth(258);
            RemoveButton remove = new RemoveButton(
                    "remove",
                    "detail-remove-" + detail.id(),
                    () -> desk.apply(new CradleEdit.RemoveDetail(detail.id())));
            HBox row = new HBox(6, words, remove);
            row.getStyleClass().add("field-row");
            list.getChildren().add(row);
        }
    }

    private static String name(Detail detail) {
        return detail instanceof Detail.Gusset gusset
                ? "gusset between " + gusset.first() + " and " + gusset.second() + " at " + gusset.node()
                : detail.getClass().getSimpleName();
    }
}
