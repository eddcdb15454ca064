package oddcradle.files.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.RectTube;
import oddcradle.files.job.DemoJobs;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HostTablesTest {
    private static final Host HOST = DemoJobs.SALTMARSH_RUNABOUT.load().job().host();

    @TempDir
    private Path folder;

    private Path file(String text) throws IOException {
        return Files.writeString(folder.resolve("t.csv"), text.replace("\\n", "\n"));
    }

    private static Vec3 at(Host host, String id) {
        return host.nodes().stream()
                .filter(node -> node.id().equals(id))
                .map(node -> ((Anchor.At) node.anchor()).point())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void nodesAndTubes_areAddedAndReplaced() throws IOException {
        Host moved = HostTables.withNodes(
                HOST, file("\uFEFFid,x [mm],y [in],z\nAL,-130,13,8-1/2 in\nNEW,500,1/2,0.25 in\n"));
        assertThat(at(moved, "AL").distanceTo(new Vec3(-0.13, 0.3302, 0.2159))).isLessThan(1e-12);
        assertThat(at(moved, "NEW").y()).isCloseTo(0.0127, within(1e-12));
        assertThat(moved.nodes()).hasSize(HOST.nodes().size() + 1);
        Host tubed = HostTables.withTubes(
                moved,
                file("id;label;nodes;section;material\nH99;new rail;AL NEW BR;50x30x3 mm;cold-drawn mild steel\n"));
        assertThat(tubed.member("H99").orElseThrow().section()).isEqualTo(new RectTube(0.05, 0.03, 0.003));
        assertThat(tubed.member("H99").orElseThrow().nodes()).containsExactly("AL", "NEW", "BR");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "''|is empty",
                "id,x,y,z\\nA,1,2,3\\n|line 2: \"1\" in \"x\" has no unit",
                "id,x [mm],y [mm],z [mm]\\nA,1,2,3\\nB,1 in,2,3\\n|line 3: \"1 in\" says in, the header of \"x\" says mm",
                "id,x,y,z\\nA,1 mm,2 mm,3 mm\\nB,1 in,2 mm,3 mm\\n|line 3: \"1 in\" says in, the rows above say mm",
                "id;x [mm];y [mm];z [mm]\\nA;1,5;2;3\\n|line 2: \"x\": \"1,5 mm\" has a comma",
                "id,x [mm],y [mm]\\nA,1,2\\n|no column \"z\" or \"up\"",
                "id,x [mm],y [mm],z [mm]\\nA,1,2\\n|line 2: \"z\" is empty",
                "id,x [mm],y [mm],z [mm]\\nA,1,2,3\\nA,1,2,3\\n|line 3: node \"A\" is there twice",
                "id,x [mm],x [mm],y [mm],z [mm]\\nA,1,1,2,3\\n|\"x\" twice",
                "id,x [mm],y [mm],z [mm]\\nA,one,2,3\\n|line 2",
                "id,x [kg],y [mm],z [mm]\\nA,1,2,3\\n|is no length",
            })
    void oddTables_areNamedWithLineAndCure(String text, String expected) throws IOException {
        Path path = file(text);
        assertThatThrownBy(() -> HostTables.withNodes(HOST, path))
                .isInstanceOf(UnreadableTable.class)
                .hasMessageStartingWith("t.csv")
                .hasMessageContaining(expected);
    }

    @Test
    void thousandColumns_areRefused() throws IOException {
        String header = IntStream.range(0, 1000).mapToObj(k -> "c" + k).collect(Collectors.joining(","));
        Path path = file(header + "\n");
        assertThatThrownBy(() -> HostTables.withNodes(HOST, path)).hasMessageContaining("1000 columns");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "id,nodes,section,material\\nT,AL XX,20x2 mm,steel\\n|node \"XX\"",
                "id,nodes,section,material\\nT,AL AR,20 by 2,steel\\n|must be like",
                "id,nodes,section,material\\nT,AL,20x2 mm,steel\\n|at least two",
                "id,nodes,section,material\\nT,AL AR,20x12 mm,steel\\n|wall",
            })
    void oddTubes_areNamedWithLineAndCure(String text, String expected) throws IOException {
        Path path = file(text);
        assertThatThrownBy(() -> HostTables.withTubes(HOST, path))
                .hasMessageStartingWith("t.csv line 2")
                .hasMessageContaining(expected);
    }
}
