package oddcradle.desktop.step.host;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.job.edit.BodyEdit;
import oddcradle.core.job.host.Foot;
import oddcradle.core.job.host.FrameSquare;
import oddcradle.core.job.host.HardPoint;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.host.Support;
import oddcradle.core.mounting.Elastomer;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.NodePick;
import oddcradle.desktop.slate.Pads;
import oddcradle.desktop.slate.RemoveButton;
import oddcradle.desktop.store.Desk;

/** What the frame carries, stands on, and may be bolted to: hard points, supports and squares. */
final class FrameSheet extends VBox {
    private static final Map<String, Fixity> HOLDS = holds();

    private final Desk desk;
    private final VBox hardPoints = new VBox(2);
    private final VBox supports = new VBox(2);
    private final VBox squares = new VBox(2);
    private Host shown;
    private UnitStyle shownIn;

    FrameSheet(Desk desk) {
        super(6);
        this.desk = desk;
        getChildren().addAll(hardPoints, hardPointForm(), supports, supportForm(), squares, squareForm());
    }

    private static Map<String, Fixity> holds() {
        Map<String, Fixity> holds = new LinkedHashMap<>();
        holds.put("held every way", Fixity.POSITION);
        holds.put("stands, may slide", new Fixity(false, false, true, false, false, false));
        holds.put("may slide fore and aft", new Fixity(false, true, true, false, false, false));
        holds.put("may slide sideways", new Fixity(true, false, true, false, false, false));
        holds.put("clamped, cannot turn", new Fixity(true, true, true, true, true, true));
        return holds;
    }

    private Host host() {
        return desk.session().job().host();
    }

    private void change(Host host, String words) {
        desk.session().apply(new BodyEdit.ChangeHost(host, words, words));
    }

    private Form hardPointForm() {
        Form form = new Form(desk::units, "hard-point", "A hard point: it takes load without more tube");
        TextField called = form.text("called", "P3");
        TextField what = form.text("what it is", "seat rail bolt");
        TextField node = form.text("node", "ML2");
        NodePick.beside(node, desk, 1);
        return form.button("Set the hard point", () -> {
            HardPoint point = new HardPoint(read(called), read(what), read(node));
            change(
                    host().withHardPoints(with(host().hardPoints(), point, (a, b) -> a.id().equals(b.id()))),
                    "hard point " + point.id());
        });
    }

    private Form supportForm() {
        Form form = new Form(desk::units, "support", "Where the frame stands");
        TextField node = form.text("node", "AL");
        NodePick.beside(node, desk, 1);
        ComboBox<String> how = form.choice("how", List.copyOf(HOLDS.keySet()), String::toString);
        TextField foot = form.text("rubber foot", "none; or 44 55 40: diameter, height, Shore A");
        return form.button("Set the support", () -> {
            Support support = new Support(read(node), HOLDS.get(how.getValue()), foot(read(foot)));
            change(
                    host().withSupports(with(
                            host().supports(), support, (a, b) -> a.node().equals(b.node()))),
                    "support " + support.node());
        });
    }

    private Optional<Foot> foot(String text) {
        return text.isEmpty()
                ? Optional.empty()
                : Optional.of(new Foot(Pads.one(text, desk.units()), Elastomer.RUBBER.usualLoss()));
    }

    private Form squareForm() {
        Form form = new Form(desk::units, "square", "Four nodes that should stand square and flat");
        TextField called = form.text("called", "Q1");
        TextField what = form.text("what it is", "engine bay");
        TextField corners = form.text("corners", "in order round: BL CL CR BR");
        NodePick.beside(corners, desk, 4);
        return form.button("Set the square", () -> {
            FrameSquare square = new FrameSquare(
                    read(called), read(what), List.of(read(corners).split("\\s+")));
            change(
                    host().withSquares(with(host().squares(), square, (a, b) -> a.id().equals(b.id()))),
                    "square " + square.id());
        });
    }

    private static String read(TextField field) {
        return field.getText().strip();
    }

    private static <T> List<T> with(List<T> before, T one, BiFunction<T, T, Boolean> same) {
        List<T> all = new ArrayList<>(before);
        all.removeIf(each -> same.apply(each, one));
        all.add(one);
        return all;
    }

    private static <T> List<T> without(List<T> before, T one) {
        return before.stream().filter(each -> !each.equals(one)).toList();
    }

    private HBox line(String text, String id, Host without) {
        Label label = new Label(text);
        label.setWrapText(true);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        RemoveButton away = new RemoveButton("away", id + "-away", () -> change(without, "take " + id + " away"));
        HBox line = new HBox(label, space, away);
        line.getStyleClass().add("field-row");
        return line;
    }

    void refresh() {
        if (host().equals(shown) && desk.units() == shownIn) {
            return;
        }
        shown = host();
        shownIn = desk.units();
        hardPoints.getChildren().clear();
        for (HardPoint each : host().hardPoints()) {
            hardPoints
                    .getChildren()
                    .add(line(
                            each.id() + ", " + each.label() + ", at " + each.node(),
                            each.id(),
                            host().withHardPoints(without(host().hardPoints(), each))));
        }
        supports.getChildren().clear();
        for (Support each : host().supports()) {
            supports.getChildren()
                    .add(line(
                            each.node() + " "
                                    + each.foot()
                                            .map(foot -> "stands on a "
                                                    + foot.element().in(desk.units()))
                                            .orElseGet(() -> words(each.fix())),
                            "support-" + each.node(),
                            host().withSupports(without(host().supports(), each))));
        }
        squares.getChildren().clear();
        for (FrameSquare each : host().squares()) {
            squares.getChildren()
                    .add(line(
                            each.id() + ", " + each.label() + ": " + String.join(" ", each.corners()),
                            each.id(),
                            host().withSquares(without(host().squares(), each))));
        }
    }

    private static String words(Fixity fix) {
        return HOLDS.entrySet().stream()
                .filter(each -> each.getValue().equals(fix))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse("is held in part");
    }
}
