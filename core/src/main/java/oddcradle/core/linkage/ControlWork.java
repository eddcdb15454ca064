package oddcradle.core.linkage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import oddcradle.core.math.Guard;

/**
 * What a hand has to do at a train of levers, and what it gets for it.
 *
 * @param reached how far the engine's lever turns at the end of the hand's travel, the way it is meant to, rad; negative where it goes the
 *     wrong way
 * @param whole whether the hand's lever comes to the end of its travel at all
 * @param stopsAt angle of the hand's lever where it ends, rad
 * @param force the most a hand pulls, N
 * @param forces what a hand pulls at each step of its travel, N
 * @param linkForces the most that each link carries, N
 * @param back the least moment that the engine's own spring leaves at the hand's lever to bring it home, N m
 * @param bow farthest that the engine's lever runs ahead of or behind a straight share of the hand's travel, a share of its whole way
 * @param transmission least share of a link's pull that turns its lever, 0 to 1
 * @param pulls whether every cable is pulled all the way
 * @param firstRatio engine's turn over the hand's, at rest, a ratio
 * @param lastRatio the same at the end, a ratio
 */
public record ControlWork(
        double reached,
        boolean whole,
        double stopsAt,
        double force,
        List<Double> forces,
        List<Double> linkForces,
        double back,
        double bow,
        double transmission,
        boolean pulls,
        double firstRatio,
        double lastRatio) {
    public ControlWork {
        forces = List.copyOf(forces);
        linkForces = List.copyOf(linkForces);
    }

    /**
     * Moment at the engine's lever over what a hand does for it, by work: {@code F arm = M ratio loss}; its spring comes back with
     * {@code M ratio / loss}.
     *
     * @param travel of the hand's lever, rad, signed
     * @param wanted of the engine's lever, rad, signed
     * @param atRest moment that resists at the engine's lever at rest, N m, 0 or more
     * @param atEnd the same where it is wanted; straight between
     * @param returning share of that moment that is a spring and comes back, 0 to 1
     */
    public static ControlWork of(
            ControlTrain train, double travel, double wanted, double atRest, double atEnd, double returning) {
        Guard.notNegative("atRest", atRest, "N m");
        Guard.notNegative("atEnd", atEnd, "N m");
        Guard.within("returning", returning, 0, 1, "");
        List<ControlTrain.At> way = train.through(travel);
        ControlTrain.At end = way.get(way.size() - 1);
        double handArm = train.levers().get(0).inArm();
        List<Double> forces = new ArrayList<>();
        double[] links = new double[train.links().size()];
        double back = Double.POSITIVE_INFINITY;
        double bow = 0;
        double transmission = 1;
        boolean pulls = true;
        for (ControlTrain.At at : way) {
            double share = Math.max(0, Math.min(1, at.engine() / wanted));
            double moment = atRest + (atEnd - atRest) * share;
            back = Math.min(back, moment * Math.abs(at.ratio()) * returning / train.loss());
            for (int k = train.links().size() - 1; k >= 0; k--) {
                double link = moment
                        / (at.transmission().get(k) * train.levers().get(k + 1).inArm());
                links[k] = Math.max(links[k], link);
                moment *= Math.abs(at.ratios().get(k)) * train.links().get(k).loss();
            }
            forces.add(moment / handArm);
            if (end.engine() != 0) {
                bow = Math.max(bow, Math.abs(at.engine() / end.engine() - at.hand() / end.hand()));
            }
            transmission = Math.min(
                    transmission,
                    at.transmission().stream()
                            .mapToDouble(Double::doubleValue)
                            .min()
                            .orElseThrow());
            pulls &= at.pulls();
        }
        return new ControlWork(
                end.engine() * Math.signum(wanted),
                ControlTrain.isWhole(way, travel),
                end.hand(),
                Collections.max(forces),
                forces,
                Arrays.stream(links).boxed().toList(),
                back,
                bow,
                transmission,
                pulls,
                way.get(0).ratio(),
                end.ratio());
    }
}
