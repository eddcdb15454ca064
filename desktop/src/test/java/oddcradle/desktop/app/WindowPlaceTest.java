package oddcradle.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.geometry.Rectangle2D;
import org.junit.jupiter.api.Test;

class WindowPlaceTest {
    private static final Rectangle2D SCREEN = new Rectangle2D(0, 28, 1280, 772);

    @Test
    void windowLargerThanTheScreen_isMadeToFit() {
        assertThat(WindowPlace.fitted(new Rectangle2D(0, 0, 1280, 800), SCREEN)).isEqualTo(SCREEN);
    }

    @Test
    void windowHalfOutside_comesBackIn() {
        assertThat(WindowPlace.fitted(new Rectangle2D(900, 600, 1150, 700), SCREEN))
                .isEqualTo(new Rectangle2D(130, 100, 1150, 700));
    }

    @Test
    void windowWithoutAPlace_standsInTheMiddle_andIsNeverTooSmallToWorkIn() {
        assertThat(WindowPlace.fitted(new Rectangle2D(WindowPlace.NOWHERE, WindowPlace.NOWHERE, 100, 100), SCREEN))
                .isEqualTo(new Rectangle2D(90, 114, 1100, 600));
    }

    @Test
    void screenSmallerThanTheLeastWindow_isFilled() {
        Rectangle2D small = new Rectangle2D(0, 0, 800, 480);
        assertThat(WindowPlace.fitted(new Rectangle2D(10, 10, 1280, 800), small))
                .isEqualTo(small);
    }
}
