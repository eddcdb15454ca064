package oddcradle.cli;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import oddcradle.core.control.Progress;
import oddcradle.core.engine.Throttle;
import oddcradle.core.examine.Examination;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.recording.Recording;
import oddcradle.core.search.RecordStudy;
import oddcradle.core.search.ShakeMaps;
import oddcradle.core.search.SimulatedAccelerometer;
import oddcradle.core.structure.ShakeWatch;
import oddcradle.files.job.AtomicFile;
import oddcradle.files.report.RecordJson;
import oddcradle.files.report.RecordText;
import oddcradle.files.table.RecordingTable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

@Command(
        name = "record",
        description = "Lays a vibration record over what was predicted and says what would explain the difference.")
final class RecordCommand implements Callable<Integer> {
    private static final int NOTHING = 1;
    private static final double SIMULATED = 60;

    @Spec
    private CommandSpec spec;

    @Mixin
    private JobFile file;

    @Mixin
    private Printed printed;

    @Parameters(
            index = "1",
            arity = "0..1",
            paramLabel = "CSV",
            description = "time [s], x [m/s2], y [m/s2], z [m/s2] and, from a tacho, speed [rpm]")
    private Optional<Path> csv;

    @Option(
            names = "--at",
            paramLabel = "PLACE",
            description = "where it was recorded: output, or what carries a person")
    private Optional<String> place;

    @Option(
            names = "--earlier",
            paramLabel = "CSV",
            description = "an earlier record of the same place: what has changed")
    private Optional<Path> earlier;

    @Option(names = "--no-load", description = "the engine ran without load; else at full throttle")
    private boolean noLoad;

    @Option(names = "--simulate", paramLabel = "FILE", description = "write what a logger would record on this machine")
    private Optional<Path> simulate;

    @Override
    public Integer call() throws IOException {
        Examination examination =
                OpenedJob.examine(file.path(), spec.commandLine().getErr());
        Optional<ShakeMaps.Maps> maps =
                OpenedJob.shaking(examination, spec.commandLine().getErr());
        if (maps.isEmpty()) {
            return NOTHING;
        }
        int watch = watch(maps.get().machine());
        Throttle throttle = noLoad ? Throttle.NO_LOAD : Throttle.FULL;
        if (simulate.isPresent()) {
            AtomicFile.write(
                    simulate.get(),
                    RecordingTable.text(SimulatedAccelerometer.record(
                                    maps.get().machine(),
                                    watch,
                                    SimulatedAccelerometer.Sort.logger(1),
                                    SIMULATED,
                                    true,
                                    throttle))
                            .getBytes(StandardCharsets.UTF_8));
            spec.commandLine().getOut().println("written: " + simulate.get());
            return 0;
        }
        Path recorded = csv.orElseThrow(() -> new ParameterException(
                spec.commandLine(), "name the record, a CSV file, or --simulate FILE to write one"));
        RecordStudy.Study study = study(examination, maps.get(), watch, recorded, throttle);
        Optional<RecordStudy.Study> before = Optional.empty();
        if (earlier.isPresent()) {
            before = Optional.of(study(examination, maps.get(), watch, earlier.get(), throttle));
        }
        spec.commandLine()
                .getOut()
                .println(printed.json() ? RecordJson.of(study, before) : RecordText.of(study, before, printed.style()));
        return 0;
    }

    private RecordStudy.Study study(
            Examination examination, ShakeMaps.Maps maps, int watch, Path recorded, Throttle throttle)
            throws IOException {
        Recording recording = RecordingTable.read(recorded);
        recording.troubles().forEach(trouble -> spec.commandLine().getErr().println(trouble.in(printed.style())));
        try {
            return RecordStudy.of(examination.job(), maps, watch, recording, throttle, Progress.UNWATCHED);
        } catch (InvalidValue useless) {
            throw new ParameterException(spec.commandLine(), recorded.getFileName() + ": " + useless.getMessage());
        }
    }

    private int watch(ShakeMaps.Machine machine) {
        List<ShakeWatch> watches = machine.setting().watches();
        List<Integer> places = RecordStudy.places(machine);
        if (place.isEmpty()) {
            return places.get(0);
        }
        return places.stream()
                .filter(each -> watches.get(each).id().equals(place.get())
                        || watches.get(each).label().equals(place.get()))
                .findFirst()
                .orElseThrow(() -> new ParameterException(
                        spec.commandLine(),
                        "nothing is watched at \"" + place.get() + "\"; there are: "
                                + String.join(
                                        ", ",
                                        places.stream()
                                                .map(each -> watches.get(each).label())
                                                .toList())));
    }
}
