package oddcradle.core.search;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import oddcradle.core.finding.Phrase;
import oddcradle.core.structure.EngineShaking;
import oddcradle.core.units.Quantity;

/** A record beside its prediction, in words. */
public final class RecordWords {
    /** Two records differ when they are farther apart, dB: a fifth more or less. */
    private static final double CHANGED = 1.6;

    /** Nobody knows a factor better. */
    private static final double FINEST = 0.01;

    private static final double SAME_SPEED = 0.03;
    /** No model of a machine comes nearer, dB; common practice. */
    private static final double AS_PREDICTED = 1;

    private RecordWords() {}

    /** How far record and prediction are apart. */
    public static Phrase differs(RecordStudy.Study study) {
        return Phrase.of(
                "{} orders and speeds compared at the {}, {} to {}: they differ by {} dB, {} is measured on the whole",
                Quantity.count(study.points().size()),
                study.watch().label(),
                Quantity.rotationSpeed(study.points().get(0).speed()),
                Quantity.rotationSpeed(
                        study.points().get(study.points().size() - 1).speed()),
                decibels(study.differs()),
                study.louder() > 0 ? decibels(study.louder()) + " dB more" : decibels(-study.louder()) + " dB less");
    }

    private static String decibels(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }

    /** What one suspect would explain. */
    public static Phrase explains(RecordStudy.Explanation each) {
        return Phrase.of(
                "{} {} times as listed, give or take {}, leaves {} dB",
                each.suspect().words(),
                String.format(Locale.ROOT, "%.2f", each.factor()),
                each.sigma() < 9 ? String.format(Locale.ROOT, "%.2f", Math.max(FINEST, each.sigma())) : "anything",
                decibels(each.left()));
    }

    /** How sure one of them can be said to be it. */
    public static Phrase verdict(RecordStudy.Study study) {
        RecordStudy.Explanation first = study.explanations().get(0);
        RecordStudy.Explanation second = study.explanations().get(1);
        if (study.differs() < AS_PREDICTED) {
            return Phrase.of("It shakes as predicted.");
        }
        if (first.left() > 0.8 * study.differs() || Math.abs(first.factor() - 1) < 2 * first.sigma()) {
            return Phrase.of(
                    "No one of them explains it: look at the place of the sensor, at the throttle, at what is listed.");
        }
        return second.left() < 1.15 * first.left()
                ? Phrase.of(
                        "The {} or the {}: the record cannot tell which. Weigh the donor, or record at another place.",
                        first.suspect().words(),
                        second.suspect().words())
                : Phrase.of("It is best explained by the {}.", first.suspect().words());
    }

    /** Order by order what has changed since an earlier record of the same place. */
    public static List<Phrase> changed(RecordStudy.Study now, RecordStudy.Study before) {
        return now.track().orders().stream()
                .flatMap(order -> change(now, before, order).stream())
                .toList();
    }

    /** Where it has changed most, three neighbouring speeds together. */
    private static Optional<Phrase> change(RecordStudy.Study now, RecordStudy.Study before, double order) {
        List<RecordStudy.Point> earlier =
                before.points().stream().filter(each -> each.order() == order).toList();
        List<double[]> changes = new ArrayList<>();
        for (RecordStudy.Point point : now.points()) {
            if (point.order() == order) {
                earlier.stream()
                        .min(Comparator.comparingDouble(other -> Math.abs(other.speed() - point.speed())))
                        .filter(same -> Math.abs(same.speed() - point.speed()) < SAME_SPEED * point.speed())
                        .ifPresent(same -> changes.add(
                                new double[] {point.speed(), 20 * Math.log10(point.measured() / same.measured())}));
            }
        }
        double most = 0;
        double at = 0;
        for (int k = 1; k < changes.size() - 1; k++) {
            double here = (changes.get(k - 1)[1] + changes.get(k)[1] + changes.get(k + 1)[1]) / 3;
            if (Math.abs(here) > Math.abs(most)) {
                most = here;
                at = changes.get(k)[0];
            }
        }
        return Math.abs(most) < CHANGED
                ? Optional.empty()
                : Optional.of(Phrase.of(
                        "order {}: {} dB {} than before at {}",
                        EngineShaking.words(order),
                        decibels(Math.abs(most)),
                        most > 0 ? "more" : "less",
                        Quantity.rotationSpeed(at)));
    }
}
