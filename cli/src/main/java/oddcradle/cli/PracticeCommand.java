package oddcradle.cli;

import java.io.PrintWriter;
import java.util.List;
import java.util.Random;
import java.util.concurrent.Callable;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.practice.Bench;
import oddcradle.core.practice.Lesson;
import oddcradle.core.practice.Setting;
import oddcradle.core.units.Entry;
import oddcradle.core.units.InvalidWords;
import oddcradle.files.report.PracticeText;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "practice",
        description =
                "A lesson of the practice bench: what is to be read, set and handed in, in its order; alone it lists the lessons, a lesson alone tells its task.")
final class PracticeCommand implements Callable<Integer> {
    private static final String AS_WORKED_OUT = "as-worked-out";
    private static final String HAND_IN = "hand-in";

    @Spec
    private CommandSpec spec;

    @Mixin
    private InchesOrNot shown;

    @Parameters(index = "0", arity = "0..1", paramLabel = "LESSON", description = "its word, such as align")
    private String word;

    @Parameters(
            index = "1..*",
            paramLabel = "WORK",
            description = "one after the other: a reading, a setting as name=value, " + AS_WORKED_OUT + ", " + HAND_IN)
    private List<String> work = List.of();

    @Option(
            names = "--machine",
            paramLabel = "N",
            defaultValue = "1",
            description = "which made-up machine; the same number is the same machine")
    private long machine;

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        if (word == null) {
            for (Lesson each : Lesson.values()) {
                out.println(each.id() + "  " + each.about());
            }
            return 0;
        }
        Lesson lesson = Lesson.of(word)
                .orElseThrow(() -> new InvalidValue(
                        "lesson", "is \"" + word + "\", which there is none of; \"practice\" alone lists them"));
        Random chance = new Random(machine);
        Bench bench = Bench.begin(lesson, chance);
        PracticeText text = new PracticeText(shown.style());
        if (work.isEmpty()) {
            out.print(text.task(bench));
        }
        for (String each : work) {
            bench = done(bench, each, chance, text, out);
            // What was done before something that cannot be stays told.
            out.flush();
        }
        return 0;
    }

    private Bench done(Bench bench, String what, Random chance, PracticeText text, PrintWriter out) {
        if (what.equals(HAND_IN)) {
            out.print(text.mark(bench));
            return bench;
        }
        if (what.equals(AS_WORKED_OUT)) {
            Bench now = bench.setAsWorkedOut();
            out.print(text.workedOut(bench));
            return now;
        }
        int equals = what.indexOf('=');
        if (equals > 0) {
            return set(bench, what.substring(0, equals), what.substring(equals + 1));
        }
        Bench now = bench.use(what, chance);
        out.print(text.lastReading(now));
        return now;
    }

    /** A choice is told by its number in the list, counted from 1. */
    private Bench set(Bench bench, String key, String value) {
        Setting setting = bench.exercise().settings().stream()
                .filter(each -> each.key().equals(key))
                .findFirst()
                .orElseThrow(
                        () -> new InvalidValue(key, "is nothing that is set here; the lesson alone lists what is"));
        try {
            double si = Entry.read(value, setting.kind(), shown.style()).si();
            return bench.set(key, setting.choices().isEmpty() ? si : si - 1);
        } catch (InvalidValue wrong) {
            throw new InvalidValue(key, InvalidWords.problem(wrong, shown.style()));
        }
    }
}
