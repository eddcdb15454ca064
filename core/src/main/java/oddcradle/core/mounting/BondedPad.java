package oddcradle.core.mounting;

import java.util.Optional;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Section;

/**
 * A round pad bonded between two plates.
 *
 * <p>Compression {@code Ec A / h} with {@code Ec = E (1 + 2 k s^2)}, shape factor s = one loaded area over the force-free
 * area; shear {@code G A / h}. Source: Lindley, Engineering Design with Natural Rubber (from memory). Good for small strain;
 * under creep and cold the rubber differs by 20 % and more.
 *
 * @param diameter m
 * @param height of the rubber, m
 * @param hardness Shore A, within what its elastomer is made in
 * @param elastomer natural rubber where it is left out
 */
public record BondedPad(double diameter, double height, double hardness, Elastomer elastomer) implements MountElement {
    public BondedPad {
        Guard.size("diameter", diameter);
        Guard.size("height", height);
        elastomer = elastomer == null ? Elastomer.RUBBER : elastomer;
        Guard.within("hardness", hardness, elastomer.softest(), elastomer.hardest(), "Shore A");
    }

    /** Of natural rubber. */
    public BondedPad(double diameter, double height, double hardness) {
        this(diameter, height, hardness, Elastomer.RUBBER);
    }

    /** N/m along the pad's axis. */
    public double compressionStiffness() {
        return solved().compression();
    }

    /** N/m across the pad's axis. */
    public double shearStiffness() {
        return solved().shear();
    }

    private PadStiffness solved() {
        return PadStiffness.of(
                PadStiffness.Face.disc(diameter),
                height,
                1,
                new PadStiffness.Rubber(
                        elastomer.youngsModulus(hardness),
                        elastomer.shearModulus(hardness),
                        elastomer.shapeConstant(hardness),
                        Optional.empty()));
    }

    @Override
    public Vec3 stiffness() {
        return new Vec3(compressionStiffness(), shearStiffness(), shearStiffness());
    }

    @Override
    public double thickness() {
        return height;
    }

    @Override
    public Strain strain(double along, double across) {
        return new Strain(along / height, across / height);
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
        return new BondedPad(diameter, height, other, elastomer);
    }

    @Override
    public String designation() {
        return "pad " + Section.mm(diameter) + " x " + Section.mm(height) + " mm " + elastomer.word() + " "
                + Math.round(hardness);
    }

    /** Loaded area over the area free to bulge, a ratio. */
    public double shapeFactor() {
        return solved().shapeFactor();
    }
}
