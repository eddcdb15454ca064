package oddcradle.core.propose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import oddcradle.core.clearance.Gap;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.edit.TakeCradle;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.tube.Member;
import oddcradle.core.mounting.Elastomer;
import oddcradle.core.mounting.Hard;
import oddcradle.core.mounting.MountElement;
import oddcradle.core.section.Section;
import oddcradle.core.structure.CaseVariants;
import oddcradle.core.structure.TubeStress;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;

/**
 * Works out every kind of cradle for a job in the manners that suit it. Cost: some ten frame solutions and an examination for each.
 */
public final class Proposals {
    /** Kinds of which a three-point form makes sense. */
    private static final Set<CradleKind> ON_THREE = Set.of(CradleKind.LOWER, CradleKind.RING, CradleKind.SKID);

    private static final Set<CradleKind> ALWAYS_HARD = Set.of(CradleKind.PLATES);
    private static final Set<CradleKind> ALWAYS_SOFT = Set.of(CradleKind.HANGER);
    /** Drawn first with what is lightest, then with what it turned out to need. */
    private static final int DRAWN = 2;

    /** Sizes that differ by less leave the drawing as it is, m. */
    private static final double SAME_SIZE = 0.0025;

    private final Examination base;
    private final Wishes wishes;
    private final QuickWay way;
    /** The last one worked out for each style of mounting: it lends what only lugs and mounts decide. */
    private final Map<MountStyle, Examination> alike = new HashMap<>();

    private Proposals(Examination base, Wishes wishes) {
        this.base = base;
        this.wishes = wishes;
        this.way = new QuickWay(base);
    }

    /**
     * What is asked for.
     *
     * @param kinds all where empty
     * @param hard only bolted hard, or only soft; either where empty
     * @param points 3 or 4; either where empty
     * @param elastomer of soft mounts
     */
    public record Wishes(
            List<CradleKind> kinds, Optional<Boolean> hard, Optional<Integer> points, Elastomer elastomer) {
        public static final Wishes ALL = new Wishes(List.of(), Optional.empty(), Optional.empty(), Elastomer.RUBBER);

        public Wishes {
            kinds = List.copyOf(kinds);
        }
    }

    /**
     * @param proposals those that no finding forbids first, then the lightest
     * @param notHere kinds that do not suit the machine, and why
     */
    public record Result(List<Proposal> proposals, Map<CradleKind, String> notHere) {
        public Result {
            proposals = List.copyOf(proposals);
        }
    }

    /** @throws Progress.Cancelled if the watcher ends it */
    public static Result run(Examination examination, Wishes wishes, Progress progress) {
        return new Proposals(examination, wishes).run(progress);
    }

    private Result run(Progress progress) {
        Map<CradleKind, String> notHere = new EnumMap<>(CradleKind.class);
        List<Proposal> proposals = new ArrayList<>();
        List<CradleKind> kinds = wishes.kinds().isEmpty() ? List.of(CradleKind.values()) : wishes.kinds();
        for (int k = 0; k < kinds.size(); k++) {
            for (MountStyle mountStyle : manners(kinds.get(k))) {
                progress.report((double) k / kinds.size());
                try {
                    proposals.add(worked(kinds.get(k), mountStyle));
                } catch (CradleKind.NotHere why) {
                    notHere.put(kinds.get(k), why.getMessage());
                }
            }
        }
        progress.report(1);
        proposals.sort(Comparator.comparingInt(Proposal::stops)
                .thenComparingInt(Proposal::watches)
                .thenComparingDouble(Proposal::mass));
        return new Result(proposals, notHere);
    }

    private List<MountStyle> manners(CradleKind kind) {
        List<MountStyle> manners = new ArrayList<>();
        for (boolean hard : new boolean[] {false, true}) {
            boolean fits = hard ? !ALWAYS_SOFT.contains(kind) : !ALWAYS_HARD.contains(kind);
            if (!fits || wishes.hard().filter(wanted -> wanted != hard).isPresent()) {
                continue;
            }
            for (int points : new int[] {4, 3}) {
                if ((points == 4
                                || ON_THREE.contains(kind)
                                        && base.job().donor().bosses().size() > 3)
                        && wishes.points().filter(wanted -> wanted != points).isEmpty()) {
                    MountElement element = hard
                            ? new Hard()
                            : PadChoice.of(base.job(), wishes.elastomer(), points, kind != CradleKind.RING, pull());
                    manners.add(new MountStyle(
                            element, hard ? 0 : wishes.elastomer().usualLoss(), points));
                }
            }
        }
        return manners;
    }

    /** Most that chain or belt draws on the donor under any case, N. */
    private double pull() {
        double share = CaseVariants.of(base.job()).stream()
                .mapToDouble(LoadCase::drive)
                .max()
                .orElse(0);
        return share
                * base.line().stages().stream()
                        .limit(1)
                        .filter(stage -> stage.stage().isInPlane())
                        .mapToDouble(stage -> stage.design())
                        .sum();
    }

    private Proposal worked(CradleKind kind, MountStyle mountStyle) throws CradleKind.NotHere {
        Site site = new Site(base, mountStyle.isSoft());
        Map<Role, Section> sections = new EnumMap<>(Role.class);
        for (Role role : Role.values()) {
            sections.put(role, role.first(base.job().build().shop()));
        }
        CradleDraft draft = null;
        Job job = base.job();
        for (int round = 0; round < DRAWN; round++) {
            draft = kind.draft(site, mountStyle, sections);
            if (mountStyle.points() == 3) {
                leaveOneFree(draft, site);
            }
            job = Sizing.sized(TakeCradle.of(base.job(), draft.cradle()), draft, sections);
            boolean changed = taken(sections, job, draft.roles());
            if (!changed) {
                break;
            }
        }
        Examination examination = Examination.of(job, alike.getOrDefault(mountStyle, base));
        alike.put(mountStyle, examination);
        return judged(kind, mountStyle, examination, draft.troubles());
    }

    /** The lug farthest from the drive carries nothing. */
    private void leaveOneFree(CradleDraft draft, Site site) {
        var drive = base.seating().driverCentre();
        draft.isolators().stream()
                .map(Isolator::boss)
                .max(Comparator.comparingDouble(
                        boss -> base.seating().boss(boss).distanceTo(drive)))
                .ifPresent(draft::leaveFree);
        if (draft.isolators().size() != 3) {
            draft.trouble("not three but " + draft.isolators().size() + " lugs are held");
        }
    }

    /** What the sizes came to, as a start for drawing anew. */
    private static boolean taken(Map<Role, Section> sections, Job job, Map<String, Role> roles) {
        boolean changed = false;
        for (Member member : job.cradle().members()) {
            Role role = roles.get(member.id());
            Section before = sections.put(role, member.section());
            changed |= Math.abs(Bearer.half(before) - Bearer.half(member.section())) > SAME_SIZE;
        }
        return changed;
    }

    private Proposal judged(CradleKind kind, MountStyle mountStyle, Examination examination, List<String> troubles) {
        Set<String> own =
                examination.job().cradle().members().stream().map(Member::id).collect(Collectors.toSet());
        Optional<TubeStress> use = examination.tubeStresses().stream()
                .filter(each -> own.contains(each.tube().id()))
                .findFirst();
        Optional<Gap> gap = examination.ledger().near().stream()
                .filter(each -> own.contains(each.obstacle().id()))
                .min(Comparator.comparingDouble(Gap::margin));
        List<Finding> findings = ofCradle(examination, own);
        double mass =
                examination.cutList().stream().mapToDouble(tube -> tube.mass()).sum()
                        + examination.mountDesigns().stream()
                                .mapToDouble(design -> tabMass(examination.job(), design))
                                .sum();
        return new Proposal(
                kind,
                mountStyle,
                examination,
                mass,
                2 * own.size(),
                use,
                gap,
                examination
                        .mountStiffness()
                        .map(stiffness -> stiffness.frequencies().get(0)),
                Hours.of(examination),
                way.of(examination.job(), examination.seating()).words(),
                weakPoint(examination, findings, use, troubles),
                (int) findings.stream()
                        .filter(each -> each.severity() == Severity.STOP)
                        .count(),
                (int) findings.stream()
                        .filter(each -> each.severity() == Severity.WATCH)
                        .count(),
                troubles);
    }

    private static double tabMass(Job job, MountDesign design) {
        return design.tab().volume() * job.material(design.tube()).density();
    }

    /** What the cradle answers for: its own step, gaps of its tubes, shaking, stresses, cutting. */
    private static List<Finding> ofCradle(Examination examination, Set<String> own) {
        List<Finding> findings = new ArrayList<>(examination.report(Step.CRADLE).findings());
        for (Step step : List.of(Step.SEAT, Step.SHAKE, Step.LOAD, Step.MAKE)) {
            examination.report(step).findings().stream()
                    .filter(finding -> finding.where().ids().stream().anyMatch(own::contains)
                            || step == Step.SHAKE
                            || finding.severity() == Severity.STOP && step == Step.LOAD)
                    .forEach(findings::add);
        }
        return findings;
    }

    /** The worst that was found; where all is good, what comes nearest to its limit. */
    private static String weakPoint(
            Examination examination, List<Finding> findings, Optional<TubeStress> use, List<String> troubles) {
        Optional<Finding> worst = findings.stream()
                .filter(finding -> finding.severity().isWorseThan(Severity.NOT_CHECKED))
                .min(Comparator.comparing(Finding::severity));
        if (worst.isPresent()) {
            return worst.get().what().in(UnitStyle.MILLIMETRES);
        }
        if (!troubles.isEmpty()) {
            return troubles.get(0);
        }
        return use.map(each -> each.tube().label() + " has the highest utilisation, "
                        + UnitStyle.MILLIMETRES.show(Quantity.share(each.utilisation()))
                        + " of what is allowed in \"" + each.load().label() + "\"")
                .orElse("the frame does not stand");
    }
}
