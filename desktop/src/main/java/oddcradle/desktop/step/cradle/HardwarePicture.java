package oddcradle.desktop.step.cradle;

import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import oddcradle.core.finding.Severity;
import oddcradle.core.hardware.MountDesign;
import oddcradle.core.joint.BoltStack;
import oddcradle.core.joint.BoltStack.Layer;
import oddcradle.core.joint.LayerKind;
import oddcradle.core.joint.Outline;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;
import oddcradle.desktop.look.Palette;

/** A mount cut through along its bolt, each piece named; under it the tab as it is cut from plate. */
final class HardwarePicture extends Pane {
    private static final double WIDTH = 328;
    private static final double STACK = 236;
    private static final double TAB = 124;
    private static final double LABELS = 150;

    private final Canvas canvas = new Canvas(WIDTH, STACK + TAB);
    private final Palette palette;

    HardwarePicture(Palette palette) {
        this.palette = palette;
        setMinHeight(STACK + TAB);
        setPrefHeight(STACK + TAB);
        getChildren().add(canvas);
    }

    void show(MountDesign design, UnitStyle style) {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, WIDTH, STACK + TAB);
        g.setFont(Font.font("Barlow Semi Condensed", 12));
        stack(g, design.stack(), style);
        tab(g, design, style);
    }

    void clear() {
        canvas.getGraphicsContext2D().clearRect(0, 0, WIDTH, STACK + TAB);
    }

    private void stack(GraphicsContext g, BoltStack stack, UnitStyle style) {
        double from = stack.layers().stream().mapToDouble(Layer::from).min().orElse(0);
        double to = stack.layers().stream().mapToDouble(Layer::to).max().orElse(1);
        double widest = stack.layers().stream().mapToDouble(Layer::outer).max().orElse(1);
        double scale = Math.min((STACK - 10) / (to - from), (WIDTH - LABELS) / (2 * widest));
        double middle = (WIDTH - LABELS) / 2;
        // The bolt is drawn last, over what it goes through.
        for (int pass = 0; pass < 2; pass++) {
            for (Layer layer : stack.layers()) {
                if ((layer.kind() == LayerKind.BOLT) == (pass == 1)) {
                    ring(g, layer, middle, 5 - from * scale, scale);
                }
            }
        }
        g.setStroke(palette.graphite());
        g.setLineDashes(6, 3, 1, 3);
        g.strokeLine(middle, 1, middle, STACK - 1);
        g.setLineDashes();
        labels(g, stack, middle, 5 - from * scale, scale, style);
    }

    private void ring(GraphicsContext g, Layer layer, double middle, double zero, double scale) {
        double top = zero + layer.from() * scale;
        double height = (layer.to() - layer.from()) * scale;
        g.setFill(colour(layer));
        g.setStroke(palette.ink());
        g.setLineWidth(0.8);
        for (int side : new int[] {-1, 1}) {
            double inner = middle + side * layer.inner() * scale;
            double outer = middle + side * layer.outer() * scale;
            double left = Math.min(inner, outer);
            g.fillRect(left, top, Math.abs(outer - inner), height);
            g.strokeRect(left, top, Math.abs(outer - inner), height);
        }
    }

    private Color colour(Layer layer) {
        return switch (layer.side()) {
            case ENGINE -> layer.kind() == LayerKind.BOLT ? palette.tube() : palette.donor();
            case FRAME -> palette.cradle();
            case RUBBER -> palette.quiet();
        };
    }

    /** One name beside each piece, pushed down where two would lie on each other. */
    private void labels(GraphicsContext g, BoltStack stack, double middle, double zero, double scale, UnitStyle style) {
        g.setTextAlign(TextAlignment.LEFT);
        double next = 12;
        for (Layer layer : stack.layers()) {
            if (layer.kind() == LayerKind.BOLT) {
                continue;
            }
            double at = zero + (layer.from() + layer.to()) / 2 * scale;
            double y = Math.max(next, at + 4);
            next = y + 14;
            boolean shorts =
                    stack.contacts().stream().anyMatch(contact -> contact.shorts() && contact.engine() == layer.kind());
            g.setFill(shorts ? palette.of(Severity.STOP) : palette.ink());
            g.fillText(
                    layer.kind().word() + " " + style.show(Quantity.length(layer.to() - layer.from())),
                    WIDTH - LABELS + 22,
                    y);
            g.setStroke(palette.graphite());
            g.setLineWidth(0.6);
            g.strokeLine(middle + layer.outer() * scale, at, WIDTH - LABELS + 18, y - 4);
        }
    }

    private void tab(GraphicsContext g, MountDesign design, UnitStyle style) {
        Outline outline = design.outline();
        double width = outline.edge().stream()
                        .mapToDouble(point -> Math.abs(point.x()))
                        .max()
                        .orElse(1)
                * 2;
        double height =
                outline.edge().stream().mapToDouble(Outline.Point::y).max().orElse(1);
        double scale = Math.min((TAB - 26) / height, 150 / width);
        double middle = 88;
        double base = STACK + TAB - 8;
        int count = outline.edge().size();
        double[] x = new double[count];
        double[] y = new double[count];
        for (int k = 0; k < count; k++) {
            x[k] = middle + outline.edge().get(k).x() * scale;
            y[k] = base - outline.edge().get(k).y() * scale;
        }
        g.setFill(palette.cradle());
        g.fillPolygon(x, y, count);
        g.setStroke(palette.ink());
        g.strokePolygon(x, y, count);
        for (Outline.Hole hole : outline.holes()) {
            double r = hole.diameter() / 2 * scale;
            g.setFill(palette.floor());
            g.fillOval(middle + hole.x() * scale - r, base - hole.y() * scale - r, 2 * r, 2 * r);
            g.strokeOval(middle + hole.x() * scale - r, base - hole.y() * scale - r, 2 * r, 2 * r);
        }
        g.setFill(palette.ink());
        String plates = design.through() ? "seat plate" : design.tab().plates() == 2 ? "two tabs" : "tab";
        String[] lines = {
            plates + (design.tab().boxed() ? ", boxed" : "") + ", "
                    + style.show(Quantity.length(design.tab().thickness())) + " thick",
            style.show(Quantity.length(design.tab().root())) + " wide at the weld",
            "hole " + style.show(Quantity.length(design.stack().hole())) + ", edge "
                    + style.show(Quantity.length(design.tab().edge())),
            "standoff " + style.show(Quantity.length(design.tab().standoff())),
            "weld leg " + style.show(Quantity.length(design.tab().leg())) + ", both faces"
        };
        for (int k = 0; k < lines.length; k++) {
            g.fillText(lines[k], 178, STACK + 30 + 16 * k);
        }
    }
}
