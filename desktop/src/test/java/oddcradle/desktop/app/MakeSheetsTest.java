package oddcradle.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TableView;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import javafx.stage.Window;
import oddcradle.core.card.Cards;
import oddcradle.core.card.Deed;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.ReplaceJob;
import oddcradle.core.job.edit.SetShop;
import oddcradle.core.job.make.Bar;
import oddcradle.core.job.make.Part;
import oddcradle.core.job.make.Stores;
import oddcradle.files.paper.PacketPart;
import oddcradle.files.paper.PaperSize;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** Make, sheet by sheet, as the shop uses it. */
@ExtendWith(ApplicationExtension.class)
class MakeSheetsTest extends WindowDriver {
    @Start
    void start(Stage stage) {
        open(stage);
    }

    @Test
    void cutsCopesHolesWeldsAndOrder_areToldOfTheOpenJob(FxRobot robot) {
        at(robot, Step.MAKE, "cut-list");
        assertThat(rows(robot, "#cut")).isEqualTo(desk.examination().cutList().size());
        at(robot, Step.MAKE, "stock");
        until(() -> robot.lookup(".bar-piece").tryQuery().isPresent());
        Button piece = robot.lookup(".bar-piece")
                .match(node -> node.getAccessibleText().startsWith("C7,"))
                .query();
        robot.interact(piece::fire);
        assertThat(desk.selectionProperty().get()).contains("C7");
        at(robot, Step.MAKE, "copes");
        VBox words = robot.lookup("#cope-words").queryAs(VBox.class);
        assertThat(words.getChildren().toString()).contains("End at TRL", "hole saw of 31.8 mm");
        at(robot, Step.MAKE, "holes");
        until(() -> rows(robot, "#holes") == desk.examination().mountDesigns().size());
        at(robot, Step.MAKE, "welds");
        until(() -> rows(robot, "#welds") > 10);
        assertThat(text(robot, "#weld-way")).contains("ER70S-6");
        at(robot, Step.MAKE, "hardware");
        until(() -> text(robot, "#spanners").startsWith("Spanners: "));
        at(robot, Step.MAKE, "order");
        until(() ->
                !robot.lookup("#build-order").queryAs(VBox.class).getChildren().isEmpty());
    }

    /** An off-cut on the rack is sawn first; when all is cut, what is left of it lies there instead. */
    @Test
    void restsGoBackOnTheRack(FxRobot robot) {
        at(robot, Step.MAKE, "shop");
        click(robot, "#leaf-shop");
        var c7 = desk.session().job().cradle().member("C7").orElseThrow();
        Bar rest = new Bar("rest of the rack", c7.section(), "", 1.5, 1, 0);
        var shop = desk.session().job().build().shop();
        robot.interact(() -> desk.apply(new SetShop(shop.withStores(new Stores(List.of(rest), List.of())))));
        settled();
        at(robot, Step.MAKE, "stock");
        until(() -> robot.lookup("#bars")
                                .queryAs(VBox.class)
                                .getChildren()
                                .toString()
                                .length()
                        > 0
                && text(robot, "#bars-sum").contains("bars"));
        settled();
        until(() -> !desk.workshop().isWorking());
        click(robot, "#bars-done");
        settled();
        List<Bar> rack = desk.session().job().build().shop().stores().bars();
        assertThat(rack).noneMatch(bar -> bar.mark().equals("rest of the rack"));
        assertThat(rack).anyMatch(bar -> bar.mark().startsWith("off-cut") && bar.length() < 0.6);
    }

    /** A bolt is ordered: the row says so, and so does the file. */
    @Test
    void boughtThings_haveTheirState(FxRobot robot) {
        at(robot, Step.MAKE, "hardware");
        until(() -> rows(robot, "#hardware") > 3);
        TableView<?> table = robot.lookup("#hardware").queryAs(TableView.class);
        robot.interact(() -> table.getSelectionModel().select(0));
        until(() -> robot.lookup("#part-state").query().isVisible());
        robot.interact(() -> states(robot).setValue(Part.State.ORDERED));
        settled();
        assertThat(desk.session().job().build().parts()).singleElement().satisfies(part -> assertThat(part.state())
                .isEqualTo(Part.State.ORDERED));
        until(() -> table.getItems().get(0).toString().contains("ORDERED"));
        robot.interact(() -> states(robot).setValue(Part.State.TEMPORARY));
        settled();
        until(() -> text(robot, "#spanners").contains("1 in place only for a while"));
    }

    @SuppressWarnings("unchecked")
    private static ComboBox<Part.State> states(FxRobot robot) {
        return robot.lookup("#part-state").queryAs(ComboBox.class);
    }

    @Test
    void packet_isSeenPageByPage_andHoldsWhatIsChosen(FxRobot robot) {
        at(robot, Step.MAKE, "packet");
        until(() -> text(robot, "#packet-place").startsWith("page 1 of"));
        int all = pages(robot);
        until(() -> robot.lookup("#packet-page").queryAs(ImageView.class).getImage() != null);
        click(robot, "#packet-after");
        assertThat(text(robot, "#packet-place")).startsWith("page 2 of");
        robot.interact(
                () -> robot.lookup("#packet-order").queryAs(CheckBox.class).fire());
        until(() -> pages(robot) < all);
        assertThat(desk.packetParts()).doesNotContain(PacketPart.ORDER);
        assertThat(desk.packetWishes().parts()).hasSize(PacketPart.values().length - 1);
        robot.interact(() -> paper(robot).setValue(PaperSize.A3));
        until(() -> pages(robot) < all - 2);
        assertThat(desk.packetWishes().paper()).isEqualTo(PaperSize.A3);
    }

    /** A click on the page opens it large; an arrow key turns, Esc leaves. */
    @Test
    void page_isSeenLarge(FxRobot robot) {
        at(robot, Step.MAKE, "packet");
        until(() -> robot.lookup("#packet-page").queryAs(ImageView.class).getImage() != null);
        int windows = Window.getWindows().size();
        robot.clickOn("#packet-page");
        until(() -> Window.getWindows().size() == windows + 1);
        Stage large = (Stage) Window.getWindows().get(windows);
        assertThat(large.getTitle()).startsWith("Page 1 of");
        ImageView page = (ImageView) large.getScene().lookup("#packet-large");
        until(() -> page.getImage() != null);
        robot.interact(() -> large.getScene().getOnKeyPressed().handle(key(KeyCode.RIGHT)));
        assertThat(large.getTitle()).startsWith("Page 2 of");
        robot.interact(() -> large.getScene().getOnKeyPressed().handle(key(KeyCode.ESCAPE)));
        until(() -> !large.isShowing());
    }

    private static KeyEvent key(KeyCode code) {
        return new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, false, false, false);
    }

    /** A bar is put on the rack by hand, and the tubes of its section are sawn from it. */
    @Test
    void barTypedAtShop_isCut(FxRobot robot) {
        at(robot, Step.MAKE, "shop");
        Job job = desk.session().job();
        Deed bar = Cards.additions(job, Step.MAKE).get(0);
        robot.interact(() -> desk.apply(new ReplaceJob(bar.outcome().get().job(), "a bar")));
        settled();
        assertThat(desk.session().job().build().shop().stores().bars()).hasSize(1);
        at(robot, Step.MAKE, "stock");
        until(() -> !desk.workshop().isWorking());
        settled();
        until(() -> !text(robot, "#bars-sum").contains("The rack is empty"));
    }

    @SuppressWarnings("unchecked")
    private static ComboBox<PaperSize> paper(FxRobot robot) {
        return robot.lookup("#packet-paper").queryAs(ComboBox.class);
    }

    private int pages(FxRobot robot) {
        String place = text(robot, "#packet-place");
        return Integer.parseInt(place.substring(place.lastIndexOf(' ') + 1));
    }
}
