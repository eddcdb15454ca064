package oddcradle.core.pocket;

import java.util.Map;
import java.util.Optional;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;

/** Answers questions. */
public final class Pocket {
    private Pocket() {}

    /**
     * From typed numbers where they are given, else from the open job; where a few are typed, the job gives the rest if it can.
     *
     * @param open the open job; empty where there is none
     * @param typed by the keys of the question's inputs, SI
     * @throws oddcradle.core.math.InvalidValue naming what is missing or wrong
     */
    public static PocketAnswer answer(
            Question question, Optional<Examination> open, Map<String, Double> typed, Progress progress) {
        Asked asked = new Asked(question, open, typed);
        return switch (question) {
            case LOWEST -> SeatQuestions.lowest(asked);
            case TEETH -> DriveQuestions.teeth(asked);
            case COLLAR -> BoltQuestions.collar(asked);
            case DRILL -> BoltQuestions.drill(asked);
            case EDGE -> BoltQuestions.edge(asked);
            case BRACKET -> SeatQuestions.bracket(asked);
            case WEDGE -> BoltQuestions.wedge(asked);
            case IN -> SeatQuestions.in(asked, progress);
            case STRAPS -> SeatQuestions.straps(asked);
            case SHIM -> BoltQuestions.shim(asked);
            case UNBALANCE_LEFT -> ShakeQuestions.unbalance(asked);
            case SHAKES -> ShakeQuestions.shakes(asked);
            case FOURTH -> ShakeQuestions.fourth(asked);
            case SHOCK -> AroundQuestions.shock(asked);
            case CHAIN -> DriveQuestions.chain(asked);
            case JET -> AroundQuestions.jet(asked);
            case CABLE -> AroundQuestions.cable(asked);
            case STRETCH -> SeatQuestions.stretch(asked);
            case STANCE -> AroundQuestions.stance(asked);
            case NUT -> BoltQuestions.nut(asked);
            case LEFT -> BoltQuestions.left(asked);
        };
    }
}
