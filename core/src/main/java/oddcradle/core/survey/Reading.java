package oddcradle.core.survey;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * One reading with the instrument it was taken with. Lengths are within 100 m; {@code sigma} is the standard uncertainty of
 * the reading in its own unit, greater than 0.
 *
 * <p>Each shape's reading is geometry, by definition.
 */
public sealed interface Reading {
    /** The farthest length that is believed, m. */
    double FARTHEST = 100;

    String id();

    /** m, or rad for {@link Slope}. */
    double value();

    Instrument instrument();

    /** One standard deviation, m or rad. */
    double sigma();

    /** The same reading with another value. */
    Reading with(double value);

    /** The same reading taken better or worse. */
    Reading taken(Instrument instrument, double sigma);

    /** The points it is about, one or two. */
    List<String> points();

    /** From a datum plane to the middle of a point, square to the plane; signed. */
    @RecordBuilder
    record Offset(String id, String point, DatumPlane plane, double value, Instrument instrument, double sigma)
            implements Reading, ReadingOffsetBuilder.With {
        public Offset {
            check(id, instrument, sigma);
            Guard.named("point", point);
            Guard.present("plane", plane);
            Guard.within("value", value, -FARTHEST, FARTHEST, "m");
        }

        @Override
        public Reading with(double other) {
            return new Offset(id, point, plane, other, instrument, sigma);
        }

        @Override
        public Reading taken(Instrument with, double how) {
            return new Offset(id, point, plane, value, with, how);
        }

        @Override
        public List<String> points() {
            return List.of(point);
        }
    }

    /**
     * From a datum plane to an edge of a hole; the centre is half a diameter further, or nearer for the far edge.
     *
     * @param diameter of the hole, m
     */
    @RecordBuilder
    record HoleEdge(
            String id,
            String point,
            DatumPlane plane,
            Edge edge,
            double diameter,
            double value,
            Instrument instrument,
            double sigma)
            implements Reading, ReadingHoleEdgeBuilder.With {
        public HoleEdge {
            check(id, instrument, sigma);
            Guard.named("point", point);
            Guard.present("plane", plane);
            Guard.present("edge", edge);
            Guard.within("value", value, -FARTHEST, FARTHEST, "m");
            Guard.positive("diameter", diameter, "m");
        }

        /** The centre's offset, m. */
        public double centre() {
            return value + (edge == Edge.NEAR ? 1 : -1) * Math.copySign(diameter / 2, value);
        }

        @Override
        public Reading with(double other) {
            return new HoleEdge(id, point, plane, edge, diameter, other, instrument, sigma);
        }

        @Override
        public Reading taken(Instrument with, double how) {
            return new HoleEdge(id, point, plane, edge, diameter, value, with, how);
        }

        @Override
        public List<String> points() {
            return List.of(point);
        }
    }

    /** Straight from the middle of one point to the middle of another. */
    @RecordBuilder
    record Distance(String id, String from, String to, double value, Instrument instrument, double sigma)
            implements Reading, ReadingDistanceBuilder.With {
        public Distance {
            check(id, instrument, sigma);
            checkSpan(from, to);
            Guard.positive("value", value, "m");
            Guard.within("value", value, 0, FARTHEST, "m");
        }

        @Override
        public Reading with(double other) {
            return new Distance(id, from, to, other, instrument, sigma);
        }

        @Override
        public Reading taken(Instrument with, double how) {
            return new Distance(id, from, to, value, with, how);
        }

        @Override
        public List<String> points() {
            return List.of(from, to);
        }
    }

    /**
     * Over the outer or between the inner sides of two bores; the centres are half of both bores nearer or further apart.
     *
     * @param fromBore diameter of the first bore or of the pin in it, m
     * @param toBore diameter of the second, m
     */
    @RecordBuilder
    record OverBores(
            String id,
            String from,
            String to,
            Sides sides,
            double fromBore,
            double toBore,
            double value,
            Instrument instrument,
            double sigma)
            implements Reading, ReadingOverBoresBuilder.With {
        public OverBores {
            check(id, instrument, sigma);
            checkSpan(from, to);
            Guard.present("sides", sides);
            Guard.positive("fromBore", fromBore, "m");
            Guard.positive("toBore", toBore, "m");
            Guard.within("value", value, 0, FARTHEST, "m");
            if (sides == Sides.OUTER && value <= (fromBore + toBore) / 2) {
                throw new InvalidValue(
                        "value",
                        "is " + value + " m over the outer sides of bores of " + fromBore + " m and " + toBore
                                + " m, must be more than half of both together; measure again");
            }
        }

        /** Centre to centre, m. */
        public double centres() {
            return value + (sides == Sides.OUTER ? -1 : 1) * (fromBore + toBore) / 2;
        }

        @Override
        public Reading with(double other) {
            return new OverBores(id, from, to, sides, fromBore, toBore, other, instrument, sigma);
        }

        @Override
        public Reading taken(Instrument with, double how) {
            return new OverBores(id, from, to, sides, fromBore, toBore, value, with, how);
        }

        @Override
        public List<String> points() {
            return List.of(from, to);
        }
    }

    /** Angle to level of the line from one point to another, rad, positive when it rises. */
    @RecordBuilder
    record Slope(String id, String from, String to, double value, Instrument instrument, double sigma)
            implements Reading, ReadingSlopeBuilder.With {
        public Slope {
            check(id, instrument, sigma);
            checkSpan(from, to);
            Guard.within("value", value, -Math.PI / 2, Math.PI / 2, "rad");
        }

        @Override
        public Reading with(double other) {
            return new Slope(id, from, to, other, instrument, sigma);
        }

        @Override
        public Reading taken(Instrument with, double how) {
            return new Slope(id, from, to, value, with, how);
        }

        @Override
        public List<String> points() {
            return List.of(from, to);
        }
    }

    /** Which edge of a hole, seen from the datum plane. */
    enum Edge {
        NEAR,
        FAR
    }

    /** Where the jaws go on two bores. */
    enum Sides {
        OUTER,
        INNER
    }

    /** No instrument of a workshop reads finer, m or rad; a tape mark among nanometres would leave no digits. */
    double FINEST = 1e-6;

    double COARSEST = 100;

    private static void check(String id, Instrument instrument, double sigma) {
        Guard.named("id", id);
        Guard.present("instrument", instrument);
        Guard.positive("sigma", sigma, "m or rad");
        Guard.within("sigma", sigma, FINEST, COARSEST, "m or rad");
    }

    private static void checkSpan(String from, String to) {
        Guard.named("from", from);
        Guard.named("to", to);
        if (from.equals(to)) {
            throw new InvalidValue("to", "is \"" + to + "\", the point the reading starts from; name another");
        }
    }
}
