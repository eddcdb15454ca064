package oddcradle.core.job.seat;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import oddcradle.core.around.Route;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.Pipe;
import oddcradle.core.math.Guard;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;

/** Something round the donor that must follow when the seat changes. Points and directions of the donor are in its own axes. */
public sealed interface Neighbour {
    String id();

    String label();

    /** The keep-out it is about; empty where it is about none. */
    default Optional<String> keepOutNamed() {
        return this instanceof Tank tank
                ? Optional.of(tank.tank())
                : this instanceof Occupant occupant
                        ? Optional.of(occupant.keepOut())
                        : this instanceof Panel panel ? Optional.of(panel.keepOut()) : Optional.empty();
    }

    /** The question it asks of a seat, as a builder would. */
    String question();

    /**
     * A pipe from the donor's flange to a silencer that stays.
     *
     * @param out direction in which it leaves the flange, donor axes
     * @param end middle of the silencer's mouth, host axes, m
     * @param in direction in which it enters the silencer, host axes
     * @param diameter outside, m
     * @param wall m
     * @param bendRadius of the centre-line, m
     * @param length wanted along the centre-line, m; 0 where it is free
     */
    @RecordBuilder
    record PipeRun(
            String id,
            String label,
            Vec3 flange,
            Vec3 out,
            Vec3 end,
            Vec3 in,
            double diameter,
            double wall,
            double bendRadius,
            double length)
            implements Neighbour, NeighbourPipeRunBuilder.With {
        public PipeRun {
            named(id, label);
            Guard.present("flange", flange);
            Guard.present("out", out).unit();
            Guard.present("end", end);
            Guard.present("in", in).unit();
            Guard.size("diameter", diameter);
            Guard.positive("wall", wall, "m");
            Guard.within("wall", wall, 0, diameter / 2, "m");
            Guard.size("bendRadius", bendRadius);
            Guard.within("length", length, 0, 20, "m");
        }

        /** With the donor in a seat; empty where its two bends do not fit. */
        public Optional<Route> route(Pose seat) {
            return Route.between(seat.place(flange), seat.turn(out), end, in, bendRadius);
        }

        /** The same as it is bent, from flange to silencer, host axes. */
        public Optional<Pipe> bent(Pose seat) {
            return route(seat).map(this::along);
        }

        /** As it is bent along one of its routes. */
        public Pipe along(Route route) {
            List<Vec3> corners = route.corners();
            return new Pipe(id, label, Category.HOT, corners, corners.size() > 2 ? bendRadius : 0, diameter);
        }

        @Override
        public String question() {
            return "Can it go from flange to silencer, at which angles and how long?";
        }
    }

    /**
     * The mouth of the carburettor or throttle and the filter before it.
     *
     * @param facing direction in which the air comes from, donor axes
     * @param diameter of the filter, m
     * @param length of the filter and a hand to take it off, m
     */
    @RecordBuilder
    record Intake(String id, String label, Vec3 mouth, Vec3 facing, double diameter, double length)
            implements Neighbour, NeighbourIntakeBuilder.With {
        public Intake {
            named(id, label);
            Guard.present("mouth", mouth);
            Guard.present("facing", facing).unit();
            Guard.size("diameter", diameter);
            Guard.size("length", length);
        }

        @Override
        public String question() {
            return "Where does the intake face, and is there room for the filter?";
        }
    }

    /**
     * A tank that feeds by its height.
     *
     * @param tank id of its keep-out
     * @param outlet host axes, m
     * @param inlet of the carburettor, donor axes, m
     * @param head least height of the outlet over the inlet, m; negative where a pump lifts
     */
    @RecordBuilder
    record Tank(String id, String label, String tank, Vec3 outlet, Vec3 inlet, double head)
            implements Neighbour, NeighbourTankBuilder.With {
        public Tank {
            named(id, label);
            Guard.named("tank", tank);
            Guard.present("outlet", outlet);
            Guard.present("inlet", inlet);
            Guard.within("head", head, -5, 5, "m");
        }

        @Override
        public String question() {
            return "How much does it hold, and how high is it over the carburettor?";
        }
    }

    /** What a hose or a cable is, so far as it matters to its run. */
    enum Line {
        HOSE("hose"),
        CABLE("cable");

        private final String word;

        Line(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /**
     * A hose or cable from donor to host.
     *
     * @param from its end on the donor, donor axes, m
     * @param leaving direction there, donor axes
     * @param to its end on the host, host axes, m
     * @param arriving direction of the run at that end, host axes
     * @param diameter m
     * @param bendRadius least it bears, m
     * @param length that it has, m; 0 where it is still to be bought
     */
    @RecordBuilder
    record Run(
            String id,
            String label,
            Line line,
            Vec3 from,
            Vec3 leaving,
            Vec3 to,
            Vec3 arriving,
            double diameter,
            double bendRadius,
            double length)
            implements Neighbour, NeighbourRunBuilder.With {
        public Run {
            named(id, label);
            Guard.present("line", line);
            Guard.present("from", from);
            Guard.present("leaving", leaving).unit();
            Guard.present("to", to);
            Guard.present("arriving", arriving).unit();
            Guard.size("diameter", diameter);
            Guard.size("bendRadius", bendRadius);
            Guard.within("length", length, 0, 20, "m");
        }

        @Override
        public String question() {
            return "How long, and is a bend too tight?";
        }
    }

    /**
     * A rod between a lever of the host and one of the donor: shift or clutch.
     *
     * @param pivot of the donor's lever, donor axes, m
     * @param axis it turns about, donor axes
     * @param end of the donor's lever where the rod holds it, donor axes, m
     * @param hand where the rod comes from, host axes, m
     * @param pull direction in which the hand's end moves to engage, host axes
     * @param engages whether the donor's lever engages when it turns right-handed about its axis
     */
    @RecordBuilder
    record Linkage(String id, String label, Vec3 pivot, Vec3 axis, Vec3 end, Vec3 hand, Vec3 pull, boolean engages)
            implements Neighbour, NeighbourLinkageBuilder.With {
        public Linkage {
            named(id, label);
            Guard.present("pivot", pivot);
            Guard.present("axis", axis).unit();
            Guard.present("end", end);
            end.minus(pivot).unit();
            Guard.present("hand", hand);
            Guard.present("pull", pull).unit();
        }

        @Override
        public String question() {
            return "Does the lever still move the right way, and how many joints does the rod take?";
        }
    }

    /**
     * People's legs or helmets, and how far they are thrown.
     *
     * @param keepOut id of their room
     * @param bump how far they move up over a bump, m
     * @param room that must be left, m
     */
    @RecordBuilder
    record Occupant(String id, String label, String keepOut, double bump, double room)
            implements Neighbour, NeighbourOccupantBuilder.With {
        public Occupant {
            named(id, label);
            Guard.named("keepOut", keepOut);
            Guard.within("bump", bump, 0, 1, "m");
            Guard.within("room", room, 0, 2, "m");
        }

        @Override
        public String question() {
            return "How much room is left for legs and helmet?";
        }
    }

    /** A body panel by its keep-out. */
    @RecordBuilder
    record Panel(String id, String label, String keepOut, double room)
            implements Neighbour, NeighbourPanelBuilder.With {
        public Panel {
            named(id, label);
            Guard.named("keepOut", keepOut);
            Guard.within("room", room, 0, 2, "m");
        }

        @Override
        public String question() {
            return "Does the skin clear, or does it need a bulge?";
        }
    }

    /**
     * The room between two cross tubes.
     *
     * @param from a point on the first tube's near side, host axes, m
     * @param to a point on the second's, m
     * @param room to be left at both ends together, m
     */
    @RecordBuilder
    record Bay(String id, String label, Vec3 from, Vec3 to, double room)
            implements Neighbour, NeighbourBayBuilder.With {
        public Bay {
            named(id, label);
            Guard.present("from", from);
            Guard.present("to", to).minus(from).unit();
            Guard.within("room", room, 0, 2, "m");
        }

        @Override
        public String question() {
            return "Does the donor fit between the cross tubes, or how much must the frame be stretched?";
        }
    }

    private static void named(String id, String label) {
        Guard.named("id", id);
        Guard.named("label", label);
    }
}
