package oddcradle.core.engine;

/**
 * The largest free force of a crank at a speed, first and second order.
 *
 * <p>Each piston pulls along its cylinder with {@code m r w2 (cos a + r / l cos 2a)}; counterweights turn with the crank with
 * their share of {@code m r w2}. The crank's own rotating mass is taken as balanced. Taylor, The Internal-Combustion
 * Engine, vol. 2; Den Hartog, Mechanical Vibrations (both from memory).
 *
 * @param primary at crank speed, N
 * @param secondary at twice crank speed, N
 * @param primaryCouple about the middle of the crank, N m
 */
public record ShakingForce(double primary, double secondary, double primaryCouple) {
    private static final int STEPS = 360;

    /** @param speed of the crank, rad/s */
    public static ShakingForce of(Crank crank, double speed) {
        double radius = crank.stroke() / 2;
        double unit = crank.reciprocatingMass() * radius * speed * speed;
        double first = 0;
        double second = 0;
        double couple = 0;
        for (int step = 0; step < STEPS; step++) {
            double turn = 2 * Math.PI * step / STEPS;
            double[] force = new double[2];
            double[] twice = new double[2];
            double[] moment = new double[2];
            for (int k = 0; k < crank.cylinders(); k++) {
                double lean = crank.cylinderAngles().get(k);
                // Crank angle from this cylinder's own top dead centre.
                double angle = turn + crank.throwAngles().get(k) - lean;
                double pinX = Math.sin(turn + crank.throwAngles().get(k));
                double pinZ = Math.cos(turn + crank.throwAngles().get(k));
                double x = Math.cos(angle) * Math.sin(lean) - crank.counterweight() * pinX;
                double z = Math.cos(angle) * Math.cos(lean) - crank.counterweight() * pinZ;
                force[0] += x;
                force[1] += z;
                moment[0] += x * crank.positions().get(k);
                moment[1] += z * crank.positions().get(k);
                double other = radius / crank.rod() * Math.cos(2 * angle);
                twice[0] += other * Math.sin(lean);
                twice[1] += other * Math.cos(lean);
            }
            first = Math.max(first, Math.hypot(force[0], force[1]));
            second = Math.max(second, Math.hypot(twice[0], twice[1]));
            couple = Math.max(couple, Math.hypot(moment[0], moment[1]));
        }
        boolean primaryTaken = crank.balancer() == Crank.Balancer.PRIMARY;
        boolean secondaryTaken = crank.balancer() == Crank.Balancer.SECONDARY;
        return new ShakingForce(
                primaryTaken ? backward(crank, unit) : first * unit, secondaryTaken ? 0 : second * unit, couple * unit);
    }

    /**
     * What a single counter-turning shaft leaves of the primary force. The force of one order is the sum of a vector that turns
     * with the crank and one that turns against it; the shaft takes the one against.
     */
    private static double backward(Crank crank, double unit) {
        double x = 0;
        double z = 0;
        for (int k = 0; k < crank.cylinders(); k++) {
            double pin = crank.throwAngles().get(k);
            x += (0.5 - crank.counterweight()) * Math.sin(pin);
            z += (0.5 - crank.counterweight()) * Math.cos(pin);
        }
        return Math.hypot(x, z) * unit;
    }
}
