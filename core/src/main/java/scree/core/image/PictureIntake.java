package scree.core.image;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Graphics2D;
import java.awt.color.ColorSpace;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.awt.image.ColorConvertOp;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Iterator;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;

/**
 * Lets a picture in: type told by content, size told by the header before decoding, colours brought to sRGB by the embedded
 * profile, turned upright by EXIF, and everything but pixels left behind. Uploads are hostile until they passed here.
 */
public final class PictureIntake {
    /** House choice: a phone's best JPEG is under 15 MB. */
    public static final int MOST_BYTES = 25 * 1024 * 1024;
    /** House choice: 40 megapixels decode into 160 MB, which a small server can bear a few times at once. */
    public static final long MOST_PIXELS = 40_000_000;
    /** House choice: below it a cheek is too few pixels for a robust mean. */
    public static final int LEAST_SIDE = 400;
    /** House choice: what is stored; a corner mark of the card then still covers ten pixels. */
    public static final int STORED_LONGEST_SIDE = 2000;

    private static final float STORED_QUALITY = 0.95f;

    private PictureIntake() {}

    /**
     * Returns the upright sRGB pixels of a JPEG, PNG or WebP file.
     *
     * @throws PictureRefused with the reason when it is none, too large, too small or broken
     */
    public static Raster read(byte[] file) {
        if (file.length == 0) {
            throw new PictureRefused(PictureRefused.Why.EMPTY);
        }
        if (file.length > MOST_BYTES) {
            throw new PictureRefused(PictureRefused.Why.FILE_TOO_LARGE);
        }
        String format = formatOf(file);
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            ImageReader reader = readerOf(format);
            try {
                reader.setInput(in, true, false);
                refuseBySize(reader);
                return Raster.of(upright(toSrgb(reader.read(0)), orientationOf(file)));
            } finally {
                reader.dispose();
            }
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException | NegativeArraySizeException e) {
            throw new PictureRefused(PictureRefused.Why.BROKEN);
        }
    }

    /** Returns make and model of the camera as the file says, at most 80 characters; nothing else of the metadata is looked at. */
    public static Optional<String> cameraOf(byte[] file) {
        try {
            Metadata metadata = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file));
            ExifIFD0Directory exif = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
            if (exif == null) {
                return Optional.empty();
            }
            String said = Stream.of(
                            exif.getString(ExifIFD0Directory.TAG_MAKE), exif.getString(ExifIFD0Directory.TAG_MODEL))
                    .filter(Objects::nonNull)
                    .map(text -> text.replaceAll("[^\\p{L}\\p{N} .,+()-]", "").strip())
                    .filter(text -> !text.isEmpty())
                    .collect(Collectors.joining(" "));
            return said.isEmpty() ? Optional.empty() : Optional.of(said.substring(0, Math.min(80, said.length())));
        } catch (ImageProcessingException | IOException | RuntimeException e) {
            return Optional.empty(); // a broken header says nothing; the picture itself is judged elsewhere
        }
    }

    /** Returns the JPEG that is kept: shrunk to {@link #STORED_LONGEST_SIDE}, pixels only. */
    public static byte[] encodeForStore(Raster raster) {
        return encodeJpeg(raster.shrunkTo(STORED_LONGEST_SIDE), STORED_QUALITY);
    }

    /** Returns a JPEG of the pixels, without any metadata. */
    public static byte[] encodeJpeg(Raster raster, float quality) {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (var bytes = new ByteArrayOutputStream();
                var out = ImageIO.createImageOutputStream(bytes)) {
            ImageWriteParam param = writer.getDefaultWriteParam();
            param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            param.setCompressionQuality(quality);
            writer.setOutput(out);
            writer.write(null, new IIOImage(raster.toImage(), null, null), param);
            out.flush();
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new IllegalStateException("a JPEG could not be written in memory", e);
        } finally {
            writer.dispose();
        }
    }

    private static String formatOf(byte[] f) {
        if (f.length > 3 && (f[0] & 0xff) == 0xff && (f[1] & 0xff) == 0xd8 && (f[2] & 0xff) == 0xff) {
            return "jpeg";
        }
        if (f.length > 8 && (f[0] & 0xff) == 0x89 && text(f, 1, 3).equals("PNG")) {
            return "png";
        }
        if (f.length > 12 && text(f, 0, 4).equals("RIFF") && text(f, 8, 4).equals("WEBP")) {
            return "webp";
        }
        String brand = f.length > 12 ? text(f, 4, 8).toLowerCase(Locale.ROOT) : "";
        boolean heic = brand.startsWith("ftyphe") || brand.equals("ftypmif1") || brand.equals("ftypmsf1");
        throw new PictureRefused(heic ? PictureRefused.Why.HEIC : PictureRefused.Why.NOT_A_PICTURE);
    }

    private static String text(byte[] file, int from, int length) {
        return new String(file, from, length, StandardCharsets.ISO_8859_1);
    }

    private static ImageReader readerOf(String format) {
        Iterator<ImageReader> readers = ImageIO.getImageReadersByFormatName(format);
        if (!readers.hasNext()) {
            throw new IllegalStateException("no reader for " + format + " on the class path");
        }
        return readers.next();
    }

    private static void refuseBySize(ImageReader reader) throws IOException {
        long width = reader.getWidth(0);
        long height = reader.getHeight(0);
        if (width * height > MOST_PIXELS) {
            throw new PictureRefused(PictureRefused.Why.TOO_MANY_PIXELS);
        }
        if (Math.min(width, height) < LEAST_SIDE) {
            throw new PictureRefused(PictureRefused.Why.TOO_SMALL);
        }
    }

    private static BufferedImage toSrgb(BufferedImage image) {
        if (image.getType() == BufferedImage.TYPE_3BYTE_BGR) {
            return image; // by its definition sRGB and opaque
        }
        BufferedImage opaque = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        ColorSpace space = image.getColorModel().getColorSpace();
        if (!space.isCS_sRGB() && !image.getColorModel().hasAlpha()) {
            return new ColorConvertOp(null).filter(image, opaque);
        }
        opaque.getGraphics().drawImage(image, 0, 0, null);
        return opaque;
    }

    private static int orientationOf(byte[] file) {
        try {
            Metadata metadata = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file));
            ExifIFD0Directory exif = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
            boolean told = exif != null && exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION);
            return told ? exif.getInt(ExifIFD0Directory.TAG_ORIENTATION) : 1;
        } catch (ImageProcessingException | MetadataException | IOException | RuntimeException e) {
            return 1; // broken metadata is no reason to refuse good pixels; it is dropped anyway
        }
    }

    private static BufferedImage upright(BufferedImage image, int orientation) {
        if (orientation <= 1 || orientation > 8) {
            return image;
        }
        int w = image.getWidth();
        int h = image.getHeight();
        boolean swapped = orientation >= 5;
        BufferedImage turned = new BufferedImage(swapped ? h : w, swapped ? w : h, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = turned.createGraphics();
        g.drawImage(image, turnOf(orientation, w, h), null);
        g.dispose();
        return turned;
    }

    /** The eight cases of EXIF 2.3, tag 0x0112, as m00 m10 m01 m11 m02 m12. */
    private static AffineTransform turnOf(int orientation, int w, int h) {
        return switch (orientation) {
            case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
            case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
            case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
            case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
            case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
            case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
            default -> new AffineTransform(0, -1, 1, 0, 0, w);
        };
    }
}
