package oddcradle.desktop.task;

import java.util.Optional;
import java.util.concurrent.Executor;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Severity;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.UnitStyle;

/** The machine as an edit would leave it, examined beside the work; nothing of the job changes by it. On the interface thread. */
public final class Previews {
    private final Executor background;
    private final Executor ui;
    private final ReadOnlyObjectWrapper<Optional<Preview>> shown = new ReadOnlyObjectWrapper<>(Optional.empty());
    private JobEdit wanted;

    /**
     * What would be.
     *
     * @param label of the edit
     */
    public record Preview(Phrase label, Examination before, Examination after) {
        /** How many findings of each weight would be left. */
        public String words(UnitStyle units) {
            StringBuilder words = new StringBuilder("Preview: " + label.in(units));
            for (Severity severity : new Severity[] {Severity.STOP, Severity.WATCH}) {
                long now = count(before, severity);
                long then = count(after, severity);
                words.append(" · ")
                        .append(severity.word())
                        .append(" ")
                        .append(now == then ? Long.toString(now) : now + " → " + then);
            }
            return words.toString();
        }

        private static long count(Examination of, Severity severity) {
            return of.findings().stream()
                    .filter(finding -> finding.severity() == severity)
                    .count();
        }
    }

    public Previews(Executor background, Executor ui) {
        this.background = background;
        this.ui = ui;
    }

    /** Shows what an edit would do, as soon as it is known; an edit that would leave no job shows nothing. */
    public void look(Examination now, JobEdit edit) {
        wanted = edit;
        background.execute(() -> {
            try {
                Examination after = Examination.of(edit.applyTo(now.job()), now.scans(), now);
                ui.execute(() -> {
                    if (wanted == edit) {
                        shown.set(Optional.of(new Preview(edit.label(), now, after)));
                    }
                });
            } catch (InvalidValue refused) {
                ui.execute(() -> {
                    if (wanted == edit) {
                        end();
                    }
                });
            }
        });
    }

    /** Back to the machine as it is. */
    public void end() {
        wanted = null;
        shown.set(Optional.empty());
    }

    public ReadOnlyObjectProperty<Optional<Preview>> shownProperty() {
        return shown.getReadOnlyProperty();
    }
}
