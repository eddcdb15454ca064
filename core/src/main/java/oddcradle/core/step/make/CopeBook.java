package oddcradle.core.step.make;

import java.util.List;
import oddcradle.core.control.Remembered;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Tube;
import oddcradle.core.shop.Cope;
import oddcradle.core.shop.CopeBranch;
import oddcradle.core.shop.CopeHeader;
import oddcradle.core.shop.CopeResult;

/**
 * The copes of one examination by their shape seen from the joint. A tube that only moves along with its joint keeps its
 * cut, so a later examination finds most of its copes in an earlier one's book.
 */
public final class CopeBook {
    /** Shapes that differ by less than this are the same cut, m and parts of one. */
    private static final double GRID = 1e-12;

    private final Remembered<Cut, CopeResult> cuts;

    private record Cut(CopeBranch branch, List<CopeHeader> headers) {}

    private CopeBook(Remembered<Cut, CopeResult> cuts) {
        this.cuts = cuts;
    }

    /** Without a single cope in it. */
    public static CopeBook empty() {
        return new CopeBook(Remembered.nothing());
    }

    /** A book that takes over the copes of this one. */
    public CopeBook next() {
        return new CopeBook(cuts.next());
    }

    /**
     * @param joint where the branch's axis meets the headers, m
     * @param direction from the joint into the tube
     * @param reference where the wrap begins
     */
    CopeResult cope(Vec3 joint, Vec3 direction, Vec3 reference, Tube tube, List<CopeHeader> headers) {
        List<CopeHeader> seen =
                headers.stream().map(header -> seenFrom(joint, header)).toList();
        CopeBranch branch = new CopeBranch(Vec3.ZERO, onGrid(direction), tube.od() / 2, tube.wall(), reference);
        return cuts.of(new Cut(branch, seen), cut -> Cope.of(cut.branch(), cut.headers(), Cope.USUAL_STEPS));
    }

    /** The header by the point of its axis that is nearest to the joint. */
    private static CopeHeader seenFrom(Vec3 joint, CopeHeader header) {
        Vec3 foot = header.point().minus(joint).withoutPartAlong(header.direction());
        return new CopeHeader(onGrid(foot), onGrid(header.direction()), header.radius());
    }

    private static Vec3 onGrid(Vec3 v) {
        return new Vec3(Math.rint(v.x() / GRID) * GRID, Math.rint(v.y() / GRID) * GRID, Math.rint(v.z() / GRID) * GRID);
    }
}
