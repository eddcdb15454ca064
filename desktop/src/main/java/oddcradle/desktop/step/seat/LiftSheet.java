package oddcradle.desktop.step.seat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.SeatEdit;
import oddcradle.core.job.seat.Lifting;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.search.LiftNotes;
import oddcradle.core.search.MountAccess;
import oddcradle.core.seating.Sling;
import oddcradle.core.seating.ToolRoom;
import oddcradle.core.units.InvalidWords;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.slate.QuantityField;
import oddcradle.desktop.store.Desk;

/** Tools at each mount bolt, pads under the lugs, and the straps it hangs on. */
final class LiftSheet extends VBox {
    private final Desk desk;
    private final VBox bolts = new VBox(3);
    private final VBox pads = new VBox(3);
    private final VBox straps = new VBox(3);
    private final QuantityField hook;
    private final QuantityField pitch;
    private final QuantityField roll;

    LiftSheet(Desk desk) {
        super(6);
        this.desk = desk;
        hook = new QuantityField(
                "lift-hook",
                "hook height",
                Kind.LENGTH,
                value -> take(lifting().with(value, lifting().pitch(), lifting().roll())));
        pitch = new QuantityField(
                "lift-pitch",
                "nose down",
                Kind.ANGLE,
                value -> take(lifting().with(lifting().hook(), value, lifting().roll())));
        roll = new QuantityField(
                "lift-roll",
                "right side down",
                Kind.ANGLE,
                value -> take(lifting().with(lifting().hook(), lifting().pitch(), value)));
        bolts.setId("mount-bolts");
        straps.setId("lift-straps");
        getChildren()
                .addAll(
                        head("Each mount bolt, the donor in its place"),
                        bolts,
                        head("Straps from one hook"),
                        hook,
                        pitch,
                        roll,
                        straps,
                        head("Landing pad under each lug"),
                        pads);
    }

    private static Label head(String title) {
        Label head = new Label(title);
        head.getStyleClass().add("section-title");
        return head;
    }

    private Job job() {
        return desk.session().job();
    }

    private Lifting lifting() {
        return job().plan().lifting();
    }

    private void take(Lifting lifting) {
        desk.session().apply(new SeatEdit.SetPlan(job().plan().withLifting(lifting), "straps"));
    }

    void refresh() {
        hook.show(lifting().hook(), desk.units());
        pitch.show(lifting().pitch(), desk.units());
        roll.show(lifting().roll(), desk.units());
        show(
                bolts,
                desk.live().asideProperty().get().bolts().stream()
                        .map(bolt -> bolt.boss() + ": " + bolt.verdict() + tools(bolt))
                        .toList());
        show(straps, straps());
        show(
                pads,
                LiftNotes.pads(desk.examination()).stream()
                        .map(pad -> (pad.tube().isEmpty()
                                        ? Phrase.of("{}: top {} over the floor", pad.boss(), Quantity.length(pad.top()))
                                        : Phrase.of(
                                                "{}: top {} over the floor, {} over {}",
                                                pad.boss(),
                                                Quantity.length(pad.top()),
                                                Quantity.length(pad.over()),
                                                pad.tube()))
                                .in(desk.units()))
                        .toList());
    }

    private static String tools(MountAccess.Bolt bolt) {
        String first = words(bolt.first());
        String second = words(bolt.second());
        return first.equals(second) ? " (" + first + ")" : " (" + first + " / " + second + ")";
    }

    private static String words(ToolRoom.Access access) {
        return access.any()
                ? access.tools().stream().map(ToolRoom.Tool::words).collect(Collectors.joining(", "))
                : "nothing";
    }

    private List<String> straps() {
        List<String> lines = new ArrayList<>();
        try {
            Sling.Hang hang = LiftNotes.hang(job());
            for (Sling.Strap strap : hang.straps()) {
                lines.add(Phrase.of(
                                "{}: {} long, {}, leans {}",
                                strap.point(),
                                Quantity.length(strap.length()),
                                Quantity.force(strap.load()),
                                Quantity.angle(strap.fromVertical()))
                        .in(desk.units()));
            }
            lines.add(
                    hang.balanced()
                            ? "It can hang at this tilt. The slings' maker says what each may carry at its lean."
                            : "It cannot hang at this tilt by pulling straps alone; take points on both sides of the weight.");
        } catch (InvalidValue invalid) {
            lines.add(InvalidWords.of(invalid, desk.units()));
        }
        return lines;
    }

    private static void show(VBox box, List<String> lines) {
        box.getChildren()
                .setAll(lines.stream()
                        .map(line -> {
                            Label label = new Label(line);
                            label.setWrapText(true);
                            label.setMinHeight(USE_PREF_SIZE);
                            return label;
                        })
                        .toList());
    }
}
