package oddcradle.core.linkage;

import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/** What joins one lever to the next. Source of what a wire loses: Euler and Eytelwein; from memory. */
public sealed interface Link {
    /** Force that goes in over force that comes out, at least 1, a ratio. */
    double loss();

    /** A rod with a free joint at each end. */
    record Rod() implements Link {
        @Override
        public double loss() {
            return 1;
        }
    }

    /**
     * A wire in a conduit.
     *
     * @param mouth where it goes into its conduit on the hand's side, m
     * @param exit where it comes out on the engine's side, m
     * @param bends all it is turned on the way through the conduit, rad
     * @param friction of wire in conduit
     */
    record Cable(Vec3 mouth, Vec3 exit, double bends, double friction) implements Link {
        /** No lined conduit rubs more. */
        private static final double MOST_FRICTION = 1;

        private static final double MOST_BENDS = 100;

        public Cable {
            Guard.present("mouth", mouth);
            Guard.present("exit", exit);
            Guard.within("bends", bends, 0, MOST_BENDS, "rad");
            Guard.within("friction", friction, 0, MOST_FRICTION, "");
        }

        /**
         * Pull that goes in over pull that comes out, at least 1: {@code exp(friction bends)}. Source: Euler and Eytelwein, wire on a
         * bent surface.
         */
        @Override
        public double loss() {
            return Math.exp(friction * bends);
        }
    }
}
