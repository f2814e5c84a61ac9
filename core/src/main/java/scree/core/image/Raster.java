package scree.core.image;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;

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
        BufferedImage plain = image;
        if (image.getType() != BufferedImage.TYPE_INT_RGB) {
            plain = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
            plain.getGraphics().drawImage(image, 0, 0, null);
        }
        int[] pixels = ((DataBufferInt) plain.getRaster().getDataBuffer()).getData();
        return new Raster(plain.getWidth(), plain.getHeight(), pixels);
    }

    /** Returns a copy as an image. */
    public BufferedImage toImage() {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        image.getRaster().setDataElements(0, 0, width, height, rgb);
        return image;
    }

    /** Returns the code of channel 0 (red) to 2 (blue), 0..255; coordinates outside are moved to the edge. */
    public int code(int x, int y, int channel) {
        int pixel = rgb[Math.min(height - 1, Math.max(0, y)) * width + Math.min(width - 1, Math.max(0, x))];
        return pixel >> (16 - 8 * channel) & 0xff;
    }

    /** Returns 0.299 R + 0.587 G + 0.114 B in codes 0..255. */
    public int luma(int x, int y) {
        int pixel = rgb[Math.min(height - 1, Math.max(0, y)) * width + Math.min(width - 1, Math.max(0, x))];
        return (299 * (pixel >> 16 & 0xff) + 587 * (pixel >> 8 & 0xff) + 114 * (pixel & 0xff)) / 1000;
    }

    /** Returns the picture with its longer side at most {@code longest}, each new pixel the mean of those it covers. */
    public Raster shrunkTo(int longest) {
        double scale = (double) Math.max(width, height) / longest;
        return scale <= 1 ? this : shrunk(scale);
    }

    private Raster shrunk(double scale) {
        int w = Math.max(1, (int) Math.round(width / scale));
        int h = Math.max(1, (int) Math.round(height / scale));
        int[] out = new int[w * h];
        int[] lefts = edges(w, width);
        int[] tops = edges(h, height);
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                out[y * w + x] = mean(lefts[x], Math.max(lefts[x] + 1, lefts[x + 1]), tops[y], tops[y + 1]);
            }
        }
        return new Raster(w, h, out);
    }

    private static int[] edges(int parts, int length) {
        int[] edges = new int[parts + 1];
        for (int i = 0; i <= parts; i++) {
            edges[i] = (int) ((long) i * length / parts);
        }
        return edges;
    }

    private int mean(int left, int right, int top, int bottom) {
        int r = 0;
        int g = 0;
        int b = 0;
        for (int y = top; y < bottom; y++) {
            for (int i = y * width + left; i < y * width + right; i++) {
                r += rgb[i] >> 16 & 0xff;
                g += rgb[i] >> 8 & 0xff;
                b += rgb[i] & 0xff;
            }
        }
        int n = (right - left) * (bottom - top);
        return (r + n / 2) / n << 16 | (g + n / 2) / n << 8 | (b + n / 2) / n;
    }
}
