package oddcradle.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import oddcradle.core.geometry.mesh.MeshHealth;
import oddcradle.files.mesh.LengthUnit;
import oddcradle.files.mesh.MeshFiles;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The packet with all that lies beside it, from one command. */
class PacketTest {
    private static final String DEMO = "../demo/saltmarsh-runabout.cradle.json";

    @TempDir
    private Path folder;

    private record Run(int code, String out, String err) {}

    private static Run run(Object... arguments) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        String[] words = Arrays.stream(arguments).map(Object::toString).toArray(String[]::new);
        int code = Main.run(new PrintWriter(out, true), new PrintWriter(err, true), words);
        return new Run(code, out.toString(), err.toString());
    }

    private static List<String> python(String program, Object... arguments) throws Exception {
        List<String> command = new ArrayList<>(List.of("/usr/bin/python3", "-c", program));
        Arrays.stream(arguments).map(Object::toString).forEach(command::add);
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String text = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
        return text.lines().toList();
    }

    @Test
    void oneCommand_writesPaperDrawingsSolidsAndLists() throws Exception {
        Run run = run("packet", DEMO, "--out", folder);
        assertThat(run.code()).isZero();
        List<Path> written = run.out().lines().map(Path::of).toList();
        assertThat(written).hasSizeGreaterThan(10).allMatch(Files::exists);
        assertThat(written.stream().map(Path::toString))
                .anyMatch(name -> name.endsWith("-packet.pdf"))
                .anyMatch(name -> name.endsWith("-from-above.svg"))
                .anyMatch(name -> name.endsWith("-welds.csv"));
        Path stl = folder.resolve("saltmarsh-runabout-cradle.stl");
        assertThat(MeshHealth.of(MeshFiles.read(stl, LengthUnit.MILLIMETRE).mesh())
                        .openEdges())
                .isZero();
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files.filter(file -> file.toString().endsWith(".tmp"))).isEmpty();
        }
    }

    /** ezdxf, a reader of its own: no fault in its audit, wraps as long as their tubes are round, holes of the drill's size. */
    @Test
    void dxfOfPlatesAndWraps_isReadWithoutFault_andMeasuresRight() throws Exception {
        assertThat(run("packet", DEMO, "--out", folder).code()).isZero();
        String program =
                """
                import ezdxf, sys
                doc = ezdxf.readfile(sys.argv[1])
                print(len(doc.audit().errors))
                space = doc.modelspace()
                lines = list(space.query('POLYLINE'))
                print(all(line.is_closed for line in lines), len(lines))
                spans = [max(p[0] for p in line.points()) - min(p[0] for p in line.points()) for line in lines]
                print(' '.join('%.3f' % span for span in spans))
                print(' '.join('%.3f' % (2 * circle.dxf.radius) for circle in space.query('CIRCLE')))
                """;
        List<String> wraps = python(program, folder.resolve("saltmarsh-runabout-wraps.dxf"));
        assertThat(wraps.get(0)).isEqualTo("0");
        assertThat(wraps.get(1)).isEqualTo("True 16");
        double first = Double.parseDouble(wraps.get(2).split(" ")[0]);
        assertThat(first).isCloseTo(Math.PI * 31.75, within(0.01));
        List<String> plates = python(program, folder.resolve("saltmarsh-runabout-plates.dxf"));
        assertThat(plates.get(0)).isEqualTo("0");
        assertThat(plates.get(1)).isEqualTo("True 4");
        assertThat(Arrays.stream(plates.get(3).split(" "))).hasSize(4).allMatch(hole -> Double.parseDouble(hole) > 8);
    }

    @Test
    void partsAreChosen_andAFolderThatCannotBeWrittenTo_isSaid() throws Exception {
        Run run = run("packet", DEMO, "--out", folder, "--pdf", "--parts", "WRAPS,WELDS", "--paper", "A3");
        assertThat(run.code()).isZero();
        assertThat(run.out().lines()).hasSize(1);
        assertThat(run("packet", DEMO, "--out", folder, "--parts", "SOUP").err())
                .contains("SOUP");
        Path taken = Files.writeString(folder.resolve("taken"), "a file, no folder");
        Run refused = run("packet", DEMO, "--out", taken);
        assertThat(refused.code()).isEqualTo(2);
        assertThat(refused.err()).contains("choose a folder that can be written to");
    }
}
