package oddcradle.core.step.fit;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import oddcradle.core.asbuilt.Hole;
import oddcradle.core.asbuilt.Seated;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Step;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.ScanPlace;
import oddcradle.core.placement.Scans;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.report.StepReport;
import oddcradle.core.step.measured.ScanNotes;
import oddcradle.core.step.measured.SurveyNotes;
import oddcradle.core.survey.SurveyResult;
import oddcradle.core.units.Quantity;

/** What was found of the fit, worst first; what to hold a tape to where nobody has yet. */
final class FitReport {
    /** A stiff mount pulled shut over more than this bends what it is bolted to, m; common practice. */
    private static final double SHUT_HARD = 0.00025;

    /** Of what a soft mount carries: more, and its rubber sets unevenly; common practice. */
    private static final double SOFT_SHARE = 0.5;

    /** Less is left to rubber and paint, m; common practice. */
    private static final double WORTH_A_SHIM = 0.0005;

    private static final double SURE = 3;

    private static final double GRAVITY = 9.80665;

    private FitReport() {}

    /** Everything that decides the report. */
    record Input(
            Job job,
            Map<String, Vec3> bosses,
            SurveyResult survey,
            MountsFound mounts,
            List<JointPull> pulls,
            LineFound line,
            Optional<FeetFound> feet,
            Optional<ScanPlace> place,
            Scans scans) {}

    static StepReport of(Input input) {
        ReportBuilder report = new ReportBuilder(Step.FIT);
        if (input.mounts().isMeasured()) {
            found(report, input);
        } else {
            unmeasured(report, input);
        }
        input.pulls().forEach(pull -> pulled(report, input, pull));
        RunOutNotes.say(input.job().asBuilt().runOuts(), report);
        input.job().asBuilt().backLashes().forEach(each -> BackLashNotes.say(each, report));
        ShaftNotes.add(report, input.job(), input.line());
        WheelNotes.add(report, input.line());
        MoveNotes.add(report, input.line(), input.mounts());
        PanelNotes.add(report, input.job().asBuilt().panels());
        input.feet().ifPresent(feet -> softFoot(report, feet));
        // The finished mount is where it is: nothing has to be moved to its readings.
        SurveyNotes.add(report, Subject.CRADLE, Map.of(), input.survey());
        ScanNotes.add(report, input.job().asBuilt().scan(), input.place(), input.scans());
        planned(report, input);
        return report.report();
    }

    private static void unmeasured(ReportBuilder report, Input input) {
        report.say(
                FitFinding.UNMEASURED,
                Severity.NOT_CHECKED,
                Phrase.of("nothing is measured as built; with all tubes tacked, hold a tape to these distances"),
                Place.of(input.job().cradle().isolators().isEmpty() ? Subject.DONOR : Subject.CRADLE),
                new Why("weld pull moves tacked tubes; measure before and after", List.of(), Source.commonPractice()));
    }

    private static void found(ReportBuilder report, Input input) {
        SuspectPlaces.add(report, input.mounts());
        List<String> missing = input.mounts().mounts().stream()
                .filter(mount -> !mount.measured())
                .map(MountFound::id)
                .toList();
        if (!missing.isEmpty()) {
            report.say(
                    FitFinding.SOME_UNMEASURED,
                    Severity.WATCH,
                    Phrase.of(
                            missing.size() == 1
                                    ? "{} is not measured yet and is taken as drawn"
                                    : "{} are not measured yet and are taken as drawn",
                            String.join(", ", missing)),
                    Place.of(Subject.mount(missing.get(0))),
                    new Why("hole found less hole drawn, 0 where nobody looked", List.of(), Source.measured()));
        }
        input.mounts().mounts().stream().filter(MountFound::measured).forEach(mount -> {
            along(report, mount);
            beside(report, mount);
        });
        input.mounts().byHand().filter(any -> !input.mounts().loaded()).ifPresent(hand -> bolts(report, input, hand));
        input.mounts().sits().ifPresent(sits -> lies(report, input, sits));
    }

    private static void along(ReportBuilder report, MountFound mount) {
        double lacks = mount.lacks();
        Quantity sigma = Quantity.fine(mount.sigma(mount.hole().up()));
        Quantity off = Quantity.fine(Math.abs(lacks));
        Why why = new Why(
                "(place drawn - place found) · way of the bolt, with what is fitted there",
                List.of(input("fitted", Quantity.fine(mount.fitted())), input("± found", sigma)),
                Source.measured());
        report.figure(mount.id() + (lacks < 0 ? " too high by" : " too low by"), off, why);
        if (off.si() > Math.max(WORTH_A_SHIM, SURE * sigma.si())) {
            report.atMost(
                    FitFinding.ALONG,
                    Severity.WATCH,
                    Phrase.of(
                            lacks > 0
                                    ? "{} stands {} too low for the engine as drawn, known to ± {}; What to do says what goes under it"
                                    : "{} stands {} too high for the engine as drawn, known to ± {}; What to do says what comes off",
                            mount.id(),
                            off,
                            sigma),
                    off,
                    Quantity.fine(WORTH_A_SHIM),
                    at(mount),
                    why);
        }
    }

    private static void beside(ReportBuilder report, MountFound mount) {
        report.figure(
                mount.id() + " beside its place by",
                Quantity.fine(mount.across().length()),
                new Why(
                        "place found - place drawn, across the bolt",
                        List.of(
                                input("forward", Quantity.fine(mount.across().x())),
                                input("left", Quantity.fine(mount.across().y())),
                                input("up", Quantity.fine(mount.across().z())),
                                input(
                                        "play of the bolt",
                                        Quantity.fine(mount.hole().play()))),
                        Source.measured()));
    }

    private static void bolts(ReportBuilder report, Input input, Seated hand) {
        List<Hole> holes =
                input.mounts().mounts().stream().map(MountFound::hole).toList();
        int worst = hand.worst(holes);
        double most = hand.across(holes, worst);
        MountFound mount = input.mounts().mounts().get(worst);
        Why why = new Why(
                "engine pushed to where its bolts lie best in their holes; what is left across the worst bolt",
                List.of(
                        input("play of the bolt", Quantity.fine(mount.hole().play())),
                        input("beside its place", Quantity.fine(mount.across().length()))),
                Source.derived("least squares over discs of play"));
        boolean go = most <= Seated.WITH_A_TAP;
        report.atMost(
                FitFinding.BOLTS,
                go ? Severity.GOOD : Severity.STOP,
                go
                        ? Phrase.of("every bolt goes in by hand; the tightest is {}", mount.id())
                        : Phrase.of(
                                "the bolt of {} does not go in: with all others in, its hole is {} off; slot or ream it, do not pry",
                                mount.id(),
                                Quantity.fine(most)),
                Quantity.fine(most),
                Quantity.fine(Seated.WITH_A_TAP),
                at(mount),
                why);
    }

    private static void lies(ReportBuilder report, Input input, Seated sits) {
        Vec3 middle = sits.motion().shift();
        Why why = new Why(
                input.mounts().loaded()
                        ? "best fit of the bosses found to the bosses drawn"
                        : "least work of mounts and frame: u = (R'KR)^-1 R'K o, bolts in their play first",
                List.of(
                        input("forward", Quantity.fine(middle.x())),
                        input("left", Quantity.fine(middle.y())),
                        input("up", Quantity.fine(middle.z()))),
                Source.derived("places found, stiffness of mounts and frame"));
        report.figure("engine lies from where it is drawn", Quantity.fine(middle.length()), why);
        report.figure("engine turned by", Quantity.angle(sits.motion().turn().length()), why);
        if (input.mounts().loaded()) {
            return;
        }
        double share = input.job().donor().mass().mass()
                * GRAVITY
                / Math.max(1, input.mounts().mounts().size());
        for (int k = 0; k < input.mounts().mounts().size(); k++) {
            forced(report, input.mounts().mounts().get(k), sits, k, share);
        }
    }

    private static void forced(ReportBuilder report, MountFound mount, Seated sits, int k, double share) {
        boolean hard = mount.mount().element().isHard();
        double shut = sits.left().get(k).dot(mount.hole().up());
        Quantity force = Quantity.force(sits.forces().get(k).length());
        Why why = new Why(
                "what is left between boss and hole, by the stiffness of mounts and frame together",
                List.of(
                        input("along the bolt", Quantity.fine(shut)),
                        input(
                                "across",
                                Quantity.fine(sits.left()
                                        .get(k)
                                        .withoutPartAlong(mount.hole().up())
                                        .length())),
                        input("an even share of the engine", Quantity.force(share))),
                Source.commonPractice());
        report.figure(mount.id() + " keeps, bolted down", force, why);
        boolean much =
                hard ? Math.abs(mount.lacks()) > SHUT_HARD && force.si() > share : force.si() > SOFT_SHARE * share;
        if (much) {
            report.say(
                    FitFinding.FORCED,
                    Severity.WATCH,
                    Phrase.of(
                            hard
                                    ? "bolted down as it is, {} keeps {} in the frame for good; shim it first"
                                    : "bolted down as it is, {} carries {} more or less than its share, and its rubber sets unevenly",
                            mount.id(),
                            force),
                    at(mount),
                    why);
        }
    }

    private static void pulled(ReportBuilder report, Input input, JointPull pull) {
        Quantity moved = Quantity.fine(pull.moved().length());
        Why why = new Why(
                "place found now less place found before",
                List.of(
                        input("forward", Quantity.fine(pull.moved().x())),
                        input("left", Quantity.fine(pull.moved().y())),
                        input("up", Quantity.fine(pull.moved().z())),
                        input("± found", Quantity.fine(pull.sigma()))),
                Source.measured());
        report.figure(pull.point() + " pulled by", moved, why);
        if (pull.isSure()) {
            boolean mount = input.job().cradle().isolators().stream()
                    .anyMatch(each -> each.id().equals(pull.point()));
            report.say(
                    FitFinding.PULLED,
                    Severity.NOTE,
                    Phrase.of("{} has moved {} between {} and {}", pull.point(), moved, pull.before(), pull.after()),
                    Place.of(mount ? Subject.mount(pull.point()) : Subject.point(pull.point())),
                    why);
        }
    }

    private static void softFoot(ReportBuilder report, FeetFound feet) {
        for (int k = 0; k < feet.gaps().size(); k++) {
            String mount = feet.gaps().get(k).mount();
            double shim = feet.foot().shims().get(k);
            Why why = new Why(
                    "least shims for which gap - shim is one plane over all feet",
                    List.of(input("gap", Quantity.fine(feet.gaps().get(k).gap()))),
                    Source.derived("linear programme over the feet"));
            report.figure(mount + " soft foot", Quantity.fine(shim), why);
            if (shim > SHUT_HARD) {
                report.say(
                        FitFinding.SOFT_FOOT,
                        Severity.WATCH,
                        Phrase.of(
                                "{} does not stand: with its bolt loose {} are missing under it; shim it before anything is lined up",
                                mount,
                                Quantity.fine(shim)),
                        Place.of(Subject.mount(mount)),
                        why);
            }
        }
    }

    private static void planned(ReportBuilder report, Input input) {
        Why planned = new Why("R b + t of the seat", List.of(), Source.derived("pose of the donor"));
        List<Boss> bosses = input.job().donor().bosses();
        for (Boss boss : bosses) {
            Vec3 at = input.bosses().get(boss.id());
            report.figure(boss.id() + " forward of datum", Quantity.length(at.x()), planned);
            report.figure(boss.id() + " left of datum", Quantity.length(at.y()), planned);
            report.figure(boss.id() + " above datum", Quantity.length(at.z()), planned);
        }
        for (int k = 0; k < bosses.size(); k++) {
            for (int j = k + 1; j < bosses.size(); j++) {
                report.figure(
                        bosses.get(k).id() + " to " + bosses.get(j).id(),
                        Quantity.length(bosses.get(k)
                                .position()
                                .distanceTo(bosses.get(j).position())),
                        new Why("|b1 - b2|, centre to centre", List.of(), Source.derived("boss positions")));
            }
        }
    }

    static Place at(MountFound mount) {
        return Place.of(
                Subject.mount(mount.id()),
                mount.hole().place().plus(mount.hole().off()));
    }
}
