package oddcradle.core.fitup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import oddcradle.core.asbuilt.Aim;
import oddcradle.core.asbuilt.BodyOnHoles;
import oddcradle.core.asbuilt.Hole;
import oddcradle.core.asbuilt.Seated;
import oddcradle.core.asbuilt.ShimStacks.Stack;

/**
 * As few holes opened as it takes, the worst first; how far is known once the body lies on the others.
 *
 * @param holes with those that are opened free of their bolts
 * @param which of them, in the order of opening
 */
record HolesOpened(List<Hole> holes, List<Integer> which) {
    /** Play of a hole that is going to be opened as far as it takes, m. */
    private static final double NO_HOLD = 1;

    /** A bolt that has used up more of its play holds the body off its line. */
    private static final double AT_ITS_END = 0.98;

    HolesOpened {
        holes = List.copyOf(holes);
        which = List.copyOf(which);
    }

    static HolesOpened none(List<Hole> holes) {
        return new HolesOpened(holes, List.of());
    }

    /** Until every other bolt goes in by hand. */
    static HolesOpened byHand(List<Hole> holes) {
        HolesOpened opened = none(holes);
        Seated hand = BodyOnHoles.byHand(opened.holes()).on(opened.holes());
        while (hand.worstAcross(opened.holes()) > Seated.WITH_A_TAP
                && opened.which().size() < holes.size()) {
            opened = opened.and(hand.worst(opened.holes()));
            hand = BodyOnHoles.byHand(opened.holes()).on(opened.holes());
        }
        return opened;
    }

    /** Until no bolt at the end of its play holds the body off its line. */
    HolesOpened forTheLine(BodyOnHoles body, List<Aim> aims) {
        HolesOpened opened = this;
        Optional<Integer> holding = opened.holding(body.on(holes), aims);
        while (holding.isPresent()) {
            opened = opened.and(holding.get());
            holding = opened.holding(body.on(opened.holes()), aims);
        }
        return opened;
    }

    HolesOpened shimmed(List<Stack> stacks) {
        return new HolesOpened(
                IntStream.range(0, holes.size())
                        .mapToObj(k -> holes.get(k).shimmed(stacks.get(k).thickness()))
                        .toList(),
                which);
    }

    /** Worst aim as a share of its tolerance; 0 without any. */
    static double line(Seated tight, List<Aim> aims) {
        return aims.stream()
                .mapToDouble(aim -> aim.share(tight.motion(), 0))
                .max()
                .orElse(0);
    }

    private HolesOpened and(int hole) {
        List<Hole> more = new ArrayList<>(holes);
        more.set(hole, holes.get(hole).withPlay(NO_HOLD));
        List<Integer> all = new ArrayList<>(which);
        all.add(hole);
        return new HolesOpened(more, all);
    }

    private Optional<Integer> holding(Seated tight, List<Aim> aims) {
        if (line(tight, aims) <= 1) {
            return Optional.empty();
        }
        return IntStream.range(0, holes.size())
                .boxed()
                .filter(k ->
                        tight.play().get(k).length() > AT_ITS_END * holes.get(k).play())
                .max(Comparator.comparingDouble(k ->
                        holes.get(k).off().withoutPartAlong(holes.get(k).up()).length()));
    }
}
