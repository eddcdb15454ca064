package oddcradle.files.report;

import oddcradle.core.examine.Examination;
import oddcradle.core.search.ShakeAnswers;
import oddcradle.core.search.ShakeMaps;
import oddcradle.core.units.UnitStyle;

/** What of the engine's shaking is felt, in words. */
public final class ShakeText {
    private ShakeText() {}

    public static String of(Examination examination, ShakeMaps.Maps maps, UnitStyle style) {
        StringBuilder text = new StringBuilder(examination.job().name() + "\n");
        for (ShakeAnswers.Answer answer : ShakeAnswers.of(examination, maps)) {
            text.append(answer.question())
                    .append(" ")
                    .append(answer.number().map(style::show).orElse("–"))
                    .append("\n    ")
                    .append(answer.words().in(style))
                    .append("\n");
        }
        text.append("Pass through, do not stay at:\n");
        var peaks = ShakeAnswers.peaks(examination, maps.full());
        peaks.forEach(peak -> text.append("    ")
                .append(ShakeAnswers.words(maps.full(), peak).in(style))
                .append("\n"));
        if (peaks.isEmpty()) {
            text.append("    from idle up no speed stands out\n");
        }
        return text.toString();
    }
}
