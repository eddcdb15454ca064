package oddcradle.core.job.make;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import oddcradle.core.job.load.Duty;
import oddcradle.core.job.seat.Clearances;
import oddcradle.core.job.seat.Room;
import oddcradle.core.math.Guard;

/**
 * How the shop works.
 *
 * @param kerf metal lost per cut, m
 * @param yieldFactor yield strength divided by what a tube may carry, at least 1
 * @param room least gaps
 * @param clearances rules for pairs, and what moves; the usual where left out
 * @param shop what is on its shelf; the usual where left out
 * @param duty what the machine goes through; the usual of its family where left out
 * @param parts what is noted of bought things; what none tells of is to be bought
 */
@RecordBuilder
public record Build(
        double kerf,
        double yieldFactor,
        Room room,
        Clearances clearances,
        Shop shop,
        Optional<Duty> duty,
        List<Part> parts)
        implements BuildBuilder.With {
    private static final double MOST_FACTOR = 20;

    public Build {
        Guard.notNegative("kerf", kerf, "m");
        Guard.within("yieldFactor", yieldFactor, 1, MOST_FACTOR, "");
        Guard.present("room", room);
        clearances = clearances == null ? Clearances.USUAL : clearances;
        shop = shop == null ? Shop.USUAL : shop;
        duty = duty == null ? Optional.empty() : duty;
        parts = parts == null ? List.of() : List.copyOf(parts);
    }

    /** What is noted of a bought thing; to be bought where nothing is. */
    public Part part(String item) {
        return parts.stream()
                .filter(each -> each.item().equals(item))
                .findFirst()
                .orElseGet(() -> new Part(item, Part.State.TO_BUY, "", 0));
    }

    public Build withRoom(Room other) {
        return new Build(kerf, yieldFactor, other, clearances, shop, duty, parts);
    }

    public Build withClearances(Clearances other) {
        return new Build(kerf, yieldFactor, room, other, shop, duty, parts);
    }

    public Build withShop(Shop other) {
        return new Build(kerf, yieldFactor, room, clearances, other, duty, parts);
    }
}
