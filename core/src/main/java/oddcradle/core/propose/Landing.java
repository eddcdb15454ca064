package oddcradle.core.propose;

import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;

/**
 * A place on a host tube for a cradle tube to end.
 *
 * @param margin of the tube that leads there to what it must keep clear of, m, negative where it is short
 */
record Landing(Member host, Vec3 at, double length, double margin) {}
