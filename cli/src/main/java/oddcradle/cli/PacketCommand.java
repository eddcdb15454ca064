package oddcradle.cli;

import java.io.IOException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.Set;
import java.util.concurrent.Callable;
import oddcradle.core.examine.Examination;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.job.AtomicFile;
import oddcradle.files.paper.Packet;
import oddcradle.files.paper.PacketFolder;
import oddcradle.files.paper.PacketPart;
import oddcradle.files.paper.PaperSize;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(name = "packet", description = "Write the workshop packet: a PDF at true scale, drawings, solids and lists.")
final class PacketCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private JobFile file;

    @Option(names = "--out", required = true, paramLabel = "DIR", description = "folder to write into, made if missing")
    private Path folder;

    @Option(names = "--inch", description = "lengths in fractional inches")
    private boolean inch;

    @Option(
            names = "--paper",
            paramLabel = "SIZE",
            description = "A4, LETTER, A3 or TABLOID (default ${DEFAULT-VALUE})")
    private PaperSize paper = PaperSize.A4;

    @Option(
            names = "--parts",
            paramLabel = "PART",
            split = ",",
            description = "only these, apart by commas: ${COMPLETION-CANDIDATES} (default: all)")
    private Set<PacketPart> parts = EnumSet.allOf(PacketPart.class);

    @Option(names = "--pdf", description = "the PDF alone, without drawings, solids and lists beside it")
    private boolean alone;

    @Override
    public Integer call() throws IOException {
        Examination examination =
                OpenedJob.examine(file.path(), spec.commandLine().getErr());
        UnitStyle style = inch ? UnitStyle.FRACTIONAL_INCHES : UnitStyle.MILLIMETRES;
        Packet.Wishes wishes = new Packet.Wishes(style, paper, parts, LocalDate.now());
        try {
            if (alone) {
                Files.createDirectories(folder);
                Path pdf = folder.resolve(Packet.fileName(examination.job().name()));
                AtomicFile.write(pdf, Packet.of(examination, wishes));
                spec.commandLine().getOut().println(pdf);
            } else {
                PacketFolder.write(examination, wishes, folder)
                        .forEach(spec.commandLine().getOut()::println);
            }
        } catch (FileSystemException refused) {
            throw new IOException(
                    "the packet could not be written to " + folder + " (" + refused.getMessage()
                            + "); choose a folder that can be written to, on a disk with room",
                    refused);
        }
        return 0;
    }
}
