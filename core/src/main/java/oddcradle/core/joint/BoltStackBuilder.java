package oddcradle.core.joint;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oddcradle.core.catalog.BoltLength;
import oddcradle.core.catalog.ScrewThread;
import oddcradle.core.joint.BoltStack.Contact;
import oddcradle.core.joint.BoltStack.Layer;
import oddcradle.core.joint.BoltStack.Side;

/** Puts the layers of one mount together, from the lug outward. */
final class BoltStackBuilder {
    /** Steel plates that the rubber is bonded to, within its height, m; common practice. */
    private static final double BOND_PLATE = 0.002;

    private static final double SPACER_WALL = 0.004;

    private final BoltStack.Wanted wanted;
    private final ScrewThread thread;
    private final double nutHeight;
    private final List<Layer> layers = new ArrayList<>();
    private final List<Contact> contacts = new ArrayList<>();
    private final List<Double> shims;
    private final double shimmed;

    BoltStackBuilder(BoltStack.Wanted wanted) {
        this.wanted = wanted;
        this.thread = wanted.thread();
        this.nutHeight = thread.nutHeight(wanted.nut());
        this.shims = BoltStack.shims(wanted.gap(), thread.inch());
        this.shimmed = shims.stream().mapToDouble(Double::doubleValue).sum();
        layers.add(ring(LayerKind.LUG, Side.ENGINE, -wanted.lug(), 0, thread.diameter() / 2, 1.1 * thread.diameter()));
    }

    private static Layer ring(LayerKind kind, Side side, double from, double to, double inner, double outer) {
        return new Layer(kind, side, from, to, inner, outer);
    }

    BoltStack soft() {
        double sleeveRadius = BoltStack.sleeveRadius(thread, wanted.grade());
        double snubber = BoltStack.snubber(wanted.pad(), wanted.along());
        double needs = shimmed + wanted.pad() + wanted.frame();
        double axialClearance = wanted.reach() - needs;
        double spacer = wanted.decided()
                .spacer()
                .orElse(Double.isInfinite(axialClearance) ? 0 : Math.max(0, Math.floor(2000 * axialClearance) / 2000));
        double hole = BoltStack.sleeveHole(thread, wanted.grade(), wanted.across());
        double at = shimmed;
        if (shimmed > 0) {
            layers.add(ring(LayerKind.SHIMS, Side.ENGINE, 0, at, thread.diameter() / 2, thread.washerDiameter() / 2));
        }
        if (spacer > 0) {
            layers.add(ring(
                    LayerKind.SPACER, Side.ENGINE, at, at + spacer, thread.diameter() / 2, sleeveRadius + SPACER_WALL));
            at += spacer;
        }
        double rubber = wanted.padDiameter() / 2;
        double sleeve =
                wanted.decided().sleeve().orElse(wanted.pad() + wanted.frame() + snubber + BoltStack.sleeveFree());
        double compression = (wanted.pad() + wanted.frame() + snubber - sleeve) / (wanted.pad() + snubber);
        layers.add(ring(LayerKind.SLEEVE, Side.ENGINE, at, at + sleeve, thread.diameter() / 2, sleeveRadius));
        double frameFrom = at + wanted.pad();
        double frameTo = frameFrom + wanted.frame();
        layers.add(ring(LayerKind.PAD, Side.RUBBER, at, frameFrom, sleeveRadius, rubber));
        layers.add(ring(
                LayerKind.FRAME_PLATE, Side.FRAME, frameFrom, frameTo, hole / 2, Math.max(rubber, hole / 2 + 0.006)));
        layers.add(ring(LayerKind.SNUBBER, Side.RUBBER, frameTo, frameTo + snubber, hole / 2, Math.min(rubber, hole)));
        double washer = largeWasher(hole, rubber);
        double end = at + sleeve;
        layers.add(ring(
                LayerKind.LARGE_WASHER,
                Side.ENGINE,
                end,
                end + BoltStack.largeWasherThickness(),
                thread.diameter() / 2,
                washer));
        end += BoltStack.largeWasherThickness();
        contact(LayerKind.SLEEVE, LayerKind.HOLE_EDGE, hole / 2 - sleeveRadius, wanted.across(), "bore the hole");
        contact(
                LayerKind.LARGE_WASHER,
                LayerKind.FRAME_PLATE,
                at + sleeve - frameTo,
                wanted.along(),
                "thicken the snubber");
        contact(
                spacer > 0 ? LayerKind.SPACER : LayerKind.LUG,
                LayerKind.FRAME_PLATE,
                wanted.pad(),
                wanted.along(),
                "take a higher pad");
        if (Double.isFinite(wanted.beside())) {
            contact(
                    LayerKind.LARGE_WASHER,
                    LayerKind.TUBE,
                    wanted.beside() - washer,
                    wanted.across(),
                    "grind a flat on the washer");
        }
        return fastened(end, sleeve, hole, spacer, compression, washer - hole / 2, axialClearance - spacer);
    }

    /** Wide enough to catch the plate, no wider than the rubber, and clear of the tube beside it where both can be had. */
    private double largeWasher(double hole, double rubber) {
        double least = hole / 2 + BoltStack.LEAST_WASHER_OVERLAP + BoltStack.SPARE;
        double clear = wanted.beside() - wanted.across() - BoltStack.SPARE;
        double usual = Math.max(least, Math.min(Math.max(rubber, least), clear));
        return wanted.decided()
                .largeWasher()
                .map(diameter -> diameter / 2)
                .orElse(Math.ceil(2000 * usual - 1e-6) / 2000);
    }

    private void contact(LayerKind engine, LayerKind frame, double gap, double moves, String cure) {
        double needed = moves + BoltStack.SPARE;
        boolean shorts = gap < needed - 1e-9;
        contacts.add(new Contact(engine, frame, gap, needed, shorts ? cure : ""));
    }

    /** Lug on the upper stud, tube on the lower one; rubber alone between them. */
    BoltStack bonded() {
        double hole = thread.diameter() + 0.0005;
        double axialClearance = wanted.reach() - shimmed - wanted.pad() - wanted.frame();
        double spacer = wanted.decided()
                .spacer()
                .orElse(Double.isInfinite(axialClearance) ? 0 : Math.max(0, Math.floor(2000 * axialClearance) / 2000));
        double rubber = wanted.padDiameter() / 2;
        double at = shimmed;
        if (shimmed > 0) {
            layers.add(ring(LayerKind.SHIMS, Side.ENGINE, 0, at, thread.diameter() / 2, thread.washerDiameter() / 2));
        }
        if (spacer > 0) {
            layers.add(ring(LayerKind.SPACER, Side.ENGINE, at, at + spacer, thread.diameter() / 2, rubber / 2));
            at += spacer;
        }
        double upper = at + BOND_PLATE;
        double lower = at + wanted.pad() - BOND_PLATE;
        double far = at + wanted.pad() + wanted.frame();
        layers.add(ring(LayerKind.UPPER_PLATE, Side.ENGINE, at, upper, 0, rubber));
        layers.add(ring(LayerKind.PAD, Side.RUBBER, upper, lower, 0, rubber));
        layers.add(ring(LayerKind.LOWER_PLATE, Side.FRAME, lower, at + wanted.pad(), 0, rubber));
        layers.add(ring(LayerKind.SEAT_AND_TUBE, Side.FRAME, at + wanted.pad(), far, hole / 2, rubber));
        double stud = far - lower + thread.washerThickness() + nutHeight + studEnd();
        layers.add(ring(LayerKind.LOWER_STUD, Side.FRAME, at + wanted.pad(), lower + stud, 0, thread.diameter() / 2));
        layers.add(ring(
                LayerKind.WASHER,
                Side.FRAME,
                far,
                far + thread.washerThickness(),
                thread.diameter() / 2,
                thread.washerDiameter() / 2));
        layers.add(ring(
                LayerKind.NUT,
                Side.FRAME,
                far + thread.washerThickness(),
                far + thread.washerThickness() + nutHeight,
                thread.diameter() / 2,
                thread.acrossCorners() / 2));
        contact(LayerKind.UPPER_PLATE, LayerKind.LOWER_PLATE, lower - upper, wanted.along(), "take a higher pad");
        return wanted.isBlind()
                ? upperStud(at, hole, spacer, axialClearance - spacer, wanted.diameters() * thread.diameter())
                : upperStudThrough(at, hole, spacer, axialClearance - spacer);
    }

    private double studEnd() {
        return BoltStack.LEAST_PROTRUSION * thread.pitch();
    }

    private BoltStack upperStud(double at, double hole, double spacer, double axialClearance, double engaged) {
        double into = Math.min(engaged, wanted.depth() - thread.pitch());
        layers.add(ring(LayerKind.BOLT, Side.ENGINE, -into, at, 0, thread.diameter() / 2));
        ThreadReach reach = ThreadReach.of(into, wanted.depth(), thread.diameter(), wanted.diameters());
        BoltLength stud = new BoltLength(at + into, 0, studMark(at + into));
        return result(stud, at, 0, Optional.of(reach), 0, hole, spacer, 0, Double.NaN, axialClearance);
    }

    private BoltStack upperStudThrough(double at, double hole, double spacer, double axialClearance) {
        double washer = thread.washerThickness();
        double top = -wanted.lug() - washer - nutHeight;
        layers.add(ring(
                LayerKind.WASHER,
                Side.ENGINE,
                -wanted.lug() - washer,
                -wanted.lug(),
                thread.diameter() / 2,
                thread.washerDiameter() / 2));
        layers.add(ring(
                LayerKind.NUT, Side.ENGINE, top, top + nutHeight, thread.diameter() / 2, thread.acrossCorners() / 2));
        double length = at - top + studEnd();
        layers.add(ring(LayerKind.BOLT, Side.ENGINE, at - length, at, 0, thread.diameter() / 2));
        return result(
                new BoltLength(length, 0, studMark(length)),
                at + wanted.lug() + washer,
                BoltStack.LEAST_PROTRUSION,
                Optional.empty(),
                0,
                hole,
                spacer,
                0,
                Double.NaN,
                axialClearance);
    }

    private String studMark(double length) {
        return "pad with studs " + thread.designation() + ", upper " + Math.round(1000 * length) + " mm or longer";
    }

    BoltStack hard() {
        double hole = thread.diameter() + 0.0005;
        double at = shimmed;
        double axialClearance = wanted.reach() - shimmed - wanted.frame();
        double spacer = wanted.decided()
                .spacer()
                .orElse(Double.isInfinite(axialClearance) ? 0 : Math.max(0, Math.floor(2000 * axialClearance) / 2000));
        if (shimmed > 0) {
            layers.add(ring(LayerKind.SHIMS, Side.ENGINE, 0, at, thread.diameter() / 2, thread.washerDiameter() / 2));
        }
        if (spacer > 0) {
            layers.add(ring(
                    LayerKind.SPACER,
                    Side.ENGINE,
                    at,
                    at + spacer,
                    thread.diameter() / 2,
                    thread.washerDiameter() / 2 + 0.002));
            at += spacer;
        }
        double plate = Math.max(thread.washerDiameter(), 2 * thread.diameter()) / 2 + 0.004;
        layers.add(ring(LayerKind.FRAME_PLATE, Side.FRAME, at, at + wanted.frame(), hole / 2, plate));
        if (wanted.plates() == 2) {
            layers.add(ring(
                    LayerKind.SECOND_PLATE,
                    Side.FRAME,
                    -wanted.lug() - wanted.frame(),
                    -wanted.lug(),
                    hole / 2,
                    plate));
        }
        return fastened(at + wanted.frame(), 0, hole, spacer, 0, 0, axialClearance - spacer);
    }

    /** Head, nut and washers, and the length that is bought. */
    private BoltStack fastened(
            double end,
            double sleeve,
            double hole,
            double spacer,
            double compression,
            double washerOverlap,
            double axialClearance) {
        double washer = thread.washerThickness();
        double near = wanted.plates() == 2 && !wanted.isSoft() ? -wanted.lug() - wanted.frame() : -wanted.lug();
        layers.add(ring(
                LayerKind.WASHER, Side.ENGINE, end, end + washer, thread.diameter() / 2, thread.washerDiameter() / 2));
        double far = end + washer;
        return wanted.isBlind()
                ? blind(far, sleeve, hole, spacer, compression, washerOverlap, axialClearance)
                : through(near, far, sleeve, hole, spacer, compression, washerOverlap, axialClearance);
    }

    private BoltStack through(
            double near,
            double far,
            double sleeve,
            double hole,
            double spacer,
            double compression,
            double washerOverlap,
            double axialClearance) {
        double washer = thread.washerThickness();
        layers.add(ring(
                LayerKind.WASHER,
                Side.ENGINE,
                near - washer,
                near,
                thread.diameter() / 2,
                thread.washerDiameter() / 2));
        double from = near - washer;
        double grip = far - from;
        double wants = grip + nutHeight + BoltStack.LEAST_PROTRUSION * thread.pitch();
        BoltLength bolt = wanted.decided()
                .bolt()
                .map(length -> BoltLength.exactly(thread, length))
                .or(() -> BoltLength.atLeast(thread, wants))
                .orElseGet(() -> BoltLength.exactly(thread, Math.ceil(200 * wants) / 200));
        layers.add(ring(LayerKind.HEAD, Side.ENGINE, from - thread.headHeight(), from, 0, thread.acrossCorners() / 2));
        layers.add(ring(LayerKind.BOLT, Side.ENGINE, from, from + bolt.length(), 0, thread.diameter() / 2));
        layers.add(ring(
                LayerKind.NUT, Side.ENGINE, far, far + nutHeight, thread.diameter() / 2, thread.acrossCorners() / 2));
        double threadProtrusion = (bolt.length() - grip - nutHeight) / thread.pitch();
        return result(
                bolt,
                grip,
                threadProtrusion,
                Optional.empty(),
                sleeve,
                hole,
                spacer,
                compression,
                washerOverlap,
                axialClearance);
    }

    private BoltStack blind(
            double far,
            double sleeve,
            double hole,
            double spacer,
            double compression,
            double washerOverlap,
            double axialClearance) {
        double grip = far;
        double least = grip + wanted.diameters() * thread.diameter();
        double most = grip + wanted.depth() - thread.pitch();
        BoltLength bolt = wanted.decided()
                .bolt()
                .map(length -> BoltLength.exactly(thread, length))
                .or(() -> BoltLength.atLeast(thread, least).filter(each -> each.length() <= most + 1e-9))
                .or(() -> BoltLength.atMost(thread, most))
                .orElseGet(() -> BoltLength.exactly(thread, Math.max(least, thread.diameter())));
        layers.add(ring(LayerKind.HEAD, Side.ENGINE, far, far + thread.headHeight(), 0, thread.acrossCorners() / 2));
        layers.add(ring(LayerKind.BOLT, Side.ENGINE, far - bolt.length(), far, 0, thread.diameter() / 2));
        ThreadReach reach = ThreadReach.of(bolt.length() - grip, wanted.depth(), thread.diameter(), wanted.diameters());
        return result(
                bolt, grip, 0, Optional.of(reach), sleeve, hole, spacer, compression, washerOverlap, axialClearance);
    }

    private BoltStack result(
            BoltLength bolt,
            double grip,
            double threadProtrusion,
            Optional<ThreadReach> reach,
            double sleeve,
            double hole,
            double spacer,
            double compression,
            double washerOverlap,
            double axialClearance) {
        layers.sort(Comparator.comparingDouble(Layer::from));
        return new BoltStack(
                layers,
                thread,
                wanted.grade(),
                wanted.nut(),
                bolt,
                grip,
                threadProtrusion,
                reach,
                sleeve,
                hole,
                spacer,
                shims,
                compression,
                contacts,
                washerOverlap,
                axialClearance);
    }
}
