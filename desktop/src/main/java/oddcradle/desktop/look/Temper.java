package oddcradle.desktop.look;

import javafx.scene.paint.Color;

/** The colours steel takes when it is warmed, for how hard a tube works: pale straw at rest, deep blue at its limit. */
public final class Temper {
    private static final Color[] SCALE = {
        Color.web("#F3E3B0"), Color.web("#E2B765"), Color.web("#B97A45"), Color.web("#6E3F63"), Color.web("#22305E")
    };

    private Temper() {}

    /** @param share of what is allowed; more than 1 has no colour here */
    public static Color at(double share) {
        double place = Math.max(0, Math.min(1, share)) * (SCALE.length - 1);
        int step = Math.min(SCALE.length - 2, (int) place);
        return SCALE[step].interpolate(SCALE[step + 1], place - step);
    }
}
