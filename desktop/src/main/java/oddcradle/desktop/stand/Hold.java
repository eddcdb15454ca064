package oddcradle.desktop.stand;

import java.util.function.Function;
import javafx.geometry.Point2D;
import oddcradle.core.math.Vec3;

/** What a hand in the stand can take hold of and move; where it takes nothing the view itself moves. */
interface Hold {
    /**
     * @param part under the mouse
     * @param onScreen where a point of the host is, pixels; null behind the eye
     * @return whether it is taken
     */
    boolean takes(String part, Point2D mouse, Function<Vec3, Point2D> onScreen);

    /**
     * @param by since the last call, host axes, m
     * @param done whether the hand has let go
     */
    void pulled(Vec3 by, boolean done);

    /**
     * Takes what is typed while something is held.
     *
     * @param letter one character
     * @return whether it means anything to what is held
     */
    default boolean types(String letter) {
        return false;
    }

    /** The first of some that takes what is under the mouse. */
    static Hold firstOf(Hold... holds) {
        return new Hold() {
            private Hold taken = NOTHING;

            @Override
            public boolean takes(String part, Point2D mouse, Function<Vec3, Point2D> onScreen) {
                for (Hold hold : holds) {
                    if (hold.takes(part, mouse, onScreen)) {
                        taken = hold;
                        return true;
                    }
                }
                return false;
            }

            @Override
            public void pulled(Vec3 by, boolean done) {
                taken.pulled(by, done);
            }

            @Override
            public boolean types(String letter) {
                return taken.types(letter);
            }
        };
    }

    /** Nothing can be taken. */
    Hold NOTHING = new Hold() {
        @Override
        public boolean takes(String part, Point2D mouse, Function<Vec3, Point2D> onScreen) {
            return false;
        }

        @Override
        public void pulled(Vec3 by, boolean done) {
            throw new IllegalStateException("nothing was taken");
        }
    };
}
