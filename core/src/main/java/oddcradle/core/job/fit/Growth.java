package oddcradle.core.job.fit;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;

/**
 * How far two shafts rise over their feet as their machines get warm.
 *
 * <p>Height times temperature rise times expansion, by definition.
 *
 * @param donorHeight of the donor's shaft over its feet, m
 * @param donorRise of the metal between, K
 * @param donorMetal of its casing
 * @param drivenHeight of the driven shaft over its own feet, m
 * @param drivenRise K
 * @param drivenMetal of its casing
 */
@RecordBuilder
public record Growth(
        double donorHeight,
        double donorRise,
        Metal donorMetal,
        double drivenHeight,
        double drivenRise,
        Metal drivenMetal)
        implements GrowthBuilder.With {
    private static final double TALLEST = 10;
    private static final double HOTTEST = 1_000;

    /** Cold as warm. */
    public static final Growth NONE = new Growth(0, 0, Metal.IRON, 0, 0, Metal.IRON);

    /** What a casing is made of; expansions are handbook values, from memory. */
    public enum Metal {
        IRON("iron or steel", 11e-6),
        ALUMINIUM("light alloy", 23e-6);

        private final String word;
        private final double expansion;

        Metal(String word, double expansion) {
            this.word = word;
            this.expansion = expansion;
        }

        public String word() {
            return word;
        }
    }

    public Growth {
        Guard.within("donorHeight", donorHeight, 0, TALLEST, "m");
        Guard.within("donorRise", donorRise, 0, HOTTEST, "K");
        donorMetal = donorMetal == null ? Metal.IRON : donorMetal;
        Guard.within("drivenHeight", drivenHeight, 0, TALLEST, "m");
        Guard.within("drivenRise", drivenRise, 0, HOTTEST, "K");
        drivenMetal = drivenMetal == null ? Metal.IRON : drivenMetal;
    }

    /** By how much more the donor's shaft rises than the driven one, m: cold it has to stand that much lower. */
    public double difference() {
        return donorMetal.expansion * donorHeight * donorRise - drivenMetal.expansion * drivenHeight * drivenRise;
    }
}
