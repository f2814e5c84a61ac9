package scree.core.shade;

import scree.core.colour.Check;
import scree.core.colour.Lab;

/**
 * What a product adds where the light glances off it.
 *
 * @param colour of the glint; its lightness does not matter
 * @param glint luminance Y that one usual coat adds at the glint, of a perfect white, 0.005 to 0.5
 */
public record Sheen(Lab colour, double glint) {
    public static final double LEAST = 0.005;
    public static final double MOST = 0.5;

    public Sheen {
        Check.inRange("glint", glint, LEAST, MOST, "soft is 0.05, clear 0.08, pearl 0.10");
    }
}
