package scree.core.image;

import com.drew.lang.ByteArrayReader;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifReader;
import java.awt.Graphics2D;
import java.awt.color.CMMException;
import java.awt.color.ColorSpace;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.awt.image.ColorConvertOp;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;

/**
 * Lets a picture in: type told by content, parts and size told before decoding ({@link PictureFile}), read reduced so that no
 * picture takes more than {@link #MOST_DECODED_BYTES}, colours brought to sRGB by the embedded profile, turned upright by EXIF,
 * and everything but pixels left behind. Uploads are hostile until they passed here.
 */
public final class PictureIntake {
    /** House choice: a phone's best JPEG is under 15 MB. */
    public static final int MOST_BYTES = 25 * 1024 * 1024;
    /** House choice: what today's phones take at most by their usual setting; more is work without more skin in it. */
    public static final long MOST_PIXELS = 40_000_000;
    /** House choice: below it a cheek is too few pixels for a robust mean. */
    public static final int LEAST_SIDE = 400;
    /** House choice: what is read and stored; a corner mark of the card then still covers ten pixels. */
    public static final int STORED_LONGEST_SIDE = 2000;
    /** House choice: nearly the stored size; a twelve-megapixel picture is then read at every second pixel. */
    private static final int LEAST_READ_SIDE = 1900;
    /** House choice: ten at work fit into a small server beside everything else. Decoded pixels and the shrunk picture together. */
    public static final int MOST_DECODED_BYTES = 60_000_000;

    /** The WebP reader decodes whole, so fewer pixels may come: what {@link #MOST_DECODED_BYTES} holds. */
    private static final long MOST_PIXELS_WHOLE = 10_000_000;

    private static final int PACKED_PIXEL_BYTES = 4;
    private static final float STORED_QUALITY = 0.95f;

    private PictureIntake() {}

    /** Reads a file that Scree wrote itself; see {@link #read(byte[], Patience)}. */
    public static Raster read(byte[] file) {
        return read(file, Patience.ENDLESS);
    }

    /**
     * Returns the upright sRGB pixels of a JPEG, PNG or WebP file, the longer side at most {@link #STORED_LONGEST_SIDE}.
     *
     * @throws PictureRefused with the reason when it is none, too large, too small or broken, or when patience is over
     */
    public static Raster read(byte[] file, Patience patience) {
        PictureFile told = PictureFile.of(file);
        try (ImageInputStream in = new KeptBytes(file, told.kept(), patience)) {
            ImageReader reader = readerOf(told.format());
            try {
                ReadingWatch watch = new ReadingWatch(patience);
                reader.addIIOReadWarningListener(watch);
                reader.addIIOReadProgressListener(watch);
                reader.setInput(in, true, true);
                BufferedImage image = reader.read(0, reduced(reader, told));
                if (watch.brokeOff()) {
                    throw new PictureRefused(PictureRefused.Why.BROKEN);
                }
                return upright(shrunk(image), orientationOf(told));
            } finally {
                reader.dispose();
            }
        } catch (ReadingWatch.Stopped | KeptBytes.Over e) {
            throw new PictureRefused(PictureRefused.Why.TOO_SLOW);
        } catch (IOException e) {
            throw new PictureRefused(patience.over() ? PictureRefused.Why.TOO_SLOW : PictureRefused.Why.BROKEN);
        } catch (IllegalArgumentException
                | IllegalStateException
                | IndexOutOfBoundsException
                | NegativeArraySizeException
                | ArithmeticException
                | NullPointerException
                | ClassCastException
                | CMMException
                | OutOfMemoryError e) { // whatever a decoder stumbles over in a hostile file
            throw new PictureRefused(PictureRefused.Why.BROKEN);
        }
    }

    /**
     * Returns what decoding a file will take at most in bytes, told from its first parts; for whoever shares memory out.
     *
     * @throws PictureRefused when it is no picture
     */
    public static int bytesToDecode(byte[] file) {
        PictureFile told = PictureFile.of(file);
        if (told.width() == 0) {
            return MOST_DECODED_BYTES;
        }
        long pixels = (long) told.width() * told.height();
        int step = step(told.width(), told.height(), told.bytesPerPixel());
        return (int) Math.min(MOST_DECODED_BYTES, pixels / step / step * told.bytesPerPixel() + shrunkBytes(pixels));
    }

    /** Returns make and model of the camera as the file says, at most 80 characters; nothing else of the metadata is looked at. */
    public static Optional<String> cameraOf(byte[] file) {
        try {
            ExifIFD0Directory exif = exif(PictureFile.of(file));
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
        } catch (RuntimeException e) {
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
            writer.write(null, new IIOImage(raster.toBgrImage(), null, null), param);
            out.flush();
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new IllegalStateException("a JPEG could not be written in memory", e);
        } finally {
            writer.dispose();
        }
    }

    private static ImageReader readerOf(PictureFile.Format format) {
        String name = format.name().toLowerCase(Locale.ROOT);
        Iterator<ImageReader> readers = ImageIO.getImageReadersByFormatName(name);
        if (!readers.hasNext()) {
            throw new LinkageError("no reader for " + name + " on the class path");
        }
        return readers.next();
    }

    /** Refuses by size and says how many pixels the reader may step over. */
    private static ImageReadParam reduced(ImageReader reader, PictureFile told) throws IOException {
        int width = told.width() > 0 ? told.width() : reader.getWidth(0);
        int height = told.height() > 0 ? told.height() : reader.getHeight(0);
        long most = told.format() == PictureFile.Format.WEBP ? MOST_PIXELS_WHOLE : MOST_PIXELS;
        if ((long) width * height > most) {
            throw new PictureRefused(PictureRefused.Why.TOO_MANY_PIXELS);
        }
        if (Math.min(width, height) < LEAST_SIDE) {
            throw new PictureRefused(PictureRefused.Why.TOO_SMALL);
        }
        ImageReadParam param = reader.getDefaultReadParam();
        int step = step(width, height, told.bytesPerPixel());
        param.setSourceSubsampling(step, step, 0, 0);
        return param;
    }

    /**
     * Returns the step from one pixel that is read to the next: as long as what is stored allows, longer where it would not fit
     * into {@link #MOST_DECODED_BYTES}. What is left over the stored size is averaged.
     */
    private static int step(int width, int height, int bytesPerPixel) {
        long pixels = (long) width * height;
        int step = Math.max(1, Math.max(width, height) / LEAST_READ_SIDE);
        while (pixels / step / step * bytesPerPixel + shrunkBytes(pixels) > MOST_DECODED_BYTES) {
            step++;
        }
        return step;
    }

    private static long shrunkBytes(long pixels) {
        return PACKED_PIXEL_BYTES * Math.min(pixels, (long) STORED_LONGEST_SIDE * STORED_LONGEST_SIDE);
    }

    private static Raster shrunk(BufferedImage image) {
        return Shrinking.of(toSrgb(image), STORED_LONGEST_SIDE);
    }

    private static BufferedImage toSrgb(BufferedImage image) {
        ColorSpace space = image.getColorModel().getColorSpace();
        if (image.getType() == BufferedImage.TYPE_3BYTE_BGR || image.getType() == BufferedImage.TYPE_INT_RGB) {
            return image; // by their definition sRGB and opaque
        }
        BufferedImage opaque = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_3BYTE_BGR);
        if (!space.isCS_sRGB() && !image.getColorModel().hasAlpha()) {
            return new ColorConvertOp(null).filter(image, opaque);
        }
        Graphics2D g = opaque.createGraphics();
        g.drawImage(image, 0, 0, null);
        g.dispose();
        return opaque;
    }

    private static int orientationOf(PictureFile told) {
        try {
            ExifIFD0Directory exif = exif(told);
            boolean has = exif != null && exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION);
            return has ? exif.getInt(ExifIFD0Directory.TAG_ORIENTATION) : 1;
        } catch (MetadataException | RuntimeException e) {
            return 1; // broken metadata is no reason to refuse good pixels; it is dropped anyway
        }
    }

    private static ExifIFD0Directory exif(PictureFile told) {
        if (told.exif().length == 0) {
            return null;
        }
        Metadata metadata = new Metadata();
        new ExifReader().extract(new ByteArrayReader(told.exif()), metadata);
        return metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
    }

    private static Raster upright(Raster raster, int orientation) {
        if (orientation <= 1 || orientation > 8) {
            return raster;
        }
        int w = raster.width();
        int h = raster.height();
        boolean swapped = orientation >= 5;
        BufferedImage turned = new BufferedImage(swapped ? h : w, swapped ? w : h, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = turned.createGraphics();
        g.drawImage(raster.toImage(), turnOf(orientation, w, h), null);
        g.dispose();
        return Raster.of(turned);
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
