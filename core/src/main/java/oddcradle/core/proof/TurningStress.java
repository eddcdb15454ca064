package oddcradle.core.proof;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import oddcradle.core.fatigue.Cycle;
import oddcradle.core.fatigue.Rainflow;
import oddcradle.core.frame.EndForces;
import oddcradle.core.section.Fibre;
import oddcradle.core.section.Section;
import oddcradle.core.structure.ShakenMotion;

/**
 * Stress at welds while the crank turns at one speed: every order with its phase, added as they come in two turns and counted by rainflow.
 * Two orders of equal range make one range of twice that, which wears up to four times as much as the two by themselves. What does not repeat with
 * two turns, and a second engine that nothing keeps in step, meets the widest range at times.
 */
final class TurningStress {
    /** Of two turns: sixteen of the highest order. */
    private static final int SAMPLES = 192;

    private static final double ROUNDING = 1e-6;
    private static final double[] COSINE = new double[SAMPLES];

    static {
        for (int k = 0; k < SAMPLES; k++) {
            COSINE[k] = Math.cos(2 * Math.PI * k / SAMPLES);
        }
    }

    private final List<ShakenMotion.Part> parts;
    /** Of each part how often it swings in two turns; 0 where it is not in step. */
    private final int[] swings;

    /** @param parts of one speed */
    TurningStress(List<ShakenMotion.Part> parts) {
        this.parts = parts;
        this.swings = new int[parts.size()];
        for (int p = 0; p < swings.length; p++) {
            double twice = 2 * parts.get(p).order();
            int whole = (int) Math.rint(twice);
            boolean repeats = Math.abs(twice - whole) < ROUNDING;
            boolean second = Arrays.stream(swings, 0, p).anyMatch(before -> before == whole);
            swings[p] = repeats && !second ? whole : 0;
        }
    }

    /**
     * What is counted at one weld.
     *
     * @param order that swings the most there, a ratio to the crank's speed
     * @param cycles in two turns of the crank, at the fibre that swings the most
     */
    record Counted(double order, List<Cycle> cycles) {
        Counted {
            cycles = List.copyOf(cycles);
        }
    }

    /** One fibre: of each part half its range, in step with the crank and a quarter turn behind, Pa. */
    private record Swung(double[] inStep, double[] behind) {
        double range(int part) {
            return 2 * Math.sqrt(inStep[part] * inStep[part] + behind[part] * behind[part]);
        }
    }

    /**
     * @param fibres of the section
     * @param end index of the weld among those that the parts carry
     * @param least a narrower range harms nothing, Pa
     * @return empty where no range is as wide as that
     */
    Optional<Counted> at(Section section, List<Fibre> fibres, int end, double least) {
        if (most(section, end) <= least) {
            return Optional.empty();
        }
        Swung worst = null;
        double[] history = new double[0];
        double widest = least;
        for (Fibre fibre : fibres) {
            Swung here = swung(section, fibre, end);
            double together = 0;
            double loose = 0;
            for (int p = 0; p < swings.length; p++) {
                together += here.range(p);
                loose += swings[p] == 0 ? here.range(p) : 0;
            }
            if (together <= widest) {
                continue;
            }
            double[] turned = history(here);
            DoubleSummaryStatistics stress = Arrays.stream(turned).summaryStatistics();
            double range = stress.getMax() - stress.getMin() + loose;
            if (range > widest) {
                widest = range;
                worst = here;
                history = turned;
            }
        }
        return worst == null ? Optional.empty() : Optional.of(counted(worst, history));
    }

    /** No fibre swings wider, Pa. */
    private double most(Section section, int end) {
        double most = 0;
        for (ShakenMotion.Part part : parts) {
            EndForces a = part.ends().get(end).inStep();
            EndForces b = part.ends().get(end).behind();
            most += 2
                    * (Math.hypot(a.force().x(), b.force().x()) / section.area()
                            + section.bendingStress(
                                    Math.hypot(a.moment().y(), b.moment().y()),
                                    Math.hypot(a.moment().z(), b.moment().z())));
        }
        return most;
    }

    private Swung swung(Section section, Fibre fibre, int end) {
        double[] inStep = new double[swings.length];
        double[] behind = new double[swings.length];
        for (int p = 0; p < swings.length; p++) {
            ShakenMotion.End forces = parts.get(p).ends().get(end);
            inStep[p] = stress(section, fibre, forces.inStep());
            behind[p] = stress(section, fibre, forces.behind());
        }
        return new Swung(inStep, behind);
    }

    private double[] history(Swung swung) {
        double[] history = new double[SAMPLES];
        for (int p = 0; p < swings.length; p++) {
            if (swings[p] > 0) {
                for (int k = 0; k < SAMPLES; k++) {
                    history[k] += swung.inStep()[p] * COSINE[swings[p] * k % SAMPLES]
                            + swung.behind()[p] * COSINE[(swings[p] * k + SAMPLES * 3 / 4) % SAMPLES];
                }
            }
        }
        return history;
    }

    private Counted counted(Swung swung, double[] history) {
        List<Cycle> cycles = new ArrayList<>(Rainflow.repeating(history));
        double loose = 0;
        int most = 0;
        for (int p = 0; p < swings.length; p++) {
            most = swung.range(p) > swung.range(most) ? p : most;
            loose += swings[p] == 0 ? swung.range(p) : 0;
        }
        // Ascending: what is not in step meets the widest of them at times.
        Cycle widest = cycles.remove(cycles.size() - 1);
        cycles.add(new Cycle(widest.range() + loose, widest.mean(), widest.count()));
        for (int p = 0; p < swings.length; p++) {
            if (swings[p] == 0) {
                cycles.add(new Cycle(swung.range(p), 0, 2 * parts.get(p).order()));
            }
        }
        return new Counted(parts.get(most).order(), cycles);
    }

    private static double stress(Section section, Fibre fibre, EndForces end) {
        return end.force().x() / section.area()
                + fibre.stress(end.moment().y(), end.moment().z());
    }
}
