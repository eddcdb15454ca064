package oddcradle.core.card;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import oddcradle.core.card.Field.Column;
import oddcradle.core.card.Field.Named;
import oddcradle.core.catalog.Shelf;
import oddcradle.core.catalog.ShelfRow;
import oddcradle.core.job.Job;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Measured;
import oddcradle.core.units.Quantity;

/** Gathers the fields of a value that sits somewhere in a job. */
final class FieldsOf<T> {
    /** The short name that is written on the piece. */
    static final String MARK = "mark";

    private final T value;
    private final Function<T, Job> put;
    private final List<Field> fields;

    /** @param put the job with another value in its place */
    FieldsOf(T value, Function<T, Job> put) {
        this(value, put, new ArrayList<>());
    }

    private FieldsOf(T value, Function<T, Job> put, List<Field> fields) {
        this.value = value;
        this.put = put;
        this.fields = fields;
    }

    List<Field> list() {
        return fields;
    }

    FieldsOf<T> words(String name, Function<T, String> get, BiFunction<T, String, T> with) {
        fields.add(new Field.Words(name, get.apply(value), typed -> put.apply(with.apply(value, typed.strip()))));
        return this;
    }

    /** Its mark, which changes wherever the thing is named. */
    FieldsOf<T> mark(String now, Function<String, Job> renamed) {
        fields.add(new Field.Words(MARK, now, typed -> renamed.apply(typed.strip())));
        return this;
    }

    FieldsOf<T> measure(String name, Kind kind, Function<T, Double> get, BiFunction<T, Double, T> with) {
        fields.add(new Field.Measure(
                name, new Quantity(get.apply(value), kind), typed -> put.apply(with.apply(value, typed))));
        return this;
    }

    FieldsOf<T> length(String name, Function<T, Double> get, BiFunction<T, Double, T> with) {
        return measure(name, Kind.LENGTH, get, with);
    }

    FieldsOf<T> angle(String name, Function<T, Double> get, BiFunction<T, Double, T> with) {
        return measure(name, Kind.ANGLE, get, with);
    }

    /** A whole number. */
    FieldsOf<T> count(String name, Function<T, Integer> get, BiFunction<T, Integer, T> with) {
        return measure(name, Kind.COUNT, each -> (double) get.apply(each), (each, typed) -> {
            if (typed != Math.rint(typed) || Math.abs(typed) > Integer.MAX_VALUE) {
                throw new InvalidValue(name, "is " + typed + ", must be a whole number");
            }
            return with.apply(each, typed.intValue());
        });
    }

    FieldsOf<T> place(String name, Function<T, Vec3> get, BiFunction<T, Vec3, T> with) {
        return vector(name, Kind.LENGTH, get, with);
    }

    /** A direction; of any length but nought. */
    FieldsOf<T> way(String name, Function<T, Vec3> get, BiFunction<T, Vec3, T> with) {
        return vector(name, Kind.RATIO, get, with);
    }

    FieldsOf<T> vector(String name, Kind kind, Function<T, Vec3> get, BiFunction<T, Vec3, T> with) {
        fields.add(new Field.Vector(name, kind, get.apply(value), typed -> put.apply(with.apply(value, typed))));
        return this;
    }

    FieldsOf<T> yes(String name, Function<T, Boolean> get, BiFunction<T, Boolean, T> with) {
        fields.add(new Field.Yes(name, get.apply(value), typed -> put.apply(with.apply(value, typed))));
        return this;
    }

    FieldsOf<T> choice(String name, List<Named> of, Function<T, String> get, BiFunction<T, String, T> with) {
        fields.add(new Field.Choice(name, of, get.apply(value), id -> {
            requireAmong(name, of, List.of(id));
            return put.apply(with.apply(value, id));
        }));
        return this;
    }

    <E extends Enum<E>> FieldsOf<T> one(
            String name, E[] of, Function<E, String> words, Function<T, E> get, BiFunction<T, E, T> with) {
        return choice(
                name,
                Arrays.stream(of)
                        .map(each -> new Named(each.name(), words.apply(each)))
                        .toList(),
                each -> get.apply(each).name(),
                (each, id) -> with.apply(
                        each,
                        Arrays.stream(of)
                                .filter(one -> one.name().equals(id))
                                .findFirst()
                                .orElseThrow()));
    }

    FieldsOf<T> several(
            String name, List<Named> of, Function<T, List<String>> get, BiFunction<T, List<String>, T> with) {
        fields.add(new Field.Several(name, of, get.apply(value), ids -> {
            requireAmong(name, of, ids);
            return put.apply(with.apply(value, ids));
        }));
        return this;
    }

    /** @param with the value of the sizes of a row, SI, in the order of the shelf's columns */
    FieldsOf<T> shelf(Shelf shelf, BiFunction<T, ShelfRow, T> with) {
        return shelf(shelf.words(), shelf, with);
    }

    /** @param name where several rows of one shelf are wanted */
    FieldsOf<T> shelf(String name, Shelf shelf, BiFunction<T, ShelfRow, T> with) {
        fields.add(new Field.FromShelf(name, shelf, row -> put.apply(with.apply(value, row))));
        return this;
    }

    private static void requireAmong(String name, List<Named> of, List<String> ids) {
        for (String id : ids) {
            if (of.stream().noneMatch(each -> each.id().equals(id))) {
                throw new InvalidValue(name, "names \"" + id + "\", which there is none of; choose from the list");
            }
        }
    }

    FieldsOf<T> table(
            String name,
            List<Column> columns,
            Function<T, List<List<Double>>> get,
            BiFunction<T, List<List<Double>>, T> with) {
        fields.add(new Field.Table(name, columns, get.apply(value), rows -> put.apply(with.apply(value, rows))));
        return this;
    }

    /** A single column of numbers. */
    FieldsOf<T> row(String name, Kind kind, Function<T, List<Double>> get, BiFunction<T, List<Double>, T> with) {
        return table(
                name,
                List.of(new Column(name, kind)),
                each -> get.apply(each).stream().map(List::of).toList(),
                (each, rows) ->
                        with.apply(each, rows.stream().map(row -> row.get(0)).toList()));
    }

    /** Several points. */
    FieldsOf<T> places(String name, Function<T, List<Vec3>> get, BiFunction<T, List<Vec3>, T> with) {
        return vectors(name, Kind.LENGTH, get, with);
    }

    private FieldsOf<T> vectors(
            String name, Kind kind, Function<T, List<Vec3>> get, BiFunction<T, List<Vec3>, T> with) {
        return table(
                name,
                List.of(new Column("forward", kind), new Column("left", kind), new Column("up", kind)),
                each -> get.apply(each).stream()
                        .map(at -> List.of(at.x(), at.y(), at.z()))
                        .toList(),
                (each, rows) -> with.apply(
                        each,
                        rows.stream()
                                .map(row -> new Vec3(row.get(0), row.get(1), row.get(2)))
                                .toList()));
    }

    /** A point that may be left out. */
    FieldsOf<T> placeIfKnown(String name, Function<T, Optional<Vec3>> get, BiFunction<T, Optional<Vec3>, T> with) {
        return oneOrNone(name, "places", Kind.LENGTH, get, with);
    }

    /** A direction that may be left out. */
    FieldsOf<T> wayIfKnown(String name, Function<T, Optional<Vec3>> get, BiFunction<T, Optional<Vec3>, T> with) {
        return oneOrNone(name, "directions", Kind.RATIO, get, with);
    }

    private FieldsOf<T> oneOrNone(
            String name,
            String what,
            Kind kind,
            Function<T, Optional<Vec3>> get,
            BiFunction<T, Optional<Vec3>, T> with) {
        return vectors(name, kind, each -> get.apply(each).stream().toList(), (each, all) -> {
            if (all.size() > 1) {
                throw new InvalidValue(name, "is " + all.size() + " " + what + ", must be one or none");
            }
            return with.apply(each, all.stream().findFirst());
        });
    }

    /** The fields of a value inside this one. */
    <P> FieldsOf<T> inner(Function<T, P> get, BiFunction<T, P, T> with, Consumer<FieldsOf<P>> of) {
        of.accept(new FieldsOf<>(get.apply(value), inside -> put.apply(with.apply(value, inside)), fields));
        return this;
    }

    /** The fields of each value of a list inside this one, told its number from nought. */
    <P> FieldsOf<T> each(
            Function<T, List<P>> get, BiFunction<T, List<P>, T> with, BiFunction<FieldsOf<P>, Integer, ?> of) {
        List<P> all = get.apply(value);
        for (int k = 0; k < all.size(); k++) {
            int at = k;
            of.apply(
                    new FieldsOf<>(
                            all.get(at), inside -> put.apply(with.apply(value, Listed.with(all, at, inside))), fields),
                    at);
        }
        return this;
    }

    T value() {
        return value;
    }

    Function<T, Job> put() {
        return put;
    }

    void add(Field field) {
        fields.add(field);
    }

    /** Every measure of a value that lists them itself. */
    static <M extends Measured<M>> FieldsOf<M> measures(FieldsOf<M> of) {
        List<Measured.Measure> measures = of.value.measures();
        for (int k = 0; k < measures.size(); k++) {
            int at = k;
            of.fields.add(new Field.Measure(
                    measures.get(k).name(),
                    measures.get(k).quantity(),
                    typed -> of.put.apply(of.value.with(at, typed))));
        }
        return of;
    }
}
