package oddcradle.files.job;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Job files on disk. A save never leaves half a file. The ten versions before it are kept in the folder {@code
 * NAME.versions}; while a job is edited, {@code NAME.recovery} holds its latest state. What a program that was ended left
 * there is {@code NAME.recovered-TIME} until the user has answered for it.
 */
public final class JobStore {
    public static final String EXTENSION = ".cradle.json";
    static final long LARGEST = 64L << 20;
    private static final int KEPT = 10;
    private static final String ASIDE = ".recovered-";
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH-mm-ss.SSS").withZone(ZoneOffset.UTC);

    private final Clock clock;

    public JobStore(Clock clock) {
        this.clock = clock;
    }

    /** @throws UnreadableJob if the file is missing, too large or no job */
    public JobDocument open(Path file) throws IOException {
        String name = file.getFileName().toString();
        if (!Files.exists(file)) {
            throw new UnreadableJob(name, "", "does not exist; check the path");
        }
        if (!Files.isRegularFile(file)) {
            throw new UnreadableJob(name, "", "is a folder or a device, must be a file");
        }
        long size = Files.size(file);
        if (size > LARGEST) {
            throw new UnreadableJob(
                    name,
                    "",
                    "has " + (size >> 20) + " MB, a job has at most " + (LARGEST >> 20) + " MB; pick the right file");
        }
        AtomicFile.sweep(file.toAbsolutePath().getParent());
        AtomicFile.sweep(versionsOf(file));
        try {
            return JobCodec.read(name, Files.readAllBytes(file));
        } catch (UnreadableJob damaged) {
            int kept = versions(file).size();
            if (kept == 0) {
                throw damaged;
            }
            throw damaged.with("; " + kept + (kept == 1 ? " earlier version is in " : " earlier versions are in ")
                    + versionsOf(file).getFileName());
        }
    }

    /** Saves, after putting what was there among the kept versions; then forgets the recovery. */
    public void save(Path file, JobDocument document) throws IOException {
        byte[] content = JobCodec.write(document);
        if (Files.exists(file)) {
            keepVersion(file, Files.readAllBytes(file));
        }
        AtomicFile.write(file, content);
        Files.deleteIfExists(recoveryOf(file));
    }

    /** Puts the latest state where a crash leaves it to be found. */
    public void keepRecovery(Path file, JobDocument document) throws IOException {
        AtomicFile.write(recoveryOf(file), JobCodec.write(document));
    }

    public void dropRecovery(Path file) throws IOException {
        Files.deleteIfExists(recoveryOf(file));
    }

    /**
     * What was being edited when programs ended without saving, newest first. It is set aside, so that further editing leaves
     * it as it is until {@link #leave} or {@link #drop} answers for it.
     */
    public List<Recovered> recovered(Path file) throws IOException {
        Path recovery = recoveryOf(file);
        if (RecoveryFile.read(recovery).isPresent()) {
            Files.move(
                    recovery,
                    free(
                            file.toAbsolutePath().getParent(),
                            baseName(file) + ASIDE + STAMP.format(clock.instant()),
                            ""));
        }
        String start = baseName(file) + ASIDE;
        try (Stream<Path> entries = Files.list(file.toAbsolutePath().getParent())) {
            return entries.filter(entry -> entry.getFileName().toString().startsWith(start))
                    .map(RecoveryFile::read)
                    .flatMap(Optional::stream)
                    .sorted(Comparator.comparing(Recovered::keptAt).reversed())
                    .toList();
        }
    }

    /** The user does not want it now: it goes among the kept versions. */
    public void leave(Path file, Recovered recovered) throws IOException {
        keepVersion(file, Files.readAllBytes(recovered.place()));
        drop(recovered);
    }

    /** What was recovered is kept elsewhere by now. */
    public void drop(Recovered recovered) throws IOException {
        Files.deleteIfExists(recovered.place());
    }

    /** The kept versions, newest first. */
    public List<Path> versions(Path file) throws IOException {
        Path folder = versionsOf(file);
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> entries = Files.list(folder)) {
            return entries.filter(entry -> entry.getFileName().toString().endsWith(EXTENSION))
                    .sorted(Comparator.comparing(
                                    (Path entry) -> entry.getFileName().toString())
                            .reversed())
                    .toList();
        }
    }

    private void keepVersion(Path file, byte[] content) throws IOException {
        Path folder = versionsOf(file);
        Files.createDirectories(folder);
        AtomicFile.write(free(folder, STAMP.format(clock.instant()), EXTENSION), content);
        List<Path> kept = versions(file);
        for (Path old : kept.subList(Math.min(KEPT, kept.size()), kept.size())) {
            Files.deleteIfExists(old);
        }
    }

    /** Names within one millisecond still sort in their order. */
    private static Path free(Path folder, String stamp, String ending) {
        Path file;
        int copy = 0;
        do {
            file = folder.resolve(String.format(Locale.ROOT, "%s-%03d%s", stamp, copy++, ending));
        } while (Files.exists(file));
        return file;
    }

    private static Path versionsOf(Path file) {
        return file.resolveSibling(baseName(file) + ".versions");
    }

    private static Path recoveryOf(Path file) {
        return file.resolveSibling(baseName(file) + ".recovery");
    }

    private static String baseName(Path file) {
        String name = file.getFileName().toString();
        return name.endsWith(EXTENSION) ? name.substring(0, name.length() - EXTENSION.length()) : name;
    }
}
