package oddcradle.core.card;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import oddcradle.core.catalog.Shelf;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.Job;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/** The shapes a body is made of: their fields, and shapes put to them or taken away. */
final class Shapes {
    /** Half the size of a shape nobody has measured yet, m. */
    private static final double HALF = 0.05;

    private Shapes() {}

    static <T> void fields(FieldsOf<T> of, Function<T, List<Solid>> get, BiFunction<T, List<Solid>, T> with) {
        of.each(get, with, (shape, number) -> shape(shape, name(shape.value(), number)));
    }

    private static FieldsOf<Solid> shape(FieldsOf<Solid> of, String name) {
        Solid solid = of.value();
        if (solid instanceof Solid.Box box) {
            of.place(
                            name + ", middle",
                            Solid::centre,
                            (any, at) -> new Solid.Box(
                                    box.half(), new Pose(box.pose().rotation(), at)))
                    .place(
                            name + ", size",
                            any -> box.half().times(2),
                            (any, size) -> new Solid.Box(size.times(0.5), box.pose()));
            of.add(new Field.Turned(name + ", turned", box.pose().rotation(), turned -> of.put()
                    .apply(new Solid.Box(box.half(), new Pose(turned, box.centre())))));
            // Length, width and height of its outside.
            return of.shelf(
                    Shelf.VESSELS,
                    (any, row) -> box.withHalf(new Vec3(
                                    row.sizes().get(1),
                                    row.sizes().get(2),
                                    row.sizes().get(3))
                            .times(0.5)));
        }
        if (solid instanceof Solid.Sphere ball) {
            return of.place(name + ", middle", Solid::centre, (any, at) -> ball.withCenter(at))
                    .length(name + ", radius", any -> ball.radius(), (any, radius) -> ball.withRadius(radius));
        }
        if (solid instanceof Solid.Cylinder bar) {
            return of.place(name + ", one end", any -> bar.p0(), (any, at) -> bar.withP0(at))
                    .place(name + ", other end", any -> bar.p1(), (any, at) -> bar.withP1(at))
                    .length(name + ", radius", any -> bar.radius(), (any, radius) -> bar.withRadius(radius));
        }
        Solid.Capsule rod = (Solid.Capsule) solid;
        return of.place(name + ", one end", any -> rod.p0(), (any, at) -> rod.withP0(at))
                .place(name + ", other end", any -> rod.p1(), (any, at) -> rod.withP1(at))
                .length(name + ", radius", any -> rod.radius(), (any, radius) -> rod.withRadius(radius));
    }

    private static String name(Solid solid, int number) {
        String word = solid instanceof Solid.Box
                ? "box"
                : solid instanceof Solid.Sphere ? "ball" : solid instanceof Solid.Cylinder ? "bar" : "rounded bar";
        return word + " " + (number + 1);
    }

    /** @param put the job with other shapes */
    static List<Deed> deeds(List<Solid> solids, Function<List<Solid>, Job> put) {
        Vec3 near = solids.get(0).centre();
        List<Deed> deeds = new ArrayList<>();
        deeds.add(Deed.of("Add a box", () -> put.apply(Listed.plus(solids, box(near)))));
        deeds.add(Deed.of(
                "Add a round bar",
                () -> put.apply(
                        Listed.plus(solids, new Solid.Cylinder(near, near.plus(Vec3.Z.times(2 * HALF)), HALF)))));
        deeds.add(Deed.of(
                "Add a rounded bar",
                () -> put.apply(
                        Listed.plus(solids, new Solid.Capsule(near, near.plus(Vec3.Z.times(2 * HALF)), HALF)))));
        deeds.add(Deed.of("Add a ball", () -> put.apply(Listed.plus(solids, new Solid.Sphere(near, HALF)))));
        for (int k = 0; solids.size() > 1 && k < solids.size(); k++) {
            int at = k;
            deeds.add(Deed.of("Take " + name(solids.get(k), k) + " away", () -> put.apply(Listed.without(solids, at))));
        }
        return deeds;
    }

    static Solid box(Vec3 middle) {
        return new Solid.Box(new Vec3(HALF, HALF, HALF), new Pose(Mat3.IDENTITY, middle));
    }
}
