package oddcradle.core.proof;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import oddcradle.core.fatigue.Cycle;
import oddcradle.core.fatigue.Rainflow;
import oddcradle.core.frame.EndForces;
import oddcradle.core.section.Fibre;
import oddcradle.core.section.Section;
import oddcradle.core.structure.ShakenMotion;

/**
 * Stress at one weld while the crank turns at one speed: every order with its phase, added as they come in two turns and counted by rainflow.
 * Two orders of equal range make one range of twice that, which wears up to four times as much as the two by themselves.
 *
 * @param order that swings the most there, a ratio to the crank's speed
 * @param cycles in two turns of the crank, at the fibre that swings the most
 */
record TurningStress(double order, List<Cycle> cycles) {
    /** Of two turns: sixteen of the highest order. */
    private static final int SAMPLES = 192;

    private static final double ROUNDING = 1e-6;
    private static final double[] COSINE = new double[SAMPLES];

    static {
        for (int k = 0; k < SAMPLES; k++) {
            COSINE[k] = Math.cos(2 * Math.PI * k / SAMPLES);
        }
    }

    TurningStress {
        cycles = List.copyOf(cycles);
    }

    /**
     * @param fibres of the section
     * @param end index of the weld among those that the parts carry
     * @param least a narrower range harms nothing, Pa
     * @return empty where no range is as wide as that
     */
    static Optional<TurningStress> of(
            Section section, List<Fibre> fibres, List<ShakenMotion.Part> parts, int end, double least) {
        Fibred worst = null;
        double[] history = new double[0];
        double widest = least;
        for (Fibre fibre : fibres) {
            Fibred here = Fibred.of(section, fibre, parts, end);
            if (here.most() <= widest) {
                continue;
            }
            double[] turned = here.history();
            DoubleSummaryStatistics stress = Arrays.stream(turned).summaryStatistics();
            double range = stress.getMax() - stress.getMin() + here.ofLoose();
            if (range > widest) {
                widest = range;
                worst = here;
                history = turned;
            }
        }
        return worst == null ? Optional.empty() : Optional.of(counted(worst, history));
    }

    private static TurningStress counted(Fibred fibre, double[] history) {
        List<Cycle> cycles = new ArrayList<>(Rainflow.repeating(history));
        // Ascending: what is not in step meets the widest of them at times.
        Cycle widest = cycles.remove(cycles.size() - 1);
        cycles.add(new Cycle(widest.range() + fibre.ofLoose(), widest.mean(), widest.count()));
        fibre.loose().forEach(swing -> cycles.add(new Cycle(swing.range(), 0, 2 * swing.order())));
        double order = fibre.all()
                .max(Comparator.comparingDouble(Swing::range))
                .orElseThrow()
                .order();
        return new TurningStress(order, cycles);
    }

    /** One order at one fibre, Pa. */
    private record Swing(double order, double inStep, double behind) {
        double range() {
            return 2 * Math.hypot(inStep, behind);
        }
    }

    /** One fibre: what repeats with two turns, and what is not in step with it. */
    private record Fibred(List<Swing> inStep, List<Swing> loose) {
        static Fibred of(Section section, Fibre fibre, List<ShakenMotion.Part> parts, int end) {
            List<Swing> inStep = new ArrayList<>();
            List<Swing> loose = new ArrayList<>();
            for (ShakenMotion.Part part : parts) {
                ShakenMotion.End forces = part.ends().get(end);
                Swing swing = new Swing(
                        part.order(), stress(section, fibre, forces.inStep()), stress(section, fibre, forces.behind()));
                double halves = 2 * part.order();
                boolean repeats = Math.abs(halves - Math.rint(halves)) < ROUNDING;
                // The same order a second time is an engine that nothing keeps in step with the first.
                boolean second = inStep.stream().anyMatch(other -> Math.abs(other.order() - part.order()) < ROUNDING);
                (repeats && !second ? inStep : loose).add(swing);
            }
            return new Fibred(inStep, loose);
        }

        Stream<Swing> all() {
            return Stream.concat(inStep.stream(), loose.stream());
        }

        /** No range is wider, Pa. */
        double most() {
            return all().mapToDouble(Swing::range).sum();
        }

        double ofLoose() {
            return loose.stream().mapToDouble(Swing::range).sum();
        }

        double[] history() {
            double[] history = new double[SAMPLES];
            for (Swing swing : inStep) {
                int halves = (int) Math.rint(2 * swing.order());
                for (int k = 0; k < SAMPLES; k++) {
                    history[k] += swing.inStep() * COSINE[halves * k % SAMPLES]
                            + swing.behind() * COSINE[(halves * k + SAMPLES * 3 / 4) % SAMPLES];
                }
            }
            return history;
        }
    }

    private static double stress(Section section, Fibre fibre, EndForces end) {
        return end.force().x() / section.area()
                + fibre.stress(end.moment().y(), end.moment().z());
    }
}
