package oddcradle.core.pocket;

import static oddcradle.core.finding.Why.input;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import oddcradle.core.around.NutThroughGears;
import oddcradle.core.asbuilt.ShimStacks;
import oddcradle.core.asbuilt.WedgeCut;
import oddcradle.core.balance.ShopReadings;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Source;
import oddcradle.core.fitup.FitLog;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.job.book.Purchase;
import oddcradle.core.job.make.Part;
import oddcradle.core.job.make.Tools;
import oddcradle.core.joint.Collar;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.Quantity;
import oddcradle.core.workshop.DrillPlan;
import oddcradle.core.workshop.HardwareTotals;

/** Holes, bolts, shims, and what is still to be bought. */
final class BoltQuestions {
    /** Diameters from a hole's middle to an edge: what is usual, and the least that anybody takes; common practice. */
    private static final double USUAL_EDGE = 2;

    private static final double LEAST_EDGE = 1.5;

    /** What a pin of common steel bears in shear, Pa; common practice. */
    private static final double PIN_BEARS = 200e6;

    private BoltQuestions() {}

    static PocketAnswer collar(Asked asked) {
        if (!asked.isTyped()) {
            Examination open = asked.job();
            List<MountDesign> with = open.mountDesigns().stream()
                    .filter(each -> each.collar().isPresent())
                    .toList();
            if (with.isEmpty()) {
                return new Said("bolt against bore of every boss", Source.derived("the job"))
                        .says("no boss of this job needs a collar: every bolt fits its bore")
                        .answer();
            }
            Said said = new Said("inside as the bolt, outside as the bore", Source.derived("the job"));
            for (MountDesign design : with) {
                collar(said, design.isolator().id() + ": ", design.collar().get());
            }
            return said.answer();
        }
        double bolt = Guard.size("bolt", asked.number("bolt"));
        double bore = Guard.size("bore", asked.number("bore"));
        double length = Guard.size("length", asked.number("length"));
        if (bore <= bolt) {
            throw new InvalidValue(
                    "bore",
                    "is no larger than the bolt: nothing goes between; ream the bushing or take a smaller bolt");
        }
        Said said = new Said(
                "inside as the bolt with a sliding fit, outside as the bore with a press fit (ISO 286)",
                Source.fromMemory("ISO 286-1, H7/g6 on the bolt and H7/p6 in the bore"),
                input("bolt", Quantity.length(bolt)),
                input("bore", Quantity.length(bore)));
        collar(said, "", Collar.between(bolt, bore, length));
        return said.answer();
    }

    private static void collar(Said said, String whose, Collar collar) {
        said.saysOf(
                whose,
                "turn a collar {} inside, {} outside, {} long: slides on the bolt, pressed into the bushing",
                Quantity.length(collar.inside()),
                Quantity.length(collar.outside()),
                Quantity.length(collar.length()));
        if (collar.isTooThin()) {
            said.says(
                    "its wall of {} goes oval when it is pressed; glue it in, or take the next larger bolt",
                    Quantity.length(collar.wall()));
        }
        said.figure(
                        whose + "slides on the bolt with, at least",
                        Quantity.fine(collar.slide().low()))
                .figure(
                        whose + "slides on the bolt with, at most",
                        Quantity.fine(collar.slide().high()))
                .figure(
                        whose + "over in the bore by, at least",
                        Quantity.fine(-collar.press().high()))
                .figure(
                        whose + "over in the bore by, at most",
                        Quantity.fine(-collar.press().low()));
    }

    static PocketAnswer drill(Asked asked) {
        if (asked.isTyped()) {
            double bolt = Guard.size("bolt", asked.number("bolt"));
            double hole = Guard.size("hole", asked.number("hole"));
            if (hole < bolt) {
                throw new InvalidValue("hole", "is smaller than the bolt: it does not go in");
            }
            double play = hole - bolt;
            return new Said(
                            "play = hole - bolt; two parts bolted together may be out by half of both plays",
                            Source.commonPractice(),
                            input("hole", Quantity.length(hole)),
                            input("bolt", Quantity.length(bolt)))
                    .says("drill the hole nearest to what must line up first, to size; bolt it")
                    .says(
                            "then the one farthest from it, to size; bolt it: a long way between two holes sets the angle best")
                    .says("the rest through the first two parts; each of them may be out by {}", Quantity.fine(play))
                    .figure("a hole may be out by", Quantity.fine(play))
                    .answer();
        }
        Examination open = asked.job();
        Said said =
                new Said("first the hole nearest the output, second the one farthest from it", Source.commonPractice());
        int number = 0;
        for (DrillPlan.Hole hole : DrillPlan.of(open).holes()) {
            number++;
            said.says(
                    number + "  {}, {}: {}, {}",
                    hole.where(),
                    hole.piece(),
                    Quantity.fine(hole.diameter()),
                    hole.how());
        }
        if (number == 0) {
            said.says("no hole yet: draw mounts at Cradle");
        }
        open.mountDesigns()
                .forEach(each -> said.figure(
                        each.isolator().id() + " may be out by",
                        Quantity.fine(
                                each.stack().hole() - each.stack().thread().diameter())));
        return said.answer();
    }

    static PocketAnswer edge(Asked asked) {
        if (asked.isTyped()) {
            double hole = Guard.size("hole", asked.number("hole"));
            double edge = Guard.size("edge", asked.number("edge"));
            Said said = new Said(
                    "middle of the hole to the edge / diameter",
                    Source.commonPractice(),
                    input("hole", Quantity.length(hole)),
                    input("edge", Quantity.length(edge)));
            judge(said, "", edge / hole, hole);
            return said.answer();
        }
        Said said = new Said("middle of the hole to the edge / diameter", Source.commonPractice());
        List<DrillPlan.Hole> plates = DrillPlan.of(asked.job()).holes().stream()
                .filter(each -> Double.isFinite(each.edge()))
                .sorted(Comparator.comparingDouble(each -> each.edge() / each.diameter()))
                .toList();
        if (plates.isEmpty()) {
            return said.says("no hole in a plate or tab yet").answer();
        }
        plates.forEach(each ->
                judge(said, each.piece() + ", " + each.where() + ": ", each.edge() / each.diameter(), each.diameter()));
        return said.answer();
    }

    private static void judge(Said said, String whose, double ratio, double hole) {
        String words = ratio >= USUAL_EDGE
                ? "good: {} diameters to the edge"
                : ratio >= LEAST_EDGE
                        ? "tight: {} diameters to the edge, 2 are usual; thicker metal or a larger part"
                        : "too near: {} diameters to the edge; it tears out";
        said.saysOf(whose, words, Quantity.ratio(ratio));
        if (ratio < USUAL_EDGE) {
            said.saysOf(whose, "its middle belongs {} from the edge", Quantity.length(USUAL_EDGE * hole));
        }
        said.figure(whose + "diameters to the edge", Quantity.ratio(ratio));
    }

    static PocketAnswer wedge(Asked asked) {
        double front = asked.number("front");
        double back = asked.number("back");
        double length = asked.number("length");
        double lean = asked.number("lean", 0);
        WedgeCut cut = WedgeCut.of(front, back, length, lean);
        return new Said(
                        "along the slope = drop / cos lean; angle of the cut = atan((front - back) / length)",
                        Source.derived("plane trigonometry"),
                        input("drop in front", Quantity.length(front)),
                        input("drop at the back", Quantity.length(back)),
                        input("from front to back", Quantity.length(length)),
                        input("lean", Quantity.angle(lean)))
                .says(
                        "mark {} along the slope at the front edge, {} at the back edge, and saw from mark to mark",
                        Quantity.length(cut.front()),
                        Quantity.length(cut.back()))
                .figure("front edge", Quantity.length(cut.front()))
                .figure("back edge", Quantity.length(cut.back()))
                .figure("saw set from square", Quantity.angle(cut.angle()))
                .answer();
    }

    static PocketAnswer shim(Asked asked) {
        if (asked.isTyped()) {
            double left = asked.number("left");
            double right = asked.number("right");
            double shim = ShopReadings.centringShim(left, right);
            List<Double> sizes = asked.open()
                    .map(each -> each.job().build().shop().tools())
                    .orElse(Tools.USUAL)
                    .shims();
            ShimStacks.Stack stack = ShimStacks.of(sizes).nearest(Math.abs(shim));
            return new Said(
                            "half of the difference",
                            Source.derived("both gaps must come out alike"),
                            input("one side", Quantity.fine(left)),
                            input("other side", Quantity.fine(right)))
                    .says(
                            shim == 0
                                    ? "none: {} on both sides"
                                    : "a shim of {} on the side of the larger gap; of the shop's own: " + words(stack),
                            Quantity.fine(shim == 0 ? left : Math.abs(shim)))
                    .figure("shim", Quantity.fine(Math.abs(shim)))
                    .answer();
        }
        Examination open = asked.job();
        Said said = new Said("what is missing along each bolt, as measured", Source.measured());
        open.fit().mounts().mounts().stream()
                .filter(each -> Math.abs(each.lacks()) > 1e-4)
                .forEach(each -> said.says("{}: {} is missing along its bolt", each.id(), Quantity.fine(each.lacks()))
                        .figure(each.id(), Quantity.fine(each.lacks())));
        PocketAnswer answer = said.answer();
        return answer.says().isEmpty()
                ? said.says("nothing is missing at any mount that was measured: see Fit, Found")
                        .answer()
                : answer;
    }

    private static String words(ShimStacks.Stack stack) {
        return stack.pieces().isEmpty()
                ? "none is near"
                : String.join(
                                " + ",
                                stack.pieces().stream()
                                        .map(each -> String.format(Locale.ROOT, "%.2f", each * 1000))
                                        .toList())
                        + " mm";
    }

    static PocketAnswer nut(Asked asked) {
        double torque = asked.number("torque");
        double pin = asked.number("pin");
        double pinAt = asked.number("pin-at");
        NutThroughGears nut = NutThroughGears.of(
                torque, asked.number("radius"), asked.number("width"), asked.number("module"), pin, pinAt);
        double enough = Math.sqrt(4 * torque / (Math.PI * pinAt * PIN_BEARS));
        return new Said(
                        "tooth: torque / pitch radius, root stress F / (b m Y), one tooth; pin: torque / distance / area",
                        Source.fromMemory(
                                "Lewis, Y = 0.34 for some 25 teeth; 200 MPa in shear for a pin of common steel"),
                        input("torque", Quantity.torque(torque)),
                        input("pin", Quantity.length(pin)),
                        input("from the middle", Quantity.length(pinAt)))
                .says(
                        "held by its gear one tooth carries {}, {} at its root",
                        Quantity.force(nut.toothForce()),
                        Quantity.stress(nut.toothStress()))
                .says(
                        nut.pinStress() <= PIN_BEARS
                                ? "a pin of {} holds it instead: {} in shear"
                                : "a pin of {} is too thin: {} in shear",
                        Quantity.length(pin),
                        Quantity.stress(nut.pinStress()))
                .says("a pin of common steel wants {} there", Quantity.length(enough))
                .figure("one tooth carries", Quantity.force(nut.toothForce()))
                .figure("at the tooth's root", Quantity.stress(nut.toothStress()))
                .figure("pin in shear", Quantity.stress(nut.pinStress()))
                .figure("pin that is enough", Quantity.length(enough))
                .answer();
    }

    static PocketAnswer left(Asked asked) {
        Examination open = asked.job();
        List<String> buy = new ArrayList<>();
        List<String> temporary = new ArrayList<>();
        for (HardwareTotals.Line line : HardwareTotals.of(open).lines()) {
            String what = line.count() + " × " + line.item().kind().word() + " "
                    + line.item().designation();
            of(line.note().state(), buy, temporary).ifPresent(list -> list.add(what));
        }
        for (Purchase each : open.job().book().purchases()) {
            of(each.state(), buy, temporary).ifPresent(list -> list.add(each.count() + " × " + each.label()));
        }
        FitLog log = FitLog.of(open.job().asBuilt());
        Said said =
                new Said("state of every part of mounts and book; lines of the log of Fit", Source.derived("the job"));
        said.says(
                buy.isEmpty() ? "nothing is left to buy" : "to buy: {}",
                buy.isEmpty() ? new Object[0] : new Object[] {String.join("; ", buy)});
        said.says(
                temporary.isEmpty() ? "nothing is in only for now" : "in only for now: {}",
                temporary.isEmpty() ? new Object[0] : new Object[] {String.join("; ", temporary)});
        return said.says("in {} times, out {} times", Long.toString(log.in()), Long.toString(log.out()))
                .figure("to buy", Quantity.count(buy.size()))
                .figure("only for now", Quantity.count(temporary.size()))
                .figure("times in", Quantity.count(log.in()))
                .answer();
    }

    private static Optional<List<String>> of(Part.State state, List<String> buy, List<String> temporary) {
        return state == Part.State.TO_BUY
                ? Optional.of(buy)
                : state == Part.State.TEMPORARY ? Optional.of(temporary) : Optional.empty();
    }
}
