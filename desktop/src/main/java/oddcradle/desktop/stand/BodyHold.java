package oddcradle.desktop.stand;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.geometry.Point2D;
import oddcradle.core.drawn.Handles;
import oddcradle.core.finding.Phrase;
import oddcradle.core.finding.Step;
import oddcradle.core.job.Job;
import oddcradle.core.job.edit.ReplaceJob;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.store.Desk;

/** At Donor and Host a hand takes the picked body by one of its handles: a face, an end, a corner. */
final class BodyHold implements Hold {
    private static final double NEAR = 12;
    private static final double ROUND = 0.001;

    private final Desk desk;
    private Optional<Handles.Handle> handle = Optional.empty();
    private Vec3 at = Vec3.ZERO;
    private String body = "";
    private boolean pulling;
    /** How far along the only way it goes, or forward, left and up of where it goes. */
    private final TypedLengths typed = new TypedLengths();

    BodyHold(Desk desk) {
        this.desk = desk;
    }

    /** What can be taken of what is picked, at the step that is open. */
    static List<Handles.Handle> offered(Desk desk) {
        Step step = desk.stepProperty().get();
        Job job = desk.session().job();
        return desk.selectionProperty()
                .get()
                .filter(id -> step
                        == (job.host().keepOuts().stream()
                                        .anyMatch(each -> each.id().equals(id))
                                ? Step.HOST
                                : Step.DONOR))
                .map(id -> Handles.of(job, id))
                .orElse(List.of());
    }

    @Override
    public boolean takes(String part, Point2D mouse, Function<Vec3, Point2D> onScreen) {
        handle = Optional.empty();
        double least = NEAR;
        for (Handles.Handle each : offered(desk)) {
            Point2D seen = onScreen.apply(each.at());
            if (seen != null && seen.distance(mouse) < least) {
                least = seen.distance(mouse);
                handle = Optional.of(each);
            }
        }
        handle.ifPresent(taken -> {
            at = taken.at();
            body = desk.selectionProperty().get().orElseThrow();
            pulling = false;
            typed.clear();
        });
        return handle.isPresent();
    }

    @Override
    public void pulled(Vec3 by, boolean done) {
        if (!pulling) {
            pulling = true;
            desk.session().takeInHand();
        }
        at = at.plus(by);
        Handles.Handle taken = handle.orElseThrow();
        Vec3 to = taken.along()
                .map(along -> taken.at()
                        .along(
                                along,
                                typed.one(desk.units())
                                        .orElse(rounded(at.minus(taken.at()).dot(along)))))
                .orElseGet(() -> typed.over(new Vec3(rounded(at.x()), rounded(at.y()), rounded(at.z())), desk.units()));
        try {
            String label = desk.session().job().label(body).orElse(body);
            desk.session().apply(new ReplaceJob(taken.pulled().apply(to), "pull the " + label));
        } catch (InvalidValue nothingLeft) {
            // The hand went too far; the body stays as it last was.
            to = taken.at();
        }
        show(taken, to, done);
        if (done) {
            pulling = false;
            handle = Optional.empty();
            typed.clear();
            desk.session().letGo();
        }
    }

    @Override
    public boolean types(String letter) {
        if (handle.isEmpty()) {
            return false;
        }
        typed.type(letter);
        pulled(Vec3.ZERO, false);
        return true;
    }

    private void show(Handles.Handle taken, Vec3 to, boolean done) {
        Phrase words = taken.along().isPresent()
                ? Phrase.of("{} pulled", Quantity.length(to.distanceTo(taken.at())))
                : Phrase.of(
                        "{} forward, {} left, {} up",
                        Quantity.length(to.x()),
                        Quantity.length(to.y()),
                        Quantity.length(to.z()));
        desk.sketchProperty().set(done ? Optional.empty() : Optional.of(new Desk.Sketch(taken.at(), to, words)));
    }

    private static double rounded(double metres) {
        return Math.round(metres / ROUND) * ROUND;
    }
}
