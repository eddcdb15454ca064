package oddcradle.desktop.step.make;

import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import oddcradle.core.job.edit.SetShop;
import oddcradle.core.job.make.Pace;
import oddcradle.core.job.make.Shop;
import oddcradle.core.units.Quantity;
import oddcradle.core.workshop.CutPlan;
import oddcradle.core.workshop.PlatePlan;
import oddcradle.core.workshop.WorkshopPlan;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.Desk;

/** Every bar with the tubes that are sawn from it, drawn to length; a piece picks its tube. */
final class BarStrips extends VBox {
    private static final double WIDTH = 326;
    private static final double HEIGHT = 24;
    /** A piece narrower than this has no room for its mark. */
    private static final double NAMED = 22;

    private final Desk desk;
    private final Label sum = Text.said("bars-sum");
    private final VBox strips = new VBox(8);
    private final VBox sheets = new VBox(4);
    private final Button done;
    private Optional<CutPlan> plan = Optional.empty();

    BarStrips(Desk desk) {
        super(8);
        this.desk = desk;
        strips.setId("bars");
        sheets.setId("plate-sheets");
        done = Text.button("bars-done", "All is cut: put the rests on the rack", this::putBack);
        getChildren().addAll(sum, strips, sheets, done);
    }

    void show(WorkshopPlan all) {
        plan = all.cuts();
        strips.getChildren().clear();
        sheets.getChildren().clear();
        done.setDisable(plan.isEmpty() || plan.get().bars().isEmpty());
        if (plan.isEmpty()) {
            sum.setText("The stock does not do: the " + all.stockProblem() + ".");
            return;
        }
        sum.setText(words(plan.get()));
        plan.get().bars().forEach(bar -> strips.getChildren().add(strip(bar)));
        all.sheets().filter(each -> !each.sheets().isEmpty()).ifPresent(each -> {
            sheets.getChildren().add(Text.head("Plates"));
            each.sheets().forEach(sheet -> sheets.getChildren().add(Text.line(words(sheet))));
        });
    }

    private String words(CutPlan cuts) {
        Pace pace = desk.session().job().build().shop().pace();
        long bought = cuts.bars().stream().filter(CutPlan.CutBar::ordered).count();
        String price = cuts.price() > 0
                ? String.format(Locale.ROOT, ", %.2f %s", cuts.price(), pace.currency())
                        .stripTrailing()
                : "";
        return cuts.bars().size() + (cuts.bars().size() == 1 ? " bar, " : " bars, ") + bought + " to buy" + price
                + (cuts.unpriced() > 0 && cuts.price() > 0 ? ", " + cuts.unpriced() + " without a price" : "")
                + (cuts.proven() ? "; fewer or cheaper is not possible." : "; nothing cheaper was found in time.")
                + (desk.session().job().build().shop().stores().bars().isEmpty()
                        ? " The rack is empty: say at Shop what lies on it."
                        : "");
    }

    private VBox strip(CutPlan.CutBar bar) {
        Label head = Text.line(bar.stock().section().in(desk.units())
                + (bar.stock().material().isEmpty() ? "" : ", " + bar.stock().material()) + ": "
                + (bar.ordered() ? "bar of " : bar.stock().mark() + " of ")
                + desk.units().show(Quantity.length(bar.stock().length())) + ", leaves "
                + desk.units().show(Quantity.length(bar.left()))
                + (bar.isKept() ? "" : " of scrap"));
        head.getStyleClass().add("figure-name");
        Pane line = new Pane();
        line.getStyleClass().add("bar-strip");
        line.setMinSize(WIDTH, HEIGHT);
        line.setMaxSize(WIDTH, HEIGHT);
        double scale = WIDTH / bar.stock().length();
        for (CutPlan.Piece piece : bar.pieces()) {
            double wide = Math.max(2, piece.length() * scale - 1);
            Button tube = new Button(wide >= NAMED ? piece.tube() : "");
            tube.getStyleClass().add("bar-piece");
            tube.setAccessibleText(piece.tube() + ", " + desk.units().show(Quantity.length(piece.length())));
            tube.setMinSize(wide, HEIGHT - 2);
            tube.setPrefSize(wide, HEIGHT - 2);
            tube.setMaxSize(wide, HEIGHT - 2);
            tube.relocate(piece.from() * scale, 1);
            tube.setOnAction(click -> desk.selectionProperty().set(Optional.of(piece.tube())));
            line.getChildren().add(tube);
        }
        VBox strip = new VBox(2, head, line, Text.line(pieces(bar)));
        strip.setMinHeight(Region.USE_PREF_SIZE);
        return strip;
    }

    private String pieces(CutPlan.CutBar bar) {
        return String.join(
                " · ",
                bar.pieces().stream()
                        .map(piece -> piece.tube() + " " + desk.units().show(Quantity.length(piece.length())))
                        .toList());
    }

    private String words(PlatePlan.CutSheet sheet) {
        return sheet.stock().mark() + ", "
                + desk.units().show(Quantity.length(sheet.stock().length())) + " x "
                + desk.units().show(Quantity.length(sheet.stock().width())) + ": "
                + String.join(
                        ", ", sheet.places().stream().map(place -> place.id()).toList());
    }

    private void putBack() {
        Shop shop = desk.session().job().build().shop();
        plan.ifPresent(cuts -> desk.apply(new SetShop(shop.withStores(cuts.left(shop.stores())))));
    }
}
