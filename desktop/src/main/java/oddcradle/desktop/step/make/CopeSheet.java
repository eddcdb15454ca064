package oddcradle.desktop.step.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.step.make.TubeEnd;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.Desk;
import oddcradle.files.paper.Degrees;

/** Both ends of the picked tube: unrolled, and how a notcher or a saw is set for them. */
final class CopeSheet extends VBox {
    private final Desk desk;
    private final Label title = Text.head("");
    private final WrapPicture picture;
    private final VBox words = new VBox(4);

    CopeSheet(Desk desk, Palette palette) {
        super(6);
        this.desk = desk;
        this.picture = new WrapPicture(palette);
        words.setId("cope-words");
        getChildren().addAll(title, picture, words);
    }

    Leaves.Leaf leaf() {
        return new Leaves.Leaf(this, this::refresh);
    }

    private void refresh() {
        Optional<CutTube> picked = picked(desk);
        words.getChildren().clear();
        picture.setVisible(picked.isPresent());
        if (picked.isEmpty()) {
            title.setText("No tube of the cradle yet.");
            return;
        }
        CutTube tube = picked.get();
        title.setText(tube.tube().named() + ", " + desk.units().show(Quantity.length(tube.cutLength())) + " finished");
        picture.show(tube, desk.units());
        for (TubeEnd end : tube.ends()) {
            words.getChildren().add(Text.head("End at " + end.node()));
            lines(end, desk.units()).forEach(line -> words.getChildren().add(Text.line(line)));
        }
        words.getChildren()
                .add(
                        Text.line(
                                "Pick another tube in the stand or in the cut list. The wraps are printed at true scale: Packet."));
    }

    /** What is picked, or else the first tube that has a cope. */
    static Optional<CutTube> picked(Desk desk) {
        List<CutTube> tubes = desk.examination().cutList();
        return tubes.stream()
                .filter(tube -> desk.selectionProperty()
                        .get()
                        .filter(tube.tube().id()::equals)
                        .isPresent())
                .findFirst()
                .or(() -> tubes.stream()
                        .filter(tube ->
                                tube.ends().stream().anyMatch(end -> end.cope().isPresent()))
                        .findFirst())
                .or(() -> tubes.stream().findFirst());
    }

    private static List<String> lines(TubeEnd end, UnitStyle units) {
        List<String> lines = new ArrayList<>();
        if (end.cope().isEmpty()) {
            lines.add(
                    end.bolted()
                            ? "Bolted: cut square where it meets what it lies at; what its ear takes comes off."
                            : end.extension() > 0
                                    ? "Square; runs on " + units.show(Quantity.length(end.extension()))
                                            + " past the joint, so that all that sits on it has metal under it."
                                    : "Square.");
            return lines;
        }
        lines.add("On " + String.join(" and ", end.landsOn()) + ". " + end.marks() + ".");
        for (int k = 0; k < end.headers().size(); k++) {
            notcher(lines, end, k, units);
        }
        end.flatCuts()
                .ifPresent(flat -> lines.add("With a saw alone: "
                        + String.join(
                                ", then ",
                                flat.cuts().stream()
                                        .map(cut -> Degrees.words(cut.offSquare()) + " off square, in at "
                                                + Degrees.words(cut.tongue()))
                                        .toList())
                        + ", each to the middle; leaves " + units.show(Quantity.length(flat.light())) + " of light."));
        return lines;
    }

    private static void notcher(List<String> lines, TubeEnd end, int k, UnitStyle units) {
        end.saddle(k)
                .ifPresent(saddle -> lines.add("On " + end.landsOn().get(k) + ": hole saw of "
                        + units.show(Quantity.length(saddle.saw())) + ", " + Degrees.words(saddle.offSquare())
                        + " off square, sharp side at " + Degrees.words(saddle.clock())
                        + (saddle.offset() > 0
                                ? ", " + units.show(Quantity.length(saddle.offset())) + " beside the middle towards "
                                        + Degrees.words(saddle.offsetClock())
                                : ", on the middle")
                        + "."));
    }
}
