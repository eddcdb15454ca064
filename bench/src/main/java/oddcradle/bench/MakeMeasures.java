package oddcradle.bench;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import java.util.Random;
import oddcradle.core.examine.Examination;
import oddcradle.core.shop.BarNesting;
import oddcradle.core.units.UnitStyle;
import oddcradle.files.job.DemoJobs;
import oddcradle.files.paper.Packet;
import oddcradle.files.paper.PaperSize;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Paper and stock. */
final class MakeMeasures {
    private static final int ROUNDS = 9;
    private static final int PARTS = 300;

    private MakeMeasures() {}

    /** The whole packet of a large demo against as many pages, strokes and pieces of text by the PDF library alone, its fonts embedded too. */
    static Bench.Pair packet() throws IOException {
        Examination examination =
                Examination.of(DemoJobs.SALTMARSH_RUNABOUT.load().job());
        Packet.Wishes wishes = Packet.Wishes.all(UnitStyle.MILLIMETRES, PaperSize.A4, LocalDate.of(2026, 11, 28));
        Content content = Content.of(Packet.of(examination, wishes));
        return new Bench.Pair(median(() -> Packet.of(examination, wishes)), median(() -> bare(content)));
    }

    /** Time of 300 parts in seconds, and how much more bar they take than their length alone asks for. */
    static Bench.Pair nesting() {
        Random random = new Random(7);
        List<BarNesting.Part> parts = new ArrayList<>();
        double length = 0;
        for (int k = 0; k < PARTS; k++) {
            double part = 0.1 + 0.9 * random.nextDouble();
            length += part + 0.002;
            parts.add(new BarNesting.Part("P" + k, part, 1));
        }
        List<BarNesting.Stock> bars = List.of(new BarNesting.Stock("bar", 6, 6, OptionalInt.empty()));
        long before = System.nanoTime();
        BarNesting nesting = BarNesting.of(parts, bars, 0.002, 0);
        double seconds = (System.nanoTime() - before) / 1e9;
        double least = 6 * Math.ceil(length / 6);
        System.out.printf(
                Locale.ROOT,
                "300 parts on bars: %.3f s, %.4f of the least by length%n",
                seconds,
                nesting.cost() / least);
        return new Bench.Pair(seconds * 1e3, 1e3);
    }

    private interface Work {
        Object run() throws IOException;
    }

    private static double median(Work work) throws IOException {
        List<Double> times = new ArrayList<>();
        for (int k = 0; k < ROUNDS; k++) {
            long before = System.nanoTime();
            work.run();
            times.add((System.nanoTime() - before) / 1e6);
        }
        times.sort(null);
        return times.get(ROUNDS / 2);
    }

    /** What of everything stands on each page. */
    private record Content(List<int[]> pages) {
        static Content of(byte[] pdf) throws IOException {
            List<int[]> pages = new ArrayList<>();
            try (PDDocument document = Loader.loadPDF(pdf)) {
                for (PDPage page : document.getPages()) {
                    int[] counts = new int[3];
                    for (Object token : new PDFStreamParser(page).parse()) {
                        if (token instanceof Operator operator) {
                            switch (operator.getName()) {
                                case "l" -> counts[0]++;
                                case "S", "f", "s" -> counts[1]++;
                                case "Tj" -> counts[2]++;
                                default -> {}
                            }
                        }
                    }
                    pages.add(counts);
                }
            }
            return new Content(pages);
        }
    }

    private static byte[] bare(Content content) {
        try (PDDocument document = new PDDocument()) {
            PDFont font = PDType0Font.load(
                    document, MakeMeasures.class.getResourceAsStream("/fonts/barlow-regular.ttf"), true);
            PDType0Font.load(document, MakeMeasures.class.getResourceAsStream("/fonts/barlow-semibold.ttf"), true);
            for (int[] counts : content.pages()) {
                PDPage page = new PDPage();
                document.addPage(page);
                try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                    int strokes = Math.max(1, counts[1]);
                    for (int k = 0; k < strokes; k++) {
                        out.moveTo(100, 100);
                        for (int line = 0; line < counts[0] / strokes + 1; line++) {
                            out.lineTo(100 + line % 300, 100 + k % 500);
                        }
                        out.stroke();
                    }
                    for (int k = 0; k < counts[2]; k++) {
                        out.beginText();
                        out.setFont(font, 10);
                        out.newLineAtOffset(100, 100 + k % 600);
                        out.showText("front left post of the cradle 117.1 mm");
                        out.endText();
                    }
                }
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException("a PDF in memory could not be written", impossible);
        }
    }
}
