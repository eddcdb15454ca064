package oddcradle.desktop.stand;

import java.util.Optional;
import oddcradle.core.drawn.DrawnPipe;
import oddcradle.core.finding.Phrase;
import oddcradle.core.math.InvalidValue;
import oddcradle.core.math.Vec3;
import oddcradle.core.units.Quantity;
import oddcradle.desktop.store.Desk;

/**
 * A pipe of the donor drawn by clicks, corner after corner. Each corner lies in the plane of the screen through the one before, so
 * that a drawn view keeps what it cannot show.
 */
final class PipeDrawing {
    private final Desk desk;

    PipeDrawing(Desk desk) {
        this.desk = desk;
        desk.pipeDrawnProperty().addListener((property, before, now) -> {
            if (now.isEmpty()) {
                desk.sketchProperty().set(Optional.empty());
            }
        });
    }

    /** The corner before the next one; empty before the first. */
    private Optional<Vec3> last() {
        return desk.pipeDrawnProperty().get().flatMap(drawn -> {
            try {
                return drawn.begun().or(() -> drawn.pipe()
                        .map(pipe -> DrawnPipe.end(desk.session().job(), pipe)));
            } catch (InvalidValue takenAway) {
                return Optional.empty();
            }
        });
    }

    /** Whether a corner was wanted. */
    boolean placed(PartClicks.PlaceUnder place) {
        if (desk.pipeDrawnProperty().get().isEmpty() || desk.examination() == null) {
            return false;
        }
        Vec3 middle = desk.session()
                .job()
                .seat()
                .pose()
                .place(desk.session().job().donor().mass().cg());
        desk.pipeCorner(
                last().map(place::beside).orElseGet(() -> place.onBody().orElseGet(() -> place.beside(middle))));
        return true;
    }

    void pointed(PartClicks.PlaceUnder place) {
        last().ifPresent(from -> {
            Vec3 to = place.beside(from);
            desk.sketchProperty()
                    .set(Optional.of(new Desk.Sketch(
                            from,
                            to,
                            Phrase.of(
                                    "{} on: {} forward, {} left, {} up",
                                    Quantity.length(from.distanceTo(to)),
                                    Quantity.length(to.x()),
                                    Quantity.length(to.y()),
                                    Quantity.length(to.z())))));
        });
    }

    String hint() {
        return last().isEmpty()
                ? "Click where the pipe begins, on the engine. Esc: not now."
                : "Click its next corner, in any view; what the view cannot show stays as it was. Esc: done.";
    }
}
