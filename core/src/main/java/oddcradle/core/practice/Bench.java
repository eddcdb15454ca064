package oddcradle.core.practice;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import oddcradle.core.math.InvalidValue;

/**
 * One exercise, as far as the learner has come.
 *
 * @param set every setting of the exercise by its key, SI
 * @param paper what was read, in its order
 */
public record Bench(Lesson lesson, Exercise exercise, Map<String, Double> set, List<Taken> paper) {
    /** More lines than this nobody reads. */
    private static final int MOST_READINGS = 500;

    public Bench {
        set = Map.copyOf(set);
        paper = List.copyOf(paper);
    }

    /** A new machine, nothing read. @param chance decides what is true of it */
    public static Bench begin(Lesson lesson, RandomGenerator chance) {
        Exercise exercise = lesson.made(chance);
        Map<String, Double> set = new HashMap<>();
        exercise.settings().forEach(each -> set.put(each.key(), each.start()));
        return new Bench(lesson, exercise, set, List.of());
    }

    /**
     * @param value SI
     * @throws InvalidValue where there is no such setting, or it cannot be set so
     */
    public Bench set(String key, double value) {
        Setting setting = exercise.settings().stream()
                .filter(each -> each.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new InvalidValue(key, "is nothing that is set here"));
        Map<String, Double> now = new HashMap<>(set);
        now.put(key, setting.checked(value));
        return new Bench(lesson, exercise, now, paper);
    }

    /** Sets what can be worked out from the paper; the same where that is nothing yet. */
    public Bench setAsWorkedOut() {
        Bench now = this;
        for (Map.Entry<String, Double> each : workedOut().settings().entrySet()) {
            now = now.set(each.getKey(), each.getValue());
        }
        return now;
    }

    /** @throws InvalidValue where there is no such tool, or the paper is full */
    public Bench use(String key, RandomGenerator noise) {
        Tool tool = exercise.tools().stream()
                .filter(each -> each.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new InvalidValue(key, "is nothing to read with here"));
        if (paper.size() == MOST_READINGS) {
            throw new InvalidValue("paper", "has " + MOST_READINGS + " readings on it, hand in or begin anew");
        }
        Exercise.Read read = exercise.read(key, set, noise);
        double time = tool.time() + (isMoved() ? exercise.moving() : 0);
        List<Taken> more = new ArrayList<>(paper);
        more.add(new Taken(key, read.says(), read.values(), set, time));
        return new Bench(lesson, exercise, set, more);
    }

    /** Whether the machine stands otherwise than at the last reading. */
    private boolean isMoved() {
        return exercise.settings().stream().filter(Setting::moves).anyMatch(each -> {
            double before = paper.isEmpty()
                    ? each.start()
                    : paper.get(paper.size() - 1).set().get(each.key());
            return before != set.get(each.key());
        });
    }

    public Exercise.WorkedOut workedOut() {
        return exercise.workedOut(set, paper);
    }

    /** Spent so far, s. */
    public double time() {
        return paper.stream().mapToDouble(Taken::time).sum();
    }

    public Mark handIn() {
        return exercise.mark(set, paper);
    }

    public BenchPicture picture() {
        return exercise.picture(set);
    }
}
