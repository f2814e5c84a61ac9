package scree.core.image;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.awt.image.DataBufferInt;
import java.util.stream.IntStream;

/** Makes a picture smaller, each new pixel the mean of those it covers, straight from what a decoder gave: line by line, on all cores. */
final class Shrinking {
    private final int[] column;
    private final int[] perColumn;
    private final int width;
    private final int height;

    /** Adds one line of the large picture to the sums of the small one's columns. */
    @FunctionalInterface
    interface Lines {
        void add(int y, int[] column, long[] sums);
    }

    private Shrinking(int from, int width, int height) {
        this.width = width;
        this.height = height;
        column = new int[from];
        perColumn = new int[width];
        for (int i = 0; i < from; i++) {
            column[i] = (int) ((long) i * width / from);
            perColumn[column[i]]++;
        }
    }

    /** @param image packed RGB or three bytes a pixel, blue first */
    static Raster of(BufferedImage image, int longest) {
        if (image.getWidth() <= longest && image.getHeight() <= longest) {
            return Raster.of(image);
        }
        int w = image.getWidth();
        if (image.getType() == BufferedImage.TYPE_INT_RGB) {
            return of(
                    w,
                    image.getHeight(),
                    longest,
                    packed(((DataBufferInt) image.getRaster().getDataBuffer()).getData(), w));
        }
        byte[] bgr = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        return of(w, image.getHeight(), longest, (y, column, sums) -> {
            for (int x = 0, at = 3 * y * w; x < w; x++, at += 3) {
                sums[column[x]] +=
                        (long) (bgr[at + 2] & 0xff) << 42 | (long) (bgr[at + 1] & 0xff) << 21 | bgr[at] & 0xff;
            }
        });
    }

    static Lines packed(int[] rgb, int width) {
        return (y, column, sums) -> {
            int base = y * width;
            for (int x = 0; x < width; x++) {
                long p = rgb[base + x];
                sums[column[x]] += (p & 0xff0000) << 26 | (p & 0xff00) << 13 | p & 0xff;
            }
        };
    }

    /** @param longest of the small picture, less than the longer side of the large one */
    static Raster of(int fromWidth, int fromHeight, int longest, Lines lines) {
        double scale = (double) Math.max(fromWidth, fromHeight) / longest;
        int w = Math.max(1, (int) Math.round(fromWidth / scale));
        int h = Math.max(1, (int) Math.round(fromHeight / scale));
        return new Shrinking(fromWidth, w, h).from(lines, fromHeight);
    }

    /** Three channels in one long of 21 bits each. */
    private Raster from(Lines lines, int fromHeight) {
        int[] out = new int[width * height];
        IntStream.range(0, height).parallel().forEach(line -> {
            int top = (int) (((long) line * fromHeight + height - 1) / height);
            int bottom = (int) (((line + 1L) * fromHeight + height - 1) / height);
            long[] sums = new long[width];
            for (int y = top; y < bottom; y++) {
                lines.add(y, column, sums);
            }
            write(out, line * width, sums, bottom - top);
        });
        return new Raster(width, height, out);
    }

    private void write(int[] out, int at, long[] sums, int rows) {
        for (int x = 0; x < sums.length; x++) {
            int n = perColumn[x] * rows;
            int r = ((int) (sums[x] >> 42) + n / 2) / n;
            int g = ((int) (sums[x] >> 21 & 0x1fffff) + n / 2) / n;
            int b = ((int) (sums[x] & 0x1fffff) + n / 2) / n;
            out[at + x] = r << 16 | g << 8 | b;
        }
    }
}
