package oddcradle.core.job.body;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import oddcradle.core.geometry.RoundedPath;
import oddcradle.core.geometry.Solid;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/**
 * A pipe or hose along its centre-line: straight runs from corner to corner, each corner rounded by the bend radius.
 *
 * @param corners of the centre-line, donor axes, m; two or more
 * @param bendRadius of the centre-line, m; 0 for mitred corners
 * @param diameter outside, m
 */
@RecordBuilder
public record Pipe(String id, String label, Category category, List<Vec3> corners, double bendRadius, double diameter)
        implements PipeBuilder.With {
    private static final int PIECES_PER_BEND = 4;

    /** Bends that fill a run to less than this are as good as a fit, m. */
    private static final double SPARE = 1e-6;

    public Pipe {
        Guard.named("id", id);
        Guard.named("label", label);
        Guard.present("category", category);
        corners = List.copyOf(Guard.present("corners", corners));
        Guard.notNegative("bendRadius", bendRadius, "m");
        Guard.positive("diameter", diameter, "m");
        if (corners.size() < 2) {
            throw new InvalidValue("corners", "are " + corners.size() + ", a pipe runs through at least two");
        }
        for (int k = 1; k < corners.size(); k++) {
            double run = corners.get(k).distanceTo(corners.get(k - 1));
            double needed =
                    RoundedPath.tangent(corners, k - 1, bendRadius) + RoundedPath.tangent(corners, k, bendRadius);
            if (!(run > 0) || needed > run + SPARE) {
                throw new InvalidValue(
                        "corners[" + k + "]",
                        String.format(
                                Locale.ROOT,
                                "is %.1f mm from the corner before, the bends at both take %.1f mm; use a smaller bend radius or"
                                        + " move a corner",
                                run * 1000,
                                needed * 1000));
            }
        }
    }

    /** Length along the centre-line, m: runs less their tangents, and arcs {@code R angle}. */
    public double length() {
        double length = 0;
        for (int k = 1; k < corners.size(); k++) {
            length += corners.get(k).distanceTo(corners.get(k - 1));
        }
        for (int k = 1; k < corners.size() - 1; k++) {
            length += bendRadius * RoundedPath.turn(corners, k) - 2 * RoundedPath.tangent(corners, k, bendRadius);
        }
        return length;
    }

    /** The centre-line as short straight pieces. */
    public List<Vec3> centreLine() {
        return RoundedPath.of(corners, bendRadius, PIECES_PER_BEND);
    }

    /** The room it takes: a chain of capsules. */
    public Part part() {
        return new Part(id, label, category, solids());
    }

    /** The same as bare solids, however far it runs. */
    public List<Solid> solids() {
        List<Vec3> line = centreLine();
        List<Solid> solids = new ArrayList<>();
        for (int k = 1; k < line.size(); k++) {
            if (!line.get(k).equals(line.get(k - 1))) {
                solids.add(new Solid.Capsule(line.get(k - 1), line.get(k), diameter / 2));
            }
        }
        return solids;
    }
}
