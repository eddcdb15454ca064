package oddcradle.core.vibration;

import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * A force and a moment that swing in step at a point, and where the answer is wanted.
 *
 * @param force amplitude, N
 * @param moment amplitude, N m
 * @param point where they act, body axes, m
 * @param frequenciesHz each 0 or more, Hz
 * @param responsePoints body axes, m
 */
public record Harmonic(Vec3 force, Vec3 moment, Vec3 point, List<Double> frequenciesHz, List<Vec3> responsePoints) {
    public Harmonic {
        Guard.present("force", force);
        Guard.present("moment", moment);
        Guard.present("point", point);
        frequenciesHz = List.copyOf(frequenciesHz);
        responsePoints = List.copyOf(responsePoints);
        for (int k = 0; k < frequenciesHz.size(); k++) {
            Guard.notNegative("frequencies_hz[" + k + "]", frequenciesHz.get(k), "Hz");
        }
    }
}
