package oddcradle.files.report;

import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.report.Answer;
import oddcradle.core.search.MountRanking;
import oddcradle.core.search.ShakeAnswers;
import oddcradle.core.search.ShakeInTime;
import oddcradle.core.search.ShakeMaps;
import oddcradle.core.search.TimeWords;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;

/** What of the engine's shaking is felt, in words. */
public final class ShakeText {
    private ShakeText() {}

    public static String of(Examination examination, ShakeMaps.Maps maps, UnitStyle style) {
        StringBuilder text = new StringBuilder(examination.job().name() + "\n");
        for (Answer answer : ShakeAnswers.of(examination, maps)) {
            text.append(LoadText.words(answer, style));
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

    /** What happens once, one after the other. */
    public static String of(List<ShakeInTime.Event> events, UnitStyle style) {
        StringBuilder text = new StringBuilder("In time:\n");
        for (ShakeInTime.Event event : events) {
            text.append("    ")
                    .append(event.label())
                    .append(": ")
                    .append(TimeWords.moves(event).in(style))
                    .append(" (")
                    .append(event.how())
                    .append(")\n        ")
                    .append(TimeWords.near(event).in(style))
                    .append("\n        ")
                    .append(TimeWords.snubber(event).in(style))
                    .append("\n");
        }
        if (events.stream().allMatch(event -> event.used().isEmpty())) {
            text.append("    ").append(TimeWords.NO_SNUBBER).append("\n");
        }
        return text.toString();
    }

    /** Isolators by what they are best at, numbered. */
    public static String of(List<MountRanking.Named> named, boolean person, UnitStyle style) {
        StringBuilder text = new StringBuilder("Of the shelf, all mounts alike:\n");
        for (int k = 0; k < named.size(); k++) {
            MountRanking.Choice choice = named.get(k).choice();
            text.append("  ")
                    .append(k + 1)
                    .append("  ")
                    .append(named.get(k).words().in(style))
                    .append(": ")
                    .append(
                            choice.element().isHard()
                                    ? choice.name()
                                    : choice.element().in(style))
                    .append("; idle ")
                    .append(style.show(Quantity.force(choice.idle())))
                    .append(", cruise ")
                    .append(style.show(person ? Quantity.vibration(choice.cruise()) : Quantity.force(choice.cruise())))
                    .append(", moves ")
                    .append(style.show(Quantity.length(choice.motion())))
                    .append("\n");
        }
        return text.toString();
    }
}
