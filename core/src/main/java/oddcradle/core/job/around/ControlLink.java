package oddcradle.core.job.around;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/** What joins one lever of a control to the next. */
public sealed interface ControlLink {
    /**
     * A rod with a free joint at each end.
     *
     * @param diameter outside, m
     * @param wall m; half the diameter for a solid one
     * @param length from eye to eye as it is, its adjuster in the middle, m; 0, and so if left out, where it is still to be made
     * @param adjusts how far its adjuster gives either way with a thread's diameter still engaged, m; 0 if left out
     */
    @RecordBuilder
    record Rod(double diameter, double wall, Double length, Double adjusts)
            implements ControlLink, ControlLinkRodBuilder.With {
        public Rod {
            Guard.size("diameter", diameter);
            Guard.positive("wall", wall, "m");
            Guard.within("wall", wall, 0, diameter / 2, "m");
            length = length == null ? 0.0 : Guard.within("length", length, 0, 5, "m");
            adjusts = adjusts == null ? 0.0 : Guard.within("adjusts", adjusts, 0, 0.5, "m");
        }
    }

    /**
     * A cable.
     *
     * @param mouthOn what holds its conduit on the hand's side
     * @param mouth of the conduit there, in the axes of that, m
     * @param exitOn what holds it on the engine's side
     * @param exit of the conduit there, m
     * @param clips between, host axes, m
     * @param diameter outside, m
     * @param bendRadius least it bears, m
     * @param length of its conduit, m; 0 where it is still to be bought
     * @param friction of wire in conduit: 0.1 lined and new, 0.2 dry
     */
    @RecordBuilder
    record Cable(
            Holder mouthOn,
            Vec3 mouth,
            Holder exitOn,
            Vec3 exit,
            List<Vec3> clips,
            double diameter,
            double bendRadius,
            double length,
            double friction)
            implements ControlLink, ControlLinkCableBuilder.With {
        private static final int MOST_CLIPS = 50;

        public Cable {
            Guard.present("mouthOn", mouthOn);
            Guard.present("mouth", mouth);
            Guard.present("exitOn", exitOn);
            Guard.present("exit", exit);
            clips = clips == null ? List.of() : List.copyOf(clips);
            Guard.within("clips", clips.size(), 0, MOST_CLIPS, "clips");
            Guard.size("diameter", diameter);
            Guard.size("bendRadius", bendRadius);
            Guard.within("length", length, 0, 20, "m");
            Guard.within("friction", friction, 0, 1, "");
        }
    }
}
