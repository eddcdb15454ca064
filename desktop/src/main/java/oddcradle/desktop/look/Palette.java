package oddcradle.desktop.look;

import java.util.List;
import java.util.function.Function;
import javafx.beans.InvalidationListener;
import javafx.beans.Observable;
import javafx.beans.WeakInvalidationListener;
import javafx.css.CssMetaData;
import javafx.css.Styleable;
import javafx.css.StyleableProperty;
import javafx.css.StyleablePropertyFactory;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import oddcradle.core.finding.Severity;

/**
 * The stylesheet's role colours for what is drawn by hand: 3-D, drawn views, charts. An invisible node in the scene; when
 * the theme changes, its colours follow.
 */
public final class Palette extends Region {
    private static final StyleablePropertyFactory<Palette> FACTORY =
            new StyleablePropertyFactory<>(Region.getClassCssMetaData());

    private final StyleableProperty<Color> floor = colour("floor", "-palette-floor", p -> p.floor);
    private final StyleableProperty<Color> grid = colour("grid", "-palette-grid", p -> p.grid);
    private final StyleableProperty<Color> ink = colour("ink", "-palette-ink", p -> p.ink);
    private final StyleableProperty<Color> graphite = colour("graphite", "-palette-graphite", p -> p.graphite);
    private final StyleableProperty<Color> sheet = colour("sheet", "-palette-sheet", p -> p.sheet);
    private final StyleableProperty<Color> rule = colour("rule", "-palette-rule", p -> p.rule);
    private final StyleableProperty<Color> blue = colour("blue", "-palette-blue", p -> p.blue);
    private final StyleableProperty<Color> stop = colour("stop", "-palette-stop", p -> p.stop);
    private final StyleableProperty<Color> watch = colour("watch", "-palette-watch", p -> p.watch);
    private final StyleableProperty<Color> good = colour("good", "-palette-good", p -> p.good);
    private final StyleableProperty<Color> tube = colour("tube", "-palette-tube", p -> p.tube);
    private final StyleableProperty<Color> cradle = colour("cradle", "-palette-cradle", p -> p.cradle);
    private final StyleableProperty<Color> donor = colour("donor", "-palette-donor", p -> p.donor);
    private final StyleableProperty<Color> hot = colour("hot", "-palette-hot", p -> p.hot);
    private final StyleableProperty<Color> quiet = colour("quiet", "-palette-quiet", p -> p.quiet);

    public Palette() {
        getStyleClass().add("palette");
        setManaged(false);
        setVisible(false);
    }

    private StyleableProperty<Color> colour(String name, String css, Function<Palette, StyleableProperty<Color>> self) {
        return FACTORY.createStyleableColorProperty(this, name, css, self);
    }

    public static List<CssMetaData<? extends Styleable, ?>> getClassCssMetaData() {
        return FACTORY.getCssMetaData();
    }

    @Override
    public List<CssMetaData<? extends Styleable, ?>> getCssMetaData() {
        return getClassCssMetaData();
    }

    /**
     * Runs when any colour has changed, for as long as somebody else knows the node that is drawn: a picture that is shown no more is
     * not kept for its colours.
     */
    public void onChange(Node drawn, Runnable follow) {
        InvalidationListener listener = change -> follow.run();
        drawn.getProperties().put(Palette.class, listener);
        ((Observable) quiet).addListener(new WeakInvalidationListener(listener));
        ((Observable) floor).addListener(new WeakInvalidationListener(listener));
    }

    public Color floor() {
        return floor.getValue();
    }

    public Color grid() {
        return grid.getValue();
    }

    public Color ink() {
        return ink.getValue();
    }

    public Color graphite() {
        return graphite.getValue();
    }

    public Color sheet() {
        return sheet.getValue();
    }

    public Color rule() {
        return rule.getValue();
    }

    public Color blue() {
        return blue.getValue();
    }

    public Color tube() {
        return tube.getValue();
    }

    public Color cradle() {
        return cradle.getValue();
    }

    public Color donor() {
        return donor.getValue();
    }

    public Color hot() {
        return hot.getValue();
    }

    public Color quiet() {
        return quiet.getValue();
    }

    public Color of(Severity severity) {
        return switch (severity) {
            case STOP -> stop.getValue();
            case WATCH -> watch.getValue();
            case NOT_CHECKED, NOTE -> graphite.getValue();
            case GOOD -> good.getValue();
        };
    }
}
