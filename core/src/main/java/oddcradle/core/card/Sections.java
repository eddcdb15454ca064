package oddcradle.core.card;

import java.util.List;
import oddcradle.core.card.Field.Named;
import oddcradle.core.section.Angle;
import oddcradle.core.section.Rect;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Round;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;

/** The fields of a section: its shape, and the sizes of that shape. */
final class Sections {
    private static final String SHAPE = "shape";

    private Sections() {}

    static void fields(FieldsOf<Section> of) {
        of.choice(
                SHAPE,
                List.of(
                        new Named("tube", "round tube"),
                        new Named("box", "square or flat tube"),
                        new Named("bar", "round bar"),
                        new Named("flat", "flat bar"),
                        new Named("angle", "angle")),
                Sections::shape,
                Sections::usual);
        Section section = of.value();
        if (section instanceof Tube tube) {
            of.length("outside diameter", any -> tube.od(), (any, od) -> new Tube(od, tube.wall()))
                    .length("wall", any -> tube.wall(), (any, wall) -> new Tube(tube.od(), wall));
        } else if (section instanceof RectTube box) {
            of.length("wide", any -> box.b(), (any, b) -> new RectTube(b, box.h(), box.wall()))
                    .length("high", any -> box.h(), (any, h) -> new RectTube(box.b(), h, box.wall()))
                    .length("wall", any -> box.wall(), (any, wall) -> new RectTube(box.b(), box.h(), wall));
        } else if (section instanceof Round bar) {
            of.length("diameter", any -> bar.diameter(), (any, diameter) -> new Round(diameter));
        } else if (section instanceof Rect flat) {
            of.length("wide", any -> flat.b(), (any, b) -> new Rect(b, flat.h()))
                    .length("high", any -> flat.h(), (any, h) -> new Rect(flat.b(), h));
        } else if (section instanceof Angle angle) {
            of.length("leg", any -> angle.leg(), (any, leg) -> new Angle(leg, angle.thickness()))
                    .length("thick", any -> angle.thickness(), (any, thick) -> new Angle(angle.leg(), thick));
        }
    }

    private static String shape(Section section) {
        return section instanceof Tube
                ? "tube"
                : section instanceof RectTube
                        ? "box"
                        : section instanceof Round ? "bar" : section instanceof Rect ? "flat" : "angle";
    }

    /** Another shape of about the size of the one before. */
    private static Section usual(Section before, String shape) {
        if (shape(before).equals(shape)) {
            return before;
        }
        double size = 2 * before.halfSize(true);
        return switch (shape) {
            case "tube" -> new Tube(size, size / 12);
            case "box" -> new RectTube(size, size, size / 12);
            case "bar" -> new Round(size);
            case "flat" -> new Rect(size, size / 4);
            default -> new Angle(size, size / 8);
        };
    }
}
