package oddcradle.core.catalog;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.material.Material;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/**
 * A material in common supply, and what welding does to it.
 *
 * @param material E, density and strength, that beside a weld empty where it is not welded
 * @param fatigueRange range at two million cycles of an attachment welded to it, Pa; empty where it is not welded
 * @param filler in the words of a welding shop
 * @param source of its figures
 */
public record StockMaterial(Material material, Optional<Double> fatigueRange, String filler, String source) {
    private static final List<StockMaterial> ALL = load();

    /** Steels first. */
    public static List<StockMaterial> all() {
        return ALL;
    }

    private static List<StockMaterial> load() {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (InputStream in = StockMaterial.class.getResourceAsStream("/oddcradle/core/catalog/materials.csv")) {
            List<StockMaterial> materials = new ArrayList<>();
            for (CSVRecord row : format.parse(new InputStreamReader(in, StandardCharsets.UTF_8))) {
                materials.add(read(row));
            }
            return List.copyOf(materials);
        } catch (IOException unreadable) {
            throw new UncheckedIOException("materials.csv inside the program cannot be read", unreadable);
        }
    }

    private static StockMaterial read(CSVRecord row) {
        Material material = new Material(
                row.get("name"),
                Double.parseDouble(row.get("youngs_gpa")) * 1e9,
                Double.parseDouble(row.get("poisson")),
                Double.parseDouble(row.get("density")),
                Double.parseDouble(row.get("yield_mpa")) * 1e6,
                Optional.of(Double.parseDouble(row.get("ultimate_mpa")) * 1e6),
                megapascals(row.get("welded_yield_mpa")));
        return new StockMaterial(material, megapascals(row.get("fatigue_mpa")), row.get("filler"), row.get("source"));
    }

    private static Optional<Double> megapascals(String text) {
        return text.isEmpty() ? Optional.empty() : Optional.of(Double.parseDouble(text) * 1e6);
    }
}
