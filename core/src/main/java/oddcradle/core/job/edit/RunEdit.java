package oddcradle.core.job.edit;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.around.Around;
import oddcradle.core.job.around.Control;
import oddcradle.core.job.book.LogEntry;
import oddcradle.core.job.book.Money;
import oddcradle.core.job.book.Purchase;
import oddcradle.core.job.book.WorkTask;

/** What is done at Run: around the engine and in the book. Each changes one thing and leaves what others did meanwhile. */
public sealed interface RunEdit extends JobEdit {

    /** Another control of the same mark. */
    record SetControl(Control control, String words) implements RunEdit {
        @Override
        public Job applyTo(Job job) {
            return job.withAround(job.around().with(control));
        }

        @Override
        public Phrase label() {
            return Phrase.of("{}: {}", control.label(), words);
        }

        @Override
        public String mergeKey() {
            return "control." + control.id() + words;
        }
    }

    /** Something that goes round the engine, whole. */
    record SetAround(Around around, String words) implements RunEdit {
        @Override
        public Job applyTo(Job job) {
            return job.withAround(around);
        }

        @Override
        public Phrase label() {
            return Phrase.of("{}", words);
        }

        @Override
        public String mergeKey() {
            return "around." + words;
        }
    }

    /** One more line of the log. */
    record Note(LogEntry entry) implements RunEdit {
        @Override
        public Job applyTo(Job job) {
            return job.withBook(job.book().noted(entry));
        }

        @Override
        public Phrase label() {
            return Phrase.of("log: {}", entry.work().word());
        }

        @Override
        public String mergeKey() {
            return "log." + entry;
        }
    }

    /** Something that is bought, new or as it stands now. */
    record SetPurchase(Purchase purchase) implements RunEdit {
        @Override
        public Job applyTo(Job job) {
            List<Purchase> all = new ArrayList<>(job.book().purchases());
            int at = all.stream().map(Purchase::id).toList().indexOf(purchase.id());
            if (at < 0) {
                all.add(purchase);
            } else {
                all.set(at, purchase);
            }
            return job.withBook(job.book().withPurchases(all));
        }

        @Override
        public Phrase label() {
            return Phrase.of("{}: {}", purchase.label(), purchase.state().word());
        }

        @Override
        public String mergeKey() {
            return "purchase." + purchase.id();
        }
    }

    /** A piece of work, new or as far as it has come. */
    record SetTask(WorkTask task) implements RunEdit {
        @Override
        public Job applyTo(Job job) {
            List<WorkTask> all = new ArrayList<>(job.book().tasks());
            int at = all.stream().map(WorkTask::id).toList().indexOf(task.id());
            if (at < 0) {
                all.add(task);
            } else {
                all.set(at, task);
            }
            return job.withBook(job.book().withTasks(all));
        }

        @Override
        public Phrase label() {
            return Phrase.of("{}", task.label());
        }

        @Override
        public String mergeKey() {
            return "task." + task.id();
        }
    }

    /** What the customer gives and pays. */
    record SetMoney(Money money) implements RunEdit {
        @Override
        public Job applyTo(Job job) {
            return job.withBook(job.book().withMoney(money));
        }

        @Override
        public Phrase label() {
            return Phrase.of("budget and payments");
        }

        @Override
        public String mergeKey() {
            return "money";
        }
    }
}
