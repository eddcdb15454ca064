package oddcradle.core.practice;

import java.util.ArrayList;
import java.util.List;

/** A plain picture in m, x to the right, y up. */
public record BenchPicture(List<Shape> shapes) {
    public BenchPicture {
        shapes = List.copyOf(shapes);
    }

    /** How a shape is drawn. */
    public enum Look {
        FRAME,
        ENGINE,
        DRIVE,
        MEASURE
    }

    /** Something drawn. */
    public sealed interface Shape permits Line, Box, Ring, Words {}

    /** From one place to another, m. */
    public record Line(double x, double y, double toX, double toY, Look look) implements Shape {}

    /** From its lower left, m. */
    public record Box(double x, double y, double width, double height, Look look) implements Shape {}

    /** Round its middle, m. */
    public record Ring(double x, double y, double radius, Look look) implements Shape {}

    /** Beside a place, m. */
    public record Words(double x, double y, String words) implements Shape {}

    /** Shapes one by one. */
    static final class Drawing {
        private final List<Shape> shapes = new ArrayList<>();

        Drawing line(double x, double y, double toX, double toY, Look look) {
            shapes.add(new Line(x, y, toX, toY, look));
            return this;
        }

        Drawing box(double x, double y, double width, double height, Look look) {
            shapes.add(new Box(x, y, width, height, look));
            return this;
        }

        Drawing ring(double x, double y, double radius, Look look) {
            shapes.add(new Ring(x, y, radius, look));
            return this;
        }

        Drawing words(double x, double y, String words) {
            shapes.add(new Words(x, y, words));
            return this;
        }

        BenchPicture done() {
            return new BenchPicture(shapes);
        }
    }
}
