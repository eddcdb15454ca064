package oddcradle.core.shop;

import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/** What a branch sits on: metal without ends, taken as solid. */
public sealed interface CopeHeader {
    /** The same, with all its places seen from another point. */
    CopeHeader seenFrom(Vec3 origin);

    /** The same without its end: what a saw or notcher is set to, since a header that ends runs on under all that sits on it. */
    default CopeHeader endless() {
        return this;
    }

    /**
     * A round tube.
     *
     * @param point on its axis, m
     * @param direction of its axis, unit
     * @param radius outside, m
     */
    record Round(Vec3 point, Vec3 direction, double radius) implements CopeHeader {
        public Round {
            Guard.present("point", point);
            direction = Guard.present("direction", direction).unit();
            Guard.positive("R", radius, "m");
        }

        @Override
        public CopeHeader seenFrom(Vec3 origin) {
            return new Round(point.minus(origin).withoutPartAlong(direction), direction, radius);
        }
    }

    /**
     * A box tube with sharp corners.
     *
     * @param point on its axis, m
     * @param direction of its axis, unit
     * @param up across it, along its height, unit
     * @param width outside, across {@code up}, m
     * @param height outside, along {@code up}, m
     */
    record Box(Vec3 point, Vec3 direction, Vec3 up, double width, double height) implements CopeHeader {
        public Box {
            Guard.present("point", point);
            direction = Guard.present("direction", direction).unit();
            up = across("up", up, direction);
            Guard.positive("width", width, "m");
            Guard.positive("height", height, "m");
        }

        @Override
        public CopeHeader seenFrom(Vec3 origin) {
            return new Box(point.minus(origin).withoutPartAlong(direction), direction, up, width, height);
        }
    }

    /**
     * The face of a plate.
     *
     * @param point on it, m
     * @param normal out of the metal, unit
     */
    record Face(Vec3 point, Vec3 normal) implements CopeHeader {
        public Face {
            Guard.present("point", point);
            normal = Guard.present("normal", normal).unit();
        }

        @Override
        public CopeHeader seenFrom(Vec3 origin) {
            return new Face(normal.times(point.minus(origin).dot(normal)), normal);
        }
    }

    /**
     * A round tube where it is bent.
     *
     * @param line points of its centre line near enough to each other to stand for the arc, m, two or more
     * @param radius outside, m
     */
    record Bent(List<Vec3> line, double radius) implements CopeHeader {
        public Bent {
            line = List.copyOf(line);
            Guard.positive("R", radius, "m");
            if (line.size() < 2) {
                throw new InvalidValue("line", "has " + line.size() + " points, must have two or more");
            }
        }

        @Override
        public CopeHeader seenFrom(Vec3 origin) {
            return new Bent(line.stream().map(at -> at.minus(origin)).toList(), radius);
        }
    }

    /**
     * One that ends at the joint: there is none of it beyond a plane.
     *
     * @param whole the same without an end
     * @param end a place on that plane, m
     * @param outward out of its end, unit
     */
    record Ended(CopeHeader whole, Vec3 end, Vec3 outward) implements CopeHeader {
        public Ended {
            Guard.present("whole", whole);
            Guard.present("end", end);
            outward = Guard.present("outward", outward).unit();
        }

        @Override
        public CopeHeader endless() {
            return whole;
        }

        @Override
        public CopeHeader seenFrom(Vec3 origin) {
            return new Ended(
                    whole.seenFrom(origin), outward.times(end.minus(origin).dot(outward)), outward);
        }
    }

    private static Vec3 across(String name, Vec3 vector, Vec3 direction) {
        Vec3 across = Guard.present(name, vector).withoutPartAlong(direction);
        if (!(across.length() > 1e-9)) {
            throw new InvalidValue(name, "points along the tube, it must point to one side of it");
        }
        return across.unit();
    }
}
