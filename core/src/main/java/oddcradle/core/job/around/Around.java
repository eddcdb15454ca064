package oddcradle.core.job.around;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import oddcradle.core.math.Guard;

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
 * @param splines of shafts that were made longer or that slide
 * @param boxes what must stay dry
 * @param drains where oil is let out
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
        List<Shock> shocks,
        List<Spline> splines,
        List<DryBox> boxes,
        List<OilDrain> drains)
        implements AroundBuilder.With {
    private static final int MOST = 50;

    public static final Around NOTHING = new Around(
            List.of(),
            List.of(),
            Optional.empty(),
            Optional.empty(),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of());

    public Around {
        controls = Guard.list("controls", controls, MOST);
        exhausts = Guard.list("exhausts", exhausts, MOST);
        carburettor = carburettor == null ? Optional.empty() : carburettor;
        fuel = fuel == null ? Optional.empty() : fuel;
        circuits = Guard.list("circuits", circuits, MOST);
        leads = Guard.list("leads", leads, MOST);
        guards = Guard.list("guards", guards, MOST);
        shocks = Guard.list("shocks", shocks, MOST);
        splines = Guard.list("splines", splines, MOST);
        boxes = Guard.list("boxes", boxes, MOST);
        drains = Guard.list("drains", drains, MOST);
        Guard.different("controls", "id", controls, Control::id);
        Guard.different("circuits", "id", circuits, Circuit::id);
        Guard.different("leads", "id", leads, Lead::id);
        Guard.different("guards", "id", guards, RotatingGuard::id);
        Guard.different("shocks", "id", shocks, Shock::id);
        Guard.different("splines", "id", splines, Spline::id);
        Guard.different("boxes", "id", boxes, DryBox::id);
        Guard.different("drains", "id", drains, OilDrain::id);
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
