package scree.core.image;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.DataBufferInt;
import java.util.stream.IntStream;

/**
 * Pixels of an upright picture as packed sRGB codes, without metadata.
 *
 * @param width 1 or more
 * @param height 1 or more
 * @param rgb row by row, 0xRRGGBB; not copied, so the maker gives it away
 */
public record Raster(int width, int height, int[] rgb) {
    public Raster {
        if (width < 1 || height < 1 || rgb.length != width * height) {
            throw new IllegalArgumentException("raster of %d × %d needs %d pixels, but got %d"
                    .formatted(width, height, width * height, rgb.length));
        }
    }

    /** Takes over the pixels of an RGB image; any other type is drawn into one first. */
    public static Raster of(BufferedImage image) {
        if (image.getType() == BufferedImage.TYPE_3BYTE_BGR && image.getRaster().getParent() == null) {
            return ofBgr(image);
        }
        BufferedImage plain = image;
        if (image.getType() != BufferedImage.TYPE_INT_RGB) {
            plain = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
            plain.getGraphics().drawImage(image, 0, 0, null);
        }
        int[] pixels = ((DataBufferInt) plain.getRaster().getDataBuffer()).getData();
        return new Raster(plain.getWidth(), plain.getHeight(), pixels);
    }

    /** What JPEG readers give; packed by hand, since drawing it costs as much as half the decoding. */
    private static Raster ofBgr(BufferedImage image) {
        byte[] bgr = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        int w = image.getWidth();
        int[] rgb = new int[w * image.getHeight()];
        IntStream.range(0, image.getHeight()).parallel().forEach(y -> {
            for (int i = y * w, at = 3 * i; i < (y + 1) * w; i++, at += 3) {
                rgb[i] = (bgr[at + 2] & 0xff) << 16 | (bgr[at + 1] & 0xff) << 8 | bgr[at] & 0xff;
            }
        });
        return new Raster(image.getWidth(), image.getHeight(), rgb);
    }

    /** Returns a copy as an image. */
    public BufferedImage toImage() {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        image.getRaster().setDataElements(0, 0, width, height, rgb);
        return image;
    }

    /** Returns a copy as JPEG writers take it, three bytes a pixel: from packed pixels they ask for each by itself. */
    BufferedImage toBgrImage() {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
        byte[] bgr = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        for (int i = 0, at = 0; i < rgb.length; i++, at += 3) {
            bgr[at] = (byte) rgb[i];
            bgr[at + 1] = (byte) (rgb[i] >> 8);
            bgr[at + 2] = (byte) (rgb[i] >> 16);
        }
        return image;
    }

    /** Returns the code of channel 0 (red) to 2 (blue), 0..255; coordinates outside are moved to the edge. */
    public int code(int x, int y, int channel) {
        int pixel = rgb[Math.min(height - 1, Math.max(0, y)) * width + Math.min(width - 1, Math.max(0, x))];
        return pixel >> (16 - 8 * channel) & 0xff;
    }

    /** Returns packed RGB at a place between pixels by their distance; beyond the picture that of its rim. */
    public int between(double x, double y) {
        int i = (int) Math.floor(x);
        int j = (int) Math.floor(y);
        double a = x - i;
        double b = y - j;
        int out = 0;
        for (int c = 0; c < 3; c++) {
            double v = (code(i, j, c) * (1 - a) + code(i + 1, j, c) * a) * (1 - b)
                    + (code(i, j + 1, c) * (1 - a) + code(i + 1, j + 1, c) * a) * b;
            out = out << 8 | (int) Math.round(v);
        }
        return out;
    }

    /** Returns 0.299 R + 0.587 G + 0.114 B in codes 0..255. */
    public int luma(int x, int y) {
        int pixel = rgb[Math.min(height - 1, Math.max(0, y)) * width + Math.min(width - 1, Math.max(0, x))];
        return (299 * (pixel >> 16 & 0xff) + 587 * (pixel >> 8 & 0xff) + 114 * (pixel & 0xff)) / 1000;
    }

    /** Returns the picture with its longer side at most {@code longest}, each new pixel the mean of those it covers. */
    public Raster shrunkTo(int longest) {
        return Math.max(width, height) <= longest
                ? this
                : Shrinking.of(width, height, longest, Shrinking.packed(rgb, width));
    }
}
