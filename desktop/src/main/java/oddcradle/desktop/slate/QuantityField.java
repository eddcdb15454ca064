package oddcradle.desktop.slate;

import java.util.function.DoubleConsumer;
import javafx.scene.Node;
import oddcradle.core.units.Entry;
import oddcradle.core.units.Kind;
import oddcradle.core.units.Quantity;
import oddcradle.core.units.UnitStyle;

/** A field for one quantity; what is typed may carry its own unit. */
public final class QuantityField extends ValueField<Quantity> {
    private final Kind kind;

    /**
     * @param id of the text field
     * @param taken gets the new value in SI; an {@link oddcradle.core.math.InvalidValue} it throws is shown at the field
     */
    public QuantityField(String id, String name, Kind kind, DoubleConsumer taken) {
        super(id, name, "quantity-field", quantity -> taken.accept(quantity.si()));
        this.kind = kind;
    }

    /** Something shown to the right of the unit. */
    public QuantityField with(Node more) {
        attach(more);
        return this;
    }

    public void show(double si, UnitStyle style) {
        show(new Quantity(si, kind), style);
    }

    @Override
    Quantity read(String typed, UnitStyle shownIn) {
        return Entry.read(typed, kind, shownIn);
    }

    @Override
    String words(Quantity shown, UnitStyle shownIn) {
        return shownIn.entry(shown);
    }

    @Override
    String unit(Quantity shown, UnitStyle shownIn) {
        return shownIn.typedUnit(kind);
    }
}
