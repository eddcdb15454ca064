package oddcradle.cli;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Iterator;
import java.util.concurrent.Callable;
import oddcradle.core.math.InvalidValue;
import oddcradle.files.calc.Calculators;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "calc",
        description = "Read one JSON object, or an array of them, on standard input and print the answers, SI units.")
final class CalcCommand implements Callable<Integer> {
    private static final int LARGEST = 256 << 20;

    @Spec
    private CommandSpec spec;

    @Parameters(
            paramLabel = "NAME",
            description = "one of ${COMPLETION-CANDIDATES}",
            completionCandidates = Names.class)
    private String name;

    @Override
    public Integer call() throws IOException {
        Calculators.Answer answer = Calculators.answer(name, question(System.in));
        spec.commandLine().getOut().println(answer.json());
        return answer.allAnswered() ? 0 : Main.WRONG_INPUT;
    }

    private static String question(InputStream in) throws IOException {
        byte[] content = in.readNBytes(LARGEST + 1);
        if (content.length > LARGEST) {
            throw new InvalidValue(
                    "standard input", "has more than " + (LARGEST >> 20) + " MB, send fewer cases at a time");
        }
        return new String(content, StandardCharsets.UTF_8);
    }

    /** What may stand for the name, as the help tells it. */
    static final class Names implements Iterable<String> {
        @Override
        public Iterator<String> iterator() {
            return Calculators.names().iterator();
        }
    }
}
