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

    /**
     * The same, and how it changes as the points move.
     *
     * @param derivatives gets those along three axes of the second point (the only one, for an offset), then of the first
     */
    double predicted(Vec3 a, Vec3 b, double[] derivatives) {
        double x = b.x() - a.x();
        double y = b.y() - a.y();
        double z = b.z() - a.z();
        double predicted;
        switch (kind) {
            case OFFSET -> {
                Vec3 direction = plane.direction();
                x = direction.x();
                y = direction.y();
                z = direction.z();
                predicted = a.x() * x + a.y() * y + a.z() * z;
            }
            case DISTANCE -> {
                predicted = Math.sqrt(x * x + y * y + z * z);
                double length = Math.max(predicted, TOO_NEAR);
                x /= length;
                y /= length;
                z /= length;
            }
            default -> {
                double level = Math.max(Math.sqrt(x * x + y * y), TOO_NEAR);
                double squared = Math.max(level * level + z * z, TOO_NEAR * TOO_NEAR);
                predicted = Math.atan2(z, level);
                x *= -z / (level * squared);
                y *= -z / (level * squared);
                z = level / squared;
            }
        }
        derivatives[0] = x;
        derivatives[1] = y;
        derivatives[2] = z;
        derivatives[3] = -x;
        derivatives[4] = -y;
        derivatives[5] = -z;
        return predicted;
    }
}
