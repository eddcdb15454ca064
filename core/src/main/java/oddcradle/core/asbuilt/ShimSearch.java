package oddcradle.core.asbuilt;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import oddcradle.core.asbuilt.ShimStacks.Stack;
import oddcradle.core.control.Progress;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;

/**
 * Which shims bring the body right: every combination of the stacks that come near what each mount lacks, with the engine pulled down on them and pushed across as far as its bolts let it, is held against the line and the
 * gaps. Both where the body is drawn, and with all of it lifted until no mount would have to come down, because a drive plane asks nothing of the height.
 *
 * <p>The fewest pieces that do are the best; among as many, those that leave line and bolts nearest. Exhaustive over what it tries.
 */
public final class ShimSearch {
    /** Combinations that are tried at most. */
    public static final int MOST = 10_000;

    private static final int ANSWERS = 5;
    private static final int EVERY = 512;

    private ShimSearch() {}

    /**
     * @param body on its holes
     * @param holes with nothing added
     * @param gaps what each mount may be left off its boss along the bolt, pulled shut or squeezed, m
     * @param stacks of the shop
     * @param aims of the line; none where it asks nothing
     * @param rooms that must stay open
     */
    public record Input(
            BodyOnHoles body,
            List<Hole> holes,
            List<Double> gaps,
            ShimStacks stacks,
            List<Aim> aims,
            List<Room> rooms) {
        public Input {
            holes = List.copyOf(holes);
            gaps = List.copyOf(gaps);
            aims = List.copyOf(aims);
            rooms = List.copyOf(rooms);
        }
    }

    /**
     * One way of shimming.
     *
     * @param stacks in the order of the holes
     * @param motion of the body from where it is drawn
     * @param line worst aim as a share of its tolerance; 0 without any
     * @param left worst gap along a bolt as a share of what it may be
     * @param room least of what is left of the gaps round the body, m; infinite without any
     */
    public record Answer(List<Stack> stacks, SmallMotion motion, double line, double left, double room) {
        public Answer {
            stacks = List.copyOf(stacks);
        }

        public boolean holds() {
            return line <= 1 && left <= 1 && room >= 0;
        }

        /** Pieces in all, a count. */
        public int pieces() {
            return stacks.stream().mapToInt(stack -> stack.pieces().size()).sum();
        }

        /** Of all stacks together, a sum by definition, m. */
        public double thickness() {
            return stacks.stream().mapToDouble(Stack::thickness).sum();
        }
    }

    /**
     * @param best the best few, best first
     * @param tried how many were looked at
     */
    public record Result(List<Answer> best, int tried) {
        public Result {
            best = List.copyOf(best);
        }
    }

    /** @throws Progress.Cancelled if the watcher ends it */
    public static Result of(Input input, Progress progress) {
        List<List<Stack>> choices = choices(input);
        double[] reach = input.aims().stream()
                .mapToDouble(aim -> input.body().reach(aim, input.holes()))
                .toArray();
        int all = choices.stream().mapToInt(List::size).reduce(1, (a, b) -> a * b);
        List<Answer> best = new ArrayList<>();
        int[] at = new int[choices.size()];
        for (int tried = 0; tried < all; tried++) {
            Answer answer = judged(input, reach, choices, at);
            keep(best, answer);
            for (int k = 0; k < at.length && ++at[k] == choices.get(k).size(); k++) {
                at[k] = 0;
            }
            if (tried % EVERY == 0) {
                progress.report((double) tried / all);
            }
        }
        progress.report(1);
        return new Result(best, all);
    }

    private static void keep(List<Answer> best, Answer answer) {
        int place = Collections.binarySearch(best, answer, ORDER);
        int where = place < 0 ? -place - 1 : place;
        if (where < ANSWERS) {
            best.add(where, answer);
            if (best.size() > ANSWERS) {
                best.remove(ANSWERS);
            }
        }
    }

    private static final Comparator<Answer> ORDER = Comparator.comparing((Answer each) -> !each.holds())
            .thenComparingDouble(each -> each.holds() ? each.pieces() : excess(each))
            .thenComparingDouble(each -> Math.max(each.line(), each.left()))
            .thenComparingDouble(Answer::thickness);

    /** How far it is from holding; a millimetre that a gap lacks weighs as much as a whole tolerance. */
    private static double excess(Answer answer) {
        return Math.max(answer.line() - 1, 0) + Math.max(answer.left() - 1, 0) + Math.max(0, -answer.room()) * 1000;
    }

    private static Answer judged(Input input, double[] reach, List<List<Stack>> choices, int[] at) {
        List<Stack> stacks = new ArrayList<>();
        List<Vec3> offsets = new ArrayList<>();
        for (int k = 0; k < at.length; k++) {
            Stack stack = choices.get(k).get(at[k]);
            stacks.add(stack);
            Hole hole = input.holes().get(k);
            offsets.add(hole.beyondPlay().along(hole.up(), hole.off().dot(hole.up()) + stack.thickness()));
        }
        SmallMotion motion = input.body().follow(offsets);
        double line = 0;
        for (int k = 0; k < reach.length; k++) {
            line = Math.max(line, input.aims().get(k).share(motion, reach[k]));
        }
        double room = Double.POSITIVE_INFINITY;
        for (Room each : input.rooms()) {
            room = Math.min(room, each.left(motion));
        }
        double left = 0;
        for (int k = 0; k < at.length; k++) {
            Hole hole = input.holes().get(k);
            double off = motion.at(hole.place()).minus(offsets.get(k)).dot(hole.up());
            left = Math.max(left, Math.abs(off) / input.gaps().get(k));
        }
        return new Answer(stacks, motion, line, left, room);
    }

    /** For each mount nothing, and what comes nearest to what it lacks as drawn and lifted; of very many mounts only what comes nearest. */
    private static List<List<Stack>> choices(Input input) {
        double deepest = 0;
        for (Hole hole : input.holes()) {
            deepest = Math.max(deepest, hole.off().dot(hole.up()));
        }
        int each = (int) Math.floor(Math.pow(MOST, 1.0 / input.holes().size()));
        int near = Math.max(1, (each - 1) / 2);
        List<List<Stack>> choices = new ArrayList<>();
        for (Hole hole : input.holes()) {
            double lacks = -hole.off().dot(hole.up());
            if (each < 2) {
                choices.add(List.of(input.stacks().nearest(lacks)));
                continue;
            }
            Set<Stack> some = new LinkedHashSet<>(List.of(Stack.NONE));
            some.addAll(input.stacks().nearest(lacks, near));
            some.addAll(input.stacks().nearest(lacks + deepest, near));
            some.addAll(input.stacks().nearest(lacks, each));
            choices.add(some.stream().limit(each).toList());
        }
        return choices;
    }
}
