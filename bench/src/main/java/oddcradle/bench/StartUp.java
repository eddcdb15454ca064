package oddcradle.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;

/** Whole processes from their start until their window can be used: the program's beside an empty one's, turn by turn. */
final class StartUp {
    private static final int RUNS = 7;

    private StartUp() {}

    /** Medians, s. */
    static Bench.Pair measure() throws IOException {
        Path programArchive = archiveOf(WholeWindow.Start.class);
        Path emptyArchive = archiveOf(EmptyWindow.Start.class);
        double[] program = new double[RUNS];
        double[] empty = new double[RUNS];
        for (int k = 0; k < RUNS; k++) {
            empty[k] = once(EmptyWindow.Start.class, "-XX:SharedArchiveFile=" + emptyArchive);
            program[k] = once(WholeWindow.Start.class, "-XX:SharedArchiveFile=" + programArchive);
        }
        return new Bench.Pair(median(program), median(empty));
    }

    private static double median(double[] values) {
        Arrays.sort(values);
        return values[values.length / 2];
    }

    /** Both are started as the script starts the program: with the classes of an earlier run ready to be mapped. */
    private static Path archiveOf(Class<?> main) throws IOException {
        Path archive = Files.createTempDirectory("oddcradle-bench").resolve("classes.jsa");
        once(main, "-XX:ArchiveClassesAtExit=" + archive);
        return archive;
    }

    private static double once(Class<?> main, String archive) throws IOException {
        String java = System.getProperty("java.home") + "/bin/java";
        long start = System.nanoTime();
        Process process = new ProcessBuilder(
                        java,
                        "-XX:+UseSerialGC",
                        archive,
                        "-Xlog:disable",
                        "-cp",
                        System.getProperty("java.class.path"),
                        main.getName())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        double usable = -1;
        try (BufferedReader out = process.inputReader()) {
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                if (line.equals(FirstFrame.USABLE)) {
                    usable = (System.nanoTime() - start) / 1e9;
                }
            }
        }
        if (usable < 0) {
            throw new IOException(main.getName() + " ended before its window could be used");
        }
        return usable;
    }
}
