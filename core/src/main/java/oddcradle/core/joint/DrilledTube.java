package oddcradle.core.joint;

import java.util.OptionalDouble;
import oddcradle.core.math.Guard;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Tube;

/**
 * What is left of a tube where a hole goes straight through both its walls: net section, thin wall on its middle line; the sharp rise of
 * stress at the hole's edge is a matter of fatigue and not in it. Common practice.
 *
 * @param area m2
 * @param acrossHole section modulus for bending that works the drilled walls hardest, m3
 * @param alongHole for bending that works the walls beside them hardest, m3
 * @param edge of a round tube: angle from the hole's axis to its edge, rad; empty for a box, whose corners both bendings reach
 */
public record DrilledTube(double area, double acrossHole, double alongHole, OptionalDouble edge) {

    /** @param hole diameter, m, less than the tube's inside */
    public static DrilledTube of(Tube tube, double hole) {
        Guard.within("hole", hole, 0, tube.od() - 2 * tube.wall(), "m");
        double r = (tube.od() - tube.wall()) / 2;
        double gone = Math.asin(Math.min(1, hole / (2 * r)));
        double arc = 2 * gone;
        double ring = r * r * r * tube.wall();
        return new DrilledTube(
                2 * r * tube.wall() * (Math.PI - arc),
                ring * (Math.PI - arc - Math.sin(arc)) / (r * Math.cos(gone) + tube.wall() / 2),
                ring * (Math.PI - arc + Math.sin(arc)) / (tube.od() / 2),
                OptionalDouble.of(gone));
    }

    /**
     * @param hole diameter, m, less than the drilled walls are wide inside
     * @param sideways whether it goes along the section's y
     */
    public static DrilledTube of(RectTube tube, double hole, boolean sideways) {
        double wide = sideways ? tube.h() : tube.b();
        double deep = sideways ? tube.b() : tube.h();
        Guard.within("hole", hole, 0, wide - 2 * tube.wall(), "m");
        double lost = hole * tube.wall();
        double arm = (deep - tube.wall()) / 2;
        double across = sideways ? tube.secondMomentZ() : tube.secondMomentY();
        double along = sideways ? tube.secondMomentY() : tube.secondMomentZ();
        return new DrilledTube(
                tube.area() - 2 * lost,
                (across - 2 * lost * (arm * arm + tube.wall() * tube.wall() / 12)) / (deep / 2),
                (along - 2 * lost * hole * hole / 12) / (wide / 2),
                OptionalDouble.empty());
    }

    /**
     * Greatest stress, Pa; beam theory on what is left, common practice.
     *
     * @param force along the tube, N
     * @param across moment that works the drilled walls hardest, N m
     * @param along the other one, N m
     */
    public double stress(double force, double across, double along) {
        double atEdge = Math.abs(across) / acrossHole;
        double beside = Math.abs(along) / alongHole;
        return Math.abs(force) / area
                + (edge.isPresent() ? round(atEdge, beside, edge.getAsDouble()) : atEdge + beside);
    }

    /** Greatest on the arc that is left, which begins at the hole's edge. */
    private static double round(double atEdge, double beside, double edge) {
        double across = atEdge / Math.cos(edge);
        return Math.atan2(beside, across) >= edge ? Math.hypot(across, beside) : atEdge + beside * Math.sin(edge);
    }
}
