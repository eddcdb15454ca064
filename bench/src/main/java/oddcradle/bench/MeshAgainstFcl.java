package oddcradle.bench;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import oddcradle.core.geometry.mesh.MeshDistance;
import oddcradle.core.geometry.mesh.MeshTree;
import oddcradle.core.geometry.mesh.TriangleMesh;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/**
 * Distances between two meshes of 200,000 triangles, both trees built, beside FCL's with the same meshes and poses. The
 * path of FCL's program comes in the property {@code oddcradle.fcl}.
 */
final class MeshAgainstFcl {
    private static final int POSES = 20;
    private static final int ROUNDS = 40;

    private MeshAgainstFcl() {}

    static Bench.Pair measure() throws IOException {
        TriangleMesh a = Rings.ring(400, 250, 0.3, 0.12, 1);
        TriangleMesh b = Rings.ring(400, 250, 0.25, 0.1, 2);
        List<Pose> poses = poses();
        MeshTree treeA = MeshTree.of(a);
        MeshTree treeB = MeshTree.of(b);
        ours(treeA, treeB, poses);
        double theirs = theirs(List.of(a, b), poses);
        return new Bench.Pair(ours(treeA, treeB, poses), theirs);
    }

    private static List<Pose> poses() {
        Random random = new Random(5);
        List<Pose> poses = new ArrayList<>();
        for (int k = 0; k < POSES; k++) {
            double distance = k < POSES / 2 ? 0.9 + 0.3 * random.nextDouble() : 0.5 + 0.3 * random.nextDouble();
            Vec3 way = new Vec3(random.nextGaussian(), random.nextGaussian(), random.nextGaussian()).unit();
            poses.add(Pose.ofYawPitchRoll(
                    way.times(distance), 6 * random.nextDouble(), 6 * random.nextDouble(), 6 * random.nextDouble()));
        }
        return poses;
    }

    private static double ours(MeshTree a, MeshTree b, List<Pose> poses) {
        List<Double> micros = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            for (Pose pose : poses) {
                long start = System.nanoTime();
                MeshDistance.between(a, Pose.IDENTITY, b, pose);
                micros.add((System.nanoTime() - start) / 1e3);
            }
        }
        Collections.sort(micros);
        return micros.get(micros.size() / 2);
    }

    private static double theirs(List<TriangleMesh> meshes, List<Pose> poses) throws IOException {
        Path input = Files.createTempFile("meshes", ".txt");
        try (PrintWriter out = new PrintWriter(Files.newBufferedWriter(input))) {
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
        Process fcl = new ProcessBuilder(
                        System.getProperty("oddcradle.fcl"), input.toString(), Integer.toString(ROUNDS))
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        String printed = new String(fcl.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        Files.delete(input);
        List<String> lines = printed.lines().toList();
        return Double.parseDouble(lines.get(lines.size() - 1));
    }
}
