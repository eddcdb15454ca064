package oddcradle.desktop.app;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;

/** What went wrong with a file, in words. */
final class FileWords {
    private FileWords() {}

    static String of(IOException failed) {
        if (!(failed instanceof FileSystemException onDisk) || onDisk.getFile() == null) {
            return failed.getMessage();
        }
        String name = String.valueOf(Path.of(onDisk.getFile()).getFileName());
        if (failed instanceof AccessDeniedException) {
            return name + " may not be written here; choose another folder";
        }
        if (failed instanceof NoSuchFileException) {
            return name + " or its folder is gone; choose another folder";
        }
        return name + " could not be written"
                + (onDisk.getReason() == null ? "" : ": " + onDisk.getReason().toLowerCase());
    }
}
