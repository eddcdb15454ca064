package oddcradle.core.card;

import static oddcradle.core.card.Listed.named;
import static oddcradle.core.card.Listed.with;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import oddcradle.core.card.Field.Named;
import oddcradle.core.catalog.Shelf;
import oddcradle.core.catalog.ShelfRow;
import oddcradle.core.drive.JackShaft;
import oddcradle.core.drive.LineEnd;
import oddcradle.core.drive.Stage;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.donor.Boss;
import oddcradle.core.job.edit.LineEdit;
import oddcradle.core.job.edit.NewStage;
import oddcradle.core.job.host.DrivenEnd;
import oddcradle.core.job.line.Datum;
import oddcradle.core.job.line.Line;
import oddcradle.core.job.line.SwingArm;
import oddcradle.core.job.tube.Node;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;

/** The cards of the drive, from what lines up first to what is driven. */
final class LineCards {
    /** Where a jackshaft lists these among its measures. */
    /** Pitches of one chain in millimetres and in inches differ by less, m. */
    private static final double PITCH_ERROR = 2e-5;

    private static final int RATING = 9;

    private static final int KEY_DEPTH = 10;
    private static final int KEY_WIDTH = 11;

    private final Job job;
    private final Line line;
    private final List<Card> cards = new ArrayList<>();

    private LineCards(Job job) {
        this.job = job;
        this.line = job.line();
    }

    static List<Card> of(Job job) {
        LineCards of = new LineCards(job);
        of.datum();
        of.stages();
        of.shafts();
        of.drivenEnd();
        of.end();
        of.swingArm();
        return of.cards;
    }

    private void add(String kind, String id, String label, FieldsOf<?> fields, List<Deed> deeds) {
        cards.add(new Card(Step.LINE, kind, id, label, fields.list(), deeds));
    }

    private <T> FieldsOf<T> of(T value, Function<T, Line> with) {
        return new FieldsOf<>(value, other -> job.withLine(with.apply(other)));
    }

    private void datum() {
        FieldsOf<Datum> of = of(line.datum(), line::withDatum)
                .one("lines up first", Datum.Rule.values(), Datum.Rule::words, Datum::rule, this::ruled)
                .words("because", Datum::reason, Datum::withReason);
        if (line.datum().pivot().isPresent()) {
            of.inner(
                    each -> each.pivot().orElseThrow(),
                    (each, pivot) -> each.withPivot(Optional.of(pivot)),
                    pivot -> FieldsOf.measures(pivot.choice(
                                    "boss it goes through",
                                    named(job.donor().bosses(), Boss::id, Boss::label),
                                    Datum.Pivot::boss,
                                    Datum.Pivot::withBoss)
                            .way("bolt points", Datum.Pivot::axis, Datum.Pivot::withAxis)));
        }
        if (line.datum().thrust().isPresent()) {
            of.inner(
                    each -> each.thrust().orElseThrow(),
                    (each, thrust) -> each.withThrust(Optional.of(thrust)),
                    FieldsOf::measures);
        }
        of.add(new Field.Measure(
                "jerk factor on pulls",
                new Quantity(line.dynamicFactor(), Kind.RATIO),
                factor -> job.withLine(line.withDynamicFactor(factor))));
        add("datum", "", "", of, List.of());
    }

    /** Another rule; what it needs besides is put where it is likely to be, to be measured. */
    private Datum ruled(Datum before, Datum.Rule rule) {
        DrivenEnd end = job.host().drivenEnd();
        Optional<Datum.Pivot> pivot = before.pivot();
        if (rule == Datum.Rule.PIVOT_BOLT && pivot.isEmpty()) {
            pivot = job.donor().bosses().stream()
                    .findFirst()
                    .map(boss -> new Datum.Pivot(boss.id(), end.point(), end.axis(), 0.012, 0.05, 0.0002, 0));
        }
        Optional<Datum.Thrust> thrust = before.thrust();
        if (rule == Datum.Rule.THRUST_LINE && thrust.isEmpty()) {
            thrust = Optional.of(new Datum.Thrust(end.point(), 0, 0, Math.toRadians(0.5)));
        }
        return new Datum(
                rule,
                before.reason(),
                rule == Datum.Rule.PIVOT_BOLT ? pivot : Optional.empty(),
                rule == Datum.Rule.THRUST_LINE ? thrust : Optional.empty());
    }

    private void stages() {
        for (int k = 0; k < line.stages().size(); k++) {
            int at = k;
            Stage stage = line.stages().get(k);
            FieldsOf<Stage> of = of(stage, other -> line.withStages(with(line.stages(), at, other), line.shafts()))
                    .words("called", Stage::label, LineCards::called);
            FieldsOf.measures(of);
            if (stage instanceof Stage.Chain chain) {
                of.shelf(Shelf.CHAINS, (any, row) -> chain.withPitch(row.sizes().get(0))
                                .withBreakingLoad(row.sizes().get(1)))
                        .shelf(
                                "driving sprocket",
                                Shelf.SPROCKETS,
                                (any, row) -> chain.withDriverTeeth(teeth(row, chain)))
                        .shelf(
                                "driven sprocket",
                                Shelf.SPROCKETS,
                                (any, row) -> chain.withDrivenTeeth(teeth(row, chain)));
            } else if (stage instanceof Stage.Variator variator) {
                of.shelf(Shelf.BELTS, (any, row) -> variator.withWedgeAngle(
                                row.sizes().get(0))
                        .withWidth(row.sizes().get(1)));
            } else if (stage instanceof Stage.Coupling coupling) {
                of.shelf(Shelf.COUPLINGS, (any, row) -> coupling.withRadialAllowance(
                                row.sizes().get(0))
                        .withAngularAllowance(row.sizes().get(1))
                        .withTorsionalStiffness(row.sizes().get(2)));
            } else if (stage instanceof Stage.Belt belt) {
                of.shelf(Shelf.BELTS, (any, row) -> belt.withToothed(false)
                                .withWedgeAngle(row.sizes().get(0))
                                .withWidth(row.sizes().get(1)))
                        .shelf(
                                "driving pulley",
                                Shelf.PULLEYS,
                                (any, row) ->
                                        belt.withDriverDiameter(row.sizes().get(0)))
                        .shelf(
                                "driven pulley",
                                Shelf.PULLEYS,
                                (any, row) ->
                                        belt.withDrivenDiameter(row.sizes().get(0)));
                of.yes("toothed", any -> belt.toothed(), (any, toothed) -> belt.withToothed(toothed));
            } else if (stage instanceof Stage.Gears gears) {
                of.yes("turns the other way", any -> gears.reverses(), (any, turned) -> gears.withReverses(turned));
            } else if (stage instanceof Stage.JointShaft shaft) {
                of.yes(
                        "joints of constant velocity",
                        any -> shaft.constantVelocity(),
                        (any, constant) -> shaft.withConstantVelocity(constant));
            }
            add(stage.kind(), stage.id(), stage.label(), of, List.of(Deed.simplyAway(() -> new LineEdit.DropStage(
                            stage.id())
                    .applyTo(job))));
        }
    }

    /** Sprocket and chain have one pitch, or the chain climbs out. */
    private static int teeth(ShelfRow row, Stage.Chain chain) {
        double pitch = row.sizes().get(0);
        if (Math.abs(pitch - chain.pitch()) > PITCH_ERROR) {
            throw new InvalidValue(
                    "pitch",
                    String.format(
                            Locale.ROOT,
                            "is %.3f mm, the chain has %.3f mm; take the chain first, or another sprocket",
                            1000 * pitch,
                            1000 * chain.pitch()));
        }
        return (int) Math.round(row.sizes().get(1));
    }

    private static Stage called(Stage stage, String label) {
        if (stage instanceof Stage.Chain chain) {
            return chain.withLabel(label);
        }
        if (stage instanceof Stage.Belt belt) {
            return belt.withLabel(label);
        }
        if (stage instanceof Stage.Variator variator) {
            return variator.withLabel(label);
        }
        if (stage instanceof Stage.Gears gears) {
            return gears.withLabel(label);
        }
        if (stage instanceof Stage.Coupling coupling) {
            return coupling.withLabel(label);
        }
        return ((Stage.JointShaft) stage).withLabel(label);
    }

    private List<Named> nodes() {
        return Stream.concat(job.host().nodes().stream(), job.cradle().nodes().stream())
                .map(each -> new Named(each.id(), each.id()))
                .toList();
    }

    private void shafts() {
        for (int k = 0; k < line.shafts().size(); k++) {
            int at = k;
            JackShaft shaft = line.shafts().get(k);
            FieldsOf<JackShaft> of = of(shaft, other -> line.withStages(line.stages(), with(line.shafts(), at, other)))
                    .words("called", JackShaft::label, JackShaft::withLabel)
                    .way("points", JackShaft::axis, JackShaft::withAxis)
                    .several("bearings on nodes", nodes(), JackShaft::bearingNodes, JackShaft::standingOn);
            FieldsOf.measures(of)
                    .shelf(
                            Shelf.BEARINGS,
                            (each, row) -> each.with(RATING, row.sizes().get(3)))
                    .shelf(Shelf.KEYS, (each, row) -> each.with(
                                    KEY_WIDTH, row.sizes().get(2))
                            .with(KEY_DEPTH, row.sizes().get(3)));
            add("jackshaft", shaft.id(), shaft.label(), of, List.of());
        }
    }

    private void drivenEnd() {
        FieldsOf<DrivenEnd> of = new FieldsOf<>(
                        job.host().drivenEnd(),
                        (DrivenEnd other) -> job.withHost(job.host().withDrivenEnd(other)))
                .way("shaft points", DrivenEnd::axis, DrivenEnd::withAxis)
                .several(
                        "stands on nodes",
                        named(job.host().nodes(), Node::id, Node::id),
                        DrivenEnd::bearings,
                        DrivenEnd::withBearings);
        FieldsOf.measures(of)
                .shelf(
                        Shelf.TYRES,
                        (each, row) -> each.withTyreRadius(row.sizes().get(0)));
        add("driven shaft", "", "", of, List.of());
    }

    private void end() {
        List<LineEnd> usual = List.of(
                new LineEnd.Road(0.8, 0.02, Optional.empty()),
                new LineEnd.Generator(4, 50, 0.05, 0, 0, 0),
                new LineEnd.Propeller(1.6, 0, 50, 0.05, 0, 0.1, 1.5, 0, true, 2));
        List<Named> kinds = Stream.concat(
                        Stream.of(new Named("", "nobody has said")),
                        usual.stream().map(each -> new Named(each.kind(), each.kind())))
                .toList();
        FieldsOf<Optional<LineEnd>> of = of(line.end(), line::withEnd)
                .choice("drives", kinds, end -> end.map(LineEnd::kind).orElse(""), (end, kind) -> end.filter(
                                each -> each.kind().equals(kind))
                        .or(() -> usual.stream()
                                .filter(each -> each.kind().equals(kind))
                                .findFirst()));
        if (line.end().isPresent()) {
            of.inner(Optional::orElseThrow, (any, end) -> Optional.of(end), LineCards::driven);
        }
        add("what is driven", "", line.end().map(LineEnd::kind).orElse(""), of, List.of());
    }

    private static void driven(FieldsOf<LineEnd> of) {
        FieldsOf.measures(of);
        if (of.value() instanceof LineEnd.Propeller propeller) {
            of.yes(
                    "nose wheel",
                    any -> propeller.noseWheel(),
                    (any, nose) -> new LineEnd.Propeller(
                            propeller.diameter(),
                            propeller.inertia(),
                            propeller.airSpeed(),
                            propeller.ahead(),
                            propeller.groundUp(),
                            propeller.flatDrop(),
                            propeller.wheelbase(),
                            propeller.legRise(),
                            nose,
                            propeller.blades()));
        }
    }

    private void swingArm() {
        line.swingArm().ifPresent(arm -> {
            FieldsOf<SwingArm> of = FieldsOf.measures(of(arm, other -> line.withSwingArm(Optional.of(other))))
                    .yes(
                            "axle behind the pivot",
                            SwingArm::aft,
                            (each, aft) ->
                                    new SwingArm(each.pivot(), each.length(), each.lowest(), each.highest(), aft));
            add(
                    "swing arm",
                    "",
                    "",
                    of,
                    List.of(Deed.simplyAway(() -> job.withLine(line.withSwingArm(Optional.empty())))));
        });
    }

    /** What can be added to the drive. */
    static List<Deed> additions(Job job) {
        List<Deed> deeds = new ArrayList<>();
        int last = job.line().stages().size();
        NewStage.kinds()
                .forEach(kind -> deeds.add(Deed.of(
                        "a stage: " + kind, () -> NewStage.of(job, kind, last).applyTo(job))));
        if (job.line().swingArm().isEmpty()) {
            Vec3 axle = job.host().drivenEnd().point();
            SwingArm arm = new SwingArm(axle.plus(Vec3.X.times(0.45)), 0.45, 0.15, -0.15, true);
            deeds.add(Deed.of("a swing arm", () -> job.withLine(job.line().withSwingArm(Optional.of(arm)))));
        }
        return deeds;
    }
}
