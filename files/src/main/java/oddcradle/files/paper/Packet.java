package oddcradle.files.paper;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import oddcradle.core.cure.Cures;
import oddcradle.core.drive.Stage;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.hardware.Hardware;
import oddcradle.core.hardware.HardwareItem;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.job.Job;
import oddcradle.core.report.Cure;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.step.make.TubeEnd;
import oddcradle.core.structure.StageResult;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;

/** The workshop packet: cover, three views, cut list, a wrap for every cope, hardware, findings. */
public final class Packet {
    private static final double MARGIN = 15;
    private static final List<String> CAUTIONS = List.of(
            "Lifting: support the engine by its own lugs, never stand or reach under it, tie it until it is bolted.",
            "Welding: drain and remove the tank, disconnect the battery, keep a bucket and an extinguisher at hand.",
            "Rotating parts: guard chain and sprockets before the first start; keep hands, hair and sleeves away.",
            "This packet is arithmetic on what was measured and entered. It is no approval. Local codes, the maker's data and"
                    + " the judgement of a licensed person come first, and for aircraft always.");

    private Packet() {}

    /** A plain file name for a job: letters, digits and hyphens, so that it cannot lead out of its folder. */
    public static String fileName(String jobName) {
        String plain =
                jobName.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        String shortened = plain.length() > 60 ? plain.substring(0, 60) : plain;
        return (shortened.isEmpty() ? "job" : shortened) + "-packet.pdf";
    }

    /** How many pages a packet has. */
    public static int pages(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return document.getNumberOfPages();
        }
    }

    /** The PDF's bytes. */
    public static byte[] of(Examination examination, UnitStyle style, PaperSize paper, LocalDate date)
            throws IOException {
        try (PDDocument document = new PDDocument()) {
            Fonts fonts = new Fonts(document);
            cover(document, fonts, paper, examination, date);
            ViewsPage.add(document, fonts, paper, examination, style);
            cutList(document, fonts, paper, examination, style);
            for (CutTube tube : examination.cutList()) {
                for (TubeEnd end : List.of(tube.first(), tube.last())) {
                    if (end.cope().isPresent()) {
                        WrapPage.add(document, fonts, paper, tube, end, style);
                    }
                }
            }
            hardware(document, fonts, paper, examination, style);
            for (HardwareItem plate : examination.hardware().plates()) {
                PlatePage.add(document, fonts, paper, plate, style);
            }
            findings(document, fonts, paper, examination, style);
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private static void cover(
            PDDocument document, Fonts fonts, PaperSize paper, Examination examination, LocalDate date)
            throws IOException {
        Job job = examination.job();
        try (Sheet sheet = new Sheet(document, fonts, paper.width(), paper.height())) {
            double y = sheet.height - 38;
            sheet.text(MARGIN, y, 14, Fonts.Face.BOLD, job.name());
            y -= 12;
            sheet.text(
                    MARGIN,
                    y,
                    5,
                    Fonts.Face.PLAIN,
                    job.donor().name() + " in " + job.host().name());
            y -= 8;
            sheet.colour(Sheet.GRAPHITE);
            sheet.text(MARGIN, y, 4, Fonts.Face.PLAIN, "Workshop packet of " + date);
            y -= 14;
            long stops = count(examination, Severity.STOP);
            long watches = count(examination, Severity.WATCH);
            sheet.colour(stops > 0 ? Sheet.PRIMER : Sheet.INK);
            sheet.text(
                    MARGIN,
                    y,
                    5,
                    Fonts.Face.BOLD,
                    stops > 0
                            ? stops + " STOP and " + watches
                                    + " watch findings: read the last pages before cutting metal"
                            : "No STOP findings, " + watches + " to watch");
            y -= 16;
            sheet.colour(Sheet.INK);
            sheet.text(MARGIN, y, 5, Fonts.Face.BOLD, "Before you begin");
            y -= 8;
            for (String caution : CAUTIONS) {
                y = sheet.paragraph(MARGIN, y, sheet.width - 2 * MARGIN, 4, Fonts.Face.PLAIN, caution) - 1.5;
            }
            CalibrationBars.draw(sheet, MARGIN, 14);
        }
    }

    private static long count(Examination examination, Severity severity) {
        return examination.findings().stream()
                .filter(finding -> finding.severity() == severity)
                .count();
    }

    private static void cutList(
            PDDocument document, Fonts fonts, PaperSize paper, Examination examination, UnitStyle style)
            throws IOException {
        List<List<String>> rows = new ArrayList<>();
        for (CutTube tube : examination.cutList()) {
            rows.add(List.of(
                    tube.tube().id(),
                    tube.tube().label(),
                    tube.tube().section().in(style),
                    tube.tube().material(),
                    style.show(Quantity.length(tube.cutLength())),
                    end(tube.first(), style),
                    end(tube.last(), style)));
        }
        TablePages.add(
                document,
                fonts,
                paper,
                "Cut list",
                "Lengths over the longest points of the finished tube, copes cut. Kerf is not in them.",
                List.of(
                        new TablePages.Column("tube", 14),
                        new TablePages.Column("what", 42),
                        new TablePages.Column("section", 38),
                        new TablePages.Column("material", 46),
                        new TablePages.Column("cut length", 28),
                        new TablePages.Column("first end", 48),
                        new TablePages.Column("last end", 48)),
                rows);
    }

    private static String end(TubeEnd end, UnitStyle style) {
        if (end.cope().isPresent()) {
            return end.node() + ": coped to " + String.join(", ", end.landsOn());
        }
        return end.extension() > 0
                ? end.node() + ": square, runs on " + style.show(Quantity.length(end.extension()))
                : end.node() + ": square";
    }

    private static void hardware(
            PDDocument document, Fonts fonts, PaperSize paper, Examination examination, UnitStyle style)
            throws IOException {
        List<List<String>> rows = new ArrayList<>();
        Hardware hardware = examination.hardware();
        for (MountDesign design : examination.mountDesigns()) {
            for (HardwareItem item : hardware.ofMount(design.isolator().id())) {
                rows.add(List.of(
                        Integer.toString(item.count()),
                        item.kind().word(),
                        item.size().in(style),
                        "mount " + item.mount() + ", boss " + design.isolator().boss()));
            }
        }
        examination.line().stages().forEach(stage -> drive(stage, style).ifPresent(rows::add));
        TablePages.add(
                document,
                fonts,
                paper,
                "Hardware",
                "Plain nuts while fitting; new locking nuts last, when nothing comes apart again.",
                List.of(
                        new TablePages.Column("count", 18),
                        new TablePages.Column("what", 70),
                        new TablePages.Column("size", 100),
                        new TablePages.Column("where", 80)),
                rows);
    }

    private static void findings(
            PDDocument document, Fonts fonts, PaperSize paper, Examination examination, UnitStyle style)
            throws IOException {
        List<List<String>> rows = new ArrayList<>();
        for (Finding finding : examination.findings()) {
            List<String> cures = Cures.of(examination, finding).stream()
                    .map(Cure::label)
                    .map(label -> label.in(style))
                    .toList();
            rows.add(List.of(
                    finding.severity().word(),
                    finding.step().title(),
                    finding.what().in(style),
                    String.join("; or ", cures),
                    finding.why().source().words()));
        }
        TablePages.add(
                document,
                fonts,
                paper,
                "Findings",
                "Worst first. A cure mends its own line; examine again after each.",
                List.of(
                        new TablePages.Column("", 22),
                        new TablePages.Column("step", 18),
                        new TablePages.Column("what", 112),
                        new TablePages.Column("cure", 54),
                        new TablePages.Column("source", 60)),
                rows);
    }

    private static Optional<List<String>> drive(StageResult result, UnitStyle style) {
        if (result.stage() instanceof Stage.Chain chain && result.chain().isPresent()) {
            return Optional.of(List.of(
                    "1",
                    "roller chain",
                    "pitch " + style.show(Quantity.length(chain.pitch())) + ", "
                            + result.chain().get().links() + " links",
                    chain.driverTeeth() + " to " + chain.drivenTeeth() + " teeth"));
        }
        if (result.stage() instanceof Stage.Belt belt) {
            return Optional.of(
                    List.of("1", belt.kind(), style.show(Quantity.length(belt.beltLength())) + " long", belt.label()));
        }
        if (result.stage() instanceof Stage.Variator belt) {
            return Optional.of(List.of(
                    "1", "variator belt", style.show(Quantity.length(belt.beltLength())) + " long", belt.label()));
        }
        return Optional.empty();
    }
}
