package oddcradle.core.survey;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.math.InverseOnPattern;
import oddcradle.core.math.Vec3;

/**
 * Finds readings that do not agree: the one whose leaving out betters the whole fit most is named, one after another, after
 * Baarda, A Testing Procedure for Use in Geodetic Networks (1968) (from memory). Every candidate is really left out and
 * fitted anew, because a gross error bends the first fit.
 */
final class Snooping {
    /** Chance that a survey without any slip is accused at all. */
    private static final double FALSE_ALARM = 0.01;

    private static final int MOST_TRIALS = 10;
    /** Two suspects whose fits differ by less cannot be told apart. */
    private static final double TELLS_APART = 4;

    private static final double EXPLAINS = 3;
    private static final double LEAST_REDUNDANCY = 1e-6;

    private final Survey survey;
    private final Network network;
    private final boolean[] used;
    private final boolean[] named;
    private final List<Suspect> suspects = new ArrayList<>();
    private Fit fit;
    private InverseOnPattern inverse;
    private Residual[] residuals;

    /** @param used readings to start with; those left out are cleared in it */
    Snooping(Survey survey, Network network, boolean[] used, Fit fit) {
        this.survey = survey;
        this.network = network;
        this.used = used;
        this.named = new boolean[used.length];
        take(fit);
        int most = Math.max(1, survey.readings().size() / 5);
        while (suspects.size() < most && nameOne()) {
            // Each round leaves out or names at least one reading.
        }
    }

    private void take(Fit other) {
        fit = other;
        inverse = fit.factor().inverseOnPattern();
        residuals = new Residual[survey.readings().size()];
        for (int k = 0; k < residuals.length; k++) {
            residuals[k] = Residual.of(network, k, fit.places(), inverse);
        }
    }

    Fit fit() {
        return fit;
    }

    /** Of the fit: the covariances of the unknowns. */
    InverseOnPattern inverse() {
        return inverse;
    }

    Residual residual(int reading) {
        return residuals[reading];
    }

    List<Suspect> suspects() {
        return suspects;
    }

    /** Two-sided limit of a standardised misfit at which {@link #FALSE_ALARM} is kept over all readings. */
    static double limit(int readings) {
        double twice = 2 * Math.log(2 * Math.max(1, readings) / FALSE_ALARM);
        return Math.sqrt(twice - Math.log(twice) - Math.log(2 * Math.PI));
    }

    private record Trial(int reading, Fit without) {}

    private boolean nameOne() {
        double limit = limit(survey.readings().size());
        List<Trial> trials = trials(limit);
        if (trials.isEmpty() || fit.cost() - trials.get(0).without().cost() < limit * limit) {
            return false;
        }
        double best = trials.get(0).without().cost();
        List<Trial> rivals = trials.stream()
                .filter(each -> each.without().cost() < best + TELLS_APART)
                .toList();
        List<Suspect> accused = new ArrayList<>(
                rivals.stream().map(each -> suspect(each, rivals.size() == 1)).toList());
        int likeliest = likeliest(accused);
        if (likeliest >= 0) {
            used[rivals.get(likeliest).reading()] = false;
            take(rivals.get(likeliest).without());
            suspects.add(accused.get(likeliest));
        } else {
            suspects.addAll(accused);
        }
        rivals.forEach(each -> named[each.reading()] = true);
        return true;
    }

    /** The candidates, each left out, the best remaining fit first. */
    private List<Trial> trials(double limit) {
        Map<Integer, Double> misfits = new HashMap<>();
        for (int k = 0; k < survey.readings().size(); k++) {
            double standardised = Math.abs(residuals[k].standardised());
            if (used[k] && !named[k] && standardised > limit) {
                misfits.put(k, standardised);
            }
        }
        List<Trial> trials = new ArrayList<>();
        misfits.keySet().stream()
                .sorted(Comparator.comparing((Integer k) -> -misfits.get(k)))
                .limit(MOST_TRIALS)
                .forEach(k -> {
                    used[k] = false;
                    Fit.of(network, used).ifPresent(without -> trials.add(new Trial(k, without)));
                    used[k] = true;
                });
        trials.sort(Comparator.comparing(each -> each.without().cost()));
        return trials;
    }

    /** A lone suspect; among several, the one that a slip explains clearly better than the rest; -1 if none stands out. */
    private static int likeliest(List<Suspect> accused) {
        if (accused.size() == 1) {
            return 0;
        }
        List<Integer> order = new ArrayList<>();
        for (int k = 0; k < accused.size(); k++) {
            if (!accused.get(k).cures().isEmpty()) {
                order.add(k);
            }
        }
        order.sort(Comparator.comparing(k -> accused.get(k).cures().get(0).score()));
        if (order.isEmpty()) {
            return -1;
        }
        double first = accused.get(order.get(0)).cures().get(0).score();
        boolean clear =
                order.size() == 1 || accused.get(order.get(1)).cures().get(0).score() > first + 1;
        return clear ? order.get(0) : -1;
    }

    private Suspect suspect(Trial trial, boolean alone) {
        Reading reading = survey.readings().get(trial.reading());
        Vec3[] places = trial.without().places();
        double expected = network.observation(trial.reading()).value() - network.misfit(trial.reading(), places);
        double sigma = predictionSigma(network, network.observation(trial.reading()), trial.without());
        return new Suspect(reading, expected, sigma, alone, cures(reading, trial.without()));
    }

    private List<SlipCure> cures(Reading reading, Fit without) {
        Map<String, Vec3> places = new HashMap<>();
        for (int k = 0; k < network.pointCount(); k++) {
            places.put(network.point(k).id(), without.places()[k]);
        }
        List<SlipCure> cures = new ArrayList<>();
        for (Slips.Meant meant : Slips.of(survey, reading, places::get)) {
            Observation mended = Observation.of(meant.reading());
            double off = mended.value() - mended.predicted(places.get(mended.from()), places.get(mended.to()));
            double spread = Math.hypot(mended.sigma(), predictionSigma(network, mended, without));
            if (Math.abs(off) <= EXPLAINS * spread) {
                cures.add(new SlipCure(meant.slip(), meant.reading(), off / spread));
            }
        }
        cures.sort(Comparator.comparing(SlipCure::score));
        return cures.stream().limit(2).toList();
    }

    /** Standard uncertainty of what a fit predicts for a reading it did not use. */
    private static double predictionSigma(Network network, Observation reading, Fit fit) {
        int[] columns = new int[6];
        double[] values = new double[6];
        network.row(reading, fit.places(), columns, values);
        double[] right = new double[network.unknowns()];
        for (int i = 0; i < 6; i++) {
            if (columns[i] >= 0) {
                right[columns[i]] += values[i];
            }
        }
        double[] solved = fit.factor().solve(right);
        double variance = 0;
        for (int k = 0; k < right.length; k++) {
            variance += right[k] * solved[k];
        }
        return Math.sqrt(Math.max(0, variance));
    }

    /** How one reading stands against a fit that used it. */
    record Residual(double misfit, double redundancy, double standardised) {
        static Residual of(Network network, int reading, Vec3[] places, InverseOnPattern inverse) {
            double[] values = new double[Network.PER_ROW];
            double predicted = network.row(reading, places, values);
            double sigma = network.observation(reading).sigma();
            double explained = 0;
            for (int i = 0; i < 6; i++) {
                int row = network.column(reading, i);
                for (int j = i; row >= 0 && j < 6; j++) {
                    int column = network.column(reading, j);
                    if (column >= 0) {
                        double twice = i == j ? 1 : 2;
                        explained += twice * values[i] * values[j] * inverse.get(row, column);
                    }
                }
            }
            double redundancy = Math.max(0, 1 - explained / (sigma * sigma));
            double misfit = network.observation(reading).value() - predicted;
            double standardised = redundancy > LEAST_REDUNDANCY ? misfit / (sigma * Math.sqrt(redundancy)) : 0;
            return new Residual(misfit, redundancy, standardised);
        }
    }

    static Optional<Snooping> of(Survey survey, Network network, boolean[] used) {
        return Fit.of(network, used).map(fit -> new Snooping(survey, network, used, fit));
    }
}
