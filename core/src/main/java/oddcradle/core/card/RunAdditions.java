package oddcradle.core.card;

import static oddcradle.core.card.Listed.plus;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import oddcradle.core.around.Opening;
import oddcradle.core.job.FreeMark;
import oddcradle.core.job.Job;
import oddcradle.core.job.around.Around;
import oddcradle.core.job.around.Carburettor;
import oddcradle.core.job.around.Circuit;
import oddcradle.core.job.around.Control;
import oddcradle.core.job.around.ControlLever;
import oddcradle.core.job.around.ControlLink;
import oddcradle.core.job.around.DryBox;
import oddcradle.core.job.around.Exhaust;
import oddcradle.core.job.around.FuelFeed;
import oddcradle.core.job.around.Holder;
import oddcradle.core.job.around.Lead;
import oddcradle.core.job.around.OilDrain;
import oddcradle.core.job.around.RotatingGuard;
import oddcradle.core.job.around.Shock;
import oddcradle.core.job.around.Spline;
import oddcradle.core.job.donor.Output;
import oddcradle.core.job.seat.Neighbour;
import oddcradle.core.math.Vec3;

/** What can be added round the engine, each as it is mostly met. */
final class RunAdditions {
    private static final double ROOM_TEMPERATURE = 288.15;

    private final Job job;
    private final Around around;
    private final List<Deed> deeds = new ArrayList<>();

    RunAdditions(Job job) {
        this.job = job;
        this.around = job.around();
    }

    List<Deed> all() {
        for (Control.Use use : List.of(
                Control.Use.THROTTLE, Control.Use.CLUTCH, Control.Use.SHIFT, Control.Use.CHOKE, Control.Use.BRAKE)) {
            add(
                    "A " + use.word() + ", pedal and cable",
                    each -> each.withControls(plus(each.controls(), control(use))));
        }
        job.plan().neighbours().stream()
                .filter(Neighbour.PipeRun.class::isInstance)
                .filter(pipe ->
                        around.exhausts().stream().noneMatch(each -> each.pipe().equals(pipe.id())))
                .findFirst()
                .ifPresent(pipe -> add(
                        "Hangers and joint of " + pipe.label(),
                        each -> each.withExhausts(
                                plus(each.exhausts(), new Exhaust(pipe.id(), 600, Exhaust.Joint.NONE, 0, List.of())))));
        if (around.carburettor().isEmpty()) {
            add(
                    "The carburettor",
                    each -> each.withCarburettor(Optional.of(new Carburettor(
                            0.001,
                            0,
                            ROOM_TEMPERATURE,
                            0,
                            ROOM_TEMPERATURE,
                            0,
                            Vec3.ZERO,
                            Math.toRadians(15),
                            0.015))));
        }
        if (around.fuel().isEmpty()) {
            job.plan().neighbours().stream()
                    .filter(Neighbour.Tank.class::isInstance)
                    .findFirst()
                    .ifPresent(tank -> add(
                            "The fuel feed from " + tank.label(),
                            each -> each.withFuel(Optional.of(new FuelFeed(
                                    tank.id(),
                                    0,
                                    0.006,
                                    0.6,
                                    0.32 / FuelFeed.KILOWATT_HOUR,
                                    Math.toRadians(15),
                                    Optional.empty())))));
        }
        add("A circuit of water or oil", each -> each.withCircuits(plus(each.circuits(), circuit())));
        add("An earth strap", each -> each.withLeads(plus(each.leads(), lead(Lead.Use.EARTH, "earth strap"))));
        add("A starter's lead", each -> each.withLeads(plus(each.leads(), lead(Lead.Use.STARTER, "starter's lead"))));
        add(
                "An alternator's lead",
                each -> each.withLeads(plus(each.leads(), lead(Lead.Use.CHARGE, "alternator's lead"))));
        add("A splined joint", each -> each.withSplines(plus(each.splines(), spline())));
        add("A box to stay dry", each -> each.withBoxes(plus(each.boxes(), box())));
        add("An oil drain", each -> each.withDrains(plus(each.drains(), drain())));
        add("A guard", each -> each.withGuards(plus(each.guards(), guard())));
        add("A shock absorber", each -> each.withShocks(plus(each.shocks(), shock())));
        return deeds;
    }

    private void add(String words, UnaryOperator<Around> with) {
        deeds.add(Deed.of(words, () -> job.withAround(with.apply(around))));
    }

    /** A pedal in front of the machine's middle and a lever on the engine, both about a level pin. */
    private Control control(Control.Use use) {
        String mark =
                FreeMark.of("C", around.controls().stream().map(Control::id).toList());
        ControlLever pedal = new ControlLever(
                Holder.HOST, new Vec3(0.8, 0, 0.3), Vec3.Y, new Vec3(0.8, 0, 0.5), new Vec3(0.8, 0, 0.25));
        ControlLever lever =
                new ControlLever(Holder.DONOR, new Vec3(0, 0, 0.2), Vec3.Y, new Vec3(0, 0, 0.22), new Vec3(0, 0, 0.22));
        return new Control(
                mark,
                use.word() + " " + mark,
                use,
                List.of(pedal, lever),
                List.of(new ControlLink.Cable(
                        Holder.HOST,
                        new Vec3(0.85, 0, 0.25),
                        Holder.DONOR,
                        new Vec3(0.06, 0, 0.22),
                        List.of(),
                        0.005,
                        0.075,
                        0,
                        0.15)),
                Math.toRadians(20),
                Math.toRadians(70),
                0.1,
                0.2,
                Control.Return.ENGINE_SPRING,
                0);
    }

    private Circuit circuit() {
        String mark =
                FreeMark.of("W", around.circuits().stream().map(Circuit::id).toList());
        return new Circuit(
                mark,
                "circuit " + mark,
                List.of(new Vec3(0, 0, 0.5), new Vec3(0.5, 0, 0.6), new Vec3(0.5, 0, 0.2), new Vec3(0, 0, 0.2)),
                List.of(),
                List.of(),
                0,
                0.05,
                5,
                373.15,
                308.15);
    }

    private Lead lead(Lead.Use use, String label) {
        return new Lead(
                FreeMark.of("L", around.leads().stream().map(Lead::id).toList()),
                label,
                use,
                Holder.DONOR,
                Vec3.ZERO,
                Holder.HOST,
                job.seat().position(),
                0.4,
                16e-6,
                use == Lead.Use.STARTER ? 150 : use == Lead.Use.CHARGE ? 15 : 0,
                use == Lead.Use.CHARGE ? 20.0 : 0.0);
    }

    /** At the engine's output, as long as it is thick. */
    private Spline spline() {
        Output output = job.donor().output();
        String mark =
                FreeMark.of("SP", around.splines().stream().map(Spline::id).toList());
        double diameter = 0.025;
        return new Spline(
                mark,
                "splined joint " + mark,
                output.centre(),
                output.axis(),
                diameter,
                16,
                0.0015,
                diameter * 1.2,
                Math.min(1e5, job.donor().engine().maxTorque()),
                0.0);
    }

    /** Over the engine, out of the way until it is moved. */
    private DryBox box() {
        String mark = FreeMark.of("E", around.boxes().stream().map(DryBox::id).toList());
        return new DryBox(
                mark, "box " + mark, job.seat().position().plus(new Vec3(0, 0, 0.6)), new Vec3(0.15, 0.1, 0.06));
    }

    private OilDrain drain() {
        String mark =
                FreeMark.of("O", around.drains().stream().map(OilDrain::id).toList());
        return new OilDrain(mark, "drain plug " + mark, new Vec3(0, 0, -0.15), 0.3, 0.08);
    }

    private RotatingGuard guard() {
        String mark =
                FreeMark.of("G", around.guards().stream().map(RotatingGuard::id).toList());
        String over = job.line().stages().isEmpty()
                ? RotatingGuard.OUTPUT
                : job.line().stages().get(0).id();
        return new RotatingGuard(mark, "guard " + mark, over, Opening.SLOT, 0, 0.03);
    }

    private Shock shock() {
        String mark = FreeMark.of("S", around.shocks().stream().map(Shock::id).toList());
        return new Shock(
                mark,
                "shock absorber " + mark,
                new Vec3(0, 0, 0.3),
                Vec3.Y,
                new Vec3(-0.5, 0, 0.3),
                new Vec3(-0.35, 0, 0.3),
                new Vec3(-0.2, 0, 0.6),
                0.04,
                0.04,
                0.25,
                0.45,
                0.0);
    }
}
