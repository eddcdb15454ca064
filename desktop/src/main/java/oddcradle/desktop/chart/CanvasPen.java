package oddcradle.desktop.chart;

import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** Draws a chart on the screen. */
record CanvasPen(GraphicsContext g) implements Pen {
    @Override
    public void path(List<Spot> spots, Stroke stroke) {
        g.setStroke(stroke.colour());
        g.setLineWidth(stroke.width());
        g.setLineDashes(stroke.dashes());
        g.beginPath();
        spots.forEach(spot -> g.lineTo(spot.x(), spot.y()));
        g.stroke();
        g.setLineDashes();
    }

    @Override
    public void dot(Spot middle, double diameter, Color colour) {
        g.setFill(colour);
        g.fillOval(middle.x() - diameter / 2, middle.y() - diameter / 2, diameter, diameter);
    }

    @Override
    public void box(double x, double y, double width, double height, Color colour) {
        g.setFill(colour);
        g.fillRect(x, y, width, height);
    }

    @Override
    public void words(String words, Spot at, Anchor anchor, Color colour) {
        g.setFill(colour);
        g.setTextAlign(
                switch (anchor) {
                    case START -> TextAlignment.LEFT;
                    case MIDDLE -> TextAlignment.CENTER;
                    case END -> TextAlignment.RIGHT;
                });
        g.fillText(words, at.x(), at.y());
    }
}
