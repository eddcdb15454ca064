package oddcradle.desktop.handout;

import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.image.Image;
import javafx.stage.FileChooser;
import javafx.stage.Stage;
import oddcradle.core.examine.Examination;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.clip.Clip;
import oddcradle.desktop.clip.SaveRequest;
import oddcradle.desktop.stand.Stand;
import oddcradle.desktop.store.Desk;
import oddcradle.files.drawing.Sight;
import oddcradle.files.handout.HandOut;
import oddcradle.files.handout.JobTables;
import oddcradle.files.handout.SolidsAsMesh;
import oddcradle.files.job.AtomicFile;

/** Asks for a file and writes what is shown into it, beside the work; or copies it. */
public final class HandOuts {
    /** A picture has this many times the pixels of the screen each way: it is also printed. */
    private static final double FINER = 2;

    private final Stage stage;
    private final Desk desk;
    private final Stand stand;
    private final Executor background;
    private final Told told;

    /** What is told of a file, on the window's thread. */
    public interface Told {
        void written(Path file);

        /** Where to begin to look for a place. */
        Optional<Path> folder();

        /** @param trouble a sentence */
        void failed(String trouble);
    }

    private interface Writing {
        void to(Path file) throws IOException;
    }

    public HandOuts(Stage stage, Desk desk, Stand stand, Executor background, Told told) {
        this.stage = stage;
        this.desk = desk;
        this.stand = stand;
        this.background = background;
        this.told = told;
    }

    public void picture() {
        ask("Picture of the stand", "stand", "png").ifPresent(this::picture);
    }

    public void picture(Path file) {
        Image image = stand.picture(FINER);
        write(file, path -> AtomicFile.write(path, Clip.png(image)));
    }

    public void svg() {
        ask("Drawing of this view", "view", "svg").ifPresent(this::svg);
    }

    public void svg(Path file) {
        Examination examination = desk.examination();
        Sight sight = stand.sight();
        write(file, path -> HandOut.svg(examination, sight, path));
    }

    public void dxf() {
        ask("Drawing of this view", "view", "dxf").ifPresent(this::dxf);
    }

    public void dxf(Path file) {
        Examination examination = desk.examination();
        Sight sight = stand.sight();
        write(file, path -> HandOut.dxf(examination, sight, path));
    }

    public void stl(SolidsAsMesh.Of which) {
        ask("Solids of the " + which.word(), which.word(), "stl").ifPresent(file -> stl(which, file));
    }

    public void stl(SolidsAsMesh.Of which, Path file) {
        Examination examination = desk.examination();
        write(file, path -> HandOut.stl(examination, which, path));
    }

    public void csv(JobTables table) {
        ask("Table of " + table.word(), table.word(), "csv").ifPresent(file -> csv(table, file));
    }

    public void csv(JobTables table, Path file) {
        Examination examination = desk.examination();
        UnitStyle units = desk.units();
        write(file, path -> HandOut.csv(examination, table, units, path));
    }

    /** The stand as it is shown, onto the clipboard. */
    public void copyPicture() {
        Clip.put(stand.picture(FINER));
    }

    /** Onto the clipboard, as a spreadsheet takes it. */
    public void copy(JobTables table) {
        Clip.put(table.of(desk.examination(), desk.units()));
    }

    /** What a sheet shows, in the first of its forms unless the name of the file says another. */
    public void save(SaveRequest request) {
        List<String> endings = List.copyOf(request.contents().keySet());
        ask("Save the " + request.of(), request.of(), endings).ifPresent(file -> save(request, file));
    }

    public void save(SaveRequest request, Path file) {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        Supplier<byte[]> content = request.contents().entrySet().stream()
                .filter(each -> name.endsWith("." + each.getKey()))
                .findFirst()
                .orElseGet(() -> request.contents().entrySet().iterator().next())
                .getValue();
        byte[] bytes = content.get();
        write(file, path -> AtomicFile.write(path, bytes));
    }

    private Optional<Path> ask(String title, String of, String ending) {
        return ask(title, of, List.of(ending));
    }

    private Optional<Path> ask(String title, String of, List<String> endings) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        told.folder().map(Path::toFile).ifPresent(chooser::setInitialDirectory);
        String job = desk.session().job().name().replaceAll("[^\\p{L}\\p{N} _-]", "_");
        chooser.setInitialFileName(job + " " + of + "." + endings.get(0));
        endings.forEach(ending -> chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter(ending.toUpperCase(Locale.ROOT), "*." + ending)));
        return Optional.ofNullable(chooser.showSaveDialog(stage)).map(File::toPath);
    }

    private void write(Path file, Writing writing) {
        background.execute(() -> {
            try {
                writing.to(file);
                Platform.runLater(() -> told.written(file));
            } catch (IOException failed) {
                Platform.runLater(() -> told.failed(
                        file.getFileName() + " could not be written: the folder or the disk does not take it."));
            } catch (InvalidValue nothing) {
                Platform.runLater(() -> told.failed("There is no " + nothing.field() + " yet to write."));
            }
        });
    }
}
