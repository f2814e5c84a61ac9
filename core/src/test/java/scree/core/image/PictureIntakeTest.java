package scree.core.image;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

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

    /** Writers take three bytes a pixel, blue first: no channel may stand in another's place. */
    @Test
    void everyColourComesBackFromAJpegAsItself() {
        int[] colours = {0xff0000, 0x00ff00, 0x0000ff, 0x6b3f2a, 0xe8c4a0, 0x102030};
        int side = PictureIntake.LEAST_SIDE;
        for (int colour : colours) {
            int[] rgb = new int[side * side];
            Arrays.fill(rgb, colour);
            Raster back = PictureIntake.read(PictureIntake.encodeJpeg(new Raster(side, side, rgb), .95f));
            for (int channel = 0; channel < 3; channel++) {
                assertThat(back.code(side / 2, side / 2, channel))
                        .as("%06x, channel %d", colour, channel)
                        .isCloseTo(colour >> (16 - 8 * channel) & 0xff, within(3));
            }
        }
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
        Raster read = PictureIntake.read(withProfile(PictureIntake.encodeJpeg(codes, 1f), profile));
        assertThat(read.luma(200, 200)).isBetween(125, 131);
    }

    private static byte[] withProfile(byte[] jpeg, byte[] profile) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(jpeg, 0, 20); // start marker and JFIF block
        int length = profile.length + 16;
        out.write(new byte[] {(byte) 0xff, (byte) 0xe2, (byte) (length >> 8), (byte) length});
        out.write("ICC_PROFILE\0\1\1".getBytes(StandardCharsets.ISO_8859_1));
        out.write(profile);
        out.write(jpeg, 20, jpeg.length - 20);
        return out.toByteArray();
    }

    /** A decoder fills what is missing with grey and says nothing: a face cut in half would be read as a grey chin. */
    @Test
    void aJpegCutInHalfIsBroken() {
        byte[] jpeg = PictureIntake.encodeJpeg(noise(700, 600), 0.9f);
        assertRefused(Arrays.copyOf(jpeg, jpeg.length / 2), PictureRefused.Why.BROKEN);
        byte[] mended = Arrays.copyOf(jpeg, jpeg.length / 2);
        mended[mended.length - 2] = (byte) 0xff;
        mended[mended.length - 1] = (byte) 0xd9; // an end marker glued on does not make it whole
        assertRefused(mended, PictureRefused.Why.BROKEN);
    }

    @Test
    void aPngCutInHalfIsBroken() throws Exception {
        byte[] png = png(noise(500, 500).toImage());
        assertRefused(Arrays.copyOf(png, png.length / 2), PictureRefused.Why.BROKEN);
    }

    /** 500 scans of a few bytes each worked for twelve minutes. */
    @Test
    void aPictureOfMoreScansThanAnyCameraWritesIsRefusedBeforeDecoding() throws Exception {
        byte[] progressive = progressive(noise(450, 450));
        assertThat(PictureIntake.read(progressive).width()).isEqualTo(450);
        int last = lastScan(progressive);
        ByteArrayOutputStream many = new ByteArrayOutputStream();
        many.write(progressive, 0, last);
        for (int i = 0; i < 500; i++) {
            many.write(progressive, last, progressive.length - 2 - last);
        }
        many.write(new byte[] {(byte) 0xff, (byte) 0xd9});
        assertRefused(many.toByteArray(), PictureRefused.Why.BROKEN);
    }

    /** Whoever asked waits only so long; the decoder is asked every few bytes and between lines, not at its end. */
    @Test
    void readingStopsWhenPatienceIsOver() throws Exception {
        byte[][] files = {
            PictureIntake.encodeJpeg(noise(900, 900), .9f),
            progressive(noise(900, 900)),
            png(noise(900, 900).toImage())
        };
        for (byte[] file : files) {
            int[] asked = {0};
            assertThatThrownBy(() -> PictureIntake.read(file, () -> ++asked[0] > 20))
                    .isInstanceOfSatisfying(
                            PictureRefused.class, e -> assertThat(e.why()).isEqualTo(PictureRefused.Why.TOO_SLOW));
            assertThat(asked[0]).isLessThan(30);
        }
    }

    /** A text that swells to a gigabyte stands in the file, but no decoder sees it. */
    @Test
    void textsOfAFileAreLeftOutUnread() throws Exception {
        byte[] png = png(500, 500);
        byte[] bomb = withChunk(png, "zTXt", new byte[3000]);
        PictureFile told = PictureFile.of(bomb);
        assertThat(told.kept().stream().mapToInt(KeptBytes.Span::length).sum()).isEqualTo(png.length);
        assertThat(PictureIntake.read(bomb).width()).isEqualTo(500);
    }

    @Test
    void aProfileThatClaimsMoreThanItHoldsOrSwellsPastAnyProfileIsRefused() throws Exception {
        byte[] profile = ICC_Profile.getInstance(ColorSpace.CS_LINEAR_RGB).getData();
        profile[0] = 0x7f;
        assertRefused(withProfile(PictureIntake.encodeJpeg(grey(450, 450), 1f), profile), PictureRefused.Why.BROKEN);
        java.util.zip.Deflater deflater = new java.util.zip.Deflater();
        deflater.setInput(new byte[20_000_000]);
        deflater.finish();
        byte[] packed = new byte[100_000];
        int length = deflater.deflate(packed);
        byte[] chunk = new byte[length + 3];
        chunk[0] = 'x';
        System.arraycopy(packed, 0, chunk, 3, length);
        assertRefused(withChunk(png(500, 500), "iCCP", chunk), PictureRefused.Why.BROKEN);
    }

    /** The larger, the coarser it is read: what decoding takes stays bounded, and the picture stays the same picture. */
    @Test
    void aLargePictureIsReadReduced() {
        Raster large = new Raster(5200, 4000, new int[5200 * 4000]);
        for (int i = 0; i < large.rgb().length; i++) {
            large.rgb()[i] = i % 5200 < 2600 ? 0xc08060 : 0x305070;
        }
        byte[] jpeg = PictureIntake.encodeJpeg(large, .9f);
        assertThat(PictureIntake.bytesToDecode(jpeg)).isLessThanOrEqualTo(PictureIntake.MOST_DECODED_BYTES);
        Raster read = PictureIntake.read(jpeg);
        assertThat(read.width()).isEqualTo(2000);
        assertThat(read.height()).isBetween(1538, 1539);
        assertThat(read.code(500, 700, 0)).isBetween(0xbe, 0xc2);
        assertThat(read.code(1500, 700, 2)).isBetween(0x6e, 0x72);
    }

    @Test
    void sixteenBitPicturesAreReadReducedToo() throws Exception {
        BufferedImage deep = new BufferedImage(3000, 3000, BufferedImage.TYPE_USHORT_GRAY);
        byte[] png = png(deep);
        assertThat(PictureIntake.bytesToDecode(png)).isLessThanOrEqualTo(PictureIntake.MOST_DECODED_BYTES);
        assertThat(PictureIntake.read(png).width()).isEqualTo(2000);
    }

    /** No file, however mangled, does anything but become a picture or be refused. */
    @Test
    void mangledFilesAreRefusedOrRead() throws Exception {
        byte[][] files = {
            PictureIntake.encodeJpeg(noise(420, 420), .7f),
            progressive(noise(420, 420)),
            png(noise(420, 420).toImage())
        };
        java.util.Random random = new java.util.Random(11);
        for (int i = 0; i < 240; i++) {
            byte[] file = files[i % 3].clone();
            for (int k = random.nextInt(12); k >= 0; k--) {
                file[random.nextInt(k % 2 == 0 ? 700 : file.length)] = (byte) random.nextInt(256);
            }
            try {
                assertThat(PictureIntake.read(file).width()).isBetween(1, 2000);
            } catch (PictureRefused refused) {
                assertThat(refused.why()).as("mangling %d", i).isNotEqualTo(PictureRefused.Why.TOO_SLOW);
            }
        }
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

    private static Raster noise(int width, int height) {
        java.util.Random random = new java.util.Random(3);
        Raster noise = grey(width, height);
        Arrays.setAll(noise.rgb(), i -> random.nextInt(0x1000000));
        return noise;
    }

    private static byte[] png(int width, int height) throws Exception {
        return png(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB));
    }

    private static byte[] png(BufferedImage image) throws Exception {
        var out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    /** Puts a chunk behind a PNG's header. */
    private static byte[] withChunk(byte[] png, String name, byte[] data) throws Exception {
        var chunk = new ByteArrayOutputStream();
        var out = new java.io.DataOutputStream(chunk);
        out.writeInt(data.length);
        out.write(name.getBytes(StandardCharsets.US_ASCII));
        out.write(data);
        java.util.zip.CRC32 crc = new java.util.zip.CRC32();
        crc.update(chunk.toByteArray(), 4, data.length + 4);
        out.writeInt((int) crc.getValue());
        var whole = new ByteArrayOutputStream();
        whole.write(png, 0, 33);
        whole.write(chunk.toByteArray());
        whole.write(png, 33, png.length - 33);
        return whole.toByteArray();
    }

    private static byte[] progressive(Raster raster) throws Exception {
        var writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        var param = writer.getDefaultWriteParam();
        param.setProgressiveMode(javax.imageio.ImageWriteParam.MODE_DEFAULT);
        var bytes = new ByteArrayOutputStream();
        try (var out = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(out);
            writer.write(null, new javax.imageio.IIOImage(raster.toImage(), null, null), param);
        }
        return bytes.toByteArray();
    }

    private static int lastScan(byte[] jpeg) {
        for (int i = jpeg.length - 4; ; i--) {
            if ((jpeg[i] & 0xff) == 0xff && (jpeg[i + 1] & 0xff) == 0xda) {
                return i;
            }
        }
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
