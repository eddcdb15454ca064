package oddcradle.files.job;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.util.concurrent.atomic.AtomicLong;

/**
 * Replaces files whole: what is new is written beside, flushed to the disk and renamed. A process that is killed half way
 * leaves only what was written beside; {@link #sweep} takes that away.
 */
public final class AtomicFile {
    private static final String BESIDE = ".saving-";
    private static final String ENDING = ".tmp";
    private static final AtomicLong COUNT = new AtomicLong();

    private AtomicFile() {}

    /** Keeps the permissions of the file that is replaced; a link stays a link and its target is replaced. */
    public static void write(Path file, byte[] content) throws IOException {
        Path target = Files.exists(file) ? file.toRealPath() : file.toAbsolutePath();
        Path folder = target.getParent();
        Path beside = folder.resolve(BESIDE + ProcessHandle.current().pid() + "-" + COUNT.incrementAndGet() + ENDING);
        try {
            try (FileChannel channel =
                    FileChannel.open(beside, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
                ByteBuffer buffer = ByteBuffer.wrap(content);
                while (buffer.hasRemaining()) {
                    channel.write(buffer);
                }
                channel.force(true);
            }
            keepPermissions(target, beside);
            try {
                Files.move(beside, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            } catch (AtomicMoveNotSupportedException notHere) {
                Files.move(beside, target, StandardCopyOption.REPLACE_EXISTING);
            }
            syncEntries(folder);
        } finally {
            Files.deleteIfExists(beside);
        }
    }

    /** Copies a file to a place where there is none; half a copy is never there. */
    public static void copy(Path from, Path to) throws IOException {
        Path target = to.toAbsolutePath();
        Path beside =
                target.resolveSibling(BESIDE + ProcessHandle.current().pid() + "-" + COUNT.incrementAndGet() + ENDING);
        try {
            Files.copy(from, beside);
            Files.move(beside, target);
        } finally {
            Files.deleteIfExists(beside);
        }
    }

    private static void keepPermissions(Path before, Path after) throws IOException {
        PosixFileAttributeView view = Files.getFileAttributeView(after, PosixFileAttributeView.class);
        if (view != null && Files.exists(before)) {
            view.setPermissions(Files.getPosixFilePermissions(before));
        }
    }

    /** The new name is on the disk too, not only the content. */
    private static void syncEntries(Path folder) {
        try (FileChannel entries = FileChannel.open(folder, StandardOpenOption.READ)) {
            entries.force(true);
        } catch (IOException notHere) {
            // Some systems do not open a folder; they write its entries by themselves.
        }
    }

    /** Takes away what killed processes left half written in a folder; what cannot be taken away stays. */
    static void sweep(Path folder) {
        if (!Files.isDirectory(folder)) {
            return;
        }
        try (DirectoryStream<Path> left = Files.newDirectoryStream(folder, BESIDE + "*" + ENDING)) {
            for (Path each : left) {
                if (!isBeingWritten(each)) {
                    Files.deleteIfExists(each);
                }
            }
        } catch (IOException notOurs) {
            // A folder that may not be written holds nothing of ours.
        }
    }

    private static boolean isBeingWritten(Path beside) {
        String name = beside.getFileName().toString();
        String process =
                name.substring(BESIDE.length(), name.length() - ENDING.length()).split("-", 2)[0];
        return process.matches("\\d{1,18}")
                && ProcessHandle.of(Long.parseLong(process)).isPresent();
    }
}
