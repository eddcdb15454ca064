package oddcradle.core.keeping;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Phrase;
import oddcradle.core.job.book.LogEntry;
import oddcradle.core.search.ShakeMaps;
import oddcradle.core.structure.OrderMap;
import oddcradle.core.structure.ShakeWatch;
import oddcradle.core.units.Quantity;

/**
 * What the log says a place shakes, beside what Shake says of it at cruise, full throttle.
 *
 * @param place as the log names it
 * @param measured the newest there, m/s, root mean square
 * @param predicted of the watched place that bears its name, m/s; empty where none does
 */
public record ShakenAsPredicted(String place, double measured, Optional<Double> predicted) {
    /** As near as such a model comes: rubber as marked, joints stiff, the road left out; common practice. */
    private static final double NEAR = 2;

    /** Every place that the log holds a velocity of, in its order. */
    public static List<ShakenAsPredicted> of(Examination examination, ShakeMaps.Maps maps) {
        Map<String, Double> newest = new LinkedHashMap<>();
        for (LogEntry entry : examination.job().book().log()) {
            if (entry.work() == LogEntry.Work.VIBRATION && entry.value() > 0) {
                newest.put(entry.place(), entry.value());
            }
        }
        OrderMap map = maps.full();
        int cruise = map.nearest(examination.job().donor().engine().cruiseSpeed());
        List<ShakenAsPredicted> all = new ArrayList<>();
        newest.forEach((place, measured) -> all.add(
                new ShakenAsPredicted(place, measured, watched(map, place).map(watch -> map.together(watch, cruise)))));
        return all;
    }

    /** By its name; a seat is where a person is carried. */
    private static Optional<Integer> watched(OrderMap map, String place) {
        String wanted = place.toLowerCase(Locale.ROOT);
        Optional<Integer> person = Optional.empty();
        for (int k = 0; k < map.watches().size(); k++) {
            ShakeWatch watch = map.watches().get(k);
            boolean carries = watch.kind() == ShakeWatch.Kind.FRAME_VELOCITY;
            if (carries || watch.kind() == ShakeWatch.Kind.CARRIED_VELOCITY) {
                if (!wanted.isEmpty() && watch.label().toLowerCase(Locale.ROOT).contains(wanted)) {
                    return Optional.of(k);
                }
                if (carries && person.isEmpty()) {
                    person = Optional.of(k);
                }
            }
        }
        return wanted.contains("seat") ? person : Optional.empty();
    }

    /** Whether measured and predicted are as near as can be hoped for. */
    public boolean isNear() {
        return predicted
                .filter(value -> measured < NEAR * value && value < NEAR * measured)
                .isPresent();
    }

    public Phrase words() {
        String where = place.isEmpty() ? "the machine" : place;
        if (predicted.isEmpty()) {
            return Phrase.of(
                    "{}: {} measured; Shake watches no place of that name", where, Quantity.vibration(measured));
        }
        return Phrase.of(
                isNear()
                        ? "{}: {} measured, {} predicted at cruise; within a factor of two such a model is right"
                        : "{}: {} measured, {} predicted at cruise: something is not as drawn; record it (Shake, Record) and see which stiffness tells it",
                where,
                Quantity.vibration(measured),
                Quantity.vibration(predicted.get()));
    }
}
