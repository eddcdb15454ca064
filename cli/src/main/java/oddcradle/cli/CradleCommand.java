package oddcradle.cli;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.edit.TakeCradle;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.mounting.Elastomer;
import oddcradle.core.propose.CradleKind;
import oddcradle.core.propose.Proposals;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.report.CradleJson;
import oddcradle.files.report.CradleText;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(name = "cradle", description = "Propose cradles for the donor in its seat.")
final class CradleCommand implements Callable<Integer> {
    private static final int NONE = 1;

    @Spec
    private CommandSpec spec;

    @Mixin
    private JobFile file;

    @Mixin
    private Printed printed;

    @Option(names = "--kind", paramLabel = "KIND", description = "only these kinds; may be given several times")
    private List<String> kinds = new ArrayList<>();

    @Option(names = "--points", paramLabel = "N", description = "only on 3 or on 4 points")
    private Integer points;

    @Option(names = "--mount", paramLabel = "WHAT", description = "only hard, or only on rubber, urethane or silicone")
    private String mount;

    @Mixin
    private Taken taken;

    @Override
    public Integer call() throws IOException {
        taken.requireBoth();
        Proposals.Wishes wishes = wishes();
        Examination examination =
                OpenedJob.examine(file.path(), spec.commandLine().getErr());
        Proposals.Result result = Proposals.run(examination, wishes, Progress.UNWATCHED);
        UnitStyle style = printed.style();
        spec.commandLine()
                .getOut()
                .println(
                        printed.json()
                                ? CradleJson.proposals(examination, result)
                                : CradleText.of(examination, result, style));
        taken.write(file.path(), result.proposals(), (job, proposal) -> new TakeCradle(proposal.cradle(), "proposed")
                .applyTo(job));
        return result.proposals().isEmpty() ? NONE : 0;
    }

    private Proposals.Wishes wishes() {
        if (points != null && points != 3 && points != 4) {
            throw new InvalidValue("--points", "is " + points + ", must be 3 or 4");
        }
        Optional<Boolean> hard = Optional.ofNullable(mount).map("hard"::equals);
        Elastomer elastomer = mount == null || mount.equals("hard")
                ? Elastomer.RUBBER
                : Arrays.stream(Elastomer.values())
                        .filter(each -> each.word().equals(mount))
                        .findFirst()
                        .orElseThrow(() -> new InvalidValue(
                                "--mount", "is \"" + mount + "\", must be hard, rubber, urethane or silicone"));
        return new Proposals.Wishes(
                kinds.stream().map(CradleCommand::kind).toList(), hard, Optional.ofNullable(points), elastomer);
    }

    private static CradleKind kind(String word) {
        return Arrays.stream(CradleKind.values())
                .filter(each -> each.name().toLowerCase(Locale.ROOT).equals(word))
                .findFirst()
                .orElseThrow(
                        () -> new InvalidValue("--kind", "is \"" + word + "\", must be one of " + CradleText.kinds()));
    }
}
