package oddcradle.core.propose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import oddcradle.core.catalog.Shelves;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Severity;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.edit.SeatEdit;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.proof.Proven;
import oddcradle.core.search.MountRanking;
import oddcradle.core.search.SeatAnswer;
import oddcradle.core.search.SeatSearch;

/**
 * Seat, cradle, sections and isolators searched together toward no STOP anywhere: each of a few seats with each of a few kinds of cradle,
 * its tubes sized and its isolators chosen, and every whole judged as {@code check} judges it. A few distinct designs to choose from.
 */
public final class WholeDesign {
    private static final int SEATS = 2;
    private static final int CRADLES = 3;
    private static final int DESIGNS = 5;

    /** Seats nearer than that are the same, m. */
    private static final double SAME_SEAT = 0.005;

    private final Examination start;
    private final Shelves shelves;

    private WholeDesign(Examination start, Shelves shelves) {
        this.start = start;
        this.shelves = shelves;
    }

    /**
     * One whole.
     *
     * @param words seat, kind of cradle, mounts
     * @param stops findings that forbid it, those of the slow studies among them
     * @param watches findings an experienced builder would look at
     * @param mass of the cradle's tubes, kg
     * @param years of the duty until the first weld is to be taken as cracked; empty where nothing wears one
     */
    public record Design(Phrase words, Proven proven, int stops, int watches, double mass, OptionalDouble years) {
        public Job job() {
            return proven.examination().job();
        }
    }

    /**
     * @param designs those with the fewest STOPs first
     * @param inTheWay STOPs that no design is without
     */
    public record Result(List<Design> designs, List<Finding> inTheWay) {
        public Result {
            designs = List.copyOf(designs);
            inTheWay = List.copyOf(inTheWay);
        }
    }

    /** One or two minutes. @throws Progress.Cancelled if the watcher ends it */
    public static Result run(Examination start, Shelves shelves, Progress progress) {
        return new WholeDesign(start, shelves).run(progress);
    }

    private Result run(Progress progress) {
        List<Design> designs = new ArrayList<>();
        if (!start.job().cradle().members().isEmpty()) {
            designs.add(design(Phrase.of("the job as it is"), start.job()));
        }
        List<Seated> seats = seats(progress.part(0, 0.2));
        for (int k = 0; k < seats.size(); k++) {
            Progress part = progress.part(0.2 + 0.8 * k / seats.size(), 0.2 + 0.8 * (k + 1) / seats.size());
            designs.addAll(inSeat(seats.get(k), part));
        }
        designs.sort(Comparator.comparingInt(Design::stops)
                .thenComparingInt(Design::watches)
                .thenComparingDouble(Design::mass));
        progress.report(1);
        List<Design> few = distinct(designs);
        return new Result(few, common(few));
    }

    private record Seated(String words, Examination examination) {}

    /** Where it sits, and where the search would put it. */
    private List<Seated> seats(Progress progress) {
        List<Seated> seats = new ArrayList<>(List.of(new Seated("seat as it is", start)));
        for (SeatAnswer answer : SeatSearch.run(start, progress).answers()) {
            Pose pose = answer.seat().pose();
            boolean known =
                    seats.stream().anyMatch(each -> isSame(each.examination().job(), pose));
            if (!known && seats.size() <= SEATS) {
                Job job = new SeatEdit.TakeSeat(answer.seat(), "found").applyTo(start.job());
                seats.add(new Seated("seat found " + seats.size(), Examination.of(job, start.scans(), start)));
            }
        }
        return seats;
    }

    private static boolean isSame(Job job, Pose pose) {
        return job.seat().pose().translation().distanceTo(pose.translation()) < SAME_SEAT;
    }

    private List<Design> inSeat(Seated seat, Progress progress) {
        List<Proposal> proposals = Proposals.run(seat.examination(), Proposals.Wishes.ALL, progress.part(0, 0.4))
                .proposals();
        Set<String> kinds = new HashSet<>();
        List<Design> designs = new ArrayList<>();
        for (Proposal proposal : proposals) {
            // Of one kind both ways of mounting are worth a look, but not three points and four.
            String kind = proposal.kind() + " " + proposal.mountStyle().isSoft();
            if (kinds.size() < CRADLES && kinds.add(kind)) {
                Job job = rubber(held(proposal.examination()), kinds.size() == 1);
                designs.add(design(Phrase.of("{}: {}", seat.words(), proposal.title()), job));
                progress.report(0.4 + 0.6 * kinds.size() / CRADLES);
            }
        }
        return designs;
    }

    /** With tubes that hold, where stouter ones do. */
    private static Examination held(Examination examination) {
        return StockSizing.of(examination, examination.job(), false, false)
                .map(StockSizing.Sized::job)
                .filter(job -> !job.equals(examination.job()))
                .map(job -> Examination.of(job, examination))
                .orElse(examination);
    }

    /** With the isolators of the shelf that leave the fewest findings, where mounts are soft. */
    private Job rubber(Examination examination, boolean asked) {
        List<Isolator> soft = examination.job().cradle().isolators().stream()
                .filter(each -> !each.element().isHard())
                .toList();
        if (!asked || soft.isEmpty()) {
            return examination.job();
        }
        List<String> mounts = soft.stream().map(Isolator::id).toList();
        List<Job> choices = new ArrayList<>(List.of(examination.job()));
        MountRanking.of(examination, shelves, Progress.UNWATCHED).ifPresent(ranking -> ranking.named().stream()
                .map(named -> named.choice().taking(mounts))
                .map(edit -> edit.applyTo(examination.job()))
                .forEach(choices::add));
        return choices.stream()
                .min(Comparator.comparingLong((Job each) -> weight(Examination.of(each, examination))))
                .orElseThrow();
    }

    /** A STOP counts for more than any number of things to watch. */
    private static long weight(Examination examination) {
        return examination.findings().stream()
                .mapToLong(each -> each.severity() == Severity.STOP ? 1000 : each.severity() == Severity.WATCH ? 1 : 0)
                .sum();
    }

    private Design design(Phrase words, Job job) {
        Proven proven = Proven.of(Examination.of(job, start.scans(), start));
        List<Finding> findings = proven.findings();
        return new Design(
                words,
                proven,
                (int) findings.stream()
                        .filter(each -> each.severity() == Severity.STOP)
                        .count(),
                (int) findings.stream()
                        .filter(each -> each.severity() == Severity.WATCH)
                        .count(),
                MakeHold.mass(proven.examination().seating(), job, job.cradle().members()),
                MakeHold.years(proven));
    }

    private static List<Design> distinct(List<Design> designs) {
        List<Design> few = new ArrayList<>();
        for (Design design : designs) {
            boolean known = few.stream()
                    .anyMatch(other -> isSame(other.job(), design.job().seat().pose())
                            && other.job().cradle().equals(design.job().cradle()));
            if (!known && few.size() < DESIGNS) {
                few.add(design);
            }
        }
        return few;
    }

    private static List<Finding> common(List<Design> designs) {
        if (designs.isEmpty()) {
            return List.of();
        }
        return stops(designs.get(0)).stream()
                .filter(stop -> designs.stream().allMatch(design -> stops(design).stream()
                        .anyMatch(each -> each.code().equals(stop.code()))))
                .toList();
    }

    private static List<Finding> stops(Design design) {
        return design.proven().findings().stream()
                .filter(each -> each.severity() == Severity.STOP)
                .toList();
    }
}
