package oddcradle.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.concurrent.Callable;
import oddcradle.core.examine.Examination;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.paper.Packet;
import oddcradle.files.paper.PaperSize;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(name = "packet", description = "Write the workshop packet, a PDF at true scale.")
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

    @Override
    public Integer call() throws IOException {
        Examination examination =
                OpenedJob.examine(file.path(), spec.commandLine().getErr());
        Files.createDirectories(folder);
        Path pdf = folder.resolve(Packet.fileName(examination.job().name()));
        UnitStyle style = inch ? UnitStyle.FRACTIONAL_INCHES : UnitStyle.MILLIMETRES;
        Files.write(pdf, Packet.of(examination, Packet.Wishes.all(style, paper, LocalDate.now())));
        spec.commandLine().getOut().println(pdf);
        return 0;
    }
}
