package oddcradle.files.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.Set;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.edit.JobEdit;
import oddcradle.core.job.make.Shop;
import oddcradle.core.job.make.Tools;
import oddcradle.core.section.Tube;
import oddcradle.core.step.make.TubeEnd;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.job.DemoJobs;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The packet read back as a printer would. */
class PacketTest {
    private static final double MM_PER_POINT = 25.4 / 72;

    static {
        System.setProperty("java.awt.headless", "true");
    }

    private static final Examination DEMO =
            Examination.of(DemoJobs.SALTMARSH_RUNABOUT.load().job());

    private static PDDocument packet(Examination examination, UnitStyle style, PaperSize paper) throws IOException {
        return Loader.loadPDF(Packet.of(examination, Packet.Wishes.all(style, paper, LocalDate.of(2026, 11, 24))));
    }

    private static String text(PDDocument document, int page) throws IOException {
        PDFTextStripper stripper = new PDFTextStripper();
        stripper.setStartPage(page);
        stripper.setEndPage(page);
        return stripper.getText(document);
    }

    private static List<TubeEnd> coped(Examination examination) {
        return examination.cutList().stream()
                .flatMap(tube -> tube.ends().stream())
                .filter(end -> end.cope().isPresent())
                .toList();
    }

    private static List<Integer> pagesOf(PDDocument document, String title) throws IOException {
        List<Integer> pages = new ArrayList<>();
        for (int page = 1; page <= document.getNumberOfPages(); page++) {
            if (text(document, page).startsWith(title)) {
                pages.add(page);
            }
        }
        return pages;
    }

    @Test
    void pages_areOfTheChosenSize_andWrapsShareThem() throws IOException {
        try (PDDocument document = packet(DEMO, UnitStyle.MILLIMETRES, PaperSize.A4)) {
            for (PDPage each : document.getPages()) {
                assertThat(each.getMediaBox().getWidth() * MM_PER_POINT).isCloseTo(297, within(0.01));
                assertThat(each.getMediaBox().getHeight() * MM_PER_POINT).isCloseTo(210, within(0.01));
            }
            int wraps = 0;
            List<Integer> pages = pagesOf(document, "Cope wraps");
            for (int page : pages) {
                wraps += text(document, page).split("end at").length - 1;
            }
            assertThat(wraps).isEqualTo(coped(DEMO).size()).isEqualTo(16);
            assertThat(pages.size()).isLessThan(6);
        }
        try (PDDocument letter = packet(DEMO, UnitStyle.FRACTIONAL_INCHES, PaperSize.TABLOID)) {
            assertThat(letter.getPage(0).getMediaBox().getWidth()).isCloseTo(17 * 72, within(0.01f));
        }
    }

    @Test
    void wraps_areAsLongAsTheTubeIsRound_toATenthOfAMillimetre() throws IOException {
        try (PDDocument document = packet(DEMO, UnitStyle.MILLIMETRES, PaperSize.A4)) {
            List<List<Point2D>> outlines = new ArrayList<>();
            for (int page : pagesOf(document, "Cope wraps")) {
                paths(document.getPage(page - 1)).stream()
                        .filter(path -> path.size() > 60)
                        .forEach(outlines::add);
            }
            List<TubeEnd> ends = coped(DEMO);
            assertThat(outlines).hasSameSizeAs(ends);
            for (int k = 0; k < ends.size(); k++) {
                Tube section = (Tube) ends.get(k).branch().orElseThrow().section();
                assertThat(span(outlines.get(k)) * MM_PER_POINT).isCloseTo(Math.PI * section.od() * 1e3, within(0.1));
                assertThat(curveDepth(outlines.get(k))).isCloseTo(fitDepth(ends.get(k)) * 1e3, within(0.1));
            }
        }
    }

    private static double span(List<Point2D> path) {
        return path.stream().mapToDouble(Point2D::getX).max().orElseThrow()
                - path.stream().mapToDouble(Point2D::getX).min().orElseThrow();
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

    private static List<Double> straights(PDPage page) throws IOException {
        return paths(page).stream()
                .filter(path -> path.size() == 2)
                .map(path -> path.get(0).distance(path.get(1)) * MM_PER_POINT)
                .toList();
    }

    @Test
    void everySheet_hasABarOf100MillimetresAnd4Inches() throws IOException {
        try (PDDocument document = packet(DEMO, UnitStyle.MILLIMETRES, PaperSize.A4)) {
            for (PDPage page : document.getPages()) {
                assertThat(straights(page))
                        .anySatisfy(length -> assertThat(length).isCloseTo(100, within(0.01)));
                assertThat(straights(page))
                        .anySatisfy(length -> assertThat(length).isCloseTo(101.6, within(0.01)));
            }
        }
    }

    /**
     * A printer that makes 99.5 mm of 100 level and 100.4 upright is given pages on which both come out as 100; the two printer bars of the first
     * page alone stay 100 in the file, so that what they read on paper can be typed again and again.
     */
    @Test
    void pages_areDrawnSoThatTheShopsPrinterMakesThemTrue() throws IOException {
        Shop shop = DEMO.job().build().shop();
        Tools off = shop.tools().withPrinted(new Tools.Printed(0.0995, 0.1004));
        Examination examination =
                Examination.of(DEMO.job().withBuild(DEMO.job().build().withShop(shop.withTools(off))));
        try (PDDocument document = packet(examination, UnitStyle.MILLIMETRES, PaperSize.A4);
                PDDocument plain = packet(DEMO, UnitStyle.MILLIMETRES, PaperSize.A4)) {
            List<Double> first = straights(document.getPage(0));
            assertThat(first.stream().filter(length -> Math.abs(length - 100) < 0.01))
                    .hasSize(2);
            assertThat(first).anySatisfy(length -> assertThat(length * 0.995).isCloseTo(100, within(0.01)));
            int wraps = pagesOf(plain, "Cope wraps").get(0) - 1;
            List<Point2D> drawn = outline(document.getPage(wraps));
            List<Point2D> asIs = outline(plain.getPage(wraps));
            assertThat(span(drawn) * 0.995).isCloseTo(span(asIs), within(0.01));
            assertThat(curveDepth(drawn) * 1.004).isCloseTo(curveDepth(asIs), within(0.01));
        }
    }

    private static List<Point2D> outline(PDPage page) throws IOException {
        return paths(page).stream().filter(path -> path.size() > 60).findFirst().orElseThrow();
    }

    @Test
    void parts_canBeHadAlone_andAreBookmarked() throws IOException {
        Packet.Wishes wraps = new Packet.Wishes(
                UnitStyle.MILLIMETRES, PaperSize.A4, Set.of(PacketPart.WRAPS), LocalDate.of(2026, 11, 24));
        try (PDDocument document = Loader.loadPDF(Packet.of(DEMO, wraps))) {
            assertThat(pagesOf(document, "Cope wraps")).hasSize(document.getNumberOfPages());
        }
        try (PDDocument document = packet(DEMO, UnitStyle.MILLIMETRES, PaperSize.A4)) {
            List<String> titles = new ArrayList<>();
            document.getDocumentCatalog().getDocumentOutline().children().forEach(item -> titles.add(item.getTitle()));
            assertThat(titles).contains("Three views", "Cut list", "Cope wraps", "Weld map", "Build order", "Findings");
        }
    }

    /** No sign lies on another, and no ink in the outermost 6 mm, on any page of any demo. */
    @ParameterizedTest
    @EnumSource(DemoJobs.class)
    void nothingIsPrintedOverAnythingElse_norOutsideTheMargins(DemoJobs demo) throws IOException {
        Examination examination = Examination.of(demo.load().job());
        try (PDDocument document = packet(examination, UnitStyle.MILLIMETRES, PaperSize.A4)) {
            PDFRenderer renderer = new PDFRenderer(document);
            for (int page = 0; page < document.getNumberOfPages(); page++) {
                BufferedImage ink = renderer.renderImageWithDPI(page, 50.8f, ImageType.GRAY);
                assertThat(inkNearTheEdge(ink, 12))
                        .as(demo + " page " + (page + 1))
                        .isZero();
                Signs signs = new Signs();
                signs.setStartPage(page + 1);
                signs.setEndPage(page + 1);
                signs.getText(document);
                assertThat(signs.onEachOther()).as(demo + " page " + (page + 1)).isEmpty();
            }
        }
    }

    private static int inkNearTheEdge(BufferedImage image, int edge) {
        int dark = 0;
        for (int x = 0; x < image.getWidth(); x++) {
            for (int y = 0; y < image.getHeight(); y++) {
                boolean near = x < edge || y < edge || x >= image.getWidth() - edge || y >= image.getHeight() - edge;
                dark += near && (image.getRGB(x, y) & 0xFF) < 200 ? 1 : 0;
            }
        }
        return dark;
    }

    /** Where each sign of a page is. */
    private static final class Signs extends PDFTextStripper {
        private final List<TextPosition> signs = new ArrayList<>();

        @Override
        protected void processTextPosition(TextPosition sign) {
            if (!sign.getUnicode().isBlank()) {
                signs.add(sign);
            }
        }

        List<String> onEachOther() {
            List<String> pairs = new ArrayList<>();
            for (int one = 0; one < signs.size(); one++) {
                for (int other = one + 1; other < signs.size(); other++) {
                    if (box(signs.get(one)).intersects(box(signs.get(other)))) {
                        pairs.add(signs.get(one).getUnicode() + signs.get(other).getUnicode() + " at "
                                + Math.round(signs.get(one).getX() * MM_PER_POINT) + ", "
                                + Math.round(signs.get(one).getY() * MM_PER_POINT));
                    }
                }
            }
            return pairs;
        }

        /** The middle of a sign: neighbours of one word may touch. */
        private static Rectangle2D box(TextPosition sign) {
            double width = sign.getWidthDirAdj();
            double height = 0.5 * sign.getFontSizeInPt();
            return new Rectangle2D.Double(
                    sign.getXDirAdj() + 0.2 * width, sign.getYDirAdj() - height, 0.6 * width, height);
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
    void wrapTooWideForThePaper_isLaidOverSeveralSheetsNotMadeSmaller() throws IOException {
        JobEdit wide = new JobEdit.SetSection("C3", new Tube(0.12, 0.003));
        Examination examination = Examination.of(wide.applyTo(DEMO.job()));
        try (PDDocument document = packet(examination, UnitStyle.MILLIMETRES, PaperSize.A4)) {
            List<Integer> tiles = new ArrayList<>();
            for (int page : pagesOf(document, "Cope wraps")) {
                if (text(document, page).contains("of 2, row 1")) {
                    tiles.add(page);
                }
            }
            assertThat(tiles).hasSize(4);
            double widest = paths(document.getPage(tiles.get(0) - 1)).stream()
                    .mapToDouble(PacketTest::span)
                    .max()
                    .orElseThrow();
            assertThat(widest * MM_PER_POINT).isCloseTo(Math.PI * 120, within(0.1));
        }
    }

    @Test
    void fileNames_cannotLeadOutOfTheFolder() {
        assertThat(Packet.fileName("../../etc/Passwd")).isEqualTo("etc-passwd-packet.pdf");
        assertThat(Packet.fileName("∞")).isEqualTo("job-packet.pdf");
        assertThat(Packet.fileName("x".repeat(500))).hasSizeLessThan(80);
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
