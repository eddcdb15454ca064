package oddcradle.core.card;

import java.util.List;
import java.util.function.Function;
import oddcradle.core.card.Field.Named;
import oddcradle.core.job.Job;
import oddcradle.core.job.cradle.Detail;
import oddcradle.core.units.Kind;

/** The fields of each kind of detail. */
final class DetailFields {
    private static final String MARK = FieldsOf.MARK;
    private static final String THICK = "thick";
    private static final String THREAD = "thread";
    private static final String BOSS = "at the boss";

    private final List<Named> nodes;
    private final List<Named> bosses;
    private final List<Named> tubes;

    DetailFields(List<Named> nodes, List<Named> bosses, List<Named> tubes) {
        this.nodes = nodes;
        this.bosses = bosses;
        this.tubes = tubes;
    }

    static String kind(Detail detail) {
        return detail instanceof Detail.Gusset
                ? "gusset"
                : detail instanceof Detail.LandingPad
                        ? "landing pad"
                        : detail instanceof Detail.ClampPad
                                ? "clamp"
                                : detail instanceof Detail.ReliefNotch
                                        ? "relief notch"
                                        : detail instanceof Detail.Slide
                                                ? "slide"
                                                : detail instanceof Detail.AdapterPlate
                                                        ? "adapter plate"
                                                        : detail instanceof Detail.Hub
                                                                ? "hub"
                                                                : detail instanceof Detail.Clutch
                                                                        ? "clutch"
                                                                        : detail instanceof Detail.ReusedHanger
                                                                                ? "hanger used again"
                                                                                : "folded plate";
    }

    FieldsOf<?> of(Detail detail, Function<Detail, Job> put) {
        if (detail instanceof Detail.Gusset gusset) {
            return new FieldsOf<>(gusset, put::apply)
                    .words(MARK, Detail.Gusset::id, Detail.Gusset::withId)
                    .choice("at node", nodes, Detail.Gusset::node, Detail.Gusset::withNode)
                    .choice("one tube", tubes, Detail.Gusset::first, Detail.Gusset::withFirst)
                    .choice("other tube", tubes, Detail.Gusset::second, Detail.Gusset::withSecond)
                    .length("along each", Detail.Gusset::leg, Detail.Gusset::withLeg)
                    .length(THICK, Detail.Gusset::thickness, Detail.Gusset::withThickness);
        }
        if (detail instanceof Detail.LandingPad pad) {
            return new FieldsOf<>(pad, put::apply)
                    .words(MARK, Detail.LandingPad::id, Detail.LandingPad::withId)
                    .choice(BOSS, bosses, Detail.LandingPad::boss, Detail.LandingPad::withBoss)
                    .length("under the lug", Detail.LandingPad::below, Detail.LandingPad::withBelow);
        }
        if (detail instanceof Detail.ClampPad clamp) {
            return new FieldsOf<>(clamp, put::apply)
                    .words(MARK, Detail.ClampPad::id, Detail.ClampPad::withId)
                    .choice("at node", nodes, Detail.ClampPad::node, Detail.ClampPad::withNode)
                    .length("along the tube", Detail.ClampPad::length, Detail.ClampPad::withLength)
                    .length(THICK, Detail.ClampPad::thickness, Detail.ClampPad::withThickness)
                    .words(THREAD, Detail.ClampPad::thread, Detail.ClampPad::withThread)
                    .count("bolts", Detail.ClampPad::bolts, Detail.ClampPad::withBolts)
                    .yes("lined", Detail.ClampPad::lined, Detail.ClampPad::withLined);
        }
        if (detail instanceof Detail.ReliefNotch notch) {
            return new FieldsOf<>(notch, put::apply)
                    .words(MARK, Detail.ReliefNotch::id, Detail.ReliefNotch::withId)
                    .choice("in the tube", tubes, Detail.ReliefNotch::member, Detail.ReliefNotch::withMember)
                    .measure("at, along it", Kind.SHARE, Detail.ReliefNotch::at, Detail.ReliefNotch::withAt)
                    .length("deep", Detail.ReliefNotch::depth, Detail.ReliefNotch::withDepth)
                    .yes("off-cut welded back", Detail.ReliefNotch::closed, Detail.ReliefNotch::withClosed);
        }
        if (detail instanceof Detail.Slide slide) {
            return new FieldsOf<>(slide, put::apply)
                    .words(MARK, Detail.Slide::id, Detail.Slide::withId)
                    .several("nodes that slide", nodes, Detail.Slide::nodes, Detail.Slide::withNodes)
                    .way("slides", Detail.Slide::direction, Detail.Slide::withDirection)
                    .length("slots long", Detail.Slide::range, Detail.Slide::withRange)
                    .words(THREAD, Detail.Slide::thread, Detail.Slide::withThread);
        }
        if (detail instanceof Detail.AdapterPlate plate) {
            return plate(new FieldsOf<>(plate, put::apply)
                    .words(MARK, Detail.AdapterPlate::id, Detail.AdapterPlate::withId));
        }
        if (detail instanceof Detail.Hub hub) {
            return new FieldsOf<>(hub, put::apply)
                    .words(MARK, Detail.Hub::id, Detail.Hub::withId)
                    .length("shaft", Detail.Hub::shaft, Detail.Hub::withShaft)
                    .length("gripped over", Detail.Hub::length, Detail.Hub::withLength)
                    .measure("carries", Kind.TORQUE, Detail.Hub::torque, Detail.Hub::withTorque);
        }
        if (detail instanceof Detail.Clutch clutch) {
            return new FieldsOf<>(clutch, put::apply)
                    .words(MARK, Detail.Clutch::id, Detail.Clutch::withId)
                    .length("lining outside", Detail.Clutch::outer, Detail.Clutch::withOuter)
                    .length("lining inside", Detail.Clutch::inner, Detail.Clutch::withInner)
                    .count("faces that rub", Detail.Clutch::faces, Detail.Clutch::withFaces)
                    .measure("springs press", Kind.FORCE, Detail.Clutch::clamp, Detail.Clutch::withClamp)
                    .measure("friction", Kind.RATIO, Detail.Clutch::friction, Detail.Clutch::withFriction);
        }
        if (detail instanceof Detail.ReusedHanger hanger) {
            return new FieldsOf<>(hanger, put::apply)
                    .words(MARK, Detail.ReusedHanger::id, Detail.ReusedHanger::withId)
                    .choice(BOSS, bosses, Detail.ReusedHanger::boss, Detail.ReusedHanger::withBoss)
                    .length("wide as it is", Detail.ReusedHanger::width, Detail.ReusedHanger::withWidth)
                    .length("cut from each side", Detail.ReusedHanger::off, Detail.ReusedHanger::withOff)
                    .length("bore", Detail.ReusedHanger::bore, Detail.ReusedHanger::withBore)
                    .length("thinnest bush", Detail.ReusedHanger::bush, Detail.ReusedHanger::withBush);
        }
        return new FieldsOf<>((Detail.FoldedPlate) detail, put::apply)
                .words(MARK, Detail.FoldedPlate::id, Detail.FoldedPlate::withId)
                .choice(BOSS, bosses, Detail.FoldedPlate::boss, Detail.FoldedPlate::withBoss)
                .length("wide", Detail.FoldedPlate::width, Detail.FoldedPlate::withWidth)
                .length(THICK, Detail.FoldedPlate::thickness, Detail.FoldedPlate::withThickness)
                .length("edges turned up by", Detail.FoldedPlate::fold, Detail.FoldedPlate::withFold)
                .length("held to loaded", Detail.FoldedPlate::span, Detail.FoldedPlate::withSpan);
    }

    private static FieldsOf<?> plate(FieldsOf<Detail.AdapterPlate> of) {
        return of.inner(
                        Detail.AdapterPlate::engine,
                        Detail.AdapterPlate::withEngine,
                        circle -> circle(circle, "engine"))
                .inner(Detail.AdapterPlate::driven, Detail.AdapterPlate::withDriven, circle -> circle(circle, "driven"))
                .length(THICK, Detail.AdapterPlate::thickness, Detail.AdapterPlate::withThickness)
                .length("pilot", Detail.AdapterPlate::register, Detail.AdapterPlate::withRegister)
                .count("dowels", Detail.AdapterPlate::dowels, Detail.AdapterPlate::withDowels)
                .length("dowel", Detail.AdapterPlate::dowel, Detail.AdapterPlate::withDowel)
                .measure("carries", Kind.TORQUE, Detail.AdapterPlate::torque, Detail.AdapterPlate::withTorque)
                .length("shaft stands out", Detail.AdapterPlate::shaft, Detail.AdapterPlate::withShaft)
                .length("pocket for it", Detail.AdapterPlate::pocket, Detail.AdapterPlate::withPocket)
                .length("crank floats", Detail.AdapterPlate::crankFloat, Detail.AdapterPlate::withCrankFloat);
    }

    private static void circle(FieldsOf<Detail.BoltCircle> of, String side) {
        of.length(side + " bolt circle", Detail.BoltCircle::diameter, Detail.BoltCircle::withDiameter)
                .count(side + " holes", Detail.BoltCircle::holes, Detail.BoltCircle::withHoles)
                .words(side + " thread", Detail.BoltCircle::thread, Detail.BoltCircle::withThread);
    }
}
