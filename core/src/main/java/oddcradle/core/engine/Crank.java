package oddcradle.core.engine;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

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
        Balancer balancer)
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
    }

    public int cylinders() {
        return throwAngles.size();
    }
}
