package oddcradle.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The script that starts everything: which compiler it takes for good enough. */
class ScriptTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Picked up JAVA_TOOL_OPTIONS: -Xmx2g -Dfile=99 / javac 17.0.15|0",
                "javac 21.0.2|0",
                "Picked up JAVA_TOOL_OPTIONS: -Dfile=99 / javac 11.0.20|1",
                "javac 1.8.0_402|1",
                "no such thing|1"
            })
    void versionIsReadFromWhereItStands(String printed, int code, @TempDir Path folder)
            throws IOException, InterruptedException {
        Path javac = Files.writeString(
                folder.resolve("javac"), "#!/bin/sh\nprintf '%s\\n' '" + printed.replace(" / ", "\n") + "' >&2\n");
        assertThat(javac.toFile().setExecutable(true)).isTrue();
        String ask = "eval \"$(sed -n '/^have_jdk()/,/^}/p' ../oddcradle)\"; have_jdk";
        ProcessBuilder shell = new ProcessBuilder("bash", "-c", ask);
        shell.environment().put("PATH", folder + ":" + System.getenv("PATH"));
        assertThat(shell.start().waitFor()).isEqualTo(code);
    }
}
