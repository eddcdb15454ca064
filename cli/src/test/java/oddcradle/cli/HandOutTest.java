package oddcradle.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import javax.xml.parsers.DocumentBuilderFactory;
import oddcradle.core.geometry.mesh.MeshHealth;
import oddcradle.core.geometry.mesh.TriangleMesh;
import oddcradle.core.job.Job;
import oddcradle.core.section.Tube;
import oddcradle.files.job.JobStore;
import oddcradle.files.mesh.LengthUnit;
import oddcradle.files.mesh.MeshFiles;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

class HandOutTest {
    private static final String DEMO = "../demo/hut-skid.cradle.json";

    @TempDir
    private Path folder;

    private record Run(int code, String err) {}

    private static Run run(Object... arguments) {
        StringWriter err = new StringWriter();
        String[] words = Arrays.stream(arguments).map(Object::toString).toArray(String[]::new);
        int code = Main.run(new PrintWriter(new StringWriter()), new PrintWriter(err, true), words);
        return new Run(code, err.toString());
    }

    /** ezdxf, a reader of its own: no fault in its audit, closed outlines, and the frame as wide as its nodes and tubes make it. */
    @Test
    void dxf_isReadWithoutFault_andMeasuresRight() throws Exception {
        Path dxf = folder.resolve("view.dxf");
        assertThat(run("handout", DEMO, "--view", "above", "--out", dxf).code()).isZero();
        List<String> read = python(
                """
                import ezdxf, sys
                doc = ezdxf.readfile(sys.argv[1])
                auditor = doc.audit()
                print(len(auditor.errors))
                lines = list(doc.modelspace().query('POLYLINE'))
                print(len(lines))
                print(all(line.is_closed for line in lines))
                host = [v.dxf.location for line in lines if line.dxf.layer == 'HOST_TUBE' for v in line.vertices]
                print(max(p.y for p in host) - min(p.y for p in host))
                print(sorted(set(line.dxf.layer for line in lines)))
                """,
                dxf);
        assertThat(read.get(0)).isEqualTo("0");
        assertThat(Integer.parseInt(read.get(1))).isGreaterThan(20);
        assertThat(read.get(2)).isEqualTo("True");
        Job job = new JobStore(Clock.systemUTC()).open(Path.of(DEMO)).job();
        double least = job.host().places().values().stream()
                .mapToDouble(at -> at.y())
                .min()
                .orElseThrow();
        double most = job.host().places().values().stream()
                .mapToDouble(at -> at.y())
                .max()
                .orElseThrow();
        double section = 1000
                * job.host().members().stream()
                        .mapToDouble(each -> each.section().outerRadius() * (each.section() instanceof Tube ? 2 : 1))
                        .max()
                        .orElseThrow();
        assertThat(Double.parseDouble(read.get(3)))
                .isBetween(1000 * (most - least), 1000 * (most - least) + 2 * section);
        assertThat(read.get(4)).contains("CRADLE_TUBE").contains("DONOR");
    }

    private List<String> python(String script, Path argument) throws Exception {
        Path file = Files.writeString(folder.resolve("script.py"), script);
        Path printed = folder.resolve("printed");
        Process process = new ProcessBuilder("/usr/bin/python3", file.toString(), argument.toString())
                .redirectErrorStream(true)
                .redirectOutput(printed.toFile())
                .start();
        assertThat(process.waitFor(120, TimeUnit.SECONDS)).isTrue();
        assertThat(process.exitValue()).as(Files.readString(printed)).isZero();
        return Files.readAllLines(printed);
    }

    @Test
    void svg_isWellFormed_atTrueScale_andNamesItsParts() throws Exception {
        Path svg = folder.resolve("view.svg");
        assertThat(run("handout", DEMO, "--out", svg).code()).isZero();
        Element root = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(svg.toFile())
                .getDocumentElement();
        assertThat(root.getElementsByTagName("title").item(0).getTextContent()).isEqualTo("Hut skid");
        double width = Double.parseDouble(root.getAttribute("width").replace("mm", ""));
        assertThat(root.getAttribute("viewBox"))
                .startsWith("0 0 " + root.getAttribute("width").replace("mm", ""));
        NodeList shapes = root.getElementsByTagName("polygon");
        assertThat(shapes.getLength()).isGreaterThan(20);
        double right = 0;
        double left = Double.POSITIVE_INFINITY;
        for (int k = 0; k < shapes.getLength(); k++) {
            for (String point :
                    ((Element) shapes.item(k)).getAttribute("points").split(" ")) {
                double x = Double.parseDouble(point.split(",")[0]);
                right = Math.max(right, x);
                left = Math.min(left, x);
            }
        }
        assertThat(left).isCloseTo(20, within(1e-3));
        assertThat(width - right).isCloseTo(20, within(1e-3));
    }

    @ParameterizedTest
    @ValueSource(strings = {"host", "donor", "cradle"})
    void stl_isClosed_andAsLargeAsWhatItShows(String of) throws Exception {
        Path stl = folder.resolve(of + ".stl");
        assertThat(run("handout", DEMO, "--of", of, "--out", stl).code()).isZero();
        TriangleMesh mesh = MeshFiles.read(stl, LengthUnit.MILLIMETRE).mesh();
        assertThat(MeshHealth.of(mesh).openEdges()).isZero();
        assertThat(mesh.triangles()).isGreaterThan(40);
        assertThat(MeshHealth.of(mesh).size().length()).isBetween(0.2, 5.0);
    }

    @Test
    void csv_saysTheNumbersOfTheExamination(@TempDir Path other) throws Exception {
        Path cuts = folder.resolve("cuts.csv");
        assertThat(run("handout", DEMO, "--table", "cuts", "--out", cuts).code())
                .isZero();
        List<CSVRecord> rows = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(Files.newBufferedReader(cuts, StandardCharsets.UTF_8))
                .getRecords();
        Job job = new JobStore(Clock.systemUTC()).open(Path.of(DEMO)).job();
        assertThat(rows).hasSameSizeAs(job.cradle().members());
        assertThat(rows).allSatisfy(row -> assertThat(Double.parseDouble(row.get("cut length [mm]")))
                .isBetween(10.0, 3000.0));
        Path inches = other.resolve("cuts.csv");
        assertThat(run("handout", DEMO, "--table", "cuts", "--inch", "--out", inches)
                        .code())
                .isZero();
        double mm = Double.parseDouble(rows.get(0).get("cut length [mm]"));
        String[] first = Files.readAllLines(inches).get(1).split(",");
        assertThat(Double.parseDouble(first[first.length - 2])).isCloseTo(mm / 25.4, within(1e-3));
    }

    @Test
    void wrongWords_areNamedWithWhatThereIs() {
        assertThat(run("handout", DEMO, "--out", folder.resolve("view.bmp")).err())
                .contains(".svg");
        assertThat(run("handout", DEMO, "--view", "below", "--out", folder.resolve("v.svg"))
                        .err())
                .contains("\"below\"")
                .contains("left, above, behind");
        Run nothing = run("handout", DEMO, "--table", "prices", "--out", folder.resolve("t.csv"));
        assertThat(nothing.code()).isEqualTo(2);
        assertThat(nothing.err()).contains("hardware");
        assertThat(folder.resolve("t.csv")).doesNotExist();
    }
}
