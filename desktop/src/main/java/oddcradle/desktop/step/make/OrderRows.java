package oddcradle.desktop.step.make;

import java.util.Locale;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import oddcradle.core.job.make.Pace;
import oddcradle.core.workshop.BuildOrder;
import oddcradle.core.workshop.WorkshopPlan;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.Desk;

/** The steps of the work one after another, with the check before the next. */
final class OrderRows extends VBox {
    private static final double HOUR = 3600;
    /** What is left of an evening after work, h; common practice. */
    private static final double EVENING = 3;

    private final Desk desk;

    OrderRows(Desk desk) {
        super(6);
        this.desk = desk;
        setId("build-order");
    }

    void show(WorkshopPlan plan) {
        getChildren().clear();
        Pace pace = desk.session().job().build().shop().pace();
        double hours = plan.order().time() / HOUR;
        String money = pace.hour() > 0
                ? String.format(Locale.ROOT, ", %.0f %s", hours * pace.hour(), pace.currency())
                        .stripTrailing()
                : "";
        getChildren()
                .add(Text.line(String.format(
                        Locale.ROOT,
                        "%.0f hours by the shop's pace%s: %d evenings of %.0f hours. Its pace is at Shop.",
                        hours,
                        money,
                        (int) Math.ceil(hours / EVENING),
                        EVENING)));
        int number = 0;
        for (BuildOrder.Task task : plan.order().tasks()) {
            number++;
            VBox row = new VBox(2, Text.head(number + "  " + task.title() + ", " + task.timeInWords()));
            task.what().forEach(what -> row.getChildren().add(Text.line(what.in(desk.units()))));
            Label check = Text.line("Check: " + task.check().in(desk.units()));
            check.getStyleClass().add("figure-value");
            row.getChildren().add(check);
            getChildren().add(row);
        }
    }
}
