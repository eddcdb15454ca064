package oddcradle.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.frame.FrameFlexibility;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.math.Vec3;
import oddcradle.core.vibration.ModesOnFrame;
import oddcradle.core.vibration.MountedBody;

/**
 * How stiff the frame is where it carries each mount, and the donor's natural frequencies on mounts and frame together.
 *
 * @param seats in the order of the job's isolators
 * @param frequencies Hz, ascending, six; the frame's own mass is left out
 */
public record MountStiffness(List<SeatStiffness> seats, List<Double> frequencies) {
    /** A frame less stiff than this many times its isolator isolates nothing; common practice. */
    public static final double LEAST_RATIO = 10;

    public MountStiffness {
        seats = List.copyOf(seats);
        frequencies = List.copyOf(frequencies);
    }

    /**
     * One mount's place on the frame, every other left free, N/m.
     *
     * @param frame in the direction in which it compares worst
     * @param mount in that direction
     */
    public record SeatStiffness(String isolator, double frame, double mount) {
        public double ratio() {
            return frame / mount;
        }
    }

    /**
     * Everything that decides it.
     *
     * @param frame alone, without donor and mounts; empty where it does not stand
     * @param body empty where nothing is mounted
     */
    public record Input(List<Isolator> isolators, Optional<CradleFrame.Standing> frame, Optional<MountedBody> body) {}

    /** Empty where nothing is mounted, or the frame stands only with the donor in it. */
    public static Optional<MountStiffness> of(Input input) {
        if (input.body().isEmpty() || input.frame().isEmpty()) {
            return Optional.empty();
        }
        FrameFlexibility flexibility = input.frame().get().flexibility();
        return ModesOnFrame.frequencies(input.body().get(), flexibility::at)
                .map(frequencies -> new MountStiffness(seats(input.isolators(), flexibility), frequencies));
    }

    private static List<SeatStiffness> seats(List<Isolator> isolators, FrameFlexibility flexibility) {
        List<SeatStiffness> seats = new ArrayList<>();
        for (int k = 0; k < isolators.size(); k++) {
            Isolator isolator = isolators.get(k);
            Vec3 stiffness = isolator.element().stiffness();
            Vec3 along = isolator.axis().unit();
            Vec3 across = along.anyPerpendicular();
            SeatStiffness worst = null;
            for (Vec3 direction : List.of(along, across, along.cross(across))) {
                double mount = direction == along ? stiffness.x() : stiffness.y();
                double frame = 1 / Math.max(give(flexibility, 3 * k, direction), Double.MIN_NORMAL);
                if (worst == null || frame / mount < worst.ratio()) {
                    worst = new SeatStiffness(isolator.id(), frame, mount);
                }
            }
            seats.add(worst);
        }
        return seats;
    }

    private static double give(FrameFlexibility flexibility, int at, Vec3 d) {
        double[] along = {d.x(), d.y(), d.z()};
        double give = 0;
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                give += along[i] * flexibility.at(at + i, at + j) * along[j];
            }
        }
        return give;
    }
}
