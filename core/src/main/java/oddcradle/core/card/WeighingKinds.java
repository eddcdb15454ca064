package oddcradle.core.card;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.job.FreeMark;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.math.Vec3;
import oddcradle.core.weigh.DensityClass;
import oddcradle.core.weigh.Weighing;

/** One of each way to weigh, about where the donor's weight is thought to be, to be read off. */
final class WeighingKinds {
    private static final double ONE_DEGREE = Math.toRadians(1);

    private WeighingKinds() {}

    static List<Deed> of(Job job) {
        Donor donor = job.donor();
        Vec3 middle = donor.mass().cg();
        Vec3 ahead = middle.plus(Vec3.X.times(0.2));
        double mass = donor.mass().mass();
        String id = FreeMark.of(
                "weighing ", donor.weighings().stream().map(Weighing::id).toList());
        List<Deed> deeds = new ArrayList<>();
        add(
                deeds,
                job,
                "a weighing on scales",
                new Weighing.Scales(
                        id,
                        List.of(
                                new Weighing.ScaleReading(middle.minus(Vec3.X.times(0.2)), mass / 2),
                                new Weighing.ScaleReading(ahead, mass / 2)),
                        0.1));
        add(
                deeds,
                job,
                "a weighing with one end lifted",
                new Weighing.Tilt(
                        id, middle.minus(Vec3.X.times(0.2)), ahead, 20 * ONE_DEGREE, mass / 2, 0.1, ONE_DEGREE));
        add(deeds, job, "a hang by one point", new Weighing.Hang(id, ahead, Vec3.Z.negated(), ONE_DEGREE));
        add(deeds, job, "a swing on wires", new Weighing.Pendulum(id, Vec3.Z, 0.2, 1, 1.5, 0.01, 0.001));
        if (!donor.bodies().isEmpty()) {
            add(
                    deeds,
                    job,
                    "a guess by its parts",
                    new Weighing.Estimate(
                            id,
                            donor.bodies().stream()
                                    .map(part -> new Weighing.PartDensity(part.id(), DensityClass.CRANKCASE))
                                    .toList(),
                            1.0 / 3));
        }
        return deeds;
    }

    private static void add(List<Deed> deeds, Job job, String words, Weighing weighing) {
        Donor donor = job.donor();
        deeds.add(Deed.of(words, () -> job.withDonor(donor.withWeighings(Listed.plus(donor.weighings(), weighing)))));
    }
}
