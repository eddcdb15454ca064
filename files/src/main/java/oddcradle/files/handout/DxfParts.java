package oddcradle.files.handout;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.shop.CopeResult;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.step.make.TubeEnd;
import oddcradle.core.workshop.PlatePart;
import oddcradle.files.drawing.FlatPoint;

/** Plates and cope wraps as DXF for whoever cuts by machine: side by side, cut lines, holes and marks on layers of their own. */
public final class DxfParts {
    private static final String CUT = "CUT";
    private static final String HOLE = "HOLE";
    private static final String MARK = "MARK";
    private static final double APART = 0.012;
    private static final double LETTERS = 0.004;
    private static final double GRIP = 0.018;

    private DxfParts() {}

    private record Piece(String mark, List<FlatPoint> edge, List<FlatPoint> holes, List<Double> radii) {
        double left() {
            return edge.stream().mapToDouble(FlatPoint::x).min().orElse(0);
        }

        double width() {
            return edge.stream().mapToDouble(FlatPoint::x).max().orElse(0) - left();
        }

        double bottom() {
            return edge.stream().mapToDouble(FlatPoint::y).min().orElse(0);
        }

        double height() {
            return edge.stream().mapToDouble(FlatPoint::y).max().orElse(0) - bottom();
        }
    }

    /** @throws InvalidValue if there is none */
    public static String plates(List<PlatePart> plates) {
        List<Piece> pieces = new ArrayList<>();
        for (PlatePart plate : plates) {
            for (int k = 0; k < plate.count(); k++) {
                pieces.add(new Piece(
                        plate.mark() + " " + Math.round(plate.thickness() * 10000) / 10.0 + " mm",
                        plate.outline().edge().stream()
                                .map(point -> new FlatPoint(point.x(), point.y()))
                                .toList(),
                        plate.outline().holes().stream()
                                .map(hole -> new FlatPoint(hole.x(), hole.y()))
                                .toList(),
                        plate.outline().holes().stream()
                                .map(hole -> hole.diameter() / 2)
                                .toList()));
            }
        }
        return drawn("plates", pieces);
    }

    /** @throws InvalidValue if no end is coped */
    public static String wraps(List<CutTube> tubes) {
        List<Piece> pieces = new ArrayList<>();
        for (CutTube tube : tubes) {
            for (TubeEnd end : tube.ends()) {
                end.cope()
                        .ifPresent(cope -> pieces.add(
                                new Piece(tube.tube().id() + " at " + end.node(), edge(cope), List.of(), List.of())));
            }
        }
        return drawn("wraps", pieces);
    }

    private static List<FlatPoint> edge(CopeResult cope) {
        double least = cope.deepest().orElse(0);
        int steps = cope.around().size();
        List<FlatPoint> edge = new ArrayList<>();
        for (int k = 0; k <= steps; k++) {
            double x = k == steps ? cope.perimeter() : cope.around().get(k);
            edge.add(new FlatPoint(x, cope.fit().get(k % steps).orElse(least) - least));
        }
        edge.add(new FlatPoint(cope.perimeter(), cope.depth() + GRIP));
        edge.add(new FlatPoint(0, cope.depth() + GRIP));
        return edge;
    }

    private static String drawn(String what, List<Piece> pieces) {
        if (pieces.isEmpty()) {
            throw new InvalidValue(what, "has none yet; there is nothing to write");
        }
        double width =
                pieces.stream().mapToDouble(piece -> piece.width() + APART).sum();
        double height = pieces.stream().mapToDouble(Piece::height).max().orElse(0);
        DxfText dxf = new DxfText(
                new FlatPoint(0, 0),
                new FlatPoint(width, height + 2 * LETTERS),
                new TreeMap<>(Map.of(CUT, 7, HOLE, 5, MARK, 8)));
        double at = 0;
        for (Piece piece : pieces) {
            double x = at - piece.left();
            double y = -piece.bottom();
            dxf.outline(
                    CUT,
                    piece.edge().stream()
                            .map(point -> new FlatPoint(point.x() + x, point.y() + y))
                            .toList(),
                    true);
            for (int k = 0; k < piece.holes().size(); k++) {
                FlatPoint hole = piece.holes().get(k);
                dxf.circle(
                        HOLE,
                        new FlatPoint(hole.x() + x, hole.y() + y),
                        piece.radii().get(k));
            }
            dxf.words(MARK, new FlatPoint(at, piece.height() + LETTERS / 2), LETTERS, piece.mark());
            at += piece.width() + APART;
        }
        return dxf.done();
    }
}
