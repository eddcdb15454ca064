package oddcradle.core.survey;

import oddcradle.core.math.Vec3;

/** What a reading says about the middles of one or two points: the value reduced to centres, and how it would change. */
record Observation(Kind kind, String from, String to, DatumPlane plane, double value, double sigma) {
    enum Kind {
        OFFSET,
        DISTANCE,
        SLOPE
    }

    private static final double TOO_NEAR = 1e-9;

    static Observation of(Reading reading) {
        if (reading instanceof Reading.Offset offset) {
            return offset(offset.point(), offset.plane(), offset.value(), offset.sigma());
        }
        if (reading instanceof Reading.HoleEdge edge) {
            return offset(edge.point(), edge.plane(), edge.centre(), edge.sigma());
        }
        if (reading instanceof Reading.Distance distance) {
            return span(Kind.DISTANCE, distance.from(), distance.to(), distance.value(), distance.sigma());
        }
        if (reading instanceof Reading.OverBores over) {
            return span(Kind.DISTANCE, over.from(), over.to(), over.centres(), over.sigma());
        }
        Reading.Slope slope = (Reading.Slope) reading;
        return span(Kind.SLOPE, slope.from(), slope.to(), slope.value(), slope.sigma());
    }

    private static Observation offset(String point, DatumPlane plane, double value, double sigma) {
        return new Observation(Kind.OFFSET, point, point, plane, value, sigma);
    }

    private static Observation span(Kind kind, String from, String to, double value, double sigma) {
        return new Observation(kind, from, to, DatumPlane.FORWARD, value, sigma);
    }

    /** What the reading would be with the points here. */
    double predicted(Vec3 a, Vec3 b) {
        return switch (kind) {
            case OFFSET -> a.dot(plane.direction());
            case DISTANCE -> a.distanceTo(b);
            case SLOPE -> Math.atan2(b.z() - a.z(), Math.hypot(b.x() - a.x(), b.y() - a.y()));
        };
    }

    /** How the prediction changes as the second point moves (the only one, for an offset); the first counts negative. */
    Vec3 gradient(Vec3 a, Vec3 b) {
        if (kind == Kind.OFFSET) {
            return plane.direction();
        }
        Vec3 way = b.minus(a);
        double length = Math.max(way.length(), TOO_NEAR);
        if (kind == Kind.DISTANCE) {
            return way.times(1 / length);
        }
        double level = Math.max(Math.hypot(way.x(), way.y()), TOO_NEAR);
        return new Vec3(-way.z() * way.x() / level, -way.z() * way.y() / level, level).times(1 / (length * length));
    }
}
