package oddcradle.core.fitup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Phrase;
import oddcradle.core.hardware.HardwareItem;
import oddcradle.core.job.Job;
import oddcradle.core.job.line.Datum;
import oddcradle.core.search.LiftNotes;
import oddcradle.core.seating.Sling;
import oddcradle.core.step.fit.MountFound;
import oddcradle.core.units.Quantity;

/**
 * How this engine goes onto these mounts. Common practice: the machine is made to stand and hang right, so that nothing is pried; on rubber the lower pair first and loose; what
 * must line up is bolted first; all bolts are in before any is tight.
 */
public record FittingOrder(List<Move> moves) {
    /** Less nobody sees, rad; common practice. */
    private static final double SEEN_BY_LEVEL = Math.toRadians(0.5);

    /** A gap along a bolt that is pulled shut by that bolt, m; common practice. */
    private static final double PULLED_IN = 0.0005;

    private static final Set<HardwareItem.Kind> TIGHTENED = Set.of(HardwareItem.Kind.BOLT, HardwareItem.Kind.STUD);

    public FittingOrder {
        moves = List.copyOf(moves);
    }

    /**
     * @param title a few words
     * @param what to do, sentence by sentence
     * @param check what must be true before the next move
     */
    public record Move(String title, List<Phrase> what, Phrase check) {
        public Move {
            what = List.copyOf(what);
        }
    }

    public static FittingOrder of(Examination examination) {
        return examination.job().cradle().isolators().isEmpty()
                ? new FittingOrder(List.of())
                : new FittingOrder(new Writer(examination).moves());
    }

    private static final class Writer {
        private final Examination examination;
        private final Job job;
        private final List<MountFound> mounts;
        private final List<Move> moves = new ArrayList<>();

        Writer(Examination examination) {
            this.examination = examination;
            this.job = examination.job();
            this.mounts = examination.fit().mounts().mounts().stream()
                    .sorted(Comparator.comparing((MountFound mount) -> !isDatum(mount))
                            .thenComparingDouble(
                                    mount -> Math.rint(mount.hole().place().z() * 50))
                            .thenComparingDouble(mount -> mount.hole().place().x()))
                    .toList();
        }

        /** What must line up by a bolt of its own goes first. */
        private boolean isDatum(MountFound mount) {
            return job.line().datum().rule() == Datum.Rule.PIVOT_BOLT
                    && job.line()
                            .datum()
                            .pivot()
                            .filter(pivot -> pivot.boss().equals(mount.mount().boss()))
                            .isPresent();
        }

        List<Move> moves() {
            stand();
            hang();
            first();
            rest();
            tighten();
            look();
            return moves;
        }

        private void stand() {
            List<Phrase> what = new ArrayList<>();
            boolean flies =
                    job.line().end().filter(LineEnd.Propeller.class::isInstance).isPresent();
            what.add(
                    flies
                            ? Phrase.of(
                                    "Tie the tail to a weight and set stands under the fuselage; check tyres first, a flat one falsifies every level.")
                            : Phrase.of(
                                    "Set the machine on stands that cannot tip, or chock it; check tyres first, a flat one falsifies every level."));
            TipOver.of(examination).ifPresent(tip -> tip.states().stream()
                    .filter(state -> !state.stands())
                    .forEach(state -> what.add(tips(state))));
            moves.add(new Move(
                    "Make the machine stand",
                    what,
                    Phrase.of("It does not rock when it is pushed at the height of the engine, from all sides.")));
        }

        private static Phrase tips(TipOver.State state) {
            return state.edge() < 0
                    ? Phrase.of(
                            "With {} of the engine on it, it goes over {}: its weight lies {} outside its supports.",
                            state.carried(),
                            state.goesOver(),
                            Quantity.length(-state.edge()))
                    : Phrase.of(
                            "With {} of the engine on it, its weight lies only {} from going over {}.",
                            state.carried(),
                            Quantity.length(state.edge()),
                            state.goesOver());
        }

        private void hang() {
            Sling.Hang hang = LiftNotes.hang(job);
            List<Phrase> what = new ArrayList<>();
            what.add(Phrase.of(
                    "Hang {} ({}) by points that cannot let the straps slide; a second person guides it, nobody is under it.",
                    job.donor().name(),
                    Quantity.mass(job.donor().mass().mass())));
            if (!hang.balanced()) {
                what.add(
                        Phrase.of(
                                "These straps alone do not hold it at its angle: add a tie line, or lift by other points (Seat, Lift)."));
            }
            what.add(toItsAngle());
            moves.add(new Move(
                    "Hang the engine level with its mounts",
                    what,
                    Phrase.of("Lugs and mounts are parallel by eye and by level, before the first bolt goes in.")));
        }

        /** By how much the machine is raised at an end so that its mounts lie as the engine hangs; the engine itself is not pried. */
        private Phrase toItsAngle() {
            double nosesDown = job.seat().pitch() - job.plan().lifting().pitch();
            double[] along = job.host().supports().stream()
                    .mapToDouble(support ->
                            examination.seating().node(support.node()).x())
                    .sorted()
                    .toArray();
            double base = along.length == 0 ? 0 : along[along.length - 1] - along[0];
            if (Math.abs(nosesDown) < SEEN_BY_LEVEL || base <= 0) {
                return Phrase.of(
                        "Bring the machine to the angle of the engine, by a jack or by its tail, rather than the engine to the machine's.");
            }
            return Phrase.of(
                    nosesDown > 0
                            ? "The engine hangs {} less nose down than its seat: from level raise the front of the machine by {} (over {} between its supports) rather than pry the engine down."
                            : "The engine hangs {} more nose down than its seat: from level raise the tail of the machine by {} (over {} between its supports) rather than pry the engine up.",
                    Quantity.angle(Math.abs(nosesDown)),
                    Quantity.length(base * Math.sin(Math.abs(nosesDown))),
                    Quantity.length(base));
        }

        private List<MountFound> lower() {
            return mounts.subList(0, Math.max(1, mounts.size() / 2));
        }

        private static String names(List<MountFound> mounts) {
            return String.join(" and ", mounts.stream().map(MountFound::id).toList());
        }

        private void first() {
            boolean soft = job.cradle().isSoft();
            List<Phrase> what = new ArrayList<>();
            what.add(
                    isDatum(mounts.get(0))
                            ? Phrase.of(
                                    "{} first: its bolt is what everything lines up with.",
                                    mounts.get(0).id())
                            : Phrase.of(
                                    soft
                                            ? "{} first, the lower ones; their nuts stay loose by half the rubber, so that nothing is pried."
                                            : "{} first, the lowest at the rear; finger tight, so that the engine still swings about them.",
                                    names(lower())));
            for (MountFound mount : lower()) {
                shims(mount).ifPresent(what::add);
            }
            moves.add(new Move(
                    "First bolts, loose",
                    what,
                    Phrase.of(
                            soft
                                    ? "Rubber sits in its cup all round and is not pinched; the upper mounts are still free."
                                    : "The bolts turn by hand.")));
        }

        private void rest() {
            List<MountFound> others = mounts.subList(lower().size(), mounts.size());
            if (others.isEmpty()) {
                return;
            }
            List<Phrase> what = new ArrayList<>();
            what.add(Phrase.of(
                    "Let it down and swing it until {} stand before their holes; wiggle, do not pry.", names(others)));
            for (MountFound mount : others) {
                shims(mount).ifPresent(what::add);
            }
            mounts.stream()
                    .filter(mount -> mount.measured() && mount.lacks() > PULLED_IN)
                    .max(Comparator.comparingDouble(MountFound::lacks))
                    .ifPresent(mount -> what.add(Phrase.of(
                            "{} is still {} away: shim it; if it must be drawn in, do it by a longer bolt threaded to its head, a turn at a time, and know that the force stays.",
                            mount.id(),
                            Quantity.length(mount.lacks()))));
            moves.add(new Move(
                    "The other bolts", what, Phrase.of("All bolts are in and none is tight; none had to be driven.")));
        }

        private Optional<Phrase> shims(MountFound mount) {
            return mount.fitted() > 0
                    ? Optional.of(
                            Phrase.of("{} gets its {} of shims now.", mount.id(), Quantity.length(mount.fitted())))
                    : Optional.empty();
        }

        private void tighten() {
            List<Phrase> what = new ArrayList<>();
            for (MountFound mount : mounts) {
                examination.hardware().items().stream()
                        .filter(item -> item.mount().equals(mount.id()) && TIGHTENED.contains(item.kind()))
                        .filter(item -> item.fastening().isPresent())
                        .findFirst()
                        .ifPresent(bolt -> what.add(Phrase.of(
                                bolt.kind() == HardwareItem.Kind.STUD
                                        ? "{}: a second spanner on its plate, so that the rubber is not wound up; no more than {}."
                                        : mount.mount().element().isHard()
                                                ? "{}: {} dry, or as its maker says."
                                                : "{}: until its sleeve comes to a stop, which the hand feels; then {} dry, or as its maker says.",
                                mount.id(),
                                Quantity.torque(bolt.fastening().orElseThrow().torque()))));
            }
            if (what.isEmpty()) {
                what.add(Phrase.of("Tighten in turn, a little each, to the figures of the mounts' maker."));
            }
            moves.add(new Move(
                    "Tighten in turn, a little each",
                    what,
                    Phrase.of("No lug had to follow its bolt; trimmed washers have not turned towards the casting.")));
        }

        private void look() {
            moves.add(new Move(
                    "Straps off, and look all round",
                    List.of(
                            Phrase.of(
                                    "Slacken the hoist little by little and watch the mounts; take the straps off last."),
                            Phrase.of(
                                    "Hold feeler, dial or straight-edge to the line again, now that the engine stands on its own.")),
                    Phrase.of("Nothing touches that did not before; the line is where the sheet wants it.")));
        }
    }
}
