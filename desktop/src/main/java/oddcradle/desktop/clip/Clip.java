package oddcradle.desktop.clip;

import javafx.scene.image.Image;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import oddcradle.files.handout.HandTable;

/** Puts words, tables and pictures onto the clipboard. */
public final class Clip {
    private Clip() {}

    public static void put(String words) {
        ClipboardContent content = new ClipboardContent();
        content.putString(words);
        Clipboard.getSystemClipboard().setContent(content);
    }

    /** Apart by tabs, as a spreadsheet takes it. */
    public static void put(HandTable table) {
        put(table.tabbed());
    }

    public static void put(Image picture) {
        ClipboardContent content = new ClipboardContent();
        content.putImage(picture);
        Clipboard.getSystemClipboard().setContent(content);
    }
}
