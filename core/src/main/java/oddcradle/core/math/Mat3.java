package oddcradle.core.math;

/** A 3 by 3 matrix by rows, as a value. */
public record Mat3(Vec3 row0, Vec3 row1, Vec3 row2) {
    public static final Mat3 IDENTITY = new Mat3(Vec3.X, Vec3.Y, Vec3.Z);
    public static final Mat3 ZERO = new Mat3(Vec3.ZERO, Vec3.ZERO, Vec3.ZERO);

    public static Mat3 ofColumns(Vec3 a, Vec3 b, Vec3 c) {
        return new Mat3(new Vec3(a.x(), b.x(), c.x()), new Vec3(a.y(), b.y(), c.y()), new Vec3(a.z(), b.z(), c.z()));
    }

    public static Mat3 diagonal(double a, double b, double c) {
        return new Mat3(new Vec3(a, 0, 0), new Vec3(0, b, 0), new Vec3(0, 0, c));
    }

    /** The matrix S with {@code S v = a x v}. */
    public static Mat3 crossProductWith(Vec3 a) {
        return new Mat3(new Vec3(0, -a.z(), a.y()), new Vec3(a.z(), 0, -a.x()), new Vec3(-a.y(), a.x(), 0));
    }

    /** Rotation by {@code angle} radians, right-handed, about {@code axis} (Rodrigues' formula). */
    public static Mat3 rotationAbout(Vec3 axis, double angle) {
        Mat3 s = crossProductWith(axis.unit());
        return IDENTITY.plus(s.times(Math.sin(angle))).plus(s.times(s).times(1 - Math.cos(angle)));
    }

    public Vec3 times(Vec3 v) {
        return new Vec3(row0.dot(v), row1.dot(v), row2.dot(v));
    }

    public Mat3 times(Mat3 m) {
        Mat3 t = m.transposed();
        return new Mat3(t.times(row0), t.times(row1), t.times(row2));
    }

    public Mat3 times(double factor) {
        return new Mat3(row0.times(factor), row1.times(factor), row2.times(factor));
    }

    public Mat3 plus(Mat3 m) {
        return new Mat3(row0.plus(m.row0), row1.plus(m.row1), row2.plus(m.row2));
    }

    public Mat3 transposed() {
        return ofColumns(row0, row1, row2);
    }

    public Vec3 column(int index) {
        return new Vec3(get(0, index), get(1, index), get(2, index));
    }

    /** Element at {@code row} and {@code column}, each 0 to 2. */
    public double get(int row, int column) {
        Vec3 r = row == 0 ? row0 : row == 1 ? row1 : row2;
        return column == 0 ? r.x() : column == 1 ? r.y() : r.z();
    }

    public double determinant() {
        return row0.dot(row1.cross(row2));
    }

    /** Whether the rows are unit vectors at right angles and right-handed, each product within {@code tolerance}. */
    public boolean isRotation(double tolerance) {
        return isOrthogonal(tolerance) && determinant() > 0;
    }

    /** Whether the rows are unit vectors at right angles, of either hand, each product within {@code tolerance}. */
    public boolean isOrthogonal(double tolerance) {
        Mat3 product = times(transposed());
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                if (!(Math.abs(product.get(i, j) - (i == j ? 1 : 0)) <= tolerance)) {
                    return false;
                }
            }
        }
        return true;
    }
}
