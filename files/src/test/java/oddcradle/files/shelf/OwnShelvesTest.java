package oddcradle.files.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import oddcradle.core.catalog.Shelf;
import oddcradle.core.catalog.ShelfRow;
import oddcradle.core.catalog.Shelves;
import oddcradle.core.math.InvalidValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class OwnShelvesTest {
    @TempDir
    Path folder;

    @Test
    void rowOfOnesOwn_isThereNextTime_andIsReplacedByItsName() throws IOException {
        OwnShelves own = new OwnShelves(folder.resolve("shelves"));
        assertThat(own.load().shelves().of(Shelf.CHAINS)).isEqualTo(Shelves.SHIPPED.of(Shelf.CHAINS));
        own.put(new ShelfRow(Shelf.CHAINS, "barn chain, \"old\"", List.of(0.0254, 40_000.0), "weighed, guessed", true));
        ShelfRow better = new ShelfRow(Shelf.CHAINS, "barn chain, \"old\"", List.of(0.0254, 38_500.0), "tested", true);
        own.put(better);
        own.put(new ShelfRow(Shelf.CHAINS, "other", List.of(0.0127, 9_000.0), "me", true));
        List<ShelfRow> all =
                new OwnShelves(folder.resolve("shelves")).load().shelves().of(Shelf.CHAINS);
        assertThat(all).contains(better).filteredOn(ShelfRow::own).hasSize(2);
        assertThat(Files.readString(folder.resolve("shelves").resolve("chains.csv")))
                .contains("25.4")
                .contains("38.5");
    }

    /** A table that somebody broke is told of and left as it is; the others are there. */
    @Test
    void brokenTable_isToldAndNotOverwritten() throws IOException {
        String broken = "name,pitch_mm,breaking_kn,source\nmine,wide,10,me\n";
        Files.writeString(folder.resolve("chains.csv"), broken);
        Files.write(folder.resolve("keys.csv"), new byte[2 << 20]);
        Files.write(folder.resolve("tyres.csv"), new byte[] {(byte) 0xff, (byte) 0xfe, 0, 1});
        OwnShelves own = new OwnShelves(folder);
        own.put(new ShelfRow(Shelf.PADS, "mine", List.of(0.03, 0.02), "me", true));
        OwnShelves.Loaded loaded = own.load();
        assertThat(loaded.troubles()).hasSize(3).anyMatch(each -> each.contains("chains.csv") && each.contains("wide"));
        assertThat(loaded.troubles()).anyMatch(each -> each.contains("keys.csv") && each.contains("bytes"));
        assertThat(loaded.shelves().of(Shelf.PADS)).anyMatch(ShelfRow::own);
        assertThatThrownBy(() -> own.put(new ShelfRow(Shelf.CHAINS, "other", List.of(0.0127, 9e3), "me", true)))
                .isInstanceOf(InvalidValue.class);
        assertThat(Files.readString(folder.resolve("chains.csv"))).isEqualTo(broken);
    }
}
