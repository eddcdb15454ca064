package oddcradle.files.job;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The latest state of jobs that are in no file yet, in a folder of the program's own, one file for each running program. A
 * program that is still running keeps its job to itself.
 */
public final class UnsavedJobs {
    private static final String ENDING = ".recovery";

    private final Path folder;
    private final long process;
    private boolean begun;

    /**
     * @param folder made when it is first needed
     * @param process number of this process
     */
    public UnsavedJobs(Path folder, long process) {
        this.folder = folder;
        this.process = process;
    }

    /** The folder that this system gives a program for its data. */
    public static UnsavedJobs ofThisUser() {
        return new UnsavedJobs(UserFolder.of("unsaved"), ProcessHandle.current().pid());
    }

    public synchronized void keep(JobDocument document) throws IOException {
        Files.createDirectories(folder);
        setAside();
        AtomicFile.write(own(), JobCodec.write(document));
    }

    /** Forgets what this program keeps. */
    public synchronized void drop() throws IOException {
        setAside();
        Files.deleteIfExists(own());
    }

    /** What programs left that run no more, newest first; what cannot be read is passed over. */
    public synchronized List<Recovered> left() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        AtomicFile.sweep(folder);
        try {
            setAside();
        } catch (IOException notMoved) {
            return List.of();
        }
        try (Stream<Path> entries = Files.list(folder)) {
            return entries.filter(this::isLeft)
                    .map(RecoveryFile::read)
                    .flatMap(Optional::stream)
                    .sorted(Comparator.comparing(Recovered::keptAt).reversed())
                    .toList();
        } catch (IOException unreadable) {
            return List.of();
        }
    }

    /** Numbers of processes come again: what stands under ours at first is another program's. */
    private void setAside() throws IOException {
        if (!begun && Files.exists(own())) {
            Path aside;
            int copy = 0;
            do {
                aside = folder.resolve(process + "-" + copy++ + ENDING);
            } while (Files.exists(aside));
            Files.move(own(), aside);
        }
        begun = true;
    }

    private Path own() {
        return folder.resolve(process + ENDING);
    }

    private boolean isLeft(Path entry) {
        String name = entry.getFileName().toString();
        String number = name.endsWith(ENDING) ? name.substring(0, name.length() - ENDING.length()) : "";
        String owner = number.split("-", 2)[0];
        return owner.matches("\\d{1,18}")
                && (number.contains("-")
                        || ProcessHandle.of(Long.parseLong(owner)).isEmpty());
    }
}
