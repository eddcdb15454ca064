package oddcradle.desktop.stand;

import java.util.Optional;
import java.util.function.Function;
import javafx.geometry.Point2D;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Vec3;
import oddcradle.desktop.store.Desk;

/** At Seat the donor is taken by the hand, at Cradle the end of a tube that is nearest to it, elsewhere the view. */
final class StandHold implements Hold {
    private final Desk desk;
    /** Node that is pulled; empty while the donor is. */
    private Optional<String> node = Optional.empty();

    private Vec3 to = Vec3.ZERO;

    private boolean pulling;

    StandHold(Desk desk) {
        this.desk = desk;
    }

    @Override
    public boolean takes(String part, Point2D mouse, Function<Vec3, Point2D> onScreen) {
        node = Optional.empty();
        if (desk.donorMovedProperty().get().isPresent() || desk.examination() == null) {
            return false;
        }
        Step step = desk.stepProperty().get();
        Job job = desk.session().job();
        if (step == Step.SEAT) {
            return job.donor().bodies().stream().anyMatch(body -> body.id().equals(part));
        }
        Optional<Member> tube = step == Step.CRADLE ? job.cradle().member(part) : Optional.empty();
        node = tube.flatMap(member -> nearest(member, mouse, onScreen));
        node.ifPresent(id -> {
            to = desk.examination().seating().node(id);
            desk.pulledProperty().set(Optional.of(id));
            desk.selectionProperty().set(Optional.of(part));
        });
        return node.isPresent();
    }

    /** The node of the cradle's own that is nearest to the mouse on the screen. */
    private Optional<String> nearest(Member member, Point2D mouse, Function<Vec3, Point2D> onScreen) {
        String nearest = null;
        double least = Double.POSITIVE_INFINITY;
        for (String id : member.nodes()) {
            boolean own = desk.session().job().cradle().nodes().stream()
                    .anyMatch(each -> each.id().equals(id));
            Point2D seen = own ? onScreen.apply(desk.examination().seating().node(id)) : null;
            if (seen != null && seen.distance(mouse) < least) {
                least = seen.distance(mouse);
                nearest = id;
            }
        }
        return Optional.ofNullable(nearest);
    }

    @Override
    public void pulled(Vec3 by, boolean done) {
        if (!pulling) {
            pulling = true;
            desk.session().takeInHand();
        }
        if (node.isEmpty()) {
            desk.drag(by, done);
        } else {
            to = to.plus(by);
            desk.pull(node.get(), to);
        }
        if (done) {
            pulling = false;
            desk.session().letGo();
        }
    }
}
