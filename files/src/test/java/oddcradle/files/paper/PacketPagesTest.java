package oddcradle.files.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oddcradle.core.examine.Examination;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.edit.SetPart;
import oddcradle.core.job.fit.PanelGap;
import oddcradle.core.job.make.Bar;
import oddcradle.core.job.make.Die;
import oddcradle.core.job.make.Part;
import oddcradle.core.job.make.Shop;
import oddcradle.core.job.make.Stores;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Tube;
import oddcradle.core.units.UnitStyle;
import oddcradle.core.workshop.WorkshopPlan;
import oddcradle.files.job.DemoJobs;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** Each kind of page, read as somebody at the bench reads it. */
class PacketPagesTest {
    private static final Job DEMO = DemoJobs.SALTMARSH_RUNABOUT.load().job();

    private static String text(Job job, UnitStyle style, PacketPart... parts) throws IOException {
        Packet.Wishes wishes = new Packet.Wishes(style, PaperSize.A4, Set.of(parts), LocalDate.of(2026, 11, 28));
        try (PDDocument document = Loader.loadPDF(Packet.of(Examination.of(job), wishes))) {
            PDFTextStripper stripper = new PDFTextStripper();
            stripper.setSortByPosition(true);
            return stripper.getText(document);
        }
    }

    private static String text(Job job, PacketPart... parts) throws IOException {
        return text(job, UnitStyle.MILLIMETRES, parts);
    }

    private static Job shop(Shop shop) {
        return DEMO.withBuild(DEMO.build().withShop(shop));
    }

    private static Job bowed(Shop shop) {
        List<Node> nodes = new ArrayList<>(DEMO.cradle().nodes());
        nodes.add(new Node("XA", new Anchor.At(new Vec3(0.2, 0, 0.9))));
        nodes.add(new Node("XB", new Anchor.At(new Vec3(0.5, 0, 0.9))));
        nodes.add(new Node("XC", new Anchor.At(new Vec3(0.5, 0.2, 0.9))));
        nodes.add(new Node("XD", new Anchor.At(new Vec3(0.5, 0.2, 1.1))));
        List<Member> tubes = new ArrayList<>(DEMO.cradle().members());
        tubes.add(Member.sound(
                        "C20",
                        "hoop",
                        List.of("XA", "XB", "XC", "XD"),
                        new Tube(0.0254, 0.00165),
                        tubes.get(0).material())
                .withBend(0.076));
        return shop(shop).withCradle(DEMO.cradle().withNodes(nodes).withMembers(tubes));
    }

    /**
     * By hand: 300, 200, 200 mm, right angles of 76 mm. The first bend begins at 224 and is 119.4 long, the second begins 48 farther. From
     * forward to the left, then up: the tube is turned a quarter anticlockwise. Three in a hundred spring back, so 92.8 degrees.
     */
    @Test
    void bends_areMarkedAndTurnedAsByHand() throws IOException {
        Shop shop = DEMO.build().shop();
        Die die = new Die(0.0254, 0.076, 0.03, 0.04);
        String page = text(bowed(shop.withTools(shop.tools().withDies(List.of(die)))), PacketPart.BENDS);
        Matcher first = Pattern.compile("C20, from XA 1 ([\\d.]+) mm ([\\d.]+) mm 76.0 mm 90.0° 92.8° as it lies")
                .matcher(page);
        assertThat(first.find()).as(page).isTrue();
        assertThat(Double.parseDouble(first.group(1))).isCloseTo(224, within(0.06));
        assertThat(Double.parseDouble(first.group(2))).isCloseTo(343.4, within(0.06));
        assertThat(page).contains("2 391.4 mm 510.8 mm 76.0 mm 90.0° 92.8° 90.0° anticlockwise");
    }

    @Test
    void straightCradle_hasNoPageOfBends() throws IOException {
        assertThat(text(DEMO, PacketPart.BENDS)).isBlank();
    }

    /** The post of 25.4 mm stands square on the cross tube of 31.75: hole saw of the header's size, set to nought, saw cuts by sin a = r / 2R. */
    @Test
    void notcher_isSetFromThePage() throws IOException {
        String page = text(DEMO, PacketPart.NOTCHES);
        assertThat(page).containsPattern("C5 at TRL C2 31.8 mm 0.0° .* on the middle 23.6° in at .*1.4 mm");
        assertThat(page).contains("C5 at PRL H11L 25.4 mm 15.2°");
        String inches = text(DEMO, UnitStyle.FRACTIONAL_INCHES, PacketPart.NOTCHES);
        assertThat(inches).contains("1-1/4 in");
    }

    @Test
    void offCutOfTheRack_isOnThePageOfBars_andNotBought() throws IOException {
        Member c7 = DEMO.cradle().member("C7").orElseThrow();
        Bar rest = new Bar("blue end", c7.section(), c7.material(), 1.2, 1, 0);
        Job job = shop(DEMO.build().shop().withStores(new Stores(List.of(rest), List.of())));
        String bars = text(job, PacketPart.BARS);
        assertThat(bars)
                .contains("blue end, 1200.0 mm, off-cut of 151.0 mm")
                .contains("C7")
                .contains("coped to");
        String buying = text(job, PacketPart.BUYING);
        assertThat(buying).doesNotContain("C7, C8").contains("C9, C10").contains("Spanners: 13 mm");
    }

    @Test
    void stockThatDoesNotDo_isSaidWhereItIsBought() throws IOException {
        Member c1 = DEMO.cradle().member("C1").orElseThrow();
        Bar stub = new Bar("stub", c1.section(), "", 0.3, 0, 4);
        Job job = shop(DEMO.build().shop().withStores(new Stores(List.of(stub), List.of())));
        assertThat(WorkshopPlan.of(Examination.of(job)).cuts()).isEmpty();
        assertThat(text(job, PacketPart.BUYING))
                .contains("The stock bars leave 300 mm to cut from", "name a longer bar");
    }

    @Test
    void notesOfThings_arePrintedWithTheirPrice() throws IOException {
        String item = WorkshopPlan.of(Examination.of(DEMO))
                .hardware()
                .lines()
                .get(0)
                .note()
                .item();
        Job job = new SetPart(new Part(item, Part.State.ORDERED, "the rubber man", 12.5)).applyTo(DEMO);
        Job priced = job.withBuild(job.build()
                .withShop(job.build().shop().withPace(job.build().shop().pace().withCurrency("crowns"))));
        assertThat(text(priced, PacketPart.BUYING)).containsPattern("ordered\\s+50.00 crowns");
    }

    @Test
    void gussets_areCutOutOfPaperToo() throws IOException {
        Detail gusset = new Detail.Gusset("X1", "TFL", "C1", "C3", 0.05, 0.004);
        Job job = DEMO.withCradle(DEMO.cradle().withDetails(List.of(gusset)));
        String page = text(job, PacketPart.PLATES);
        assertThat(page).contains("X1", "gusset at TFL between C1 and C3");
        assertThat(text(job, PacketPart.WELDS)).contains("gusset X1 between C1 and C3");
        assertThat(text(job, PacketPart.LABELS)).contains("X1", "4.0 mm thick");
    }

    /** A shop that welds in a jig makes the dummy first; another lifts the donor itself in. */
    @Test
    void buildOrder_followsTheShop() throws IOException {
        Shop shop = DEMO.build().shop();
        assertThat(text(shop(shop.withJig(true)), PacketPart.ORDER)).contains("Make the dummy by its page");
        String lifted = text(
                shop(shop.withJig(false).withPace(shop.pace().withHour(40).withCurrency("crowns"))), PacketPart.ORDER);
        assertThat(lifted).contains("Lift", "by its own lugs", "crowns", "Check: ");
    }

    @Test
    void holes_haveTheirPassesAndSpeeds() throws IOException {
        String page = text(DEMO, PacketPart.HOLES);
        assertThat(page)
                .contains("centre punch, then drill 3.0 mm at", "rpm", "first: drill to its final size and bolt up");
        // Tap drill of M8 for three quarters of its depth: 6.8 mm, tables of tool makers, from memory.
        assertThat(page).containsPattern("M8x1.25\\s+6.8 mm");
    }

    /** Before the first seam a piece of its sort is welded, cut and broken. */
    @Test
    void weldPages_beginWithTheTestPieces() throws IOException {
        assertThat(text(DEMO, PacketPart.WELDS))
                .contains("Test pieces first", "T1", "Two off-cuts of the same stock", "it lies flat", "In this order");
    }

    /** Places to hold a tape to, what the last time found, what to do, how the engine goes on, and who looked. */
    @Test
    void fitPages_haveRoomForTheTape_andWhatWasFound() throws IOException {
        Job job = DemoJobs.HUT_SKID.load().job();
        String skid = text(
                job.withAsBuilt(job.asBuilt()
                        .withPanels(List.of(new PanelGap("P1", "left door", 0.0045, Optional.empty(), "")))),
                PacketPart.FIT);
        String bare = text(DEMO, UnitStyle.DECIMAL_INCHES, PacketPart.FIT);

        assertThat(skid)
                .contains("Holes of the mounts", "2.29 mm low", "____", "ream the hole", "2.20 mm under M3")
                .contains("The engine onto its mounts", "second person", "50.5 N")
                .contains("Gaps of panels", "left door", "4.5 mm")
                // Before that is done, what the dials said is no work to do.
                .doesNotContain("To move for the line")
                .contains("every weld is whole", "the apprentice and the owner", "its guard on");
        assertThat(text(job.withAsBuilt(job.asBuilt().withMeasured(List.of())), PacketPart.FIT))
                .contains("To move for the line", "to the right, ");
        assertThat(bare).contains("Lug to lug", "B1 to B2", " in").doesNotContain("To do", " in low");
    }
}
