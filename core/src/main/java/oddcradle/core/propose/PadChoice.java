package oddcradle.core.propose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import oddcradle.core.job.Job;
import oddcradle.core.job.LoadCase;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.mounting.Cushion;
import oddcradle.core.mounting.Elastomer;

/** The softest pad that bears the donor's weight for long and does not let it move too far. */
final class PadChoice {
    private static final double G = 9.80665;
    private static final double[] DIAMETERS = {0.030, 0.040, 0.050, 0.060, 0.075};
    private static final double[] HEIGHTS = {0.020, 0.025, 0.030, 0.040};
    /** Long-term strains under weight alone; common practice. */
    private static final double MOST_COMPRESSION = 0.12;

    private static final double MOST_SHEAR = 0.25;
    /** Under the worst case, m; more and pipes, hoses and chain follow badly: common practice. */
    private static final double FARTHEST = 0.008;

    private static final double TALLEST = 1.2;

    private PadChoice() {}

    /** @param mounts how many share the weight */
    static Cushion of(Job job, Elastomer elastomer, int mounts) {
        double weight = job.donor().mass().mass() * G / mounts;
        double worst = job.cases().stream()
                .map(LoadCase::field)
                .mapToDouble(field -> field.length())
                .max()
                .orElse(1);
        List<BondedPad> pads = new ArrayList<>();
        for (double diameter : DIAMETERS) {
            for (double height : HEIGHTS) {
                for (double hardness : elastomer.soldHardnesses()) {
                    if (diameter >= TALLEST * height) {
                        pads.add(new BondedPad(diameter, height, hardness, elastomer));
                    }
                }
            }
        }
        pads.sort(Comparator.comparingDouble(BondedPad::shearStiffness));
        for (BondedPad pad : pads) {
            boolean bears = weight / pad.compressionStiffness() <= MOST_COMPRESSION * pad.height()
                    && weight / pad.shearStiffness() <= MOST_SHEAR * pad.height();
            boolean stays = worst * weight / pad.shearStiffness() <= FARTHEST;
            if (bears && stays) {
                return pad;
            }
        }
        return pads.get(pads.size() - 1);
    }
}
