package oddcradle.desktop.step.shake;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleSupplier;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import oddcradle.core.engine.Throttle;
import oddcradle.core.examine.Examination;
import oddcradle.core.math.Vec3;
import oddcradle.core.mechanics.SmallMotion;
import oddcradle.core.search.ShakeAnswers;
import oddcradle.core.search.ShakeMaps;
import oddcradle.core.structure.Excitation;
import oddcradle.core.structure.OrderMap;
import oddcradle.core.structure.ShakeWatch;
import oddcradle.core.structure.ShakenMotion;
import oddcradle.core.units.Quantity;
import oddcradle.core.vibration.Mount;
import oddcradle.desktop.chart.Axis;
import oddcradle.desktop.chart.Chart;
import oddcradle.desktop.chart.Curve;
import oddcradle.desktop.chart.Diagram;
import oddcradle.desktop.look.Palette;
import oddcradle.desktop.slate.Text;
import oddcradle.desktop.store.ChalkMark;
import oddcradle.desktop.store.Desk;
import oddcradle.desktop.task.LiveStudy;

/** One speed: everything follows the slider; the donor moves in the stand as a stroboscope shows it, with what each mount does to the frame. */
final class MotionSheet extends VBox {
    /** Two turns of the crank: a whole cycle of a four-stroke engine. */
    private static final double CYCLE = 4 * Math.PI;

    private static final int STEPS = 144;
    private static final double SECONDS = 4;
    /** What moves farthest is drawn to move so far, m. */
    private static final double SEEN = 0.03;
    /** The greatest force of a mount is drawn so long, m. */
    private static final double LONGEST = 0.18;

    private static final double REACH = 0.3;

    private final Desk desk;
    private final Slider speed = new Slider();
    private final Label speedWords = new Label();
    private final Label told = Text.said("motion-told");
    private final Label scale = Text.said("motion-scale");
    private final Button play = new Button("Show it move");
    private final Chart chart;
    private final Label none = Text.line("");
    private final VBox whole = new VBox(6);
    private final MovingDonor donor;
    private ShakeMaps.Maps maps;
    private boolean showing;

    MotionSheet(Desk desk, Palette palette) {
        super(6);
        this.desk = desk;
        this.donor = new MovingDonor(desk, this);
        speed.setId("motion-speed");
        speed.setAccessibleText("crank speed");
        speed.valueProperty().addListener((property, before, now) -> {
            if (!showing) {
                tell();
            }
        });
        HBox.setHgrow(speed, Priority.ALWAYS);
        speedWords.setId("motion-speed-words");
        speedWords.setMinWidth(USE_PREF_SIZE);
        HBox line = new HBox(8, speed, speedWords);
        line.setAlignment(Pos.CENTER_LEFT);
        play.setId("motion-play");
        play.getStyleClass().add("cure-button");
        play.setOnAction(click -> {
            if (donor.isPlaying()) {
                donor.stop();
                tell();
            } else {
                tell(true);
            }
        });
        chart = new Chart("motion-chart", palette, 300);
        Label head = Text.head("Force of the engine across its crank, round two turns");
        whole.getChildren()
                .addAll(
                        line,
                        new HBox(6, to("idle", () -> engineSpeed(false)), to("cruise", () -> engineSpeed(true)), play),
                        told,
                        scale,
                        head,
                        chart);
        getChildren().addAll(none, whole);
    }

    private double engineSpeed(boolean cruise) {
        var engine = desk.examination().job().donor().engine();
        return cruise ? engine.cruiseSpeed() : engine.idleSpeed();
    }

    private Button to(String words, DoubleSupplier value) {
        Button button = new Button(words);
        button.setId("motion-" + words);
        button.getStyleClass().add("plain-button");
        button.setOnAction(click -> speed.setValue(value.getAsDouble()));
        return button;
    }

    void refresh() {
        Examination now = desk.examination();
        desk.shaking().ask(now);
        Optional<LiveStudy.Studied<ShakeMaps.Maps>> known =
                desk.shaking().shownProperty().get().filter(shaken -> shaken.of() == now);
        Optional<ShakeMaps.Maps> shaken = known.flatMap(LiveStudy.Studied::answer);
        none.setText(known.isEmpty() ? "Being worked out …" : "Nothing shakes here yet (Cradle, Mounts).");
        show(none, shaken.isEmpty());
        show(whole, shaken.isPresent());
        if (shaken.isEmpty()) {
            donor.stop();
            return;
        }
        boolean first = maps == null;
        maps = shaken.get();
        List<Double> speeds = maps.full().speeds();
        showing = true;
        speed.setMin(speeds.get(0));
        speed.setMax(speeds.get(speeds.size() - 1));
        if (first) {
            speed.setValue(engineSpeed(true));
        }
        showing = false;
        tell();
    }

    private static void show(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }

    private void tell() {
        tell(donor.isPlaying());
    }

    private void tell(boolean moving) {
        double now = Math.max(speed.getValue(), speed.getMin());
        Excitation excitation = maps.machine().excitation(now, Throttle.FULL);
        ShakenMotion motion = maps.machine().motions(excitation).get(0);
        speedWords.setText(desk.units().show(Quantity.rotationSpeed(now)));
        told.setText(words(motion, maps.full().nearest(now)));
        play.setText(moving ? "Stop" : "Show it move");
        double farthest = IntStream.range(0, STEPS)
                .mapToDouble(k -> motion.body(CYCLE * k / STEPS).most(REACH))
                .max()
                .orElseThrow();
        double magnified = farthest > 0 ? round(SEEN / farthest) : 1;
        double slower = SECONDS * now / CYCLE;
        scale.setText(
                moving
                        ? "Drawn " + number(magnified) + " times as far and " + number(round(slower))
                                + " times as slow, as a stroboscope shows it. Lines: what each mount does to the frame."
                        : "");
        if (moving) {
            play(motion, magnified);
        }
        chart.show(polar(excitation));
    }

    /** To one digit, as a reader remembers it. */
    private static double round(double value) {
        double ten = Math.pow(10, Math.floor(Math.log10(value)));
        return Math.max(1, Math.round(value / ten)) * ten;
    }

    private static String number(double value) {
        return value >= 1 ? Long.toString(Math.round(value)) : Double.toString(value);
    }

    private void play(ShakenMotion motion, double magnified) {
        List<Mount> mounts = maps.machine().setting().mounts();
        Vec3 cg = maps.machine().setting().body().cg();
        double most = 0;
        for (int k = 0; k < STEPS; k++) {
            for (int m = 0; m < mounts.size(); m++) {
                most = Math.max(most, motion.force(m, CYCLE * k / STEPS).length());
            }
        }
        double metresPerNewton = most > 0 ? LONGEST / most : 0;
        donor.play(
                share -> {
                    double angle = CYCLE * share;
                    List<ChalkMark> arrows = new ArrayList<>();
                    for (int m = 0; m < mounts.size(); m++) {
                        Vec3 at = cg.plus(mounts.get(m).position());
                        arrows.add(ChalkMark.arrow(at, at.along(motion.force(m, angle), metresPerNewton)));
                    }
                    return new MovingDonor.Shown(motion.body(angle), arrows);
                },
                SECONDS,
                magnified);
    }

    private String words(ShakenMotion motion, int nearest) {
        OrderMap map = maps.full();
        List<Mount> mounts = maps.machine().setting().mounts();
        double most = 0;
        String worst = "";
        for (int m = 0; m < mounts.size(); m++) {
            for (int k = 0; k < STEPS; k++) {
                double force = motion.force(m, CYCLE * k / STEPS).length();
                if (force > most) {
                    most = force;
                    worst = mounts.get(m).name();
                }
            }
        }
        Vec3 output = desk.examination()
                .seating()
                .driverCentre()
                .minus(maps.machine().setting().body().cg());
        double moves = IntStream.range(0, STEPS)
                .mapToDouble(k -> {
                    SmallMotion body = motion.body(CYCLE * k / STEPS);
                    return body.at(output).length();
                })
                .max()
                .orElseThrow();
        StringBuilder words = new StringBuilder("At full throttle, at most within two turns: ")
                .append(worst)
                .append(" gives the frame ")
                .append(desk.units().show(Quantity.force(most)))
                .append(", the output shaft moves ")
                .append(desk.units().show(Quantity.length(moves)))
                .append(" from its middle.");
        map.most(ShakeWatch.Kind.FRAME_VELOCITY, nearest).ifPresent(seat -> words.append(" Where the ")
                .append(map.watches().get(seat).label())
                .append(" is carried: ")
                .append(desk.units().show(Quantity.vibration(map.together(seat, nearest))))
                .append(", order ")
                .append(ShakeAnswers.name(map, map.leading(seat, nearest)))
                .append(" leads."));
        return words.toString();
    }

    /** The force of the engine itself across its crank, round two turns. */
    private Diagram polar(Excitation excitation) {
        var crank = maps.machine().setting().engines().crank();
        Vec3 along = crank.axes().column(0);
        Vec3 up = Vec3.Z.withoutPartAlong(along);
        up = up.length() > 1e-6 ? up.unit() : along.anyPerpendicular();
        Vec3 ahead = up.cross(along);
        List<Curve.Point> points = new ArrayList<>();
        double most = 1;
        for (int k = 0; k <= STEPS; k++) {
            Vec3 force = excitation.force(0, CYCLE * k / STEPS);
            points.add(new Curve.Point(force.dot(ahead), force.dot(up)));
            most = Math.max(most, Math.max(Math.abs(force.dot(ahead)), Math.abs(force.dot(up))));
        }
        return new Diagram(
                Axis.of("ahead, N", DoubleStream.of(-most, most)),
                Axis.of("up, N", DoubleStream.of(-most, most)),
                List.of(new Curve("", points, 0, false)),
                List.of(),
                List.of());
    }
}
