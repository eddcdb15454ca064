package oddcradle.core.step.make;

import java.util.List;
import oddcradle.core.control.Remembered;
import oddcradle.core.math.Vec3;
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

    CopeResult cope(CopeBranch branch, List<CopeHeader> headers) {
        List<CopeHeader> seen = headers.stream()
                .map(header -> onGrid(header.seenFrom(branch.point())))
                .toList();
        CopeBranch here =
                new CopeBranch(Vec3.ZERO, onGrid(branch.direction()), branch.section(), onGrid(branch.reference()));
        return cuts.of(new Cut(here, seen), cut -> Cope.of(cut.branch(), cut.headers(), Cope.USUAL_STEPS));
    }

    private static CopeHeader onGrid(CopeHeader header) {
        if (header instanceof CopeHeader.Round round) {
            return new CopeHeader.Round(onGrid(round.point()), onGrid(round.direction()), round.radius());
        }
        if (header instanceof CopeHeader.Box box) {
            return new CopeHeader.Box(
                    onGrid(box.point()), onGrid(box.direction()), onGrid(box.up()), box.width(), box.height());
        }
        if (header instanceof CopeHeader.Bent bent) {
            return new CopeHeader.Bent(
                    bent.line().stream().map(CopeBook::onGrid).toList(), bent.radius());
        }
        if (header instanceof CopeHeader.Ended ended) {
            return new CopeHeader.Ended(onGrid(ended.whole()), onGrid(ended.end()), onGrid(ended.outward()));
        }
        CopeHeader.Face face = (CopeHeader.Face) header;
        return new CopeHeader.Face(onGrid(face.point()), onGrid(face.normal()));
    }

    private static Vec3 onGrid(Vec3 v) {
        return new Vec3(Math.rint(v.x() / GRID) * GRID, Math.rint(v.y() / GRID) * GRID, Math.rint(v.z() / GRID) * GRID);
    }
}
