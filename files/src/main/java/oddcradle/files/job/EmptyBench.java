package oddcradle.files.job;

/** A job with nothing in it yet but an engine of a usual size and no mounts. */
public final class EmptyBench {
    private EmptyBench() {}

    public static JobDocument load() {
        return OwnJob.load("/oddcradle/files/job/empty-bench" + JobStore.EXTENSION);
    }
}
