package oddcradle.core.job.edit;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.Stage;
import oddcradle.core.job.FreeMark;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.line.Line;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;

/** Stages as they are often bought, to begin from; sizes are common practice. */
public final class NewStage {
    private static final Map<String, Function<String, Stage>> KINDS = fresh();

    private NewStage() {}

    /** What a stage can be, as a builder calls it. */
    public static List<String> kinds() {
        return List.copyOf(KINDS.keySet());
    }

    /**
     * A stage put in at a place of the drive; the shaft between lies halfway from the engine to the driven end, to be put in its place.
     *
     * @param kind one of {@link #kinds()}
     */
    public static LineEdit.AddStage of(Job job, String kind, int at) {
        Line line = job.line();
        // Bodies share one set of names; nodes have their own.
        Set<String> taken = Stream.of(
                        line.stages().stream().map(Stage::id),
                        line.shafts().stream().map(JackShaft::id),
                        job.donor().bodies().stream().map(Part::id),
                        job.host().keepOuts().stream().map(KeepOut::id),
                        job.members().stream().map(Member::id))
                .flatMap(each -> each)
                .collect(Collectors.toSet());
        String shaft = FreeMark.of("J", taken);
        Vec3 from = job.seat().pose().place(job.donor().output().centre());
        Vec3 to = job.host().drivenEnd().sprocketCentre();
        JackShaft between = new JackShaft(
                shaft,
                "jackshaft " + shaft,
                from.towards(to, 0.5),
                job.host().drivenEnd().axis(),
                0.025,
                0,
                0,
                0.05,
                List.of(-0.08, 0.13),
                14_000,
                0.004,
                0.008,
                350e6,
                List.of());
        return new LineEdit.AddStage(at, KINDS.get(kind).apply(FreeMark.of("S", taken)), between);
    }

    private static Map<String, Function<String, Stage>> fresh() {
        Map<String, Function<String, Stage>> fresh = new LinkedHashMap<>();
        fresh.put("roller chain", id -> new Stage.Chain(id, "chain " + id, 0.0127, 17, 34, 18_000, 0.01, 0.97));
        fresh.put(
                "toothed belt",
                id -> new Stage.Belt(id, "toothed belt " + id, true, 0.08, 0.16, 1.0, 0, 0.03, 0.01, 0.97));
        fresh.put(
                "V-belt",
                id -> new Stage.Belt(id, "V-belt " + id, false, 0.1, 0.16, 1.2, Math.toRadians(38), 0.017, 0.02, 0.94));
        fresh.put(
                "belt variator",
                id -> new Stage.Variator(
                        id, "variator " + id, 0.08, 0.16, 1.2, Math.toRadians(26), 0.03, 200, 350, 0.85));
        fresh.put("gears", id -> new Stage.Gears(id, "gears " + id, 2, false, 0.96));
        fresh.put("flexible coupling", id -> new Stage.Coupling(id, "coupling " + id, 0.0005, Math.toRadians(1), 0));
        fresh.put(
                "universal shaft",
                id -> new Stage.JointShaft(id, "universal shaft " + id, false, 0, Math.toRadians(20), 0.98));
        fresh.put(
                "constant-velocity shaft",
                id -> new Stage.JointShaft(id, "drive shaft " + id, true, 0, Math.toRadians(40), 0.98));
        return fresh;
    }
}
