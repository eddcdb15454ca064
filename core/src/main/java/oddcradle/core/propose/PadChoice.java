package oddcradle.core.propose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import oddcradle.core.job.Job;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.BondedPad;
import oddcradle.core.mounting.Elastomer;
import oddcradle.core.structure.CaseVariants;

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

    /** The pull acts beside the middle and turns the donor too: its end moves about twice as far. */
    private static final double LEVER = 2;

    /** A pad slimmer than this buckles sideways: diameter over height. */
    private static final double SLIMMEST = 0.9;

    private PadChoice() {}

    /**
     * @param mounts how many share the weight
     * @param pull of chain or belt, N
     * @param upright whether the pads stand, weight along their axis; else they lie, weight across it
     */
    static BondedPad of(Job job, Elastomer elastomer, int mounts, boolean upright, double pull) {
        double weight = job.donor().mass().mass() * G / mounts;
        double down = 1;
        double aside = 0;
        for (LoadCase load : CaseVariants.of(job)) {
            if (!load.staysWhole()) {
                continue;
            }
            Vec3 field = load.field();
            down = Math.max(down, Math.abs(field.z()));
            aside = Math.max(aside, Math.hypot(field.x(), field.y()));
        }
        List<BondedPad> pads = new ArrayList<>();
        for (double diameter : DIAMETERS) {
            for (double height : HEIGHTS) {
                for (double hardness : elastomer.soldHardnesses()) {
                    if (diameter >= SLIMMEST * height) {
                        pads.add(new BondedPad(diameter, height, hardness, elastomer));
                    }
                }
            }
        }
        pads.sort(Comparator.comparingDouble(pad -> upright ? pad.compressionStiffness() : pad.shearStiffness()));
        for (BondedPad pad : pads) {
            double sag = weight / (upright ? pad.compressionStiffness() : pad.shearStiffness());
            double lean = weight / (upright ? pad.shearStiffness() : pad.compressionStiffness());
            boolean bears = sag <= (upright ? MOST_COMPRESSION : MOST_SHEAR) * pad.height();
            if (bears
                    && Math.max(down * sag, aside * lean) <= FARTHEST
                    && LEVER * pull / mounts / Math.min(pad.shearStiffness(), pad.compressionStiffness()) <= FARTHEST) {
                return pad;
            }
        }
        return pads.get(pads.size() - 1);
    }
}
