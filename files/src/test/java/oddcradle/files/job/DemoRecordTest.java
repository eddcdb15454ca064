package oddcradle.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import oddcradle.core.control.Progress;
import oddcradle.core.engine.Throttle;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.recording.Recording;
import oddcradle.core.search.RecordStudy;
import oddcradle.core.search.RecordWords;
import oddcradle.core.search.ShakeMaps;
import oddcradle.core.search.SimulatedAccelerometer;
import oddcradle.core.search.Suspect;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.table.RecordingTable;
import oddcradle.files.table.UnreadableTable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Records of machines that are otherwise than their jobs, made by the simulated accelerometer and read as a user would. */
class DemoRecordTest {
    private static final Job LISTED = DemoJobs.ORCHARD_TUG.load().job();
    private static final ShakeMaps.Maps PREDICTED =
            ShakeMaps.of(Examination.of(LISTED)).orElseThrow();

    @TempDir
    private Path folder;

    private Recording recorded(Job real, SimulatedAccelerometer.Sort sort, boolean tacho) throws Exception {
        ShakeMaps.Machine machine =
                ShakeMaps.of(Examination.of(real)).orElseThrow().machine();
        Path csv = folder.resolve("record.csv");
        Files.writeString(
                csv,
                RecordingTable.text(SimulatedAccelerometer.record(
                        machine, RecordStudy.places(machine).get(0), sort, 30, tacho, Throttle.FULL)),
                StandardCharsets.UTF_8);
        return RecordingTable.read(csv);
    }

    private static RecordStudy.Study study(Recording recording) {
        return RecordStudy.of(
                LISTED,
                PREDICTED,
                RecordStudy.places(PREDICTED.machine()).get(0),
                recording,
                Throttle.FULL,
                Progress.UNWATCHED);
    }

    /** What was changed behind the record is found in it: which, and by how much. */
    @ParameterizedTest
    @EnumSource(
            value = Suspect.class,
            names = {"STIFFNESS", "MASS"})
    void whatIsOtherwise_isFoundInTheRecord(Suspect changed) throws Exception {
        double factor = 1.25;
        Recording recording = recorded(changed.times(LISTED, factor), SimulatedAccelerometer.Sort.logger(5), true);
        RecordStudy.Study study = study(recording);
        assertThat(study.differs()).isGreaterThan(1);
        RecordStudy.Explanation found = study.explanations().stream()
                .filter(each -> each.suspect() == changed)
                .findFirst()
                .orElseThrow();
        assertThat(found.factor()).isCloseTo(factor, within(0.04));
        assertThat(found.left()).isLessThan(0.25 * study.differs());
        assertThat(study.explanations().get(0).left()).isCloseTo(found.left(), within(0.15));
        // Taken back into the model the machine shakes as recorded.
        Job taken = found.suspect().times(LISTED, found.factor());
        ShakeMaps.Maps again = ShakeMaps.of(Examination.of(taken)).orElseThrow();
        double after = RecordStudy.of(
                        taken,
                        again,
                        RecordStudy.places(again.machine()).get(0),
                        recording,
                        Throttle.FULL,
                        Progress.UNWATCHED)
                .differs();
        assertThat(after).isLessThan(0.5);
    }

    /** A phone has no tacho: the speed is found by the orders that are expected. */
    @Test
    void phoneWithoutATacho_agreesWithThePrediction() throws Exception {
        RecordStudy.Study study = study(recorded(LISTED, SimulatedAccelerometer.Sort.phone(2), false));
        assertThat(study.points()).hasSizeGreaterThan(60);
        assertThat(study.differs()).isLessThan(2);
        assertThat(Math.abs(study.louder())).isLessThan(1);
    }

    /** An older record of softer mounts differs by what has changed since. */
    @Test
    void drift_isToldByOrder() throws Exception {
        RecordStudy.Study now =
                study(recorded(Suspect.STIFFNESS.times(LISTED, 1.6), SimulatedAccelerometer.Sort.logger(3), true));
        RecordStudy.Study same = study(recorded(LISTED, SimulatedAccelerometer.Sort.logger(4), true));
        RecordStudy.Study before = study(recorded(LISTED, SimulatedAccelerometer.Sort.logger(6), true));
        assertThat(RecordWords.changed(same, before)).isEmpty();
        assertThat(RecordWords.changed(now, before)).isNotEmpty();
        assertThat(RecordWords.verdict(same).in(UnitStyle.MILLIMETRES)).isEqualTo("It shakes as predicted.");
    }

    @Test
    void recordsThatAreNone_areRefusedByLineAndCure() throws Exception {
        Path csv = folder.resolve("bad.csv");
        Files.writeString(csv, "time,x [m/s2],y [m/s2],z [m/s2]\n0,1,2,3\n");
        assertThatThrownBy(() -> RecordingTable.read(csv))
                .isInstanceOf(UnreadableTable.class)
                .hasMessageContaining("time [s]");
        Files.writeString(csv, "time [s],x [g],y [g],z [g]\n0,1,2,3\n0.01,1,two,3\n");
        assertThatThrownBy(() -> RecordingTable.read(csv)).hasMessageContaining("\"two\" in \"y\" is no number");
        Files.writeString(csv, "time [s],x [g],y [g],z [g]\n0,1,2,3\n");
        assertThatThrownBy(() -> RecordingTable.read(csv)).hasMessageContaining("record longer");
        Files.writeString(csv, "time [s],x [kg],y [g],z [g]\n0,1,2,3\n");
        assertThatThrownBy(() -> RecordingTable.read(csv)).hasMessageContaining("wrong unit for \"x\"");
    }
}
