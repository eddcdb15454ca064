package oddcradle.files.handout;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import oddcradle.core.clearance.Gap;
import oddcradle.core.examine.Examination;
import oddcradle.core.finding.Figure;
import oddcradle.core.finding.Finding;
import oddcradle.core.finding.Step;
import oddcradle.core.hardware.HardwareItem;
import oddcradle.core.hardware.HardwareItem.Fastening;
import oddcradle.core.math.Vec3;
import oddcradle.core.step.make.CutTube;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;

/** The tables of a job, in the units of the user. */
public enum JobTables {
    FIGURES("figures", JobTables::figures),
    FINDINGS("findings", JobTables::findings),
    GAPS("gaps", JobTables::gaps),
    CUTS("cuts", JobTables::cuts),
    HARDWARE("hardware", JobTables::hardware),
    BARS("bars", WorkshopTables::bars),
    BUYING("buying", WorkshopTables::buying),
    HOLES("holes", WorkshopTables::holes),
    WELDS("welds", WorkshopTables::welds),
    ORDER("order", WorkshopTables::order),
    LOG("log", BookTables::log),
    PARTS("parts", BookTables::parts),
    NODES("nodes", JobTables::nodes);

    private final String word;
    private final BiFunction<Examination, UnitStyle, HandTable> make;

    JobTables(String word, BiFunction<Examination, UnitStyle, HandTable> make) {
        this.word = word;
        this.make = make;
    }

    public String word() {
        return word;
    }

    public HandTable of(Examination examination, UnitStyle units) {
        return make.apply(examination, units);
    }

    public static Optional<JobTables> named(String word) {
        return Arrays.stream(values()).filter(each -> each.word.equals(word)).findFirst();
    }

    private static HandTable figures(Examination examination, UnitStyle units) {
        List<List<String>> rows = new ArrayList<>();
        for (Step step : Step.values()) {
            for (Figure figure : examination.report(step).figures()) {
                rows.add(List.of(
                        step.title(),
                        figure.name(),
                        units.number(figure.quantity()),
                        units.unit(figure.quantity()),
                        figure.why().formula(),
                        figure.why().source().words()));
            }
        }
        return new HandTable(List.of("step", "figure", "value", "unit", "formula", "source"), rows);
    }

    private static HandTable findings(Examination examination, UnitStyle units) {
        List<List<String>> rows = new ArrayList<>();
        for (Finding finding : examination.findings()) {
            rows.add(List.of(
                    finding.severity().word(),
                    finding.step().title(),
                    finding.what().in(units),
                    finding.measured().map(units::show).orElse(""),
                    finding.limit().map(units::show).orElse(""),
                    finding.why().source().words()));
        }
        return new HandTable(List.of("severity", "step", "finding", "measured", "limit", "source"), rows);
    }

    private static HandTable gaps(Examination examination, UnitStyle units) {
        List<List<String>> rows = new ArrayList<>();
        for (Gap gap : examination.ledger().all()) {
            rows.add(List.of(
                    gap.donorPart().label(),
                    gap.obstacle().label(),
                    length(gap.separation().distance(), units),
                    length(gap.movement(), units),
                    length(gap.left(), units),
                    length(gap.limit(), units),
                    gap.nature()));
        }
        String unit = unit(units);
        return new HandTable(
                List.of(
                        "part",
                        "obstacle",
                        "at rest" + unit,
                        "movement" + unit,
                        "left" + unit,
                        "needed" + unit,
                        "kind of pair"),
                rows);
    }

    private static HandTable cuts(Examination examination, UnitStyle units) {
        List<List<String>> rows = new ArrayList<>();
        for (CutTube cut : examination.cutList()) {
            rows.add(List.of(
                    cut.tube().id(),
                    cut.tube().label(),
                    cut.tube().section().in(units),
                    cut.tube().material(),
                    length(cut.cutLength(), units),
                    units.show(Quantity.mass(cut.mass()))));
        }
        return new HandTable(List.of("mark", "tube", "section", "material", "cut length" + unit(units), "mass"), rows);
    }

    private static HandTable hardware(Examination examination, UnitStyle units) {
        List<List<String>> rows = new ArrayList<>();
        for (HardwareItem item : examination.hardware().items()) {
            rows.add(List.of(
                    item.mount(),
                    Integer.toString(item.count()),
                    item.kind().word(),
                    item.size().in(units),
                    item.fastening()
                            .map(each -> units.show(Quantity.torque(each.torque())))
                            .orElse(""),
                    item.fastening().map(Fastening::goes).orElse(""),
                    item.fastening().map(Fastening::lock).orElse("")));
        }
        return new HandTable(List.of("mount", "count", "item", "size", "torque", "goes in", "lock"), rows);
    }

    private static HandTable nodes(Examination examination, UnitStyle units) {
        List<List<String>> rows = new ArrayList<>();
        examination.job().host().nodes().forEach(node -> rows.add(row("host", node.id(), examination, units)));
        examination.job().cradle().nodes().forEach(node -> rows.add(row("cradle", node.id(), examination, units)));
        String unit = unit(units);
        return new HandTable(List.of("of", "node", "x" + unit, "y" + unit, "z" + unit), rows);
    }

    private static List<String> row(String of, String node, Examination examination, UnitStyle units) {
        Vec3 at = examination.seating().node(node);
        return List.of(of, node, length(at.x(), units), length(at.y(), units), length(at.z(), units));
    }

    private static String length(double metres, UnitStyle units) {
        return units.digits(Quantity.length(metres));
    }

    private static String unit(UnitStyle units) {
        return " [" + units.typedUnit(Kind.LENGTH) + "]";
    }
}
