package oddcradle.core.job.edit;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.Stage;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Freedom;
import oddcradle.core.job.line.Line;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/** A change of the drive. */
public sealed interface LineEdit extends JobEdit {
    /** Another line altogether, described by whoever makes it. */
    record ChangeLine(Line line, String words, String mergeKey) implements LineEdit {
        @Override
        public Job applyTo(Job job) {
            return job.withLine(line);
        }

        @Override
        public Phrase label() {
            return Phrase.of("{}", words);
        }
    }

    /** Another stage in the place of the one with its id. */
    record SetStage(Stage stage) implements LineEdit {
        @Override
        public Job applyTo(Job job) {
            List<Stage> stages = job.line().stages().stream()
                    .map(each -> each.id().equals(stage.id()) ? stage : each)
                    .toList();
            return job.withLine(job.line().withStages(stages, job.line().shafts()));
        }

        @Override
        public Phrase label() {
            return Phrase.of("{}", stage.label());
        }

        @Override
        public String mergeKey() {
            return "stage." + stage.id();
        }
    }

    /** Other sprockets on a chain. */
    record SetTeeth(String chain, int driver, int driven) implements LineEdit {
        @Override
        public Job applyTo(Job job) {
            List<Stage> stages = new ArrayList<>(job.line().stages());
            stages.replaceAll(each -> each.id().equals(chain) && each instanceof Stage.Chain chained
                    ? chained.withTeeth(driver, driven)
                    : each);
            return job.withLine(job.line().withStages(stages, job.line().shafts()));
        }

        @Override
        public Phrase label() {
            return Phrase.of("sprockets {} to {}", Integer.toString(driver), Integer.toString(driven));
        }

        @Override
        public String mergeKey() {
            return "teeth." + chain;
        }
    }

    /** Another shaft in the place of the one with its id. */
    record SetShaft(JackShaft shaft) implements LineEdit {
        @Override
        public Job applyTo(Job job) {
            List<JackShaft> shafts = job.line().shafts().stream()
                    .map(each -> each.id().equals(shaft.id()) ? shaft : each)
                    .toList();
            return job.withLine(job.line().withStages(job.line().stages(), shafts));
        }

        @Override
        public Phrase label() {
            return Phrase.of("{}", shaft.label());
        }

        @Override
        public String mergeKey() {
            return "shaft." + shaft.id();
        }
    }

    /**
     * One more stage, and a shaft between it and its neighbour.
     *
     * @param at its place among the stages, 0 for the first
     * @param shaft before it, or behind it where it comes first; ignored where it is the only stage
     */
    record AddStage(int at, Stage stage, JackShaft shaft) implements LineEdit {
        @Override
        public Job applyTo(Job job) {
            List<Stage> stages = new ArrayList<>(job.line().stages());
            List<JackShaft> shafts = new ArrayList<>(job.line().shafts());
            if (at < 0 || at > stages.size()) {
                throw new InvalidValue("stages", "has no place " + (at + 1) + " to put a stage");
            }
            stages.add(at, stage);
            if (stages.size() > 1) {
                shafts.add(Math.max(0, at - 1), shaft);
            }
            return job.withLine(job.line().withStages(stages, shafts));
        }

        @Override
        public Phrase label() {
            return Phrase.of("add {}", stage.label());
        }

        @Override
        public String mergeKey() {
            return "add." + stage.id();
        }
    }

    /** Takes a stage out, and the shaft behind it; the one before it where it is the last. */
    record DropStage(String stage) implements LineEdit {
        @Override
        public Job applyTo(Job job) {
            List<Stage> stages = new ArrayList<>(job.line().stages());
            List<JackShaft> shafts = new ArrayList<>(job.line().shafts());
            int at = stages.stream().map(Stage::id).toList().indexOf(stage);
            if (at < 0) {
                throw new InvalidValue("stages", "has no stage \"" + stage + "\"");
            }
            stages.remove(at);
            if (!shafts.isEmpty()) {
                shafts.remove(Math.min(at, shafts.size() - 1));
            }
            return job.withLine(job.line().withStages(stages, shafts));
        }

        @Override
        public Phrase label() {
            return Phrase.of("take {} out", stage);
        }

        @Override
        public String mergeKey() {
            return "drop." + stage;
        }
    }

    /** Brings a stage one place nearer to the donor; the shafts stay where they lie. */
    record ForwardStage(String stage) implements LineEdit {
        @Override
        public Job applyTo(Job job) {
            List<Stage> stages = new ArrayList<>(job.line().stages());
            int at = stages.stream().map(Stage::id).toList().indexOf(stage);
            if (at < 1) {
                throw new InvalidValue("stages", "begin with \"" + stage + "\" already");
            }
            stages.add(at - 1, stages.remove(at));
            return job.withLine(job.line().withStages(stages, job.line().shafts()));
        }

        @Override
        public Phrase label() {
            return Phrase.of("{} one place nearer to the engine", stage);
        }

        @Override
        public String mergeKey() {
            return "forward." + stage;
        }
    }

    /** Holds just those freedoms of the seat that the datum decides. */
    record HoldByDatum(List<Freedom> held) implements LineEdit {
        public HoldByDatum {
            held = List.copyOf(held);
        }

        @Override
        public Job applyTo(Job job) {
            Seat seat = job.seat();
            return job.withSeat(new Seat(seat.position(), seat.yaw(), seat.pitch(), seat.roll(), held));
        }

        @Override
        public Phrase label() {
            return Phrase.of("hold what the datum decides");
        }

        @Override
        public String mergeKey() {
            return "hold.datum";
        }
    }

    /** Puts the donor where the datum wants it, held freedoms or not. */
    record PlaceSeat(Vec3 by) implements LineEdit {
        @Override
        public Job applyTo(Job job) {
            return job.withSeat(job.seat().moved(job.seat().position().plus(by)));
        }

        @Override
        public Phrase label() {
            return Phrase.of("slide the engine to the datum");
        }

        @Override
        public String mergeKey() {
            return "seat.datum";
        }
    }

    /** Another seat altogether. */
    record SetWholeSeat(Seat seat, String words) implements LineEdit {
        @Override
        public Job applyTo(Job job) {
            return job.withSeat(seat);
        }

        @Override
        public Phrase label() {
            return Phrase.of("{}", words);
        }

        @Override
        public String mergeKey() {
            return "seat.whole";
        }
    }
}
