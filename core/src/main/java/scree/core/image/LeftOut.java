package scree.core.image;

import java.awt.image.BufferedImage;
import java.util.List;

/** Draws which pixels of the zones were left out of the means: a transparent layer to lay over the picture. */
public final class LeftOut {
    /** Greys and hatching only: a hue here would change how the skin beside it looks. */
    private static final int WHITE = 0xE6FFFFFF;

    private static final int BLACK = 0xE6000000;
    private static final int GREY = 0xB3808080;

    private LeftOut() {}

    /** Returns the layer at the picture's size: shine white, shadow and hair hatched one way, clipped the other, features grey. */
    public static BufferedImage layer(Raster picture, List<List<Point>> zones, List<List<Point>> features, Bare bare) {
        BufferedImage layer = new BufferedImage(picture.width(), picture.height(), BufferedImage.TYPE_INT_ARGB);
        for (List<Point> zone : zones) {
            SortedPixels pixels = SortedPixels.in(picture, zone, features, bare, Integer.MAX_VALUE);
            for (int i = 0; i < pixels.at().length; i++) {
                int x = pixels.at()[i] % picture.width();
                int y = pixels.at()[i] / picture.width();
                layer.setRGB(x, y, shade(pixels.kindOf(i), x, y));
            }
        }
        return layer;
    }

    /** Shadow and clipping are hatched in black and white, so that they show on fair and on deep skin. */
    private static int shade(SortedPixels.Kind kind, int x, int y) {
        return switch (kind) {
            case SKIN -> 0;
            case SHINE -> WHITE;
            case SHADOW -> (x + y) / 3 % 3 == 0 ? WHITE : BLACK;
            case CLIPPED -> Math.floorMod(x - y, 6) < 3 ? WHITE : BLACK;
            case FEATURE -> GREY;
        };
    }
}
