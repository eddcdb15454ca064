package oddcradle.core.job;

import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * The sprocket that leaves the donor.
 *
 * @param centre middle of the sprocket, donor axes, m
 * @param axis of its shaft, donor axes
 * @param teeth of the sprocket
 */
public record Output(Vec3 centre, Vec3 axis, int teeth) {
    public Output {
        Guard.present("centre", centre);
        Guard.present("axis", axis).unit();
    }
}
