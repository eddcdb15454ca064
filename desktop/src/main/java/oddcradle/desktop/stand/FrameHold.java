package oddcradle.desktop.stand;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
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

    private void draw(boolean done) {
        TubeEnd end = end();
        Vec3 to = place(end);
        desk.sketchProperty()
                .set(
                        done
                                ? Optional.empty()
                                : Optional.of(new Desk.Sketch(
                                        from, to, Phrase.of("{}", Quantity.length(from.distanceTo(to))))));
        if (done) {
            desk.drawTube(begun.orElseThrow(), end);
        }
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
        Vec3 way = place.minus(from);
        for (Vec3 axis : List.of(Vec3.X, Vec3.Y, Vec3.Z)) {
            double angle = way.length() == 0 ? Math.PI : way.angleTo(axis);
            if (angle < SQUARE || angle > Math.PI - SQUARE) {
                return from.along(axis, way.dot(axis));
            }
        }
        return place;
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
        desk.moveHostNode(node.orElseThrow(), rounded(at));
        Vec3 now = host().places().get(node.get());
        desk.sketchProperty()
                .set(
                        done
                                ? Optional.empty()
                                : Optional.of(new Desk.Sketch(
                                        now,
                                        now,
                                        Phrase.of(
                                                "{} forward {}, left {}, up {}",
                                                node.get(),
                                                new Quantity(now.x(), Kind.LENGTH),
                                                new Quantity(now.y(), Kind.LENGTH),
                                                new Quantity(now.z(), Kind.LENGTH)))));
        if (done) {
            pulling = false;
            desk.session().letGo();
        }
    }
}
