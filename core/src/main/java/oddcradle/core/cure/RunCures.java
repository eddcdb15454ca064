package oddcradle.core.cure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Subject;
import oddcradle.core.job.around.Control;
import oddcradle.core.job.around.ControlLever;
import oddcradle.core.job.around.ControlLink;
import oddcradle.core.job.around.Holder;
import oddcradle.core.job.edit.RunEdit;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.report.Cure;
import oddcradle.core.search.CableWay;
import oddcradle.core.step.run.CableRoom;
import oddcradle.core.step.run.ControlFound;
import oddcradle.core.step.run.RunFinding;

/** What makes a control reach, go the right way, and stay still while the engine moves. Each is tried before it is offered. */
final class RunCures {
    private static final double SHORTEST = 0.2;
    private static final double LONGEST = 4;
    private static final int HALVINGS = 40;

    private RunCures() {}

    static List<Cure> of(Examination examination, Finding finding) {
        Optional<ControlFound> found = finding.where()
                .first(Subject.Kind.CONTROL)
                .flatMap(id -> examination.run().controls().stream()
                        .filter(each -> each.control().id().equals(id))
                        .findFirst());
        if (found.isEmpty() || !(finding.code() instanceof RunFinding code)) {
            return List.of();
        }
        return switch (code) {
            case CONTROL -> turnedOver(examination, found.get());
            case CONTROL_TRAVEL -> otherArm(examination, found.get());
            case CONTROL_SELF -> held(examination, found.get());
            case CABLE_BEND, CABLE_ROOM -> led(examination, found.get());
            default -> List.of();
        };
    }

    private static Optional<ControlFound> with(Examination examination, Control control) {
        return ControlFound.of(control, examination.seating(), examination.donorMovement());
    }

    private static boolean isRight(ControlFound found) {
        return found.work().pulls() && found.work().reached() > 0;
    }

    private static List<Cure> turnedOver(Examination examination, ControlFound found) {
        if (isRight(found)) {
            return List.of();
        }
        List<Cure> cures = new ArrayList<>();
        Control control = found.control();
        for (int k = 0; k < control.levers().size() - 1; k++) {
            Control other = control.withLever(k, control.levers().get(k).turnedOver());
            if (with(examination, other).filter(RunCures::isRight).isPresent()) {
                cures.add(Cure.of(new RunEdit.SetControl(other, "lever " + (k + 1) + " turned inside out")));
            }
        }
        return cures;
    }

    /** The hand's lever works the link by an arm as long as it takes: the longer, the farther. */
    private static List<Cure> otherArm(Examination examination, ControlFound found) {
        if (!isRight(found)) {
            return List.of();
        }
        double wanted = Math.abs(found.control().wanted());
        double low = SHORTEST;
        double high = LONGEST;
        for (int k = 0; k < HALVINGS; k++) {
            double middle = (low + high) / 2;
            boolean little = with(examination, armed(found.control(), middle))
                    .filter(tried -> tried.work().whole() && tried.work().reached() < wanted)
                    .isPresent();
            if (little) {
                low = middle;
            } else {
                high = middle;
            }
        }
        Control other = armed(found.control(), high);
        boolean reaches = with(examination, other)
                .filter(tried -> tried.work().whole() && Math.abs(tried.work().reached() - wanted) < 0.02 * wanted)
                .isPresent();
        return reaches
                ? List.of(Cure.of(new RunEdit.SetControl(
                        other, "arm of the hand's lever " + Math.round(100 * high) + " % as long")))
                : List.of();
    }

    private static Control armed(Control control, double factor) {
        ControlLever hand = control.levers().get(0);
        ControlLever other = hand.withOutArmTimes(factor);
        List<ControlLink> links = new ArrayList<>(control.links());
        if (links.get(0) instanceof ControlLink.Cable cable && cable.mouthOn() == hand.on()) {
            // The bracket of the conduit goes along, so that the wire still runs straight into it.
            links.set(0, cable.withMouth(cable.mouth().plus(other.out().minus(hand.out()))));
        }
        return control.withLever(0, other).withLinks(links);
    }

    /** Both ends of the conduit where their levers are. */
    private static List<Cure> held(Examination examination, ControlFound found) {
        int at = found.selfLink().orElse(0);
        Control control = found.control();
        if (!(control.links().get(at) instanceof ControlLink.Cable cable)) {
            return List.of();
        }
        Pose pose = examination.seating().pose();
        ControlLever from = control.levers().get(at);
        ControlLever to = control.levers().get(at + 1);
        ControlLink.Cable moved = cable;
        if (cable.mouthOn() != from.on()) {
            moved = moved.withMouthOn(from.on())
                    .withMouth(
                            from.on() == Holder.DONOR
                                    ? pose.inverse().place(cable.mouth())
                                    : pose.place(cable.mouth()));
        }
        if (cable.exitOn() != to.on()) {
            moved = moved.withExitOn(to.on())
                    .withExit(to.on() == Holder.DONOR ? pose.inverse().place(cable.exit()) : pose.place(cable.exit()));
        }
        List<ControlLink> links = new ArrayList<>(control.links());
        links.set(at, moved);
        Control other = control.withLinks(links);
        return with(examination, other)
                        .filter(tried -> tried.selfTurn() < found.selfTurn() / 2)
                        .isPresent()
                ? List.of(Cure.of(new RunEdit.SetControl(other, "conduit held where its lever is")))
                : List.of();
    }

    /** Every cable that bends too tightly or comes too near, along the tubes. */
    private static List<Cure> led(Examination examination, ControlFound found) {
        CableRoom room = CableRoom.of(examination.job(), examination.seating(), examination.donorMovement());
        List<Cure> cures = new ArrayList<>();
        for (ControlFound.Laid laid : found.cables()) {
            boolean tight = laid.path().tightest() < laid.given().bendRadius();
            if (tight || room.isMissed(laid)) {
                CableWay.of(examination, found, laid.link())
                        .ifPresent(other ->
                                cures.add(Cure.of(new RunEdit.SetControl(other, "cable led along the tubes"))));
            }
        }
        return cures;
    }
}
