package oddcradle.core.frame.input;

import oddcradle.core.material.Material;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Section;

/**
 * A straight prismatic member between two nodes.
 *
 * @param i node at its first end
 * @param j node at its second end
 * @param offsetI rigid arm from node i to the member's first end, global axes, m
 * @param offsetJ rigid arm from node j to the member's second end, global axes, m
 */
public record FrameMember(
        String id,
        String i,
        String j,
        Section section,
        Material material,
        EndJoint jointI,
        EndJoint jointJ,
        Vec3 offsetI,
        Vec3 offsetJ) {
    public FrameMember {
        Guard.named("id", id);
        Guard.named("i", i);
        Guard.named("j", j);
        Guard.present("section", section);
        Guard.present("material", material);
        Guard.present("jointI", jointI);
        Guard.present("jointJ", jointJ);
        Guard.present("offsetI", offsetI);
        Guard.present("offsetJ", offsetJ);
    }

    /** The same with other joints. */
    public FrameMember with(EndJoint first, EndJoint second) {
        return new FrameMember(id, i, j, section, material, first, second, offsetI, offsetJ);
    }

    /** Welded to the very nodes at both ends. */
    public static FrameMember welded(String id, String i, String j, Section section, Material material) {
        return new FrameMember(id, i, j, section, material, EndJoint.FIXED, EndJoint.FIXED, Vec3.ZERO, Vec3.ZERO);
    }
}
