package oddcradle.desktop.handout;

import java.awt.print.PrinterException;
import java.io.IOException;
import java.util.List;
import java.util.concurrent.Executor;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.stage.Modality;
import javafx.stage.Stage;
import javax.print.PrintService;
import oddcradle.core.math.InvalidValue;
import oddcradle.desktop.look.Look;
import oddcradle.desktop.slate.Words;
import oddcradle.files.paper.PageChoice;
import oddcradle.files.paper.Printer;

/** Which pages of a paper go to which printer, and how often. Esc leaves it. */
public final class PrintWindow {
    private final Stage stage = new Stage();
    private final byte[] pdf;
    private final int pages;
    private final Executor background;
    private final ComboBox<PrintService> printer = new ComboBox<>();
    private final TextField chosen = new TextField();
    private final TextField copies = new TextField("1");
    private final Label problem = new Label();

    private PrintWindow(byte[] pdf, int pages, Executor background) {
        this.pdf = pdf;
        this.pages = pages;
        this.background = background;
    }

    /** @param printers that can be chosen */
    public static void open(Stage owner, byte[] pdf, int pages, List<PrintService> printers, Executor background) {
        PrintWindow window = new PrintWindow(pdf, pages, background);
        window.fill(owner, printers);
        window.stage.show();
    }

    private void fill(Stage owner, List<PrintService> printers) {
        printer.setId("print-printer");
        printer.setAccessibleText("printer");
        printer.getItems().setAll(printers);
        printer.setConverter(new Words<>(printers, PrintService::getName));
        printer.getSelectionModel().selectFirst();
        chosen.setId("print-pages");
        chosen.setPromptText("all " + pages + ", or 1-3, 5");
        chosen.getStyleClass().add("word-field");
        copies.setId("print-copies");
        copies.getStyleClass().add("quantity-field");
        problem.setId("print-problem");
        problem.getStyleClass().add("field-problem");
        problem.setWrapText(true);
        Label scale = new Label(
                "Printed as large as it is; on the first page is a bar to measure. Scaling to fit spoils every template.");
        scale.getStyleClass().add("caution");
        scale.setWrapText(true);
        Button print = new Button("Print");
        print.setId("print-go");
        print.setDefaultButton(true);
        print.getStyleClass().add("strong-button");
        print.setDisable(printers.isEmpty());
        print.setOnAction(click -> print());
        Button leave = new Button("Not now");
        leave.getStyleClass().add("plain-button");
        leave.setOnAction(click -> stage.hide());
        if (printers.isEmpty()) {
            problem.setText("No printer is set up on this system; write the PDF and print it elsewhere, at 100 %.");
        }
        VBox body = new VBox(
                8,
                row("Printer", printer),
                row("Pages", chosen),
                row("Copies", copies),
                scale,
                problem,
                new HBox(8, print, leave));
        body.getStyleClass().add("slate-body");
        Scene scene = new Scene(body, 420, 300);
        Look.lend(owner.getScene(), scene);
        scene.addEventHandler(KeyEvent.KEY_PRESSED, press -> {
            if (press.getCode() == KeyCode.ESCAPE) {
                stage.hide();
            }
        });
        stage.initOwner(owner);
        stage.initModality(Modality.WINDOW_MODAL);
        stage.setTitle("Print · Odd Cradle");
        stage.setScene(scene);
    }

    private static HBox row(String name, Node field) {
        Label label = new Label(name);
        label.getStyleClass().add("name");
        HBox row = new HBox(label, field);
        row.getStyleClass().add("field-row");
        return row;
    }

    private void print() {
        List<Integer> numbers;
        int times;
        try {
            numbers = PageChoice.read(chosen.getText(), pages);
            times = PageChoice.read(copies.getText(), 99).get(0);
        } catch (InvalidValue wrong) {
            problem.setText(wrong.field() + " " + wrong.problem());
            return;
        }
        PrintService service = printer.getValue();
        problem.setText("Printing …");
        background.execute(() -> {
            try {
                Printer.print(pdf, numbers, service, times);
                Platform.runLater(stage::hide);
            } catch (IOException | PrinterException refused) {
                Platform.runLater(
                        () -> problem.setText("The printer did not take it; look whether it is on and has paper."));
            }
        });
    }
}
