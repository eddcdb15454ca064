package oddcradle.desktop.help;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Properties;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** What the program is, its version, what it is made of and under which licences. */
final class About {
    private About() {}

    static String text() {
        StringBuilder text = new StringBuilder("# Odd Cradle " + version() + "\n\n")
                .append("For builders who fit an engine into a machine it was not made for. MIT License.\n\n")
                .append("Java ")
                .append(System.getProperty("java.version"))
                .append(", JavaFX ")
                .append(System.getProperty("javafx.version"))
                .append(", ")
                .append(System.getProperty("os.name"))
                .append(".\n\n")
                .append(
                        "Its numbers help to decide; they do not certify. Local codes, the maker's data and licensed practice come"
                                + " first where lifting, welding, rotating parts, fuel, brakes or flight are concerned.\n\n")
                .append("| made with | licence |\n|---|---|\n");
        try (InputStreamReader in = new InputStreamReader(
                About.class.getResourceAsStream("/oddcradle/desktop/libraries.csv"), StandardCharsets.UTF_8)) {
            for (CSVRecord row : CSVFormat.DEFAULT
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .get()
                    .parse(in)) {
                text.append("| ")
                        .append(row.get(0))
                        .append(" | ")
                        .append(row.get(1))
                        .append(" |\n");
            }
        } catch (IOException unreadable) {
            throw new UncheckedIOException("the list of libraries cannot be read", unreadable);
        }
        return text.toString();
    }

    private static String version() {
        Properties about = new Properties();
        try (InputStream in = About.class.getResourceAsStream("/oddcradle/desktop/about.properties")) {
            about.load(in);
        } catch (IOException unreadable) {
            throw new UncheckedIOException("the version cannot be read", unreadable);
        }
        return about.getProperty("version");
    }
}
