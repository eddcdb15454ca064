package oddcradle.core.propose;

import java.util.Comparator;
import java.util.List;
import oddcradle.core.job.make.Shop;
import oddcradle.core.section.Rect;
import oddcradle.core.section.RectTube;
import oddcradle.core.section.Section;
import oddcradle.core.section.Tube;

/** What a piece is for: pieces of one role are cut from one section. */
enum Role {
    CROSS(Tube.class, 0.025, 0.0015),
    LEG(Tube.class, 0.022, 0.0012),
    TIE(Tube.class, 0.019, 0.0012),
    BAR(RectTube.class, 0.03, 0.002),
    POST(RectTube.class, 0.03, 0.002),
    PLATE(Rect.class, 0.05, 0.005);

    private final Class<? extends Section> shape;
    private final double least;
    private final double leastWall;

    Role(Class<? extends Section> shape, double least, double leastWall) {
        this.shape = shape;
        this.least = least;
        this.leastWall = leastWall;
    }

    /** What it may be cut from, lightest first: thick enough to weld to and to drill. */
    List<Section> choice(Shop shop) {
        List<Section> fitting = shop.sections().stream()
                .filter(section -> shape.isInstance(section) && isThickEnough(section))
                .sorted(Comparator.comparingDouble(Section::area))
                .toList();
        return fitting.isEmpty() ? shop.sections() : fitting;
    }

    private boolean isThickEnough(Section section) {
        if (section instanceof Tube tube) {
            return tube.od() >= least - 1e-4 && tube.wall() >= leastWall - 1e-5;
        }
        if (section instanceof RectTube box) {
            return Math.min(box.b(), box.h()) >= least - 1e-9 && box.wall() >= leastWall - 1e-9;
        }
        return section instanceof Rect flat && flat.h() >= least && flat.b() >= leastWall;
    }

    Section first(Shop shop) {
        return choice(shop).get(0);
    }
}
