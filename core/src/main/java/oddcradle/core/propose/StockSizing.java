package oddcradle.core.propose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.tube.Member;
import oddcradle.core.section.Section;

/**
 * The lightest sections of the shop's stock with which nothing asks too much of a tube: what is overworked grows, then every tube of the
 * cradle is tried lighter. Twins keep one section. Each try is one frame solution; many are saved by what the section modulus tells
 * beforehand.
 */
final class StockSizing {
    private static final int MOST_ROUNDS = 12;

    /** Tries of one group of twins, the lightest first. */
    private static final int TRIES = 3;

    /** A lighter section is tried where its modulus alone would let it work no harder than that. */
    private static final double PROMISING = 1.0;

    /** An overworked tube at most doubles its modulus at once: a stiffer one draws load from others, or to itself. */
    private static final double MOST_AT_ONCE = 2;

    /** Of the modulus that is wanted; stock has steps. */
    private static final double NEARLY = 0.95;

    private final Examination mounts;
    private final boolean sameSize;
    private Job job;
    private TubeUse now;
    private int solutions;

    /**
     * @param job with the sections found
     * @param worst of what is asked of any tube, a ratio
     * @param solutions of the frame that it took
     */
    record Sized(Job job, double worst, int solutions) {}

    private StockSizing(Examination start, Job job, boolean sameSize) {
        this.mounts = start;
        this.job = job;
        this.sameSize = sameSize;
    }

    /**
     * @param mounts where what hangs on the tubes is designed
     * @param job to begin from
     * @param sameSize whether only walls may change, so that gaps stay
     * @param lighter whether tubes of the cradle that are asked little may become lighter than they are
     * @return empty where the frame does not stand
     */
    static Optional<Sized> of(Examination mounts, Job job, boolean sameSize, boolean lighter) {
        StockSizing sizing = new StockSizing(mounts, job, sameSize);
        Optional<TubeUse> first = sizing.solved(job);
        if (first.isEmpty()) {
            return Optional.empty();
        }
        sizing.now = first.get();
        sizing.stouter();
        if (lighter) {
            sizing.lighter();
        }
        return Optional.of(new Sized(sizing.job, sizing.now.worst(), sizing.solutions));
    }

    private Optional<TubeUse> solved(Job tried) {
        solutions++;
        return TubeUse.of(tried, mounts);
    }

    private void stouter() {
        List<Member> all = new ArrayList<>(job.cradle().members());
        all.addAll(job.host().members());
        List<List<String>> groups = TwinTubes.of(job, all);
        for (int round = 0; round < MOST_ROUNDS && now.worst() > 1; round++) {
            Job tried = job;
            for (List<String> group : groups) {
                if (now.of(group) > 1) {
                    Optional<Section> next = stouter(group);
                    tried = next.isPresent() ? with(tried, group, next.get()) : tried;
                }
            }
            Optional<TubeUse> use = tried.equals(job) ? Optional.empty() : solved(tried);
            if (use.isEmpty()) {
                return;
            }
            job = tried;
            now = use.get();
        }
    }

    private Optional<Section> stouter(List<String> group) {
        Section section = section(group);
        boolean wider = now.isWallWorst(group) && !sameSize;
        double wanted = modulus(section) * Math.min(MOST_AT_ONCE, now.of(group));
        List<Section> choice = choice(section).stream()
                .filter(each -> each.area() > section.area() && (!wider || width(each) > width(section) + 1e-6))
                .toList();
        return choice.stream()
                .filter(each -> wider || modulus(each) >= NEARLY * wanted)
                .findFirst()
                .or(() -> choice.stream().max(Comparator.comparingDouble(StockSizing::modulus)));
    }

    private void lighter() {
        List<List<String>> groups = TwinTubes.of(job, job.cradle().members()).stream()
                .sorted(Comparator.comparingDouble(this::metal).reversed())
                .toList();
        for (List<String> group : groups) {
            Section section = section(group);
            double needed = modulus(section) * now.of(group) / PROMISING;
            List<Section> choice = choice(section).stream()
                    .filter(each -> each.area() < section.area() && modulus(each) >= needed)
                    .limit(TRIES)
                    .toList();
            for (Section each : choice) {
                Job tried = with(job, group, each);
                Optional<TubeUse> use = solved(tried);
                if (use.isPresent() && use.get().worst() <= Math.max(1, now.worst())) {
                    job = tried;
                    now = use.get();
                    break;
                }
            }
        }
    }

    /** Of the same shape, least metal first. */
    private List<Section> choice(Section section) {
        return job.build().shop().sections().stream()
                .filter(each -> each.getClass() == section.getClass() && (!sameSize || isAsLarge(each, section)))
                .toList();
    }

    private static boolean isAsLarge(Section one, Section other) {
        return Math.abs(one.halfSize(true) - other.halfSize(true)) < 1e-6
                && Math.abs(one.halfSize(false) - other.halfSize(false)) < 1e-6;
    }

    private static double width(Section section) {
        return section.halfSize(true) + section.halfSize(false);
    }

    /** The weaker of the two section moduli, m3. */
    static double modulus(Section section) {
        return 1 / Math.max(section.bendingStress(1, 0), section.bendingStress(0, 1));
    }

    private Section section(List<String> group) {
        return job.member(group.get(0)).orElseThrow().section();
    }

    private double metal(List<String> group) {
        return group.size() * section(group).area();
    }

    private static Job with(Job job, List<String> group, Section section) {
        Job changed = job;
        for (String tube : group) {
            changed = new JobEdit.SetSection(tube, section).applyTo(changed);
        }
        return changed;
    }
}
