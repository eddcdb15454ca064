package oddcradle.core.shop;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.math.Vec3;

/**
 * Flat cuts of a saw or grinder that do for a saddle: each from one flank to the middle, where a wedge falls out. Seen along the header they are tangents of its circle, each touching half-way between
 * the middle and the branch's flank, so that the light is the same at both: {@code sin a = r / (2 R)}, which for equal tubes is the 30 degrees
 * of common practice.
 *
 * @param cuts two, or one where the header passes wholly to one side
 * @param light widest gap left between tube and header, m
 */
public record FlatCuts(List<FlatCut> cuts, double light) {
    private static final double TURN = 2 * Math.PI;

    public FlatCuts {
        cuts = List.copyOf(cuts);
    }

    /**
     * @param offSquare what the saw is set away from a square cut, rad
     * @param tongue where on the wrap the saw enters and the tube stays longest, rad, 0 to a turn; the saw stops where it meets the other cut
     * @param middle where its plane meets the tube's centre line, m from the branch's point
     */
    public record FlatCut(double offSquare, double tongue, double middle) {
        /**
         * Where the cut leaves the tube's outside, m along the tube.
         *
         * @param radius of the tube, m
         * @param phi place on the wrap, rad
         */
        public double end(double radius, double phi) {
            return middle - radius * Math.tan(offSquare) * Math.cos(phi - tongue);
        }
    }

    /**
     * @param branch a round tube no wider than the header
     * @param header not parallel to it
     */
    public static FlatCuts of(CopeBranch branch, CopeHeader.Round header) {
        Vec3 up = branch.direction().withoutPartAlong(header.direction()).unit();
        Vec3 side = header.direction().cross(up);
        double radius = branch.section().outerRadius();
        double offset = branch.point().minus(header.point()).dot(side);
        List<FlatCut> cuts = new ArrayList<>();
        double light = 0;
        for (int sign : new int[] {1, -1}) {
            double flank = radius + sign * offset;
            if (flank <= 0) {
                continue;
            }
            double tangent = Math.asin(Math.min(1, flank / (2 * header.radius())));
            Vec3 normal = up.times(Math.cos(tangent)).along(side, sign * Math.sin(tangent));
            cuts.add(cut(branch, header, normal));
            light = Math.max(light, header.radius() / Math.cos(tangent) - header.radius());
        }
        return new FlatCuts(cuts, light);
    }

    private static FlatCut cut(CopeBranch branch, CopeHeader.Round header, Vec3 normal) {
        double along = branch.direction().dot(normal);
        double reference = branch.reference().dot(normal);
        double quarter = branch.quarter().dot(normal);
        double tongue = Math.atan2(quarter, reference);
        return new FlatCut(
                Math.atan2(Math.hypot(reference, quarter), along),
                tongue < 0 ? tongue + TURN : tongue,
                (header.radius() - branch.point().minus(header.point()).dot(normal)) / along);
    }
}
