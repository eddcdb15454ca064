package oddcradle.desktop.step.fit;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.fitup.Directions;
import oddcradle.core.fitup.ScanOnPlan;
import oddcradle.core.fitup.ScanWords;
import oddcradle.core.job.edit.Side;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.slate.Leaves;
import oddcradle.desktop.slate.StudySheet;
import oddcradle.desktop.slate.Table;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.step.measured.ScanSheet;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.task.ScanStudy;

/** The scan of the finished mount, and below it how far each tube came out beside its place. */
final class ScanOffSheet {
    /** A machine whose own tubes miss by more lies badly or was picked wrongly, m. */
    private static final double LIES_BADLY = 0.002;

    private final Desk desk;
    private final Label said = Text.said("scan-off-said");
    private final Table<ScanOnPlan.End> ends;

    ScanOffSheet(Desk desk) {
        this.desk = desk;
        ends = new Table<>(
                "scan-off",
                end -> end.tube() + end.at(),
                List.of(
                        Table.Column.words("end of", end -> ScanWords.place(desk.examination(), end)),
                        Table.Column.words("came out", end -> Directions.parts(end.off(), desk.units()))),
                end -> desk.selectionProperty().set(Optional.of(end.tube())));
        ends.whenEmpty("No tube of the cradle was seen from enough sides.");
    }

    Leaves.Leaf leaf() {
        ScanSheet scan = new ScanSheet(desk, Side.MOUNT);
        Leaves.Leaf off = new StudySheet<>(desk, desk.scanStudy(), this::show, said, ends).leaf();
        off.node().managedProperty().bind(off.node().visibleProperty());
        Label how = Text.line(
                "Scan the mount together with the machine it is on, and pick three points or more of the machine: laid by its own holes it would hide how far they came out.");
        how.managedProperty().bind(how.visibleProperty());
        return new Leaves.Leaf(new VBox(12, scan, how, off.node()), () -> {
            scan.refresh();
            boolean placed = desk.examination()
                    .scanPlace(Side.MOUNT)
                    .filter(place -> place.fit().isPresent())
                    .isPresent();
            off.node().setVisible(placed);
            how.setVisible(!placed);
            if (placed) {
                off.refresh().run();
            }
        });
    }

    private void show(ScanStudy study) {
        double host = study.plan().hostOff();
        said.setText((Double.isNaN(host)
                        ? "The scan shows none of the machine's own tubes, so nothing says how well it lies. "
                        : "The machine's own tubes lie within "
                                + desk.units().show(Quantity.fine(host)) + " of where they were drawn"
                                + (host > LIES_BADLY ? ": pick its points again before this is believed. " : ". "))
                + "In the stand the cradle is pale where it is as drawn, dark from "
                + desk.units().show(Quantity.length(0.003)) + " off; click it to be told.");
        ends.show(study.plan().ends());
    }
}
