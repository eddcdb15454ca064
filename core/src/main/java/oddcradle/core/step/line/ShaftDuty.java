package oddcradle.core.step.line;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.drive.ShaftStrength;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Engine;
import oddcradle.core.job.donor.Pack;
import oddcradle.core.structure.LineResult;
import oddcradle.core.structure.StageResult;

/**
 * What a jackshaft does at full torque in one gear.
 *
 * @param load of what it carries by design, a ratio: without the dynamic factor, and no more than the tyres take
 * @param speed where the engine has its most torque, rad/s
 */
record ShaftDuty(double load, double speed) {
    /**
     * In every gear, lowest first, and in each at both ends of the variators before the shaft.
     *
     * @param k place of the shaft, between stages k and k + 1
     */
    static List<ShaftDuty> of(Job job, LineResult line, int k) {
        Engine engine = Pack.driving(job.donor());
        StageResult after = line.stages().get(k + 1);
        StageResult pulling = after.stage().isInPlane() ? after : line.stages().get(k);
        double varies = 1;
        for (StageResult stage : line.stages().subList(0, k + 1)) {
            if (stage.stage() instanceof Stage.Variator) {
                varies *= stage.highRatio() / stage.ratio();
            }
        }
        List<ShaftDuty> duties = new ArrayList<>();
        for (double gear : engine.gearRatios()) {
            for (double end : varies == 1 ? new double[] {1} : new double[] {1, varies}) {
                double lighter = gear / engine.gearRatios().get(0) * end;
                double pull = Math.min(pulling.byEngine() * lighter, pulling.byGrip());
                duties.add(new ShaftDuty(
                        pulling.design() > 0 ? pull / pulling.design() : 0,
                        engine.maxTorqueSpeed() / (after.speedRatio() * lighter)));
            }
        }
        return duties;
    }

    /**
     * Hours that nine bearings in ten reach, the same time in each: damage adds up (Palmgren and Miner).
     *
     * @param rating of the bearing, N
     * @param design load of the bearing, N
     */
    static double hours(List<ShaftDuty> duties, double rating, double design) {
        double damage = 0;
        for (ShaftDuty duty : duties) {
            damage += 1 / ShaftStrength.lifeHours(rating, design * duty.load(), duty.speed());
        }
        return duties.size() / damage;
    }
}
