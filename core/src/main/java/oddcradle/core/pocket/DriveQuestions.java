package oddcradle.core.pocket;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import java.util.Optional;
import oddcradle.core.clearance.Gap;
import oddcradle.core.drive.ChainInput;
import oddcradle.core.drive.ChainResult;
import oddcradle.core.drive.RollerChain;
import oddcradle.core.drive.Stage;
import oddcradle.core.drive.SwingArmChain;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Step;
import oddcradle.core.job.edit.LineEdit;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.structure.StageResult;
import oddcradle.core.units.Quantity;

/** Sprockets and chains. */
final class DriveQuestions {
    private static final Source BY_TEETH = Source.derived("teeth; pitch diameter = pitch / sin(pi / teeth)");

    private DriveQuestions() {}

    private static Optional<Stage.Chain> chain(Examination open) {
        return open.job().line().stages().stream()
                .filter(Stage.Chain.class::isInstance)
                .map(Stage.Chain.class::cast)
                .findFirst();
    }

    private static int teeth(Asked asked, String key) {
        return whole(key, asked.number(key));
    }

    private static int whole(String key, double teeth) {
        if (teeth != Math.rint(teeth) || teeth < 6 || teeth > 500) {
            throw new InvalidValue(key, "is " + teeth + ", must be a whole number from 6 to 500");
        }
        return (int) teeth;
    }

    static PocketAnswer teeth(Asked asked) {
        int front = teeth(asked, "front");
        int rear = teeth(asked, "rear");
        Optional<Stage.Chain> has = asked.open().flatMap(DriveQuestions::chain);
        int oldFront = asked.known("old-front")
                .map(each -> whole("old-front", each))
                .or(() -> has.map(Stage.Chain::driverTeeth))
                .orElseThrow(() -> new InvalidValue(
                        "old-front", "is missing: give the teeth in front now, or open a job with a chain"));
        int oldRear = asked.known("old-rear")
                .map(each -> whole("old-rear", each))
                .or(() -> has.map(Stage.Chain::drivenTeeth))
                .orElseThrow(() -> new InvalidValue(
                        "old-rear", "is missing: give the teeth at the rear now, or open a job with a chain"));
        double pitch = asked.known("pitch")
                .or(() -> has.map(Stage.Chain::pitch))
                .orElseThrow(() -> new InvalidValue(
                        "pitch", "is missing: give the pitch of the chain, or open a job with a chain"));
        double ratio = (double) rear / front;
        double before = (double) oldRear / oldFront;
        double faster = before / ratio - 1;
        Said said = new Said(
                "ratio = rear / front; speed and pull at the same crank speed go as its inverse and itself",
                BY_TEETH,
                input("front", Quantity.count(front)),
                input("rear", Quantity.count(rear)),
                input("ratio before", Quantity.ratio(before)));
        said.says(
                Math.abs(faster) < 5e-4
                        ? "the same speed: ratio {}"
                        : faster > 0
                                ? "faster: ratio {}, {} more speed at the same crank speed, {} less pull at the wheel"
                                : "slower: ratio {}, {} less speed at the same crank speed, {} more pull at the wheel",
                Math.abs(faster) < 5e-4
                        ? new Object[] {Quantity.ratio(ratio)}
                        : new Object[] {
                            Quantity.ratio(ratio),
                            Quantity.share(Math.abs(faster)),
                            Quantity.share(Math.abs(ratio / before - 1))
                        });
        said.figure("ratio", Quantity.ratio(ratio))
                .figure("ratio before", Quantity.ratio(before))
                .figure("front, pitch diameter", Quantity.length(RollerChain.pitchDiameter(pitch, front)))
                .figure("rear, pitch diameter", Quantity.length(RollerChain.pitchDiameter(pitch, rear)));
        if (has.isPresent()) {
            gap(said, asked.job(), has.get(), front, rear);
        } else {
            said.says("whether it clears takes an open job with its frame");
        }
        return said.answer();
    }

    private static void gap(Said said, Examination open, Stage.Chain chain, int front, int rear) {
        Examination other = Examination.of(new LineEdit.SetTeeth(chain.id(), front, rear).applyTo(open.job()), open);
        Optional<Gap> tight = tightest(other, chain);
        Optional<Gap> before = tightest(open, chain);
        if (tight.isEmpty()) {
            said.says("nothing stands near the chain");
            return;
        }
        double margin = tight.get().margin();
        said.says(
                margin >= 0
                        ? "it clears: nearest is {}, {} more than it needs"
                        : "it does not clear: {}, {} less than it needs",
                tight.get().obstacle().label().contains(chain.label())
                        ? tight.get().donorPart().label()
                        : tight.get().obstacle().label(),
                Quantity.length(Math.abs(margin)));
        said.figure("chain to the nearest thing, over what it needs", Quantity.length(margin));
        before.ifPresent(each -> said.figure("the same before", Quantity.length(each.margin())));
    }

    private static Optional<Gap> tightest(Examination open, Stage.Chain chain) {
        return open.ledger().near().stream()
                .filter(each -> each.donorPart().label().contains(chain.label())
                        || each.obstacle().label().contains(chain.label()))
                .min((one, two) -> Double.compare(one.margin(), two.margin()));
    }

    static PocketAnswer chain(Asked asked) {
        if (!asked.isTyped()) {
            return ofJob(asked.job());
        }
        int front = teeth(asked, "front");
        int rear = teeth(asked, "rear");
        double pitch = asked.number("pitch");
        double centre = asked.number("centre");
        ChainResult result = RollerChain.solve(new ChainInput(pitch, front, rear, centre, 0));
        Said said = length(result, centre);
        if (asked.has("arm", "travel")) {
            double arm = asked.number("arm");
            double behind = asked.number("behind", 0);
            double half = asked.number("travel") / 2;
            if (half >= arm) {
                throw new InvalidValue("travel", "is more than the arm reaches, must be less than twice its length");
            }
            double swing = Math.asin(half / arm);
            SwingArmChain travel = SwingArmChain.of(
                    new SwingArmChain.Point(0, 0),
                    new SwingArmChain.Point(-behind, 0),
                    arm,
                    pitch,
                    front,
                    rear,
                    List.of(Math.PI - swing, Math.PI, Math.PI + swing));
            said.says(
                    "through its travel the centre distance changes by {}: set the slack where front sprocket, pivot and axle lie in line",
                    Quantity.length(travel.range()));
            said.figure("tightest less slackest centre distance", Quantity.length(travel.range()));
        }
        return said.answer();
    }

    private static PocketAnswer ofJob(Examination open) {
        StageResult stage = Asked.need(
                open.line().stages().stream()
                        .filter(each -> each.chain().isPresent())
                        .findFirst(),
                "chain",
                "draw one at Line, or give teeth, pitch and centre distance");
        double centre = stage.alignment().centreDistance();
        Said said = length(stage.chain().get(), centre);
        open.report(Step.LINE).figures().stream()
                .filter(each -> each.name().contains("slack"))
                .forEach(each -> said.figure(each.name(), each.quantity()));
        return said.answer();
    }

    private static Said length(ChainResult result, double centre) {
        return new Said(
                        "straight runs + arcs on both pitch circles, in pitches",
                        Source.derived("exact geometry of the taut chain"),
                        input("centre distance", Quantity.length(centre)))
                .says(
                        "{} links, taut at a centre distance of {}: {} from where it is",
                        Integer.toString(result.links()),
                        Quantity.length(result.centreForLinks()),
                        Quantity.length(result.centreForLinks() - centre))
                .figure("links", Quantity.count(result.links()))
                .figure("length in pitches", Quantity.ratio(result.lengthPitches()))
                .figure("centre distance for them", Quantity.length(result.centreForLinks()));
    }
}
