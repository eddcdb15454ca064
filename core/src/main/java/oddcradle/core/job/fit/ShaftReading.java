package oddcradle.core.job.fit;

import io.soabase.recordbuilder.core.RecordBuilder;
import oddcradle.core.drive.ShaftDials;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * How a shaft of the donor was found to lie to the one it drives. Places along the shafts count from the middle between them into the donor,
 * m; up is up, and the left is that of somebody who looks from there at the donor.
 */
public sealed interface ShaftReading {
    /** The longest that such a reading is believed, m. */
    double MOST = 1;

    /** The most that a level is believed to be off, rad. */
    double LEANS = Math.PI / 6;

    String id();

    /** Of the line's step that it is about. */
    String stage();

    /** Day it was read; may be empty. */
    String date();

    /**
     * One dial on the rim and one on the face of a hub, each at top, left, bottom and right.
     *
     * @param faceDiameter of the circle that the face dial runs on, m
     * @param rimX where the rim dial runs, m
     * @param onDonor whether the bracket sits on the donor's shaft and reads the other hub
     * @param back whether the face that is read looks away from the machine that carries the bracket
     * @param sag of the bracket with its dial: bottom less top on a straight bar, m, still in the readings
     */
    @RecordBuilder
    record RimAndFace(
            String id,
            String stage,
            String date,
            ShaftDials.Dial rim,
            ShaftDials.Dial face,
            double faceDiameter,
            double rimX,
            boolean onDonor,
            boolean back,
            double sag)
            implements ShaftReading, ShaftReadingRimAndFaceBuilder.With {
        public RimAndFace {
            date = check(id, stage, date);
            Guard.present("rim", rim);
            Guard.present("face", face);
            Guard.size("faceDiameter", faceDiameter);
            Guard.within("rimX", rimX, -MOST, MOST, "m");
            Guard.within("sag", sag, -MOST, MOST, "m");
        }
    }

    /**
     * A rim dial on each hub.
     *
     * @param onDonor read on the donor's hub
     * @param onDriven read on the other hub
     * @param donorX where the first runs, m
     * @param drivenX where the second runs, m
     * @param sag of both brackets, m, still in the readings
     */
    @RecordBuilder
    record TwoDials(
            String id,
            String stage,
            String date,
            ShaftDials.Dial onDonor,
            ShaftDials.Dial onDriven,
            double donorX,
            double drivenX,
            double sag)
            implements ShaftReading, ShaftReadingTwoDialsBuilder.With {
        private static final double CLOSEST = 1e-3;

        public TwoDials {
            date = check(id, stage, date);
            Guard.present("onDonor", onDonor);
            Guard.present("onDriven", onDriven);
            Guard.within("donorX", donorX, -MOST, MOST, "m");
            Guard.within("drivenX", drivenX, -MOST, MOST, "m");
            Guard.within("sag", sag, -MOST, MOST, "m");
            if (Math.abs(donorX - drivenX) < CLOSEST) {
                throw new InvalidValue("donorX", "is where the other dial runs; two dials need a length between them");
            }
        }
    }

    /**
     * A straight-edge across both rims with feelers under it, and feelers between the faces of the hubs. What a shaft laser shows goes here as well: its offsets as steps, its angle as gaps over a
     * diameter.
     *
     * @param high by how much the donor's rim stands over the other, m
     * @param left by how much it stands out to the left, m
     * @param gaps between the faces, m
     * @param diameter that the gaps were read on, m
     */
    @RecordBuilder
    record StepAndGaps(
            String id, String stage, String date, double high, double left, ShaftDials.Dial gaps, double diameter)
            implements ShaftReading, ShaftReadingStepAndGapsBuilder.With {
        public StepAndGaps {
            date = check(id, stage, date);
            Guard.within("high", high, -MOST, MOST, "m");
            Guard.within("left", left, -MOST, MOST, "m");
            Guard.present("gaps", gaps);
            Guard.size("diameter", diameter);
        }
    }

    /**
     * A straight-edge held against the face of the driver's wheel, across to the driven one; feelers at both rims of the driven wheel.
     *
     * @param near gap at the rim that is nearer to the driver, m; negative where the driven wheel stands out past the straight-edge
     * @param far gap at the rim farther from it, m
     * @param apart between the two places, m
     * @param inside whether it is held to the faces that look towards the engine; not so where left out
     */
    @RecordBuilder
    record StraightEdge(String id, String stage, String date, double near, double far, double apart, Boolean inside)
            implements ShaftReading, ShaftReadingStraightEdgeBuilder.With {
        public StraightEdge {
            date = check(id, stage, date);
            inside = inside != null && inside;
            Guard.within("near", near, -MOST, MOST, "m");
            Guard.within("far", far, -MOST, MOST, "m");
            Guard.size("apart", apart);
        }
    }

    /**
     * A taut string or a laser line beside two wheels, and how far each face is from it at both rims. The line itself need not be true to
     * anything: only what one wheel has to the other counts.
     *
     * @param donorNear to the driver's face at the rim nearer to the driven wheel, m
     * @param donorFar at its other rim, m
     * @param donorApart between those two places, m
     * @param drivenNear to the driven wheel's face at the rim nearer to the driver, m
     * @param drivenFar at its other rim, m
     * @param drivenApart between those two places, m
     * @param thicker by how much the driver is thicker from the middle of its teeth to that face, m; negative where it is thinner
     * @param donorLean of the driver's face from plumb, rad; positive where its top leans towards the line
     * @param drivenLean of the driven wheel's face, rad
     * @param inside whether the line runs on the side of the engine
     */
    @RecordBuilder
    record StringLine(
            String id,
            String stage,
            String date,
            double donorNear,
            double donorFar,
            double donorApart,
            double drivenNear,
            double drivenFar,
            double drivenApart,
            double thicker,
            double donorLean,
            double drivenLean,
            boolean inside)
            implements ShaftReading, ShaftReadingStringLineBuilder.With {
        public StringLine {
            date = check(id, stage, date);
            Guard.within("donorNear", donorNear, -MOST, MOST, "m");
            Guard.within("donorFar", donorFar, -MOST, MOST, "m");
            Guard.size("donorApart", donorApart);
            Guard.within("drivenNear", drivenNear, -MOST, MOST, "m");
            Guard.within("drivenFar", drivenFar, -MOST, MOST, "m");
            Guard.size("drivenApart", drivenApart);
            Guard.within("thicker", thicker, -MOST, MOST, "m");
            Guard.within("donorLean", donorLean, -LEANS, LEANS, "rad");
            Guard.within("drivenLean", drivenLean, -LEANS, LEANS, "rad");
        }
    }

    /**
     * A shaft or an axle and the one that drives it, by what lies between them at both ends and by a level on each. Left is the machine's;
     * of shafts that run fore and aft, left stands for the front.
     *
     * @param left between the shafts at their left ends, m
     * @param right at their right ends, m
     * @param apart between those two places along the shafts, m
     * @param donorLevel by how much the driving shaft is out of level, rad; positive where its left end is high
     * @param drivenLevel of the driven shaft, rad
     */
    @RecordBuilder
    record BothEnds(
            String id,
            String stage,
            String date,
            double left,
            double right,
            double apart,
            double donorLevel,
            double drivenLevel)
            implements ShaftReading, ShaftReadingBothEndsBuilder.With {
        private static final double LONGEST = 10;

        public BothEnds {
            date = check(id, stage, date);
            Guard.within("left", left, 0, LONGEST, "m");
            Guard.within("right", right, 0, LONGEST, "m");
            Guard.size("apart", apart);
            Guard.within("donorLevel", donorLevel, -LEANS, LEANS, "rad");
            Guard.within("drivenLevel", drivenLevel, -LEANS, LEANS, "rad");
        }
    }

    private static String check(String id, String stage, String date) {
        Guard.named("id", id);
        Guard.named("stage", stage);
        return Dates.checked("date", date);
    }
}
