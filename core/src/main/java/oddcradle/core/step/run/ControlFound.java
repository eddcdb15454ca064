package oddcradle.core.step.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.around.CablePath;
import oddcradle.core.job.around.Control;
import oddcradle.core.job.around.ControlLever;
import oddcradle.core.job.around.ControlLink;
import oddcradle.core.job.around.Holder;
import oddcradle.core.linkage.ControlTrain;
import oddcradle.core.linkage.ControlWork;
import oddcradle.core.linkage.Lever;
import oddcradle.core.linkage.Link;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.structure.DonorMovement;

/**
 * One control where it stands.
 *
 * @param train in host axes
 * @param work what the hand does and gets
 * @param cables how each cable lies, by the number of its link
 * @param selfTurn how far the engine's lever is turned by the engine moving on its mounts while the hand holds still, rad
 * @param selfLink the link that does it; empty where none does
 */
public record ControlFound(
        Control control,
        ControlTrain train,
        ControlWork work,
        List<Laid> cables,
        double selfTurn,
        Optional<Integer> selfLink) {
    /** Less than this is no movement, m. */
    private static final double STILL = 1e-6;

    /**
     * A cable as it lies.
     *
     * @param link its number
     * @param given of the job
     * @param path through its clips
     * @param sway that its conduit must give to the engine's movement, m
     */
    public record Laid(int link, ControlLink.Cable given, CablePath path, double sway) {
        /** What its conduit should measure, m. */
        public double wanted() {
            return path.length() + sway;
        }
    }

    public ControlFound {
        cables = List.copyOf(cables);
    }

    /** A control as it would be, with the donor in its seat; empty where it could not be followed from rest. */
    public static Optional<ControlFound> of(Control control, Seating seating, DonorMovement movement) {
        Standing standing = new Standing(seating, movement);
        return ControlPlaces.problem(control, standing).isPresent()
                ? Optional.empty()
                : Optional.of(of(control, standing));
    }

    static ControlFound of(Control control, Standing standing) {
        List<Lever> levers = ControlPlaces.levers(control, standing);
        List<Link> links = new ArrayList<>();
        List<Laid> cables = new ArrayList<>();
        for (int k = 0; k < control.links().size(); k++) {
            if (control.links().get(k) instanceof ControlLink.Cable cable) {
                Laid laid =
                        laid(k, cable, levers.get(k).out(), levers.get(k + 1).in(), standing);
                cables.add(laid);
                links.add(new Link.Cable(
                        standing.place(cable.mouthOn(), cable.mouth()),
                        standing.place(cable.exitOn(), cable.exit()),
                        laid.path().bends(),
                        cable.friction()));
            } else {
                links.add(new Link.Rod());
            }
        }
        ControlTrain train = new ControlTrain(levers, links);
        ControlWork work = ControlWork.of(
                train,
                control.travel(),
                control.wanted(),
                control.atRest(),
                control.atEnd(),
                control.closedBy().atEngine() ? 1 : 0);
        return shaken(control, train, work, cables, standing);
    }

    private static Laid laid(int link, ControlLink.Cable cable, Vec3 out, Vec3 in, Standing standing) {
        Vec3 mouth = standing.place(cable.mouthOn(), cable.mouth());
        Vec3 exit = standing.place(cable.exitOn(), cable.exit());
        // The wire runs straight into its conduit: else it saws at the mouth.
        CablePath path = CablePath.through(ControlPlaces.clips(cable, standing), mouth.minus(out), in.minus(exit));
        boolean crosses = cable.mouthOn() != cable.exitOn();
        Vec3 moving = cable.exitOn() == Holder.DONOR ? exit : mouth;
        return new Laid(link, cable, path, crosses ? standing.sway(moving) : 0);
    }

    /** A link that reaches from frame to engine is pulled when the engine moves; a conduit held at both takes that up itself. */
    private static ControlFound shaken(
            Control control, ControlTrain train, ControlWork work, List<Laid> cables, Standing standing) {
        double most = 0;
        Optional<Integer> by = Optional.empty();
        ControlTrain.At rest = train.atRest();
        for (int k = 0; k < control.links().size(); k++) {
            double pulled = pulled(control, train, k, standing);
            double taken =
                    rest.transmission().get(k) * train.levers().get(k + 1).inArm();
            double turn = pulled <= STILL ? 0 : pulled / taken * Math.abs(rest.ratioFrom(k + 1));
            if (turn > most) {
                most = turn;
                by = Optional.of(k);
            }
        }
        return new ControlFound(control, train, work, cables, most, by);
    }

    private static double pulled(Control control, ControlTrain train, int link, Standing standing) {
        ControlLever from = control.levers().get(link);
        ControlLever to = control.levers().get(link + 1);
        Vec3 out = train.levers().get(link).out();
        Vec3 in = train.levers().get(link + 1).in();
        if (control.links().get(link) instanceof ControlLink.Cable cable) {
            Vec3 mouth = standing.place(cable.mouthOn(), cable.mouth());
            Vec3 exit = standing.place(cable.exitOn(), cable.exit());
            double sum = 0;
            sum += from.on() == cable.mouthOn()
                    ? 0
                    : standing.sway(from.on() == Holder.DONOR ? out : mouth, mouth.minus(out));
            sum += to.on() == cable.exitOn() ? 0 : standing.sway(to.on() == Holder.DONOR ? in : exit, in.minus(exit));
            return sum;
        }
        return from.on() == to.on() ? 0 : standing.sway(to.on() == Holder.DONOR ? in : out, in.minus(out));
    }
}
