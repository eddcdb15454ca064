package oddcradle.files.job;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Job files on disk. A save never leaves half a file: it is written beside, flushed and renamed. The ten versions before
 * it are kept in the folder {@code NAME.versions}; while a job is edited, {@code NAME.recovery} holds its latest state.
 */
public final class JobStore {
    public static final String EXTENSION = ".cradle.json";
    private static final long LARGEST = 64L << 20;
    private static final int KEPT = 10;
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
        return JobCodec.read(name, Files.readAllBytes(file));
    }

    /** Saves, after putting what was there among the kept versions; then forgets the recovery. */
    public void save(Path file, JobDocument document) throws IOException {
        byte[] content = JobCodec.write(document);
        if (Files.exists(file)) {
            keepVersion(file);
        }
        writeAtomically(file, content);
        Files.deleteIfExists(recoveryOf(file));
    }

    /** Puts the latest state where a crash leaves it to be found. */
    public void keepRecovery(Path file, JobDocument document) throws IOException {
        writeAtomically(recoveryOf(file), JobCodec.write(document));
    }

    public void dropRecovery(Path file) throws IOException {
        Files.deleteIfExists(recoveryOf(file));
    }

    /** What was being edited when the program ended without saving; empty if nothing or if it cannot be read. */
    public Optional<JobDocument> recovery(Path file) {
        Path recovery = recoveryOf(file);
        try {
            if (!Files.isRegularFile(recovery) || Files.size(recovery) > LARGEST) {
                return Optional.empty();
            }
            return Optional.of(JobCodec.read(recovery.getFileName().toString(), Files.readAllBytes(recovery)));
        } catch (IOException unreadable) {
            return Optional.empty();
        }
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

    private void keepVersion(Path file) throws IOException {
        Path folder = versionsOf(file);
        Files.createDirectories(folder);
        String stamp = STAMP.format(clock.instant());
        Path version;
        int copy = 0;
        do {
            // Saves within one millisecond still sort in their order.
            version = folder.resolve(String.format(Locale.ROOT, "%s-%03d%s", stamp, copy++, EXTENSION));
        } while (Files.exists(version));
        Files.copy(file, version);
        List<Path> kept = versions(file);
        for (Path old : kept.subList(Math.min(KEPT, kept.size()), kept.size())) {
            Files.deleteIfExists(old);
        }
    }

    private static void writeAtomically(Path file, byte[] content) throws IOException {
        Path folder = file.toAbsolutePath().getParent();
        Path beside = Files.createTempFile(folder, ".saving-", ".tmp");
        try {
            try (FileChannel channel = FileChannel.open(beside, StandardOpenOption.WRITE)) {
                ByteBuffer buffer = ByteBuffer.wrap(content);
                while (buffer.hasRemaining()) {
                    channel.write(buffer);
                }
                channel.force(true);
            }
            try {
                Files.move(beside, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            } catch (AtomicMoveNotSupportedException notHere) {
                Files.move(beside, file, StandardCopyOption.REPLACE_EXISTING);
            }
        } finally {
            Files.deleteIfExists(beside);
        }
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
