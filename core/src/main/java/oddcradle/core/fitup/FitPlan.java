package oddcradle.core.fitup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import oddcradle.core.asbuilt.Aim;
import oddcradle.core.asbuilt.BodyOnHoles;
import oddcradle.core.asbuilt.Hole;
import oddcradle.core.asbuilt.Seated;
import oddcradle.core.asbuilt.ShimSearch;
import oddcradle.core.asbuilt.ShimStacks;
import oddcradle.core.asbuilt.ShimStacks.Stack;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Phrase;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.edit.FitShims;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.edit.SeatEdit;
import oddcradle.core.job.fit.Fitted;
import oddcradle.core.job.make.Pace;
import oddcradle.core.job.seat.FitErrors;
import oddcradle.core.joint.BoltHole;
import oddcradle.core.math.Vec3;
import oddcradle.core.step.fit.BoltPlay;
import oddcradle.core.step.fit.MountFound;
import oddcradle.core.step.fit.MountsFound;
import oddcradle.core.units.Quantity;

/**
 * The least work that makes the mount fit: the line is held, what is along the bolts is filled or taken off, what is across them is left to play, reamed, slotted, or made anew.
 *
 * <p>Common practice: a hole opened by more than half its bolt no longer holds it, a slot longer than the bolt is thick no longer guides it; a mount farther off than a
 * stack of washers is cut or made anew.
 *
 * @param shims the best ways of shimming, best first; empty where mounts let the engine turn
 * @param tried combinations of shims that were judged
 * @param work what to do, in the order of doing it
 * @param fits whether the line, the gaps and every bolt are right when that is done
 */
public record FitPlan(List<ShimSearch.Answer> shims, int tried, List<Remedy> work, boolean fits) {
    /** Less is not worth a spanner, m; common practice. */
    private static final double ENOUGH = 0.0002;

    /** Of an even share of the engine. */
    private static final double SOFT_SHARE = 0.25;

    private static final double GRAVITY = 9.80665;

    /** Reamed over by no more than this, m; beyond, a slot. */
    private static final double REAMED = 0.001;

    /** A stack thicker than this stands on a spacer of its own or is cut anew, m; common practice. */
    private static final double THICKEST_STACK = 0.006;

    /** A mount farther off across its bolt is made anew, by bolts. */
    private static final double FARTHEST_SLOT = 1;

    public FitPlan {
        shims = List.copyOf(shims);
        work = List.copyOf(work);
    }

    /** Nothing to do where nothing is measured. */
    public static final FitPlan NONE = new FitPlan(List.of(), 0, List.of(), false);

    /**
     * What can be done now.
     *
     * @throws Progress.Cancelled if the watcher ends it
     */
    public static FitPlan of(Examination examination, Progress progress) {
        MountsFound found = examination.fit().mounts();
        return found.body().isEmpty()
                ? NONE
                : new Planner(examination, found).plan(found.body().get(), progress);
    }

    /** Whether something is still to be done about the mounts: until then what was read of the line says little. */
    public boolean isOpen() {
        return work.stream().anyMatch(each -> each.kind() != Remedy.Kind.LEAVE);
    }

    /** All of it, s. */
    public double time() {
        return work.stream().mapToDouble(Remedy::time).sum();
    }

    private static final class Planner {
        private final Examination examination;
        private final Job job;
        private final Pace pace;
        private final MountsFound found;
        private final List<Remedy> work = new ArrayList<>();

        Planner(Examination examination, MountsFound found) {
            this.examination = examination;
            this.job = examination.job();
            this.pace = job.build().shop().pace();
            this.found = found;
        }

        FitPlan plan(BodyOnHoles body, Progress progress) {
            // Shims are chosen anew; what was trimmed off stays off.
            Map<String, MountTurns.Better> turned = found.loaded() ? Map.of() : turns();
            List<Hole> bare = found.mounts().stream()
                    .map(mount -> Optional.ofNullable(turned.get(mount.id()))
                            .map(way -> mount.hole().withOff(way.left()))
                            .orElseGet(mount::hole)
                            .shimmed(-Math.max(0, mount.fitted())))
                    .toList();
            List<Aim> aims = LineAims.of(examination);
            HolesOpened opened = found.loaded() ? HolesOpened.none(bare) : HolesOpened.byHand(bare);
            ShimStacks stacks = ShimStacks.of(job.build().shop().tools().shims());
            ShimSearch.Result shims = ShimSearch.of(
                    new ShimSearch.Input(
                            body,
                            opened.holes(),
                            found.mounts().stream().map(this::mayBeLeft).toList(),
                            stacks,
                            aims,
                            LineAims.rooms(examination)),
                    progress);
            ShimSearch.Answer best = shims.best().get(0);
            List<Stack> chosen = best.holds() ? best.stacks() : toTheDrawing(bare, stacks);
            shim(chosen);
            boolean lowered = !best.holds() && lower(bare);
            boolean across = found.loaded() || across(body, opened.shimmed(chosen), aims);
            if (work.isEmpty()) {
                work.add(new Remedy(
                        Remedy.Kind.LEAVE,
                        List.of(),
                        Phrase.of("bolts go in, and nothing is missing or in the way"),
                        0,
                        Optional.empty()));
            }
            work.sort(Comparator.comparing(Remedy::kind).reversed());
            return new FitPlan(
                    shims.best(), shims.tried(), work, across && !lowered && turned.isEmpty() && best.holds());
        }

        /** Mounts that are only the wrong way round; what follows goes by where they would be, and all of it is measured again. */
        private Map<String, MountTurns.Better> turns() {
            Map<String, MountTurns.Better> turned = new HashMap<>();
            for (MountFound mount : found.mounts()) {
                MountTurns.of(examination, mount).ifPresent(way -> {
                    turned.put(mount.id(), way);
                    work.add(new Remedy(
                            Remedy.Kind.TURN,
                            List.of(mount.id()),
                            Phrase.of(
                                    "{} is {} from its place; turned " + way.words()
                                            + " it would be {}: look at that before anything is cut, then measure again",
                                    mount.id(),
                                    Quantity.fine(mount.hole().off().length()),
                                    Quantity.fine(way.off())),
                            pace.mount() + pace.hole(),
                            Optional.empty()));
                });
            }
            return turned;
        }

        /** What may be left along a bolt, m: of a stiff mount what bends nothing, of a soft one what adds no quarter to what it carries. */
        private double mayBeLeft(MountFound mount) {
            if (mount.mount().element().isHard()) {
                return ENOUGH;
            }
            double share = job.donor().mass().mass() * GRAVITY / found.mounts().size();
            return Math.max(
                    ENOUGH,
                    SOFT_SHARE * share / mount.mount().element().stiffness().x());
        }

        /** Where no shims do by themselves: each mount to where it was drawn, as near as shims come. */
        private static List<Stack> toTheDrawing(List<Hole> bare, ShimStacks stacks) {
            return bare.stream()
                    .map(hole -> stacks.nearest(-hole.off().dot(hole.up())))
                    .toList();
        }

        private void shim(List<Stack> chosen) {
            List<String> changed = new ArrayList<>();
            List<Fitted> fitted = new ArrayList<>();
            List<String> words = new ArrayList<>();
            List<Object> sizes = new ArrayList<>();
            for (int k = 0; k < chosen.size(); k++) {
                MountFound mount = found.mounts().get(k);
                Stack stack = chosen.get(k);
                if (stack.thickness() > THICKEST_STACK) {
                    raise(mount, stack.thickness());
                } else if (Math.abs(stack.thickness() - Math.max(0, mount.fitted())) > 1e-9) {
                    changed.add(mount.id());
                    fitted.add(under(mount, stack.thickness()));
                    words.add(words(stack));
                    sizes.add(Quantity.fine(stack.pieces().isEmpty() ? mount.fitted() : stack.thickness()));
                    sizes.add(mount.id());
                    stack.pieces().stream()
                            .filter(piece -> stack.pieces().size() > 1)
                            .forEach(piece -> sizes.add(Quantity.fine(piece)));
                }
            }
            if (!changed.isEmpty()) {
                work.add(new Remedy(
                        Remedy.Kind.SHIM,
                        changed,
                        new Phrase(String.join("; ", words), sizes),
                        changed.size() * pace.mount() / 2,
                        Optional.of(new FitShims(fitted))));
            }
        }

        /** Mounts that stand too high for any shim; whether there is one that has to be cut. */
        private boolean lower(List<Hole> bare) {
            boolean cut = false;
            for (int k = 0; k < bare.size(); k++) {
                double high = bare.get(k).off().dot(bare.get(k).up());
                if (high > mayBeLeft(found.mounts().get(k))) {
                    cut |= lower(found.mounts().get(k), high);
                }
            }
            return cut;
        }

        private static String words(Stack stack) {
            if (stack.pieces().isEmpty()) {
                return "take out the {} under {}";
            }
            String of = stack.pieces().stream().map(piece -> "{}").collect(Collectors.joining(" + "));
            return stack.pieces().size() == 1 ? "{} under {}" : "{} under {} (" + of + ")";
        }

        private Optional<MountDesign> design(MountFound mount) {
            return examination.mountDesigns().stream()
                    .filter(each -> each.isolator().id().equals(mount.id()))
                    .findFirst();
        }

        /** Whether it has to be cut and measured again. */
        private boolean lower(MountFound mount, double by) {
            double spare = design(mount)
                    .map(each -> each.stack().spacer()
                            + each.stack().shims().stream()
                                    .mapToDouble(shim -> shim)
                                    .sum())
                    .orElse(0.0);
            if (spare >= by) {
                work.add(new Remedy(
                        Remedy.Kind.TRIM,
                        List.of(mount.id()),
                        Phrase.of(
                                "{} off the spacer or shims of {}, which are {} thick",
                                Quantity.fine(by),
                                mount.id(),
                                Quantity.fine(spare)),
                        pace.cut() + pace.mount() / 2,
                        Optional.of(fitted(mount, -by))));
                return false;
            }
            if (pullBack(mount, mount.hole().up().times(by))) {
                return true;
            }
            work.add(new Remedy(
                    Remedy.Kind.CUT,
                    List.of(mount.id()),
                    Phrase.of(
                            "{} stands {} too high and has no spacer to take it from: cut it, let it down, weld again and measure",
                            mount.id(),
                            Quantity.fine(by)),
                    pace.cut() + pace.cope() + pace.fitting() + pace.weld() / 5,
                    Optional.empty()));
            return true;
        }

        /** Whether what welding pulled can be pulled back; it is measured again after every run. */
        private boolean pullBack(MountFound mount, Vec3 off) {
            Optional<PullBack> back = PullBack.of(examination, mount, off);
            back.ifPresent(run -> work.add(new Remedy(
                    Remedy.Kind.PULL_BACK,
                    List.of(mount.id()),
                    Phrase.of(
                            "welding pulled {} by {}: a run on the side of {} that looks " + Directions.of(run.side())
                                    + ", half round at its end {}, brings it back by about {}, "
                                    + (run.runs() == 1 ? "so one will do" : "so {} of them")
                                    + "; let it cool and measure after each. Rubber, wiring and fuel away from the heat",
                            pulled(mount, run)),
                    run.runs() * (pace.weld() / 10 + pace.mount() / 2),
                    Optional.empty())));
            return back.isPresent();
        }

        private static Object[] pulled(MountFound mount, PullBack run) {
            List<Object> told = new ArrayList<>(List.of(
                    mount.id(),
                    Quantity.fine(mount.hole().off().length()),
                    run.tube(),
                    run.joint(),
                    Quantity.fine(run.each())));
            if (run.runs() > 1) {
                told.add(String.valueOf(run.runs()));
            }
            return told.toArray();
        }

        private void raise(MountFound mount, double by) {
            work.add(new Remedy(
                    Remedy.Kind.CUT,
                    List.of(mount.id()),
                    Phrase.of(
                            "{} is {} too low, more than a stack of shims should be: put a turned spacer of that length under it, or cut and raise it",
                            mount.id(),
                            Quantity.fine(by)),
                    pace.cut() + pace.mount(),
                    Optional.of(fitted(mount, by))));
        }

        /** What was trimmed off stays off, whatever lies on it. */
        private static Fitted under(MountFound mount, double thickness) {
            return new Fitted(mount.id(), Math.min(0, mount.fitted()) + thickness);
        }

        private static JobEdit fitted(MountFound mount, double thickness) {
            return new FitShims(List.of(under(mount, thickness)));
        }

        /** What has to be opened, for the bolts and for the line; whether both are right then. */
        private boolean across(BodyOnHoles body, HolesOpened bolts, List<Aim> aims) {
            HolesOpened opened = bolts.forTheLine(body, aims);
            Seated tight = body.on(opened.holes());
            boolean all = HolesOpened.line(tight, aims) <= 1;
            for (int k : opened.which()) {
                MountFound mount = found.mounts().get(k);
                Hole hole = opened.holes().get(k);
                Vec3 wanted = tight.motion().at(hole.place()).minus(hole.off()).withoutPartAlong(hole.up());
                double beyond = wanted.length() - mount.hole().play();
                if (beyond > 0) {
                    all &= open(mount, wanted, beyond);
                }
            }
            return all;
        }

        private boolean open(MountFound mount, Vec3 beside, double beyond) {
            Boss boss = job.donor().boss(mount.mount().boss()).orElseThrow();
            double bolt = BoltHole.boltOf(boss.bore());
            double diameter = BoltPlay.hole(job.plan().errors(), boss).diameter();
            if (beyond <= REAMED) {
                // A reamer opens all round: twice what lacks on one side.
                work.add(new Remedy(
                        Remedy.Kind.REAM,
                        List.of(mount.id()),
                        Phrase.of(
                                "{} from {} to {}, with washers that cover it",
                                mount.id(),
                                Quantity.fine(diameter),
                                Quantity.fine(diameter + 2 * beyond)),
                        pace.hole(),
                        Optional.of(new SeatEdit.OpenHole(
                                new FitErrors.Hole(boss.id(), diameter + 2 * beyond, 0, Vec3.X)))));
                return true;
            }
            if (pullBack(mount, beside.unit().times(-beyond))) {
                return false;
            }
            if (beyond <= FARTHEST_SLOT * bolt) {
                work.add(new Remedy(
                        Remedy.Kind.SLOT,
                        List.of(mount.id()),
                        Phrase.of(
                                "{}, by file, {} longer {}; a washer must cover the slot, and the bolt clamps, it does not locate",
                                mount.id(),
                                Quantity.fine(beyond),
                                Directions.of(beside)),
                        pace.hole(),
                        Optional.of(new SeatEdit.OpenHole(
                                new FitErrors.Hole(boss.id(), diameter, 2 * beyond, beside.unit())))));
                return true;
            }
            work.add(new Remedy(
                    Remedy.Kind.REMAKE,
                    List.of(mount.id()),
                    Phrase.of(
                            "the hole of {} is {} beside its bolt, more than a slot should be: try the mount turned round or flipped, else make it anew",
                            mount.id(),
                            Quantity.fine(beyond)),
                    pace.plate() + pace.weld() / 4 + pace.fitting(),
                    Optional.empty()));
            return false;
        }
    }
}
