package scree.core.image;

import java.awt.image.BufferedImage;
import java.util.List;

/** Draws which pixels of the zones were left out of the means: a transparent layer to lay over the picture. */
public final class LeftOut {
    /** Greys and hatching only: a hue here would change how the skin beside it looks. */
    private static final int[] SHADES = {0, 0xE6FFFFFF, 0xD9000000, 0xE6FFFFFF, 0xB3808080};

    private LeftOut() {}

    /** Returns the layer at the picture's size: shine white, shadow and hair black, clipped hatched, features grey. */
    public static BufferedImage layer(Raster picture, List<List<Point>> zones, List<List<Point>> features) {
        BufferedImage layer = new BufferedImage(picture.width(), picture.height(), BufferedImage.TYPE_INT_ARGB);
        for (List<Point> zone : zones) {
            SortedPixels pixels = SortedPixels.in(picture, zone, features, Integer.MAX_VALUE);
            for (int i = 0; i < pixels.at().length; i++) {
                int x = pixels.at()[i] % picture.width();
                int y = pixels.at()[i] / picture.width();
                boolean gap = pixels.kindOf(i) == SortedPixels.Kind.CLIPPED && (x + y) / 3 % 2 == 0;
                layer.setRGB(x, y, gap ? 0xE6000000 : SHADES[pixels.kind()[i]]);
            }
        }
        return layer;
    }
}
