package oddcradle.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import oddcradle.core.drawn.WireFrame;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.RunningEngine;
import oddcradle.core.job.host.Host;
import oddcradle.files.job.JobDocument;
import oddcradle.files.job.JobStore;
import oddcradle.files.mesh.LengthUnit;
import oddcradle.files.table.HostTables;
import oddcradle.files.table.PressureTable;
import oddcradle.files.wire.DxfWire;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

@Command(name = "take", description = "Take nodes and tubes of the host from CSV tables into a job.")
final class TakeCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private JobFile file;

    @Option(names = "--nodes", paramLabel = "CSV", description = "id, x [mm], y [mm], z [mm]")
    private Path nodes;

    @Option(names = "--tubes", paramLabel = "CSV", description = "id, label, nodes, section, material")
    private Path tubes;

    @Option(names = "--lines", paramLabel = "DXF", description = "centre lines of tubes in space, one tube a line")
    private Path lines;

    @Option(names = "--unit", paramLabel = "UNIT", description = "of the lines where their file says none: mm, in or m")
    private String unit;

    @Option(
            names = "--pressure",
            paramLabel = "CSV",
            description =
                    "angle [deg], pressure [bar]: one cycle of a cylinder from firing top dead centre, at full load")
    private Path pressure;

    @Option(names = "--out", required = true, paramLabel = "FILE", description = "job file to write")
    private Path out;

    @Override
    public Integer call() throws IOException {
        JobStore store = new JobStore(Clock.systemUTC());
        JobDocument document = store.open(file.path());
        Host host = document.job().host();
        if (nodes != null) {
            host = HostTables.withNodes(host, nodes);
        }
        if (tubes != null) {
            host = HostTables.withTubes(host, tubes);
        }
        if (lines != null) {
            host = withLines(document.job().withHost(host));
        }
        Job job = document.job().withHost(host);
        if (pressure != null) {
            job = job.withDonor(job.donor().withEngine(withPressure(job.donor().engine())));
        }
        store.save(out, document.withJob(job));
        spec.commandLine()
                .getOut()
                .println(host.nodes().size() + " nodes and " + host.members().size() + " tubes in " + out);
        return 0;
    }

    private Host withLines(Job job) throws IOException {
        DxfWire wire = DxfWire.read(lines);
        double metres = wire.metresPerUnit()
                .or(() -> Arrays.stream(LengthUnit.values())
                        .filter(each -> each.symbol().equals(unit))
                        .map(LengthUnit::metres)
                        .findFirst())
                .orElseThrow(() -> new ParameterException(
                        spec.commandLine(), lines + " says no unit; give one with --unit mm, in or m"));
        return WireFrame.with(job, wire.ends(), metres);
    }

    private Engine withPressure(Engine engine) throws IOException {
        List<Double> curve = PressureTable.read(pressure, engine.cycle().radians());
        return RunningEngine.withPressure(engine, curve);
    }
}
