package oddcradle.core.reference;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** Runs an independent program from the system's packages; {@code ./oddcradle test} installs them. */
final class ReferenceProgram {
    private ReferenceProgram() {}

    /** What the program printed. */
    static String run(Path folder, String... command) throws IOException, InterruptedException {
        Path output = Files.createTempFile(folder, "printed", ".txt");
        Process process = new ProcessBuilder(command)
                .directory(folder.toFile())
                .redirectErrorStream(true)
                .redirectOutput(output.toFile())
                .start();
        if (!process.waitFor(120, TimeUnit.SECONDS)) {
            process.destroyForcibly();
            throw new IOException(command[0] + " did not end within two minutes");
        }
        String printed = Files.readString(output, StandardCharsets.UTF_8);
        if (process.exitValue() != 0) {
            throw new IOException(command[0] + " failed: " + printed);
        }
        return printed;
    }

    /** Lines that a C++ program prints, compiled here against libraries of the system. */
    static List<String> cpp(Path folder, Path source, List<String> libraries, String... arguments)
            throws IOException, InterruptedException {
        String program = folder.resolve("program").toString();
        List<String> compile = new ArrayList<>(
                List.of("g++", "-O1", "-o", program, source.toAbsolutePath().toString(), "-I/usr/include/eigen3"));
        compile.addAll(libraries);
        run(folder, compile.toArray(String[]::new));
        List<String> command = new ArrayList<>(List.of(program));
        command.addAll(List.of(arguments));
        return run(folder, command.toArray(String[]::new)).lines().toList();
    }

    /** Numbers that a Python script with NumPy and SciPy prints, one a line. */
    static double[] python(Path folder, String script) throws IOException, InterruptedException {
        Path file = folder.resolve("script.py");
        Files.writeString(file, script);
        return run(folder, "/usr/bin/python3", file.toString())
                .lines()
                .mapToDouble(Double::parseDouble)
                .toArray();
    }
}
