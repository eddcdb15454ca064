package oddcradle.files.job;

import java.lang.reflect.Constructor;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import oddcradle.core.drive.Stage;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.donor.JoinedUnit;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.seat.Clearances;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Mat3;
import oddcradle.core.survey.Reading;

/**
 * Random edits of every sealed kind, found by reflection, made of what the jobs themselves hold: any value of the right type with
 * one of its parts changed a little. Most fit the job they are made for, some are refused.
 */
final class AnyEdit {
    /** A record that holds nothing random is given up after so many tries. */
    private static final int TRIES = 300;

    private static final Type STRINGS = SetNames.class.getRecordComponents()[0].getGenericType();

    /** Only to have the type of a list of names. */
    private record SetNames(List<String> names) {}

    private final Random random;
    private final Map<Class<?>, List<Object>> values = new HashMap<>();
    /** By how the components of edits that name such a thing begin. */
    private final Map<String, List<String>> ids = new HashMap<>();

    AnyEdit(long seed, Collection<Job> jobs) {
        this.random = new Random(seed);
        jobs.forEach(this::gather);
        jobs.forEach(this::names);
    }

    /** Every record that a job can be changed by. */
    static List<Class<?>> kinds() {
        return kinds(JobEdit.class);
    }

    private static List<Class<?>> kinds(Class<?> type) {
        if (type.isRecord()) {
            return List.of(type);
        }
        List<Class<?>> kinds = new ArrayList<>();
        for (Class<?> each : type.getPermittedSubclasses()) {
            kinds.addAll(kinds(each));
        }
        return kinds;
    }

    /** The job after an edit of this kind; empty if none of the tries fitted it or changed it. */
    Optional<Job> apply(Class<?> kind, Job job) {
        AnyEdit here = new AnyEdit(random.nextLong(), List.of(job));
        for (int k = 0; k < TRIES; k++) {
            // What a job lacks is taken from the others.
            AnyEdit source = k % 2 == 0 ? here : this;
            try {
                Job after = ((JobEdit) source.record(kind, here)).applyTo(job);
                if (!after.equals(job)) {
                    return Optional.of(after);
                }
            } catch (InvalidValue refused) {
                continue;
            }
        }
        return Optional.empty();
    }

    private void gather(Object value) {
        if (value instanceof Optional<?> optional) {
            optional.ifPresent(this::gather);
        } else if (value instanceof Collection<?> many) {
            many.forEach(this::gather);
        } else if (value != null) {
            values.computeIfAbsent(value.getClass(), type -> new ArrayList<>()).add(value);
            if (value instanceof Record) {
                parts(value).values().forEach(this::gather);
            }
        }
    }

    private static Map<RecordComponent, Object> parts(Object value) {
        Map<RecordComponent, Object> parts = new LinkedHashMap<>();
        for (RecordComponent component : value.getClass().getRecordComponents()) {
            try {
                component.getAccessor().setAccessible(true);
                parts.put(component, component.getAccessor().invoke(value));
            } catch (ReflectiveOperationException impossible) {
                throw new AssertionError(impossible);
            }
        }
        return parts;
    }

    private Object record(Class<?> type, AnyEdit here) {
        List<Object> arguments = new ArrayList<>();
        for (RecordComponent component : type.getRecordComponents()) {
            arguments.add(
                    component.getType() == String.class
                                    || component.getGenericType().equals(STRINGS)
                            ? here.name(component)
                            : any(component.getGenericType(), here));
        }
        return made(type, arguments);
    }

    /** A name of what the component asks for, where its own name tells that; else any string of the job. */
    private Object name(RecordComponent component) {
        String asked = component.getName();
        List<String> fitting = ids.entrySet().stream()
                .filter(entry -> asked.startsWith(entry.getKey()))
                .flatMap(entry -> entry.getValue().stream())
                .toList();
        String one = fitting.isEmpty() || random.nextInt(8) == 0
                ? (String) found(String.class)
                : fitting.get(random.nextInt(fitting.size()));
        return component.getType() == String.class ? one : List.of(one);
    }

    private void names(Job job) {
        ids.put("tube", job.cradle().members().stream().map(Member::id).toList());
        ids.put(
                "member",
                Stream.concat(job.cradle().members().stream(), job.host().members().stream())
                        .map(Member::id)
                        .toList());
        ids.put("mount", job.cradle().isolators().stream().map(Isolator::id).toList());
        ids.put("isolator", ids.get("mount"));
        ids.put("detail", job.cradle().details().stream().map(Detail::id).toList());
        ids.put("stage", job.line().stages().stream().map(Stage::id).toList());
        ids.put("chain", ids.get("stage"));
        ids.put("unit", job.donor().units().stream().map(JoinedUnit::id).toList());
        ids.put("node", job.cradle().nodes().stream().map(Node::id).toList());
        ids.put("near", ids.get("node"));
        ids.put(
                "reading",
                Stream.concat(job.donor().survey().readings().stream(), job.host().survey().readings().stream())
                        .map(Reading::id)
                        .toList());
        ids.put(
                "part",
                job.build().clearances().pairs().stream()
                        .map(Clearances.PairRule::part)
                        .toList());
        ids.put(
                "obstacle",
                job.build().clearances().pairs().stream()
                        .map(Clearances.PairRule::obstacle)
                        .toList());
    }

    private static Object made(Class<?> type, List<Object> arguments) {
        Class<?>[] types = Arrays.stream(type.getRecordComponents())
                .map(RecordComponent::getType)
                .toArray(Class<?>[]::new);
        try {
            Constructor<?> constructor = type.getDeclaredConstructor(types);
            constructor.setAccessible(true);
            return constructor.newInstance(arguments.toArray());
        } catch (InvocationTargetException thrown) {
            if (thrown.getCause() instanceof InvalidValue refused) {
                throw refused;
            }
            throw new AssertionError(type + " of " + arguments, thrown.getCause());
        } catch (ReflectiveOperationException impossible) {
            throw new AssertionError(impossible);
        }
    }

    private Object any(Type type, AnyEdit here) {
        if (type instanceof ParameterizedType generic) {
            Type inner = generic.getActualTypeArguments()[0];
            if (generic.getRawType() == Optional.class) {
                return random.nextInt(3) == 0 ? Optional.empty() : Optional.of(any(inner, here));
            }
            List<Object> some = new ArrayList<>();
            for (int k = random.nextInt(2); k >= 0; k--) {
                some.add(any(inner, here));
            }
            return some;
        }
        Class<?> plain = (Class<?>) type;
        if (plain == double.class) {
            return random.nextInt(4) == 0 ? 40 + 20 * random.nextDouble() : 0.02 * random.nextGaussian();
        }
        if (plain == int.class) {
            return random.nextInt(2) == 0 ? random.nextInt(3) : 10 + random.nextInt(40);
        }
        if (plain == boolean.class) {
            return random.nextBoolean();
        }
        if (plain.isEnum()) {
            return plain.getEnumConstants()[random.nextInt(plain.getEnumConstants().length)];
        }
        if (plain == String.class) {
            return random.nextInt(8) == 0 ? "N" + random.nextInt(1000) : here.found(String.class);
        }
        return plain == Phrase.class ? Phrase.of("changed") : changed(found(plain));
    }

    private Object found(Class<?> type) {
        List<Object> fitting = values.entrySet().stream()
                .filter(entry -> type.isAssignableFrom(entry.getKey()))
                .flatMap(entry -> entry.getValue().stream())
                .toList();
        if (fitting.isEmpty()) {
            throw new InvalidValue(type.getSimpleName(), "is not in any job");
        }
        return fitting.get(random.nextInt(fitting.size()));
    }

    /** The value with one part of it changed; itself where that would be no such value. */
    private Object changed(Object value) {
        if (!(value instanceof Record) || value instanceof Mat3 || random.nextInt(6) == 0) {
            return value;
        }
        List<Object> arguments = new ArrayList<>(parts(value).values());
        if (arguments.isEmpty()) {
            return value;
        }
        int at = random.nextInt(arguments.size());
        arguments.set(at, nearby(arguments.get(at)));
        try {
            return made(value.getClass(), arguments);
        } catch (InvalidValue refused) {
            return value;
        }
    }

    private Object nearby(Object part) {
        if (part instanceof Double number) {
            return number * (1 + 0.05 * random.nextGaussian()) + (number == 0 ? 0.002 : 0);
        }
        if (part instanceof String name) {
            return random.nextInt(3) == 0 ? name : "N" + random.nextInt(1000);
        }
        if (part instanceof Enum<?> choice) {
            Object[] choices = choice.getDeclaringClass().getEnumConstants();
            return choices[random.nextInt(choices.length)];
        }
        if (part instanceof Boolean flag) {
            return !flag;
        }
        if (part instanceof Optional<?> optional) {
            return optional.map(inner -> Optional.of(changed(inner))).orElse(Optional.empty());
        }
        if (part instanceof List<?> list && !list.isEmpty()) {
            List<Object> copy = new ArrayList<>(list);
            int at = random.nextInt(copy.size());
            copy.set(at, changed(copy.get(at)));
            return copy;
        }
        return changed(part);
    }
}
