package oddcradle.files.calc;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.Function;
import oddcradle.core.frame.BucklingAnalysis;
import oddcradle.core.frame.CaseResult;
import oddcradle.core.frame.EndForces;
import oddcradle.core.frame.FrameAnalysis;
import oddcradle.core.frame.FrameResult;
import oddcradle.core.frame.input.EndJoint;
import oddcradle.core.frame.input.Fixity;
import oddcradle.core.frame.input.FrameCase;
import oddcradle.core.frame.input.FrameInput;
import oddcradle.core.frame.input.FrameMember;
import oddcradle.core.frame.input.FrameNode;
import oddcradle.core.frame.input.FrameSupport;
import oddcradle.core.frame.input.NodeLoad;
import oddcradle.core.frame.input.PointMass;
import oddcradle.core.frame.input.Theory;
import oddcradle.core.material.Material;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.section.Angle;
import oddcradle.core.section.Rect;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Round;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;

final class FrameCalculator {
    /** The contract carries no yield strength; the answers here do not use it. */
    private static final double UNUSED_YIELD = 1;

    private FrameCalculator() {}

    static ObjectNode answer(Fields in) {
        boolean buckling = in.flag("buckling", false);
        FrameInput input = input(in);
        FrameResult result = Calculators.orRefuse(FrameAnalysis.solve(input), "members");
        CaseResult answer = result.cases().get(0);
        ObjectNode out = Json.object();
        ArrayNode nodes = out.putArray("nodes");
        answer.nodes().forEach(node -> {
            ObjectNode each = nodes.addObject().put("id", node.node());
            each.set("displacement", Json.vector(node.displacement()));
            each.set("rotation", Json.vector(node.rotation()));
        });
        ArrayNode reactions = out.putArray("reactions");
        answer.reactions().forEach(reaction -> {
            ObjectNode each = reactions.addObject().put("node", reaction.node());
            each.set("force", Json.vector(reaction.force()));
            each.set("moment", Json.vector(reaction.moment()));
        });
        ArrayNode members = out.putArray("members");
        answer.members().forEach(member -> {
            ObjectNode each = members.addObject().put("id", member.id());
            each.set("end_i", endForces(member.endI()));
            each.set("end_j", endForces(member.endJ()));
            each.put("stress_max", member.stressMax()).put("von_mises_max", member.vonMisesMax());
        });
        out.put("mass", result.mass()).put("equilibrium_error", answer.equilibriumError());
        if (buckling) {
            OptionalDouble factor = Calculators.orRefuse(
                    BucklingAnalysis.lowestFactor(input, input.cases().get(0)), "members");
            if (factor.isPresent()) {
                out.put("buckling_factor", factor.getAsDouble());
            } else {
                out.putNull("buckling_factor");
            }
        }
        return out;
    }

    private static ArrayNode endForces(EndForces forces) {
        return Json.vector(forces.force()).addAll(Json.vector(forces.moment()));
    }

    private static FrameInput input(Fields in) {
        Theory theory = choice(
                "theory",
                in.text("theory", "timoshenko"),
                Map.of("euler", Theory.EULER, "timoshenko", Theory.TIMOSHENKO));
        List<NodeLoad> loads = in.listIfPresent(
                "loads",
                each -> new NodeLoad(
                        each.text("node"), each.vector("force", Vec3.ZERO), each.vector("moment", Vec3.ZERO)));
        FrameCase load = new FrameCase("load", loads, in.vector("acceleration", Vec3.ZERO));
        return frame(in, theory, List.of(), List.of(load));
    }

    /** A frame with its own mass and what its nodes carry besides, Timoshenko, without loads. */
    static FrameInput structure(Fields in) {
        Map<String, Vec3> places = new HashMap<>();
        in.list("nodes", FrameCalculator::node).forEach(node -> places.put(node.id(), node.position()));
        List<PointMass> masses = in.listIfPresent("point_masses", each -> {
            String node = each.text("node");
            return new PointMass(
                    node,
                    each.number("mass"),
                    places.getOrDefault(node, Vec3.ZERO).plus(each.vector("offset", Vec3.ZERO)));
        });
        return frame(in, Theory.TIMOSHENKO, masses, List.of());
    }

    private static FrameInput frame(Fields in, Theory theory, List<PointMass> masses, List<FrameCase> cases) {
        Map<String, Material> materials = in.named("materials", FrameCalculator::material);
        Map<String, Section> sections = in.named("sections", FrameCalculator::section);
        List<FrameNode> nodes = in.list("nodes", FrameCalculator::node);
        List<FrameMember> members = in.list("members", each -> member(each, materials, sections));
        List<FrameSupport> supports = in.list("supports", FrameCalculator::support);
        return new FrameInput(theory, nodes, members, supports, List.of(), masses, cases);
    }

    private static FrameNode node(Fields in) {
        return new FrameNode(in.text("id"), in.vector("xyz"));
    }

    private static Material material(Fields in) {
        double e = in.number("E");
        if (!(e > 0)) {
            throw new InvalidValue("E", "is " + e + " Pa, must be greater than 0");
        }
        return Material.of("material", e, in.number("nu"), in.number("rho", 0), UNUSED_YIELD);
    }

    private static Section section(Fields in) {
        String type = in.text("type");
        return switch (type) {
            case "tube" -> new Tube(in.number("od"), in.number("wall"));
            case "angle" -> new Angle(in.number("leg"), in.number("thickness"));
            case "rect_tube" -> new RectTube(in.number("b"), in.number("h"), in.number("wall"));
            case "round" -> new Round(in.number(in.has("od") ? "od" : in.has("diameter") ? "diameter" : "d"));
            case "rect" -> new Rect(in.number("b"), in.number("h"));
            default -> throw new InvalidValue("type", "is \"" + type + "\", must be tube, rect_tube, round or rect");
        };
    }

    private static FrameMember member(Fields in, Map<String, Material> materials, Map<String, Section> sections) {
        Map<String, EndJoint> joints =
                Map.of("fixed", EndJoint.FIXED, "pinned", EndJoint.PINNED, "ball", EndJoint.BALL);
        Function<String, EndJoint> joint = end -> choice(end, in.text(end, "fixed"), joints);
        return new FrameMember(
                in.text("id"),
                in.text("i"),
                in.text("j"),
                choice("section", in.text("section"), sections),
                choice("material", in.text("material"), materials),
                joint.apply("end_i"),
                joint.apply("end_j"),
                in.vector("offset_i", Vec3.ZERO),
                in.vector("offset_j", Vec3.ZERO));
    }

    private static FrameSupport support(Fields in) {
        String node = in.text("node");
        if (!in.has("fix")) {
            return new FrameSupport(node, Fixity.ALL);
        }
        List<Boolean> fix = new ArrayList<>(in.flags("fix", 6));
        return new FrameSupport(
                node, new Fixity(fix.get(0), fix.get(1), fix.get(2), fix.get(3), fix.get(4), fix.get(5)));
    }

    private static <T> T choice(String field, String name, Map<String, T> choices) {
        T value = choices.get(name);
        if (value == null) {
            throw new InvalidValue(
                    field,
                    "is \"" + name + "\", must be one of "
                            + String.join(
                                    ", ", choices.keySet().stream().sorted().toList()));
        }
        return value;
    }
}
