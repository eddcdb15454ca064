package oddcradle.files.wire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import oddcradle.core.drawn.WireFrame;
import oddcradle.core.job.Job;
import oddcradle.core.job.host.Host;
import oddcradle.core.math.Vec3;
import oddcradle.files.job.EmptyBench;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DxfWireTest {
    @TempDir
    private Path folder;

    /** A box of twelve lines, half of them as polylines, written by ezdxf in millimetres: eight corners, twelve tubes. */
    @Test
    void boxWrittenByAnotherProgram_isAFrameOfTwelveTubes() throws Exception {
        Path dxf = folder.resolve("box.dxf");
        Path script = Files.writeString(
                folder.resolve("write.py"),
                """
                import ezdxf, sys
                doc = ezdxf.new('R2010')
                doc.units = 4
                m = doc.modelspace()
                m.add_lwpolyline([(0, 0), (600, 0), (600, 400), (0, 400)], close=True)
                m.add_polyline3d([(0, 0, 300), (600, 0, 300), (600, 400, 300), (0, 400, 300), (0, 0, 300)])
                for x, y in ((0, 0), (600, 0), (600, 400), (0, 400)):
                    m.add_line((x, y, 0), (x, y, 300.4))
                m.add_circle((100, 100), 50)
                m.add_text('rail')
                doc.saveas(sys.argv[1])
                """);
        Process process = new ProcessBuilder("/usr/bin/python3", script.toString(), dxf.toString())
                .redirectErrorStream(true)
                .start();
        assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(process.exitValue()).isZero();
        DxfWire wire = DxfWire.read(dxf);
        assertThat(wire.metresPerUnit()).contains(0.001);
        assertThat(wire.lines()).hasSize(12);
        Job job = EmptyBench.load().job();
        Host host = WireFrame.with(job, wire.ends(), 0.001);
        assertThat(host.nodes()).hasSize(job.host().nodes().size() + 8);
        assertThat(host.members()).hasSize(job.host().members().size() + 12);
        double length = host.members().stream()
                .mapToDouble(tube ->
                        host.places().get(tube.first()).distanceTo(host.places().get(tube.last())))
                .sum();
        assertThat(length).isBetween(4 * (0.6 + 0.4 + 0.3) - 1e-3, 4 * (0.6 + 0.4 + 0.3) + 1e-3);
        // The same again adds nothing.
        assertThat(WireFrame.with(job.withHost(host), wire.ends(), 0.001)).isEqualTo(host);
    }

    @Test
    void unitThatTheFileDoesNotSay_isAskedFor() throws IOException {
        Path dxf = Files.writeString(
                folder.resolve("l.dxf"),
                "0\nSECTION\n2\nENTITIES\n0\nLINE\n8\n0\n10\n1\n20\n2\n30\n3\n11\n4\n21\n5\n31\n6\n0\nENDSEC\n0\nEOF\n");
        DxfWire wire = DxfWire.read(dxf);
        assertThat(wire.metresPerUnit()).isEmpty();
        assertThat(wire.lines()).containsExactly(new DxfWire.Line(new Vec3(1, 2, 3), new Vec3(4, 5, 6)));
    }

    @Test
    void whatIsNoDrawing_isNamed() throws IOException {
        assertThatThrownBy(() -> DxfWire.read(Files.write(folder.resolve("b.dxf"), new byte[] {'A', 0, 10, 3, 10})))
                .isInstanceOf(UnreadableDrawing.class)
                .hasMessageContaining("text");
        assertThatThrownBy(() -> DxfWire.read(Files.writeString(folder.resolve("e.dxf"), "0\nSECTION\n0\nEOF\n")))
                .isInstanceOf(UnreadableDrawing.class)
                .hasMessageContaining("no lines");
        assertThatThrownBy(() ->
                        DxfWire.read(Files.writeString(folder.resolve("n.dxf"), "0\nLINE\n10\nNaN\n11\n1\n0\nEOF\n")))
                .isInstanceOf(UnreadableDrawing.class)
                .hasMessageContaining("NaN");
        String many = "0\nLINE\n10\n0\n11\n1\n".repeat(3_001);
        assertThatThrownBy(() -> DxfWire.read(Files.writeString(folder.resolve("m.dxf"), many)))
                .isInstanceOf(UnreadableDrawing.class)
                .hasMessageContaining("3000");
    }

    /** Whatever stands in the file, lines or a complaint come of it. */
    @Property(tries = 300)
    void anyPairs_areReadOrRefused(@ForAll List<Short> codes, @ForAll List<String> values) throws IOException {
        StringBuilder text = new StringBuilder("0\nSECTION\n");
        for (int k = 0; k < Math.min(codes.size(), values.size()); k++) {
            text.append(Math.floorMod(codes.get(k), 80))
                    .append('\n')
                    .append(values.get(k))
                    .append('\n');
        }
        Path file = Files.createTempFile("wire", ".dxf");
        try {
            Files.writeString(file, text);
            assertThat(DxfWire.read(file).lines()).isNotEmpty();
        } catch (UnreadableDrawing told) {
            assertThat(told.getMessage()).contains(file.getFileName().toString());
        } finally {
            Files.deleteIfExists(file);
        }
    }
}
