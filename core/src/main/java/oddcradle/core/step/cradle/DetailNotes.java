package oddcradle.core.step.cradle;

import static oddcradle.core.finding.Why.input;

import java.util.List;
import java.util.Optional;
import oddcradle.core.catalog.BoltGrade;
import oddcradle.core.catalog.ScrewThread;
import oddcradle.core.drive.Stage;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.job.cradle.TubeJoint;
import oddcradle.core.job.tube.Member;
import oddcradle.core.joint.BoltHole;
import oddcradle.core.joint.BoltStrength;
import oddcradle.core.joint.HubGrip;
import oddcradle.core.joint.NotchedTube;
import oddcradle.core.joint.SleevedEnd;
import oddcradle.core.math.Vec3;
import oddcradle.core.placement.Seating;
import oddcradle.core.report.ReportBuilder;
import oddcradle.core.section.Tube;
import oddcradle.core.structure.LineResult;
import oddcradle.core.structure.StageResult;
import oddcradle.core.structure.TubeStress;
import oddcradle.core.units.Quantity;

/** What is to be said of gussets, pads, notches, slides and bolted tube ends; of fittings see {@link FittingNotes}. */
final class DetailNotes {
    private static final Source PRACTICE = Source.commonPractice();
    private static final Source WALL = Source.derived("thin wall summed over the arc");
    /** A landing pad lifts no more than a person can, m: an eighth to a quarter inch under the lug; common practice. */
    private static final double PAD_LOWEST = 0.0254 / 4;

    private static final double PAD_HIGHEST = 0.0254 / 8;
    /** Play of a chain over its life, share of its length, and half a pitch to hang it on; common practice. */
    private static final double CHAIN_WEAR = 0.015;

    private final Job job;
    private final Seating seating;
    private final LineResult line;
    private final List<TubeStress> uses;
    private final ReportBuilder report;

    private DetailNotes(ReportBuilder report, Job job, Seating seating, LineResult line, List<TubeStress> uses) {
        this.report = report;
        this.job = job;
        this.seating = seating;
        this.line = line;
        this.uses = uses;
    }

    static void add(ReportBuilder report, Job job, Seating seating, LineResult line, List<TubeStress> uses) {
        DetailNotes notes = new DetailNotes(report, job, seating, line, uses);
        job.cradle().details().forEach(notes::detail);
        job.cradle().joints().forEach(notes::joint);
    }

    private void detail(Detail detail) {
        if (detail instanceof Detail.Gusset gusset) {
            gusset(gusset);
        } else if (detail instanceof Detail.LandingPad pad) {
            landingPad(pad);
        } else if (detail instanceof Detail.ClampPad pad) {
            clampPad(pad);
        } else if (detail instanceof Detail.ReliefNotch notch) {
            notch(notch);
        } else if (detail instanceof Detail.Slide slide) {
            slide(slide);
        } else {
            new FittingNotes(job, seating, report).detail(detail);
        }
    }

    private Place at(String id, String node) {
        return Place.of(Subject.detail(id), seating.node(node));
    }

    private void gusset(Detail.Gusset gusset) {
        Member first = job.cradle().member(gusset.first()).orElseThrow();
        Member second = job.cradle().member(gusset.second()).orElseThrow();
        for (Member tube : List.of(first, second)) {
            if (!tube.nodes().contains(gusset.node())) {
                report.say(
                        CradleFinding.GUSSET,
                        Severity.STOP,
                        Phrase.of(
                                "gusset {} is meant for node {}, which {} does not pass; name the node where both tubes meet",
                                gusset.id(),
                                gusset.node(),
                                tube.named()),
                        at(gusset.id(), gusset.node()),
                        new Why("nodes of the tube", List.of(), PRACTICE));
                return;
            }
        }
        double wall = Math.min(wall(first), wall(second));
        if (wall > 0 && gusset.thickness() > 2 * wall) {
            report.say(
                    CradleFinding.GUSSET,
                    Severity.WATCH,
                    Phrase.of(
                            "gusset {} is {} thick on a wall of {}: it cracks the tube beside its tip; no more than twice the wall",
                            gusset.id(),
                            Quantity.length(gusset.thickness()),
                            Quantity.length(wall)),
                    at(gusset.id(), gusset.node()),
                    new Why("thickness against the thinner wall", List.of(), PRACTICE));
        }
        double steel = gusset.leg()
                * gusset.leg()
                / 2
                * gusset.thickness()
                * job.material(first).density();
        report.figure(
                "gusset " + gusset.id() + " weighs",
                Quantity.mass(steel),
                new Why("leg² / 2 · t · rho", List.of(), PRACTICE));
    }

    private static double wall(Member member) {
        return member.section() instanceof Tube tube ? tube.wall() : 0;
    }

    private void landingPad(Detail.LandingPad pad) {
        boolean good = pad.below() >= PAD_HIGHEST && pad.below() <= PAD_LOWEST;
        report.say(
                CradleFinding.LANDING_PAD,
                good ? Severity.GOOD : Severity.WATCH,
                good
                        ? Phrase.of(
                                "{} carries {} while its bolt goes in: lift {}",
                                pad.id(),
                                pad.boss(),
                                Quantity.length(pad.below()))
                        : Phrase.of(
                                "{} lies {} under the lug of {}; from 1 mm to {} one person can line it up",
                                pad.id(),
                                Quantity.length(pad.below()),
                                pad.boss(),
                                Quantity.length(PAD_LOWEST)),
                Place.of(Subject.detail(pad.id()), seating.boss(pad.boss())),
                new Why("gap under the lug, 1 to 6.35 mm", List.of(), PRACTICE));
    }

    /** Friction of the clamped shells must hold what the cradle puts on them. */
    private void clampPad(Detail.ClampPad pad) {
        ScrewThread thread = ScrewThread.of("thread", pad.thread());
        Optional<Member> host = seating.landing(pad.node());
        double grip = 2 * HubGrip.FRICTION * HubGrip.screws(pad.bolts(), thread);
        double asked = 0;
        for (TubeStress use : uses) {
            if (use.tube().nodes().contains(pad.node())) {
                asked = Math.max(
                        asked,
                        Math.max(
                                use.piece().endI().force().length(),
                                use.piece().endJ().force().length()));
            }
        }
        boolean holds = grip >= job.build().yieldFactor() * asked;
        report.atLeast(
                CradleFinding.CLAMP_PAD,
                holds ? Severity.GOOD : Severity.STOP,
                Phrase.of(
                        holds
                                ? "{} grips {} with {}; {} comes onto it"
                                : "{} grips {} with only {} where {} comes onto it, by the factor; more or thicker bolts",
                        pad.id(),
                        host.map(Member::id).orElse("its tube"),
                        Quantity.force(grip),
                        Quantity.force(asked)),
                Quantity.force(grip),
                Quantity.force(job.build().yieldFactor() * asked),
                at(pad.id(), pad.node()),
                new Why(
                        "2 mu n F, F three quarters of proof",
                        List.of(input("mu", Quantity.ratio(HubGrip.FRICTION)), input("n", Quantity.count(pad.bolts()))),
                        PRACTICE));
        if (!pad.lined()
                && host.filter(tube -> job.material(tube).isLightAlloy()).isPresent()) {
            report.say(
                    CradleFinding.UNLINED,
                    Severity.WATCH,
                    Phrase.of(
                            "{} sits bare on {}: steel on light alloy corrodes the alloy when wet (galvanic corrosion); put a liner between and look at it every"
                                    + " year",
                            pad.id(),
                            host.get().id()),
                    at(pad.id(), pad.node()),
                    new Why("bare steel on a light alloy", List.of(), PRACTICE));
        }
    }

    private void notch(Detail.ReliefNotch notch) {
        Member member = job.cradle().member(notch.member()).orElseThrow();
        Vec3 at = seating.node(member.first()).towards(seating.node(member.last()), notch.at());
        if (!(member.section() instanceof Tube tube) || notch.depth() >= tube.od() - 2 * tube.wall()) {
            report.say(
                    CradleFinding.NOTCH,
                    Severity.STOP,
                    Phrase.of(
                            "notch {} is {} deep in {}: that cuts it through; move the tube instead",
                            notch.id(),
                            Quantity.length(notch.depth()),
                            member.section()),
                    Place.of(Subject.detail(notch.id()), at),
                    new Why("depth against the tube", List.of(), WALL));
            return;
        }
        NotchedTube left = NotchedTube.of(tube, notch.depth(), notch.closed());
        double whole = tube.secondMomentY() / (tube.od() / 2);
        double share = left.sectionModulus() / whole;
        double use = uses.stream()
                .filter(each -> each.tube().id().equals(member.id()))
                .mapToDouble(TubeStress::utilisation)
                .max()
                .orElse(0);
        double then = use / share;
        boolean holds = then <= 1 && notch.closed();
        report.atMost(
                CradleFinding.NOTCH,
                holds ? Severity.GOOD : then > 1 ? Severity.STOP : Severity.WATCH,
                Phrase.of(
                        notch.closed()
                                ? "notch {} leaves {} of the bending strength of {}; at its worst place that would be {} of what is"
                                        + " allowed"
                                : "notch {} is left open: {} of the bending strength of {} remains and hardly any against twist"
                                        + " ({} of what is allowed in bending); turn the off-cut over and weld it in",
                        notch.id(),
                        Quantity.share(share),
                        member.named(),
                        Quantity.share(then)),
                Quantity.share(then),
                Quantity.share(1),
                Place.of(Subject.detail(notch.id()), at),
                new Why(
                        "section modulus with the wall beyond the cut mirrored inside, or gone",
                        List.of(
                                input("depth", Quantity.length(notch.depth())),
                                input("use of the whole tube", Quantity.share(use))),
                        WALL));
    }

    /** Range needed for the drive against what the slots give. */
    private void slide(Detail.Slide slide) {
        double needed = 0;
        String drive = "";
        if (!line.stages().isEmpty()) {
            StageResult stage = line.stages().get(0);
            drive = stage.stage().label();
            double centres =
                    stage.driving().sprocketCentre().distanceTo(stage.driven().sprocketCentre());
            needed = CHAIN_WEAR * 2 * centres / 2
                    + (stage.stage() instanceof Stage.Chain chain ? chain.pitch() / 2 : CHAIN_WEAR * centres);
        }
        boolean enough = slide.range() >= needed;
        report.atLeast(
                CradleFinding.SLIDE,
                enough ? Severity.GOOD : Severity.WATCH,
                Phrase.of(
                        enough
                                ? "{} slides {}; {} needs {} over its life"
                                : "{} slides only {}; {} needs {} to be hung and to wear: lengthen the slots",
                        slide.id(),
                        Quantity.length(slide.range()),
                        drive.isEmpty() ? "the drive" : drive,
                        Quantity.length(needed)),
                Quantity.length(slide.range()),
                Quantity.length(needed),
                Place.of(
                        Subject.detail(slide.id()),
                        slide.nodes().isEmpty()
                                ? seating.mass().cg()
                                : seating.node(slide.nodes().get(0))),
                new Why("1.5 % of the centre distance for wear and half a pitch to hang it on", List.of(), PRACTICE));
    }

    /** What friction under one bolt does not hold, slips by the play of its hole, and the engine goes along. */
    private void slip(TubeJoint joint, Member member, ScrewThread thread, double load) {
        double grip = HubGrip.FRICTION * HubGrip.screws(1, thread);
        double play = (BoltHole.medium(thread.diameter()) - thread.diameter()) / 2;
        boolean holds = grip >= load;
        report.atLeast(
                CradleFinding.SLIP,
                holds ? Severity.GOOD : Severity.WATCH,
                holds
                        ? Phrase.of(
                                "friction under the bolt at {} of {} holds {}; {} comes onto it",
                                joint.node(),
                                member.named(),
                                Quantity.force(grip),
                                Quantity.force(load))
                        : Phrase.of(
                                "friction under the bolt at {} of {} holds only {} of {}: the end slips by up to {} either way in a usual hole, and"
                                        + " the engine goes along; ream the hole to the bolt, or use two bolts or a thicker one",
                                joint.node(),
                                member.named(),
                                Quantity.force(grip),
                                Quantity.force(load),
                                Quantity.length(play)),
                Quantity.force(grip),
                Quantity.force(load),
                Place.of(Subject.tube(member.id()), seating.node(joint.node())),
                new Why(
                        "mu F on one face, F three quarters of proof; hole of ISO 273, medium",
                        List.of(
                                input("mu", Quantity.ratio(HubGrip.FRICTION)),
                                input("F", Quantity.force(HubGrip.screws(1, thread))),
                                input("play either way", Quantity.length(play))),
                        PRACTICE));
    }

    /** A bolt through a tube's end: it dents the tube unless something stands inside. */
    private void joint(TubeJoint joint) {
        if (!joint.kind().isBolted()) {
            return;
        }
        Member member = job.cradle().member(joint.member()).orElseThrow();
        ScrewThread thread = ScrewThread.find(joint.thread())
                .or(() -> ScrewThread.forBore(
                        2 * member.section().outerRadius() / 3,
                        job.build().shop().inch()))
                .orElse(ScrewThread.all().get(0));
        double load = uses.stream()
                .filter(use -> use.tube().id().equals(member.id()))
                .mapToDouble(use -> Math.max(
                        use.piece().endI().force().length(),
                        use.piece().endJ().force().length()))
                .max()
                .orElse(0);
        slip(joint, member, thread, load);
        if (!(member.section() instanceof Tube tube)) {
            return;
        }
        Optional<TubeJoint.InnerSleeve> sleeve = joint.sleeve();
        SleevedEnd end = SleevedEnd.of(
                tube,
                sleeve.map(TubeJoint.InnerSleeve::od).orElse(0.0),
                sleeve.isPresent() ? tube.wall() : 0,
                thread.diameter(),
                load,
                BoltStrength.preload(thread, BoltGrade.usual(thread.inch())),
                job.material(member).yieldStrength());
        Place where = Place.of(Subject.tube(member.id()), seating.node(joint.node()));
        Why why = new Why(
                "bolt's clamping against what dents the walls; bearing F / (d 2 t)",
                List.of(
                        input("clamping", Quantity.force(BoltStrength.preload(thread, BoltGrade.usual(thread.inch())))),
                        input("bearing", Quantity.stress(end.bearing()))),
                Source.fromMemory("Roark's Formulas for Stress and Strain, rings"));
        if (sleeve.isPresent() && (end.play() < 0 || end.play() > SleevedEnd.MOST_PLAY)) {
            report.say(
                    CradleFinding.SLEEVE,
                    end.play() < 0 ? Severity.STOP : Severity.WATCH,
                    Phrase.of(
                            end.play() < 0
                                    ? "the sleeve at {} of {} is {} too thick for the tube"
                                    : "the sleeve at {} of {} has {} of play: the tube gives before it helps",
                            joint.node(),
                            member.named(),
                            Quantity.length(Math.abs(end.play()))),
                    where,
                    why);
        } else if (sleeve.isPresent() && sleeve.get().length() < SleevedEnd.LEAST_LENGTH - 1e-9) {
            report.say(
                    CradleFinding.SLEEVE,
                    Severity.WATCH,
                    Phrase.of(
                            "the sleeve at {} of {} is {} long; the tube folds at its end, an inch is the least",
                            joint.node(),
                            member.named(),
                            Quantity.length(sleeve.get().length())),
                    where,
                    why);
        } else if (end.crush() > 1) {
            report.say(
                    CradleFinding.CRUSH,
                    Severity.STOP,
                    Phrase.of(
                            sleeve.isPresent()
                                    ? "{} tightened fully still dents the end of {} at {}: weld a crush tube through it"
                                    : "{} dents the end of {} at {} when it is tightened: put a sleeve inside, rivet it, then drill"
                                            + " both",
                            thread.designation(),
                            member.named(),
                            joint.node()),
                    where,
                    why);
        } else {
            report.say(
                    CradleFinding.SLEEVE,
                    Severity.GOOD,
                    Phrase.of(
                            "{} through the end of {} at {}: rivet the sleeve first, then drill both",
                            thread.designation(),
                            member.named(),
                            joint.node()),
                    where,
                    why);
        }
    }
}
