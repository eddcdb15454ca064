package oddcradle.core.engine;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;

/**
 * What shakes an engine.
 *
 * @param stroke m
 * @param rod between its centres, m, more than half the stroke
 * @param reciprocatingMass of one cylinder: piston, pin and the upper third of the rod, kg
 * @param throwAngles of each cylinder's crank pin, rad, one for each cylinder
 * @param cylinderAngles of each cylinder from upright, rad, positive forward
 * @param positions of each cylinder along the crank, m
 * @param counterweight share of the reciprocating mass that the crank's weights balance, 0 to 1
 * @param balancer whether a shaft turns against the crank and takes the rest of the primary force
 * @param centre middle of the crank in the donor's axes, m; empty where nobody has measured it
 * @param works done to its balance, none where they are left out
 * @param balancerLate angle by which its balance shafts come late, by the teeth of their gears, rad; 0 where it is left out
 */
@RecordBuilder
public record Crank(
        double stroke,
        double rod,
        double reciprocatingMass,
        List<Double> throwAngles,
        List<Double> cylinderAngles,
        List<Double> positions,
        double counterweight,
        Balancer balancer,
        Optional<Vec3> centre,
        List<CrankWork> works,
        Double balancerLate)
        implements CrankBuilder.With {
    public enum Balancer {
        NONE("none"),
        /** One shaft against the crank at its speed. */
        PRIMARY("one, at crank speed"),
        /** Two shafts at twice the speed. */
        SECONDARY("two, at twice");

        private final String words;

        Balancer(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Of what a balance shaft is for; what is left is how well such shafts are made and timed, common practice. */
    private static final double TAKEN = 0.95;

    private static final int MOST_WORKS = 24;

    public Crank {
        Guard.positive("stroke", stroke, "m");
        Guard.positive("rod", rod, "m");
        if (rod <= stroke / 2) {
            throw new InvalidValue(
                    "rod", "is " + rod + " m, must be longer than half the stroke, " + stroke / 2 + " m");
        }
        Guard.positive("reciprocatingMass", reciprocatingMass, "kg");
        throwAngles = List.copyOf(Guard.present("throwAngles", throwAngles));
        cylinderAngles = List.copyOf(Guard.present("cylinderAngles", cylinderAngles));
        positions = List.copyOf(Guard.present("positions", positions));
        if (throwAngles.isEmpty()
                || throwAngles.size() != cylinderAngles.size()
                || positions.size() != throwAngles.size()) {
            throw new InvalidValue(
                    "throwAngles",
                    "has " + throwAngles.size() + " entries, cylinderAngles " + cylinderAngles.size()
                            + " and positions " + positions.size() + "; there must be one for each cylinder");
        }
        Guard.within("counterweight", counterweight, 0, 1, "");
        Guard.present("balancer", balancer);
        centre = centre == null ? Optional.empty() : centre;
        works = works == null ? List.of() : List.copyOf(works);
        Guard.within("works", works.size(), 0, MOST_WORKS, "");
        balancerLate = balancerLate == null ? 0.0 : balancerLate;
        Guard.within("balancerLate", balancerLate, -Math.PI, Math.PI, "rad");
    }

    /** One whose place in the donor nobody has measured, as it was made. */
    public Crank(
            double stroke,
            double rod,
            double reciprocatingMass,
            List<Double> throwAngles,
            List<Double> cylinderAngles,
            List<Double> positions,
            double counterweight,
            Balancer balancer) {
        this(
                stroke,
                rod,
                reciprocatingMass,
                throwAngles,
                cylinderAngles,
                positions,
                counterweight,
                balancer,
                Optional.empty(),
                List.of(),
                0.0);
    }

    /** With a hole that has no size yet. */
    public Crank withOneMore() {
        List<CrankWork> more = new ArrayList<>(works);
        more.add(new CrankWork(
                "work " + (works.size() + 1), CrankWork.Sort.HOLE_ALONG, Math.PI, 0, stroke / 2, 0, 0, 0, 0));
        return withWorks(more);
    }

    public int cylinders() {
        return throwAngles.size();
    }

    /**
     * What moves in it, turned so that the crank turns positively about its axis.
     *
     * @param turns 1 where it turns from upright toward forward, -1 where it turns the other way
     */
    public CrankTrain train(int turns) {
        double radius = stroke / 2;
        List<CrankTrain.Cylinder> moving = new ArrayList<>();
        List<CrankTrain.Counterweight> weights = new ArrayList<>();
        for (int k = 0; k < cylinders(); k++) {
            double pin = turns * throwAngles.get(k);
            double place = turns * positions.get(k);
            moving.add(CrankTrain.Cylinder.plain(
                    pin, turns * cylinderAngles.get(k), place, radius, rod, reciprocatingMass));
            weights.add(new CrankTrain.Counterweight(counterweight * reciprocatingMass * radius, pin + Math.PI, place));
        }
        for (CrankWork work : works) {
            double angle = turns * throwAngles.get(0) + work.angle() + (work.amount() < 0 ? Math.PI : 0);
            weights.add(new CrankTrain.Counterweight(Math.abs(work.amount()), angle, turns * work.along()));
        }
        return new CrankTrain(moving, weights, shafts(turns));
    }

    /**
     * A to-and-fro force is half of one that turns with the crank and half of one against it; shafts take what the weights of the
     * crank cannot.
     */
    private List<CrankTrain.BalanceShaft> shafts(int turns) {
        double unit = reciprocatingMass * stroke / 2;
        if (balancer == Balancer.PRIMARY) {
            return List.of(shaft(-1, TAKEN * unit / 2, turns, 2, -1));
        }
        if (balancer == Balancer.SECONDARY) {
            // Twice as fast pulls four times as hard; the second order is r / l of the first.
            double half = TAKEN * unit * stroke / (2 * rod) / 8;
            return List.of(shaft(2, half, turns, -1, 2), shaft(-2, half, turns, 3, -2));
        }
        return List.of();
    }

    /** Against the sum of vectors of one size at {@code banks} times each bank and {@code throwsTimes} times each throw. */
    private CrankTrain.BalanceShaft shaft(int ratio, double unit, int turns, int banks, int throwsTimes) {
        double along = 0;
        double across = 0;
        for (int k = 0; k < cylinders(); k++) {
            double way = turns * (banks * cylinderAngles.get(k) + throwsTimes * throwAngles.get(k));
            along += Math.cos(way);
            across += Math.sin(way);
        }
        return new CrankTrain.BalanceShaft(
                ratio,
                unit * Math.hypot(along, across),
                Math.atan2(across, along) + Math.PI - Math.signum(ratio) * balancerLate,
                0,
                0,
                0);
    }
}
