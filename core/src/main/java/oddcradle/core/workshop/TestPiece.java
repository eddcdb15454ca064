package oddcradle.core.workshop;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import oddcradle.core.finding.Phrase;
import oddcradle.core.units.Quantity;

/**
 * A piece that is welded and broken before the first seam of its sort is laid: one for each process, filler and leg.
 *
 * <p>Fracture test of a fillet after ISO 9017, what may be seen of it after ISO 5817, level C; both from memory.
 *
 * @param mark T1, T2 and so on
 * @param welds marks of the seams that it stands for, in their order
 * @param way of doing it
 * @param leg of the fillet, m
 */
public record TestPiece(String mark, List<String> welds, WeldWay way, double leg) {
    /** Of the seam and of both strips along it, m; common practice. */
    private static final double LENGTH = 0.1;

    private static final double WIDTH = 0.05;

    /** Throat of a fillet with equal legs over its leg. */
    private static final double THROAT = Math.sqrt(0.5);

    /** Undercut that may be left, of the leg; ISO 5817 level C tells it of the wall, from memory. */
    private static final double UNDERCUT = 0.1;

    public TestPiece {
        welds = List.copyOf(welds);
    }

    private record Sort(WeldWay way, long tenths) {}

    /** None where nothing is welded. */
    public static List<TestPiece> of(WeldMap map) {
        Map<Sort, List<WeldMap.Weld>> sorts = new LinkedHashMap<>();
        for (WeldMap.Weld weld : map.welds()) {
            sorts.computeIfAbsent(new Sort(weld.way(), Math.round(1e4 * weld.leg())), first -> new ArrayList<>())
                    .add(weld);
        }
        List<TestPiece> pieces = new ArrayList<>();
        sorts.forEach((sort, welds) -> pieces.add(new TestPiece(
                "T" + (pieces.size() + 1),
                welds.stream().map(WeldMap.Weld::mark).toList(),
                sort.way(),
                welds.get(0).leg())));
        return pieces;
    }

    /** How it is made. */
    public Phrase make() {
        return Phrase.of(
                "Two off-cuts of the same stock, {} by {}, one upright in the middle of the other; one side only, {}, {} of {}, leg {}, stopped once half way and begun again.",
                Quantity.length(LENGTH),
                Quantity.length(WIDTH),
                way.process(),
                way.filler(),
                Quantity.length(way.size()),
                Quantity.length(leg));
    }

    /** What it must show before the first seam is laid. */
    public Phrase look() {
        return Phrase.of(
                "Cut it across in the middle and file it smooth: both legs {} or more, {} from the root to the face, undercut no deeper than {}. Bend the upright down over the weld: it lies flat, or what breaks shows metal that ran together down to the root, all along.",
                Quantity.length(leg),
                Quantity.length(THROAT * leg),
                Quantity.fine(UNDERCUT * leg));
    }
}
