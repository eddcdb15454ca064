package oddcradle.files.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PhotosTest {
    @TempDir
    Path folder;

    private Path picture(String name, String format) throws IOException {
        Path file = folder.resolve(name);
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), format, file.toFile());
        return file;
    }

    @Test
    void photo_isCopiedBesideTheJobUnderItsPoint() throws IOException {
        Path job = folder.resolve("tug.cradle.json");
        assertThat(Photos.take(picture("a.png", "png"), job, "B1")).isEqualTo("tug-B1.png");
        assertThat(Photos.take(picture("b.jpg", "jpg"), job, "../B 2")).isEqualTo("tug-___B_2.jpg");
        assertThat(ImageIO.read(folder.resolve("tug-B1.png").toFile()).getWidth())
                .isEqualTo(40);
    }

    /** What the name says does not count, only what is in it. */
    @Test
    void otherFiles_areRefusedInWords() throws IOException {
        Path text = Files.writeString(folder.resolve("note.png"), "no picture");
        assertThatThrownBy(() -> Photos.check(text))
                .isInstanceOf(UnreadablePhoto.class)
                .hasMessageContaining("note.png")
                .hasMessageContaining("PNG or JPEG");
        assertThatThrownBy(() -> Photos.check(picture("c.gif", "gif")))
                .isInstanceOf(UnreadablePhoto.class)
                .hasMessageContaining("gif");
        assertThatThrownBy(() -> Photos.check(folder.resolve("gone.png")))
                .isInstanceOf(UnreadablePhoto.class)
                .hasMessageContaining("beside the job");
    }

    @Test
    void halfAGigabyte_isRefusedUnread() throws IOException {
        Path huge = folder.resolve("huge.png");
        try (RandomAccessFile file = new RandomAccessFile(huge.toFile(), "rw")) {
            file.setLength(500L << 20);
        }
        assertThatThrownBy(() -> Photos.check(huge))
                .isInstanceOf(UnreadablePhoto.class)
                .hasMessageContaining("500 MB");
    }

    /** A few bytes that would unpack to 10 gigapixels. */
    @Test
    void pictureThatUnpacksWithoutBound_isRefusedByItsHead() throws IOException {
        byte[] bomb = Files.readAllBytes(picture("d.png", "png"));
        ByteBuffer head = ByteBuffer.wrap(bomb);
        head.putInt(16, 100_000).putInt(20, 100_000);
        CRC32 crc = new CRC32();
        crc.update(bomb, 12, 17);
        head.putInt(29, (int) crc.getValue());
        Path file = Files.write(folder.resolve("bomb.png"), bomb);
        assertThatThrownBy(() -> Photos.check(file))
                .isInstanceOf(UnreadablePhoto.class)
                .hasMessageContaining("10000 million pixels");
    }

    @Test
    void spoiledHeads_areRefusedOrPass_andNothingElse() throws IOException {
        byte[] whole = Files.readAllBytes(picture("e.png", "png"));
        Random random = new Random(7);
        int refused = 0;
        for (int k = 0; k < 200; k++) {
            byte[] spoiled = whole.clone();
            for (int n = 0; n < 4; n++) {
                spoiled[random.nextInt(Math.min(40, spoiled.length))] = (byte) random.nextInt();
            }
            Path file = Files.write(folder.resolve("f.png"), spoiled);
            try {
                Photos.check(file);
            } catch (UnreadablePhoto told) {
                refused++;
            }
        }
        assertThat(refused).isGreaterThan(50);
    }
}
