package oddcradle.core.job;

import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;
import oddcradle.core.mounting.BondedPad;

/**
 * A round bonded rubber pad between a boss and the cradle, its elastic centre at the boss.
 *
 * @param boss donor boss that it holds
 * @param node cradle node that carries it, through a bracket taken as rigid
 * @param axis of the pad, host axes; it is stiff along it and soft across
 * @param loss structural loss factor of the rubber, 0 to 1
 */
public record Isolator(String id, String boss, String node, Vec3 axis, BondedPad pad, double loss) {
    public Isolator {
        Guard.named("id", id);
        Guard.named("boss", boss);
        Guard.named("node", node);
        Guard.present("axis", axis).unit();
        Guard.present("pad", pad);
        Guard.within("loss", loss, 0, 1, "");
    }

    public Isolator withHardness(double hardness) {
        return new Isolator(id, boss, node, axis, new BondedPad(pad.diameter(), pad.height(), hardness), loss);
    }
}
