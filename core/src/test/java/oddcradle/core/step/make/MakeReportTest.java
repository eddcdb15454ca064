package oddcradle.core.step.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Step;
import oddcradle.core.geometry.Solid;
import oddcradle.core.geometry.distance.SolidDistance;
import oddcradle.core.job.Job;
import oddcradle.core.job.TestJobs;
import oddcradle.core.job.cradle.Cradle;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.cradle.TubeJoint;
import oddcradle.core.job.make.Die;
import oddcradle.core.job.make.Shop;
import oddcradle.core.job.tube.Anchor;
import oddcradle.core.job.tube.Member;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Bodies;
import oddcradle.core.placement.Seating;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;
import oddcradle.core.shop.CopeHeader;
import org.junit.jupiter.api.Test;

/** What is cut: which tube runs on, which is coped to what, and what a shop would object to. */
class MakeReportTest {
    private static final Job JOB = TestJobs.plain();
    private static final Tube THIN = new Tube(0.02, 0.0015);

    private static Job with(Section section, List<Node> moreNodes, String... run) {
        List<Node> nodes = new ArrayList<>(JOB.cradle().nodes());
        nodes.addAll(moreNodes);
        List<Member> tubes = new ArrayList<>(JOB.cradle().members());
        tubes.add(Member.sound("C3", "extra", List.of(run), section, "steel"));
        return JOB.withCradle(new Cradle(nodes, tubes, JOB.cradle().isolators()));
    }

    private static CutTube extra(Job job) {
        return Examination.of(job).cutList().get(2);
    }

    private static List<String> codes(Job job) {
        return Examination.of(job).report(Step.MAKE).findings().stream()
                .map(finding -> finding.code().id())
                .toList();
    }

    private static Node at(String id, double x, double y, double z) {
        return new Node(id, new Anchor.At(new Vec3(x, y, z)));
    }

    @Test
    void tubeThatEndsOnARunningTube_isCopedToIt() {
        CutTube stay = extra(with(THIN, List.of(), "S3", "S1"));
        assertThat(stay.first().landsOn()).containsExactly("C2");
        assertThat(stay.last().landsOn()).containsExactly("C1");
        // 0.3 m between centre lines of 30 mm tubes; at the flanks the bore stops at the header.
        double reach = Math.sqrt(0.015 * 0.015 - 0.0085 * 0.0085);
        assertThat(stay.cutLength()).isCloseTo(0.3 - 2 * reach, within(2e-5));
        assertThat(stay.first().marks()).isEqualTo("0° faces up");
    }

    @Test
    void atACorner_theFirstListedRunsOnByTheRadiusOfTheOther() {
        List<Node> corner = List.of(at("X", 0.4, 0, 0.6), at("Y", 0.6, 0, 0.6), at("Z", 0.6, 0, 0.9));
        List<Node> nodes = new ArrayList<>(JOB.cradle().nodes());
        nodes.addAll(corner);
        List<Member> tubes = new ArrayList<>(JOB.cradle().members());
        tubes.add(Member.sound("C3", "first", List.of("X", "Y"), new Tube(0.03, 0.002), "steel"));
        tubes.add(Member.sound("C4", "second", List.of("Y", "Z"), THIN, "steel"));
        List<CutTube> cut = Examination.of(
                        JOB.withCradle(new Cradle(nodes, tubes, JOB.cradle().isolators())))
                .cutList();
        assertThat(cut.get(2).last().cope()).isEmpty();
        assertThat(cut.get(2).last().extension()).isCloseTo(0.01, within(1e-15));
        assertThat(cut.get(2).cutLength()).isCloseTo(0.21, within(1e-12));
        assertThat(cut.get(3).first().landsOn()).containsExactly("C3");
        assertThat(cut.get(3).first().marks()).isEqualTo("0° faces forward");
        assertThat(cut.get(3).mass()).isCloseTo(cut.get(3).cutLength() * THIN.area() * 7850, within(1e-9));
    }

    @Test
    void boxTubeOnRoundTubes_isHollowedToSitOnThem() {
        CutTube box = extra(with(new RectTube(0.02, 0.02, 0.002), List.of(), "S3", "S1"));
        // 0.3 m between centre lines of 30 mm tubes; at its sides the bore of the box stops at the header.
        double reach = Math.sqrt(0.015 * 0.015 - 0.008 * 0.008);
        assertThat(box.first().cope()).isPresent();
        assertThat(box.cutLength()).isCloseTo(0.3 - 2 * reach, within(1e-6));
    }

    @Test
    void boltedEnd_isCutSquareWhereItMeetsWhatItLiesAt() {
        Job job = with(THIN, List.of(), "S3", "S1");
        CutTube stay = extra(job.withCradle(
                job.cradle().withJoints(List.of(TubeJoint.of("C3", "S3", TubeJoint.Kind.BOLTED, "M8")))));
        assertThat(stay.first().cope()).isEmpty();
        assertThat(stay.first().bolted()).isTrue();
        assertThat(stay.first().reach()).isCloseTo(-0.015, within(1e-9));
    }

    /** Across a fork of 30 degrees, 60 mm from its crotch, 35 mm from middle to middle: on its inner side the two cuts meet. */
    @Test
    void copesThatMeet_cutTheTubeThrough() {
        List<Node> nodes = new ArrayList<>(JOB.cradle().nodes());
        double rise = Math.tan(Math.toRadians(30));
        nodes.addAll(List.of(
                at("X", 0.4, 0, 0.6),
                at("P", 0.46, 0, 0.6),
                at("Y", 0.8, 0, 0.6),
                at("Q", 0.46, 0, 0.6 + 0.06 * rise),
                at("Z", 0.8, 0, 0.6 + 0.4 * rise)));
        List<Member> tubes = new ArrayList<>(JOB.cradle().members());
        tubes.add(Member.sound("C3", "lower", List.of("X", "P", "Y"), new Tube(0.03, 0.002), "steel"));
        tubes.add(Member.sound("C4", "upper", List.of("X", "Q", "Z"), new Tube(0.03, 0.002), "steel"));
        Member chord = Member.sound("C5", "chord", List.of("P", "Q"), THIN, "steel");
        tubes.add(chord);
        Job near = JOB.withCradle(new Cradle(nodes, tubes, JOB.cradle().isolators()));
        assertThat(codes(near)).contains("make.cut-through");
    }

    /** Shells of 5 mm round the tube: what is welded to them stops 5 mm sooner. */
    @Test
    void tubeOnAClampPad_isCopedToTheShellsRoundIt() {
        Job bare = JOB;
        String node = bare.cradle().members().get(0).first();
        Job padded = bare.withCradle(
                bare.cradle().withDetails(List.of(new Detail.ClampPad("X1", node, 0.08, 0.005, "M8", 4, false))));
        TubeEnd on = Examination.of(bare).cutList().get(0).first();
        TubeEnd over = Examination.of(padded).cutList().get(0).first();
        assertThat(on.landsOn()).isEqualTo(over.landsOn()).isNotEmpty();
        assertThat(radius(over) - radius(on)).isCloseTo(0.005, within(1e-12));
        assertThat(over.reach()).isLessThan(on.reach());
    }

    private static double radius(TubeEnd end) {
        return ((CopeHeader.Round) end.headers().get(0).endless()).radius();
    }

    /** A tube that lands on the bend of another is cut to the bend, not to the corner that the bend passes inside of. */
    @Test
    void tubeThatLandsInABend_isCutToTheArc() {
        Member hoop = Member.sound("C3", "hoop", List.of("X", "Y", "Z"), new Tube(0.03, 0.002), "steel");
        Job sharp = stayed(hoop);
        Job round = stayed(hoop.withBend(0.1));
        TubeEnd toCorner = Examination.of(sharp).cutList().get(3).first();
        TubeEnd toArc = Examination.of(round).cutList().get(3).first();
        assertThat(toCorner.landsOn()).containsExactly("C3");
        assertThat(toArc.headers().get(0)).isInstanceOf(CopeHeader.Bent.class);
        // The arc passes R (sqrt 2 - 1) inside of the corner, and so much less of the stay is cut off there, or more.
        double beside = 0.1 * (Math.sqrt(2) - 1);
        double middle = toArc.cope().orElseThrow().fit().get(0).orElseThrow();
        assertThat(Math.abs(middle - toCorner.cope().orElseThrow().fit().get(0).orElseThrow()))
                .isBetween(0.5 * beside, 1.5 * beside);
    }

    /** A stay that comes to the corner of a hoop from within, half-way between its legs. */
    private static Job stayed(Member hoop) {
        Job job = bow(hoop);
        List<Node> nodes = new ArrayList<>(job.cradle().nodes());
        nodes.add(at("W", 0.5, 0, 0.8));
        List<Member> tubes = new ArrayList<>(job.cradle().members());
        tubes.add(Member.sound("C4", "stay", List.of("Y", "W"), THIN, "steel"));
        return job.withCradle(new Cradle(nodes, tubes, job.cradle().isolators()));
    }

    /** A rounded corner leaves room where the sharp one stood. */
    @Test
    void bentTube_clearsWhatStandsAtItsCorner() {
        Member hoop = Member.sound("C3", "hoop", List.of("X", "Y", "Z"), THIN, "steel");
        List<Solid> sharp = Bodies.pieces(hoop, Seating.of(bow(hoop)));
        List<Solid> round = Bodies.pieces(hoop.withBend(0.1), Seating.of(bow(hoop.withBend(0.1))));
        Solid post = new Solid.Sphere(new Vec3(0.7, 0, 0.6), 0.005);
        assertThat(nearest(sharp, post)).isLessThan(0);
        // R (sqrt 2 - 1) less both radii, and a little for the chords that stand for the arc.
        assertThat(nearest(round, post)).isCloseTo(0.1 * (Math.sqrt(2) - 1) - 0.015, within(0.001));
    }

    private static double nearest(List<Solid> pieces, Solid post) {
        return pieces.stream()
                .mapToDouble(piece -> SolidDistance.between(piece, post).distance())
                .min()
                .orElseThrow();
    }

    @Test
    void gapForTheWeld_isTakenOffEachCopedEnd() {
        Job job = with(THIN, List.of(), "S3", "S1");
        Shop shop = job.build().shop();
        Job gaps =
                job.withBuild(job.build().withShop(shop.withTools(shop.tools().withRootGap(0.001))));
        assertThat(extra(job).cutLength() - extra(gaps).cutLength()).isCloseTo(0.002, within(1e-12));
    }

    /** Two tubes in one line on both sides of a third: each is coped to that one, and neither to the other's way on. */
    @Test
    void tubesOnBothSidesOfAThird_areNotCopedToEachOther() {
        List<Node> nodes = new ArrayList<>(JOB.cradle().nodes());
        nodes.addAll(List.of(
                at("A", 0.4, -0.2, 0.6),
                at("M", 0.4, 0, 0.6),
                at("B", 0.4, 0.2, 0.6),
                at("X", 0.2, 0, 0.6),
                at("Z", 0.6, 0.01, 0.6)));
        List<Member> tubes = new ArrayList<>(JOB.cradle().members());
        tubes.add(Member.sound("C3", "cross", List.of("A", "M", "B"), new Tube(0.03, 0.002), "steel"));
        tubes.add(Member.sound("C4", "rear", List.of("X", "M"), THIN, "steel"));
        tubes.add(Member.sound("C5", "front", List.of("M", "Z"), THIN, "steel"));
        CutTube front = Examination.of(
                        JOB.withCradle(new Cradle(nodes, tubes, JOB.cradle().isolators())))
                .cutList()
                .get(4);
        // Square to the cross tube but for 2.9 degrees: no deeper than the tube's radius tells.
        assertThat(front.first().cope().orElseThrow().depth()).isLessThan(0.004);
    }

    /** A knee of 30 degrees between two box tubes alike: each is cut by 15 degrees, 20 mm wide, so 20 tan 15 deep. */
    @Test
    void tubesAlikeThatGoOnFromEachOther_areMitred() {
        List<Node> nodes = new ArrayList<>(JOB.cradle().nodes());
        double angle = Math.toRadians(30);
        nodes.addAll(List.of(
                at("X", 0.2, 0, 0.6),
                at("M", 0.4, 0, 0.6),
                at("Z", 0.4 + 0.2 * Math.cos(angle), 0, 0.6 + 0.2 * Math.sin(angle))));
        RectTube box = new RectTube(0.02, 0.02, 0.002);
        List<Member> tubes = new ArrayList<>(JOB.cradle().members());
        tubes.add(Member.sound("C3", "rear", List.of("X", "M"), box, "steel"));
        tubes.add(Member.sound("C4", "front", List.of("M", "Z"), box, "steel"));
        List<CutTube> cut = Examination.of(
                        JOB.withCradle(new Cradle(nodes, tubes, JOB.cradle().isolators())))
                .cutList();
        double deep = 0.02 * Math.tan(angle / 2);
        assertThat(cut.get(2).last().cope().orElseThrow().notchDepth()).isCloseTo(deep, within(1e-9));
        assertThat(cut.get(3).first().cope().orElseThrow().notchDepth()).isCloseTo(deep, within(1e-9));
        assertThat(cut.get(2).cutLength()).isCloseTo(0.2 + deep / 2, within(1e-9));
    }

    /** By hand: legs of 300 and 200 mm, a right angle of 75 mm radius takes 75 from each and gives an arc of 117.81. */
    @Test
    void bentTube_isCutAsLongAsItIsStraightenedOut() {
        Member bent =
                Member.sound("C3", "bow", List.of("X", "Y", "Z"), THIN, "steel").withBend(0.075);
        CutTube cut = extra(bow(bent));
        assertThat(cut.cutLength()).isCloseTo(0.225 + 0.11781 + 0.125, within(1e-6));
        assertThat(cut.bends().orElseThrow().marks().get(0).start()).isCloseTo(0.225, within(1e-9));
        assertThat(cut.corner()).isZero();
        assertThat(codes(bow(bent))).doesNotContain("make.bend");
        assertThat(codes(bow(bent.withBend(0)))).contains("make.bend");
    }

    private static Job bow(Member tube) {
        List<Node> nodes = new ArrayList<>(JOB.cradle().nodes());
        nodes.addAll(List.of(at("X", 0.4, 0, 0.6), at("Y", 0.7, 0, 0.6), at("Z", 0.7, 0, 0.8)));
        List<Member> tubes = new ArrayList<>(JOB.cradle().members());
        tubes.add(tube);
        return JOB.withCradle(new Cradle(nodes, tubes, JOB.cradle().isolators()));
    }

    private static List<String> ofTheCradle(Job job) {
        return Examination.of(job).report(Step.CRADLE).findings().stream()
                .map(finding -> finding.code().id())
                .toList();
    }

    @Test
    void bendsThatTheShopCannotMake_areToldWhereTheyAreDrawn() {
        Member bow = Member.sound("C3", "bow", List.of("X", "Y", "Z"), THIN, "steel");
        Job fits = bow(bow.withBend(0.075));
        assertThat(ofTheCradle(fits)).noneMatch(code -> code.startsWith("cradle.bend"));
        assertThat(ofTheCradle(bow(bow.withBend(0.03)))).contains("cradle.bend-tight");
        assertThat(ofTheCradle(bow(bow.withBend(0.25)))).contains("cradle.bend-room");
        Shop shop = fits.build().shop();
        Die other = new Die(0.02, 0.1, 0.03, 0.05);
        assertThat(ofTheCradle(fits.withBuild(
                        fits.build().withShop(shop.withTools(shop.tools().withDies(List.of(other)))))))
                .contains("cradle.bend-die");
        Die wants = new Die(0.02, 0.075, 0.03, 0.16);
        Job held =
                fits.withBuild(fits.build().withShop(shop.withTools(shop.tools().withDies(List.of(wants)))));
        assertThat(ofTheCradle(held)).contains("cradle.bend-straight");
        // A right angle that springs back by 3 in 100 is bent to 92.8 degrees.
        assertThat(Math.toDegrees(
                        extra(held).bends().orElseThrow().machineAngles().get(0)))
                .isCloseTo(92.78, within(0.01));
    }

    /** A hand may pull a corner anywhere: what no bender can make is told, has no plan, and breaks nothing. */
    @Test
    void bendsWithoutRoom_andTubesThatTurnBack_haveNoPlan() {
        Member tight =
                Member.sound("C3", "bow", List.of("X", "Y", "Z"), THIN, "steel").withBend(0.25);
        assertThat(extra(bow(tight)).bends()).isEmpty();
        Member back = Member.sound("C3", "back", List.of("X", "Y", "X"), THIN, "steel")
                .withBend(0.075);
        assertThat(extra(bow(back)).bends()).isEmpty();
        assertThat(ofTheCradle(bow(back))).contains("cradle.bend-room");
    }

    @Test
    void jointAtTheCornerOfABend_isJoinedToNothing() {
        Member bow =
                Member.sound("C3", "bow", List.of("X", "Y", "Z"), THIN, "steel").withBend(0.075);
        Job job = bow(bow);
        List<Member> tubes = new ArrayList<>(job.cradle().members());
        tubes.add(Member.sound("C4", "stay", List.of("Y", "S1"), THIN, "steel"));
        assertThat(ofTheCradle(job.withCradle(job.cradle().withMembers(tubes)))).contains("cradle.on-bend");
    }

    @Test
    void tubeWiderThanWhatItSitsOn_isPointedOut() {
        assertThat(codes(with(new Tube(0.05, 0.003), List.of(), "S3", "S1"))).contains("make.wider");
        assertThat(codes(with(THIN, List.of(), "S3", "S1"))).doesNotContain("make.wider");
    }

    @Test
    void featherEdges_bendsAndStubs_arePointedOut() {
        assertThat(codes(with(THIN, List.of(at("F", 0.66, 0.9, 0.27)), "S1", "F")))
                .contains("make.shallow");
        assertThat(codes(with(THIN, List.of(at("M", 0.5, 0.1, 0.28)), "S3", "M", "S1")))
                .contains("make.bend");
        assertThat(codes(with(THIN, List.of(at("N", 0.65, 0.1, 0.275)), "S1", "N")))
                .contains("make.short");
    }

    @Test
    void readyCradle_saysSo() {
        assertThat(codes(JOB)).containsExactly("make.ready");
    }
}
