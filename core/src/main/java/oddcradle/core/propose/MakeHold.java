package oddcradle.core.propose;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.proof.EndLife;
import oddcradle.core.proof.JointUse;
import oddcradle.core.proof.LoadProof;
import oddcradle.core.proof.Proven;
import oddcradle.core.units.Quantity;

/**
 * A few distinct ways to make the frame hold every case: thicker walls alone, so that no gap changes; the lightest of the shop's stock;
 * one brace more; stouter where welds crack first. Each is judged anew as a whole, never by what its search thought of it.
 */
public final class MakeHold {
    private MakeHold() {}

    /**
     * One way.
     *
     * @param words what kind of way
     * @param changes tubes with their new sections, and the brace
     * @param proven the job with them, with its slow studies
     * @param mass more than before, kg; less than 0 is lighter
     * @param worst of what is asked of a tube, weld or hole, a ratio
     * @param years of the duty until the first weld is to be taken as cracked; empty where nothing wears one
     * @param newStops findings that forbid it elsewhere than at Load and were not there before
     */
    public record Answer(
            Phrase words,
            List<Phrase> changes,
            Proven proven,
            double mass,
            double worst,
            OptionalDouble years,
            List<Finding> newStops) {
        public Answer {
            changes = List.copyOf(changes);
            newStops = List.copyOf(newStops);
        }

        public Job job() {
            return proven.examination().job();
        }

        /** Whether every tube, weld and hole bears what is asked of it. */
        public boolean holds() {
            return worst <= 1;
        }
    }

    /** Those that hold first, then by what else they bring, then the lightest. Some seconds. */
    public static List<Answer> of(Examination start, Progress progress) {
        Job job = start.job();
        List<Answer> answers = new ArrayList<>();
        Set<Job> seen = new HashSet<>(Set.of(job));
        add(answers, seen, start, "thicker walls, every size as it is", sized(start, job, true, false));
        if (worst(start) > 1) {
            add(answers, seen, start, "gussets where joints give, every tube as it is", Gussets.of(start));
        }
        progress.report(0.25);
        add(answers, seen, start, "the lightest of the stock", sized(start, job, false, true));
        progress.report(0.5);
        if (answers.isEmpty() || worst(start) > 1) {
            Optional<Job> braced = Braces.best(start)
                    .map(each -> sized(start, each.job(), true, false).orElse(each.job()));
            progress.report(0.7);
            add(answers, seen, start, "one brace more", braced);
        }
        double years = years(job, LoadProof.lives(start)).orElse(Double.POSITIVE_INFINITY);
        if (years < Lasting.YEARS) {
            add(answers, seen, start, "stouter where welds crack first", Lasting.of(start, progress.part(0.8, 1)));
        }
        answers.sort(Comparator.comparing((Answer each) -> !each.holds())
                .thenComparingInt(each -> each.newStops().size())
                .thenComparingDouble(Answer::mass));
        progress.report(1);
        return answers;
    }

    private static Optional<Job> sized(Examination mounts, Job job, boolean sameSize, boolean lighter) {
        return StockSizing.of(mounts, job, sameSize, lighter).map(StockSizing.Sized::job);
    }

    private static void add(List<Answer> answers, Set<Job> seen, Examination start, String words, Optional<Job> job) {
        job.filter(seen::add).ifPresent(changed -> answers.add(answer(start, Phrase.of(words), changed)));
    }

    private static Answer answer(Examination start, Phrase words, Job job) {
        Proven proven = Proven.of(Examination.of(job, start));
        List<Phrase> changes = new ArrayList<>();
        for (Member tube : tubes(job)) {
            Optional<Member> before = start.job().member(tube.id());
            if (before.isEmpty()) {
                changes.add(Phrase.of("{} from {} to {}, {}", tube.named(), tube.first(), tube.last(), tube.section()));
            } else if (!before.get().section().equals(tube.section())) {
                changes.add(Phrase.of("{} in {}", tube.named(), tube.section()));
            }
        }
        job.cradle()
                .details(Detail.Gusset.class)
                .filter(each -> !start.job().cradle().details().contains(each))
                .forEach(each -> changes.add(Phrase.of(
                        "gusset {} between {} and {} at {}, leg {}, {} thick",
                        each.id(),
                        each.first(),
                        each.second(),
                        each.node(),
                        Quantity.length(each.leg()),
                        Quantity.length(each.thickness()))));
        return new Answer(
                words,
                changes,
                proven,
                mass(proven.examination()) - mass(start) + Gussets.mass(job) - Gussets.mass(start.job()),
                worst(proven.examination()),
                years(proven),
                newStops(start, proven.examination()));
    }

    private static List<Member> tubes(Job job) {
        List<Member> tubes = new ArrayList<>(job.cradle().members());
        tubes.addAll(job.host().members());
        return tubes;
    }

    /** Of tubes, kg. */
    static double mass(Seating seating, Job job, List<Member> tubes) {
        double mass = 0;
        for (Member tube : tubes) {
            List<Vec3> path = seating.path(tube);
            for (int k = 1; k < path.size(); k++) {
                mass += path.get(k - 1).distanceTo(path.get(k))
                        * tube.remaining().area()
                        * job.material(tube).density();
            }
        }
        return mass;
    }

    private static double mass(Examination examination) {
        return mass(examination.seating(), examination.job(), tubes(examination.job()));
    }

    private static double worst(Examination examination) {
        double tubes = examination.tubeStresses().stream()
                .mapToDouble(use -> use.utilisation())
                .max()
                .orElse(0);
        return Math.max(
                tubes,
                LoadProof.joints(examination).stream()
                        .mapToDouble(JointUse::utilisation)
                        .max()
                        .orElse(0));
    }

    static OptionalDouble years(Proven proven) {
        return years(
                proven.examination().job(), proven.proof().map(LoadProof::lives).orElse(List.of()));
    }

    /** @param lives the shortest first */
    private static OptionalDouble years(Job job, List<EndLife> lives) {
        return lives.stream()
                .limit(1)
                .flatMapToDouble(life -> life.hours().stream())
                .map(hours -> hours / job.duty().hoursAYear())
                .findFirst();
    }

    private static List<Finding> newStops(Examination start, Examination now) {
        Set<String> before = new HashSet<>();
        stops(start).forEach(each -> before.add(each.code() + " " + each.where().ids()));
        return stops(now).stream()
                .filter(each ->
                        !before.contains(each.code() + " " + each.where().ids()))
                .toList();
    }

    private static List<Finding> stops(Examination examination) {
        return Arrays.stream(Step.values())
                .filter(step -> step != Step.LOAD)
                .flatMap(step -> examination.report(step).findings().stream())
                .filter(each -> each.severity() == Severity.STOP)
                .toList();
    }

    /** In a sentence: what it weighs and what it brings. */
    public static Phrase summary(Answer answer) {
        return Phrase.of(
                answer.mass() < 0
                        ? "{} lighter, {} at most of what is borne{}"
                        : "{} heavier, {} at most of what is borne{}",
                Quantity.mass(Math.abs(answer.mass())),
                Quantity.share(answer.worst()),
                answer.years().isPresent()
                        ? ", first weld cracked after " + shown(answer.years().getAsDouble()) + " years of the duty"
                        : ", no weld wears");
    }

    private static String shown(double years) {
        return years >= 10 ? Long.toString(Math.round(years)) : Double.toString(Math.round(years * 100) / 100.0);
    }
}
