package oddcradle.core.job.line;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Stage;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * The drive from the donor's output to what is driven.
 *
 * @param datum what must line up first
 * @param stages in order from the donor; none where the donor drives directly
 * @param shafts between the stages, one less than there are stages
 * @param dynamicFactor on the full-throttle pull, 1 to 5
 * @param end what the last shaft drives; nobody has said where it is left out
 * @param swingArm that carries the driven axle, if any
 */
public record Line(
        Datum datum,
        List<Stage> stages,
        List<JackShaft> shafts,
        double dynamicFactor,
        Optional<LineEnd> end,
        Optional<SwingArm> swingArm) {
    private static final double MOST_DYNAMIC = 5;
    private static final int MOST_STAGES = 12;

    public Line {
        datum = datum == null ? Datum.FREE : datum;
        stages = List.copyOf(Guard.present("stages", stages));
        shafts = shafts == null ? List.of() : List.copyOf(shafts);
        Guard.within("stages", stages.size(), 0, MOST_STAGES, "stages");
        Guard.within("dynamicFactor", dynamicFactor, 1, MOST_DYNAMIC, "");
        end = end == null ? Optional.empty() : end;
        swingArm = swingArm == null ? Optional.empty() : swingArm;
        int between = Math.max(0, stages.size() - 1);
        if (shafts.size() != between) {
            throw new InvalidValue(
                    "shafts",
                    "has " + shafts.size() + " entries; " + stages.size() + " stages need " + between
                            + " shafts between them");
        }
        Set<String> ids = new HashSet<>();
        for (int k = 0; k < stages.size(); k++) {
            if (!ids.add(stages.get(k).id())) {
                throw loop("stages[" + k + "].id", stages.get(k).id());
            }
        }
        for (int k = 0; k < shafts.size(); k++) {
            if (!ids.add(shafts.get(k).id())) {
                throw loop("shafts[" + k + "].id", shafts.get(k).id());
            }
        }
    }

    private static InvalidValue loop(String field, String id) {
        return new InvalidValue(
                field, "repeats \"" + id + "\": the drive would run in a loop; every stage and shaft comes once");
    }

    public Line withDatum(Datum other) {
        return new Line(other, stages, shafts, dynamicFactor, end, swingArm);
    }

    /** @param otherShafts one less than the stages */
    public Line withStages(List<Stage> others, List<JackShaft> otherShafts) {
        return new Line(datum, others, otherShafts, dynamicFactor, end, swingArm);
    }

    public Line withEnd(Optional<LineEnd> other) {
        return new Line(datum, stages, shafts, dynamicFactor, other, swingArm);
    }

    public Line withSwingArm(Optional<SwingArm> other) {
        return new Line(datum, stages, shafts, dynamicFactor, end, other);
    }

    public Line withDynamicFactor(double other) {
        return new Line(datum, stages, shafts, other, end, swingArm);
    }
}
