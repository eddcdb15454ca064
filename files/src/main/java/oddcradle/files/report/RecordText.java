package oddcradle.files.report;

import java.util.List;
import java.util.Optional;
import oddcradle.core.finding.Phrase;
import oddcradle.core.search.RecordStudy;
import oddcradle.core.search.RecordWords;
import oddcradle.core.units.UnitStyle;

/** A vibration record beside its prediction, in words. */
public final class RecordText {
    private RecordText() {}

    /** @param before an earlier record of the same place */
    public static String of(RecordStudy.Study study, Optional<RecordStudy.Study> before, UnitStyle style) {
        StringBuilder text = new StringBuilder(RecordWords.differs(study).in(style)).append("\n");
        for (RecordStudy.Explanation each : study.explanations()) {
            text.append("    ").append(RecordWords.explains(each).in(style)).append("\n");
        }
        text.append(RecordWords.verdict(study).in(style)).append("\n");
        before.ifPresent(earlier -> {
            List<Phrase> changes = RecordWords.changed(study, earlier);
            text.append(changes.isEmpty() ? "As in the earlier record.\n" : "Since the earlier record:\n");
            changes.forEach(
                    change -> text.append("    ").append(change.in(style)).append("\n"));
        });
        return text.toString();
    }
}
