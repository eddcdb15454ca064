package oddcradle.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Random;
import java.util.concurrent.Callable;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.mesh.SimulatedScanner;
import oddcradle.core.geometry.mesh.TriangleMesh;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.Side;
import oddcradle.core.placement.Bodies;
import oddcradle.core.placement.Seating;
import oddcradle.files.job.JobStore;
import oddcradle.files.mesh.LengthUnit;
import oddcradle.files.mesh.MeshFiles;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(
        name = "scan",
        description = "Simulated point scanner: write the surface of donor or host with noise and holes, as STL in mm.")
final class ScanCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private JobFile file;

    @Option(names = "--out", required = true, paramLabel = "STL", description = "file to write")
    private Path out;

    @Option(names = "--host", description = "the frame of the host in place of the donor")
    private boolean host;

    @Option(names = "--noise", paramLabel = "MM", description = "noise of a point, mm (default ${DEFAULT-VALUE})")
    private double noise = 0.5;

    @Option(
            names = "--holes",
            paramLabel = "N",
            description = "holes where nothing was seen (default ${DEFAULT-VALUE})")
    private int holes = 4;

    @Option(names = "--seed", paramLabel = "N", description = "another seed gives other holes")
    private long seed = 1;

    @Override
    public Integer call() throws IOException {
        Job job = new JobStore(Clock.systemUTC()).open(file.path()).job();
        List<Solid> solids = Bodies.surfaces(job, Seating.of(job), host ? Side.HOST : Side.DONOR);
        TriangleMesh mesh = SimulatedScanner.scan(solids, noise / 1000, holes, new Random(seed));
        MeshFiles.writeStl(out, mesh, LengthUnit.MILLIMETRE);
        spec.commandLine().getOut().println("simulated scan of " + mesh.triangles() + " triangles in " + out);
        return 0;
    }
}
