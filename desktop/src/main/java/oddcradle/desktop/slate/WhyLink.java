package oddcradle.desktop.slate;

import java.util.function.Supplier;
import javafx.scene.control.Hyperlink;
import oddcradle.core.finding.Why;
import oddcradle.core.units.UnitStyle;

/** The small "why?" beside a number. */
public final class WhyLink extends Hyperlink {
    public WhyLink(Supplier<String> title, Supplier<Why> why, Supplier<UnitStyle> style) {
        super("why?");
        getStyleClass().add("why");
        setMinWidth(USE_PREF_SIZE);
        setOnAction(click -> WhyCard.show(this, title.get(), why.get(), style.get()));
    }
}
