package oddcradle.core.catalog;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import oddcradle.core.section.Tube;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** Round tube sizes in common supply. */
public final class TubeStock {
    private static final List<Tube> LIGHTEST_FIRST = load();

    private TubeStock() {}

    /** All sizes, the one with least metal first. */
    public static List<Tube> lightestFirst() {
        return LIGHTEST_FIRST;
    }

    private static List<Tube> load() {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (InputStream in = TubeStock.class.getResourceAsStream("/oddcradle/core/catalog/tubes.csv")) {
            List<Tube> tubes = new ArrayList<>();
            for (CSVRecord row : format.parse(new InputStreamReader(in, StandardCharsets.UTF_8))) {
                tubes.add(new Tube(metres(row.get("od_mm")), metres(row.get("wall_mm"))));
            }
            tubes.sort(Comparator.comparingDouble(Tube::area));
            return List.copyOf(tubes);
        } catch (IOException unreadable) {
            throw new UncheckedIOException("tubes.csv inside the program cannot be read", unreadable);
        }
    }

    /** Exactly the double that somebody who types the millimetres gets. */
    private static double metres(String millimetres) {
        return new BigDecimal(millimetres).movePointLeft(3).doubleValue();
    }
}
