package oddcradle.desktop.stand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import javafx.scene.shape.TriangleMesh;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import org.junit.jupiter.api.Test;

/** Every face winds outwards and the faces close: the volume they enclose is the solid's. */
class SolidMeshTest {
    private static final Pose TURNED = Pose.ofYawPitchRoll(new Vec3(0.4, -0.2, 0.7), 0.5, 0.3, -0.8);

    /** Sum over the faces of the signed tetrahedra they make with the origin. */
    private static double volume(TriangleMesh mesh) {
        double six = 0;
        for (int face = 0; face < mesh.getFaces().size(); face += 6) {
            six += point(mesh, face).dot(point(mesh, face + 2).cross(point(mesh, face + 4)));
        }
        return six / 6;
    }

    private static Vec3 point(TriangleMesh mesh, int face) {
        int at = 3 * mesh.getFaces().get(face);
        return new Vec3(
                mesh.getPoints().get(at),
                mesh.getPoints().get(at + 1),
                mesh.getPoints().get(at + 2));
    }

    @Test
    void box_enclosesItsVolume() {
        Solid box = new Solid.Box(new Vec3(0.1, 0.2, 0.3), TURNED);
        assertThat(volume(SolidMesh.of(List.of(box)))).isCloseTo(8 * 0.1 * 0.2 * 0.3, within(1e-6));
    }

    /** Broken edges take a little off, and leave every point within the box. */
    @Test
    void castBox_isClosedAndLiesWithinTheBox() {
        Solid.Box box = new Solid.Box(new Vec3(0.1, 0.2, 0.3), TURNED);
        TriangleMesh mesh = SolidMesh.cast(List.of(box), false);
        assertThat(volume(mesh) / (8 * 0.1 * 0.2 * 0.3)).isBetween(0.995, 0.9999);
        Pose back = TURNED.inverse();
        for (int face = 0; face < mesh.getFaces().size(); face += 2) {
            Vec3 own = back.place(point(mesh, face));
            assertThat(Math.abs(own.x())).isLessThan(0.1 + 1e-6);
            assertThat(Math.abs(own.y())).isLessThan(0.2 + 1e-6);
            assertThat(Math.abs(own.z())).isLessThan(0.3 + 1e-6);
        }
        assertThat(mesh.getFaces().size() / 6).isEqualTo(12 + 24 + 8);
    }

    /** Between the fins there is air, and no fin stands out of the cylinder. */
    @Test
    void finnedCylinder_liesWithinTheCylinder() {
        Solid.Cylinder bar = new Solid.Cylinder(Vec3.ZERO, new Vec3(0, 0, 0.1), 0.05);
        TriangleMesh mesh = SolidMesh.cast(List.of(bar), true);
        double furthest = 0;
        for (int face = 0; face < mesh.getFaces().size(); face += 2) {
            Vec3 at = point(mesh, face);
            furthest = Math.max(furthest, Math.hypot(at.x(), at.y()));
            assertThat(at.z()).isBetween(-1e-6, 0.1 + 1e-6);
        }
        assertThat(furthest).isCloseTo(0.05, within(1e-6));
        assertThat(mesh.getFaces().size())
                .isGreaterThan(5 * SolidMesh.of(List.of(bar)).getFaces().size());
    }

    @Test
    void cylinder_enclosesNearlyItsVolume() {
        Solid cylinder = new Solid.Cylinder(new Vec3(0, 0, 1), new Vec3(0.3, 0.4, 1), 0.2).placed(TURNED);
        assertThat(volume(SolidMesh.of(List.of(cylinder))) / (Math.PI * 0.04 * 0.5))
                .isBetween(0.98, 1.0);
    }

    @Test
    void capsuleAndBall_encloseNearlyTheirVolume() {
        Solid capsule = new Solid.Capsule(Vec3.ZERO, Vec3.X, 0.02);
        double expected = Math.PI * 0.0004 + 4.0 / 3 * Math.PI * 8e-6;
        assertThat(volume(SolidMesh.of(List.of(capsule))) / expected).isBetween(0.95, 1.0);
        Solid ball = new Solid.Sphere(Vec3.Y, 0.5);
        assertThat(volume(SolidMesh.of(List.of(ball))) / (4.0 / 3 * Math.PI * 0.125))
                .isBetween(0.92, 1.0);
    }

    @Test
    void partsOfSeveralSolids_areOneMesh() {
        Solid box = new Solid.Box(new Vec3(0.1, 0.1, 0.1), Pose.IDENTITY);
        Solid other = new Solid.Box(new Vec3(0.1, 0.1, 0.1), TURNED);
        TriangleMesh both = SolidMesh.of(List.of(box, other));
        assertThat(both.getFaces().size()).isEqualTo(2 * 12 * 6);
        assertThat(volume(both)).isCloseTo(0.016, within(1e-6));
    }
}
