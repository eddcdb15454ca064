package oddcradle.core.step.run;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.book.LogEntry;
import oddcradle.core.job.book.LogEntry.Work;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.donor.Cycle;

/**
 * What is to be looked at again, and when: by the hours it has run, from what the machine is made of. Common practice; the maker's
 * own book comes first.
 *
 * @param hours that it has run, s
 * @param items the most overdue first
 */
public record DueList(double hours, List<Due> items) {
    private static final double HOUR = 3600;

    /** Done a little early counts as done. */
    private static final double EARLY = 0.8;

    /** Looks for cracks within the shortest life that is told of any weld. */
    private static final double LOOKS_IN_A_LIFE = 4;

    /**
     * One thing to do again.
     *
     * @param dueAt hours at which it is due, s
     * @param lastAt hours when it was last done, s; empty where it never was
     * @param why in words
     */
    public record Due(Work work, double dueAt, Optional<Double> lastAt, String why) {
        /** How long ago it was due, s; negative where it is still to come. */
        public double over(double hours) {
            return hours - dueAt;
        }
    }

    public DueList {
        items = List.copyOf(items);
    }

    /** What is due now. */
    public List<Due> now() {
        return items.stream().filter(each -> each.over(hours) >= 0).toList();
    }

    /**
     * @param life the shortest that is told of any weld or tube end, s; empty where nobody has worked it out
     */
    public static DueList of(Job job, Optional<Double> life) {
        Lister lister = new Lister(job);
        lister.all(life);
        double hours = job.book().hours();
        List<Due> items = new ArrayList<>(lister.items);
        items.sort(Comparator.comparingDouble(Due::dueAt));
        return new DueList(hours, items);
    }

    private static final class Lister {
        private final Job job;
        private final List<Due> items = new ArrayList<>();

        Lister(Job job) {
            this.job = job;
        }

        void all(Optional<Double> life) {
            boolean soft =
                    job.cradle().isolators().stream().map(Isolator::element).anyMatch(each -> !each.isHard());
            boolean chain = job.line().stages().stream().anyMatch(Stage.Chain.class::isInstance);
            boolean belt = job.line().stages().stream()
                    .anyMatch(each -> each instanceof Stage.Belt || each instanceof Stage.Variator);
            boolean shaft = job.line().stages().stream()
                    .anyMatch(each -> each instanceof Stage.Coupling || each instanceof Stage.JointShaft);
            boolean hot = !job.around().exhausts().isEmpty()
                    || job.donor().bodies().stream().anyMatch(each -> each.category() == Category.HOT);
            due(Work.BOLTS, 50, "bolts seat and paint creeps in the first hours", 1, 10);
            double looks =
                    life.map(each -> Math.max(1, each / HOUR / LOOKS_IN_A_LIFE)).orElse(25.0);
            due(
                    Work.CRACKS,
                    Math.min(25, looks),
                    looks < 25
                            ? "at least four looks within the shortest life told at Load"
                            : "cracks start early or late, seldom between",
                    Math.min(1, looks),
                    Math.min(10, looks));
            boolean feet =
                    job.host().supports().stream().anyMatch(each -> each.foot().isPresent());
            if (soft || feet) {
                due(Work.ISOLATORS, 100, "rubber settles, then hardens; measure its height", 10);
            }
            if (chain) {
                due(Work.CHAIN, 10, "a new chain lengthens most in its first hour", 1);
            }
            if (belt) {
                due(Work.BELT, 25, "a belt beds in and sits lower", 1);
            }
            if (shaft) {
                due(Work.LINE_UP, 250, "feet settle once warm", 10);
            }
            due(
                    Work.OIL,
                    50,
                    job.donor().engine().cycle() == Cycle.FOUR_STROKE
                            ? "the first oil carries what was filed and welded"
                            : "of the gearbox; the first carries what was filed and welded",
                    10);
            if (job.donor().engine().cycle() == Cycle.FOUR_STROKE) {
                due(Work.FILTER, 100, "with every second oil", 10);
            }
            if (!job.around().controls().isEmpty()) {
                due(Work.CABLES, 50, "wires stretch, ends work loose", 1, 10);
            }
            if (hot) {
                due(Work.EXHAUST, 25, "hangers and springs work loose hot", 1);
            }
            if (soft) {
                due(Work.WIRES, 100, "what crosses the rubber is bent at every start", 10);
            }
        }

        /** First at certain hours, then every so many. */
        private void due(Work work, double every, String why, double... first) {
            Optional<Double> last = job.book().last(work).map(LogEntry::hours);
            double done = last.map(each -> each / HOUR).orElse(-1.0);
            items.add(new Due(work, HOUR * next(done, every, first), last, why));
        }

        private static double next(double done, double every, double... first) {
            for (double at : first) {
                if (done < EARLY * at) {
                    return at;
                }
            }
            double latest = first[first.length - 1];
            return Math.max(done, latest) + every;
        }
    }
}
