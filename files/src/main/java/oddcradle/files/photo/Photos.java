package oddcradle.files.photo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import oddcradle.files.job.AtomicFile;
import oddcradle.files.job.JobStore;

/** Photos and sketches, PNG or JPEG, that lie beside a job; nothing of one is shown before its size is known. */
public final class Photos {
    /** Largest file, bytes. */
    public static final long LARGEST = 30L << 20;

    /** Most pixels that are ever unpacked. */
    private static final long MOST_PIXELS = 80_000_000;

    private static final Set<String> KNOWN = Set.of("png", "jpeg");

    private Photos() {}

    /**
     * Copies a photo beside a job, under the name of the job and of what it shows; an earlier one of that name is replaced.
     *
     * @param of what it shows, such as a point's id
     * @return its name there
     * @throws UnreadablePhoto naming the file, what is wrong and the cure
     */
    public static String take(Path photo, Path job, String of) throws IOException {
        String format = check(photo);
        String jobName = job.getFileName().toString().replace(JobStore.EXTENSION, "");
        String name = plain(jobName) + "-" + plain(of) + (format.equals("png") ? ".png" : ".jpg");
        AtomicFile.write(job.resolveSibling(name), Files.readAllBytes(photo));
        return name;
    }

    private static String plain(String words) {
        return words.replaceAll("[^\\p{L}\\p{N}_-]", "_");
    }

    /**
     * Looks at a file's head alone.
     *
     * @return its format, {@code png} or {@code jpeg}
     * @throws UnreadablePhoto if it is too large or no picture of a known kind
     */
    public static String check(Path photo) throws IOException {
        String file = photo.getFileName().toString();
        if (!Files.isRegularFile(photo)) {
            throw new UnreadablePhoto(file, "is not there; put it beside the job again, or attach another");
        }
        if (Files.size(photo) > LARGEST) {
            throw new UnreadablePhoto(
                    file,
                    "has " + (Files.size(photo) >> 20) + " MB, at most " + (LARGEST >> 20)
                            + " MB are taken; make it smaller");
        }
        try (ImageInputStream in = ImageIO.createImageInputStream(photo.toFile())) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new UnreadablePhoto(file, "is no picture; a PNG or JPEG is needed");
            }
            ImageReader reader = readers.next();
            try {
                return checked(file, reader, in);
            } finally {
                reader.dispose();
            }
        }
    }

    private static String checked(String file, ImageReader reader, ImageInputStream in) throws IOException {
        String format = reader.getFormatName().toLowerCase(Locale.ROOT);
        if (!KNOWN.contains(format)) {
            throw new UnreadablePhoto(file, "is a picture of the kind " + format + "; a PNG or JPEG is needed");
        }
        long pixels;
        try {
            reader.setInput(in);
            pixels = (long) reader.getWidth(0) * reader.getHeight(0);
        } catch (IOException | RuntimeException damaged) {
            throw new UnreadablePhoto(file, "is damaged; take it from the camera again");
        }
        if (pixels > MOST_PIXELS) {
            throw new UnreadablePhoto(
                    file,
                    "has " + pixels / 1_000_000 + " million pixels, at most " + MOST_PIXELS / 1_000_000
                            + " million are taken; make it smaller");
        }
        return format;
    }
}
