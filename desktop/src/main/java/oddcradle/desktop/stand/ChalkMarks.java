package oddcradle.desktop.stand;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import oddcradle.core.clearance.Gap;
import oddcradle.core.drive.Stage;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.edit.Side;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.host.Support;
import oddcradle.core.linkage.Lever;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.core.step.fit.MountFound;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.step.run.ControlFound;
import oddcradle.core.structure.StageResult;
import oddcradle.core.structure.TubeStress;
import oddcradle.core.survey.Reading;
import oddcradle.core.survey.ReadingWords;
import oddcradle.core.survey.Wanted;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.look.SeverityMark;
import oddcradle.desktop.store.ChalkMark;

/** What is chalked on the machine at each step. */
public final class ChalkMarks {
    private static final int GAPS = 3;
    private static final int TUBES = 3;
    private static final String BLUE = "blue";

    private ChalkMarks() {}

    public static List<ChalkMark> of(Examination examination, Step step) {
        List<ChalkMark> marks = new ArrayList<>();
        switch (step) {
            case DONOR -> bosses(marks, examination);
            case FIT -> built(marks, examination);
            case HOST -> keepOuts(marks, examination.job());
            case LINE -> line(marks, examination);
            case SEAT -> {
                line(marks, examination);
                gaps(marks, examination);
                weight(marks, examination);
            }
            case CRADLE -> isolators(marks, examination);
            case SHAKE -> {
                weight(marks, examination);
                isolators(marks, examination);
            }
            case LOAD -> load(marks, examination);
            case MAKE -> cuts(marks, examination);
            case RUN -> controls(marks, examination);
        }
        return marks;
    }

    /** The reading that is wanted next, as the dimension it is. */
    public static List<ChalkMark> of(Examination examination, Side side, Wanted wanted) {
        Reading reading = wanted.template();
        if (!reading.points().stream()
                .allMatch(id -> examination.survey(side).point(id).isPresent())) {
            return List.of();
        }
        List<Vec3> at = reading.points().stream()
                .map(id -> examination.survey(side).point(id).orElseThrow().position())
                .toList();
        Vec3 from = at.get(0);
        Vec3 to = at.get(at.size() - 1);
        if (reading instanceof Reading.Offset offset) {
            from = to.withoutPartAlong(offset.plane().direction());
        } else if (reading instanceof Reading.HoleEdge edge) {
            from = to.withoutPartAlong(edge.plane().direction());
        }
        Pose pose = side == Side.DONOR ? examination.seating().pose() : Pose.IDENTITY;
        return List.of(new ChalkMark(
                pose.place(from), pose.place(to), Phrase.of("next: {}", ReadingWords.of(reading)), "watch"));
    }

    private static void bosses(List<ChalkMark> marks, Examination examination) {
        for (Boss boss : examination.job().donor().bosses()) {
            Vec3 at = examination.seating().boss(boss.id());
            marks.add(new ChalkMark(at, at, Phrase.of("{} {}", boss.id(), boss.label()), BLUE));
        }
        weight(marks, examination);
    }

    /** Every mount that was measured, with what it lacks or has too much. */
    private static void built(List<ChalkMark> marks, Examination examination) {
        if (!examination.fit().mounts().isMeasured()) {
            bosses(marks, examination);
            return;
        }
        for (MountFound mount : examination.fit().mounts().mounts()) {
            Vec3 drawn = mount.hole().place();
            boolean off = examination.report(Step.FIT).findings().stream()
                    .anyMatch(finding -> finding.severity().isWorseThan(Severity.NOTE)
                            && finding.where().ids().contains(mount.id()));
            marks.add(new ChalkMark(
                    drawn,
                    drawn.plus(mount.hole().off()),
                    mount.measured()
                            ? Phrase.of(
                                    mount.lacks() > 0 ? "{} low {}" : "{} high {}",
                                    mount.id(),
                                    Quantity.length(Math.abs(mount.lacks())))
                            : Phrase.of("{} not measured", mount.id()),
                    SeverityMark.styleClass(off ? Severity.WATCH : mount.measured() ? Severity.GOOD : Severity.NOTE)));
        }
    }

    /** Every node of a frame by its name. */
    public static List<ChalkMark> hostNodes(Host host) {
        List<ChalkMark> marks = new ArrayList<>();
        host.places().forEach((id, at) -> marks.add(new ChalkMark(at, at, Phrase.of("{}", id), "note")));
        return marks;
    }

    private static void keepOuts(List<ChalkMark> marks, Job job) {
        for (KeepOut keepOut : job.host().keepOuts()) {
            Vec3 at = keepOut.solids().get(0).centre();
            marks.add(new ChalkMark(
                    at,
                    at,
                    Phrase.of("{}, {}", keepOut.label(), keepOut.category().word()),
                    "note"));
        }
    }

    /** One mark for each stage, as good as its worst finding; the shaft alone where there is no stage. */
    private static void line(List<ChalkMark> marks, Examination examination) {
        if (examination.line().stages().isEmpty()) {
            marks.add(new ChalkMark(
                    examination.seating().driverCentre(),
                    examination.job().host().drivenEnd().sprocketCentre(),
                    Phrase.of("{}", examination.job().line().datum().rule().words()),
                    SeverityMark.styleClass(Severity.NOTE)));
        }
        for (StageResult stage : examination.line().stages()) {
            Severity worst = examination.report(Step.LINE).findings().stream()
                    .filter(finding ->
                            finding.where().ids().contains(stage.stage().id()))
                    .map(Finding::severity)
                    .min(Comparator.naturalOrder())
                    .orElse(Severity.NOTE);
            if (stage.stage() instanceof Stage.Gears) {
                continue;
            }
            Quantity off = Quantity.length(
                    stage.stage().isInPlane()
                            ? stage.alignment().offset()
                            : stage.alignment().centreDistance());
            marks.add(new ChalkMark(
                    stage.driving().sprocketCentre(),
                    stage.driven().sprocketCentre(),
                    Phrase.of("{} {}", stage.stage().label(), off),
                    SeverityMark.styleClass(worst)));
        }
    }

    /** Levers and links of every control, cables along their way. */
    private static void controls(List<ChalkMark> marks, Examination examination) {
        if (examination.run().controls().isEmpty()) {
            line(marks, examination);
        }
        for (ControlFound found : examination.run().controls()) {
            Severity worst = examination.report(Step.RUN).findings().stream()
                    .filter(finding ->
                            finding.where().ids().contains(found.control().id()))
                    .map(Finding::severity)
                    .min(Comparator.naturalOrder())
                    .orElse(Severity.NOTE);
            String style = SeverityMark.styleClass(worst);
            List<Lever> levers = found.train().levers();
            for (Lever lever : levers) {
                marks.add(ChalkMark.stroke(lever.pivot(), lever.in(), style));
                marks.add(ChalkMark.stroke(lever.pivot(), lever.out(), style));
            }
            for (int k = 0; k < levers.size() - 1; k++) {
                List<Vec3> way = way(found, k);
                for (int at = 1; at < way.size(); at++) {
                    marks.add(ChalkMark.stroke(way.get(at - 1), way.get(at), style));
                }
            }
            Vec3 hand = levers.get(0).in();
            marks.add(new ChalkMark(hand, hand, Phrase.of("{}", found.control().label()), style));
        }
    }

    private static List<Vec3> way(ControlFound found, int link) {
        List<Vec3> way =
                new ArrayList<>(List.of(found.train().levers().get(link).out()));
        found.cables().stream()
                .filter(laid -> laid.link() == link)
                .findFirst()
                .ifPresent(laid -> way.addAll(laid.path().points()));
        way.add(found.train().levers().get(link + 1).in());
        return way;
    }

    private static void gaps(List<ChalkMark> marks, Examination examination) {
        for (Gap gap : examination.ledger().worst(GAPS)) {
            boolean clash = gap.left() < gap.limit() / 2;
            Severity severity = gap.margin() >= 0 ? Severity.GOOD : clash ? Severity.STOP : Severity.WATCH;
            marks.add(new ChalkMark(
                    gap.separation().pointA(),
                    gap.separation().pointB(),
                    Phrase.of(
                            "{} – {} {}",
                            gap.donorPart().label(),
                            gap.obstacle().label(),
                            Quantity.length(gap.separation().distance())),
                    SeverityMark.styleClass(severity)));
        }
    }

    /** A plumb line from the centre of gravity to the floor. */
    private static void weight(List<ChalkMark> marks, Examination examination) {
        Vec3 cg = examination.seating().mass().cg();
        marks.add(new ChalkMark(
                cg,
                new Vec3(cg.x(), cg.y(), 0),
                Phrase.of(
                        "CG {} · {} up",
                        Quantity.mass(examination.seating().mass().mass()),
                        Quantity.length(cg.z())),
                BLUE));
    }

    /** The nodes of a picked tube, by which it can be pulled. */
    static List<ChalkMark> nodes(Examination examination, String tube) {
        List<ChalkMark> marks = new ArrayList<>();
        examination.job().cradle().member(tube).ifPresent(member -> member.nodes()
                .forEach(node -> {
                    Vec3 at = examination.seating().node(node);
                    marks.add(new ChalkMark(at, at, Phrase.of("{}", node), BLUE));
                }));
        return marks;
    }

    private static void isolators(List<ChalkMark> marks, Examination examination) {
        for (Support support : examination.job().host().supports()) {
            Vec3 at = examination.seating().node(support.node());
            support.foot()
                    .flatMap(foot -> foot.element().shore())
                    .ifPresent(shore ->
                            marks.add(new ChalkMark(at, at, Phrase.of("foot {}", Quantity.hardness(shore)), BLUE)));
        }
        if (examination.onFeet().isPresent()) {
            return;
        }
        for (Isolator isolator : examination.job().cradle().isolators()) {
            marks.add(new ChalkMark(
                    examination.seating().boss(isolator.boss()),
                    examination.seating().node(isolator.node()),
                    isolator.element()
                            .shore()
                            .map(shore -> Phrase.of("{} {}", isolator.id(), Quantity.hardness(shore)))
                            .orElseGet(() -> Phrase.of("{} hard", isolator.id())),
                    BLUE));
        }
    }

    private static void load(List<ChalkMark> marks, Examination examination) {
        for (TubeStress use : examination.tubeStresses().stream().limit(TUBES).toList()) {
            Severity severity = use.utilisation() > 1 ? Severity.WATCH : Severity.GOOD;
            marks.add(new ChalkMark(
                    use.at(),
                    use.at(),
                    Phrase.of("{} {}", use.tube().id(), Quantity.stress(use.stress())),
                    SeverityMark.styleClass(severity)));
        }
    }

    private static void cuts(List<ChalkMark> marks, Examination examination) {
        for (CutTube tube : examination.cutList()) {
            Vec3 middle = tube.first().at().towards(tube.last().at(), 0.5);
            marks.add(new ChalkMark(
                    middle, middle, Phrase.of("{} {}", tube.tube().id(), Quantity.length(tube.cutLength())), BLUE));
        }
    }
}
