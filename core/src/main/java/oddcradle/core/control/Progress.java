package oddcradle.core.control;

/** Somebody who watches a long computation and may end it. */
@FunctionalInterface
public interface Progress {
    /** Nobody watches. */
    Progress UNWATCHED = share -> true;

    /**
     * @param share of the work that is done, 0 to 1
     * @return false to end it
     */
    boolean goOn(double share);

    /** @throws Cancelled if the watcher ends it */
    default void report(double share) {
        if (!goOn(share)) {
            throw new Cancelled();
        }
    }

    /** A part of the work that runs from one share to another of the whole. */
    default Progress part(double from, double to) {
        return share -> goOn(from + (to - from) * share);
    }

    /** The watcher has ended the computation. */
    final class Cancelled extends RuntimeException {
        private static final long serialVersionUID = 1;

        public Cancelled() {
            super("ended before it was done");
        }
    }
}
