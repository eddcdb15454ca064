package oddcradle.desktop.step.load;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.layout.HBox;
import oddcradle.core.finding.Why;
import oddcradle.core.job.load.Duty;
import oddcradle.core.proof.EndLife;
import oddcradle.core.proof.JointUse;
import oddcradle.core.proof.LoadProof;
import oddcradle.core.proof.ProofAnswers;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.look.Temper;
import oddcradle.desktop.slate.Answers;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.ShareBars;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.slate.WhyLink;
import oddcradle.desktop.store.Desk;

/** The sheets of Load that rest on its slow studies: the three answers, joints, lives, lost parts. */
final class ProofSheets {
    private static final int MOST = 10;
    private static final double TEN_YEARS = 10;

    private final Desk desk;
    private final Palette palette;

    ProofSheets(Desk desk, Palette palette) {
        this.desk = desk;
        this.palette = palette;
    }

    Leaves.Leaf answers() {
        return leaf(proof -> Answers.of(desk, "load-", ProofAnswers.of(proof)));
    }

    Leaves.Leaf joints() {
        return leaf(this::joints);
    }

    Leaves.Leaf lives() {
        return leaf(this::lives);
    }

    Leaves.Leaf losses() {
        LossRows rows = new LossRows(desk);
        return leaf(rows::of);
    }

    private Leaves.Leaf leaf(Function<LoadProof, List<Node>> rows) {
        ProofSheet sheet = new ProofSheet(desk, rows);
        return new Leaves.Leaf(sheet, sheet::refresh);
    }

    private List<Node> joints(LoadProof proof) {
        List<JointUse> worst = proof.joints().stream().limit(MOST).toList();
        ShareBars bars = new ShareBars(palette);
        bars.show(worst.stream()
                .map(use -> new ShareBars.Bar(
                        use.mark(),
                        desk.units().show(Quantity.share(use.utilisation())),
                        use.utilisation(),
                        Temper.at(use.utilisation()),
                        ShareBars.Past.BAD))
                .toList());
        List<Node> rows = new ArrayList<>(List.of(Text.head("Joints, by what gives way first"), bars));
        if (worst.isEmpty()) {
            rows.add(Text.line("Nothing is welded onto a tube."));
        }
        for (JointUse use : worst) {
            rows.add(place(use.words(), use.tube().id(), use::why));
            rows.add(Text.line(use.limit().words() + ", in \"" + use.load().label() + "\""
                    + (use.leg() > 0 ? "; fillet of " + desk.units().show(Quantity.length(use.leg())) : "")
                    + (use.isWallChecked() ? "" : "; the wall under it is not checked")));
        }
        return rows;
    }

    private Node place(String words, String tube, Supplier<Why> why) {
        Hyperlink where = new Hyperlink(words);
        where.setWrapText(true);
        where.setOnAction(click -> desk.selectionProperty().set(Optional.of(tube)));
        HBox row = new HBox(6, where, new WhyLink(() -> words, why, desk::units));
        row.setAlignment(Pos.BASELINE_LEFT);
        return row;
    }

    private List<Node> lives(LoadProof proof) {
        List<EndLife> worst = proof.lives().stream()
                .filter(life -> life.hours().isPresent())
                .limit(MOST)
                .toList();
        Duty duty = proof.duty();
        ShareBars bars = new ShareBars(palette);
        // Wear in ten years of the duty: the line stands where it is used up.
        bars.show(worst.stream()
                .map(life -> {
                    double hours = life.hours().orElseThrow();
                    double used = TEN_YEARS * duty.hoursAYear() / hours;
                    return new ShareBars.Bar(
                            life.end().mark(),
                            desk.units().show(Quantity.hours(hours)),
                            used,
                            Temper.at(used),
                            ShareBars.Past.BAD);
                })
                .toList());
        List<Node> rows = new ArrayList<>(List.of(Text.head("Life of each weld, against ten years of the duty"), bars));
        if (worst.isEmpty()) {
            rows.add(Text.line("Nothing of its duty is large enough to wear a weld."));
        }
        for (EndLife life : worst) {
            EndLife.Cause cause = life.causes().get(0);
            rows.add(place(life.end().words(), life.end().tube().id(), () -> ProofAnswers.why(life)));
            rows.add(Text.line(desk.units().show(Quantity.hours(life.hours().orElseThrow())) + "; worn most by "
                    + cause.words() + ", up to " + desk.units().show(Quantity.stress(cause.range())) + " each time"));
        }
        rows.add(Text.head("The duty"));
        rows.add(
                Text.line(
                        number(duty.openings()) + " throttle openings, " + number(duty.starts()) + " starts and "
                                + number(duty.jolts()) + " jolts as hard as the cases an hour; "
                                + desk.units().show(Quantity.share(duty.cruise())) + " of the time at cruise, "
                                + desk.units().show(Quantity.share(duty.idle())) + " at idle; "
                                + number(duty.hoursAYear())
                                + " h a year. Change it at Things. Hours are those that a careful code allows: most welds crack later, few sooner."));
        return rows;
    }

    private String number(double value) {
        return desk.units().show(Quantity.ratio(value)).replaceAll("\\.?0+$", "");
    }
}
