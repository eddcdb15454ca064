package oddcradle.desktop.step.donor;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Pane;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import oddcradle.core.engine.Crank;
import oddcradle.desktop.look.Palette;

/** A crank seen along itself, the engine's front to the right: cylinders as they lean, and where each one's pin stands. */
final class CrankPicture extends Pane {
    private static final double SIZE = 76;
    private static final double CRANK = 15;
    private static final double REACH = 34;
    private static final double BORE = 15;
    private static final double PIN = 9;

    private final Palette palette;
    private final Canvas canvas = new Canvas(SIZE, SIZE);
    private final Crank crank;

    CrankPicture(Palette palette, Crank crank) {
        this.palette = palette;
        this.crank = crank;
        setMinSize(SIZE, SIZE);
        setPrefSize(SIZE, SIZE);
        getChildren().add(canvas);
        palette.onChange(this, this::draw);
        draw();
    }

    private void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, SIZE, SIZE);
        g.save();
        g.translate(SIZE / 2, crank.cylinderAngles().stream().allMatch(lean -> Math.abs(lean) < 0.1) ? 50 : SIZE / 2);
        g.setStroke(palette.graphite());
        for (double lean : new LinkedHashSet<>(crank.cylinderAngles())) {
            g.save();
            g.rotate(Math.toDegrees(lean));
            g.strokeRect(-BORE / 2, -REACH, BORE, REACH - CRANK);
            for (double fin = CRANK + 4; fin < REACH - 1; fin += 4) {
                g.strokeLine(-BORE / 2 - 3, -fin, BORE / 2 + 3, -fin);
            }
            g.restore();
        }
        g.setFill(palette.sheet());
        g.fillOval(-CRANK, -CRANK, 2 * CRANK, 2 * CRANK);
        g.setStroke(palette.ink());
        g.strokeOval(-CRANK, -CRANK, 2 * CRANK, 2 * CRANK);
        g.setFont(Font.font("Barlow Semi Condensed", 10));
        g.setTextAlign(TextAlignment.CENTER);
        for (double angle : new LinkedHashSet<>(crank.throwAngles())) {
            double x = CRANK * Math.sin(angle);
            double y = -CRANK * Math.cos(angle);
            g.setFill(palette.blue());
            g.fillOval(x - PIN / 2, y - PIN / 2, PIN, PIN);
            g.setFill(palette.ink());
            if (crank.cylinders() > 1) {
                g.fillText(cylinders(angle), 0.3 * x, 0.3 * y + 3.5);
            }
        }
        g.restore();
    }

    /** The cylinders on a pin, by their number. */
    private String cylinders(double angle) {
        List<String> numbers = new ArrayList<>();
        for (int k = 0; k < crank.cylinders(); k++) {
            if (crank.throwAngles().get(k) == angle) {
                numbers.add(Integer.toString(k + 1));
            }
        }
        return String.join(" ", numbers);
    }
}
