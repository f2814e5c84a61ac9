package scree.core.skin;

import scree.core.colour.Lab;
import scree.core.image.ZoneSample;

/**
 * One zone as read, left and right taken together in linear light.
 *
 * @param colour under D65
 * @param spread of the kept pixels' lightness in L*
 * @param sample counts of kept and left-out pixels, both sides
 * @param metered whether a colour meter read it: then no picture's light touches it
 */
public record ZoneReading(Zone zone, Lab colour, double spread, ZoneSample sample, boolean metered) {
    /** A zone read in a picture. */
    public ZoneReading(Zone zone, Lab colour, double spread, ZoneSample sample) {
        this(zone, colour, spread, sample, false);
    }
}
