package oddcradle.bench;

import java.io.BufferedReader;
import java.io.IOException;
import java.util.Arrays;

/** Whole processes from their start until their window can be used: the program's beside an empty one's, turn by turn. */
final class StartUp {
    private static final int RUNS = 7;

    private StartUp() {}

    /** Medians, s. */
    record Times(double program, double empty) {}

    static Times measure() throws IOException {
        double[] program = new double[RUNS];
        double[] empty = new double[RUNS];
        for (int k = 0; k < RUNS; k++) {
            empty[k] = once(EmptyWindow.Start.class.getName());
            program[k] = once(WholeWindow.Start.class.getName());
        }
        return new Times(median(program), median(empty));
    }

    private static double median(double[] values) {
        Arrays.sort(values);
        return values[values.length / 2];
    }

    private static double once(String main) throws IOException {
        String java = System.getProperty("java.home") + "/bin/java";
        long start = System.nanoTime();
        Process process = new ProcessBuilder(java, "-cp", System.getProperty("java.class.path"), main)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        try (BufferedReader out = process.inputReader()) {
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                if (line.equals(FirstFrame.USABLE)) {
                    return (System.nanoTime() - start) / 1e9;
                }
            }
        }
        throw new IOException(main + " ended before its window could be used");
    }
}
