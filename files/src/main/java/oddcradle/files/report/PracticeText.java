package oddcradle.files.report;

import oddcradle.core.finding.Phrase;
import oddcradle.core.practice.Bench;
import oddcradle.core.practice.Mark;
import oddcradle.core.practice.Setting;
import oddcradle.core.practice.Taken;
import oddcradle.core.practice.Tool;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;

/** The practice bench in words. */
public final class PracticeText {
    private final UnitStyle style;

    public PracticeText(UnitStyle style) {
        this.style = style;
    }

    /** What is wanted, what can be read and what can be set. */
    public String task(Bench bench) {
        StringBuilder text = new StringBuilder();
        bench.exercise().task().forEach(each -> line(text, each));
        text.append("\nreadings:\n");
        for (Tool tool : bench.exercise().tools()) {
            text.append("    ")
                    .append(tool.key())
                    .append("  ")
                    .append(tool.words())
                    .append(", ")
                    .append(Tool.minutes(tool.time()))
                    .append('\n');
        }
        text.append("settings:\n");
        for (Setting setting : bench.exercise().settings()) {
            text.append("    ")
                    .append(setting.key())
                    .append("=  ")
                    .append(setting.words())
                    .append('\n');
            for (int k = 0; k < setting.choices().size(); k++) {
                text.append("        ")
                        .append(k + 1)
                        .append("  ")
                        .append(style.name(setting.choices().get(k)))
                        .append('\n');
            }
        }
        return text.toString();
    }

    public String lastReading(Bench bench) {
        Taken taken = bench.paper().get(bench.paper().size() - 1);
        return taken.says().in(style) + " (" + Tool.minutes(taken.time()) + ")\n";
    }

    public String workedOut(Bench bench) {
        StringBuilder text = new StringBuilder("worked out:\n");
        bench.workedOut().says().forEach(each -> line(text.append("    "), each));
        return text.toString();
    }

    /** How far off, and why. */
    public String mark(Bench bench) {
        Mark mark = bench.handIn();
        StringBuilder text = new StringBuilder(mark.isGood() ? "done, " : "not yet, ")
                .append(style.show(Quantity.share(mark.score())))
                .append(", ")
                .append(Tool.minutes(bench.time()))
                .append(" spent\n");
        for (Mark.Criterion each : mark.criteria()) {
            text.append("    ")
                    .append(each.words())
                    .append(": ")
                    .append(style.show(each.off()))
                    .append(" of ")
                    .append(style.show(each.allowed()))
                    .append('\n');
        }
        mark.whys().forEach(each -> line(text, each));
        return text.toString();
    }

    private void line(StringBuilder text, Phrase phrase) {
        text.append(phrase.in(style)).append('\n');
    }
}
