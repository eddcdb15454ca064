package oddcradle.core.practice;

import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.stream.Stream;

/** What can be practised. */
public enum Lesson {
    MEASURE("measure", "Measure", "a bolt hole with a tape") {
        @Override
        Exercise made(RandomGenerator chance) {
            return MeasureExercise.made(chance);
        }
    },
    SEAT("seat", "Seat", "an engine in a bay that is not as drawn") {
        @Override
        Exercise made(RandomGenerator chance) {
            return SeatExercise.made(chance);
        }
    },
    ALIGN("align", "Align", "a coupling with dials and shims") {
        @Override
        Exercise made(RandomGenerator chance) {
            return AlignExercise.made(chance);
        }
    },
    MOUNTS("mounts", "Mounts", "the pad that keeps idle out of the frame") {
        @Override
        Exercise made(RandomGenerator chance) {
            return MountsExercise.made(chance);
        }
    },
    BALANCE("balance", "Balance", "a flywheel with trial weights") {
        @Override
        Exercise made(RandomGenerator chance) {
            return BalanceExercise.made(chance);
        }
    };

    private final String id;
    private final String word;
    private final String about;

    Lesson(String id, String word, String about) {
        this.id = id;
        this.word = word;
        this.about = about;
    }

    public String id() {
        return id;
    }

    /** What is practised, one word. */
    public String word() {
        return word;
    }

    /** On what it is practised. */
    public String about() {
        return about;
    }

    public static Optional<Lesson> of(String id) {
        return Stream.of(values()).filter(each -> each.id.equals(id)).findFirst();
    }

    abstract Exercise made(RandomGenerator chance);
}
