package oddcradle.files.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import javax.print.DocFlavor;
import javax.print.PrintService;
import javax.print.StreamPrintServiceFactory;
import oddcradle.core.examine.Examination;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.job.DemoJobs;
import org.junit.jupiter.api.Test;

class PrinterTest {
    /** A printer that writes PostScript: the chosen pages come out. */
    @Test
    void chosenPages_comeOut() throws Exception {
        byte[] pdf = Packet.of(
                Examination.of(DemoJobs.HUT_SKID.load().job()),
                Packet.Wishes.all(UnitStyle.MILLIMETRES, PaperSize.A4, LocalDate.of(2026, 1, 2)));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PrintService printer = StreamPrintServiceFactory.lookupStreamPrintServiceFactories(
                DocFlavor.SERVICE_FORMATTED.PRINTABLE, "application/postscript")[0]
                .getPrintService(out);
        Printer.print(pdf, List.of(2, 1), printer, 1);
        String postscript = out.toString(StandardCharsets.ISO_8859_1);
        assertThat(postscript).startsWith("%!PS");
        assertThat(postscript.split("%%Page: ", -1)).hasSize(3);
        // A page of the packet is more than a blank sheet.
        assertThat(out.size()).isGreaterThan(10_000);
    }
}
