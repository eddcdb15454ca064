package oddcradle.core.mounting;

import java.util.Optional;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Shown;
import oddcradle.core.units.UnitStyle;

/** What is between a boss and the cradle: a pad, a bush, an isolator of the user's own, or nothing. */
public sealed interface MountElement extends Shown permits BondedPad, BondedBush, MeasuredMount, Hard {
    /** Between the sizes and the rest of a name. */
    String MILLIMETRES = " mm";

    /** Along its axis, then twice across, N/m. */
    Vec3 stiffness();

    /** Of its soft part, m: the height of a pad, the wall of a bush; 0 where there is none. */
    double thickness();

    /** How the soft part is strained by a deflection along the axis and one across it, m. */
    Strain strain(double along, double across);

    /** Shore A; empty where there is nothing soft, or nobody goes by its hardness. */
    default Optional<Double> shore() {
        return Optional.empty();
    }

    /** Empty where there is nothing soft, or nobody knows what it is made of. */
    default Optional<Elastomer> madeOf() {
        return Optional.empty();
    }

    /** The same in another hardness; itself where it has none. */
    default MountElement withHardness(double hardness) {
        return this;
    }

    /**
     * How much stiffer it is while it shakes than under a steady load, a ratio: 1.1, 1.25, 1.4 and 1.6 at 40, 50, 60 and 70 Shore A,
     * common practice; urethane half as much again, silicone half as much; 1 where nothing is soft. Cold makes it more: {@link #coldRatio}.
     */
    default double dynamicRatio() {
        return shore().flatMap(shore -> madeOf().map(kind -> kind.dynamicRatio(shore)))
                .orElse(1.0);
    }

    /** How much stiffer it is at 10 degrees of frost than in a warm shop, a ratio, common practice; 1 where nothing is soft. */
    default double coldRatio() {
        return madeOf().map(Elastomer::coldRatio).orElse(1.0);
    }

    /** How a hardware list names it, in millimetres. */
    String designation();

    /** Its name in the reader's units. */
    @Override
    default String in(UnitStyle style) {
        int end = designation().indexOf(MILLIMETRES);
        return end < 0 || style == UnitStyle.MILLIMETRES
                ? designation()
                : style.name(designation().substring(0, end)) + designation().substring(end + MILLIMETRES.length());
    }

    default boolean isHard() {
        return this instanceof Hard;
    }

    /** Deflection over thickness; 0 where nothing is soft. */
    record Strain(double compressive, double shear) {}
}
