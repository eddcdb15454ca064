package oddcradle.files.report;

import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.proof.ProofAnswers;
import oddcradle.core.proof.Proven;
import oddcradle.core.propose.MakeHold;
import oddcradle.core.report.Answer;
import oddcradle.core.report.Cure;
import oddcradle.core.units.UnitStyle;

/** Whether the frame holds and for how long, in words. */
public final class LoadText {
    private LoadText() {}

    public static String of(Proven proven, MakeHold.Result made, UnitStyle style) {
        StringBuilder text = new StringBuilder(proven.examination().job().name()).append('\n');
        proven.proof().ifPresent(proof -> ProofAnswers.of(proof).forEach(answer -> text.append(words(answer, style))));
        for (Finding finding : proven.report(Step.LOAD).findings()) {
            if (finding.severity() != Severity.GOOD) {
                text.append(finding.severity().word())
                        .append(": ")
                        .append(finding.what().in(style))
                        .append('\n');
            }
        }
        if (made.changes().isEmpty()) {
            text.append(
                    made.left().isEmpty() ? "No tube has to be stouter.\n" : "No tube of the stock makes it hold.\n");
        } else {
            text.append("1. Stouter tubes with which ")
                    .append(made.left().isEmpty() ? "all holds:\n" : "more holds, not yet all:\n");
            for (Cure change : made.changes()) {
                text.append("    ").append(change.label().in(style)).append('\n');
            }
        }
        return text.append("Welds are taken as sound; a frame that carries people needs a licensed eye.\n")
                .toString();
    }

    static String words(Answer answer, UnitStyle style) {
        return answer.question() + " " + answer.number().map(style::show).orElse("–") + "\n    "
                + answer.words().in(style) + "\n";
    }
}
