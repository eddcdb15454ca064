package oddcradle.files.paper;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import javax.imageio.ImageIO;
import oddcradle.core.cure.Cures;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.hardware.HardwareItem;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.job.Job;
import oddcradle.core.job.make.Tools.Printed;
import oddcradle.core.report.Cure;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.core.workshop.DrillPlan;
import oddcradle.core.workshop.Drilling;
import oddcradle.core.workshop.WorkshopPlan;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;

/** The workshop packet: everything decided as papers in the order in which a shop uses them. */
public final class Packet {
    private static final List<String> CAUTIONS = List.of(
            "Lifting: support the engine by its own lugs, never stand or reach under it, tie it until it is bolted.",
            "Welding: drain and remove the tank, disconnect the battery, take rubber and wiring out of the heat, keep a bucket and an extinguisher at"
                    + " hand.",
            "Rotating parts: guard chain and sprockets before the first start; keep hands, hair and sleeves away.",
            "This packet is arithmetic on what was measured and entered. It is no approval. Local codes, the maker's data and"
                    + " the judgement of a licensed person come first, and for aircraft always.");

    private Packet() {}

    /**
     * How it is printed.
     *
     * @param parts that are in it
     */
    public record Wishes(UnitStyle style, PaperSize paper, Set<PacketPart> parts, LocalDate date) {
        public Wishes {
            parts = Set.copyOf(parts);
        }

        /** Everything. */
        public static Wishes all(UnitStyle style, PaperSize paper, LocalDate date) {
            return new Wishes(style, paper, EnumSet.allOf(PacketPart.class), date);
        }
    }

    /** A plain file name for a job: letters, digits and hyphens, so that it cannot lead out of its folder. */
    public static String fileName(String jobName) {
        return plainName(jobName) + "-packet.pdf";
    }

    static String plainName(String jobName) {
        String plain =
                jobName.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        String shortened = plain.length() > 60 ? plain.substring(0, 60) : plain;
        return shortened.isEmpty() ? "job" : shortened;
    }

    /** How many pages a packet has. */
    public static int pages(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return document.getNumberOfPages();
        }
    }

    /**
     * One page as a PNG.
     *
     * @param page from 0
     * @param width of the picture, pixels
     */
    public static byte[] picture(byte[] pdf, int page, double width) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            float scale = (float) (width / document.getPage(page).getMediaBox().getWidth());
            ByteArrayOutputStream png = new ByteArrayOutputStream();
            ImageIO.write(new PDFRenderer(document).renderImage(page, scale), "png", png);
            return png.toByteArray();
        }
    }

    /** The PDF's bytes. */
    public static byte[] of(Examination examination, Wishes wishes) throws IOException {
        return of(examination, WorkshopPlan.of(examination), wishes);
    }

    /** @param plan of this examination */
    public static byte[] of(Examination examination, WorkshopPlan plan, Wishes wishes) throws IOException {
        Job job = examination.job();
        Printed printed = job.build().shop().tools().printed();
        List<CutTube> tubes = examination.cutList();
        try (Book book = new Book(job.name(), wishes.paper(), wishes.style(), printed)) {
            for (PacketPart part : PacketPart.values()) {
                if (!wishes.parts().contains(part)) {
                    continue;
                }
                switch (part) {
                    case COVER -> cover(book, examination, wishes);
                    case VIEWS -> ViewsPage.add(book, examination);
                    case BUYING -> BuyingPage.add(book, examination, plan);
                    case BARS -> BarPages.add(book, examination, plan);
                    case LABELS -> LabelPages.add(book, tubes, plan.plates());
                    case BENDS -> BendPages.add(book, tubes);
                    case NOTCHES -> NotchPages.add(book, tubes);
                    case WRAPS -> WrapPages.add(book, tubes);
                    case PLATES -> PlatePages.add(book, plan);
                    case HOLES -> holes(book, plan.holes());
                    case JIG -> JigPage.add(book, plan.jig());
                    case WELDS -> WeldPages.add(book, examination, plan.welds());
                    case HARDWARE -> hardware(book, examination);
                    case ORDER -> OrderPages.add(book, examination, plan.order());
                    case FIT -> FitPages.add(book, examination);
                    case SERVICE -> ServicePages.add(book, examination);
                    case FINDINGS -> findings(book, examination);
                }
            }
            return book.bytes();
        }
    }

    private static void cover(Book book, Examination examination, Wishes wishes) throws IOException {
        Job job = examination.job();
        try (Sheet sheet =
                book.page(job.name(), job.donor().name() + " in " + job.host().name())) {
            double y = book.top() - 8;
            sheet.colour(Sheet.GRAPHITE);
            sheet.text(Book.MARGIN, y, 4, Fonts.Face.PLAIN, "Workshop packet of " + wishes.date());
            y -= 12;
            long stops = count(examination, Severity.STOP);
            long watches = count(examination, Severity.WATCH);
            sheet.colour(stops > 0 ? Sheet.PRIMER : Sheet.INK);
            sheet.text(
                    Book.MARGIN,
                    y,
                    5,
                    Fonts.Face.BOLD,
                    stops > 0
                            ? stops + " STOP and " + watches
                                    + " watch findings: read the last pages before cutting metal"
                            : "No STOP findings, " + watches + " to watch");
            y -= 14;
            sheet.colour(Sheet.INK);
            sheet.text(Book.MARGIN, y, 5, Fonts.Face.BOLD, "Before you begin");
            y -= 8;
            double room = book.room() * 0.56;
            for (String caution : CAUTIONS) {
                y = sheet.paragraph(Book.MARGIN, y, room, 4, Fonts.Face.PLAIN, caution) - 1.5;
            }
            printer(book, sheet, job.build().shop().tools().printed());
        }
    }

    /**
     * Two bars that are drawn as no page is corrected, so that what they read stays the same however often it is typed at Make, Shop. Those at the
     * foot are corrected, and tell whether it was typed rightly.
     */
    private static void printer(Book book, Sheet sheet, Printed printed) throws IOException {
        double x = Book.MARGIN + book.room() * 0.62;
        double width = book.room() * 0.38;
        double y = book.top() - 8;
        sheet.text(x, y, 5, Fonts.Face.BOLD, "Check the printer first");
        y = sheet.paragraph(
                x,
                y - 8,
                width,
                3.6,
                Fonts.Face.PLAIN,
                "Print at actual size, 100 %, never fitted to the page. Measure the two printer bars with a steel rule and type what they read at Make,"
                        + " Shop; print again. The bars at the foot of every page must then read true. The printer bars are never corrected.");
        double level = 100 * printed.across() / Printed.BAR;
        double upright = 100 * printed.upright() / Printed.BAR;
        Book.bar(sheet, x, y - 4, level, "");
        sheet.text(x, y - 9, 3.2, Fonts.Face.PLAIN, "level printer bar");
        double bottom = book.bottom() + 2;
        double bar = x + 4;
        sheet.line(bar, bottom, bar, bottom + upright, 0.3);
        sheet.line(bar - 1.5, bottom, bar + 1.5, bottom, 0.3);
        sheet.line(bar - 1.5, bottom + upright, bar + 1.5, bottom + upright, 0.3);
        sheet.text(bar + 3, bottom + 50, 3.2, Fonts.Face.PLAIN, "upright printer bar");
    }

    private static long count(Examination examination, Severity severity) {
        return examination.findings().stream()
                .filter(finding -> finding.severity() == severity)
                .count();
    }

    private static void holes(Book book, DrillPlan plan) throws IOException {
        UnitStyle style = book.style();
        List<List<String>> rows = new ArrayList<>();
        for (DrillPlan.Hole hole : plan.holes()) {
            List<String> passes = new ArrayList<>(List.of("centre punch"));
            for (Drilling.Pass pass : hole.passes()) {
                passes.add(pass.tool() + " " + style.show(Quantity.length(pass.diameter())) + " at "
                        + Math.round(pass.speed() * 30 / Math.PI / 10) * 10 + " rpm");
            }
            rows.add(List.of(
                    hole.where(),
                    hole.what().in(style),
                    style.show(Quantity.length(hole.diameter())),
                    Double.isNaN(hole.edge()) ? "" : style.show(Quantity.length(hole.edge())),
                    String.join(", then ", passes),
                    hole.how()));
        }
        List<TablePages.Table> tables = new ArrayList<>(List.of(new TablePages.Table(
                "",
                List.of(
                        new TablePages.Column("where", 26),
                        new TablePages.Column("through", 52),
                        new TablePages.Column("hole", 20),
                        new TablePages.Column("edge", 20),
                        new TablePages.Column("passes", 96),
                        new TablePages.Column("which first", 54)),
                rows)));
        if (!plan.threads().isEmpty()) {
            tables.add(new TablePages.Table(
                    "Where a thread has to be cut: three quarters of its depth",
                    List.of(new TablePages.Column("thread", 40), new TablePages.Column("drill", 60)),
                    plan.threads().stream()
                            .map(thread -> List.of(
                                    thread.designation(), style.show(Quantity.length(Drilling.tapDrill(thread)))))
                            .toList()));
        }
        TablePages.add(
                book,
                "Drill plan",
                "In this order. New sharp drills, oil, steady pressure; clamp the work, goggles on. Speeds are the most for plain high-speed steel.",
                tables);
    }

    private static void hardware(Book book, Examination examination) throws IOException {
        UnitStyle style = book.style();
        List<List<String>> rows = new ArrayList<>();
        for (MountDesign design : examination.mountDesigns()) {
            String mount = design.isolator().id();
            for (HardwareItem item : examination.hardware().ofMount(mount)) {
                rows.add(List.of(
                        Integer.toString(item.count()),
                        item.kind().word(),
                        item.size().in(style),
                        "mount " + mount + ", boss " + design.isolator().boss()
                                + (item.fastening().isPresent()
                                        ? ", spanner " + design.stack().thread().spanner()
                                        : "")));
            }
        }
        examination.line().stages().forEach(stage -> DriveLine.of(stage, style)
                .ifPresent(line -> rows.add(line.subList(0, 4))));
        TablePages.add(
                book,
                "Hardware, mount by mount",
                "Plain nuts while fitting; new locking nuts last, when nothing comes apart again.",
                List.of(
                        new TablePages.Column("count", 18),
                        new TablePages.Column("what", 50),
                        new TablePages.Column("size", 120),
                        new TablePages.Column("where", 80)),
                rows);
    }

    private static void findings(Book book, Examination examination) throws IOException {
        UnitStyle style = book.style();
        List<List<String>> rows = new ArrayList<>();
        for (Finding finding : examination.findings()) {
            if (finding.severity() == Severity.GOOD) {
                continue;
            }
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
                book,
                "Findings",
                "Worst first. A cure mends its own line; examine again after each. " + count(examination, Severity.GOOD)
                        + " more are good and left out.",
                List.of(
                        new TablePages.Column("", 22),
                        new TablePages.Column("step", 18),
                        new TablePages.Column("what", 112),
                        new TablePages.Column("cure", 54),
                        new TablePages.Column("source", 60)),
                rows);
    }
}
