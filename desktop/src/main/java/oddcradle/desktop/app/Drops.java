package oddcradle.desktop.app;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Executor;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.input.TransferMode;
import oddcradle.core.drawn.WireFrame;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Scan;
import oddcradle.core.job.donor.RunningEngine;
import oddcradle.core.job.edit.BodyEdit;
import oddcradle.core.job.edit.Side;
import oddcradle.core.job.host.Host;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.units.InvalidWords;
import oddcradle.desktop.store.Desk;
import oddcradle.files.job.Belongings;
import oddcradle.files.job.JobStore;
import oddcradle.files.mesh.LengthUnit;
import oddcradle.files.table.HostTables;
import oddcradle.files.table.PressureTable;
import oddcradle.files.wire.DxfWire;

/** A file dropped on the window: a job is opened, a mesh becomes the scan of what is measured, a table or a drawing goes into the job. */
final class Drops {
    private final Desk desk;
    private final JobFiles files;
    private final Question question;
    private final Executor background;

    Drops(Desk desk, JobFiles files, Question question, Executor background) {
        this.desk = desk;
        this.files = files;
        this.question = question;
        this.background = background;
    }

    void listen(Scene scene) {
        scene.setOnDragOver(drag -> {
            if (drag.getDragboard().hasFiles()) {
                drag.acceptTransferModes(TransferMode.COPY);
            }
        });
        scene.setOnDragDropped(drop -> {
            List<Path> dropped =
                    drop.getDragboard().getFiles().stream().map(File::toPath).toList();
            drop.setDropCompleted(!dropped.isEmpty());
            // The other program waits until this is told; a question would hold it up.
            Platform.runLater(() -> take(dropped));
            drop.consume();
        });
    }

    /** Takes what was dropped, or says why not; on trouble nothing changes. */
    void take(List<Path> dropped) {
        if (dropped.size() != 1) {
            complain(dropped.size() + " files were dropped; drop one at a time, so that it is clear what each is for.");
            return;
        }
        Path file = dropped.get(0);
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        if (Files.isDirectory(file)) {
            complain(file.getFileName() + " is a folder; drop a file.");
        } else if (name.endsWith(JobStore.EXTENSION)) {
            files.open(file);
        } else if (name.endsWith(".stl") || name.endsWith(".obj") || name.endsWith(".ply")) {
            scan(file);
        } else if (name.endsWith(".csv")) {
            guarded(() -> table(file));
        } else if (name.endsWith(".dxf")) {
            guarded(() -> lines(file));
        } else {
            complain(file.getFileName()
                    + " is nothing that can be dropped here: jobs, meshes (STL, OBJ, PLY), tables (CSV) and drawings"
                    + " (DXF) can.");
        }
    }

    private interface Taking {
        void run() throws IOException;
    }

    private void guarded(Taking taking) {
        try {
            taking.run();
        } catch (InvalidValue invalid) {
            complain(InvalidWords.of(invalid, desk.units()));
        } catch (IOException unreadable) {
            complain(FileWords.of(unreadable));
        }
    }

    private void complain(String words) {
        desk.complaintProperty().set(words.endsWith(".") ? words : words + ".");
    }

    private Optional<Double> askUnit(Path file) {
        LengthUnit[] units = LengthUnit.values();
        String[] words = new String[units.length];
        for (int k = 0; k < units.length; k++) {
            words[k] = units[k].symbol();
        }
        return question.ask("In which unit are the numbers of " + file.getFileName() + "?", "Leave it", words)
                .map(chosen -> units[chosen].metres());
    }

    private void scan(Path mesh) {
        Optional<Path> job = desk.session().fileProperty().get();
        if (job.isEmpty()) {
            complain("Save the job first; a scan lies in the same folder as its job.");
            return;
        }
        Optional<Integer> of =
                question.ask("What is " + mesh.getFileName() + " a scan of?", "Leave it", "The donor", "The host");
        Optional<Double> unit = of.flatMap(chosen -> askUnit(mesh));
        if (unit.isEmpty()) {
            return;
        }
        Side chosen = of.get() == 0 ? Side.DONOR : Side.HOST;
        background.execute(() -> {
            try {
                if (!Belongings.takeIn(mesh, job.get())) {
                    throw new IOException("beside the job lies another file of the name " + mesh.getFileName()
                            + "; give one of them another name");
                }
                Scan scan = new Scan(mesh.getFileName().toString(), unit.get(), List.of());
                Platform.runLater(() -> {
                    desk.goTo(chosen == Side.DONOR ? Step.DONOR : Step.HOST);
                    desk.apply(chosen.takeScan(desk.session().job(), Optional.of(scan), "scan", "scan"));
                });
            } catch (IOException failed) {
                Platform.runLater(() -> complain(FileWords.of(failed)));
            } catch (InvalidValue invalid) {
                Platform.runLater(() -> complain(InvalidWords.of(invalid, desk.units())));
            }
        });
    }

    private void table(Path csv) throws IOException {
        Job job = desk.session().job();
        List<String> columns = HostTables.columns(csv);
        if (columns.contains("angle") && columns.contains("pressure")) {
            List<Double> curve =
                    PressureTable.read(csv, job.donor().engine().cycle().radians());
            desk.apply(new BodyEdit.ChangeDonor(
                    job.donor()
                            .withEngine(RunningEngine.withPressure(job.donor().engine(), curve)),
                    "pressure from " + csv.getFileName(),
                    "drop"));
        } else if (columns.contains("section")) {
            host(HostTables.withTubes(job.host(), csv), csv);
        } else if (columns.contains("x") || columns.contains("forward")) {
            host(HostTables.withNodes(job.host(), csv), csv);
        } else {
            complain(csv.getFileName()
                    + " has none of the tables that are read: nodes (id, x, y, z), tubes (id, nodes, section, material),"
                    + " pressure (angle, pressure).");
        }
    }

    private void host(Host host, Path from) {
        desk.apply(new BodyEdit.ChangeHost(host, "take " + from.getFileName(), "drop"));
        desk.goTo(Step.HOST);
    }

    private void lines(Path dxf) throws IOException {
        DxfWire wire = DxfWire.read(dxf);
        Optional<Double> metres = wire.metresPerUnit().or(() -> askUnit(dxf));
        if (metres.isEmpty()) {
            return;
        }
        host(WireFrame.with(desk.session().job(), wire.ends(), metres.get()), dxf);
    }
}
