package scree.core.image;

import java.awt.image.BufferedImage;

/** A small face for lists: the upper middle of a portrait, where a face is while nothing is known of it. */
public final class Thumb {
    /** Side of the square as a share of the portrait's shorter side, and its middle's place down. House choices, by looking. */
    private static final double SIDE = 0.52;

    private static final double DOWN = 0.40;
    private static final double MIDDLE = 0.46;

    private Thumb() {}

    /** @param side of the small picture in pixels */
    public static Raster of(Raster portrait, int side) {
        int cut = (int) (SIDE * Math.min(portrait.width(), portrait.height()));
        int left = (portrait.width() - cut) / 2;
        int top = Math.max(0, (int) (DOWN * portrait.height() - MIDDLE * cut));
        var image = new BufferedImage(cut, cut, BufferedImage.TYPE_INT_RGB);
        image.getGraphics().drawImage(portrait.toImage(), -left, -top, null);
        return Raster.of(image).shrunkTo(side);
    }
}
