package oddcradle.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.pocket.Pocket;
import oddcradle.core.pocket.PocketAnswer;
import oddcradle.core.pocket.PocketInput;
import oddcradle.core.pocket.Question;
import oddcradle.core.units.Entry;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.report.RunJson;
import oddcradle.files.report.RunText;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "ask",
        description = "One of the questions that builders ask, from a job or from a few numbers; alone it lists them.")
final class AskCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private Printed printed;

    @Parameters(index = "0", arity = "0..1", paramLabel = "QUESTION", description = "its word, such as jet")
    private String word;

    @Parameters(index = "1..*", paramLabel = "NAME=VALUE", description = "numbers with their units, such as jet=0.99mm")
    private List<String> numbers = List.of();

    @Option(names = "--job", paramLabel = "FILE", description = "the job that it is about")
    private Path job;

    @Override
    public Integer call() throws IOException {
        PrintWriter out = spec.commandLine().getOut();
        if (word == null) {
            for (Question each : Question.values()) {
                out.println(each.id() + "  " + each.words());
                each.inputs().forEach(input -> out.println("    " + input.key() + "=  " + input.words()));
            }
            return 0;
        }
        Question question = Question.of(word)
                .orElseThrow(() -> new InvalidValue(
                        "question", "is \"" + word + "\", which there is none of; \"ask\" alone lists them"));
        Optional<Examination> open = job == null
                ? Optional.empty()
                : Optional.of(OpenedJob.examine(job, spec.commandLine().getErr()));
        PocketAnswer answer = Pocket.answer(question, open, typed(question), Progress.UNWATCHED);
        out.print(
                printed.json()
                        ? RunJson.of(question, answer) + System.lineSeparator()
                        : RunText.answer(answer, printed.style()));
        out.flush();
        return 0;
    }

    private Map<String, Double> typed(Question question) {
        UnitStyle style = printed.style();
        Map<String, Double> typed = new HashMap<>();
        for (String number : numbers) {
            int equals = number.indexOf('=');
            if (equals < 1) {
                throw new InvalidValue("\"" + number + "\"", "is no number with its name, write it as jet=0.99mm");
            }
            String key = number.substring(0, equals);
            PocketInput input = question.inputs().stream()
                    .filter(each -> each.key().equals(key))
                    .findFirst()
                    .orElseThrow(() -> new InvalidValue(
                            key,
                            "is no number of this question; it takes "
                                    + String.join(
                                            ", ",
                                            question.inputs().stream()
                                                    .map(PocketInput::key)
                                                    .toList())));
            try {
                typed.put(
                        key,
                        Entry.read(number.substring(equals + 1), input.kind(), style)
                                .si());
            } catch (InvalidValue wrong) {
                throw new InvalidValue(key, wrong.problem());
            }
        }
        return typed;
    }
}
