package oddcradle.core.shop;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * Plates laid on sheets by the rectangles that hold them, turned by a quarter where that fits better. Largest first into the free
 * rectangle whose shorter side is left least over (best short side fit of the maximal rectangles; Jylänki, A Thousand Ways to Pack the Bin,
 * 2010, from memory). Not the least possible, but near it.
 */
public final class PlateNesting {
    private static final double FITS = 1e-9;

    private PlateNesting() {}

    /**
     * @param width of the rectangle that holds it, m
     * @param height m
     */
    public record Part(String id, double width, double height) {
        public Part {
            Guard.named("id", id);
            Guard.size("width", width);
            Guard.size("height", height);
        }
    }

    /** Where a part lies on its sheet: its lower left corner, m; turned by a quarter or not. */
    public record Laid(String id, double x, double y, boolean turned) {}

    /**
     * @param width m
     * @param height m
     */
    public record Sheet(double width, double height) {
        public Sheet {
            Guard.size("width", width);
            Guard.size("height", height);
        }
    }

    private record Room(double x, double y, double width, double height) {
        boolean holds(Room other) {
            return other.x >= x - FITS
                    && other.y >= y - FITS
                    && other.x + other.width <= x + width + FITS
                    && other.y + other.height <= y + height + FITS;
        }

        boolean meets(Room other) {
            return other.x < x + width - FITS
                    && x < other.x + other.width - FITS
                    && other.y < y + height - FITS
                    && y < other.y + other.height - FITS;
        }
    }

    /**
     * As many of the parts as go on one sheet, the largest first.
     *
     * @param kerf kept free between parts, m
     */
    public static List<Laid> onto(Sheet sheet, List<Part> parts, double kerf) {
        Guard.notNegative("kerf", kerf, "m");
        // Each part takes a kerf along with it, and so may the last one reach over the edge by it.
        List<Room> free = new ArrayList<>(List.of(new Room(0, 0, sheet.width() + kerf, sheet.height() + kerf)));
        List<Laid> laid = new ArrayList<>();
        List<Part> largest = parts.stream()
                .sorted(Comparator.comparingDouble((Part part) -> Math.max(part.width(), part.height()))
                        .thenComparingDouble(part -> part.width() * part.height())
                        .reversed())
                .toList();
        for (Part part : largest) {
            best(free, part, kerf).ifPresent(place -> {
                boolean turned = Math.abs(place.width() - kerf - part.width()) > FITS;
                laid.add(new Laid(part.id(), place.x(), place.y(), turned));
                take(free, place);
            });
        }
        return laid;
    }

    private static Optional<Room> best(List<Room> free, Part part, double kerf) {
        Room best = null;
        double least = Double.POSITIVE_INFINITY;
        for (Room room : free) {
            for (boolean turned : new boolean[] {false, true}) {
                double width = (turned ? part.height() : part.width()) + kerf;
                double height = (turned ? part.width() : part.height()) + kerf;
                double over = Math.min(room.width() - width, room.height() - height);
                if (over >= -FITS && over < least - FITS) {
                    least = over;
                    best = new Room(room.x(), room.y(), width, height);
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /** What is free after a place is taken, each as large as it can be, none within another. */
    private static void take(List<Room> free, Room place) {
        List<Room> cut = new ArrayList<>();
        for (Room room : free) {
            if (!room.meets(place)) {
                cut.add(room);
                continue;
            }
            double right = room.x() + room.width();
            double top = room.y() + room.height();
            add(cut, room.x(), room.y(), place.x() - room.x(), room.height());
            add(cut, place.x() + place.width(), room.y(), right - place.x() - place.width(), room.height());
            add(cut, room.x(), room.y(), room.width(), place.y() - room.y());
            add(cut, room.x(), place.y() + place.height(), room.width(), top - place.y() - place.height());
        }
        free.clear();
        for (int k = 0; k < cut.size(); k++) {
            Room room = cut.get(k);
            int at = k;
            boolean within = false;
            for (int other = 0; other < cut.size() && !within; other++) {
                within = other != at && cut.get(other).holds(room) && !(room.holds(cut.get(other)) && other > at);
            }
            if (!within) {
                free.add(room);
            }
        }
    }

    private static void add(List<Room> rooms, double x, double y, double width, double height) {
        if (width > FITS && height > FITS) {
            rooms.add(new Room(x, y, width, height));
        }
    }

    /** @throws InvalidValue if a part is larger than the sheet */
    public static void requireFits(Sheet sheet, Part part) {
        double longer = Math.max(part.width(), part.height());
        double shorter = Math.min(part.width(), part.height());
        if (longer > Math.max(sheet.width(), sheet.height()) + FITS
                || shorter > Math.min(sheet.width(), sheet.height()) + FITS) {
            throw new InvalidValue(
                    part.id(),
                    "is " + Math.round(longer * 1000) + " x " + Math.round(shorter * 1000)
                            + " mm and goes on no sheet; name a larger one");
        }
    }
}
