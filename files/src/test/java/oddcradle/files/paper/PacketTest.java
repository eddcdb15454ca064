package oddcradle.files.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Point2D;
import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.section.Tube;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.step.make.TubeEnd;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.job.DemoJobs;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** The packet read back as a printer would. */
class PacketTest {
    private static final double MM_PER_POINT = 25.4 / 72;
    private static final Examination DEMO =
            Examination.of(DemoJobs.SALTMARSH_RUNABOUT.load().job());

    private static PDDocument packet(Examination examination, UnitStyle style, PaperSize paper) throws IOException {
        return Loader.loadPDF(Packet.of(examination, style, paper, LocalDate.of(2026, 11, 24)));
    }

    private static String text(PDDocument document, int page) throws IOException {
        PDFTextStripper stripper = new PDFTextStripper();
        stripper.setStartPage(page);
        stripper.setEndPage(page);
        return stripper.getText(document);
    }

    @Test
    void pages_areOfTheChosenSize_oneForEveryCope() throws IOException {
        long copes = DEMO.cutList().stream()
                .flatMap(tube -> List.of(tube.first(), tube.last()).stream())
                .filter(end -> end.cope().isPresent())
                .count();
        try (PDDocument document = packet(DEMO, UnitStyle.MILLIMETRES, PaperSize.A4)) {
            long wraps = 0;
            for (int page = 1; page <= document.getNumberOfPages(); page++) {
                wraps += text(document, page).contains("wrap length") ? 1 : 0;
                PDPage each = document.getPage(page - 1);
                assertThat(each.getMediaBox().getWidth() * MM_PER_POINT).isCloseTo(297, within(0.01));
                assertThat(each.getMediaBox().getHeight() * MM_PER_POINT).isCloseTo(210, within(0.01));
            }
            assertThat(wraps).isEqualTo(copes).isEqualTo(16);
        }
        try (PDDocument letter = packet(DEMO, UnitStyle.FRACTIONAL_INCHES, PaperSize.LETTER)) {
            assertThat(letter.getPage(0).getMediaBox().getWidth()).isCloseTo(792, within(0.01f));
        }
    }

    @Test
    void wraps_areAsLongAsTheTubeIsRound_toATenthOfAMillimetre() throws IOException {
        try (PDDocument document = packet(DEMO, UnitStyle.MILLIMETRES, PaperSize.A4)) {
            int page = firstWrap(document);
            for (CutTube tube : DEMO.cutList()) {
                for (TubeEnd end : List.of(tube.first(), tube.last())) {
                    if (end.cope().isPresent()) {
                        Tube section = (Tube) tube.tube().section();
                        List<Point2D> outline = longestPath(document.getPage(page - 1));
                        double least = outline.stream()
                                .mapToDouble(Point2D::getX)
                                .min()
                                .orElseThrow();
                        double most = outline.stream()
                                .mapToDouble(Point2D::getX)
                                .max()
                                .orElseThrow();
                        assertThat((most - least) * MM_PER_POINT)
                                .as(tube.tube().id())
                                .isCloseTo(Math.PI * section.od() * 1e3, within(0.1));
                        assertThat(curveDepth(outline)).isCloseTo(fitDepth(end) * 1e3, within(0.1));
                        page++;
                    }
                }
            }
        }
    }

    private static int firstWrap(PDDocument document) throws IOException {
        int page = 1;
        while (!text(document, page).contains("wrap length")) {
            page++;
        }
        return page;
    }

    private static double fitDepth(TubeEnd end) {
        double greatest = end.cope().orElseThrow().fit().stream()
                .filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble)
                .max()
                .orElseThrow();
        return greatest - end.cope().orElseThrow().deepest().orElseThrow();
    }

    /** The cut edge is the outline without its two upper corners. */
    private static double curveDepth(List<Point2D> outline) {
        List<Point2D> curve = outline.subList(0, outline.size() - 2);
        double least = curve.stream().mapToDouble(Point2D::getY).min().orElseThrow();
        double most = curve.stream().mapToDouble(Point2D::getY).max().orElseThrow();
        return (most - least) * MM_PER_POINT;
    }

    @Test
    void calibrationBars_are100MillimetresAnd4Inches() throws IOException {
        try (PDDocument document = packet(DEMO, UnitStyle.MILLIMETRES, PaperSize.A4)) {
            List<Double> lengths = paths(document.getPage(firstWrap(document) - 1)).stream()
                    .filter(path -> path.size() == 2)
                    .map(path -> path.get(0).distance(path.get(1)) * MM_PER_POINT)
                    .toList();
            assertThat(lengths).anySatisfy(length -> assertThat(length).isCloseTo(100, within(0.01)));
            assertThat(lengths).anySatisfy(length -> assertThat(length).isCloseTo(101.6, within(0.01)));
        }
    }

    @Test
    void packet_tellsCautionsCutsHardwareAndFindings() throws IOException {
        try (PDDocument document = packet(DEMO, UnitStyle.MILLIMETRES, PaperSize.A4)) {
            String all = new PDFTextStripper().getText(document);
            assertThat(all)
                    .contains("Saltmarsh runabout", "Lifting:", "Welding:", "no approval", "from left", "from above");
            assertThat(all).contains("front cross tube", "coped to H1L", "mount M1", "rubber 60", "88 links", "M10");
            assertThat(all).contains("chain: its planes are 4.6 mm apart", "rear sprocket spacer 4.6 mm");
            assertThat(all.toLowerCase(Locale.ROOT)).doesNotContain("certified");
        }
    }

    @Test
    void tubeTooWideForThePaper_getsALargerSheetNotASmallerScale() throws IOException {
        JobEdit wide = new JobEdit.SetSection("C3", new Tube(0.12, 0.003));
        Examination examination = Examination.of(wide.applyTo(DEMO.job()));
        try (PDDocument document = packet(examination, UnitStyle.MILLIMETRES, PaperSize.A4)) {
            double widest = 0;
            for (PDPage page : document.getPages()) {
                widest = Math.max(widest, page.getMediaBox().getWidth() * MM_PER_POINT);
            }
            assertThat(widest).isGreaterThan(Math.PI * 120);
        }
    }

    @Test
    void fileNames_cannotLeadOutOfTheFolder() {
        assertThat(Packet.fileName("../../etc/Passwd")).isEqualTo("etc-passwd-packet.pdf");
        assertThat(Packet.fileName("∞")).isEqualTo("job-packet.pdf");
        assertThat(Packet.fileName("x".repeat(500))).hasSizeLessThan(80);
    }

    private static List<Point2D> longestPath(PDPage page) throws IOException {
        List<Point2D> longest = List.of();
        for (List<Point2D> path : paths(page)) {
            longest = path.size() > longest.size() ? path : longest;
        }
        return longest;
    }

    private static List<List<Point2D>> paths(PDPage page) throws IOException {
        PathReader reader = new PathReader(page);
        reader.processPage(page);
        return reader.paths;
    }

    /** Collects the corners of everything that is drawn. */
    private static final class PathReader extends PDFGraphicsStreamEngine {
        private final List<List<Point2D>> paths = new ArrayList<>();
        private List<Point2D> current = new ArrayList<>();

        PathReader(PDPage page) {
            super(page);
        }

        @Override
        public void moveTo(float x, float y) {
            current = new ArrayList<>(List.of(new Point2D.Double(x, y)));
            paths.add(current);
        }

        @Override
        public void lineTo(float x, float y) {
            current.add(new Point2D.Double(x, y));
        }

        @Override
        public Point2D getCurrentPoint() {
            return current.get(current.size() - 1);
        }

        @Override
        public void appendRectangle(Point2D a, Point2D b, Point2D c, Point2D d) {}

        @Override
        public void drawImage(PDImage image) {}

        @Override
        public void clip(int rule) {}

        @Override
        public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {}

        @Override
        public void closePath() {}

        @Override
        public void endPath() {}

        @Override
        public void strokePath() {}

        @Override
        public void fillPath(int rule) {}

        @Override
        public void fillAndStrokePath(int rule) {}

        @Override
        public void shadingFill(COSName name) {}
    }
}
