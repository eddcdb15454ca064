package oddcradle.desktop.slate;

import java.util.List;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListCell;
import oddcradle.core.engine.EngineLayout;
import oddcradle.desktop.look.Palette;

/** How the cylinders stand, picked as pictures. */
public final class LayoutBox extends ComboBox<EngineLayout> {
    public LayoutBox(String id, Palette palette) {
        setId(id);
        setAccessibleText("layout");
        getItems().setAll(EngineLayout.values());
        setConverter(new Words<>(List.of(EngineLayout.values()), EngineLayout::words));
        setCellFactory(view -> new PicturedCell(palette));
        setVisibleRowCount(EngineLayout.values().length);
    }

    private static final class PicturedCell extends ListCell<EngineLayout> {
        private final Palette palette;

        PicturedCell(Palette palette) {
            this.palette = palette;
        }

        @Override
        protected void updateItem(EngineLayout layout, boolean empty) {
            super.updateItem(layout, empty);
            setText(empty || layout == null ? null : layout.words());
            setGraphic(empty || layout == null ? null : new LayoutPicture(palette, layout));
        }
    }
}
