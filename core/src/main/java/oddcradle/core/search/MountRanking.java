package oddcradle.core.search;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oddcradle.core.catalog.Shelf;
import oddcradle.core.catalog.ShelfRow;
import oddcradle.core.catalog.Shelves;
import oddcradle.core.control.Progress;
import oddcradle.core.engine.Throttle;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.edit.CradleEdit;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.MassProperties;
import oddcradle.core.mounting.BondedBush;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.mounting.Elastomer;
import oddcradle.core.mounting.Hard;
import oddcradle.core.mounting.MountElement;
import oddcradle.core.placement.MountedDonor;
import oddcradle.core.step.shake.ShakeReport;
import oddcradle.core.structure.EngineShaking;
import oddcradle.core.structure.Excitation;
import oddcradle.core.structure.OrderMap;
import oddcradle.core.structure.ShakeWatch;
import oddcradle.core.structure.ShakenFrame;
import oddcradle.core.units.Quantity;
import oddcradle.core.vibration.ModesResult;
import oddcradle.core.vibration.Mount;
import oddcradle.core.vibration.MountedBody;
import oddcradle.core.vibration.RigidBodyModes;
import oddcradle.core.vibration.StaticSag;

/**
 * Every isolator of the shelf under every mount of the job, in every hardness and rubber it is sold in, and bolted hard: what frame and people get of the
 * engine, how far it moves, how hard the rubber works at rest. All mounts alike, where they are.
 */
public final class MountRanking {
    private static final int SPEEDS = 24;
    private static final double OFF = 5;
    private static final double STANDARD_GRAVITY = 9.80665;
    /** An order of torque with less than this share of the strongest is not felt beside it. */
    private static final double STRONG = 0.15;

    private MountRanking() {}

    /**
     * One choice.
     *
     * @param name of the shelf's row
     * @param idle greatest force to and fro at a mount at idle without load, N
     * @param cruise greatest velocity of a person at cruise, m/s root mean square; where none is watched the greatest force at a mount, N
     * @param motion greatest motion of the output shaft from idle up at full throttle, m
     * @param sag greatest of a mount at rest, m
     * @param strain of the rubber at rest over what is right for a long life, a ratio; more than 1 is too much
     * @param through the strong order of torque of which most gets through, at idle or cruise
     * @param best whether none does better in idle, cruise and motion at once, among those whose rubber lasts
     */
    public record Choice(
            String name,
            MountElement element,
            double loss,
            double idle,
            double cruise,
            double motion,
            double sag,
            double strain,
            Through through,
            boolean best) {
        private Choice as(boolean isBest) {
            return new Choice(name, element, loss, idle, cruise, motion, sag, strain, through, isBest);
        }

        /** Takes it for some mounts. */
        public JobEdit taking(List<String> mounts) {
            return new CradleEdit.SetElement(mounts, element, Optional.of(loss));
        }
    }

    /**
     * The worst of the strong orders of torque on a stiff frame.
     *
     * @param share of it that reaches the frame, more than 1 where it is amplified
     * @param hertz its frequency, Hz
     * @param atIdle whether at idle, or at cruise
     */
    public record Through(double share, double order, double hertz, boolean atIdle) {
        private String named() {
            return "order " + EngineShaking.words(order) + " at " + (atIdle ? "idle" : "cruise");
        }
    }

    /**
     * @param choices those whose rubber lasts first, of these those that none beats, of these the calmest at cruise
     * @param person whether {@code cruise} is of a person, or of a mount
     * @param finished false where it was ended before all had been looked at
     */
    public record Result(List<Choice> choices, boolean person, boolean finished) {
        public Result {
            choices = List.copyOf(choices);
        }

        /** What a builder may ask for by name, each with the choice that answers it best; only those whose rubber lasts. */
        public List<Named> named() {
            List<Choice> lasting =
                    choices.stream().filter(choice -> choice.strain() <= 1).toList();
            List<Named> named = new ArrayList<>();
            add(
                    named,
                    Phrase.of(person ? "calmest for people at cruise" : "calmest for the frame at cruise"),
                    lasting,
                    Comparator.comparingDouble(Choice::cruise));
            add(named, Phrase.of("calmest at idle"), lasting, Comparator.comparingDouble(Choice::idle));
            add(named, Phrase.of("moves least"), lasting, Comparator.comparingDouble(Choice::motion));
            // Of those that pass no more at idle than twice the calmest does.
            double quiet = 2 * lasting.stream().mapToDouble(Choice::idle).min().orElse(0);
            add(
                    named,
                    Phrase.of("stiffest that still isolates at idle"),
                    lasting.stream().filter(choice -> choice.idle() <= quiet).toList(),
                    Comparator.comparingDouble(
                            choice -> -choice.element().stiffness().x()));
            return named;
        }

        /** The one that isolates best at idle and cruise at once, and how well; why none does where all amplify. */
        public Phrase isolation() {
            List<Choice> soft = choices.stream()
                    .filter(choice -> choice.strain() <= 1 && !choice.element().isHard())
                    .toList();
            if (soft.isEmpty()) {
                return Phrase.of("No soft mount of the shelf lasts under this engine: take larger or more mounts.");
            }
            Choice best = Collections.min(
                    soft, Comparator.comparingDouble(choice -> choice.through().share()));
            if (best.through().share() <= 1) {
                return Phrase.of(
                        "{} isolates every strong order of torque at idle and at cruise; most gets through of {}, {}: {}.",
                        best.element(),
                        best.through().named(),
                        Quantity.frequency(best.through().hertz()),
                        Quantity.share(best.through().share()));
            }
            Choice softest = Collections.max(soft, Comparator.comparingDouble(Choice::sag));
            // Above root two of its own frequency a mount isolates; what it sags by then is g / w2.
            double own = 2 * Math.PI * softest.through().hertz() / Math.sqrt(2);
            return Phrase.of(
                    "None that lasts isolates every strong order of torque. Even the softest, {}, passes {} of {}, {}: upright mounts that isolate it"
                            + " would sag by {} at rest. A faster idle, a heavier flywheel or mounts nearer to the crank's height help.",
                    softest.element(),
                    Quantity.share(softest.through().share()),
                    softest.through().named(),
                    Quantity.frequency(softest.through().hertz()),
                    Quantity.length(STANDARD_GRAVITY / (own * own)));
        }

        /** The schools side by side: bolted hard, and of each rubber the calmest at cruise that lasts. */
        public List<Named> schools() {
            List<Named> schools = new ArrayList<>();
            choices.stream()
                    .filter(choice -> choice.element().isHard())
                    .findFirst()
                    .ifPresent(hard -> schools.add(new Named(Phrase.of("bolted hard"), hard)));
            for (Elastomer elastomer : Elastomer.values()) {
                add(
                        schools,
                        Phrase.of(elastomer.word()),
                        choices.stream()
                                .filter(choice -> choice.strain() <= 1
                                        && choice.element().madeOf().equals(Optional.of(elastomer)))
                                .toList(),
                        Comparator.comparingDouble(Choice::cruise));
            }
            return schools;
        }

        /** The same isolator within {@value #OFF} Shore A either way, itself among them: as rubber is delivered, common practice. */
        public List<Choice> asDelivered(Choice wanted) {
            return choices.stream()
                    .filter(other -> other.name().equals(wanted.name())
                            && other.element().madeOf().equals(wanted.element().madeOf())
                            && Math.abs(other.element().shore().orElse(0.0)
                                            - wanted.element().shore().orElse(0.0))
                                    <= OFF)
                    .toList();
        }

        private static void add(List<Named> named, Phrase words, List<Choice> among, Comparator<Choice> by) {
            among.stream().min(by).ifPresent(choice -> named.add(new Named(words, choice)));
        }
    }

    /** A choice by what it is best at. */
    public record Named(Phrase words, Choice choice) {}

    /** An isolator that is sold, before it is judged. */
    private record Sold(String name, MountElement element, double loss) {}

    /** @return empty where nothing is mounted, or the frame stands only with the donor in it */
    public static Optional<Result> of(Examination examination, Shelves shelves, Progress progress) {
        Optional<ShakeMaps.Setting> setting = ShakeMaps.setting(examination);
        return setting.flatMap(each -> each.shaken()
                .map(frame -> new Ranking(examination, each, frame).rank(sold(examination.job(), shelves), progress)));
    }

    /** Bushes where the job has some, pads else: another sort would need other brackets. */
    private static List<Sold> sold(Job job, Shelves shelves) {
        boolean bushes = job.cradle().isolators().stream().anyMatch(each -> each.element() instanceof BondedBush);
        List<Sold> sold = new ArrayList<>(List.of(new Sold("bolted hard", new Hard(), 0)));
        for (ShelfRow row : shelves.of(bushes ? Shelf.BUSHES : Shelf.PADS)) {
            for (Elastomer elastomer : Elastomer.values()) {
                for (double hardness : elastomer.soldHardnesses()) {
                    List<Double> size = row.sizes();
                    MountElement element = bushes
                            ? new BondedBush(size.get(0), size.get(1), size.get(2), hardness, elastomer)
                            : new BondedPad(size.get(0), size.get(1), hardness, elastomer);
                    sold.add(new Sold(row.name(), element, elastomer.usualLoss()));
                }
            }
        }
        return sold;
    }

    /** Judges one after the other on the same frame under the same engine. */
    private static final class Ranking {
        private final Job job;
        private final ShakeMaps.Setting setting;
        private final ShakenFrame frame;
        private final ShakenFrame.Known known = new ShakenFrame.Known();
        private final Excitation idle;
        private final Excitation full;
        private final double idleSpeed;
        private final double cruiseSpeed;
        private final boolean person;

        Ranking(Examination examination, ShakeMaps.Setting setting, ShakenFrame frame) {
            this.job = examination.job();
            this.setting = setting;
            this.frame = frame;
            this.idle = ShakeMaps.idle(setting);
            this.idleSpeed = setting.donor().get(0).idleSpeed();
            this.cruiseSpeed = setting.donor().get(0).cruiseSpeed();
            List<Double> speeds = ShakeMaps.speeds(setting.donor().get(0), SPEEDS);
            this.full = setting.excitation(speeds, Throttle.FULL);
            this.person = setting.watches().stream().anyMatch(watch -> watch.kind() == ShakeWatch.Kind.FRAME_VELOCITY);
        }

        Result rank(List<Sold> sold, Progress progress) {
            List<Choice> choices = new ArrayList<>();
            for (int k = 0; k < sold.size() && progress.goOn((double) k / sold.size()); k++) {
                judged(sold.get(k)).ifPresent(choices::add);
            }
            List<Choice> told = new ArrayList<>();
            for (Choice choice : choices) {
                boolean beaten = choice.strain() > 1
                        || choices.stream().anyMatch(other -> other.strain() <= 1 && beats(other, choice));
                told.add(choice.as(!beaten));
            }
            told.sort(Comparator.comparing((Choice choice) -> choice.strain() > 1)
                    .thenComparing(choice -> !choice.best())
                    .thenComparingDouble(Choice::cruise));
            return new Result(told, person, choices.size() == sold.size());
        }

        private static boolean beats(Choice a, Choice b) {
            boolean noWorse = a.idle() <= b.idle() && a.cruise() <= b.cruise() && a.motion() <= b.motion();
            return noWorse && (a.idle() < b.idle() || a.cruise() < b.cruise() || a.motion() < b.motion());
        }

        private Optional<Choice> judged(Sold sold) {
            Job fitted = job.withCradle(job.cradle()
                    .withIsolators(job.cradle().isolators().stream()
                            .map(each -> each.withElement(sold.element()).withLoss(sold.loss()))
                            .toList()));
            Optional<StaticSag> sag =
                    RigidBodyModes.solve(MountedDonor.of(fitted)).answer().map(ModesResult::sag);
            if (sag.isEmpty()) {
                return Optional.empty();
            }
            List<Mount> mounts = MountedDonor.shaking(fitted).mounts();
            OrderMap still = frame.map(mounts, setting.body(), idle, known);
            OrderMap running = frame.map(mounts, setting.body(), full, known);
            int cruise = running.nearest(cruiseSpeed);
            ShakeWatch.Kind felt = person ? ShakeWatch.Kind.FRAME_VELOCITY : ShakeWatch.Kind.MOUNT_FORCE;
            int shaft = running.of(ShakeWatch.Kind.ENGINE_MOTION).get(0);
            double[] rest = atRest(fitted, sag.get());
            return Optional.of(new Choice(
                    sold.name(),
                    sold.element(),
                    sold.loss(),
                    still.together(still.most(ShakeWatch.Kind.MOUNT_FORCE, 0).orElseThrow(), 0),
                    running.together(running.most(felt, cruise).orElseThrow(), cruise),
                    running.together(shaft, running.worstSpeed(shaft, idleSpeed)),
                    rest[0],
                    rest[1],
                    through(new MountedBody(
                            new MassProperties(
                                    setting.body().mass(),
                                    Vec3.ZERO,
                                    setting.body().inertia()),
                            mounts,
                            Vec3.ZERO)),
                    false));
        }

        private Through through(MountedBody shaking) {
            Through worst = new Through(0, 0, 0, true);
            for (boolean atIdle : new boolean[] {true, false}) {
                EngineShaking shaken = atIdle
                        ? EngineShaking.idle(shaking, setting.engines())
                        : EngineShaking.cruise(shaking, setting.engines());
                double strongest = shaken.strongestTorque().torque();
                for (EngineShaking.Order order : shaken.orders()) {
                    if (order.torque() >= STRONG * strongest && order.torqueThrough() > worst.share()) {
                        worst = new Through(order.torqueThrough(), order.order(), order.frequency(), atIdle);
                    }
                }
            }
            return worst;
        }

        /** Greatest deflection of a mount, m, and greatest strain over what is right. */
        private static double[] atRest(Job fitted, StaticSag sag) {
            double deflection = 0;
            double strain = 0;
            for (int k = 0; k < fitted.cradle().isolators().size(); k++) {
                Isolator isolator = fitted.cradle().isolators().get(k);
                Vec3 moved = sag.mounts().get(k).deflection();
                double along = Math.abs(moved.x());
                double across = Math.hypot(moved.y(), moved.z());
                deflection = Math.max(deflection, moved.length());
                MountElement.Strain each = isolator.element().strain(along, across);
                strain = Math.max(strain, each.compressive() / ShakeReport.MOST_COMPRESSIVE_STRAIN);
                strain = Math.max(strain, each.shear() / ShakeReport.MOST_SHEAR_STRAIN);
            }
            return new double[] {deflection, strain};
        }
    }
}
