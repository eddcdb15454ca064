package oddcradle.desktop.step.fit;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.asbuilt.ShimSearch;
import oddcradle.core.asbuilt.WedgeCut;
import oddcradle.core.fitup.FitPlan;
import oddcradle.core.fitup.FitUp;
import oddcradle.core.fitup.Remedy;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.StudySheet;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.Desk;

/** The least work that makes it fit, with a button for what has been done. */
final class WorkSheet {
    private static final double MINUTE = 60;

    private final Desk desk;
    private final Label sum = Text.said("fit-sum");
    private final VBox work = new VBox(10);
    private final VBox others = new VBox(4);
    private final Label cut = Text.said("wedge-answer");
    private final Form wedge;

    WorkSheet(Desk desk) {
        this.desk = desk;
        work.setId("fit-work");
        others.setId("fit-others");
        wedge = new Form(desk::units, "wedge", "A part that has to come down, along its slope");
        TextField front = wedge.text("front", "by how much its front comes down");
        TextField back = wedge.text("back", "by how much its back comes down");
        TextField length = wedge.text("length", "of the seat, front to back");
        TextField lean = wedge.text("lean", "of the part from square: 0°");
        wedge.button("How much comes off", () -> {
            WedgeCut off = WedgeCut.of(
                    length(front),
                    length(back),
                    length(length),
                    lean.getText().isBlank()
                            ? 0
                            : Entry.read(lean.getText(), Kind.ANGLE, desk.units())
                                    .si());
            cut.setText("Along the slope " + show(off.front()) + " at the front edge and " + show(off.back())
                    + " at the back edge come off; set the saw to "
                    + desk.units().show(Quantity.angle(Math.abs(off.angle()))) + " from square."
                    + (off.front() < 0 || off.back() < 0
                            ? " Where that is less than nothing it has to be built up."
                            : ""));
        });
    }

    private double length(TextField field) {
        return Entry.read(field.getText(), Kind.LENGTH, desk.units()).si();
    }

    private String show(double length) {
        return desk.units().show(Quantity.fine(length));
    }

    Leaves.Leaf leaf() {
        return new StudySheet<>(desk, desk.fitUp(), this::show, sum, work, others, wedge, cut).leaf();
    }

    private void show(FitUp fitUp) {
        FitPlan plan = fitUp.plan();
        work.getChildren().clear();
        others.getChildren().clear();
        if (plan.work().isEmpty()) {
            sum.setText("Nothing is measured yet, so nothing can be told: see Measure.");
            return;
        }
        sum.setText((plan.fits()
                        ? "With this done the line, the gaps and every bolt are right"
                        : "With this done it still does not all fit: measure again after it")
                + (plan.time() > 0
                        ? String.format(Locale.ROOT, ", in about %.0f min by the shop's pace.", plan.time() / MINUTE)
                        : "."));
        plan.work().forEach(each -> work.getChildren().add(remedy(each)));
        if (plan.shims().size() > 1) {
            others.getChildren()
                    .add(Text.head(String.format(Locale.ROOT, "Other shims, of %,d ways judged", plan.tried())));
            plan.shims().stream().skip(1).forEach(answer -> others.getChildren().add(Text.line(words(answer))));
        }
    }

    private VBox remedy(Remedy remedy) {
        VBox row = new VBox(
                2,
                Text.head(capital(remedy.kind().word())),
                Text.line(remedy.what().in(desk.units()) + "."));
        remedy.edit().ifPresent(edit -> row.getChildren()
                .add(new HBox(Text.button(
                        "fit-done-" + remedy.kind().name().toLowerCase(Locale.ROOT) + "-"
                                + String.join("-", remedy.mounts()),
                        "Done",
                        () -> {
                            desk.previews().end();
                            desk.session().apply(edit);
                        }))));
        row.setOnMouseEntered(
                over -> remedy.edit().ifPresent(edit -> desk.previews().look(desk.examination(), edit)));
        row.setOnMouseExited(away -> desk.previews().end());
        return row;
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private String words(ShimSearch.Answer answer) {
        List<String> mounts = desk.examination().fit().mounts().mounts().stream()
                .map(mount -> mount.id())
                .toList();
        StringBuilder words = new StringBuilder();
        for (int k = 0; k < mounts.size(); k++) {
            double thickness = answer.stacks().get(k).thickness();
            if (thickness > 0) {
                words.append(words.length() == 0 ? "" : ", ")
                        .append(mounts.get(k))
                        .append(' ')
                        .append(show(thickness));
            }
        }
        return (words.length() == 0 ? "none" : words.toString())
                + Optional.of(answer)
                        .filter(ShimSearch.Answer::holds)
                        .map(holds -> ": holds")
                        .orElse(": does not hold");
    }
}
