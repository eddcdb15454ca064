package oddcradle.files.settings;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.TreeMap;
import oddcradle.files.job.AtomicFile;
import oddcradle.files.job.UserFolder;

/**
 * Names and values that are kept between runs, in a file that may be read and edited. Neither a damaged nor a read-only one stops the
 * program: it goes on with what is usual, and tells.
 */
public final class Settings {
    /** A file larger than this is not ours, bytes. */
    private static final long LARGEST = 1L << 20;

    private final Optional<Path> file;
    private final TreeMap<String, String> values = new TreeMap<>();
    private Optional<String> trouble = Optional.empty();

    private Settings(Optional<Path> file) {
        this.file = file;
    }

    public static Settings ofThisUser() {
        return of(UserFolder.config().resolve("settings.properties"));
    }

    /** Those of a file; none yet where there is no such file. */
    public static Settings of(Path file) {
        Settings settings = new Settings(Optional.of(file));
        if (Files.exists(file)) {
            settings.read(file);
        }
        return settings;
    }

    /** Kept nowhere: for a run that is to leave no trace. */
    public static Settings forThisRun() {
        return new Settings(Optional.empty());
    }

    private void read(Path from) {
        try {
            if (!Files.isRegularFile(from) || Files.size(from) > LARGEST) {
                throw new IOException("it is no file of settings");
            }
            Properties read = new Properties();
            read.load(new StringReader(Files.readString(from, StandardCharsets.UTF_8)));
            read.stringPropertyNames().forEach(name -> values.put(name, read.getProperty(name)));
        } catch (CharacterCodingException | IllegalArgumentException damaged) {
            tell(from, "is damaged");
        } catch (IOException unreadable) {
            tell(from, "cannot be read");
        }
    }

    private void tell(Path about, String what) {
        trouble = Optional.of("The settings in " + about + " " + what
                + "; the usual ones are taken, and what you change" + " now stands in their place.");
    }

    /** What went wrong with the file last, a sentence; asked once, it is forgotten. */
    public synchronized Optional<String> takeTrouble() {
        Optional<String> told = trouble;
        trouble = Optional.empty();
        return told;
    }

    public synchronized String text(String name, String otherwise) {
        return values.getOrDefault(name, otherwise);
    }

    /** {@code otherwise} too where what stands there is no number. */
    public synchronized double number(String name, double otherwise) {
        try {
            double number = Double.parseDouble(values.getOrDefault(name, ""));
            return Double.isFinite(number) ? number : otherwise;
        } catch (NumberFormatException none) {
            return otherwise;
        }
    }

    public synchronized boolean yes(String name, boolean otherwise) {
        String said = values.getOrDefault(name, "");
        return said.equals("true") || !said.equals("false") && otherwise;
    }

    /** One of an enum by its name; {@code otherwise} where there is no such one. */
    public synchronized <E extends Enum<E>> E one(String name, E otherwise) {
        try {
            return Enum.valueOf(otherwise.getDeclaringClass(), values.getOrDefault(name, otherwise.name()));
        } catch (IllegalArgumentException unknown) {
            return otherwise;
        }
    }

    /** Keeps a value at once; where the folder is read-only it is kept for this run, and told. */
    public synchronized void put(String name, Object value) {
        String text = value instanceof Enum<?> one ? one.name() : value.toString();
        if (!text.equals(values.put(name, text))) {
            keep();
        }
    }

    /** Keeps several at once, in one write. */
    public synchronized void putAll(Map<String, ?> several) {
        boolean changed = false;
        for (var each : several.entrySet()) {
            String text = each.getValue().toString();
            changed |= !text.equals(values.put(each.getKey(), text));
        }
        if (changed) {
            keep();
        }
    }

    public synchronized void remove(String name) {
        if (values.remove(name) != null) {
            keep();
        }
    }

    private void keep() {
        if (file.isEmpty()) {
            return;
        }
        try {
            Files.createDirectories(file.get().toAbsolutePath().getParent());
            AtomicFile.write(file.get(), lines().getBytes(StandardCharsets.UTF_8));
        } catch (IOException readOnly) {
            trouble = Optional.of("Settings cannot be kept in " + file.get() + ": the folder cannot be written to; they"
                    + " hold until the program ends.");
        }
    }

    /** In the order of their names, without a date: the same settings are the same file. */
    private String lines() throws IOException {
        StringBuilder lines = new StringBuilder("# Odd Cradle, kept between runs\n");
        for (var value : values.entrySet()) {
            Properties one = new Properties();
            one.setProperty(value.getKey(), value.getValue());
            StringWriter written = new StringWriter();
            one.store(written, null);
            written.toString().lines().filter(line -> !line.startsWith("#")).forEach(line -> lines.append(line)
                    .append('\n'));
        }
        return lines.toString();
    }
}
