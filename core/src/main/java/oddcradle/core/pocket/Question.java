package oddcradle.core.pocket;

import static oddcradle.core.units.Kind.ANGLE;
import static oddcradle.core.units.Kind.COUNT;
import static oddcradle.core.units.Kind.DENSITY;
import static oddcradle.core.units.Kind.DISTANCE;
import static oddcradle.core.units.Kind.FINE_LENGTH;
import static oddcradle.core.units.Kind.LENGTH;
import static oddcradle.core.units.Kind.MASS;
import static oddcradle.core.units.Kind.ROTATION_SPEED;
import static oddcradle.core.units.Kind.SHARE;
import static oddcradle.core.units.Kind.STIFFNESS;
import static oddcradle.core.units.Kind.TEMPERATURE;
import static oddcradle.core.units.Kind.TORQUE;
import static oddcradle.core.units.Kind.UNBALANCE;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import oddcradle.core.units.Kind;

/** What builders ask most. */
public enum Question {
    LOWEST(
            "lowest",
            "How low can I set this engine?",
            in("clearance", "clearance to the ground", LENGTH)
                    .and("pipe", "what passes below it, diameter", LENGTH)
                    .and("gap", "gap over that", LENGTH)
                    .and("sump", "crank axis over the sump's underside", LENGTH)),
    TEETH(
            "teeth",
            "With other sprockets, does the chain still clear, and is it faster or slower?",
            in("front", "teeth in front", COUNT)
                    .and("rear", "teeth at the rear", COUNT)
                    .and("pitch", "pitch of the chain", LENGTH)
                    .and("old-front", "teeth in front now", COUNT)
                    .and("old-rear", "teeth at the rear now", COUNT)),
    COLLAR(
            "collar",
            "My bolt is smaller than the bushing: what collar do I turn?",
            in("bolt", "bolt diameter", LENGTH)
                    .and("bore", "bore of the bushing", LENGTH)
                    .and("length", "length of the bushing", LENGTH)),
    DRILL(
            "drill",
            "Which hole do I drill first, and which may be out a little?",
            in("bolt", "bolt diameter", LENGTH).and("hole", "hole diameter", LENGTH)),
    EDGE(
            "edge",
            "Is that hole too near the edge?",
            in("hole", "hole diameter", LENGTH).and("edge", "from its middle to the edge", LENGTH)),
    BRACKET(
            "bracket",
            "Which way round does this bracket go?",
            in("forward", "frame hole forward of the boss", LENGTH)
                    .and("up", "frame hole above the boss", LENGTH)
                    .and("wanted-forward", "the frame's own hole forward of the boss", LENGTH)
                    .and("wanted-up", "the frame's own hole above the boss", LENGTH)),
    WEDGE(
            "wedge",
            "I need it lower or at another angle: how much do I cut off along the slope?",
            in("front", "drop at the front edge", LENGTH)
                    .and("back", "drop at the back edge", LENGTH)
                    .and("length", "from front to back edge", LENGTH)
                    .and("lean", "lean of the part from square", ANGLE)),
    IN(
            "in",
            "Does it go in, which way do I tip it, and what comes off first?",
            in("length", "longest side of the engine", LENGTH)
                    .and("height", "its height", LENGTH)
                    .and("opening", "opening it goes through", LENGTH)),
    STRAPS(
            "straps",
            "Where do I put the straps so that it hangs level?",
            in("apart", "straps apart", LENGTH)
                    .and("ahead", "weight ahead of the middle between them", LENGTH)
                    .and("below", "weight below the straps' eyes", LENGTH)
                    .and("hook", "hook over the straps' eyes", LENGTH)),
    SHIM(
            "shim",
            "What shim brings the play even?",
            in("left", "gap on one side", FINE_LENGTH).and("right", "gap on the other", FINE_LENGTH)),
    UNBALANCE_LEFT(
            "unbalance",
            "What unbalance is left after I drill that hole?",
            in("before", "unbalance before, at the hole", UNBALANCE)
                    .and("diameter", "hole diameter", LENGTH)
                    .and("depth", "hole depth", LENGTH)
                    .and("radius", "middle of the hole from the shaft's", LENGTH)
                    .and("density", "density of the metal", DENSITY)),
    SHAKES(
            "shakes",
            "How hard does it shake my frame at that speed, solid and on rubber?",
            in("speed", "crank speed", ROTATION_SPEED)
                    .and("unbalance", "unbalance that is left", UNBALANCE)
                    .and("mass", "mass of the engine", MASS)
                    .and("stiffness", "stiffness of all mounts together", STIFFNESS)),
    FOURTH("fourth", "Do I need the fourth mount?", in()),
    SHOCK(
            "shock",
            "Will my shock absorber bind if I move its top?",
            in("arm", "pivot to axle", LENGTH)
                    .and("eye", "pivot to the lower eye", LENGTH)
                    .and("top-forward", "upper eye forward of the pivot", LENGTH)
                    .and("top-up", "upper eye above the pivot", LENGTH)
                    .and("travel", "travel of the axle, half either way", LENGTH)
                    .and("closed", "closed length", LENGTH)
                    .and("open", "open length", LENGTH)),
    CHAIN(
            "chain",
            "How long a chain, and how much does it slacken as the wheel moves?",
            in("front", "teeth in front", COUNT)
                    .and("rear", "teeth at the rear", COUNT)
                    .and("pitch", "pitch of the chain", LENGTH)
                    .and("centre", "centre distance", LENGTH)
                    .and("arm", "length of the swing arm", LENGTH)
                    .and("behind", "pivot behind the front sprocket", LENGTH)
                    .and("travel", "travel of the axle, half either way", LENGTH)),
    JET(
            "jet",
            "What jet for that height with a freer pipe?",
            in("jet", "jet that is right now", FINE_LENGTH)
                    .and("altitude", "height it is for", DISTANCE)
                    .and("from", "height it is right at", DISTANCE)
                    .and("temperature", "air there", TEMPERATURE)
                    .and("freer", "more jet area for the pipe", SHARE)),
    CABLE(
            "cable",
            "How long a cable, and is the bend too tight?",
            in("ahead", "engine's end ahead of the hand's", LENGTH)
                    .and("aside", "to the side", LENGTH)
                    .and("up", "above", LENGTH)
                    .and("radius", "least radius it bears", LENGTH)
                    .and("turn", "how far its end is turned round", ANGLE)),
    STRETCH(
            "stretch",
            "How much must the frame be stretched, and what else moves?",
            in("bay", "room between the cross tubes", LENGTH)
                    .and("engine", "length of the engine", LENGTH)
                    .and("room", "room at both ends together", LENGTH)),
    STANCE(
            "stance",
            "If I lift the gear, where does the nose point and does the propeller clear?",
            in("lift", "longer by", LENGTH)
                    .and("wheelbase", "main wheel to tail wheel", LENGTH)
                    .and("ahead", "hub ahead of the main wheel", LENGTH)
                    .and("height", "hub over the ground now", LENGTH)
                    .and("attitude", "nose up now", ANGLE)
                    .and("propeller", "propeller diameter", LENGTH)
                    .and("heavier", "main wheels carry more than before", MASS)
                    .and("rate", "springs of both legs together", STIFFNESS)),
    NUT(
            "nut",
            "A nut asks more than its gear should carry: what do I hold the shaft with?",
            in("torque", "torque of the nut", TORQUE)
                    .and("radius", "pitch radius of the gear that would hold it", LENGTH)
                    .and("width", "width of its teeth", LENGTH)
                    .and("module", "module of its teeth", LENGTH)
                    .and("pin-at", "pin of a holding tool, from the shaft's middle", LENGTH)
                    .and("pin", "pin diameter", LENGTH)),
    LEFT("left", "What must I still buy, what is only temporary, how often has it been in and out?", in());

    private final String id;
    private final String words;
    private final List<PocketInput> inputs;

    Question(String id, String words, Inputs inputs) {
        this.id = id;
        this.words = words;
        this.inputs = List.copyOf(inputs.all);
    }

    /** By which it is asked for on the command line. */
    public String id() {
        return id;
    }

    /** As a builder asks it. */
    public String words() {
        return words;
    }

    /** Numbers that may be typed instead of what the open job says; empty where only a job can answer. */
    public List<PocketInput> inputs() {
        return inputs;
    }

    public static Optional<Question> of(String id) {
        return Arrays.stream(values()).filter(each -> each.id.equals(id)).findFirst();
    }

    private static Inputs in() {
        return new Inputs();
    }

    private static Inputs in(String key, String words, Kind kind) {
        return new Inputs().and(key, words, kind);
    }

    /** Gathers what may be typed. */
    private static final class Inputs {
        private final List<PocketInput> all = new ArrayList<>();

        Inputs and(String key, String words, Kind kind) {
            all.add(new PocketInput(key, words, kind));
            return this;
        }
    }
}
