package oddcradle.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class TakeMeshScanTest {
    private static final String DEMO = "../demo/saltmarsh-runabout.cradle.json";

    @TempDir
    private Path folder;

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    private int run(String... arguments) {
        return Main.run(new PrintWriter(out, true), new PrintWriter(err, true), arguments);
    }

    @Test
    void scannedDonor_isLookedOverAndHeldAgainstItself() {
        String rough = folder.resolve("rough.stl").toString();
        String clean = folder.resolve("clean.stl").toString();
        assertThat(run("scan", DEMO, "--out", rough)).isZero();
        assertThat(run("scan", DEMO, "--out", clean, "--noise", "0", "--holes", "0"))
                .isZero();
        assertThat(run("mesh", rough, clean)).isZero();
        assertThat(out.toString()).contains("simulated scan", "open edges", "surfaces are 0.");
        String frame = folder.resolve("frame.stl").toString();
        assertThat(run("scan", "--host", DEMO, "--out", frame, "--noise", "0", "--holes", "0"))
                .isZero();
        assertThat(run("mesh", frame)).isZero();
        assertThat(out.toString()).contains("2032.2 x 692.1");
        assertThat(run("mesh", folder.resolve("none.stl").toString())).isEqualTo(Main.WRONG_INPUT);
        assertThat(err.toString()).contains("none.stl is not there");
    }

    @Test
    void tables_areTakenIntoACopy() throws IOException {
        Path nodes = Files.writeString(folder.resolve("n.csv"), "id,x [mm],y [mm],z [mm]\nAL,-125,330,220\n");
        Path job = folder.resolve("new.cradle.json");
        assertThat(run("take", DEMO, "--nodes", nodes.toString(), "--out", job.toString()))
                .isZero();
        assertThat(Files.readString(job)).contains("-0.125");
        Files.writeString(nodes, "id,x,y,z\nAL,1,2,3\n");
        assertThat(run("take", DEMO, "--nodes", nodes.toString(), "--out", job.toString()))
                .isEqualTo(Main.WRONG_INPUT);
        assertThat(err.toString()).contains("has no unit");
    }

    @Test
    void pressureOfACylinder_isTakenIntoACopy() throws IOException {
        StringBuilder curve = new StringBuilder("angle [deg],pressure [bar]\n");
        for (int degrees = 0; degrees < 720; degrees++) {
            int off = Math.min(degrees, 720 - degrees);
            curve.append(degrees).append(',').append(off < 40 ? 41 - off : 1).append('\n');
        }
        Path table = Files.writeString(folder.resolve("p.csv"), curve);
        Path job = folder.resolve("burns.cradle.json");
        assertThat(run("take", DEMO, "--pressure", table.toString(), "--out", job.toString()))
                .isZero();
        assertThat(Files.readString(job)).contains("4100000");
        assertThat(run("check", job.toString(), "--json")).isZero();
    }
}
