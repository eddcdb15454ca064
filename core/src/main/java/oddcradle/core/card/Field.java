package oddcradle.core.card;

import java.util.List;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import oddcradle.core.catalog.Shelf;
import oddcradle.core.catalog.ShelfRow;
import oddcradle.core.job.Job;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;

/**
 * One field of a thing: its name, what stands in it now, and the job with something else in it. To put a wrong value in throws
 * {@link oddcradle.core.math.InvalidValue} and changes nothing.
 */
public sealed interface Field {
    String name();

    record Words(String name, String now, Function<String, Job> put) implements Field {}

    /** A number with its unit. */
    record Measure(String name, Quantity now, DoubleFunction<Job> put) implements Field {}

    /** Forward, left and up: a point or a size in lengths, a direction in plain numbers. */
    record Vector(String name, Kind kind, Vec3 now, Function<Vec3, Job> put) implements Field {}

    /** How a body is turned: yaw, pitch and roll. */
    record Turned(String name, Mat3 now, Function<Mat3, Job> put) implements Field {}

    record Yes(String name, boolean now, Function<Boolean, Job> put) implements Field {}

    /** One of several. */
    record Choice(String name, List<Named> of, String now, Function<String, Job> put) implements Field {
        public Choice {
            of = List.copyOf(of);
        }
    }

    /** Any number of several, in an order. */
    record Several(String name, List<Named> of, List<String> now, Function<List<String>, Job> put) implements Field {
        public Several {
            of = List.copyOf(of);
            now = List.copyOf(now);
        }
    }

    /** Rows of numbers, SI. */
    record Table(String name, List<Column> columns, List<List<Double>> now, Function<List<List<Double>>, Job> put)
            implements Field {
        public Table {
            columns = List.copyOf(columns);
            now = List.copyOf(now);
            put = wholeRows(name, columns.size(), put);
        }

        private static Function<List<List<Double>>, Job> wholeRows(
                String name, int columns, Function<List<List<Double>>, Job> put) {
            return rows -> {
                for (List<Double> row : rows) {
                    if (row.size() != columns) {
                        throw new InvalidValue(
                                name, "has a row of " + row.size() + " numbers, must have " + columns + " in each");
                    }
                }
                return put.apply(rows);
            };
        }
    }

    /** Several fields at once, as a row of a shelf has them. */
    record FromShelf(String name, Shelf shelf, Function<ShelfRow, Job> put) implements Field {}

    /** Something that can be chosen, and what it is called. */
    record Named(String id, String words) {}

    record Column(String name, Kind kind) {}
}
