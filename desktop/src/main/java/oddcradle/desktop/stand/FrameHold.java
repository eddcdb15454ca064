package oddcradle.desktop.stand;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import javafx.geometry.Point2D;
import oddcradle.core.drawn.TubeEnd;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Step;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.store.Desk;

/** At Host a hand takes a node of the picked tube and moves it, or, while tubes are drawn, draws one from where it presses to where it lets go. */
final class FrameHold implements Hold {
    private static final double NEAR_NODE = 12;
    private static final double NEAR_TUBE = 9;
    private static final int ALONG = 60;

    /** Within this of an axis of the machine a free end goes onto it: a tube drawn by hand is meant square. */
    private static final double SQUARE = Math.toRadians(4);

    private static final double ROUND = 0.001;

    private final Desk desk;
    private Function<Vec3, Point2D> screen = at -> null;
    private Optional<String> node = Optional.empty();
    private Optional<TubeEnd> begun = Optional.empty();
    private Vec3 from = Vec3.ZERO;
    private Vec3 at = Vec3.ZERO;
    private boolean pulling;
    /** The length of the tube being drawn, or forward, left and up of the node being moved. */
    private final TypedLengths typed = new TypedLengths();

    FrameHold(Desk desk) {
        this.desk = desk;
    }

    private Host host() {
        return desk.session().job().host();
    }

    @Override
    public boolean takes(String part, Point2D mouse, Function<Vec3, Point2D> onScreen) {
        screen = onScreen;
        node = Optional.empty();
        begun = Optional.empty();
        if (desk.stepProperty().get() != Step.HOST || desk.examination() == null) {
            return false;
        }
        if (desk.nodeWantedProperty().get().isPresent()) {
            nodeNear(host().places().keySet(), mouse)
                    .ifPresent(
                            id -> desk.nodeWantedProperty().get().orElseThrow().accept(id));
            return false;
        }
        if (!desk.drawingProperty().get()) {
            // Only of the picked tube: who turns the view must not bend the frame.
            node = desk.selectionProperty()
                    .get()
                    .flatMap(host()::member)
                    .flatMap(tube -> nodeNear(tube.nodes(), mouse));
            node.ifPresent(id -> begin(host().places().get(id)));
            return node.isPresent();
        }
        begun = nodeNear(host().places().keySet(), mouse)
                .<TubeEnd>map(TubeEnd.AtNode::new)
                .or(() -> tubeNear(mouse));
        begun.ifPresent(end -> begin(place(end)));
        return begun.isPresent();
    }

    private void begin(Vec3 place) {
        from = place;
        at = place;
        pulling = false;
        typed.clear();
    }

    private Vec3 place(TubeEnd end) {
        return end instanceof TubeEnd.AtNode atNode
                ? host().places().get(atNode.node())
                : end instanceof TubeEnd.OnTube on ? on.at() : ((TubeEnd.Free) end).at();
    }

    private double away(Vec3 place, Point2D mouse) {
        Point2D seen = screen.apply(place);
        return seen == null ? Double.POSITIVE_INFINITY : seen.distance(mouse);
    }

    private Optional<String> nodeNear(Collection<String> nodes, Point2D mouse) {
        String nearest = null;
        double least = NEAR_NODE;
        for (String id : nodes) {
            double away = away(host().places().get(id), mouse);
            if (away < least) {
                least = away;
                nearest = id;
            }
        }
        return Optional.ofNullable(nearest);
    }

    /** The place along a tube that is nearest to the mouse on the screen. */
    private Optional<TubeEnd> tubeNear(Point2D mouse) {
        TubeEnd nearest = null;
        double least = NEAR_TUBE;
        for (Member tube : host().members()) {
            for (int piece = 1; piece < tube.nodes().size(); piece++) {
                Vec3 begins = host().places().get(tube.nodes().get(piece - 1));
                Vec3 ends = host().places().get(tube.nodes().get(piece));
                for (int k = 0; k <= ALONG; k++) {
                    Vec3 place = begins.towards(ends, (double) k / ALONG);
                    double away = away(place, mouse);
                    if (away < least) {
                        least = away;
                        nearest = new TubeEnd.OnTube(tube.id(), place);
                    }
                }
            }
        }
        return Optional.ofNullable(nearest);
    }

    @Override
    public void pulled(Vec3 by, boolean done) {
        at = at.plus(by);
        if (begun.isPresent()) {
            draw(done);
        } else {
            move(done);
        }
    }

    @Override
    public boolean types(String letter) {
        if (begun.isEmpty() && node.isEmpty()) {
            return false;
        }
        typed.type(letter);
        pulled(Vec3.ZERO, false);
        return true;
    }

    private void draw(boolean done) {
        OptionalDouble length = typed.one(desk.units());
        TubeEnd end = length.isPresent() && length.getAsDouble() > 0 ? endAt(length.getAsDouble()) : end();
        Vec3 to = place(end);
        desk.sketchProperty().set(done ? Optional.empty() : Optional.of(new Desk.Sketch(from, to, words(end, to))));
        if (done) {
            typed.clear();
            TubeEnd begins = begun.orElseThrow();
            begun = Optional.empty();
            desk.drawTube(begins, end);
        }
    }

    /** As long as was typed, the way the hand points. */
    private TubeEnd endAt(double length) {
        Vec3 way = squared(at).minus(from);
        return way.length() == 0 ? end() : new TubeEnd.Free(from.along(way.unit(), length));
    }

    private Phrase words(TubeEnd end, Vec3 to) {
        List<Object> numbers = new ArrayList<>();
        StringBuilder words = new StringBuilder();
        if (begun.orElseThrow() instanceof TubeEnd.OnTube on) {
            Member tube = host().member(on.tube()).orElseThrow();
            words.append("{} from ").append(tube.first()).append(" · ");
            numbers.add(Quantity.length(from.distanceTo(host().places().get(tube.first()))));
        }
        words.append(typed.isEmpty() ? "{} long" : "{} long, as typed");
        numbers.add(Quantity.length(from.distanceTo(to)));
        if (end instanceof TubeEnd.Free) {
            words.append(", ends {} up").append(square(at).map(Square::words).orElse(""));
            numbers.add(Quantity.length(to.z()));
        }
        return new Phrase(words.toString(), numbers);
    }

    /** What the hand is over: a node, a tube, or a free place, square to where it began if it nearly is. */
    private TubeEnd end() {
        Point2D mouse = screen.apply(at);
        if (mouse == null) {
            return new TubeEnd.Free(at);
        }
        return nodeNear(host().places().keySet(), mouse)
                .<TubeEnd>map(TubeEnd.AtNode::new)
                .or(() -> tubeNear(mouse).filter(tube -> !isWhereItBegan(tube)))
                .orElseGet(() -> new TubeEnd.Free(rounded(squared(at))));
    }

    private boolean isWhereItBegan(TubeEnd tube) {
        return begun.orElseThrow() instanceof TubeEnd.OnTube first
                && tube instanceof TubeEnd.OnTube second
                && first.tube().equals(second.tube());
    }

    private Vec3 squared(Vec3 place) {
        return square(place).map(Square::place).orElse(place);
    }

    /** A place that is square to something, and to what. */
    private record Square(Vec3 place, String words) {}

    /** Along an axis of the machine, parallel to a tube of it, or at right angles to the one it begins on. */
    private Optional<Square> square(Vec3 place) {
        Vec3 way = place.minus(from);
        if (way.length() == 0) {
            return Optional.empty();
        }
        for (Vec3 axis : List.of(Vec3.X, Vec3.Y, Vec3.Z)) {
            if (isAlong(way, axis)) {
                return Optional.of(new Square(from.along(axis, way.dot(axis)), ""));
            }
        }
        for (Member tube : host().members()) {
            Vec3 along = host().places()
                    .get(tube.last())
                    .minus(host().places().get(tube.first()))
                    .unit();
            if (isAlong(way, along)) {
                return Optional.of(new Square(from.along(along, way.dot(along)), ", parallel to " + tube.label()));
            }
            boolean onIt = begun.orElseThrow() instanceof TubeEnd.OnTube on
                    ? on.tube().equals(tube.id())
                    : begun.get() instanceof TubeEnd.AtNode node && tube.nodes().contains(node.node());
            if (onIt && Math.abs(way.angleTo(along) - Math.PI / 2) < SQUARE) {
                return Optional.of(new Square(from.plus(way.withoutPartAlong(along)), ", square to " + tube.label()));
            }
        }
        return Optional.empty();
    }

    private static boolean isAlong(Vec3 way, Vec3 axis) {
        double angle = way.angleTo(axis);
        return angle < SQUARE || angle > Math.PI - SQUARE;
    }

    private static Vec3 rounded(Vec3 place) {
        return new Vec3(round(place.x()), round(place.y()), round(place.z()));
    }

    private static double round(double metres) {
        return Math.round(metres / ROUND) * ROUND;
    }

    private void move(boolean done) {
        if (!pulling) {
            pulling = true;
            desk.session().takeInHand();
        }
        desk.moveHostNode(node.orElseThrow(), typed.over(rounded(at), desk.units()));
        Vec3 now = host().places().get(node.get());
        desk.sketchProperty()
                .set(
                        done
                                ? Optional.empty()
                                : Optional.of(new Desk.Sketch(
                                        now,
                                        now,
                                        Phrase.of(
                                                "{} forward {}, left {}, up {}" + (typed.isEmpty() ? "" : ", as typed"),
                                                node.get(),
                                                new Quantity(now.x(), Kind.LENGTH),
                                                new Quantity(now.y(), Kind.LENGTH),
                                                new Quantity(now.z(), Kind.LENGTH)))));
        if (done) {
            pulling = false;
            node = Optional.empty();
            typed.clear();
            desk.session().letGo();
        }
    }
}
