package oddcradle.core.job.host;

import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/** The host ready to drive, people in it, without any donor: kg, and its centre of gravity in host axes, m. */
public record MachineWeight(double mass, Vec3 cg) {
    public MachineWeight {
        Guard.positive("mass", mass, "kg");
        Guard.present("cg", cg);
    }
}
