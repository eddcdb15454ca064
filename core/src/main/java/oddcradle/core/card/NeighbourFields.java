package oddcradle.core.card;

import java.util.List;
import java.util.function.Function;
import oddcradle.core.card.Field.Named;
import oddcradle.core.job.Job;
import oddcradle.core.job.seat.Neighbour;

/** The fields of each kind of thing that must follow the seat. */
final class NeighbourFields {
    private static final String CALLED = "called";

    private NeighbourFields() {}

    static FieldsOf<?> of(Neighbour neighbour, List<Named> keepOuts, Function<Neighbour, Job> put) {
        if (neighbour instanceof Neighbour.PipeRun pipe) {
            return new FieldsOf<>(pipe, put::apply)
                    .words(CALLED, Neighbour.PipeRun::label, Neighbour.PipeRun::withLabel)
                    .place("flange on the engine", Neighbour.PipeRun::flange, Neighbour.PipeRun::withFlange)
                    .way("leaves it", Neighbour.PipeRun::out, Neighbour.PipeRun::withOut)
                    .place("silencer's mouth", Neighbour.PipeRun::end, Neighbour.PipeRun::withEnd)
                    .way("enters it", Neighbour.PipeRun::in, Neighbour.PipeRun::withIn)
                    .length("outside diameter", Neighbour.PipeRun::diameter, Neighbour.PipeRun::withDiameter)
                    .length("wall", Neighbour.PipeRun::wall, Neighbour.PipeRun::withWall)
                    .length("bend radius", Neighbour.PipeRun::bendRadius, Neighbour.PipeRun::withBendRadius)
                    .length("length wanted, 0 any", Neighbour.PipeRun::length, Neighbour.PipeRun::withLength);
        }
        if (neighbour instanceof Neighbour.Intake intake) {
            return new FieldsOf<>(intake, put::apply)
                    .words(CALLED, Neighbour.Intake::label, Neighbour.Intake::withLabel)
                    .place("mouth on the engine", Neighbour.Intake::mouth, Neighbour.Intake::withMouth)
                    .way("air comes from", Neighbour.Intake::facing, Neighbour.Intake::withFacing)
                    .length("filter's diameter", Neighbour.Intake::diameter, Neighbour.Intake::withDiameter)
                    .length("filter and a hand", Neighbour.Intake::length, Neighbour.Intake::withLength);
        }
        if (neighbour instanceof Neighbour.Tank tank) {
            return new FieldsOf<>(tank, put::apply)
                    .words(CALLED, Neighbour.Tank::label, Neighbour.Tank::withLabel)
                    .choice("tank", keepOuts, Neighbour.Tank::tank, Neighbour.Tank::withTank)
                    .place("its outlet", Neighbour.Tank::outlet, Neighbour.Tank::withOutlet)
                    .place("inlet on the engine", Neighbour.Tank::inlet, Neighbour.Tank::withInlet)
                    .length("least height over it", Neighbour.Tank::head, Neighbour.Tank::withHead);
        }
        if (neighbour instanceof Neighbour.Run run) {
            return new FieldsOf<>(run, put::apply)
                    .words(CALLED, Neighbour.Run::label, Neighbour.Run::withLabel)
                    .one(
                            "is a",
                            Neighbour.Line.values(),
                            Neighbour.Line::word,
                            Neighbour.Run::line,
                            Neighbour.Run::withLine)
                    .place("begins on the engine", Neighbour.Run::from, Neighbour.Run::withFrom)
                    .way("leaves it", Neighbour.Run::leaving, Neighbour.Run::withLeaving)
                    .place("ends on the machine", Neighbour.Run::to, Neighbour.Run::withTo)
                    .way("arrives", Neighbour.Run::arriving, Neighbour.Run::withArriving)
                    .length("diameter", Neighbour.Run::diameter, Neighbour.Run::withDiameter)
                    .length("least bend radius", Neighbour.Run::bendRadius, Neighbour.Run::withBendRadius)
                    .length("length it has, 0 to be bought", Neighbour.Run::length, Neighbour.Run::withLength);
        }
        if (neighbour instanceof Neighbour.Linkage lever) {
            return new FieldsOf<>(lever, put::apply)
                    .words(CALLED, Neighbour.Linkage::label, Neighbour.Linkage::withLabel)
                    .place("lever turns at", Neighbour.Linkage::pivot, Neighbour.Linkage::withPivot)
                    .way("about", Neighbour.Linkage::axis, Neighbour.Linkage::withAxis)
                    .place("rod holds it at", Neighbour.Linkage::end, Neighbour.Linkage::withEnd)
                    .place("rod comes from", Neighbour.Linkage::hand, Neighbour.Linkage::withHand)
                    .way("hand pulls", Neighbour.Linkage::pull, Neighbour.Linkage::withPull)
                    .yes("engages right-handed", Neighbour.Linkage::engages, Neighbour.Linkage::withEngages);
        }
        if (neighbour instanceof Neighbour.Occupant occupant) {
            return new FieldsOf<>(occupant, put::apply)
                    .words(CALLED, Neighbour.Occupant::label, Neighbour.Occupant::withLabel)
                    .choice("their room", keepOuts, Neighbour.Occupant::keepOut, Neighbour.Occupant::withKeepOut)
                    .length("thrown up by", Neighbour.Occupant::bump, Neighbour.Occupant::withBump)
                    .length("room to be left", Neighbour.Occupant::room, Neighbour.Occupant::withRoom);
        }
        if (neighbour instanceof Neighbour.Panel panel) {
            return new FieldsOf<>(panel, put::apply)
                    .words(CALLED, Neighbour.Panel::label, Neighbour.Panel::withLabel)
                    .choice("its skin", keepOuts, Neighbour.Panel::keepOut, Neighbour.Panel::withKeepOut)
                    .length("room to be left", Neighbour.Panel::room, Neighbour.Panel::withRoom);
        }
        return new FieldsOf<>((Neighbour.Bay) neighbour, put::apply)
                .words(CALLED, Neighbour.Bay::label, Neighbour.Bay::withLabel)
                .place("first tube's near side", Neighbour.Bay::from, Neighbour.Bay::withFrom)
                .place("second tube's", Neighbour.Bay::to, Neighbour.Bay::withTo)
                .length("room at both ends", Neighbour.Bay::room, Neighbour.Bay::withRoom);
    }
}
