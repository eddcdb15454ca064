package oddcradle.files.handout;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import oddcradle.core.units.DecimalMark;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * Rows of words and numbers to be taken elsewhere.
 *
 * @param headings one for each column, with its unit where all its numbers have one
 */
public record HandTable(List<String> headings, List<List<String>> rows) {
    public HandTable {
        headings = List.copyOf(headings);
        rows = rows.stream().map(List::copyOf).toList();
    }

    /** As CSV, quotes where they are needed; columns are apart by semicolons where a comma stands before decimals. */
    public String csv() {
        return printed(
                DecimalMark.used() == DecimalMark.POINT
                        ? CSVFormat.RFC4180
                        : CSVFormat.RFC4180.builder().setDelimiter(';').get());
    }

    /** Apart by tabs, as a spreadsheet takes it from the clipboard. */
    public String tabbed() {
        return printed(CSVFormat.TDF);
    }

    private String printed(CSVFormat format) {
        StringWriter text = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(text, format)) {
            printer.printRecord(headings);
            printer.printRecords(rows);
        } catch (IOException impossible) {
            throw new UncheckedIOException("a table in memory could not be written", impossible);
        }
        return text.toString();
    }
}
