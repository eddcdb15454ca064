package oddcradle.core.section;

import java.util.ArrayList;
import java.util.List;

/**
 * A place on a section's surface where bending may be greatest, for stresses that must be added with their signs.
 *
 * @param perMomentY stress for a moment about local y, 1/m3
 * @param perMomentZ stress for a moment about local z, 1/m3
 */
public record Fibre(double perMomentY, double perMomentZ) {
    /** Round sections have no corners: their fibres lie so far out that what is between two of them is never stressed more. */
    private static final int AROUND = 16;

    /** Corners of a box or bar, else a ring of fibres; together never less than {@link Section#bendingStress}, nor 2 % more. */
    public static List<Fibre> of(Section section) {
        double y = section.bendingStress(1, 0);
        double z = section.bendingStress(0, 1);
        if (section instanceof RectTube || section instanceof Rect) {
            return List.of(new Fibre(y, z), new Fibre(y, -z), new Fibre(-y, z), new Fibre(-y, -z));
        }
        List<Fibre> ring = new ArrayList<>();
        double out = 1 / Math.cos(Math.PI / AROUND);
        for (int k = 0; k < AROUND; k++) {
            double angle = 2 * Math.PI * k / AROUND;
            ring.add(new Fibre(out * y * Math.cos(angle), out * z * Math.sin(angle)));
        }
        return ring;
    }

    /** Of bending alone, tension positive, Pa; moments in N m. */
    public double stress(double momentY, double momentZ) {
        return perMomentY * momentY + perMomentZ * momentZ;
    }
}
