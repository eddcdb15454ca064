package oddcradle.core.geometry.mesh;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.random.RandomGenerator;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/** A stand-in for a point scanner: the surface of solids with the scanner's noise, and holes where it did not see. */
public final class SimulatedScanner {
    private static final int AROUND = 48;
    private static final double HOLE = 0.03;
    /** No side of a triangle is longer, m: a scanner sees flats as densely as what is round. */
    private static final double DENSE = 0.025;

    private SimulatedScanner() {}

    /**
     * @param noise of each corner, standard deviation, m
     * @param holes how many round holes of 60 mm are left open
     */
    public static TriangleMesh scan(List<Solid> solids, double noise, int holes, RandomGenerator random) {
        Guard.within("noise", noise, 0, 0.1, "m");
        Guard.within("holes", holes, 0, 1000, "");
        TriangleMesh surface = dense(Tessellation.of(solids, AROUND));
        List<Vec3> blind = new ArrayList<>();
        for (int k = 0; k < holes; k++) {
            blind.add(surface.corner(random.nextInt(surface.triangles()), 0));
        }
        float[] corners = new float[9 * surface.triangles()];
        int next = 0;
        for (int t = 0; t < surface.triangles(); t++) {
            int triangle = t;
            if (blind.stream()
                    .anyMatch(hole -> surface.corner(triangle, 0).distanceTo(hole) < HOLE
                            && surface.corner(triangle, 1).distanceTo(hole) < HOLE)) {
                continue;
            }
            for (int c = 0; c < 3; c++) {
                Vec3 seen = shaken(surface.corner(t, c), noise);
                corners[next++] = (float) seen.x();
                corners[next++] = (float) seen.y();
                corners[next++] = (float) seen.z();
            }
        }
        return TriangleMesh.of(Arrays.copyOf(corners, next));
    }

    private static TriangleMesh dense(TriangleMesh mesh) {
        List<Vec3> corners = new ArrayList<>();
        for (int t = 0; t < mesh.triangles(); t++) {
            split(mesh.corner(t, 0), mesh.corner(t, 1), mesh.corner(t, 2), corners);
        }
        float[] numbers = new float[3 * corners.size()];
        for (int k = 0; k < corners.size(); k++) {
            numbers[3 * k] = (float) corners.get(k).x();
            numbers[3 * k + 1] = (float) corners.get(k).y();
            numbers[3 * k + 2] = (float) corners.get(k).z();
        }
        return TriangleMesh.of(numbers);
    }

    /** Halves the longest side; whether a side is halved depends on the side alone, so that neighbours still meet. */
    private static void split(Vec3 a, Vec3 b, Vec3 c, List<Vec3> corners) {
        double ab = a.distanceTo(b);
        double bc = b.distanceTo(c);
        double ca = c.distanceTo(a);
        if (Math.max(ab, Math.max(bc, ca)) <= DENSE) {
            corners.addAll(List.of(a, b, c));
        } else if (ab >= bc && ab >= ca) {
            Vec3 middle = a.plus(b).times(0.5);
            split(a, middle, c, corners);
            split(middle, b, c, corners);
        } else if (bc >= ca) {
            split(b, c, a, corners);
        } else {
            split(c, a, b, corners);
        }
    }

    /** Noise that depends on the place alone, so that triangles that share a corner still share it. */
    private static Vec3 shaken(Vec3 corner, double noise) {
        Random here = new Random(corner.hashCode() * 0x9E3779B97F4A7C15L);
        return corner.plus(
                new Vec3(noise * here.nextGaussian(), noise * here.nextGaussian(), noise * here.nextGaussian()));
    }
}
