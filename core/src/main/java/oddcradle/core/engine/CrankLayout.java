package oddcradle.core.engine;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;

/**
 * Where the crank pins of the usual engines stand and their cylinders lean. Throws and banks are common practice; masses and
 * lengths that nobody wrote down are taken from the bore (common practice).
 */
public enum CrankLayout {
    SINGLE("single", new int[] {0}, new int[] {0}, Crank.Balancer.PRIMARY),
    TWIN_360("parallel twin, 360 degrees", new int[] {0, 0}, new int[] {0, 0}, Crank.Balancer.PRIMARY),
    TWIN_180("parallel twin, 180 degrees", new int[] {0, 180}, new int[] {0, 0}, Crank.Balancer.NONE),
    TWIN_270("parallel twin, 270 degrees", new int[] {0, 270}, new int[] {0, 0}, Crank.Balancer.PRIMARY),
    V_TWIN_90("V-twin, 90 degrees, one pin", new int[] {0, 0}, new int[] {45, -45}, Crank.Balancer.NONE),
    TRIPLE("in-line three", new int[] {0, 240, 120}, new int[] {0, 0, 0}, Crank.Balancer.NONE),
    FOUR_FLAT("in-line four, flat crank", new int[] {0, 180, 180, 0}, new int[] {0, 0, 0, 0}, Crank.Balancer.NONE),
    FOUR_CROSS(
            "in-line four, cross crank", new int[] {0, 90, 270, 180}, new int[] {0, 0, 0, 0}, Crank.Balancer.PRIMARY),
    FLAT_TWIN("flat twin", new int[] {90, -90}, new int[] {90, -90}, Crank.Balancer.NONE),
    FLAT_FOUR("flat four", new int[] {90, -90, -90, 90}, new int[] {90, -90, 90, -90}, Crank.Balancer.NONE);

    /** Rod over stroke. */
    private static final double ROD = 1.8;
    /** Piston, pin, rings and the rod's share over the bore cubed, kg/m3. */
    private static final double PISTON = 1000;
    /** Distance of cylinders in line over the bore. */
    private static final double SPACING = 1.2;
    /** Of two rods on one pin, m. */
    private static final double SIDE_BY_SIDE = 0.024;

    private static final double HALF = 0.5;

    private final String words;
    private final List<Double> throwAngles;
    private final List<Double> banks;
    private final Crank.Balancer balancer;

    CrankLayout(String words, int[] throwDegrees, int[] bankDegrees, Crank.Balancer balancer) {
        this.words = words;
        this.throwAngles = radians(throwDegrees);
        this.banks = radians(bankDegrees);
        this.balancer = balancer;
    }

    private static List<Double> radians(int[] degrees) {
        return IntStream.of(degrees).mapToObj(each -> Math.toRadians(each)).toList();
    }

    public String words() {
        return words;
    }

    public int cylinders() {
        return throwAngles.size();
    }

    /** The layout that a builder's words and a number of cylinders most likely mean; an in-line engine of no layout here has none. */
    public static CrankLayout guessed(String words, int cylinders) {
        String said = words.toLowerCase(Locale.ROOT);
        boolean flat = said.contains("flat") && !said.contains("flat crank") || said.contains("opposed");
        return switch (cylinders) {
            case 1 -> SINGLE;
            case 2 ->
                said.contains("v-twin") || said.contains("v twin")
                        ? V_TWIN_90
                        : flat
                                ? FLAT_TWIN
                                : said.contains("180") ? TWIN_180 : said.contains("270") ? TWIN_270 : TWIN_360;
            case 3 -> TRIPLE;
            default -> flat ? FLAT_FOUR : said.contains("cross") ? FOUR_CROSS : FOUR_FLAT;
        };
    }

    /**
     * Its crank where nothing but the bore is known: as long a stroke, piston and rod of the usual weight, half of it balanced by
     * the crank, and the balancer that engines of this layout mostly have.
     *
     * @param bore m
     */
    public Crank crank(double bore) {
        boolean shared = this == V_TWIN_90;
        boolean inPairs = this == FLAT_TWIN || this == FLAT_FOUR;
        double spacing = shared ? SIDE_BY_SIDE : inPairs ? HALF * SPACING * bore : SPACING * bore;
        List<Double> positions = new ArrayList<>();
        for (int k = 0; k < cylinders(); k++) {
            positions.add(spacing * (k - (cylinders() - 1) / 2.0));
        }
        return new Crank(
                bore,
                ROD * bore,
                PISTON * Math.pow(bore, 3),
                throwAngles,
                banks,
                positions,
                inPairs ? 0 : HALF,
                balancer);
    }
}
