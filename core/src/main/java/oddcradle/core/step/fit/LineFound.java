package oddcradle.core.step.fit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.asbuilt.Condition;
import oddcradle.core.asbuilt.LineUp;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Shaft;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Output;
import oddcradle.core.job.fit.ShaftReading;
import oddcradle.core.job.fit.ThrustReading;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;
import oddcradle.core.structure.LineResult;
import oddcradle.core.structure.StageResult;

/**
 * The line as it was built, by everything that was read of it, and what is to be moved so that all of it is right: from the end that cannot move backwards, each shaft to the one it
 * drives, the engine last. What is moved to mend one stage is taken into account in the one before it.
 *
 * @param shafts by every set of dials, in the order of the job
 * @param wheels by every straight-edge, string or laser line
 * @param ends of shafts by what is between them at both
 * @param thrusts by every reading of the propeller
 * @param moves of shafts in the machine, from the driven end, and of the engine, last; only where something was read that moving it mends
 */
public record LineFound(
        List<ShaftsFound> shafts,
        List<WheelsFound> wheels,
        List<EndsFound> ends,
        List<ThrustFound> thrusts,
        List<Move> moves) {
    public LineFound {
        shafts = List.copyOf(shafts);
        wheels = List.copyOf(wheels);
        ends = List.copyOf(ends);
        thrusts = List.copyOf(thrusts);
        moves = List.copyOf(moves);
    }

    /**
     * @param shaft in the machine that is moved; empty for the engine
     * @param feet that it stands on, by name, m
     * @param lineUp how
     * @param spoils label of the stage before it, of which nothing was read, so that nobody knows how what drives it has to follow; empty where there is none
     */
    public record Move(Optional<JackShaft> shaft, Map<String, Vec3> feet, LineUp lineUp, Optional<String> spoils) {
        public Move {
            feet = Map.copyOf(feet);
        }

        /** Of one foot, m. */
        public Vec3 of(String foot) {
            return lineUp.motion().at(feet.get(foot));
        }
    }

    /** Those that hold all that was read: where readings deny each other, a move between them would be right for none. */
    public List<Move> told() {
        return moves.stream().filter(move -> move.lineUp().holds()).toList();
    }

    /** Of the engine; empty where nothing was read that moving it mends. */
    public Optional<Move> engine() {
        return moves.stream().filter(move -> move.shaft().isEmpty()).findFirst();
    }

    static LineFound of(Job job, LineResult line, Map<String, Vec3> bosses) {
        return new Reader(job, line, bosses).read();
    }

    private static final class Reader {
        /** About the size of what is moved, m, and the least that a dial sees of it, m. */
        private static final double REACH = 0.3;

        private static final double SEEN = 1e-5;

        private final Job job;
        private final LineResult line;
        private final Map<String, Vec3> bosses;
        private final List<ShaftsFound> shafts = new ArrayList<>();
        private final List<WheelsFound> wheels = new ArrayList<>();
        private final List<EndsFound> ends = new ArrayList<>();
        /** By stage and way of reading: the last tells how it lies now. */
        private final Map<String, Map<String, List<Condition>>> now = new LinkedHashMap<>();

        Reader(Job job, LineResult line, Map<String, Vec3> bosses) {
            this.job = job;
            this.line = line;
            this.bosses = bosses;
        }

        LineFound read() {
            List<ThrustFound> thrusts = thrusts();
            for (ShaftReading reading : job.asBuilt().shafts()) {
                for (int k = 0; k < line.stages().size(); k++) {
                    if (line.stages().get(k).stage().id().equals(reading.stage())) {
                        read(reading, line.stages().get(k), k);
                    }
                }
            }
            List<Move> moves = new ArrayList<>();
            SmallMotion driven = SmallMotion.NONE;
            for (int k = line.stages().size() - 1; k >= 0; k--) {
                List<Condition> all = conditions(line.stages().get(k).stage().id(), driven);
                driven = SmallMotion.NONE;
                Feet feet = feet(k);
                if (!all.isEmpty() && !feet.places().isEmpty()) {
                    Move move = move(k, feet, all);
                    moves.add(move);
                    driven = move.lineUp().holds() ? move.lineUp().motion() : SmallMotion.NONE;
                }
            }
            if (line.stages().isEmpty() && !thrusts.isEmpty()) {
                List<Condition> points = thrusts.get(thrusts.size() - 1).conditions();
                if (!points.isEmpty() && !job.cradle().isolators().isEmpty()) {
                    moves.add(move(0, feet(0), points));
                }
            }
            return new LineFound(shafts, wheels, ends, thrusts, moves);
        }

        private Move move(int stage, Feet feet, List<Condition> conditions) {
            LineUp lineUp = LineUp.of(conditions, List.copyOf(feet.places().values()));
            boolean moved = lineUp.holds() && lineUp.motion().most(REACH) > SEEN;
            Optional<String> unread = Optional.of(stage)
                    .filter(k -> k > 0 && moved)
                    .map(k -> line.stages().get(k - 1).stage())
                    .filter(before -> !now.containsKey(before.id()))
                    .map(Stage::label);
            return new Move(stage == 0 ? Optional.empty() : Optional.of(shaft(stage)), feet.places(), lineUp, unread);
        }

        private List<Condition> conditions(String stage, SmallMotion driven) {
            return now.getOrDefault(stage, Map.of()).values().stream()
                    .flatMap(List::stream)
                    .map(each -> each.against(driven))
                    .toList();
        }

        private JackShaft shaft(int stage) {
            return job.line().shafts().get(stage - 1);
        }

        private Feet feet(int stage) {
            return stage == 0 ? Feet.engine(job, bosses) : Feet.of(shaft(stage));
        }

        private void read(ShaftReading reading, StageResult lies, int at) {
            Stage stage = lies.stage();
            Feet feet = feet(at);
            // Only the engine is told how warm it gets.
            double wanted = at == 0 ? -job.asBuilt().growth().difference() : 0;
            ShaftsFound.of(reading, lies, wanted, feet).ifPresent(found -> {
                shafts.add(found);
                put(stage, "dials", found.conditions(stage));
            });
            WheelsFound.of(reading, lies, feet.middle()).ifPresent(found -> {
                wheels.add(found);
                put(stage, "wheels", found.conditions());
            });
            EndsFound.of(reading, lies).ifPresent(found -> {
                ends.add(found);
                put(stage, "ends", found.conditions());
            });
        }

        private void put(Stage stage, String by, List<Condition> conditions) {
            now.computeIfAbsent(stage.id(), first -> new LinkedHashMap<>()).put(by, conditions);
        }

        private List<ThrustFound> thrusts() {
            if (job.line().end().filter(LineEnd.Propeller.class::isInstance).isEmpty()) {
                return List.of();
            }
            Shaft propeller = propeller();
            List<ThrustFound> found = new ArrayList<>();
            for (ThrustReading reading : job.asBuilt().thrusts()) {
                found.add(ThrustFound.of(reading, propeller.sprocketCentre(), propeller.direction()));
            }
            return found;
        }

        private Shaft propeller() {
            if (!line.stages().isEmpty()) {
                return line.stages().get(line.stages().size() - 1).driven();
            }
            Output output = job.donor().output();
            return new Shaft(
                    job.seat().pose().place(output.centre()), job.seat().pose().turn(output.axis()), 0);
        }
    }
}
