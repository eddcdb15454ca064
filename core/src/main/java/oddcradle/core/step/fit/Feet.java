package oddcradle.core.step.fit;

import java.util.Map;
import java.util.TreeMap;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.math.Vec3;

/**
 * What something that is lined up stands on.
 *
 * @param places by name: the mounts of the engine, or both bearings of a shaft, m
 * @param middle of what stands on them, m
 */
record Feet(Map<String, Vec3> places, Vec3 middle) {
    Feet {
        places = Map.copyOf(places);
    }

    static Feet engine(Job job, Map<String, Vec3> bosses) {
        Map<String, Vec3> places = new TreeMap<>();
        for (Isolator mount : job.cradle().isolators()) {
            places.put(mount.id(), bosses.get(mount.boss()));
        }
        return new Feet(places, job.seat().pose().place(job.donor().mass().cg()));
    }

    /** None where a case of gears holds it. */
    static Feet of(JackShaft shaft) {
        Map<String, Vec3> places = new TreeMap<>();
        Vec3 sum = Vec3.ZERO;
        for (int k = 0; k < shaft.bearings().size(); k++) {
            Vec3 at = shaft.point().along(shaft.axis().unit(), shaft.bearings().get(k));
            places.put(shaft.id() + " bearing " + (k + 1), at);
            sum = sum.plus(at);
        }
        return new Feet(places, places.isEmpty() ? shaft.point() : sum.times(1.0 / places.size()));
    }
}
