package oddcradle.core.keeping;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.job.book.Book;
import oddcradle.core.job.book.Purchase;
import oddcradle.core.job.book.WorkTask;

/**
 * Which evening which work is done: in the order of the list, but nothing before its parts are here and the work it waits for is done; what waits lets the next go first.
 *
 * @param evenings from the first with work to the last
 * @param waiting what cannot be planned, because nobody knows when its parts come: not said, or late already
 */
public record EveningPlan(List<Evening> evenings, List<Waiting> waiting) {
    private static final double LEAST = 60;
    private static final int MOST_DAYS = 3_000;

    public EveningPlan {
        evenings = List.copyOf(evenings);
        waiting = List.copyOf(waiting);
    }

    /**
     * Work on one day.
     *
     * @param time given to each, s
     */
    public record Evening(String date, List<Share> work) {
        public Evening {
            work = List.copyOf(work);
        }
    }

    /** @param ends whether the task is finished then */
    public record Share(WorkTask task, double time, boolean ends) {}

    /** @param parts labels of what it waits for, work among it */
    public record Waiting(WorkTask task, List<String> parts) {
        public Waiting {
            parts = List.copyOf(parts);
        }
    }

    /** The day the last planned work is done; empty where none is planned. */
    public Optional<String> ends() {
        return evenings.isEmpty()
                ? Optional.empty()
                : Optional.of(evenings.get(evenings.size() - 1).date());
    }

    /** The day a task is finished; empty where it is done already or cannot be planned. */
    public Optional<String> ends(String task) {
        return evenings.stream()
                .filter(each -> each.work().stream()
                        .anyMatch(share -> share.ends() && share.task().id().equals(task)))
                .map(Evening::date)
                .findFirst();
    }

    /** @param today the plan does not begin before */
    public static EveningPlan of(Book book, String today) {
        Map<String, Purchase> parts = new HashMap<>();
        book.purchases().forEach(each -> parts.put(each.id(), each));
        List<WorkTask> open = new ArrayList<>();
        List<Waiting> waiting = new ArrayList<>();
        Map<String, LocalDate> from = new HashMap<>();
        Map<String, WorkTask> work = new HashMap<>();
        book.tasks().forEach(each -> work.put(each.id(), each));
        Set<String> unplanned = unplanned(book, parts, today);
        LocalDate begin = LocalDate.parse(today);
        if (!book.evenings().from().isEmpty()) {
            begin = later(begin, LocalDate.parse(book.evenings().from()));
        }
        for (WorkTask task : book.tasks()) {
            if (task.left() <= 0) {
                continue;
            }
            List<String> unknown = new ArrayList<>();
            LocalDate ready = begin;
            for (String need : task.needs()) {
                if (work.containsKey(need)) {
                    if (unplanned.contains(need)) {
                        unknown.add(work.get(need).label());
                    }
                    continue;
                }
                Purchase part = parts.get(need);
                if (part.arrived()) {
                    continue;
                }
                if (isUnknown(part, today)) {
                    unknown.add(
                            part.due().isEmpty()
                                    ? part.label()
                                    : part.label() + " (expected " + part.due() + ", late)");
                } else {
                    ready = later(ready, LocalDate.parse(part.due()));
                }
            }
            if (unknown.isEmpty()) {
                open.add(task);
                from.put(task.id(), ready);
            } else {
                waiting.add(new Waiting(task, unknown));
            }
        }
        return new EveningPlan(planned(book, open, from, begin), waiting);
    }

    /** Work whose parts nobody knows, and all that waits for such work. */
    private static Set<String> unplanned(Book book, Map<String, Purchase> parts, String today) {
        Set<String> unplanned = new HashSet<>();
        boolean more = true;
        while (more) {
            more = false;
            for (WorkTask task : book.tasks()) {
                boolean waits = task.needs().stream()
                        .anyMatch(need -> unplanned.contains(need)
                                || parts.containsKey(need) && isUnknown(parts.get(need), today));
                more |= task.left() > 0 && waits && unplanned.add(task.id());
            }
        }
        return unplanned;
    }

    private static LocalDate later(LocalDate one, LocalDate other) {
        return one.isAfter(other) ? one : other;
    }

    private static boolean isUnknown(Purchase part, String today) {
        return !part.arrived() && (part.due().isEmpty() || part.due().compareTo(today) < 0);
    }

    private static List<Evening> planned(Book book, List<WorkTask> open, Map<String, LocalDate> from, LocalDate begin) {
        Map<String, Double> left = new HashMap<>();
        open.forEach(each -> left.put(each.id(), each.left()));
        List<Evening> evenings = new ArrayList<>();
        LocalDate day = begin;
        for (int k = 0; !left.isEmpty() && k < MOST_DAYS; k++) {
            LocalDate here = day;
            double time = book.evenings().on(day.getDayOfWeek());
            List<Share> work = new ArrayList<>();
            Optional<WorkTask> next = next(open, left, from, here);
            while (time >= LEAST && next.isPresent()) {
                WorkTask task = next.get();
                double wants = left.get(task.id());
                double given = Math.min(wants, time);
                boolean ends = given >= wants - LEAST;
                work.add(new Share(task, given, ends));
                time -= given;
                if (ends) {
                    left.remove(task.id());
                } else {
                    left.put(task.id(), wants - given);
                }
                next = next(open, left, from, here);
            }
            if (!work.isEmpty()) {
                evenings.add(new Evening(day.toString(), work));
            }
            day = day.plusDays(1);
        }
        return evenings;
    }

    /** The first of the list that can be gone on with: its parts here, what it waits for done. */
    private static Optional<WorkTask> next(
            List<WorkTask> open, Map<String, Double> left, Map<String, LocalDate> from, LocalDate day) {
        return open.stream()
                .filter(task -> left.containsKey(task.id()))
                .filter(task -> !from.get(task.id()).isAfter(day))
                .filter(task -> task.needs().stream().noneMatch(left::containsKey))
                .findFirst();
    }
}
