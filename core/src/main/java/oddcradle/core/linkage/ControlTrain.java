package oddcradle.core.linkage;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/**
 * Levers from hand to engine, one link between every two. Source: exact kinematics of links that keep their length.
 *
 * @param levers the hand's first, the engine's last; at least two
 * @param links one less
 */
public record ControlTrain(List<Lever> levers, List<Link> links) {
    private static final int MOST_LEVERS = 6;

    /** Enough that the branch a lever is on cannot be lost. */
    private static final int STEPS = 100;

    private static final int HALVINGS = 20;

    /** Nearer to the end of the travel is at its end, rad. */
    private static final double REACHED = 1e-9;

    /** Less wire pushed back than this is rounding, m. */
    private static final double SLACK = 1e-9;

    /** A link that turns its lever by less of its pull stands in line with it: dead centre. */
    private static final double DEAD = 1e-3;

    /** Ends nearer than this lie on each other, m: the link has no direction. */
    private static final double SAME = 1e-6;

    /** A lever that turns more than this between two steps has passed a dead centre, rad. */
    private static final double JUMP = 0.5;

    public ControlTrain {
        levers = List.copyOf(levers);
        links = List.copyOf(links);
        Guard.within("levers", levers.size(), 2, MOST_LEVERS, "levers");
        if (links.size() != levers.size() - 1) {
            throw new InvalidValue(
                    "links",
                    "has " + links.size() + " entries for " + levers.size()
                            + " levers, must have one between every two");
        }
    }

    /**
     * All levers at one place of the hand's.
     *
     * @param angles of every lever from rest, the hand's first, rad
     * @param ratios across each link, how far the lever it works turns for a radian of the one before: exact derivatives, signed
     * @param transmission at each link, the share of it that turns the lever it works, 0 to 1: 0 is dead centre
     * @param pulls whether every cable pulls: not where its wire would have to push
     */
    public record At(List<Double> angles, List<Double> ratios, List<Double> transmission, boolean pulls) {
        public At {
            angles = List.copyOf(angles);
            ratios = List.copyOf(ratios);
            transmission = List.copyOf(transmission);
        }

        /** How far the engine's lever turns for a radian of the hand's. */
        public double ratio() {
            return ratioFrom(0);
        }

        /** How far the engine's lever turns for a radian of one of the levers. */
        public double ratioFrom(int lever) {
            return ratios.subList(lever, ratios.size()).stream().reduce(1.0, (one, other) -> one * other);
        }

        /** Angle of the hand's lever, rad. */
        public double hand() {
            return angles.get(0);
        }

        /** Angle of the engine's lever, rad. */
        public double engine() {
            return angles.get(angles.size() - 1);
        }
    }

    /**
     * From rest to the end of the hand's travel, at even steps; ends early where a link cannot follow.
     *
     * @param travel of the hand's lever, rad, signed
     * @return at least the place of rest
     * @throws InvalidValue if the travel is 0
     */
    public List<At> through(double travel) {
        if (travel == 0) {
            throw new InvalidValue("travel", "is 0, must be how far the hand's lever turns");
        }
        List<At> all = new ArrayList<>(List.of(atRest()));
        for (int step = 1; step <= STEPS; step++) {
            At last = all.get(all.size() - 1);
            Optional<At> next = follow(travel * step / STEPS, last.angles());
            if (next.isEmpty()) {
                all.add(nearestTo(last, travel * step / STEPS));
                break;
            }
            all.add(next.get());
        }
        return List.copyOf(all);
    }

    /** As far as it goes on the way to where it cannot follow, by halving. */
    private At nearestTo(At last, double stopped) {
        At best = last;
        double far = stopped;
        for (int k = 0; k < HALVINGS; k++) {
            double middle = (best.hand() + far) / 2;
            Optional<At> there = follow(middle, best.angles());
            if (there.isPresent()) {
                best = there.get();
            } else {
                far = middle;
            }
        }
        return best;
    }

    /** All levers as they are drawn. */
    public At atRest() {
        return at(levers.stream().map(lever -> 0.0).toList());
    }

    /** Whether a train that went so far came to the end of the hand's travel, rad. */
    public static boolean isWhole(List<At> through, double travel) {
        return Math.abs(through.get(through.size() - 1).hand() - travel) < REACHED;
    }

    /** The first link that cannot turn its lever from rest: its ends lie on each other, or it stands in line with the lever. */
    public Optional<Integer> deadAtRest() {
        for (int k = 0; k < links.size(); k++) {
            if (isDead(k, levers.get(k).out(), levers.get(k + 1).in())) {
                return Optional.of(k);
            }
        }
        return Optional.empty();
    }

    private boolean isDead(int link, Vec3 out, Vec3 in) {
        Vec3 arriving =
                links.get(link) instanceof Link.Cable cable ? cable.exit().minus(in) : in.minus(out);
        boolean same = arriving.length() < SAME
                || links.get(link) instanceof Link.Cable cable && cable.mouth().distanceTo(out) < SAME;
        return same || transmission(link, in, arriving.unit()) < DEAD;
    }

    /** Share of a link's pull that turns the lever it works. */
    private double transmission(int link, Vec3 in, Vec3 arriving) {
        Lever to = levers.get(link + 1);
        return Math.abs(to.moves(in, arriving)) / to.inArm();
    }

    private Optional<At> follow(double hand, List<Double> last) {
        List<Double> angles = new ArrayList<>(List.of(hand));
        for (int k = 0; k < links.size(); k++) {
            Lever from = levers.get(k);
            Lever to = levers.get(k + 1);
            Vec3 out = from.outAt(angles.get(k));
            double before = last.get(k + 1);
            Optional<Double> angle;
            if (links.get(k) instanceof Link.Cable cable) {
                double pulled = out.distanceTo(cable.mouth()) - from.out().distanceTo(cable.mouth());
                angle = to.angleAt(cable.exit(), to.in().distanceTo(cable.exit()) - pulled, before);
            } else {
                angle = to.angleAt(out, from.out().distanceTo(to.in()), before);
            }
            if (angle.isEmpty() || Math.abs(angle.get() - before) > JUMP) {
                return Optional.empty();
            }
            angles.add(angle.get());
            if (isDead(k, out, to.inAt(angle.get()))) {
                return Optional.empty();
            }
        }
        return Optional.of(at(angles));
    }

    /** The ratio of two levers is that of how fast each takes up the link: {@code dw (out . n) = dw' (in . n)}. */
    private At at(List<Double> angles) {
        List<Double> ratios = new ArrayList<>();
        boolean pulls = true;
        List<Double> transmission = new ArrayList<>();
        for (int k = 0; k < links.size(); k++) {
            Lever from = levers.get(k);
            Lever to = levers.get(k + 1);
            Vec3 out = from.outAt(angles.get(k));
            Vec3 in = to.inAt(angles.get(k + 1));
            Vec3 leaving;
            Vec3 arriving;
            if (links.get(k) instanceof Link.Cable cable) {
                leaving = out.minus(cable.mouth()).unit();
                arriving = cable.exit().minus(in).unit();
                pulls &= out.distanceTo(cable.mouth()) >= from.out().distanceTo(cable.mouth()) - SLACK;
            } else {
                leaving = in.minus(out).unit();
                arriving = leaving;
            }
            double given = from.moves(out, leaving);
            double taken = to.moves(in, arriving);
            transmission.add(transmission(k, in, arriving));
            ratios.add(given / taken);
        }
        return new At(angles, ratios, transmission, pulls);
    }

    /**
     * All friction between hand and engine: pull of the hand over the pull it would take without.
     *
     * @return a ratio, at least 1
     */
    public double loss() {
        return links.stream().mapToDouble(Link::loss).reduce(1, (one, other) -> one * other);
    }

    /** Whether a link between can only pull. */
    public boolean hasCable() {
        return links.stream().anyMatch(Link.Cable.class::isInstance);
    }
}
