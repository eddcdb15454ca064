package oddcradle.core.job.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import oddcradle.core.around.Opening;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.around.Around;
import oddcradle.core.job.around.RotatingGuard;
import oddcradle.core.job.book.Book;
import oddcradle.core.job.book.LogEntry;
import oddcradle.core.job.book.Money;
import oddcradle.core.job.book.Purchase;
import oddcradle.core.job.book.WorkTask;
import oddcradle.core.job.make.Part;
import oddcradle.core.units.UnitStyle;
import org.junit.jupiter.api.Test;

/** Two hands at one book: each edit adds to what the other did meanwhile. */
class RunEditTest {
    private static final Job JOB = TestJobs.plain();

    private static Purchase part(String id, Part.State state) {
        return new Purchase(id, "part " + id, 1, 5, state, "", "", true);
    }

    private static LogEntry ran(double hours) {
        return new LogEntry("2026-04-01", hours * 3600, 1, 0, LogEntry.Work.RUN, "", "", "", 0, "");
    }

    @Test
    void linesOfTheLog_areAddedToWhatIsThereByNow() {
        RunEdit first = new RunEdit.Note(ran(1));
        RunEdit second = new RunEdit.Note(ran(2));
        Job both = second.applyTo(first.applyTo(JOB));
        assertThat(both.book().log()).hasSize(2);
        assertThat(both.book().last().orElseThrow().hours()).isEqualTo(7200);
        assertThatThrownBy(() -> first.applyTo(both)).hasMessageContaining("runs back");
        assertThat(first.mergeKey()).isNotEqualTo(second.mergeKey());
        assertThat(first.label().in(UnitStyle.MILLIMETRES)).isEqualTo("log: ran");
    }

    @Test
    void partOfOneMark_isReplacedInItsPlace() {
        Job job = new RunEdit.SetPurchase(part("P2", Part.State.TO_BUY))
                .applyTo(new RunEdit.SetPurchase(part("P1", Part.State.TO_BUY)).applyTo(JOB));
        Job ordered = new RunEdit.SetPurchase(part("P1", Part.State.ORDERED)).applyTo(job);
        assertThat(ordered.book().purchases()).extracting(Purchase::id).containsExactly("P1", "P2");
        assertThat(ordered.book().purchases().get(0).state()).isEqualTo(Part.State.ORDERED);
        assertThat(new RunEdit.SetPurchase(part("P1", Part.State.ORDERED))
                        .label()
                        .in(UnitStyle.MILLIMETRES))
                .isEqualTo("part P1: ordered");
    }

    @Test
    void workOfOneMark_isReplacedAndNeedsPartsThatAreListed() {
        WorkTask task = new WorkTask("T1", "guard", Step.MAKE, 7200, 0, false, List.of());
        Job planned = new RunEdit.SetTask(task).applyTo(JOB);
        Job done = new RunEdit.SetTask(task.withDone(true)).applyTo(planned);
        assertThat(done.book().tasks()).hasSize(1);
        assertThat(done.book().tasks().get(0).left()).isZero();
        assertThatThrownBy(() -> new RunEdit.SetTask(task.withNeeds(List.of("P7"))).applyTo(planned))
                .hasMessageContaining("P7");
    }

    @Test
    void moneyAndSurroundings_leaveTheRestOfTheBookAlone() {
        Job noted = new RunEdit.Note(ran(1)).applyTo(JOB);
        Job paid = new RunEdit.SetMoney(new Money("warden", 900, 0, List.of(new Money.Payment("2026-03-01", 300)), ""))
                .applyTo(noted);
        assertThat(paid.book().money().paid()).isEqualTo(300);
        assertThat(paid.book().log()).isEqualTo(noted.book().log());
        Around guarded =
                Around.NOTHING.withGuards(List.of(new RotatingGuard("G1", "guard", "S1", Opening.SLOT, 0, 0.02)));
        Job with = new RunEdit.SetAround(guarded, "guard").applyTo(paid);
        assertThat(with.around()).isEqualTo(guarded);
        assertThat(with.book()).isEqualTo(paid.book());
    }

    @Test
    void twoOfOneMark_areRefused() {
        assertThatThrownBy(() ->
                        Book.EMPTY.withPurchases(List.of(part("P1", Part.State.HERE), part("P1", Part.State.TO_BUY))))
                .hasMessageContaining("purchases[1].id")
                .hasMessageContaining("P1");
        RotatingGuard guard = new RotatingGuard("G1", "guard", "S1", Opening.SLOT, 0, 0.02);
        assertThatThrownBy(() -> Around.NOTHING.withGuards(List.of(guard, guard)))
                .hasMessageContaining("guards[1].id");
        assertThatThrownBy(() -> new Money("", -1, 0, List.of(), "")).hasMessageContaining("budget");
        assertThatThrownBy(() -> new Money.Payment("yesterday", 3)).hasMessageContaining("year, month and day");
        assertThatThrownBy(() -> part("P1", Part.State.HERE).withCount(0)).hasMessageContaining("count");
    }
}
