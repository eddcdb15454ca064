package oddcradle.core.mounting;

import java.util.Optional;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Section;

/**
 * A sleeve of rubber bonded between an inner tube and an eye.
 *
 * <p>Along: {@code 2 pi G L / ln(b/a)}. Across, by length between the short bush, whose ends bulge freely, and the long one:
 * {@code 80 pi G L (a² + b²) / (25 (a² + b²) ln(b/a) - 9 (b² - a²))} and
 * {@code 4 pi G L (a² + b²) / ((a² + b²) ln(b/a) - (b² - a²))}; a and b are the radii. Source: Adkins and Gent, Load-deflexion
 * relations of rubber bush mountings, 1954 (from memory); the step between the two is our own.
 *
 * @param bore inside diameter of the rubber, m
 * @param diameter outside, m
 * @param length m
 * @param hardness Shore A, within what its elastomer is made in
 * @param elastomer natural rubber where it is left out
 */
public record BondedBush(double bore, double diameter, double length, double hardness, Elastomer elastomer)
        implements MountElement {
    /** Walls of length up to which a bush counts as short, and from which as long. */
    private static final double SHORT = 1;

    private static final double LONG = 4;

    public BondedBush {
        Guard.size("bore", bore);
        Guard.size("diameter", diameter);
        Guard.size("length", length);
        elastomer = elastomer == null ? Elastomer.RUBBER : elastomer;
        Guard.within("hardness", hardness, elastomer.softest(), elastomer.hardest(), "Shore A");
        if (diameter <= bore) {
            throw new InvalidValue("diameter", "is " + diameter + " m, must be more than the bore, " + bore + " m");
        }
    }

    @Override
    public Vec3 stiffness() {
        double across = acrossStiffness();
        return new Vec3(2 * Math.PI * shearModulus() * length / Math.log(diameter / bore), across, across);
    }

    private double shearModulus() {
        return elastomer.shearModulus(hardness);
    }

    private double acrossStiffness() {
        double a = bore / 2;
        double b = diameter / 2;
        double sum = a * a + b * b;
        double difference = b * b - a * a;
        double log = Math.log(b / a);
        double ends = 80 * Math.PI * shearModulus() * length * sum / (25 * sum * log - 9 * difference);
        double held = 4 * Math.PI * shearModulus() * length * sum / (sum * log - difference);
        double share = Math.max(0, Math.min((length / (b - a) - SHORT) / (LONG - SHORT), 1));
        return ends + share * (held - ends);
    }

    @Override
    public double thickness() {
        return (diameter - bore) / 2;
    }

    @Override
    public Strain strain(double along, double across) {
        return new Strain(across / thickness(), along / thickness());
    }

    @Override
    public Optional<Double> shore() {
        return Optional.of(hardness);
    }

    @Override
    public Optional<Elastomer> madeOf() {
        return Optional.of(elastomer);
    }

    @Override
    public MountElement withHardness(double other) {
        return new BondedBush(bore, diameter, length, other, elastomer);
    }

    @Override
    public String designation() {
        return "bush " + Section.mm(bore) + " / " + Section.mm(diameter) + " x " + Section.mm(length) + " mm "
                + elastomer.word() + " " + Math.round(hardness);
    }
}
