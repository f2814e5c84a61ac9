package scree.core.image;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.drew.imaging.ImageMetadataReader;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Uploads are hostile until they passed. */
class PictureIntakeTest {
    @Test
    void aTextFileRenamedIsNoPicture() {
        assertRefused("hello, not a picture at all".getBytes(StandardCharsets.UTF_8), PictureRefused.Why.NOT_A_PICTURE);
        assertRefused("<svg onload='alert(1)'/>".getBytes(StandardCharsets.UTF_8), PictureRefused.Why.NOT_A_PICTURE);
        assertRefused(new byte[0], PictureRefused.Why.EMPTY);
    }

    @Test
    void heicIsNamed() {
        byte[] file = new byte[64];
        System.arraycopy("ftypheic".getBytes(StandardCharsets.US_ASCII), 0, file, 4, 8);
        assertRefused(file, PictureRefused.Why.HEIC);
    }

    @Test
    void aPictureThatBreaksOffIsBroken() throws Exception {
        byte[] whole = png(500, 500);
        assertRefused(Arrays.copyOf(whole, 60), PictureRefused.Why.BROKEN);
        byte[] jpeg = PictureIntake.encodeJpeg(grey(500, 500), 0.9f);
        assertRefused(Arrays.copyOf(jpeg, 200), PictureRefused.Why.BROKEN);
    }

    /** A PNG of a few hundred bytes may claim billions of pixels; the header is believed before anything is decoded. */
    @Test
    void aBombIsRefusedByItsHeader() throws Exception {
        byte[] bomb = png(450, 450);
        for (int at : new int[] {16, 20}) {
            bomb[at] = 0;
            bomb[at + 1] = 1;
            bomb[at + 2] = 0;
            bomb[at + 3] = 0;
        }
        java.util.zip.CRC32 crc = new java.util.zip.CRC32();
        crc.update(bomb, 12, 17);
        for (int i = 0; i < 4; i++) {
            bomb[29 + i] = (byte) (crc.getValue() >> (24 - 8 * i));
        }
        assertRefused(bomb, PictureRefused.Why.TOO_MANY_PIXELS);
    }

    @Test
    void tooLargeAndTooSmallAreTold() throws Exception {
        assertRefused(new byte[PictureIntake.MOST_BYTES + 1], PictureRefused.Why.FILE_TOO_LARGE);
        assertRefused(png(300, 900), PictureRefused.Why.TOO_SMALL);
    }

    /** Where the bright upper left corner of the stored picture must be seen for each EXIF orientation. */
    @ParameterizedTest
    @CsvSource({
        "1,0,0,600,500",
        "3,599,499,600,500",
        "6,499,0,500,600",
        "8,0,599,500,600",
        "2,599,0,600,500",
        "5,0,0,500,600"
    })
    void pictureIsTurnedUpright(int orientation, int x, int y, int width, int height) {
        Raster marked = grey(600, 500);
        for (int i = 0; i < 40 * 40; i++) {
            marked.rgb()[i / 40 * 600 + i % 40] = 0xffffff;
        }
        byte[] jpeg = withOrientation(PictureIntake.encodeJpeg(marked, 0.95f), orientation);
        Raster read = PictureIntake.read(jpeg);
        assertThat(read.width()).isEqualTo(width);
        assertThat(read.height()).isEqualTo(height);
        assertThat(read.luma(x, y)).isGreaterThan(220);
    }

    @Test
    void whatIsStoredHasNoMetadata() throws Exception {
        byte[] jpeg = withOrientation(PictureIntake.encodeJpeg(grey(600, 500), 0.95f), 6);
        byte[] stored = PictureIntake.encodeForStore(PictureIntake.read(jpeg));
        var metadata = ImageMetadataReader.readMetadata(new ByteArrayInputStream(stored));
        assertThat(metadata.getFirstDirectoryOfType(ExifIFD0Directory.class)).isNull();
        assertThat(new String(stored, StandardCharsets.ISO_8859_1)).doesNotContain("Exif");
    }

    /** The same light under two profiles: the embedded one is believed, so both come out as the same sRGB code. */
    @Test
    void theEmbeddedProfileIsRespected() throws Exception {
        byte[] profile = ICC_Profile.getInstance(ColorSpace.CS_LINEAR_RGB).getData();
        Raster codes = grey(450, 450);
        Arrays.fill(codes.rgb(), 0x373737); // 55 of 255 in linear light is 128 in sRGB
        byte[] jpeg = PictureIntake.encodeJpeg(codes, 1f);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(jpeg, 0, 20); // start marker and JFIF block
        int length = profile.length + 16;
        out.write(new byte[] {(byte) 0xff, (byte) 0xe2, (byte) (length >> 8), (byte) length});
        out.write("ICC_PROFILE\0\1\1".getBytes(StandardCharsets.ISO_8859_1));
        out.write(profile);
        out.write(jpeg, 20, jpeg.length - 20);
        Raster read = PictureIntake.read(out.toByteArray());
        assertThat(read.luma(200, 200)).isBetween(125, 131);
    }

    @Test
    void shrinkingKeepsTheMean() {
        Raster half = new Raster(4, 2, new int[] {0, 0xfefefe, 0, 0xfefefe, 0xfefefe, 0, 0xfefefe, 0}).shrunkTo(2);
        assertThat(half.rgb()).containsExactly(0x7f7f7f, 0x7f7f7f);
    }

    private static void assertRefused(byte[] file, PictureRefused.Why why) {
        assertThatThrownBy(() -> PictureIntake.read(file))
                .isInstanceOfSatisfying(
                        PictureRefused.class, e -> assertThat(e.why()).isEqualTo(why));
    }

    private static Raster grey(int width, int height) {
        int[] rgb = new int[width * height];
        Arrays.fill(rgb, 0x606060);
        return new Raster(width, height, rgb);
    }

    private static byte[] png(int width, int height) throws Exception {
        var out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    /** Puts a minimal EXIF block with one tag behind the start marker. */
    private static byte[] withOrientation(byte[] jpeg, int orientation) {
        byte[] exif = {
            (byte) 0xff,
            (byte) 0xe1,
            0,
            34,
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            1,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            (byte) orientation,
            0,
            0,
            0,
            0,
            0,
            0
        };
        byte[] out = new byte[jpeg.length + exif.length];
        System.arraycopy(jpeg, 0, out, 0, 2);
        System.arraycopy(exif, 0, out, 2, exif.length);
        System.arraycopy(jpeg, 2, out, 2 + exif.length, jpeg.length - 2);
        return out;
    }
}
