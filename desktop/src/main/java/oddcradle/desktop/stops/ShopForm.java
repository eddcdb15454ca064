package oddcradle.desktop.stops;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import oddcradle.core.catalog.SectionStock;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.JobEdit;
import oddcradle.core.job.Shop;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.section.Section;
import oddcradle.desktop.slate.Form;
import oddcradle.desktop.store.Desk;

/** What the shop buys and has on its shelf. */
final class ShopForm extends VBox {
    private final Desk desk;

    /** Another shop for the job. */
    private record SetShop(Shop shop) implements JobEdit {
        @Override
        public Job applyTo(Job job) {
            return job.withBuild(job.build().withShop(shop));
        }

        @Override
        public Phrase label() {
            return Phrase.of("the shop's stock");
        }

        @Override
        public String mergeKey() {
            return "shop";
        }
    }

    ShopForm(Desk desk) {
        super(6);
        this.desk = desk;
        Form form = new Form("shop", "The shop");
        ComboBox<String> bolts = form.choice("bolts", List.of("metric", "inch"), String::toString);
        ComboBox<String> edges =
                form.choice("edges", List.of("1.5 diameters", "2 diameters, thin sheet"), String::toString);
        bolts.getSelectionModel().select(shop().inch() ? 1 : 0);
        edges.getSelectionModel().select(shop().thin() ? 1 : 0);
        TextField shelf = form.text("shelf", "empty: common supply");
        Label how = new Label("Shelf: sections as they are called in the lists, apart by semicolons.");
        how.setWrapText(true);
        how.getStyleClass().add("figure-name");
        form.getChildren().add(how);
        form.button("Take it", () -> {
            boolean inch = bolts.getSelectionModel().getSelectedIndex() == 1;
            boolean thin = edges.getSelectionModel().getSelectedIndex() == 1;
            desk.session()
                    .apply(new SetShop(new Shop(sections(shelf.getText()), shop().plates(), inch, shop().jig(), thin)));
        });
        getChildren().add(form);
    }

    private Shop shop() {
        return desk.session().job().build().shop();
    }

    private static List<Section> sections(String text) {
        List<Section> sections = new ArrayList<>();
        for (String word : text.split(";")) {
            String wanted = word.strip();
            if (!wanted.isEmpty()) {
                sections.add(SectionStock.all().stream()
                        .filter(each -> each.designation().equals(wanted))
                        .findFirst()
                        .orElseThrow(() -> new InvalidValue(
                                "shelf", "names \"" + wanted + "\", which is in no list; such as tube 25.4 x 1.65")));
            }
        }
        return sections;
    }
}
