package oddcradle.core.joint;

import oddcradle.core.section.Tube;

/**
 * A bolted tube end with a shorter tube inside, so that the bolt does not crush it.
 *
 * @param play between the sleeve and the tube round it, m; negative where it does not go in
 * @param bearing of the bolt on the walls, Pa
 * @param crush of the walls by the tightened bolt, a share of what dents them
 */
public record SleevedEnd(double play, double bearing, double crush) {
    /** A sleeve with more play does nothing until the tube has given, m; common practice. */
    public static final double MOST_PLAY = 0.0005;

    /** Shorter sleeves let the tube fold at their end, m: an inch; common practice. */
    public static final double LEAST_LENGTH = 0.0254;

    /**
     * Denting by two facing forces: {@code F = 4 M / r} a unit of length, plastic moment {@code t² sigma / 4}, over a length
     * of two bolt diameters and the radius. From memory: Roark, rings under opposed loads, taken to its plastic limit.
     *
     * @param sleeve outside diameter of the sleeve, m; 0 for none
     * @param sleeveWall m
     * @param load on the bolt, across it, N
     * @param clamp of the bolt, N
     * @param yield Pa
     */
    public static SleevedEnd of(
            Tube tube, double sleeve, double sleeveWall, double bolt, double load, double clamp, double yield) {
        double walls = 2 * (tube.wall() + (sleeve > 0 ? sleeveWall : 0));
        double held =
                dent(tube.od(), tube.wall(), bolt, yield) + (sleeve > 0 ? dent(sleeve, sleeveWall, bolt, yield) : 0);
        return new SleevedEnd(
                sleeve > 0 ? tube.od() - 2 * tube.wall() - sleeve : 0,
                Math.abs(load) / (bolt * walls),
                Math.abs(clamp) / held);
    }

    private static double dent(double od, double wall, double bolt, double yield) {
        double radius = (od - wall) / 2;
        double plasticMoment = wall * wall * yield / 4;
        return 4 * plasticMoment / radius * (2 * bolt + radius);
    }
}
