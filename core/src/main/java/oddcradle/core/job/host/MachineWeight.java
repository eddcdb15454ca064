package oddcradle.core.job.host;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/** The host without any donor, as it stood on the scales: kg, and its centre of gravity in host axes, m. */
@RecordBuilder
public record MachineWeight(double mass, Vec3 cg) implements MachineWeightBuilder.With {
    public MachineWeight {
        Guard.positive("mass", mass, "kg");
        Guard.present("cg", cg);
    }
}
