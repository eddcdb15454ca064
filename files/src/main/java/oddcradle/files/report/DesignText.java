package oddcradle.files.report;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Severity;
import oddcradle.core.propose.WholeDesign;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;

/** Whole designs in words, and as JSON, SI throughout but for years. */
public final class DesignText {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final int STOPS_TOLD = 3;

    private DesignText() {}

    public static String of(String name, WholeDesign.Result result, UnitStyle style) {
        StringBuilder text = new StringBuilder(name).append('\n');
        if (result.designs().isEmpty()) {
            text.append("No design: there is no seat, or no kind of cradle suits this machine.\n");
        }
        for (int k = 0; k < result.designs().size(); k++) {
            WholeDesign.Design design = result.designs().get(k);
            text.append(k + 1)
                    .append(". ")
                    .append(design.words().in(style))
                    .append("\n    ")
                    .append(summary(design, style))
                    .append('\n');
            stops(design).stream().limit(STOPS_TOLD).forEach(stop -> text.append("    stop: ")
                    .append(stop.what().in(style))
                    .append('\n'));
        }
        if (!result.inTheWay().isEmpty()) {
            text.append("In the way of every design:\n");
            result.inTheWay()
                    .forEach(stop ->
                            text.append("    ").append(stop.what().in(style)).append('\n'));
        }
        return text.append(
                        "A design to choose from is no verdict; a machine that carries people needs a licensed eye.\n")
                .toString();
    }

    /** What speaks for and against it, in a line. */
    public static String summary(WholeDesign.Design design, UnitStyle style) {
        return design.stops() + " × stop, " + design.watches() + " × watch; cradle "
                + style.show(Quantity.mass(design.mass()))
                + (design.years().isPresent()
                        ? "; first weld cracked after "
                                + style.show(Quantity.ratio(design.years().getAsDouble())) + " years of the duty"
                        : "; no weld wears");
    }

    private static List<Finding> stops(WholeDesign.Design design) {
        return design.proven().findings().stream()
                .filter(each -> each.severity() == Severity.STOP)
                .toList();
    }

    public static String json(WholeDesign.Result result) {
        ObjectNode out = MAPPER.createObjectNode();
        ArrayNode designs = out.putArray("designs");
        for (WholeDesign.Design design : result.designs()) {
            ObjectNode each = designs.addObject()
                    .put("design", design.words().in(UnitStyle.MILLIMETRES))
                    .put("watches", design.watches())
                    .put("mass", design.mass());
            design.years().ifPresent(years -> each.put("years", years));
            ArrayNode stops = each.putArray("stops");
            stops(design).forEach(stop -> stops.add(stop.what().in(UnitStyle.MILLIMETRES)));
        }
        ArrayNode way = out.putArray("in_the_way");
        result.inTheWay().forEach(stop -> way.add(stop.what().in(UnitStyle.MILLIMETRES)));
        return out.toPrettyString();
    }
}
