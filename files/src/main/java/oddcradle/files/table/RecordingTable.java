package oddcradle.files.table;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.recording.Recording;
import oddcradle.core.search.SimulatedAccelerometer;
import oddcradle.core.units.Kind;

/**
 * A vibration record as a table: {@code time [s], x [m/s2], y [m/s2], z [m/s2]} and, where a tacho was on it, {@code speed [rpm]}; accelerations also in g.
 */
public final class RecordingTable {
    private static final int MOST_ROWS = 400_000;

    private RecordingTable() {}

    /** @throws UnreadableTable naming what is wrong with the file or with the record in it */
    public static Recording read(Path path) throws IOException {
        Table table = Table.read(path, MOST_ROWS);
        List<Double> times = table.numbers(table.column("time", "t"), Kind.TIME, "s");
        List<Double> x = table.numbers(table.column("x", "ax"), Kind.ACCELERATION, "m/s2");
        List<Double> y = table.numbers(table.column("y", "ay"), Kind.ACCELERATION, "m/s2");
        List<Double> z = table.numbers(table.column("z", "az"), Kind.ACCELERATION, "m/s2");
        List<Vec3> accelerations = new ArrayList<>();
        for (int k = 0; k < times.size(); k++) {
            accelerations.add(new Vec3(x.get(k), y.get(k), z.get(k)));
        }
        Optional<List<Double>> speeds = Optional.empty();
        for (String name : List.of("speed", "rpm")) {
            if (table.has(name)) {
                speeds = Optional.of(table.numbers(name, Kind.ROTATION_SPEED, "rpm"));
            }
        }
        try {
            return Recording.of(times, accelerations, speeds);
        } catch (InvalidValue useless) {
            throw new UnreadableTable(table.file(), useless.problem());
        }
    }

    /** The same table again, for who wants to see what one looks like. */
    public static String text(SimulatedAccelerometer.Samples samples) {
        StringBuilder text = new StringBuilder("time [s],x [m/s2],y [m/s2],z [m/s2]")
                .append(samples.speeds().isPresent() ? ",speed [rpm]" : "")
                .append("\n");
        for (int k = 0; k < samples.times().size(); k++) {
            Vec3 a = samples.accelerations().get(k);
            text.append(String.format(
                    Locale.ROOT, "%.5f,%.4f,%.4f,%.4f", samples.times().get(k), a.x(), a.y(), a.z()));
            int at = k;
            samples.speeds()
                    .ifPresent(
                            speeds -> text.append(String.format(Locale.ROOT, ",%.2f", speeds.get(at) * 30 / Math.PI)));
            text.append("\n");
        }
        return text.toString();
    }
}
