package oddcradle.files.shelf;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import oddcradle.core.catalog.Shelf;
import oddcradle.core.catalog.ShelfRow;
import oddcradle.core.catalog.Shelves;
import oddcradle.core.math.InvalidValue;
import oddcradle.files.job.AtomicFile;
import oddcradle.files.job.UserFolder;
import org.apache.commons.csv.CSVFormat;

/**
 * A folder of tables like the program's own, one for each shelf the user has put something on. A table that cannot be used is told of
 * and left alone.
 */
public final class OwnShelves {
    private static final long LARGEST = 1L << 20;

    private final Path folder;

    /** @param folder made when it is first needed */
    public OwnShelves(Path folder) {
        this.folder = folder;
    }

    /** In the folder that this system gives a program for its data. */
    public static OwnShelves ofThisUser() {
        return new OwnShelves(UserFolder.of("shelves"));
    }

    public Path folder() {
        return folder;
    }

    /**
     * The program's rows with the user's.
     *
     * @param troubles tables that cannot be used, each with why
     */
    public record Loaded(Shelves shelves, List<String> troubles) {
        public Loaded {
            troubles = List.copyOf(troubles);
        }
    }

    public Loaded load() {
        Shelves shelves = Shelves.SHIPPED;
        List<String> troubles = new ArrayList<>();
        for (Shelf shelf : Shelf.values()) {
            try {
                shelves = shelves.with(shelf, own(shelf));
            } catch (InvalidValue wrong) {
                troubles.add(wrong.getMessage());
            } catch (IOException | UncheckedIOException unreadable) {
                troubles.add(shelf.file() + " cannot be read: " + unreadable.getMessage());
            }
        }
        return new Loaded(shelves, troubles);
    }

    private List<ShelfRow> own(Shelf shelf) throws IOException {
        Path table = folder.resolve(shelf.file());
        if (!shelf.takesOwnRows() || !Files.isRegularFile(table)) {
            return List.of();
        }
        if (Files.size(table) > LARGEST) {
            throw new InvalidValue(
                    shelf.file(),
                    "has " + Files.size(table) + " bytes, at most " + LARGEST + " are read; keep what you use");
        }
        try (Reader text = Files.newBufferedReader(table, StandardCharsets.UTF_8)) {
            return Shelves.read(shelf, text, true);
        }
    }

    /**
     * Puts a row on its shelf; one of its name that the user put there before is replaced.
     *
     * @throws InvalidValue if the table that is there cannot be used: it is not overwritten
     */
    public void put(ShelfRow row) throws IOException {
        List<ShelfRow> rows = new ArrayList<>(own(row.shelf()));
        rows.removeIf(each -> each.name().equals(row.name()));
        rows.add(row);
        StringBuilder table = new StringBuilder();
        CSVFormat.DEFAULT.printRecord(table, Shelves.headings(row.shelf()).toArray());
        for (ShelfRow each : rows) {
            CSVFormat.DEFAULT.printRecord(table, Shelves.cells(each).toArray());
        }
        Files.createDirectories(folder);
        AtomicFile.write(folder.resolve(row.shelf().file()), table.toString().getBytes(StandardCharsets.UTF_8));
    }
}
