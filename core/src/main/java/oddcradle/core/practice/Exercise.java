package oddcradle.core.practice;

import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import oddcradle.core.finding.Phrase;

/** One made-up machine; what is true of it stays hidden until the work is handed in. */
public interface Exercise {
    /** What is there, and what is wanted. */
    List<Phrase> task();

    /** What the learner sets on the machine or writes down. */
    List<Setting> settings();

    List<Tool> tools();

    /** Time to loosen, move and tighten before the next reading, s; 0 where nothing is moved. */
    double moving();

    /**
     * What an instrument shows.
     *
     * @param tool key of one of {@link #tools()}
     * @param set every setting by its key, SI
     */
    Read read(String tool, Map<String, Double> set, RandomGenerator noise);

    /**
     * What can be worked out from the paper alone, as the program does it for a job.
     *
     * @param set every setting by its key, SI
     */
    WorkedOut workedOut(Map<String, Double> set, List<Taken> paper);

    /** The work held against the truth. */
    Mark mark(Map<String, Double> set, List<Taken> paper);

    /** As the learner knows it. */
    BenchPicture picture(Map<String, Double> set);

    /**
     * What an instrument shows.
     *
     * @param says in words
     * @param values in the order of the words, SI; empty where it could not be read
     */
    record Read(Phrase says, List<Double> values) {
        public Read {
            values = List.copyOf(values);
        }
    }

    /**
     * @param says one sentence each
     * @param settings what would be set by it, by key, SI; empty while too little was read
     */
    record WorkedOut(List<Phrase> says, Map<String, Double> settings) {
        public WorkedOut {
            says = List.copyOf(says);
            settings = Map.copyOf(settings);
        }

        static WorkedOut onlySays(Phrase... says) {
            return new WorkedOut(List.of(says), Map.of());
        }
    }
}
