package oddcradle.files.paper;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.workshop.WorkshopPlan;
import oddcradle.files.drawing.View;
import oddcradle.files.handout.DxfParts;
import oddcradle.files.handout.HandOut;
import oddcradle.files.handout.JobTables;
import oddcradle.files.handout.SolidsAsMesh;
import oddcradle.files.job.AtomicFile;

/** The packet with everything that a machine or another program takes: drawings, solids, lists. Each file whole or not at all. */
public final class PacketFolder {
    private static final List<JobTables> LISTS = List.of(
            JobTables.CUTS,
            JobTables.BARS,
            JobTables.BUYING,
            JobTables.HARDWARE,
            JobTables.HOLES,
            JobTables.WELDS,
            JobTables.ORDER);

    private PacketFolder() {}

    /**
     * @param folder made if it is missing
     * @return what was written, the packet first
     */
    public static List<Path> write(Examination examination, Packet.Wishes wishes, Path folder) throws IOException {
        Files.createDirectories(folder);
        String name = Packet.plainName(examination.job().name());
        WorkshopPlan plan = WorkshopPlan.of(examination);
        List<Path> written = new ArrayList<>();
        Path pdf = folder.resolve(Packet.fileName(examination.job().name()));
        AtomicFile.write(pdf, Packet.of(examination, plan, wishes));
        written.add(pdf);
        if (!plan.plates().isEmpty()) {
            written.add(text(folder.resolve(name + "-plates.dxf"), DxfParts.plates(plan.plates())));
        }
        if (examination.cutList().stream().anyMatch(tube -> tube.ends().stream()
                .anyMatch(end -> end.cope().isPresent()))) {
            written.add(text(folder.resolve(name + "-wraps.dxf"), DxfParts.wraps(examination.cutList())));
        }
        for (View view : View.values()) {
            Path file = folder.resolve(name + "-" + view.title().replace(' ', '-') + ".svg");
            HandOut.svg(examination, view.sight(), file);
            written.add(file);
        }
        if (!examination.job().cradle().members().isEmpty()) {
            Path file = folder.resolve(name + "-cradle.stl");
            HandOut.stl(examination, SolidsAsMesh.Of.CRADLE, file);
            written.add(file);
        }
        for (JobTables list : LISTS) {
            Path file = folder.resolve(name + "-" + list.word() + ".csv");
            HandOut.csv(examination, list, wishes.style(), file);
            written.add(file);
        }
        return written;
    }

    private static Path text(Path file, String text) throws IOException {
        AtomicFile.write(file, text.getBytes(StandardCharsets.UTF_8));
        return file;
    }
}
