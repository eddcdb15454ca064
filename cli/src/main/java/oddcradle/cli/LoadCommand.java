package oddcradle.cli;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.Callable;
import oddcradle.core.control.Progress;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.proof.Proven;
import oddcradle.core.propose.MakeHold;
import oddcradle.files.report.LoadJson;
import oddcradle.files.report.LoadText;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

@Command(
        name = "load",
        description =
                "Whether the frame holds, which weld is the worst, how long it lasts, and a few ways to make it hold.")
final class LoadCommand implements Callable<Integer> {
    private static final int DOES_NOT_HOLD = 1;

    @Spec
    private CommandSpec spec;

    @Mixin
    private JobFile file;

    @Mixin
    private Printed printed;

    @Mixin
    private Taken taken;

    @Override
    public Integer call() throws IOException {
        taken.requireBoth();
        Proven proven =
                Proven.of(OpenedJob.examine(file.path(), spec.commandLine().getErr()));
        List<MakeHold.Answer> made = MakeHold.of(proven.examination(), Progress.UNWATCHED);
        spec.commandLine()
                .getOut()
                .println(printed.json() ? LoadJson.of(proven, made) : LoadText.of(proven, made, printed.style()));
        taken.write(file.path(), made, (job, answer) -> answer.job());
        boolean holds = proven.report(Step.LOAD).worst() != Severity.STOP;
        return holds || printed.json() ? 0 : DOES_NOT_HOLD;
    }
}
