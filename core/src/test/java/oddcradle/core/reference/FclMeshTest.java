package oddcradle.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import oddcradle.core.geometry.mesh.MeshDistance;
import oddcradle.core.geometry.mesh.MeshTree;
import oddcradle.core.geometry.mesh.Meshes;
import oddcradle.core.geometry.mesh.TriangleMesh;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The same meshes in the same poses through FCL, the Flexible Collision Library. */
class FclMeshTest {
    @Test
    void distances_agreeWithFcl(@TempDir Path folder) throws Exception {
        TriangleMesh a = Meshes.ring(60, 40, 0.3, 0.12, 1);
        TriangleMesh b = Meshes.ring(50, 30, 0.25, 0.1, 2);
        Random random = new Random(7);
        List<Pose> poses = new ArrayList<>();
        for (int k = 0; k < 40; k++) {
            Vec3 way = new Vec3(random.nextGaussian(), random.nextGaussian(), random.nextGaussian()).unit();
            poses.add(Pose.ofYawPitchRoll(
                    way.times(0.4 + 0.6 * random.nextDouble()),
                    6 * random.nextDouble(),
                    6 * random.nextDouble(),
                    6 * random.nextDouble()));
        }
        Path input = folder.resolve("meshes.txt");
        write(input, List.of(a, b), poses);
        List<String> fcl = ReferenceProgram.cpp(
                folder, Path.of("src/test/cpp/fcl_distance.cpp"), List.of("-lfcl", "-lccd"), input.toString(), "1");
        MeshTree treeA = MeshTree.of(a);
        MeshTree treeB = MeshTree.of(b);
        for (int k = 0; k < poses.size(); k++) {
            double ours = MeshDistance.between(treeA, Pose.IDENTITY, treeB, poses.get(k))
                    .distance();
            // FCL reports touching as zero or less
            assertThat(ours).isCloseTo(Math.max(0, Double.parseDouble(fcl.get(k))), within(1e-9));
        }
    }

    private static void write(Path file, List<TriangleMesh> meshes, List<Pose> poses) throws IOException {
        try (PrintWriter out = new PrintWriter(Files.newBufferedWriter(file))) {
            for (TriangleMesh mesh : meshes) {
                out.println(mesh.triangles());
                for (int t = 0; t < mesh.triangles(); t++) {
                    for (int c = 0; c < 3; c++) {
                        Vec3 v = mesh.corner(t, c);
                        out.println(v.x() + " " + v.y() + " " + v.z());
                    }
                }
            }
            out.println(poses.size());
            for (Pose pose : poses) {
                for (int k = 0; k < 9; k++) {
                    out.print(pose.rotation().get(k / 3, k % 3) + " ");
                }
                Vec3 t = pose.translation();
                out.println(t.x() + " " + t.y() + " " + t.z());
            }
        }
    }
}
