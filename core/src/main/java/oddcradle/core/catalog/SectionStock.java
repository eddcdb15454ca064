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
import oddcradle.core.section.Angle;
import oddcradle.core.section.Rect;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** Bar and tube sizes in common supply; everywhere the one with least metal comes first. */
public final class SectionStock {
    private static final List<Section> ALL = load();

    private SectionStock() {}

    public static List<Section> all() {
        return ALL;
    }

    /** Round tube. */
    public static List<Tube> tubes() {
        return of(Tube.class);
    }

    /** Those of one shape. */
    public static <T extends Section> List<T> of(Class<T> shape) {
        return ALL.stream().filter(shape::isInstance).map(shape::cast).toList();
    }

    private static List<Section> load() {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (InputStream in = SectionStock.class.getResourceAsStream("/oddcradle/core/catalog/sections.csv")) {
            List<Section> sections = new ArrayList<>();
            for (CSVRecord row : format.parse(new InputStreamReader(in, StandardCharsets.UTF_8))) {
                sections.add(section(row));
            }
            sections.sort(Comparator.comparingDouble(Section::area));
            return List.copyOf(sections);
        } catch (IOException unreadable) {
            throw new UncheckedIOException("sections.csv inside the program cannot be read", unreadable);
        }
    }

    private static Section section(CSVRecord row) {
        double a = metres(row.get("a_mm"));
        double b = metres(row.get("b_mm"));
        double wall = metres(row.get("wall_mm"));
        return switch (row.get("shape")) {
            case "box" -> new RectTube(a, b, wall);
            case "angle" -> new Angle(a, wall);
            case "flat" -> new Rect(a, b);
            default -> new Tube(a, wall);
        };
    }

    /** Exactly the double that somebody who types the millimetres gets. */
    private static double metres(String millimetres) {
        return new BigDecimal(millimetres).movePointLeft(3).doubleValue();
    }
}
