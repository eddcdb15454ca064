package oddcradle.core.geometry;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/** A convex, centrally symmetric solid; what an engine's envelope and a keep-out are built from. Metres. */
public sealed interface Solid {
    /** The largest radius or half size, m. */
    double LARGEST = 10_000;

    /** The same solid carried along by a body that is put in its place. */
    Solid placed(Pose pose);

    Vec3 centre();

    /** Smallest box along the axes that holds the solid. */
    Aabb bounds();

    @RecordBuilder
    record Sphere(Vec3 center, double radius) implements Solid, SolidSphereBuilder.With {
        public Sphere {
            Guard.present("center", center);
            size("radius", radius);
        }

        @Override
        public Solid placed(Pose pose) {
            return new Sphere(pose.place(center), radius);
        }

        @Override
        public Vec3 centre() {
            return center;
        }

        @Override
        public Aabb bounds() {
            return Aabb.around(center, new Vec3(radius, radius, radius));
        }
    }

    /** All points within {@code radius} of the segment p0 to p1, round ends included. */
    @RecordBuilder
    record Capsule(Vec3 p0, Vec3 p1, double radius) implements Solid, SolidCapsuleBuilder.With {
        public Capsule {
            Guard.present("p0", p0);
            Guard.present("p1", p1);
            size("radius", radius);
        }

        @Override
        public Solid placed(Pose pose) {
            return new Capsule(pose.place(p0), pose.place(p1), radius);
        }

        @Override
        public Vec3 centre() {
            return p0.towards(p1, 0.5);
        }

        @Override
        public Aabb bounds() {
            Vec3 half = p1.minus(p0).times(0.5);
            return Aabb.around(
                    centre(),
                    new Vec3(Math.abs(half.x()) + radius, Math.abs(half.y()) + radius, Math.abs(half.z()) + radius));
        }
    }

    /** A round bar with flat ends at p0 and p1. */
    @RecordBuilder
    record Cylinder(Vec3 p0, Vec3 p1, double radius) implements Solid, SolidCylinderBuilder.With {
        public Cylinder {
            Guard.present("p0", p0);
            Guard.present("p1", p1);
            size("radius", radius);
            if (p0.equals(p1)) {
                throw new InvalidValue("p1", "is the same point as p0, the cylinder must have a length");
            }
        }

        @Override
        public Solid placed(Pose pose) {
            return new Cylinder(pose.place(p0), pose.place(p1), radius);
        }

        @Override
        public Vec3 centre() {
            return p0.towards(p1, 0.5);
        }

        /** Unit vector from p0 to p1. */
        public Vec3 axis() {
            return p1.minus(p0).unit();
        }

        @Override
        public Aabb bounds() {
            Vec3 half = p1.minus(p0).times(0.5);
            Vec3 a = axis();
            return Aabb.around(
                    centre(),
                    new Vec3(
                            Math.abs(half.x()) + radius * Math.sqrt(Math.max(0, 1 - a.x() * a.x())),
                            Math.abs(half.y()) + radius * Math.sqrt(Math.max(0, 1 - a.y() * a.y())),
                            Math.abs(half.z()) + radius * Math.sqrt(Math.max(0, 1 - a.z() * a.z()))));
        }
    }

    /**
     * @param half half the size along each of the box's own axes
     * @param pose box axes to the axes it stands in
     */
    @RecordBuilder
    record Box(Vec3 half, Pose pose) implements Solid, SolidBoxBuilder.With {
        public Box {
            Guard.present("half", half);
            Guard.present("pose", pose);
            size("half[0]", half.x());
            size("half[1]", half.y());
            size("half[2]", half.z());
        }

        @Override
        public Solid placed(Pose outer) {
            return new Box(half, outer.after(pose));
        }

        @Override
        public Vec3 centre() {
            return pose.translation();
        }

        @Override
        public Aabb bounds() {
            Mat3 r = pose.rotation();
            return Aabb.around(centre(), new Vec3(reach(r.row0()), reach(r.row1()), reach(r.row2())));
        }

        private double reach(Vec3 row) {
            return Math.abs(row.x()) * half.x() + Math.abs(row.y()) * half.y() + Math.abs(row.z()) * half.z();
        }
    }

    /** Bodies of kilometres are typed in a wrong unit, and their squares would leave no digits for a gap. */
    private static void size(String field, double value) {
        Guard.positive(field, value, "m");
        Guard.within(field, value, 0, LARGEST, "m");
    }
}
