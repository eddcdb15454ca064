package oddcradle.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import oddcradle.core.geometry.distance.Separation;
import oddcradle.core.geometry.mesh.MeshDistance;
import oddcradle.core.geometry.mesh.MeshHealth;
import oddcradle.core.geometry.mesh.MeshTree;
import oddcradle.core.mechanics.Pose;
import oddcradle.files.mesh.LengthUnit;
import oddcradle.files.mesh.MeshFile;
import oddcradle.files.mesh.MeshFiles;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(name = "mesh", description = "Look over a scan or model (STL, OBJ, PLY); of two, tell how far they are apart.")
final class MeshCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", arity = "1..2", description = "one mesh file, or two in the same axes")
    private List<Path> files;

    @Option(names = "--unit", paramLabel = "UNIT", description = "unit of the files: MILLIMETRE, INCH or METRE")
    private LengthUnit unit = LengthUnit.MILLIMETRE;

    @Override
    public Integer call() throws IOException {
        PrintWriter out = spec.commandLine().getOut();
        List<MeshTree> trees = new ArrayList<>();
        for (Path path : files) {
            MeshFile file = MeshFiles.read(path, unit);
            MeshHealth health = MeshHealth.of(file.mesh());
            out.printf(
                    Locale.ROOT,
                    "%s: %d triangles, %.1f x %.1f x %.1f mm, %.0f cm3%n",
                    path.getFileName(),
                    health.triangles(),
                    1e3 * health.size().x(),
                    1e3 * health.size().y(),
                    1e3 * health.size().z(),
                    1e6 * health.volume());
            file.notes().forEach(note -> out.println("  the file " + note));
            health.complaints().forEach(complaint -> out.println("  it " + complaint));
            if (files.size() == 2) {
                trees.add(MeshTree.of(file.mesh()));
            }
        }
        if (trees.size() == 2) {
            Separation gap = MeshDistance.between(trees.get(0), Pose.IDENTITY, trees.get(1), Pose.IDENTITY);
            out.printf(Locale.ROOT, "surfaces are %.3f mm apart%n", 1e3 * gap.distance());
        }
        return 0;
    }
}
