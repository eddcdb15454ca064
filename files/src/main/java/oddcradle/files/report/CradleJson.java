package oddcradle.files.report;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;
import java.util.Optional;
import oddcradle.core.control.Progress;
import oddcradle.core.examine.Examination;
import oddcradle.core.hardware.HardwareItem;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.job.cradle.Isolator;
import oddcradle.core.joint.BoltStack;
import oddcradle.core.joint.Tab;
import oddcradle.core.propose.BuildChoices;
import oddcradle.core.propose.Hours;
import oddcradle.core.propose.Proposal;
import oddcradle.core.propose.Proposals;
import oddcradle.core.search.AssemblyOrder;
import oddcradle.core.structure.MountStiffness;

/** The cradle as JSON, SI throughout: mounts to the last washer, its stiffness, what each way of building it costs; and proposals. */
public final class CradleJson {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private CradleJson() {}

    static void write(ObjectNode out, Examination examination) {
        out.put("tubes", examination.job().cradle().members().size())
                .put(
                        "mass",
                        examination.cutList().stream()
                                .mapToDouble(tube -> tube.mass())
                                .sum())
                .put("hours", Hours.of(examination));
        ArrayNode mounts = out.putArray("mounts");
        for (Isolator isolator : examination.job().cradle().isolators()) {
            ObjectNode each = mounts.addObject()
                    .put("id", isolator.id())
                    .put("boss", isolator.boss())
                    .put("element", isolator.element().designation())
                    .put("k_along", isolator.element().stiffness().x())
                    .put("k_across", isolator.element().stiffness().y());
            examination.mountDesigns().stream()
                    .filter(design -> design.isolator().id().equals(isolator.id()))
                    .findFirst()
                    .ifPresent(design -> design(each, design));
        }
        examination.mountStiffness().ifPresent(stiffness -> stiffness(out, stiffness));
        ArrayNode order = out.putArray("assembly");
        for (AssemblyOrder.Step step : AssemblyOrder.of(examination, Progress.UNWATCHED)) {
            ObjectNode each = order.addObject().put("tube", step.tube().id()).put("before_engine", step.beforeEngine());
            step.from()
                    .ifPresent(from ->
                            each.putArray("from").add(from.x()).add(from.y()).add(from.z()));
        }
        ArrayNode hardware = out.putArray("hardware");
        examination.hardware().items().forEach(item -> hardware(hardware.addObject(), item));
        ArrayNode choices = out.putArray("choices");
        BuildChoices.of(examination, Progress.UNWATCHED).forEach(choice -> choice(choices.addObject(), choice));
    }

    private static void stiffness(ObjectNode out, MountStiffness stiffness) {
        ArrayNode modes = out.putArray("modes_on_frame");
        stiffness.frequencies().forEach(modes::add);
        ArrayNode seats = out.putArray("seat_stiffness");
        stiffness.seats().forEach(seat -> seats.addObject()
                .put("mount", seat.isolator())
                .put("frame_stiffness", seat.frame())
                .put("mount_stiffness", seat.mount())
                .put("ratio", seat.ratio()));
    }

    private static void design(ObjectNode out, MountDesign design) {
        out.put("tube", design.tube().id())
                .put("through_tube", design.through())
                .put("moves_along", design.along())
                .put("moves_across", design.across());
        tab(out.putObject("tab"), design);
        out.putObject("bolt_load")
                .put("tension", design.bolt().tension())
                .put("shear", design.bolt().shear())
                .put("utilisation", design.bolt().utilisation());
        stack(out.putObject("stack"), design.stack());
        design.ears().ifPresent(ears -> stack(out.putObject("engine_bracket"), ears));
        design.collar().ifPresent(collar -> out.putObject("collar")
                .put("inside", collar.inside())
                .put("outside", collar.outside())
                .put("length", collar.length()));
    }

    private static void hardware(ObjectNode out, HardwareItem item) {
        out.put("kind", item.kind().name().toLowerCase(Locale.ROOT))
                .put("mount", item.mount())
                .put("count", item.count())
                .put("designation", item.designation())
                .put("length", item.length())
                .put("inside", item.inside())
                .put("outside", item.outside());
        item.fastening().ifPresent(bolt -> out.put("grip", bolt.grip())
                .put("class", bolt.propertyClass())
                .put("torque", bolt.torque())
                .put("goes_in", bolt.goes())
                .put("lock", bolt.lock()));
        item.outline().ifPresent(outline -> {
            ArrayNode edge = out.putArray("outline");
            outline.edge().forEach(point -> edge.addArray().add(point.x()).add(point.y()));
            ArrayNode holes = out.putArray("holes");
            outline.holes()
                    .forEach(
                            hole -> holes.addArray().add(hole.x()).add(hole.y()).add(hole.diameter()));
        });
    }

    private static void tab(ObjectNode out, MountDesign design) {
        Tab tab = design.tab();
        out.put("plates", tab.plates())
                .put("thickness", tab.thickness())
                .put("width", tab.root())
                .put("standoff", tab.standoff())
                .put("edge", tab.edge())
                .put("hole", tab.hole())
                .put("boxed", tab.boxed())
                .put("weld_leg", tab.leg())
                .put("weld_leg_needed", tab.weldNeeded())
                .put("utilisation", tab.utilisation())
                .put("worst", tab.worst());
        ArrayNode outline = out.putArray("outline");
        design.outline()
                .edge()
                .forEach(point -> outline.addArray().add(point.x()).add(point.y()));
    }

    private static void stack(ObjectNode out, BoltStack stack) {
        out.put("bolt", stack.bolt().mark())
                .put("thread", stack.thread().designation())
                .put("grade", stack.grade().word())
                .put("length", stack.bolt().length())
                .put("grip", stack.grip())
                .put("hole", stack.hole())
                .put("sleeve", stack.sleeve())
                .put("spacer", stack.spacer());
        stack.reach()
                .ifPresentOrElse(
                        reach -> out.putObject("thread_reach")
                                .put("engaged", reach.engaged())
                                .put("needed", reach.needed())
                                .put("left", reach.left()),
                        () -> out.put("thread_protrusion_pitches", stack.threadProtrusion()));
        ArrayNode shims = out.putArray("shims");
        stack.shims().forEach(shims::add);
        if (stack.sleeve() > 0) {
            out.put("rubber_compression", stack.compression());
        }
        if (!stack.isHeldByBond()) {
            out.put("washer_overlap", stack.washerOverlap());
        }
        ArrayNode layers = out.putArray("layers");
        stack.layers().forEach(layer -> layers.addObject()
                .put("kind", layer.kind().name().toLowerCase(Locale.ROOT))
                .put("side", layer.side().name().toLowerCase(Locale.ROOT))
                .put("from", layer.from())
                .put("to", layer.to())
                .put("inner", layer.inner())
                .put("outer", layer.outer()));
        ArrayNode contacts = out.putArray("contacts");
        stack.contacts().forEach(contact -> contacts.addObject()
                .put("engine", contact.engine().word())
                .put("frame", contact.frame().word())
                .put("gap", contact.gap())
                .put("needed", contact.needed())
                .put("shorts", contact.shorts()));
    }

    private static void choice(ObjectNode out, BuildChoices.Choice choice) {
        out.put("question", choice.question())
                .put("choice", choice.name())
                .put("now", choice.now())
                .put("drive_end_moves", choice.moves())
                .put("short_gaps", choice.shortGaps())
                .put("hours", choice.hours())
                .put("price", choice.price());
        optional(out, "lowest_mode", choice.lowestMode());
        optional(out, "transmissibility_at_cruise", choice.transmissibility());
        optional(out, "highest_utilisation", choice.highestUtilisation());
    }

    private static void optional(ObjectNode out, String name, Optional<Double> value) {
        value.ifPresent(each -> out.put(name, each));
    }

    /** What was proposed, best first. */
    public static String proposals(Examination examination, Proposals.Result result) {
        ObjectNode out = MAPPER.createObjectNode().put("job", examination.job().name());
        ArrayNode all = out.putArray("proposals");
        for (int k = 0; k < result.proposals().size(); k++) {
            Proposal proposal = result.proposals().get(k);
            ObjectNode each = all.addObject()
                    .put("number", k + 1)
                    .put("kind", proposal.kind().name().toLowerCase(Locale.ROOT))
                    .put("title", proposal.title())
                    .put("soft", proposal.mountStyle().isSoft())
                    .put("points", proposal.mountStyle().points())
                    .put("mass", proposal.mass())
                    .put("tubes", proposal.tubes())
                    .put("joints", proposal.joints())
                    .put("hours", proposal.hours())
                    .put("way_out", proposal.wayOut())
                    .put("weak_point", proposal.weakPoint())
                    .put("stops", proposal.stops())
                    .put("watches", proposal.watches());
            proposal.worstUse().ifPresent(use -> each.put("highest_utilisation", use.utilisation())
                    .put("worst_tube", use.tube().id()));
            proposal.worstGap().ifPresent(gap -> each.put("worst_gap_margin", gap.margin())
                    .put("worst_gap_part", gap.donorPart().id())
                    .put("worst_gap_tube", gap.obstacle().id()));
            optional(each, "lowest_mode", proposal.lowestMode());
            ArrayNode troubles = each.putArray("troubles");
            proposal.troubles().forEach(troubles::add);
        }
        ArrayNode notHere = out.putArray("not_here");
        result.notHere().forEach((kind, why) -> notHere.addObject()
                .put("kind", kind.name().toLowerCase(Locale.ROOT))
                .put("why", why));
        return out.toPrettyString();
    }
}
