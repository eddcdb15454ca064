package oddcradle.desktop.stand;

import java.util.List;
import javafx.scene.paint.PhongMaterial;
import javafx.scene.shape.Box;
import javafx.scene.shape.Cylinder;
import javafx.scene.shape.Shape3D;
import javafx.scene.shape.Sphere;
import javafx.scene.transform.Affine;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/** Solids as 3-D shapes, in a scene whose axes are the host's. */
final class SolidShapes {
    private static final int ROUND = 24;

    private SolidShapes() {}

    static List<Shape3D> of(Solid solid, PhongMaterial material) {
        List<Shape3D> shapes = shapes(solid);
        shapes.forEach(shape -> shape.setMaterial(material));
        return shapes;
    }

    private static List<Shape3D> shapes(Solid solid) {
        if (solid instanceof Solid.Sphere sphere) {
            return List.of(ball(sphere.center(), sphere.radius()));
        }
        if (solid instanceof Solid.Capsule capsule) {
            return capsule.p0().equals(capsule.p1())
                    ? List.of(ball(capsule.p0(), capsule.radius()))
                    : List.of(
                            bar(capsule.p0(), capsule.p1(), capsule.radius()),
                            ball(capsule.p0(), capsule.radius()),
                            ball(capsule.p1(), capsule.radius()));
        }
        if (solid instanceof Solid.Cylinder cylinder) {
            return List.of(bar(cylinder.p0(), cylinder.p1(), cylinder.radius()));
        }
        Solid.Box box = (Solid.Box) solid;
        Box shape =
                new Box(2 * box.half().x(), 2 * box.half().y(), 2 * box.half().z());
        shape.getTransforms().add(affine(box.pose()));
        return List.of(shape);
    }

    private static Sphere ball(Vec3 centre, double radius) {
        Sphere ball = new Sphere(radius, 12);
        ball.getTransforms().add(affine(new Pose(Mat3.IDENTITY, centre)));
        return ball;
    }

    /** JavaFX cylinders stand along y. */
    private static Cylinder bar(Vec3 from, Vec3 to, double radius) {
        Vec3 along = to.minus(from);
        Cylinder bar = new Cylinder(radius, along.length(), ROUND);
        Vec3 y = along.unit();
        Vec3 x = y.anyPerpendicular();
        bar.getTransforms().add(affine(new Pose(Mat3.ofColumns(x, y, x.cross(y)), from.towards(to, 0.5))));
        return bar;
    }

    static Affine affine(Pose pose) {
        Mat3 r = pose.rotation();
        Vec3 t = pose.translation();
        return new Affine(
                r.get(0, 0),
                r.get(0, 1),
                r.get(0, 2),
                t.x(),
                r.get(1, 0),
                r.get(1, 1),
                r.get(1, 2),
                t.y(),
                r.get(2, 0),
                r.get(2, 1),
                r.get(2, 2),
                t.z());
    }
}
