package oddcradle.desktop.step.cradle;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import oddcradle.core.catalog.Nut;
import oddcradle.core.catalog.SectionStock;
import oddcradle.core.job.edit.SetShop;
import oddcradle.core.job.make.Shop;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.section.Section;
import oddcradle.desktop.slate.WordField;
import oddcradle.desktop.store.Desk;

/** What the shop buys and has on its shelf. */
final class ShopForm extends VBox {
    private final Desk desk;

    private final ComboBox<String> bolts = new ComboBox<>();
    private final ComboBox<String> edges = new ComboBox<>();
    private final ComboBox<String> nuts = new ComboBox<>();
    private final WordField shelf;
    private boolean showing;

    ShopForm(Desk desk) {
        super(6);
        this.desk = desk;
        Label head = new Label("The shop");
        head.getStyleClass().add("section-title");
        bolts.getItems().setAll("metric", "inch");
        bolts.setOnAction(choice -> take(isSecond(bolts), shop().thin(), shop().nuts()));
        edges.getItems().setAll("1.5 diameters", "2 diameters, thin sheet");
        edges.setOnAction(choice -> take(shop().inch(), isSecond(edges), shop().nuts()));
        nuts.getItems().setAll("locking nuts", "plain nuts");
        nuts.setOnAction(choice -> take(shop().inch(), shop().thin(), isSecond(nuts) ? Nut.PLAIN : Nut.LOCKING));
        shelf = WordField.wide("shop-shelf", "shelf", "nothing named: common supply", typed -> desk.session()
                .apply(new SetShop(shop().withStock(sections(typed)))));
        Label how = new Label("Shelf: sections as they are called in the lists, apart by semicolons.");
        how.setWrapText(true);
        how.getStyleClass().add("figure-name");
        getChildren()
                .addAll(
                        head,
                        row("bolts", "shop-bolts", bolts),
                        row("nuts", "shop-nuts", nuts),
                        row("edges", "shop-edges", edges),
                        shelf,
                        how);
        refresh();
    }

    private static HBox row(String name, String id, ComboBox<String> box) {
        Label label = new Label(name);
        label.getStyleClass().add("name");
        box.setId(id);
        box.setAccessibleText(name);
        HBox row = new HBox(label, box);
        row.getStyleClass().add("field-row");
        return row;
    }

    private static boolean isSecond(ComboBox<String> box) {
        return box.getSelectionModel().getSelectedIndex() == 1;
    }

    private void take(boolean inch, boolean thin, Nut kind) {
        if (!showing) {
            desk.apply(new SetShop(shop().withInch(inch).withThin(thin).withNuts(kind)));
        }
    }

    /** Shows what the job's shop has. */
    void refresh() {
        showing = true;
        bolts.getSelectionModel().select(shop().inch() ? 1 : 0);
        nuts.getSelectionModel().select(shop().nuts() == Nut.PLAIN ? 1 : 0);
        edges.getSelectionModel().select(shop().thin() ? 1 : 0);
        shelf.show(
                shop().stock().stream().map(each -> each.in(desk.units())).collect(Collectors.joining("; ")),
                desk.units());
        showing = false;
    }

    private Shop shop() {
        return desk.session().job().build().shop();
    }

    private List<Section> sections(String text) {
        List<Section> sections = new ArrayList<>();
        for (String word : text.split(";")) {
            String wanted = word.strip();
            if (!wanted.isEmpty()) {
                sections.add(SectionStock.all().stream()
                        .filter(each -> each.in(desk.units()).equals(wanted)
                                || each.designation().equals(wanted))
                        .findFirst()
                        .orElseThrow(() -> new InvalidValue(
                                "shelf", "names \"" + wanted + "\", which is in no list; such as tube 25.4 x 1.65")));
            }
        }
        return sections;
    }
}
