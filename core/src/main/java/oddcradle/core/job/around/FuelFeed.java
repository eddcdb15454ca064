package oddcradle.core.job.around;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;

/**
 * From tank to carburettor.
 *
 * @param tank mark of the tank at Seat
 * @param pump pressure of its pump, Pa; 0 where the tank stands high enough
 * @param bore of the line, m
 * @param length of the line, m
 * @param burns fuel for each joule of work, kg/J; about 0.32 kg/kWh for petrol
 * @param slope steepest that the machine stands or climbs, rad
 * @param vent where the tank breathes, host axes, m; empty where nobody has told
 */
@RecordBuilder
public record FuelFeed(
        String tank, double pump, double bore, double length, double burns, double slope, Optional<Vec3> vent)
        implements FuelFeedBuilder.With {
    /** J */
    public static final double KILOWATT_HOUR = 3.6e6;

    public FuelFeed {
        Guard.named("tank", tank);
        Guard.within("pump", pump, 0, 1e6, "Pa");
        Guard.within("bore", bore, 0.001, 0.05, "m");
        Guard.within("length", length, 0.01, 20, "m");
        Guard.within("burns", burns, 1e-8, 1e-6, "kg/J");
        Guard.within("slope", slope, 0, Math.PI / 3, "rad");
        vent = vent == null ? Optional.empty() : vent;
    }
}
