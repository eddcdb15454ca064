package oddcradle.core.step.load;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Place;
import oddcradle.core.finding.Severity;
import oddcradle.core.finding.Source;
import oddcradle.core.finding.Subject;
import oddcradle.core.finding.Why;
import oddcradle.core.job.line.Line;
import oddcradle.core.job.load.Level;
import oddcradle.core.job.load.LoadCase;
import oddcradle.core.job.load.LoadSet;
import oddcradle.core.material.Material;
import oddcradle.core.math.Vec3;
import oddcradle.core.report.ReportBuilder;

/** What is to be said of the load cases themselves: sets that are mixed or meant for others, and cases that meet nothing. */
final class CaseNotes {
    private static final Why PRACTICE =
            new Why("rule sets are whole: their factors go with each other", List.of(), Source.commonPractice());

    private final ReportBuilder report;
    private final Line line;
    private final List<LoadCase> on;

    private CaseNotes(ReportBuilder report, Line line, List<LoadCase> cases) {
        this.report = report;
        this.line = line;
        this.on = cases.stream().filter(load -> !load.off()).toList();
    }

    /** @param cases as the job has them */
    static void add(ReportBuilder report, Line line, List<LoadCase> cases, List<Material> materials) {
        CaseNotes notes = new CaseNotes(report, line, cases);
        notes.none();
        notes.sets();
        notes.on.forEach(notes::meetsNothing);
        notes.strength(materials);
    }

    private void none() {
        if (on.isEmpty()) {
            report.say(
                    LoadFinding.NO_CASES,
                    Severity.WATCH,
                    Phrase.of(
                            "no load case is looked at but standing still; take a set of cases and change what does not fit"),
                    Place.of(Subject.MACHINE),
                    PRACTICE);
        }
    }

    private void sets() {
        List<LoadSet> used = on.stream()
                .map(LoadCase::set)
                .distinct()
                .flatMap(id -> LoadSet.find(id).stream())
                .toList();
        if (used.size() > 1) {
            report.say(
                    LoadFinding.MIXED_SETS,
                    Severity.WATCH,
                    Phrase.of(
                            "load cases of {} rule sets stand together: {}; keep to one, or make the others your own",
                            Integer.toString(used.size()),
                            used.stream().map(LoadSet::words).collect(Collectors.joining("; "))),
                    Place.of(Subject.MACHINE),
                    PRACTICE);
        }
        Optional<LineEnd> end = line.end();
        for (LoadSet set : used) {
            if (end.isPresent() && LoadSet.Family.of(end.get()) != set.family()) {
                report.say(
                        LoadFinding.WRONG_SET,
                        Severity.WATCH,
                        Phrase.of(
                                "the load cases are meant for {}, but at the end of the line: {}",
                                set.family().words(),
                                end.get().kind()),
                        Place.of(Subject.MACHINE),
                        PRACTICE);
            }
        }
    }

    private void meetsNothing(LoadCase load) {
        String lacks = lacking(load);
        if (!lacks.isEmpty()) {
            report.say(
                    LoadFinding.MEETS_NOTHING,
                    Severity.WATCH,
                    Phrase.of("load case \"{}\" changes nothing here: {}", load.label(), lacks),
                    Place.of(Subject.loadCase(load.id())),
                    new Why("what the case acts on", List.of(), Source.derived("the line as it is")));
        }
    }

    private String lacking(LoadCase load) {
        Optional<LineEnd> end = line.end();
        boolean windings = end.filter(each -> each instanceof LineEnd.Generator generator && generator.poles() > 0)
                .isPresent();
        boolean spins = end.filter(each -> each instanceof LineEnd.Propeller propeller && propeller.inertia() > 0)
                .isPresent();
        return switch (load.shock()) {
            case SHORT_CIRCUIT, OUT_OF_STEP -> windings ? "" : "the line ends at no generator with poles";
            case CLUTCH_DROPPED, STALL -> line.stages().isEmpty() ? "there is no stage behind the clutch" : "";
            case SHAFT_BRAKE -> line.shafts().isEmpty() ? "there is no jackshaft" : "";
            default -> load.turning().equals(Vec3.ZERO) || spins ? "" : "no propeller with a known inertia spins";
        };
    }

    private void strength(List<Material> materials) {
        List<String> unknown = materials.stream()
                .filter(material -> material.ultimateStrength().isEmpty())
                .map(Material::name)
                .toList();
        if (!unknown.isEmpty() && on.stream().anyMatch(load -> load.level() != Level.WORKING)) {
            report.say(
                    LoadFinding.NO_ULTIMATE,
                    Severity.NOT_CHECKED,
                    Phrase.of(
                            "ultimate strength of {} is not written down: yield strength stands for it",
                            String.join(", ", unknown)),
                    Place.of(Subject.MACHINE),
                    new Why(
                            "limit loads against yield, 1.5 times that and ultimate loads against ultimate strength",
                            List.of(),
                            Source.fromMemory("14 CFR 23.303, 23.305 before amendment 64")));
        }
    }
}
