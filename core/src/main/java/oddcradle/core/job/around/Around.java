package oddcradle.core.job.around;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import oddcradle.core.math.Guard;
import oddcradle.core.math.InvalidValue;

/**
 * What hangs from the seat and is made or bought when the engine is in.
 *
 * @param controls from hand and foot to the engine
 * @param exhausts what the pipes at Seat need beside their run
 * @param carburettor empty where there is none, or nobody has told of it
 * @param fuel its feed
 * @param circuits of water and oil
 * @param leads wires that matter
 * @param guards before what turns
 * @param shocks that had to move
 */
@RecordBuilder
public record Around(
        List<Control> controls,
        List<Exhaust> exhausts,
        Optional<Carburettor> carburettor,
        Optional<FuelFeed> fuel,
        List<Circuit> circuits,
        List<Lead> leads,
        List<RotatingGuard> guards,
        List<Shock> shocks)
        implements AroundBuilder.With {
    private static final int MOST = 50;

    public static final Around NOTHING = new Around(
            List.of(), List.of(), Optional.empty(), Optional.empty(), List.of(), List.of(), List.of(), List.of());

    public Around {
        controls = list("controls", controls);
        exhausts = list("exhausts", exhausts);
        carburettor = carburettor == null ? Optional.empty() : carburettor;
        fuel = fuel == null ? Optional.empty() : fuel;
        circuits = list("circuits", circuits);
        leads = list("leads", leads);
        guards = list("guards", guards);
        shocks = list("shocks", shocks);
        different("controls", controls, Control::id);
        different("circuits", circuits, Circuit::id);
        different("leads", leads, Lead::id);
        different("guards", guards, RotatingGuard::id);
        different("shocks", shocks, Shock::id);
    }

    private static <T> List<T> list(String field, List<T> given) {
        List<T> copied = given == null ? List.of() : List.copyOf(given);
        Guard.within(field, copied.size(), 0, MOST, "entries");
        return copied;
    }

    private static <T> void different(String field, List<T> all, Function<T, String> by) {
        Set<String> known = new HashSet<>();
        for (int k = 0; k < all.size(); k++) {
            if (!known.add(by.apply(all.get(k)))) {
                throw new InvalidValue(
                        field + "[" + k + "]", "repeats the mark \"" + by.apply(all.get(k)) + "\", marks must differ");
            }
        }
    }

    public Optional<Control> control(String id) {
        return controls.stream().filter(each -> each.id().equals(id)).findFirst();
    }

    /** With another control of the same mark. */
    public Around with(Control other) {
        return withControls(controls.stream()
                .map(each -> each.id().equals(other.id()) ? other : each)
                .toList());
    }
}
