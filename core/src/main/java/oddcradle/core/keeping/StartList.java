package oddcradle.core.keeping;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.Job;
import oddcradle.core.job.around.Control;
import oddcradle.core.job.around.ControlLink;
import oddcradle.core.job.around.Lead;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.donor.Cycle;
import oddcradle.core.job.fit.Inspection;

/**
 * The first start of this machine, built from what it is made of. Common practice; maker's data, local codes and whoever the law asks
 * come first.
 *
 * @param items in the order they are done
 */
public record StartList(List<Item> items) {
    public StartList {
        items = List.copyOf(items);
    }

    /** When a thing is done. */
    public enum When {
        BEFORE("before"),
        READY("hand on the switch"),
        MINUTE("in the first minute"),
        TEN_MINUTES("in the first ten minutes"),
        HOUR("after the first hour");

        private final String word;

        When(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /**
     * @param mark by which it is noted that somebody has looked
     * @param looked who did; empty where nobody has
     */
    public record Item(String mark, When when, String what, String why, Optional<Inspection> looked) {}

    public long open() {
        return items.stream().filter(each -> each.looked().isEmpty()).count();
    }

    public static StartList of(Job job) {
        return new StartList(new Lister(job).items());
    }

    private static final class Lister {
        private final Job job;
        private final List<Item> items = new ArrayList<>();
        private final boolean flies;
        private final boolean generates;
        private final boolean soft;
        private final boolean diesel;
        private final boolean water;

        Lister(Job job) {
            this.job = job;
            Optional<LineEnd> end = job.line().end();
            flies = end.filter(LineEnd.Propeller.class::isInstance).isPresent();
            generates = end.filter(LineEnd.Generator.class::isInstance).isPresent();
            soft = job.cradle().isolators().stream().map(Isolator::element).anyMatch(each -> !each.isHard());
            diesel = job.donor().engine().layout().toLowerCase(Locale.ROOT).contains("diesel");
            water = job.around().circuits().stream().anyMatch(each -> each.share() > 0);
        }

        List<Item> items() {
            fluids();
            place();
            held();
            ready();
            minute();
            tenMinutes();
            hour();
            return items;
        }

        private void item(When when, String mark, String what, String why) {
            String whole = "start: " + mark;
            items.add(new Item(whole, when, what, why, job.asBuilt().inspection(whole)));
        }

        private void fluids() {
            boolean four = job.donor().engine().cycle() == Cycle.FOUR_STROKE;
            item(
                    When.BEFORE,
                    "oil",
                    four
                            ? "oil to its mark, as the engine lies now; turn it without spark or fuel until pressure shows"
                            : "gearbox oil to its mark; oil in the petrol or in its tank, its pump bled",
                    four
                            ? "another lean shows another level at the same stick; dry bearings last seconds"
                            : "a two-stroke has no oil but what comes with the fuel");
            if (water) {
                item(
                        When.BEFORE,
                        "water",
                        "coolant in, bled at every top, no drip after ten minutes of standing",
                        "a pocket of air at the head boils at once");
            }
            item(
                    When.BEFORE,
                    "fuel",
                    diesel
                            ? "fuel bled to the injector; no leak"
                            : "fuel on, its vent free, no leak and no smell after five minutes; then, and only then, the battery",
                    diesel ? "air in the line starves it, then lets it race" : "the first spark finds every drop");
            if (!job.around().controls().isEmpty()) {
                for (Control control : job.around().controls()) {
                    item(
                            When.BEFORE,
                            "control " + control.id(),
                            control.label()
                                    + ": full way by hand and back by itself, engine pushed to each side meanwhile",
                            "an engine on rubber works its own lever where a conduit ends on the frame");
                    if (control.links().stream().anyMatch(ControlLink.Cable.class::isInstance)) {
                        item(
                                When.BEFORE,
                                "ends " + control.id(),
                                control.label()
                                        + ": soldered ends of its wire pulled, unhooked, with what Controls tells; strands flared into the nipple, none broken",
                                "a nipple that lets go leaves the throttle where it was, or the brake without effect");
                    }
                }
            } else {
                item(
                        When.BEFORE,
                        "throttle",
                        "throttle opens fully and shuts by itself from every place",
                        "a cable may stick on its first pull");
            }
            if (soft && job.around().leads().stream().noneMatch(each -> each.use() == Lead.Use.EARTH)) {
                item(
                        When.BEFORE,
                        "strap",
                        "an earth strap from block to frame",
                        "else the starter's current goes home through cables and bearings");
            }
        }

        private void place() {
            item(
                    When.BEFORE,
                    "air",
                    generates
                            ? "out of doors, or the exhaust led out and a door open; a carbon monoxide alarm where people sleep"
                            : "out of doors or with the doors open, exhaust away from people",
                    "carbon monoxide has no smell and kills");
            item(
                    When.BEFORE,
                    "fire",
                    "an extinguisher for fuel and wires within reach, no rags or cans near",
                    "it burns at the first start or not at all");
        }

        private void held() {
            if (flies) {
                item(
                        When.BEFORE,
                        "tied",
                        "tail tied down, wheels chocked, brakes held, nothing loose before or behind",
                        "it pulls before anybody is ready");
                item(
                        When.BEFORE,
                        "arc",
                        "nobody in or near the propeller's arc or in its plane, ground swept of stones",
                        "a blade cannot be seen and what it throws flies in its plane");
            } else if (generates) {
                item(
                        When.BEFORE,
                        "load",
                        "breaker open, everything plugged out, earth connected",
                        "a wrong voltage burns what hangs on it");
            } else {
                item(
                        When.BEFORE,
                        "wheels",
                        "driven wheels off the ground on stands, the others chocked, in neutral",
                        "a clutch that drags drives off");
            }
            for (Stage stage : job.line().stages()) {
                String what = stage instanceof Stage.Chain
                        ? "slack even a whole round, its guard on, nobody in its plane"
                        : stage.isInPlane()
                                ? "runs in the middle of its pulleys, its guard on"
                                : stage instanceof Stage.Gears
                                        ? "oil in it, turns freely by hand"
                                        : "bolts tight and marked, its guard on";
                item(
                        When.BEFORE,
                        "stage " + stage.id(),
                        stage.label() + ": " + what,
                        "turned by hand before it is turned by force");
            }
        }

        private void ready() {
            item(
                    When.READY,
                    "second",
                    "a second person at the kill switch, who has stopped something with it today",
                    "whoever looks at the engine cannot reach it");
            if (diesel) {
                item(
                        When.READY,
                        "air shut",
                        "something flat in hand to shut the intake",
                        "a diesel that runs away on its own oil stops only without air");
            }
            if (flies) {
                item(
                        When.READY,
                        "clear",
                        "shout, wait for \"clear\" from the one who looks, then the switch",
                        "who turns it cannot see all round");
            }
        }

        private void minute() {
            item(
                    When.MINUTE,
                    "pressure",
                    job.donor().engine().cycle() == Cycle.FOUR_STROKE
                            ? "oil pressure within five seconds, else stop"
                            : "smoke of its oil at the exhaust, else stop",
                    "bearings run dry in seconds");
            item(
                    When.MINUTE,
                    "leaks",
                    "fuel, oil and water: look at every joint; stop at the first drip near the exhaust",
                    "now it is under pressure and shaken");
            item(
                    When.MINUTE,
                    "movement",
                    soft
                            ? "watch the engine on its mounts while it starts and stops: nothing may touch"
                            : "a hand on the frame, away from what turns: every mount shakes alike",
                    soft ? "it swings farthest as it starts and dies" : "one that shakes more is loose");
        }

        private void tenMinutes() {
            item(
                    When.TEN_MINUTES,
                    "warm",
                    "no higher than a third of its speed until it is warm; through its resonances (Shake) without staying",
                    "cold oil and cold rubber");
            item(
                    When.TEN_MINUTES,
                    "hot",
                    "feel for heat at tank, hoses, wires, seat: with the back of a hand",
                    "the pipe is hot now and has grown");
            if (generates) {
                item(
                        When.TEN_MINUTES,
                        "volts",
                        "voltage and frequency before any load is put on",
                        "a governor lost its setting on the way");
            }
            if (water) {
                item(
                        When.TEN_MINUTES,
                        "bleed",
                        "bled once more, its level made good",
                        "the thermostat has opened and let the rest of the air out");
            }
        }

        private void hour() {
            item(When.HOUR, "bolts", "every mount bolt torqued again, cold", "they have seated");
            item(When.HOUR, "cracks", "every weld toe and tab looked at with a lamp", "cracks start early");
            if (!job.line().stages().isEmpty() || flies) {
                item(When.HOUR, "line", "the line measured again", "rubber and bolts have settled");
            }
        }
    }
}
