package oddcradle.files.report;

import java.util.List;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.proof.ProofAnswers;
import oddcradle.core.proof.Proven;
import oddcradle.core.propose.MakeHold;
import oddcradle.core.report.Answer;
import oddcradle.core.units.UnitStyle;

/** Whether the frame holds and for how long, in words. */
public final class LoadText {
    private LoadText() {}

    public static String of(Proven proven, List<MakeHold.Answer> made, UnitStyle style) {
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
        if (made.isEmpty()) {
            text.append("No other tube of the stock is lighter and holds.\n");
        }
        for (int k = 0; k < made.size(); k++) {
            text.append(words(k + 1, made.get(k), style));
        }
        return text.append("Welds are taken as sound; a frame that carries people needs a licensed eye.\n")
                .toString();
    }

    private static String words(int number, MakeHold.Answer answer, UnitStyle style) {
        StringBuilder text = new StringBuilder(number + ". ")
                .append(answer.words().in(style))
                .append(answer.holds() ? ", all holds: " : ", more holds, not yet all: ")
                .append(MakeHold.summary(answer).in(style))
                .append('\n');
        answer.changes()
                .forEach(change -> text.append("    ").append(change.in(style)).append('\n'));
        answer.newStops().forEach(stop -> text.append("    brings: ")
                .append(stop.what().in(style))
                .append('\n'));
        return text.toString();
    }

    static String words(Answer answer, UnitStyle style) {
        return answer.question() + " " + answer.number().map(style::show).orElse("–") + "\n    "
                + answer.words().in(style) + "\n";
    }
}
