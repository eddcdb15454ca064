package oddcradle.core.fitup;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.fit.Inspection;
import oddcradle.core.job.make.Part;

/**
 * What a careful builder looks at before the engine runs, and who did. Common practice; local law, the maker's data and licensed inspection go before. A hand push, or standing on the
 * gearbox, shows slack; it is no test of strength or of life.
 *
 * @param items in the order in which they are looked at
 */
public record SignOff(List<Item> items) {
    public SignOff {
        items = List.copyOf(items);
    }

    /**
     * @param mark by which it is noted
     * @param what to look at
     * @param why it matters
     * @param looked empty where nobody has
     */
    public record Item(String mark, String what, String why, Optional<Inspection> looked) {}

    public static SignOff of(Job job) {
        return new SignOff(new Lister(job).items());
    }

    /** Things that nobody has looked at, a count. */
    public long open() {
        return items.stream().filter(each -> each.looked().isEmpty()).count();
    }

    private static final class Lister {
        private final Job job;
        private final List<Item> items = new ArrayList<>();

        Lister(Job job) {
            this.job = job;
        }

        List<Item> items() {
            bolts();
            mounts();
            drive();
            around();
            machine();
            return items;
        }

        private void item(String mark, String what, String why) {
            items.add(new Item(mark, what, why, job.asBuilt().inspection(mark)));
        }

        private void bolts() {
            item(
                    "threads",
                    "every bolt shows one and a half to three threads past its nut",
                    "fewer do not hold, many run out of thread before they clamp");
            item(
                    "torque",
                    "every bolt is tightened to its figure and marked with paint",
                    "a mark shows at a glance what has turned");
            if (job.build().parts().stream().anyMatch(part -> part.state() == Part.State.TEMPORARY)) {
                item(
                        "temporary",
                        "no bolt, nut or pin is left that was only meant for fitting",
                        "the list under Make says which they are");
            }
            item(
                    "edges",
                    "no hole is nearer to an edge than its rule, slots are covered by washers",
                    "a hole that was moved or filed may have lost its edge");
        }

        private void mounts() {
            item(
                    "welds",
                    "every weld is whole, no crack beside it, none left only tacked",
                    "cracks begin at the toe and at a crater");
            if (job.cradle().isolators().stream().map(Isolator::element).anyMatch(each -> !each.isHard())) {
                item(
                        "sleeves",
                        "every sleeve is clamped: the bolt came to a stop, rubber is not wound up",
                        "rubber squeezed by the bolt itself is stiff and short-lived");
                item(
                        "washers",
                        "no washer, bolt or tab touches the casting beside its rubber",
                        "metal on metal goes round the rubber");
                item(
                        "strap",
                        "an earth strap and slack in every line cross the rubber",
                        "else starter current goes through cables and bearings");
            } else {
                item(
                        "faces",
                        "every lug lies flat on its mount before its bolt is tight",
                        "a bolt that pulls a gap shut leaves its force in the frame");
            }
        }

        private void drive() {
            for (Stage stage : job.line().stages()) {
                if (stage instanceof Stage.Coupling) {
                    item(
                            "coupling " + stage.id(),
                            stage.label() + ": lined up again after the last bolt was tight, its guard on",
                            "tightening moves what was lined up");
                } else if (stage.isInPlane()) {
                    item(
                            "run " + stage.id(),
                            stage.label() + ": turned by hand a whole round, its slack even, its guard on",
                            "a tight place shows a wheel that runs out");
                } else {
                    item(
                            "shaft " + stage.id(),
                            stage.label() + ": turned by hand a whole round, nothing touches, its guard on",
                            "rotating parts catch clothes and hands");
                }
            }
        }

        private void around() {
            item(
                    "hot",
                    "nothing that burns or melts lies near the exhaust, hot and moved as far as it goes",
                    "the pipe grows and the engine swings");
            item(
                    "lines",
                    "fuel, oil, water and wires are tied to one side, free of edges, with slack where the engine moves",
                    "what rubs leaks");
            item(
                    "fuel",
                    "no leak with the tank full; an extinguisher and a second person are at hand",
                    "the first start is when it burns");
            item(
                    "stop",
                    "the kill switch stops it, throttle closes by itself from every position",
                    "a cable may stick on the first pull");
        }

        private void machine() {
            Optional<LineEnd> end = job.line().end();
            if (end.filter(LineEnd.Propeller.class::isInstance).isPresent()) {
                item(
                        "tail",
                        "tail tied down, wheels chocked, nobody before or beside the propeller",
                        "it pulls before anybody is ready");
                item(
                        "propeller",
                        "propeller tracks, clears ground and cowl, its bolts are locked",
                        "a blade out of track shakes the mount apart");
                item("licence", "whoever the law asks has inspected and signed", "this program inspects nothing");
            } else if (end.filter(LineEnd.Generator.class::isInstance).isPresent()) {
                item(
                        "earth",
                        "frame and alternator are earthed, the load is off, the breaker is open",
                        "the first start finds every wrong wire");
            } else {
                item("held", "wheels off the ground or against a wall, chocked, in neutral", "a clutch may drag");
                item("brakes", "brakes hold against the new engine at full pull", "they were made for the old one");
            }
        }
    }
}
