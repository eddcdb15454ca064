package oddcradle.files.paper;

import java.awt.print.Book;
import java.awt.print.Printable;
import java.awt.print.PrinterException;
import java.awt.print.PrinterJob;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import javax.print.DocFlavor;
import javax.print.PrintService;
import javax.print.PrintServiceLookup;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.printing.PDFPageable;

/** Sends pages of a paper to a printer of this system at true scale. */
public final class Printer {
    private Printer() {}

    /** Those that this system has; none where no printer is set up. */
    public static List<PrintService> all() {
        return Arrays.asList(PrintServiceLookup.lookupPrintServices(DocFlavor.SERVICE_FORMATTED.PRINTABLE, null));
    }

    /**
     * @param pages numbers from 1, in the order they are to come out
     * @param copies 1 or more
     * @throws PrinterException if the printer does not take them
     */
    public static void print(byte[] pdf, List<Integer> pages, PrintService printer, int copies)
            throws IOException, PrinterException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFPageable whole = new PDFPageable(document);
            Book book = new Book();
            for (int page : pages) {
                Printable printed = whole.getPrintable(page - 1);
                // A book asks by the place in it, the document by its own numbers.
                book.append(
                        (graphics, format, place) -> printed.print(graphics, format, page - 1),
                        whole.getPageFormat(page - 1));
            }
            PrinterJob job = PrinterJob.getPrinterJob();
            job.setPrintService(printer);
            job.setJobName("Odd Cradle");
            job.setCopies(copies);
            job.setPageable(book);
            job.print();
        }
    }
}
