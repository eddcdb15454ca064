package oddcradle.core.job.book;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * The logbook, and money, parts and time.
 *
 * @param log in the order of the days; hours, starts and kilometres only grow
 * @param purchases what is bought beside the hardware of the mounts
 * @param money of the customer
 * @param tasks in the order they are meant to be done
 * @param evenings when there is time
 * @param deal whole donor against bare engine
 */
@RecordBuilder
public record Book(
        List<LogEntry> log,
        List<Purchase> purchases,
        Money money,
        List<WorkTask> tasks,
        Evenings evenings,
        DonorDeal deal)
        implements BookBuilder.With {
    private static final int MOST_ENTRIES = 20_000;
    private static final int MOST = 1_000;

    public static final Book EMPTY =
            new Book(List.of(), List.of(), Money.NONE, List.of(), Evenings.USUAL, DonorDeal.NONE);

    public Book {
        log = Guard.list("log", log, MOST_ENTRIES);
        purchases = Guard.list("purchases", purchases, MOST);
        money = money == null ? Money.NONE : money;
        tasks = Guard.list("tasks", tasks, MOST);
        evenings = evenings == null ? Evenings.USUAL : evenings;
        deal = deal == null ? DonorDeal.NONE : deal;
        Guard.different("purchases", "id", purchases, Purchase::id);
        Guard.different("tasks", "id", tasks, WorkTask::id);
        for (int k = 1; k < log.size(); k++) {
            requireForward(k, log.get(k - 1), log.get(k));
        }
        requireNeeds(purchases, tasks);
        requireNoRing(tasks);
    }

    private static void requireNeeds(List<Purchase> purchases, List<WorkTask> tasks) {
        Set<String> known = new HashSet<>();
        purchases.forEach(each -> known.add(each.id()));
        for (int k = 0; k < tasks.size(); k++) {
            if (!known.add(tasks.get(k).id())) {
                throw new InvalidValue(
                        "tasks[" + k + "].id",
                        "is \"" + tasks.get(k).id() + "\", as a part to buy is called; give it another mark");
            }
        }
        for (int k = 0; k < tasks.size(); k++) {
            for (String need : tasks.get(k).needs()) {
                if (!known.contains(need)) {
                    throw new InvalidValue(
                            "tasks[" + k + "].needs",
                            "names \"" + need + "\", which is neither a part to buy nor a piece of work");
                }
            }
        }
    }

    /** Work that waits for itself, by way of others, is never begun. */
    private static void requireNoRing(List<WorkTask> tasks) {
        Set<String> free = new HashSet<>();
        Set<String> all = new HashSet<>();
        tasks.forEach(each -> all.add(each.id()));
        boolean more = true;
        while (more) {
            more = false;
            for (WorkTask task : tasks) {
                boolean held = task.needs().stream().anyMatch(need -> all.contains(need) && !free.contains(need));
                more |= !held && free.add(task.id());
            }
        }
        for (int k = 0; k < tasks.size(); k++) {
            if (!free.contains(tasks.get(k).id())) {
                throw new InvalidValue(
                        "tasks[" + k + "].needs",
                        "goes round in a ring: \"" + tasks.get(k).label()
                                + "\" waits for work that waits for it; take one of them out");
            }
        }
    }

    private static void requireForward(int at, LogEntry before, LogEntry entry) {
        String here = "log[" + at + "].";
        if (entry.date().compareTo(before.date()) < 0) {
            throw new InvalidValue(
                    here + "date",
                    "is " + entry.date() + ", before the line above it (" + before.date() + "); a log runs forwards");
        }
        forward(here + "hours", entry.hours() / 3600, before.hours() / 3600, "h");
        forward(here + "starts", entry.starts(), before.starts(), "starts");
        forward(here + "distance", entry.distance() / 1000, before.distance() / 1000, "km");
    }

    private static void forward(String field, double now, double before, String unit) {
        if (now < before - 1e-9) {
            throw new InvalidValue(
                    field,
                    "runs back: " + plain(now) + " " + unit + " after " + plain(before) + " " + unit
                            + "; give the whole since the engine went in, and add what an exchanged meter had");
        }
    }

    private static String plain(double number) {
        return number == Math.rint(number)
                ? Long.toString(Math.round(number))
                : String.valueOf(Math.round(number * 10) / 10.0);
    }

    /** The newest line; empty where it has not run yet. */
    public Optional<LogEntry> last() {
        return log.isEmpty() ? Optional.empty() : Optional.of(log.get(log.size() - 1));
    }

    /** Run since the engine went in, s. */
    public double hours() {
        return last().map(LogEntry::hours).orElse(0.0);
    }

    /**
     * With one more line at its end.
     *
     * @throws InvalidValue if its day, hours, starts or kilometres run back
     */
    public Book noted(LogEntry entry) {
        List<LogEntry> all = new ArrayList<>(log);
        all.add(entry);
        return withLog(all);
    }

    /** The newest line of one kind. */
    public Optional<LogEntry> last(LogEntry.Work work) {
        return log.stream().filter(each -> each.work() == work).reduce((one, other) -> other);
    }
}
