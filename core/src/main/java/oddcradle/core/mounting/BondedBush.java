package oddcradle.core.mounting;

import java.util.Optional;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Section;

/**
 * A sleeve of rubber bonded between an inner tube and an eye.
 *
 * <p>Stiffness by {@link BushStiffness}: Adkins and Gent (1954) along, Horton, Gover and Tupholme (2000) across, both from memory.
 *
 * @param bore inside diameter of the rubber, m
 * @param diameter outside, m
 * @param length m
 * @param hardness Shore A, within what its elastomer is made in
 * @param elastomer natural rubber where it is left out
 */
public record BondedBush(double bore, double diameter, double length, double hardness, Elastomer elastomer)
        implements MountElement {
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
        BushStiffness solved =
                BushStiffness.of(bore / 2, diameter / 2, length, elastomer.shearModulus(hardness), Optional.empty());
        return new Vec3(solved.axial(), solved.radial(), solved.radial());
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
