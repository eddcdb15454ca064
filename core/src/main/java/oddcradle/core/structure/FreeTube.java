package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import oddcradle.core.frame.EndForces;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.section.Section;
import oddcradle.core.strength.Column;

/**
 * One straight piece of a tube between its joints: how far it stands free, and where it is welded.
 *
 * @param column as long as nothing holds it aside: pieces in one line with nothing but a mount between them count together
 * @param weldedEnds 0 for its first end, 1 for its second
 */
record FreeTube(Section section, Column column, List<Double> weldedEnds) {
    /** Cosine of the bend up to which two pieces count as one column; a sharper one holds as a frame does. */
    private static final double STRAIGHT = Math.cos(Math.toRadians(20));

    FreeTube {
        weldedEnds = List.copyOf(weldedEnds);
    }

    /** Of every piece of a frame, by its id. */
    static Map<String, FreeTube> of(CradleFrame.Built built) {
        Map<String, Set<String>> tubesAt = new HashMap<>();
        Set<String> welded = new HashSet<>();
        for (FrameMember piece : built.input().members()) {
            String tube = built.memberOfPiece().get(piece.id());
            tubesAt.computeIfAbsent(piece.i(), node -> new HashSet<>()).add(tube);
            tubesAt.computeIfAbsent(piece.j(), node -> new HashSet<>()).add(tube);
        }
        tubesAt.forEach((node, tubes) -> {
            if (tubes.size() > 1) {
                welded.add(node);
            }
        });
        Set<String> held = new HashSet<>(welded);
        built.input().supports().forEach(support -> held.add(support.node()));
        // The tabs of a mount are welded on.
        built.input().mounts().forEach(mount -> welded.add(mount.frameNode()));
        Map<String, FreeTube> free = new HashMap<>();
        List<FrameMember> pieces = built.input().members();
        int from = 0;
        while (from < pieces.size()) {
            int to = from + 1;
            while (to < pieces.size() && runsOn(built, pieces.get(to - 1), pieces.get(to), held)) {
                to++;
            }
            double length = 0;
            for (FrameMember piece : pieces.subList(from, to)) {
                length += length(built, piece);
            }
            for (FrameMember piece : pieces.subList(from, to)) {
                List<Double> ends = new ArrayList<>();
                if (piece.jointI().carriesAll() && welded.contains(piece.i())) {
                    ends.add(0.0);
                }
                if (piece.jointJ().carriesAll() && welded.contains(piece.j())) {
                    ends.add(1.0);
                }
                free.put(
                        piece.id(),
                        new FreeTube(piece.section(), Column.of(piece.section(), piece.material(), length), ends));
            }
            from = to;
        }
        return free;
    }

    private static boolean runsOn(CradleFrame.Built built, FrameMember piece, FrameMember next, Set<String> held) {
        return piece.j().equals(next.i())
                && built.memberOfPiece()
                        .get(piece.id())
                        .equals(built.memberOfPiece().get(next.id()))
                && !held.contains(piece.j())
                && built.wayOf(piece.id()).dot(built.wayOf(next.id())) > STRAIGHT;
    }

    private static double length(CradleFrame.Built built, FrameMember piece) {
        CradleFrame.Ends ends = built.ends().get(piece.id());
        return ends.to().minus(ends.from()).length();
    }

    /** Von Mises at an end, Pa; transverse shear left out. */
    double misesAt(EndForces end) {
        double along = Math.abs(end.force().x()) / section.area()
                + section.bendingStress(end.moment().y(), end.moment().z());
        double torsion = section.torsionStress(end.moment().x());
        return Math.sqrt(along * along + 3 * torsion * torsion);
    }
}
