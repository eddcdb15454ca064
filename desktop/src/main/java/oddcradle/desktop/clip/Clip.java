package oddcradle.desktop.clip;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.image.Image;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javax.imageio.ImageIO;
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

    /** A picture as the bytes of a PNG file. */
    public static byte[] png(Image picture) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(SwingFXUtils.fromFXImage(picture, null), "png", bytes);
        } catch (IOException impossible) {
            throw new UncheckedIOException("a picture in memory could not be written", impossible);
        }
        return bytes.toByteArray();
    }
}
