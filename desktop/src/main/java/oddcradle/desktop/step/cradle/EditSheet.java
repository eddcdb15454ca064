package oddcradle.desktop.step.cradle;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.clearance.Gap;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.TubeJoint;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.edit.CradleEdit;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.material.Material;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.PathPoint;
import oddcradle.core.placement.Seating;
import oddcradle.core.search.NodePull;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.Places;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.slate.RemoveButton;
import oddcradle.desktop.slate.SectionPicker;
import oddcradle.desktop.store.Desk;

/** The picked tube of the cradle: its section, its ends, its nodes; and new tubes. */
final class EditSheet extends VBox {
    private static final double SLEEVE_PLAY = 0.0003;
    private static final double SLEEVE_LENGTH = 0.032;
    private static final double NEAR_BOSS = 0.35;
    private static final double ON_HOST = 0.03;

    private final Desk desk;
    private final List<Runnable> refreshers = new ArrayList<>();
    private final Label state = new Label();
    private final VBox ends = new VBox(4);
    private final ComboBox<String> node = new ComboBox<>();
    private final CheckBox mirrored = new CheckBox("the twin on the other side goes along");
    private final CheckBox lone = new CheckBox("this node goes alone");
    private final RemoveButton remove = new RemoveButton("Remove this tube", "edit-remove", this::remove);
    private final List<QuantityField> place = new ArrayList<>();
    private boolean showing;

    EditSheet(Desk desk) {
        super(6);
        this.desk = desk;
        state.setWrapText(true);
        state.setId("edit-state");
        state.setMinHeight(USE_PREF_SIZE);
        getChildren().add(state);
        new SectionPicker(desk).addTo(getChildren()::add, refreshers::add);
        getChildren().addAll(ends, new FlowPane(6, 4, remove), nodeEditor(), addForm(), bendForm());
    }

    private static Label head(String title) {
        Label head = new Label(title);
        head.getStyleClass().add("section-title");
        return head;
    }

    private Job job() {
        return desk.session().job();
    }

    private Optional<Member> picked() {
        return desk.selectionProperty().get().flatMap(id -> job().cradle().member(id));
    }

    /** The next tube is not picked by itself: nothing else is armed where one has gone. */
    private void remove() {
        picked().ifPresent(tube -> {
            desk.selectionProperty().set(Optional.empty());
            desk.apply(new CradleEdit.RemoveTube(tube.id()));
        });
    }

    private VBox nodeEditor() {
        node.setId("edit-node");
        node.setAccessibleText("node");
        node.setOnAction(choice -> {
            if (!showing) {
                refresh();
            }
        });
        mirrored.setId("edit-mirrored");
        mirrored.selectedProperty().bindBidirectional(desk.mirroredProperty());
        lone.setId("edit-lone");
        lone.setOnAction(click -> {
            if (!showing && node.getValue() != null) {
                desk.apply(new CradleEdit.SetLone(node.getValue(), lone.isSelected()));
            }
        });
        VBox box = new VBox(4, head("A node of the tube; or pull it in the stand"), new HBox(6, node), mirrored, lone);
        for (String axis : List.of("forward", "left", "up")) {
            QuantityField field = new QuantityField("edit-" + axis, axis, Kind.LENGTH, value -> moveTo(axis, value));
            place.add(field);
            box.getChildren().add(field);
        }
        return box;
    }

    private void moveTo(String axis, double value) {
        Vec3 now = desk.examination().seating().node(node.getValue());
        Vec3 to = new Vec3(
                axis.equals("forward") ? value : now.x(),
                axis.equals("left") ? value : now.y(),
                axis.equals("up") ? value : now.z());
        desk.session().apply(NodePull.to(desk.examination(), node.getValue(), to, mirrored.isSelected()));
    }

    private List<String> stock() {
        return job().build().shop().sections().stream()
                .map(each -> each.in(desk.units()))
                .toList();
    }

    private List<String> materials() {
        return job().materials().stream().map(Material::name).toList();
    }

    /** An end is a node, a host tube on which it lands as near as it can, or a place. */
    private Form addForm() {
        Form form = new Form(desk::units, "add-tube", "A new tube");
        TextField from = form.text("from", "node, host tube or place");
        TextField to = form.text("to", "S1, H1L or 480 330 220");
        TextField label = form.text("called", "front cross tube");
        ComboBox<String> section = form.choice("section", this::stock, String::toString);
        section.setValue(job().build().shop().sections().stream()
                .filter(each -> each instanceof Tube tube && tube.od() > 0.025)
                .map(each -> each.in(desk.units()))
                .findFirst()
                .orElse(section.getValue()));
        ComboBox<String> material = form.choice("material", this::materials, String::toString);
        refreshers.add(form::refresh);
        return form.button("Add the tube", () -> {
            NewEnds found = new NewEnds(from.getText().strip(), to.getText().strip());
            Section chosen = job().build().shop().sections().stream()
                    .filter(each -> each.in(desk.units()).equals(section.getValue()))
                    .findFirst()
                    .orElseThrow();
            String id = CradleEdit.freeName(job(), "C");
            String words =
                    label.getText().isBlank() ? "tube " + id : label.getText().strip();
            desk.session()
                    .apply(new CradleEdit.AddTube(
                            Member.sound(id, words, List.of(found.first, found.last), chosen, material.getValue()),
                            found.made));
            desk.selectionProperty().set(Optional.of(id));
        });
    }

    /** The two ends of a new tube: what is on a host tube is nearest to the other end. */
    private final class NewEnds {
        private final List<Node> made = new ArrayList<>();
        private final String first;
        private final String last;

        NewEnds(String from, String to) {
            boolean fromHost = job().host().member(from).isPresent();
            boolean toHost = job().host().member(to).isPresent();
            if (fromHost && toHost) {
                Seating seating = desk.examination().seating();
                Vec3 on = PathPoint.nearest(
                        seating.path(job().host().member(from).orElseThrow()),
                        seating.mass().cg());
                first = make(new Anchor.At(on), "P");
                last = land(to, first);
            } else if (fromHost) {
                last = end(to);
                first = land(from, last);
            } else {
                first = end(from);
                last = toHost ? land(to, first) : end(to);
            }
        }

        private String make(Anchor anchor, String start) {
            String id = CradleEdit.freeName(job(), start);
            while (isMade(id)) {
                id = id + "a";
            }
            made.add(new Node(id, anchor));
            return id;
        }

        private boolean isMade(String id) {
            return made.stream().anyMatch(each -> each.id().equals(id));
        }

        private String land(String host, String near) {
            return make(new Anchor.OnMember(host, near, Vec3.ZERO), "P");
        }

        /** A known node, or a place: near a boss it goes with the boss, on a host tube it lies on that. */
        private String end(String text) {
            Seating seating = desk.examination().seating();
            boolean known = Stream.concat(job().host().nodes().stream(), job().cradle().nodes().stream())
                    .anyMatch(each -> each.id().equals(text));
            if (known) {
                return text;
            }
            if (text.isEmpty() || Character.isLetter(text.charAt(0))) {
                throw new InvalidValue(
                        "end", "is \"" + text + "\", must be a node, a host tube, or a place such as 480 330 220");
            }
            Vec3 at = Places.one(text, desk.units());
            Optional<Member> host = job().host().members().stream()
                    .filter(member ->
                            PathPoint.nearest(seating.path(member), at).distanceTo(at) < ON_HOST)
                    .findFirst();
            return host.isPresent()
                    ? make(new Anchor.At(PathPoint.nearest(seating.path(host.get()), at)), "P")
                    : make(anchor(at), "S");
        }
    }

    /** What is near a boss goes with it when the seat moves. */
    private Anchor anchor(Vec3 at) {
        Seating seating = desk.examination().seating();
        return job().donor().bosses().stream()
                .map(Boss::id)
                .min(Comparator.comparingDouble(id -> seating.boss(id).distanceTo(at)))
                .filter(id -> seating.boss(id).distanceTo(at) < NEAR_BOSS)
                .<Anchor>map(id -> new Anchor.FromBoss(id, at.minus(seating.boss(id))))
                .orElseGet(() -> new Anchor.At(at));
    }

    private Form bendForm() {
        Form form = new Form(desk::units, "bend", "A bend or a new node in the picked tube");
        TextField at = form.text("through", "forward left up: 480 330 220");
        return form.button("Put it there", () -> {
            Member tube = picked().orElseThrow(
                            () -> new InvalidValue("tube", "is not picked; pick a tube of the cradle first"));
            Vec3 through = Places.one(at.getText(), desk.units());
            List<Vec3> path = desk.examination().seating().path(tube);
            int before = 1;
            double least = Double.POSITIVE_INFINITY;
            for (int k = 1; k < path.size(); k++) {
                double away =
                        PathPoint.nearest(path.subList(k - 1, k + 1), through).distanceTo(through);
                if (away < least) {
                    least = away;
                    before = k;
                }
            }
            Node bend = new Node(CradleEdit.freeName(job(), "N"), anchor(through));
            desk.session().apply(new CradleEdit.BendTube(tube.id(), before, bend));
        });
    }

    private void showEnds(Member tube) {
        ends.getChildren().clear();
        for (String end : List.of(tube.first(), tube.last())) {
            ComboBox<String> kind = new ComboBox<>();
            kind.setId("edit-joint-" + end);
            kind.setAccessibleText("joint at " + end);
            for (TubeJoint.Kind each : TubeJoint.Kind.values()) {
                kind.getItems().add(each.word());
            }
            Optional<TubeJoint> joint = job().cradle().joint(tube.id(), end);
            kind.setValue(
                    joint.map(TubeJoint::kind).orElse(TubeJoint.Kind.WELDED).word());
            kind.setOnAction(choice -> desk.apply(new CradleEdit.SetJoint(TubeJoint.of(
                    tube.id(),
                    end,
                    TubeJoint.Kind.values()[kind.getSelectionModel().getSelectedIndex()],
                    ""))));
            HBox row = new HBox(6, new Label("end at " + end), kind);
            joint.filter(each -> each.kind().isBolted())
                    .ifPresent(each -> row.getChildren().add(sleeve(tube, each)));
            row.getStyleClass().add("field-row");
            ends.getChildren().add(row);
        }
    }

    /** An inner sleeve that fits, or none. */
    private CheckBox sleeve(Member tube, TubeJoint joint) {
        CheckBox box = new CheckBox("sleeve inside");
        box.setId("edit-sleeve-" + joint.node());
        box.setSelected(joint.sleeve().isPresent());
        box.setOnAction(click -> desk.apply(new CradleEdit.SetJoint(joint.withSleeve(
                box.isSelected() && tube.section() instanceof Tube round
                        ? Optional.of(
                                new TubeJoint.InnerSleeve(round.od() - 2 * round.wall() - SLEEVE_PLAY, SLEEVE_LENGTH))
                        : Optional.empty()))));
        return box;
    }

    void refresh() {
        showing = true;
        refreshers.forEach(Runnable::run);
        Optional<Member> tube = picked();
        state.setText(tube.map(this::words)
                .orElse(
                        job().cradle().members().isEmpty()
                                ? "The cradle is empty. Take a proposal, or add the first tube here: type a node or place for each end."
                                : "Pick a tube of the cradle in the list or in the stand."));
        remove.setDisable(tube.isEmpty());
        ends.setVisible(tube.isPresent());
        ends.setManaged(tube.isPresent());
        tube.ifPresent(this::showEnds);
        List<String> own = tube.map(Member::nodes).orElse(List.of()).stream()
                .filter(id -> job().cradle().nodes().stream()
                        .anyMatch(each -> each.id().equals(id)))
                .toList();
        if (!node.getItems().equals(own)) {
            node.getItems().setAll(own);
        }
        desk.pulledProperty().get().filter(own::contains).ifPresent(pulled -> {
            node.setValue(pulled);
            desk.pulledProperty().set(Optional.empty());
        });
        if (!own.contains(node.getValue())) {
            node.setValue(own.isEmpty() ? null : own.get(0));
        }
        boolean any = node.getValue() != null;
        lone.setDisable(!any);
        place.forEach(field -> field.setDisable(!any));
        if (any) {
            Vec3 at = desk.examination().seating().node(node.getValue());
            if (at != null) {
                place.get(0).show(at.x(), desk.units());
                place.get(1).show(at.y(), desk.units());
                place.get(2).show(at.z(), desk.units());
            }
            lone.setSelected(job().cradle().lone().contains(node.getValue()));
        }
        showing = false;
    }

    private String words(Member tube) {
        Optional<Gap> tightest = desk.examination().ledger().near().stream()
                .filter(gap -> gap.obstacle().id().equals(tube.id()))
                .min(Comparator.comparingDouble(Gap::margin));
        return tube.named() + ", "
                + tightest.map(gap -> Phrase.of(
                                        gap.margin() < 0 ? "{} is {} too near to it" : "tightest {}, {} to spare",
                                        gap.donorPart().label(),
                                        Quantity.length(Math.abs(gap.margin())))
                                .in(desk.units()))
                        .orElse("nothing of the donor near")
                + ".";
    }
}
