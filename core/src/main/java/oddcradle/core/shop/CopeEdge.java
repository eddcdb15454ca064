package oddcradle.core.shop;

import java.util.ArrayList;
import java.util.List;
import oddcradle.core.section.Angle;
import oddcradle.core.section.Rect;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Round;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;

/**
 * The lines along a branch that a cope is followed on, in the order of its wrap: from the reference, which is the middle of a box
 * tube's upper side, right-handed round the tube. Of a solid bar the inner lines are its outer ones.
 *
 * @param around where each line is on the paper, m from its beginning
 * @param outer each line on the outside
 * @param inner on the bore
 * @param perimeter length of the paper, m
 */
record CopeEdge(List<Double> around, List<Place> outer, List<Place> inner, double perimeter) {
    /** Fewest pieces of half a side of a box. */
    private static final int LEAST_OF_A_SIDE = 2;

    CopeEdge {
        around = List.copyOf(around);
        outer = List.copyOf(outer);
        inner = List.copyOf(inner);
    }

    /** A place of a section: {@code c} along the reference, {@code s} a quarter turn on, m. */
    record Place(double c, double s) {}

    static CopeEdge of(Section section, int steps) {
        if (section instanceof Tube tube) {
            return round(tube.od() / 2, tube.od() / 2 - tube.wall(), steps);
        }
        if (section instanceof Round bar) {
            return round(bar.outerRadius(), bar.outerRadius(), steps);
        }
        if (section instanceof RectTube box) {
            return box(box.b(), box.h(), box.wall(), steps);
        }
        if (section instanceof Rect bar) {
            return box(bar.b(), bar.h(), 0, steps);
        }
        Angle angle = (Angle) section;
        return box(2 * angle.halfSize(false), 2 * angle.halfSize(true), 0, steps);
    }

    private static CopeEdge round(double radius, double bore, int steps) {
        List<Double> around = new ArrayList<>(steps);
        List<Place> outer = new ArrayList<>(steps);
        List<Place> inner = new ArrayList<>(steps);
        for (int k = 0; k < steps; k++) {
            double phi = 2 * Math.PI * k / steps;
            around.add(radius * phi);
            outer.add(new Place(radius * Math.cos(phi), radius * Math.sin(phi)));
            inner.add(new Place(bore * Math.cos(phi), bore * Math.sin(phi)));
        }
        return new CopeEdge(around, outer, inner, 2 * Math.PI * radius);
    }

    /** Corners are lines of their own, so that a straight cut across a side stays straight. */
    private static CopeEdge box(double width, double height, double wall, int steps) {
        double perimeter = 2 * (width + height);
        List<Place> corners = List.of(
                new Place(height / 2, 0),
                new Place(height / 2, width / 2),
                new Place(-height / 2, width / 2),
                new Place(-height / 2, -width / 2),
                new Place(height / 2, -width / 2),
                new Place(height / 2, 0));
        double narrower = 1 - 2 * wall / width;
        double lower = 1 - 2 * wall / height;
        List<Double> around = new ArrayList<>();
        List<Place> outer = new ArrayList<>();
        List<Place> inner = new ArrayList<>();
        double done = 0;
        for (int side = 1; side < corners.size(); side++) {
            Place from = corners.get(side - 1);
            Place to = corners.get(side);
            double length = Math.hypot(to.c() - from.c(), to.s() - from.s());
            int pieces = Math.max(LEAST_OF_A_SIDE, (int) Math.round(steps * length / perimeter));
            for (int k = 0; k < pieces; k++) {
                double share = (double) k / pieces;
                Place at = new Place(from.c() + share * (to.c() - from.c()), from.s() + share * (to.s() - from.s()));
                around.add(done + share * length);
                outer.add(at);
                inner.add(new Place(lower * at.c(), narrower * at.s()));
            }
            done += length;
        }
        return new CopeEdge(around, outer, inner, perimeter);
    }
}
