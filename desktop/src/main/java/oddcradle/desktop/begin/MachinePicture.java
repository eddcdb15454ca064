package oddcradle.desktop.begin;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.Font;
import oddcradle.core.begin.Dimension;
import oddcradle.core.geometry.Aabb;
import oddcradle.core.geometry.Solid;
import oddcradle.core.job.Job;
import oddcradle.core.job.body.Category;
import oddcradle.core.job.body.KeepOut;
import oddcradle.core.job.body.Part;
import oddcradle.core.job.donor.Donor;
import oddcradle.core.job.host.Host;
import oddcradle.core.job.seat.Seat;
import oddcradle.core.job.tube.Member;
import oddcradle.core.math.Mat3;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.Pose;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.stand.Camera;

/** A machine as a few lines: its tubes, its wheels, the engine in it, and one measure where it is taken. */
final class MachinePicture extends Region {
    private static final int AROUND = 40;
    private static final double YAW = Math.toRadians(-140);
    private static final double PITCH = Math.toRadians(22);

    /** What fills the picture, at most. */
    private static final double MARGIN = 0.86;

    private final Canvas canvas = new Canvas();
    private final Palette palette;
    private Runnable drawing = () -> {};
    private Camera camera = new Camera(Vec3.ZERO, YAW, PITCH, 4);

    MachinePicture(Palette palette, double width, double height) {
        this.palette = palette;
        setMinSize(width, height);
        setPrefSize(width, height);
        getChildren().add(canvas);
        palette.onChange(this, this::redraw);
    }

    /** A whole job: donor in its seat. */
    void show(Job job) {
        show(job.host(), job.donor(), job.seat(), Optional.empty(), Optional.empty(), "");
    }

    /**
     * @param bay where the engine is to go
     * @param measured what is pointed out
     * @param words that stand beside it
     */
    void show(Host host, Donor donor, Seat seat, Optional<Aabb> bay, Optional<Dimension> measured, String words) {
        drawing = () -> {
            lookAt(host, donor, seat);
            host.keepOuts().forEach(this::keepOut);
            host.members().forEach(tube -> tube(host, tube));
            bay.ifPresent(this::bay);
            donor.bodies().forEach(part -> part(part, seat.pose()));
            measured.ifPresent(dimension -> dimension(dimension, words));
        };
        redraw();
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        redraw();
    }

    private void redraw() {
        pen().clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        if (canvas.getWidth() > 0 && canvas.getHeight() > 0) {
            drawing.run();
        }
    }

    private GraphicsContext pen() {
        return canvas.getGraphicsContext2D();
    }

    /** So that frame, wheels, people and engine are in the picture; walls and ground may reach out of it. */
    private void lookAt(Host host, Donor donor, Seat seat) {
        List<Vec3> points = new ArrayList<>(host.places().values());
        host.keepOuts().stream()
                .filter(each -> each.category() == Category.MOVING || each.category() == Category.PEOPLE)
                .flatMap(each -> each.solids().stream())
                .flatMap(each -> outline(each).stream())
                .forEach(points::addAll);
        donor.bodies().stream()
                .flatMap(each -> each.solids().stream())
                .flatMap(each -> outline(each).stream())
                .flatMap(List::stream)
                .map(seat.pose()::place)
                .forEach(points::add);
        if (points.isEmpty()) {
            return;
        }
        Vec3 low = points.stream().reduce(MachinePicture::lower).orElseThrow();
        Vec3 high = points.stream().reduce(MachinePicture::higher).orElseThrow();
        camera = new Camera(
                low.towards(high, 0.5), YAW, PITCH, 1 + 2.5 * high.minus(low).length());
        double farthest = 0;
        for (Vec3 point : points) {
            Vec3 seen = onScreen(point);
            farthest = Math.max(farthest, Math.abs(2 * seen.x() / canvas.getWidth() - 1));
            farthest = Math.max(farthest, Math.abs(2 * seen.y() / canvas.getHeight() - 1));
        }
        camera = camera.zoomed(farthest / MARGIN);
    }

    private static Vec3 lower(Vec3 a, Vec3 b) {
        return new Vec3(Math.min(a.x(), b.x()), Math.min(a.y(), b.y()), Math.min(a.z(), b.z()));
    }

    private static Vec3 higher(Vec3 a, Vec3 b) {
        return lower(a.negated(), b.negated()).negated();
    }

    private Vec3 onScreen(Vec3 point) {
        return camera.project(point, canvas.getWidth(), canvas.getHeight());
    }

    private void tube(Host host, Member tube) {
        double scale = onScreen(camera.target())
                        .minus(onScreen(camera.target().plus(new Vec3(0, 0, 0.1))))
                        .length()
                * 10;
        pen().setStroke(palette.tube());
        pen().setLineCap(StrokeLineCap.ROUND);
        pen().setLineWidth(Math.max(1.2, 2 * tube.section().outerRadius() * scale));
        line(tube.nodes().stream().map(host.places()::get).toList());
    }

    private void keepOut(KeepOut keepOut) {
        pen().setStroke(palette.rule());
        pen().setLineWidth(1.4);
        keepOut.solids().forEach(solid -> outline(solid).forEach(this::line));
    }

    private void part(Part part, Pose seat) {
        pen().setStroke(part.category() == Category.HOT ? palette.hot() : palette.donor());
        pen().setLineWidth(1.6);
        for (Solid solid : part.solids()) {
            outline(solid).forEach(line -> line(line.stream().map(seat::place).toList()));
        }
    }

    private void bay(Aabb bay) {
        pen().setStroke(palette.blue());
        pen().setLineWidth(1.2);
        pen().setLineDashes(5, 4);
        outline(new Solid.Box(bay.size().times(0.5), new Pose(Mat3.IDENTITY, bay.centre())))
                .forEach(this::line);
        pen().setLineDashes();
    }

    private void dimension(Dimension dimension, String words) {
        Color colour = palette.blue();
        pen().setStroke(colour);
        pen().setLineWidth(2.4);
        line(List.of(dimension.from(), dimension.to()));
        for (Vec3 end : List.of(onScreen(dimension.from()), onScreen(dimension.to()))) {
            pen().setFill(colour);
            pen().fillOval(end.x() - 4, end.y() - 4, 8, 8);
        }
        Vec3 middle = onScreen(dimension.from().towards(dimension.to(), 0.5));
        pen().setFont(Font.font("Barlow Semi Condensed SemiBold", 15));
        double width = 8.0 * words.length();
        double left = Math.max(4, Math.min(middle.x() + 10, canvas.getWidth() - width - 4));
        pen().setFill(palette.sheet());
        pen().fillRect(left - 4, middle.y() - 26, width + 8, 20);
        pen().setFill(colour);
        pen().fillText(words, left, middle.y() - 11);
    }

    private void line(List<Vec3> points) {
        pen().beginPath();
        for (int k = 0; k < points.size(); k++) {
            Vec3 seen = onScreen(points.get(k));
            if (k == 0) {
                pen().moveTo(seen.x(), seen.y());
            } else {
                pen().lineTo(seen.x(), seen.y());
            }
        }
        pen().stroke();
    }

    /** Its edges, each as a line through points. */
    private static List<List<Vec3>> outline(Solid solid) {
        if (solid instanceof Solid.Box box) {
            return edges(box);
        }
        if (solid instanceof Solid.Sphere sphere) {
            return List.of(ring(sphere.center(), Vec3.Y, sphere.radius()));
        }
        Vec3 from = solid instanceof Solid.Cylinder cylinder ? cylinder.p0() : ((Solid.Capsule) solid).p0();
        Vec3 to = solid instanceof Solid.Cylinder cylinder ? cylinder.p1() : ((Solid.Capsule) solid).p1();
        double radius = solid instanceof Solid.Cylinder cylinder ? cylinder.radius() : ((Solid.Capsule) solid).radius();
        Vec3 axis = from.distanceTo(to) < 1e-9 ? Vec3.Z : to.minus(from).unit();
        List<List<Vec3>> lines = new ArrayList<>(List.of(ring(from, axis, radius), ring(to, axis, radius)));
        if (from.distanceTo(to) > 2 * radius) {
            Vec3 out = axis.anyPerpendicular();
            lines.add(List.of(from.along(out, radius), to.along(out, radius)));
            lines.add(List.of(from.along(out, -radius), to.along(out, -radius)));
        }
        return lines;
    }

    private static List<Vec3> ring(Vec3 centre, Vec3 axis, double radius) {
        Vec3 a = axis.anyPerpendicular();
        Vec3 b = axis.cross(a);
        List<Vec3> points = new ArrayList<>();
        for (int k = 0; k <= AROUND; k++) {
            double angle = 2 * Math.PI * k / AROUND;
            points.add(centre.along(a, radius * Math.cos(angle)).along(b, radius * Math.sin(angle)));
        }
        return points;
    }

    private static List<List<Vec3>> edges(Solid.Box box) {
        List<List<Vec3>> edges = new ArrayList<>();
        Vec3 half = box.half();
        for (int sides = 0; sides < 4; sides++) {
            double a = (sides & 1) == 0 ? -1 : 1;
            double b = (sides & 2) == 0 ? -1 : 1;
            for (int along = 0; along < 3; along++) {
                Vec3 from = corner(along, -1, a, b);
                Vec3 to = corner(along, 1, a, b);
                edges.add(
                        List.of(box.pose().place(scaled(half, from)), box.pose().place(scaled(half, to))));
            }
        }
        return edges;
    }

    private static Vec3 corner(int along, double end, double a, double b) {
        return along == 0 ? new Vec3(end, a, b) : along == 1 ? new Vec3(a, end, b) : new Vec3(a, b, end);
    }

    private static Vec3 scaled(Vec3 half, Vec3 by) {
        return new Vec3(half.x() * by.x(), half.y() * by.y(), half.z() * by.z());
    }
}
